#pragma once
// The stations that there are: each with its page, the layer that the figure begins with, and whether it is about parts
// or joints. The window loops over them and knows none by name.
#include "sheet/elevation.h"
#include "stations/page.h"
#include <span>

namespace enkinet::app {

struct StationKind {
    results::Station station;
    Page* (*make)(Document&);
    LayerView layerView; ///< how the figure is first seen there
    bool aboutParts;     ///< the arrow keys walk parts, else joints
    const char* guide;   ///< heading of its page in the guide, which is English whatever the interface speaks
};

/// In the order of work, one for each value of results::Station.
std::span<const StationKind> stationKinds();
const StationKind& stationKind(results::Station station);

} // namespace enkinet::app
