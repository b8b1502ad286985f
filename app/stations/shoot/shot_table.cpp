#include "stations/shoot/shot_table.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <tuple>

namespace enkinet::app {

namespace {
constexpr double kTableLeft = 24, kCardTop = 74, kCardHigh = 112, kTubeTop = 232, kTubeHigh = 206, kNameRoom = 31;
} // namespace

QString jointName(const body::Puppet& puppet, const results::WornJoint& j) {
    const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(j.limb)];
    const QString name = QString::fromStdString(limb.joints[static_cast<std::size_t>(j.joint)].name);
    return Text::sided(limb, name, j.right);
}

QString ShotTable::nameOf(const results::WornJoint& joint) const {
    return jointName(m_state->of->puppets[static_cast<std::size_t>(m_puppet)], joint);
}

ShotTable::ShotTable(QWidget* parent) : QWidget(parent) {
    setObjectName("shotTable");
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(520);
    installAccessiblePictures();
    setAccessibleName(tr("The shots and what each wears"));
}

void ShotTable::show(const ShotWearJob::State& state, int puppet) {
    ++m_shown;
    m_state = state, m_puppet = puppet;
    m_worst.clear();
    if (state && puppet >= 0 && puppet < static_cast<int>(state->of->puppets.size())) {
        // The three joints that wear most on any copy; each shot shows them of the copies that act in it.
        const auto all = results::findWorn(state->film.ledger, puppet, state->of->shots.size());
        std::vector<std::tuple<int, int, bool>> keys;
        for (const results::WornJoint& j : all) {
            const std::tuple key{j.limb, j.joint, j.right};
            if (std::find(keys.begin(), keys.end(), key) == keys.end() && keys.size() < 3) keys.push_back(key);
            if (std::find(keys.begin(), keys.end(), key) != keys.end()) m_worst.push_back(j);
        }
    }
    if (m_shot >= shots()) m_shot = shots() - 1;
    if (m_shot < 0 && shots() > 0) m_shot = 0;
    update();
}

QRectF ShotTable::cardBox(int shot) const {
    const double gap = 12, room = width() - 2 * kTableLeft, n = std::max(1, shots());
    const double w = std::min(128.0, (room - gap * (n - 1)) / n);
    // As if laid down by hand.
    return {kTableLeft + shot * (w + gap), kCardTop + (shot * 7 % 5) - 2.0, w, kCardHigh};
}

std::vector<PicturePart> ShotTable::parts() const {
    std::vector<PicturePart> all;
    for (int i = 0; i < shots(); ++i) {
        const document::Shot& s = m_state->of->shots[static_cast<std::size_t>(i)];
        QString text =
            tr("shot %1, %2, %3 s").arg(i + 1).arg(QString::fromStdString(s.name), Text::number(s.seconds(), 1));
        for (const results::WornJoint& j : m_worst)
            if (const double a = j.after[static_cast<std::size_t>(i)].value; !std::isnan(a))
                text += tr(", %1 %2 % spent after it").arg(nameOf(j), Text::number(100 * a, 0));
        all.push_back({text, cardBox(i).toAlignedRect(), i == m_shot});
    }
    return all;
}

void ShotTable::choosePart(int index) {
    setShot(index);
    Q_EMIT shotChosen(index);
}

void ShotTable::setShot(int shot) {
    if (shot == m_shot) return;
    m_shot = shot;
    announcePart(*this, shot);
    update();
}

void ShotTable::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    for (int i = 0; i < shots(); ++i) {
        QRectF box = cardBox(i);
        box.setBottom(kTubeTop + kTubeHigh + 30);
        if (box.contains(e->position())) return choosePart(i);
    }
}

void ShotTable::keyPressEvent(QKeyEvent* e) {
    const int by = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (by == 0 || shots() == 0) return QWidget::keyPressEvent(e);
    choosePart(std::clamp(m_shot + by, 0, shots() - 1));
}

void ShotTable::drawCard(QPainter& p, int i) const {
    const document::Shot& s = m_state->of->shots[static_cast<std::size_t>(i)];
    const QRectF box = cardBox(i);
    const bool here = i == m_shot;
    drawShadow(p, box, 5);
    p.setPen(QPen(here ? look().copper : look().graphite, here ? 2.2 : 0.7));
    p.setBrush(here ? look().lit : look().card);
    p.drawRect(box);
    p.setPen(look().ink);
    p.setFont(deskType(15, QFont::DemiBold));
    p.drawText(QPointF(box.left() + 8, box.top() + 20), QString::number(i + 1));
    p.setFont(deskType(13, QFont::DemiBold));
    drawFitted(p, QPointF(box.left() + 24, box.top() + 20), box.width() - 30, QString::fromStdString(s.name));
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    const double x = box.left() + 8;
    drawFitted(p, QPointF(x, box.top() + 38), box.width() - 12,
               tr("%1 s, on %2").arg(Text::number(s.seconds(), 1)).arg(s.onEach));
    if (s.day)
        drawFitted(p, QPointF(x, box.top() + 53), box.width() - 12,
                   tr("%1 %2", "weekday, day").arg(Text::weekdayName(*s.day), Text::dayName(*s.day)));
    p.setPen(QPen(QColor("#c98b6a"), 0.8));
    p.drawLine(QPointF(box.left() + 4, box.top() + 60), QPointF(box.right() - 4, box.top() + 60));
    p.setPen(look().ink);
    double y = box.top() + 75;
    for (const document::Cast& c : s.cast) {
        if (y > box.bottom() - 4) break;
        QString who = QString::fromStdString(c.puppet);
        for (const body::Puppet& puppet : m_state->of->puppets)
            if (puppet.id == c.puppet) {
                who = QString::fromStdString(puppet.name);
                if (puppet.things.copies > 1) who = tr("%1 %2", "puppet, copy").arg(who).arg(c.copy);
            }
        drawFitted(p, QPointF(x, y), box.width() - 14, who);
        y += 15;
    }
    if (s.done) {
        p.setPen(QPen(look().holds, 2.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        p.drawPolyline(QPolygonF{
            {box.right() - 24, box.top() + 40}, {box.right() - 17, box.top() + 48}, {box.right() - 6, box.top() + 32}});
    }
    // A flag at the card before which something of this puppet is swapped.
    for (const shoot::Ledger::Swap& w : m_state->film.ledger.swaps)
        if (w.shot == i && w.puppet == m_puppet) {
            p.setPen(QPen(look().ink, 1.6));
            p.drawLine(QPointF(box.left() - 2, box.top() - 12), QPointF(box.left() - 2, box.top() + 26));
            p.setPen(Qt::NoPen);
            p.setBrush(look().slack);
            p.drawPolygon(QPolygonF{{box.left() - 2, box.top() - 12},
                                    {box.left() + 44, box.top() - 12},
                                    {box.left() + 38, box.top() - 4},
                                    {box.left() + 44, box.top() + 4},
                                    {box.left() - 2, box.top() + 4}});
            p.setPen(QColor("#fffaf0"));
            p.setFont(deskType(11, QFont::DemiBold));
            drawFitted(p, QRectF(box.left(), box.top() - 12, 38, 16), Qt::AlignCenter, tr("swap"));
            break;
        }
}

int ShotTable::numberOf(const results::WornJoint& joint) const {
    QStringList names;
    for (const results::WornJoint& j : m_worst)
        if (!names.contains(nameOf(j))) names << nameOf(j);
    return static_cast<int>(names.indexOf(nameOf(joint))) + 1;
}

void ShotTable::drawRack(QPainter& p, int i) const {
    const QRectF card = cardBox(i);
    std::vector<const results::WornJoint*> in;
    for (const results::WornJoint& j : m_worst)
        if (!std::isnan(j.after[static_cast<std::size_t>(i)].value)) in.push_back(&j);
    const QRectF board(card.left() - 2, kTubeTop + kTubeHigh - 6, card.width() + 4, 30);
    p.setPen(QPen(QColor("#7d6136"), 0.8));
    p.setBrush(QColor("#b9935f"));
    p.drawRoundedRect(board, 3, 3);
    if (in.empty()) {
        p.setFont(deskType(11));
        p.setPen(look().graphite);
        p.drawText(QRectF(card.left(), kTubeTop + kTubeHigh / 2, card.width(), 32), Qt::AlignHCenter | Qt::TextWordWrap,
                   tr("not in it"));
        return;
    }
    const double step = card.width() / static_cast<double>(in.size()), w = std::min(18.0, step * 0.56);
    // The ring, where nine in ten still last, stands at four fifths of the glass.
    const double ring = kTubeTop + kTubeHigh * 0.2, bottom = kTubeTop + kTubeHigh - 6;
    const auto level = [&](double share) { return bottom - std::min(1.24, share) * (bottom - ring); };
    for (std::size_t k = 0; k < in.size(); ++k) {
        const results::WornJoint& j = *in[k];
        const double x = card.left() + step * (static_cast<double>(k) + 0.5) - w / 2;
        const double before = j.before[static_cast<std::size_t>(i)], after = j.after[static_cast<std::size_t>(i)];
        QPainterPath glass;
        glass.moveTo(x, kTubeTop + 4);
        glass.lineTo(x, bottom - w / 2);
        glass.arcTo(QRectF(x, bottom - w, w, w), 180, 180);
        glass.lineTo(x + w, kTubeTop + 4);
        glass.closeSubpath();
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(255, 255, 255, look().night ? 30 : 120));
        p.drawPath(glass);
        p.save();
        p.setClipPath(glass);
        const QColor tone = after > 1 ? look().slack : after > 0.8 ? look().tired : look().holds;
        QColor old = tone;
        old.setAlpha(90);
        p.fillRect(QRectF(x, level(before), w, bottom - level(before)), old);
        p.fillRect(QRectF(x, level(after), w, level(before) - level(after)), tone);
        // What is still to be shot is hatched.
        if (!m_state->of->shots[static_cast<std::size_t>(i)].done) {
            p.setPen(QPen(QColor(255, 255, 255, 110), 1.4));
            for (double y = level(after) - 20; y < level(before) + 20; y += 5)
                p.drawLine(QPointF(x - 2, y + 8), QPointF(x + w + 2, y - 8));
        }
        p.restore();
        p.setPen(QPen(look().steelInk, 1));
        p.setBrush(Qt::NoBrush);
        p.drawPath(glass);
        p.drawLine(QPointF(x - 2, kTubeTop + 4), QPointF(x + w + 2, kTubeTop + 4));
        p.setPen(QPen(look().slack, 1.6));
        p.drawLine(QPointF(x - 3, ring), QPointF(x + w + 3, ring));
        p.setPen(after > 1 ? look().slack : look().ink);
        p.setFont(deskType(11, QFont::DemiBold));
        // Clear of the ring.
        double above = std::max(kTubeTop - 12, level(after) - 16);
        if (above < ring + 2 && above + 14 > ring - 2) above = ring - 17;
        p.drawText(QRectF(x - 14, above, w + 28, 14), Qt::AlignCenter, Text::number(100 * after, 0));
        p.setPen(QColor("#2b2925"));
        p.setFont(deskType(11));
        const QRectF word(x + w / 2 - step / 2, bottom, step, 14);
        // Numbers where names have no room; the key says which.
        if (step < kNameRoom) {
            p.drawText(word.translated(0, 7), Qt::AlignCenter, QString::number(numberOf(j)));
            continue;
        }
        // Two short lines: side and joint.
        const QStringList parts = nameOf(j).split(' ');
        drawFitted(p, parts.size() > 1 ? word : word.translated(0, 7), Qt::AlignCenter, parts.first());
        if (parts.size() > 1) drawFitted(p, word.translated(0, 13), Qt::AlignCenter, parts.mid(1).join(' '));
    }
}

void ShotTable::drawAll(QPainter& p) const {
    p.setPen(look().ink);
    p.setFont(deskType(22, QFont::DemiBold));
    p.drawText(QPointF(kTableLeft, 34), tr("The shots"));
    p.setFont(deskType(13));
    p.setPen(look().graphite);
    const auto line = [&](double y, const QString& text) {
        drawFitted(p, QPointF(kTableLeft, y), width() - 2 * kTableLeft, text);
    };
    if (!m_state) return line(56, tr("Working it out …"));
    if (shots() == 0) return line(56, tr("No shot yet: add the first one on the card, and what it wears stands here."));
    line(56, tr("%1 s of film. A card is a shot, a tube one of the three joints that wear most.")
                 .arg(Text::number(m_state->film.seconds, 0)));
    for (int i = 0; i < shots(); ++i)
        drawCard(p, i);
    for (int i = 0; i < shots(); ++i)
        drawRack(p, i);
    // The key, and what stands on the shelf.
    double y = kTubeTop + kTubeHigh + 48;
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    line(y, tr("Pale: worn before. Full: by the shot, hatched while it is still to be shot."));
    y += 15;
    line(y, tr("Red ring: nine in ten such joints last to here. Numbers are per cent of it."));
    if (shots() > 0 && cardBox(0).width() / 3 < kNameRoom) {
        QStringList key;
        for (const results::WornJoint& j : m_worst)
            if (const QString one = tr("%1 %2", "number, joint").arg(numberOf(j)).arg(nameOf(j)); !key.contains(one))
                key << one;
        y += 15;
        line(y, key.join(tr(", ")));
    }
    y += 24;
    p.setFont(deskType(15, QFont::DemiBold));
    p.setPen(look().ink);
    line(y, tr("What the film wants on the shelf"));
    y += 20;
    p.setFont(deskType(13));
    QStringList wanted;
    for (const results::LimbDoubles& d : m_state->film.doubles) {
        if (d.copies == 1) continue;
        const body::Puppet& puppet = m_state->of->puppets[static_cast<std::size_t>(d.puppet)];
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(d.limb)];
        if (d.right) continue; // both sides alike: said once
        wanted << (d.copies > 0 ? tr("%1, %2: %3 of each side")
                                      .arg(QString::fromStdString(puppet.name), QString::fromStdString(limb.name))
                                      .arg(d.copies)
                                : tr("%1, %2: a dozen do not suffice")
                                      .arg(QString::fromStdString(puppet.name), QString::fromStdString(limb.name)));
    }
    if (wanted.isEmpty()) wanted << tr("no double: every limb lasts by itself in 95 of 100 such films");
    if (m_state->film.doubles.size() > 1)
        wanted.prepend(tr("each limb by itself for 95 of 100 such films; all together, with these, for at least %1")
                           .arg(Text::number(100 * m_state->film.together(), 0)));
    p.setPen(look().ink);
    for (const QString& w : wanted) {
        if (y > height() - 8) break;
        line(y, w);
        y += 17;
    }
}

void ShotTable::paintEvent(QPaintEvent*) {
    QPainter p(this);
    m_picture.paint(p, *this, rect(), {m_shown, m_shot, m_puppet}, [this](QPainter& q) { drawAll(q); });
    p.setRenderHint(QPainter::Antialiasing);
    if (hasFocus()) drawFocus(p, QRectF(rect()).adjusted(3, 3, -3, -3));
}

} // namespace enkinet::app
