#pragma once
// A puppet's days on paper: its steps in order with the hour, amounts, cautions and gates as boxes to tick.
#include "document/plan_job.h"
#include "print/pages.h"

namespace enkinet::app {

/// Draws nothing where there is no plan, or nothing left to do.
void drawDayPages(Pages& pages, const PlanJob::Known& plan, int puppet);

} // namespace enkinet::app
