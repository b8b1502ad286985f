#include "fill/cards.h"
#include "base/text.h"
#include <cmath>
#include <initializer_list>

namespace enkinet::fill {

namespace {
struct Limit {
    const char* name;
    double value, low, high;
    const char* unit;
};

Result<bool> within(const std::string& place, std::initializer_list<Limit> limits) {
    for (const Limit& l : limits)
        if (!(l.value >= l.low && l.value <= l.high))
            return Fault{place, std::string(l.name) + " " + plain(l.value) + l.unit,
                         "must lie between " + plain(l.low) + " and " + plain(l.high)};
    return true;
}

Fault badId(const char* kind, const std::string& id) {
    return {std::string(kind) + " card", "id \"" + id.substr(0, 70) + "\"", "must be letters, digits, dot or dash"};
}
} // namespace

Result<double> checkSetPoint(const std::string& place, double set_C, const ClayCard& clay) {
    // A sheet in Fahrenheit read as Celsius is the usual way to burn a puppet.
    if (set_C > 200 && set_C <= 400)
        return Fault{place, "set point " + plain(set_C) + " C",
                     "would scorch " + (clay.name.empty() ? "it" : clay.name) + "; " + plain(set_C) + " F is " +
                         plain(std::round((set_C - 32) / 1.8)) + " C"};
    if (set_C > clay.scorch_C && clay.scorch_C > 0)
        return Fault{place, "set point " + plain(set_C) + " C",
                     "is above the " + plain(clay.scorch_C) + " C at which the card says " +
                         (clay.name.empty() ? "it" : clay.name) + " scorches"};
    return set_C;
}

Result<OvenCard> makeOvenCard(OvenCard c) {
    if (!isId(c.id)) return badId("oven", c.id);
    auto ok = within("oven card " + c.id, {{"limit", c.limit_C, 20, 2000, " C"}});
    if (!ok) return ok.fault();
    return c;
}

Result<AdhesiveCard> makeAdhesive(AdhesiveCard c) {
    if (!isId(c.id)) return badId("adhesive", c.id);
    auto ok = within("adhesive card " + c.id,
                     {{"shear strength", c.shear_MPa, 0.01, 100, " MPa"}, {"limit", c.limit_C, 20, 500, " C"}});
    if (!ok) return ok.fault();
    return c;
}

Result<ClayCard> makeClay(ClayCard c) {
    if (!isId(c.id)) return badId("clay", c.id);
    const std::string place = "clay card " + c.id;
    auto ok = within(place, {{"density", c.density_g_cm3, 0.3, 5, " g/cm3"},
                             {"pack", c.pack_g, 1, 1e5, " g"},
                             {"pack price", c.packPrice, 0, 1e5, ""},
                             {"thinnest skin", c.thinnest_mm, 0, 50, " mm"},
                             {"thickest skin", c.thickest_mm, c.thinnest_mm, 100, " mm"}});
    if (!ok) return ok.fault();
    if (isOvenBaked(c.family)) {
        if (auto set = checkSetPoint(place, c.set_C, c); !set) return set.fault();
        ok = within(place, {{"set point", c.set_C, 60, 200, " C"},
                            {"soak", c.soak_min, 1, 240, " min"},
                            {"scorch", c.scorch_C, c.set_C, 300, " C"}});
        if (!ok) return ok.fault();
    }
    if (c.family == ClayFamily::never_dry) {
        ok = within(place, {{"yield strength", c.yield_MPa, 0.001, 2, " MPa"}});
        if (!ok) return ok.fault();
    }
    ok = within(place, {{"Young's modulus", c.youngs_MPa, 0, 5000, " MPa"},
                        {"limit of strain", c.strainLimit, 0, 5, ""},
                        {"raw strength", c.rawStrength_MPa, 0, 2, " MPa"},
                        {"heat in all bakes", c.mostHeat_min, 0, 1e5, " min"},
                        {"shrinkage", c.shrink, 0, 0.5, ""},
                        {"drying time of 6 mm", c.dry_h_6mm, 0.1, 1000, " h"},
                        {"working time", c.working_h, 0.01, 100, " h"},
                        {"curing time", c.curing_h, c.working_h, 1000, " h"}});
    if (!ok) return ok.fault();
    return c;
}

Result<BulkCard> makeBulk(BulkCard c) {
    if (!isId(c.id)) return badId("bulk", c.id);
    auto ok = within("bulk card " + c.id, {{"density", c.density_g_cm3, 0.01, 5, " g/cm3"},
                                           {"conductivity", c.conductivity_W_mK, 0.01, 400, " W/mK"},
                                           {"heat capacity", c.heat_J_kgK, 100, 5000, " J/kgK"},
                                           {"oven limit", c.ovenLimit_C, 20, 2000, " C"},
                                           {"price", c.price_kg, 0, 1e5, ""},
                                           {"drying time", c.dry_h, 0, 1000, " h"}});
    if (!ok) return ok.fault();
    return c;
}

Result<CoverCard> makeCover(CoverCard c) {
    if (!isId(c.id)) return badId("cover", c.id);
    auto ok = within("cover card " + c.id, {{"mass", c.mass_g_m2, 1, 5000, " g/m2"},
                                            {"oven limit", c.ovenLimit_C, 20, 2000, " C"},
                                            {"price", c.price_m2, 0, 1e5, ""}});
    if (!ok) return ok.fault();
    return c;
}

double findFoilArea(const FoilRoll& roll, double grams) { return grams / roll.mass_g_m2; }
double findFoilLength(const FoilRoll& roll, double grams) { return findFoilArea(roll, grams) / (roll.width_mm / 1000); }

int findPacks(double grams, double pack_g) {
    return grams <= 0 ? 0 : static_cast<int>(std::ceil(grams / pack_g - 1e-9));
}

bool isOvenBaked(ClayFamily f) { return f == ClayFamily::firm || f == ClayFamily::flexible; }

} // namespace enkinet::fill
