#include "stations/skin/oven_tab.h"
#include "document/translated.h"
#include "files/container.h"
#include "files/oven_log_file.h"
#include "stations/page.h"
#include "stations/skin/bake_plot.h"
#include "stations/station_rows.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFileDialog>
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kOvenRow = 20;
constexpr std::size_t kRows = 6;
/// What a row of members stands for.
constexpr int kLimb = 0, kMass = 1;
} // namespace

HeatView::HeatView(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("heat");
    setAccessibleName(tr("Minutes at heat of each part, against what its clay stands"));
}

void HeatView::refresh() {
    m_rows.clear();
    if (m_document.hasPuppet()) gather(m_document.report());
    setFixedHeight(static_cast<int>(kOvenRow * static_cast<double>(m_rows.size())) + 4);
    update();
}

void HeatView::gather(const results::Report& r) {
    // Of a left and a right one that went through the same, one speaks for both.
    const auto& c = r.choice;
    for (const fill::HeatEntry& e : r.bakePlan.ledger) {
        const fill::Part& p = c.parts[static_cast<std::size_t>(e.part)];
        const bool right =
            p.mass >= 0
                ? c.rest.masses[static_cast<std::size_t>(p.mass)].right
                : c.rest.copies[static_cast<std::size_t>(c.rest.links[static_cast<std::size_t>(p.link)].copy)].right;
        if (right) continue;
        const QString label = translated(p.label);
        m_rows.push_back({e.coat < 0 ? label : tr("%1, coat %2").arg(label).arg(e.coat + 1), e});
    }
    const auto spent = [](const Row& row) {
        return row.heat.limit_min > 0 ? row.heat.atHeat_min / row.heat.limit_min : 0;
    };
    std::stable_sort(m_rows.begin(), m_rows.end(), [&](const auto& a, const auto& b) { return spent(a) > spent(b); });
    if (m_rows.size() > kRows) m_rows.resize(kRows);
}

void HeatView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(deskFont(9));
    const double left = 118, right = width() - 150;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        const fill::HeatEntry& e = m_rows[i].heat;
        const double y = kOvenRow * static_cast<double>(i);
        p.setPen(look().ink);
        drawFitted(p, QRectF(0, y, left - 6, kOvenRow), Qt::AlignRight | Qt::AlignVCenter, m_rows[i].name);
        p.fillRect(QRectF(left, y + 5, right - left, kOvenRow - 10), look().shade);
        const double share = e.limit_min > 0 ? e.atHeat_min / e.limit_min : 0;
        p.fillRect(QRectF(left, y + 5, (right - left) * std::min(1.0, share), kOvenRow - 10),
                   e.over() ? look().slack : look().copper);
        p.setPen(e.over() ? look().slack : look().ink);
        p.drawText(
            QRectF(right + 6, y, 146, kOvenRow), Qt::AlignLeft | Qt::AlignVCenter,
            tr("%1 of %2 min, %3 ×").arg(Text::number(e.atHeat_min, 0), Text::number(e.limit_min, 0)).arg(e.bakes));
    }
}

OvenTab::OvenTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    m_empty = makeText();
    m_empty->setText(tr("Nothing here goes into the oven."));
    outer->addWidget(m_empty);
    m_all = new QWidget;
    outer->addWidget(m_all);
    auto* v = new QVBoxLayout(m_all);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_school = new ChoiceField(tr("How it is baked"));
    m_school->setObjectName("bakeSchool");
    v->addWidget(m_school);
    m_schools = makeText(true);
    m_schools->setObjectName("bakeSchools");
    auto* loads = new RowList(4);
    loads->hold();
    m_loads = loads;
    m_loads->setObjectName("loads");
    m_loads->setAccessibleName(tr("Loads of the oven, in order"));
    v->addWidget(m_loads);
    m_rows = new StationTable(document, "ovenTable");
    v->addWidget(m_rows);

    m_editor = new QWidget;
    auto* e = new QVBoxLayout(m_editor);
    e->setContentsMargins(0, 0, 0, 0);
    e->setSpacing(5);
    e->addLayout(makeButtonRow(this, {{tr("New load"), "loadAdd",
                                       [this] {
                                           changeWants(tr("A new load"), [](body::Wants& w) {
                                               w.loads.push_back({tr("load %1").arg(w.loads.size() + 1).toStdString()});
                                           });
                                           m_loads->setCurrentRow(m_loads->count() - 1);
                                       }},
                                      {tr("Remove load"), "loadRemove", [this] {
                                           const int row = m_loads->currentRow();
                                           changeWants(tr("Remove a load"), [&](body::Wants& w) {
                                               if (row >= 0 && row < static_cast<int>(w.loads.size()))
                                                   w.loads.erase(w.loads.begin() + row);
                                           });
                                       }}}));
    m_name = new QLineEdit;
    m_name->setObjectName("loadName");
    m_name->setAccessibleName(tr("Name of the load"));
    m_set =
        new NumberField(NumberField::Kind::heat, 0, 400, 5, 0, tr("Set point; the lowest stands for the clay's own"));
    m_set->setObjectName("loadSet");
    m_set->setSpecialValueText(tr("the clay's own"));
    m_minutes = new NumberField(NumberField::Kind::plain, 0, 1440, 5, 0, tr("Minutes, 0 for as long as it takes"));
    m_minutes->setObjectName("loadMinutes");
    m_minutes->setSuffix(tr(" min"));
    m_minutes->setSpecialValueText(tr("as long as it takes"));
    m_again = new ChoiceField(tr("What was baked before"));
    m_again->setObjectName("loadAgain");
    auto* form = makeForm();
    form->addRow(tr("name"), m_name);
    form->addRow(tr("set point"), m_set);
    form->addRow(tr("minutes"), m_minutes);
    form->addRow(tr("baked before"), m_again);
    e->addLayout(form);
    m_members = new RowList(7);
    m_members->setObjectName("loadMembers");
    m_members->setAccessibleName(tr("What this load cures"));
    e->addWidget(m_members);
    v->addWidget(m_editor);

    m_plot = new BakePlot;
    m_legend = makeText();
    m_legend->setTextFormat(Qt::RichText);
    m_heat = new HeatView(document);
    m_bench = new QWidget;
    m_bench->setObjectName("ovenBench");
    auto* b = new QVBoxLayout(m_bench);
    b->setContentsMargins(24, 16, 24, 16);
    b->setSpacing(8);
    auto* oven = makeTitle();
    oven->setText(tr("The oven"));
    b->addWidget(oven);
    b->addWidget(m_schools);
    b->addWidget(m_plot, 1);
    b->addWidget(m_legend);
    b->addWidget(makeHeading(tr("Heat spent: minutes at heat, load by load, against what the clay stands")));
    b->addWidget(m_heat);
    m_gateHead = makeHeading(tr("Last look before the door is shut"));
    v->addWidget(m_gateHead);
    m_gate = new RowList(14);
    m_gate->setObjectName("gate");
    m_gate->setAccessibleName(tr("Last look before the door is shut"));
    m_gate->setSelectionMode(QAbstractItemView::NoSelection);
    v->addWidget(m_gate);
    v->addWidget(makeHeading(tr("What else goes in")));
    m_things = new RowList(5);
    m_things->setObjectName("ovenThings");
    m_things->setAccessibleName(tr("Other things in the oven"));
    v->addWidget(m_things);
    v->addWidget(makeHeading(tr("This oven")));
    m_probe = makeText();
    m_probe->setObjectName("probe");
    v->addWidget(m_probe);
    m_fan = new ChoiceField(tr("Does the oven blow"));
    m_fan->setObjectName("ovenFan");
    v->addWidget(m_fan);
    v->addLayout(makeButtonRow(this, {{tr("A probe's log…"), "ovenLog", [this] { readLog(); }},
                                      {tr("Forget the log"), "ovenForget", [this] {
                                           fill::Shop shop = m_document.production().stock.shop;
                                           shop.oven = {};
                                           m_document.change(tr("Forget the oven's log"),
                                                             [&](const document::Edits& x) { return x.setShop(shop); });
                                       }}}));
    auto* caution = makeText(true);
    caution->setText(Text::caution(make::Caution::air_oven));
    v->addWidget(caution);

    connect(m_school, &ChoiceField::edited, this,
            [this](const QVariant& x) { setSchool(static_cast<body::BakeSchool>(x.toInt())); });
    connect(m_loads, &QListWidget::currentRowChanged, this, [this] { showEditor(), showGate(); });
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (!m_name->isModified()) return;
        const std::string name = m_name->text().trimmed().toStdString();
        changeLoad(tr("Name of a load"), [&](body::OvenLoad& l) { l.name = name; });
    });
    connect(m_set, &NumberField::edited, this, [this](double C) {
        changeLoad(
            tr("A load at %1").arg(Text::temperature(C)), [&](body::OvenLoad& l) { l.set_C = C; },
            Document::Merge::yes);
        showEditor();
    });
    connect(m_minutes, &NumberField::edited, this, [this](double min) {
        changeLoad(
            tr("A load of %1 min").arg(Text::number(min, 0)), [&](body::OvenLoad& l) { l.minutes = min; },
            Document::Merge::yes);
    });
    connect(m_again, &ChoiceField::edited, this, [this](const QVariant& x) {
        changeLoad(tr("What goes in again"), [&](body::OvenLoad& l) { l.withEarlier = x.toBool(); });
    });
    connect(m_members, &QListWidget::itemChanged, this, &OvenTab::ticked);
    connect(m_things, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        const std::string id = item->data(Qt::UserRole).toString().toStdString();
        const bool on = item->checkState() == Qt::Checked;
        changeWants(on ? tr("Into the oven: %1").arg(item->text()) : tr("Not into the oven: %1").arg(item->text()),
                    [&](body::Wants& w) {
                        std::erase(w.inOven, id);
                        if (on) w.inOven.push_back(id);
                    });
    });
    connect(m_fan, &ChoiceField::edited, this, [this](const QVariant& x) {
        fill::Shop shop = m_document.production().stock.shop;
        shop.fan = x.toBool();
        m_document.change(shop.fan ? tr("The oven blows") : tr("The oven's air is still"),
                          [&](const document::Edits& e2) { return e2.setShop(shop); });
    });
}

bool OvenTab::own() const { return m_document.puppet().wants.bakes == body::BakeSchool::own; }

void OvenTab::show() {
    const results::Report& r = m_document.report();
    const bool any = !r.bakes.empty();
    m_empty->setVisible(!any);
    m_all->setVisible(any);
    // The bench is seen whether there is a load or not: it shows none of the puppet before.
    m_heat->refresh();
    m_plot->show(r);
    m_legend->setText(BakePlot::legend(r));
    if (!any) {
        m_schools->clear();
        return;
    }
    m_rows->show(rowsOfOven(m_document));
    m_school->show({{tr("one bake at the end"), static_cast<int>(body::BakeSchool::once)},
                    {tr("a bake for each limb, as it is done"), static_cast<int>(body::BakeSchool::staged)},
                    {tr("my own loads"), static_cast<int>(body::BakeSchool::own)}},
                   static_cast<int>(m_document.puppet().wants.bakes));
    // Both schools, and what the part that suffers most goes through.
    QStringList lines;
    const auto school = [&](const QString& name, const fill::BakePlan& plan) {
        const fill::HeatEntry* worst = plan.worst();
        if (!worst) return;
        lines << tr("%1: %2 in the oven in all; the %3 spends %4 of %5 min at heat%6.")
                     .arg(name, Text::minutes(plan.minutes()),
                          translated(r.choice.parts[static_cast<std::size_t>(worst->part)].label),
                          Text::number(worst->atHeat_min, 0), Text::number(worst->limit_min, 0),
                          worst->over() ? tr(": too much") : QString());
    };
    school(tr("Once at the end"), r.bakeOnce);
    school(tr("Limb by limb"), r.bakeStaged);
    lines << tr(
        "Counted from a hot oven: heat it up before anything goes in. The clays' heat is typical, not measured.");
    // Room for the longest of it: what stands below stays where it is.
    constexpr int kSchoolLines = 4;
    m_schools->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_schools->setMinimumHeight(kSchoolLines * m_schools->fontMetrics().lineSpacing());
    m_schools->setText(lines.join("\n"));
    showLoads();
    showThings();
    const fill::Shop& shop = r.shelf.shop;
    m_fan->show({{tr("still air in the oven"), false}, {tr("the oven blows (fan)"), true}}, shop.fan);
    findChild<QPushButton*>("ovenForget")->setEnabled(shop.oven.readings > 0);
    if (shop.oven.readings > 0) {
        QStringList words;
        words << tr("By %1 readings of a probe this oven runs %2 %3 its dial and swings by %4; it has settled "
                    "after %5.")
                     .arg(shop.oven.readings)
                     .arg(Text::warmth(std::abs(shop.oven.offset_C)),
                          shop.oven.offset_C >= 0 ? tr("above") : tr("below"), Text::warmth(shop.oven.swing_C),
                          Text::minutes(shop.oven.settled_min));
        for (const fill::BakeBatch& b : r.bakes) {
            const fill::Part& first = r.choice.parts[static_cast<std::size_t>(b.parts.front().part)];
            const fill::ClayCard& clay = fill::findBakedClay(first, r.shelf, fill::findWhole(first));
            const auto dial = fill::findDial(shop.oven, clay);
            words << (dial ? tr("For %1 dial %2.").arg(Text::temperature(b.set_C), Text::temperature(*dial))
                           : translated(dial.fault()));
        }
        m_probe->setText(words.join("\n"));
    } else {
        m_probe->setText(tr("No probe has been in it: the dial is taken at its word. Log it once empty, minutes and "
                            "degrees, and read the log here."));
    }
}

void OvenTab::showLoads() {
    const results::Report& r = m_document.report();
    const int kept = std::max(0, m_loads->currentRow());
    {
        const QSignalBlocker quiet(m_loads);
        m_loads->clear();
        const auto& bakes = r.bakePlan.bakes;
        const auto words = [&](const fill::Bake& b) {
            return tr("%1 for %2, cures %3 parts")
                       .arg(Text::temperature(b.set_C), Text::minutes(b.minutes))
                       .arg(b.fresh.size()) +
                   (std::isnan(b.needed_min)   ? tr("; they are not hot inside within a day")
                    : b.minutes < b.needed_min ? tr("; they need %1").arg(Text::minutes(b.needed_min))
                                               : QString());
        };
        if (own())
            for (std::size_t i = 0; i < m_document.puppet().wants.loads.size(); ++i) {
                const std::string& name = m_document.puppet().wants.loads[i].name;
                QStringList parts;
                for (const fill::Bake& b : bakes)
                    if (b.load == static_cast<int>(i)) parts << words(b);
                m_loads->addItem(tr("%1. %2: %3")
                                     .arg(i + 1)
                                     .arg(QString::fromStdString(name),
                                          parts.isEmpty() ? tr("cures nothing yet") : parts.join("; ")));
            }
        else
            for (std::size_t i = 0; i < bakes.size(); ++i)
                m_loads->addItem(
                    bakes[i].name.empty()
                        ? tr("%1. %2").arg(i + 1).arg(words(bakes[i]))
                        : tr("%1. %2: %3").arg(i + 1).arg(QString::fromStdString(bakes[i].name), words(bakes[i])));
        m_loads->setCurrentRow(std::min(kept, m_loads->count() - 1));
    }
    m_loads->setVisible(m_loads->count() > 0);
    showEditor();
    showGate();
}

void OvenTab::showEditor() {
    m_editor->setVisible(own());
    if (!own()) return;
    const auto& loads = m_document.puppet().wants.loads;
    const int row = m_loads->currentRow();
    const bool any = row >= 0 && row < static_cast<int>(loads.size());
    for (QWidget* w : std::initializer_list<QWidget*>{m_name, m_set, m_minutes, m_again, m_members})
        w->setEnabled(any);
    findChild<QPushButton*>("loadRemove")->setEnabled(any);
    const QSignalBlocker quiet(m_members);
    m_members->clear();
    if (!any) return;
    const body::OvenLoad& load = loads[static_cast<std::size_t>(row)];
    m_name->setText(QString::fromStdString(load.name));
    m_name->setModified(false);
    m_set->show(load.set_C);
    m_minutes->show(load.minutes);
    m_again->show({{tr("goes in again: it is one piece"), true}, {tr("stays out: this is a piece by itself"), false}},
                  load.withEarlier);
    const auto add = [&](int kind, const std::string& id, const std::string& name, bool on) {
        auto* item = new QListWidgetItem(QString::fromStdString(name), m_members);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
        item->setCheckState(on ? Qt::Checked : Qt::Unchecked);
        item->setData(Qt::UserRole, QString::fromStdString(id));
        item->setData(Qt::UserRole + 1, kind);
    };
    const results::Report& r = m_document.report();
    const auto baked = [&](const body::Layers& l) {
        return !l.clay.empty() && fill::isOvenBaked(r.shelf.clays.at(l.clay).family);
    };
    const auto has = [](const std::vector<std::string>& ids, const std::string& id) {
        return std::find(ids.begin(), ids.end(), id) != ids.end();
    };
    for (const body::Limb& l : m_document.puppet().limbs)
        if (std::any_of(l.segments.begin(), l.segments.end(), [&](const auto& s) { return baked(s.layers); }))
            add(kLimb, l.id, l.name, has(load.limbs, l.id));
    for (const body::Mass& m : m_document.puppet().masses)
        if (baked(m.layers)) add(kMass, m.id, m.name, has(load.masses, m.id));
}

void OvenTab::showThings() {
    const QSignalBlocker quiet(m_things);
    const auto& inside = m_document.puppet().wants.inOven;
    m_things->clear();
    for (const fill::OvenCard& c : m_document.report().cards->ovens) {
        auto* item =
            new QListWidgetItem(tr("%1, stands %2%3; %4")
                                    .arg(QString::fromStdString(c.name), Text::temperature(c.limit_C),
                                         c.support ? tr(", a prop") : QString(), QString::fromStdString(c.note)),
                                m_things);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
        item->setCheckState(std::find(inside.begin(), inside.end(), c.id) != inside.end() ? Qt::Checked
                                                                                          : Qt::Unchecked);
        item->setData(Qt::UserRole, QString::fromStdString(c.id));
    }
}

/// The gate of the marked load, or of all of them where one look serves all.
void OvenTab::showGate() {
    const results::Report& r = m_document.report();
    m_gate->clear();
    const int row = m_loads->currentRow();
    for (const make::Step& s : r.plan.steps) {
        if (s.kind != make::StepKind::gate || s.bake < 0) continue;
        const bool wanted = m_document.puppet().wants.bakes == body::BakeSchool::once ||
                            (own() ? r.bakePlan.bakes[static_cast<std::size_t>(s.bake)].load == row : s.bake == row);
        if (!wanted) continue;
        for (const make::GateItem& g : s.gate) {
            auto* item = new QListWidgetItem(Text::gateLine(g), m_gate);
            if (g.stop) item->setForeground(look().slack);
        }
    }
    const bool any = m_gate->count() > 0;
    m_gate->setVisible(any);
    m_gateHead->setVisible(any);
}

void OvenTab::changeWants(const QString& name, const std::function<void(body::Wants&)>& mutate, Document::Merge merge) {
    body::Wants wants = m_document.puppet().wants;
    mutate(wants);
    m_document.change(
        name, [&](const document::Edits& e) { return e.setWants(wants); }, merge);
}

void OvenTab::changeLoad(const QString& name, const std::function<void(body::OvenLoad&)>& mutate,
                         Document::Merge merge) {
    const int row = m_loads->currentRow();
    if (row < 0 || row >= static_cast<int>(m_document.puppet().wants.loads.size())) return;
    changeWants(
        name, [&](body::Wants& w) { mutate(w.loads[static_cast<std::size_t>(row)]); }, merge);
}

void OvenTab::setSchool(body::BakeSchool school) {
    const results::Report& r = m_document.report();
    changeWants(tr("How it is baked"), [&](body::Wants& w) {
        w.bakes = school;
        if (school != body::BakeSchool::own || !w.loads.empty()) return;
        // Begins with one load of everything, to be parted by hand.
        body::OvenLoad all;
        all.name = tr("everything").toStdString();
        for (const body::Limb& l : m_document.puppet().limbs)
            all.limbs.push_back(l.id);
        for (const body::Mass& m : m_document.puppet().masses)
            if (!m.layers.clay.empty() && fill::isOvenBaked(r.shelf.clays.at(m.layers.clay).family))
                all.masses.push_back(m.id);
        w.loads.push_back(std::move(all));
    });
}

void OvenTab::ticked(QListWidgetItem* item) {
    const std::string id = item->data(Qt::UserRole).toString().toStdString();
    const bool on = item->checkState() == Qt::Checked, mass = item->data(Qt::UserRole + 1).toInt() == kMass;
    const QString name = item->text();
    changeLoad(on ? tr("%1 into this load").arg(name) : tr("%1 out of this load").arg(name), [&](body::OvenLoad& l) {
        auto& ids = mass ? l.masses : l.limbs;
        std::erase(ids, id);
        if (on) ids.push_back(id);
    });
}

void OvenTab::readLog() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Log of a probe in the oven"), {}, tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    const auto& bakes = m_document.report().bakePlan.bakes;
    const double set = bakes.empty() ? 130 : bakes.front().set_C;
    const auto text = files::readFile(path.toStdString());
    const auto log = text ? files::parseOvenLog(*text, set) : Result<fill::OvenLog>(text.fault());
    if (!log) {
        Q_EMIT m_document.refused(translated(log.fault()));
        return;
    }
    fill::Shop shop = m_document.production().stock.shop;
    shop.oven = *log;
    m_document.change(tr("Oven's log from %1").arg(QFileInfo(path).fileName()),
                      [&](const document::Edits& e) { return e.setShop(shop); });
}

} // namespace enkinet::app
