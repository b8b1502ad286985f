#pragma once
// The base from above with its holes, for the screen and for paper at 1:1.
#include "results/report.h"

class QPainter;

namespace enkinet::app {

/// In millimetres from the base's middle, the puppet's front downwards. On paper holes carry their numbers in the
/// table.
void drawDrillPlan(QPainter& painter, const body::Base& base, const checks::BaseCheck& check, double pixelsPerMm,
                   bool paper);

} // namespace enkinet::app
