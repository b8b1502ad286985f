#pragma once
// Heat from the oven's air through clay and core: transient conduction across a cylinder, a ball or a slab by implicit
// finite volumes. Assumes: constant properties, perfect contact between core and clay, one surface coefficient. Error
// below 0.5 °C against the analytic series of all three, second order in grid and step (tests/fill/bake_test.cpp).
// docs/mechanics.md 40 to 43.
#include "base/optional_number.h"
#include "base/result.h"
#include <vector>

namespace enkinet::fill {

struct Heat {
    double conductivity_W_mK = 0.25;
    double density_kg_m3 = 1700;
    double heat_J_kgK = 1200;
    friend bool operator==(const Heat&, const Heat&) = default;
};

enum class BakeShape { slab, cylinder, sphere };

struct BakeSetup {
    BakeShape shape = BakeShape::cylinder;
    double core_mm = 0; ///< radius of the core (of a slab, heated from both faces: half its thickness); 0: solid clay
    double thickness_mm = 6; ///< of clay outside it
    Heat clay;
    Heat core{0.3, 400, 900};
    double surface_W_m2K = 15; ///< still air in an oven; 25 with a fan
    double oven_C = 130, start_C = 20;
    int refine = 1; ///< grid and step this many times as fine; for showing convergence
    friend bool operator==(const BakeSetup&, const BakeSetup&) = default;
};

struct BakeCurve {
    std::vector<double> minutes, innermost_C, surface_C;
    double stored_J = 0, absorbed_J = 0; ///< per m of length and radian (cylinder), m² of face, steradian: they balance
    OptionalNumber reached_min =
        0; ///< when the innermost clay reaches the target; NaN when it does not in the time given
    friend bool operator==(const BakeCurve&, const BakeCurve&) = default;
};

/// Follows the bake for up to the given minutes. Bad input (nothing to bake, sizes beyond 500 mm, temperatures beyond
/// -50..400 °C, minutes outside 0..2880) is a Fault.
Result<BakeCurve> calcBake(const BakeSetup& setup, double target_C, double minutes);

} // namespace enkinet::fill
