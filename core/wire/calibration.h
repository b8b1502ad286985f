#pragma once
// The user's own wire beats any table. Bend tests move and narrow the life, hang tests the hold.
// Life: the wire's log-multiplier has prior N(0, 0.49²), a single test scatters by 0.35 (together the 0.6 of
// wire/bend.h). Hold: a log-multiplier with prior N(0, 0.15²), and the share L of Masing's rule that the wire follows
// after a last bend, prior N(0.5, 0.3²); a hang scatters by 0.10. Both posteriors are normal in closed form.
// docs/mechanics.md 27 to 29.
#include "wire/last_touch.h"
#include <string>
#include <vector>

namespace enkinet::wire {

inline constexpr double kLifePrior = 0.49, kLifeTestScatter = 0.35;
inline constexpr double kHoldPrior = 0.15, kHoldTestScatter = 0.10, kMasingMean = 0.5, kMasingPrior = 0.3;
/// A test further off than so many standard deviations of what was expected contradicts the card.
inline constexpr double kContradiction = 2.5;

/// A sample bent to and fro until it broke.
struct BendTest {
    std::string spool, date, note;
    Bundle bundle; ///< diameter is the spool's
    double gap_mm = 14, edge = kEasedEdge;
    double angle_rad = 0; ///< bent to plus and minus this
    double cycles = 0;    ///< at the break
    friend bool operator==(const BendTest&, const BendTest&) = default;
};

enum class LastBend { unknown, with, against };

/// A weight on a lever, raised until the joint crept past the set angle.
struct HangTest {
    std::string spool, date, note;
    Bundle bundle;
    double gap_mm = 14;
    double lever_mm = 0, weight_g = 0;
    LastBend lastBend = LastBend::unknown;
    double lastAngle_rad = 0; ///< how far it had last been bent; unused when unknown
    double set_rad = 0.008726646259971648;
    friend bool operator==(const HangTest&, const HangTest&) = default;
};

/// What a joint's wire did on the set: the share of the card's median life that its shots had spent (twisting and
/// forming taken off), and whether it broke there. One that did not break lasts longer than that: both count.
struct WearTest {
    std::string spool, date;
    std::string joint; ///< which wire it was: tests of one wire are one, its break or else its longest
    std::string shot;
    double share = 0;
    bool broke = false;
    friend bool operator==(const WearTest&, const WearTest&) = default;
};
const schema::Words& wordsOf(LastBend);
const schema::Table& described(const BendTest*);
const schema::Table& described(const HangTest*);
const schema::Table& described(const WearTest*);
Result<WearTest> makeWearTest(WearTest test);

/// The test inside its limits, or the rule it breaks.
Result<BendTest> makeBendTest(BendTest test);
Result<HangTest> makeHangTest(HangTest test);

/// What a test gave against what the card says.
struct Seen {
    double predicted = 0, seen = 0;
    double lnRatio = 0;
    double deviations = 0; ///< lnRatio in standard deviations expected before any test
    bool contradicts() const { return deviations > kContradiction || deviations < -kContradiction; }
};
Seen calcSeen(const BendTable& table, const BendTest& test);
Seen calcSeen(const BendTable& table, const HangTest& test);

/// What a test is expected to give before it is made: one in ten lies below low, one in ten above high.
struct Expected {
    double median = 0, low = 0, high = 0;
    friend bool operator==(const Expected&, const Expected&) = default;
};

/// What is known of one wire; without tests, the card with its table scatter.
struct Calibration {
    int bendTests = 0, hangTests = 0;
    int broken = 0, lasted = 0; ///< wires on the set
    bool hasLife() const { return bendTests + broken + lasted > 0; }
    double lifeLn = 0;                 ///< mean of the log-multiplier of life
    double lifeScatter = kLifeScatter; ///< predictive standard deviation of ln N
    double lifeLnSpread = kLifePrior;  ///< of lifeLn itself
    double holdLn = 0, holdLnSpread = kHoldPrior;
    double masing = kMasingMean, masingSpread = kMasingPrior;
    double holdMasingCovariance = 0;
    bool contradicted = false; ///< some test lies further off than the prior allows
    friend bool operator==(const Calibration&, const Calibration&) = default;
};

/// Posterior of a wire from its tests, in any order; too tight a test tells nothing and is left out. Wires that broke
/// on the set count as bend tests do; those that lasted say only that their life is longer, so the posterior is
/// integrated and its mean and deviation are taken. docs/mechanics.md 147.
Calibration calcCalibration(const BendTable& table, const std::vector<BendTest>& bends,
                            const std::vector<HangTest>& hangs, const std::vector<WearTest>& wears = {});

/// Cycles of a bend test, N mm of a hang test, by what is known so far; what the test itself found is not read.
Expected calcExpected(const BendTable& table, const BendTest& test, const Calibration& known);
Expected calcExpected(const BendTable& table, const HangTest& test, const Calibration& known);

/// How many bend tests more make what is not known of the life half as wide: from s to s/2 takes 3 (0.35/s)².
int findTestsToHalve(const Calibration& known);

/// Applies a calibration to what the card says: lives, their nine in ten, holds and the moments to bend.
void calibrate(WireBend& bend, const Calibration& calibration);

/// Hold against and with the last bend, moved by the calibration, each with one standard deviation of ln.
struct HoldRange {
    double against_Nmm = 0, convention_Nmm = 0, with_Nmm = 0;
    double againstSpread = 0, withSpread = 0;
};
HoldRange calcHoldRange(const LastTouch& touch, const Calibration& calibration);

} // namespace enkinet::wire
