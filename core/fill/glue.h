#pragma once
// What holds on what: adhesives by the two faces that meet. Values are typical, of faces that are clean and roughened.
// docs/mechanics.md 118a.
#include "fill/cards.h"
#include <vector>

namespace enkinet::fill {

/// What an adhesive bears on one face before it slides, MPa; 0 where it does not hold there. A card that names no faces
/// holds alike on all.
double findShear(const AdhesiveCard& card, Face face);
/// Between two faces: the weaker of them.
double findShear(const AdhesiveCard& card, Face a, Face b);

struct GlueFit {
    int card = 0; ///< index into the cards
    double shear_MPa = 0;
    bool onShelf = false;
    friend bool operator==(const GlueFit&, const GlueFit&) = default;
};
/// Everything that holds between two faces and stands the heat (0: none is to come): first what is on the shelf, the
/// strongest first. shelf: ids.
std::vector<GlueFit> findGlues(const std::vector<AdhesiveCard>& cards, const std::vector<std::string>& shelf, Face a,
                               Face b, double heat_C);

} // namespace enkinet::fill
