#pragma once
// A section through a part where it is thickest, to scale, with every layer: cover, skin, bulk, wire.
#include "commands/document.h"
#include <QWidget>

namespace enkinet::app {

class SectionView : public QWidget {
    Q_OBJECT
public:
    explicit SectionView(QWidget* parent = nullptr);
    void show(const Document& document, int part);
    QSize sizeHint() const override { return {330, 176}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    double m_a = 0, m_b = 0, m_cover = 0, m_skin = 0;
    bool m_box = false, m_hasBulk = false, m_foil = true, m_empty = true;
    QColor m_clay, m_cloth;
    wire::Bundle m_bundle;
    bool m_hasWire = false;
};

} // namespace enkinet::app
