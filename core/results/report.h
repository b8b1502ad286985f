#pragma once
// Everything the core knows about one puppet of a production, computed afresh from the document: wire, layers, bakes,
// paint, plan, shopping and the points that are still open. Pure: the same document gives the same report.
#include "findings/finding.h"
#include "results/shopping.h"

namespace enkinet::results {

using checks::ProofMemo;
using findings::Finding;
using findings::kStations;
using findings::Station;

struct Report : checks::Facts {
    std::vector<Need> needs; ///< what this puppet takes; production-wide sums: ProductionResult
    std::vector<Finding> open;
    std::vector<Finding> left;  ///< what the builder leaves as it is
    std::vector<Finding> notes; ///< worth knowing, nothing to be done: not counted
    bool sketched = false;      ///< geometry only, or with numbers of an earlier version: see calcSketch
    double price = 0;           ///< of what it takes
    ENKINET_COMPARED(Report)
};

/// All that a spool's calibration reads; its table follows from its card.
struct CalibrationKey {
    wire::MaterialCard card;
    std::vector<wire::BendTest> bends;
    std::vector<wire::HangTest> hangs;
    std::vector<wire::WearTest> wears;
    friend bool operator==(const CalibrationKey&, const CalibrationKey&) = default;
};
/// A slot a spool.
using CalibrationMemo = Node<CalibrationKey, wire::Calibration>;

/// The spools with their tables and what their tests say; cards are the merged ones. Without a memory every spool is
/// calibrated anew.
choice::Stock makeStock(const Production& production, const Cards& cards, wire::TableShelf& tables,
                        CalibrationMemo* memo = nullptr, const std::stop_token& stop = {});

/// Memory of one puppet's results, step by step, each step keyed by what it reads.
struct PuppetMemo {
    /// The puppet without what no wire is chosen by.
    struct ChoiceKey {
        body::Puppet puppet;
        fill::Shelf shelf;
        choice::Stock stock;
        friend bool operator==(const ChoiceKey&, const ChoiceKey&) = default;
    };
    struct PatternsKey {
        body::Puppet puppet;
        std::vector<body::Stretch> own;
        std::vector<fill::Part> parts;
        friend bool operator==(const PatternsKey&, const PatternsKey&) = default;
    };
    /// The puppet without what no bake is planned by.
    struct BakesKey {
        body::Puppet puppet;
        body::Skeleton rest;
        std::vector<fill::Part> parts;
        fill::Shelf shelf;
        friend bool operator==(const BakesKey&, const BakesKey&) = default;
    };
    struct Bakes {
        std::vector<fill::BakeBatch> batches;
        fill::BakePlan plan, once, staged;
    };
    /// Of the production: one for all its puppets.
    std::shared_ptr<CalibrationMemo> calibrations = std::make_shared<CalibrationMemo>();
    choice::ChoiceMemo steps;
    fill::BakeMemo bakes;
    paint::CurveMemo curves;
    ProofMemo proofs;
    Node<ChoiceKey, choice::PuppetChoice> choice{4};
    Node<PatternsKey, std::vector<fill::Pattern>> patterns{3};
    Node<BakesKey, Bakes> baked{3};
    Node<Production, Report> whole{4}; ///< by the production without all that is not this puppet's
    std::shared_ptr<PuppetMemo> aside; ///< of the design kept aside, once there is one
};

/// The report of one puppet; with a memory of the same puppet what has not changed is not worked out again, and the
/// answer is the same. The production must have come from makeProduction with the same shipped cards. Throws Stopped.
Report calcReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables,
                  PuppetMemo& memo, const std::stop_token& stop = {});
Report calcReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables);

/// A joint at which two designs of one puppet differ; absent where one of them does not have it.
struct Difference {
    Phrase joint;
    std::optional<choice::Verdict> now, aside;
    friend bool operator==(const Difference&, const Difference&) = default;
};
/// Joints whose wire, load, hold, effort or life differ by more than a thousandth, in the limbs' order.
std::vector<Difference> calcDifferences(const body::Puppet& puppet, const Report& now, const body::Puppet& other,
                                        const Report& aside);

/// What solid clay in place of every core would mean. Differences are solid less cored.
struct SolidComparison {
    double mass_g = 0, price = 0;
    double bake_min = 0; ///< of all loads; NaN when solid clay does not get hot in a day
    Phrase joint;        ///< the one whose need grows most
    double needNow_Nmm = 0, needSolid_Nmm = 0;
    int failNow = 0, failSolid = 0; ///< joints that do not hold, each design with its own best wire
    friend bool operator==(const SolidComparison&, const SolidComparison&) = default;
};
SolidComparison calcSolidComparison(const Production& production, int puppet, const Report& now, const Cards& shipped,
                                    wire::TableShelf& tables, const std::stop_token& stop = {});

} // namespace enkinet::results
