#include "document/film_job.h"

namespace enkinet::app {

void FilmJob::leave(const Document& document) {
    if (!document.hasPuppet())
        forget();
    else if (m_of && m_of != document.value())
        m_job.stop(), m_of.reset();
}

void FilmJob::forget() {
    m_of.reset(), m_from.reset();
    m_job.forget();
}

void FilmJob::follow(const Document& document) {
    leave(document);
    if (!document.hasPuppet() || document.isWorking()) return;
    if (m_of == document.value() && m_from == document.sharedResult()) return;
    m_of = document.value(), m_from = document.sharedResult();
    m_job.ask([of = m_of, from = m_from](const std::stop_token&, const auto& post) {
        post({of, from, results::calcFilm(*of, from->puppets)});
    });
}

} // namespace enkinet::app
