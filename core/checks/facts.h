#pragma once
// What is known of one puppet before anything is said of it: wire, layers, bakes, things, paint, plan, each worked out
// by its own room. The checks and the findings read it.
#include "base/value.h"
#include "checks/broken.h"
#include "checks/things.h"
#include "choice/cut_plan.h"
#include "fill/bake_memo.h"
#include "fill/cured.h"
#include "fill/ledger.h"
#include "fill/pattern.h"
#include "fill/skin_plan.h"
#include "make/steps.h"

namespace enkinet::checks {

struct PaintedPart {
    int part = 0;
    std::string scheme;
    std::vector<paint::Laid> laid;
    friend bool operator==(const PaintedPart&, const PaintedPart&) = default;
};

struct Facts {
    std::string puppet; ///< its id
    choice::PuppetChoice choice;
    std::vector<choice::Cut> cuts;
    std::vector<choice::SpoolPlan> cutPlan;
    std::vector<fill::BakeBatch> bakes;  ///< everything that shares a set point, with its curves
    fill::BakePlan bakePlan;             ///< the loads as the builder wants them
    fill::BakePlan bakeOnce, bakeStaged; ///< both schools, to compare
    std::vector<fill::PartSkin> skins;
    std::vector<fill::Pattern> patterns;
    std::vector<fill::CuredPart> cured; ///< what would break once it is hard
    ThingsChecked things;
    std::vector<make::SchemeWork> schemes;
    std::vector<PaintedPart> painted;
    make::Plan plan;
    std::vector<Broken> broken;         ///< what is not so while that plan is carried out without a pause
    double top_mm = 0;                  ///< highest drawn point
    SharedValue<document::Cards> cards; ///< the merged cards that the pointers above stand in
    fill::Shelf shelf;
    choice::Stock stock; ///< spools with their tables and calibrations
    ENKINET_COMPARED(Facts)
};

} // namespace enkinet::checks
