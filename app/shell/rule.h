#pragma once
// The steel rule along the bottom edge: the stations in the order of work, each with its open points; the pointer
// stands at the present one.
#include "production/report.h"
#include <QAbstractButton>
#include <QWidget>
#include <vector>

namespace enkinet::app {

class Division;

class Rule : public QWidget {
    Q_OBJECT
public:
    explicit Rule(QWidget* parent = nullptr);
    void setStation(production::Station station);
    production::Station station() const { return m_station; }
    /// Open points per station, and their sentences for hovering.
    void setOpen(const std::vector<int>& counts, const std::vector<QString>& sentences);
    QAbstractButton* division(production::Station station) const;
    QSize sizeHint() const override { return {800, 72}; }

Q_SIGNALS:
    void chosen(production::Station station);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Division*> m_divisions;
    production::Station m_station = production::Station::sheet;
};

/// One division of the rule.
class Division : public QAbstractButton {
    Q_OBJECT
public:
    Division(production::Station station, QWidget* parent);
    void setOpen(int count, const QString& sentences);
    QSize sizeHint() const override { return {120, 56}; }

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    production::Station m_station;
    int m_open = 0;
};

} // namespace enkinet::app
