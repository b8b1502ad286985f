#pragma once
// What is cut from which length of wire: the plan for every spool drawn to scale, the offcuts in the drawer, and the
// button that says it is cut.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QListWidget;

namespace enkinet::app {

class ChoiceField;
class NumberField;

/// The lengths of one plan as bars with their pieces.
class SawingView : public QWidget {
    Q_OBJECT
public:
    explicit SawingView(Document& document, QWidget* parent = nullptr);
    void refresh();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Document& m_document;
    std::optional<Shown> m_shown; ///< what it paints
    double m_height = 0;
};

class CuttingTab : public QWidget {
    Q_OBJECT
public:
    explicit CuttingTab(Document& document, QWidget* parent = nullptr);
    void show();

private:
    void cut();
    void uncut();
    void addOffcut();
    void removeOffcut();
    Document& m_document;
    SawingView* m_view;
    QLabel* m_words;
    QLabel* m_caution;
    QListWidget *m_done, *m_drawer;
    ChoiceField* m_spool;
    NumberField* m_length;
};

} // namespace enkinet::app
