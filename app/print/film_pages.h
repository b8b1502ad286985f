#pragma once
// The film on paper: its shots in order, what is swapped before each, what has worn after it, and the copies to have
// ready.
#include "document/document.h"
#include "print/pages.h"
#include "results/shot_wear.h"

namespace enkinet::app {

/// Draws nothing where the puppet is in no shot.
void drawFilmPages(Pages& pages, const document::Production& production, const results::ShotWear& film, int puppet);

} // namespace enkinet::app
