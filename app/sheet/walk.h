#pragma once
// From joint to joint, or from part to part, by keys: the same order wherever a figure is drawn.
#include "document/document.h"

namespace enkinet::app {

/// Selects the next or previous posed joint of the puppet.
void walkJoints(Document& document, int step);
/// Selects the next or previous part: every stretch with a body and every mass, both sides.
void walkParts(Document& document, int step);
/// What can be taken in hand, in that order: posed joints, then parts.
enum class Walk { all, joints, parts };
std::vector<Selection> walkRow(const Document& document, Walk along = Walk::all);
/// Places in the report of a joint or part in hand.
int hingeOf(const results::Report& report, const Selection& joint);
int partOf(const results::Report& report, const Selection& part);
/// What is in hand and how it stands, in a sentence; a joint of both sides alike is named without its side.
enum class Side { named, alike };
QString sentenceOf(const Document& document, const Selection& selection, Side side = Side::named);
/// What belongs together with what is in hand: the rest of its limb, its like on limbs of the same kind, its other
/// side, or, for a part, all that carry the same clay. What is in hand stands first.
enum class Together { limb, kind, sides, clay };
std::vector<Selection> gather(const Document& document, Together together);
/// The selection of a part of the report.
Selection selectionOf(const results::Report& report, int part);

} // namespace enkinet::app
