#pragma once
// What follows from the document and its results, worked out beside the window as soon as both are there: the plan, the
// film. An answer comes with the value that it is of, or not at all.
#include "document/answer_job.h"
#include "document/document.h"

namespace enkinet::app {

/// Known has the value that it is `of`.
template <class Known> class Feed {
public:
    using State = typename AnswerJob<Known>::State;

    /// What is under way for another value than the document's will not come; of an empty bench nothing is known.
    void leave(const Document& document) {
        if (!document.hasPuppet())
            forget();
        else if (m_of && m_of != document.value())
            m_job.stop(), m_of.reset();
    }
    /// Another production is on the bench.
    void forget() {
        m_of.reset(), m_from.reset();
        m_job.forget();
    }
    /// What is known last, of its own value: while a newer answer is worked out, the one before.
    State state() const { return m_job.state(); }
    /// The same where it is of this very document, else null.
    State now(const Document& document) const {
        const State known = m_job.state();
        return known && known->of == document.value() && !document.isWorking() ? known : nullptr;
    }
    bool wait(int ms) { return m_job.wait(ms); }

protected:
    using Results = std::shared_ptr<const results::ProductionResult>;

    /// told() runs on the window's thread when an answer has come.
    explicit Feed(std::function<void()> told) : m_job(std::move(told)) {}
    ~Feed() = default;
    /// Turns to the document's value and results. True where they, or what else is read, are not what was asked for
    /// already; of results that are still to come nothing is asked.
    bool turnTo(const Document& document, bool isElseNew = false) {
        leave(document);
        if (!document.hasPuppet() || document.isWorking()) return false;
        if (m_of == document.value() && m_from == document.sharedResult() && !isElseNew) return false;
        m_of = document.value(), m_from = document.sharedResult();
        return true;
    }

    Document::Value m_of;
    Results m_from;
    AnswerJob<Known> m_job;
};

} // namespace enkinet::app
