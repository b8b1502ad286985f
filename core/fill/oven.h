#pragma once
// What may go into the oven, everything counted: clay that would scorch, bulk, sleeves and glue inside, things that go
// in alongside. docs/mechanics.md 44c.
#include "fill/ledger.h"

namespace enkinet::fill {

inline constexpr double kGlueLimit_C = 80;    ///< instant glue softens (typical)
inline constexpr double kSleeveLimit_C = 125; ///< heat-shrink tube goes on shrinking (typical)

struct OvenFinding {
    enum class Kind { scorches, bulk, sleeve, glue, thing } kind = Kind::thing;
    Phrase what; ///< card's name, or the limbs'

    double limit_C = 0, peak_C = 0;
    bool bars = false; ///< it must not go in; otherwise it is only worth knowing
    friend bool operator==(const OvenFinding&, const OvenFinding&) = default;
};

/// Hottest that a load gets, degrees C: the set point and, once a probe has been in the oven, its swing.
double calcPeak(const Shelf& shelf, double set_C);

/// Everything of a load that does not like its peak temperature. Things alongside that stand it are not listed.
std::vector<OvenFinding> checkOven(const body::Puppet& puppet, const body::Skeleton& skeleton,
                                   const std::vector<Part>& parts, const Shelf& shelf, const Bake& bake);

} // namespace enkinet::fill
