#include "choice/field.h"
#include "base/many.h"
#include "choice/limits_detail.h"
#include <algorithm>
#include <cmath>
#include <set>
#include <tuple>

namespace enkinet::choice {

using namespace body;

namespace {

/// More candidates than this are not looked at: the search then takes fewer places where strands end.
constexpr std::size_t kMostCandidates = 20000;

/// None, and the limb's shortest gap divided by 1, 2 and 3: a lay longer than a gap gathers the bend at its ends. Of a
/// whip the length over which the bend gathers stands for the gap.
std::vector<double> laysFor(const FieldKey& key, const wire::BendTable& table, int strands, double diameter) {
    if (strands > 1 && key.still && kStillLay * diameter >= wire::findShortestLay(strands, diameter))
        return {0, kStillLay * diameter};
    if (strands == 1 || key.shortestGap_mm <= 0) return {0};
    std::set<double> lays{0};
    double shortest = key.whip ? 1e9 : key.shortestGap_mm;
    for (const BendNeed& n : key.bent)
        shortest = std::fmin(shortest, wire::findWhipReach(table, diameter, n.posing,
                                                           {n.gap_mm, n.angle_rad, n.range_rad, n.edge, n.set_rad}));
    for (int k = 1; k <= 3; ++k)
        if (shortest / k >= wire::findShortestLay(strands, diameter)) lays.insert(shortest / k);
    return {lays.begin(), lays.end()};
}

class Lister {
public:
    Lister(const FieldKey& key, const std::stop_token& stop) : m_key(key), m_stock(key.stock), m_stop(stop) {}

    Field run() {
        enumerate();
        if (m_key.more) {
            start(m_key.more->spool, m_key.more->bundle);
            for (const auto& [after, strands] : m_key.more->drops)
                drop(after, strands);
            finish();
        }
        m_field.from = m_key;
        m_field.lanes.value = std::make_shared<const std::vector<Lane>>(makeLanes());
        return std::move(m_field);
    }

private:
    std::vector<Lane> makeLanes() const {
        std::vector<Lane> lanes;
        std::map<std::string, std::size_t> metals;
        if (m_key.whip) return lanes;
        for (std::size_t i = 0; i < m_field.trials.size(); ++i) {
            const Trial& t = m_field.trials[i];
            const std::string& metal = m_stock.spools[static_cast<std::size_t>(t.spool)].material;
            const auto [it, fresh] = metals.try_emplace(metal, lanes.size());
            if (fresh) lanes.push_back({{}, wire::BendLanes(m_stock.tables.at(metal))});
            lanes[it->second].trials.push_back(static_cast<int>(i));
            lanes[it->second].bends.add(t.bundle, t.spunDamage, m_stock.calibrationOf(t.spool));
        }
        return lanes;
    }

    void enumerate() {
        std::vector<std::tuple<int, int, std::vector<double>>> plain;
        std::size_t count = 0;
        for (std::size_t i = 0; i < m_stock.spools.size(); ++i)
            for (int n : wire::kStrandCounts) {
                auto lays = laysFor(m_key, m_stock.tableOf(static_cast<int>(i)), n, m_stock.spools[i].diameter_mm);
                count += lays.size();
                plain.emplace_back(static_cast<int>(i), n, std::move(lays));
            }
        // Runs of strands that never grow, for each one that does not change: five counts, places between joints.
        const auto k = static_cast<double>(std::max<std::size_t>(1, m_key.places.size() + (m_key.whip ? 1 : 0)));
        const double one = (5 + 10 * (k - 1)) / 5, two = one + 10 * (k - 1) * (k - 2) / 2 / 5;
        const double fields[] = {1, one, two};
        m_drops = m_key.wishes.mayDrop ? kMostDrops : 0;
        while (m_drops > 0 && static_cast<double>(count) * fields[m_drops] > kMostCandidates)
            --m_drops;
        for (const auto& [spool, n, lays] : plain)
            for (double lay : lays) {
                checkStop(m_stop);
                withDrops(spool, {n, m_stock.spools[static_cast<std::size_t>(spool)].diameter_mm, lay});
            }
    }

    void withDrops(int spool, const wire::Bundle& bundle) {
        start(spool, bundle);
        finish();
        // What is out as a whole needs no variants.
        if (m_field.candidates.back().bar != Bar::none) return;
        const int last = static_cast<int>(m_key.places.size()) - (m_key.whip ? 0 : 1);
        for (int first = 0; m_drops >= 1 && first < last; ++first)
            for (int m : wire::kStrandCounts) {
                if (m >= bundle.strands) continue;
                start(spool, bundle), drop(first, m), finish();
                for (int second = first + 1; m_drops >= 2 && second < last; ++second)
                    for (int k : wire::kStrandCounts) {
                        if (k >= m) continue;
                        start(spool, bundle), drop(first, m), drop(second, k), finish();
                    }
            }
    }

    void start(int spool, const wire::Bundle& bundle) {
        m_new = {};
        m_new.spool = spool, m_new.bundle = bundle;
        const wire::MaterialCard& card = m_stock.tableOf(spool).card();
        if (card.use == wire::Use::fixed && m_key.shortestGap_mm > 0 && !m_key.wishes.steelMayPose)
            m_new.bar = Bar::material_static;
        else if (wire::findTwistDamage(bundle, card) > wire::kTwistRefuse)
            m_new.bar = Bar::twist;
        else if (isUnwished(bundle))
            m_new.bar = Bar::unwished;
        m_new.trial[0] = trialOf(spool, bundle, 0, {});
    }

    bool isUnwished(const wire::Bundle& b) const {
        constexpr double kSame_mm = 0.005; // as gauges are told apart
        const Wishes& w = m_key.wishes;
        return b.strands > w.mostStrands || std::any_of(w.disliked_mm.begin(), w.disliked_mm.end(), [&](double d) {
                   return std::abs(d - b.diameter_mm) < kSame_mm;
               });
    }

    void drop(int after, int strands) {
        wire::Bundle b = m_new.bundle;
        b.strands = strands;
        // A single strand left over carries no lay of its own.
        if (strands == 1) b.lay_mm = 0;
        const double spun = wire::findTwistDamage(m_new.bundle, m_stock.tableOf(m_new.spool).card());
        m_new.after[static_cast<std::size_t>(m_new.drops)] = after;
        m_new.trial[static_cast<std::size_t>(++m_new.drops)] = trialOf(m_new.spool, b, spun, {});
    }

    void finish() {
        // A whip is one beam: its strands that end are part of the one trial.
        if (m_key.whip && m_new.drops > 0 && m_key.shortestGap_mm > 0) {
            std::vector<Ending> ends;
            for (int i = 0; i < m_new.drops; ++i) {
                const auto k = static_cast<std::size_t>(i);
                ends.push_back({m_key.places[static_cast<std::size_t>(m_new.after[k])],
                                m_field.trials[static_cast<std::size_t>(m_new.trial[k + 1])].bundle.strands});
            }
            m_new.trial[0] = trialOf(m_new.spool, m_new.bundle, 0, std::move(ends));
        }
        m_field.candidates.push_back(m_new);
    }

    using Index = std::tuple<int, int, double, double, std::vector<std::pair<int, int>>>;
    int trialOf(int spool, const wire::Bundle& bundle, double spun, std::vector<Ending> ends) {
        std::vector<std::pair<int, int>> flat;
        for (const Ending& e : ends)
            flat.emplace_back(e.joint, e.strands);
        const auto [it, fresh] = m_index.try_emplace({spool, bundle.strands, bundle.lay_mm, spun, std::move(flat)},
                                                     static_cast<int>(m_field.trials.size()));
        if (fresh) m_field.trials.push_back({spool, bundle, spun, std::move(ends)});
        return it->second;
    }

    const FieldKey& m_key;
    const Stock& m_stock;
    const std::stop_token& m_stop;
    Field m_field;
    std::map<Index, int> m_index;
    Candidate m_new;
    int m_drops = kMostDrops;
};

/// Everything about a candidate that loads, lengths and the spool decide.
void finish(const CandidatesKey& key, Candidate& c) {
    const Field& field = *key.field;
    const Stock& shop = field.from.stock;
    const Spool& spool = shop.spools[static_cast<std::size_t>(c.spool)];
    const wire::MaterialCard& card = shop.tableOf(c.spool).card();
    std::array<Ending, kMostDrops> endings;
    for (int i = 0; i < c.drops; ++i) {
        const auto k = static_cast<std::size_t>(i);
        endings[k] = {field.from.places[static_cast<std::size_t>(c.after[k])],
                      field.trials[static_cast<std::size_t>(c.trial[k + 1])].bundle.strands};
    }
    const std::span<const Ending> ends(endings.data(), static_cast<std::size_t>(c.drops));
    std::array<StrandGroup, kMostDrops + 1> groups;
    // The parent's bundle is not chosen yet: one like this stands in for the wraps.
    const std::size_t n = findGroups(key.path, c.bundle, ends, wire::findBundleDiameter(c.bundle), groups);
    for (std::size_t i = 0; i < n; ++i)
        c.wire_mm += groups[i].pieces * groups[i].piece_mm, c.work_min += groups[i].pieces * shop.work.cut_min;
    if (c.bundle.lay_mm > 0) c.work_min += shop.work.spin_min;
    c.work_min += key.joints * shop.work.bind_min;
    double from = 0;
    for (int i = 0; i <= c.drops; ++i) {
        const double to =
            i == c.drops ? key.path.path_mm
                         : key.path.endAfter_mm[static_cast<std::size_t>(endings[static_cast<std::size_t>(i)].joint)];
        c.mass_g += (to - from) *
                    wire::findMassPerLength(
                        field.trials[static_cast<std::size_t>(c.trial[static_cast<std::size_t>(i)])].bundle, card);
        from = to;
    }
    c.price = c.wire_mm / 1000 * spool.price_m;
    if (c.bar == Bar::none && !key.cut && c.wire_mm * (key.twice ? 2 : 1) > spool.reach_mm()) c.bar = Bar::spool_short;
    double worstMiss = 0;
    c.lifeMargin = key.at.empty() ? 1 : 1e9;
    c.inside = 1e9;
    int level = 0;
    for (std::size_t j = 0; j < key.at.size(); ++j) {
        while (!field.from.whip && level<c.drops&& static_cast<int>(j)> c.after[static_cast<std::size_t>(level)])
            ++level;
        const TrialAt& at = (*key.at[j])[static_cast<std::size_t>(c.trial[static_cast<std::size_t>(level)])];
        c.miss += at.miss;
        // The joint that rules a candidate out is the one that misses most; among those that hold, the first to tire.
        if (at.miss > worstMiss || (worstMiss == 0 && at.miss == 0 && at.margin < c.lifeMargin))
            c.worstJoint = static_cast<int>(j), c.state = at.state;
        worstMiss = std::max(worstMiss, at.miss.value);
        c.lifeMargin = std::min(c.lifeMargin.value, at.margin.value);
        c.inside = std::min(c.inside.value, at.inside.value);
        c.worstEffort = std::max(c.worstEffort.value, at.effort.value);
    }
    if (!key.still.empty()) {
        const std::vector<StillWire> wire =
            findStillWire(field, c, static_cast<std::size_t>(std::max(1, key.joints - 1)));
        for (const StillDemand& d : key.still) {
            const StillVerdict v = judgeStill(d, wire);
            const double margin = v.least();
            c.inside = std::min(c.inside.value, margin);
            if (margin >= 1 - 1e-9) continue;
            c.miss += std::log(1 / std::max(1e-9, margin));
            // A joint that fails says so first.
            if (c.state == State::holds) c.state = v.governs == StillLimit::room ? State::crowded : State::slack;
        }
    }
    c.fits = c.bar == Bar::none && c.state == State::holds;
}

} // namespace

std::vector<StillWire> findStillWire(const Field& field, const Candidate& c, std::size_t segments) {
    std::vector<StillWire> all(segments);
    const wire::BendTable& table = field.from.stock.tableOf(c.spool);
    for (int level = 0; level <= c.drops; ++level) {
        // Of a whip the one trial stands for all; nothing of it is still.
        const auto trial = static_cast<std::size_t>(c.trial[static_cast<std::size_t>(field.from.whip ? 0 : level)]);
        const wire::Bundle& b = field.trials[trial].bundle;
        const StillWire w{wire::findProofMoment(table, b), wire::findStiffness(table.card(), b),
                          wire::findBundleDiameter(b)};
        // The segment in which strands end still counts as the larger bundle.
        const std::size_t from =
            level == 0
                ? 0
                : static_cast<std::size_t>(
                      field.from.places[static_cast<std::size_t>(c.after[static_cast<std::size_t>(level - 1)])]) +
                      1;
        std::fill(all.begin() + static_cast<std::ptrdiff_t>(std::min(from, segments)), all.end(), w);
    }
    return all;
}

const wire::Calibration& Stock::calibrationOf(int spool) const {
    static const wire::Calibration kUntested;
    return calibrations.empty() ? kUntested : calibrations[static_cast<std::size_t>(spool)];
}

Field calcField(const FieldKey& key, const std::stop_token& stop) { return Lister(key, stop).run(); }

Bends calcBends(const BendsKey& key, const std::stop_token& stop) {
    const Field& field = *key.field;
    const Stock& stock = field.from.stock;
    Bends all;
    if (!key.need.whip && !field.from.whip) {
        const BendNeed& d = key.need;
        all.resize(field.trials.size());
        for (const Lane& lane : *field.lanes) {
            checkStop(stop);
            const wire::LaneBends b =
                lane.bends.findBends({{d.gap_mm, d.angle_rad, d.range_rad, d.edge, d.set_rad, d.formingBends, 0},
                                      d.clayEI_Nmm2,
                                      d.fromPoses,
                                      d.cycles});
            for (std::size_t i = 0; i < lane.trials.size(); ++i)
                all[static_cast<std::size_t>(lane.trials[i])] = {b.status[i],         b.hold_Nmm[i], b.strong_Nmm[i],
                                                                 b.springback_rad[i], d.gap_mm,      b.designMedian[i],
                                                                 b.designNine[i]};
        }
        return all;
    }
    all.reserve(field.trials.size());
    for (const Trial& t : field.trials) {
        if (all.size() % 256 == 0) checkStop(stop);
        std::vector<wire::WhipEnd> ends;
        for (const Ending& e : t.ends)
            ends.push_back({field.from.ends_mm[static_cast<std::size_t>(e.joint)], e.strands});
        all.push_back(findTrialBend(
            findBendOf(key.need, stock.tableOf(t.spool), t.bundle, stock.calibrationOf(t.spool), t.spunDamage, ends)));
    }
    return all;
}

Ats calcAts(const AtsKey& key) {
    const Field& field = *key.field;
    Ats all;
    std::vector<double> lnMiss;
    std::vector<const wire::MaterialCard*> cards;
    for (std::size_t i = 0; i < field.from.stock.spools.size(); ++i)
        cards.push_back(&field.from.stock.tableOf(static_cast<int>(i)).card());
    all.reserve(field.trials.size()), lnMiss.reserve(field.trials.size());
    for (std::size_t i = 0; i < field.trials.size(); ++i) {
        const Trial& t = field.trials[i];
        const TrialBend& bend = (*key.bends)[i];
        // By how much each limit is missed; their logarithms are summed, of all trials at once.
        std::array<double, kLimits> ratio;
        ratio.fill(1);
        double inside = 1e9;
        const auto miss = [&](State s, double asked, double there) {
            if (s != State::crowded) inside = std::min(inside, there / asked);
            if (!detail::isMissed(asked, there)) return;
            double& most = ratio[static_cast<std::size_t>(s)];
            most = std::max(most, std::min(detail::kHopeless, asked / there));
        };
        struct {
            double effort_Nmm, effort_N, springback_rad, life_s, lifeMedian_s;
        } v;
        detail::holdAgainst(key.need, key.limits, bend, *cards[static_cast<std::size_t>(t.spool)], t.bundle, v, miss);
        State state = State::holds;
        double product = 1;
        for (std::size_t s = kLimits; s-- > 0;) {
            product *= ratio[s];
            if (ratio[s] > 1) state = static_cast<State>(s);
        }
        lnMiss.push_back(product);
        all.push_back({bend.hold_Nmm, v.life_s, v.effort_Nmm / key.limits.effortLimit_Nmm, 0,
                       v.life_s / key.limits.needFilm_s, inside, state});
    }
    logEach(lnMiss);
    for (std::size_t i = 0; i < all.size(); ++i)
        all[i].miss = lnMiss[i];
    return all;
}

std::vector<Candidate> calcCandidates(const CandidatesKey& key) {
    std::vector<Candidate> all = key.field->candidates;
    for (Candidate& c : all)
        finish(key, c);
    return all;
}

} // namespace enkinet::choice
