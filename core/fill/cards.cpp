#include "fill/cards.h"
#include "base/quantity.h"
#include "schema/limits.h"
#include <cmath>

namespace enkinet::fill {

Result<double> checkSetPoint(const Phrase& place, double set_C, const ClayCard& clay) {
    // A sheet in Fahrenheit read as Celsius is the usual way to burn a puppet.
    if (set_C > 200 && set_C <= 400)
        return Fault{place, words("set point %1", quantity(set_C, Dimension::heat)),
                     words("would scorch %1; %2 F is %3 C", clay.name.empty() ? words("it") : Phrase(clay.name), set_C,
                           std::round((set_C - 32) / 1.8))};
    if (set_C > clay.scorch_C && clay.scorch_C > 0)
        return Fault{place, words("set point %1", quantity(set_C, Dimension::heat)),
                     words("is above the %1 at which the card says %2 scorches",
                           quantity(clay.scorch_C, Dimension::heat),
                           clay.name.empty() ? words("it") : Phrase(clay.name))};
    return set_C;
}

Result<OvenCard> makeOvenCard(OvenCard c) { return schema::makeSound(std::move(c)); }
Result<AdhesiveCard> makeAdhesive(AdhesiveCard c) { return schema::makeSound(std::move(c)); }
Result<ClayCard> makeClay(ClayCard c) { return schema::makeSound(std::move(c)); }
Result<BulkCard> makeBulk(BulkCard c) { return schema::makeSound(std::move(c)); }
Result<CoverCard> makeCover(CoverCard c) { return schema::makeSound(std::move(c)); }

double findFoilArea(const FoilRoll& roll, double grams) { return grams / roll.mass_g_m2; }
double findFoilLength(const FoilRoll& roll, double grams) { return findFoilArea(roll, grams) / (roll.width_mm / 1000); }

int findPacks(double grams, double pack_g) {
    return grams <= 0 ? 0 : static_cast<int>(std::ceil(grams / pack_g - 1e-9));
}

bool isOvenBaked(ClayFamily f) { return f == ClayFamily::firm || f == ClayFamily::flexible; }

} // namespace enkinet::fill
