#pragma once
// Why a number of a joint's table is what it is.
#include "stations/why.h"

namespace enkinet::app {

/// state: which row of the table.
Why whyOf(const Document& document, int limb, int demand, choice::State state);

} // namespace enkinet::app
