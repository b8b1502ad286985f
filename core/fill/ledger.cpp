#include "fill/ledger.h"
#include "base/quantity.h"
#include "base/text.h"
#include "fill/bake_memo.h"
#include <algorithm>
#include <cmath>
#include <set>
#include <tuple>

namespace enkinet::fill {

using namespace body;

namespace {

double minutesToHand(BakeMemo* memo, const Part& p, const Shelf& shelf, double set_C, ClayState state) {
    BakeSetup s = makeBakeSetup(p, shelf, state);
    s.start_C = set_C, s.oven_C = shelf.shop.room_C, s.surface_W_m2K = Shop{}.surface_W_m2K();
    constexpr double kHandSpan_min = 480;
    for (double span : {60.0, kHandSpan_min})
        if (const auto curve = calcBake(memo, s, kHand_C, span); *curve && !std::isnan((*curve)->reached_min))
            return (*curve)->reached_min.value;
    return kHandSpan_min;
}

template <class Minutes> Cooling coolingOf(const Bake& bake, Minutes minutesOf) {
    Cooling c;
    for (int i : bake.parts) {
        const double m = minutesOf(i);
        if (c.slowest < 0 || m > c.slow_min) c.slowest = i, c.slow_min = m;
        if (c.quickest < 0 || m < c.quick_min) c.quickest = i, c.quick_min = m;
    }
    return c;
}

void addCooling(BakePlan& plan, const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo) {
    std::map<std::tuple<int, double, ClayState>, double> known;
    for (Bake& b : plan.bakes)
        b.cooling = coolingOf(b, [&](int i) {
            const Part& part = parts[static_cast<std::size_t>(i)];
            const ClayState state = b.stateOf(i, part);
            const auto [at, first] = known.try_emplace({i, b.set_C, state}, 0);
            if (first) at->second = minutesToHand(memo, part, shelf, b.set_C, state);
            return at->second;
        });
}

constexpr double kDay_min = 24 * 60;

/// Minutes until a part's surface is at heat. It only gets hotter, so every longer bake adds all its further minutes.
double minutesToHeat(BakeMemo* memo, const Part& part, const Shelf& shelf, double set_C, ClayState state) {
    BakeSetup s = makeBakeSetup(part, shelf, state);
    s.oven_C = set_C;
    for (double span : {60.0, kDay_min}) {
        const auto curve = calcBake(memo, s, set_C - kHot_C, span);
        if (!*curve) continue;
        const std::vector<double>& surface = (*curve)->surface_C;
        const auto hot = std::find_if(surface.begin(), surface.end(), [&](double C) { return C > set_C - kHot_C; });
        if (hot != surface.end()) return (*curve)->minutes[static_cast<std::size_t>(hot - surface.begin())];
    }
    return kDay_min;
}

void fillLedger(BakePlan& plan, const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo) {
    // Which bakes hold a part, and which of them cure it.
    std::vector<std::vector<std::pair<const Bake*, bool>>> in(parts.size());
    for (const Bake& b : plan.bakes) {
        std::vector<bool> fresh(parts.size(), false);
        for (int p : b.fresh)
            fresh[static_cast<std::size_t>(p)] = true;
        for (int p : b.parts)
            in[static_cast<std::size_t>(p)].emplace_back(&b, fresh[static_cast<std::size_t>(p)]);
    }
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Part& part = parts[i];
        if (part.layers.clay.empty()) continue;
        std::map<std::pair<double, ClayState>, double> toHeat;
        bool raw = false;
        const std::size_t coats = part.layers.coats.size();
        // The skin, then what lies beneath it from inside out.
        for (std::size_t n = 0; n <= coats; ++n) {
            const std::size_t coat = n == 0 ? coats : n - 1;
            HeatEntry e;
            e.part = static_cast<int>(i), e.coat = n == 0 ? -1 : static_cast<int>(coat);
            bool cured = false;
            for (const auto& [bake, fresh] : in[i]) {
                const ClayState state = bake->stateOf(e.part, part);
                if (state.on <= coat) continue;
                ++e.bakes;
                const auto [known, first] = toHeat.try_emplace({bake->set_C, state}, 0);
                if (first) known->second = minutesToHeat(memo, part, shelf, bake->set_C, state);
                e.atHeat_min += std::max(0.0, bake->minutes - known->second);
                // Tacked first and cured later is cured, whichever load names it: hot enough and long enough counts.
                if (coat >= state.cured && !cured &&
                    (fresh || bake->set_C >= shelf.clays.at(part.clayOf(coat)).set_C - kNearSet_C))
                    cured = calcCure(part, shelf, bake->set_C, state, memo) <= bake->minutes;
            }
            const ClayCard& clay = shelf.clays.at(part.clayOf(coat));
            raw =
                raw || (!cured && part.massOf(coat).mass_g > 0 && part.bakeSkin_mm >= 0.1 && isOvenBaked(clay.family));
            if (e.bakes == 0) continue;
            e.limit_min = clay.mostHeat_min;
            plan.ledger.push_back(e);
        }
        if (raw) plan.raw.push_back(static_cast<int>(i));
    }
    addCooling(plan, parts, shelf, memo);
}

} // namespace

ClayState Bake::stateOf(int part, const Part& p) const {
    const auto at = states.find(part);
    return at != states.end() ? at->second : findWhole(p);
}

double BakePlan::minutes() const {
    double sum = 0;
    for (const Bake& b : bakes)
        sum += b.minutes;
    return sum;
}

const HeatEntry* BakePlan::worst() const {
    const HeatEntry* most = nullptr;
    const auto spent = [](const HeatEntry& e) {
        return e.limit_min > 0 ? e.atHeat_min / e.limit_min : e.atHeat_min * 1e-6;
    };
    for (const HeatEntry& e : ledger)
        if (!most || spent(e) > spent(*most)) most = &e;
    return most;
}

namespace {

/// True for a part of a limb, and for a mass that the limb carries.
bool isOf(const Skeleton& s, const Part& p, int limb) {
    return s.copies[static_cast<std::size_t>(s.links[static_cast<std::size_t>(p.link)].copy)].limb == limb;
}

/// True for a part that some load cures, of its coats or of the whole.
bool goesIn(const Part& p, const Shelf& shelf) {
    if (isBaked(p, shelf)) return true;
    return std::any_of(p.layers.coats.begin(), p.layers.coats.end(),
                       [&](const Coat& c) { return c.load > 0 && isBaked(p, shelf, findAtLoad(p, c.load)); });
}

/// Adds the bakes that cure some parts: those of their coats in the order of their numbers, then those of the whole;
/// each one for each set point, unless one is given for the whole.
void addBakes(BakePlan& plan, const std::vector<int>& wanted, const std::vector<Part>& parts, const Shelf& shelf,
              const OvenLoad& load, BakeMemo* memo, int index = -1) {
    std::vector<int> before;
    std::vector<bool> there(parts.size(), false);
    const auto put = [](std::vector<int>& list, std::vector<bool>& marks, int p) {
        if (!marks[static_cast<std::size_t>(p)]) list.push_back(p), marks[static_cast<std::size_t>(p)] = true;
    };
    // Whoever takes the earlier ones in again has taken all that stood before.
    if (load.withEarlier)
        for (const Bake& b : plan.bakes)
            for (int p : b.parts)
                put(before, there, p);
    const auto partOf = [&](int p) -> const Part& { return parts[static_cast<std::size_t>(p)]; };
    // How far earlier loads have brought those that are not whole yet.
    std::map<int, ClayState> partly;
    for (const Bake& b : plan.bakes)
        for (const auto& [p, state] : b.states)
            partly[p] = {state.on, state.on};
    for (const Bake& b : plan.bakes)
        if (b.coats == 0)
            for (int p : b.fresh)
                partly.erase(p);
    const auto push = [&](double set_C, const std::vector<int>& now, int coats) {
        Bake b;
        b.name = load.name, b.coats = coats, b.set_C = set_C, b.minutes = coats > 0 ? 0 : load.minutes;
        b.parts = before, b.fresh = now, b.load = index, b.alone = !load.withEarlier;
        for (int p : now)
            if (coats > 0)
                partly[p] = findAtLoad(partOf(p), coats);
            else
                partly.erase(p);
        b.states = partly;
        if (coats > 0)
            for (int p : now)
                partly[p].cured = partly[p].on;
        for (int p : now) {
            const double needed = calcCure(partOf(p), shelf, set_C, b.stateOf(p, partOf(p)), memo);
            if (std::isnan(needed) || needed > b.needed_min) b.needed_min = needed, b.slowest = p;
            if (std::isnan(b.needed_min)) break;
        }
        if (b.minutes <= 0) b.minutes = std::isnan(b.needed_min) ? kDay_min : std::ceil(b.needed_min);
        std::vector<bool> marks = there;
        for (int p : now)
            put(b.parts, marks, p);
        if (load.withEarlier) before = b.parts, there = std::move(marks);
        plan.bakes.push_back(std::move(b));
    };
    const auto stateOf = [&](int p, int coats) {
        return coats > 0 ? findAtLoad(partOf(p), coats) : findWhole(partOf(p));
    };
    const auto pushKinds = [&](int coats) {
        std::vector<int> fresh;
        std::copy_if(wanted.begin(), wanted.end(), std::back_inserter(fresh),
                     [&](int p) { return isBaked(partOf(p), shelf, stateOf(p, coats)); });
        if (coats == 0 && load.set_C > 0) {
            if (!fresh.empty()) push(load.set_C, fresh, 0);
            return;
        }
        std::vector<std::pair<double, double>> kinds; // set point and soak, in the order of the parts
        const auto kindOf = [&](int p) {
            const ClayCard& c = findBakedClay(partOf(p), shelf, stateOf(p, coats));
            return std::pair{c.set_C, c.soak_min};
        };
        for (int p : fresh)
            if (std::find(kinds.begin(), kinds.end(), kindOf(p)) == kinds.end()) kinds.push_back(kindOf(p));
        for (const auto& kind : kinds) {
            std::vector<int> now;
            std::copy_if(fresh.begin(), fresh.end(), std::back_inserter(now), [&](int p) { return kindOf(p) == kind; });
            push(kind.first, now, coats);
        }
    };
    std::set<int> numbers;
    for (int p : wanted)
        for (const Coat& c : partOf(p).layers.coats)
            if (c.load > 0) numbers.insert(c.load);
    for (int n : numbers)
        pushKinds(n);
    pushKinds(0);
}

} // namespace

BakePlan calcOneBake(const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo) {
    BakePlan plan;
    std::vector<int> all;
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (goesIn(parts[i], shelf)) all.push_back(static_cast<int>(i));
    addBakes(plan, all, parts, shelf, {}, memo);
    fillLedger(plan, parts, shelf, memo);
    return plan;
}

BakePlan calcStagedBakes(const Puppet& puppet, const Skeleton& s, const std::vector<Part>& parts, const Shelf& shelf,
                         BakeMemo* memo) {
    BakePlan plan;
    std::vector<bool> done(puppet.limbs.size(), false);
    // Skeleton copies stand behind what they hang on; left and right of a limb are one stage.
    for (const LimbCopy& first : s.copies) {
        const auto limb = static_cast<std::size_t>(first.limb);
        if (done[limb]) continue;
        done[limb] = true;
        std::vector<int> fresh;
        for (std::size_t i = 0; i < parts.size(); ++i)
            if (isOf(s, parts[i], first.limb) && goesIn(parts[i], shelf)) fresh.push_back(static_cast<int>(i));
        OvenLoad load;
        load.name = puppet.limbs[limb].name;
        addBakes(plan, fresh, parts, shelf, load, memo);
    }
    fillLedger(plan, parts, shelf, memo);
    return plan;
}

namespace {
bool isNamed(const Puppet& puppet, const Skeleton& s, const Part& p, const OvenLoad& load) {
    const auto among = [](const std::vector<std::string>& ids, const std::string& id) {
        return std::find(ids.begin(), ids.end(), id) != ids.end();
    };
    if (p.mass >= 0)
        return among(load.masses,
                     puppet.masses[static_cast<std::size_t>(s.masses[static_cast<std::size_t>(p.mass)].mass)].id);
    const Link& link = s.links[static_cast<std::size_t>(p.link)];
    return among(load.limbs,
                 puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)].id);
}
} // namespace

std::vector<int> findNeverBaked(const Puppet& puppet, const Skeleton& s, const std::vector<Part>& parts,
                                const Shelf& shelf, const OvenLoad& load) {
    std::vector<int> all;
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (parts[i].skin.mass_g > 0 && shelf.clays.at(parts[i].layers.clay).family == ClayFamily::never_dry &&
            !goesIn(parts[i], shelf) && isNamed(puppet, s, parts[i], load))
            all.push_back(static_cast<int>(i));
    return all;
}

BakePlan calcBakePlan(const Puppet& puppet, const Skeleton& s, const std::vector<Part>& parts, const Shelf& shelf,
                      BakeMemo* memo) {
    switch (puppet.wants.bakes) {
    case BakeSchool::once:
        return calcOneBake(parts, shelf, memo);
    case BakeSchool::staged:
        return calcStagedBakes(puppet, s, parts, shelf, memo);
    case BakeSchool::own:
        break;
    }
    BakePlan plan;
    for (std::size_t k = 0; k < puppet.wants.loads.size(); ++k) {
        const OvenLoad& load = puppet.wants.loads[k];
        std::vector<int> fresh;
        for (std::size_t i = 0; i < parts.size(); ++i) {
            const Part& p = parts[i];
            const bool wanted = isNamed(puppet, s, p, load);
            if (wanted && goesIn(p, shelf)) fresh.push_back(static_cast<int>(i));
        }
        addBakes(plan, fresh, parts, shelf, load, memo, static_cast<int>(k));
    }
    fillLedger(plan, parts, shelf, memo);
    return plan;
}

Cooling calcCooling(const std::vector<Part>& parts, const Shelf& shelf, const Bake& bake, BakeMemo* memo) {
    return coolingOf(bake, [&](int i) {
        const Part& part = parts[static_cast<std::size_t>(i)];
        return minutesToHand(memo, part, shelf, bake.set_C, bake.stateOf(i, part));
    });
}

std::optional<Fault> checkReading(const std::vector<std::pair<double, double>>& readings, const Phrase& line) {
    const Phrase place = words("oven log");
    const auto& [t, C] = readings.back();
    if (readings.size() > 1 && t < readings[readings.size() - 2].first)
        return Fault{place, line, words("runs back in time")};
    if (C < -50 || C > 400)
        return Fault{
            place, words("%1: %2", line, quantity(C, Dimension::heat)),
            words("must lie between %1 and %2", withoutUnit(-50, Dimension::heat), quantity(400, Dimension::heat))};
    if (readings.size() > 100000) return Fault{place, words("more than 100000 readings"), words("are too many")};
    return {};
}

Result<OvenLog> calcOvenLog(const std::vector<std::pair<double, double>>& readings, double set_C) {
    const Phrase place = words("oven log");
    if (readings.size() < 10)
        return Fault{place, words("%1 readings", readings.size()), words("are too few: at least ten are needed")};
    if (!(readings.back().first > readings.front().first))
        return Fault{place, words("all readings at %1 min", readings.front().first), words("must run on in time")};
    OvenLog log;
    log.readings = static_cast<int>(readings.size());
    const double half = (readings.front().first + readings.back().first) / 2;
    double sum = 0, low = 1e9, high = -1e9;
    int n = 0;
    for (const auto& [t, C] : readings)
        if (t >= half) sum += C, low = std::min(low, C), high = std::max(high, C), ++n;
    log.offset_C = sum / n - set_C;
    log.swing_C = (high - low) / 2;
    // An oven so far off is broken, or the log is of something else: no dial is made from it.
    if (!(std::abs(log.offset_C) <= kMostOffset_C))
        return Fault{place, words("settles %1 C from %2 C", Phrase(log.offset_C, 3), set_C),
                     words("is more than %1 C off: is this the log of that set point, in degrees C?", kMostOffset_C)};
    log.settled_min = readings.back().first;
    for (const auto& [t, C] : readings)
        if (std::abs(C - sum / n) <= log.swing_C + 1e-9) {
            log.settled_min = t;
            break;
        }
    return log;
}

Result<double> findDial(const OvenLog& log, const ClayCard& clay) {
    if (clay.set_C + log.swing_C > clay.scorch_C)
        return Fault{words("oven"), words("peaks of %1", quantity(clay.set_C + log.swing_C, Dimension::heat, 4)),
                     words("would scorch %1 at %2: bake under a hood of foil, or lower", clay.name,
                           quantity(clay.scorch_C, Dimension::heat))};
    if (const double dial = clay.set_C - log.offset_C; dial > clay.scorch_C)
        return Fault{words("oven"), words("dial %1", quantity(dial, Dimension::heat, 4)),
                     words("is above the %1 at which %2 scorches: an oven so far off is not to be trusted with it",
                           quantity(clay.scorch_C, Dimension::heat), clay.name)};
    return clay.set_C - log.offset_C;
}

} // namespace enkinet::fill
