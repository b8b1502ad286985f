#include "base/units.h"
#include "support/near.h"
#include "support/puppets.h"
#include "wire/proof.h"
#include <algorithm>

using namespace enkinet::wire;

TEST_CASE("Proof moments and stiffness of wire that nobody poses are those of a separate computation", "[wire]") {
    struct Known {
        const char* card;
        Bundle bundle;
        double proof_Nmm, EI_Nmm2;
    };
    const Known known[] = {
        {"aluminium-soft", {1, 1.0, 0}, 4.41, 3387},    {"aluminium-soft", {1, 2.0, 0}, 35.28, 54192},
        {"aluminium-soft", {2, 2.0, 13}, 166.1, 97585}, {"aluminium-soft", {1, 3.2, 0}, 144.5, 355156},
        {"steel-annealed", {1, 1.6, 0}, 131.4, 66592},  {"steel-annealed", {2, 2.05, 0}, 552.6, 358910},
        {"steel-drawn", {1, 2.0, 0}, 475.8, 162577}};
    const auto cards = shippedCards().wires;
    for (const Known& k : known) {
        const auto card =
            std::find_if(cards.begin(), cards.end(), [&](const MaterialCard& c) { return c.id == k.card; });
        REQUIRE(card != cards.end());
        INFO(k.card << " " << k.bundle.strands << " x " << k.bundle.diameter_mm);
        CHECK_NEAR(calcProofMoment(*card, k.bundle), k.proof_Nmm, 0.005);
        CHECK_NEAR(findStiffness(*card, k.bundle), k.EI_Nmm2, 0.005);
        // Two routes.
        CHECK_NEAR(findProofMoment(BendTable(*card), k.bundle), calcProofMoment(*card, k.bundle), 1e-3);
    }
}

TEST_CASE("Twisting makes a pair several times as firm as two fresh wires, and never softer", "[wire]") {
    for (const MaterialCard& c : shippedCards().wires) {
        INFO(c.id);
        const double fresh = calcProofMoment(c, {2, 1.5, 0}), spun = calcProofMoment(c, {2, 1.5, 12});
        CHECK(spun >= fresh * (1 - 1e-12));
        CHECK_NEAR(spun * findFreshShare(c), fresh, 1e-12);
        CHECK_NEAR(calcProofMoment(c, {1, 3, 0}), 8 * calcProofMoment(c, {1, 1.5, 0}), 1e-9);
    }
}
