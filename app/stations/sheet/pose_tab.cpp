#include "stations/sheet/pose_tab.h"
#include "base/units.h"
#include "sheet/grip.h"
#include "stations/page.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

PoseTab::PoseTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    auto* intro = makeText(true);
    intro->setText(tr("Take a limb beyond a joint, on an elevation or on the turntable, and bend it there. Loads "
                      "follow the pose; the piece is built at rest."));
    v->addWidget(intro);
    const auto row = [&](std::initializer_list<RowButton> buttons) { v->addLayout(makeButtonRow(this, buttons)); };
    m_joint = makeHeading({});
    v->addWidget(m_joint);
    m_forth = new NumberField(NumberField::Kind::angle, degToRad(-175), degToRad(175), degToRad(5), 1,
                              tr("Bends as seen from the side"));
    m_forth->setObjectName("forth");
    m_aside = new NumberField(NumberField::Kind::angle, degToRad(-175), degToRad(175), degToRad(5), 1,
                              tr("Bends as seen from the front"));
    m_aside->setObjectName("aside");
    auto* form = makeForm();
    form->addRow(tr("from the side"), m_forth);
    form->addRow(tr("from the front"), m_aside);
    v->addLayout(form);
    m_words = makeLines(3, true);
    v->addWidget(m_words);
    row({{tr("Rest"), "poseRest",
          [this] { m_document.change(tr("Back to rest"), [](const document::Edits& e) { return e.setBoard({}); }); }},
         {tr("Left for right"), "poseMirror", [this] {
              m_document.change(tr("Mirror the pose"), [](const document::Edits& e) { return e.mirrorBoard(); });
          }}});
    m_planted = new ChoiceField(tr("Which foot stays where it is"));
    auto* form2 = makeForm();
    form2->addRow(tr("planted foot"), m_planted);
    v->addLayout(form2);
    v->addWidget(makeHeading(tr("Kept poses")));
    m_list = new RowList(5);
    m_list->setAccessibleName(tr("Kept poses"));
    m_list->setObjectName("poseList");
    v->addWidget(m_list);
    auto* h = new Flow;
    m_name = new QLineEdit;
    m_name->setAccessibleName(tr("Name to keep this pose under"));
    m_name->setPlaceholderText(tr("name of this pose"));
    m_name->setObjectName("poseName");
    h->addWidget(m_name);
    v->addLayout(h);
    row({{tr("Keep"), "poseKeep",
          [this] {
              const std::string name = m_name->text().trimmed().toStdString();
              m_document.change(tr("Keep the pose %1").arg(m_name->text().trimmed()),
                                [&](const document::Edits& e) { return e.keepPose(name); });
          }},
         {tr("Show"), "poseShow",
          [this] {
              const int i = m_list->currentRow();
              if (i < 0 || i >= static_cast<int>(m_document.puppet().poses.size())) return;
              const body::Pose pose = m_document.puppet().poses[static_cast<std::size_t>(i)];
              m_document.change(tr("Show the pose %1").arg(QString::fromStdString(pose.name)),
                                [&](const document::Edits& e) { return e.setBoard(pose); });
          }},
         {tr("Forget"), "poseForget", [this] {
              const int i = m_list->currentRow();
              if (i < 0 || i >= static_cast<int>(m_document.puppet().poses.size())) return;
              const std::string name = m_document.puppet().poses[static_cast<std::size_t>(i)].name;
              m_document.change(tr("Forget a pose"), [&](const document::Edits& e) { return e.removePose(name); });
          }}});
    connect(m_forth, &NumberField::edited, this, [this] { setAngle(); });
    connect(m_aside, &NumberField::edited, this, [this] { setAngle(); });
    connect(m_planted, &ChoiceField::edited, this, [this](const QVariant& right) {
        body::Pose p = m_document.puppet().board;
        p.plantedRight = right.toBool();
        m_document.change(tr("Planted foot"), [&](const document::Edits& e) { return e.setBoard(p); });
    });
}

int PoseTab::hinge() const {
    const Selection& s = m_document.selection();
    const auto& skeleton = m_document.report().choice.skeleton;
    for (std::size_t i = 0; i < skeleton.hinges.size(); ++i) {
        const body::LimbCopy& c = skeleton.copies[static_cast<std::size_t>(skeleton.hinges[i].copy)];
        if (s.kind == Selection::Kind::joint && c.limb == s.limb && skeleton.hinges[i].joint == s.index &&
            c.right == s.right)
            return static_cast<int>(i);
    }
    return -1;
}

void PoseTab::setAngle() {
    const int h = hinge();
    if (h < 0) return;
    body::JointAngle a = angleOf(m_document, h);
    a.forth_rad = m_forth->core(), a.aside_rad = m_aside->core();
    bendTo(m_document, a);
}

void PoseTab::show() {
    const int h = hinge();
    m_forth->setEnabled(h >= 0), m_aside->setEnabled(h >= 0);
    m_joint->setText(h >= 0
                         ? Text::capital(m_document.report().choice.skeleton.hinges[static_cast<std::size_t>(h)].label)
                         : tr("No joint selected"));
    m_words->setText(h >= 0 ? gripWords(m_document, gripHinge(m_document, h)) : QString());
    if (h >= 0) {
        const body::JointAngle a = angleOf(m_document, h);
        m_forth->show(a.forth_rad), m_aside->show(a.aside_rad);
    }
    m_planted->show({{tr("left"), false}, {tr("right"), true}}, m_document.puppet().board.plantedRight);
    const int kept = m_list->currentRow();
    m_list->clear();
    for (const body::Pose& p : m_document.puppet().poses)
        m_list->addItem(tr("%1, %2 joints bent").arg(QString::fromStdString(p.name)).arg(p.angles.size()));
    if (m_list->count() == 0) m_list->addItem(tr("None yet: bend the figure, name it, keep it."));
    m_list->setCurrentRow(std::min(kept, m_list->count() - 1));
}

/// A length of nothing takes a measure back.
static std::optional<double> ifMeasured(double mm) { return mm > 0 ? std::optional(mm) : std::nullopt; }

ChecksTab::ChecksTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_checks = new RowList(8);
    m_checks->setAccessibleName(tr("What a builder checks by eye"));
    m_checks->setObjectName("checks");
    v->addWidget(m_checks);
    m_target = new NumberField(NumberField::Kind::plain, 0, 100, 0.05, 2, tr("What this proportion is to be"));
    m_target->setObjectName("proportionTarget");
    m_tolerance = new NumberField(NumberField::Kind::plain, 0, 100, 5, 0, tr("How far off it may be, in per cent"));
    m_tolerance->setObjectName("proportionTolerance");
    m_tolerance->setSuffix(tr(" %"));
    auto* wanted = makeForm();
    auto* both = new Flow;
    both->addWidget(m_target);
    both->addWidget(m_tolerance);
    wanted->addRow(tr("wanted, within"), both);
    v->addLayout(wanted);
    v->addLayout(makeButtonRow(this, {{tr("As it is drawn now"), "proportionKeep",
                                       [this] {
                                           if (const auto* c = inHand()) setTarget(c->found, m_tolerance->core() / 100);
                                       }},
                                      {tr("As is usual"), "proportionFree", [this] {
                                           const auto* c = inHand();
                                           if (!c || !c->wanted) return;
                                           m_document.change(tr("A proportion as is usual"),
                                                             [key = c->key](const document::Edits& e) {
                                                                 return e.setProportion(key, {}, 0);
                                                             });
                                       }}}));
    connect(m_checks, &QListWidget::currentRowChanged, this, [this] { showTarget(); });
    connect(m_target, &NumberField::edited, this, [this](double x) { setTarget(x, m_tolerance->core() / 100); });
    connect(m_tolerance, &NumberField::edited, this, [this](double x) {
        const auto* c = inHand();
        if (c) setTarget(c->wanted ? c->wanted->target : c->found, x / 100);
    });
    m_beside = new ChoiceField(tr("Another puppet beside this one, at the same scale"));
    m_beside->setObjectName("beside");
    auto* form = makeForm();
    form->addRow(tr("stand beside"), m_beside);
    v->addLayout(form);
    v->addWidget(makeHeading(tr("Caliper")));
    auto* take = new QPushButton(tr("Measure on the sheet"));
    take->setObjectName("caliper");
    v->addWidget(take);
    m_measures = new RowList(4);
    m_measures->setAccessibleName(tr("Measures: plan against the real piece"));
    m_measures->setObjectName("measures");
    v->addWidget(m_measures);
    m_measured = new NumberField(NumberField::Kind::length, 0, 6000, 0.5, 1, tr("What the real piece measures"));
    m_measured->setObjectName("measured");
    m_measured->setSpecialValueText(tr("not measured"));
    m_ofMeasure = new QWidget;
    auto* of = new QVBoxLayout(m_ofMeasure);
    of->setContentsMargins(0, 0, 0, 0);
    auto* form2 = makeForm();
    auto* gone = new QPushButton(tr("Forget the marked one"));
    form2->addRow(tr("on the piece"), m_measured);
    m_other =
        new NumberField(NumberField::Kind::length, 0, 6000, 0.5, 1, tr("What its twin on the other side measures"));
    m_other->setObjectName("measuredOther");
    m_other->setSpecialValueText(tr("not measured"));
    form2->addRow(tr("on the other side"), m_other);
    connect(m_other, &NumberField::edited, this, [this](double mm) {
        const int i = m_measures->currentRow();
        if (i >= 0 && i < static_cast<int>(m_document.puppet().measures.size()))
            m_document.change(tr("Its twin measured %1").arg(Text::length(mm)), [&](const document::Edits& e) {
                return e.setOther(static_cast<std::size_t>(i), ifMeasured(mm));
            });
    });
    of->addLayout(form2);
    of->addWidget(gone);
    v->addWidget(m_ofMeasure);
    m_said = makeText(true);
    v->addWidget(m_said);
    connect(take, &QPushButton::clicked, this, [this] {
        Q_EMIT holdWanted({HoldWish::Kind::caliper, {}, false, -1, 0});
    });
    connect(m_beside, &ChoiceField::edited, this, [this](const QVariant& i) { Q_EMIT besideWanted(i.toInt()); });
    connect(m_measured, &NumberField::edited, this, [this](double mm) {
        const int i = m_measures->currentRow();
        if (i >= 0 && i < static_cast<int>(m_document.puppet().measures.size()))
            m_document.change(tr("Measured %1").arg(Text::length(mm)), [&](const document::Edits& e) {
                return e.setMeasured(static_cast<std::size_t>(i), ifMeasured(mm));
            });
    });
    connect(gone, &QPushButton::clicked, this, [this] {
        const int i = m_measures->currentRow();
        if (i >= 0 && i < static_cast<int>(m_document.puppet().measures.size()))
            m_document.change(tr("Forget a measure"),
                              [&](const document::Edits& e) { return e.removeMeasure(static_cast<std::size_t>(i)); });
    });
    connect(m_measures, &QListWidget::currentRowChanged, this, [this](int i) {
        if (i >= 0 && i < static_cast<int>(m_document.puppet().measures.size())) {
            const body::Measure& m = m_document.puppet().measures[static_cast<std::size_t>(i)];
            // What nobody measured is no number.
            m_measured->show(m.measured_mm.value_or(0));
            m_other->show(m.other_mm.value_or(0));
        }
    });
}

const checks::EyeCheck* ChecksTab::inHand() const {
    const int row = m_checks->currentRow();
    if (row < 0 || row >= static_cast<int>(m_eyes.size())) return nullptr;
    const checks::EyeCheck& c = m_eyes[static_cast<std::size_t>(row)];
    return checks::isRatio(c.eye) ? &c : nullptr;
}

void ChecksTab::showTarget() {
    const checks::EyeCheck* c = inHand();
    for (QWidget* w : {static_cast<QWidget*>(m_target), static_cast<QWidget*>(m_tolerance),
                       static_cast<QWidget*>(findChild<QPushButton*>("proportionKeep"))})
        w->setEnabled(c);
    findChild<QPushButton*>("proportionFree")->setEnabled(c && c->wanted);
    if (!c) return;
    m_target->show(c->wanted ? c->wanted->target : c->found);
    m_tolerance->show(c->wanted ? 100 * c->wanted->tolerance : 10);
}

void ChecksTab::setTarget(double target, double tolerance) {
    const checks::EyeCheck* c = inHand();
    if (!c || !(target > 0)) return;
    m_document.change(tr("Wanted: %1").arg(Text::number(target, 2)),
                      [&, key = c->key](const document::Edits& e) { return e.setProportion(key, target, tolerance); });
}

void ChecksTab::show() {
    const int row = m_checks->currentRow();
    const QSignalBlocker quiet(m_checks);
    m_checks->clear();
    m_eyes = checks::calcEyeChecks(m_document.puppet(), m_document.report());
    for (const checks::EyeCheck& c : m_eyes) {
        auto* item = new QListWidgetItem(
            (c.fine() ? tr("fine: %1") : tr("look: %1")).arg(Text::capital(checks::sentenceOf(c))), m_checks);
        if (!c.fine()) {
            QFont f = item->font();
            f.setBold(true);
            item->setFont(f);
        }
    }
    if (m_checks->count() == 0) m_checks->addItem(tr("Nothing to check yet: mark a limb first."));
    m_checks->setCurrentRow(std::clamp(row, 0, m_checks->count() - 1));
    showTarget();
    QList<std::pair<QString, QVariant>> others{{tr("nobody"), -1}};
    const auto& puppets = m_document.production().puppets;
    for (std::size_t i = 0; i < puppets.size(); ++i)
        if (static_cast<int>(i) != m_document.puppetIndex())
            others << std::pair{QString::fromStdString(puppets[i].name), QVariant(static_cast<int>(i))};
    m_beside->show(others, m_beside->currentIndex() >= 0 ? m_beside->currentData() : QVariant(-1));
    if (m_beside->currentIndex() < 0) m_beside->setCurrentIndex(0);
    const int kept = m_measures->currentRow();
    m_measures->clear();
    int off = 0;
    for (const body::Measure& m : m_document.puppet().measures) {
        const double plan = norm(m.to_mm - m.from_mm);
        QString text = tr("%1: plan %2").arg(QString::fromStdString(m.name), Text::length(plan));
        if (m.measured_mm) {
            text += tr(", piece %1, %2%3")
                        .arg(Text::length(*m.measured_mm), *m.measured_mm >= plan ? "+" : "",
                             Text::length(*m.measured_mm - plan));
            off += std::abs(*m.measured_mm - plan) > 1;
            if (m.other_mm)
                text += tr(", left minus right %1%2")
                            .arg(*m.measured_mm >= *m.other_mm ? "+" : "", Text::length(*m.measured_mm - *m.other_mm));
        }
        m_measures->addItem(text);
    }
    m_measures->setCurrentRow(std::min(kept, m_measures->count() - 1));
    // Nothing to type before something was measured.
    const bool any = m_measures->count() > 0;
    m_measures->setVisible(any), m_ofMeasure->setVisible(any);
    m_said->setText(off > 0 ? tr("%1 measures are off by more than a millimetre.").arg(off) : QString());
}

} // namespace enkinet::app
