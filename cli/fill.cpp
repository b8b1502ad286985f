#include "base/units.h"
#include "files/output.h"
#include "files/pattern_file.h"
#include "files/reader.h"
#include "puppet_command.h"
#include <filesystem>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

Json puppetFill(const document::Production& p, const body::Puppet& puppet, const Report& r) {
    Json j{{"id", puppet.id},        {"name", puppet.name},    {"parts", Json::array()},
           {"clays", Json::array()}, {"bakes", Json::array()}, {"warnings", Json::array()}};
    const fill::FoilRoll& roll = p.stock.foil;
    for (std::size_t i = 0; i < r.choice.parts.size(); ++i) {
        const fill::Part& part = r.choice.parts[i];
        if (part.volume_mm3 <= 0) continue;
        Json o{{"label", part.label},        {"volume_cm3", part.volume_mm3 / 1000}, {"mass_g", part.mass_g()},
               {"skin_g", part.skin.mass_g}, {"bulk_g", part.bulk.mass_g},           {"cover_g", part.cover.mass_g},
               {"wire_g", part.wire.mass_g}};
        for (std::size_t k = 0; k < part.layers.coats.size(); ++k) {
            const body::Coat& c = part.layers.coats[k];
            files::listIn(o, "coats")
                .push_back({{"clay", c.clay},
                            {"thickness_mm", c.thickness_mm},
                            {"load", c.load},
                            {"mass_g", part.coats[k].mass_g}});
        }
        for (const fill::PartSkin& s : r.skins)
            if (s.part == static_cast<int>(i) && s.coat >= 0) {
                Json& c = o["coats"][static_cast<std::size_t>(s.coat)];
                c["clay_to_take_g"] = s.grams, c["ball_mm"] = s.ball_mm, c["sheet_mm"] = s.sheet_mm,
                c["sheet_cm2"] = s.sheet_cm2, c["oversize"] = s.oversize;
                if (s.hours > 0) c["hours"] = s.hours;
            } else if (s.part == static_cast<int>(i)) {
                o["clay"] = part.layers.clay;
                o["thickness_mm"] = s.sheet_mm / s.oversize;
                o["thinnest_mm"] = part.skinLeast_mm, o["thickest_mm"] = part.skinMost_mm;
                o["clay_to_take_g"] = s.grams, o["ball_mm"] = s.ball_mm, o["sheet_mm"] = s.sheet_mm,
                o["sheet_cm2"] = s.sheet_cm2, o["oversize"] = s.oversize;
                if (s.hours > 0) o["hours"] = s.hours;
                if (s.batches > 0) o["batches"] = s.batches, o["batch_g"] = s.batch_g;
            }
        if (part.bulk.mass_g > 0) {
            o["bulk"] = part.layers.bulk;
            if (r.shelf.bulks.at(part.layers.bulk).foil) {
                o["foil_m2"] = fill::findFoilArea(roll, part.bulk.mass_g);
                o["foil_m"] = fill::findFoilLength(roll, part.bulk.mass_g);
            }
        }
        files::listIn(j, "parts").push_back(std::move(o));
    }
    for (const results::Need& n : r.needs)
        if (n.ware == results::Ware::clay)
            files::listIn(j, "clays")
                .push_back(
                    {{"card", n.card}, {"needed_g", n.needed}, {"held_g", results::findHeld(p.stock, n.ware, n.card)}});
    for (const fill::BakeBatch& b : r.bakes)
        files::listIn(j, "bakes")
            .push_back({{"set_C", b.set_C},
                        {"minutes", numberJson(b.minutes)},
                        {"soak_min", b.soak_min},
                        {"parts", b.parts.size()}});
    for (const fill::Bake& b : r.bakePlan.bakes) {
        Json load{{"name", b.name},
                  {"coats", b.coats},
                  {"set_C", b.set_C},
                  {"minutes", b.minutes},
                  {"needed_min", numberJson(b.needed_min)}};
        for (int part : b.fresh)
            files::listIn(load, "cures").push_back(r.choice.parts[static_cast<std::size_t>(part)].label);
        files::listIn(j, "loads").push_back(std::move(load));
    }
    for (const fill::HeatEntry& e : r.bakePlan.ledger)
        files::listIn(j, "heat").push_back({{"part", r.choice.parts[static_cast<std::size_t>(e.part)].label},
                                            {"coat", e.coat + 1},
                                            {"bakes", e.bakes},
                                            {"at_heat_min", e.atHeat_min},
                                            {"limit_min", e.limit_min}});
    for (const findings::Finding& o : r.open)
        if (o.station() == results::Station::bulk || o.station() == results::Station::skin)
            files::listIn(j, "warnings")
                .push_back({{"what", o.kind->word},
                            {"says", o.sentence().english()},
                            {"part", o.subject},
                            {"found", numberJson(o.found)},
                            {"limit", numberJson(o.limit)}});
    return j;
}

void fillRun(const std::string& path, bool json, Run& run) {
    Json all{{"puppets", Json::array()}};
    const auto each = [&](const auto& production, const body::Puppet& puppet, const Report& r) {
        Json j = puppetFill(production, puppet, r);
        if (!json) {
            fmt::print("{}\n", puppet.name);
            for (const Json& o : j["parts"])
                fmt::print("  {:<24} {:6.1f} g: skin {:5.1f}, bulk {:5.1f}, cover {:4.1f}\n",
                           o["label"].get<std::string>(), o["mass_g"].get<double>(), o["skin_g"].get<double>(),
                           o["bulk_g"].get<double>(), o["cover_g"].get<double>());
            for (const Json& w : j["warnings"])
                fmt::print("  ! {}: {}\n", w["part"].get<std::string>(), w["what"].get<std::string>());
        }
        files::listIn(all, "puppets").push_back(std::move(j));
    };
    // One shelf serves all puppets.
    forPuppets(path, run, each, [&](const auto&, const results::ProductionResult& result) {
        for (const results::Need& n : result.shopping.needs)
            if (n.ware == results::Ware::clay)
                files::listIn(all, "clays")
                    .push_back(
                        {{"card", n.card}, {"needed_g", n.needed}, {"held_g", n.held}, {"packs_to_buy", n.packs}});
        for (const fill::Substitute& x : result.shopping.substitutes)
            files::listIn(all, "substitutes")
                .push_back({{"clay", x.clay},
                            {"instead", x.instead},
                            {"missing_g", x.missing_g},
                            {"free_g", x.free_g},
                            {"own_bake", x.ownBake},
                            {"other_shrinkage", x.otherShrink}});
    });
    if (json && run.status == 0) std::cout << all.dump(1) << "\n";
}

} // namespace

void addFill(CLI::App& program, Run& run) {
    addPuppetCommand(program, run, "fill", "grams, thickness, foil and packs of every part, with warnings", fillRun);
}

void addPatterns(CLI::App& program, Run& run) {
    struct Options {
        std::string path, out;
        double width = 500;
    };
    CLI::App* sub = program.add_subcommand("patterns", "flat patterns of the covers as SVG and DXF at 1:1");
    auto o = std::make_shared<Options>();
    sub->add_option("FILE", o->path, "an .enkinet container or a production.json")->required();
    sub->add_option("--out", o->out, "folder that the files are written into")->required();
    sub->add_option("--width", o->width, "of the cloth, mm")->check(CLI::Range(50.0, 5000.0))->capture_default_str();
    sub->callback([o, &run] {
        std::error_code made;
        std::filesystem::create_directories(o->out, made);
        forPuppets(o->path, run, [&](const auto&, const body::Puppet& puppet, const Report& r) {
            std::map<std::string, std::vector<fill::Pattern>> byCover;
            for (const fill::Pattern& p : r.patterns)
                byCover[p.cover].push_back(p);
            for (const auto& [cover, patterns] : byCover) {
                const fill::Layout layout = fill::calcLayout(patterns, o->width);
                const std::string stem = (std::filesystem::path(o->out) / (puppet.id + "-" + cover)).string();
                for (const auto& [name, text] :
                     {std::pair{stem + ".svg", files::writePatternsSvg(patterns, layout, o->width)},
                      {stem + ".dxf", files::writePatternsDxf(patterns, layout)}})
                    if (const auto done = files::writeOutput(name, text); !done) return run.fail(done.fault());
                double girth = 0, seam = 0, area = 0;
                for (const fill::Pattern& p : patterns)
                    girth = std::max(girth, p.girthError), seam = std::max(seam, p.seamError),
                    area = std::max(area, p.areaError);
                fmt::print(
                    "{} {}: {} patterns on {:.0f} mm of cloth {:.0f} mm wide{}; girth within {:.2f} %, seams eased "
                    "by {:.1f} % at most, area within {:.1f} %\n",
                    puppet.name, cover, patterns.size(), layout.length_mm, o->width,
                    layout.fits ? "" : " (a piece is wider than the cloth)", 100 * girth, 100 * seam, 100 * area);
            }
        });
    });
}

} // namespace enkinet::cli
