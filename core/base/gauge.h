#pragma once
// Wire gauges and millimetres, both ways. AWG by its definition, d = 0.127 mm x 92^((36 - n)/39) (ASTM B258); SWG by
// the table of the British standard (BS 3737, inches). A gauge without its system is a question, never a guess.
#include "base/result.h"
#include <string>

namespace enkinet {

enum class GaugeSystem { awg, swg };

/// Diameter in mm of a gauge number; 0 is "0", -1 is "2/0" and so on. NaN outside the published range: AWG 4/0 to 50,
/// SWG 7/0 to 50.
double findGaugeDiameter(GaugeSystem system, int number);

/// The gauge nearest a diameter (on a logarithmic scale), and how far it is off: (gauge - diameter)/diameter.
struct NearestGauge {
    int number = 0;
    double diameter_mm = 0;
    double off = 0;
};
NearestGauge findNearestGauge(GaugeSystem system, double diameter_mm);

/// "16", "0", "2/0".
std::string gaugeName(int number);

/// A diameter as people write it: "1.5", "1.5 mm", "1,5 mm", "0.06 in", "14 awg", "awg 14", "2/0 swg". A bare gauge
/// ("14 g",
/// "#14", "14 gauge") is refused with the question which system is meant. The result lies between 0.05 and 13 mm.
Result<double> parseDiameter(const std::string& text);

} // namespace enkinet
