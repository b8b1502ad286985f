#include "production/report.h"
#include <cmath>

namespace enkinet::production {

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

Report calcAsideReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables) {
    Production p = production;
    body::Puppet& own = p.puppets.at(static_cast<std::size_t>(puppet));
    body::Puppet aside = own.aside.at(0);
    own = std::move(aside);
    return calcReport(p, puppet, shipped, tables);
}

} // namespace enkinet::production
