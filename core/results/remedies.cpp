#include "results/remedies.h"
#include "base/text.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <set>
#include <tuple>

namespace enkinet::results {

using namespace body;

namespace {

/// Diameters that are sold, mm.
constexpr double kGauges[] = {0.3, 0.4, 0.5, 0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.5,
                              1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.0, 3.2, 3.5, 4.0};
/// Weights of discrete changes against continuous ones, as shares.
constexpr double kEdgeSize = 0.12, kSpoolSize = 0.2, kRigSize = 0.6, kEdgesSize = 0.3, kFixedSize = 0.5,
                 kFeetSize = 0.4;
/// The change is known to this share of itself.
constexpr double kClose = 1e-3;
/// Shares of a change that are tried, coarse ones first.
constexpr double kShares[] = {1, 0.5, 0.25, 0.75, 0.125, 0.375, 0.625, 0.875};
constexpr std::size_t kMostPairs = 3;

class Finder {
public:
    Finder(const Production& p, int puppet, int limb, const Cards& shipped, wire::TableShelf& tables,
           const std::stop_token& stop, choice::ChoiceMemo* memo)
        : m_memo(memo ? *memo : m_ownMemo), m_production(p), m_puppetIndex(puppet), m_limbIndex(limb),
          m_shipped(shipped), m_tables(tables), m_stop(stop), m_puppet(p.puppets.at(static_cast<std::size_t>(puppet))),
          m_limb(m_puppet.limbs.at(static_cast<std::size_t>(limb))) {}

    choice::PuppetChoice choose(const Production& p) const {
        const Cards cards = mergeCards(m_shipped, p.cards);
        const choice::Stock stock = makeStock(p, cards, m_tables, &m_calibrations);
        auto chosen = choice::calcChoice(p.puppets[static_cast<std::size_t>(m_puppetIndex)],
                                         makeShelf(cards, p.stock.shop), stock, m_memo, m_stop);
        if (m_first.limbs.empty()) m_first = chosen;
        return chosen;
    }

    /// With what is wanted to spare, or with anything.
    bool holds(const choice::PuppetChoice& c, bool anyReserve = false) const {
        const choice::LimbChoice& l = c.limbs[static_cast<std::size_t>(m_limbIndex)];
        return anyReserve ? l.chosen >= 0 && l.state == choice::State::holds : holdsWithReserve(l);
    }
    bool stopped() const { return m_stop.stop_requested(); }

    std::optional<choice::PuppetChoice> tryOut(const Remedy& r, double share) const {
        const auto changed = applyRemedy(m_production, m_shipped, m_puppetIndex, r, share);
        if (!changed) return {};
        return choose(*changed);
    }

    /// Joints that fail, by limb and place.
    std::set<std::pair<int, int>> failing(const choice::PuppetChoice& c) const {
        std::set<std::pair<int, int>> all;
        for (const choice::LimbChoice& l : c.limbs)
            for (std::size_t j = 0; j < l.verdicts.size(); ++j)
                if (l.verdicts[j].state() != choice::State::holds) all.emplace(l.limb, l.demands[j].joint);
        return all;
    }

    /// What the limb is made of after it, and what it does to the rest of the puppet.
    void describe(Remedy& r, const choice::PuppetChoice& all) const {
        const choice::LimbChoice& l = all.limbs[static_cast<std::size_t>(m_limbIndex)];
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        r.bundle = c.bundle;
        const auto spools = m_production.stock.spools.size();
        if (static_cast<std::size_t>(c.spool) < spools)
            r.wireCard = m_production.stock.spools[static_cast<std::size_t>(c.spool)].material;
        else
            r.wireCard = r.fix == Fix::spool || r.with.empty() ? r.spool.material : r.with.front().spool.material;
        r.reserve = l.reserve, r.thinReserve = l.thin;
        if (l.worst >= 0) {
            r.hold_Nmm = l.verdicts[static_cast<std::size_t>(l.worst)].bend.hold_Nmm;
            r.life_s = l.verdicts[static_cast<std::size_t>(l.worst)].life_s;
        }
        const auto before = failing(m_first), after = failing(all);
        r.fails = static_cast<int>(before.size()), r.failsAfter = static_cast<int>(after.size());
        r.breaks.clear();
        for (const auto& [limb, joint] : after)
            if (!before.contains({limb, joint}))
                r.breaks.push_back(
                    m_puppet.limbs[static_cast<std::size_t>(limb)].joints[static_cast<std::size_t>(joint)].name);
    }

    static double sizeOf(const Remedy& r) { return std::abs(r.to - r.from) / std::max(std::abs(r.from), 1e-9); }

    /// Keeps a remedy when it helps; a continuous one is first cut down to what is just enough. What helps in no
    /// measure is kept for pairs.
    void offer(Remedy r, double weight = 0) {
        if (stopped() || (r.continuous && r.from == r.to)) return;
        r.size = r.continuous ? sizeOf(r) : weight;
        double enough = 1;
        std::optional<choice::PuppetChoice> all;
        // The whole of it may be too much: a gap so long that it springs, a leg so thick that it weighs. What holds
        // with less to spare than is wanted is looked for where nothing holds with it.
        std::vector<std::pair<double, choice::PuppetChoice>> barely;
        for (double share :
             r.continuous ? std::vector<double>(std::begin(kShares), std::end(kShares)) : std::vector{1.0}) {
            if (stopped()) return;
            all = tryOut(r, share);
            enough = share;
            if (all && holds(*all)) break;
            if (all && holds(*all, true)) barely.emplace_back(share, std::move(*all));
            all.reset();
        }
        const bool any = !all && !barely.empty();
        if (any) {
            enough = barely.front().first;
            all = std::move(barely.front().second);
        }
        if (!all) {
            m_short.push_back(r);
            return;
        }
        if (r.continuous) {
            double fails = 0;
            while (enough - fails > kClose * enough) {
                if (stopped()) return;
                const double middle = (fails + enough) / 2;
                auto trial = tryOut(r, middle);
                if (trial && holds(*trial, any))
                    enough = middle, all = std::move(trial);
                else
                    fails = middle;
            }
            r.to = r.from + enough * (r.to - r.from);
            r.size = sizeOf(r);
        }
        describe(r, *all);
        found.push_back(r);
    }

    /// Two changes at once, where no single one is enough: both by the same share first, then each as little as the
    /// other allows.
    void pairs() {
        std::vector<Remedy> best;
        spoolPairs(best);
        for (std::size_t i = 0; i < m_short.size(); ++i)
            for (std::size_t k = i + 1; k < m_short.size(); ++k) {
                if (stopped()) break;
                Remedy a = m_short[i], b = m_short[k];
                // Two ways of the same kind are one change more of it.
                if (a.fix == b.fix && a.fix != Fix::gap && a.fix != Fix::range) continue;
                if (!a.continuous && !b.continuous && a.fix == b.fix) continue;
                solvePair(a, b, best);
            }
        std::stable_sort(best.begin(), best.end(), [](const Remedy& x, const Remedy& y) { return x.size < y.size; });
        // A gauge is looked for with a change in two ways; the smaller of what they find stands.
        const auto same = [](const Remedy& x, const Remedy& y) {
            return x.fix == y.fix && x.limb == y.limb && x.joint == y.joint && x.mass == y.mass &&
                   x.spool.id == y.spool.id;
        };
        std::vector<Remedy> once;
        for (Remedy& r : best)
            if (std::none_of(once.begin(), once.end(),
                             [&](const Remedy& x) { return same(x, r) && same(x.with.front(), r.with.front()); }))
                once.push_back(std::move(r));
        best = std::move(once);
        if (best.size() > kMostPairs) best.resize(kMostPairs);
        for (Remedy& r : best)
            found.push_back(std::move(r));
    }

    /// A gauge that is not in stock together with another change: looked for under the loads that the change leaves.
    void spoolPairs(std::vector<Remedy>& best) const {
        if (m_limb.pick) return;
        const std::vector<Remedy> gauges = soldGauges();
        for (const Remedy& other : m_short) {
            if (other.fix == Fix::spool) continue;
            for (double share : {1.0, 0.5}) {
                if (share < 1 && !other.continuous) continue;
                if (stopped()) return;
                const auto eased = tryOut(other, share);
                if (!eased) continue;
                const choice::LimbChoice& l = eased->limbs[static_cast<std::size_t>(m_limbIndex)];
                for (const Remedy& gauge : gauges) {
                    if (!mayFit(l, gauge.spool)) continue;
                    const std::size_t before = best.size();
                    solvePair(other, gauge, best);
                    if (best.size() > before) break;
                }
            }
        }
    }

    void solvePair(const Remedy& a, const Remedy& b, std::vector<Remedy>& best) const {
        const auto at = [&](double x, double y) {
            Remedy r = a, other = b;
            r.to = r.from + (r.continuous ? x : 1) * (r.to - r.from);
            other.to = other.from + (other.continuous ? y : 1) * (other.to - other.from);
            r.size = (a.continuous ? sizeOf(r) : a.size) + (b.continuous ? sizeOf(other) : b.size);
            r.with = {std::move(other)};
            return r;
        };
        const auto enough = [&](double x, double y) {
            const auto trial = tryOut(at(x, y), 1);
            return trial && holds(*trial);
        };
        double mostA = 0, mostB = 0;
        for (const auto& [x, y] : {std::pair{1.0, 1.0}, {0.5, 1.0}, {1.0, 0.5}, {0.5, 0.5}}) {
            if ((x < 1 && !a.continuous) || (y < 1 && !b.continuous)) continue;
            if (stopped()) return;
            if (enough(x, y)) {
                mostA = x, mostB = y;
                break;
            }
        }
        if (mostA == 0) return;
        const auto least = [&](const auto& of) {
            double fails = 0, good = 1;
            while (good - fails > kClose * good && !stopped())
                (of((fails + good) / 2) ? good : fails) = (fails + good) / 2;
            return good;
        };
        double x = mostA, y = mostB;
        if (a.continuous && b.continuous) {
            const double both = least([&](double t) { return enough(t * mostA, t * mostB); });
            x *= both, y *= both;
        }
        // On the diagonal both are needed; the first takes back what the second does not ask of it.
        if (a.continuous) x *= least([&](double t) { return enough(t * x, y); });
        if (b.continuous) y *= least([&](double t) { return enough(x, t * y); });
        if (stopped()) return;
        Remedy r = at(x, y);
        const auto all = tryOut(r, 1);
        if (!all || !holds(*all)) return;
        describe(r, *all);
        best.push_back(std::move(r));
    }

    /// Where a rig would carry it: a stiff segment above the weight, the nearest to its plumb line first.
    void rig() {
        const Vec3 weight = m_first.totals.centre;
        const Skeleton& s = m_first.rest;
        std::vector<std::pair<double, Remedy>> places;
        for (const Link& link : s.links) {
            const LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
            const Limb& limb = m_puppet.limbs[static_cast<std::size_t>(copy.limb)];
            const Segment& segment = limb.segments[static_cast<std::size_t>(link.segment)];
            // One that is there, is not one of a pair, and stands up to being held.
            if (copy.right || limb.mirrored || limb.whip || segment.sections.empty() || findStiff(link).length() <= 0)
                continue;
            const Vec3 middle = 0.5 * (link.from + link.to);
            const double above = std::max(link.from.y, link.to.y) - weight.y;
            if (above < 0) continue;
            Remedy r = base(Fix::rig);
            r.limb = copy.limb, r.joint = link.segment, r.continuous = false;
            places.emplace_back(std::hypot(middle.x - weight.x, middle.z - weight.z), r);
        }
        std::stable_sort(places.begin(), places.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
        for (const auto& place : places) {
            const std::size_t before = found.size();
            offer(place.second, kRigSize);
            if (found.size() > before) return;
        }
    }

    Remedy base(Fix fix) const {
        Remedy r;
        r.fix = fix, r.limb = m_limbIndex;
        return r;
    }

    void gaps(const choice::LimbChoice& l) {
        for (std::size_t i = 0; i < l.demands.size(); ++i) {
            // Also of one that holds: it may be what rules out the wire that another needs.
            if (m_limb.whip) continue;
            const auto j = static_cast<std::size_t>(l.demands[i].joint);
            Remedy r = base(Fix::gap);
            r.joint = static_cast<int>(j), r.from = m_limb.joints[j].gap_mm;
            // As long as its bones leave room, and three times at most.
            double room = 3 * r.from;
            for (const auto& [other, segment] : {std::pair{j - 1, j - 1}, {j + 1, j}}) {
                if (other >= m_limb.joints.size()) continue;
                const double length = norm(m_limb.joints[j].at_mm - m_limb.joints[other].at_mm);
                const double taken = m_limb.joints[other].posed ? m_limb.joints[other].gap_mm / 2 : 0;
                room = std::min(room, 2 * (0.95 * length - taken));
                (void)segment;
            }
            r.to = room;
            if (room > r.from) offer(r);
        }
    }

    void ranges(const choice::LimbChoice& l) {
        for (std::size_t i = 0; i < l.demands.size(); ++i) {
            Remedy r = base(Fix::range);
            r.joint = l.demands[i].joint, r.from = 1, r.to = 0.15;
            offer(r);
        }
    }

    /// What a hand does to a whole limb at once.
    void wholeLimb(const choice::LimbChoice& l) {
        const auto factor = [&](Fix fix, double to) {
            Remedy r = base(fix);
            r.from = 1, r.to = to;
            if (to != 1) offer(r);
        };
        const auto posed = static_cast<std::size_t>(
            std::count_if(m_limb.joints.begin(), m_limb.joints.end(), [](const Joint& j) { return j.posed; }));
        if (posed > 1 && !m_limb.whip) {
            // Until two gaps meet on the shortest bone.
            double most = 2;
            for (std::size_t j = 0; j + 1 < m_limb.joints.size(); ++j) {
                const auto half = [&](std::size_t k) {
                    return m_limb.joints[k].posed ? m_limb.joints[k].gap_mm / 2 : 0;
                };
                if (half(j) + half(j + 1) > 0)
                    most = std::min(most, 0.95 * norm(m_limb.joints[j + 1].at_mm - m_limb.joints[j].at_mm) /
                                              (half(j) + half(j + 1)));
            }
            if (most > 1) factor(Fix::gaps, most);
            factor(Fix::ranges, 0.15);
            double hardest = wire::kNoEdge;
            for (const Joint& j : m_limb.joints)
                if (j.posed) hardest = std::max(hardest, j.edge);
            if (hardest > wire::kNoEdge) {
                Remedy r = base(Fix::edges);
                r.continuous = false, r.from = hardest,
                r.to = hardest > wire::kEasedEdge ? wire::kEasedEdge : wire::kNoEdge;
                offer(r, kEdgesSize);
            }
        }
        if (!l.demands.empty() && m_puppet.wants.shot.empty()) factor(Fix::acting, 0.1);
        // Down to what the thinnest clay may be.
        double least = 1;
        const Cards cards = mergeCards(m_shipped, m_production.cards);
        for (const Segment& s : m_limb.segments)
            for (const fill::ClayCard& c : cards.clays)
                if (c.id == s.layers.clay && s.layers.skin_mm > 0)
                    least = std::min(least, std::max(0.5, c.thinnest_mm) / s.layers.skin_mm);
        if (least < 1) factor(Fix::thin, least);
        for (std::size_t i = 0; i < l.demands.size(); ++i) {
            const auto j = static_cast<std::size_t>(l.demands[i].joint);
            if (l.demands[i].buried && j + 1 < m_limb.joints.size()) {
                Remedy r = base(Fix::hinge);
                r.joint = static_cast<int>(j), r.from = 0;
                r.to = std::min(l.demands[i].gap_mm, 0.5 * norm(m_limb.joints[j + 1].at_mm - m_limb.joints[j].at_mm));
                offer(r);
            }
            if (posed > 1 && !m_limb.whip && l.verdicts[i].state() != choice::State::holds) {
                Remedy r = base(Fix::fixed);
                r.joint = static_cast<int>(j), r.continuous = false;
                offer(r, kFixedSize);
            }
        }
        const int feet = static_cast<int>(m_first.rest.supportLinks.size());
        const int down = m_puppet.wants.feetDown > 0 ? m_puppet.wants.feetDown : feet == 2 ? 1 : feet - 1;
        if (feet > 1 && down < feet) {
            Remedy r = base(Fix::feet);
            r.continuous = false, r.from = down, r.to = feet;
            offer(r, kFeetSize);
        }
    }

    /// Points that the change opens, joints apart, which are said by name already.
    void opens(std::vector<Remedy>& all) const {
        if (all.empty() || stopped()) return;
        PuppetMemo memo;
        const auto pointsOf = [&](const Production& p) {
            return calcReport(p, m_puppetIndex, m_shipped, m_tables, memo, m_stop).open;
        };
        const auto same = [](const Finding& a, const Finding& b) {
            return a.kind == b.kind && a.key == b.key && a.subject == b.subject;
        };
        const std::vector<Finding> before = pointsOf(m_production);
        for (Remedy& r : all) {
            const auto changed = applyRemedy(m_production, m_shipped, m_puppetIndex, r);
            if (!changed) continue;
            for (Finding& p : pointsOf(*changed)) {
                if (p.state()) continue;
                if (std::none_of(before.begin(), before.end(), [&](const Finding& b) { return same(b, p); }))
                    r.brings.push_back(std::move(p));
            }
        }
    }

    void film(const choice::LimbChoice& l) {
        double most = 0;
        for (const choice::Demand& d : l.demands)
            most = std::max(most, d.needFilm_s);
        Remedy r = base(Fix::film);
        r.from = most, r.to = 0.05 * most;
        offer(r);
    }

    void masses() {
        for (std::size_t i = 0; i < m_puppet.masses.size(); ++i) {
            const Mass& m = m_puppet.masses[i];
            Remedy r = base(m.shape == MassShape::weighed ? Fix::weight : Fix::skin);
            r.mass = static_cast<int>(i);
            if (m.shape == MassShape::weighed) {
                r.from = m.weighed_g, r.to = 0.05 * m.weighed_g;
            } else {
                if (m.layers.bulk.empty() || m.layers.clay.empty()) continue;
                const Cards cards = mergeCards(m_shipped, m_production.cards);
                const auto clay = std::find_if(cards.clays.begin(), cards.clays.end(),
                                               [&](const auto& c) { return c.id == m.layers.clay; });
                r.from = m.layers.skin_mm, r.to = std::max(0.5, clay->thinnest_mm);
                if (r.to >= r.from) continue;
            }
            offer(r);
        }
    }

    void discrete(const choice::LimbChoice& l) {
        for (std::size_t i = 0; i < l.demands.size(); ++i) {
            const Joint& j = m_limb.joints[static_cast<std::size_t>(l.demands[i].joint)];
            if (j.edge <= wire::kNoEdge) continue;
            Remedy r = base(Fix::edge);
            r.continuous = false, r.joint = l.demands[i].joint, r.from = j.edge,
            r.to = j.edge > wire::kEasedEdge ? wire::kEasedEdge : wire::kNoEdge;
            offer(r, kEdgeSize);
        }
        // The thinnest gauge that is sold, per material that may be posed, beyond what is in stock.
        if (m_limb.pick) return;
        std::string served;
        for (const Remedy& gauge : soldGauges()) {
            if (gauge.spool.material == served || !mayFit(l, gauge.spool)) continue;
            const std::size_t before = found.size();
            offer(gauge, kSpoolSize);
            if (found.size() > before) served = gauge.spool.material;
        }
    }

    /// Spools that could be bought, per material that may be posed, the thinnest first.
    std::vector<Remedy> soldGauges() const {
        std::vector<Remedy> all;
        const Cards cards = mergeCards(m_shipped, m_production.cards);
        for (const wire::MaterialCard& card : cards.wires) {
            if (card.use == wire::Use::fixed && !m_puppet.wants.steelMayPose) continue;
            double price = 0;
            for (const document::Spool& s : m_production.stock.spools)
                if (s.material == card.id) price = s.price_m / (s.diameter_mm * s.diameter_mm);
            for (double d : kGauges) {
                const document::Spool spool{
                    card.id + "-" + plain(d), card.name + " " + plain(d) + " mm", card.id, d, 0, price * d * d, true};
                const auto same = [&](const document::Spool& o) {
                    return (o.material == spool.material && std::abs(o.diameter_mm - d) < 0.02) || o.id == spool.id;
                };
                if (std::any_of(m_production.stock.spools.begin(), m_production.stock.spools.end(), same)) continue;
                Remedy r = base(Fix::spool);
                r.continuous = false, r.to = d, r.size = kSpoolSize;
                r.spool = spool;
                all.push_back(std::move(r));
            }
        }
        return all;
    }

    /// Whether a spool would fit the limb under its present loads: worth a trial of the whole puppet.
    bool mayFit(const choice::LimbChoice& l, const document::Spool& spool) const {
        const Cards cards = mergeCards(m_shipped, m_production.cards);
        const auto card = std::find_if(cards.wires.begin(), cards.wires.end(),
                                       [&](const wire::MaterialCard& c) { return c.id == spool.material; });
        const choice::Stock one{{spool}, {{card->id, m_tables.find(*card)}}, {}};
        choice::LimbChoice probe;
        probe.limb = m_limbIndex, probe.demands = l.demands;
        choice::FieldMemo memo;
        choice::tryCandidates(m_puppet, one, probe, memo, m_stop);
        return std::any_of(probe.candidates().begin(), probe.candidates().end(), [](const auto& c) { return c.fits; });
    }

    std::vector<Remedy> found;

private:
    choice::ChoiceMemo m_ownMemo;
    mutable CalibrationMemo m_calibrations;
    choice::ChoiceMemo& m_memo;  ///< what a trial does not change is not worked out again
    std::vector<Remedy> m_short; ///< changes that are not enough by themselves, at their full size
    const Production& m_production;
    mutable choice::PuppetChoice m_first; ///< before any change
    int m_puppetIndex, m_limbIndex;
    const Cards& m_shipped;
    wire::TableShelf& m_tables;
    std::stop_token m_stop;
    const Puppet& m_puppet;
    const Limb& m_limb;
};

} // namespace

bool holdsWithReserve(const choice::LimbChoice& l) {
    return l.chosen >= 0 && l.state == choice::State::holds && !l.thin;
}

int countFailing(const choice::PuppetChoice& choice) {
    int n = 0;
    for (const choice::LimbChoice& l : choice.limbs)
        for (const choice::Verdict& v : l.verdicts)
            n += v.state() != choice::State::holds;
    return n;
}

std::vector<Remedy> calcRemedies(const Production& production, int puppet, int limb, const Cards& shipped,
                                 wire::TableShelf& tables, const std::stop_token& stop,
                                 const std::function<void(int, int)>& progress, choice::ChoiceMemo* memo) {
    Finder f(production, puppet, limb, shipped, tables, stop, memo);
    choice::PuppetChoice now;
    try {
        now = f.choose(production);
    } catch (const Stopped&) {
        return {};
    }
    if (now.limbs[static_cast<std::size_t>(limb)].state == choice::State::holds || f.stopped()) return {};
    const choice::LimbChoice& l = now.limbs[static_cast<std::size_t>(limb)];
    if (l.chosen < 0) return {};
    const Puppet& p = production.puppets[static_cast<std::size_t>(puppet)];
    const std::function<void()> kinds[] = {
        [&] { f.gaps(l); },
        [&] { f.ranges(l); },
        [&] { f.film(l); },
        [&] {
            Remedy r = f.base(Fix::lean);
            r.from = p.wants.lean_rad, r.to = 0;
            f.offer(r);
        },
        [&] { f.masses(); },
        [&] {
            Remedy r = f.base(Fix::width);
            r.from = 1, r.to = 2;
            f.offer(r);
        },
        [&] { f.discrete(l); },
        [&] { f.wholeLimb(l); },
        [&] {
            if (!p.rig) f.rig();
        },
        [&] {
            // None by itself, or none with what is wanted to spare.
            if (std::all_of(f.found.begin(), f.found.end(), [](const Remedy& r) { return r.thinReserve; })) f.pairs();
        }};
    int done = 0;
    for (const auto& kind : kinds) {
        try {
            checkStop(stop);
            kind();
        } catch (const Stopped&) {
            break; // with what was found
        }
        if (progress) progress(++done, static_cast<int>(std::size(kinds)));
    }
    try {
        f.opens(f.found);
    } catch (const Stopped&) {
        // Not told of those that were not looked at.
    }
    const auto trouble = [](const Remedy& r) {
        return std::tuple(!r.breaks.empty(), r.thinReserve, r.brings.size(), r.size);
    };
    std::stable_sort(f.found.begin(), f.found.end(),
                     [&](const Remedy& a, const Remedy& b) { return trouble(a) < trouble(b); });
    return f.found;
}

} // namespace enkinet::results
