#include "stations/bench/bench_page.h"
#include "base/units.h"
#include "document/translated.h"
#include "fill/cured.h"
#include "fill/ledger.h"
#include "widgets/answer.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QDate>
#include <QFormLayout>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kReadingEvery_min = 0.5;
constexpr double kFarOff = 3;
} // namespace

BenchPage::BenchPage(Document& d) : Page(d, results::Station::bench), m_table(new BenchTable) {
    setBench(m_table);
    m_head = new AnswerHead;
    m_head->sentenceLabel()->setObjectName("benchKnown");
    m_kind = new ChoiceField(tr("Kind of test"));
    m_kind->setObjectName("benchKind");
    m_kind->show({{tr("bend wire until it parts"), 0},
                  {tr("hang weight on wire until it creeps"), 1},
                  {tr("break a rod of cured clay"), 2},
                  {tr("the oven against its dial"), 3}},
                 0);
    m_subject = new ChoiceField(tr("What is tested"));
    m_subject->setObjectName("benchSubject");
    m_guide = makeText();
    m_guide->setObjectName("benchGuide");
    m_start = new QPushButton, m_one = new QPushButton(tr("One more bend")), m_keep = new QPushButton;
    m_start->setObjectName("benchStart"), m_one->setObjectName("benchOne"), m_keep->setObjectName("benchKeep");
    auto* row = new Flow;
    for (QPushButton* b : {m_start, m_one})
        row->addWidget(b);
    m_caution = makeText(true);
    m_known = new BenchKnown(d, *m_head);
    column()->addWidget(m_head);
    column()->addWidget(m_kind);
    column()->addWidget(m_subject);
    column()->addWidget(m_guide);
    column()->addLayout(row);
    column()->addWidget(m_keep, 0, Qt::AlignLeft);
    makeFields();
    column()->addWidget(m_caution);
    column()->addWidget(m_known);
    addOpenPoints();
    column()->addLayout(makeButtonRow(this, {{tr("Tests to CSV…"), "testExport", [this] { m_known->exportCsv(); }},
                                             {tr("Tests from CSV…"), "testImport", [this] { m_known->importCsv(); }}}));
    column()->addStretch();
    connect(m_kind, &ChoiceField::edited, this, [this] {
        stop();
        refresh();
    });
    connect(m_subject, &ChoiceField::edited, this, [this] {
        stop();
        refresh();
    });
    connect(m_start, &QPushButton::clicked, this, [this] { m_running ? stop() : start(); });
    connect(m_one, &QPushButton::clicked, this, &BenchPage::count);
    connect(m_keep, &QPushButton::clicked, this, &BenchPage::keep);
    connect(m_table, &BenchTable::counted, this, &BenchPage::count);
    connect(m_table, &BenchTable::kept, this, &BenchPage::keep);
    connect(m_table, &BenchTable::dropped, this, &BenchPage::stop);
    connect(&ports(), &DevicePorts::changed, this, &BenchPage::showTop);
    connect(&ports(), &DevicePorts::came, this, &BenchPage::came);
    connect(&ports(), &DevicePorts::steady, this, &BenchPage::steady);
}

NumberField* BenchPage::number(const char* id, const QString& name, double low, double high, double step, int decimals,
                               double first) {
    auto* f = new NumberField(NumberField::Kind::plain, low, high, step, decimals, name);
    f->setObjectName(id);
    f->show(first);
    connect(f, &NumberField::edited, this, [this] { showTop(); });
    return f;
}

/// Numbers that stand in the fields to begin with were never measured.
void BenchPage::entered() {
    m_entered = true;
    showTop();
}

NumberField* BenchPage::length(const char* id, const QString& name, double low, double high, double first) {
    auto* f = new NumberField(NumberField::Kind::length, low, high, 1, 1, name);
    f->setObjectName(id);
    f->show(first);
    connect(f, &NumberField::edited, this, [this] { showTop(); });
    return f;
}

void BenchPage::makeFields() {
    m_strands = new ChoiceField(tr("Strands of the sample"));
    m_strands->setObjectName("benchStrands");
    m_strands->show({{"1", 1}, {"2", 2}, {"3", 3}, {"4", 4}, {"7", 7}}, 1);
    m_edge = new ChoiceField(tr("Edge of the jaws"));
    m_edge->show({{tr("hard"), 1.6}, {tr("eased"), 1.3}, {tr("none"), 1.0}}, 1.3);
    m_lastBend = new ChoiceField(tr("How it was last bent"));
    m_lastBend->show({{tr("not known"), 0}, {tr("the way the weight pulls"), 1}, {tr("against the weight"), 2}}, 0);
    for (ChoiceField* f : {m_strands, m_edge, m_lastBend})
        connect(f, &ChoiceField::edited, this, [this] { showTop(); });
    m_lay = length("benchLay", tr("A turn of the twist, 0 for parallel strands"), 0, 1000, 0);
    m_gap = length("benchGap", tr("Free length between the jaws"), 0.5, 500, 14);
    m_angle = new NumberField(NumberField::Kind::angle, degToRad(1), degToRad(170), 5, 0,
                              tr("Bent to each side, or last bent to"));
    m_angle->setObjectName("benchAngle");
    m_angle->show(degToRad(40));
    connect(m_angle, &NumberField::edited, this, [this] { showTop(); });
    m_cycles = number("benchCycles", tr("Bends to and fro until it parted"), 0.5, 1e6, 1, 1, 0.5);
    m_lever = length("benchLever", tr("From the jaws to where the weight hangs"), 1, 2000, 60);
    m_weight = new NumberField(NumberField::Kind::grams, 0.1, 100000, 5, 1, tr("Weight at which it crept"));
    m_weight->setObjectName("benchWeight");
    m_weight->show(50);
    m_rod = length("benchRod", tr("Thickness of the rod"), 1, 100, 8);
    m_span = length("benchSpan", tr("Between the supports"), 8, 2000, 80);
    m_force = number("benchForce", tr("Force at which it broke, N"), 0.01, 10000, 0.5, 2, 10);
    for (NumberField* f : {m_cycles, m_weight, m_force})
        connect(f, &NumberField::edited, this, &BenchPage::entered);
    m_set = new NumberField(NumberField::Kind::heat, 30, 300, 5, 0, tr("What the dial says"));
    m_set->setObjectName("benchSet");
    m_set->show(130);
    m_form = makeForm();
    m_form->addRow(tr("strands"), m_strands);
    m_form->addRow(tr("a turn"), m_lay);
    m_form->addRow(tr("free"), m_gap);
    m_form->addRow(tr("to each side"), m_angle);
    m_form->addRow(tr("edge"), m_edge);
    m_form->addRow(tr("parted after"), m_cycles);
    m_form->addRow(tr("lever"), m_lever);
    m_form->addRow(tr("weight"), m_weight);
    m_form->addRow(tr("last bent"), m_lastBend);
    m_form->addRow(tr("rod"), m_rod);
    m_form->addRow(tr("supports"), m_span);
    m_form->addRow(tr("broke at, N"), m_force);
    m_form->addRow(tr("dial"), m_set);
    column()->addLayout(m_form);
}

BenchTest BenchPage::test() const { return static_cast<BenchTest>(m_kind->currentData().toInt()); }

int BenchPage::spool() {
    const auto& spools = document().production().stock.spools;
    // Before the first results nothing is known of any.
    const int i = m_subject->currentData().toInt(),
              known = static_cast<int>(document().report().stock.calibrations.size());
    return test() <= BenchTest::hang && i >= 0 && i < static_cast<int>(spools.size()) && i < known ? i : -1;
}

const fill::ClayCard* BenchPage::clay() {
    const auto& clays = document().report().shelf.clays;
    const auto at = clays.find(m_subject->currentData().toString().toStdString());
    return test() == BenchTest::rupture && at != clays.end() ? &at->second : nullptr;
}

std::string BenchPage::today() { return QDate::currentDate().toString(Qt::ISODate).toStdString(); }

wire::Bundle BenchPage::sample() {
    const auto& spools = document().production().stock.spools;
    return {m_strands->currentData().toInt(), spools[static_cast<std::size_t>(spool())].diameter_mm, m_lay->core()};
}

wire::BendTest BenchPage::bendTest() {
    const auto& spools = document().production().stock.spools;
    return {spools[static_cast<std::size_t>(spool())].id,
            today(),
            "",
            sample(),
            m_gap->core(),
            m_edge->currentData().toDouble(),
            snapAngle(m_angle->core()),
            m_cycles->core()};
}

wire::HangTest BenchPage::hangTest() {
    const auto& spools = document().production().stock.spools;
    wire::HangTest t;
    t.spool = spools[static_cast<std::size_t>(spool())].id, t.date = today(), t.bundle = sample();
    t.gap_mm = m_gap->core(), t.lever_mm = m_lever->core(), t.weight_g = m_weight->core();
    t.lastBend = static_cast<wire::LastBend>(m_lastBend->currentData().toInt());
    t.lastAngle_rad = snapAngle(m_angle->core());
    return t;
}

fill::BreakTest BenchPage::breakTest() {
    return {
        m_subject->currentData().toString().toStdString(), today(), "", m_rod->core(), m_span->core(), m_force->core()};
}

void BenchPage::showSubjects() {
    const results::Report& r = document().report();
    QList<std::pair<QString, QVariant>> all;
    if (test() <= BenchTest::hang) {
        const auto& spools = document().production().stock.spools;
        for (std::size_t i = 0; i < spools.size(); ++i)
            all << std::pair{Text::spool(spools[i]), QVariant(static_cast<int>(i))};
    } else if (test() == BenchTest::rupture) {
        for (const auto& [id, card] : r.shelf.clays)
            if (card.youngs_MPa > 0)
                all << std::pair{QString::fromStdString(card.name), QVariant(QString::fromStdString(id))};
    }
    const QVariant kept = m_subject->currentData();
    bool there = false;
    for (const auto& one : all)
        there = there || one.second == kept;
    m_subject->show(all, there || all.isEmpty() ? kept : all.first().second);
    m_subject->setVisible(!all.isEmpty());
}

void BenchPage::show(const results::Report&) {
    showSubjects();
    const BenchTest t = test();
    const bool wire = t <= BenchTest::hang;
    const std::pair<QWidget*, bool> rows[] = {
        {m_strands, wire},
        {m_lay, wire && m_strands->currentData().toInt() > 1},
        {m_gap, wire},
        {m_angle, t == BenchTest::bend || (t == BenchTest::hang && m_lastBend->currentData().toInt() > 0)},
        {m_edge, t == BenchTest::bend},
        {m_cycles, t == BenchTest::bend},
        {m_lever, t == BenchTest::hang},
        {m_weight, t == BenchTest::hang},
        {m_lastBend, t == BenchTest::hang},
        {m_rod, t == BenchTest::rupture},
        {m_span, t == BenchTest::rupture},
        {m_force, t == BenchTest::rupture},
        {m_set, t == BenchTest::oven}};
    for (const auto& [field, shown] : rows) {
        field->setVisible(shown);
        if (QWidget* label = m_form->labelForField(field)) label->setVisible(shown);
    }
    m_known->show(test(), spool(), clay());
    showTop();
}

/// A test that contradicts its card is of a spool: it comes into hand.
void BenchPage::follow(const findings::Finding& point) {
    const auto& spools = document().production().stock.spools;
    for (std::size_t i = 0; i < spools.size(); ++i)
        if (point.ref.kind == schema::RefKind::spool && spools[i].id == point.ref.id) {
            stop();
            m_kind->setCurrentIndex(0);
            showSubjects();
            m_subject->setCurrentIndex(m_subject->findData(static_cast<int>(i)));
            refresh();
            return;
        }
    Page::follow(point);
}

void BenchPage::showTop() {
    if (!document().hasPuppet()) return;
    const results::Report& r = document().report();
    BenchTop top;
    top.devices = ports().devices();
    top.test = test();
    top.running = m_running, top.broken = m_broken, top.count = m_count;
    top.gap_mm = m_gap->core(), top.set_rad = m_angle->core();
    if (m_angle_deg) top.angle_rad = degToRad(*m_angle_deg);
    const int s = spool();
    if (s >= 0) {
        const document::Spool& sp = document().production().stock.spools[static_cast<std::size_t>(s)];
        const auto& table = *r.stock.tables.at(sp.material);
        const wire::Calibration& c = r.stock.calibrationOf(s);
        top.metal = metalOf(table.card());
        top.bundle = bendTest().bundle;
        if (wire::makeTestedBundle(top.bundle)) {
            if (test() == BenchTest::bend) {
                top.unit = tr("bends to and fro");
                top.card = wire::calcExpected(table, bendTest(), {}),
                top.known = wire::calcExpected(table, bendTest(), c);
                top.tests = c.bendTests + c.broken + c.lasted;
                // Other tests, brought to this sample by what they were against their own expectation.
                for (const wire::BendTest& t : document().production().stock.bendTests)
                    if (t.spool == sp.id) {
                        const wire::Seen seen = wire::calcSeen(table, t);
                        top.marks.push_back({top.card->median * std::exp(seen.lnRatio), seen.contradicts()});
                    }
                for (const wire::WearTest& t : document().production().stock.wearTests)
                    if (t.spool == sp.id && t.broke) top.marks.push_back({top.card->median * t.share, false});
                if (m_running || m_broken)
                    top.needle = m_count;
                else if (m_entered)
                    top.needle = m_cycles->core();
            } else {
                top.unit = tr("N·mm");
                top.card = wire::calcExpected(table, hangTest(), {}),
                top.known = wire::calcExpected(table, hangTest(), c);
                top.tests = c.hangTests;
                for (const wire::HangTest& t : document().production().stock.hangTests)
                    if (t.spool == sp.id) {
                        const wire::Seen seen = wire::calcSeen(table, t);
                        top.marks.push_back({top.card->median * std::exp(seen.lnRatio), seen.contradicts()});
                    }
                if (m_entered) top.needle = m_weight->core() * kNewtonPerGram * m_lever->core();
            }
        }
    } else if (const fill::ClayCard* c = clay()) {
        const auto own = document().production().stock.shop.rupturesOf(c->id);
        const auto expected = [&](const fill::Strength& k) {
            return wire::Expected{k.median_MPa, k.nine_MPa, k.few_MPa()};
        };
        top.unit = tr("MPa");
        top.clay = c->colour.empty() ? QColor("#cfc2a8") : QColor(QString::fromStdString(c->colour));
        if (c->rupture_MPa > 0) {
            top.card = expected(fill::calcStrength(c->rupture_MPa, {}));
            top.known = expected(fill::calcStrength(c->rupture_MPa, own));
        }
        top.tests = static_cast<int>(own.size());
        for (double x : own)
            top.marks.push_back({x, false});
        if (m_entered) top.needle = breakTest().rupture_MPa();
    } else if (test() == BenchTest::oven) {
        top.count = static_cast<double>(m_oven.size());
    }
    top.asked = m_asked && m_asked == top.needle;
    m_table->show(std::move(top));
    showGuide();
}

std::optional<double> BenchPage::farOff() const {
    const BenchTop& top = m_table->top();
    if (!top.needle || !top.known || !(top.known->median > 0)) return std::nullopt;
    const double share = *top.needle / top.known->median;
    return share > 1 / kFarOff && share < kFarOff ? std::nullopt : std::optional(share);
}

void BenchPage::showGuide() {
    const BenchTest t = test();
    const bool possible = t == BenchTest::oven || spool() >= 0 || clay();
    QString guide, caution, keep = tr("Keep it");
    switch (t) {
    case BenchTest::bend:
        guide =
            !m_running ? tr("Clamp a sample with %1 free between the jaws. Bend it %2 to each side, always as far, "
                            "without haste; count until it parts.")
                             .arg(Text::length(m_gap->core(), 1), Text::degrees(m_angle->core()))
            : m_watch && !m_watch->fresh()
                ? tr("The tester is in the middle of a sample, which was bent before: it counts from the next one on, "
                     "when its lever has stood straight.")
            : m_watch ? tr("The tester counts: %1 so far. What it counts is kept when the wire parts.")
                            .arg(Text::number(m_count, 1))
                      : tr("Space counts one bend to and fro: %1 so far. Enter when it has parted.")
                            .arg(Text::number(m_count, 1));
        caution = tr("A strand that parts flies: cover your eyes.");
        keep = m_running   ? tr("It parted: keep %1").arg(Text::number(m_count, 1))
               : m_entered ? tr("Keep %1 as typed").arg(Text::number(m_cycles->core(), 1))
                           : tr("Keep what is typed");
        break;
    case BenchTest::hang:
        guide =
            tr("Clamp it, hang weight on a lever of %1 and add a little at a time, each left for ten breaths, until "
               "the joint has crept by half a degree and stays there. A scale's steady weight stands here by itself.")
                .arg(Text::length(m_lever->core(), 0));
        caution = tr("Hang it low over the bench: what falls must not fall on a foot.");
        break;
    case BenchTest::rupture:
        guide = tr("Roll a rod, bake it as the parts are baked, let it cool. Lay it on two supports at least %1 apart, "
                   "press in the middle until it breaks.")
                    .arg(Text::length(fill::findLeastSpan(m_rod->core()), 0));
        caution = tr("Cured clay breaks into sharp pieces: cover your eyes.");
        break;
    case BenchTest::oven:
        guide = m_running ? tr("%n reading(s), one each half minute. Half an hour is enough: then keep it.", nullptr,
                               static_cast<int>(m_oven.size()))
                          : tr("Set the dial, put the probe in, and start. Its readings are noted each half minute.");
        caution = tr("Never leave an oven alone; what you bake food in is not for clay.");
        break;
    }
    if (const auto share = farOff(); share && m_asked == m_table->top().needle) {
        guide =
            (*share > 1 ? tr("That is %1 times what is expected, %2.")
                        : tr("That is %1 times less than is expected, %2."))
                .arg(Text::number(*share > 1 ? *share : 1 / *share, 1), Text::number(m_table->top().known->median, 1)) +
            " " + tr("Was the sample fresh, and held as the fields say? Once kept, it counts wherever this is used.");
        keep = tr("Keep it all the same");
    }
    m_guide->setText(guide);
    m_caution->setText(caution);
    const bool counts = t == BenchTest::bend || t == BenchTest::oven;
    m_start->setVisible(counts);
    m_start->setEnabled(possible);
    m_start->setText(m_running ? tr("Stop, keep nothing") : tr("Start"));
    m_one->setVisible(t == BenchTest::bend && m_running);
    m_keep->setText(keep);
    m_keep->setEnabled(possible && (t == BenchTest::oven ? m_oven.size() >= 3 : m_running ? m_count > 0 : m_entered));
    m_keep->setVisible(t != BenchTest::oven || m_running);
}

void BenchPage::start() {
    m_running = true, m_broken = false, m_count = 0;
    m_asked.reset();
    m_watch.reset(), m_angle_deg.reset(), m_oven.clear();
    m_started.start();
    m_table->setFocus(Qt::OtherFocusReason);
    showTop();
}

void BenchPage::stop() {
    m_running = m_broken = m_entered = false, m_count = 0;
    m_asked.reset();
    m_watch.reset(), m_angle_deg.reset(), m_oven.clear();
    showTop();
}

void BenchPage::count() {
    if (!m_running || test() != BenchTest::bend) return;
    m_count += 1;
    showTop();
}

void BenchPage::keep() {
    const BenchTest t = test();
    if (t == BenchTest::oven) {
        const auto log = fill::calcOvenLog(m_oven, m_set->core());
        if (!log) {
            Q_EMIT document().refused(translated(log.fault()));
            return;
        }
        fill::Shop shop = document().production().stock.shop;
        shop.oven = *log;
        m_running = false;
        document().change(tr("The oven against its dial"), [&](const document::Edits& e) { return e.setShop(shop); });
        return;
    }
    // One that is far off is asked about before it counts.
    // What is no test is refused first.
    const bool sound = t != BenchTest::rupture || fill::makeBreakTest(breakTest());
    if (sound && farOff() && m_asked != m_table->top().needle) {
        m_asked = m_table->top().needle;
        if (m_running) m_cycles->show(m_count), m_entered = true;
        m_running = false;
        m_watch.reset(), m_angle_deg.reset();
        return showTop();
    }
    if (t == BenchTest::rupture) {
        if (!clay()) return;
        fill::Shop shop = document().production().stock.shop;
        shop.breaks.push_back(breakTest());
        const bool kept = document().change(tr("Break test of %1").arg(m_subject->currentText()),
                                            [&](const document::Edits& e) { return e.setShop(shop); });
        m_broken = kept, m_entered = m_entered && !kept;
        return showTop();
    }
    if (spool() < 0) return;
    const QString name = m_subject->currentText();
    if (t == BenchTest::hang) {
        if (document().change(tr("Hang test of %1").arg(name),
                              [&](const document::Edits& e) { return e.addTests({}, {hangTest()}); }))
            m_entered = false;
        return showTop();
    }
    // Counted here, or typed where nothing was counted; nothing at all is no test.
    if (m_running ? m_count <= 0 : !m_entered) return;
    if (m_running) m_cycles->show(m_count);
    const double counted = m_cycles->core();
    if (!document().change(tr("Bend test of %1").arg(name),
                           [&](const document::Edits& e) { return e.addTests({bendTest()}, {}); }))
        return;
    m_running = m_entered = false, m_broken = true, m_count = counted;
    m_watch.reset(), m_angle_deg.reset();
    showTop();
}

void BenchPage::came(const devices::Reading& reading) {
    if (!m_running) return;
    if (test() == BenchTest::oven && reading.unit == "C") {
        const double now = static_cast<double>(m_started.elapsed()) / 60000;
        if (m_oven.empty() || now - m_oven.back().first >= kReadingEvery_min) m_oven.emplace_back(now, reading.value);
        return;
    }
    if (test() != BenchTest::bend || reading.device != "bender") return;
    if (!m_watch) m_watch.emplace(radToDeg(m_angle->core()));
    m_watch->take(reading);
    m_angle_deg = m_watch->angle_deg();
    m_count = m_watch->cycles();
    if (m_watch->brokeAfter() && m_count > 0) keep();
}

/// A steady reading stands where it is asked for; a field that somebody types in is left alone.
void BenchPage::steady(const std::string& unit, double value) {
    if (!isVisible()) return;
    const auto put = [&](NumberField* field, double core, bool result) {
        if (!field->isVisible() || field->hasFocus()) return;
        field->show(core);
        m_entered = m_entered || result;
    };
    if (unit == "g") put(m_weight, value, true);
    if (unit == "mm") put(m_rod, value, false);
    if (unit == "N" && test() == BenchTest::rupture) put(m_force, value, true);
    if (unit == "N" && test() == BenchTest::hang) put(m_weight, value / kNewtonPerGram, true);
    showTop();
}

} // namespace enkinet::app
