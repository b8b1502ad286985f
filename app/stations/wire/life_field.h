#pragma once
// Life against hold at one joint, both on logarithmic scales: what holds enough and lasts long enough stands in the lit
// corner. Every candidate is its own cross-section.
#include "stations/wire/spot_field.h"

namespace enkinet::app {

class LifeField : public SpotField {
    Q_OBJECT
public:
    explicit LifeField(QWidget* parent = nullptr);
    QSize sizeHint() const override { return {330, 280}; }
    int heightForWidth(int) const override { return 280; }
    bool hasHeightForWidth() const override { return true; }

protected:
    void takeDemand(const choice::Demand& demand) override;
    void layoutSpots() override;
    void paintEvent(QPaintEvent*) override;

private:
    QRectF plot() const;
    double xOf(double hold) const;
    double yOf(double life) const;

    double m_lowHold = 1, m_highHold = 1000, m_lowLife = 1, m_highLife = 1000, m_needed = 0, m_needLife = 0;
};

} // namespace enkinet::app
