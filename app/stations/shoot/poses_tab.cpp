#include "stations/shoot/poses_tab.h"
#include "stations/page.h"
#include "widgets/fields.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFormLayout>
#include <QListWidget>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace enkinet::app {

QString jointKey(const std::string& limb, const std::string& joint, bool right) {
    return QString::fromStdString(limb + "/" + joint) + (right ? "/r" : "/l");
}

QList<std::pair<QString, QVariant>> posedJoints(const body::Puppet& puppet) {
    QList<std::pair<QString, QVariant>> all;
    for (const body::Limb& l : puppet.limbs)
        for (const body::Joint& j : l.joints)
            if (j.posed)
                for (int side = 0; side < (l.mirrored ? 2 : 1); ++side)
                    all << std::pair{Text::sided(l, QString::fromStdString(j.name), side == 1),
                                     QVariant(jointKey(l.id, j.id, side == 1))};
    return all;
}

QVariant keptEntry(const ChoiceField& field, const QList<std::pair<QString, QVariant>>& all) {
    for (const auto& [text, data] : all)
        if (data == field.currentData()) return data;
    return all.isEmpty() ? QVariant() : all.front().second;
}

PosesTab::PosesTab(Document& document, ShotMotions& motions, QWidget* parent)
    : QWidget(parent), m_document(document), m_motions(motions), m_frames(new ShotFrames) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_run = new QPushButton(tr("Run it"));
    m_run->setObjectName("shotRun");
    v->addWidget(m_run, 0, Qt::AlignLeft);
    v->addWidget(makeHeading(tr("Pointed out")));
    m_remarks = new RowList(6);
    m_remarks->setObjectName("shotRemarks");
    m_remarks->setAccessibleName(tr("What is pointed out in this shot; choosing a line goes to its pose"));
    v->addWidget(m_remarks);
    v->addWidget(makeHeading(tr("What moves what")));
    m_moved = new ChoiceField(tr("Joint of the puppet"));
    m_moved->setObjectName("shotMoved");
    m_mover = new ChoiceField(tr("Joint of the motion file that moves it"));
    m_mover->setObjectName("shotMover");
    auto* form = makeForm();
    form->addRow(tr("joint"), m_moved);
    form->addRow(tr("follows"), m_mover);
    v->addLayout(form);
    m_note = makeText(true);
    v->addWidget(m_note);
    connect(m_run, &QPushButton::clicked, this, [this] { m_frames->play(!m_frames->isPlaying()); });
    connect(m_frames, &ShotFrames::playing, this, [this](bool on) { m_run->setText(on ? tr("Stop") : tr("Run it")); });
    connect(m_frames, &ShotFrames::looked, this, &PosesTab::showRemarks);
    connect(m_remarks, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && row < static_cast<int>(m_frames->remarks().size()))
            m_frames->choosePart(m_frames->remarks()[static_cast<std::size_t>(row)].exposure);
    });
    connect(m_moved, &ChoiceField::edited, this, &PosesTab::showLinks);
    connect(m_mover, &ChoiceField::edited, this, [this](const QVariant& from) { link(from.toString()); });
}

void PosesTab::show(const ShotWearJob::State& state, int shot) {
    m_shot = shot;
    m_frames->show(state, m_document.puppetIndex(), shot);
    m_run->setEnabled(m_frames->exposures() > 1);
    showRemarks();
    showLinks();
}

void PosesTab::showRemarks() {
    QStringList said;
    for (const shoot::Remark& r : m_frames->remarks())
        said << Text::capital(m_frames->remarkText(r));
    if (m_frames->isLooking())
        said << tr("Looking through the poses …");
    else if (said.isEmpty())
        said << (m_frames->exposures() > 0 ? tr("Nothing: all in range, no jump, no slide.")
                                           : tr("Not checked: there are no poses to look at."));
    QStringList shown;
    for (int i = 0; i < m_remarks->count(); ++i)
        shown << m_remarks->item(i)->text();
    if (said != shown) {
        const QSignalBlocker quiet(m_remarks);
        m_remarks->clear();
        m_remarks->addItems(said);
    }
}

void PosesTab::showLinks() {
    const auto& shots = m_document.production().shots;
    const document::Shot* s =
        m_shot < static_cast<int>(shots.size()) ? &shots[static_cast<std::size_t>(m_shot)] : nullptr;
    const document::Cast* c = s ? findCast(*s, m_document.puppet()) : nullptr;
    const shoot::Motion* motion = s ? m_motions.of(m_shot) : nullptr;
    const auto joints = posedJoints(m_document.puppet());
    m_moved->show(joints, keptEntry(*m_moved, joints));
    QString follows;
    for (std::size_t i = 0; c && i < c->links.size(); ++i)
        if (const document::MotionLink& l = c->links[i];
            jointKey(l.limb, l.joint, l.right) == m_moved->currentData().toString())
            follows = QString::fromStdString(l.from);
    QList<std::pair<QString, QVariant>> movers{{tr("nothing"), QString()}};
    if (motion)
        for (const shoot::MotionJoint& j : motion->joints)
            movers << std::pair{QString::fromStdString(j.name), QVariant(QString::fromStdString(j.name))};
    else if (!follows.isEmpty())
        movers << std::pair{follows, QVariant(follows)};
    m_mover->show(movers, follows);
    m_mover->setEnabled(motion != nullptr);
    m_note->setText(motion || !s ? QString()
                    : !c || c->links.empty()
                        ? tr("Only a motion file has joints of its own to follow.")
                        : tr("Take %1 in again to change what follows what: the file itself is not kept here.")
                              .arg(QString::fromStdString(s->source)));
    m_note->setVisible(!m_note->text().isEmpty());
}

void PosesTab::link(const QString& from) {
    const QStringList at = m_moved->currentData().toString().split('/');
    if (at.size() != 3) return;
    m_motions.link(m_shot, {from.toStdString(), at[0].toStdString(), at[1].toStdString(), at[2] == "r"},
                   from.isEmpty() ? tr("%1 follows nothing").arg(m_moved->currentText())
                                  : tr("%1 follows %2").arg(m_moved->currentText(), from));
}

} // namespace enkinet::app
