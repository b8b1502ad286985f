#include "stations/sheet/limbs_tab.h"
#include "base/units.h"
#include "document/translated.h"
#include "files/limb_text.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "words/text.h"
#include <QClipboard>
#include <QFormLayout>
#include <QGuiApplication>
#include <QLineEdit>
#include <QMimeData>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
const char* const kLimbMime = "application/x-enkinet-limb";
using body::LimbKind;
constexpr LimbKind kKinds[] = {LimbKind::spine, LimbKind::arm,  LimbKind::leg, LimbKind::finger, LimbKind::tail,
                               LimbKind::neck,  LimbKind::wing, LimbKind::ear, LimbKind::jaw,    LimbKind::other};

QList<std::pair<QString, QVariant>> kindEntries() {
    QList<std::pair<QString, QVariant>> all;
    for (LimbKind k : kKinds)
        all << std::pair{Text::kind(k), QVariant(static_cast<int>(k))};
    return all;
}
} // namespace

LimbsTab::LimbsTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    const auto button = [&](Flow* h, const QString& text, const char* id, const std::function<void()>& slot) {
        auto* b = new QPushButton(text);
        b->setObjectName(id);
        h->addWidget(b);
        connect(b, &QPushButton::clicked, this, slot);
        return b;
    };
    m_newKind = new ChoiceField(tr("Kind of the new limb"));
    m_newKind->setObjectName("newKind");
    m_newKind->show(kindEntries(), static_cast<int>(LimbKind::spine));
    m_newMirror = new ChoiceField(tr("New limb on one side or both"));
    m_newMirror->setObjectName("newMirror");
    m_newMirror->show({{tr("once"), false}, {tr("left and right"), true}}, false);
    auto* h = new Flow;
    h->addWidget(m_newKind);
    h->addWidget(m_newMirror);
    v->addLayout(h);
    h = new Flow;
    button(h, tr("Mark a limb"), "markLimb", [this] {
        Q_EMIT holdWanted({HoldWish::Kind::mark, static_cast<LimbKind>(m_newKind->currentData().toInt()),
                           m_newMirror->currentData().toBool(), -1, 0});
    });
    button(h, tr("Shape"), "shape", [this] { Q_EMIT holdWanted({HoldWish::Kind::shape, {}, false, -1, 0}); });
    button(h, tr("Paste"), "pasteLimb", [this] { pasteLimb(); });
    v->addLayout(h);
    m_title = makeHeading({});
    v->addWidget(m_title);
    m_body = new QWidget;
    v->addWidget(m_body);
    auto* b = new QVBoxLayout(m_body);
    b->setContentsMargins(0, 0, 0, 0);
    b->setSpacing(6);
    m_name = new QLineEdit;
    m_name->setAccessibleName(tr("Name of the limb"));
    m_kind = new ChoiceField(tr("Kind of the limb"));
    m_mirror = new ChoiceField(tr("One side or both"));
    m_whip = new ChoiceField(tr("Stiff stretches or a whip"));
    m_hang = new ChoiceField(tr("What the limb hangs on"));
    m_length = new NumberField(NumberField::Kind::length, 0.2, 2900, 1, 1, tr("Length of the segment"));
    m_length->setObjectName("length");
    m_true = new NumberField(NumberField::Kind::length, 0.2, 2900, 1, 1,
                             tr("True length of a segment that leans out of the front picture"));
    m_true->setObjectName("trueLength");
    m_posed = new ChoiceField(tr("Does the point bend"));
    m_posed->setObjectName("posed");
    m_gap = new NumberField(NumberField::Kind::length, 0.5, 200, 0.5, 1, tr("Free gap of wire at the joint"));
    m_planted = new ChoiceField(tr("How the tip is held"));
    m_planted->setObjectName("planted");
    auto* form = makeForm();
    form->addRow(tr("name"), m_name);
    form->addRow(tr("kind"), m_kind);
    form->addRow(tr("sides"), m_mirror);
    form->addRow(tr("hangs on"), m_hang);
    form->addRow(tr("bends"), m_whip);
    form->addRow(tr("tip"), m_planted);
    form->addRow(tr("segment length"), m_length);
    form->addRow(tr("true length, leaning"), m_true);
    form->addRow(tr("this point"), m_posed);
    form->addRow(tr("gap"), m_gap);
    b->addLayout(form);
    h = new Flow;
    button(h, tr("Split the segment"), "split", [this] {
        const auto* l = limb();
        if (l && segment() >= 0)
            m_document.change(tr("Split a segment"), [&, id = l->id, s = segment()](const document::Edits& e) {
                return e.splitSegment(id, s, 0.5);
            });
    });
    button(h, tr("Take the point out"), "join", [this] {
        const auto* l = limb();
        const Selection& s = m_document.selection();
        if (l && s.kind == Selection::Kind::joint)
            m_document.change(tr("Join two segments"),
                              [&, id = l->id, j = l->joints[static_cast<std::size_t>(s.index)].id](
                                  const document::Edits& e) { return e.joinSegments(id, j); });
    });
    b->addLayout(h);
    h = new Flow;
    button(h, tr("Copy"), "copyLimb", [this] { copyLimb(); });
    button(h, tr("Remove"), "removeLimb", [this] { removeSelected(); });
    button(h, tr("Rig point here"), "rig", [this] {
        const auto* l = limb();
        if (!l || segment() < 0) return;
        const body::RigPoint here{l->id, segment()};
        const bool off = m_document.puppet().rig == here;
        m_document.change(off ? tr("No rig point") : tr("Rig point"),
                          [&](const document::Edits& e) { return e.setRig(off ? std::nullopt : std::optional(here)); });
    });
    b->addLayout(h);
    h = new Flow;
    button(h, tr("Add a round mass"), "addRound", [this] { addMass(body::MassShape::ellipsoid); });
    button(h, tr("a box"), "addBox", [this] { addMass(body::MassShape::box); });
    button(h, tr("a weighed piece"), "addWeighed", [this] { addMass(body::MassShape::weighed); });
    b->addLayout(h);

    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        const QString name = m_name->text().trimmed();
        if (limb() && !name.isEmpty() && name.toStdString() != limb()->name)
            setLimb(tr("Name: %1").arg(name), [&](body::Limb& l) { l.name = name.toStdString(); });
    });
    connect(m_kind, &ChoiceField::edited, this, [this](const QVariant& k) {
        setLimb(tr("Kind of a limb"), [&](body::Limb& l) { l.kind = static_cast<LimbKind>(k.toInt()); });
    });
    connect(m_mirror, &ChoiceField::edited, this, [this](const QVariant& on) {
        setLimb(on.toBool() ? tr("Mirror a limb") : tr("One side only"),
                [&](body::Limb& l) { l.mirrored = on.toBool(); });
    });
    connect(m_whip, &ChoiceField::edited, this, [this](const QVariant& on) {
        setLimb(tr("How a limb bends"), [&](body::Limb& l) {
            l.whip = on.toInt() > 0;
            l.posing = on.toInt() == 2 ? body::Posing::along : body::Posing::by_tip;
        });
    });
    connect(m_hang, &ChoiceField::edited, this, [this](const QVariant& on) {
        const QStringList at = on.toStringList();
        const body::Limb* l = limb();
        if (!l) return;
        const std::string onLimb = at.value(0).toStdString(), onJoint = at.value(1).toStdString();
        double by = 0;
        if (const body::Limb* carrier = body::findLimb(m_document.puppet(), onLimb))
            if (const int j = body::findJointIndex(*carrier, onJoint); j >= 0)
                by = norm(carrier->joints[static_cast<std::size_t>(j)].at_mm - l->joints.front().at_mm);
        // What it did is said in its name: the limb goes where it hangs.
        m_document.change(by > 0.05 ? tr("Hang a limb: its root moves by %1").arg(Text::length(by)) : tr("Hang a limb"),
                          [&, id = l->id](const document::Edits& e) { return e.hangLimb(id, onLimb, onJoint); });
    });
    connect(m_planted, &ChoiceField::edited, this, [this](const QVariant& depth) {
        setLimb(tr("Tie-down"), [&](body::Limb& l) {
            l.tieDown.reset();
            if (depth.toDouble() > 0) l.tieDown = body::TieDown{1, depth.toDouble()};
        });
    });
    connect(m_length, &NumberField::edited, this, [this](double mm) {
        if (const auto* l = limb(); l && segment() >= 0)
            m_document.change(
                tr("Length %1").arg(Text::length(mm)),
                [&, id = l->id, s = segment()](const document::Edits& e) { return e.setLength(id, s, mm); },
                Document::Merge::yes);
    });
    connect(m_true, &NumberField::edited, this, [this](double mm) {
        if (const auto* l = limb(); l && segment() >= 0) {
            const auto s = static_cast<std::size_t>(segment());
            const bool forward = l->joints[s + 1].at_mm.z >= l->joints[s].at_mm.z;
            m_document.change(tr("True length %1").arg(Text::length(mm)),
                              [&, id = l->id, n = segment()](const document::Edits& e) {
                                  return e.setTrueLength(id, n, mm, forward);
                              });
        }
    });
    connect(m_posed, &ChoiceField::edited, this, [this](const QVariant& on) {
        const Selection& s = m_document.selection();
        if (const auto* l = limb(); l && s.kind == Selection::Kind::joint)
            m_document.change(on.toBool() ? tr("Let a point bend") : tr("Fix a point"),
                              [&, id = l->id, j = l->joints[static_cast<std::size_t>(s.index)].id](
                                  const document::Edits& e) { return e.setPosed(id, j, on.toBool(), m_gap->core()); });
    });
    connect(m_gap, &NumberField::edited, this, [this](double mm) {
        const Selection& s = m_document.selection();
        if (const auto* l = limb();
            l && s.kind == Selection::Kind::joint && l->joints[static_cast<std::size_t>(s.index)].posed)
            m_document.change(
                tr("Gap %1").arg(Text::length(mm)),
                [&, id = l->id, j = l->joints[static_cast<std::size_t>(s.index)].id](const document::Edits& e) {
                    return e.setGap(id, j, mm);
                },
                Document::Merge::yes);
    });
}

const body::Limb* LimbsTab::limb() const {
    const Selection& s = m_document.selection();
    return s.limb >= 0 && s.limb < static_cast<int>(m_document.puppet().limbs.size())
               ? &m_document.puppet().limbs[static_cast<std::size_t>(s.limb)]
               : nullptr;
}

int LimbsTab::segment() const {
    const Selection& s = m_document.selection();
    const auto* l = limb();
    return l ? std::min(s.index, static_cast<int>(l->segments.size()) - 1) : -1;
}

void LimbsTab::setLimb(const QString& name, const std::function<void(body::Limb&)>& mutate) {
    if (const auto* l = limb())
        m_document.change(name, [&, id = l->id](const document::Edits& e) { return e.setLimb(id, mutate); });
}

void LimbsTab::show() {
    const auto* l = limb();
    m_body->setVisible(l != nullptr);
    if (!l) {
        m_title->setText(m_document.puppet().limbs.empty()
                             ? tr("Begin with the spine: mark it from its root to its tip")
                             : tr("Click a point or a part to change it"));
        return;
    }
    const Selection& s = m_document.selection();
    const auto n = static_cast<std::size_t>(segment());
    m_title->setText(s.kind == Selection::Kind::joint
                         ? tr("%1: %2").arg(Text::capital(l->name),
                                            QString::fromStdString(l->joints[static_cast<std::size_t>(s.index)].name))
                         : tr("%1: %2").arg(Text::capital(l->name), QString::fromStdString(l->segments[n].name)));
    if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(l->name));
    m_kind->show(kindEntries(), static_cast<int>(l->kind));
    m_mirror->show({{tr("once"), false}, {tr("left and right"), true}}, l->mirrored);
    m_whip->show({{tr("at its joints"), 0}, {tr("as a whip, by its tip"), 1}, {tr("as a whip, shaped along"), 2}},
                 !l->whip                           ? 0
                 : l->posing == body::Posing::along ? 2
                                                    : 1);
    QList<std::pair<QString, QVariant>> hangs{{tr("nothing"), QStringList{"", ""}}};
    for (const body::Limb& other : m_document.puppet().limbs)
        if (other.id != l->id)
            for (const body::Joint& j : other.joints)
                hangs << std::pair{
                    tr("%1, %2").arg(QString::fromStdString(other.name), QString::fromStdString(j.name)),
                    QVariant(QStringList{QString::fromStdString(other.id), QString::fromStdString(j.id)})};
    m_hang->show(hangs, QStringList{QString::fromStdString(l->hangsOnLimb), QString::fromStdString(l->hangsOnJoint)});
    m_planted->show({{tr("is free"), 0.0},
                     {tr("12 mm into the base"), 12.0},
                     {tr("15 mm into the base"), 15.0},
                     {tr("20 mm into the base"), 20.0}},
                    l->tieDown ? l->tieDown->depth_mm : 0.0);
    const Vec3 along = l->joints[n + 1].at_mm - l->joints[n].at_mm;
    m_length->show(norm(along));
    m_true->show(norm(along));
    const bool point = s.kind == Selection::Kind::joint;
    m_posed->setEnabled(point), m_gap->setEnabled(point);
    if (!point) m_posed->show({{tr("select a point"), false}}, false);
    if (point) {
        const body::Joint& j = l->joints[static_cast<std::size_t>(s.index)];
        m_posed->show({{tr("is fixed"), false}, {tr("bends"), true}}, j.posed);
        m_gap->show(j.posed ? j.gap_mm : 8);
    }
}

void LimbsTab::copyLimb() {
    const auto* l = limb();
    if (!l) return;
    auto* mime = new QMimeData;
    mime->setData(kLimbMime, QByteArray::fromStdString(files::limbText(*l)));
    mime->setText(QString::fromStdString(l->name));
    QGuiApplication::clipboard()->setMimeData(mime);
}

void LimbsTab::pasteLimb() {
    const QMimeData* mime = QGuiApplication::clipboard()->mimeData();
    if (!mime || !mime->hasFormat(kLimbMime)) {
        Q_EMIT m_document.refused(tr("there is no limb on the clipboard: copy one first"));
        return;
    }
    auto limb = files::parseLimb(mime->data(kLimbMime).toStdString());
    if (!limb) {
        Q_EMIT m_document.refused(translated(limb.fault()));
        return;
    }
    body::Limb l = limb.take();
    // On another puppet it hangs where the selection says, else on the first point of the first limb.
    const auto& p = m_document.puppet();
    const body::Limb* parent = body::findLimb(p, l.hangsOnLimb);
    if (!parent || body::findJointIndex(*parent, l.hangsOnJoint) < 0) {
        l.hangsOnLimb.clear(), l.hangsOnJoint.clear();
        if (!p.limbs.empty()) {
            const Selection& s = m_document.selection();
            const body::Limb& on = p.limbs[static_cast<std::size_t>(s.kind == Selection::Kind::joint ? s.limb : 0)];
            const body::Joint& at = on.joints[static_cast<std::size_t>(s.kind == Selection::Kind::joint ? s.index : 0)];
            const Vec3 by = at.at_mm - l.joints.front().at_mm;
            l.hangsOnLimb = on.id, l.hangsOnJoint = at.id;
            for (body::Joint& j : l.joints)
                j.at_mm = j.at_mm + by;
        }
    }
    m_document.change(tr("Paste a limb: %1").arg(QString::fromStdString(l.name)),
                      [&](const document::Edits& e) { return e.addLimb(l); });
}

void LimbsTab::removeSelected() {
    const Selection s = m_document.selection();
    if (s.kind == Selection::Kind::mass) {
        const std::string id = m_document.puppet().masses[static_cast<std::size_t>(s.index)].id;
        m_document.change(tr("Remove a mass"), [&](const document::Edits& e) { return e.removeMass(id); });
    } else if (const auto* l = limb()) {
        const std::string id = l->id;
        m_document.change(tr("Remove a limb: %1").arg(QString::fromStdString(l->name)),
                          [&](const document::Edits& e) { return e.removeLimb(id); });
    }
}

void LimbsTab::addMass(body::MassShape shape) {
    const auto* l = limb();
    if (!l || segment() < 0) return;
    const auto n = static_cast<std::size_t>(segment());
    body::Mass m;
    const bool tip = n + 1 == l->segments.size();
    m.id = l->kind == LimbKind::spine && tip ? "head" : shape == body::MassShape::weighed ? "piece" : "mass";
    m.name = m.id, m.limb = l->id, m.segment = segment(), m.shape = shape;
    m.at_mm = tip ? l->joints[n + 1].at_mm : 0.5 * (l->joints[n].at_mm + l->joints[n + 1].at_mm);
    const double size = std::max(3.0, 0.06 * m_document.puppet().height_mm);
    // What was weighed is there once; its twin is asked for, not assumed.
    if (shape == body::MassShape::weighed && l->mirrored) m.side = body::Side::left;
    m.half_mm = {size, size * 1.2, size}, m.weighed_g = shape == body::MassShape::weighed ? 5 : 0;
    if (m_document.change(tr("Add a mass"), [&](const document::Edits& e) { return e.addMass(m); }))
        m_document.select({Selection::Kind::mass, -1, static_cast<int>(m_document.puppet().masses.size()) - 1, false});
}

} // namespace enkinet::app
