#include "sheet/grip.h"
#include "words/text.h"
#include <cmath>

namespace enkinet::app {

namespace {
const body::Joint& jointOf(const Document& d, int hinge) {
    const auto& s = d.report().choice.skeleton;
    const body::Hinge& h = s.hinges[static_cast<std::size_t>(hinge)];
    return d.puppet()
        .limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(h.copy)].limb)]
        .joints[static_cast<std::size_t>(h.joint)];
}

int plantedBody(const Document& d) {
    const auto& s = d.report().choice.skeleton;
    if (s.supportLinks.empty()) return 0;
    const std::size_t which = d.puppet().board.plantedRight && s.supportLinks.size() > 1 ? 1 : 0;
    return s.links[static_cast<std::size_t>(s.supportLinks[which])].body;
}
} // namespace

Grip findGrip(const Document& d, int part) {
    const auto& s = d.report().choice.skeleton;
    const int body = d.report().choice.parts[static_cast<std::size_t>(part)].body, planted = plantedBody(d);
    if (body != planted && body::isBeyond(s, planted, body)) {
        // Down the tree towards the foot.
        int child = planted;
        while (s.parentBody[static_cast<std::size_t>(child)] != body)
            child = s.parentBody[static_cast<std::size_t>(child)];
        return {s.parentHinge[static_cast<std::size_t>(child)], false};
    }
    return {body == planted ? -1 : s.parentHinge[static_cast<std::size_t>(body)], true};
}

Grip gripHinge(const Document& d, int hinge) {
    const auto& s = d.report().choice.skeleton;
    const int after = s.links[static_cast<std::size_t>(s.hinges[static_cast<std::size_t>(hinge)].after)].body;
    return {hinge, !body::isBeyond(s, plantedBody(d), after)};
}

body::JointAngle angleOf(const Document& d, int hinge) {
    const auto& s = d.report().choice.skeleton;
    const body::LimbCopy& c = s.copies[static_cast<std::size_t>(s.hinges[static_cast<std::size_t>(hinge)].copy)];
    return body::findAngle(d.puppet().board, d.puppet().limbs[static_cast<std::size_t>(c.limb)].id,
                           jointOf(d, hinge).id, c.right);
}

body::JointAngle turned(const Document& d, const Grip& grip, const Vec3& axis, double by) {
    const auto& choice = d.report().choice;
    const body::Hinge& h = choice.skeleton.hinges[static_cast<std::size_t>(grip.hinge)];
    const body::LimbCopy& c = choice.skeleton.copies[static_cast<std::size_t>(h.copy)];
    const int before = choice.skeleton.links[static_cast<std::size_t>(h.before)].body;
    const Vec3 r =
        body::inverse(choice.motions[static_cast<std::size_t>(before)]).direction((grip.moved ? by : -by) * axis);
    body::JointAngle a = angleOf(d, grip.hinge);
    a.forth_rad += body::findForthSign(d.puppet().limbs[static_cast<std::size_t>(c.limb)].kind) * r.x;
    a.aside_rad += c.right ? -r.z : r.z;
    return body::findWithinRange(jointOf(d, grip.hinge), a);
}

void bendTo(Document& d, const body::JointAngle& a) {
    const body::Limb* limb = body::findLimb(d.puppet(), a.limb);
    const std::string& name = limb->joints[static_cast<std::size_t>(body::findJointIndex(*limb, a.joint))].name;
    d.change(
        Text::tr("Bend the %1 to %2").arg(QString::fromStdString(name), Text::degrees(bendOf(a))),
        [&](const document::Edits& e) { return e.setAngle(a); }, Document::Merge::yes);
}

double bendOf(const body::JointAngle& a) { return std::hypot(a.forth_rad, a.aside_rad); }

double calcSpring(const Document& d, const Grip& grip) {
    const auto& r = d.report();
    const body::Hinge& h = r.choice.skeleton.hinges[static_cast<std::size_t>(grip.hinge)];
    const choice::LimbChoice& l =
        r.choice.limbs[static_cast<std::size_t>(r.choice.skeleton.copies[static_cast<std::size_t>(h.copy)].limb)];
    const double bend = bendOf(angleOf(d, grip.hinge));
    if (l.chosen < 0 || bend <= 0) return 0;
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    const body::Joint& j = jointOf(d, grip.hinge);
    const auto& table = *r.stock.tables.at(r.stock.spools[static_cast<std::size_t>(c.spool)].material);
    wire::Bundle bundle = c.bundle;
    for (std::size_t i = 0; i < l.demands.size(); ++i)
        if (l.demands[i].joint == h.joint) bundle = choice::findTrial(l, c, i).bundle;
    const double spring =
        table.findBend(bundle, {j.gap_mm, bend, bend, j.edge, d.puppet().wants.set_rad}).springback_rad;
    return std::isfinite(spring) ? spring : 0;
}

QString gripWords(const Document& d, const Grip& grip) {
    const body::Joint& j = jointOf(d, grip.hinge);
    const body::JointAngle a = angleOf(d, grip.hinge);
    const auto& loads = d.report().choice.loads;
    return Text::tr("%1: %2 forth, %3 aside, range %4 to %5; springs back %6; carries %7 N·mm in this pose")
        .arg(Text::capital(d.report().choice.skeleton.hinges[static_cast<std::size_t>(grip.hinge)].label),
             Text::degrees(a.forth_rad), Text::degrees(a.aside_rad), Text::degrees(j.low_rad),
             Text::degrees(j.high_rad), Text::degrees(calcSpring(d, grip), 1),
             Text::figure(loads[static_cast<std::size_t>(grip.hinge)].pose_Nmm));
}

} // namespace enkinet::app
