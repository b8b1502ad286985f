#include "results/shot_wear.h"
#include "choice/chance.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::results {

ShotWear calcShotWear(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports,
                      double wanted) {
    ShotWear film;
    std::vector<shoot::ShotCast> company;
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
        const int copies = shoot::findCopies(all, wanted);
        const double one = shoot::calcFilmChance(all, 1);
        film.doubles.push_back(
            {puppet, limb, right, one, copies,
             copies == 1 ? one : shoot::calcFilmChance(all, copies > 0 ? copies : shoot::kMostCopies)});
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

double ShotWear::together() const {
    double all = 1;
    for (const LimbDoubles& d : doubles)
        all *= d.chance;
    return all;
}

std::vector<wire::WearTest> findWearTests(const Production& production,
                                          const std::vector<std::shared_ptr<const Report>>& reports,
                                          const ShotWear& film, const std::vector<document::Shot>& shots, int shot,
                                          const std::string& date) {
    std::vector<wire::WearTest> all;
    const document::Shot& marked = shots.at(static_cast<std::size_t>(shot));
    std::vector<std::vector<shoot::JointWire>> wires;
    for (std::size_t i = 0; i < reports.size(); ++i)
        wires.push_back(shoot::findJointWires(production.puppets[i], reports[i]->choice, reports[i]->stock));
    for (const shoot::WearRow& r : film.ledger.rows) {
        if (r.shot != shot || r.damage <= 0) continue;
        const body::Puppet& puppet = production.puppets[static_cast<std::size_t>(r.puppet)];
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(r.limb)];
        const std::string& joint = limb.joints[static_cast<std::size_t>(r.joint)].id;
        for (const shoot::JointWire& w : wires[static_cast<std::size_t>(r.puppet)]) {
            if (w.limb != r.limb || w.joint != r.joint || w.start >= 1) continue;
            const auto isHere = [&](const document::Shot::Break& b) {
                return b.isOf(puppet.id, r.copy, limb.id, joint, r.right);
            };
            // A wire that broke is followed by another: the second's count begins anew.
            std::ptrdiff_t earlier = 0;
            for (int i = 0; i < shot; ++i)
                earlier += std::count_if(shots[static_cast<std::size_t>(i)].breaks.begin(),
                                         shots[static_cast<std::size_t>(i)].breaks.end(), isHere);
            wire::WearTest t;
            t.spool = reports[static_cast<std::size_t>(r.puppet)]->stock.spools[static_cast<std::size_t>(w.spool)].id;
            t.date = date, t.shot = marked.id;
            t.joint = puppet.id + "/" + std::to_string(r.copy) + "/" + limb.id + "/" + joint + (r.right ? "/r" : "/l") +
                      "/" + std::to_string(earlier + 1);
            const double after = (r.spent - w.start) * std::exp(w.lifeLn); // of the card's median, with this shot
            const auto broke = std::find_if(marked.breaks.begin(), marked.breaks.end(), isHere);
            t.broke = broke != marked.breaks.end();
            if (!t.broke && !marked.done) continue;
            const double left = t.broke ? 1 - static_cast<double>(broke->frame) / marked.frames : 0;
            t.share = (after - left * r.damage) / (1 - w.start);
            if (t.share > 0) all.push_back(std::move(t));
        }
    }
    return all;
}

std::vector<document::JointNeed> findShotNeeds(const Production& production,
                                               const std::vector<std::shared_ptr<const Report>>& reports,
                                               const ShotWear& film, int index) {
    const body::Puppet& puppet = production.puppets.at(static_cast<std::size_t>(index));
    const Report& report = *reports.at(static_cast<std::size_t>(index));
    std::map<std::tuple<int, int, int, bool>, double> spent; // limb, joint, copy, side
    for (const shoot::WearRow& r : film.ledger.rows)
        if (r.puppet == index) spent[{r.limb, r.joint, r.copy, r.right}] += r.damage;
    std::map<std::pair<int, int>, double> most;
    for (const auto& [key, damage] : spent) {
        double& m = most[{std::get<0>(key), std::get<1>(key)}];
        m = std::max(m, damage);
    }
    std::vector<document::JointNeed> needs;
    for (const shoot::JointWire& w : shoot::findJointWires(puppet, report.choice, report.stock)) {
        const auto damage = most.find({w.limb, w.joint});
        if (damage == most.end() || damage->second <= 0 || w.range_rad <= 0) continue;
        // A second of acting as the design has it.
        const double aSecond = puppet.wants.retakes * w.movesPerSecond /
                               w.table->cycles(w.amplitudePerRad * (w.range_rad + 2 * w.springback_rad));
        if (!(aSecond > 0)) continue;
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(w.limb)];
        needs.push_back({limb.id, limb.joints[static_cast<std::size_t>(w.joint)].id, damage->second / aSecond});
    }
    return needs;
}

std::vector<std::vector<Gripped>> findGripped(const ShotWear& film, int puppet, const body::Skeleton& rest,
                                              std::size_t shots) {
    constexpr double kRubs = 10; // bends in a shot from which paint is looked at
    std::vector<std::vector<Gripped>> all(shots);
    for (const shoot::WearRow& r : film.ledger.rows) {
        if (r.puppet != puppet || r.cycles < kRubs) continue;
        for (const body::Hinge& h : rest.hinges) {
            const body::LimbCopy& c = rest.copies[static_cast<std::size_t>(h.copy)];
            if (c.limb == r.limb && c.right == r.right && h.joint == r.joint)
                all[static_cast<std::size_t>(r.shot)].push_back({h.after, r.cycles});
        }
    }
    for (auto& shot : all)
        std::stable_sort(shot.begin(), shot.end(),
                         [](const Gripped& a, const Gripped& b) { return a.bends > b.bends; });
    return all;
}

double WornJoint::most() const {
    double most = 0;
    for (const OptionalNumber& a : after)
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
