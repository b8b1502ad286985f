#include "document/plan_job.h"
#include "jobs/clock.h"

namespace enkinet::app {

const make::Step& PlanKnown::step(const results::StepRef& ref) const {
    return result->puppets[static_cast<std::size_t>(ref.puppet)]->plan.steps[static_cast<std::size_t>(ref.step)];
}

const body::Puppet& PlanKnown::puppet(const results::StepRef& ref) const {
    return of->puppets[static_cast<std::size_t>(ref.puppet)];
}

std::vector<bool> PlanKnown::ticks(const results::StepRef& ref) const {
    const make::Step& s = step(ref);
    return document::findTicks(of->log, puppet(ref).id, ref.copy, s.id, make::keysOf(s.gate));
}

QString PlanKnown::who(const results::StepRef& ref) const {
    const QString name = QString::fromStdString(puppet(ref).name);
    return puppet(ref).things.copies > 1 ? PlanJob::tr("%1 %2", "puppet, copy").arg(name).arg(ref.copy) : name;
}

void PlanJob::follow(const Document& document) {
    const int offset_min = wallOffset_min();
    if (!turnTo(document, m_offset_min != offset_min)) return;
    m_offset_min = offset_min;
    // What was planned before stays where it is as far as it can, while it is of the same production.
    results::Begins begins;
    if (const State before = m_job.state(); before && before->of->name == m_of->name)
        for (const results::Planned& s : before->plan.steps)
            if (!s.done && !s.skipped)
                begins.emplace(results::keyOf(*before->of, before->result->puppets, s.step), s.at.from);
    m_job.ask(
        [value = m_of, result = m_from, begins = std::move(begins),
         now = document::WallTime(wallSeconds() / 60, m_offset_min)](const std::stop_token& stop, const auto& post) {
            Known k;
            k.of = value, k.result = result;
            k.planning = results::makePlanning(*value, result->puppets, now);
            results::keepNear(k.planning, *value, result->puppets, begins);
            const OpenHours hours = results::findHours(k.planning);
            schedule::Schedule found = schedule::calcFirst(k.planning.problem, hours, stop);
            k.plan = results::calcPlan(*value, k.planning, hours, found);
            k.plan.broken = results::findBroken(*value, result->puppets, k.plan);
            k.searching = k.plan.possible;
            post(k);
            if (!k.plan.possible) return;
            found = results::calcSchedule(k.planning, hours, stop);
            k.plan = results::calcPlan(*value, k.planning, hours, found);
            k.plan.broken = results::findBroken(*value, result->puppets, k.plan);
            k.searching = false;
            post(k);
            k.chance = results::calcChance(k.planning, hours, found, 0, 1, stop);
            post(k);
            k.ways = results::calcWaysToHold(*value, result->puppets, now, found, 3, stop);
            post(std::move(k));
        });
}

} // namespace enkinet::app
