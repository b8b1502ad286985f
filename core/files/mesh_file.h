#pragma once
// A posed body for other programs: OBJ and STL in millimetres, glTF 2.0 in metres with the part names as nodes.
// Elevation outlines as DXF (R12 polylines) in millimetres, 1:1.
#include "body/mesh.h"
#include <string>

namespace enkinet::files {

struct NamedMesh {
    std::string name;
    body::Mesh mesh;
};

/// Wavefront OBJ, one object a part.
std::string writeObj(const std::vector<NamedMesh>& parts);
/// Binary STL.
std::string writeStl(const std::vector<NamedMesh>& parts);
/// glTF 2.0 as one JSON text, its buffer inside.
std::string writeGltf(const std::vector<NamedMesh>& parts);

struct Outline {
    std::string layer;
    std::vector<std::pair<double, double>> points_mm; ///< x to the right, y up
    bool closed = true;
};
std::string writeDxf(const std::vector<Outline>& outlines);

} // namespace enkinet::files
