#pragma once
// What would make a failing limb work: for each kind of change the smallest one after which some wire of the stock fits
// every joint of the limb with the reserve that is wanted, or where none does with what is to be had, found by
// bisection on the true model (parts, loads, choice, all anew for each trial), never guessed. Where no single change
// does, the best pairs of two. docs/mechanics.md 77, 78.
#include "document/edits.h"
#include "results/report.h"
#include <stop_token>

namespace enkinet::results {

enum class Fix {
    gap,    ///< mm, of one joint
    range,  ///< share of one joint's range that is kept
    film,   ///< seconds of film that the limb's joints must last
    lean,   ///< rad of lean that the puppet allows itself
    skin,   ///< mm of skin on a mass: the rest is foil
    weight, ///< grams of a weighed piece
    width,  ///< factor on the half-widths of the limb's segments
    edge,   ///< an eased edge in place of a hard one, or none in place of an eased one
    spool,  ///< another gauge of a wire that is in stock
    rig,    ///< a rig carries it
    gaps,   ///< factor on all gaps of the limb
    ranges, ///< share of all its joints' ranges that is kept
    edges,  ///< every edge of the limb eased, or none; to: the factor
    thin,   ///< factor on the skins of the limb, no thinner than their clays may be
    acting, ///< share of its joints' moves that is kept
    hinge,  ///< mm by which a joint that lies inside something hard is moved out
    fixed,  ///< one joint less that bends
    feet,   ///< more feet stay on the ground; to: how many
};

struct Remedy {
    Fix fix = Fix::gap;
    int limb = -1, joint = -1, mass = -1; ///< joint of a rig point: the segment that it carries
    double from = 0, to = 0;
    double size = 0; ///< how large the change is, as a share; what they are sorted by
    bool continuous = true;
    bool thinReserve = false;          ///< holds after it, with less to spare than is wanted: reserve
    double reserve = 0;                ///< what the limb then has to spare, as a share
    document::Spool spool;             ///< for Fix::spool
    int fails = 0, failsAfter = 0;     ///< failing joints of the whole puppet before and after it
    std::vector<std::string> breaks{}; ///< names of joints that held before and fail after it: such are offered last
    std::vector<Finding> brings{};     ///< points that are open after it and were not before, but joints
    std::vector<Remedy> with{};        ///< none or one: the second change of a pair
    std::string wireCard;              ///< what the limb is then made of
    wire::Bundle bundle;
    double hold_Nmm = 0, life_s = 0; ///< at the joint that decides then
};

/// The remedies of a limb that does not hold, smallest first, those that break another joint last; empty for one that
/// holds. progress(done, of) after each kind. A stop request ends it early with what was found.
/// memo: of the same puppet, kept by who asks; null for one of its own.
std::vector<Remedy> calcRemedies(const Production& production, int puppet, int limb, const Cards& shipped,
                                 wire::TableShelf& tables, const std::stop_token& stop = {},
                                 const std::function<void(int, int)>& progress = {},
                                 choice::ChoiceMemo* memo = nullptr);

/// The production with a remedy applied, at a share of its full change (1: as proposed).
Edits::Changed applyRemedy(const Production& production, const Cards& shipped, int puppet, const Remedy& remedy,
                           double share = 1);

/// True where a limb's wire holds with the reserve that is wanted: what remedies aim at.
bool holdsWithReserve(const choice::LimbChoice& limb);

/// Failing joints of a choice.
int countFailing(const choice::PuppetChoice& choice);

} // namespace enkinet::results
