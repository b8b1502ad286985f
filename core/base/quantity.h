#pragma once
// What a number measures. Core and files have one unit for each, that of the key; a face says it in its own.
#include "base/phrase.h"

namespace enkinet {

enum class Dimension {
    none,         ///< a count, a factor, a share
    length,       ///< mm
    distance,     ///< m
    mass,         ///< g
    force,        ///< N
    moment,       ///< N·mm
    angle,        ///< degrees in files and phrases
    heat,         ///< °C
    seconds,      ///< s
    minutes,      ///< min
    hours,        ///< h
    days,         ///< days
    cycles,       ///< cycles
    volume,       ///< ml
    stress,       ///< MPa
    stiffness,    ///< GPa
    density,      ///< g/cm³
    areaMass,     ///< g/m²
    coverage,     ///< m²/l
    scale,        ///< mm a pixel
    conductivity, ///< W/mK
    capacity,     ///< J/kgK
    transfer,     ///< W/m²K
    rate          ///< g an hour
};

/// The unit of core and files with the space before it, empty for what has none.
Phrase unitOf(Dimension dimension);

/// A number that a face may say in a unit of its own.
Phrase quantity(double value, Dimension dimension, int significant = 6);
/// The same where another of its dimension follows that has the unit.
Phrase withoutUnit(double value, Dimension dimension, int significant = 6);

} // namespace enkinet
