#include "paint/photo.h"
#include "base/text.h"
#include <algorithm>

namespace enkinet::paint {

namespace {
constexpr double kBurnt = 0.98, kBlack = 0.004;
}

Result<Rgb> calcBalanced(const Rgb& place, const Rgb& card, double cardReflectance) {
    if (!(cardReflectance >= 0.02 && cardReflectance <= 0.98))
        return Fault{words("grey card"), cardReflectance, words("must reflect 0.02 to 0.98 of the light")};
    Rgb out;
    double Rgb::*const channels[] = {&Rgb::r, &Rgb::g, &Rgb::b};
    for (double Rgb::*c : channels) {
        if (!(card.*c < kBurnt))
            return Fault{words("photograph"), words("the card"), words("is burnt out there: take it darker")};
        if (!(card.*c > kBlack))
            return Fault{words("photograph"), words("the card"), words("is black there: take it lighter")};
        if (!(place.*c < kBurnt))
            return Fault{words("photograph"), words("the paint"), words("is burnt out there: take it darker")};
        out.*c = place.*c / (card.*c) * cardReflectance;
    }
    for (double Rgb::*c : channels)
        out.*c = std::clamp(out.*c, 0.0, 1.0);
    return out;
}

} // namespace enkinet::paint
