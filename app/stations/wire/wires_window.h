#pragma once
// The window of wires at one joint: moments along, life up, both logarithmic. A wire is its own cross-section with a
// bar from the moment it holds to the moment that bending takes. It will do where the whole bar lies in the light,
// above the line of life: the light begins at what the joint must hold, ends at what a hand can give, and rests on the
// film that is wanted. What would stand there and is ruled out by another limit or another joint stands below, with its
// reason.
#include "stations/wire/spot_field.h"

namespace enkinet::app {

class WiresWindow : public SpotField {
    Q_OBJECT
public:
    explicit WiresWindow(QWidget* parent = nullptr);
    QSize sizeHint() const override { return {600, 240}; }
    bool hasHeightForWidth() const override { return false; }

    /// What is painted, for reading back: the light, and each wire's bar on the line of its section.
    QRectF light() const;
    struct Bar {
        int candidate = 0;
        double left = 0, right = 0, y = 0;
        bool inside = false; ///< stands in the light
    };
    std::vector<Bar> bars() const;

protected:
    void takeDemand(const choice::Demand& demand) override;
    void layoutSpots() override;
    void paintEvent(QPaintEvent*) override;

private:
    QRectF plot() const;
    double xOf(double moment_Nmm) const;
    double yOf(double life_s) const;
    bool isInside(const Spot& s) const;
    void drawAxes(QPainter& p) const;
    void drawNames(QPainter& p) const;

    double m_low = 1, m_high = 1000, m_lowLife = 1, m_highLife = 100;
    double m_needed = 0, m_limit = 0, m_lever = 1, m_life = 0;
    QString m_joint;
};

} // namespace enkinet::app
