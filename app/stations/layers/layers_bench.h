#pragma once
// The bench at Bulk and Skin: the limb cut lengthwise at full width, and the cross-section where the pointer is.
#include "document/document.h"
#include <QWidget>
#include <optional>

class QLabel;

namespace enkinet::app {

class LongSection;
class SectionView;

class LayersBench : public QWidget {
    Q_OBJECT
public:
    /// shaping: the skin's marks can be dragged. name: of the views, for keys and tests.
    LayersBench(Document& document, bool shaping, const QString& name, QWidget* parent = nullptr);
    void show(int part);
    /// The cross-section at a place; part -1: where the part in hand is thickest.
    void point(int part, double at);
    /// What is cut and where.
    QString caption() const;

private:
    Document& m_document;
    QLabel *m_title, *m_hint;
    LongSection* m_along;
    SectionView* m_section;
    int m_part = -1;
};

} // namespace enkinet::app
