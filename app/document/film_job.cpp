#include "document/film_job.h"
#include <QCoreApplication>
#include <QPointer>
#include <mutex>

namespace enkinet::app {

struct FilmJob::Box {
    std::mutex mutex;
    State latest;
};

FilmJob::FilmJob(QObject* parent) : QObject(parent), m_box(std::make_shared<Box>()) {}
FilmJob::~FilmJob() = default;

void FilmJob::follow(const Document& document) {
    if (!document.hasPuppet() || document.isWorking()) return;
    if (m_askedOf == document.value() && m_askedFrom == document.sharedResult()) return;
    m_askedOf = document.value(), m_askedFrom = document.sharedResult();
    m_worker.ask(
        [box = m_box, of = m_askedOf, from = m_askedFrom, self = QPointer<FilmJob>(this)](const std::stop_token& stop) {
            auto known = std::make_shared<Known>();
            known->of = of, known->result = from;
            known->film = results::calcFilm(*of, from->puppets);
            if (stop.stop_requested()) return;
            {
                const std::lock_guard lock(box->mutex);
                box->latest = std::move(known);
            }
            QMetaObject::invokeMethod(qApp, [self] {
                if (self) self->take();
            });
        });
}

void FilmJob::take() {
    {
        const std::lock_guard lock(m_box->mutex);
        if (m_state == m_box->latest) return;
        m_state = m_box->latest;
    }
    Q_EMIT changed();
}

bool FilmJob::wait(int ms) {
    const bool idle = m_worker.waitIdle(ms);
    take();
    return idle;
}

} // namespace enkinet::app
