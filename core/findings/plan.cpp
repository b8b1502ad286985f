// What is open about the plan.
#include "findings/finder.h"
#include <set>

namespace enkinet::findings {

namespace {

constexpr Kind kPlanKinds[] = {
    {"order-refused",
     Station::plan,
     Weight::fault,
     said("Order %1 of your own contradicts the rest of the plan and is not kept: take it back, or change what "
          "stands against it."),
     {number(What::found)}},
    {"plan", Station::plan, Weight::fault, said("%1"), {kAlso}},
    {"wet-grip",
     Station::plan,
     Weight::advice,
     said("%n step(s) have nothing to hold it by but what is wet, first: %1. A rod, tie-downs or baking in stages "
          "would help."),
     {kSubject}}};
consteval const Kind* planRow(std::string_view word) { return rowOf(kPlanKinds, word); }

} // namespace

std::span<const Kind> planKinds() { return kPlanKinds; }

void Finder::plan() {
    // One reason, said once.
    int wet = 0;
    Phrase first;
    for (const make::Step& s : m_r.plan.steps)
        if (s.grip == make::Grip::wet_only && wet++ == 0) first = s.subject;
    if (wet > 0) add({planRow("wet-grip"), {}, first, wet});
    for (int i : m_r.plan.refused) {
        const body::StepOrder& o = m_puppet.wants.order[static_cast<std::size_t>(i)];
        Finding f{planRow("order-refused"), {}, m_puppet.name, i + 1};
        f.key = "order:" + o.first + ">" + o.then;
        add(std::move(f));
    }
    // Each thing once, by the first step that meets it.
    std::set<std::pair<checks::Law, std::string>> said;
    for (const checks::Broken& b : m_r.broken) {
        if (!said.emplace(b.law, b.thing.english()).second) continue;
        const make::Step& s = m_r.plan.steps[static_cast<std::size_t>(b.step)];
        Finding f{planRow("plan"), {schema::RefKind::step, s.id, {}, false}, b.thing, b.found, b.limit};
        f.other = s.subject, f.also = checks::sentenceOf(b, s.subject);
        f.key = std::string("plan:") + checks::keyOf(b.law) + ":" + s.id;
        add(std::move(f));
    }
}

} // namespace enkinet::findings
