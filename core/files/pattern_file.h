#pragma once
// Patterns of a cover as SVG and DXF at 1:1 in millimetres: the cutting line, the sewing line, an arrow for the pile,
// and words; laid out on the stock's width. Pieces lie with the back of the cloth up, as they are cut with a blade.
#include "fill/pattern.h"
#include <string>

namespace enkinet::files {

std::string writePatternsSvg(const std::vector<fill::Pattern>& patterns, const fill::Layout& layout, double width_mm);
/// Lines on layers CUT, SEW, PILE and TEXT (AutoCAD R12 ASCII subset: LINE and TEXT entities).
std::string writePatternsDxf(const std::vector<fill::Pattern>& patterns, const fill::Layout& layout);

} // namespace enkinet::files
