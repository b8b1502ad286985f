#pragma once
// The production's plan, worked out beside the window: at once as a practised eye would, then better, then how likely
// it holds, and what would make it hold.
#include "document/feed.h"
#include "results/planning.h"

namespace enkinet::app {

/// What is known of a value; never changed once it is there.
struct PlanKnown {
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

class PlanJob : public QObject, public Feed<PlanKnown> {
    Q_OBJECT
public:
    using Known = PlanKnown;

    explicit PlanJob(QObject* parent = nullptr) : QObject(parent), Feed([this] { Q_EMIT changed(); }) {}
    /// For the document's value and results, where they are not what was asked for already.
    void follow(const Document& document);
    /// How far the wall's clock was ahead of UTC when it was asked for, in minutes.
    int offset_min() const { return m_offset_min; }

Q_SIGNALS:
    void changed();

private:
    int m_offset_min = 0;
};

} // namespace enkinet::app
