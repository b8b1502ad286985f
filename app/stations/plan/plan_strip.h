#pragma once
// The plan on paper: rows of eight bench hours, hands-on work above the line and waiting below it, each step numbered.
#include "document/document.h"
#include "widgets/accessible_picture.h"
#include <QWidget>

namespace enkinet::app {

class PlanStrip : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit PlanStrip(Document& document, QWidget* parent = nullptr);
    void setStep(int step);
    int step() const { return m_step; }
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override { Q_EMIT stepChosen(index); }

Q_SIGNALS:
    void stepChosen(int step);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Box {
        int step;
        QRectF rect;
    };
    std::vector<Box> boxes() const;
    int stepAt(const QPointF& at) const;
    int rows() const;

    Document& m_document;
    int m_step = -1;
};

} // namespace enkinet::app
