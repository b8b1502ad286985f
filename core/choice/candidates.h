#pragma once
// Every wire of the stock that a limb could be made of, judged at every joint: each spool, each count of strands, each
// lay, and each way in which strands may end on the way to the tip. docs/mechanics.md 69 to 71.
#include "base/value.h"
#include "choice/cut_list.h"
#include "choice/verdict.h"
#include <map>
#include <memory>

namespace enkinet::choice {

/// One spool of the shop's stock.
struct Spool {
    std::string id, material;
    double diameter_mm = 0;
    double length_m = 0;
    double price_m = 0;
    friend bool operator==(const Spool&, const Spool&) = default;
};
Result<Spool> makeSpool(Spool spool);

/// Tables by material card id.
using Tables = std::map<std::string, std::shared_ptr<const wire::BendTable>>;

/// Spools of the stock with the table of each one's material.
struct Stock {
    std::vector<Spool> spools;
    Tables tables;
    std::vector<wire::Calibration> calibrations; ///< one a spool, or none at all
    fill::WireWork work{};                       ///< minutes at the bench
    const wire::Calibration& calibrationOf(int spool) const;
    const wire::BendTable& tableOf(int spool) const {
        return *tables.at(spools[static_cast<std::size_t>(spool)].material);
    }
    friend bool operator==(const Stock&, const Stock&) = default; ///< tables by identity
};

/// Why a whole candidate is out before any joint is looked at.
enum class Bar { none, material_static, twist, spool_short, unwished };

/// A bundle of one spool, as it runs through some of a limb's joints; of a whip, all of it.
struct Trial {
    int spool = 0;
    wire::Bundle bundle;
    double spunDamage = 0;      ///< of the larger bundle that it was spun in
    std::vector<Ending> ends{}; ///< of a whip's strands, on the way
    /// The trial at one joint.
    struct At {
        double hold_Nmm = 0, life_s = 0;
        double effort = 0; ///< over its limit
        double miss = 0;   ///< sum of ln shortfalls
        double margin = 0; ///< life over need
        double inside = 0; ///< least of hold, effort, springback and life over what is asked
        State state = State::holds;
    };
    std::vector<At> at;                                       ///< one a demand
    std::shared_ptr<const std::vector<wire::WireBend>> bends; ///< one a demand; shared with later choices
};

struct Candidate {
    int spool = 0;
    wire::Bundle bundle;                           ///< at the root
    int drops = 0;                                 ///< how often strands end on the way
    std::array<int, body::kMostDrops> after{};     ///< place after which each does
    std::array<int, body::kMostDrops + 1> trial{}; ///< the bundles from root to tip
    Bar bar = Bar::none;
    bool fits = false;
    int worstJoint = -1; ///< index into the demands of the joint that rules it out (or has the least life to spare)
    State state = State::holds;
    double miss = 0;                           ///< sum of ln shortfalls; 0 when it fits
    double lifeMargin = 0;                     ///< least ratio of life to need over the joints
    double inside = 0;                         ///< least margin of hold, effort, springback and life over the joints
    double work_min = 0;                       ///< cutting, spinning and binding one copy
    double worstEffort = 0;                    ///< largest ratio of effort to limit
    double mass_g = 0, price = 0, wire_mm = 0; ///< wire used by one copy of the limb
};

/// What the limb's wire is for, and whether it needs any.
struct WireReason {
    bool pose = false;    ///< holds a pose
    bool anchor = false;  ///< ties the puppet to the base, or carries limbs that hang on it
    bool rawClay = false; ///< holds raw clay in shape until it is cured
    double raw_MPa = 0;   ///< bending stress of the raw clay at the root, held level without wire
    double rawLimit_MPa = 0;
    bool needed() const { return pose || anchor || rawClay; }
};

struct LimbChoice {
    int limb = 0;
    std::vector<Demand> demands;
    std::vector<Trial> trials;
    std::vector<Candidate> candidates;
    std::size_t fieldTrials = 0, fieldCandidates = 0; ///< of the field; what a pick adds comes behind
    bool twice = false, cut = false;                  ///< as the field was made
    /// What the builder wishes of any wire, as the field was made.
    struct Wishes {
        bool steelMayPose = false, mayDrop = true;
        int mostStrands = 7;
        std::vector<double> disliked_mm;
        friend bool operator==(const Wishes&, const Wishes&) = default;
    };
    Wishes wishes;
    std::vector<int> places; ///< joints after which strands may end: posed ones, of a whip the fixed ones on its way
    LimbPath path;
    WireReason reason;
    int chosen = -1;               ///< index into candidates; -1: none can be tried, or none is needed
    bool pinned = false;           ///< by the builder
    std::vector<Verdict> verdicts; ///< of the chosen, one a demand
    State state = State::holds;    ///< worst joint's
    int worst = -1;                ///< demand that decides; -1 without posed joints
    int fitting = 0;               ///< how many candidates fit
    double reserve = 0;            ///< by which the chosen stays inside its limits; NaN where nothing is posed
    bool thin = false;             ///< it holds, but not with the reserve that is wanted
    ENKINET_VALUE(LimbChoice)
};

/// The trial of a candidate at a demand, and the numbers that it has there.
const Trial& findTrial(const LimbChoice& choice, const Candidate& candidate, std::size_t demand);
const Trial::At& findAt(const LimbChoice& choice, const Candidate& candidate, std::size_t demand);
/// Strands of the chosen wire on the limb's segment; 0 without wire.
int findStrands(const LimbChoice& choice, int segment);
/// Where the candidate's strands end, by the limb's joints.
std::vector<Ending> findEndings(const LimbChoice& choice, const Candidate& candidate);

/// Fills candidates and trials from the limb and its demands. Bends are taken over from a former choice of the same
/// limb where nothing but loads has changed; null where there is none.
void tryCandidates(const body::Puppet& puppet, const Stock& stock, LimbChoice& choice, const LimbChoice* former);

/// The same from a choice that is no longer needed.
void tryAgain(const body::Puppet& puppet, const Stock& stock, LimbChoice& choice, LimbChoice&& spent);

/// Picks: the builder's own wire, else the best by the aim among the allowed spools (empty: all). Sets verdicts, state.
void pickCandidate(const body::Puppet& puppet, const Stock& stock, LimbChoice& choice,
                   const std::vector<bool>& allowed = {});

/// Smaller is better, by the builder's aim, among candidates that fit with the reserve. (70)
using Rank = std::array<double, 5>;
Rank findRank(const LimbChoice& choice, const Candidate& candidate, body::Aim aim);
/// What of its margin counts: no more than the reserve that is wanted. Larger is better, before any rank.
double findCounted(const Candidate& candidate, double reserve);

} // namespace enkinet::choice
