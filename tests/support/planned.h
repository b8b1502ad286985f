#pragma once
// The demo production, changed, with its result and its plan.
#include "results/planning.h"
#include "support/puppets.h"

namespace enkinet::test {

inline const Minute kMonday = *parseIsoTime("2026-11-30T10:00");

struct Case {
    document::Production production;
    results::ProductionResult result;
    results::Planning planning;
    OpenHours hours;
    results::ProductionPlan plan;
    const make::Step& step(const results::Planned& s) const {
        return result.puppets[nth(s.step.puppet)]->plan.steps[nth(s.step.step)];
    }
    const results::Planned* find(const std::string& id, int puppet = 0) const {
        for (const results::Planned& s : plan.steps)
            if (s.step.puppet == puppet && s.step.copy == 1 && step(s).id == id) return &s;
        return nullptr;
    }
};

template <class Change> Case caseOf(Change change, int rounds = 0) {
    document::Production p = demo();
    p.log.clear();
    change(p);
    auto sound = document::makeProduction(std::move(p), shippedCards());
    INFO((sound ? std::string() : sound.fault().sentence()));
    REQUIRE(sound);
    wire::TableShelf tables;
    Case c{sound.take(), {}, {}, OpenHours(std::vector<std::pair<Minute, Minute>>{}), {}};
    c.result = results::calcResult(c.production, shippedCards(), tables);
    c.planning = results::makePlanning(c.production, c.result.puppets, kMonday);
    c.hours = results::findHours(c.planning);
    schedule::Search search;
    search.most = rounds;
    c.plan = results::calcPlan(c.production, c.planning, c.hours,
                               rounds > 0 ? schedule::calcBest(c.planning.problem, c.hours, search)
                                          : schedule::calcFirst(c.planning.problem, c.hours));
    return c;
}

} // namespace enkinet::test
