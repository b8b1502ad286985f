#pragma once
// The posed body and the elevations for other programs.
#include "document/document.h"

namespace enkinet::app {

/// By the ending: .obj, .stl, .gltf the body in its pose, its finished surface or that of its clay or bulk; .svg, .dxf
/// both elevations at rest, 1:1. Empty when all went well, else the reason.
QString exportPuppet(const Document& document, const QString& path, body::Surface surface = body::Surface::finished);

} // namespace enkinet::app
