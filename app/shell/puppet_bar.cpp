#include "shell/puppet_bar.h"
#include "sheet/elevation.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

namespace {
constexpr int kHigh = 48, kStand = 40;

/// An underlined word.
class Word : public QAbstractButton {
public:
    explicit Word(const QString& word, QWidget* parent) : QAbstractButton(parent) {
        setText(word);
        setFocusPolicy(Qt::StrongFocus);
        setCursor(Qt::PointingHandCursor);
    }
    QSize sizeHint() const override {
        return {QFontMetrics(deskType(13, QFont::Medium)).horizontalAdvance(text()) + 12, 30};
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setFont(deskType(13, underMouse() ? QFont::DemiBold : QFont::Medium));
        const QRectF r(rect());
        if (!isEnabled()) {
            // Nothing to do: a word without its line, in a dashed frame.
            p.setPen(QPen(look().graphite, 1, Qt::DashLine));
            p.drawRoundedRect(r.adjusted(1, 3, -1, -3), 3, 3);
            p.setPen(look().graphite);
            p.drawText(r, Qt::AlignCenter, text());
            return;
        }
        p.setPen(look().ink);
        p.drawText(r, Qt::AlignCenter, text());
        const double w = QFontMetricsF(p.font()).horizontalAdvance(text());
        p.setPen(QPen(look().graphite, 1));
        p.drawLine(QPointF(r.center().x() - w / 2, r.bottom() - 5), QPointF(r.center().x() + w / 2, r.bottom() - 5));
        if (hasFocus()) drawFocus(p, r);
    }
    void enterEvent(QEnterEvent*) override { update(); }
    void leaveEvent(QEvent*) override { update(); }
};
} // namespace

ShelfPuppet::ShelfPuppet(QWidget* parent) : QAbstractButton(parent) {
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
}

void ShelfPuppet::setOutline(const QPainterPath& outline) {
    m_outline = outline;
    updateGeometry();
    update();
}

QSize ShelfPuppet::sizeHint() const {
    const QRectF b = m_outline.boundingRect();
    const double w = b.height() > 0 ? b.width() * 34 / b.height() : 16;
    return {static_cast<int>(std::min(w, 60.0)) +
                QFontMetrics(deskType(15, QFont::DemiBold)).horizontalAdvance(text()) + 24,
            kHigh};
}

void ShelfPuppet::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const bool on = isChecked();
    if (on || underMouse()) {
        QColor lit = look().lit;
        lit.setAlphaF(on ? 0.8F : 0.35F);
        p.fillRect(QRectF(0, 2, width(), kStand - 2), lit);
    }
    if (on) p.fillRect(QRectF(0, kStand - 1, width(), 4), look().copper);
    const QRectF b = m_outline.boundingRect();
    double x = 8;
    if (b.height() > 0) {
        const double s = std::min(34 / b.height(), 60 / std::max(1.0, b.width()));
        p.save();
        p.translate(x - b.left() * s, kStand - 1 - std::max(0.0, b.bottom()) * s);
        p.scale(s, s);
        p.fillPath(m_outline, on ? look().ink : look().graphite);
        p.restore();
        x += b.width() * s + 6;
    }
    p.setFont(deskType(15, on ? QFont::DemiBold : QFont::Medium));
    p.setPen(look().ink);
    p.drawText(QRectF(x, 4, width() - x, 32), Qt::AlignLeft | Qt::AlignVCenter, text());
    if (hasFocus()) drawFocus(p, QRectF(0, 0, width(), kHigh - 2));
}

bool ShelfPuppet::event(QEvent* e) {
    if (e->type() == QEvent::Enter || e->type() == QEvent::Leave) update();
    return QAbstractButton::event(e);
}

PuppetBar::PuppetBar(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("puppets");
    setAccessibleName(tr("Puppets of the production"));
    setFixedHeight(kHigh);
    m_row = new QHBoxLayout(this);
    m_row->setContentsMargins(10, 0, 12, 0);
    m_row->setSpacing(8);
    m_standing = new QHBoxLayout;
    m_standing->setSpacing(6);
    m_row->addLayout(m_standing);
    m_production = new QLabel;
    m_production->setObjectName("production");
    m_row->addWidget(m_production);
    m_message = new QLabel;
    m_message->setObjectName("message");
    m_message->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    m_message->setFocusPolicy(Qt::NoFocus);
    // A long sentence takes a second line; the whole of it is its tooltip.
    m_message->setWordWrap(true);
    m_row->addWidget(m_message, 1);
    m_working = new QLabel(tr("working it out: numbers are those of before"));
    m_working->setObjectName("working");
    m_working->setProperty("role", "quiet");
    m_working->hide();
    m_row->addWidget(m_working);
    m_drawSoon.setSingleShot(true);
    m_drawSoon.setInterval(30);
    connect(&m_drawSoon, &QTimer::timeout, this, &PuppetBar::drawNext);
    connect(&document, &Document::changed, this, &PuppetBar::refresh);
    connect(&document, &Document::titleChanged, this, &PuppetBar::refresh);
    refresh();
}

QAbstractButton* PuppetBar::addWord(const QString& word, const QString& name, const std::function<void()>& act) {
    auto* w = new Word(word, this);
    w->setAccessibleName(name);
    if (act) connect(w, &QAbstractButton::clicked, this, act);
    m_row->addWidget(w);
    return w;
}

QAbstractButton* PuppetBar::addMenu(const QString& word, QMenu* menu) {
    QAbstractButton* w = addWord(word, menu->title().isEmpty() ? word : menu->title(), {});
    connect(w, &QAbstractButton::clicked, this,
            [w, menu] { menu->popup(w->mapToGlobal(QPoint(w->width() - menu->sizeHint().width(), w->height()))); });
    return w;
}

void PuppetBar::refresh() {
    const auto& puppets = m_document.production().puppets;
    while (m_puppets.size() > puppets.size()) {
        delete m_puppets.back();
        m_puppets.pop_back(), m_drawnOf.pop_back();
    }
    for (std::size_t i = 0; i < puppets.size(); ++i) {
        if (i >= m_puppets.size()) {
            auto* b = new ShelfPuppet(this);
            connect(b, &QAbstractButton::clicked, this, [this, i] { m_document.showPuppet(static_cast<int>(i)); });
            m_standing->addWidget(b);
            m_puppets.push_back(b), m_drawnOf.emplace_back();
        }
        ShelfPuppet* b = m_puppets[i];
        const QString name = QString::fromStdString(puppets[i].name);
        if (b->text() != name) b->setText(name), b->updateGeometry();
        b->setAccessibleName(tr("%1, puppet %2 of %3").arg(name).arg(i + 1).arg(puppets.size()));
        b->setChecked(static_cast<int>(i) == m_document.puppetIndex());
    }
    const QString title = QString::fromStdString(m_document.production().name);
    m_production->setText(title);
    m_production->setVisible(!title.isEmpty() && width() > 900);
    m_drawSoon.start();
}

/// One outline at a time: the puppets of a large production appear one by one.
void PuppetBar::drawNext() {
    const auto& all = m_document.result().puppets;
    if (m_document.isWorking()) return;
    for (std::size_t i = 0; i < m_puppets.size() && i < all.size(); ++i) {
        if (m_drawnOf[i] == all[i] || !all[i]) continue;
        m_drawnOf[i] = all[i];
        const body::Puppet& puppet = m_document.production().puppets[i];
        const Elevation front(puppet, m_document.production(), *all[i], View::front, true);
        const Elevation side(puppet, m_document.production(), *all[i], View::side, true);
        // Who is broader from the side is looked at from there.
        m_puppets[i]->setOutline((side.bounds().width() > 1.25 * front.bounds().width() ? side : front).silhouette());
        m_drawSoon.start();
        return;
    }
}

void PuppetBar::paintEvent(QPaintEvent*) {
    QPainter p(this);
    QLinearGradient plank(0, kStand, 0, kStand + 7);
    plank.setColorAt(0, look().bench.darker(look().night ? 60 : 128));
    plank.setColorAt(1, look().bench.darker(look().night ? 80 : 145));
    p.fillRect(QRectF(0, kStand, width(), 6), plank);
    p.fillRect(QRectF(0, kStand + 6, width(), 2), QColor(58, 47, 28, 50));
}

} // namespace enkinet::app
