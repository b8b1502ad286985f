#pragma once
// Why a number of a joint's table is what it is: the chain that it was worked out from, each link with where it comes
// from, the inputs that move it most, how sure it is, and the test at the bench that would narrow it most.
#include "document/document.h"
#include <QStringList>

namespace enkinet::app {

struct Why {
    QString title;      ///< "Why 138 N·mm"
    QStringList chain;  ///< one link a line, from the number back to what was typed or drawn
    QStringList movers; ///< at most three, strongest first
    QString sureness;   ///< of table values or of the builder's own tests, and by how much
    QString test;       ///< what to try at the bench; empty where nothing would tell more
};
/// state: which row of the table.
Why whyOf(const Document& document, int limb, int demand, choice::State state);

} // namespace enkinet::app
