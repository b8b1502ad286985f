#include "base/gauge.h"
#include "base/text.h"
#include "base/units.h"
#include <algorithm>
#include <charconv>
#include <cmath>
#include <iterator>
#include <limits>
#include <optional>

namespace enkinet {

namespace {

constexpr int kLowestAwg = -3, kHighestAwg = 50, kLowestSwg = -6, kHighestSwg = 50;
/// Inches from 7/0 to 50.
constexpr double kSwg[] = {.500,  .464,  .432,  .400,  .372,  .348,  .324,  .300,  .276,  .252,  .232,  .212,
                           .192,  .176,  .160,  .144,  .128,  .116,  .104,  .092,  .080,  .072,  .064,  .056,
                           .048,  .040,  .036,  .032,  .028,  .024,  .022,  .020,  .018,  .0164, .0148, .0136,
                           .0124, .0116, .0108, .0100, .0092, .0084, .0076, .0068, .0060, .0052, .0048, .0044,
                           .0040, .0036, .0032, .0028, .0024, .0020, .0016, .0012, .0010};
static_assert(std::size(kSwg) == kHighestSwg - kLowestSwg + 1);

/// Lower case, single spaces gone, decimal comma to point.
std::string squeezed(const std::string& text) {
    std::string s;
    for (char c : text)
        if (c != ' ' && c != '\t') s += c == ',' ? '.' : static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return s;
}

bool takeAway(std::string& s, const std::string& word) {
    if (s.size() > word.size() && s.ends_with(word)) {
        s.resize(s.size() - word.size());
        return true;
    }
    if (s.size() > word.size() && s.starts_with(word)) {
        s.erase(0, word.size());
        return true;
    }
    return false;
}

std::optional<double> wholeNumber(const std::string& s) {
    double v = 0;
    const auto [end, error] = std::from_chars(s.data(), s.data() + s.size(), v);
    if (error != std::errc() || end != s.data() + s.size() || !std::isfinite(v)) return {};
    return v;
}

/// "14", "0", "00", "2/0" to a gauge number.
std::optional<int> gaugeNumber(const std::string& s) {
    if (s.size() > 1 && s.size() <= 7 && s.find_first_not_of('0') == std::string::npos)
        return 1 - static_cast<int>(s.size());
    if (s.size() == 3 && s.ends_with("/0") && s[0] >= '1' && s[0] <= '9') return 1 - (s[0] - '0');
    const auto v = wholeNumber(s);
    if (!v || *v != std::floor(*v) || std::abs(*v) > 1000) return {};
    return static_cast<int>(*v);
}

Result<double> inRange(double mm, const std::string& text) {
    if (mm >= 0.05 && mm <= 13) return mm;
    return Fault{words("diameter"), "\"" + text.substr(0, 30) + "\"",
                 words("must lie between 0.05 and 13 mm; a gauge wants its system: awg or swg")};
}

} // namespace

double findGaugeDiameter(GaugeSystem system, int number) {
    if (system == GaugeSystem::awg) {
        if (number < kLowestAwg || number > kHighestAwg) return std::numeric_limits<double>::quiet_NaN();
        return 0.127 * std::pow(92.0, (36.0 - number) / 39.0);
    }
    if (number < kLowestSwg || number > kHighestSwg) return std::numeric_limits<double>::quiet_NaN();
    return kSwg[number - kLowestSwg] * kMmPerInch;
}

NearestGauge findNearestGauge(GaugeSystem system, double diameter_mm) {
    const int low = system == GaugeSystem::awg ? kLowestAwg : kLowestSwg;
    const int high = system == GaugeSystem::awg ? kHighestAwg : kHighestSwg;
    NearestGauge best;
    double least = std::numeric_limits<double>::infinity();
    for (int n = low; n <= high; ++n) {
        const double d = findGaugeDiameter(system, n), miss = std::abs(std::log(d / diameter_mm));
        if (miss < least) least = miss, best = {n, d, d / diameter_mm - 1};
    }
    return best;
}

std::string gaugeName(int number) { return number >= 0 ? std::to_string(number) : std::to_string(1 - number) + "/0"; }

Result<double> parseDiameter(const std::string& text) {
    std::string s = squeezed(text);
    const std::string shown = "\"" + text.substr(0, 30) + "\"";
    for (const auto& [word, system] : {std::pair{"awg", GaugeSystem::awg}, {"swg", GaugeSystem::swg}}) {
        if (!takeAway(s, word)) continue;
        const auto number = gaugeNumber(s);
        if (!number) return Fault{words("diameter"), shown, words("must name a gauge such as 14 or 2/0")};
        const double mm = findGaugeDiameter(system, *number);
        if (std::isnan(mm))
            return Fault{words("diameter"), shown, words("is not in the published table of that system")};
        return mm;
    }
    for (const char* bare : {"gauge", "ga", "g", "#"})
        if (takeAway(s, bare)) return Fault{words("diameter"), shown, words("is a gauge of which system: awg or swg?")};
    double unit = 1;
    if (takeAway(s, "mm"))
        unit = 1;
    else if (takeAway(s, "in") || takeAway(s, "\""))
        unit = kMmPerInch;
    const auto v = wholeNumber(s);
    if (!v) return Fault{words("diameter"), shown, words("must be millimetres, inches, or a gauge with awg or swg")};
    return inRange(*v * unit, text);
}

} // namespace enkinet
