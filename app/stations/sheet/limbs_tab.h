#pragma once
// The drawing itself: mark limbs, shape them, type lengths, split and join, hang, mirror, plant, rig, masses, copy and
// paste.
#include "stations/sheet/tab.h"
#include <QWidget>

class QLabel;
class QLineEdit;
class QPushButton;

namespace enkinet::app {

class ChoiceField;
class NumberField;

class LimbsTab : public QWidget {
    Q_OBJECT
public:
    explicit LimbsTab(Document& document, QWidget* parent = nullptr);
    void show();
    void copyLimb();
    void pasteLimb();
    void removeSelected();

Q_SIGNALS:
    void holdWanted(const enkinet::app::HoldWish& wish);

private:
    const body::Limb* limb() const;
    int segment() const;
    void setLimb(const QString& name, const std::function<void(body::Limb&)>& mutate);
    void addMass(body::MassShape shape);

    Document& m_document;
    ChoiceField *m_newKind, *m_newMirror, *m_kind, *m_mirror, *m_posed, *m_planted, *m_whip, *m_hang;
    QLineEdit* m_name;
    NumberField *m_length, *m_true, *m_gap;
    QLabel* m_title;
    QWidget* m_body;
    std::vector<QPushButton*> m_limbButtons;
};

} // namespace enkinet::app
