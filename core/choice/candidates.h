#pragma once
// Every wire of the stock that a limb could be made of, judged at every joint (choice/field.h), and the one that is
// picked: the builder's own, or the best by the aim. docs/mechanics.md 69 to 71.
#include "choice/field.h"

namespace enkinet::choice {

/// What the limb's wire is for, and whether it needs any.
struct WireReason {
    bool pose = false;          ///< holds a pose
    bool anchor = false;        ///< ties the puppet to the base, or carries limbs that hang on it
    bool rawClay = false;       ///< holds raw clay in shape until it is cured
    OptionalNumber raw_MPa = 0; ///< bending stress of the raw clay at the root, held level without wire
    double rawLimit_MPa = 0;
    bool refused = false; ///< the builder wants none
    bool asked() const { return pose || anchor || rawClay; }
    bool needed() const { return !refused && asked(); }
    friend bool operator==(const WireReason&, const WireReason&) = default;
};

struct LimbChoice {
    int limb = 0;
    std::vector<Demand> demands;
    /// The field and its numbers, shared with the memory that they come from; null before they are tried.
    FieldRef field;
    std::vector<SharedValue<Ats>> at; ///< one a demand
    SharedValue<std::vector<Candidate>> tried;
    const std::vector<Trial>& trials() const;
    const std::vector<Candidate>& candidates() const;
    LimbPath path;
    WireReason reason;
    int chosen = -1;                ///< index into candidates; -1: none can be tried, or none is needed
    bool pinned = false;            ///< by the builder
    std::vector<Verdict> verdicts;  ///< of the chosen, one a demand
    std::vector<StillDemand> still; ///< runs that nobody poses, of every copy
    std::vector<StillVerdict> stillVerdicts;
    int worstStill = -1;        ///< the run with the least to spare
    State state = State::holds; ///< worst joint's
    int worst = -1;             ///< demand that decides; -1 without posed joints
    int fitting = 0;            ///< how many candidates fit
    OptionalNumber reserve = 0; ///< by which the chosen stays inside its limits; NaN where nothing is checked
    bool thin = false;          ///< it holds, but not with the reserve that is wanted
    ENKINET_COMPARED(LimbChoice)
};

/// The trial of a candidate at a demand, and the numbers that it has there.
const Trial& findTrial(const LimbChoice& choice, const Candidate& candidate, std::size_t demand);
const TrialAt& findAt(const LimbChoice& choice, const Candidate& candidate, std::size_t demand);
/// EI at the root of each limb's chosen wire, N·mm²; 0 without wire.
std::vector<double> findStiffness(const std::vector<LimbChoice>& limbs, const Stock& stock);
/// Strands of the chosen wire on the limb's segment; 0 without wire.
int findStrands(const LimbChoice& choice, int segment);
/// Where the candidate's strands end, by the limb's joints.
std::vector<Ending> findEndings(const LimbChoice& choice, const Candidate& candidate);

/// Fills candidates and their numbers from the limb and its demands. Throws Stopped when asked to stop.
void tryCandidates(const body::Puppet& puppet, const Stock& stock, LimbChoice& choice, FieldMemo& memo,
                   const std::stop_token& stop = {});

/// Picks: the builder's own wire, else the best by the aim among the allowed spools (empty: all). Sets verdicts, state.
void pickCandidate(const body::Puppet& puppet, const Stock& stock, LimbChoice& choice,
                   const std::vector<bool>& allowed = {});

/// Smaller is better, by the builder's aim, among candidates that fit with the reserve. (70)
using Rank = std::array<double, 5>;
Rank findRank(const LimbChoice& choice, const Candidate& candidate, body::Aim aim);
/// What of its margin counts: no more than the reserve that is wanted. Larger is better, before any rank.
double findCounted(const Candidate& candidate, double reserve);

} // namespace enkinet::choice
