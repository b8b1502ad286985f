#pragma once
// What one thing on the body asks, in words.
#include "document/document.h"

namespace enkinet::app {

/// kind none: what to do first.
QString thingAnswer(const Document& document, body::ThingKind kind, int index);
/// One line of it for a list: its name and what counts.
QString thingLine(const Document& document, body::ThingKind kind, int index);

} // namespace enkinet::app
