#include "fill/ledger.h"
#include "base/text.h"
#include <algorithm>
#include <charconv>
#include <cmath>

namespace enkinet::fill {

using namespace body;

namespace {

/// Minutes of a bake during which the part's surface is at heat.
double minutesAtHeat(const Part& part, const Shelf& shelf, double set_C, double minutes) {
    BakeSetup s = makeBakeSetup(part, shelf);
    s.oven_C = set_C;
    const auto curve = calcBake(s, set_C - kNearSet_C, std::max(0.1, minutes));
    if (!curve) return 0;
    double sum = 0;
    for (std::size_t i = 1; i < curve->minutes.size(); ++i)
        if ((curve->surface_C[i - 1] + curve->surface_C[i]) / 2 > set_C - kHot_C)
            sum += curve->minutes[i] - curve->minutes[i - 1];
    return sum;
}

void fillLedger(BakePlan& plan, const std::vector<Part>& parts, const Shelf& shelf) {
    for (std::size_t i = 0; i < parts.size(); ++i) {
        HeatEntry e;
        e.part = static_cast<int>(i);
        for (const Bake& b : plan.bakes) {
            if (std::find(b.parts.begin(), b.parts.end(), e.part) == b.parts.end()) continue;
            ++e.bakes;
            e.atHeat_min += minutesAtHeat(parts[i], shelf, b.set_C, b.minutes);
        }
        if (e.bakes == 0) continue;
        e.limit_min = shelf.clays.at(parts[i].layers.clay).mostHeat_min;
        plan.ledger.push_back(e);
    }
}

std::optional<double> number(const std::string& text) {
    double v = 0;
    const auto from = text.find_first_not_of(" \t\"");
    if (from == std::string::npos) return {};
    const auto [end, error] = std::from_chars(text.data() + from, text.data() + text.size(), v);
    if (error != std::errc{} || !std::isfinite(v)) return {};
    return v;
}

} // namespace

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

BakePlan calcOneBake(const std::vector<Part>& parts, const Shelf& shelf) {
    BakePlan plan;
    for (const BakeBatch& b : calcBakes(parts, shelf)) {
        Bake bake{"", b.set_C, b.minutes, {}};
        for (const PartBake& p : b.parts)
            bake.parts.push_back(p.part);
        if (std::isfinite(bake.minutes)) plan.bakes.push_back(std::move(bake));
    }
    fillLedger(plan, parts, shelf);
    return plan;
}

BakePlan calcStagedBakes(const Puppet& puppet, const Skeleton& s, const std::vector<Part>& parts, const Shelf& shelf) {
    BakePlan plan;
    std::vector<int> before;
    std::vector<bool> done(puppet.limbs.size(), false);
    // Skeleton copies stand behind what they hang on; left and right of a limb are one stage.
    for (const LimbCopy& first : s.copies) {
        const auto limb = static_cast<std::size_t>(first.limb);
        if (done[limb]) continue;
        done[limb] = true;
        std::vector<Part> stage;
        std::vector<int> index;
        for (std::size_t i = 0; i < parts.size(); ++i) {
            const Link& link = s.links[static_cast<std::size_t>(parts[i].link)];
            if (s.copies[static_cast<std::size_t>(link.copy)].limb == first.limb)
                stage.push_back(parts[i]), index.push_back(static_cast<int>(i));
        }
        for (const BakeBatch& b : calcBakes(stage, shelf)) {
            if (!std::isfinite(b.minutes)) continue;
            Bake bake{puppet.limbs[limb].name, b.set_C, b.minutes, before};
            for (const PartBake& p : b.parts)
                bake.parts.push_back(index[static_cast<std::size_t>(p.part)]);
            before = bake.parts;
            plan.bakes.push_back(std::move(bake));
        }
    }
    fillLedger(plan, parts, shelf);
    return plan;
}

Result<OvenLog> parseOvenLog(const std::string& csv, double set_C) {
    const std::string place = "oven log";
    std::vector<std::pair<double, double>> readings;
    std::size_t line = 0;
    for (std::size_t at = 0; at < csv.size();) {
        const std::size_t end = std::min(csv.find('\n', at), csv.size());
        const std::string row = csv.substr(at, end - at);
        at = end + 1;
        ++line;
        if (row.find_first_not_of(" \r\t") == std::string::npos) continue;
        const std::size_t comma = row.find_first_of(",;");
        const auto t = number(row.substr(0, comma)),
                   C = comma == std::string::npos ? std::nullopt : number(row.substr(comma + 1));
        if (!t || !C) {
            if (line == 1) continue; // the head line
            return Fault{place, "line " + std::to_string(line), "must be minutes and degrees C"};
        }
        if (!readings.empty() && *t < readings.back().first)
            return Fault{place, "line " + std::to_string(line), "runs back in time"};
        if (*C < -50 || *C > 400)
            return Fault{place, "line " + std::to_string(line) + ": " + plain(*C) + " C",
                         "must lie between -50 and 400 C"};
        if (readings.size() >= 100000) return Fault{place, "more than 100000 readings", "are too many"};
        readings.emplace_back(*t, *C);
    }
    if (readings.size() < 10)
        return Fault{place, std::to_string(readings.size()) + " readings", "are too few: at least ten are needed"};
    OvenLog log;
    log.readings = static_cast<int>(readings.size());
    const double half = (readings.front().first + readings.back().first) / 2;
    double sum = 0, low = 1e9, high = -1e9;
    int n = 0;
    for (const auto& [t, C] : readings)
        if (t >= half) sum += C, low = std::min(low, C), high = std::max(high, C), ++n;
    log.offset_C = sum / n - set_C;
    log.swing_C = (high - low) / 2;
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
        return Fault{"oven", "peaks of " + plain(clay.set_C + log.swing_C, 4) + " C",
                     "would scorch " + clay.name + " at " + plain(clay.scorch_C) +
                         " C: bake under a hood of foil, or lower"};
    return clay.set_C - log.offset_C;
}

} // namespace enkinet::fill
