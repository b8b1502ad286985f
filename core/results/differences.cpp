#include "results/report.h"
#include <cmath>

namespace enkinet::results {

namespace {

const choice::Verdict* verdictOf(const body::Puppet& puppet, const Report& r, const std::string& limb,
                                 const std::string& joint) {
    for (const choice::LimbChoice& l : r.choice.limbs) {
        const body::Limb& drawn = puppet.limbs[static_cast<std::size_t>(l.limb)];
        if (drawn.id != limb) continue;
        for (std::size_t i = 0; i < l.verdicts.size(); ++i)
            if (drawn.joints[static_cast<std::size_t>(l.demands[i].joint)].id == joint) return &l.verdicts[i];
    }
    return nullptr;
}

bool differ(const choice::Verdict& a, const choice::Verdict& b) {
    const auto apart = [](double x, double y) {
        return std::isnan(x) != std::isnan(y) || std::abs(x - y) > 1e-3 * std::max(std::abs(x), std::abs(y));
    };
    return a.state() != b.state() || apart(a.bend.hold_Nmm, b.bend.hold_Nmm) || apart(a.effort_N, b.effort_N) ||
           apart(a.life_s, b.life_s) ||
           apart(a.margin[static_cast<std::size_t>(choice::State::slack)],
                 b.margin[static_cast<std::size_t>(choice::State::slack)]);
}

} // namespace

std::vector<Difference> calcDifferences(const body::Puppet& puppet, const Report& now, const body::Puppet& other,
                                        const Report& aside) {
    std::vector<Difference> all;
    const auto add = [&](const std::string& name, const choice::Verdict* a, const choice::Verdict* b) {
        if (!a && !b) return;
        if (a && b && !differ(*a, *b)) return;
        all.push_back({name, a ? std::optional(*a) : std::nullopt, b ? std::optional(*b) : std::nullopt});
    };
    for (const body::Limb& l : puppet.limbs)
        for (const body::Joint& j : l.joints)
            if (j.posed) add(j.name, verdictOf(puppet, now, l.id, j.id), verdictOf(other, aside, l.id, j.id));
    // What only the design aside has.
    for (const body::Limb& l : other.limbs)
        for (const body::Joint& j : l.joints) {
            const body::Limb* here = body::findLimb(puppet, l.id);
            const int i = here ? body::findJointIndex(*here, j.id) : -1;
            if (j.posed && (i < 0 || !here->joints[static_cast<std::size_t>(i)].posed))
                add(j.name, nullptr, verdictOf(other, aside, l.id, j.id));
        }
    return all;
}

SolidComparison calcSolidComparison(const Production& production, int puppet, const Report& now, const Cards& shipped,
                                    wire::TableShelf& tables, const std::stop_token& stop) {
    Production p = production;
    body::Puppet& own = p.puppets.at(static_cast<std::size_t>(puppet));
    constexpr double kSolid_mm = 100; // more than any half-width takes
    const auto fillUp = [](body::Layers& l) {
        if (!l.clay.empty()) l.bulk.clear(), l.coats.clear(), l.skin_mm = kSolid_mm;
    };
    for (body::Limb& l : own.limbs)
        for (body::Segment& s : l.segments) {
            fillUp(s.layers);
            for (body::Section& x : s.sections)
                x.skin_mm.reset();
        }
    for (body::Mass& m : own.masses)
        fillUp(m.layers);
    PuppetMemo memo;
    const Report solid = calcReport(p, puppet, shipped, tables, memo, stop);
    SolidComparison c;
    c.mass_g = solid.choice.totals.mass_g() - now.choice.totals.mass_g();
    c.price = solid.price - now.price;
    const auto minutes = [](const Report& r) {
        double sum = 0;
        for (const fill::Bake& b : r.bakePlan.bakes)
            sum += std::isnan(b.needed_min) ? b.needed_min.value : b.minutes;
        return sum;
    };
    c.bake_min = minutes(solid) - minutes(now);
    for (std::size_t l = 0; l < now.choice.limbs.size(); ++l) {
        const choice::LimbChoice &a = now.choice.limbs[l], &b = solid.choice.limbs[l];
        for (std::size_t j = 0; j < a.demands.size(); ++j) {
            c.failNow += a.chosen >= 0 && a.verdicts[j].state() != choice::State::holds;
            c.failSolid += b.chosen >= 0 && b.verdicts[j].state() != choice::State::holds;
            const double before = a.demands[j].needed_Nmm, after = b.demands[j].needed_Nmm;
            if (after - before <= c.needSolid_Nmm - c.needNow_Nmm) continue;
            c.needNow_Nmm = before, c.needSolid_Nmm = after;
            c.joint =
                own.limbs[static_cast<std::size_t>(a.limb)].joints[static_cast<std::size_t>(a.demands[j].joint)].name;
        }
    }
    return c;
}

} // namespace enkinet::results
