#pragma once
// What each shot spends of each joint's life, copy by copy, and how many doubles a film needs. docs/mechanics.md 142 to
// 146.
//   Every history goes through rainflow in the direction that hurts most; each cycle's range grows by the springback at
//   both ends, for the hand bends over so that the wire stays; Miner's sum over N(strain amplitude) of the median wire,
//   times one and the share that is posed again. Sums are over shots; between two shots the wire rests where it is, so
//   cycles that would close across a cut are counted as halves: a long shot is never kinder than its pieces.
#include "choice/choose.h"
#include "document/shot.h"

namespace enkinet::shoot {

/// A joint as its chosen wire is bent.
struct JointWire {
    int limb = 0, joint = 0; ///< of the puppet
    int spool = -1;
    double amplitudePerRad = 0, springback_rad = 0;
    double start = 0;  ///< share of life spent by twisting and forming before the first frame
    double lifeLn = 0; ///< calibration: lives are multiplied by e to this
    double common = 0,
           own = 0; ///< standard deviations of ln life: the spool's, shared by all joints of it, and its own
    const wire::BendTable* table = nullptr;
    double range_rad = 0, movesPerSecond = 0; ///< as the design has it: what acting without histories takes
    double low_rad = 0, high_rad = 0;         ///< the joint's range
    double median() const; ///< share of the median life that half of such joints reach: e to lifeLn, less the start
};
/// Joints with a wire that was chosen and judged.
std::vector<JointWire> findJointWires(const body::Puppet& puppet, const choice::PuppetChoice& choice,
                                      const choice::Stock& stock);

struct Bent {
    double cycles = 0, damage = 0;
    double largest_rad = 0; ///< bend
    bool beyond = false;    ///< of the joint's range
    double fastest_rad = 0; ///< from one exposure to the next
};
/// One history, exposure by exposure, at a joint: angles forth and aside, either may be empty.
Bent calcBent(const JointWire& wire, const std::vector<double>& forth_rad, const std::vector<double>& aside_rad,
              double retakes);

/// What a cast member does at a joint: its history, its poses or its acting.
Bent calcActed(const JointWire& wire, const body::Puppet& puppet, const document::Shot& shot,
               const document::Cast& cast, bool right);

struct WearRow {
    int puppet = 0, copy = 1;
    int limb = 0, joint = 0;
    bool right = false;
    int shot = 0;
    double cycles = 0, damage = 0; ///< of the median life
    double spent = 0;              ///< of it, with all shots before, twisting and forming
    /// Spent by shots, of what nine in ten such joints stand: before and after this one. Above 1: fewer do.
    double levelBefore = 0, level = 0;
    double left_s = 0;   ///< film of this shot's kind that nine in ten such joints still stand; infinity: no end
    double survival = 0; ///< chance that the joint is whole after the shot, by itself
    Bent bent;
};
struct Ledger {
    std::vector<WearRow> rows; ///< by shot, then puppet, copy, joint
    /// The shot before which a joint of a copy is to be swapped: nine in ten no longer stand it to its end.
    struct Swap {
        int puppet = 0, copy = 1, limb = 0, joint = 0;
        bool right = false;
        int shot = 0;
    };
    std::vector<Swap> swaps;
};
/// puppets: the production's, choices and stocks of each.
struct ShotCast {
    const body::Puppet* puppet = nullptr;
    const choice::PuppetChoice* choice = nullptr;
    const choice::Stock* stock = nullptr;
};
Ledger calcLedger(const std::vector<ShotCast>& puppets, const std::vector<document::Shot>& shots);

/// A limb's joints over the whole film: each joint's damage by the film.
struct Demanded {
    double damage = 0, median = 1; ///< film's sum, and the share that half reach
    double common = 0, own = 0;
};
/// The chance that so many copies of a limb, used one after the other, each until its first joint breaks, last the
/// film. The spool's deviate is common to all of them, the joints' own are not; a copy that is swapped goes on where
/// the last one stopped. (146)
double calcFilmChance(const std::vector<Demanded>& joints, int copies);
inline constexpr int kMostCopies = 12;
/// The least number of copies for a chance; 0 where a dozen do not suffice.
int findCopies(const std::vector<Demanded>& joints, double chance = 0.95);

} // namespace enkinet::shoot
