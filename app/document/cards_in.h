#pragma once
// Material cards from a file, taken into the open production.
#include "document/document.h"

namespace enkinet::app {

/// Whether a file means to hold cards, sound or not, and no puppets.
bool holdsCards(const QString& path);
/// Takes them in as one step; a fault is refused with its sentence.
bool takeCards(Document& document, const QString& path);

} // namespace enkinet::app
