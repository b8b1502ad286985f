// The film: motion files, shots, what they wear, and how many doubles that takes.
#include "base/units.h"
#include "files/csv.h"
#include "files/described_json.h"
#include "files/exposure_sheet.h"
#include "files/motion_file.h"
#include "puppet_command.h"
#include "results/shot_wear.h"
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;

namespace {

constexpr const char* kChannelNames[] = {"Xposition", "Yposition", "Zposition", "Xrotation", "Yrotation", "Zrotation"};

void motionRun(const std::string& path, bool json, Run& run) {
    const auto motion = files::loadMotion(path);
    if (!motion) return run.fail(motion.fault());
    Json joints = Json::array();
    for (std::size_t i = 0; i < motion->joints.size(); ++i) {
        const shoot::MotionJoint& j = motion->joints[i];
        Json channels = Json::array(), low = Json::array(), high = Json::array();
        for (std::size_t c = 0; c < j.channels.size(); ++c) {
            channels.push_back(kChannelNames[static_cast<int>(j.channels[c])]);
            const auto range = shoot::findChannelRange(*motion, static_cast<int>(i), static_cast<int>(c));
            const bool turns = shoot::isRotation(j.channels[c]);
            low.push_back(turns ? Json(range.first) : Json(nullptr)),
                high.push_back(turns ? Json(range.second) : Json(nullptr));
        }
        joints.push_back(
            {{"name", j.name},
             {"parent", j.parent < 0 ? Json(nullptr) : Json(motion->joints[static_cast<std::size_t>(j.parent)].name)},
             {"channels", channels},
             {"min_deg", low},
             {"max_deg", high}});
        if (json) continue;
        const shoot::Bends b = shoot::calcBends(*motion, static_cast<int>(i));
        double most = 0;
        for (std::size_t f = 0; f < b.forth_rad.size(); ++f)
            most = std::max(most, std::hypot(b.forth_rad[f], b.aside_rad[f]));
        fmt::print("{:<24} {} channels, bends up to {:.1f} degrees\n", j.name, j.channels.size(), radToDeg(most));
    }
    if (json)
        std::cout << Json{{"frames", motion->frames()},
                          {"rows_left_out", motion->rowsLeftOut},
                          {"frame_time_s", motion->frameTime_s},
                          {"joints", joints}}
                         .dump(1)
                  << "\n";
    else
        fmt::print("{} frames of {:.4f} s{}\n", motion->frames(), motion->frameTime_s,
                   motion->rowsLeftOut > 0
                       ? fmt::format(", as the file says; {} more in it left out", motion->rowsLeftOut)
                       : "");
}

struct LoadedFilm {
    document::Production production;
    results::ProductionResult result;
    results::ShotWear film;
};

std::optional<LoadedFilm> loadFilm(const std::string& path, Run& run) {
    auto production = run.load(path);
    if (!production) return {};
    LoadedFilm f{std::move(*production), {}, {}};
    f.result = results::calcResult(f.production, *run.cards(), run.tables);
    f.film = results::calcShotWear(f.production, f.result.puppets);
    return f;
}

struct JointName {
    std::string puppet, limb, joint, side;
};
JointName nameOf(const LoadedFilm& f, int puppet, int limb, int joint, bool right) {
    const body::Puppet& p = f.production.puppets[static_cast<std::size_t>(puppet)];
    const body::Limb& l = p.limbs[static_cast<std::size_t>(limb)];
    return {p.id, l.id, l.joints[static_cast<std::size_t>(joint)].id, l.mirrored ? right ? "right" : "left" : ""};
}

void wearRun(const std::string& path, bool json, Run& run) {
    const auto film = loadFilm(path, run);
    if (!film) return;
    Json rows = Json::array();
    if (!json)
        std::cout << files::csvLine(
            {"shot", "puppet", "copy", "limb", "joint", "side", "cycles", "damage", "spent", "left_s", "survival"});
    for (const shoot::WearRow& r : film->film.ledger.rows) {
        const JointName n = nameOf(*film, r.puppet, r.limb, r.joint, r.right);
        const std::string& shot = film->production.shots[static_cast<std::size_t>(r.shot)].id;
        if (json)
            rows.push_back({{"shot", shot},
                            {"puppet", n.puppet},
                            {"copy", r.copy},
                            {"limb", n.limb},
                            {"joint", n.joint},
                            {"side", n.side},
                            {"cycles", r.cycles},
                            {"damage", r.damage},
                            {"spent", r.spent},
                            {"left_s", numberJson(r.left_s)},
                            {"survival", r.survival},
                            {"beyond_range", r.bent.beyond}});
        else
            std::cout << files::csvLine(
                {shot, n.puppet, std::to_string(r.copy), n.limb, n.joint, n.side, fmt::format("{:.4g}", r.cycles),
                 fmt::format("{:.6g}", r.damage), fmt::format("{:.6g}", r.spent),
                 std::isfinite(r.left_s) ? fmt::format("{:.4g}", r.left_s) : "", fmt::format("{:.4f}", r.survival)});
    }
    if (json) std::cout << Json{{"rows", rows}}.dump(1) << "\n";
}

void shootRun(const std::string& path, bool json, Run& run) {
    const auto film = loadFilm(path, run);
    if (!film) return;
    Json shots = Json::array(), swaps = Json::array(), doubles = Json::array();
    for (const document::Shot& s : film->production.shots) {
        Json j = files::fieldsJson(s);
        j["seconds"] = s.seconds();
        for (Json& c : j["cast"])
            c.erase("histories");
        shots.push_back(std::move(j));
        if (!json) fmt::print("{:<12} {:<28} {:.1f} s{}\n", s.id, s.name, s.seconds(), s.done ? ", shot" : "");
    }
    for (const shoot::Ledger::Swap& s : film->film.ledger.swaps) {
        const JointName n = nameOf(*film, s.puppet, s.limb, s.joint, s.right);
        const document::Shot& shot = film->production.shots[static_cast<std::size_t>(s.shot)];
        swaps.push_back({{"before", shot.id},
                         {"day", shot.day ? Json(isoDate(*shot.day)) : Json(nullptr)},
                         {"puppet", n.puppet},
                         {"copy", s.copy},
                         {"limb", n.limb},
                         {"joint", n.joint},
                         {"side", n.side}});
        if (!json)
            fmt::print("swap {} {} {} of {} {} before {}\n", n.side, n.limb, n.joint, n.puppet, s.copy, shot.name);
    }
    for (const results::LimbDoubles& d : film->film.doubles) {
        const JointName n = nameOf(*film, d.puppet, d.limb, 0, d.right);
        doubles.push_back({{"puppet", n.puppet},
                           {"limb", n.limb},
                           {"side", n.side},
                           {"chance_with_one", d.chanceOne},
                           {"copies_for_95", d.copies ? Json(d.copies) : Json(nullptr)},
                           {"chance_with_these", d.chance}});
        if (!json && d.copies != 1)
            fmt::print("{} {} of {}: {} copies for 95 in 100\n", n.side, n.limb, n.puppet,
                       d.copies ? std::to_string(d.copies) : "more than 12");
    }
    if (json)
        std::cout << Json{{"shots", shots},
                          {"swaps", swaps},
                          {"doubles", doubles},
                          {"all_doubles_chance_at_least", film->film.together()},
                          {"chance", numberJson(film->film.chance)}}
                         .dump(1)
                  << "\n";
}

} // namespace

void addShoot(CLI::App& program, Run& run) {
    addPuppetCommand(program, run, "motion", "joints, channels and ranges of a motion file", motionRun);
    addPuppetCommand(program, run, "shoot", "shots, what to swap before which, and how many doubles the film wants",
                     shootRun);
    CLI::App* wear = addPuppetCommand(program, run, "wear", "what each shot spends of each joint", wearRun);
    wear->add_flag_callback(
        "--csv", [] {}, "CSV, as without it");
}

} // namespace enkinet::cli
