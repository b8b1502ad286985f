#pragma once
// Cloth, fur and feathers over the part in hand: which, how thick, how far, where the seam runs; its flat pattern as it
// is cut, with what it is off by, and how much cloth the whole puppet takes.
#include "document/document.h"
#include <QWidget>

class QLabel;

namespace enkinet::app {

class StationTable;

class ChoiceField;
class NumberField;

/// Flat patterns of one part on the back of the cloth, to scale.
class PatternView : public QWidget {
    Q_OBJECT
public:
    explicit PatternView(QWidget* parent = nullptr);
    void show(const std::vector<fill::Pattern>& patterns);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<fill::Pattern> m_patterns;
};

class CoverTab : public QWidget {
    Q_OBJECT
public:
    explicit CoverTab(Document& document, QWidget* parent = nullptr);
    void show();
    QWidget* bench() const { return m_bench; }

private:
    void writePatterns(bool dxf);

    Document& m_document;
    ChoiceField *m_cover, *m_camera;
    NumberField *m_thick, *m_from, *m_to, *m_width;
    QLabel *m_title, *m_text, *m_cloth, *m_order;
    PatternView* m_view;
    QWidget* m_bench;
    StationTable* m_rows;
};

} // namespace enkinet::app
