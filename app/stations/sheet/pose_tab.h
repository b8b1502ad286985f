#pragma once
// Poses: bend the figure on the board, keep poses by name, mirror, rest.
#include "checks/proportions.h"
#include "stations/sheet/tab.h"
#include <QWidget>
#include <vector>

class QLabel;
class QLineEdit;
class QListWidget;

namespace enkinet::app {

class ChoiceField;
class NumberField;

class PoseTab : public QWidget {
    Q_OBJECT
public:
    explicit PoseTab(Document& document, QWidget* parent = nullptr);
    void show();

private:
    int hinge() const;
    void setAngle();

    Document& m_document;
    QListWidget* m_list;
    QLineEdit* m_name;
    QLabel *m_joint, *m_words;
    NumberField *m_forth, *m_aside;
    ChoiceField* m_planted;
};

/// What a builder checks by eye, and the caliper's readings.
class ChecksTab : public QWidget {
    Q_OBJECT
public:
    explicit ChecksTab(Document& document, QWidget* parent = nullptr);
    void show();

Q_SIGNALS:
    void holdWanted(const enkinet::app::HoldWish& wish);
    void besideWanted(int puppet);

private:
    Document& m_document;
    QListWidget *m_checks, *m_measures;
    /// The proportion in hand; null where the row is none.
    const checks::EyeCheck* inHand() const;
    void showTarget();
    void setTarget(double target, double tolerance);

    std::vector<checks::EyeCheck> m_eyes;
    NumberField *m_measured, *m_other, *m_target, *m_tolerance;
    ChoiceField* m_beside;
    QWidget* m_ofMeasure; ///< fields of the measure in hand
    QLabel* m_said;
};

} // namespace enkinet::app
