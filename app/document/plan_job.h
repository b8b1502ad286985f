#pragma once
// The production's plan, worked out beside the window: at once as a practised eye would, then better, then how likely
// it holds. What comes is of the value that was asked for last.
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
    };
    using State = std::shared_ptr<const Known>;

    explicit PlanJob(QObject* parent = nullptr);
    ~PlanJob() override;
    void ask(Document::Value value, std::shared_ptr<const results::ProductionResult> result, Minute now);
    State state() const { return m_state; } ///< null before the first
    /// As ask, for the document's value and results, where they are not what is known or asked for already.
    void follow(const Document& document);
    /// True when nothing is to come any more; what is there is then taken over.
    bool wait(int ms);

Q_SIGNALS:
    void changed();

private:
    struct Box;
    void take();
    State m_state;
    Document::Value m_askedOf;
    std::shared_ptr<const results::ProductionResult> m_askedFrom;
    std::shared_ptr<Box> m_box;
    Worker m_worker;
};

} // namespace enkinet::app
