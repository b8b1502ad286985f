#pragma once
// The puppet's surface as triangles: each part a closed shell with outward normals, in the pose of the given skeleton.
// Tubes are sampled so that every section keeps its area, ellipsoids so that they keep their volume.
#include "body/shape.h"
#include <array>

namespace enkinet::body {

struct Mesh {
    std::vector<Vec3> points, normals; ///< a point has one normal; sharp edges repeat it
    std::vector<std::array<int, 3>> triangles;
    void add(const Mesh& other);
};

/// Tube of a link through sections between two shares of its length; empty where half-widths are not above 0.
Mesh calcTubeMesh(const std::vector<Section>& sections, const Link& link, Stretch stretch, int around = 32);
/// A surface of a segment: one closed shell for each of its stretches.
Mesh calcSurfaceMesh(const Segment& segment, const Link& link, Stretch stretch, Surface surface, int around = 32);
/// An ellipsoid or box in its own directions; weighed masses have no shape.
Mesh calcMassMesh(const Mass& mass, const MassCopy& copy, double inset_mm, int around = 32);
/// A wire run as a round tube along points.
Mesh calcRunMesh(const std::vector<Vec3>& points, double radius_mm, int around = 8);

/// Signed volume by the divergence theorem; positive for outward triangles.
double calcMeshVolume(const Mesh& mesh);
/// True when every edge is shared by two triangles that run along it in opposite directions, points taken by place.
bool isClosed(const Mesh& mesh);

} // namespace enkinet::body
