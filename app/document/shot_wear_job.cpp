#include "document/shot_wear_job.h"

namespace enkinet::app {

void ShotWearJob::follow(const Document& document) {
    if (!turnTo(document)) return;
    m_job.ask([of = m_of, from = m_from](const std::stop_token&, const auto& post) {
        post({of, from, results::calcShotWear(*of, from->puppets)});
    });
}

} // namespace enkinet::app
