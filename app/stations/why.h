#pragma once
// Why a number that is shown is what it is: the chain that it was worked out from, each link with where it comes from,
// the inputs that move it most, how sure it is, and the test at the bench that would narrow it most.
#include "document/document.h"
#include <QStringList>
#include <functional>
#include <vector>

namespace enkinet::app {

struct Why {
    QString title;      ///< "Why 138 N·mm"
    QStringList chain;  ///< one link a line, from the number back to what was typed or drawn
    QStringList movers; ///< at most three, strongest first
    QString sureness;   ///< of table values or of the builder's own tests, and by how much
    QString test;       ///< what to try at the bench; empty where nothing would tell more
};
/// As rich text for a label.
QString textOf(const Why& why);

/// An input turned a little, on the true model: what it is called, and the edit that turns it.
struct Turn {
    QString name; ///< "skin 1 % thicker"
    std::function<document::Edits::Changed(const document::Edits&)> edit;
};
/// The number in a report; NaN where it has none there.
using Reading = std::function<double(const results::Report&)>;
/// How much more or less of a number each turn gives, per cent, strongest first, at most three.
QStringList sayMovers(const std::vector<std::pair<QString, double>>& percents);

} // namespace enkinet::app
