#pragma once
// Heat over minutes: the surface and the inside of the part that takes longest, and the inside of the quickest, in one
// picture with the oven and the line from which clay cures.
#include "document/document.h"
#include <QWidget>

namespace enkinet::app {

class BakePlot : public QWidget {
    Q_OBJECT
public:
    explicit BakePlot(QWidget* parent = nullptr);
    void show(const results::Report& report);
    /// What the curves are, in their own colours.
    static QString legend(const results::Report& report);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<fill::BakeBatch> m_batch;
};

} // namespace enkinet::app
