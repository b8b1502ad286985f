#include "checks/proportions.h"
#include "base/quantity.h"
#include "base/text.h"
#include <algorithm>
#include <cmath>
#include <iterator>

namespace enkinet::checks {

using namespace body;

namespace {

constexpr double kMuch = 1e9;

/// In the order of Eye: the word by which a target is kept, and whether it can be given one.
constexpr struct {
    Eye eye;
    const char* word;
    bool isRatio;
} kEyes[] = {
    {Eye::heads_high, "heads_high", true},
    {Eye::hand_to_head, "hand_to_head", true},
    {Eye::foot_to_head, "foot_to_head", true},
    {Eye::hand_to_forearm, "hand_to_forearm", true},
    {Eye::hand_to_mouth, "hand_to_mouth", false},
    {Eye::foot_on_ground, "foot_on_ground", false},
    {Eye::neck_to_ground, "neck_to_ground", false},
    {Eye::armature_cover, "armature_cover", false},
    {Eye::meets_at_bend, "meets_at_bend", false},
    {Eye::left_and_right, "left_and_right", false},
    {Eye::leg_share, "leg_share", true},
    {Eye::hip_height, "hip_height", true},
    {Eye::eye_to_head, "eye_to_head", true},
    {Eye::pack_to_back, "pack_to_back", true},
    {Eye::side_seen, "side_seen", false},
};
static_assert(std::ranges::all_of(kEyes, [](const auto& row) { return &row == &kEyes[static_cast<int>(row.eye)]; }) &&
              std::size(kEyes) == static_cast<std::size_t>(Eye::side_seen) + 1);

const Mass* findHead(const Puppet& p) {
    for (const Mass& m : p.masses)
        if (m.id == "head" || m.id.starts_with("head")) return &m;
    return nullptr;
}

double lengthOf(const Limb& l, std::size_t fromJoint) {
    double sum = 0;
    for (std::size_t i = fromJoint; i + 1 < l.joints.size(); ++i)
        sum += norm(l.joints[i + 1].at_mm - l.joints[i].at_mm);
    return sum;
}

std::size_t firstPosed(const Limb& l) {
    const auto it = std::find_if(l.joints.begin(), l.joints.end(), [](const Joint& j) { return j.posed; });
    return it == l.joints.end() ? 0 : static_cast<std::size_t>(it - l.joints.begin());
}

} // namespace

bool isRatio(Eye eye) { return kEyes[static_cast<std::size_t>(eye)].isRatio; }

Phrase sentenceOf(const EyeCheck& c) {
    const Phrase who = c.subject;
    const auto n = [](double v, int places) { return Phrase(v, decimals(places)); };
    const auto length = [](double mm) { return quantity(mm, Dimension::length, decimals(1)); };
    const auto between = [&](int places) {
        const Phrase found = n(c.found, places), low = n(c.low, places), high = n(c.high, places);
        if (c.wanted) return words("%1, you want %2 to %3", found, low, high);
        return c.high < kMuch ? words("%1, usual is %2 to %3", found, low, high)
                              : words("%1, at least %2 is wanted", found, low);
    };
    switch (c.eye) {
    case Eye::heads_high:
        return words("Heads high: %1.", between(1));
    case Eye::hand_to_head:
        return words("Hand of the %1 against the head's height: %2.", who, between(2));
    case Eye::foot_to_head:
        return words("%1 against the head's height: %2.", who, between(2));
    case Eye::hand_to_forearm:
        return words("Hand of the %1 against its forearm: %2.", who, between(2));
    case Eye::hand_to_mouth:
        return words("%1 stretched out reaches %2 times the way to the mouth.", who, n(c.found, 2));
    case Eye::foot_on_ground:
        return words("The lowest foot stands %1 above the base.", length(c.found));
    case Eye::neck_to_ground:
        return words("%1 stretched out reaches %2 times the way to the ground.", who, n(c.found, 2));
    case Eye::armature_cover:
        return words("Armature nearest the surface at %1: %2 under it, %3 wanted.", who, length(c.found),
                     length(c.low));
    case Eye::meets_at_bend:
        return words("Stiff parts come nearest at the %1: its gap is %2 times what full bend needs.", who,
                     n(c.found, 2));
    case Eye::left_and_right:
        return words("%1 differ by %2.", who, length(c.found));
    case Eye::leg_share:
        return words("%1 from its first joint to the sole, against the height: %2.", who, between(2));
    case Eye::hip_height:
        return words("%1: its first joint above the base, against the height: %2.", who, between(2));
    case Eye::eye_to_head:
        return words("%1 against the head's height: %2.", who, between(2));
    case Eye::pack_to_back:
        return words("%1 against the trunk's length: %2.", who, between(2));
    case Eye::side_seen:
        return c.found > 0 ? words("The side is known.") : words("Nothing shows the side yet: every depth is a guess.");
    }
    return {};
}

double calcTop(const Puppet& puppet, const choice::PuppetChoice& choice) {
    double top = 0;
    for (const fill::Part& p : choice.parts) {
        if (p.mass >= 0) {
            const MassCopy& c = choice.rest.masses[static_cast<std::size_t>(p.mass)];
            top = std::max(top, c.at.y + puppet.masses[static_cast<std::size_t>(c.mass)].half_mm.y);
            continue;
        }
        const Link& l = choice.rest.links[static_cast<std::size_t>(p.link)];
        const int limb = choice.skeleton.copies[static_cast<std::size_t>(l.copy)].limb;
        const auto& sections =
            puppet.limbs[static_cast<std::size_t>(limb)].segments[static_cast<std::size_t>(l.segment)].sections;
        const Frame f = findFrame(l);
        for (double at : {0.0, 1.0}) {
            const body::Section s = sections.empty() ? body::Section{} : findSection(sections, at);
            // How far the end's ellipse reaches above the axis.
            top = std::max(top, l.from.y + at * (l.to.y - l.from.y) + std::hypot(s.a_mm * f.a.y, s.b_mm * f.b.y));
        }
    }
    return top;
}

namespace {

/// Looks at a puppet as a builder does; each function one thing that is looked at.
class Looking {
public:
    Looking(const Puppet& puppet, const Facts& facts)
        : m_p(puppet), m_facts(facts), m_biped(puppet.kind == "biped"), m_head(findHead(puppet)),
          m_headHigh(m_head ? 2 * m_head->half_mm.y : 0) {}

    std::vector<EyeCheck> all() {
        // How many heads high a figure is says something of those that stand upright only.
        if (m_biped && m_headHigh > 0) ratio(Eye::heads_high, m_p.name, {}, m_p.height_mm / m_headHigh, 3.0, 8.0);
        for (const Limb& l : m_p.limbs) {
            if (l.kind == LimbKind::arm && m_headHigh > 0) arm(l);
            if (l.kind == LimbKind::leg) leg(l);
            if (l.kind == LimbKind::neck || (l.kind == LimbKind::spine && m_p.kind == "bird")) neck(l);
        }
        eyes();
        packs();
        ground();
        armature();
        pairs();
        side();
        return std::move(m_all);
    }

private:
    /// One length over another, between what is usual or near what the builder wants.
    void ratio(Eye eye, const std::string& name, const std::string& id, double found, double low, double high) {
        const std::string word = kEyes[static_cast<std::size_t>(eye)].word;
        EyeCheck c{eye, name, found, low, high, word + (id.empty() ? "" : ":" + id), {}};
        for (const Proportion& x : m_p.proportions)
            if (x.key == c.key)
                c.wanted = x, c.low = x.target * (1 - x.tolerance), c.high = x.target * (1 + x.tolerance);
        m_all.push_back(std::move(c));
    }

    void arm(const Limb& l) {
        // The longest finger that hangs on the arm, beyond its wrist.
        double finger = 0;
        for (const Limb& f : m_p.limbs)
            if (f.kind == LimbKind::finger && f.hangsOnLimb == l.id) finger = std::max(finger, lengthOf(f, 0));
        const std::size_t tip = l.joints.size() - 1;
        const double palm = norm(l.joints[tip].at_mm - l.joints[tip - 1].at_mm);
        ratio(Eye::hand_to_head, l.name, l.id, (palm + finger) / m_headHigh, 0.35, 1.1);
        // A big head does not make big hands right: the forearm is what the eye compares them with.
        if (tip >= 2) {
            const double forearm = norm(l.joints[tip - 1].at_mm - l.joints[tip - 2].at_mm);
            ratio(Eye::hand_to_forearm, l.name, l.id, (palm + finger) / forearm, 0.5, 1.4);
        }
        const Joint& shoulder = l.joints[firstPosed(l)];
        const Vec3 mouth = m_head->at_mm + Vec3{0, -0.45 * m_head->half_mm.y, m_head->half_mm.z};
        m_all.push_back({Eye::hand_to_mouth, l.name,
                         (lengthOf(l, firstPosed(l)) + finger) / norm(mouth - shoulder.at_mm), 1.0, kMuch});
    }

    void leg(const Limb& l) {
        if (m_headHigh > 0)
            for (const Mass& m : m_p.masses)
                if (m.limb == l.id && m.segment + 1 == static_cast<int>(l.segments.size()))
                    ratio(Eye::foot_to_head, m.name, m.id, 2 * m.half_mm.z / m_headHigh, m_biped ? 0.4 : 0.1,
                          m_biped ? 1.4 : kMuch);
        // Legs that end up short are the commonest regret of all: seen before wire is cut.
        if (m_p.height_mm <= 0) return;
        const std::size_t hip = firstPosed(l);
        ratio(Eye::leg_share, l.name, l.id, lengthOf(l, hip) / m_p.height_mm, 0.3, m_biped ? 0.62 : 1.2);
        ratio(Eye::hip_height, l.name, l.id, l.joints[hip].at_mm.y / m_p.height_mm, 0.3, m_biped ? 0.6 : 1.1);
    }

    void neck(const Limb& l) {
        const std::size_t from = firstPosed(l);
        if (from > 0 || l.joints[from].posed)
            m_all.push_back(
                {Eye::neck_to_ground, l.name, lengthOf(l, from) / std::max(1.0, l.joints[from].at_mm.y), 1.0, kMuch});
    }

    void eyes() {
        if (m_headHigh <= 0) return;
        for (const Feature& f : m_p.things.features)
            if (f.on.mass == m_head->id && (f.shape == FeatureShape::ball || f.shape == FeatureShape::half_ball))
                ratio(Eye::eye_to_head, f.name, f.id, f.first_mm / m_headHigh, 0.05, 0.45);
    }

    void packs() {
        for (const Mass& m : m_p.masses)
            for (const Limb& l : m_p.limbs)
                if (l.kind == LimbKind::spine && m.limb == l.id && &m != m_head && m.shape != MassShape::weighed &&
                    m.segment < static_cast<int>(l.segments.size())) {
                    const auto at = static_cast<std::size_t>(m.segment);
                    const Vec3 back = 0.5 * (l.joints[at].at_mm + l.joints[at + 1].at_mm);
                    // Behind the trunk, not at its front or side.
                    if (m.at_mm.z < back.z - m.half_mm.z / 2)
                        ratio(Eye::pack_to_back, m.name, m.id, 2 * m.half_mm.y / lengthOf(l, 0), 0.2, 1.2);
                }
    }

    void ground() {
        double lowest = kMuch;
        for (const Limb& l : m_p.limbs)
            if (l.tieDown) lowest = std::min(lowest, l.joints.back().at_mm.y);
        if (lowest < kMuch) m_all.push_back({Eye::foot_on_ground, m_p.name, lowest, -1, 1});
    }

    /// Outside of the frame there is at least what the part is skinned and covered with.
    static double outside(const Segment& s, double least) {
        const Layers& l = s.layers;
        const double skin = l.clay.empty() ? 0 : l.skin_mm, cloth = l.cover.empty() ? 0 : l.cover_mm;
        double coats = 0;
        for (const Coat& c : l.coats)
            coats += c.thickness_mm;
        return std::max(least, skin + coats + cloth);
    }

    void armature() {
        EyeCheck cover{Eye::armature_cover, "", kMuch, 0, kMuch, {}, {}},
            meets{Eye::meets_at_bend, "", kMuch, 1, kMuch, {}, {}};
        const auto tighter = [&](const std::string& name, double found, double want) {
            if (found - want < cover.found - cover.low) cover.subject = name, cover.found = found, cover.low = want;
        };
        for (const choice::LimbChoice& l : m_facts.choice.limbs) {
            if (l.chosen < 0) continue;
            const Limb& limb = m_p.limbs[static_cast<std::size_t>(l.limb)];
            const double across = wire::findBundleDiameter(l.candidates()[static_cast<std::size_t>(l.chosen)].bundle);
            for (const choice::Demand& d : l.demands) {
                const std::string& name = limb.joints[static_cast<std::size_t>(d.joint)].name;
                double want = d.roomCover_mm;
                for (const Segment& s : limb.segments)
                    if (s.name == d.roomAt) want = outside(s, d.roomCover_mm);
                if (d.room_mm < 1e8) tighter(name + ", " + d.roomAt, (d.room_mm - across) / 2 + d.roomCover_mm, want);
                if (d.gapNeeded_mm > 0 && d.gap_mm / d.gapNeeded_mm < meets.found)
                    meets.subject = name, meets.found = d.gap_mm / d.gapNeeded_mm;
            }
        }
        // A figure that nothing poses has its armature inside it all the same.
        for (const choice::LimbChoice& l : m_facts.choice.limbs)
            if (l.chosen >= 0 && l.demands.empty()) unposed(l, tighter);
        if (!cover.subject.empty()) m_all.push_back(cover);
        if (!meets.subject.empty()) m_all.push_back(meets);
    }
    template <class Tighter> void unposed(const choice::LimbChoice& l, const Tighter& tighter) const {
        const choice::PuppetChoice& choice = m_facts.choice;
        const Limb& limb = m_p.limbs[static_cast<std::size_t>(l.limb)];
        const double across = wire::findBundleDiameter(l.candidates()[static_cast<std::size_t>(l.chosen)].bundle);
        for (std::size_t i = 0; i < choice.rest.links.size(); ++i) {
            const Link& link = choice.rest.links[i];
            if (choice.rest.copies[static_cast<std::size_t>(link.copy)].limb != l.limb) continue;
            const Segment& segment = limb.segments[static_cast<std::size_t>(link.segment)];
            const choice::Room room = choice::findRoom(segment, limb.kind, choice.own[i], m_facts.shelf);
            if (room.across_mm < 1e8)
                tighter(limb.name + ", " + segment.name, (room.across_mm - across) / 2 + room.cover_mm,
                        outside(segment, room.cover_mm));
        }
    }

    void pairs() {
        for (std::size_t i = 0; i < m_p.limbs.size(); ++i)
            for (std::size_t k = i + 1; k < m_p.limbs.size(); ++k) {
                const Limb &a = m_p.limbs[i], &b = m_p.limbs[k];
                const bool opposite = a.kind == b.kind && !a.mirrored && !b.mirrored &&
                                      a.hangsOnLimb == b.hangsOnLimb && !a.hangsOnLimb.empty() &&
                                      a.joints.back().at_mm.x * b.joints.back().at_mm.x < 0;
                if (opposite)
                    m_all.push_back(
                        {Eye::left_and_right, a.name + ", " + b.name, std::abs(lengthOf(a, 0) - lengthOf(b, 0)), 0, 1});
            }
    }

    void side() {
        if (m_p.limbs.empty()) return;
        bool seen = std::any_of(m_p.pictures.begin(), m_p.pictures.end(), [](const Picture& x) { return x.side; });
        for (const Limb& l : m_p.limbs)
            for (const Joint& j : l.joints)
                seen = seen || std::abs(j.at_mm.z) > 0.5;
        m_all.push_back({Eye::side_seen, m_p.name, seen ? 1.0 : 0.0, 1, 1});
    }

    const Puppet& m_p;
    const Facts& m_facts;
    bool m_biped;
    const Mass* m_head;
    double m_headHigh;
    std::vector<EyeCheck> m_all;
};

} // namespace

std::vector<EyeCheck> calcEyeChecks(const Puppet& puppet, const Facts& facts) { return Looking(puppet, facts).all(); }

} // namespace enkinet::checks
