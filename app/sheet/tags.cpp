#include "sheet/tags.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

namespace {
bool sameTag(const choice::LimbChoice& a, const choice::LimbChoice& b, body::LimbKind ka, body::LimbKind kb) {
    if (ka != kb || ka != body::LimbKind::finger || a.chosen < 0 || b.chosen < 0 || a.state != b.state) return false;
    const auto &x = a.candidates()[static_cast<std::size_t>(a.chosen)],
               &y = b.candidates()[static_cast<std::size_t>(b.chosen)];
    return x.spool == y.spool && x.bundle == y.bundle && x.drops == y.drops;
}
} // namespace

std::vector<Tag> makeTags(const body::Puppet& puppet, const document::Production& production,
                          const results::Report& report) {
    std::vector<Tag> tags;
    std::vector<bool> done(report.choice.limbs.size());
    for (std::size_t i = 0; i < report.choice.limbs.size(); ++i) {
        if (done[i]) continue;
        const choice::LimbChoice& l = report.choice.limbs[i];
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
        Tag t;
        t.limb = l.limb;
        t.title = QString::fromStdString(limb.name);
        int alike = 1;
        for (std::size_t j = i + 1; j < report.choice.limbs.size(); ++j)
            if (sameTag(l, report.choice.limbs[j], limb.kind,
                        puppet.limbs[static_cast<std::size_t>(report.choice.limbs[j].limb)].kind))
                done[j] = true, ++alike;
        if (alike > 1)
            t.title = Text::tr("fingers, %1 alike").arg(alike * (limb.mirrored ? 2 : 1));
        else if (limb.mirrored)
            t.title = Text::tr("%1, left and right").arg(t.title);
        int joint = 0;
        if (l.chosen < 0) {
            t.wire = Text::noWire(l.reason), t.hasState = false;
        } else {
            const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
            t.bundle = c.bundle;
            t.metal = metalOf(report.stock.tableOf(c.spool).card());
            t.state = l.state;
            t.wire = Text::shortWire(l, c, cardName(production, report, c.spool));
            if (l.worst >= 0) {
                const choice::Demand& d = l.demands[static_cast<std::size_t>(l.worst)];
                const choice::Verdict& v = l.verdicts[static_cast<std::size_t>(l.worst)];
                joint = d.joint;
                t.film = l.state == choice::State::holds
                             ? Text::tr("%1 s of film").arg(Text::figure(v.life_s))
                             : Text::tr("%1, %2").arg(
                                   QString::fromStdString(limb.joints[static_cast<std::size_t>(joint)].name),
                                   l.state == choice::State::tired
                                       ? Text::tr("%1 of %2 s").arg(Text::figure(v.life_s), Text::figure(d.needFilm_s))
                                       : Text::tr("%1 s of film").arg(Text::figure(v.life_s)));
            } else {
                t.hasState = false;
                t.film = Text::tr("nothing moves here");
            }
        }
        t.joint = joint;
        t.tied = limb.joints[static_cast<std::size_t>(joint)].at_mm;
        for (const body::Hinge& h : report.choice.skeleton.hinges) {
            const body::LimbCopy& copy = report.choice.skeleton.copies[static_cast<std::size_t>(h.copy)];
            if (copy.limb == l.limb && !copy.right && h.joint == joint) t.tied = h.at;
        }
        tags.push_back(t);
    }
    return tags;
}

void placeTags(std::vector<Tag>& tags, const QRectF& column, double height) {
    std::vector<std::size_t> order(tags.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return tags[a].anchor.y() < tags[b].anchor.y(); });
    const double gap = 8;
    // On a low window the healthy ones make room; the rail and the table still have them.
    const auto most = static_cast<std::size_t>(std::max(1.0, (column.height() + gap) / (height + gap)));
    while (order.size() > most) {
        auto leave = std::find_if(order.rbegin(), order.rend(), [&](std::size_t i) {
            return !tags[i].hasState || tags[i].state == choice::State::holds;
        });
        if (leave == order.rend()) leave = order.rbegin();
        tags[*leave].box = {};
        order.erase(std::next(leave).base());
    }
    double y = column.top();
    for (std::size_t k = 0; k < order.size(); ++k) {
        Tag& t = tags[order[k]];
        // Leave room below for the tags still to come.
        const double latest = column.bottom() - static_cast<double>(order.size() - k) * (height + gap) + gap;
        const double want = std::clamp(t.anchor.y() - height / 2, y, std::max(y, latest));
        t.box = QRectF(column.left(), want, column.width(), height);
        y = want + height + gap;
    }
}

void drawTag(QPainter& p, const Tag& t, bool selected) {
    const QRectF b = t.box;
    p.setRenderHint(QPainter::Antialiasing);
    // The thread, hanging a little, from the hole to the joint.
    const bool left = t.anchor.x() < b.center().x();
    const QPointF hole(left ? b.left() + 8 : b.right() - 8, b.center().y());
    QPainterPath thread(hole);
    const double reach = std::abs(hole.x() - t.anchor.x()) * 0.5;
    thread.cubicTo(hole + QPointF(left ? -reach : reach, 10), t.anchor + QPointF(left ? reach * 0.6 : -reach * 0.6, 14),
                   t.anchor);
    p.setPen(QPen(look().graphite, 1));
    p.setBrush(Qt::NoBrush);
    p.drawPath(thread);

    QPainterPath paper;
    const double cut = 9;
    if (left)
        paper.addPolygon(QPolygonF{{b.left() + cut, b.top()},
                                   b.topRight(),
                                   b.bottomRight(),
                                   {b.left() + cut, b.bottom()},
                                   {b.left(), b.bottom() - cut},
                                   {b.left(), b.top() + cut}});
    else
        paper.addPolygon(QPolygonF{b.topLeft(),
                                   {b.right() - cut, b.top()},
                                   {b.right(), b.top() + cut},
                                   {b.right(), b.bottom() - cut},
                                   {b.right() - cut, b.bottom()},
                                   b.bottomLeft()});
    paper.closeSubpath();
    p.setPen(QPen(selected ? look().copper : look().faint, selected ? 2 : 1));
    p.setBrush(look().card);
    p.drawPath(paper);
    p.setPen(QPen(look().graphite, 1));
    p.setBrush(look().sheet);
    p.drawEllipse(hole, 2.5, 2.5);

    const double x = b.left() + (left ? 18 : 10), iconWidth = 30;
    if (t.bundle.diameter_mm > 0 && !t.wire.isEmpty()) {
        const double across = wire::findBundleDiameter(t.bundle);
        drawSection(p, QPointF(x + iconWidth / 2, b.center().y()), t.bundle, std::min(5.0, 26 / across), t.metal);
    }
    const double tx = x + iconWidth + 6, tw = b.right() - (left ? 6 : 16) - tx;
    p.setPen(look().ink);
    p.setFont(deskFont(9.5, QFont::DemiBold));
    drawFitted(p, QPointF(tx, b.top() + 16), tw, t.title);
    p.setFont(deskFont(9));
    p.setPen(look().ink);
    drawFitted(p, QPointF(tx, b.top() + 31), tw, t.wire);
    double sx = tx;
    if (t.hasState) {
        const QString word = Text::state(t.state);
        p.setFont(deskFont(9, QFont::Bold));
        p.setPen(stateColour(static_cast<int>(t.state)));
        p.drawText(QPointF(sx, b.top() + 46), word);
        sx += QFontMetricsF(p.font()).horizontalAdvance(word + " ");
    }
    p.setFont(deskFont(9));
    p.setPen(look().ink);
    drawFitted(p, QPointF(sx, b.top() + 46), tw - (sx - tx), t.film);
}

} // namespace enkinet::app
