#pragma once
// The hold window of one joint: a logarithmic scale of moments, also written as grams held at the hand; the window
// between what the joint must hold and what a hand can bend is lit; every candidate stands on the scale as its own
// cross-section. Click or arrow keys and Enter choose one.
#include "commands/document.h"
#include <QWidget>

namespace enkinet::app {

class HoldWindow : public QWidget {
    Q_OBJECT
public:
    explicit HoldWindow(QWidget* parent = nullptr);
    void show(const Document& document, int limb, int demand);
    QSize sizeHint() const override { return {330, 176}; }
    int heightForWidth(int) const override { return 176; }
    bool hasHeightForWidth() const override { return true; }

Q_SIGNALS:
    void picked(int candidate);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Spot {
        int candidate = 0;
        wire::Bundle bundle;
        double hold = 0;
        bool fits = false, barred = false, chosen = false;
        QString text;
        QPointF at;
        double radius = 6;
    };
    void layoutSpots();
    double xOf(double moment) const;
    int spotAt(const QPointF& at) const;
    QRectF plot() const;

    std::vector<Spot> m_spots;
    int m_focus = -1;
    double m_low = 1, m_high = 1000, m_needed = 0, m_limit = 0, m_lever = 1;
    bool m_wholeHand = false;
};

} // namespace enkinet::app
