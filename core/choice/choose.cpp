#include "choice/choose.h"
#include "base/normal.h"
#include "base/text.h"
#include "base/units.h"
#include "choice/cut_list.h"
#include <algorithm>
#include <cmath>
#include <set>

namespace enkinet::choice {

using namespace body;

namespace {

constexpr int kRounds = 3;
/// Counts like missing a limit by a factor of 20, for a bend that has no numbers.
const double kHopeless = std::log(20.0);

std::vector<double> laysFor(const std::vector<Demand>& demands, int strands, double diameter) {
    std::set<double> lays{0};
    if (strands > 1)
        for (const Demand& d : demands)
            for (int k = 1; k <= 3; ++k)
                if (d.gap_mm / k >= wire::findShortestLay(strands, diameter)) lays.insert(d.gap_mm / k);
    return {lays.begin(), lays.end()};
}

class LimbChooser {
public:
    LimbChooser(const Puppet& puppet, const Stock& stock, LimbChoice& choice)
        : m_puppet(puppet), m_stock(stock), m_choice(choice),
          m_limb(puppet.limbs[static_cast<std::size_t>(choice.limb)]), m_path(findPathLength(m_limb)) {}

    void run() {
        for (std::size_t i = 0; i < m_stock.spools.size(); ++i)
            for (int n : wire::kStrandCounts)
                for (double lay : laysFor(m_choice.demands, n, m_stock.spools[i].diameter_mm))
                    m_choice.candidates.push_back(tryOut(static_cast<int>(i), {n, m_stock.spools[i].diameter_mm, lay}));
        pick();
        if (m_choice.chosen < 0) return;
        const Candidate& c = m_choice.candidates[static_cast<std::size_t>(m_choice.chosen)];
        for (const Demand& d : m_choice.demands)
            m_choice.verdicts.push_back(judge(d, table(c.spool), c.bundle, m_stock.calibrationOf(c.spool)));
        m_choice.state = c.state;
        m_choice.worst = c.worstJoint;
        m_choice.fitting = static_cast<int>(std::count_if(m_choice.candidates.begin(), m_choice.candidates.end(),
                                                          [](const Candidate& x) { return x.fits; }));
    }

private:
    const wire::BendTable& table(int spool) const {
        return *m_stock.tables.at(m_stock.spools[static_cast<std::size_t>(spool)].material);
    }

    Candidate tryOut(int spool, const wire::Bundle& bundle) const {
        Candidate c;
        c.spool = spool, c.bundle = bundle;
        const Spool& stock = m_stock.spools[static_cast<std::size_t>(spool)];
        const wire::MaterialCard& card = table(spool).card();
        // The parent's bundle is not chosen yet: one like this stands in for the wraps.
        const Cut cut = calcCut(m_limb, bundle, wire::findBundleDiameter(bundle));
        c.wire_mm = cut.pieces * cut.piece_mm;
        c.mass_g = m_path * wire::findMassPerLength(bundle, card);
        c.price = c.wire_mm / 1000 * stock.price_m;
        if (card.use == wire::Use::fixed && !m_choice.demands.empty() && !m_puppet.wants.steelMayPose)
            c.bar = Bar::material_static;
        else if (wire::findTwistDamage(bundle, card) > wire::kTwistRefuse)
            c.bar = Bar::twist;
        else if (c.wire_mm * (m_limb.mirrored ? 2 : 1) > stock.length_m * 1000)
            c.bar = Bar::spool_short;
        judgeJoints(c);
        c.fits = c.bar == Bar::none && c.state == State::holds;
        return c;
    }

    void judgeJoints(Candidate& c) const {
        double worstMiss = 0;
        c.lifeMargin = m_choice.demands.empty() ? 1 : 1e9;
        for (std::size_t j = 0; j < m_choice.demands.size(); ++j) {
            const Demand& d = m_choice.demands[j];
            const Verdict v = judge(d, table(c.spool), c.bundle, m_stock.calibrationOf(c.spool));
            double miss = 0;
            for (double s : v.shortfall)
                miss += s;
            c.miss += miss;
            const State s = v.state();
            const double margin = v.life_s / d.needFilm_s;
            // The joint that rules a candidate out is the one that misses most; among those that hold, the first to
            // tire.
            if (miss > worstMiss || (worstMiss == 0 && miss == 0 && margin < c.lifeMargin)) {
                c.worstJoint = static_cast<int>(j), c.state = s;
            }
            c.at.push_back({v.bend.hold_Nmm, v.life_s, s});
            worstMiss = std::max(worstMiss, miss);
            c.lifeMargin = std::min(c.lifeMargin, margin);
            c.worstEffort = std::max(c.worstEffort, v.effort_Nmm / d.effortLimit_Nmm);
        }
    }

    bool better(const Candidate& a, const Candidate& b) const {
        if (a.fits != b.fits) return a.fits;
        if (!a.fits) return a.miss < b.miss;
        const auto [x, y] = [&]() -> std::pair<double, double> {
            if (m_choice.demands.empty()) return {a.price, b.price};
            switch (m_puppet.wants.aim) {
            case Aim::light:
                return {a.mass_g, b.mass_g};
            case Aim::easy:
                return {a.worstEffort, b.worstEffort};
            case Aim::cheap:
                return {a.price, b.price};
            default:
                return {-a.lifeMargin, -b.lifeMargin};
            }
        }();
        return x != y ? x < y : a.mass_g < b.mass_g;
    }

    void pick() {
        auto& all = m_choice.candidates;
        if (m_limb.pick) {
            for (std::size_t i = 0; i < m_stock.spools.size() && m_choice.chosen < 0; ++i) {
                if (m_stock.spools[i].id != m_limb.pick->spool) continue;
                const auto bundle =
                    wire::makeBundle({m_limb.pick->strands, m_stock.spools[i].diameter_mm, m_limb.pick->lay_mm});
                if (!bundle) continue;
                const auto same = std::find_if(all.begin(), all.end(), [&](const Candidate& c) {
                    return c.spool == static_cast<int>(i) && c.bundle.strands == bundle->strands &&
                           std::abs(c.bundle.lay_mm - bundle->lay_mm) < 1e-9;
                });
                m_choice.chosen = static_cast<int>(same - all.begin());
                if (same == all.end()) all.push_back(tryOut(static_cast<int>(i), *bundle));
                m_choice.pinned = true;
            }
            if (m_choice.pinned) return;
        }
        for (std::size_t i = 0; i < all.size(); ++i) {
            if (all[i].bar != Bar::none) continue;
            if (m_choice.chosen < 0 || better(all[i], all[static_cast<std::size_t>(m_choice.chosen)]))
                m_choice.chosen = static_cast<int>(i);
        }
    }

    const Puppet& m_puppet;
    const Stock& m_stock;
    LimbChoice& m_choice;
    const Limb& m_limb;
    double m_path;
};

std::vector<load::PointMass> pointMasses(const std::vector<fill::Part>& parts) {
    std::vector<load::PointMass> masses;
    for (const fill::Part& p : parts)
        for (const fill::LayerMass* l : {&p.skin, &p.bulk, &p.cover, &p.wire})
            if (l->mass_g > 0) masses.push_back({l->mass_g, l->centre, p.body});
    return masses;
}

std::vector<fill::WireRun> wireRuns(const std::vector<LimbChoice>& limbs, std::size_t count, const Stock& stock) {
    std::vector<fill::WireRun> runs(count);
    for (const LimbChoice& l : limbs) {
        if (l.chosen < 0) continue;
        const Candidate& c = l.candidates[static_cast<std::size_t>(l.chosen)];
        const wire::MaterialCard& card =
            stock.tables.at(stock.spools[static_cast<std::size_t>(c.spool)].material)->card();
        const double mass = wire::findMassPerLength(c.bundle, card);
        runs[static_cast<std::size_t>(l.limb)] = {mass, mass / gPerCm3ToGPerMm3(card.density_g_cm3),
                                                  wire::findBundleDiameter(c.bundle)};
    }
    return runs;
}

bool sameWires(const std::vector<LimbChoice>& a, const std::vector<LimbChoice>& b) {
    if (a.size() != b.size()) return false;
    for (std::size_t i = 0; i < a.size(); ++i) {
        if ((a[i].chosen < 0) != (b[i].chosen < 0)) return false;
        if (a[i].chosen < 0) continue;
        const Candidate &x = a[i].candidates[static_cast<std::size_t>(a[i].chosen)],
                        &y = b[i].candidates[static_cast<std::size_t>(b[i].chosen)];
        if (x.spool != y.spool || !(x.bundle == y.bundle)) return false;
    }
    return true;
}

} // namespace

Result<Spool> makeSpool(Spool s) {
    if (!isId(s.id)) return Fault{"spool", "id \"" + s.id.substr(0, 70) + "\"", "must be letters, digits, dot or dash"};
    const std::string place = "spool " + s.id;
    if (!(s.diameter_mm >= 0.1 && s.diameter_mm <= 10))
        return Fault{place, "diameter " + plain(s.diameter_mm) + " mm", "must lie between 0.1 and 10 mm"};
    if (!(s.length_m >= 0 && s.length_m <= 1e5))
        return Fault{place, "length " + plain(s.length_m) + " m", "must lie between 0 and 100000 m"};
    if (!(s.price_m >= 0 && s.price_m <= 1e5))
        return Fault{place, "price " + plain(s.price_m), "must lie between 0 and 100000 a metre"};
    return s;
}

State Verdict::state() const {
    for (std::size_t i = 0; i < faults.size(); ++i)
        if (faults[i]) return static_cast<State>(i);
    return State::holds;
}

const wire::Calibration& Stock::calibrationOf(int spool) const {
    static const wire::Calibration kUntested;
    return calibrations.empty() ? kUntested : calibrations[static_cast<std::size_t>(spool)];
}

Verdict judge(const Demand& d, const wire::BendTable& table, const wire::Bundle& bundle,
              const wire::Calibration& calibration) {
    Verdict v;
    v.bend = table.findBend(bundle, {d.gap_mm, d.angle_rad, d.range_rad, d.edge, d.set_rad, d.formingBends});
    wire::calibrate(v.bend, calibration);
    const auto miss = [&](State s, double ratio) {
        // A limit is missed when what is asked exceeds what is there; a hair's breadth of rounding is no fault.
        if (!(ratio > 1 + 1e-9)) return;
        v.faults[static_cast<std::size_t>(s)] = true;
        v.shortfall[static_cast<std::size_t>(s)] =
            std::max(v.shortfall[static_cast<std::size_t>(s)], std::min(kHopeless, std::log(ratio)));
    };
    const double across = wire::findBundleDiameter(bundle);
    miss(State::crowded, across / std::max(1e-6, d.room_mm));
    miss(State::crowded, d.gapNeeded_mm / d.gap_mm);
    if (v.bend.status == wire::BendStatus::too_tight) {
        miss(State::tired, 1e9);
        v.life_s = v.lifeMedian_s = v.survival = 0;
        v.effort_Nmm = v.effort_N = wire::WireBend::nan;
        return v;
    }
    v.effort_Nmm = v.bend.strong_Nmm;
    v.effort_N = v.effort_Nmm / d.lever_mm;
    v.life_s = v.bend.designNine / d.movesPerSecond;
    v.lifeMedian_s = v.bend.designMedian / d.movesPerSecond;
    v.survival = v.bend.designMedian > 0
                     ? normalBelow(std::log(v.bend.designMedian / d.needCycles()) / calibration.lifeScatter)
                     : 0;
    miss(State::slack, d.needed_Nmm / v.bend.hold_Nmm);
    miss(State::stiff, v.effort_Nmm / d.effortLimit_Nmm);
    miss(State::springy, v.bend.springback_rad / d.springLimit_rad);
    miss(State::tired, v.life_s > 0 ? d.needFilm_s / v.life_s : 1e9);
    return v;
}

double findPathLength(const Limb& limb) {
    double sum = 0;
    for (std::size_t i = 1; i < limb.joints.size(); ++i)
        sum += norm(limb.joints[i].at_mm - limb.joints[i - 1].at_mm);
    return sum;
}

PuppetChoice calcChoice(const Puppet& puppet, const fill::Shelf& shelf, const Stock& stock) {
    PuppetChoice r;
    r.rest = calcSkeleton(puppet);
    r.own = calcOwnStretches(puppet, r.rest);
    Posed posed = calcPosed(puppet, r.rest, puppet.board);
    r.skeleton = std::move(posed.skeleton), r.motions = std::move(posed.bodies);
    std::vector<fill::WireRun> runs(puppet.limbs.size());
    for (int round = 0; round < kRounds && !r.settled; ++round) {
        // Volumes are those of the piece as it is built; their centres go where the pose takes them.
        r.parts = fill::calcParts(puppet, r.rest, shelf, runs);
        for (fill::Part& p : r.parts)
            for (fill::LayerMass* l : {&p.skin, &p.bulk, &p.cover, &p.wire})
                l->centre = r.motions[static_cast<std::size_t>(p.body)](l->centre);
        r.loads = load::calcLoads(r.skeleton, pointMasses(r.parts), puppet.wants.lean_rad);
        std::vector<LimbChoice> limbs;
        for (std::size_t i = 0; i < puppet.limbs.size(); ++i) {
            LimbChoice l;
            l.limb = static_cast<int>(i);
            l.demands = calcDemands(puppet, r.skeleton, shelf, r.loads, r.own, l.limb);
            LimbChooser(puppet, stock, l).run();
            limbs.push_back(std::move(l));
        }
        r.settled = round > 0 && sameWires(r.limbs, limbs);
        r.limbs = std::move(limbs);
        if (!r.settled) runs = wireRuns(r.limbs, puppet.limbs.size(), stock);
    }
    r.totals = fill::calcTotals(r.parts);
    for (const LimbChoice& l : r.limbs) {
        const bool twice = puppet.limbs[static_cast<std::size_t>(l.limb)].mirrored;
        for (const Verdict& v : l.verdicts)
            r.survival *= twice ? v.survival * v.survival : v.survival;
    }
    return r;
}

} // namespace enkinet::choice
