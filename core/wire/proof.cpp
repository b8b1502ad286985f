#include "wire/proof.h"
#include "base/units.h"
#include "wire/bend.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire {

bool isWorked(const Bundle& bundle) { return bundle.strands > 1 && bundle.lay_mm > 0; }

double findFreshShare(const MaterialCard& card) {
    if (card.proof_MPa <= 0) return 1;
    const CyclicConstants c = calcConstants(card);
    return std::min(1.0, card.proof_MPa / (c.K_MPa * std::pow(kProofStrain, c.n)));
}

double calcProofMoment(const MaterialCard& card, const Bundle& b) {
    const CyclicConstants c = calcConstants(card);
    const double m = calcStrandMoment(c, card.youngs_MPa, calcHoldStrain(c, card.youngs_MPa, kProofStrain));
    return b.strands * m * std::pow(b.diameter_mm, 3) * (isWorked(b) ? 1 : findFreshShare(card));
}

double findProofMoment(const BendTable& table, const Bundle& b) {
    return b.strands * table.holdMoment(kProofStrain) * std::pow(b.diameter_mm, 3) *
           (isWorked(b) ? 1 : findFreshShare(table.card()));
}

double findStiffness(const MaterialCard& card, const Bundle& b) {
    return findEffectiveStrands(b) * card.youngs_MPa * kPi / 64 * std::pow(b.diameter_mm, 4);
}

} // namespace enkinet::wire
