#include "checks/broken.h"
#include "base/quantity.h"
#include "base/text.h"

namespace enkinet::checks {

const char* keyOf(Law law) {
    switch (law) {
    case Law::not_there:
        return "not_there";
    case Law::has_set:
        return "has_set";
    case Law::wet_in_heat:
        return "wet_in_heat";
    case Law::harmed:
        return "harmed";
    case Law::out_of_reach:
        return "out_of_reach";
    case Law::covered:
        return "covered";
    case Law::wet_held:
        return "wet_held";
    case Law::same_name:
        return "same_name";
    case Law::not_shared:
        return "not_shared";
    case Law::two_on_limb:
        return "two_on_limb";
    }
    return "";
}

Phrase sentenceOf(const Broken& b, const Phrase& step) {
    const auto minutes = [](double min) { return quantity(min, Dimension::minutes, decimals(0)); };
    const auto heat = [](double C) { return quantity(C, Dimension::heat, decimals(0)); };
    switch (b.law) {
    case Law::not_there:
        return words("%1 is not there yet when “%2” wants it.", b.thing, step);
    case Law::has_set:
        return words(
            "%1: hands are on it until %2 after it was begun, in “%4”; it is open for %3. Work a smaller part at "
            "a time, keep it under a damp cloth, or take a clay that stays open longer.",
            b.thing, minutes(b.found), minutes(b.limit), step);
    case Law::wet_in_heat:
        return b.found > 0 ? words("%1 goes into the oven %2 before it has dried or set.", b.thing, minutes(b.found))
                           : words("%1 goes into the oven before it has dried or set.", b.thing);
    case Law::harmed:
        return words("%1 is in the oven at %2 and stands %3, and no last look says so.", b.thing, heat(b.found),
                     heat(b.limit));
    case Law::out_of_reach:
        return words(
            "%1: %2 % of it is out of a brush's reach by the time that it is painted (%3). Make what covers it "
            "apart, and put it on after.",
            b.thing, Phrase(100 * b.found, decimals(0)), step);
    case Law::covered:
        return words("%1 is under its cover when “%2” wants it.", b.thing, step);
    case Law::wet_held:
        return words("%1 is not dry, set or cured when “%2” goes over it.", b.thing, step);
    case Law::same_name:
        return words("Two steps go by one name, %1: a tick would finish both.", b.thing);
    case Law::not_shared:
        return words("A double is cut before the sheet that it is cut by is printed: %1.", step);
    case Law::two_on_limb:
        return words("Two people are at %1 at once.", b.thing);
    }
    return {};
}

} // namespace enkinet::checks
