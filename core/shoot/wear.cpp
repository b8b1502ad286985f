#include "shoot/wear.h"
#include "base/normal.h"
#include "base/units.h"
#include "wire/rainflow.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::shoot {

namespace {
constexpr double kNine = 1.2815515655446004; // of the normal distribution, one in ten below
constexpr int kDirections = 8;
} // namespace

double JointWire::median() const { return std::max(0.0, std::exp(lifeLn) * (1 - start)); }

std::vector<JointWire> findJointWires(const body::Puppet& puppet, const choice::PuppetChoice& choice,
                                      const choice::Stock& stock) {
    std::vector<JointWire> all;
    for (const choice::LimbChoice& l : choice.limbs) {
        if (l.chosen < 0 || l.verdicts.size() != l.demands.size()) continue;
        const int spool = l.candidates()[static_cast<std::size_t>(l.chosen)].spool;
        const wire::Calibration& known = stock.calibrationOf(spool);
        for (std::size_t k = 0; k < l.demands.size(); ++k) {
            const choice::Demand& d = l.demands[k];
            const choice::Verdict& v = l.verdicts[k];
            if (std::isnan(v.bend.amplitudePerRad.value)) continue;
            const body::Joint& joint =
                puppet.limbs[static_cast<std::size_t>(l.limb)].joints[static_cast<std::size_t>(d.joint)];
            JointWire w;
            w.limb = l.limb, w.joint = d.joint, w.spool = spool;
            w.amplitudePerRad = v.bend.amplitudePerRad, w.springback_rad = v.springback_rad;
            w.start = std::min(1.0, v.bend.twistDamage + v.bend.formingDamage);
            w.lifeLn = known.lifeLn, w.common = known.lifeLnSpread, w.own = wire::kLifeTestScatter;
            w.table = &stock.tableOf(spool);
            w.range_rad = body::findRange(joint) * body::findActing(puppet.wants.acting),
            w.movesPerSecond = joint.movesPerSecond;
            w.low_rad = joint.low_rad, w.high_rad = joint.high_rad;
            all.push_back(w);
        }
    }
    return all;
}

Bent calcBent(const JointWire& w, const std::vector<double>& forth, const std::vector<double>& aside, double retakes) {
    Bent worst;
    const std::size_t n = std::max(forth.size(), aside.size());
    double largest = 0, fastest = 0;
    const auto at = [](const std::vector<double>& all, std::size_t i) { return all.empty() ? 0.0 : all[i]; };
    const auto length = [](double x, double y) { return std::sqrt(x * x + y * y); };
    for (std::size_t i = 0; i < n; ++i) {
        largest = std::max(largest, length(at(forth, i), at(aside, i)));
        if (i > 0)
            fastest = std::max(fastest, length(at(forth, i) - at(forth, i - 1), at(aside, i) - at(aside, i - 1)));
    }
    std::vector<double> history(n);
    // One way alone needs no looking round.
    const bool plane = forth.empty() || aside.empty();
    for (int k = 0; k < (plane ? 1 : kDirections); ++k) {
        const double a = plane ? (forth.empty() ? kPi / 2 : 0) : k * kPi / kDirections;
        const double ca = std::cos(a), sa = std::sin(a);
        for (std::size_t i = 0; i < n; ++i)
            history[i] = at(forth, i) * ca + at(aside, i) * sa;
        double damage = 0, count = 0;
        for (const wire::Cycle& c : wire::calcRainflow(history)) {
            if (c.range <= 1e-9) continue;
            count += c.count;
            damage += c.count / w.table->cycles(w.amplitudePerRad * (c.range + 2 * w.springback_rad));
        }
        if (damage > worst.damage || k == 0) worst.damage = damage, worst.cycles = count;
    }
    worst.damage *= 1 + retakes, worst.cycles *= 1 + retakes;
    worst.largest_rad = largest, worst.fastest_rad = fastest;
    worst.beyond = largest > std::max(std::abs(w.low_rad), std::abs(w.high_rad)) + 1e-9;
    return worst;
}

Bent calcActed(const JointWire& w, const body::Puppet& puppet, const document::Shot& shot, const document::Cast& cast,
               bool right) {
    const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(w.limb)];
    const std::string& joint = limb.joints[static_cast<std::size_t>(w.joint)].id;
    for (const document::JointHistory& h : cast.histories)
        if (h.limb == limb.id && h.joint == joint && h.right == right)
            return calcBent(w, h.forth_rad, h.aside_rad, shot.retakes);
    if (!cast.histories.empty()) return {};
    if (!cast.poses.empty()) {
        std::vector<double> forth, aside;
        for (const std::string& name : cast.poses) {
            double f = 0, a = 0;
            for (const body::Pose& pose : puppet.poses)
                if (pose.name == name)
                    for (const body::JointAngle& x : pose.angles)
                        if (x.limb == limb.id && x.joint == joint && x.right == right) f = x.forth_rad, a = x.aside_rad;
            forth.push_back(f), aside.push_back(a);
        }
        return calcBent(w, forth, aside, shot.retakes);
    }
    // Acting at a level: whole cycles through the joint's range, as many a second as the design says.
    Bent b;
    const double level = body::findActing(cast.acting) / body::findActing(puppet.wants.acting);
    // Ranges are those of plain acting: who acts broadly goes beyond them, as the design reckons it.
    const double range = w.range_rad * level;
    b.cycles = w.movesPerSecond * shot.seconds() * (1 + shot.retakes);
    b.largest_rad = range;
    if (range > 0) b.damage = b.cycles / w.table->cycles(w.amplitudePerRad * (range + 2 * w.springback_rad));
    return b;
}

Ledger calcLedger(const std::vector<ShotCast>& puppets, const std::vector<document::Shot>& shots) {
    Ledger ledger;
    std::vector<std::vector<JointWire>> wires;
    for (const ShotCast& c : puppets)
        wires.push_back(findJointWires(*c.puppet, *c.choice, *c.stock));
    using Key = std::tuple<int, int, int, int, bool>;
    std::map<Key, double> spent;
    std::map<Key, bool> swapped;
    for (std::size_t s = 0; s < shots.size(); ++s) {
        const document::Shot& shot = shots[s];
        for (const document::Cast& cast : shot.cast)
            for (std::size_t p = 0; p < puppets.size(); ++p) {
                const body::Puppet& puppet = *puppets[p].puppet;
                if (puppet.id != cast.puppet) continue;
                for (const JointWire& w : wires[p]) {
                    const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(w.limb)];
                    for (int side = 0; side < (limb.mirrored ? 2 : 1); ++side) {
                        const Key key{static_cast<int>(p), cast.copy, w.limb, w.joint, side == 1};
                        WearRow row;
                        row.puppet = static_cast<int>(p), row.copy = cast.copy, row.limb = w.limb, row.joint = w.joint;
                        row.right = side == 1, row.shot = static_cast<int>(s);
                        row.bent = calcActed(w, puppet, shot, cast, side == 1);
                        row.cycles = row.bent.cycles, row.damage = row.bent.damage;
                        double& now = spent[key];
                        now += row.damage;
                        row.spent = w.start + now * std::exp(-w.lifeLn);
                        const double spread = std::hypot(w.common, w.own), median = w.median();
                        row.survival = now > 0 ? normalBelow(std::log(median / now) / spread) : median > 0;
                        const double nine = median * std::exp(-kNine * spread), rate = row.damage / shot.seconds();
                        // Nothing moved in it spends nothing, whatever there is.
                        const auto levelOf = [&](double x) {
                            return x <= 0 ? 0 : nine > 0 ? x / nine : std::numeric_limits<double>::infinity();
                        };
                        row.levelBefore = levelOf(now - row.damage), row.level = levelOf(now);
                        row.left_s =
                            rate > 0 ? std::max(0.0, nine - now) / rate : std::numeric_limits<double>::infinity();
                        ledger.rows.push_back(row);
                        // Swapped before the first shot that nine in ten do not see through.
                        if (now > nine && row.damage > 0 && !swapped[key]) {
                            swapped[key] = true;
                            ledger.swaps.push_back({row.puppet, row.copy, row.limb, row.joint, row.right, row.shot});
                        }
                        // A break in this shot ends the count; a new wire begins at nothing.
                        for (const document::Shot::Break& b : shot.breaks)
                            if (b.isOf(puppet.id, cast.copy, limb.id, limb.joints[static_cast<std::size_t>(w.joint)].id,
                                       row.right))
                                now = row.damage * (1 - static_cast<double>(b.frame) / shot.frames),
                                swapped[key] = false;
                    }
                }
            }
    }
    return ledger;
}

double calcFilmChance(const std::vector<Demanded>& joints, int copies) {
    if (joints.empty()) return 1;
    if (copies < 1) return 0;
    // Given the spool's deviate z, a copy gets through a share x of the film with chance P(x) = product over its
    // joints; the shares of copies add up. Shares are steps of a 400th; a film that lasts is a sum of one and more.
    constexpr int kSteps = 400;
    constexpr double kFar = 5, kStepZ = 0.25;
    double chance = 0, weight = 0;
    for (double z = -kFar; z <= kFar + 1e-9; z += kStepZ) {
        const double w = std::exp(-z * z / 2);
        std::vector<double> outlasts(kSteps + 1, 1); // share at least k steps
        for (int k = 1; k <= kSteps; ++k) {
            double all = 1;
            for (const Demanded& j : joints)
                if (j.damage > 0)
                    all *= j.median > 0 ? normalBelow((std::log(j.median * kSteps / (j.damage * k)) + j.common * z) /
                                                      std::max(1e-9, j.own))
                                        : 0;
            outlasts[static_cast<std::size_t>(k)] = all;
        }
        // Density of one copy's share; what goes beyond the film is none of it.
        std::vector<double> one(kSteps);
        for (std::size_t k = 0; k < kSteps; ++k)
            one[k] = outlasts[k] - outlasts[k + 1];
        // Of the sum of copies, the part below one film. A cell stands for its middle: n cells are half a cell each
        // off.
        std::vector<double> sum = one;
        for (int n = 1; n < copies; ++n) {
            std::vector<double> more(kSteps, 0);
            for (std::size_t a = 0; a < kSteps; ++a) {
                if (sum[a] < 1e-14) continue;
                for (std::size_t b = 0; a + b < kSteps; ++b) {
                    // Two middles add up to a border between two cells.
                    more[a + b] += sum[a] * one[b] / 2;
                    if (a + b + 1 < kSteps) more[a + b + 1] += sum[a] * one[b] / 2;
                }
            }
            sum = std::move(more);
        }
        double fails = 0;
        for (double f : sum)
            fails += f;
        chance += w * (1 - fails), weight += w;
    }
    return std::clamp(chance / weight, 0.0, 1.0);
}

int findCopies(const std::vector<Demanded>& joints, double chance) {
    for (int n = 1; n <= kMostCopies; ++n)
        if (calcFilmChance(joints, n) >= chance) return n;
    return 0;
}

} // namespace enkinet::shoot
