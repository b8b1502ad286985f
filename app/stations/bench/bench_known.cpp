#include "stations/bench/bench_known.h"
#include "base/normal.h"
#include "document/translated.h"
#include "files/container.h"
#include "files/output.h"
#include "files/wire_tests_file.h"
#include "fill/cured.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QFileDialog>
#include <QFileInfo>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

namespace {
enum TestRow { kBendRow, kHangRow, kBreakRow };
} // namespace

BenchKnown::BenchKnown(Document& document, AnswerHead& head, QWidget* parent)
    : QWidget(parent), m_document(document), m_head(head) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_list = new QListWidget;
    m_list->setObjectName("benchList");
    m_list->setAccessibleName(tr("Tests of what is in hand"));
    m_list->setWordWrap(true);
    m_remove = new QPushButton(tr("Remove the marked test"));
    m_remove->setObjectName("benchRemove");
    v->addWidget(makeHeading(tr("Tests so far")));
    v->addWidget(m_list);
    v->addWidget(m_remove, 0, Qt::AlignLeft);
    connect(m_remove, &QPushButton::clicked, this, &BenchKnown::removeMarked);
}

void BenchKnown::addRow(const QString& text, bool contradicts, int kind, std::size_t index) {
    auto* item = new QListWidgetItem(contradicts ? tr("%1: contradicts the card").arg(text) : text, m_list);
    if (kind >= 0) item->setData(Qt::UserRole, kind), item->setData(Qt::UserRole + 1, static_cast<int>(index));
    item->setToolTip(plainTip(item->text()));
}

/// What is known of the subject, and each of its tests against what the card says.
void BenchKnown::show(BenchTest test, int spool, const fill::ClayCard* clay) {
    m_list->clear();
    if (spool >= 0)
        showSpool(spool);
    else if (clay)
        showClay(*clay);
    else if (test == BenchTest::oven)
        showOven();
    else {
        m_head.show(tr("Nothing to test"), {}, tr("No spool in stock yet: put one in at Wire, under spools."));
        m_head.setStamp({});
    }
    if (m_list->count() == 0) {
        addRow(test == BenchTest::oven ? tr("The probe's readings make one log.") : tr("None yet."), false);
        m_list->item(0)->setForeground(look().graphite);
    }
    bool removable = false;
    for (int i = 0; i < m_list->count(); ++i)
        removable = removable || m_list->item(i)->data(Qt::UserRole).isValid();
    m_remove->setVisible(removable);
    // Two lines each: a row's own height is not known before it is laid out.
    m_list->setFixedHeight(std::min(m_list->count(), 3) * 40 + 4);
}

void BenchKnown::showSpool(int s) {
    const document::Stock& stock = m_document.production().stock;
    const results::Report& r = m_document.report();
    const document::Spool& sp = stock.spools[static_cast<std::size_t>(s)];
    const wire::Calibration& c = r.stock.calibrationOf(s);
    const auto& table = *r.stock.tables.at(sp.material);
    QStringList lines;
    if (!c.hasLife() && c.hangTests == 0)
        lines
            << tr("No test yet: every number of this wire rests on table values, and lives scatter by a factor of %1. "
                  "What is not known of them halves with %n bend test(s).",
                  nullptr, wire::findTestsToHalve(c))
                   .arg(Text::number(std::exp(wire::kLifeScatter), 1));
    if (c.hasLife())
        lines << tr("%1: lives are %2 times the card's, and nine in ten reach %3 of the middle (without tests %4).")
                     .arg(Text::capital(Text::tests(c)), Text::number(std::exp(c.lifeLn), 2),
                          Text::number(std::exp(-kNineInTen * c.lifeScatter), 2),
                          Text::number(std::exp(-kNineInTen * wire::kLifeScatter), 2));
    if (c.hangTests > 0)
        lines << tr("%n hang test(s): it holds %1 times what the card says, give or take %2 %.", nullptr, c.hangTests)
                     .arg(Text::number(std::exp(c.holdLn), 2), Text::number(100 * c.holdLnSpread, 0));
    m_head.show(Text::capital(Text::spool(sp)), {}, lines.join(" "));
    const int tests = c.bendTests + c.hangTests + c.broken + c.lasted;
    m_head.setStamp(c.contradicted ? tr("look again")
                    : tests        ? tr("%n test(s)", nullptr, tests)
                                   : tr("card only"),
                    c.contradicted ? look().slack
                    : tests        ? look().holds
                                   : look().graphite);
    for (std::size_t i = 0; i < stock.bendTests.size(); ++i) {
        const wire::BendTest& t = stock.bendTests[i];
        if (t.spool != sp.id) continue;
        const wire::Seen seen = wire::calcSeen(table, t);
        addRow(tr("%1: bent %2 each side over %3, parted after %4 (card %5)")
                   .arg(QString::fromStdString(t.date), Text::degrees(t.angle_rad), Text::length(t.gap_mm),
                        Text::number(seen.seen, seen.seen == std::floor(seen.seen) ? 0 : 1),
                        Text::number(seen.predicted, 0)),
               seen.contradicts(), kBendRow, i);
    }
    for (std::size_t i = 0; i < stock.hangTests.size(); ++i) {
        const wire::HangTest& t = stock.hangTests[i];
        if (t.spool != sp.id) continue;
        const wire::Seen seen = wire::calcSeen(table, t);
        addRow(tr("%1: crept at %2 N·mm over %3 (card %4)")
                   .arg(QString::fromStdString(t.date), Text::figure(seen.seen), Text::length(t.gap_mm),
                        Text::figure(seen.predicted)),
               seen.contradicts(), kHangRow, i);
    }
    for (const wire::WearTest& t : stock.wearTests)
        if (t.spool == sp.id) addRow(wearRow(t), false);
}

/// A wire on the set: whose joint it was, and what share of its life it had spent. It stands as long as its shot is
/// marked.
QString BenchKnown::wearRow(const wire::WearTest& t) {
    const QStringList key = QString::fromStdString(t.joint).split('/');
    QString joint = tr("a joint that the design no longer has");
    for (const body::Puppet& p : m_document.production().puppets)
        for (const body::Limb& l : p.limbs)
            for (const body::Joint& j : l.joints)
                if (key.size() == 6 && key[0].toStdString() == p.id && key[2].toStdString() == l.id &&
                    key[3].toStdString() == j.id)
                    joint = tr("%1 of %2", "joint, puppet")
                                .arg(QString::fromStdString(j.name), QString::fromStdString(p.name));
    const QString share = Text::number(100 * t.share, 0);
    return t.broke ? tr("%1, on the set: %2 broke at %3 % of the card's life")
                         .arg(QString::fromStdString(t.date), joint, share)
                   : tr("%1, on the set: %2 lasted %3 % of the card's life")
                         .arg(QString::fromStdString(t.date), joint, share);
}

void BenchKnown::showClay(const fill::ClayCard& c) {
    const fill::Shop& shop = m_document.production().stock.shop;
    const auto own = shop.rupturesOf(c.id);
    const int tests = static_cast<int>(own.size());
    const fill::Strength before = fill::calcStrength(c.rupture_MPa, {}), now = fill::calcStrength(c.rupture_MPa, own);
    m_head.show(
        QString::fromStdString(c.name), tr("cured"),
        c.rupture_MPa <= 0 ? tr("The card gives no strength: how brittle it is stays not checked.")
        : own.empty()
            ? tr("No test yet: nine in ten such rods stand %1 MPa by the card.").arg(Text::figure(before.nine_MPa))
            : tr("%n break test(s): nine in ten stand %1 MPa (without tests %2).", nullptr, tests)
                  .arg(Text::figure(now.nine_MPa), Text::figure(before.nine_MPa)));
    m_head.setStamp(own.empty() ? tr("card only") : tr("%n test(s)", nullptr, tests),
                    own.empty() ? look().graphite : look().holds);
    for (std::size_t i = 0; i < shop.breaks.size(); ++i)
        if (const fill::BreakTest& t = shop.breaks[i]; t.clay == c.id)
            addRow(tr("%1: %2 thick over %3, broke at %4 N: %5 MPa (card %6)")
                       .arg(QString::fromStdString(t.date), Text::length(t.diameter_mm), Text::length(t.span_mm),
                            Text::figure(t.force_N), Text::figure(t.rupture_MPa()), Text::figure(c.rupture_MPa)),
                   false, kBreakRow, i);
}

void BenchKnown::showOven() {
    const fill::OvenLog& o = m_document.production().stock.shop.oven;
    m_head.show(tr("The oven"), {},
                o.readings > 0 ? tr("It stands %1 off its dial and swings by %2 to each side (%n reading(s)).", nullptr,
                                    o.readings)
                                     .arg(Text::warmth(o.offset_C), Text::warmth(o.swing_C))
                               : tr("No probe has been in it: its dial is taken at its word. A log of another probe is "
                                    "read in at Skin, under oven."));
    m_head.setStamp(o.readings > 0 ? tr("probed") : tr("dial only"), o.readings > 0 ? look().holds : look().graphite);
}

void BenchKnown::removeMarked() {
    const QListWidgetItem* i = m_list->currentItem();
    if (!i || !i->data(Qt::UserRole).isValid()) return;
    const int kind = i->data(Qt::UserRole).toInt();
    const auto index = static_cast<std::size_t>(i->data(Qt::UserRole + 1).toInt());
    m_document.change(tr("Remove a test"), [&](const document::Edits& e) {
        if (kind == kBendRow) return e.removeBendTest(index);
        if (kind == kHangRow) return e.removeHangTest(index);
        fill::Shop shop = m_document.production().stock.shop;
        if (index < shop.breaks.size()) shop.breaks.erase(shop.breaks.begin() + static_cast<std::ptrdiff_t>(index));
        return e.setShop(shop);
    });
}

void BenchKnown::exportCsv() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Tests"), "wire tests.csv", tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    const auto& stock = m_document.production().stock;
    if (const auto done =
            files::writeOutput(path.toStdString(), files::writeWireTestsCsv(stock.bendTests, stock.hangTests));
        !done)
        Q_EMIT m_document.refused(translated(done.fault()));
}

void BenchKnown::importCsv() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Tests"), {}, tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    const auto text = files::readFile(path.toStdString());
    if (!text) {
        Q_EMIT m_document.refused(translated(text.fault()));
        return;
    }
    auto tests = files::parseWireTestsCsv(*text, m_document.production().stock.spools);
    if (!tests) {
        Q_EMIT m_document.refused(translated(tests.fault()));
        return;
    }
    m_document.change(tr("Tests from %1").arg(QFileInfo(path).fileName()),
                      [&](const document::Edits& e) { return e.addTests(tests->bends, tests->hangs); });
}

} // namespace enkinet::app
