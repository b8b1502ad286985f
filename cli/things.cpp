#include "base/units.h"
#include "files/described_json.h"
#include "puppet_command.h"
#include <algorithm>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

/// What is open about a thing, by what it is: two may bear one name.
Json openOf(const Report& r, schema::RefKind kind, const std::string& id) {
    Json all = Json::array();
    for (const auto* list : {&r.open, &r.left, &r.notes})
        for (const findings::Finding& f : *list)
            if (f.ref.kind == kind && (kind == schema::RefKind::base || f.ref.id == id))
                all.push_back({{"what", f.kind->word},
                               {"says", f.sentence().english()},
                               {"found", numberJson(f.found)},
                               {"limit", numberJson(f.limit)}});
    return all;
}

/// Every thing as files have it, by the tables, with what is open about it; what is worked out is added to it.
Json listThings(const body::Things& t, const Report& r) {
    Json j = Json::object();
    for (const schema::Field& list : schema::detail::tableOf<body::Things>().fields) {
        if (list.kind != schema::Kind::list) continue;
        const schema::Table& table = list.table();
        const auto kind = std::find(std::begin(schema::kRefWords), std::end(schema::kRefWords), table.one.english());
        Json& all = j[list.key] = Json::array();
        for (std::size_t i = 0; i < list.access->size(&t); ++i) {
            const void* thing = list.access->item(&t, i);
            const std::string id = table.id()->access->text(thing);
            Json one = files::fieldsJson(table, thing);
            one["open"] = openOf(r, static_cast<schema::RefKind>(kind - std::begin(schema::kRefWords)), id);
            all.push_back(std::move(one));
        }
    }
    return j;
}

Json baseJson(const body::Base& base, const checks::BaseCheck& b, const Report& r) {
    Json holes = Json::array();
    for (const checks::Hole& h : b.holes)
        holes.push_back({{"name", h.name},
                         {"x_mm", h.x_mm},
                         {"z_mm", h.z_mm},
                         {"diameter_mm", h.diameter_mm},
                         {"depth_mm", h.depth_mm},
                         {"through", h.through},
                         {"before", schema::wordOf(h.before)}});
    Json j = files::fieldsJson(base);
    j.update(Json{{"mass_g", b.weight_g},
                  {"all_g", b.all_g},
                  {"edge_mm", b.edge_mm},
                  {"leaning_edge_mm", b.leaned_mm},
                  {"wanted_mm", b.wanted_mm},
                  {"worst_joint", b.joint},
                  {"push_N", b.push_N},
                  {"push_at_mm", b.push_mm},
                  {"stands", b.stands < 1e8 ? Json(b.stands) : Json(nullptr)},
                  {"least_width_mm", numberJson(b.leastWidth_mm)},
                  {"least_weight_g", numberJson(b.leastWeight_g)},
                  {"holes", holes},
                  {"open", openOf(r, schema::RefKind::base, std::string())}});
    return j;
}

Json puppetThings(const body::Puppet& p, const Report& r) {
    const body::Things& t = p.things;
    const checks::ThingsChecked& c = r.things;
    Json j = listThings(t, r);
    j.update(Json{{"id", p.id}, {"name", p.name}, {"base", nullptr}, {"copies", t.copies}, {"cured", Json::array()}});
    for (std::size_t i = 0; i < t.features.size(); ++i) {
        const fill::FeatureWork& w = c.features[i];
        j["features"][i].update(Json{{"count", w.count()},
                                     {"rows", w.rows},
                                     {"mass_g", w.mass_g},
                                     {"ball_mm", w.ball_mm},
                                     {"ball_last_mm", w.ballLast_mm},
                                     {"seat_mm", w.seat_mm},
                                     {"seat_depth_mm", w.seatDepth_mm},
                                     {"sizes_mm", w.sizes_mm},
                                     {"minutes", numberJson(w.minutes)},
                                     {"minutes_least", numberJson(w.least_min)},
                                     {"minutes_most", numberJson(w.most_min)},
                                     {"break_even", numberJson(w.breakEven)}});
    }
    for (std::size_t i = 0; i < t.bonds.size(); ++i) {
        const checks::BondCheck& b = c.bonds[i];
        Json margins = Json::object();
        for (std::size_t k = 0; k < checks::kBondLimits; ++k)
            if (std::isfinite(b.margin[k].value))
                margins[schema::wordOf(static_cast<checks::BondLimit>(k))] = b.margin[k].value;
        j["bonds"][i].update(
            Json{{"force_N", b.force_N},
                 {"moment_Nmm", b.moment_Nmm},
                 {"margins", margins},
                 {"governs", b.governs < 0 ? Json("not checked")
                                           : Json(schema::wordOf(static_cast<checks::BondLimit>(b.governs)))},
                 {"wall_mm", numberJson(b.wall_mm)}});
    }
    if (c.base) j["base"] = baseJson(*t.base, *c.base, r);
    for (std::size_t i = 0; i < t.sheets.size(); ++i)
        j["sheets"][i].update(Json{{"mass_g", c.sheets[i].mass_g},
                                   {"area_mm2", c.sheets[i].area_mm2},
                                   {"pattern_mm", c.sheets[i].pattern_mm},
                                   {"least_radius_mm", c.sheets[i].leastRadius_mm},
                                   {"raw", numberJson(c.sheets[i].raw)},
                                   {"web", c.sheets[i].web},
                                   {"span_mm", c.sheets[i].span_mm},
                                   {"opens_mm", c.sheets[i].most_mm},
                                   {"closes_mm", c.sheets[i].least_mm},
                                   {"stretch", c.sheets[i].stretch},
                                   {"fold", c.sheets[i].fold},
                                   {"stands", c.sheets[i].strain}});
    for (std::size_t i = 0; i < t.runs.size(); ++i)
        j["runs"][i].update(Json{{"wall_mm", c.runs[i].wall_mm},
                                 {"bend_mm", c.runs[i].bend_mm > 0 ? Json(c.runs[i].bend_mm) : Json(nullptr)}});
    for (const fill::CuredPart& x : r.cured)
        files::listIn(j, "cured")
            .push_back({{"part", r.choice.parts[static_cast<std::size_t>(x.part)].label},
                        {"breaks_at", x.at},
                        {"strength_Nmm", x.strength_Nmm},
                        {"knock_Nmm", x.knock_Nmm},
                        {"handling_Nmm", x.handling_Nmm},
                        {"tip_N", x.tip_N},
                        {"bend_deg", radToDeg(x.bend_rad)},
                        {"margin", x.margin()},
                        {"thicker_mm", x.thicker_mm > 0 ? Json(x.thicker_mm) : Json(nullptr)}});
    for (std::size_t i = 0; i < t.variants.size(); ++i)
        j["variants"][i].update(Json{{"slot", t.variants[i].mass}, {"mass_g", t.variants[i].weighed_g}});
    return j;
}

void thingsRun(const std::string& path, bool json, Run& run) {
    Json all{{"puppets", Json::array()}};
    forPuppets(path, run, [&](const auto&, const body::Puppet& puppet, const Report& r) {
        const Json j = puppetThings(puppet, r);
        files::listIn(all, "puppets").push_back(j);
        if (json) return;
        fmt::print("{}\n", puppet.name);
        for (const Json& f : j["features"])
            fmt::print("  {:<24} {} of them, {:.1f} g, ball {:.1f} mm, seat {:.1f} mm{}\n",
                       f["name"].get<std::string>(), f["count"].get<int>(), f["mass_g"].get<double>(),
                       f["ball_mm"].get<double>(), f["seat_mm"].get<double>(),
                       f["minutes"].is_null() ? "" : fmt::format(", {:.0f} min", f["minutes"].get<double>()));
        for (const Json& b : j["bonds"])
            fmt::print("  {:<24} {} decides\n", b["name"].get<std::string>(), b["governs"].get<std::string>());
        if (!j["base"].is_null())
            fmt::print("  base                     {:.0f} g, edge {:.0f} mm away, {} holes\n",
                       j["base"]["mass_g"].get<double>(), j["base"]["edge_mm"].get<double>(),
                       j["base"]["holes"].size());
        for (const schema::Field& list : schema::detail::tableOf<body::Things>().fields)
            for (const Json& t : list.kind == schema::Kind::list ? j[list.key] : Json::array())
                for (const Json& o : t["open"])
                    fmt::print("  {:<24} {}\n", t["name"].get<std::string>(), o["what"].get<std::string>());
    });
    if (json && run.status == 0) std::cout << all.dump(1) << "\n";
}

} // namespace

void addThings(CLI::App& program, Run& run) {
    addPuppetCommand(program, run, "things", "what sits on the body: grams, balls, seats, bonds, base", thingsRun);
}

} // namespace enkinet::cli
