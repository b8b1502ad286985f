#include "shell/desk_top.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QEvent>
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

namespace {
constexpr int kGap = 16, kShelf = 48, kRule = 72;
/// Widths of window at which the arrangement changes.
constexpr int kNarrow = 1100, kWide = 1700;
} // namespace

DeskTop::DeskTop(QWidget* parent) : QWidget(parent) {}

void DeskTop::setPlaces(QWidget* shelf, QWidget* rail, QWidget* bench, QWidget* answer, QWidget* rule) {
    m_shelf = shelf, m_rail = rail, m_bench = bench, m_answer = answer, m_rule = rule;
    // In the order in which the keyboard goes through them.
    for (QWidget* w : {shelf, rail, bench, answer, rule})
        w->setParent(this);
    arrange();
}

void DeskTop::setAlone(bool alone) {
    if (alone == m_alone) return;
    m_alone = alone;
    arrange();
}

void DeskTop::resizeEvent(QResizeEvent*) { arrange(); }

bool DeskTop::event(QEvent* e) {
    if (e->type() == QEvent::PaletteChange) m_ground = {};
    return QWidget::event(e);
}

void DeskTop::arrange() {
    if (!m_shelf) return;
    const int w = width(), h = height();
    m_shelf->setGeometry(0, 0, w, kShelf);
    m_rule->setGeometry(0, h - kRule, w, kRule);
    const int top = kShelf + 8, high = h - kRule - kGap - top;
    const int rail = w < kNarrow ? 120 : w > kWide ? 300 : 220;
    const int answer = w > kWide ? std::min(520, w * 3 / 10) : 340;
    m_folded = w < 900;
    m_rail->setVisible(!m_alone);
    m_answer->setVisible(true);
    const int left = m_alone ? kGap : kGap + rail + kGap;
    if (!m_alone) m_rail->setGeometry(kGap, top, rail, high);
    if (m_folded) {
        const int below = std::max(180, high * 2 / 5);
        m_bench->setGeometry(left, top, w - left - kGap, high - below - kGap);
        m_answer->setGeometry(left, top + high - below, w - left - kGap, below);
    } else {
        m_bench->setGeometry(left, top, w - left - kGap - answer - kGap, high);
        m_answer->setGeometry(w - kGap - answer, top, answer, high);
    }
    m_ground = {};
    update();
    Q_EMIT arranged(w > kWide);
}

void DeskTop::paintEvent(QPaintEvent*) {
    const double dpr = devicePixelRatioF();
    if (m_ground.isNull() || m_groundNight != look().night) {
        m_groundNight = look().night;
        m_ground = QPixmap(size() * dpr);
        m_ground.setDevicePixelRatio(dpr);
        QPainter p(&m_ground);
        p.setRenderHint(QPainter::Antialiasing);
        drawBench(p, rect());
        if (m_rail && m_rail->isVisible())
            drawPaper(p, QRectF(m_rail->geometry()).adjusted(-1, -1, 1, 1), look().sheet, 11);
        if (m_bench) drawPaper(p, QRectF(m_bench->geometry()).adjusted(-1, -1, 1, 1), look().sheet, 12);
        if (m_answer && m_answer->isVisible())
            drawTagPaper(p, m_answer->geometry(), m_answer->geometry().topLeft() + QPointF(20, 26));
        p.fillRect(QRectF(0, height() - kRule - 5, width(), 5), QColor(58, 47, 28, 40));
    }
    QPainter(this).drawPixmap(0, 0, m_ground);
}

} // namespace enkinet::app
