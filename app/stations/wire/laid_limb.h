#pragma once
// The limb laid out straight as it lies on the table: its strands and where they end, wraps, the free gap of every
// joint on a rule, the film that each lasts; and the joint in hand opened under a lens, bent as far as it goes.
#include "document/document.h"
#include "widgets/accessible_picture.h"
#include "widgets/materials.h"
#include <QWidget>

namespace enkinet::app {

class LaidLimb : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit LaidLimb(Document& document, QWidget* parent = nullptr);
    void show(int limb, int demand);
    QSize sizeHint() const override { return {600, 350}; }
    /// Where a joint of the limb is marked on the rule; null when the limb has no such joint there.
    QRectF jointOnScreen(int joint) const;
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;
    /// The same joint with another edge, or with its strands side by side: seconds of film that nine in ten last.
    struct Compared {
        QString words;
        double life_s = 0;
        bool present = false;
    };
    const std::vector<Compared>& compared() const { return m_compared; }

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF lens() const;
    double xOf(double along_mm) const;
    double wireY() const;
    /// How thick the bundle is drawn, and how far below it the rule lies.
    double across() const;
    double ruleBelow() const;
    void drawHead(QPainter& p) const;
    void drawWire(QPainter& p) const;
    void drawRuleAndJoints(QPainter& p) const;
    void drawLens(QPainter& p) const;
    void drawCompared(QPainter& p) const;

    Document& m_document;
    int m_limb = -1, m_demand = -1;
    std::optional<Shown> m_shown; ///< what the pointers below stand in
    const choice::Cut* m_cut = nullptr;
    const choice::LimbChoice* m_choice = nullptr;
    wire::Bundle m_bundle; ///< at the joint in hand
    Metal m_metal;
    std::vector<Compared> m_compared;
};

} // namespace enkinet::app
