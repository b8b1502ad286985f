#pragma once
// The three tones of a painted surface with relief: a wash runs into what lies low, a dry brush leaves its paint on
// what stands high. docs/mechanics.md 148.
//   A patch of heights; a wash's film is as thick as a place lies below the mean, a dry brush's as it stands above,
//   each scaled so that the paint that went on is the paint that is there; through the film equation (133), coat by
//   coat.
#include "paint/coats.h"

namespace enkinet::paint {

/// A square patch of the texture, n by n heights in mm above the mean, row by row; the same patch always.
std::vector<double> calcHeights(const Relief& relief, int n, double side_mm);

/// Film by height, as shares of a full coat: mean over the patch is `share`. A flat patch is covered evenly.
std::vector<double> calcPooled(const std::vector<double>& heights_mm, double share, bool low);

struct Tones {
    Rgb recess, body, ridge;            ///< of the lowest tenth, the middle, the highest tenth; linear
    double recessOff = 0, ridgeOff = 0; ///< CIEDE2000 from the body
    friend bool operator==(const Tones&, const Tones&) = default;
};
struct ReliefPatch {
    int n = 0;
    std::vector<Rgb> seen; ///< row by row, lit from above and the left; linear
    Tones tones;           ///< as painted, without the light
};
/// A scheme on a clay (#rrggbb) with its relief, as it looks at a place; its coats of other places are left out. A
/// paint that the shelf lacks is a Fault.
Result<ReliefPatch> calcReliefPatch(const Scheme& scheme, const std::vector<PaintCard>& shelf, const std::string& clay,
                                    int n = 96, double side_mm = 24, const Coat& place = {});

} // namespace enkinet::paint
