#include "stations/wire/remedies_list.h"
#include "document/translated.h"
#include "widgets/fields.h"
#include "words/text.h"
#include <QHBoxLayout>
#include <QLabel>
#include <QPointer>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
constexpr std::size_t kFirst = 3; ///< in view without asking for more
constexpr int kPause_ms = 350;    ///< of quiet before the model is asked
} // namespace

RemediesList::RemediesList(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("remedies");
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(4);
    m_heading = makeHeading(tr("Ways out"));
    m_heading->setToolTip(
        tr("Each is just enough, with the reserve you want, solved on the whole model; the smallest first."));
    v->addWidget(m_heading);
    auto* line = new QHBoxLayout;
    m_said = makeText(true);
    m_stop = new QPushButton(tr("Stop"));
    m_stop->setFixedWidth(64);
    line->addWidget(m_said, 1);
    line->addWidget(m_stop);
    v->addLayout(line);
    auto* rows = new QWidget;
    m_rows = new QVBoxLayout(rows);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setSpacing(4);
    v->addWidget(rows);
    m_soon.setSingleShot(true);
    m_soon.setInterval(kPause_ms);
    connect(&m_soon, &QTimer::timeout, this, &RemediesList::ask);
    connect(m_stop, &QPushButton::clicked, this, [this] { m_worker.stop(); });
    hide();
}

void RemediesList::show(int limb) {
    // While one is tried out the others stay offered as they were.
    if (m_document.isTrial() && !m_remedies.empty()) return;
    if (m_tried >= 0) {
        m_tried = -1;
        if (limb == m_limb && isAsked()) return rows();
    }
    // Numbers of before say nothing of what is now.
    if (m_document.isWorking()) {
        m_worker.stop();
        m_askedOf.reset();
        m_soon.stop();
        ++m_ticket;
        return;
    }
    const auto& choice = m_document.report().choice;
    const bool fails = limb >= 0 && limb < static_cast<int>(choice.limbs.size()) &&
                       choice.limbs[static_cast<std::size_t>(limb)].chosen >= 0 &&
                       choice.limbs[static_cast<std::size_t>(limb)].state != choice::State::holds;
    setVisible(fails);
    if (limb == m_limb && isAsked()) return;
    m_limb = limb;
    m_askedOf = m_document.shown();
    m_worker.stop();
    ++m_ticket;
    m_remedies.clear();
    m_all = false;
    rows();
    m_busy = fails;
    m_stop->setVisible(false);
    m_said->setText(fails ? tr("Looking for the smallest change of each kind…") : QString());
    m_said->setVisible(fails);
    if (fails)
        m_soon.start();
    else
        m_soon.stop();
}

bool RemediesList::isAsked() const { return m_askedOf && m_askedOf->isNow(m_document); }

/// What is tried is put back before anything is done.
bool RemediesList::isOffered() const {
    return m_askedOf && m_askedOf->value() == m_document.steadyValue() &&
           m_askedOf->puppetIndex() == m_document.puppetIndex();
}

void RemediesList::ask() {
    const quint64 ticket = m_ticket;
    if (!isAsked()) return;
    m_stop->setVisible(true);
    // The worker has a copy of the document and of the cards; it comes back by the event loop.
    m_worker.ask([self = QPointer<RemediesList>(this), asked = *m_askedOf, cards = m_document.sharedCards(),
                  limb = m_limb, ticket, memo = m_memo](const std::stop_token& stop) {
        auto found = results::calcRemedies(
            asked.production(), asked.puppetIndex(), limb, *cards, Document::tables(), stop,
            [&](int done, int of) {
                QMetaObject::invokeMethod(qApp, [self, ticket, done, of] {
                    if (self && self->m_ticket == ticket && self->m_busy)
                        self->m_said->setText(
                            RemediesList::tr("Looking… %1 of %2 kinds of change tried").arg(done).arg(of));
                });
            },
            memo.get());
        QMetaObject::invokeMethod(
            qApp, [self, ticket, answer = Answer<std::vector<results::Remedy>>(asked, std::move(found))] {
                if (self) self->finish(ticket, answer);
            });
    });
}

void RemediesList::finish(quint64 ticket, const Answer<std::vector<results::Remedy>>& answer) {
    // Of another limb, or of a document or puppet that is no longer there: also while nobody looks at this list.
    const std::vector<results::Remedy>* found = ticket == m_ticket ? answer.of(m_document) : nullptr;
    if (!found) return;
    m_busy = false;
    m_stop->setVisible(false);
    m_remedies = *found;
    m_said->setText(m_remedies.empty()
                        ? tr("Neither one change nor two make a wire of this stock fit: change the design.")
                        : QString());
    m_said->setVisible(!m_said->text().isEmpty());
    rows();
}

void RemediesList::rows() {
    while (QLayoutItem* item = m_rows->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (std::size_t i = 0; m_askedOf && i < m_remedies.size() && (m_all || i < kFirst); ++i) {
        auto* row = new QWidget;
        auto* both = new QVBoxLayout(row);
        both->setContentsMargins(0, 0, 0, 0);
        both->setSpacing(1);
        const QString words = Text::remedy(m_remedies[i], *m_askedOf);
        auto* change = makeText();
        change->setText(Text::capital(words.section('\n', 0, 0)));
        both->addWidget(change);
        auto* h = new QHBoxLayout;
        h->setSpacing(6);
        auto* result = makeText(true);
        result->setText(words.section('\n', 1));
        // What it opens elsewhere, point by point.
        QStringList opens;
        for (const findings::Finding& p : m_remedies[i].brings)
            opens << Text::openPoint(p);
        result->setToolTip(plainTip(opens.join("\n")));
        result->setAccessibleDescription(opens.join(" "));
        h->addWidget(result, 1);
        const bool tried = m_tried == static_cast<int>(i) && m_document.isTrial();
        auto* look = new QPushButton(tried ? tr("Put back") : tr("Try"));
        look->setObjectName("tryRemedy" + QString::number(i));
        look->setAccessibleName(tr("Try: %1").arg(words));
        auto* button = new QPushButton(tr("Apply"));
        button->setProperty("role", "strong");
        button->setObjectName("applyRemedy" + QString::number(i));
        button->setAccessibleName(tr("Apply: %1").arg(words));
        h->addWidget(look, 0, Qt::AlignTop);
        h->addWidget(button, 0, Qt::AlignTop);
        both->addLayout(h);
        m_rows->addWidget(row);
        // The row dies with its own click: the answer comes once the click is over.
        connect(
            look, &QPushButton::clicked, this, [this, i] { tryOut(i); }, Qt::QueuedConnection);
        connect(
            button, &QPushButton::clicked, this, [this, i] { apply(i); }, Qt::QueuedConnection);
    }
    if (!m_all && m_remedies.size() > kFirst) {
        auto* more = new QPushButton(tr("%n more way(s) out", nullptr, static_cast<int>(m_remedies.size() - kFirst)));
        more->setObjectName("moreRemedies");
        m_rows->addWidget(more, 0, Qt::AlignLeft);
        connect(
            more, &QPushButton::clicked, this,
            [this] {
                m_all = true;
                rows();
            },
            Qt::QueuedConnection);
    }
    updateGeometry();
}

void RemediesList::tryOut(std::size_t index) {
    if (index >= m_remedies.size() || !isOffered()) return;
    if (m_tried == static_cast<int>(index) && m_document.isTrial()) return m_document.endTrial();
    const results::Remedy r = m_remedies[index];
    Q_EMIT helping();
    m_document.endTrial();
    auto tried = results::applyRemedy(m_document.production(), m_document.shippedCards(), m_document.puppetIndex(), r);
    if (!tried) return Q_EMIT m_document.refused(translated(tried.fault()));
    m_tried = static_cast<int>(index);
    m_document.tryOut(Text::capital(Text::remedy(r, *m_askedOf).section('\n', 0, 0)), tried.take());
    rows();
}

void RemediesList::apply(std::size_t index) {
    if (index >= m_remedies.size() || !isOffered()) return;
    const results::Remedy r = m_remedies[index];
    Q_EMIT helping();
    const QString name = tr("Remedy: %1").arg(Text::remedy(r, *m_askedOf).section('\n', 0, 0));
    m_document.change(name, [&](const document::Edits&) {
        return results::applyRemedy(m_document.production(), m_document.shippedCards(), m_document.puppetIndex(), r);
    });
}

} // namespace enkinet::app
