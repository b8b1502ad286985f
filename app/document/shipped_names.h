#pragma once
// Names of what ships with the program, in the language of the window: material cards, and the parts of the kinds of
// puppets. What a builder named stays as it is.
#include "document/production.h"

namespace enkinet::app {

document::Cards inWindowLanguage(document::Cards cards);
/// Of a puppet that has just begun from a shipped kind.
void nameInWindowLanguage(body::Puppet& puppet);

} // namespace enkinet::app
