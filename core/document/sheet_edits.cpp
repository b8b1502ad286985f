// Edits of the drawing: limbs, points, lengths, masses, pictures, measures, poses.
#include "base/quantity.h"
#include "base/text.h"
#include "base/units.h"
#include "body/pose.h"
#include "body/shape.h"
#include "document/edits_detail.h"
#include "document/picture_origin.h"
#include "schema/walk.h"
#include <cmath>

namespace enkinet::document {

using namespace body;

namespace {

Fault missing(const Puppet& p, const Phrase& what) { return {p.name, what, words("is not there")}; }

/// Moves a limb with everything that hangs on it; limbs that hang on a moved point go with it.
void shiftHung(Puppet& p, const std::string& limb, const std::string& joint, const Vec3& by);

void shiftLimb(Puppet& p, Limb& l, const Vec3& by) {
    for (Joint& j : l.joints) {
        j.at_mm = j.at_mm + by;
        shiftHung(p, l.id, j.id, by);
    }
    for (Mass& m : p.masses)
        if (m.limb == l.id) m.at_mm = m.at_mm + by;
}

void shiftHung(Puppet& p, const std::string& limb, const std::string& joint, const Vec3& by) {
    for (Limb& l : p.limbs)
        if (l.hangsOnLimb == limb && l.hangsOnJoint == joint) shiftLimb(p, l, by);
}

/// A free id: the wanted one, or with a number behind it.
template <class Taken> std::string freeId(const std::string& wanted, Taken taken) {
    std::string id = wanted.empty() ? "part" : wanted;
    for (int n = 2; taken(id); ++n)
        id = wanted + "-" + std::to_string(n);
    return id;
}

void dropAngles(Puppet& p) {
    // Angles of joints that are no longer there, or no longer posed, are let go.
    const auto gone = [&](const JointAngle& a) {
        const Limb* l = findLimb(p, a.limb);
        const int i = l ? findJointIndex(*l, a.joint) : -1;
        return i < 0 || !l->joints[static_cast<std::size_t>(i)].posed || (a.right && !l->mirrored);
    };
    std::erase_if(p.board.angles, gone);
    for (Pose& x : p.poses)
        std::erase_if(x.angles, gone);
}

Section blend(const std::vector<Section>& s, double at, double as) {
    const Section b = findSection(s, at);
    return {as, b.a_mm, b.b_mm};
}

bool hasOwnSkin(const std::vector<Section>& sections) {
    return std::any_of(sections.begin(), sections.end(), [](const Section& t) { return t.skin_mm.has_value(); });
}

/// What of a cover lies between two shares of the bone, in shares of that stretch; none: no cover.
void keepCover(Layers& l, double from, double to) {
    const auto at = [&](double share) { return std::clamp((share - from) / (to - from), 0.0, 1.0); };
    const double a = at(l.coverFrom), b = at(l.coverTo);
    l.coverFrom = 0, l.coverTo = 1;
    if (b <= a)
        l.cover.clear(), l.cover_mm = 0;
    else
        l.coverFrom = a, l.coverTo = b;
}

} // namespace

Edits::Changed Edits::addLimb(Limb limb) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        limb.id = freeId(limb.id, [&](const std::string& id) { return findLimb(p, id) != nullptr; });
        if (limb.pick && std::none_of(m_production.stock.spools.begin(), m_production.stock.spools.end(),
                                      [&](const auto& s) { return s.id == limb.pick->spool; }))
            limb.pick.reset();
        p.limbs.push_back(limb);
        return {};
    });
}

Edits::Changed Edits::removeLimb(const std::string& id) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (!findLimb(p, id)) return missing(p, words("limb %1", id));
        std::vector<std::string> gone{id};
        for (std::size_t i = 0; i < gone.size(); ++i)
            for (const Limb& l : p.limbs)
                if (l.hangsOnLimb == gone[i]) gone.push_back(l.id);
        const auto isGone = [&](const std::string& x) { return std::find(gone.begin(), gone.end(), x) != gone.end(); };
        std::erase_if(p.limbs, [&](const Limb& l) { return isGone(l.id); });
        std::erase_if(p.masses, [&](const Mass& m) { return isGone(m.limb); });
        if (p.rig && isGone(p.rig->limb)) p.rig.reset();
        dropAngles(p);
        return {};
    });
}

Edits::Changed Edits::setLimb(const std::string& id, const std::function<void(Limb&)>& mutate) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, id);
        if (!l) return missing(p, words("limb %1", id));
        mutate(*l);
        l->id = id;
        dropAngles(p);
        return {};
    });
}

Edits::Changed Edits::hangLimb(const std::string& limb, const std::string& onLimb, const std::string& onJoint) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l) return missing(p, words("limb %1", limb));
        if (onLimb.empty()) {
            l->hangsOnLimb.clear(), l->hangsOnJoint.clear();
            return {};
        }
        // On itself, or on what hangs on it, it would hang on nothing.
        for (const Limb* up = findLimb(p, onLimb); up;
             up = up->hangsOnLimb.empty() ? nullptr : findLimb(p, up->hangsOnLimb))
            if (up->id == limb)
                return Fault{words("%1, limb %2", p.name, limb), words("hangs on %1", onLimb),
                             words("goes round in a circle")};
        const Limb* on = findLimb(p, onLimb);
        const int at = on ? findJointIndex(*on, onJoint) : -1;
        if (at < 0) return missing(p, words("joint %1.%2", onLimb, onJoint));
        const Vec3 by = on->joints[static_cast<std::size_t>(at)].at_mm - l->joints.front().at_mm;
        l->hangsOnLimb = onLimb, l->hangsOnJoint = onJoint;
        shiftLimb(p, *l, by);
        return {};
    });
}

Edits::Changed Edits::moveJoint(const std::string& limb, const std::string& joint, Vec3 to) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        const int i = l ? findJointIndex(*l, joint) : -1;
        if (i < 0) return missing(p, words("joint %1.%2", limb, joint));
        Joint& j = l->joints[static_cast<std::size_t>(i)];
        const Vec3 by = to - j.at_mm;
        j.at_mm = to;
        shiftHung(p, limb, joint, by);
        // A mass at the tip rides with it.
        if (i + 1 == static_cast<int>(l->joints.size()))
            for (Mass& m : p.masses)
                if (m.limb == limb && m.segment == i - 1) m.at_mm = m.at_mm + by;
        return {};
    });
}

Edits::Changed Edits::setLength(const std::string& limb, int segment, double length_mm) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || segment < 0 || segment >= static_cast<int>(l->segments.size()))
            return missing(p, words("segment of limb %1", limb));
        if (!(length_mm > 0.1 && length_mm < 3000))
            return Fault{words("%1, limb %2", p.name, limb), words("length %1", quantity(length_mm, Dimension::length)),
                         words("must lie between %1 and %2", withoutUnit(0.1, Dimension::length),
                               quantity(3000, Dimension::length))};
        const auto s = static_cast<std::size_t>(segment);
        const Vec3 along = l->joints[s + 1].at_mm - l->joints[s].at_mm;
        const Vec3 by = (length_mm / norm(along) - 1) * along;
        for (std::size_t i = s + 1; i < l->joints.size(); ++i) {
            l->joints[i].at_mm = l->joints[i].at_mm + by;
            shiftHung(p, limb, l->joints[i].id, by);
        }
        for (Mass& m : p.masses)
            if (m.limb == limb && m.segment >= segment) m.at_mm = m.at_mm + (m.segment == segment ? 0.5 : 1.0) * by;
        return {};
    });
}

Edits::Changed Edits::setTrueLength(const std::string& limb, int segment, double length_mm, bool forward) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || segment < 0 || segment >= static_cast<int>(l->segments.size()))
            return missing(p, words("segment of limb %1", limb));
        const auto s = static_cast<std::size_t>(segment);
        const Vec3 along = l->joints[s + 1].at_mm - l->joints[s].at_mm;
        const double seen = std::hypot(along.x, along.y);
        if (!(length_mm >= seen && length_mm < 3000))
            return Fault{
                words("%1, limb %2", p.name, limb), words("true length %1", quantity(length_mm, Dimension::length)),
                words("must be at least the %1 seen in the front picture", quantity(seen, Dimension::length, 4))};
        const double depth = std::sqrt(length_mm * length_mm - seen * seen) * (forward ? 1 : -1);
        const Vec3 by{0, 0, depth - along.z};
        for (std::size_t i = s + 1; i < l->joints.size(); ++i) {
            l->joints[i].at_mm = l->joints[i].at_mm + by;
            shiftHung(p, limb, l->joints[i].id, by);
        }
        for (Mass& m : p.masses)
            if (m.limb == limb && m.segment > segment) m.at_mm = m.at_mm + by;
        return {};
    });
}

namespace {

/// Whatever refers to a limb's segments follows when they are numbered anew. moved: a segment and a share along it
/// before, to those after.
void renumber(Puppet& p, const std::string& limb,
              const std::function<std::pair<int, double>(int segment, double at)>& moved) {
    const std::vector<Feature> before = p.things.features;
    schema::forEachField(schema::detail::tableOf<Puppet>(), &p,
                         [&](const schema::Table& table, const schema::Field& f, void* of) {
                             if (f.refers != schema::RefKind::segment || table.find(f.with)->access->text(of) != limb)
                                 return;
                             // The ends of what runs through several; else the middle of the one that it is on.
                             const std::string key = f.key;
                             const double at = key == "from_segment" ? 0 : key == "to_segment" ? 1 : 0.5;
                             f.access->setNumber(of, moved(static_cast<int>(*f.access->number(of)), at).first);
                         });
    for (std::size_t i = 0; i < before.size(); ++i) {
        const Feature& was = before[i];
        Feature& f = p.things.features[i];
        if (was.on.limb != limb || !was.on.mass.empty() || !was.on.feature.empty()) continue;
        // A stretch that the cut goes through stays with its middle.
        f.on.segment = moved(was.on.segment, (was.at + was.to) / 2).first;
        const auto share = [&](double at) {
            const auto [segment, place] = moved(was.on.segment, at);
            return segment < f.on.segment ? 0.0 : segment > f.on.segment ? 1.0 : std::clamp(place, 0.0, 1.0);
        };
        f.at = share(was.at), f.to = std::max(f.at, share(was.to));
    }
}

} // namespace

Edits::Changed Edits::splitSegment(const std::string& limb, int segment, double share) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || segment < 0 || segment >= static_cast<int>(l->segments.size()))
            return missing(p, words("segment of limb %1", limb));
        if (!(share > 0.02 && share < 0.98))
            return Fault{p.name, words("a split at %1", share), words("must lie inside the segment")};
        const auto s = static_cast<std::size_t>(segment);
        const Vec3 a = l->joints[s].at_mm, b = l->joints[s + 1].at_mm;
        Joint j;
        j.id = freeId("point", [&](const std::string& id) { return findJointIndex(*l, id) >= 0; });
        j.name = j.id, j.at_mm = a + share * (b - a);
        Segment first = l->segments[s], second = first;
        second.name = first.name + " beyond";
        if (!first.sections.empty()) {
            const auto all = first.sections;
            // The skin is as thick on both sides of the cut as it was there.
            Section cut = blend(all, share, 0);
            if (hasOwnSkin(all)) cut.skin_mm = findSkin(l->segments[s], share);
            first.sections.clear(), second.sections.clear();
            second.sections.push_back(cut);
            for (const Section& t : all) {
                if (t.at < share - 1e-9) first.sections.push_back({t.at / share, t.a_mm, t.b_mm, t.skin_mm});
                if (t.at > share + 1e-9)
                    second.sections.push_back({(t.at - share) / (1 - share), t.a_mm, t.b_mm, t.skin_mm});
            }
            cut.at = 1;
            first.sections.push_back(cut);
            first.sections.front().at = 0, second.sections.back().at = 1;
            keepCover(first.layers, 0, share);
            keepCover(second.layers, share, 1);
        }
        l->joints.insert(l->joints.begin() + segment + 1, j);
        l->segments[s] = first;
        l->segments.insert(l->segments.begin() + segment + 1, second);
        renumber(p, limb, [&](int at, double place) -> std::pair<int, double> {
            if (at != segment) return {at > segment ? at + 1 : at, place};
            return place > share ? std::pair{at + 1, (place - share) / (1 - share)} : std::pair{at, place / share};
        });
        // A mass goes with the end that it is nearer to.
        for (Mass& m : p.masses)
            if (m.limb == limb && (m.segment == segment || m.segment == segment + 1))
                m.segment = norm(m.at_mm - b) < norm(m.at_mm - a) ? segment + 1 : segment;
        return {};
    });
}

Edits::Changed Edits::joinSegments(const std::string& limb, const std::string& joint) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        const int i = l ? findJointIndex(*l, joint) : -1;
        if (i <= 0 || i + 1 >= static_cast<int>(l->joints.size()))
            return Fault{p.name, words("joint %1.%2", limb, joint), words("has no segment on both sides")};
        for (const Limb& other : p.limbs)
            if (other.hangsOnLimb == limb && other.hangsOnJoint == joint)
                return Fault{p.name, words("joint %1.%2", limb, joint), words("carries limb %1", other.id)};
        const auto s = static_cast<std::size_t>(i);
        const double first = norm(l->joints[s].at_mm - l->joints[s - 1].at_mm),
                     second = norm(l->joints[s + 1].at_mm - l->joints[s].at_mm);
        const double share = first / (first + second);
        Segment joined = l->segments[s - 1];
        if (!joined.sections.empty() && !l->segments[s].sections.empty()) {
            for (Section& t : joined.sections)
                t.at *= share;
            const Layers &mine = joined.layers, &other = l->segments[s].layers;
            for (std::size_t k = 1; k < l->segments[s].sections.size(); ++k) {
                const Section& t = l->segments[s].sections[k];
                joined.sections.push_back({share + t.at * (1 - share), t.a_mm, t.b_mm, t.skin_mm});
                if (!t.skin_mm && !other.clay.empty() && other.skin_mm != mine.skin_mm)
                    joined.sections.back().skin_mm = other.skin_mm;
            }
            joined.sections.back().at = 1;
            const bool runsOn = other.cover == mine.cover && mine.coverTo == 1 && other.coverFrom == 0;
            joined.layers.coverTo = runsOn              ? share + other.coverTo * (1 - share)
                                    : mine.coverTo == 1 ? 1
                                                        : mine.coverTo * share;
            joined.layers.coverFrom *= share;
        } else if (joined.sections.empty()) {
            joined.sections = l->segments[s].sections;
        }
        l->segments[s - 1] = joined;
        l->segments.erase(l->segments.begin() + i);
        l->joints.erase(l->joints.begin() + i);
        renumber(p, limb, [&](int at, double place) -> std::pair<int, double> {
            if (at == i) return {at - 1, share + place * (1 - share)};
            if (at == i - 1) return {at, place * share};
            return {at > i ? at - 1 : at, place};
        });
        dropAngles(p);
        return {};
    });
}

Edits::Changed Edits::setPosed(const std::string& limb, const std::string& joint, bool posed, double gap_mm) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        const int i = l ? findJointIndex(*l, joint) : -1;
        if (i < 0) return missing(p, words("joint %1.%2", limb, joint));
        Joint& j = l->joints[static_cast<std::size_t>(i)];
        j.posed = posed, j.gap_mm = posed ? gap_mm : 0;
        if (posed && !(j.high_rad > j.low_rad)) j.low_rad = degToRad(-20), j.high_rad = degToRad(20);
        dropAngles(p);
        return {};
    });
}

Edits::Changed Edits::setSections(const std::string& limb, int segment, const std::vector<Section>& sections) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || segment < 0 || segment >= static_cast<int>(l->segments.size()))
            return missing(p, words("segment of limb %1", limb));
        Segment& seg = l->segments[static_cast<std::size_t>(segment)];
        std::vector<Section> wanted = sections;
        // New widths leave the skin as thick as it was at each place.
        if (!seg.sections.empty() && hasOwnSkin(seg.sections) && !hasOwnSkin(wanted))
            for (Section& t : wanted)
                t.skin_mm = findSkin(seg, t.at);
        seg.sections = std::move(wanted);
        return {};
    });
}

Edits::Changed Edits::setRig(std::optional<RigPoint> rig) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> { return p.rig = std::move(rig), std::nullopt; });
}

Edits::Changed Edits::addMass(Mass mass) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        mass.id = freeId(mass.id, [&](const std::string& id) { return massOf(p, id) != nullptr; });
        p.masses.push_back(mass);
        return {};
    });
}

Edits::Changed Edits::removeMass(const std::string& id) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (std::erase_if(p.masses, [&](const Mass& m) { return m.id == id; }) == 0)
            return missing(p, words("mass %1", id));
        return {};
    });
}

Edits::Changed Edits::moveMass(const std::string& id, Vec3 to) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Mass* m = massOf(p, id);
        if (!m) return missing(p, words("mass %1", id));
        m->at_mm = to;
        return {};
    });
}

Edits::Changed Edits::setAngle(JointAngle wanted) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        const Limb* l = findLimb(p, wanted.limb);
        const int i = l ? findJointIndex(*l, wanted.joint) : -1;
        if (i < 0 || !l->joints[static_cast<std::size_t>(i)].posed)
            return Fault{p.name, words("joint %1.%2", wanted.limb, wanted.joint), words("does not bend")};
        JointAngle a = findWithinRange(l->joints[static_cast<std::size_t>(i)], wanted);
        a.forth_rad = snapAngle(a.forth_rad), a.aside_rad = snapAngle(a.aside_rad);
        std::erase_if(p.board.angles, [&](const JointAngle& x) {
            return x.limb == a.limb && x.joint == a.joint && x.right == a.right;
        });
        if (a.forth_rad != 0 || a.aside_rad != 0) p.board.angles.push_back(a);
        return {};
    });
}

Edits::Changed Edits::setBoard(Pose pose) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> { return p.board = std::move(pose), std::nullopt; });
}

Edits::Changed Edits::mirrorBoard() const {
    return puppetEdit(
        [&](Puppet& p) -> std::optional<Fault> { return p.board = calcMirrored(p, p.board), std::nullopt; });
}

Edits::Changed Edits::keepPose(const std::string& name) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Pose kept = p.board;
        kept.name = name;
        const auto old = std::find_if(p.poses.begin(), p.poses.end(), [&](const Pose& x) { return x.name == name; });
        if (old == p.poses.end())
            p.poses.push_back(kept);
        else
            *old = kept;
        p.board.name = name;
        return {};
    });
}

Edits::Changed Edits::removePose(const std::string& name) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (std::erase_if(p.poses, [&](const Pose& x) { return x.name == name; }) == 0)
            return missing(p, words("pose %1", name));
        return {};
    });
}

Edits::Changed Edits::addPicture(Picture picture, const std::string& bytes) const {
    if (auto fault = checkPicture(m_production, bytes.size())) return *fault;
    auto r = puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        const std::string wanted = picture.file;
        const auto dot = wanted.rfind('.');
        for (int n = 2; m_production.pictures.contains(picture.file); ++n)
            picture.file =
                wanted.substr(0, dot) + "-" + std::to_string(n) + (dot == std::string::npos ? "" : wanted.substr(dot));
        p.pictures.push_back(picture);
        return {};
    });
    if (!r) return r.fault();
    Production p = r.take();
    // Where, when and by whom it was taken stays with whoever took it.
    p.pictures[picture.file] = Bytes(withoutOrigin(bytes));
    return p;
}

Edits::Changed Edits::setPicture(std::size_t index, const Picture& picture) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (index >= p.pictures.size()) return missing(p, words("picture"));
        const std::string file = p.pictures[index].file;
        p.pictures[index] = picture;
        p.pictures[index].file = file, p.pictures[index].angle_rad = snapAngle(picture.angle_rad);
        return {};
    });
}

Edits::Changed Edits::removePicture(std::size_t index) const {
    std::string file;
    auto r = puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (index >= p.pictures.size()) return missing(p, words("picture"));
        file = p.pictures[index].file;
        p.pictures.erase(p.pictures.begin() + static_cast<std::ptrdiff_t>(index));
        return {};
    });
    if (!r) return r.fault();
    Production p = r.take();
    const bool used = std::any_of(p.puppets.begin(), p.puppets.end(), [&](const Puppet& x) {
        return std::any_of(x.pictures.begin(), x.pictures.end(), [&](const Picture& y) { return y.file == file; });
    });
    if (!used) p.pictures.erase(file);
    return p;
}

Edits::Changed Edits::addMeasure(const Measure& measure) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> { return p.measures.push_back(measure), std::nullopt; });
}

Edits::Changed Edits::setMeasured(std::size_t index, std::optional<double> mm) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (index >= p.measures.size()) return missing(p, words("measure"));
        p.measures[index].measured_mm = mm;
        return {};
    });
}

Edits::Changed Edits::setOther(std::size_t index, std::optional<double> mm) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (index >= p.measures.size()) return missing(p, words("measure"));
        p.measures[index].other_mm = mm;
        return {};
    });
}

Edits::Changed Edits::setProportion(const std::string& key, std::optional<double> target, double tolerance) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        const auto at =
            std::find_if(p.proportions.begin(), p.proportions.end(), [&](const Proportion& x) { return x.key == key; });
        if (!target) {
            if (at == p.proportions.end()) return missing(p, words("proportion"));
            p.proportions.erase(at);
        } else if (at != p.proportions.end()) {
            at->target = *target, at->tolerance = tolerance;
        } else {
            p.proportions.push_back({key, *target, tolerance});
        }
        return {};
    });
}

Edits::Changed Edits::removeMeasure(std::size_t index) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (index >= p.measures.size()) return missing(p, words("measure"));
        p.measures.erase(p.measures.begin() + static_cast<std::ptrdiff_t>(index));
        return {};
    });
}

} // namespace enkinet::document
