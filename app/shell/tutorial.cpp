#include "shell/tutorial.h"
#include "shell/station_bar.h"
#include "shell/window.h"
#include "widgets/accessible_picture.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QAbstractButton>
#include <QApplication>
#include <QLabel>
#include <QPainter>
#include <QPrintPreviewDialog>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

/// Drawn over the window, and not there for the pointer.
class Tutorial::Ring : public QWidget {
public:
    explicit Ring(QWidget* over) : QWidget(over) {
        setObjectName("firstHourRing");
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setFocusPolicy(Qt::NoFocus);
    }
    /// What is pointed at, in the window.
    void show(const QRect& place) {
        constexpr int kRoom = 9;
        setGeometry(place.adjusted(-kRoom, -kRoom, kRoom, kRoom));
        QWidget::show();
        raise();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        QColor c = look().copper;
        c.setAlphaF(0.9F);
        p.setPen(QPen(c, 3, Qt::DashLine, Qt::RoundCap));
        p.drawRoundedRect(QRectF(rect()).adjusted(3, 3, -3, -3), 9, 9);
    }
};

Tutorial::Tutorial(Window& window, int step)
    : QFrame(&window), m_window(window), m_count(makeText(true)), m_text(makeText()), m_ring(new Ring(&window)) {
    setObjectName("firstHour");
    setFrameShape(QFrame::NoFrame);
    setAutoFillBackground(true);
    m_text->setObjectName("firstHourText");
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(16, 10, 16, 10);
    v->setSpacing(5);
    auto* buttons = new Flow;
    auto* skip = new QPushButton(tr("Skip this"));
    skip->setObjectName("firstHourSkip");
    auto* leave = new QPushButton(tr("Leave it"));
    leave->setObjectName("firstHourLeave");
    m_skip = skip;
    buttons->addWidget(skip);
    buttons->addWidget(leave);
    v->addWidget(m_count);
    v->addWidget(m_text);
    v->addLayout(buttons);
    setStyleSheet(QString("#firstHour { background: %1; border: 2px solid %2; border-radius: 6px; }")
                      .arg(look().card.name(), look().copper.name()));
    connect(skip, &QPushButton::clicked, this, [this] { go(m_step + 1); });
    connect(leave, &QPushButton::clicked, this, &QObject::deleteLater);
    makeSteps();
    go(step);
    m_clock.setInterval(150);
    connect(&m_clock, &QTimer::timeout, this, &Tutorial::watch);
    m_clock.start();
    show();
    raise();
}

Tutorial::~Tutorial() { delete m_ring; }

void Tutorial::makeSteps() {
    Window& w = m_window;
    Document& d = w.document();
    using results::Station;
    const auto named = [&w](const char* name) {
        return [&w, name]() -> QWidget* {
            for (QWidget* x : w.findChildren<QWidget*>(name))
                if (x->isVisible()) return x;
            return nullptr;
        };
    };
    const auto division = [&w](Station s) { return [&w, s]() -> QWidget* { return w.rule().division(s); }; };
    const auto at = [&w](Station s) { return w.rule().division(s)->isChecked(); };
    const auto edited = [this, &d] { return d.undoStack().index() > m_undoAt && !d.isTrial(); };
    m_steps = {
        {tr("Open the demo: three puppets of a small film. It opens as a copy; nothing of it can be spoiled."),
         named("startDemo"), [&d] { return d.hasPuppet(); }},
        {tr("All of her holds. Ask for a taller one: type 260 as her height and press Enter."), named("height"),
         [&d] { return d.hasPuppet() && d.puppet().height_mm > 255; }},
        {tr("On the figure one joint is named: it fails. Go to Wire, on the steel rule."), division(Station::wire),
         [at] { return at(Station::wire); }},
        {tr("The table says what is and what is wanted. Ask why: click the row in red."), named("limits"),
         [named] { return named("why")() != nullptr; }},
        {tr("Under it stand ways out. Try one: the whole desk shows what it would do, and nothing is changed yet."),
         named("tryRemedy0"), [&d] { return d.isTrial(); }},
        {tr("Use it: Apply."), named("applyRemedy0"), edited},
        {tr("Now the clay: go to Skin."), division(Station::skin), [at] { return at(Station::skin); }},
        {tr("Type another thickness and press Enter, or drag a dot of the cut: grams, bakes and joints follow."),
         named("skin"), edited},
        {tr("What you did is taken back by name, as often as you like: Undo."), named("undo"),
         [this, &d] { return d.undoStack().index() < m_undoAt; }},
        {tr("When will it be done? Go to Plan."), division(Station::plan), [at] { return at(Station::plan); }},
        {tr("Take the step in hand: Start. Its minutes teach the next plan."), named("stepStart"),
         [this, &d] { return d.production().log.size() > m_logAt; }},
        {tr("Paper for the bench: Print shows the sheets before they are printed."), named("print"),
         [] {
             for (QWidget* top : QApplication::topLevelWidgets())
                 if (qobject_cast<QPrintPreviewDialog*>(top) && top->isVisible()) return true;
             return false;
         }},
    };
}

void Tutorial::go(int step) {
    m_step = step;
    const Document& d = m_window.document();
    m_undoAt = m_window.document().undoStack().index();
    m_logAt = d.production().log.size();
    if (step < steps()) {
        m_count->setText(tr("The first hour, %1 of %2").arg(step + 1).arg(steps()));
        m_text->setText(m_steps[static_cast<std::size_t>(step)].text);
    } else {
        m_count->setText(tr("The first hour"));
        m_text->setText(tr("That was it. F1 says more at every station; Shift and F1 list the keys."));
        m_skip->hide();
        m_ring->hide();
    }
    announce(*m_text, m_text->text());
    settleDown();
    watch();
}

QString Tutorial::text() const { return m_text->text(); }

QWidget* Tutorial::place() const {
    return m_step >= 0 && m_step < steps() ? m_steps[static_cast<std::size_t>(m_step)].at() : nullptr;
}

/// Low on the bench, beside the answer.
void Tutorial::settleDown() {
    constexpr int kWide = 420, kAboveRule = 96;
    const int wide = std::min(kWide, m_window.width() - 40);
    resize(wide, layout()->hasHeightForWidth() ? layout()->totalHeightForWidth(wide) : sizeHint().height());
    move((m_window.width() - width()) / 3, m_window.height() - height() - kAboveRule);
}

void Tutorial::watch() {
    if (m_step < 0 || m_step >= steps()) return;
    if (m_steps[static_cast<std::size_t>(m_step)].done()) return go(m_step + 1);
    settleDown();
    const QWidget* at = place();
    if (!at || !at->isVisible())
        m_ring->hide();
    else
        m_ring->show(QRect(at->mapTo(&m_window, QPoint()), at->size()) & m_window.rect().adjusted(-2, -2, 2, 2));
    raise();
}

} // namespace enkinet::app
