#include "base/units.h"
#include "files/reader.h"
#include "puppet_command.h"
#include <algorithm>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

const char* caseWord(load::Case c) {
    switch (c) {
    case load::Case::standing:
        return "standing";
    case load::Case::shared:
        return "shared";
    case load::Case::stretched:
        return "stretched";
    case load::Case::posed:
        return "posed";
    case load::Case::touch:
        break;
    }
    return "touch";
}

/// Null as it is built, "board" where nobody kept it, else the kept pose's name.
Json poseWord(const body::Puppet& puppet, int pose) {
    if (pose == load::kAtRest) return nullptr;
    return pose == load::kOnBoard ? "board" : Json(puppet.poses[static_cast<std::size_t>(pose)].name);
}

Json jointJson(const body::Puppet& puppet, const body::Limb& limb, const choice::Demand& d, const choice::Verdict& v) {
    const body::Joint& joint = limb.joints[static_cast<std::size_t>(d.joint)];
    Json faults = Json::array();
    for (std::size_t i = 0; i < v.faults.size(); ++i)
        if (v.faults[i]) faults.push_back(choice::keyOf(static_cast<choice::State>(i)));
    return {{"id", joint.id},
            {"name", joint.name},
            {"load_Nmm", d.load.load_Nmm},
            {"needed_Nmm", d.needed_Nmm},
            {"hold_Nmm", numberJson(v.bend.hold_Nmm)},
            {"effort_N", numberJson(v.effort_N)},
            {"effort_limit_N", d.effortLimit_N()},
            {"effort_Nmm", numberJson(v.effort_Nmm)},
            {"lever_mm", d.lever_mm},
            {"grip_half_width_mm", d.far.half_mm},
            {"fingers_N", d.far.force_N},
            {"other_hand_Nmm", d.near.link < 0 ? Json(nullptr) : Json(d.near.moment_Nmm())},
            {"other_hand_decides", d.nearDecides},
            {"springback_deg", numberJson(radToDeg(v.springback_rad))},
            {"springback_limit_deg", radToDeg(d.springLimit_rad)},
            {"life_s", v.life_s},
            {"life_median_s", v.lifeMedian_s},
            {"need_s", d.needFilm_s},
            {"moves_per_s", d.movesPerSecond},
            {"survival", v.survival},
            {"gap_mm", d.gap_mm},
            {"gap_needed_mm", d.gapNeeded_mm},
            {"angle_deg", radToDeg(d.angle_rad)},
            {"range_deg", radToDeg(d.range_rad)},
            {"room_mm", d.room_mm < 1e8 ? Json(d.room_mm) : Json(nullptr)},
            {"edge", d.edge},
            {"lock", numberJson(v.bend.lock)},
            {"strain_factor", numberJson(v.bend.strainFactor)},
            {"bent_over_mm", numberJson(v.bend.bent_mm)},
            {"whip", d.whip},
            {"buried_in", d.buried ? Json(d.buriedIn) : Json(nullptr)},
            {"load_case", caseWord(d.load.why)},
            {"load_pose", poseWord(puppet, d.load.pose)},
            {"beyond_g", d.load.beyond_g},
            {"arm_mm", d.load.arm_mm},
            {"bending_Nmm", d.load.bending_Nmm},
            {"torsion_Nmm", d.load.torsion_Nmm},
            {"touch_Nmm", d.load.touch_Nmm},
            {"pose_Nmm", d.load.pose_Nmm},
            {"state", choice::keyOf(v.state())},
            {"faults", faults}};
}

Json limbJson(const document::Production& p, const body::Puppet& puppet, const choice::LimbChoice& l) {
    const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
    Json j{{"id", limb.id}, {"name", limb.name}, {"mirrored", limb.mirrored}};
    j["why_wire"] = {{"pose", l.reason.pose},
                     {"anchor", l.reason.anchor},
                     {"raw_clay", l.reason.rawClay},
                     {"raw_MPa", l.reason.raw_MPa},
                     {"raw_limit_MPa", l.reason.rawLimit_MPa}};
    if (!limb.noWire.empty()) j["no_wire"] = limb.noWire;
    if (l.chosen < 0) {
        j["state"] = nullptr;
        return j;
    }
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    j["material"] = p.stock.spools[static_cast<std::size_t>(c.spool)].material;
    j["spool"] = p.stock.spools[static_cast<std::size_t>(c.spool)].id;
    j["diameter_mm"] = c.bundle.diameter_mm, j["strands"] = c.bundle.strands;
    j["lay_mm"] = c.bundle.lay_mm > 0 ? Json(c.bundle.lay_mm) : Json(nullptr);
    for (const choice::Ending& e : choice::findEndings(l, c))
        files::listIn(j, "endings")
            .push_back({{"after", limb.joints[static_cast<std::size_t>(e.joint)].id}, {"strands", e.strands}});
    j["state"] = choice::keyOf(l.state), j["pinned"] = l.pinned;
    j["reserve"] = numberJson(l.reserve), j["less_reserve_than_wanted"] = l.thin;
    j["candidates"] = l.candidates().size(), j["fitting"] = l.fitting;
    j["joints"] = Json::array();
    for (std::size_t i = 0; i < l.demands.size(); ++i)
        files::listIn(j, "joints").push_back(jointJson(puppet, limb, l.demands[i], l.verdicts[i]));
    return j;
}

bool needsWire(const Json& limb) {
    const Json& why = limb["why_wire"];
    return why["pose"].get<bool>() || why["anchor"].get<bool>() || why["raw_clay"].get<bool>();
}

void chooseRun(const std::string& path, bool json, Run& run) {
    Json all{{"puppets", Json::array()}};
    forPuppets(path, run, [&](const auto& production, const body::Puppet& puppet, const Report& r) {
        Json j{{"id", puppet.id},
               {"name", puppet.name},
               {"mass_g", r.choice.totals.mass_g()},
               {"settled", r.choice.settled},
               {"survival", numberJson(r.choice.survival)},
               {"stances", Json::array()},
               {"limbs", Json::array()}};
        for (const choice::Footing& f : r.choice.footings)
            files::listIn(j, "stances")
                .push_back({{"feet", f.down},
                            {"stable", f.stable},
                            {"feet_g", f.feet_g},
                            {"largest_droop_mm",
                             f.droop_mm.empty() ? 0 : *std::max_element(f.droop_mm.begin(), f.droop_mm.end())}});
        for (const choice::LimbChoice& l : r.choice.limbs)
            files::listIn(j, "limbs").push_back(limbJson(production, puppet, l));
        files::listIn(all, "puppets").push_back(j);
        if (json) return;
        fmt::print("{}, {:.0f} mm, {:.0f} g\n", puppet.name, puppet.height_mm, r.choice.totals.mass_g());
        for (const Json& l : j["limbs"]) {
            if (l["state"].is_null()) {
                fmt::print("  {:<22} {}\n", l["name"].get<std::string>(),
                           l.contains("no_wire") ? "no wire, as chosen: " + l["no_wire"].get<std::string>()
                           : needsWire(l)        ? "no wire in stock"
                                                 : "needs no wire");
                continue;
            }
            const std::string lay = l["lay_mm"].is_null() ? "" : fmt::format(" lay {:.1f}", l["lay_mm"].get<double>());
            std::string ends;
            if (l.contains("endings"))
                for (const Json& e : l["endings"])
                    ends += fmt::format(", {} after {}", e["strands"].get<int>(), e["after"].get<std::string>());
            fmt::print("  {:<22} {} x {:.1f} {}{}{}: {}\n", l["name"].get<std::string>(), l["strands"].get<int>(),
                       l["diameter_mm"].get<double>(), l["material"].get<std::string>(), lay, ends,
                       l["state"].get<std::string>());
            if (l["less_reserve_than_wanted"].get<bool>())
                fmt::print("    holds with {:.1f} % to spare, less than is wanted\n", 100 * l["reserve"].get<double>());
            for (const Json& x : l["joints"])
                fmt::print("    {:<20} needs {:7.1f} N·mm, holds {:>7}, lasts {:6.1f} of {:.0f} s: {}\n",
                           x["name"].get<std::string>(), x["needed_Nmm"].get<double>(),
                           x["hold_Nmm"].is_null() ? "-" : fmt::format("{:.1f}", x["hold_Nmm"].get<double>()),
                           x["life_s"].get<double>(), x["need_s"].get<double>(), x["state"].get<std::string>());
        }
    });
    if (json && run.status == 0) std::cout << all.dump(1) << "\n";
}

} // namespace

void addChoose(CLI::App& program, Run& run) {
    addPuppetCommand(program, run, "choose", "the wire of every limb and what each joint holds", chooseRun);
}

} // namespace enkinet::cli
