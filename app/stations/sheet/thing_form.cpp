#include "stations/sheet/thing_form.h"
#include "widgets/fields.h"
#include "widgets/row_list.h"
#include <QCheckBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QRegularExpression>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

namespace {

QString codeOf(const Spot& s) {
    if (s.isNowhere()) return {};
    if (s.base) return "base";
    if (!s.feature.empty()) return "f:" + QString::fromStdString(s.feature);
    if (!s.mass.empty()) return "m:" + QString::fromStdString(s.mass);
    return QString("l:%1:%2").arg(s.segment).arg(QString::fromStdString(s.limb));
}

Spot spotOf(const QString& code) {
    Spot s;
    if (code.isEmpty()) return s;
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

} // namespace

ThingForm::ThingForm(Document& document, ThingKind kind, int index, QWidget* parent)
    : QWidget(parent), m_document(document), m_form(makeForm()), m_kind(kind), m_index(index) {
    m_form->setContentsMargins(0, 0, 0, 0);
    setLayout(m_form);
    if (kind == ThingKind::feature) featureForm();
    if (kind == ThingKind::bond) bondForm();
    if (kind == ThingKind::base) baseForm();
    otherForms();
    show();
}

void ThingForm::show() {
    for (const auto& each : m_shows)
        each();
}

void ThingForm::change(const QString& name, const Change& mutate, Document::Merge merge) {
    Things t = things();
    mutate(t);
    m_document.change(
        name, [&](const document::Edits& e) { return e.setThings(t); }, merge);
}

QList<std::pair<QString, QVariant>> ThingForm::spots(bool base) const {
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

void ThingForm::number(const QString& label, const char* key, int kind, double low, double high, double step,
                       int decimals, const std::function<double&(Things&)>& of) {
    auto* f = new NumberField(static_cast<NumberField::Kind>(kind), low, high, step, decimals, label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &NumberField::edited, this, [this, label, of](double v) {
        change(
            label, [&](Things& t) { of(t) = v; }, Document::Merge::yes);
    });
    m_shows.push_back([this, f, of] {
        Things t = things();
        f->show(of(t));
    });
}

void ThingForm::whole(const QString& label, const char* key, int low, int high,
                      const std::function<int&(Things&)>& of) {
    auto* f = new NumberField(NumberField::Kind::whole, low, high, 1, 0, label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &NumberField::edited, this, [this, label, of](double v) {
        change(
            label, [&](Things& t) { of(t) = static_cast<int>(std::lround(v)); }, Document::Merge::yes);
    });
    m_shows.push_back([this, f, of] {
        Things t = things();
        f->show(of(t));
    });
}

void ThingForm::word(const QString& label, const char* key, const QList<std::pair<QString, QVariant>>& entries,
                     const std::function<QVariant(const Things&)>& get,
                     const std::function<void(Things&, const QVariant&)>& set) {
    auto* f = new ChoiceField(label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &ChoiceField::edited, this,
            [this, label, set](const QVariant& v) { change(label, [&](Things& t) { set(t, v); }); });
    m_shows.push_back([this, f, entries, get] { f->show(entries, get(things())); });
}

void ThingForm::place(const QString& label, const char* key, bool base, const std::function<Spot&(Things&)>& of,
                      const QString& nowhere) {
    auto* f = new ChoiceField(label);
    f->setObjectName(key);
    m_form->addRow(label, f);
    connect(f, &ChoiceField::edited, this,
            [this, label, of](const QVariant& v) { change(label, [&](Things& t) { of(t) = spotOf(v.toString()); }); });
    m_shows.push_back([this, f, of, base, nowhere] {
        Things t = things();
        auto all = spots(base);
        if (!nowhere.isEmpty()) all.prepend({nowhere, QString()});
        f->show(all, codeOf(of(t)));
    });
}
void ThingForm::featureForm() {
    const auto i = static_cast<std::size_t>(m_index);
    const auto at = [i](Things& t) -> Feature& { return t.features[i]; };
    const auto of = [i](const Things& t) -> const Feature& { return t.features[i]; };
    using Kind = NumberField::Kind;
    place(tr("sits on"), "thingOn", false, [at](Things& t) -> Spot& { return at(t).on; });
    word(
        tr("side"), "thingSide", {{tr("both"), 0}, {tr("left"), 1}, {tr("right"), 2}},
        [of](const Things& t) { return static_cast<int>(of(t).side); },
        [at](Things& t, const QVariant& v) { at(t).side = static_cast<body::Side>(v.toInt()); });
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
    word(
        tr("clay"), "thingClay", clays(tr("weighed instead")),
        [of](const Things& t) { return QString::fromStdString(of(t).clay); },
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
    number(tr("stands"), "thingLimit", static_cast<int>(Kind::heat), 0, 1500, 10, 0,
           [at](Things& t) -> double& { return at(t).limit_C; });
    word(
        tr("fitted before"), "thingBefore",
        {{tr("bulk"), 1}, {tr("skin"), 2}, {tr("bake"), 3}, {tr("paint"), 4}, {tr("cover"), 5}, {tr("shooting"), 6}},
        [of](const Things& t) { return static_cast<int>(of(t).before); },
        [at](Things& t, const QVariant& v) { at(t).before = static_cast<Stage>(v.toInt()); });
    whole(tr("spares"), "thingSpares", 0, 1000, [at](Things& t) -> int& { return at(t).spares; });
    word(
        tr("made"), "thingApart", {{tr("on the body"), false}, {tr("apart, then put on"), true}},
        [of](const Things& t) { return of(t).apart; },
        [at](Things& t, const QVariant& v) { at(t).apart = v.toBool(); });
    word(
        tr("goes on"), "thingHard", {{tr("raw"), false}, {tr("hard"), true}},
        [of](const Things& t) { return of(t).hard; }, [at](Things& t, const QVariant& v) { at(t).hard = v.toBool(); });
    timedRows();
    number(tr("stamp or mould, min"), "thingTool", static_cast<int>(Kind::plain), 0, 6000, 5, 0,
           [at](Things& t) -> double& { return at(t).tool_min; });
    number(tr("one with it, s"), "thingToolEach", static_cast<int>(Kind::plain), 0, 36000, 5, 0,
           [at](Things& t) -> double& { return at(t).toolEach_s; });
}

void ThingForm::timedRows() {
    const auto i = static_cast<std::size_t>(m_index);
    auto* timed = new QLineEdit;
    timed->setObjectName("thingTimed");
    timed->setAccessibleName(tr("Seconds that one took, as often as it was timed"));
    timed->setPlaceholderText(tr("time one: 42 55 48"));
    m_form->addRow(tr("one takes, s"), timed);
    connect(timed, &QLineEdit::editingFinished, this, [this, timed, i] {
        static const QRegularExpression gap("[ ;/]+");
        std::vector<double> samples;
        for (const QString& word : timed->text().split(gap, Qt::SkipEmptyParts)) {
            bool ok = false;
            samples.push_back(QString(word).replace(',', '.').toDouble(&ok));
            if (!ok) {
                Q_EMIT m_document.refused(tr("\"%1\" is no number of seconds: such as 42 55 48").arg(word.left(20)));
                return;
            }
        }
        if (samples == things().features[i].timed_s) return;
        change(tr("Timed"), [&](Things& t) { t.features[i].timed_s = samples; });
    });
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    // Words of the file, said as the builder says them.
    const std::pair<const char*, QString> sides[] = {{"front", tr("front")},
                                                     {"back", tr("back")},
                                                     {"left", tr("left")},
                                                     {"right", tr("right")},
                                                     {"below", tr("below")}};
    std::vector<std::pair<std::string, QCheckBox*>> ticks;
    for (const auto& [key, text] : sides) {
        auto* tick = new QCheckBox(text);
        tick->setObjectName(QString("signed_") + key);
        tick->setAccessibleName(tr("Signed off from: %1").arg(text));
        row->addWidget(tick);
        ticks.emplace_back(key, tick);
        connect(tick, &QCheckBox::clicked, this, [this, i, key = std::string(key), text = text](bool on) {
            change(tr("Signed off: %1").arg(text), [&](Things& t) {
                std::erase(t.features[i].ticked, key);
                if (on) t.features[i].ticked.push_back(key);
            });
        });
    }
    m_form->addRow(box);
    m_shows.push_back([this, timed, ticks, i] {
        if (i >= things().features.size()) return;
        const Feature& f = things().features[i];
        QStringList words;
        for (double t : f.timed_s)
            words << QString::number(t);
        if (!timed->hasFocus() || !timed->isModified()) timed->setText(words.join(' '));
        for (const auto& [key, tick] : ticks)
            tick->setChecked(std::find(f.ticked.begin(), f.ticked.end(), key) != f.ticked.end());
    });
}

void ThingForm::bondForm() {
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
        tr("in the body"), "bondSocket", {{tr("a bare hole"), false}, {tr("tube or putty on the wire"), true}},
        [of](const Things& t) { return of(t).socket; },
        [at](Things& t, const QVariant& v) { at(t).socket = v.toBool(); });
    word(
        tr("comes off"), "bondOff", {{tr("no"), false}, {tr("yes"), true}},
        [of](const Things& t) { return of(t).comesOff; },
        [at](Things& t, const QVariant& v) { at(t).comesOff = v.toBool(); });
    word(
        tr("the first is stuck on"), "bondRaw", {{tr("hard"), false}, {tr("raw"), true}},
        [of](const Things& t) { return of(t).raw; }, [at](Things& t, const QVariant& v) { at(t).raw = v.toBool(); });
    word(
        tr("paint on its faces"), "bondPaint", {{tr("as it falls"), false}, {tr("kept off"), true}},
        [of](const Things& t) { return of(t).paintOff; },
        [at](Things& t, const QVariant& v) { at(t).paintOff = v.toBool(); });
    glueShelf();
}

void ThingForm::glueShelf() {
    auto* shelf = new RowList(3);
    shelf->setObjectName("glueShelf");
    shelf->setAccessibleName(tr("Glues that are on the shelf"));
    m_form->addRow(tr("on the shelf"), shelf);
    connect(shelf, &QListWidget::itemChanged, this, [this](QListWidgetItem* i) {
        const std::string card = i->data(Qt::UserRole).toString().toStdString();
        const bool there = i->checkState() == Qt::Checked;
        m_document.change(there ? tr("%1 is on the shelf").arg(i->text()) : tr("No %1 on the shelf").arg(i->text()),
                          [&](const document::Edits& e) { return e.setGlue(card, there); });
    });
    m_shows.push_back([this, shelf] {
        const QSignalBlocker quiet(shelf);
        const int row = shelf->currentRow();
        shelf->clear();
        const auto& there = m_document.production().stock.glues;
        for (const document::AdhesiveCard& c : m_document.report().cards->adhesives) {
            auto* item = new QListWidgetItem(QString::fromStdString(c.name), shelf);
            item->setData(Qt::UserRole, QString::fromStdString(c.id));
            item->setToolTip(QString::fromStdString(c.note));
            item->setCheckState(std::find(there.begin(), there.end(), c.id) != there.end() ? Qt::Checked
                                                                                           : Qt::Unchecked);
        }
        shelf->setCurrentRow(row);
    });
}

void ThingForm::baseForm() {
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

void ThingForm::otherForms() {
    using Kind = NumberField::Kind;
    const auto i = static_cast<std::size_t>(m_index);
    const auto mm = [&](const QString& label, const char* key, const std::function<double&(Things&)>& of, double low,
                        double high) { number(label, key, static_cast<int>(Kind::length), low, high, 0.5, 1, of); };
    const auto yes = [&](const QString& label, const char* key, const std::function<bool&(Things&)>& of) {
        word(
            label, key, {{tr("not yet"), false}, {tr("done"), true}},
            [of](const Things& t) {
                Things copy = t;
                return of(copy);
            },
            [of](Things& t, const QVariant& v) { of(t) = v.toBool(); });
    };
    const auto sideOf = [&](const std::function<body::Side&(Things&)>& of) {
        word(
            tr("side"), "thingSide", {{tr("left"), 1}, {tr("right"), 2}},
            [of](const Things& t) {
                Things copy = t;
                return static_cast<int>(of(copy));
            },
            [of](Things& t, const QVariant& v) { of(t) = static_cast<body::Side>(v.toInt()); });
    };
    switch (m_kind) {
    case ThingKind::sheet: {
        place(tr("hangs on"), "thingOn", false, [i](Things& t) -> Spot& { return t.sheets[i].on; });
        place(
            tr("and on"), "thingTo", false, [i](Things& t) -> Spot& { return t.sheets[i].to; }, tr("nothing else"));
        mm(
            tr("long"), "sheetLength", [i](Things& t) -> double& { return t.sheets[i].length_mm; }, 0.5, 2000);
        mm(
            tr("wide"), "sheetWidth", [i](Things& t) -> double& { return t.sheets[i].width_mm; }, 0.5, 2000);
        mm(
            tr("thick"), "sheetThick", [i](Things& t) -> double& { return t.sheets[i].thickness_mm; }, 0.05, 50);
        mm(
            tr("bent to a radius of"), "sheetRadius", [i](Things& t) -> double& { return t.sheets[i].radius_mm; }, 0,
            5000);
        word(
            tr("inside"), "sheetCore", {{tr("nothing"), 0}, {tr("wire"), 1}, {tr("mesh"), 2}},
            [i](const Things& t) { return static_cast<int>(t.sheets[i].core); },
            [i](Things& t, const QVariant& v) { t.sheets[i].core = static_cast<SheetCore>(v.toInt()); });
        word(
            tr("clay"), "thingClay", clays(tr("none")),
            [i](const Things& t) { return QString::fromStdString(t.sheets[i].clay); },
            [i](Things& t, const QVariant& v) {
                t.sheets[i].clay = v.toString().toStdString();
                // One or the other: a sheet is of clay or of cloth.
                if (!t.sheets[i].clay.empty()) t.sheets[i].cover.clear();
            });
        QList<std::pair<QString, QVariant>> cloths{{tr("none"), ""}};
        for (const fill::CoverCard& c : m_document.report().cards->covers)
            cloths << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
        word(
            tr("cloth"), "sheetCloth", cloths,
            [i](const Things& t) { return QString::fromStdString(t.sheets[i].cover); },
            [i](Things& t, const QVariant& v) {
                t.sheets[i].cover = v.toString().toStdString();
                if (!t.sheets[i].cover.empty()) t.sheets[i].clay.clear();
            });
        word(
            tr("bent"), "sheetBent", {{tr("raw, and cured so"), true}, {tr("once it is cured"), false}},
            [i](const Things& t) { return t.sheets[i].bentRaw; },
            [i](Things& t, const QVariant& v) { t.sheets[i].bentRaw = v.toBool(); });
        break;
    }
    case ThingKind::run:
        word(
            tr("runs in"), "runLimb", limbs(), [i](const Things& t) { return QString::fromStdString(t.runs[i].limb); },
            [this, i](Things& t, const QVariant& v) {
                body::Run& r = t.runs[i];
                r.limb = v.toString().toStdString();
                if (const body::Limb* l = body::findLimb(m_document.puppet(), r.limb))
                    r.fromSegment = 0, r.toSegment = static_cast<int>(l->segments.size()) - 1;
            });
        mm(
            tr("across"), "runAcross", [i](Things& t) -> double& { return t.runs[i].outer_mm; }, 0.1, 50);
        mm(
            tr("may be bent to"), "runBend", [i](Things& t) -> double& { return t.runs[i].leastBend_mm; }, 0, 500);
        yes(tr("tested before it is closed"), "runTested", [i](Things& t) -> bool& { return t.runs[i].tested; });
        break;
    case ThingKind::prop: {
        place(tr("held by"), "thingOn", false, [i](Things& t) -> Spot& { return t.props[i].hand; });
        sideOf([i](Things& t) -> body::Side& { return t.props[i].side; });
        number(tr("weighs"), "thingWeight", static_cast<int>(Kind::grams), 0, 10000, 0.5, 1,
               [i](Things& t) -> double& { return t.props[i].mass_g; });
        mm(
            tr("grip across"), "propGrip", [i](Things& t) -> double& { return t.props[i].grip_mm; }, 0, 200);
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
        mm(
            tr("long"), "variantLength", [i](Things& t) -> double& { return t.variants[i].length_mm; }, 0, 3000);
        number(tr("minutes to make"), "variantMinutes", static_cast<int>(Kind::plain), 0, 100000, 10, 0,
               [i](Things& t) -> double& { return t.variants[i].minutes; });
        break;
    }
    default:
        break;
    }
}

QList<std::pair<QString, QVariant>> ThingForm::limbs() const {
    QList<std::pair<QString, QVariant>> all;
    for (const Limb& l : m_document.puppet().limbs)
        all << std::pair{QString::fromStdString(l.name), QVariant(QString::fromStdString(l.id))};
    return all;
}

QList<std::pair<QString, QVariant>> ThingForm::clays(const QString& none) const {
    QList<std::pair<QString, QVariant>> all{{none, ""}};
    for (const auto& [id, card] : m_document.report().shelf.clays)
        all << std::pair{QString::fromStdString(card.name), QVariant(QString::fromStdString(id))};
    return all;
}

} // namespace enkinet::app
