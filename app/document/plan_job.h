#pragma once
// The production's plan, worked out beside the window: at once as a practised eye would, then better, then how likely
// it holds, and what would make it hold.
#include "document/answer_job.h"
#include "document/document.h"
#include "results/planning.h"

namespace enkinet::app {

class PlanJob : public QObject {
    Q_OBJECT
public:
    /// What is known of a value; never changed once it is there.
    struct Known {
        Document::Value of;
        std::shared_ptr<const results::ProductionResult> result;
        results::Planning planning;
        results::ProductionPlan plan;
        std::optional<results::Chance> chance;
        bool searching = true;                ///< a better one may still come
        std::vector<results::WayToHold> ways; ///< where a deadline does not hold
        const make::Step& step(const results::StepRef& ref) const;
        const body::Puppet& puppet(const results::StepRef& ref) const;
        /// Of the lines of its last look, which are ticked.
        std::vector<bool> ticks(const results::StepRef& ref) const;
        /// Its name, and of a double which.
        QString who(const results::StepRef& ref) const;
    };
    using State = AnswerJob<Known>::State;

    explicit PlanJob(QObject* parent = nullptr) : QObject(parent), m_job([this] { Q_EMIT changed(); }) {}
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
    /// How far the wall's clock was ahead of UTC when it was asked for, in minutes.
    int offset_min() const { return m_offset_min; }

Q_SIGNALS:
    void changed();

private:
    Document::Value m_of;
    std::shared_ptr<const results::ProductionResult> m_from;
    int m_offset_min = 0;
    AnswerJob<Known> m_job;
};

} // namespace enkinet::app
