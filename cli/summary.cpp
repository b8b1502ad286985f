#include "files/reader.h"
#include "puppet_command.h"
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

Json pointJson(const Vec3& p) { return {{"x_mm", p.x}, {"y_mm", p.y}, {"z_mm", p.z}}; }

void summaryRun(const std::string& path, bool json, Run& run) {
    Json all{{"puppets", Json::array()}};
    const auto each = [&](const auto&, const body::Puppet& puppet, const Report& r) {
        Json parts = Json::array();
        for (const fill::Part& p : r.choice.parts)
            parts.push_back({{"name", p.label},
                             {"kind", p.mass >= 0 ? "mass" : "segment"},
                             {"volume_mm3", p.volume_mm3},
                             {"surface_mm2", p.surface_mm2},
                             {"skin_g", p.clay_g()},
                             {"bulk_g", p.bulk.mass_g},
                             {"cover_g", p.cover.mass_g},
                             {"wire_g", p.wire.mass_g}});
        const fill::Totals& t = r.choice.totals;
        Json bakes = Json::array();
        for (const fill::BakeBatch& b : r.bakes)
            bakes.push_back(
                {{"set_C", b.set_C},
                 {"minutes", numberJson(b.minutes)},
                 {"slowest",
                  r.choice.parts[static_cast<std::size_t>(b.parts[static_cast<std::size_t>(b.slowest)].part)].label}});
        Json needs = Json::array();
        for (const results::Need& n : r.needs)
            needs.push_back({{"name", n.name}, {"needed", n.needed}, {"price", n.price}});
        files::listIn(all, "puppets")
            .push_back({{"id", puppet.id},
                        {"name", puppet.name},
                        {"height_mm", puppet.height_mm},
                        {"parts", parts},
                        {"centre_of_mass", pointJson(t.centre)},
                        {"totals",
                         {{"mass_g", t.mass_g()},
                          {"skin_g", t.skin_g},
                          {"bulk_g", t.bulk_g},
                          {"cover_g", t.cover_g},
                          {"wire_g", t.wire_g}}},
                        {"bakes", bakes},
                        {"needs", needs},
                        {"price", r.price},
                        {"hands_on_min", r.plan.hands_min},
                        {"waiting_min", r.plan.wait_min},
                        {"elapsed_min", r.plan.elapsed_min}});
        if (json) return;
        fmt::print("{}: {:.1f} g (skin {:.1f}, bulk {:.1f}, cover {:.1f}, wire {:.1f}), centre of mass {:.1f} mm above "
                   "the base\n",
                   puppet.name, t.mass_g(), t.skin_g, t.bulk_g, t.cover_g, t.wire_g, t.centre.y);
        for (const fill::Part& p : r.choice.parts)
            fmt::print("  {:<26} {:8.0f} mm³  skin {:5.1f} g  bulk {:5.1f} g  wire {:5.2f} g\n", p.label.english(),
                       p.volume_mm3, p.clay_g(), p.bulk.mass_g, p.wire.mass_g);
    };
    forPuppets(path, run, each, [&](const auto&, const results::ProductionResult& result) {
        for (const results::Need& n : result.shopping.needs)
            files::listIn(all, "shopping")
                .push_back({{"name", n.name},
                            {"needed", n.needed},
                            {"held", n.held},
                            {"packs_to_buy", n.packs},
                            {"buy", n.buy},
                            {"price", n.price},
                            {"buy_price", n.buyPrice}});
        all["price"] = result.shopping.price, all["buy_price"] = result.shopping.buyPrice;
    });
    if (json && run.status == 0) std::cout << all.dump(1) << "\n";
}

} // namespace

void addSummary(CLI::App& program, Run& run) {
    addPuppetCommand(program, run, "summary", "volumes, grams, bakes, money and hours", summaryRun);
}

} // namespace enkinet::cli
