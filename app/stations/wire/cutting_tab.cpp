#include "stations/wire/cutting_tab.h"
#include "results/cutting.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "widgets/paper.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QListWidget>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

namespace {
constexpr double kStickRow = 22, kStickHead = 18;
}

SawingView::SawingView(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("sawing");
    setAccessibleName(tr("Which piece is cut from which length of wire"));
}

void SawingView::refresh() {
    m_height = 0;
    m_shown = m_document.shown();
    for (const choice::SpoolPlan& p : m_shown ? m_shown->report().cutPlan : std::vector<choice::SpoolPlan>{})
        m_height += kStickHead + kStickRow * static_cast<double>(p.sawing.lengths.size()) + 4;
    setFixedHeight(static_cast<int>(std::max(20.0, m_height)));
    update();
}

void SawingView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!m_shown) return;
    const auto& report = m_shown->report();
    const auto& stock = m_shown->production().stock;
    double y = 0;
    for (const choice::SpoolPlan& plan : report.cutPlan) {
        const document::Spool& spool = stock.spools[static_cast<std::size_t>(plan.spool)];
        p.setFont(deskFont(9.5, QFont::DemiBold));
        p.setPen(look().ink);
        drawFitted(
            p, QRectF(0, y, width(), kStickHead), Qt::AlignLeft | Qt::AlignVCenter,
            tr("%1: %2 off the roll, scrap %3")
                .arg(Text::spool(spool), Text::length(plan.sawing.roll_mm, 0), Text::length(plan.sawing.scrap_mm, 0)));
        y += kStickHead;
        double longest = 1;
        for (const solve::Sawn& one : plan.sawing.lengths) {
            double sum = one.left_mm;
            for (int i : one.pieces)
                sum += plan.pieces[static_cast<std::size_t>(i)].length_mm;
            longest = std::max(longest, sum);
        }
        const double k = (width() - 4) / longest;
        p.setFont(deskFont(8.5));
        for (const solve::Sawn& one : plan.sawing.lengths) {
            double x = 1;
            // The longest piece first, as it would be cut.
            std::vector<int> order = one.pieces;
            std::sort(order.begin(), order.end(), [&](int a, int b) {
                return plan.pieces[static_cast<std::size_t>(a)].length_mm >
                       plan.pieces[static_cast<std::size_t>(b)].length_mm;
            });
            for (int i : order) {
                const choice::PieceRef& piece = plan.pieces[static_cast<std::size_t>(i)];
                const double w = k * piece.length_mm;
                const QRectF bar(x, y + 3, std::max(1.0, w - 1), kStickRow - 7);
                const Metal metal = metalOf(report.stock.tableOf(plan.spool).card());
                QLinearGradient round(bar.topLeft(), bar.bottomLeft());
                round.setColorAt(0, metal.mid), round.setColorAt(0.3, metal.light), round.setColorAt(1, metal.mid);
                p.setPen(QPen(metal.dark, 1));
                p.setBrush(round);
                p.drawRect(bar);
                const choice::Cut& cut = report.cuts[static_cast<std::size_t>(piece.cut)];
                const QString name =
                    QString::fromStdString(m_shown->puppet().limbs[static_cast<std::size_t>(cut.limb)].name);
                const QString full = tr("%1 %2").arg(name, Text::number(piece.length_mm, 0));
                const QFontMetricsF metrics(p.font());
                const QString number = Text::number(piece.length_mm, 0);
                p.setPen(QColor("#33312d"));
                if (metrics.horizontalAdvance(full) < bar.width() - 4)
                    p.drawText(bar, Qt::AlignCenter, full);
                else if (metrics.horizontalAdvance(number) < bar.width() - 2)
                    p.drawText(bar, Qt::AlignCenter, number);
                x += w;
            }
            if (one.left_mm > 0) {
                const QRectF bar(x, y + 3, std::max(1.0, k * one.left_mm - 1), kStickRow - 7);
                p.setPen(QPen(look().graphite, 1, Qt::DashLine));
                p.setBrush(Qt::NoBrush);
                p.drawRect(bar);
                p.setPen(look().graphite);
                const QString rest = one.scrap ? tr("scrap %1").arg(Text::number(one.left_mm, 0))
                                               : tr("kept %1").arg(Text::number(one.left_mm, 0));
                if (QFontMetricsF(p.font()).horizontalAdvance(rest) < bar.width() - 2)
                    p.drawText(bar, Qt::AlignCenter, rest);
            }
            y += kStickRow;
        }
        y += 4;
    }
}

CuttingTab::CuttingTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_words = makeText(true);
    m_words->setObjectName("cutWords");
    v->addWidget(m_words);
    m_view = new SawingView(document);
    v->addWidget(m_view);
    v->addLayout(makeButtonRow(this, {{tr("It is cut: take it out of the stock"), "wireIsCut", [this] { cut(); }}}));
    m_caution = makeText(true);
    m_caution->setText(tr("Cover your eyes when you snip: short ends fly. Tie the label on before the next cut."));
    v->addWidget(m_caution);
    v->addWidget(makeHeading(tr("Cut already")));
    m_done = new RowList(3);
    m_done->setObjectName("cutDone");
    m_done->setAccessibleName(tr("Limbs whose wire is cut"));
    v->addWidget(m_done);
    v->addLayout(makeButtonRow(this, {{tr("The marked one is not cut"), "wireNotCut", [this] { uncut(); }}}));
    v->addWidget(makeHeading(tr("Offcuts in the drawer")));
    m_drawer = new RowList(3);
    m_drawer->setObjectName("offcuts");
    m_drawer->setAccessibleName(tr("Offcuts in the drawer"));
    v->addWidget(m_drawer);
    m_spool = new ChoiceField(tr("Spool of the offcut"));
    m_length = new NumberField(NumberField::Kind::length, 1, 1e5, 10, 0, tr("Length of the offcut"));
    m_length->setObjectName("offcutLength");
    m_length->show(200);
    auto* row = new Flow;
    row->addWidget(m_spool);
    row->addWidget(m_length);
    v->addLayout(row);
    v->addLayout(makeButtonRow(this, {{tr("Add offcut"), "addOffcut", [this] { addOffcut(); }},
                                      {tr("Remove marked"), "removeOffcut", [this] { removeOffcut(); }}}));
}

void CuttingTab::show() {
    const auto& r = m_document.report();
    int pieces = 0, missing = 0;
    bool proved = true;
    for (const choice::SpoolPlan& p : r.cutPlan) {
        pieces += static_cast<int>(p.pieces.size()), missing += static_cast<int>(p.sawing.missing.size());
        proved = proved && p.sawing.proved;
    }
    QString words = pieces == 0 ? tr("Nothing is left to cut.")
                                : tr("%1 pieces, offcuts first, with the least wire used up; a rest of %2 or more goes "
                                     "back to the drawer.")
                                      .arg(pieces)
                                      .arg(Text::length(choice::kUsable_mm, 0));
    if (missing > 0) words += " " + tr("%1 pieces cannot be cut from what there is.").arg(missing);
    if (!proved) words += " " + tr("The search was ended early: a better plan may exist.");
    if (const QStringList older = m_document.outdatedSheets(); !older.isEmpty())
        words = tr("The sheets of %1, printed on %2, are older than: %3. Print them anew before cutting.")
                    .arg(QString::fromStdString(m_document.puppet().name), Text::dayTime(*m_document.printedAt()),
                         older.join(", ")) +
                " " + words;
    m_words->setText(words);
    findChild<QPushButton*>("wireIsCut")->setEnabled(pieces > 0 && missing == 0);
    m_view->refresh();
    m_done->clear();
    for (const body::Limb& l : m_document.puppet().limbs)
        if (l.cut_mm) {
            auto* item = new QListWidgetItem(
                tr("%1: finished length %2").arg(QString::fromStdString(l.name), Text::length(*l.cut_mm, 0)), m_done);
            item->setData(Qt::UserRole, QString::fromStdString(l.id));
        }
    m_drawer->clear();
    const auto nameOf = [&](const std::string& spool) {
        for (const document::Spool& s : m_document.production().stock.spools)
            if (s.id == spool) return QString::fromStdString(s.name);
        return QString();
    };
    for (const document::Offcut& o : m_document.production().stock.offcuts)
        m_drawer->addItem(tr("%1: %2").arg(nameOf(o.spool), Text::length(o.length_mm, 0)));
    QList<std::pair<QString, QVariant>> spools;
    for (const document::Spool& s : m_document.production().stock.spools)
        spools << std::pair{QString::fromStdString(s.name), QVariant(QString::fromStdString(s.id))};
    m_spool->show(spools, m_spool->currentData().isValid() ? m_spool->currentData()
                          : spools.isEmpty()               ? QVariant()
                                                           : spools.front().second);
}

void CuttingTab::cut() {
    // What is taken out of the stock is what stands in the plan of now.
    if (!m_document.waitForResults(3000)) {
        Q_EMIT m_document.refused(tr("the cuts are still being worked out; try again in a moment"));
        return;
    }
    const auto cuts = m_document.report().cuts;
    const auto plan = m_document.report().cutPlan;
    m_document.change(tr("Wire is cut"), [&](const document::Edits& e) -> document::Edits::Changed {
        auto taken = results::takeWire(m_document.production(), m_document.puppet(), cuts, plan);
        if (!taken) return taken.fault();
        return e.cutWire(*taken);
    });
}

void CuttingTab::uncut() {
    if (!m_done->currentItem()) return;
    const std::string limb = m_done->currentItem()->data(Qt::UserRole).toString().toStdString();
    m_document.change(tr("Wire is not cut"), [&](const document::Edits& e) { return e.uncutWire(limb); });
}

void CuttingTab::addOffcut() {
    const document::Offcut offcut{m_spool->currentData().toString().toStdString(), m_length->core()};
    m_document.change(tr("Add an offcut"), [&](const document::Edits& e) { return e.addOffcut(offcut); });
}

void CuttingTab::removeOffcut() {
    const int row = m_drawer->currentRow();
    if (row < 0) return;
    m_document.change(tr("Remove an offcut"),
                      [&](const document::Edits& e) { return e.removeOffcut(static_cast<std::size_t>(row)); });
}

} // namespace enkinet::app
