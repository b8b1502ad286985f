#include "fill/cards.h"
#include "base/rules.h"
#include "base/text.h"
#include <cmath>

namespace enkinet::fill {

Result<double> checkSetPoint(const Phrase& place, double set_C, const ClayCard& clay) {
    // A sheet in Fahrenheit read as Celsius is the usual way to burn a puppet.
    if (set_C > 200 && set_C <= 400)
        return Fault{place, words("set point %1 C", set_C),
                     words("would scorch %1; %2 F is %3 C", clay.name.empty() ? words("it") : Phrase(clay.name), set_C,
                           std::round((set_C - 32) / 1.8))};
    if (set_C > clay.scorch_C && clay.scorch_C > 0)
        return Fault{place, words("set point %1 C", set_C),
                     words("is above the %1 C at which the card says %2 scorches", clay.scorch_C,
                           clay.name.empty() ? words("it") : Phrase(clay.name))};
    return set_C;
}

Result<OvenCard> makeOvenCard(OvenCard c) {
    if (!isId(c.id)) return badId(words("oven card"), c.id);
    if (auto f = findBeyond(words("oven card %1", c.id), {{words("limit"), c.limit_C, 20, 2000, words(" C")}}))
        return *f;
    return c;
}

Result<AdhesiveCard> makeAdhesive(AdhesiveCard c) {
    if (!isId(c.id)) return badId(words("adhesive card"), c.id);
    if (auto f = findBeyond(words("adhesive card %1", c.id),
                            {{words("shear strength"), c.shear_MPa, 0.01, 100, words(" MPa")},
                             {words("limit"), c.limit_C, 20, 500, words(" C")}}))
        return *f;
    for (const auto& [face, shear] : c.holds_MPa)
        if (auto f = findBeyond(words("adhesive card %1", c.id),
                                {{words("shear strength"), shear, 0.001, 100, words(" MPa")}}))
            return *f;
    return c;
}

Result<ClayCard> makeClay(ClayCard c) {
    if (!isId(c.id)) return badId(words("clay card"), c.id);
    const Phrase place = words("clay card %1", c.id);
    if (auto f = findBeyond(place, {{words("density"), c.density_g_cm3, 0.3, 5, words(" g/cm3")},
                                    {words("pack"), c.pack_g, 1, 1e5, words(" g")},
                                    {words("pack price"), c.packPrice, 0, 1e5},
                                    {words("thinnest skin"), c.thinnest_mm, 0, 50, words(" mm")},
                                    {words("thickest skin"), c.thickest_mm, c.thinnest_mm, 100, words(" mm")}}))
        return *f;
    if (isOvenBaked(c.family)) {
        if (auto set = checkSetPoint(place, c.set_C, c); !set) return set.fault();
        if (auto f = findBeyond(place, {{words("set point"), c.set_C, 60, 200, words(" C")},
                                        {words("soak"), c.soak_min, 1, 240, words(" min")},
                                        {words("scorch"), c.scorch_C, c.set_C, 300, words(" C")}}))
            return *f;
    }
    if (c.family == ClayFamily::never_dry) {
        if (auto f = findBeyond(place, {{words("yield strength"), c.yield_MPa, 0.001, 2, words(" MPa")}})) return *f;
    }
    if (auto f = findBeyond(place, {{words("Young's modulus"), c.youngs_MPa, 0, 5000, words(" MPa")},
                                    {words("limit of strain"), c.strainLimit, 0, 5},
                                    {words("raw strength"), c.rawStrength_MPa, 0, 2, words(" MPa")},
                                    {words("heat in all bakes"), c.mostHeat_min, 0, 1e5, words(" min")},
                                    {words("shrinkage"), c.shrink, 0, 0.5},
                                    {words("drying time of 6 mm"), c.dry_h_6mm, 0.1, 1000, words(" h")},
                                    {words("working time"), c.working_h, 0.01, 100, words(" h")},
                                    {words("curing time"), c.curing_h, c.working_h, 1000, words(" h")}}))
        return *f;
    return c;
}

Result<BulkCard> makeBulk(BulkCard c) {
    if (!isId(c.id)) return badId(words("bulk card"), c.id);
    if (auto f = findBeyond(words("bulk card %1", c.id),
                            {{words("density"), c.density_g_cm3, 0.01, 5, words(" g/cm3")},
                             {words("conductivity"), c.conductivity_W_mK, 0.01, 400, words(" W/mK")},
                             {words("heat capacity"), c.heat_J_kgK, 100, 5000, words(" J/kgK")},
                             {words("oven limit"), c.ovenLimit_C, 20, 2000, words(" C")},
                             {words("price"), c.price_kg, 0, 1e5},
                             {words("drying time"), c.dry_h, 0, 1000, words(" h")}}))
        return *f;
    return c;
}

Result<CoverCard> makeCover(CoverCard c) {
    if (!isId(c.id)) return badId(words("cover card"), c.id);
    if (auto f = findBeyond(words("cover card %1", c.id), {{words("mass"), c.mass_g_m2, 1, 5000, words(" g/m2")},
                                                           {words("oven limit"), c.ovenLimit_C, 20, 2000, words(" C")},
                                                           {words("price"), c.price_m2, 0, 1e5}}))
        return *f;
    return c;
}

double findFoilArea(const FoilRoll& roll, double grams) { return grams / roll.mass_g_m2; }
double findFoilLength(const FoilRoll& roll, double grams) { return findFoilArea(roll, grams) / (roll.width_mm / 1000); }

int findPacks(double grams, double pack_g) {
    return grams <= 0 ? 0 : static_cast<int>(std::ceil(grams / pack_g - 1e-9));
}

bool isOvenBaked(ClayFamily f) { return f == ClayFamily::firm || f == ClayFamily::flexible; }

} // namespace enkinet::fill
