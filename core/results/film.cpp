#include "results/film.h"
#include "choice/chance.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::results {

Film calcFilm(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports, double wanted) {
    Film film;
    std::vector<shoot::Company> company;
    std::vector<std::vector<shoot::JointWire>> wires;
    for (std::size_t i = 0; i < reports.size(); ++i) {
        company.push_back({&production.puppets[i], &reports[i]->choice, &reports[i]->stock});
        wires.push_back(shoot::findJointWires(production.puppets[i], reports[i]->choice, reports[i]->stock));
    }
    for (const document::Shot& s : production.shots)
        film.seconds += s.seconds();
    film.ledger = shoot::calcLedger(company, production.shots);
    const auto wireOf = [&](int puppet, int limb, int joint) -> const shoot::JointWire* {
        for (const shoot::JointWire& w : wires[static_cast<std::size_t>(puppet)])
            if (w.limb == limb && w.joint == joint) return &w;
        return nullptr;
    };
    std::map<std::tuple<int, int, bool>, std::map<int, shoot::Demanded>> limbs;
    std::map<std::tuple<int, int, int, int, bool>, double> byCopy;
    for (const shoot::WearRow& r : film.ledger.rows) {
        shoot::Demanded& d = limbs[{r.puppet, r.limb, r.right}][r.joint];
        d.damage += r.damage;
        byCopy[{r.puppet, r.copy, r.limb, r.joint, r.right}] += r.damage;
        if (const shoot::JointWire* w = wireOf(r.puppet, r.limb, r.joint))
            d.median = w->median(), d.common = w->common, d.own = w->own;
    }
    for (const auto& [key, joints] : limbs) {
        std::vector<shoot::Demanded> all;
        double most = 0;
        for (const auto& [joint, d] : joints)
            all.push_back(d), most = std::max(most, d.damage);
        if (most <= 0) continue;
        const auto& [puppet, limb, right] = key;
        film.doubles.push_back({puppet, limb, right, shoot::calcFilmChance(all, 1), shoot::findCopies(all, wanted)});
    }
    // Spools of one name are one spool, whoever's wire is cut from it.
    std::vector<choice::JointLife> lives;
    for (const auto& [key, damage] : byCopy) {
        const auto& [puppet, copy, limb, joint, right] = key;
        const shoot::JointWire* w = wireOf(puppet, limb, joint);
        if (!w || damage <= 0) continue;
        lives.push_back({w->spool, w->median() > 0 ? std::log(w->median() / damage) : -50, w->common});
    }
    film.chance = production.shots.empty() ? std::nan("") : lives.empty() ? 1 : choice::calcChance(lives);
    return film;
}

double WornJoint::most() const {
    double most = 0;
    for (const Figure& a : after)
        if (!std::isnan(a.value)) most = std::max(most, a.value);
    return most;
}

std::vector<WornJoint> findWorn(const shoot::Ledger& ledger, int puppet, std::size_t shots) {
    std::map<std::tuple<int, int, int, bool>, WornJoint> all;
    for (const shoot::WearRow& r : ledger.rows) {
        if (r.puppet != puppet) continue;
        WornJoint& j = all[{r.copy, r.limb, r.joint, r.right}];
        if (j.after.empty()) {
            j.copy = r.copy, j.limb = r.limb, j.joint = r.joint, j.right = r.right;
            j.before.assign(shots, std::nan("")), j.after = j.before;
        }
        j.before[static_cast<std::size_t>(r.shot)] = r.levelBefore, j.after[static_cast<std::size_t>(r.shot)] = r.level;
    }
    std::vector<WornJoint> sorted;
    for (auto& [key, j] : all)
        sorted.push_back(std::move(j));
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const WornJoint& a, const WornJoint& b) { return a.most() > b.most(); });
    return sorted;
}

} // namespace enkinet::results
