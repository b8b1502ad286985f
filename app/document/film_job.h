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
    /// What is under way for another value than the document's will not come; of an empty bench nothing is known.
    void leave(const Document& document);
    /// Another production is on the bench.
    void forget();
    /// What is known last, of its own value: while a newer answer is worked out, the one before.
    State state() const { return m_job.state(); }
    /// The same where it is of this very document, else null.
    State now(const Document& document) const {
        const State known = m_job.state();
        return known && known->of == document.value() && !document.isWorking() ? known : nullptr;
    }
    bool wait(int ms) { return m_job.wait(ms); }

Q_SIGNALS:
    void changed();

private:
    Document::Value m_of;
    std::shared_ptr<const results::ProductionResult> m_from;
    AnswerJob<Known> m_job;
};

} // namespace enkinet::app
