#include "stations/station_table.h"
#include "widgets/fields.h"
#include <QApplication>
#include <QPointer>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

StationTable::StationTable(Document& document, const QString& name, QWidget* parent)
    : QWidget(parent), m_document(document), m_table(new LimitTable), m_why(makeText()) {
    setObjectName(name);
    m_table->setObjectName(name + "Limits");
    m_why->setObjectName(name + "Why");
    m_why->setTextFormat(Qt::RichText);
    m_why->hide();
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(4);
    v->addWidget(m_table);
    v->addWidget(m_why);
    connect(m_table, &LimitTable::asked, this, [this](int row) { open(row == m_open ? -1 : row); });
}

void StationTable::show(std::vector<StationRow> rows) {
    const QString asked = m_open >= 0 ? m_rows[static_cast<std::size_t>(m_open)].shown.name : QString();
    m_rows = std::move(rows);
    std::vector<LimitTable::Row> shown;
    for (const StationRow& r : m_rows)
        shown.push_back(r.shown);
    m_table->show(shown);
    setVisible(!m_rows.empty());
    // The same question stays open over a change.
    int again = -1;
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        if (!asked.isEmpty() && m_rows[i].shown.name == asked) again = static_cast<int>(i);
    open(again);
}

void StationTable::open(int row) {
    m_open = row;
    m_table->setOpen(row);
    m_why->setVisible(row >= 0);
    if (row < 0) return;
    const Why& w = m_rows[static_cast<std::size_t>(row)].why;
    m_why->setText(textOf(w));
    m_why->setAccessibleName(w.title);
    askMovers();
}

void StationTable::askMovers() {
    const StationRow& row = m_rows[static_cast<std::size_t>(m_open)];
    if (row.turns.empty() || !row.reading) return;
    m_worker.ask([self = QPointer<StationTable>(this), value = m_document.value(), cards = m_document.sharedCards(),
                  before = row.reading(m_document.report()), puppet = m_document.puppetIndex(), turns = row.turns,
                  reading = row.reading, at = m_open](const std::stop_token& stop) {
        std::vector<std::pair<QString, double>> percents;
        results::PuppetMemo memo;
        const std::string id = value->puppets[static_cast<std::size_t>(puppet)].id;
        for (const Turn& t : turns) {
            const auto changed = t.edit(document::Edits(*value, *cards, id));
            if (!changed) continue;
            const double after = reading(results::calcReport(*changed, puppet, *cards, Document::tables(), memo, stop));
            if (std::isfinite(after) && before > 0 && after > 0)
                percents.emplace_back(t.name, 100 * (after / before - 1));
        }
        QMetaObject::invokeMethod(qApp, [self, value, at, percents] {
            // The document, or the question, may have moved on.
            if (!self || self->m_document.value() != value || self->m_open != at) return;
            StationRow& asked = self->m_rows[static_cast<std::size_t>(at)];
            asked.why.movers = sayMovers(percents);
            self->m_why->setText(textOf(asked.why));
        });
    });
}

} // namespace enkinet::app
