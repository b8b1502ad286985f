#pragma once
// Heat over minutes: the surface and the inside of the part that takes longest, and the inside of the quickest, in one
// picture with the oven and the line from which clay cures.
#include "document/document.h"
#include <qcustomplot.h>

namespace enkinet::app {

class BakePlot : public QCustomPlot {
    Q_OBJECT
public:
    explicit BakePlot(QWidget* parent = nullptr);
    void show(const results::Report& report);
    /// What the curves are, in their own colours.
    static QString legend(const results::Report& report);
};

} // namespace enkinet::app
