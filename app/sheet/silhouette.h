#pragma once
// A figure's outline as one flowing line: its parts as distances in the plane of a view, melted together where they
// meet, traced where the distance is nought and smoothed. For looking at; what is cut or printed to size takes the
// parts themselves.
#include <QPainterPath>
#include <QPointF>
#include <vector>

namespace enkinet::app {

/// A part as it is seen: a tapered bone, one cut off square at its ends, a turned ellipse or a turned box.
struct Blob {
    enum class Kind { cone, trunk, ellipse, box } kind = Kind::cone;
    QPointF from, to;    ///< of a bone; of an ellipse or box from is the middle
    double a = 0, b = 0; ///< half-widths at both ends, or half-axes
    double turn_rad = 0; ///< of an ellipse or box
    int group = 0;       ///< parts of one group melt together
};

struct Silhouette {
    QPainterPath whole;               ///< all groups as one
    std::vector<QPainterPath> groups; ///< each by itself, in the order of their numbers
};

/// step: of the grid; blend: how far parts of a group melt into each other; all in the parts' own unit.
Silhouette calcSilhouette(const std::vector<Blob>& blobs, int groups, double step, double blend);

} // namespace enkinet::app
