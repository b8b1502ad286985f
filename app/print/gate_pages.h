#pragma once
// The oven on paper: the loads with their minutes, and every last look as boxes to tick.
#include "print/pages.h"
#include "results/report.h"

namespace enkinet::app {

/// Draws nothing where nothing hardens.
void drawGatePages(Pages& pages, const results::Report& report);

} // namespace enkinet::app
