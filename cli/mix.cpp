// Paint: mixtures, recipes and films.
#include "commands.h"
#include "files/reader.h"
#include "paint/film.h"
#include "paint/recipe.h"
#include "puppet_command.h"
#include <charconv>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;

namespace {

struct MixOptions {
    std::string target, file;
    std::vector<std::string> parts;
    bool json = false;
    int most = 4, sum = 12, shown = 5;
};

Json labJson(const paint::Rgb& c) {
    const paint::Lab l = paint::toLab(c);
    return {l.L, l.a, l.b};
}

/// "#e0b030:3" or "#e0b030:3:0.6" with a strength.
Result<paint::Share> parseShare(const std::string& text) {
    const auto colon = text.find(':');
    const auto colour = paint::parseHex(text.substr(0, colon));
    if (!colour) return Fault{words("--parts"), colour.fault().value, colour.fault().rule};
    paint::Share s{paint::calcReflectance(*colour), 1, 1};
    const auto read = [](const std::string& part, double& value) {
        const auto [end, error] = std::from_chars(part.data(), part.data() + part.size(), value);
        return error == std::errc{} && end == part.data() + part.size() && value > 0 && value <= 1000;
    };
    if (colon != std::string::npos) {
        const std::string rest = text.substr(colon + 1);
        const auto second = rest.find(':');
        if (!read(rest.substr(0, second), s.parts) ||
            (second != std::string::npos && !read(rest.substr(second + 1), s.strength)))
            return Fault{words("--parts"), "\"" + text.substr(0, 40) + "\"",
                         words("must be a colour and its parts: #e0b030:3, or with a strength: #e0b030:3:0.6")};
    }
    return s;
}

Json recipeJson(const paint::Recipe& r, const std::vector<paint::PaintCard>& shelf) {
    Json parts = Json::array();
    for (const paint::RecipePart& p : r.parts)
        parts.push_back({{"paint", shelf[static_cast<std::size_t>(p.paint)].id},
                         {"name", shelf[static_cast<std::size_t>(p.paint)].name},
                         {"parts", p.parts}});
    return {{"parts", parts}, {"colour", paint::toHex(r.colour)}, {"lab", labJson(r.colour)}, {"delta_e", r.deltaE}};
}

void mixRun(const MixOptions& o, Run& run) {
    if (!o.parts.empty()) {
        std::vector<paint::Share> shares;
        for (const std::string& text : o.parts) {
            const auto s = parseShare(text);
            if (!s) return run.fail(s.fault());
            shares.push_back(*s);
        }
        const paint::Rgb c = paint::toRgb(paint::calcMixture(shares));
        if (o.json)
            std::cout << Json{{"colour", paint::toHex(c)}, {"lab", labJson(c)}}.dump(1) << "\n";
        else
            fmt::print("{}\n", paint::toHex(c));
        return;
    }
    const auto target = paint::parseHex(o.target);
    if (!target)
        return run.fail(o.target.empty() ? Fault{words("mix"), words("neither --parts nor --target"), words("is given")}
                                         : target.fault());
    std::vector<paint::PaintCard> shelf;
    if (o.file.empty()) {
        const auto* cards = run.cards();
        if (!cards) return;
        shelf = cards->paints;
    } else {
        const auto production = run.load(o.file);
        if (!production) return;
        const document::Cards cards = document::mergeCards(*run.cards(), production->cards);
        // What is on the shelf; where nothing is said to be, all that is known.
        for (const paint::PaintCard& c : cards.paints)
            for (const document::Held& h : production->stock.paints_ml)
                if (h.card == c.id && h.amount > 0) shelf.push_back(c);
        if (shelf.empty()) shelf = cards.paints;
    }
    std::erase_if(shelf, [](const paint::PaintCard& c) { return c.medium == paint::Medium::varnish; });
    paint::RecipeLimits limits;
    limits.mostPaints = o.most, limits.mostParts = o.sum, limits.shown = o.shown;
    const auto found = paint::calcRecipes(shelf, *target, limits);
    Json list = Json::array();
    for (const paint::Recipe& r : found.recipes) {
        list.push_back(recipeJson(r, shelf));
        if (o.json) continue;
        std::string text;
        for (const paint::RecipePart& p : r.parts)
            text += fmt::format("{}{} {}", text.empty() ? "" : " + ", p.parts,
                                shelf[static_cast<std::size_t>(p.paint)].name);
        fmt::print("{}  {}  off by {:.1f}\n", paint::toHex(r.colour), text, r.deltaE);
    }
    if (o.json)
        std::cout << Json{{"target", o.target}, {"recipes", list}, {"best", found.proved}, {"tried", found.tried}}.dump(
                         1)
                  << "\n";
}

struct FilmOptions {
    std::string paint, ground;
    double hides = 0.8;
    int coats = 3;
    bool json = false;
};

void filmRun(const FilmOptions& o, Run& run) {
    const auto paintColour = paint::parseHex(o.paint), ground = paint::parseHex(o.ground);
    if (!paintColour) return run.fail(Fault{words("--paint"), paintColour.fault().value, paintColour.fault().rule});
    if (!ground) return run.fail(Fault{words("--ground"), ground.fault().value, ground.fault().rule});
    if (!(o.hides > 0 && o.hides < 1))
        return run.fail(Fault{words("--hides"), fmt::format("{:g}", o.hides), words("must lie between 0 and 1")});
    if (o.coats < 1 || o.coats > 50)
        return run.fail(Fault{words("--coats"), std::to_string(o.coats), words("must lie between 1 and 50")});
    const paint::Film f =
        paint::calcCoatsOver(paint::calcReflectance(*ground), paint::calcReflectance(*paintColour), o.hides, o.coats);
    Json colours = Json::array();
    for (const paint::Rgb& c : f.colours)
        colours.push_back(paint::toHex(c));
    if (o.json) {
        std::cout << Json{{"power", f.power}, {"colours", colours}, {"delta_e", f.deltaE}}.dump(1) << "\n";
        return;
    }
    fmt::print("power of one coat {:.3f}\n", f.power);
    for (std::size_t k = 0; k < f.colours.size(); ++k)
        fmt::print("{} coats  {}  off by {:.2f}\n", k + 1, paint::toHex(f.colours[k]), f.deltaE[k]);
}

void paintRun(const std::string& path, bool json, Run& run) {
    Json all{{"puppets", Json::array()}};
    forPuppets(path, run, [&](const auto&, const body::Puppet& puppet, const results::Report& r) {
        Json schemes = Json::array();
        for (const make::SchemeWork& w : r.schemes) {
            Json coats = Json::array();
            for (const paint::Laid& l : w.laid)
                coats.push_back({{"role", schema::wordOf(l.role)},
                                 {"paint", l.card->id},
                                 {"name", l.card->name},
                                 {"zone", schema::wordOf(l.zone)},
                                 {"share", l.share},
                                 {"coats", l.coats},
                                 {"ml", l.ml},
                                 {"dry_min", l.dry_min},
                                 {"colour", paint::toHex(l.seen)},
                                 {"delta_e", l.off}});
            schemes.push_back({{"scheme", w.id},
                               {"name", w.name},
                               {"clay", w.clay},
                               {"surface_mm2", w.surface_mm2},
                               {"coats", coats}});
            if (json) continue;
            fmt::print("{}: {} on {:.0f} cm2\n", puppet.name, w.name, w.surface_mm2 / 100);
            for (const paint::Laid& l : w.laid)
                fmt::print("  {:<10} {:<24} {} coats, {:.1f} ml\n", schema::wordOf(l.role), l.card->name, l.coats,
                           l.ml);
        }
        files::listIn(all, "puppets").push_back({{"id", puppet.id}, {"name", puppet.name}, {"schemes", schemes}});
    });
    if (json && run.status == 0) std::cout << all.dump(1) << "\n";
}

} // namespace

void addMix(CLI::App& program, Run& run) {
    CLI::App* mix = program.add_subcommand("mix", "what paints give when mixed, or the recipe for a colour");
    auto m = std::make_shared<MixOptions>();
    mix->add_option("FILE", m->file, "the production whose shelf is mixed from; none: every paint that is known");
    mix->add_option("--target", m->target, "colour to match, #rrggbb");
    mix->add_option("--parts", m->parts, "colour, parts and, if known, strength: #e0b030:3:0.6")->take_all();
    mix->add_option("--paints", m->most, "at most so many in a recipe")->check(CLI::Range(1, 4));
    mix->add_option("--sum", m->sum, "at most so many parts in all")->check(CLI::Range(1, 12));
    mix->add_option("--shown", m->shown, "recipes, the best first")->check(CLI::Range(1, 50));
    mix->add_flag("--json", m->json, "JSON");
    mix->callback([=, &run] { mixRun(*m, run); });
    CLI::App* film = program.add_subcommand("film", "coats of a paint over a ground");
    auto f = std::make_shared<FilmOptions>();
    film->add_option("--paint", f->paint, "#rrggbb")->required();
    film->add_option("--hides", f->hides, "luminance over black as a share of that over white, one coat");
    film->add_option("--ground", f->ground, "#rrggbb")->required();
    film->add_option("--coats", f->coats, "so many");
    film->add_flag("--json", f->json, "JSON");
    film->callback([=, &run] { filmRun(*f, run); });
    addPuppetCommand(program, run, "paint", "coats, millilitres and drying of every scheme", paintRun);
}

} // namespace enkinet::cli
