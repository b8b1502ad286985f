#pragma once
// Half-widths read from a picture: at right angles to the bone, from its axis outwards, to where the figure ends.
// Works on a plain grey buffer in which the figure is dark (below the threshold); crossings are found between pixels by
// linear interpolation, so an antialiased edge is read to a fraction of a pixel.
#include "body/puppet.h"
#include <cstdint>
#include <functional>

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
    int neighbour = -1;         ///< the other part's bone at whose body it was cut off; -1: none
    double half() const { return (left + right) / 2; }
};

/// Another part's bone in the same picture, and how far its body is known to reach from it, pixels.
struct Neighbour {
    PicturePoint from, to;
    double half = 0;
};

/// Widths at shares of the bone from one point of the picture to another. Parts that touch the bone's own are cut off
/// at `most` pixels and marked as clipped.
std::vector<ReadWidth> calcWidths(const GreyPicture& picture, PicturePoint from, PicturePoint to,
                                  const std::vector<double>& shares, int threshold, double most,
                                  const std::vector<Neighbour>& neighbours = {});

/// A picture with its place on the sheet.
struct PlacedPicture {
    const GreyPicture* grey = nullptr;
    Picture placed;
};

/// A place whose width wants an eye: the figure is not there, it runs out of the picture, something else lies close by,
/// or it was cut off at a neighbour's body.
struct WidthDoubt {
    enum class Why { off_figure, border, hole, neighbour };
    int limb = 0, segment = 0;
    double at = 0;
    bool side = false; ///< in the side picture
    Why why = Why::off_figure;
    int otherLimb = -1, otherSegment = -1; ///< the neighbour
    friend bool operator==(const WidthDoubt&, const WidthDoubt&) = default;
};

struct ReadPart {
    int limb = 0, segment = 0;
    std::vector<Section> sections;
};

struct ReadBody {
    std::vector<ReadPart> parts;
    std::vector<WidthDoubt> doubts;
};

/// Half-widths of the wanted segments at five places each: a from the front picture, b from the side picture; a view
/// that says nothing follows the other. Where two parts touch in the picture each ends at the other's body, as far as
/// that shows on its free side. Pictures may be null.
ReadBody readBody(const Puppet& puppet, const PlacedPicture& front, const PlacedPicture& side, int threshold,
                  const std::function<bool(int limb, int segment)>& wanted);

/// Pixel of a point of the sheet, mm right and up, in a placed picture.
PicturePoint findPixel(const Picture& placed, double x_mm, double y_mm);

/// Threshold between figure and ground by Otsu's method (1979) on the histogram.
int findThreshold(const GreyPicture& picture);

} // namespace enkinet::body
