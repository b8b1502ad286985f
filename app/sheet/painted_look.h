#pragma once
// What a painted part looks like on the figure: its three tones, and whether it shines.
#include "body/skeleton.h"
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
/// As it looks at a place (a coat that goes there); each is worked out once and kept. From any thread.
PaintedLook findPaintedLook(const paint::Scheme& scheme, const std::vector<paint::PaintCard>& shelf,
                            const std::string& clay, const paint::Coat& place = {});

/// A scheme as it looks, everywhere first, then at each place that has coats of its own; recess, ridge and what sits
/// there are in the tones or on their own.
struct PlaceLook {
    paint::Coat place;
    PaintedLook look;
};
/// Empty: no scheme, or cloth over it.
std::vector<PlaceLook> findPlaceLooks(const body::Layers& layers, const std::vector<paint::Scheme>& schemes,
                                      const results::Report& report);

/// Where a part is, for what of it is front, back or a stretch: a limb's bone, or a mass from its top down.
struct PaintedForm {
    Vec3 from, to, middle;
};
PaintedForm formOf(const body::Link& link);
PaintedForm formOf(const body::MassCopy& copy, const body::Mass& mass);
/// The colour of a point of the surface that looks `out`: the dry brush on what looks up, the wash on what looks down.
/// Invalid where the looks are.
QColor findTone(const std::vector<PlaceLook>& looks, const PaintedForm& form, const Vec3& at, const Vec3& out);

} // namespace enkinet::app
