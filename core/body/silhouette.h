#pragma once
// Half-widths read from a picture: at right angles to the bone, from its axis outwards, to where the figure ends.
// Works on a plain grey buffer in which the figure is dark (below the threshold); crossings are found between pixels by
// linear interpolation, so an antialiased edge is read to a fraction of a pixel.
#include "body/puppet.h"
#include <cstdint>

namespace enkinet::body {

struct GreyPicture {
    int width = 0, height = 0;
    std::vector<std::uint8_t>
        pixels; ///< row by row from the top; 0 black, 255 white; a transparent pixel counts as white
    double at(double x, double y) const; ///< between pixel centres by bilinear interpolation; white outside
};

/// A point of a picture in pixels from its upper left corner, pixel centres at halves.
struct PicturePoint {
    double x = 0, y = 0;
};

struct ReadWidth {
    double at = 0;              ///< share of the bone
    double left = 0, right = 0; ///< pixels from the axis to the edge on either side
    bool onFigure = false;      ///< the axis itself lies on the figure
    bool clipped = false;       ///< the figure runs out of the picture there
    bool hole = false;          ///< white again within the width, or another part beyond a narrow gap: judge by hand
    double half() const { return (left + right) / 2; }
};

/// Widths at shares of the bone from one point of the picture to another. Parts that touch the bone's own are cut off
/// at `most` pixels and marked as clipped.
std::vector<ReadWidth> calcWidths(const GreyPicture& picture, PicturePoint from, PicturePoint to,
                                  const std::vector<double>& shares, int threshold, double most);

/// Threshold between figure and ground by Otsu's method (1979) on the histogram.
int findThreshold(const GreyPicture& picture);

} // namespace enkinet::body
