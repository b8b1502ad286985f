#pragma once
// What is not so while a build is carried out: see checks/replay.h.
#include "base/optional_number.h"
#include "base/phrase.h"

namespace enkinet::checks {

/// What must be so while things are made.
enum class Law {
    not_there,   ///< a step uses, joins, paints or looks at what does not exist yet; thing: what
    has_set,     ///< it works on, or looks at, what has set: found minutes after it was begun, limit that it is open
    wet_in_heat, ///< what is not dry, or has not set, goes into the oven; found: minutes it still wants
    harmed,      ///< what is in the oven stands less, and no last look says so; found: peak, limit: what it stands, °C
    out_of_reach, ///< painted after what hides it is there; found: share of it that is hidden
    covered,      ///< worked under a cover that is on
    wet_held,     ///< cloth goes over what is not dry; found: minutes that it still wants
    same_name,    ///< two steps of one name: a tick finishes both
    not_shared,   ///< a double is cut before the sheet that all are cut by is there
    two_on_limb,  ///< two people at one limb at once
};
/// The name that files and the command line know it by.
const char* keyOf(Law law);

struct Broken {
    Law law = Law::not_there;
    int step = 0, copy = 1;
    Phrase thing;
    double found = 0, limit = 0;
    friend bool operator==(const Broken&, const Broken&) = default;
};
/// What is not so; step: how that step is called.
Phrase sentenceOf(const Broken& broken, const Phrase& step);

} // namespace enkinet::checks
