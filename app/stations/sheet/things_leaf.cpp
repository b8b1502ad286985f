#include "stations/sheet/things_leaf.h"
#include "base/units.h"
#include "stations/sheet/thing_picture.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

using namespace body;

namespace {

QString codeOf(const Spot& s) {
    if (s.base) return "base";
    if (!s.feature.empty()) return "f:" + QString::fromStdString(s.feature);
    if (!s.mass.empty()) return "m:" + QString::fromStdString(s.mass);
    return QString("l:%1:%2").arg(s.segment).arg(QString::fromStdString(s.limb));
}

Spot spotOf(const QString& code) {
    Spot s;
    if (code == "base") {
        s.base = true;
    } else if (code.startsWith("f:")) {
        s.feature = code.mid(2).toStdString();
    } else if (code.startsWith("m:")) {
        s.mass = code.mid(2).toStdString();
    } else {
        s.segment = code.section(':', 1, 1).toInt();
        s.limb = code.section(':', 2).toStdString();
    }
    return s;
}

int countOf(const Things& t, ThingKind kind) {
    switch (kind) {
    case ThingKind::feature:
        return static_cast<int>(t.features.size());
    case ThingKind::bond:
        return static_cast<int>(t.bonds.size());
    case ThingKind::base:
        return t.base ? 1 : 0;
    case ThingKind::sheet:
        return static_cast<int>(t.sheets.size());
    case ThingKind::run:
        return static_cast<int>(t.runs.size());
    case ThingKind::prop:
        return static_cast<int>(t.props.size());
    case ThingKind::variant:
        return static_cast<int>(t.variants.size());
    case ThingKind::none:
        break;
    }
    return 0;
}

constexpr ThingKind kKindsInOrder[] = {ThingKind::feature, ThingKind::bond, ThingKind::base,   ThingKind::sheet,
                                       ThingKind::run,     ThingKind::prop, ThingKind::variant};

/// The name of one, to be changed; none for the base.
std::string* nameOf(Things& t, ThingKind kind, int index) {
    const auto i = static_cast<std::size_t>(index);
    if (index < 0 || index >= countOf(t, kind)) return nullptr;
    switch (kind) {
    case ThingKind::feature:
        return &t.features[i].name;
    case ThingKind::bond:
        return &t.bonds[i].name;
    case ThingKind::sheet:
        return &t.sheets[i].name;
    case ThingKind::run:
        return &t.runs[i].name;
    case ThingKind::prop:
        return &t.props[i].name;
    case ThingKind::variant:
        return &t.variants[i].name;
    case ThingKind::base:
    case ThingKind::none:
        break;
    }
    return nullptr;
}

} // namespace

ThingsLeaf::ThingsLeaf(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_list = new QListWidget;
    m_list->setObjectName("thingList");
    m_list->setAccessibleName(tr("Things on the body"));
    m_list->setFixedHeight(118);
    v->addWidget(m_list);
    auto* row = new QHBoxLayout;
    m_add = new QPushButton(tr("Put on"));
    m_add->setObjectName("putOn");
    m_add->setAccessibleDescription(tr("It goes where the figure's part in hand is."));
    auto* menu = new QMenu(m_add);
    const std::pair<QString, ThingKind> kinds[] = {{tr("Eye, tooth, horn, scales, tufts"), ThingKind::feature},
                                                   {tr("What holds it: pin, dowel, glue, magnet"), ThingKind::bond},
                                                   {tr("Base to stand on"), ThingKind::base},
                                                   {tr("Cape, web, ear, brim"), ThingKind::sheet},
                                                   {tr("Cable through a limb"), ThingKind::run},
                                                   {tr("Prop in a hand"), ThingKind::prop},
                                                   {tr("Another head or hand for a slot"), ThingKind::variant}};
    for (const auto& [text, kind] : kinds)
        connect(menu->addAction(text), &QAction::triggered, this, [this, kind = kind] { add(kind); });
    m_add->setMenu(menu);
    m_remove = new QPushButton(tr("Take off"));
    m_remove->setObjectName("takeOff");
    row->addWidget(m_add);
    row->addWidget(m_remove);
    row->addStretch();
    v->addLayout(row);
    m_picture = new ThingPicture(document);
    v->addWidget(m_picture);
    m_answer = makeText();
    m_answer->setObjectName("thingAnswer");
    v->addWidget(m_answer);
    m_name = new QLineEdit;
    m_name->setObjectName("thingName");
    m_name->setAccessibleName(tr("Name of this thing"));
    v->addWidget(m_name);
    m_fields = new QWidget;
    v->addWidget(m_fields);
    connect(m_list, &QListWidget::currentRowChanged, this, &ThingsLeaf::choose);
    connect(m_remove, &QPushButton::clicked, this, &ThingsLeaf::remove);
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        Things t = things();
        const std::string* now = nameOf(t, m_kind, m_index);
        if (!now || *now == m_name->text().toStdString()) return;
        change(tr("Name: %1").arg(m_name->text()),
               [this](Things& x) { *nameOf(x, m_kind, m_index) = m_name->text().toStdString(); });
    });
}

void ThingsLeaf::change(const QString& name, const Change& mutate, const QString& key) {
    Things t = things();
    mutate(t);
    m_document.change(
        name, [&](const document::Edits& e) { return e.setThings(t); }, key);
}

Spot ThingsLeaf::spotInHand() const {
    const Selection& s = m_document.selection();
    const Puppet& p = m_document.puppet();
    Spot spot;
    if (s.kind == Selection::Kind::mass && s.index >= 0 && s.index < static_cast<int>(p.masses.size())) {
        spot.mass = p.masses[static_cast<std::size_t>(s.index)].id;
        return spot;
    }
    const auto limb =
        static_cast<std::size_t>(std::clamp(s.limb, 0, std::max(0, static_cast<int>(p.limbs.size()) - 1)));
    if (p.limbs.empty()) return spot;
    spot.limb = p.limbs[limb].id;
    const int last = static_cast<int>(p.limbs[limb].segments.size()) - 1;
    spot.segment = s.kind == Selection::Kind::none ? last : std::clamp(s.index, 0, last);
    return spot;
}

QString ThingsLeaf::freshId(const QString& from) const {
    QString base = from;
    base.remove(QRegularExpression("[^a-z0-9]"));
    if (base.isEmpty()) base = "thing";
    Things t = things();
    for (int n = 1;; ++n) {
        const std::string id = (n == 1 ? base : base + QString::number(n)).toStdString();
        bool used = false;
        const auto look = [&](const auto& list) {
            for (const auto& x : list)
                used = used || x.id == id;
        };
        look(t.features), look(t.bonds), look(t.sheets), look(t.runs), look(t.props), look(t.variants);
        if (!used) return QString::fromStdString(id);
    }
}

void ThingsLeaf::add(ThingKind kind) {
    const Puppet& p = m_document.puppet();
    if (p.limbs.empty()) return Q_EMIT m_document.refused(tr("there is no body yet to put it on: draw a limb first"));
    const Spot here = spotInHand();
    const auto named = [&](auto& x, const QString& name, const char* id) {
        x.name = name.toStdString(), x.id = freshId(id).toStdString();
    };
    const double k = p.height_mm / 240;
    Things t = things();
    switch (kind) {
    case ThingKind::feature: {
        Feature f;
        named(f, tr("eye"), "eye");
        f.on = here, f.first_mm = std::round(80 * k) / 10;
        for (const auto& [id, card] : m_document.report().shelf.clays)
            if (f.clay.empty() && fill::isOvenBaked(card.family)) f.clay = id;
        t.features.push_back(f);
        break;
    }
    case ThingKind::bond: {
        Bond b;
        named(b, tr("pin"), "pin");
        b.from = here;
        if (t.base)
            b.to.base = true;
        else if (here.mass.empty())
            b.to.limb = here.limb, b.to.segment = here.segment > 0 ? here.segment - 1 : 1;
        else
            for (const Mass& m : p.masses)
                if (m.id == here.mass) b.to.limb = m.limb, b.to.segment = m.segment;
        b.kind = BondKind::pin, b.diameter_mm = 2, b.depth_mm = b.depthTo_mm = 8, b.clearance_mm = 0.2;
        b.wire = "steel-drawn", b.adhesive = "epoxy";
        t.bonds.push_back(b);
        break;
    }
    case ThingKind::base:
        if (!t.base)
            t.base =
                Base{BaseShape::rectangle, BaseStuff::softwood, std::round(120 * k), std::round(100 * k), 18, 0, 0, 0};
        break;
    case ThingKind::sheet: {
        Sheet s;
        named(s, tr("cape"), "cape");
        s.on = here, s.length_mm = std::round(70 * k), s.width_mm = std::round(50 * k), s.thickness_mm = 1.5;
        for (const auto& [id, card] : m_document.report().shelf.clays)
            if (s.clay.empty() && card.family == fill::ClayFamily::flexible) s.clay = id;
        t.sheets.push_back(s);
        break;
    }
    case ThingKind::run: {
        Run r;
        named(r, tr("cable"), "cable");
        const Spot on = here.limb.empty() ? Spot{p.limbs.front().id, 0, {}, {}, false} : here;
        r.limb = on.limb, r.toSegment = static_cast<int>(findLimb(p, on.limb)->segments.size()) - 1;
        r.outer_mm = 1.2, r.leastBend_mm = 6;
        t.runs.push_back(r);
        break;
    }
    case ThingKind::prop: {
        Prop x;
        named(x, tr("prop"), "prop");
        x.hand = here, x.mass_g = 3, x.grip_mm = 3;
        if (!x.hand.mass.empty() || x.hand.limb.empty()) x.hand = Spot{p.limbs.front().id, 0, {}, {}, false};
        t.props.push_back(x);
        break;
    }
    case ThingKind::variant: {
        if (p.masses.empty())
            return Q_EMIT m_document.refused(
                tr("nothing comes off yet: mark a head or hand as a piece of its own first"));
        Variant x;
        named(x, tr("second head"), "head");
        x.mass = here.mass.empty() ? p.masses.front().id : here.mass;
        t.variants.push_back(x);
        break;
    }
    case ThingKind::none:
        return;
    }
    m_kind = kind, m_index = countOf(t, kind) - 1;
    change(
        tr("Put on: %1").arg(nameOf(t, kind, m_index) ? QString::fromStdString(*nameOf(t, kind, m_index)) : tr("base")),
        [&](Things& x) { x = t; });
    show();
}

void ThingsLeaf::remove() {
    Things t = things();
    const auto i = static_cast<std::ptrdiff_t>(m_index);
    if (m_index < 0 || m_index >= countOf(t, m_kind)) return;
    const std::string* n = nameOf(t, m_kind, m_index);
    const QString name = n ? QString::fromStdString(*n) : tr("base");
    switch (m_kind) {
    case ThingKind::feature:
        t.features.erase(t.features.begin() + i);
        break;
    case ThingKind::bond:
        t.bonds.erase(t.bonds.begin() + i);
        break;
    case ThingKind::base:
        t.base.reset();
        break;
    case ThingKind::sheet:
        t.sheets.erase(t.sheets.begin() + i);
        break;
    case ThingKind::run:
        t.runs.erase(t.runs.begin() + i);
        break;
    case ThingKind::prop:
        t.props.erase(t.props.begin() + i);
        break;
    case ThingKind::variant:
        t.variants.erase(t.variants.begin() + i);
        break;
    case ThingKind::none:
        return;
    }
    change(tr("Take off: %1").arg(name), [&](Things& x) { x = t; });
    show();
}

void ThingsLeaf::choose(int row) {
    m_kind = ThingKind::none, m_index = -1;
    if (auto* item = m_list->item(row)) {
        m_kind = static_cast<ThingKind>(item->data(Qt::UserRole).toInt());
        m_index = item->data(Qt::UserRole + 1).toInt();
    }
    makeForm();
    showAnswer();
}

void ThingsLeaf::show() {
    Things t = things();
    const results::ThingsChecked& c = m_document.report().things;
    const QSignalBlocker quiet(m_list);
    QStringList lines;
    std::vector<std::pair<ThingKind, int>> order;
    for (ThingKind kind : kKindsInOrder)
        for (int i = 0; i < countOf(t, kind); ++i) {
            const auto k = static_cast<std::size_t>(i);
            const std::string* n = nameOf(t, kind, i);
            QString line = n ? QString::fromStdString(*n) : tr("base");
            if (kind == ThingKind::feature && k < c.features.size())
                line = tr("%1: %2, %3").arg(line).arg(c.features[k].count()).arg(Say::grams(c.features[k].mass_g));
            if (kind == ThingKind::base && c.base) line = tr("base: %1").arg(Say::grams(c.base->weight_g));
            if (kind == ThingKind::bond && k < c.bonds.size())
                line = c.bonds[k].governs < 0 ? tr("%1: not checked").arg(line)
                       : c.bonds[k].least() < 1
                           ? tr("%1: holds %2 % of what it must").arg(line, Say::number(100 * c.bonds[k].least(), 0))
                           : tr("%1: holds").arg(line);
            if (kind == ThingKind::sheet && k < c.sheets.size())
                line = tr("%1: %2").arg(line, Say::grams(c.sheets[k].mass_g));
            if (kind == ThingKind::prop) line = tr("%1: %2").arg(line, Say::grams(t.props[k].mass_g));
            lines << line;
            order.emplace_back(kind, i);
        }
    m_list->clear();
    int present = -1;
    for (std::size_t i = 0; i < order.size(); ++i) {
        auto* item = new QListWidgetItem(lines[static_cast<qsizetype>(i)], m_list);
        item->setData(Qt::UserRole, static_cast<int>(order[i].first));
        item->setData(Qt::UserRole + 1, order[i].second);
        if (order[i] == std::pair{m_kind, m_index}) present = static_cast<int>(i);
    }
    if (present < 0 && !order.empty()) present = 0;
    m_list->setCurrentRow(present);
    m_list->setVisible(!order.empty());
    m_kind = present < 0 ? ThingKind::none : order[static_cast<std::size_t>(present)].first;
    m_index = present < 0 ? -1 : order[static_cast<std::size_t>(present)].second;
    makeForm();
    showAnswer();
}

QList<std::pair<QString, QVariant>> ThingsLeaf::spots(bool base) const {
    QList<std::pair<QString, QVariant>> all;
    const Puppet& p = m_document.puppet();
    for (const Mass& m : p.masses)
        all << std::pair{QString::fromStdString(m.name), QVariant("m:" + QString::fromStdString(m.id))};
    for (const Limb& l : p.limbs)
        for (std::size_t i = 0; i < l.segments.size(); ++i)
            all << std::pair{
                tr("%1, %2").arg(QString::fromStdString(l.name), QString::fromStdString(l.segments[i].name)),
                QVariant(QString("l:%1:%2").arg(i).arg(QString::fromStdString(l.id)))};
    for (const Feature& f : p.things.features)
        all << std::pair{tr("on the %1").arg(QString::fromStdString(f.name)),
                         QVariant("f:" + QString::fromStdString(f.id))};
    if (base) all << std::pair{tr("the base"), QVariant("base")};
    return all;
}

void ThingsLeaf::number(const QString& label, const char* key, int kind, double low, double high, double step,
                        int decimals, const std::function<double&(Things&)>& of) {
    auto* f = new NumberField(static_cast<NumberField::Kind>(kind), low, high, step, decimals, label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    const QString merge = QString("%1.%2.%3").arg(static_cast<int>(m_kind)).arg(m_index).arg(key);
    connect(f, &NumberField::edited, this, [this, label, of, merge](double v) {
        change(
            label, [&](Things& t) { of(t) = v; }, merge);
    });
    m_shows.push_back([this, f, of] {
        Things t = things();
        f->show(of(t));
    });
}

void ThingsLeaf::whole(const QString& label, const char* key, int low, int high,
                       const std::function<int&(Things&)>& of) {
    auto* f = new NumberField(NumberField::Kind::plain, low, high, 1, 0, label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &NumberField::edited, this, [this, label, of, key = QString(key)](double v) {
        change(
            label, [&](Things& t) { of(t) = static_cast<int>(std::lround(v)); }, key);
    });
    m_shows.push_back([this, f, of] {
        Things t = things();
        f->show(of(t));
    });
}

void ThingsLeaf::word(const QString& label, const char* key, const QList<std::pair<QString, QVariant>>& entries,
                      const std::function<QVariant(const Things&)>& get,
                      const std::function<void(Things&, const QVariant&)>& set) {
    auto* f = new ChoiceField(label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &ChoiceField::edited, this,
            [this, label, set](const QVariant& v) { change(label, [&](Things& t) { set(t, v); }); });
    m_shows.push_back([this, f, entries, get] { f->show(entries, get(things())); });
}

void ThingsLeaf::place(const QString& label, const char* key, bool base, const std::function<Spot&(Things&)>& of) {
    auto* f = new ChoiceField(label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &ChoiceField::edited, this,
            [this, label, of](const QVariant& v) { change(label, [&](Things& t) { of(t) = spotOf(v.toString()); }); });
    m_shows.push_back([this, f, of, base] {
        Things t = things();
        f->show(spots(base), codeOf(of(t)));
    });
}

void ThingsLeaf::featureForm() {
    const auto i = static_cast<std::size_t>(m_index);
    const auto at = [i](Things& t) -> Feature& { return t.features[i]; };
    const auto of = [i](const Things& t) -> const Feature& { return t.features[i]; };
    using Kind = NumberField::Kind;
    place(tr("sits on"), "thingOn", false, [at](Things& t) -> Spot& { return at(t).on; });
    word(
        tr("side"), "thingSide", {{tr("both"), 0}, {tr("left"), 1}, {tr("right"), 2}},
        [of](const Things& t) { return static_cast<int>(of(t).side); },
        [at](Things& t, const QVariant& v) { at(t).side = static_cast<Side>(v.toInt()); });
    word(
        tr("shape"), "thingShape",
        {{tr("ball"), 0}, {tr("half a ball"), 1}, {tr("disc"), 2}, {tr("cone"), 3}, {tr("a piece as weighed"), 4}},
        [of](const Things& t) { return static_cast<int>(of(t).shape); },
        [at](Things& t, const QVariant& v) { at(t).shape = static_cast<FeatureShape>(v.toInt()); });
    number(tr("across"), "thingSize", static_cast<int>(Kind::length), 0, 1000, 0.5, 1,
           [at](Things& t) -> double& { return at(t).first_mm; });
    number(tr("the last one"), "thingLast", static_cast<int>(Kind::length), 0, 1000, 0.5, 1,
           [at](Things& t) -> double& { return at(t).last_mm; });
    number(tr("long or thick"), "thingLength", static_cast<int>(Kind::length), 0, 1000, 0.5, 1,
           [at](Things& t) -> double& { return at(t).length_mm; });
    number(tr("sunk, share"), "thingSunk", static_cast<int>(Kind::plain), 0, 1, 0.05, 2,
           [at](Things& t) -> double& { return at(t).sunk; });
    QList<std::pair<QString, QVariant>> clays{{tr("weighed instead"), ""}};
    for (const auto& [id, card] : m_document.report().shelf.clays)
        clays << std::pair{QString::fromStdString(card.name), QVariant(QString::fromStdString(id))};
    word(
        tr("clay"), "thingClay", clays, [of](const Things& t) { return QString::fromStdString(of(t).clay); },
        [at](Things& t, const QVariant& v) { at(t).clay = v.toString().toStdString(); });
    number(tr("one weighs"), "thingWeight", static_cast<int>(Kind::grams), 0, 10000, 0.5, 2,
           [at](Things& t) -> double& { return at(t).mass_g; });
    whole(tr("how many"), "thingCount", 1, 5000, [at](Things& t) -> int& { return at(t).count; });
    number(tr("from, share along"), "thingAt", static_cast<int>(Kind::plain), 0, 1, 0.05, 2,
           [at](Things& t) -> double& { return at(t).at; });
    number(tr("to, share along"), "thingTo", static_cast<int>(Kind::plain), 0, 1, 0.05, 2,
           [at](Things& t) -> double& { return at(t).to; });
    number(tr("round, degrees"), "thingAngle", static_cast<int>(Kind::plain), -360, 360, 5, 0,
           [at](Things& t) -> double& { return at(t).angle_deg; });
    number(tr("one every"), "thingPitch", static_cast<int>(Kind::length), 0, 500, 0.5, 1,
           [at](Things& t) -> double& { return at(t).pitch_mm; });
    number(tr("a row every"), "thingRows", static_cast<int>(Kind::length), 0, 500, 0.5, 1,
           [at](Things& t) -> double& { return at(t).rowPitch_mm; });
    number(tr("stands, °C"), "thingLimit", static_cast<int>(Kind::plain), 0, 1500, 10, 0,
           [at](Things& t) -> double& { return at(t).limit_C; });
    word(
        tr("fitted before"), "thingBefore",
        {{tr("bulk"), 1}, {tr("skin"), 2}, {tr("bake"), 3}, {tr("paint"), 4}, {tr("cover"), 5}, {tr("shooting"), 6}},
        [of](const Things& t) { return static_cast<int>(of(t).before); },
        [at](Things& t, const QVariant& v) { at(t).before = static_cast<Stage>(v.toInt()); });
    whole(tr("spares"), "thingSpares", 0, 1000, [at](Things& t) -> int& { return at(t).spares; });
}

void ThingsLeaf::bondForm() {
    const auto i = static_cast<std::size_t>(m_index);
    const auto at = [i](Things& t) -> Bond& { return t.bonds[i]; };
    const auto of = [i](const Things& t) -> const Bond& { return t.bonds[i]; };
    using Kind = NumberField::Kind;
    word(
        tr("by"), "bondKind",
        {{tr("wrap"), 0},
         {tr("pin"), 1},
         {tr("dowel in a tube"), 2},
         {tr("rod or screw"), 3},
         {tr("magnet"), 4},
         {tr("glue"), 5},
         {tr("putty"), 6},
         {tr("stitches"), 7}},
        [of](const Things& t) { return static_cast<int>(of(t).kind); },
        [at](Things& t, const QVariant& v) { at(t).kind = static_cast<BondKind>(v.toInt()); });
    place(tr("from"), "bondFrom", true, [at](Things& t) -> Spot& { return at(t).from; });
    place(tr("to"), "bondTo", true, [at](Things& t) -> Spot& { return at(t).to; });
    const auto mm = [&](const QString& label, const char* key, double Bond::*member, double high) {
        number(label, key, static_cast<int>(Kind::length), 0, high, 0.5, 1,
               [at, member](Things& t) -> double& { return at(t).*member; });
    };
    mm(tr("across"), "bondAcross", &Bond::diameter_mm, 200);
    mm(tr("deep in the first"), "bondDepth", &Bond::depth_mm, 200);
    mm(tr("deep in the second"), "bondDepthTo", &Bond::depthTo_mm, 200);
    mm(tr("free between"), "bondFree", &Bond::free_mm, 1000);
    mm(tr("hole wider by"), "bondClearance", &Bond::clearance_mm, 20);
    number(tr("magnet holds, N"), "bondHold", static_cast<int>(Kind::plain), 0, 1000, 1, 1,
           [at](Things& t) -> double& { return at(t).hold_N; });
    QList<std::pair<QString, QVariant>> glues{{tr("none"), ""}}, wires{{tr("not checked"), ""}};
    for (const document::AdhesiveCard& c : m_document.report().cards->adhesives)
        glues << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    for (const wire::MaterialCard& c : m_document.report().cards->wires)
        wires << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    word(
        tr("glue"), "bondGlue", glues, [of](const Things& t) { return QString::fromStdString(of(t).adhesive); },
        [at](Things& t, const QVariant& v) { at(t).adhesive = v.toString().toStdString(); });
    word(
        tr("pin of"), "bondWire", wires, [of](const Things& t) { return QString::fromStdString(of(t).wire); },
        [at](Things& t, const QVariant& v) { at(t).wire = v.toString().toStdString(); });
    word(
        tr("hole made before"), "bondBefore",
        {{tr("wire"), 0}, {tr("bulk"), 1}, {tr("skin"), 2}, {tr("bake"), 3}, {tr("paint"), 4}, {tr("cover"), 5}},
        [of](const Things& t) { return static_cast<int>(of(t).before); },
        [at](Things& t, const QVariant& v) { at(t).before = static_cast<Stage>(v.toInt()); });
    word(
        tr("comes off"), "bondOff", {{tr("no"), false}, {tr("yes"), true}},
        [of](const Things& t) { return of(t).comesOff; },
        [at](Things& t, const QVariant& v) { at(t).comesOff = v.toBool(); });
}

void ThingsLeaf::baseForm() {
    using Kind = NumberField::Kind;
    word(
        tr("shape"), "baseShape", {{tr("rectangle"), 0}, {tr("disc"), 1}, {tr("the set's floor"), 2}},
        [](const Things& t) { return static_cast<int>(t.base->shape); },
        [](Things& t, const QVariant& v) { t.base->shape = static_cast<BaseShape>(v.toInt()); });
    word(
        tr("of"), "baseStuff",
        {{tr("softwood"), 0},
         {tr("balsa"), 1},
         {tr("fibreboard"), 2},
         {tr("foam"), 3},
         {tr("plaster"), 4},
         {tr("metal"), 5}},
        [](const Things& t) { return static_cast<int>(t.base->stuff); },
        [](Things& t, const QVariant& v) { t.base->stuff = static_cast<BaseStuff>(v.toInt()); });
    const auto mm = [&](const QString& label, const char* key, double Base::*member, double low, double high) {
        number(label, key, static_cast<int>(Kind::length), low, high, 1, 1,
               [member](Things& t) -> double& { return (*t.base).*member; });
    };
    mm(tr("wide"), "baseWidth", &Base::width_mm, 1, 5000);
    mm(tr("deep"), "baseDepth", &Base::depth_mm, 1, 5000);
    mm(tr("thick"), "baseThick", &Base::thickness_mm, 0.5, 500);
    mm(tr("middle to the left"), "baseX", &Base::x_mm, -3000, 3000);
    mm(tr("middle to the front"), "baseZ", &Base::z_mm, -3000, 3000);
    number(tr("weighs, if weighed"), "baseWeight", static_cast<int>(Kind::grams), 0, 1e6, 10, 0,
           [](Things& t) -> double& { return t.base->weight_g; });
}

void ThingsLeaf::otherForms() {
    using Kind = NumberField::Kind;
    const auto i = static_cast<std::size_t>(m_index);
    const auto mm = [&](const QString& label, const char* key, const std::function<double&(Things&)>& of,
                        double low = 0) { number(label, key, static_cast<int>(Kind::length), low, 2000, 0.5, 1, of); };
    const auto yes = [&](const QString& label, const char* key, const std::function<bool&(Things&)>& of) {
        word(
            label, key, {{tr("not yet"), false}, {tr("done"), true}},
            [of](const Things& t) {
                Things copy = t;
                return of(copy);
            },
            [of](Things& t, const QVariant& v) { of(t) = v.toBool(); });
    };
    const auto sideOf = [&](const std::function<Side&(Things&)>& of) {
        word(
            tr("side"), "thingSide", {{tr("left"), 1}, {tr("right"), 2}},
            [of](const Things& t) {
                Things copy = t;
                return static_cast<int>(of(copy));
            },
            [of](Things& t, const QVariant& v) { of(t) = static_cast<Side>(v.toInt()); });
    };
    switch (m_kind) {
    case ThingKind::sheet: {
        place(tr("hangs on"), "thingOn", false, [i](Things& t) -> Spot& { return t.sheets[i].on; });
        mm(
            tr("long"), "sheetLength", [i](Things& t) -> double& { return t.sheets[i].length_mm; }, 0.5);
        mm(
            tr("wide"), "sheetWidth", [i](Things& t) -> double& { return t.sheets[i].width_mm; }, 0.5);
        mm(
            tr("thick"), "sheetThick", [i](Things& t) -> double& { return t.sheets[i].thickness_mm; }, 0.1);
        mm(tr("bent to a radius of"), "sheetRadius", [i](Things& t) -> double& { return t.sheets[i].radius_mm; });
        word(
            tr("inside"), "sheetCore", {{tr("nothing"), 0}, {tr("wire"), 1}, {tr("mesh"), 2}},
            [i](const Things& t) { return static_cast<int>(t.sheets[i].core); },
            [i](Things& t, const QVariant& v) { t.sheets[i].core = static_cast<SheetCore>(v.toInt()); });
        QList<std::pair<QString, QVariant>> clays{{tr("none"), ""}};
        for (const auto& [id, card] : m_document.report().shelf.clays)
            clays << std::pair{QString::fromStdString(card.name), QVariant(QString::fromStdString(id))};
        word(
            tr("clay"), "thingClay", clays, [i](const Things& t) { return QString::fromStdString(t.sheets[i].clay); },
            [i](Things& t, const QVariant& v) { t.sheets[i].clay = v.toString().toStdString(); });
        break;
    }
    case ThingKind::run:
        mm(
            tr("across"), "runAcross", [i](Things& t) -> double& { return t.runs[i].outer_mm; }, 0.1);
        mm(tr("may be bent to"), "runBend", [i](Things& t) -> double& { return t.runs[i].leastBend_mm; });
        yes(tr("tested before it is closed"), "runTested", [i](Things& t) -> bool& { return t.runs[i].tested; });
        break;
    case ThingKind::prop: {
        place(tr("held by"), "thingOn", false, [i](Things& t) -> Spot& { return t.props[i].hand; });
        sideOf([i](Things& t) -> Side& { return t.props[i].side; });
        number(tr("weighs"), "thingWeight", static_cast<int>(Kind::grams), 0, 10000, 0.5, 1,
               [i](Things& t) -> double& { return t.props[i].mass_g; });
        mm(tr("grip across"), "propGrip", [i](Things& t) -> double& { return t.props[i].grip_mm; });
        QList<std::pair<QString, QVariant>> poses{{tr("always"), ""}};
        for (const Pose& p : m_document.puppet().poses)
            poses << std::pair{QString::fromStdString(p.name), QVariant(QString::fromStdString(p.name))};
        word(
            tr("in the pose"), "propPose", poses,
            [i](const Things& t) { return QString::fromStdString(t.props[i].pose); },
            [i](Things& t, const QVariant& v) { t.props[i].pose = v.toString().toStdString(); });
        yes(tr("tried in the hand"), "propTried", [i](Things& t) -> bool& { return t.props[i].tried; });
        break;
    }
    case ThingKind::variant: {
        QList<std::pair<QString, QVariant>> masses;
        for (const Mass& m : m_document.puppet().masses)
            masses << std::pair{QString::fromStdString(m.name), QVariant(QString::fromStdString(m.id))};
        word(
            tr("instead of"), "variantSlot", masses,
            [i](const Things& t) { return QString::fromStdString(t.variants[i].mass); },
            [i](Things& t, const QVariant& v) { t.variants[i].mass = v.toString().toStdString(); });
        number(tr("weighs"), "thingWeight", static_cast<int>(Kind::grams), 0, 100000, 0.5, 1,
               [i](Things& t) -> double& { return t.variants[i].weighed_g; });
        number(tr("minutes to make"), "variantMinutes", static_cast<int>(Kind::plain), 0, 100000, 10, 0,
               [i](Things& t) -> double& { return t.variants[i].minutes; });
        break;
    }
    default:
        break;
    }
}

void ThingsLeaf::makeForm() {
    const QString of = QString("%1.%2.%3")
                           .arg(static_cast<int>(m_kind))
                           .arg(m_index)
                           .arg(QString::fromStdString(m_document.puppet().id));
    m_remove->setEnabled(m_kind != ThingKind::none);
    Things t = things();
    const std::string* name = nameOf(t, m_kind, m_index);
    m_name->setVisible(name != nullptr);
    if (name && !m_name->hasFocus()) m_name->setText(QString::fromStdString(*name));
    if (of != m_formOf) {
        m_formOf = of;
        m_shows.clear();
        auto* fresh = new QWidget;
        m_form = enkinet::app::makeForm();
        m_form->setContentsMargins(0, 0, 0, 0);
        fresh->setLayout(m_form);
        layout()->replaceWidget(m_fields, fresh);
        m_fields->setParent(nullptr);
        m_fields->deleteLater();
        m_fields = fresh;
        if (m_kind == ThingKind::feature) featureForm();
        if (m_kind == ThingKind::bond) bondForm();
        if (m_kind == ThingKind::base) baseForm();
        otherForms();
    }
    for (const auto& each : m_shows)
        each();
}

void ThingsLeaf::showAnswer() {
    const results::ThingsChecked& c = m_document.report().things;
    const auto i = static_cast<std::size_t>(std::max(0, m_index));
    QStringList words;
    m_picture->clear();
    if (m_kind == ThingKind::none)
        words << tr(
            "Nothing sits on the body yet. Take a part of the figure in hand and put on what it carries: an eye, "
            "teeth, a strap, a base under its feet, a letter in its hand.");
    if (m_kind == ThingKind::feature && i < c.features.size()) {
        m_picture->showFeature(m_index);
        const fill::FeatureWork& w = c.features[i];
        words << (w.first_g == w.last_g ? tr("One weighs %1, all %2.").arg(Say::grams(w.first_g), Say::grams(w.mass_g))
                                        : tr("The first weighs %1, the last %2, all %3.")
                                              .arg(Say::grams(w.first_g), Say::grams(w.last_g), Say::grams(w.mass_g)));
        if (w.rows > 1) words << tr("%1 along, %2 rows round.").arg(w.alongCount).arg(w.rows);
        words << (std::isnan(w.minutes.value)
                      ? tr("Time one, and it says how long all take.")
                      : tr("%1 for all, %2 to %3.")
                            .arg(Say::minutes(w.minutes), Say::minutes(w.least_min), Say::minutes(w.most_min)));
        if (!std::isnan(w.breakEven.value))
            words << tr("A stamp or mould pays from %1.").arg(static_cast<int>(w.breakEven));
    }
    if (m_kind == ThingKind::base && c.base) {
        m_picture->showBase();
        const results::BaseCheck& b = *c.base;
        words << tr("Leaning, the weight stands %1 inside the edge; %2 are wanted.")
                     .arg(Say::length(b.leaned_mm), Say::length(b.wanted_mm));
        if (!b.joint.empty())
            words
                << (b.stands >= results::kTipSpare
                        ? tr("No hand pushes it over: posing the %1 takes %2 N at %3, and it stands %4 times that.")
                              .arg(QString::fromStdString(b.joint), Say::figure(b.push_N), Say::length(b.push_mm, 0),
                                   Say::figure(b.stands))
                    : b.leastWidth_mm > 2 * std::max(things().base->width_mm, things().base->depth_mm)
                        ? tr("Posing the %1 takes %2 N at %3 and pushes any base of a sensible size over: clamp it, or "
                             "keep the other hand on its near side.")
                              .arg(QString::fromStdString(b.joint), Say::figure(b.push_N), Say::length(b.push_mm, 0))
                        : tr("Posing the %1 takes %2 N at %3 and pushes it over. %4 wide or %5 heavy would stand; or "
                             "clamp it.")
                              .arg(QString::fromStdString(b.joint), Say::figure(b.push_N), Say::length(b.push_mm, 0),
                                   Say::length(b.leastWidth_mm, 0), Say::grams(b.leastWeight_g)));
        QStringList holes;
        for (const results::Hole& h : b.holes)
            holes << tr("%1 %2, %3 deep")
                         .arg(QString::fromStdString(h.name), Say::length(h.diameter_mm), Say::length(h.depth_mm));
        if (!holes.isEmpty()) words << tr("Holes: %1. Their places are printed at 1:1.").arg(holes.join(tr("; ")));
    }
    if (m_kind == ThingKind::bond && i < c.bonds.size()) {
        m_picture->showBond(m_index);
        const results::BondCheck& b = c.bonds[i];
        words << (b.governs < 0 ? tr("Not checked: give it a size, and a glue or a wire.")
                  : b.least() < 1
                      ? tr("Does not hold: %1 % of what %2 N and %3 N·mm ask.")
                            .arg(Say::number(100 * b.least(), 0), Say::figure(b.force_N), Say::figure(b.moment_Nmm))
                      : tr("Holds, %1 times what %2 N and %3 N·mm ask.")
                            .arg(Say::figure(b.least()), Say::figure(b.force_N), Say::figure(b.moment_Nmm)));
        if (!std::isnan(b.wall_mm))
            words << tr("%1 of wall beside the hole, %2 at least.")
                         .arg(Say::length(b.wall_mm), Say::length(results::kLeastWall_mm));
    }
    if (m_kind == ThingKind::sheet && i < c.sheets.size()) {
        const results::SheetCheck& s = c.sheets[i];
        words << tr("%1; cut it %2 long.").arg(Say::grams(s.mass_g), Say::length(s.pattern_mm));
        if (!std::isnan(s.raw.value))
            words << (s.raw >= 1 ? tr("Carries itself raw.")
                                 : tr("Sags raw: mesh or wire inside, thicker, or propped until it is cured."));
        if (s.leastRadius_mm > 0) words << tr("Cured it stands a bend to %1.").arg(Say::length(s.leastRadius_mm));
    }
    if (m_kind == ThingKind::run && i < c.runs.size()) {
        const results::RunCheck& r = c.runs[i];
        words << tr("%1 of wall beside the wire at the narrowest, in the %2; %3 at least.")
                     .arg(Say::length(r.wall_mm), QString::fromStdString(r.wallAt),
                          Say::length(results::kLeastWall_mm));
        if (r.bend_mm > 0)
            words << tr("Bent to %1 at the %2.").arg(Say::length(r.bend_mm), QString::fromStdString(r.bendAt));
        words << tr("Low voltage only, and lit once before it is closed.");
    }
    m_answer->setText(words.join(" "));
}

} // namespace enkinet::app
