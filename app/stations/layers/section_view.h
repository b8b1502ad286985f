#pragma once
// A section through a part, to scale, with every layer: cover, skin, bulk, sleeve, wire. Where it is thickest, or at a
// place along the limb that the pointer names; in a free gap there is wire alone.
#include "document/document.h"
#include "widgets/materials.h"
#include <QWidget>
#include <optional>

namespace enkinet::app {

class SectionView : public QWidget {
    Q_OBJECT
public:
    explicit SectionView(QWidget* parent = nullptr);
    /// at: share of the bone's length; none: where the part is thickest.
    void show(const Document& document, int part, std::optional<double> at = {});
    QSize sizeHint() const override { return {330, 150}; }
    /// What is cut and where, in words.
    QString caption() const { return m_caption; }
    /// Nothing but clay within the cover, all the way.
    bool isSolid() const { return m_solid || (m_skin > 0 && clayTo_mm() >= std::min(m_a, m_b)); }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    /// From the surface inwards: cover and all coats.
    double clayTo_mm() const;
    double m_a = 0, m_b = 0, m_cover = 0, m_skin = 0, m_sleeve = 0;
    bool m_solid = false, m_box = false, m_hasBulk = false, m_foil = true, m_empty = true, m_gap = false;
    QColor m_clay, m_cloth;
    std::vector<std::pair<double, QColor>> m_coats; ///< beneath the skin, outside in
    wire::Bundle m_bundle;
    Metal m_metal;
    bool m_hasWire = false;
    QString m_caption;
};

} // namespace enkinet::app
