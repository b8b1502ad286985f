#pragma once
// Coats after a school of painting, with the paints of a shelf that suit a wanted colour. docs/mechanics.md 153.
#include "paint/coats.h"

namespace enkinet::paint {

enum class School {
    wash_and_dry_brush, ///< primer, base, a dark wash into the folds, a light dry brush on the ridges, varnish
    out_of_the_dark,    ///< black first, the colour brushed on so that recesses stay dark, then the lights
    oil_over_acrylic,   ///< primer, base, a glaze in oil
    sheen,              ///< the colour is in the clay: varnish alone
};
inline constexpr int kSchools = 4;

/// The coats of a scheme; id and name are left to the caller. Base: the acrylic nearest the colour; white under bright
/// colours, black under dark ones; shade and light: the paints nearest the colour at 0.3 of its light, and half way to
/// white, that are darker and lighter than the base. A paint that the shelf lacks is a Fault that says which; a shade
/// or a light that it lacks is left out.
Result<Scheme> makeSchool(School school, const Rgb& wanted, const std::vector<PaintCard>& shelf);

} // namespace enkinet::paint
