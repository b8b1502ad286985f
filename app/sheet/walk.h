#pragma once
// From joint to joint, or from part to part, by keys: the same order wherever a figure is drawn.
#include "document/document.h"

namespace enkinet::app {

/// Selects the next or previous posed joint of the puppet.
void walkJoints(Document& document, int step);
/// Selects the next or previous part: every stretch with a body and every mass, both sides.
void walkParts(Document& document, int step);
/// The selection of a part of the report.
Selection selectionOf(const results::Report& report, int part);

} // namespace enkinet::app
