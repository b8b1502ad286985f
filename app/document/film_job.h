#pragma once
// What the film wears, worked out beside the window.
#include "document/answer_job.h"
#include "document/document.h"
#include "results/film.h"

namespace enkinet::app {

class FilmJob : public QObject {
    Q_OBJECT
public:
    struct Known {
        Document::Value of;
        std::shared_ptr<const results::ProductionResult> from;
        results::Film film;
    };
    using State = AnswerJob<Known>::State;

    explicit FilmJob(QObject* parent = nullptr) : QObject(parent), m_job([this] { Q_EMIT changed(); }) {}
    /// For the document's value and results, where they are not what was asked for already.
    void follow(const Document& document);
    State state() const { return m_job.state(); }
    bool wait(int ms) { return m_job.wait(ms); }

Q_SIGNALS:
    void changed();

private:
    Document::Value m_of;
    std::shared_ptr<const results::ProductionResult> m_from;
    AnswerJob<Known> m_job;
};

} // namespace enkinet::app
