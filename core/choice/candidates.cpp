#include "choice/candidates.h"
#include "base/text.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <set>

namespace enkinet::choice {

ENKINET_VALUE_BODY(LimbChoice)

using namespace body;

namespace {

/// A limb's field stays below this; a very long one is tried with one drop, or none.
constexpr std::size_t kMostCandidates = 20000;

/// None, and the limb's shortest gap divided by 1, 2 and 3: a lay longer than a gap gathers the bend at its ends. Of a
/// whip the length over which the bend gathers stands for the gap.
std::vector<double> laysFor(const std::vector<Demand>& demands, const wire::BendTable& table, int strands,
                            double diameter) {
    std::set<double> lays{0};
    if (strands == 1 || demands.empty()) return {0};
    double shortest = 1e9;
    for (const Demand& d : demands)
        shortest =
            std::fmin(shortest, d.whip ? wire::findWhipReach(table, diameter, d.posing,
                                                             {d.gap_mm, d.angle_rad, d.range_rad, d.edge, d.set_rad})
                                       : d.gap_mm);
    for (int k = 1; k <= 3; ++k)
        if (shortest / k >= wire::findShortestLay(strands, diameter)) lays.insert(shortest / k);
    return {lays.begin(), lays.end()};
}

/// True when only what the load decides differs.
bool sameBend(const Demand& a, const Demand& b) {
    return a.gap_mm == b.gap_mm && a.angle_rad == b.angle_rad && a.range_rad == b.range_rad && a.edge == b.edge &&
           a.set_rad == b.set_rad && a.formingBends == b.formingBends && a.fromPoses == b.fromPoses &&
           a.clayEI_Nmm2 == b.clayEI_Nmm2 && a.whip == b.whip && a.posing == b.posing && a.loadShape == b.loadShape &&
           std::equal(
               a.cycles.begin(), a.cycles.end(), b.cycles.begin(), b.cycles.end(),
               [](const wire::Cycle& x, const wire::Cycle& y) { return x.range == y.range && x.count == y.count; });
}

/// True when the limits that a bend is held against are the same.
bool sameLimits(const Demand& a, const Demand& b) {
    return a.needed_Nmm == b.needed_Nmm && a.effortLimit_Nmm == b.effortLimit_Nmm && a.lever_mm == b.lever_mm &&
           a.springLimit_rad == b.springLimit_rad && a.needFilm_s == b.needFilm_s &&
           a.movesPerSecond == b.movesPerSecond && a.buried == b.buried && a.free_mm == b.free_mm &&
           a.room_mm == b.room_mm && a.gapNeeded_mm == b.gapNeeded_mm && a.clayPlastic_Nmm == b.clayPlastic_Nmm;
}

class Field {
public:
    Field(const Puppet& puppet, const Stock& stock, LimbChoice& choice, const LimbChoice* former, LimbChoice* spent)
        : m_puppet(puppet), m_stock(stock), m_choice(choice),
          m_limb(puppet.limbs[static_cast<std::size_t>(choice.limb)]), m_path(makePath(m_limb)) {
        const Wants& w = puppet.wants;
        m_choice.wishes = {w.steelMayPose, w.mayDrop, w.mostStrands, w.disliked_mm};
        m_choice.places.clear();
        if (m_limb.whip && !choice.demands.empty())
            for (int i = choice.demands.front().joint + 1; i + 1 < static_cast<int>(m_limb.joints.size()); ++i)
                m_choice.places.push_back(i);
        else
            for (const Demand& d : choice.demands)
                m_choice.places.push_back(d.joint);
        m_choice.twice = m_limb.mirrored, m_choice.cut = m_limb.cut_mm.has_value();
        m_choice.path = m_path;
        bool same = former && former->demands.size() == choice.demands.size();
        for (std::size_t i = 0; same && i < choice.demands.size(); ++i)
            same = sameBend(choice.demands[i], former->demands[i]);
        if (!same) return;
        if (former->wishes == m_choice.wishes && former->places == m_choice.places && former->fieldCandidates > 0) {
            // The same field: only what loads and lengths decide is looked at again.
            const std::size_t trials = former->fieldTrials, candidates = former->fieldCandidates;
            choice.trials = spent ? std::move(spent->trials) : former->trials;
            choice.candidates = spent ? std::move(spent->candidates) : former->candidates;
            choice.trials.resize(trials), choice.candidates.resize(candidates);
            m_changed = !(former->path == m_path) || former->twice != choice.twice || former->cut != choice.cut;
            for (std::size_t i = 0; i < choice.demands.size(); ++i)
                m_asked.push_back(sameLimits(choice.demands[i], former->demands[i]));
            m_changed = m_changed || std::find(m_asked.begin(), m_asked.end(), false) != m_asked.end();
            m_taken = true;
            return;
        }
        for (const Trial& t : former->trials)
            m_known[key(t.spool, t.bundle, t.spunDamage, t.ends)] = &t;
    }

    void run() {
        if (m_taken)
            again();
        else
            enumerate();
        m_choice.fieldTrials = m_choice.trials.size();
        m_choice.fieldCandidates = m_choice.candidates.size();
    }

    void enumerate() {
        std::size_t plain = 0;
        for (const Spool& s : m_stock.spools)
            for (int n : wire::kStrandCounts)
                plain += laysFor(m_choice.demands, *m_stock.tables.at(s.material), n, s.diameter_mm).size();
        // Runs of strands that never grow, for each one that does not change: five counts, places between joints.
        const auto k = static_cast<double>(std::max<std::size_t>(1, m_choice.places.size() + (m_limb.whip ? 1 : 0)));
        const double one = (5 + 10 * (k - 1)) / 5, two = one + 10 * (k - 1) * (k - 2) / 2 / 5;
        const double fields[] = {1, one, two};
        m_drops = m_choice.wishes.mayDrop ? kMostDrops : 0;
        while (m_drops > 0 && static_cast<double>(plain) * fields[m_drops] > kMostCandidates)
            --m_drops;
        for (std::size_t i = 0; i < m_stock.spools.size(); ++i)
            for (int n : wire::kStrandCounts)
                for (double lay :
                     laysFor(m_choice.demands, m_stock.tableOf(static_cast<int>(i)), n, m_stock.spools[i].diameter_mm))
                    withDrops(static_cast<int>(i), {n, m_stock.spools[i].diameter_mm, lay});
    }

    /// One candidate more, as the builder asks for it; its index.
    int add(int spool, const wire::Bundle& bundle, const std::vector<std::pair<int, int>>& drops) {
        start(spool, bundle);
        for (const auto& [after, strands] : drops)
            drop(after, strands);
        finish();
        return static_cast<int>(m_choice.candidates.size()) - 1;
    }

private:
    void again() {
        if (!m_changed) return;
        for (Trial& t : m_choice.trials)
            judgeTrial(t);
        for (Candidate& c : m_choice.candidates)
            finish(c);
    }

    using Key = std::tuple<int, int, double, double, std::vector<std::pair<int, int>>>;
    static Key key(int spool, const wire::Bundle& b, double spun, const std::vector<Ending>& ends) {
        std::vector<std::pair<int, int>> flat;
        for (const Ending& e : ends)
            flat.emplace_back(e.joint, e.strands);
        return {spool, b.strands, b.lay_mm, spun, std::move(flat)};
    }

    void withDrops(int spool, const wire::Bundle& bundle) {
        start(spool, bundle);
        finish();
        // What is out as a whole needs no variants.
        if (m_choice.candidates.back().bar != Bar::none && m_choice.candidates.back().bar != Bar::spool_short) return;
        const int last = static_cast<int>(m_choice.places.size()) - (m_limb.whip ? 0 : 1);
        for (int first = 0; m_drops >= 1 && first < last; ++first)
            for (int m : wire::kStrandCounts) {
                if (m >= bundle.strands) continue;
                start(spool, bundle), drop(first, m);
                finish();
                for (int second = first + 1; m_drops >= 2 && second < last; ++second)
                    for (int q : wire::kStrandCounts) {
                        if (q >= m) continue;
                        start(spool, bundle), drop(first, m), drop(second, q);
                        finish();
                    }
            }
    }

    void start(int spool, const wire::Bundle& bundle) {
        m_new = {};
        m_new.spool = spool, m_new.bundle = bundle;
        const wire::MaterialCard& card = m_stock.tableOf(spool).card();
        if (card.use == wire::Use::fixed && !m_choice.demands.empty() && !m_puppet.wants.steelMayPose)
            m_new.bar = Bar::material_static;
        else if (wire::findTwistDamage(bundle, card) > wire::kTwistRefuse)
            m_new.bar = Bar::twist;
        else if (isUnwished(bundle))
            m_new.bar = Bar::unwished;
        m_new.trial[0] = trialOf(spool, bundle, 0);
    }

    bool isUnwished(const wire::Bundle& b) const {
        constexpr double kSame_mm = 0.005; // as gauges are told apart
        const auto& w = m_choice.wishes;
        return b.strands > w.mostStrands || std::any_of(w.disliked_mm.begin(), w.disliked_mm.end(), [&](double d) {
                   return std::abs(d - b.diameter_mm) < kSame_mm;
               });
    }

    void drop(int after, int strands) {
        wire::Bundle b = m_new.bundle;
        b.strands = strands;
        if (strands == 1) b.lay_mm = 0;
        m_new.after[static_cast<std::size_t>(m_new.drops)] = after;
        m_new.trial[static_cast<std::size_t>(++m_new.drops)] =
            trialOf(m_new.spool, b, wire::findTwistDamage(m_new.bundle, m_stock.tableOf(m_new.spool).card()));
    }

    int trialOf(int spool, const wire::Bundle& bundle, double spun, const std::vector<Ending>& ends = {}) {
        const auto [it, fresh] =
            m_index.try_emplace(key(spool, bundle, spun, ends), static_cast<int>(m_choice.trials.size()));
        if (!fresh) return it->second;
        Trial t;
        t.spool = spool, t.bundle = bundle, t.spunDamage = spun, t.ends = ends;
        const wire::BendTable& table = m_stock.tableOf(spool);
        const wire::Calibration& calibration = m_stock.calibrationOf(spool);
        const auto known = m_known.find(it->first);
        if (known != m_known.end() && known->second->bundle == bundle) {
            t.bends = known->second->bends;
        } else {
            std::vector<wire::WireBend> bends;
            for (const Demand& d : m_choice.demands)
                bends.push_back(findBendOf(d, table, bundle, calibration, spun, whipEnds(ends)));
            t.bends = std::make_shared<const std::vector<wire::WireBend>>(std::move(bends));
        }
        judgeTrial(t);
        m_choice.trials.push_back(std::move(t));
        return it->second;
    }

    /// Places along the whip at which strands end, from its root.
    std::vector<wire::WhipEnd> whipEnds(const std::vector<Ending>& ends) const {
        std::vector<wire::WhipEnd> at;
        const int root = m_choice.demands.empty() ? 0 : m_choice.demands.front().joint;
        const double start = root == 0 ? 0 : m_path.segmentEnd_mm[static_cast<std::size_t>(root - 1)];
        for (const Ending& e : ends)
            at.push_back({m_path.endAfter_mm[static_cast<std::size_t>(e.joint)] - start, e.strands});
        return at;
    }

    void judgeTrial(Trial& t) const {
        const wire::MaterialCard& card = m_stock.tableOf(t.spool).card();
        t.at.resize(m_choice.demands.size());
        for (std::size_t j = 0; j < m_choice.demands.size(); ++j) {
            if (!m_asked.empty() && m_asked[j]) continue;
            const Demand& d = m_choice.demands[j];
            const Verdict v = judgeLimits(d, (*t.bends)[j], card, t.bundle);
            double miss = 0;
            for (double x : v.shortfall)
                miss += x;
            t.at[j] = {v.bend.hold_Nmm, v.life_s, v.effort_Nmm / d.effortLimit_Nmm, miss, v.life_s / d.needFilm_s,
                       v.inside(),      v.state()};
        }
    }

    void finish() {
        // A whip is one beam: its strands that end are part of the one trial.
        if (m_limb.whip && m_new.drops > 0 && !m_choice.demands.empty()) {
            std::vector<Ending> ends;
            for (int i = 0; i < m_new.drops; ++i) {
                const auto k = static_cast<std::size_t>(i);
                ends.push_back({m_choice.places[static_cast<std::size_t>(m_new.after[k])],
                                m_choice.trials[static_cast<std::size_t>(m_new.trial[k + 1])].bundle.strands});
            }
            m_new.trial[0] = trialOf(m_new.spool, m_new.bundle, 0, ends);
        }
        finish(m_new);
        m_choice.candidates.push_back(m_new);
    }

    /// Everything about a candidate that loads, lengths and the spool decide.
    void finish(Candidate& c) const {
        const Spool& stock = m_stock.spools[static_cast<std::size_t>(c.spool)];
        const wire::MaterialCard& card = m_stock.tableOf(c.spool).card();
        std::array<Ending, kMostDrops> endings;
        for (int i = 0; i < c.drops; ++i) {
            const auto k = static_cast<std::size_t>(i);
            endings[k] = {m_choice.places[static_cast<std::size_t>(c.after[k])],
                          m_choice.trials[static_cast<std::size_t>(c.trial[k + 1])].bundle.strands};
        }
        const std::span<const Ending> ends(endings.data(), static_cast<std::size_t>(c.drops));
        std::array<StrandGroup, kMostDrops + 1> groups;
        // The parent's bundle is not chosen yet: one like this stands in for the wraps.
        const std::size_t n = findGroups(m_path, c.bundle, ends, wire::findBundleDiameter(c.bundle), groups);
        double from = 0;
        c.wire_mm = c.mass_g = c.work_min = 0;
        for (std::size_t i = 0; i < n; ++i)
            c.wire_mm += groups[i].pieces * groups[i].piece_mm, c.work_min += groups[i].pieces * m_stock.work.cut_min;
        if (c.bundle.lay_mm > 0) c.work_min += m_stock.work.spin_min;
        c.work_min += static_cast<double>(m_limb.joints.size()) * m_stock.work.bind_min;
        for (int i = 0; i <= c.drops; ++i) {
            const double to =
                i == c.drops ? m_path.path_mm
                             : m_path.endAfter_mm[static_cast<std::size_t>(endings[static_cast<std::size_t>(i)].joint)];
            c.mass_g +=
                (to - from) *
                wire::findMassPerLength(
                    m_choice.trials[static_cast<std::size_t>(c.trial[static_cast<std::size_t>(i)])].bundle, card);
            from = to;
        }
        c.price = c.wire_mm / 1000 * stock.price_m;
        if (c.bar == Bar::spool_short) c.bar = Bar::none;
        if (c.bar == Bar::none && !m_limb.cut_mm && c.wire_mm * (m_limb.mirrored ? 2 : 1) > stock.length_m * 1000)
            c.bar = Bar::spool_short;
        double worstMiss = 0;
        c.lifeMargin = m_choice.demands.empty() ? 1 : 1e9;
        c.inside = 1e9;
        c.miss = c.worstEffort = 0, c.worstJoint = -1, c.state = State::holds;
        for (std::size_t j = 0; j < m_choice.demands.size(); ++j) {
            const Trial::At& at = findAt(m_choice, c, j);
            c.miss += at.miss;
            // The joint that rules a candidate out is the one that misses most; among those that hold, the first to
            // tire.
            if (at.miss > worstMiss || (worstMiss == 0 && at.miss == 0 && at.margin < c.lifeMargin))
                c.worstJoint = static_cast<int>(j), c.state = at.state;
            worstMiss = std::max(worstMiss, at.miss);
            c.lifeMargin = std::min(c.lifeMargin, at.margin);
            c.inside = std::min(c.inside, at.inside);
            c.worstEffort = std::max(c.worstEffort, at.effort);
        }
        c.fits = c.bar == Bar::none && c.state == State::holds;
    }

    const Puppet& m_puppet;
    const Stock& m_stock;
    LimbChoice& m_choice;
    const Limb& m_limb;
    LimbPath m_path;
    std::map<Key, const Trial*> m_known; ///< of the former choice
    std::map<Key, int> m_index;          ///< trials of this one
    Candidate m_new;
    int m_drops = kMostDrops;
    bool m_taken = false;      ///< the field of the former choice
    bool m_changed = false;    ///< something of it is to be looked at again
    std::vector<bool> m_asked; ///< by demand: its limits are as they were; empty: none are known
};

bool better(const LimbChoice& l, const Candidate& a, const Candidate& b, const Wants& wants) {
    if (a.fits != b.fits) return a.fits;
    if (!a.fits && a.miss != b.miss) return a.miss < b.miss;
    if (!a.fits) return a.drops < b.drops;
    if (const double x = findCounted(a, wants.reserve), y = findCounted(b, wants.reserve); x != y) return x > y;
    const auto x = findRank(l, a, wants.aim), y = findRank(l, b, wants.aim);
    return x != y ? x < y : a.drops < b.drops;
}

bool isPick(const LimbChoice& l, const Limb& limb, const Candidate& c, int spool, const wire::Bundle& b,
            const WirePick& pick) {
    if (c.spool != spool || c.bundle.strands != b.strands || std::abs(c.bundle.lay_mm - b.lay_mm) > 1e-9 ||
        c.drops != static_cast<int>(pick.drops.size()))
        return false;
    const auto ends = findEndings(l, c);
    for (std::size_t i = 0; i < ends.size(); ++i)
        if (limb.joints[static_cast<std::size_t>(ends[i].joint)].id != pick.drops[i].joint ||
            ends[i].strands != pick.drops[i].strands)
            return false;
    return true;
}

int findPicked(const Puppet& puppet, const Stock& stock, LimbChoice& l) {
    const Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
    if (!limb.pick) return -1;
    for (std::size_t i = 0; i < stock.spools.size(); ++i) {
        if (stock.spools[i].id != limb.pick->spool) continue;
        const auto bundle = wire::makeBundle({limb.pick->strands, stock.spools[i].diameter_mm, limb.pick->lay_mm});
        if (!bundle) continue;
        for (std::size_t k = 0; k < l.candidates.size(); ++k)
            if (isPick(l, limb, l.candidates[k], static_cast<int>(i), *bundle, *limb.pick)) return static_cast<int>(k);
        std::vector<std::pair<int, int>> drops;
        for (const StrandDrop& d : limb.pick->drops)
            for (std::size_t j = 0; j + (limb.whip ? 0 : 1) < l.places.size(); ++j)
                if (limb.joints[static_cast<std::size_t>(l.places[j])].id == d.joint)
                    drops.emplace_back(static_cast<int>(j), d.strands);
        // The trials of the field so far stay where they are: more are added behind them.
        LimbChoice extra;
        extra.limb = l.limb, extra.demands = l.demands;
        Field field(puppet, stock, extra, nullptr, nullptr);
        field.add(static_cast<int>(i), *bundle, drops);
        Candidate c = extra.candidates.back();
        for (int t = 0; t <= c.drops; ++t) {
            auto& at = c.trial[static_cast<std::size_t>(t)];
            l.trials.push_back(extra.trials[static_cast<std::size_t>(at)]);
            at = static_cast<int>(l.trials.size()) - 1;
        }
        l.candidates.push_back(c);
        return static_cast<int>(l.candidates.size()) - 1;
    }
    return -1;
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

const wire::Calibration& Stock::calibrationOf(int spool) const {
    static const wire::Calibration kUntested;
    return calibrations.empty() ? kUntested : calibrations[static_cast<std::size_t>(spool)];
}

const Trial& findTrial(const LimbChoice& l, const Candidate& c, std::size_t demand) {
    int level = 0;
    // A whip's one trial knows where its strands end.
    const bool whip = l.demands[demand].whip;
    while (!whip && level<c.drops&& static_cast<int>(demand)> c.after[static_cast<std::size_t>(level)])
        ++level;
    return l.trials[static_cast<std::size_t>(c.trial[static_cast<std::size_t>(level)])];
}

const Trial::At& findAt(const LimbChoice& l, const Candidate& c, std::size_t demand) {
    return findTrial(l, c, demand).at[demand];
}

std::vector<Ending> findEndings(const LimbChoice& l, const Candidate& c) {
    std::vector<Ending> ends;
    for (std::size_t i = 0; i < static_cast<std::size_t>(c.drops); ++i)
        ends.push_back({l.places[static_cast<std::size_t>(c.after[i])],
                        l.trials[static_cast<std::size_t>(c.trial[i + 1])].bundle.strands});
    return ends;
}

int findStrands(const LimbChoice& l, int segment) {
    if (l.chosen < 0) return 0;
    const Candidate& c = l.candidates[static_cast<std::size_t>(l.chosen)];
    int strands = c.bundle.strands;
    // The segment in which strands end still counts as the larger bundle.
    for (const Ending& e : findEndings(l, c))
        if (segment > e.joint) strands = e.strands;
    return strands;
}

Rank findRank(const LimbChoice& l, const Candidate& c, Aim aim) {
    const double strands = c.bundle.strands, drops = c.drops, life = l.demands.empty() ? 0 : -c.lifeMargin;
    switch (aim) {
    case Aim::simple:
        return {strands, drops, c.work_min, life, l.demands.empty() ? c.price : c.mass_g};
    case Aim::light:
        return {c.mass_g, c.price};
    case Aim::easy:
        return {l.demands.empty() ? c.price : c.worstEffort, c.mass_g};
    case Aim::cheap:
        return {c.price, c.mass_g};
    case Aim::life:
    case Aim::spools:
        break;
    }
    return {l.demands.empty() ? c.price : life, c.mass_g};
}

double findCounted(const Candidate& c, double reserve) { return std::min(c.inside, 1 + reserve); }

void tryCandidates(const Puppet& puppet, const Stock& stock, LimbChoice& choice, const LimbChoice* former) {
    Field(puppet, stock, choice, former, nullptr).run();
}

void tryAgain(const Puppet& puppet, const Stock& stock, LimbChoice& choice, LimbChoice&& spent) {
    Field(puppet, stock, choice, &spent, &spent).run();
}

void pickCandidate(const Puppet& puppet, const Stock& stock, LimbChoice& l, const std::vector<bool>& allowed) {
    l.chosen = findPicked(puppet, stock, l);
    l.pinned = l.chosen >= 0;
    l.fitting = 0;
    for (std::size_t i = 0; i < l.candidates.size(); ++i) {
        const Candidate& c = l.candidates[i];
        l.fitting += c.fits ? 1 : 0;
        if (l.pinned || !l.reason.needed() || c.bar != Bar::none) continue;
        if (!allowed.empty() && !allowed[static_cast<std::size_t>(c.spool)]) continue;
        if (l.chosen < 0 || better(l, c, l.candidates[static_cast<std::size_t>(l.chosen)], puppet.wants))
            l.chosen = static_cast<int>(i);
    }
    l.verdicts.clear();
    l.state = l.demands.empty() ? State::not_checked : State::holds, l.worst = -1;
    l.reserve = wire::WireBend::nan, l.thin = false;
    if (l.chosen < 0) return;
    const Candidate& c = l.candidates[static_cast<std::size_t>(l.chosen)];
    for (std::size_t j = 0; j < l.demands.size(); ++j) {
        const Trial& t = findTrial(l, c, j);
        l.verdicts.push_back(judgeBend(l.demands[j], (*t.bends)[j], stock.tableOf(c.spool).card(), t.bundle,
                                       stock.calibrationOf(c.spool)));
    }
    if (l.demands.empty()) return;
    l.state = c.state;
    l.worst = c.worstJoint;
    l.reserve = c.inside - 1;
    l.thin = c.state == State::holds && c.inside < 1 + puppet.wants.reserve;
}

} // namespace enkinet::choice
