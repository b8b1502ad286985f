#include "choice/choose.h"
#include "base/units.h"
#include "choice/chance.h"
#include "fill/things.h"
#include "load/reach.h"
#include "load/stance.h"
#include <algorithm>
#include <cmath>

namespace enkinet::choice {

ENKINET_COMPARED_BODY(PuppetChoice)

using namespace body;

/// The puppet without what no layer is worked out from: a field forgotten here costs time, not truth, for the step is
/// given what is left alone.
Puppet shapeOf(const Puppet& puppet) {
    Puppet p = puppet;
    p.id.clear(), p.name.clear(), p.kind.clear(), p.note.clear();
    p.wants = {}, p.board = {}, p.poses.clear(), p.pictures.clear(), p.measures.clear(), p.rig.reset();
    p.left.clear(), p.aside.clear(), p.extras.clear();
    for (Limb& l : p.limbs) {
        l.pick.reset(), l.tieDown.reset(), l.cut_mm.reset(), l.wraps = l.loop_mm = 0, l.extras.clear();
        for (Joint& j : l.joints) {
            j.low_rad = j.high_rad = 0, j.edge = j.movesPerSecond = 1, j.formingBends = 0;
            j.need_s.reset(), j.extras.clear();
        }
    }
    return p;
}

namespace {

constexpr int kRounds = 6;
/// A joint nearer to what holds the puppet should need at least this share of the effort of the one beyond it.
constexpr double kOrder = 0.9;
/// Raw clay held level without wire must keep this factor to spare.
constexpr double kRawSpare = 2;

/// One part's layer on a whip's link, spread so that mass and centre are kept: density linear along it.
void spread(const fill::LayerMass& l, const Link& link, Stretch over, int body, std::vector<load::PointMass>& masses) {
    constexpr int kSlices = 12;
    const Vec3 along = link.to - link.from, middle = link.from + (over.from + over.to) / 2 * along;
    const double half = over.length() / 2;
    const double off = dot(l.centre - middle, along) / dot(along, along) / std::max(half, 1e-12);
    // A centre farther off than a linear density reaches stays a point.
    if (half <= 0 || std::abs(off) > 1.0 / 3) {
        masses.push_back({l.mass_g, l.centre, body});
        return;
    }
    for (int i = 0; i < kSlices; ++i) {
        const double a = -1 + 2.0 * i / kSlices, b = -1 + 2.0 * (i + 1) / kSlices;
        const double zeroth = (b - a) / 2 + 0.75 * off * (b * b - a * a);
        const double first = (b * b - a * a) / 4 + off * (b * b * b - a * a * a) / 2;
        if (zeroth > 0) masses.push_back({l.mass_g * zeroth, middle + half * first / zeroth * along, body});
    }
}

/// The puppet's weight as it is built; along whips, where it lies, and elsewhere at each layer's centre.
std::vector<load::PointMass> pointMasses(const Puppet& puppet, const Skeleton& rest, const std::vector<Stretch>& own,
                                         const std::vector<fill::Part>& parts) {
    std::vector<load::PointMass> masses;
    for (const fill::Part& p : parts) {
        const Link& link = rest.links[static_cast<std::size_t>(p.link)];
        const bool whip =
            p.mass < 0 &&
            puppet.limbs[static_cast<std::size_t>(rest.copies[static_cast<std::size_t>(link.copy)].limb)].whip;
        fill::eachLayer(p, [&](const fill::LayerMass& l) {
            if (l.mass_g <= 0) return;
            if (whip)
                spread(l, link, &l == &p.wire ? Stretch{} : own[static_cast<std::size_t>(p.link)], p.body, masses);
            else
                masses.push_back({l.mass_g, l.centre, p.body});
        });
    }
    return masses;
}

std::vector<fill::WireRuns> wireRuns(const Puppet& puppet, const std::vector<LimbChoice>& limbs, const Stock& stock) {
    std::vector<fill::WireRuns> runs(puppet.limbs.size());
    for (const LimbChoice& l : limbs) {
        if (l.chosen < 0) continue;
        const Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        const wire::MaterialCard& card = stock.tableOf(c.spool).card();
        const auto run = [&](int strands) {
            const wire::Bundle b{strands, c.bundle.diameter_mm, strands == 1 ? 0 : c.bundle.lay_mm};
            const double mass = wire::findMassPerLength(b, card);
            return fill::WireRun{mass, mass / gPerCm3ToGPerMm3(card.density_g_cm3), wire::findBundleDiameter(b)};
        };
        fill::WireRuns& of = runs[static_cast<std::size_t>(l.limb)];
        int before = c.bundle.strands;
        for (std::size_t i = 0; i < puppet.limbs[static_cast<std::size_t>(l.limb)].segments.size(); ++i) {
            const int after = i + 1 < puppet.limbs[static_cast<std::size_t>(l.limb)].segments.size()
                                  ? findStrands(l, static_cast<int>(i) + 1)
                                  : findStrands(l, static_cast<int>(i));
            fill::WireRun r = run(before);
            // Strands that end here do so half way.
            if (after != before) {
                const fill::WireRun thin = run(after);
                r.mass_g_mm = (r.mass_g_mm + thin.mass_g_mm) / 2, r.metal_mm2 = (r.metal_mm2 + thin.metal_mm2) / 2;
            }
            of.push_back(r);
            before = after;
        }
    }
    return runs;
}

/// And without layers and gaps: where limbs lie in each other.
Puppet outlineOf(const Puppet& puppet) {
    Puppet p = shapeOf(puppet);
    for (Limb& l : p.limbs) {
        for (Joint& j : l.joints)
            j.gap_mm = 0;
        for (Segment& s : l.segments) {
            s.layers = {};
            for (body::Section& t : s.sections)
                t.skin_mm.reset();
        }
    }
    for (Mass& m : p.masses)
        m.layers = {}, m.weighed_g = 0;
    return p;
}

class Chooser {
public:
    Chooser(const Puppet& puppet, const fill::Shelf& shelf, const Stock& stock, ChoiceMemo& memo, std::stop_token stop)
        : m_puppet(puppet), m_shelf(shelf), m_stock(stock), m_memo(memo), m_stop(std::move(stop)) {}

    PuppetChoice run() {
        r.rest = calcSkeleton(m_puppet);
        r.own = *m_memo.own.find(0, outlineOf(m_puppet),
                                 [&](const Puppet& p) { return calcOwnStretches(p, calcSkeleton(p), m_stop); });
        m_shape = shapeOf(m_puppet);
        // What is held in a pose weighs in that pose alone: see addHeld.
        std::erase_if(m_shape.things.props, [](const Prop& x) { return !x.pose.empty(); });
        m_reach =
            std::make_unique<load::ReachSearch>(m_puppet, r.rest, findActing(m_puppet.wants.acting), m_memo.reach);
        makeCases();
        r.skeleton = m_cases.back().posed.skeleton, r.motions = m_cases.back().posed.bodies;
        std::vector<fill::WireRuns> runs(m_puppet.limbs.size());
        m_stiffness.assign(r.rest.hinges.size(), load::JointStiffness{{1e5, 1e4, 7e3}, {}});
        for (int round = 0; round < kRounds && !r.settled; ++round) {
            weigh(runs);
            std::vector<LimbChoice> limbs(m_puppet.limbs.size());
            for (std::size_t i = 0; i < limbs.size(); ++i) {
                checkStop(m_stop);
                limbs[i].limb = static_cast<int>(i);
                limbs[i].demands =
                    calcDemands(m_puppet, r.rest, r.rest, m_shelf, r.loads, m_atRest, r.own, limbs[i].limb);
                limbs[i].reason = calcReason(limbs[i]);
                for (const StillDemand& d : m_still)
                    if (r.rest.copies[static_cast<std::size_t>(d.copy)].limb == limbs[i].limb)
                        limbs[i].still.push_back(d);
                tryCandidates(m_puppet, m_stock, limbs[i], m_memo.fields, m_stop);
            }
            pick(limbs);
            auto made = madeOf(limbs);
            r.settled = round > 0 && made == m_made;
            m_made = std::move(made);
            r.limbs = std::move(limbs);
            if (!r.settled) runs = wireRuns(m_puppet, r.limbs, m_stock), stiffen();
        }
        finish();
        return std::move(r);
    }

private:
    /// A pose that every joint must hold: as the piece is built, each that is kept, and the one on the board where it
    /// is neither. What it is judged by never hangs on which of them the board shows.
    struct PoseCase {
        int pose = load::kAtRest;
        Posed posed;
        std::vector<std::size_t> held; ///< props that are in a hand in it alone
    };

    void makeCases() {
        struct Taken {
            std::vector<JointAngle> angles;
            bool plantedRight;
            std::vector<std::size_t> held;
        };
        std::vector<Taken> known;
        const auto add = [&](int place, const Pose& pose) {
            Taken t{pose.angles, pose.plantedRight, {}};
            std::erase_if(t.angles, [](const JointAngle& a) { return a.forth_rad == 0 && a.aside_rad == 0; });
            for (std::size_t i = 0; i < m_puppet.things.props.size(); ++i)
                if (const std::string& in = m_puppet.things.props[i].pose; !in.empty() && in == pose.name)
                    t.held.push_back(i);
            const auto same = std::find_if(known.begin(), known.end(), [&](const Taken& x) {
                // The planted foot says where the puppet stands, not what pulls on it; the board shows it.
                return x.angles == t.angles && x.held == t.held &&
                       (place != load::kOnBoard || x.plantedRight == t.plantedRight);
            });
            if (same == known.end()) {
                m_cases.push_back({place, calcPosed(m_puppet, r.rest, pose), t.held});
                known.push_back(std::move(t));
            } else if (place == load::kOnBoard) {
                // What the board shows stands last.
                const auto at = same - known.begin();
                std::rotate(known.begin() + at, known.begin() + at + 1, known.end());
                std::rotate(m_cases.begin() + at, m_cases.begin() + at + 1, m_cases.end());
            }
        };
        if (!m_puppet.wants.thisPoseOnly) {
            add(load::kAtRest, Pose{});
            for (std::size_t i = 0; i < m_puppet.poses.size(); ++i)
                add(static_cast<int>(i), m_puppet.poses[i]);
        }
        add(load::kOnBoard, m_puppet.board);
        // By place, so that loads that are alike are the same one's whatever stands last.
        for (std::size_t c = 0; c < m_cases.size(); ++c)
            m_order.push_back(c);
        const auto rank = [&](std::size_t c) {
            const int pose = m_cases[c].pose;
            return pose == load::kOnBoard ? static_cast<int>(m_puppet.poses.size()) : pose;
        };
        std::sort(m_order.begin(), m_order.end(), [&](std::size_t a, std::size_t b) { return rank(a) < rank(b); });
    }

    /// Props that are held in one pose alone, where they are at rest.
    std::vector<load::PointMass> heldIn(const PoseCase& c) const {
        std::vector<load::PointMass> masses;
        for (std::size_t i : c.held) {
            const Prop& x = m_puppet.things.props[i];
            for (int host : fill::findHosts(m_puppet, x.hand, x.side, r.rest, r.parts)) {
                const fill::Part& part = r.parts[static_cast<std::size_t>(host)];
                masses.push_back({x.mass_g, fill::findPropPlace(r.rest, part), part.body});
            }
        }
        return masses;
    }

    void weigh(const std::vector<fill::WireRuns>& runs) {
        r.parts = *m_memo.parts.find(
            static_cast<std::uint64_t>(m_round++), {m_shape, m_shelf, runs}, [&](const ChoiceMemo::PartsKey& key) {
                const Skeleton rest = calcSkeleton(key.puppet);
                return fill::calcParts(key.puppet, rest, r.own, key.shelf, key.runs, &m_memo.part);
            });
        load::LoadSetup setup;
        setup.lean_rad = m_puppet.wants.lean_rad, setup.feetDown = m_puppet.wants.feetDown;
        setup.poseOnly = m_puppet.wants.thisPoseOnly;
        m_atRest = pointMasses(m_puppet, r.rest, r.own, r.parts);
        m_stillEI.resize(m_puppet.limbs.size());
        m_still = calcStillDemands(m_puppet, r.rest, r.own, r.parts, m_stillEI, m_stop);
        for (StillDemand& d : m_still) {
            const LimbCopy& copy = r.rest.copies[static_cast<std::size_t>(d.copy)];
            const Limb& limb = m_puppet.limbs[static_cast<std::size_t>(copy.limb)];
            for (StillPart& p : d.parts)
                p.room_mm = findStillRoom(
                    limb.segments[static_cast<std::size_t>(p.segment)],
                    r.own[static_cast<std::size_t>(copy.firstLink) + static_cast<std::size_t>(p.segment)], m_shelf);
        }
        setup.stop = m_stop;
        setup.stiffness = m_stiffness;
        const std::vector<load::Reach> reach = m_reach->calc(m_atRest, m_stop);
        r.loads.clear();
        for (std::size_t i : m_order) {
            const PoseCase& c = m_cases[i];
            // Masses are those of the piece as it is built; they go where the pose takes them.
            const std::vector<load::PointMass> held = heldIn(c);
            std::vector<load::PointMass> masses = m_atRest;
            masses.insert(masses.end(), held.begin(), held.end());
            setup.reach = held.empty() ? reach : m_reach->calc(masses, m_stop);
            for (load::PointMass& m : masses)
                m.at = c.posed.bodies[static_cast<std::size_t>(m.body)](m.at);
            const std::vector<load::HingeLoad> loads = load::calcLoads(c.posed.skeleton, masses, setup);
            if (r.loads.empty()) {
                r.loads = loads;
                for (load::HingeLoad& l : r.loads)
                    l.pose = c.pose;
            } else {
                load::addLoads(r.loads, loads, c.pose);
            }
            if (i + 1 < m_cases.size()) continue;
            // The last is what the board shows.
            m_masses = std::move(masses);
            m_shown_Nmm.clear();
            for (const load::HingeLoad& l : loads)
                m_shown_Nmm.push_back(l.pose_Nmm);
        }
        for (std::size_t h = 0; h < r.loads.size(); ++h)
            r.loads[h].pose_Nmm = m_shown_Nmm[h];
    }

    void pick(std::vector<LimbChoice>& limbs) {
        if (m_puppet.wants.aim != Aim::spools) {
            for (LimbChoice& l : limbs)
                pickCandidate(m_puppet, m_stock, l);
            return;
        }
        solve::CoverProblem cover;
        auto& servers = cover.customers;
        cover.suppliers = static_cast<int>(m_stock.spools.size());
        for (LimbChoice& l : limbs) {
            pickCandidate(m_puppet, m_stock, l);
            if (l.pinned) cover.open.push_back(l.candidates()[static_cast<std::size_t>(l.chosen)].spool);
            std::map<int, double> cheapest;
            // As good a reserve as the limb can have, no less for the sake of fewer spools.
            const double reserve =
                l.chosen >= 0 ? findCounted(l.candidates()[static_cast<std::size_t>(l.chosen)], m_puppet.wants.reserve)
                              : 0;
            if (!l.pinned && l.reason.needed())
                for (const Candidate& c : l.candidates())
                    if (c.fits && findCounted(c, m_puppet.wants.reserve) >= reserve) {
                        const auto [it, fresh] = cheapest.try_emplace(c.spool, c.price);
                        it->second = std::min(it->second, c.price.value);
                    }
            servers.emplace_back(cheapest.begin(), cheapest.end());
        }
        r.cover = solve::calcBest(cover, {0, m_stop});
        std::vector<bool> allowed(m_stock.spools.size(), false);
        for (int s : r.cover.suppliers)
            allowed[static_cast<std::size_t>(s)] = true;
        for (std::size_t i = 0; i < limbs.size(); ++i)
            if (!servers[i].empty()) pickCandidate(m_puppet, m_stock, limbs[i], allowed);
    }

    /// What each limb is made of.
    struct Made {
        int spool = -1;
        wire::Bundle bundle;
        std::vector<Ending> endings;
        friend bool operator==(const Made&, const Made&) = default;
    };
    static std::vector<Made> madeOf(const std::vector<LimbChoice>& limbs) {
        std::vector<Made> all(limbs.size());
        for (std::size_t i = 0; i < limbs.size(); ++i)
            if (limbs[i].chosen >= 0) {
                const Candidate& c = limbs[i].candidates()[static_cast<std::size_t>(limbs[i].chosen)];
                all[i] = {c.spool, c.bundle, findEndings(limbs[i], c)};
            }
        return all;
    }

    void stiffen() {
        m_stillEI = findStiffness(r.limbs, m_stock);
        for (std::size_t h = 0; h < r.rest.hinges.size(); ++h) {
            const Hinge& hinge = r.rest.hinges[h];
            const LimbChoice& l =
                r.limbs[static_cast<std::size_t>(r.rest.copies[static_cast<std::size_t>(hinge.copy)].limb)];
            if (l.chosen < 0) continue;
            const Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
            const wire::MaterialCard& card = m_stock.tableOf(c.spool).card();
            for (std::size_t j = 0; j < l.demands.size(); ++j) {
                if (l.demands[j].joint != hinge.joint) continue;
                m_stiffness[h] = {stiffnessOf(findTrial(l, c, j).bundle, card), {}};
                if (!l.demands[j].whip) continue;
                const double start = l.demands[j].joint == 0
                                         ? 0
                                         : l.path.segmentEnd_mm[static_cast<std::size_t>(l.demands[j].joint - 1)];
                for (const Ending& e : findEndings(l, c)) {
                    wire::Bundle b = c.bundle;
                    b.strands = e.strands;
                    if (b.strands == 1) b.lay_mm = 0;
                    m_stiffness[h].further.emplace_back(l.path.endAfter_mm[static_cast<std::size_t>(e.joint)] - start,
                                                        stiffnessOf(b, card));
                }
            }
        }
    }

    static load::Stiffness stiffnessOf(const wire::Bundle& b, const wire::MaterialCard& card) {
        // Of a round strand A = 16 I/d², and GJ follows from EI.
        const double EI = wire::findStiffness(card, b);
        return {16 * EI / (b.diameter_mm * b.diameter_mm), EI, EI / (1 + card.poisson)};
    }

    WireReason calcReason(const LimbChoice& l) const {
        const Limb& limb = m_puppet.limbs[static_cast<std::size_t>(l.limb)];
        WireReason why;
        why.refused = !limb.noWire.empty();
        why.pose = !l.demands.empty();
        why.anchor = limb.tieDown.has_value() || limb.hangsOnLimb.empty() ||
                     std::any_of(m_puppet.limbs.begin(), m_puppet.limbs.end(),
                                 [&](const Limb& x) { return x.hangsOnLimb == limb.id; });
        // Held level by its root, as raw clay: bending stress where it leaves the parent.
        double moment = 0, modulus = 0;
        for (const fill::Part& p : r.parts) {
            if (p.link < 0) continue;
            const Link& link = r.rest.links[static_cast<std::size_t>(p.link)];
            const LimbCopy& copy = r.rest.copies[static_cast<std::size_t>(link.copy)];
            if (copy.limb != l.limb || copy.right) continue;
            const Vec3 root = m_puppet.limbs[static_cast<std::size_t>(l.limb)].joints.front().at_mm;
            const Vec3 middle =
                p.mass >= 0 ? r.rest.masses[static_cast<std::size_t>(p.mass)].at : 0.5 * (link.from + link.to);
            moment += p.mass_g() * kNewtonPerGram * norm(middle - root);
            if (p.layers.clay.empty() || p.mass >= 0) continue;
            const auto& sections = limb.segments[static_cast<std::size_t>(link.segment)].sections;
            if (sections.empty() || modulus > 0) continue;
            const body::Section s = findSection(sections, r.own[static_cast<std::size_t>(p.link)].from);
            const double least = std::min(s.a_mm, s.b_mm), most = std::max(s.a_mm, s.b_mm);
            modulus = kPi / 4 * most * least * least;
            why.rawLimit_MPa = m_shelf.clays.at(p.layers.clay).rawStrength_MPa / kRawSpare;
        }
        why.raw_MPa = modulus > 0 ? moment / modulus : 0;
        why.rawClay = modulus <= 0 || why.raw_MPa > why.rawLimit_MPa;
        return why;
    }

    void finish() {
        // As the board shows it, with what it holds there.
        for (fill::Part& p : r.parts)
            fill::eachLayer(
                p, [&](fill::LayerMass& l) { l.centre = r.motions[static_cast<std::size_t>(p.body)](l.centre); });
        for (std::size_t i : m_cases.back().held) {
            const Prop& x = m_puppet.things.props[i];
            for (int host : fill::findHosts(m_puppet, x.hand, x.side, r.skeleton, r.parts)) {
                fill::Part& part = r.parts[static_cast<std::size_t>(host)];
                fill::putPiece(part, x.mass_g, fill::findPropPlace(r.skeleton, part));
            }
        }
        r.totals = fill::calcTotals(r.parts);
        chance();
        for (const load::Stance& s : load::makeStances(r.skeleton, m_puppet.wants.feetDown)) {
            checkStop(m_stop);
            load::StanceState state = load::calcDroop(r.skeleton, m_masses, s, m_stiffness, m_stop);
            r.footings.push_back({s, state.stable, std::move(state.feet_g), std::move(state.droop_mm)});
        }
        disorder();
    }

    void chance() {
        std::vector<JointLife> lives;
        for (const LimbChoice& l : r.limbs) {
            if (l.chosen < 0) continue;
            const int spool = l.candidates()[static_cast<std::size_t>(l.chosen)].spool;
            if (l.state != State::holds && l.state != State::not_checked) return;
            for (std::size_t j = 0; j < l.verdicts.size(); ++j) {
                const Verdict& v = l.verdicts[j];
                if (v.state() != State::holds) return;
                const JointLife one{spool, std::log(v.bend.designMedian / l.demands[j].needCycles()),
                                    m_stock.calibrationOf(spool).lifeLnSpread};
                lives.push_back(one);
                if (m_puppet.limbs[static_cast<std::size_t>(l.limb)].mirrored) lives.push_back(one);
            }
        }
        for (const LimbChoice& l : r.limbs)
            if (!l.demands.empty() && l.chosen < 0) return;
        if (!lives.empty()) r.survival = calcChance(lives);
    }

    /// Joints that meet at one rigid body, seen from what holds the puppet.
    void disorder() {
        struct At {
            int limb = -1, demand = -1;
            double effort = 0;
            bool standing = false;
        };
        std::vector<At> at(r.rest.hinges.size());
        for (std::size_t h = 0; h < at.size(); ++h) {
            const Hinge& hinge = r.rest.hinges[h];
            const int limb = r.rest.copies[static_cast<std::size_t>(hinge.copy)].limb;
            const LimbChoice& l = r.limbs[static_cast<std::size_t>(limb)];
            at[h].limb = limb, at[h].standing = r.loads[h].standing;
            for (std::size_t j = 0; j < l.verdicts.size(); ++j)
                if (l.demands[j].joint == hinge.joint)
                    at[h].demand = static_cast<int>(j), at[h].effort = l.verdicts[j].effort_Nmm;
        }
        const auto check = [&](std::size_t inner, std::size_t outer) {
            const At &i = at[inner], &o = at[outer];
            if (i.demand < 0 || o.demand < 0 || !(i.effort < kOrder * o.effort)) return;
            const Disorder d{i.limb, i.demand, o.limb, o.demand, i.effort, o.effort};
            // Left and right say the same, and of several joints beyond it the stiffest speaks for all.
            const auto same = std::find_if(r.disorders.begin(), r.disorders.end(), [&](const Disorder& x) {
                return x.innerLimb == d.innerLimb && x.innerDemand == d.innerDemand;
            });
            if (same == r.disorders.end())
                r.disorders.push_back(d);
            else if (d.outer_Nmm > same->outer_Nmm)
                *same = d;
        };
        const auto bodyOf = [&](int link) { return r.rest.links[static_cast<std::size_t>(link)].body; };
        for (std::size_t a = 0; a < at.size(); ++a)
            for (std::size_t b = 0; b < at.size(); ++b) {
                if (a == b) continue;
                const Hinge &p = r.rest.hinges[a], &c = r.rest.hinges[b];
                // One after the other, root to tip: the outer is the one farther from the foot, or from the root.
                if (bodyOf(p.after) == bodyOf(c.before)) at[b].standing ? check(b, a) : check(a, b);
                // Side by side on one body: a leg stands below what it carries.
                if (bodyOf(p.before) == bodyOf(c.before) && at[a].standing && !at[b].standing) check(a, b);
            }
    }

    const Puppet& m_puppet;
    const fill::Shelf& m_shelf;
    const Stock& m_stock;
    ChoiceMemo& m_memo;
    std::stop_token m_stop;
    Puppet m_shape; ///< what layers are worked out from
    int m_round = 0;
    std::vector<Made> m_made; ///< in the round before
    PuppetChoice r;
    std::vector<load::JointStiffness> m_stiffness;
    std::vector<PoseCase> m_cases;                   ///< the board's last
    std::vector<std::size_t> m_order;                ///< of them: at rest, as they are kept, the board's own
    std::vector<load::PointMass> m_atRest, m_masses; ///< as it is built, and in the pose on the board
    std::vector<double> m_shown_Nmm;                 ///< by hinge: in the pose on the board
    std::vector<StillDemand> m_still;
    std::vector<double> m_stillEI; ///< by limb
    std::unique_ptr<load::ReachSearch> m_reach;
};

} // namespace

PuppetChoice calcChoice(const Puppet& puppet, const fill::Shelf& shelf, const Stock& stock, ChoiceMemo& memo,
                        std::stop_token stop) {
    return Chooser(puppet, shelf, stock, memo, std::move(stop)).run();
}

PuppetChoice calcChoice(const Puppet& puppet, const fill::Shelf& shelf, const Stock& stock) {
    ChoiceMemo memo;
    return calcChoice(puppet, shelf, stock, memo);
}

} // namespace enkinet::choice
