#pragma once
// Colours from photographs. docs/mechanics.md 149.
#include "paint/colour.h"

namespace enkinet::paint {

/// Linear light of a place in a photograph as it is under white light, by a grey card of a known reflectance beside it.
/// A card or a place that is burnt out or black tells nothing: a Fault.
Result<Rgb> calcBalanced(const Rgb& place, const Rgb& card, double cardReflectance = 0.18);

} // namespace enkinet::paint
