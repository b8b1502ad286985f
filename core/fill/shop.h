#pragma once
// The room and the tools that clay is worked with: how warm the shop is, what the oven's probe said, which strips and
// which roller make a sheet of a wanted thickness. docs/mechanics.md 44b, 45, 49a.
#include "base/result.h"
#include "schema/table.h"
#include <optional>
#include <string>
#include <vector>

namespace enkinet::fill {

/// A sheet that was rolled at a setting of the roller, and measured.
struct RollerReading {
    double setting = 0, thickness_mm = 0;
    friend bool operator==(const RollerReading&, const RollerReading&) = default;
};

/// An oven as a probe saw it.
struct OvenLog {
    double offset_C = 0;    ///< mean of the settled readings above the set point
    double swing_C = 0;     ///< half of largest less smallest of them
    double settled_min = 0; ///< when it first came within the swing of its mean
    int readings = 0;       ///< 0: no probe has been in it
    friend bool operator==(const OvenLog&, const OvenLog&) = default;
};

/// What a builder's fingers give in comfort (typical pinch and grasp): up to one half-width of what they hold the one,
/// growing evenly to the other. docs/mechanics.md 62.
struct Hands {
    double pinch_N = 12, pinchHalf_mm = 8;
    double grasp_N = 40, graspHalf_mm = 20;
    friend bool operator==(const Hands&, const Hands&) = default;
};
double findFingers_N(const Hands& hands, double halfWidth_mm);

/// Minutes that wire takes at the bench: a piece cut, a bundle spun, a joint bound.
struct WireWork {
    double cut_min = 1, spin_min = 2, bind_min = 1.5;
    friend bool operator==(const WireWork&, const WireWork&) = default;
};

/// A rod of cured clay on two supports, loaded in the middle until it broke.
struct BreakTest {
    std::string clay, date, note; ///< clay: its card's id
    double diameter_mm = 0, span_mm = 0, force_N = 0;
    double rupture_MPa() const; ///< 8 F L/(pi D³)
    friend bool operator==(const BreakTest&, const BreakTest&) = default;
};
/// Diameter 1 to 100 mm, force 0.01 to 10000 N, a span of at least eight diameters: shorter, it would break by shear.
Result<BreakTest> makeBreakTest(BreakTest test);
double findRupture(double diameter_mm, double span_mm, double force_N);
/// Least span for a rod that is to break by bending, not by shear.
double findLeastSpan(double diameter_mm);

struct Shop {
    Hands hands{};
    WireWork work{};
    double room_C = 20;
    int leadDays = 3;                ///< from ordering a thing to having it
    double putty_g_h = 40;           ///< putty that two hands put on in an hour
    bool fan = false;                ///< the oven blows: 25 instead of 15 W/m²K at the surface
    std::vector<double> strips_mm{}; ///< pairs of spacer strips to roll between
    std::vector<RollerReading> roller{};
    OvenLog oven{};
    std::vector<BreakTest> breaks{}; ///< of the shop's own clays
    /// Strengths that its tests of a clay gave, MPa.
    std::vector<double> rupturesOf(const std::string& clay) const;
    double surface_W_m2K() const { return fan ? 25 : 15; }
    friend bool operator==(const Shop&, const Shop&) = default;
};

const schema::Table& described(const RollerReading*);
const schema::Table& described(const OvenLog*);
const schema::Table& described(const Hands*);
const schema::Table& described(const WireWork*);
const schema::Table& described(const BreakTest*);
const schema::Table& described(const Shop*);

/// The shop when every value is inside its limits: room 0 to 45 °C, up to 12 strips and 200 readings of 0.1 to 50 mm,
/// fingers of 1 to 200 N, a grasp that gives no less than a pinch and is wider, up to 2000 sound break tests.
Result<Shop> makeShop(Shop shop);

/// What the readings of a roller say: thickness = at0 + slope setting by least squares.
struct RollerLine {
    double at0_mm = 0, slope_mm = 0;
    double scatter_mm = 0;    ///< root mean square of what is left, by readings less two
    double low = 0, high = 0; ///< settings that were tried
    int readings = 0;
};
/// Nothing with fewer than two settings, or where the sheet does not change with the setting.
std::optional<RollerLine> calcRollerLine(const std::vector<RollerReading>& readings);

/// How to roll a sheet: so many layers at a whole setting among those that were tried.
struct Rolled {
    int layers = 1;
    double setting = 0, gives_mm = 0;
};
/// The setting and layers, up to four, that come nearest to a thickness; fewer layers on a tie.
std::optional<Rolled> findRolled(const RollerLine& line, double thickness_mm);

/// Strips stacked on each side of the clay that come nearest to a thickness; fewer strips on a tie. Empty without
/// strips.
std::vector<double> findStrips(const std::vector<double>& strips_mm, double thickness_mm);

} // namespace enkinet::fill
