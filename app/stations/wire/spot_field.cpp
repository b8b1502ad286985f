#include "stations/wire/spot_field.h"
#include "sheet/elevation.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

QString candidateReason(const Document& document, const choice::LimbChoice& l, const choice::Candidate& c) {
    const body::Limb& drawn = document.puppet().limbs[static_cast<std::size_t>(l.limb)];
    switch (c.bar) {
    case choice::Bar::material_static:
        return Text::tr("is for places where nothing moves");
    case choice::Bar::twist:
        return Text::tr("twisting alone would spend half the wire");
    case choice::Bar::spool_short:
        return Text::tr("not enough of it on the spool");
    case choice::Bar::unwished:
        return Text::tr("you do not wish for it: strands or gauge");
    case choice::Bar::none:
        break;
    }
    // Where nothing bends it only has to carry.
    if (l.demands.empty())
        return c.fits ? Text::tr("fits: it carries what lies on it")
                      : Text::tr("ruled out: it does not carry what lies on it, or is too thick for its part");
    const auto& worst = l.demands[static_cast<std::size_t>(std::max(0, c.worstJoint))];
    const QString joint = QString::fromStdString(drawn.joints[static_cast<std::size_t>(worst.joint)].name);
    if (!c.fits) return Text::tr("ruled out: %1 at the %2").arg(Text::state(c.state), joint);
    const double life = choice::findAt(l, c, static_cast<std::size_t>(std::max(0, c.worstJoint))).life_s;
    return Text::tr("fits: least %1 s of film, at the %2").arg(Text::figure(life), joint);
}

SpotField::SpotField(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    installAccessiblePictures();
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void SpotField::show(const Document& document, int limb, int demand) {
    const results::Report& report = document.report();
    const choice::LimbChoice& l = report.choice.limbs[static_cast<std::size_t>(limb)];
    m_spots.clear();
    m_focus = -1;
    // One lay, the best, stands for all of the same spool and strands.
    const auto betterLay = [&](const choice::Candidate& a, const choice::Candidate& b) {
        return a.fits != b.fits ? a.fits : a.fits ? a.lifeMargin > b.lifeMargin : a.miss < b.miss;
    };
    std::map<std::pair<int, int>, int> best;
    for (std::size_t i = 0; i < l.candidates().size(); ++i) {
        const choice::Candidate& c = l.candidates()[i];
        const auto [it, fresh] = best.try_emplace({c.spool, c.bundle.strands}, static_cast<int>(i));
        if (static_cast<int>(i) == l.chosen ||
            (!fresh && it->second != l.chosen && betterLay(c, l.candidates()[static_cast<std::size_t>(it->second)])))
            it->second = static_cast<int>(i);
    }
    for (const auto& [key, i] : best) {
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(i)];
        Spot s;
        s.candidate = i, s.bundle = c.bundle, s.fits = c.fits, s.barred = c.bar != choice::Bar::none;
        s.chosen = i == l.chosen;
        s.passes = choice::findAt(l, c, static_cast<std::size_t>(demand)).state == choice::State::holds;
        s.metal = metalOf(report.stock.tableOf(c.spool).card());
        s.hold = choice::findAt(l, c, static_cast<std::size_t>(demand)).hold_Nmm,
        s.life = choice::findAt(l, c, static_cast<std::size_t>(demand)).life_s;
        s.effort = choice::findAt(l, c, static_cast<std::size_t>(demand)).effort *
                   l.demands[static_cast<std::size_t>(demand)].effortLimit_Nmm;
        s.text = Text::limbWire(document.puppet().limbs[static_cast<std::size_t>(limb)], l, c,
                                cardName(document.production(), report, c.spool)) +
                 "\n" + candidateReason(document, l, c);
        m_spots.push_back(s);
    }
    takeDemand(l.demands[static_cast<std::size_t>(demand)]);
    layoutSpots();
    update();
}

std::vector<PicturePart> SpotField::parts() const {
    std::vector<PicturePart> all;
    for (const Spot& s : m_spots)
        all.push_back({QString(s.text).replace('\n', tr(": ")),
                       s.at.x() < 0
                           ? QRect()
                           : QRectF(s.at.x() - s.radius, s.at.y() - s.radius, 2 * s.radius, 2 * s.radius).toRect(),
                       s.chosen});
    return all;
}

void SpotField::choosePart(int index) {
    if (index >= 0 && index < static_cast<int>(m_spots.size()))
        Q_EMIT picked(m_spots[static_cast<std::size_t>(index)].candidate);
}

void SpotField::setRadii(double pixelsPerMm, double largest) {
    double widest = 0.5;
    for (const Spot& s : m_spots)
        widest = std::max(widest, wire::findBundleDiameter(s.bundle));
    const double scale = std::min(pixelsPerMm, largest / widest);
    for (Spot& s : m_spots)
        s.radius = std::max(2.5, wire::findBundleDiameter(s.bundle) * scale / 2);
}

std::vector<std::size_t> SpotField::drawingOrder() const {
    std::vector<std::size_t> order(m_spots.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    const auto rank = [&](std::size_t i) {
        return m_spots[i].chosen ? 0 : m_spots[i].fits ? 1 : m_spots[i].barred ? 3 : 2;
    };
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return rank(a) < rank(b); });
    return order;
}

void SpotField::drawSpots(QPainter& p) const {
    const std::vector<std::size_t> order = drawingOrder();
    for (auto i = order.rbegin(); i != order.rend(); ++i) {
        const Spot& s = m_spots[*i];
        if (s.at.x() < 0) continue;
        const double scale = 2 * s.radius / wire::findBundleDiameter(s.bundle);
        const QColor line = s.barred             ? look().faint
                            : s.fits || s.chosen ? look().copperDark
                                                 : look().faint.darker(look().night ? 80 : 120);
        drawSection(p, s.at, s.bundle, scale, s.fits || s.chosen ? s.metal : Metal{line, line, line},
                    !(s.fits || s.chosen));
        if (s.chosen) {
            p.setPen(QPen(look().ink, 1.6));
            p.setBrush(Qt::NoBrush);
            p.drawEllipse(s.at, s.radius + 3.5, s.radius + 3.5);
        }
        if (hasFocus() && m_focus == s.candidate) {
            p.setPen(QPen(look().copper, 2, Qt::DotLine));
            p.setBrush(Qt::NoBrush);
            p.drawRect(QRectF(s.at.x() - s.radius - 5, s.at.y() - s.radius - 5, 2 * s.radius + 10, 2 * s.radius + 10));
        }
    }
}

const SpotField::Spot* SpotField::spotAt(const QPointF& at) const {
    for (std::size_t i : drawingOrder()) {
        const Spot& s = m_spots[i];
        if (s.at.x() >= 0 && std::hypot(s.at.x() - at.x(), s.at.y() - at.y()) <= s.radius + 2) return &s;
    }
    return nullptr;
}

void SpotField::mousePressEvent(QMouseEvent* e) {
    if (const Spot* s = spotAt(e->position())) Q_EMIT picked(s->candidate);
}

void SpotField::keyPressEvent(QKeyEvent* e) {
    std::vector<const Spot*> row;
    for (const Spot& s : m_spots)
        if (s.at.x() >= 0) row.push_back(&s);
    std::sort(row.begin(), row.end(), [](const Spot* a, const Spot* b) { return a->hold < b->hold; });
    if (row.empty()) return QWidget::keyPressEvent(e);
    auto at = std::find_if(row.begin(), row.end(),
                           [&](const Spot* s) { return m_focus >= 0 ? s->candidate == m_focus : s->chosen; });
    if (e->key() == Qt::Key_Right)
        m_focus = at == row.end() || at + 1 == row.end() ? row.front()->candidate : (*(at + 1))->candidate;
    else if (e->key() == Qt::Key_Left)
        m_focus = at == row.end() || at == row.begin() ? row.back()->candidate : (*(at - 1))->candidate;
    else if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && m_focus >= 0)
        Q_EMIT picked(m_focus);
    else
        return QWidget::keyPressEvent(e);
    for (const Spot& s : m_spots)
        if (s.candidate == m_focus) {
            setAccessibleDescription(s.text);
            QToolTip::showText(mapToGlobal(s.at.toPoint()), plainTip(s.text), this);
        }
    update();
}

bool SpotField::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const Spot* s = spotAt(help->pos());
        QToolTip::showText(help->globalPos(), s ? plainTip(s->text) : QString(), this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace enkinet::app
