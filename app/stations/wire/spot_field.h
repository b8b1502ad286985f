#pragma once
// A field on which every candidate wire of a limb stands as its own cross-section. Hover or walk with the arrow keys to
// read why it fits or what rules it out; click or press Enter to use it.
#include "document/document.h"
#include "widgets/accessible_picture.h"
#include "widgets/materials.h"
#include <QWidget>

class QPainter;

namespace enkinet::app {

class SpotField : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit SpotField(QWidget* parent = nullptr);
    void show(const Document& document, int limb, int demand);
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;

Q_SIGNALS:
    void picked(int candidate);

protected:
    struct Spot {
        int candidate = 0;
        wire::Bundle bundle;
        Metal metal;
        double hold = 0, effort = 0, life = 0;
        bool fits = false, barred = false, chosen = false;
        bool passes = false; ///< every limit of this joint
        QString text;
        QPointF at; ///< off the field (negative) when it has no place there
        double radius = 6;
    };
    /// Sets limits of the scales from the demand and the spots.
    virtual void takeDemand(const choice::Demand& demand) = 0;
    /// Gives every spot its place.
    virtual void layoutSpots() = 0;
    void drawSpots(QPainter& painter) const;
    /// Radius of each spot: the bundle to scale, none smaller than can be clicked.
    void setRadii(double pixelsPerMm, double largest);
    /// Indices of the spots, the chosen first, then what fits, then the rest.
    std::vector<std::size_t> drawingOrder() const;
    std::vector<Spot>& spots() { return m_spots; }
    const std::vector<Spot>& spots() const { return m_spots; }

    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    const Spot* spotAt(const QPointF& at) const;
    std::vector<Spot> m_spots;
    int m_focus = -1; ///< candidate under the keyboard
};

/// One line for a candidate: what it gives, or what rules it out and where.
QString candidateReason(const Document& document, const choice::LimbChoice& limb, const choice::Candidate& candidate);

} // namespace enkinet::app
