#pragma once
// What the core says, in the language of the window.
#include "base/quantity.h"
#include "base/result.h"
#include <QString>
#include <functional>
#include <optional>

namespace enkinet::app {

/// A quantity in the unit that somebody chose.
struct ShownQuantity {
    double value = 0;
    QString unit;
};
/// Asked for each quantity that the core says; none: in the core's own unit.
void setShownQuantities(std::function<std::optional<ShownQuantity>(double value, Dimension dimension)> shown);

QString spoken(const Fault& fault);
QString spoken(const Phrase& phrase);

} // namespace enkinet::app
