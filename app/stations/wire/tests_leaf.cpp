#include "stations/wire/tests_leaf.h"
#include "base/gauge.h"
#include "base/normal.h"
#include "base/text.h"
#include "base/units.h"
#include "files/container.h"
#include "files/wire_tests_file.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "words/say.h"
#include <QDate>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

TestsLeaf::TestsLeaf(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_spool = new ChoiceField(tr("Spool"));
    m_spool->setObjectName("testSpool");
    v->addWidget(m_spool);
    m_known = makeText();
    m_known->setObjectName("testKnown");
    v->addWidget(m_known);
    m_list = new QListWidget;
    m_list->setAccessibleName(tr("Tests of this spool"));
    m_list->setObjectName("testList");
    m_list->setWordWrap(true);
    m_list->setFixedHeight(96);
    v->addWidget(m_list);
    const auto row = [&](std::initializer_list<RowButton> buttons) { v->addLayout(makeButtonRow(this, buttons)); };
    row({{tr("Remove marked"), "testRemove", [this] { removeMarked(); }},
         {tr("To CSV…"), "testExport", [this] { exportCsv(); }},
         {tr("From CSV…"), "testImport", [this] { importCsv(); }}});

    v->addWidget(makeHeading(tr("A new test")));
    m_strands = new ChoiceField(tr("Strands of the sample"));
    m_strands->show({{"1", 1}, {"2", 2}, {"3", 3}, {"4", 4}, {"7", 7}}, 1);
    m_lay = new NumberField(NumberField::Kind::length, 0, 1000, 1, 1, tr("Lay of the sample, 0 for parallel"));
    m_gap = new NumberField(NumberField::Kind::length, 0.5, 500, 0.5, 1, tr("Free gap of the sample"));
    m_gap->show(14);
    m_angle = new NumberField(NumberField::Kind::angle, degToRad(1), degToRad(170), 5, 0,
                              tr("Bent to plus and minus, or last bent to"));
    m_angle->setObjectName("testAngle");
    m_angle->show(degToRad(40));
    m_edge = new ChoiceField(tr("Edge of the clamp"));
    m_edge->show({{tr("hard"), 1.6}, {tr("eased"), 1.3}, {tr("none"), 1.0}}, 1.3);
    m_cycles = new NumberField(NumberField::Kind::plain, 0.5, 1e6, 1, 1, tr("Cycles to and fro until it broke"));
    m_cycles->setObjectName("testCycles");
    m_cycles->show(50);
    m_lever = new NumberField(NumberField::Kind::length, 1, 2000, 5, 0, tr("Lever of the weight"));
    m_lever->show(60);
    m_weight = new NumberField(NumberField::Kind::grams, 0.1, 100000, 5, 1, tr("Weight at which it crept"));
    m_weight->setObjectName("testWeight");
    m_weight->show(50);
    m_lastBend = new ChoiceField(tr("How it was last bent"));
    m_lastBend->show({{tr("not known"), 0}, {tr("in the direction of the weight"), 1}, {tr("against the weight"), 2}},
                     0);
    auto* form = makeForm();
    const auto pair = [](QWidget* a, QWidget* b) {
        auto* h = new QHBoxLayout;
        h->addWidget(a);
        h->addWidget(b);
        return h;
    };
    form->addRow(tr("strands, lay"), pair(m_strands, m_lay));
    form->addRow(tr("gap, edge"), pair(m_gap, m_edge));
    form->addRow(tr("angle"), m_angle);
    form->addRow(tr("broke after"), m_cycles);
    form->addRow(tr("lever, weight"), pair(m_lever, m_weight));
    form->addRow(tr("last bent"), m_lastBend);
    v->addLayout(form);
    row({{tr("Add bend test"), "addBend", [this] { addBend(); }},
         {tr("Add hang test"), "addHang", [this] { addHang(); }}});
    m_caution = makeText(true);
    m_caution->setText(tr("Bend: to and fro over the clamp until it breaks, counting. Hang: more weight on a lever "
                          "until the joint creeps past the set angle. Cover your eyes."));
    v->addWidget(m_caution);

    v->addWidget(makeHeading(tr("A spool in stock")));
    m_newId = new QLineEdit;
    m_newId->setAccessibleName(tr("Name of the spool"));
    m_newId->setPlaceholderText(tr("such as soft aluminium 1.6"));
    m_newId->setObjectName("spoolId");
    m_card = new ChoiceField(tr("Wire card"));
    m_diameter = new QLineEdit;
    m_diameter->setAccessibleName(tr("Diameter of the strand"));
    m_diameter->setPlaceholderText(tr("1.6, 0.06 in, 14 awg, 16 swg"));
    m_diameter->setObjectName("spoolDiameter");
    m_length = new NumberField(NumberField::Kind::plain, 0, 1e5, 1, 1, tr("Metres on the spool"));
    m_price = new NumberField(NumberField::Kind::plain, 0, 1e5, 0.05, 2, tr("Price a metre"));
    m_length->show(10);
    auto* spoolForm = makeForm();
    spoolForm->addRow(tr("name, diameter"), pair(m_newId, m_diameter));
    spoolForm->addRow(tr("wire"), m_card);
    spoolForm->addRow(tr("metres, price"), pair(m_length, m_price));
    v->addLayout(spoolForm);
    row({{tr("Put into stock"), "putSpool", [this] { putSpool(); }}});
    connect(m_spool, &ChoiceField::edited, this, &TestsLeaf::showSpool);
}

int TestsLeaf::spool() const {
    const int i = m_spool->currentData().toInt();
    return i >= 0 && i < static_cast<int>(m_document.production().stock.spools.size()) ? i : -1;
}

void TestsLeaf::show() {
    const auto& stock = m_document.production().stock;
    QList<std::pair<QString, QVariant>> spools;
    for (std::size_t i = 0; i < stock.spools.size(); ++i)
        spools << std::pair{
            tr("%1, %2").arg(QString::fromStdString(stock.spools[i].name), Say::diameter(stock.spools[i].diameter_mm)),
            QVariant(static_cast<int>(i))};
    const QVariant kept = m_spool->currentIndex() >= 0 ? m_spool->currentData() : QVariant(0);
    m_spool->show(spools, kept);
    QList<std::pair<QString, QVariant>> cards;
    for (const auto& c : m_document.report().cards->wires)
        cards << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    m_card->show(cards, m_card->currentIndex() >= 0 ? m_card->currentData()
                        : cards.isEmpty()           ? QVariant()
                                                    : cards.first().second);
    showSpool();
}

void TestsLeaf::showSpool() {
    m_list->clear();
    const int s = spool();
    if (s < 0) {
        m_known->setText(tr("No spool in stock yet: put one in below."));
        return;
    }
    const auto& production = m_document.production();
    const choice::Stock& stock = m_document.report().stock;
    const document::Spool& sp = production.stock.spools[static_cast<std::size_t>(s)];
    const wire::Calibration& c = stock.calibrationOf(s);
    const auto& table = *stock.tables.at(sp.material);
    QStringList lines{
        tr("%1 m at %2 a metre.").arg(Say::number(sp.length_m, 1), Say::money(sp.price_m, production.currency))};
    if (!c.hasLife() && c.hangTests == 0)
        lines << tr("No test yet: every number of this wire rests on the card's table values, and lives scatter by a "
                    "factor of %1.")
                     .arg(Say::number(std::exp(wire::kLifeScatter), 1));
    if (c.bendTests > 0)
        lines << tr("%1 bend tests: lives × %2; nine in ten reach %3 of the median, without tests %4.")
                     .arg(c.bendTests)
                     .arg(Say::number(std::exp(c.lifeLn), 2), Say::number(std::exp(-kNineInTen * c.lifeScatter), 2),
                          Say::number(std::exp(-kNineInTen * wire::kLifeScatter), 2));
    if (c.hangTests > 0)
        lines << tr("%1 hang tests: holds and efforts × %2, ± %3 %.")
                     .arg(c.hangTests)
                     .arg(Say::number(std::exp(c.holdLn), 2), Say::number(100 * c.holdLnSpread, 0));
    if (c.contradicted)
        lines << tr("A test lies further from the card than such wires do: is it this wire, this gap, this edge?");
    m_known->setText(lines.join(" "));
    const auto add = [&](const QString& text, const wire::Seen& seen, int kind, std::size_t index) {
        auto* item =
            new QListWidgetItem(text + (seen.contradicts() ? tr("  contradicts the card") : QString()), m_list);
        item->setData(Qt::UserRole, kind);
        item->setData(Qt::UserRole + 1, static_cast<int>(index));
    };
    for (std::size_t i = 0; i < production.stock.bendTests.size(); ++i) {
        const wire::BendTest& t = production.stock.bendTests[i];
        if (t.spool != sp.id) continue;
        const wire::Seen seen = wire::calcSeen(table, t);
        add(tr("%1 bend ±%2 over %3: broke after %4, the card says %5")
                .arg(QString::fromStdString(t.date), Say::degrees(t.angle_rad), Say::length(t.gap_mm),
                     Say::figure(seen.seen), Say::figure(seen.predicted)),
            seen, 0, i);
    }
    for (std::size_t i = 0; i < production.stock.hangTests.size(); ++i) {
        const wire::HangTest& t = production.stock.hangTests[i];
        if (t.spool != sp.id) continue;
        const wire::Seen seen = wire::calcSeen(table, t);
        add(tr("%1 hang over %2: crept at %3 N·mm, the card says %4")
                .arg(QString::fromStdString(t.date), Say::length(t.gap_mm), Say::figure(seen.seen),
                     Say::figure(seen.predicted)),
            seen, 1, i);
    }
    if (m_list->count() == 0) m_list->addItem(tr("No tests of this spool."));
}

void TestsLeaf::addBend() {
    const int s = spool();
    if (s < 0) return;
    const document::Spool& sp = m_document.production().stock.spools[static_cast<std::size_t>(s)];
    const wire::BendTest t{sp.id,
                           QDate::currentDate().toString(Qt::ISODate).toStdString(),
                           "",
                           {m_strands->currentData().toInt(), sp.diameter_mm, m_lay->core()},
                           m_gap->core(),
                           m_edge->currentData().toDouble(),
                           snapAngle(m_angle->core()),
                           m_cycles->core()};
    m_document.change(tr("Bend test of %1").arg(QString::fromStdString(sp.name)),
                      [&](const document::Edits& e) { return e.addTests({t}, {}); });
}

void TestsLeaf::addHang() {
    const int s = spool();
    if (s < 0) return;
    const document::Spool& sp = m_document.production().stock.spools[static_cast<std::size_t>(s)];
    const auto last = static_cast<wire::LastBend>(m_lastBend->currentData().toInt());
    const wire::HangTest t{sp.id,
                           QDate::currentDate().toString(Qt::ISODate).toStdString(),
                           "",
                           {m_strands->currentData().toInt(), sp.diameter_mm, m_lay->core()},
                           m_gap->core(),
                           m_lever->core(),
                           m_weight->core(),
                           last,
                           snapAngle(m_angle->core())};
    m_document.change(tr("Hang test of %1").arg(QString::fromStdString(sp.name)),
                      [&](const document::Edits& e) { return e.addTests({}, {t}); });
}

void TestsLeaf::removeMarked() {
    const auto* item = m_list->currentItem();
    if (!item || !item->data(Qt::UserRole).isValid()) return;
    const auto index = static_cast<std::size_t>(item->data(Qt::UserRole + 1).toInt());
    const bool bend = item->data(Qt::UserRole).toInt() == 0;
    m_document.change(tr("Remove a test"), [&](const document::Edits& e) {
        return bend ? e.removeBendTest(index) : e.removeHangTest(index);
    });
}

void TestsLeaf::putSpool() {
    const auto diameter = parseDiameter(m_diameter->text().toStdString());
    if (!diameter) {
        Q_EMIT m_document.refused(QString::fromStdString(diameter.fault().sentence()));
        return;
    }
    // A spool of that name is replaced; another gets an id of its own, which nobody sees.
    const std::string name = m_newId->text().trimmed().toStdString();
    const auto& spools = m_document.production().stock.spools;
    const auto taken = [&](const std::string& id) {
        return std::any_of(spools.begin(), spools.end(), [&](const document::Spool& s) { return s.id == id; });
    };
    const auto same =
        std::find_if(spools.begin(), spools.end(), [&](const document::Spool& s) { return s.name == name; });
    std::string id = same != spools.end() ? same->id : name;
    for (int n = 1; same == spools.end() && (!isId(id) || taken(id)); ++n)
        id = "spool-" + std::to_string(n);
    const document::Spool sp{
        id, name, m_card->currentData().toString().toStdString(), *diameter, m_length->core(), m_price->core()};
    m_document.change(tr("Spool %1").arg(QString::fromStdString(sp.name)),
                      [&](const document::Edits& e) { return e.putSpool(sp); });
}

void TestsLeaf::exportCsv() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Tests"), "wire tests.csv", tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    const auto& stock = m_document.production().stock;
    if (const auto done =
            files::writeFileSafely(path.toStdString(), files::writeWireTestsCsv(stock.bendTests, stock.hangTests));
        !done)
        Q_EMIT m_document.refused(QString::fromStdString(done.fault().sentence()));
}

void TestsLeaf::importCsv() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Tests"), {}, tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    const auto text = files::readFile(path.toStdString());
    if (!text) {
        Q_EMIT m_document.refused(QString::fromStdString(text.fault().sentence()));
        return;
    }
    auto tests = files::parseWireTestsCsv(*text, m_document.production().stock.spools);
    if (!tests) {
        Q_EMIT m_document.refused(QString::fromStdString(tests.fault().sentence()));
        return;
    }
    m_document.change(tr("Tests from %1").arg(QFileInfo(path).fileName()),
                      [&](const document::Edits& e) { return e.addTests(tests->bends, tests->hangs); });
}

} // namespace enkinet::app
