#pragma once
// The tab of a shot pose by pose: runs it, lists what is pointed out, and says which joint follows which of the motion
// file. Its picture stands on the bench.
#include "stations/shoot/shot_frames.h"
#include "stations/shoot/shot_motions.h"
#include <QLabel>

class QListWidget;
class QPushButton;

namespace enkinet::app {

class ChoiceField;

class PosesTab : public QWidget {
    Q_OBJECT
public:
    PosesTab(Document& document, ShotMotions& motions, QWidget* parent = nullptr);
    ShotFrames& bench() { return *m_frames; }
    void show(const ShotWearJob::State& state, int shot);

private:
    void showRemarks();
    void showLinks();
    void link(const QString& from);

    Document& m_document;
    ShotMotions& m_motions;
    int m_shot = 0;
    ShotFrames* m_frames; ///< whoever shows the bench owns it
    QPushButton* m_run;
    QListWidget* m_remarks;
    ChoiceField *m_moved, *m_mover;
    QLabel* m_note;
};

/// "leg/knee/r": a posed joint on its side, as choice fields know it.
QString jointKey(const std::string& limb, const std::string& joint, bool right);
/// Every posed joint of a puppet by its name and key.
QList<std::pair<QString, QVariant>> posedJoints(const body::Puppet& puppet);
/// The entry that a field has in hand, or the first of a list.
QVariant keptEntry(const ChoiceField& field, const QList<std::pair<QString, QVariant>>& all);

} // namespace enkinet::app
