#include "stations/wire/puppet_table.h"
#include "base/units.h"
#include "document/translated.h"
#include "files/csv.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QHeaderView>
#include <QLabel>
#include <QTableView>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

PuppetTableModel::PuppetTableModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), m_document(document) {
    connect(&document, &Document::changed, this, [this] {
        beginResetModel();
        endResetModel();
    });
}

namespace {
/// "3", or "3→1" where strands end on the way.
QString strands(const choice::LimbChoice& l, const choice::Candidate& c) {
    QString text = QString::number(c.bundle.strands);
    for (const choice::Ending& e : choice::findEndings(l, c))
        text += PuppetTableModel::tr("→%1").arg(e.strands);
    return text;
}

QString pieces(const choice::Cut& cut) {
    QStringList each;
    for (const choice::StrandGroup& g : cut.groups)
        each << PuppetTableModel::tr("%1 × %2%3")
                    .arg(g.pieces * cut.copies)
                    .arg(Text::number(g.piece_mm, 0), g.folded ? PuppetTableModel::tr(" folded") : QString());
    return each.join(PuppetTableModel::tr(" + "));
}
} // namespace

int PuppetTableModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() || !m_document.hasPuppet() ? 0 : static_cast<int>(m_document.report().choice.limbs.size());
}

int PuppetTableModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

QString PuppetTableModel::cell(int row, Column column) const {
    const results::Report& r = m_document.report();
    const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(row)];
    const body::Limb& drawn = m_document.puppet().limbs[static_cast<std::size_t>(l.limb)];
    if (column == limb)
        return drawn.mirrored ? tr("%1 ×2").arg(QString::fromStdString(drawn.name))
                              : QString::fromStdString(drawn.name);
    if (l.chosen < 0) return column == wire ? Text::noWire(l.reason) : QString();
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    const auto cutOf =
        std::find_if(r.cuts.begin(), r.cuts.end(), [&](const choice::Cut& x) { return x.limb == l.limb; });
    const bool judged = l.worst >= 0;
    switch (column) {
    case wire:
        return tr("%1 × %2 %3")
            .arg(strands(l, c), Text::number(c.bundle.diameter_mm, 1),
                 QString::fromStdString(cardName(m_document.production(), r, c.spool)));
    case lay:
        return c.bundle.strands == 1 ? tr("–")
               : c.bundle.lay_mm > 0 ? Text::number(c.bundle.lay_mm, 1)
                                     : tr("parallel");
    case cut:
        if (cutOf == r.cuts.end()) return {};
        return pieces(*cutOf);
    case turns:
        return cutOf == r.cuts.end() || cutOf->turns <= 0 ? tr("–") : Text::number(cutOf->turns, 1);
    case holds: {
        if (!judged) return tr("nothing moves");
        // The joint with least to spare.
        std::size_t least = 0;
        for (std::size_t i = 1; i < l.verdicts.size(); ++i)
            if (l.verdicts[i].bend.hold_Nmm / l.demands[i].needed_Nmm <
                l.verdicts[least].bend.hold_Nmm / l.demands[least].needed_Nmm)
                least = i;
        return tr("%1 of %2")
            .arg(Text::figure(l.verdicts[least].bend.hold_Nmm), Text::figure(l.demands[least].needed_Nmm));
    }
    case effort: {
        double most = 0;
        for (const choice::Verdict& v : l.verdicts)
            if (std::isfinite(v.effort_N)) most = std::max(most, v.effort_N.value);
        return judged ? Text::number(most / kNewtonPerGram, 0) : tr("–");
    }
    case film: {
        double least = 1e12;
        for (const choice::Verdict& v : l.verdicts)
            least = std::min(least, v.life_s.value);
        return judged ? Text::figure(least) : tr("–");
    }
    case firstToBreak: {
        if (!judged) return tr("–");
        std::size_t first = 0;
        for (std::size_t i = 1; i < l.verdicts.size(); ++i)
            if (l.verdicts[i].life_s / l.demands[i].needFilm_s < l.verdicts[first].life_s / l.demands[first].needFilm_s)
                first = i;
        return QString::fromStdString(drawn.joints[static_cast<std::size_t>(l.demands[first].joint)].name);
    }
    case state:
        return judged ? Text::state(l.state) : QString();
    default:
        return {};
    }
}

QVariant PuppetTableModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const auto column = static_cast<Column>(index.column());
    if (role == Qt::DisplayRole) return cell(index.row(), column);
    if (role == Qt::TextAlignmentRole && (column == lay || column == effort || column == film || column == turns))
        return static_cast<int>(Qt::AlignRight | Qt::AlignVCenter);
    const choice::LimbChoice& l = m_document.report().choice.limbs[static_cast<std::size_t>(index.row())];
    if (role == Qt::ForegroundRole && column == state) return stateColour(static_cast<int>(l.state));
    if (role == Qt::FontRole && column == state) return deskFont(10, QFont::DemiBold);
    return {};
}

QVariant PuppetTableModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    const QString heads[] = {tr("limb"),    tr("wire"),           tr("lay, mm"), tr("holds, N·mm"), tr("hand, g"),
                             tr("film, s"), tr("first to break"), tr("state"),   tr("cut, mm"),     tr("turns")};
    return section >= 0 && section < columns ? heads[section] : QVariant();
}

QString PuppetTableModel::csv() const {
    std::string text;
    std::vector<std::string> cells;
    for (int c = 0; c < columns; ++c)
        cells.push_back(headerData(c, Qt::Horizontal).toString().toStdString());
    text += files::csvLine(cells);
    for (int r = 0; r < rowCount(); ++r) {
        cells.clear();
        for (int c = 0; c < columns; ++c)
            cells.push_back(cell(r, static_cast<Column>(c)).toStdString());
        text += files::csvLine(cells);
    }
    return QString::fromStdString(text);
}

PuppetTable::PuppetTable(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_model(new PuppetTableModel(document, this)) {
    setObjectName("cardBody");
    setAttribute(Qt::WA_StyledBackground);
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(16, 14, 16, 14);
    v->setSpacing(8);
    m_title = makeTitle();
    v->addWidget(m_title);
    m_view = new QTableView;
    m_view->setObjectName("puppetTable");
    m_view->setAccessibleName(tr("Every limb's wire"));
    m_view->setModel(m_model);
    m_view->verticalHeader()->hide();
    m_view->horizontalHeader()->setStretchLastSection(true);
    m_view->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_view->setShowGrid(false);
    m_view->setFont(deskFont(9.5));
    m_view->setAlternatingRowColors(true);
    v->addWidget(m_view, 1);
    m_chance = makeText();
    v->addWidget(m_chance);
    m_asideWords = makeText();
    m_asideWords->setObjectName("asideWords");
    v->addWidget(m_asideWords);
    m_differences = new QTableWidget;
    m_differences->setObjectName("differences");
    m_differences->setAccessibleName(tr("Where the design aside differs, joint by joint"));
    m_differences->verticalHeader()->hide();
    m_differences->setShowGrid(false);
    m_differences->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_differences->setFont(deskFont(9.5));
    v->addWidget(m_differences, 1);
    v->addLayout(makeButtonRow(this, {{tr("Keep this design aside"), "keepAside", [this] { keepAside(); }},
                                      {tr("Change places"), "swapAside", [this] { swapAside(); }},
                                      {tr("Let the one aside go"), "dropAside", [this] { dropAside(); }}}));
    connect(&document, &Document::changed, this, &PuppetTable::refresh);
    connect(m_view, &QTableView::clicked, this, [this](const QModelIndex& i) {
        const choice::LimbChoice& l = m_document.report().choice.limbs[static_cast<std::size_t>(i.row())];
        if (l.worst >= 0)
            m_document.select(
                {Selection::Kind::joint, l.limb, l.demands[static_cast<std::size_t>(l.worst)].joint, false});
    });
    refresh();
}

void PuppetTable::refresh() {
    if (!m_document.hasPuppet() || !isVisible()) return;
    const results::Report& r = m_document.report();
    m_title->setText(tr("%1 for the wall").arg(QString::fromStdString(m_document.puppet().name)));
    m_chance->setText(
        tr("%1 Holds: N·mm of those needed. Lives are those that nine joints in ten reach. Hand: grams at "
           "the grip of the joint that takes most.")
            .arg(Text::chance(m_document.puppet(), r.choice)));
    m_view->resizeColumnsToContents();
    refreshAside();
}

void PuppetTable::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    refresh();
}

void PuppetTable::keepAside() {
    m_document.change(tr("Keep the design aside"), [](const document::Edits& e) { return e.keepAside(); });
}
void PuppetTable::swapAside() {
    m_document.change(tr("Take the design aside"), [](const document::Edits& e) { return e.swapAside(); });
}
void PuppetTable::dropAside() {
    m_document.change(tr("Let the design aside go"), [](const document::Edits& e) { return e.dropAside(); });
}

void PuppetTable::refreshAside() {
    const body::Puppet& puppet = m_document.puppet();
    const bool has = !puppet.aside.empty();
    findChild<QPushButton*>("swapAside")->setEnabled(has);
    findChild<QPushButton*>("dropAside")->setEnabled(has);
    m_differences->setVisible(has);
    if (!has) {
        m_asideWords->setText(tr("To try something without losing this: keep the design aside, change what you like, "
                                 "and the two are compared here joint by joint."));
        return;
    }
    const results::Report& now = m_document.report();
    const auto aside = m_document.reportOfAside();
    if (!aside) {
        m_asideWords->setText(tr("Working out the design aside…"));
        return;
    }
    const results::Report& other = *aside;
    const auto rows = results::calcDifferences(puppet, now, puppet.aside.front(), other);
    m_asideWords->setText(
        tr("%1 joints differ from the design aside, which weighs %2 (now %3) and costs %4 (now %5). Now: %6 Aside: %7")
            .arg(rows.size())
            .arg(Text::grams(other.choice.totals.mass_g()), Text::grams(now.choice.totals.mass_g()),
                 Text::number(other.price, 2), Text::number(now.price, 2), Text::chance(puppet, now.choice),
                 Text::chance(puppet.aside.front(), other.choice)));
    const QStringList heads{tr("joint"),        tr("now"),         tr("aside"),         tr("holds, N·mm, now"),
                            tr("aside"),        tr("film now, s"), tr("film aside, s"), tr("hand now, g"),
                            tr("hand aside, g")};
    m_differences->clear();
    m_differences->setColumnCount(static_cast<int>(heads.size()));
    m_differences->setHorizontalHeaderLabels(heads);
    m_differences->setRowCount(static_cast<int>(rows.size()));
    for (std::size_t i = 0; i < rows.size(); ++i) {
        const results::Difference& d = rows[i];
        const auto state = [](const std::optional<choice::Verdict>& v) {
            return v ? Text::state(v->state()) : tr("–");
        };
        const auto held = [](const std::optional<choice::Verdict>& v) {
            const double margin = v ? v->margin[static_cast<std::size_t>(choice::State::slack)].value : 0;
            return margin > 0
                       ? tr("%1 of %2").arg(Text::figure(v->bend.hold_Nmm), Text::figure(v->bend.hold_Nmm / margin))
                       : tr("–");
        };
        const auto number = [](const std::optional<choice::Verdict>& v, double value, int digits) {
            return v && std::isfinite(value) ? Text::number(value, digits) : tr("–");
        };
        const QString cells[] = {translated(d.joint),
                                 state(d.now),
                                 state(d.aside),
                                 held(d.now),
                                 held(d.aside),
                                 number(d.now, d.now ? d.now->life_s.value : 0, 1),
                                 number(d.aside, d.aside ? d.aside->life_s.value : 0, 1),
                                 number(d.now, d.now ? d.now->effort_N / kNewtonPerGram : 0, 0),
                                 number(d.aside, d.aside ? d.aside->effort_N / kNewtonPerGram : 0, 0)};
        for (std::size_t c = 0; c < std::size(cells); ++c)
            m_differences->setItem(static_cast<int>(i), static_cast<int>(c), new QTableWidgetItem(cells[c]));
    }
    m_differences->resizeColumnsToContents();
}

} // namespace enkinet::app
