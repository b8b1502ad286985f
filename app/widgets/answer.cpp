#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QAbstractButton>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr int kLimitRow = 26;

/// The folded line with its arrow.
class FoldLine : public QAbstractButton {
public:
    explicit FoldLine(QWidget* parent) : QAbstractButton(parent) {
        setCheckable(true);
        setFocusPolicy(Qt::StrongFocus);
        setCursor(Qt::PointingHandCursor);
    }
    QSize sizeHint() const override { return {200, 30}; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(look().line, 1));
        p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
        p.setFont(deskType(13));
        p.setPen(look().ink);
        // Clear of the ring of the focus.
        const double in = hasFocus() ? 6 : 0;
        drawFitted(p, QRectF(in, 0, width() - 22 - in, height()), Qt::AlignLeft | Qt::AlignVCenter, text());
        p.setPen(QPen(underMouse() ? look().copper : look().graphite, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        const QPointF c(width() - 10, height() / 2.0);
        if (isChecked())
            p.drawPolyline(QPolygonF{c + QPointF(-5, -3), c + QPointF(0, 3), c + QPointF(5, -3)});
        else
            p.drawPolyline(QPolygonF{c + QPointF(-3, -5), c + QPointF(3, 0), c + QPointF(-3, 5)});
        if (hasFocus()) drawFocus(p, QRectF(rect()));
    }
};
} // namespace

AnswerHead::AnswerHead(int lines, QWidget* parent) : QWidget(parent) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(2);
    m_subject = makeTitle();
    m_subject->setMinimumHeight(32);
    m_quiet = lines > 0 ? makeLines(1, true) : makeText(true);
    m_sentence = lines > 0 ? makeLines(lines) : makeText();
    m_sentence->setProperty("role", "verdict");
    m_sentence->setContentsMargins(0, 6, 0, 0);
    // One line or two: what stands below stays where it is.
    constexpr int kTwoLines = 44;
    m_sentence->setMinimumHeight(kTwoLines);
    m_sentence->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    setStamp({});
    v->addWidget(m_subject);
    v->addWidget(m_quiet);
    v->addWidget(m_sentence);
}

void AnswerHead::show(const QString& subject, const QString& quiet, const QString& sentence) {
    m_subject->setText(subject);
    m_quiet->setText(quiet);
    m_quiet->setVisible(!quiet.isEmpty());
    // The stamp hangs beside both lines, or beside as much air.
    m_subject->setMinimumHeight(quiet.isEmpty() ? 50 : 32);
    m_sentence->setText(sentence);
    m_sentence->setVisible(!sentence.isEmpty());
}

void AnswerHead::setStamp(const QString& word, const QColor& colour) {
    m_stamp = word, m_colour = colour;
    const int room =
        word.isEmpty() ? 0 : QFontMetrics(deskType(22, QFont::Bold)).horizontalAdvance(word.toUpper()) + 34;
    // Clear of the card's eye, whatever the style sheet last said.
    m_subject->setContentsMargins(14, 0, room, 0);
    m_quiet->setContentsMargins(18, 0, room, 0);
    update();
}

QString AnswerHead::subject() const { return m_subject->text(); }
QString AnswerHead::sentence() const { return m_sentence->text(); }

void AnswerHead::paintEvent(QPaintEvent*) {
    if (m_stamp.isEmpty()) return;
    QPainter p(this);
    const double w = QFontMetricsF(deskType(22, QFont::Bold)).horizontalAdvance(m_stamp.toUpper()) + 24;
    drawStamp(p, QPointF(width() - w / 2 - 4, 22), m_stamp, m_colour);
}

LimitTable::LimitTable(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("What is, against what is wanted"));
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setToolTip(tr("Why? A click or Enter tells where a number comes from."));
    installAccessiblePictures();
}

QRect LimitTable::rowBox(int row) const { return {0, 17 + kLimitRow * row, width(), kLimitRow}; }

void LimitTable::setOpen(int row) {
    m_asked = row;
    update();
}

std::vector<PicturePart> LimitTable::parts() const {
    std::vector<PicturePart> all;
    for (const Row& r : m_rows)
        all.push_back(
            {tr("%1 %2, wanted %3%4").arg(r.name, r.is, r.wanted, r.margin < 1 - 1e-9 ? tr(": missed") : QString()),
             rowBox(static_cast<int>(all.size())), static_cast<int>(all.size()) == m_at});
    return all;
}

void LimitTable::mousePressEvent(QMouseEvent* e) {
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        if (rowBox(static_cast<int>(i)).contains(e->position().toPoint())) {
            m_at = static_cast<int>(i);
            Q_EMIT asked(m_at);
        }
}

void LimitTable::keyPressEvent(QKeyEvent* e) {
    const int last = static_cast<int>(m_rows.size()) - 1;
    if (e->key() == Qt::Key_Down || e->key() == Qt::Key_Up) {
        m_at = std::clamp(m_at + (e->key() == Qt::Key_Down ? 1 : -1), 0, std::max(0, last));
        announcePart(*this, m_at);
        update();
    } else if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter || e->key() == Qt::Key_Space) && last >= 0) {
        Q_EMIT asked(m_at);
    } else {
        QWidget::keyPressEvent(e);
    }
}

QSize LimitTable::sizeHint() const { return {300, 18 + kLimitRow * static_cast<int>(m_rows.size())}; }

void LimitTable::show(const std::vector<Row>& rows) {
    m_rows = rows;
    QStringList said;
    for (const Row& r : rows)
        said << tr("%1 %2, wanted %3%4").arg(r.name, r.is, r.wanted, r.margin < 1 - 1e-9 ? tr(": missed") : QString());
    setAccessibleDescription(said.join("; "));
    updateGeometry();
    update();
}

namespace {
/// A number on a logarithmic scale with its limit in the middle and the forbidden half hatched.
void drawBar(QPainter& p, const LimitTable::Row& r, const QRectF& track) {
    // The limit in the middle; a factor of four to either end.
    p.fillRect(track, look().shade);
    const QRectF forbidden =
        QRectF(r.atLeast ? track.left() : track.center().x(), track.top(), track.width() / 2, track.height());
    p.save();
    p.setClipRect(forbidden);
    QColor hatch = look().slack;
    hatch.setAlphaF(0.4F);
    p.setPen(QPen(hatch, 1));
    for (double x = forbidden.left() - 8; x < forbidden.right() + 8; x += 5)
        p.drawLine(QPointF(x, forbidden.bottom()), QPointF(x + 8, forbidden.top()));
    p.restore();
    p.setPen(QPen(look().ink, 1.4));
    p.drawLine(QPointF(track.center().x(), track.center().y() - 7),
               QPointF(track.center().x(), track.center().y() + 7));
    if (!std::isnan(r.margin)) {
        const double u =
            std::clamp(std::log(std::clamp(r.margin, 0.05, 20.0)) / std::log(4.0), -1.0, 1.0) * (r.atLeast ? 1 : -1);
        const QPointF at(track.center().x() + u * (track.width() / 2 - 5), track.center().y());
        p.setPen(QPen(look().card, 1));
        p.setBrush(r.margin < 1 - 1e-9 ? r.colour : look().holds);
        p.drawEllipse(at, 5, 5);
    }
}
} // namespace

void LimitTable::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    // Words and figures first; the bar takes what they leave, and at least what tells which side of the limit it is.
    const QFontMetricsF plain(deskType(13)), firm(deskType(13, QFont::DemiBold)), small(deskType(11));
    double name = 76, is = small.horizontalAdvance(tr("is")), wanted = small.horizontalAdvance(tr("wanted"));
    for (const Row& r : m_rows) {
        name = std::max(name, firm.horizontalAdvance(r.name));
        is = std::max(is, firm.horizontalAdvance(r.is));
        wanted = std::max(wanted, plain.horizontalAdvance(r.wanted));
    }
    constexpr double kGap = 8, kLeastBar = 24;
    name = std::ceil(name), is = std::ceil(is), wanted = std::ceil(wanted);
    // Words stay clear of the ring of the focus.
    constexpr double kIn = 4;
    const double bar = std::max(kLeastBar, width() - 2 * kIn - name - is - wanted - 3 * kGap);
    // Where even that is too much, the name gives way.
    name = std::min(name, width() - 2 * kIn - is - wanted - 3 * kGap - bar);
    const double left = kIn + name + kGap, end = width() - kIn, isRight = end - wanted - kGap;
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    p.drawText(QRectF(isRight - is, 0, is, 16), Qt::AlignRight | Qt::AlignVCenter, tr("is"));
    p.drawText(QRectF(isRight, 0, end - isRight, 16), Qt::AlignRight | Qt::AlignVCenter, tr("wanted"));
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        const Row& r = m_rows[i];
        const double y = 17 + kLimitRow * static_cast<double>(i), mid = y + kLimitRow / 2.0;
        const bool bad = r.margin < 1 - 1e-9;
        const QColor tone = bad ? r.colour : look().ink;
        if (static_cast<int>(i) == m_asked) {
            p.fillRect(QRectF(rowBox(static_cast<int>(i))), look().lit);
            p.fillRect(QRectF(0, y, 3, kLimitRow), look().copper);
        }
        if (hasFocus() && static_cast<int>(i) == m_at) drawFocus(p, QRectF(rowBox(static_cast<int>(i))));
        p.setFont(deskType(13, bad ? QFont::DemiBold : QFont::Normal));
        p.setPen(tone);
        drawFitted(p, QRectF(kIn, y, name, kLimitRow), Qt::AlignLeft | Qt::AlignVCenter, r.name);
        // What nothing limits has no bar.
        if (!std::isnan(r.margin) || !r.wanted.isEmpty()) drawBar(p, r, QRectF(left, mid - 4, bar, 8));
        p.setPen(tone);
        p.setFont(deskType(13, QFont::DemiBold));
        p.drawText(QRectF(isRight - is, y, is, kLimitRow), Qt::AlignRight | Qt::AlignVCenter, r.is);
        p.setPen(look().graphite);
        p.setFont(deskType(13));
        p.drawText(QRectF(isRight, y, end - isRight, kLimitRow), Qt::AlignRight | Qt::AlignVCenter, r.wanted);
    }
}

Fold::Fold(const QString& name, QWidget* parent) : QWidget(parent) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(4);
    m_button = new FoldLine(this);
    m_button->setAccessibleName(name);
    m_button->setText(name);
    m_inside = new QWidget;
    m_body = new QVBoxLayout(m_inside);
    m_body->setContentsMargins(0, 0, 0, 6);
    m_body->setSpacing(6);
    m_inside->hide();
    v->addWidget(m_button);
    v->addWidget(m_inside);
    connect(m_button, &QAbstractButton::clicked, this, [this](bool on) { setOpen(on); });
}

void Fold::setLine(const QString& line) {
    m_button->setText(line);
    m_button->setToolTip(plainTip(line));
}

void Fold::setOpen(bool open) {
    m_open = open;
    m_button->setChecked(open);
    m_inside->setVisible(open);
    updateGeometry();
}

} // namespace enkinet::app
