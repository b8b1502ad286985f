// Hours, people, deadlines and what would make them hold; what to buy.
#include "document/translated.h"
#include "stations/plan/plan_days.h"
#include "stations/plan/plan_page.h"
#include "stations/plan/shop_shelf.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "words/text.h"
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

QString PlanPage::wayText(const PlanJob::Known& k, const results::WayToHold& w) {
    const QString puppet =
        w.puppet >= 0 ? QString::fromStdString(k.of->puppets[static_cast<std::size_t>(w.puppet)].name) : QString();
    QString what;
    switch (w.kind) {
    case results::Relief::another_pair:
        what = tr("another pair of hands");
        break;
    case results::Relief::longer_days:
        what = tr("days longer by %1").arg(Text::minutes(w.amount));
        break;
    case results::Relief::saturdays:
        what = tr("Saturdays as Fridays");
        break;
    case results::Relief::one_copy_less:
        what = tr("one %1 less").arg(puppet);
        break;
    case results::Relief::fewer_pieces:
        what = tr("half of %1 on %2").arg(translated(w.subject), puppet);
        break;
    }
    const QString left =
        w.late > 0 ? tr("still late by %1").arg(Text::minutes(static_cast<double>(w.late))) : tr("all deadlines hold");
    return w.cost_min > 0 ? tr("%1: %2, for %3 of hands", "way, what it gives, its price")
                                .arg(what, left, Text::hours(static_cast<double>(w.cost_min)))
                          : tr("%1: %2", "way, what it gives").arg(what, left);
}

void PlanPage::showWays() {
    const PlanJob::State k = job().state();
    const auto row = static_cast<std::size_t>(std::max(0, m_ways->currentRow()));
    const bool any = k && m_ways->count() > 0 && row < k->ways.size();
    // Fewer pieces are typed where the thing is.
    const bool may = any && k->ways[row].kind != results::Relief::fewer_pieces;
    // What goes hands the keys to the days; the next in the card would scroll it.
    if ((!may && m_applyWay->hasFocus()) || (!any && m_ways->hasFocus())) m_days->setFocus(Qt::OtherFocusReason);
    m_ways->setVisible(m_ways->count() > 0);
    m_applyWay->setVisible(may);
}

void PlanPage::applyWay() {
    const PlanJob::State k = job().state();
    const int row = m_ways->currentRow();
    if (!k || row < 0 || row >= static_cast<int>(k->ways.size())) return;
    const results::WayToHold& w = k->ways[static_cast<std::size_t>(row)];
    const QString name = wayText(*k, w);
    if (w.calendar) {
        Calendar c = *w.calendar;
        // The core numbers whom it adds; here they get a name that can be changed among the settings.
        const auto known = document::findCalendar(document().production()).people;
        for (std::size_t i = known.size(); i < c.people.size(); ++i)
            c.people[i] = tr("person %1").arg(i + 1).toStdString();
        document().change(name, [&](const document::Edits& e) { return e.setCalendar(c); });
    }
    if (w.kind != results::Relief::one_copy_less) return;
    const body::Puppet& puppet = document().production().puppets[static_cast<std::size_t>(w.puppet)];
    document().change(name, [&](const document::Edits&) {
        body::Things things = puppet.things;
        things.copies = std::max(1, things.copies - 1);
        return document::Edits(document().production(), document().shippedCards(), puppet.id).setThings(things);
    });
}

void PlanPage::makeHours() {
    m_hoursFold = new Fold(tr("Hours, people and deadlines"));
    auto* form = makeForm();
    const auto field = [&](const QString& label, const char* name, const QString& hint) {
        auto* f = new QLineEdit;
        f->setObjectName(name);
        f->setAccessibleName(label);
        f->setPlaceholderText(hint);
        form->addRow(label, f);
        return f;
    };
    m_deadline = field(tr("on set"), "planDeadline", "2026-12-04T10:00");
    m_first = field(tr("first step"), "planFirst", tr("now"));
    for (std::size_t d = 0; d < 7; ++d)
        m_hours.push_back(field(QLocale().dayName(static_cast<int>(d) + 1, QLocale::ShortFormat),
                                QString("planHours%1").arg(d).toLatin1().constData(), tr("off")));
    m_off = field(tr("days off"), "planOff", "2026-12-24 2026-12-25");
    m_people = field(tr("people"), "planPeople", tr("one pair of hands"));
    m_hoursFold->body()->addLayout(form);
    column()->addWidget(m_hoursFold);
    connect(m_deadline, &QLineEdit::editingFinished, this, [this] {
        if (!m_deadline->isModified()) return;
        m_deadline->setModified(false);
        const std::string text = m_deadline->text().trimmed().toStdString();
        const auto at = parseIsoTime(text);
        if (!text.empty() && !at) {
            Q_EMIT document().refused(tr("“%1” is no time such as 2026-12-04T10:00").arg(m_deadline->text()));
            return showHours();
        }
        document().change(tr("On set: %1").arg(at ? Text::dayTime(*at) : tr("no day")),
                          [at](const document::Edits& e) { return e.setDeadline(at); });
    });
    const auto changed = [this](QLineEdit* f) {
        connect(f, &QLineEdit::editingFinished, this, [this, f] {
            if (!f->isModified()) return;
            f->setModified(false);
            Calendar c = document::findCalendar(document().production());
            QString wrong;
            const QString first = m_first->text().trimmed();
            c.start = parseIsoTime(first.toStdString());
            if (!first.isEmpty() && !c.start) wrong = first;
            static const QRegularExpression dash("[-–]"), gap("[\\s,;]+");
            for (std::size_t d = 0; d < 7; ++d) {
                c.hours[d].clear();
                for (const QString& span : m_hours[d]->text().split(' ', Qt::SkipEmptyParts)) {
                    const QStringList ends = span.split(dash);
                    const auto from = parseClock(ends.value(0).toStdString()),
                               to = parseClock(ends.value(1).toStdString());
                    if (ends.size() != 2 || !from || !to)
                        wrong = span;
                    else
                        c.hours[d].push_back({*from, *to});
                }
            }
            c.daysOff.clear();
            for (const QString& text : m_off->text().split(gap, Qt::SkipEmptyParts)) {
                const auto day = parseIsoDate(text.toStdString());
                if (day)
                    c.daysOff.push_back(*day);
                else
                    wrong = text;
            }
            std::sort(c.daysOff.begin(), c.daysOff.end());
            c.daysOff.erase(std::unique(c.daysOff.begin(), c.daysOff.end()), c.daysOff.end());
            c.people.clear();
            for (const QString& name : m_people->text().split(',', Qt::SkipEmptyParts))
                if (!name.trimmed().isEmpty()) c.people.push_back(name.trimmed().toStdString());
            if (!wrong.isEmpty()) {
                Q_EMIT document().refused(
                    tr("“%1” cannot be read: hours as 10:00-18:00, days as 2026-12-24").arg(wrong));
                return showHours();
            }
            document().change(tr("Hours of the shop"), [&](const document::Edits& e) { return e.setCalendar(c); });
        });
    };
    changed(m_first), changed(m_off), changed(m_people);
    for (QLineEdit* f : m_hours)
        changed(f);
}

void PlanPage::showHours() {
    if (!document().hasPuppet()) return;
    const Calendar c = document::findCalendar(document().production());
    const auto put = [](QLineEdit* f, const QString& text) {
        if (!f->isModified() && f->text() != text) f->setText(text);
    };
    const auto& deadline = document().puppet().deadline;
    put(m_deadline, deadline ? QString::fromStdString(isoTime(*deadline)) : QString());
    put(m_first, c.start ? QString::fromStdString(isoTime(*c.start)) : QString());
    int open = 0;
    for (std::size_t d = 0; d < 7; ++d) {
        QStringList spans;
        for (const Span& s : c.hours[d])
            spans << QString::fromStdString(clockText(s.from) + "-" + clockText(s.to)), open += s.to - s.from;
        put(m_hours[d], spans.join(' '));
    }
    QStringList off, people;
    for (std::int64_t d : c.daysOff)
        off << QString::fromStdString(isoDate(d));
    for (const std::string& p : c.people)
        people << QString::fromStdString(p);
    put(m_off, off.join(' '));
    put(m_people, people.join(tr(", ")));
    m_hoursFold->setLine(
        tr("%1 h a week, %n people", nullptr, c.hands()).arg(Text::number(open / 60.0, open % 60 ? 1 : 0)));
}

void PlanPage::showShopping() {
    m_shop->show(job().state());
    m_shopFold->setLine(m_shop->summary());
}

} // namespace enkinet::app
