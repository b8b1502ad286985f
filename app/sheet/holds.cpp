#include "sheet/holds.h"
#include "base/units.h"
#include "sheet/grip.h"
#include "sheet/sheet_view.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

namespace {
constexpr double kTakenWithin = 9; ///< pixels within which a point is taken

double apart(const QPointF& a, const QPointF& b) { return std::hypot(a.x() - b.x(), a.y() - b.y()); }

/// A drawn point back into space: what the view does not see is kept.
Vec3 unproject(View view, const QPointF& mm, const Vec3& kept) {
    return view == View::front ? Vec3{mm.x(), -mm.y(), kept.z} : Vec3{kept.x, -mm.y(), mm.x()};
}

void handle(QPainter& p, const QPointF& at, double r, const QColor& fill) {
    p.setPen(QPen(look().ink, 1.2));
    p.setBrush(fill);
    p.drawRect(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r));
}

/// Steps of a tenth of a millimetre are as fine as a hand can work.
double tenth(double mm) { return std::round(mm * 10) / 10; }
} // namespace

// Shaping.

bool ShapeHold::press(View view, const QPointF& screen, Qt::KeyboardModifiers) {
    Document& d = sheet().document();
    const Puppet& p = d.puppet();
    m_what = What::none;
    // Station edges of the selected part first: they lie close to its joints.
    const Selection& s = d.selection();
    const auto& rest = d.report().choice.rest;
    if (s.kind == Selection::Kind::segment) {
        for (const Link& l : rest.links) {
            const LimbCopy& c = rest.copies[static_cast<std::size_t>(l.copy)];
            if (c.limb != s.limb || l.segment != s.index || c.right) continue;
            const auto& sections =
                p.limbs[static_cast<std::size_t>(s.limb)].segments[static_cast<std::size_t>(s.index)].sections;
            for (std::size_t i = 0; i < sections.size(); ++i)
                for (double side : {-1.0, 1.0}) {
                    const Vec3 at = l.from + sections[i].at * (l.to - l.from) +
                                    side * (view == View::front ? sections[i].a_mm * l.a : sections[i].b_mm * l.b);
                    if (apart(sheet().toScreen(view, project(view, at)), screen) > kTakenWithin) continue;
                    m_what = What::section, m_limb = s.limb, m_index = s.index, m_section = static_cast<int>(i);
                    return true;
                }
        }
    }
    double best = kTakenWithin;
    for (std::size_t i = 0; i < p.limbs.size(); ++i)
        for (std::size_t k = 0; k < p.limbs[i].joints.size(); ++k) {
            // A hung limb's root is its parent's point: moving the parent moves both.
            if (k == 0 && !p.limbs[i].hangsOnLimb.empty() && !p.limbs[i].joints[0].posed) continue;
            const double distance = apart(sheet().toScreen(view, project(view, p.limbs[i].joints[k].at_mm)), screen);
            if (distance < best)
                best = distance, m_what = What::joint, m_limb = static_cast<int>(i), m_index = static_cast<int>(k);
        }
    if (m_what == What::joint) {
        d.select({Selection::Kind::joint, m_limb, m_index, false});
        return true;
    }
    if (const Selection hit = sheet().selectionAt(screen); hit.kind != Selection::Kind::none) {
        d.select(hit);
        if (hit.kind == Selection::Kind::mass && !hit.right) {
            m_what = What::mass, m_index = hit.index;
            // Taken where the pointer has it, not by its middle.
            m_grab = project(view, p.masses[static_cast<std::size_t>(hit.index)].at_mm) - sheet().toMm(view, screen);
        }
        return true;
    }
    return false;
}

void ShapeHold::move(View view, const QPointF& screen, Qt::KeyboardModifiers with) {
    Document& d = sheet().document();
    if (m_what == What::none) return;
    const QPointF mm = sheet().toMm(view, screen);
    if (m_what == What::section) {
        const Limb& limb = d.puppet().limbs[static_cast<std::size_t>(m_limb)];
        const auto& rest = d.report().choice.rest;
        const auto link = std::find_if(rest.links.begin(), rest.links.end(), [&](const Link& l) {
            return rest.copies[static_cast<std::size_t>(l.copy)].limb == m_limb && l.segment == m_index;
        });
        Section st = limb.segments[static_cast<std::size_t>(m_index)].sections[static_cast<std::size_t>(m_section)];
        const QPointF axis = project(view, link->from + st.at * (link->to - link->from));
        (view == View::front ? st.a_mm : st.b_mm) = std::max(0.3, tenth(apart(mm, axis)));
        d.change(
            Text::tr("Width of the %1")
                .arg(QString::fromStdString(limb.segments[static_cast<std::size_t>(m_index)].name)),
            [&](const document::Edits& e) { return e.setSection(limb.id, m_index, m_section, st.a_mm, st.b_mm); },
            Document::Merge::yes);
        return;
    }
    if (m_what == What::mass) {
        const Mass& m = d.puppet().masses[static_cast<std::size_t>(m_index)];
        const std::string id = m.id;
        Vec3 to = unproject(view, mm + m_grab, m.at_mm);
        if (view == View::front && std::abs(to.x) * sheet().scale() < 5 && !with.testFlag(Qt::AltModifier)) to.x = 0;
        to = {tenth(to.x), tenth(to.y), tenth(to.z)};
        d.change(
            Text::tr("Move the %1").arg(QString::fromStdString(m.name)),
            [&](const document::Edits& e) { return e.moveMass(id, to); }, Document::Merge::yes);
        return;
    }
    const Limb& limb = d.puppet().limbs[static_cast<std::size_t>(m_limb)];
    const Joint& j = limb.joints[static_cast<std::size_t>(m_index)];
    Vec3 to = unproject(view, mm, j.at_mm);
    to = {tenth(to.x), tenth(to.y), tenth(to.z)};
    if (!with.testFlag(Qt::AltModifier)) {
        // Snap to the mirror line, and level with or plumb under the neighbours.
        const double reach = 5 / sheet().scale();
        for (int n : {m_index - 1, m_index + 1}) {
            if (n < 0 || n >= static_cast<int>(limb.joints.size())) continue;
            const Vec3& o = limb.joints[static_cast<std::size_t>(n)].at_mm;
            if (std::abs(to.y - o.y) < reach) to.y = o.y;
            if (view == View::front && std::abs(to.x - o.x) < reach) to.x = o.x;
            if (view == View::side && std::abs(to.z - o.z) < reach) to.z = o.z;
        }
        if (view == View::front && std::abs(to.x) < reach) to.x = 0;
    }
    d.change(
        Text::tr("Move the %1").arg(QString::fromStdString(j.name)),
        [&](const document::Edits& e) { return e.moveJoint(limb.id, j.id, to); }, Document::Merge::yes);
}

namespace {
/// What an arrow moves by: so much, with Shift ten times as much, sideways in depth with Ctrl; none: no arrow.
std::optional<Vec3> arrow(const QKeyEvent& e, double step) {
    if (e.modifiers().testFlag(Qt::ShiftModifier)) step *= 10;
    const bool deep = e.modifiers().testFlag(Qt::ControlModifier);
    switch (e.key()) {
    case Qt::Key_Left:
        return deep ? Vec3{0, 0, -step} : Vec3{-step, 0, 0};
    case Qt::Key_Right:
        return deep ? Vec3{0, 0, step} : Vec3{step, 0, 0};
    case Qt::Key_Up:
        return Vec3{0, step, 0};
    case Qt::Key_Down:
        return Vec3{0, -step, 0};
    default:
        return {};
    }
}
} // namespace

bool ShapeHold::key(QKeyEvent* e) {
    Document& d = sheet().document();
    const Selection& s = d.selection();
    if (s.kind != Selection::Kind::joint) return false;
    const std::optional<Vec3> by = arrow(*e, 0.1);
    if (!by) return false;
    const Limb& limb = d.puppet().limbs[static_cast<std::size_t>(s.limb)];
    const Joint& j = limb.joints[static_cast<std::size_t>(s.index)];
    d.change(
        Text::tr("Nudge the %1").arg(QString::fromStdString(j.name)),
        [&](const document::Edits& ed) { return ed.moveJoint(limb.id, j.id, j.at_mm + *by); }, Document::Merge::yes);
    return true;
}

void ShapeHold::draw(QPainter& p) const {
    const Document& d = sheet().document();
    const Selection& s = d.selection();
    for (View view : {View::front, View::side}) {
        for (std::size_t i = 0; i < d.puppet().limbs.size(); ++i) {
            const Limb& l = d.puppet().limbs[i];
            for (std::size_t k = 0; k < l.joints.size(); ++k) {
                const bool mine =
                    s.kind == Selection::Kind::joint && s.limb == static_cast<int>(i) && s.index == static_cast<int>(k);
                if (!l.joints[k].posed || mine)
                    handle(p, sheet().toScreen(view, project(view, l.joints[k].at_mm)), mine ? 5 : 3,
                           mine ? look().lit : look().card);
            }
        }
        if (s.kind != Selection::Kind::segment) continue;
        const auto& rest = d.report().choice.rest;
        for (const Link& l : rest.links) {
            const LimbCopy& c = rest.copies[static_cast<std::size_t>(l.copy)];
            if (c.limb != s.limb || l.segment != s.index || c.right) continue;
            for (const Section& st : d.puppet()
                                         .limbs[static_cast<std::size_t>(s.limb)]
                                         .segments[static_cast<std::size_t>(s.index)]
                                         .sections)
                for (double side : {-1.0, 1.0}) {
                    const Vec3 at =
                        l.from + st.at * (l.to - l.from) + side * (view == View::front ? st.a_mm * l.a : st.b_mm * l.b);
                    p.setPen(QPen(look().ink, 1.2));
                    p.setBrush(look().lit);
                    p.drawEllipse(sheet().toScreen(view, project(view, at)), 4.5, 4.5);
                }
        }
    }
}

QString ShapeHold::hint() const {
    return Text::tr("Drag a point, or the edge of a selected part. Arrows nudge by 0.1 mm, with Shift by 1 mm, with "
                    "Ctrl in depth; Alt lets go of snapping.");
}

// Marking.

bool MarkHold::press(View view, const QPointF& screen, Qt::KeyboardModifiers) {
    m_pen.reset();
    if (begin([&](const Vec3& at) { return apart(sheet().toScreen(view, project(view, at)), screen) < kTakenWithin; }))
        return true;
    if (!m_points.empty() && apart(sheet().toScreen(view, project(view, m_points.back())), screen) < 3) {
        finish(); // a double click
        return true;
    }
    Vec3 at = unproject(view, sheet().toMm(view, screen), m_points.empty() ? Vec3{} : m_points.back());
    if (std::abs(at.x) * sheet().scale() < 5) at.x = 0;
    put(at);
    return true;
}

bool MarkHold::begin(const std::function<bool(const Vec3&)>& isThere) {
    if (!m_points.empty()) return false;
    const Puppet& p = sheet().document().puppet();
    for (const Limb& l : p.limbs)
        for (const Joint& j : l.joints)
            if (isThere(j.at_mm)) {
                m_onLimb = l.id, m_onJoint = j.id;
                m_points.push_back(j.at_mm);
                sheet().update();
                return true;
            }
    if (p.limbs.empty()) return false;
    Q_EMIT sheet().document().refused(Text::tr("a limb hangs on another one: begin on one of its points"));
    return true;
}

void MarkHold::put(const Vec3& at) {
    m_points.push_back({tenth(at.x), tenth(at.y), tenth(at.z)});
    sheet().update();
}

bool MarkHold::movePen(const QKeyEvent& e) {
    const Puppet& p = sheet().document().puppet();
    std::vector<Vec3> there;
    for (const Limb& l : p.limbs)
        for (const Joint& j : l.joints)
            there.push_back(j.at_mm);
    if (e.key() == Qt::Key_PageUp || e.key() == Qt::Key_PageDown) {
        if (there.empty()) return true;
        // From the point that the pen is on to the next; from nowhere to the first.
        const bool down = e.key() == Qt::Key_PageDown;
        const auto n = there.size();
        std::size_t at = down ? 0 : n - 1;
        for (std::size_t i = 0; m_pen && i < n; ++i)
            if (there[i] == *m_pen) at = (i + (down ? 1 : n - 1)) % n;
        m_pen = there[at];
        return true;
    }
    const std::optional<Vec3> by = arrow(e, 1);
    if (!by) return false;
    if (!m_pen) m_pen = m_points.empty() ? Vec3{0, p.height_mm / 2, 0} : m_points.back();
    m_pen = *m_pen + *by;
    return true;
}

void MarkHold::move(View, const QPointF& screen, Qt::KeyboardModifiers) {
    m_pointer = screen;
    sheet().update();
}

bool MarkHold::key(QKeyEvent* e) {
    if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        finish();
    else if (movePen(*e))
        ;
    else if (e->key() == Qt::Key_Space && m_pen) {
        if (!begin([&](const Vec3& at) { return norm(at - *m_pen) < 1; }) &&
            (m_points.empty() || norm(m_points.back() - *m_pen) > 0.05))
            put(*m_pen);
    } else if (e->key() == Qt::Key_Backspace && !m_points.empty())
        m_points.pop_back();
    else if (e->key() == Qt::Key_Escape)
        m_points.clear(), m_onLimb.clear();
    else
        return false;
    sheet().update();
    return true;
}

void MarkHold::finish() {
    if (m_points.size() < 2) return;
    Document& d = sheet().document();
    Limb l;
    l.name = Text::kind(m_kind).toStdString();
    l.id = l.name, l.kind = m_kind, l.mirrored = m_mirrored && !m_onLimb.empty();
    std::replace(l.id.begin(), l.id.end(), ' ', '-');
    l.hangsOnLimb = m_onLimb, l.hangsOnJoint = m_onJoint;
    l.wraps = m_onLimb.empty() ? 0 : 3;
    // Inner points bend, as far as their bones leave room for a gap; ends are fixed.
    for (std::size_t i = 0; i < m_points.size(); ++i) {
        Joint j;
        j.id = i == 0 ? "root" : i + 1 == m_points.size() ? "tip" : "joint" + std::to_string(i);
        j.name = i == 0                     ? l.name + " root"
                 : i + 1 == m_points.size() ? l.name + " tip"
                                            : l.name + " joint " + std::to_string(i);
        j.at_mm = m_points[i];
        if (i > 0 && i + 1 < m_points.size()) {
            const double room = std::min(norm(m_points[i] - m_points[i - 1]), norm(m_points[i + 1] - m_points[i]));
            j.posed = room > 3;
            j.gap_mm = std::min(12.0, std::floor(room * 7) / 10);
            j.low_rad = degToRad(-25), j.high_rad = degToRad(25);
        }
        l.joints.push_back(j);
        if (i > 0) {
            Segment s;
            s.name = l.name + " " + std::to_string(i);
            l.segments.push_back(s);
        }
    }
    const bool done = d.change(Text::tr("Mark a limb: %1").arg(Text::kind(m_kind)),
                               [&](const document::Edits& e) { return e.addLimb(l); });
    if (done) d.select({Selection::Kind::joint, static_cast<int>(d.puppet().limbs.size()) - 1, 1, false});
    m_points.clear(), m_onLimb.clear(), m_onJoint.clear();
}

void MarkHold::draw(QPainter& p) const {
    const Document& d = sheet().document();
    // Where one elevation ends and the other begins: a click never lands on the wrong one unseen.
    p.setPen(QPen(look().graphite, 1, Qt::DotLine));
    p.drawLine(QPointF(sheet().between(), 60), QPointF(sheet().between(), sheet().height() - 40));
    for (View view : {View::front, View::side}) {
        for (const Limb& l : d.puppet().limbs)
            for (const Joint& j : l.joints)
                handle(p, sheet().toScreen(view, project(view, j.at_mm)), 3, look().card);
        QPolygonF line;
        for (const Vec3& v : m_points)
            line << sheet().toScreen(view, project(view, v));
        p.setPen(QPen(look().copper, 3));
        p.drawPolyline(line);
        for (const QPointF& at : line)
            handle(p, at, 4, look().copper);
        if (m_pen) {
            const QPointF at = sheet().toScreen(view, project(view, *m_pen));
            p.setPen(QPen(look().ink, 1.5));
            p.drawLine(at - QPointF(9, 0), at + QPointF(9, 0));
            p.drawLine(at - QPointF(0, 9), at + QPointF(0, 9));
            if (!line.isEmpty()) {
                p.setPen(QPen(look().copper, 1.5, Qt::DashLine));
                p.drawLine(line.back(), at);
            }
        }
        if (!m_pen && !line.isEmpty() && view == sheet().viewAt(m_pointer)) {
            p.setPen(QPen(look().copper, 1.5, Qt::DashLine));
            p.drawLine(line.back(), m_pointer);
        }
    }
}

QString MarkHold::hint() const {
    if (m_pen)
        return Text::tr(
                   "The pen is %1 to the left, %2 up, %3 to the front: arrows move it by 1 mm, with Shift by 10, with "
                   "Ctrl in depth; Page Down goes to the next point; Space puts one down; Enter ends the limb.")
            .arg(Text::length(m_pen->x), Text::length(m_pen->y), Text::length(m_pen->z));
    const QString pen = sheet().viewAt(m_pointer) == View::front ? Text::tr("The pen is on the front elevation.")
                                                                 : Text::tr("The pen is on the side elevation.");
    const QString next =
        m_points.empty()
            ? Text::tr("Click where the limb begins: on a point that it hangs on, or anywhere for the first limb.")
            : Text::tr("Click its joints one after the other on either elevation; Enter or a click on the last point "
                       "ends it, Backspace takes one back. Arrows move a pen instead, Space puts a point down.");
    return pen + " " + next;
}

// Bending.

bool BendHold::press(View view, const QPointF& screen, Qt::KeyboardModifiers) {
    Document& d = sheet().document();
    const Selection hit = sheet().selectionAt(screen);
    Grip g;
    if (hit.kind == Selection::Kind::joint) {
        const auto& s = d.report().choice.skeleton;
        for (std::size_t i = 0; i < s.hinges.size(); ++i) {
            const LimbCopy& c = s.copies[static_cast<std::size_t>(s.hinges[i].copy)];
            if (c.limb == hit.limb && s.hinges[i].joint == hit.index && c.right == hit.right)
                g = gripHinge(d, static_cast<int>(i));
        }
        d.select(hit);
    } else if (const int part = sheet().partAt(screen); part >= 0) {
        g = findGrip(d, part);
        if (g.hinge >= 0) {
            const auto& s = d.report().choice.skeleton;
            const Hinge& h = s.hinges[static_cast<std::size_t>(g.hinge)];
            const LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
            d.select({Selection::Kind::joint, c.limb, h.joint, c.right});
        }
    }
    m_hinge = g.hinge, m_moved = g.moved, m_view = view, m_dragging = g.hinge >= 0;
    if (m_hinge < 0) return hit.kind != Selection::Kind::none;
    const QPointF at = screen - sheet().hingeOnScreen(m_hinge, view);
    m_last = std::atan2(-at.y(), at.x());
    sheet().update();
    return true;
}

void BendHold::move(View, const QPointF& screen, Qt::KeyboardModifiers) {
    if (!m_dragging || m_hinge < 0) return;
    const QPointF at = screen - sheet().hingeOnScreen(m_hinge, m_view);
    if (std::hypot(at.x(), at.y()) < 6) return;
    const double now = std::atan2(-at.y(), at.x()), by = std::remainder(now - m_last, 2 * kPi);
    m_last = now;
    // Against the clock on the front picture is a turn about z; on the side picture, seen from the right, about -x.
    const Vec3 axis = m_view == View::front ? Vec3{0, 0, 1} : Vec3{-1, 0, 0};
    bendTo(sheet().document(), turned(sheet().document(), {m_hinge, m_moved}, axis, by));
}

void BendHold::release() {
    m_dragging = false;
    sheet().update();
}

void BendHold::draw(QPainter& p) const {
    const Document& d = sheet().document();
    if (m_hinge < 0 || m_hinge >= static_cast<int>(d.report().choice.skeleton.hinges.size())) return;
    const auto& s = d.report().choice.skeleton;
    const Hinge& h = s.hinges[static_cast<std::size_t>(m_hinge)];
    const Link& after = s.links[static_cast<std::size_t>(h.after)];
    const QPointF at = sheet().toScreen(m_view, project(m_view, h.at));
    const QPointF tip = sheet().toScreen(m_view, project(m_view, after.to)) - at;
    const double r = std::max(34.0, std::min(70.0, std::hypot(tip.x(), tip.y())));
    const LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
    const Limb& limb = d.puppet().limbs[static_cast<std::size_t>(c.limb)];
    const Joint& j = limb.joints[static_cast<std::size_t>(h.joint)];
    const JointAngle a = angleOf(d, m_hinge);
    const double sign = m_view == View::front ? (c.right ? -1 : 1) : -findForthSign(limb.kind);
    const double here = m_view == View::front ? a.aside_rad : a.forth_rad;
    const double most = findLargestBend(j), low = m_view == View::front ? -most : j.low_rad,
                 high = m_view == View::front ? most : j.high_rad;
    const double now = std::atan2(-tip.y(), tip.x()), rest = now - sign * here;
    const auto arc = [&](double from, double to, const QPen& pen) {
        p.setPen(pen);
        p.setBrush(Qt::NoBrush);
        p.drawArc(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r), static_cast<int>(radToDeg(from) * 16),
                  static_cast<int>(radToDeg(to - from) * 16));
    };
    arc(rest + sign * low, rest + sign * high, QPen(look().holds, 2));
    arc(rest, now, QPen(look().copper, 5));
    // The ghost: where the bone comes to lie once the hand lets go.
    const double bend = bendOf(a);
    if (bend > 0) {
        const double back = calcSpring(d, {m_hinge, m_moved}) * here / bend, ghost = now - sign * back;
        const double length = std::hypot(tip.x(), tip.y());
        p.setPen(QPen(look().graphite, 1.5, Qt::DashLine));
        p.drawLine(at, at + length * QPointF(std::cos(ghost), -std::sin(ghost)));
    }
    p.setFont(deskFont(10, QFont::DemiBold));
    p.setPen(look().ink);
    p.drawText(at + QPointF(r * std::cos(now) + 10, -r * std::sin(now) - 4), Text::degrees(here));
}

QString BendHold::hint() const {
    if (m_hinge >= 0 && m_hinge < static_cast<int>(sheet().document().report().choice.skeleton.hinges.size()))
        return gripWords(sheet().document(), {m_hinge, m_moved});
    return Text::tr("Take a limb beyond a joint and bend it there; the dashed line is where it springs back to.");
}

// Measuring.

bool CaliperHold::press(View view, const QPointF& screen, Qt::KeyboardModifiers) {
    m_open = true, m_view = view, m_from = m_to = sheet().toMm(view, screen);
    return true;
}

void CaliperHold::move(View, const QPointF& screen, Qt::KeyboardModifiers) {
    if (!m_open) return;
    m_to = sheet().toMm(m_view, screen);
    sheet().update();
}

void CaliperHold::release() {
    if (!m_open) return;
    m_open = false;
    const double length = apart(m_from, m_to);
    if (length < 0.3) return;
    Document& d = sheet().document();
    Measure m;
    m.name = Text::tr("measure %1").arg(d.puppet().measures.size() + 1).toStdString();
    m.from_mm = unproject(m_view, m_from, {}), m.to_mm = unproject(m_view, m_to, {});
    d.change(Text::tr("Measure %1").arg(Text::length(length)),
             [&](const document::Edits& e) { return e.addMeasure(m); });
}

void CaliperHold::draw(QPainter& p) const {
    const auto jaws = [&](View view, const QPointF& a, const QPointF& b, const QString& text) {
        const QPointF u = sheet().toScreen(view, a), v = sheet().toScreen(view, b);
        const double L = std::max(1.0, apart(u, v));
        const QPointF n((v - u).y() / L * 7, -(v - u).x() / L * 7);
        p.setPen(QPen(look().holds, 2));
        p.drawLine(u, v);
        p.drawLine(u - n, u + n);
        p.drawLine(v - n, v + n);
        p.setFont(deskFont(9.5, QFont::DemiBold));
        p.drawText((u + v) / 2 + 1.6 * n + QPointF(4, 0), text);
    };
    for (const Measure& m : sheet().document().puppet().measures) {
        const View view = m.from_mm.z != 0 || m.to_mm.z != 0 ? View::side : View::front;
        jaws(view, project(view, m.from_mm), project(view, m.to_mm), Text::length(norm(m.to_mm - m.from_mm)));
    }
    if (m_open) jaws(m_view, m_from, m_to, Text::length(apart(m_from, m_to)));
}

QString CaliperHold::hint() const {
    return Text::tr(
        "Drag from one point to another: the distance is kept, and beside it what you measured on the real piece.");
}

// Pictures.

bool PictureHold::isThere() const {
    const Document& d = sheet().document();
    return d.hasPuppet() && m_picture >= 0 && m_picture < static_cast<int>(d.puppet().pictures.size());
}

bool PictureHold::press(View view, const QPointF& screen, Qt::KeyboardModifiers) {
    const auto& pictures = sheet().document().puppet().pictures;
    if (m_picture < 0 || m_picture >= static_cast<int>(pictures.size())) return false;
    const Picture& x = pictures[static_cast<std::size_t>(m_picture)];
    if ((view == View::side) != x.side) return false;
    m_from = m_to = sheet().toMm(view, screen);
    m_x = x.x_mm, m_y = x.y_mm;
    m_dragging = true;
    return true;
}

void PictureHold::move(View view, const QPointF& screen, Qt::KeyboardModifiers) {
    if (!m_dragging || !isThere()) return;
    m_to = sheet().toMm(view, screen);
    if (m_true > 0) return sheet().update();
    Document& d = sheet().document();
    Picture x = d.puppet().pictures[static_cast<std::size_t>(m_picture)];
    x.x_mm = m_x + m_to.x() - m_from.x(), x.y_mm = m_y - (m_to.y() - m_from.y());
    d.change(
        Text::tr("Move the picture"),
        [&](const document::Edits& e) { return e.setPicture(static_cast<std::size_t>(m_picture), x); },
        Document::Merge::yes);
}

void PictureHold::release() {
    if (!m_dragging) return;
    m_dragging = false;
    const double seen = apart(m_from, m_to);
    if (m_true <= 0 || seen < 0.5 || !isThere()) return;
    Document& d = sheet().document();
    Picture x = d.puppet().pictures[static_cast<std::size_t>(m_picture)];
    // About the first point, so that it stays where it was taken.
    const double k = m_true / seen;
    x.x_mm = m_from.x() + k * (x.x_mm - m_from.x()), x.y_mm = -m_from.y() + k * (x.y_mm + m_from.y()), x.mm_px *= k;
    d.change(Text::tr("Scale the picture: these two points are %1 apart").arg(Text::length(m_true)),
             [&](const document::Edits& e) { return e.setPicture(static_cast<std::size_t>(m_picture), x); });
    m_true = 0;
}

void PictureHold::draw(QPainter& p) const {
    if (!m_dragging || m_true <= 0 || !isThere()) return;
    const View view =
        sheet().document().puppet().pictures[static_cast<std::size_t>(m_picture)].side ? View::side : View::front;
    p.setPen(QPen(look().holds, 2));
    p.drawLine(sheet().toScreen(view, m_from), sheet().toScreen(view, m_to));
}

QString PictureHold::hint() const {
    return m_true > 0
               ? Text::tr("Drag between two points of the picture that are really %1 apart.").arg(Text::length(m_true))
               : Text::tr("Drag the picture to where it belongs.");
}

} // namespace enkinet::app
