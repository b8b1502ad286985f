#pragma once
// The posed body and the elevations for other programs.
#include "commands/document.h"

namespace enkinet::app {

/// By the ending: .obj, .stl, .gltf the body in its pose; .svg, .dxf both elevations at rest, 1:1. Empty when all went
/// well, else the reason.
QString exportPuppet(const Document& document, const QString& path);

} // namespace enkinet::app
