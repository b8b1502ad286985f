#pragma once
// The hold window of one joint: a logarithmic scale of moments, also written as grams held at the hand; the window
// between what the joint must hold and what a hand can bend is lit; every candidate stands on the scale.
#include "stations/wire/spot_field.h"

namespace enkinet::app {

class HoldWindow : public SpotField {
    Q_OBJECT
public:
    explicit HoldWindow(QWidget* parent = nullptr);
    QSize sizeHint() const override { return {330, 176}; }
    int heightForWidth(int) const override { return 176; }
    bool hasHeightForWidth() const override { return true; }

protected:
    void takeDemand(const choice::Demand& demand) override;
    void layoutSpots() override;
    void paintEvent(QPaintEvent*) override;

    double xOf(double moment) const;
    QRectF plot() const;

private:
    double m_low = 1, m_high = 1000, m_needed = 0, m_limit = 0, m_lever = 1;
};

} // namespace enkinet::app
