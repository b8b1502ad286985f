#pragma once
// The field of a limb: every bundle of the stock that could run through it, each count of strands, each lay, each way
// in which strands may end on the way to the tip; how each bends at every joint, how it stands against every limit.
// Four steps, each a pure function of its key alone, so that what an edit does not touch is found again in a memory
// (base/memo.h) and never by a list of fields. docs/mechanics.md 69 to 71.
#include "base/memo.h"
#include "base/stop.h"
#include "base/value.h"
#include "choice/cut_list.h"
#include "choice/still.h"
#include "choice/verdict.h"
#include "document/spool.h"
#include "wire/bend_lanes.h"
#include <array>
#include <map>
#include <memory>
#include <optional>

namespace enkinet::choice {

using document::Spool;

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
    friend bool operator==(const Trial&, const Trial&) = default;
};

/// The trial at one joint.
struct TrialAt {
    OptionalNumber hold_Nmm = 0, life_s = 0;
    OptionalNumber effort = 0; ///< over its limit
    OptionalNumber miss = 0;   ///< sum of ln shortfalls
    OptionalNumber margin = 0; ///< life over need
    OptionalNumber inside = 0; ///< least of hold, effort, springback and life over what is asked
    State state = State::holds;
    friend bool operator==(const TrialAt&, const TrialAt&) = default;
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
    OptionalNumber miss = 0;        ///< sum of ln shortfalls; 0 when it fits
    OptionalNumber lifeMargin = 0;  ///< least ratio of life to need over the joints
    OptionalNumber inside = 0;      ///< least margin of hold, effort, springback and life over the joints
    OptionalNumber work_min = 0;    ///< cutting, spinning and binding one copy
    OptionalNumber worstEffort = 0; ///< largest ratio of effort to limit
    OptionalNumber mass_g = 0, price = 0, wire_mm = 0; ///< wire used by one copy of the limb
    friend bool operator==(const Candidate&, const Candidate&) = default;
};

/// What the builder wishes of any wire.
struct Wishes {
    bool steelMayPose = false, mayDrop = true;
    int mostStrands = 7;
    std::vector<double> disliked_mm;
    friend bool operator==(const Wishes&, const Wishes&) = default;
};

/// A wire by name of its spool's place, with places after which strands end.
struct Asked {
    int spool = 0;
    wire::Bundle bundle;
    std::vector<std::pair<int, int>> drops; ///< place, strands from there on
    friend bool operator==(const Asked&, const Asked&) = default;
};

/// What the bundles of a limb are listed from.
struct FieldKey {
    Stock stock;
    Wishes wishes;
    std::vector<int> places;   ///< joints after which strands may end: posed ones, of a whip the fixed ones on its way
    double shortestGap_mm = 0; ///< 0 where nothing is posed
    bool still = false;        ///< nothing is posed, and bare wire carries raw clay: spun it is firmer
    bool whip = false;
    std::vector<BendNeed> bent;  ///< of a whip: its bend, from which its lays come
    std::vector<double> ends_mm; ///< of a whip: from its root to where strands end after each joint of the limb
    std::optional<Asked> more;   ///< one candidate more, as the builder asks for it
    friend bool operator==(const FieldKey&, const FieldKey&) = default;
};

/// Bundles of one metal, to be bent together.
struct Lane {
    std::vector<int> trials;
    wire::BendLanes bends;
    friend bool operator==(const Lane&, const Lane&) = default;
};

/// Lay of a bundle that no gap asks for, in diameters of its wire: as a drill leaves it.
inline constexpr double kStillLay = 6.5;

/// Bundles and candidates, nothing judged yet.
struct Field {
    FieldKey from;
    std::vector<Trial> trials;
    std::vector<Candidate> candidates;      ///< what was asked for in addition stands last
    SharedValue<std::vector<Lane>> lanes{}; ///< the trials once more; empty for a whip
    friend bool operator==(const Field&, const Field&) = default;
};
Field calcField(const FieldKey& key, const std::stop_token& stop = {});

using FieldRef = SharedValue<Field>;
struct BendsKey {
    FieldRef field;
    BendNeed need;
    friend bool operator==(const BendsKey&, const BendsKey&) = default;
};
/// How every trial bends at one joint; nothing for trials of what is out as a whole.
using Bends = std::vector<TrialBend>;
Bends calcBends(const BendsKey& key, const std::stop_token& stop = {});

struct AtsKey {
    FieldRef field;
    SharedValue<Bends> bends;
    BendNeed need;
    Limits limits;
    friend bool operator==(const AtsKey&, const AtsKey&) = default;
};
using Ats = std::vector<TrialAt>;
Ats calcAts(const AtsKey& key);

struct CandidatesKey {
    FieldRef field;
    std::vector<SharedValue<Ats>> at; ///< one a demand
    LimbPath path;
    int joints = 0; ///< to bind
    bool twice = false, cut = false;
    std::vector<StillDemand> still{}; ///< of the limb's copies
    friend bool operator==(const CandidatesKey&, const CandidatesKey&) = default;
};
std::vector<Candidate> calcCandidates(const CandidatesKey& key);

/// What a candidate's wire gives segment by segment.
std::vector<StillWire> findStillWire(const Field& field, const Candidate& candidate, std::size_t segments);

/// Memory of the four steps.
struct FieldMemo {
    Node<FieldKey, Field> fields{4};
    Node<BendsKey, Bends> bends{3};
    Node<AtsKey, Ats> ats{4};
    Node<CandidatesKey, std::vector<Candidate>> candidates{4};
};

} // namespace enkinet::choice
