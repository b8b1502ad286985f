#pragma once
// What a painted part looks like on the figure: its three tones, and whether it shines.
#include "paint/relief.h"
#include "results/report.h"
#include <QColor>
#include <QImage>

namespace enkinet::app {

/// A patch as bytes.
QImage imageOf(const paint::ReliefPatch& patch);

/// From arm's length: the texture is too fine to be seen one by one, and the wash is where the form is low, the dry
/// brush where it is high.
struct PaintedLook {
    QColor mean, recess, ridge; ///< invalid: no scheme, or one that cannot be laid
    double gloss = 0;           ///< of its last coat
};
/// As it looks at a place (a coat that goes there); each is worked out once and kept, by what it is made of. From any
/// thread.
PaintedLook findPaintedLook(const paint::Scheme& scheme, const std::vector<paint::PaintCard>& shelf,
                            const std::string& clay, const paint::Coat& place = {});

/// The places of a scheme with coats of their own, without recess, ridge and features, which are in the texture or on
/// their own.
std::vector<paint::Coat> findPlaces(const paint::Scheme& scheme);

/// The scheme of a part that shows, or null: none, or cloth over it.
const paint::Scheme* findScheme(const body::Layers& layers, const std::vector<paint::Scheme>& schemes,
                                const results::Report& report);
/// Colour of the clay that a part's paint goes on, #rrggbb.
std::string findGround(const body::Layers& layers, const results::Report& report);

} // namespace enkinet::app
