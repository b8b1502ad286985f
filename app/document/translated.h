#pragma once
// What the core says, in the language of the window.
#include "base/quantity.h"
#include "base/result.h"
#include <QString>
#include <functional>
#include <optional>

namespace enkinet::app {

/// Asked for each quantity that the core says, with significant digits or with decimals() of base/text.h; unit: whether
/// that follows. None: in the core's own unit.
using ShownQuantity = std::function<std::optional<QString>(double value, Dimension dimension, int digits, bool unit)>;
void setShownQuantities(ShownQuantity shown);

QString translated(const Fault& fault);
QString translated(const Phrase& phrase);

} // namespace enkinet::app
