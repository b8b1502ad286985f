#pragma once
// The oven: which loads, what each cures and for how long, the heat that every part has been through, what else goes
// in, what the probe said, and the last look before the door is shut.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;

namespace enkinet::app {

class StationTable;

class BakePlot;
class ChoiceField;
class NumberField;

/// Minutes at heat of the parts that have spent most of what their clay stands, as bars.
class HeatView : public QWidget {
    Q_OBJECT
public:
    explicit HeatView(Document& document, QWidget* parent = nullptr);
    void refresh();

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void gather(const results::Report& report);
    struct Row {
        QString name;
        fill::HeatEntry heat;
    };
    Document& m_document;
    std::vector<Row> m_rows; ///< its own: what it paints is of one report, whatever has come since
};

class OvenTab : public QWidget {
    Q_OBJECT
public:
    explicit OvenTab(Document& document, QWidget* parent = nullptr);
    void show();
    QWidget* bench() const { return m_bench; }

private:
    void showLoads();
    void showEditor();
    void showThings();
    void showGate();
    void changeWants(const QString& name, const std::function<void(body::Wants&)>& mutate,
                     Document::Merge merge = Document::Merge::no);
    /// Changes the marked one of the builder's own loads.
    void changeLoad(const QString& name, const std::function<void(body::OvenLoad&)>& mutate,
                    Document::Merge merge = Document::Merge::no);
    void setSchool(body::BakeSchool school);
    void ticked(QListWidgetItem* item);
    void readLog();
    bool own() const;

    Document& m_document;
    QLabel *m_schools, *m_empty, *m_legend, *m_probe, *m_gateHead;
    ChoiceField *m_school, *m_again, *m_fan;
    QListWidget *m_loads, *m_members, *m_things, *m_gate;
    QLineEdit* m_name;
    NumberField *m_set, *m_minutes;
    QWidget *m_all, *m_editor, *m_bench;
    HeatView* m_heat;
    BakePlot* m_plot;
    StationTable* m_rows;
};

} // namespace enkinet::app
