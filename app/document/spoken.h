#pragma once
// What the core says, in the language of the window.
#include "base/result.h"
#include <QString>

namespace enkinet::app {

QString spoken(const Fault& fault);
QString spoken(const Phrase& phrase);

} // namespace enkinet::app
