#include "fill/bake.h"
#include "base/text.h"
#include "commands.h"
#include <cmath>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

void addBake(CLI::App& program, Run& run) {
    struct BakeOptions {
        fill::BakeSetup setup;
        double coreDensity = 0.4, minutes = 60, to = 115;
        std::string shape = "cylinder";
        bool json = false;
    };
    CLI::App* sub =
        program.add_subcommand("bake", "heat through clay on a core: minutes until the innermost clay is hot");
    auto o = std::make_shared<BakeOptions>();
    sub->add_option("--thickness", o->setup.thickness_mm, "of clay, mm")->required();
    sub->add_option("--core", o->setup.core_mm, "radius of the foil core, mm; 0: solid")->capture_default_str();
    sub->add_option("--core-density", o->coreDensity, "g/cm3 as packed")->capture_default_str();
    sub->add_option("--oven", o->setup.oven_C, "degrees C")->capture_default_str();
    sub->add_option("--start", o->setup.start_C, "degrees C")->capture_default_str();
    sub->add_option("--surface", o->setup.surface_W_m2K, "W/m2K: 15 still air, 25 fan")->capture_default_str();
    sub->add_option("--minutes", o->minutes, "how long to follow the bake")->capture_default_str();
    sub->add_option("--to", o->to, "temperature to reach, degrees C")->capture_default_str();
    sub->add_option("--shape", o->shape, "cylinder, sphere or slab (half its thickness counts)")
        ->check(CLI::IsMember({"cylinder", "sphere", "slab"}))
        ->capture_default_str();
    sub->add_flag("--json", o->json, "one JSON object");
    sub->callback([o, &run] {
        o->setup.shape = o->shape == "slab"     ? fill::BakeShape::slab
                         : o->shape == "sphere" ? fill::BakeShape::sphere
                                                : fill::BakeShape::cylinder;
        o->setup.core.density_kg_m3 = o->coreDensity * 1000;
        const auto curve = fill::calcBake(o->setup, o->to, o->minutes);
        if (!curve) return run.fail(curve.fault());
        if (o->json) {
            const files::Json j{{"minutes_to_reach", numberJson(curve->reached_min)},
                                {"innermost_C_at_end", curve->innermost_C.back()},
                                {"surface_C_at_end", curve->surface_C.back()}};
            std::cout << j.dump(1) << "\n";
        } else if (std::isnan(curve->reached_min)) {
            fmt::print("The innermost clay does not reach {} °C in {} min: it is at {:.1f} °C then.\n", plain(o->to),
                       plain(o->minutes), curve->innermost_C.back());
        } else {
            fmt::print("The innermost clay reaches {} °C after {:.1f} min; after {} min it is at {:.1f} °C, the "
                       "surface at {:.1f} °C.\n",
                       plain(o->to), curve->reached_min, plain(o->minutes), curve->innermost_C.back(),
                       curve->surface_C.back());
        }
    });
}

} // namespace enkinet::cli
