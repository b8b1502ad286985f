#pragma once
// Paint on paper: each scheme of a puppet with its coats, where it goes, recipes of its mixtures, and boxes in which
// the real chips are painted beside the printed ones; and where to touch up after which shot.
#include "print/sheet_pages.h"
#include "results/shot_wear.h"

namespace enkinet::app {

/// Draws nothing where no part of the puppet is painted.
void drawPaintPages(Pages& pages, const SheetSource& from, const results::ShotWear& film);

} // namespace enkinet::app
