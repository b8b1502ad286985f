#pragma once
// The oven on paper: the loads with their minutes, and every last look as boxes to tick.
#include "print/pages.h"
#include "production/report.h"

namespace enkinet::app {

/// Draws nothing where nothing hardens.
void drawGatePages(Pages& pages, const production::Report& report);

} // namespace enkinet::app
