#pragma once
// The steel rule along the bottom edge: the stations in the order of work, each with its open points; the pointer
// stands at the present one.
#include "results/report.h"
#include <QAbstractButton>
#include <QVariantAnimation>
#include <QWidget>
#include <vector>

namespace enkinet::app {

class Division;

class StationBar : public QWidget {
    Q_OBJECT
public:
    explicit StationBar(QWidget* parent = nullptr);
    void setStation(results::Station station);
    /// Whether the cursor glides.
    void setMotion(bool on) { m_motion = on; }
    results::Station station() const { return m_station; }
    /// Open points per station, and their sentences for hovering.
    void setOpen(const std::vector<int>& counts, const std::vector<QString>& sentences);
    QAbstractButton* division(results::Station station) const;
    QSize sizeHint() const override { return {800, 72}; }

Q_SIGNALS:
    void chosen(results::Station station);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Division*> m_divisions;
    results::Station m_station = results::Station::sheet;
    bool m_motion = true;
    double m_cursor = 0; ///< division that the cursor stands at, between two while it glides
    QVariantAnimation m_glide;
};

/// One division of the rule.
class Division : public QAbstractButton {
    Q_OBJECT
public:
    Division(results::Station station, QWidget* parent);
    void setOpen(int count, const QString& sentences);
    QSize sizeHint() const override { return {120, 56}; }

Q_SIGNALS:
    /// An arrow key: to the division so many places on.
    void stepped(int by);

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    results::Station m_station;
    int m_open = 0;
};

} // namespace enkinet::app
