#pragma once
// One thing, drawn to a scale that is said: sizes in a row and the ball to roll, the seat in section; the base from
// above with its holes, edges and where the weight stands.
#include "document/document.h"
#include <QWidget>

namespace enkinet::app {

class ThingPicture : public QWidget {
public:
    explicit ThingPicture(Document& document, QWidget* parent = nullptr);
    void showFeature(int index);
    void showBase();
    void showBond(int index);
    void clear();
    QSize sizeHint() const override { return {300, m_what == What::none ? 0 : 150}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    enum class What { none, feature, base, bond };
    void drawFeature(QPainter& p) const;
    void drawBase(QPainter& p) const;
    void drawBond(QPainter& p) const;
    Document& m_document;
    std::optional<Shown> m_shown; ///< what it paints
    What m_what = What::none;
    int m_index = -1;
};

} // namespace enkinet::app
