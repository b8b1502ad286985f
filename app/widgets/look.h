#pragma once
// Colours, fonts and the style of the desk: cream paper on a warm grey bench, copper wire, cold foil, a steel rule.
#include <QColor>
#include <QFont>
#include <QString>

class QApplication;

namespace enkinet::app {

/// One look of the bench.
struct Look {
    QColor bench, sheet, card, ink, graphite, faint, line, copper, copperDark, foil, holds, slack, tired, steel,
        steelInk, lit, shade;
    bool night = false;
};

const Look& look();
/// Day or night bench; views repaint themselves on the palette change.
void setNightLook(bool night);
/// Fonts shipped with the program, palette and style sheet.
void applyLook(QApplication& app);

QFont deskFont(double points, int weight = QFont::Normal);

/// Name and colour of a state word.
QColor stateColour(int state);

} // namespace enkinet::app
