#pragma once
// Which wire for which limb: every candidate of the stock judged at every joint of the limb, the best by the builder's
// aim taken, or the nearest miss where nothing fits. docs/mechanics.md 67 to 72.
#include "body/pose.h"
#include "choice/demand.h"
#include "wire/calibration.h"
#include <array>
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

/// In the order in which they are named to the builder; holds when none applies.
enum class State { crowded, slack, stiff, springy, tired, holds };

/// One bundle at one joint.
struct Verdict {
    wire::WireBend bend;
    double effort_Nmm = 0, effort_N = 0;
    double life_s = 0; ///< film that nine in ten joints reach
    double lifeMedian_s = 0;
    double survival = 0; ///< chance that this joint outlasts its need
    std::array<bool, 5> faults{};
    std::array<double, 5> shortfall{}; ///< by what factor each limit is missed, ln; 0 where kept
    State state() const;               ///< first fault, or holds
};
Verdict judge(const Demand& demand, const wire::BendTable& table, const wire::Bundle& bundle,
              const wire::Calibration& calibration = {});

/// Why a whole candidate is out before any joint is looked at.
enum class Bar { none, material_static, twist, spool_short };

struct Candidate {
    /// The candidate at one joint.
    struct At {
        double hold_Nmm = 0, life_s = 0;
        State state = State::holds;
    };
    int spool = 0;
    wire::Bundle bundle;
    Bar bar = Bar::none;
    bool fits = false;
    int worstJoint = -1; ///< index into the demands of the joint that rules it out (or has the least life to spare)
    State state = State::holds;
    double miss = 0;                           ///< sum of ln shortfalls; 0 when it fits
    double lifeMargin = 0;                     ///< least ratio of life to need over the joints
    double worstEffort = 0;                    ///< largest ratio of effort to limit
    double mass_g = 0, price = 0, wire_mm = 0; ///< wire used by one copy of the limb
    std::vector<At> at;                        ///< one a demand
};

struct LimbChoice {
    int limb = 0;
    std::vector<Demand> demands;
    std::vector<Candidate> candidates;
    int chosen = -1;               ///< index into candidates; -1: no spool in stock can be tried at all
    bool pinned = false;           ///< by the builder
    std::vector<Verdict> verdicts; ///< of the chosen, one a demand
    State state = State::holds;    ///< worst joint's
    int worst = -1;                ///< demand that decides; -1 without posed joints
    int fitting = 0;               ///< how many candidates fit
};

struct PuppetChoice {
    body::Skeleton rest;               ///< as it is built
    body::Skeleton skeleton;           ///< in the pose on the board
    std::vector<body::Motion> motions; ///< of its bodies, from rest
    std::vector<body::Stretch> own;
    std::vector<fill::Part> parts;
    fill::Totals totals;
    std::vector<load::HingeLoad> loads;
    std::vector<LimbChoice> limbs;
    bool settled = false; ///< the wire's own weight no longer changes the choice
    double survival = 1;  ///< chance that no joint fails before the film's end
};

/// Tables by material card id.
using Tables = std::map<std::string, std::shared_ptr<const wire::BendTable>>;

/// Spools of the stock with the table of each one's material.
struct Stock {
    std::vector<Spool> spools;
    Tables tables;
    std::vector<wire::Calibration> calibrations; ///< one a spool, or none at all
    const wire::Calibration& calibrationOf(int spool) const;
};

/// The whole puppet: parts, loads and wire, three rounds over the wire's own weight.
PuppetChoice calcChoice(const body::Puppet& puppet, const fill::Shelf& shelf, const Stock& stock);

/// Finished length of wire through a limb, mm, without allowances.
double findPathLength(const body::Limb& limb);

} // namespace enkinet::choice
