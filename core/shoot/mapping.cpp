#include "shoot/mapping.h"
#include "body/pose.h"
#include <algorithm>
#include <cctype>
#include <cmath>
#include <functional>
#include <optional>
#include <set>

namespace enkinet::shoot {

namespace {

/// Words that mean one place of a body; the first of a row stands for all.
constexpr const char* kAlike[][8] = {{"hip", "hips", "upleg", "thigh", "upperleg", "femur"},
                                     {"knee", "lowleg", "lowerleg", "shin", "calf"},
                                     {"ankle", "foot", "hock"},
                                     {"shoulder", "uparm", "upperarm", "clavicle"},
                                     {"elbow", "forearm", "lowarm", "lowerarm"},
                                     {"wrist", "hand"},
                                     {"waist", "spine", "pelvis", "back"},
                                     {"chest", "torso", "ribs"},
                                     {"neck"},
                                     {"head", "skull"},
                                     {"toe", "toes", "ball"},
                                     {"tail"},
                                     {"jaw"},
                                     {"ear"},
                                     {"wing"}};

struct Words {
    std::set<std::string> words;
    int side = 0; ///< -1 left, 1 right
};

std::string meaning(const std::string& word) {
    for (const auto& row : kAlike)
        for (const char* w : row)
            if (w && word == w) return row[0];
    return word;
}

/// "LeftUpLeg", "left_knee", "knee.L" to words and a side.
Words wordsOf(const std::string& name) {
    std::vector<std::string> parts;
    std::string now;
    for (std::size_t i = 0; i < name.size(); ++i) {
        const auto c = static_cast<unsigned char>(name[i]);
        const bool begins = std::isupper(c) && i > 0 && std::islower(static_cast<unsigned char>(name[i - 1]));
        if (!std::isalpha(c) || begins) {
            if (!now.empty()) parts.push_back(now);
            now.clear();
        }
        if (std::isalpha(c)) now += static_cast<char>(std::tolower(c));
    }
    if (!now.empty()) parts.push_back(now);
    Words w;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        if (parts[i] == "left" || parts[i] == "l")
            w.side = -1;
        else if (parts[i] == "right" || parts[i] == "r")
            w.side = 1;
        else {
            // "Up Leg" is one word in two.
            if (i + 1 < parts.size() && (parts[i] == "up" || parts[i] == "low" || parts[i] == "lower" ||
                                         parts[i] == "upper" || parts[i] == "fore")) {
                w.words.insert(meaning(parts[i] + parts[i + 1]));
                ++i;
            } else {
                w.words.insert(meaning(parts[i]));
            }
        }
    }
    return w;
}

} // namespace

std::vector<Mapped> proposeMapping(const Motion& motion, const body::Puppet& puppet,
                                   const std::vector<document::MotionLink>& kept) {
    struct Pair {
        double score;
        std::size_t order;
        Mapped to;
    };
    std::vector<Pair> pairs;
    for (std::size_t m = 0; m < motion.joints.size(); ++m) {
        const Words from = wordsOf(motion.joints[m].name);
        for (const body::Limb& l : puppet.limbs)
            for (const body::Joint& j : l.joints) {
                if (!j.posed) continue;
                const Words joint = wordsOf(j.name + " " + j.id), limb = wordsOf(l.name + " " + l.id);
                double score = 0;
                for (const std::string& w : from.words)
                    score += joint.words.contains(w) ? 2 : limb.words.contains(w) ? 1 : 0;
                if (score < 2) continue;
                for (int side = 0; side < (l.mirrored ? 2 : 1); ++side) {
                    if (l.mirrored && from.side != 0 && (from.side > 0) != (side == 1)) continue;
                    // A file without sides moves both; a limb without sides has none to disagree about.
                    pairs.push_back({score + (from.side != 0 && l.mirrored ? 0.5 : 0),
                                     pairs.size(),
                                     {static_cast<int>(m), l.id, j.id, side == 1}});
                }
            }
    }
    std::stable_sort(pairs.begin(), pairs.end(), [](const Pair& a, const Pair& b) { return a.score > b.score; });
    std::vector<Mapped> all;
    std::set<int> used;
    const auto isThere = [&](const document::MotionLink& k) {
        for (const body::Limb& l : puppet.limbs)
            if (l.id == k.limb && (l.mirrored || !k.right))
                for (const body::Joint& j : l.joints)
                    if (j.id == k.joint) return j.posed;
        return false;
    };
    const auto isTaken = [&](const std::string& limb, const std::string& joint, bool right) {
        return std::any_of(all.begin(), all.end(),
                           [&](const Mapped& x) { return x.limb == limb && x.joint == joint && x.right == right; });
    };
    for (const document::MotionLink& k : kept) {
        // Each joint follows one; of several that a file claims, the first.
        if (!isThere(k) || isTaken(k.limb, k.joint, k.right)) continue;
        if (k.from.empty()) {
            std::erase_if(pairs, [&](const Pair& p) {
                return p.to.limb == k.limb && p.to.joint == k.joint && p.to.right == k.right;
            });
            continue;
        }
        for (std::size_t m = 0; m < motion.joints.size(); ++m)
            if (motion.joints[m].name == k.from) {
                // One joint of the file may move several of the puppet, where the builder says so.
                used.insert(static_cast<int>(m));
                all.push_back({static_cast<int>(m), k.limb, k.joint, k.right});
                break;
            }
    }
    for (const Pair& p : pairs) {
        if (isTaken(p.to.limb, p.to.joint, p.to.right) || used.contains(p.to.motion)) continue;
        used.insert(p.to.motion);
        all.push_back(p.to);
    }
    std::sort(all.begin(), all.end(), [](const Mapped& a, const Mapped& b) { return a.motion < b.motion; });
    return all;
}

std::vector<document::MotionLink> makeLinks(const Motion& motion, const std::vector<Mapped>& mapping) {
    std::vector<document::MotionLink> links;
    for (const Mapped& m : mapping)
        links.push_back({motion.joints[static_cast<std::size_t>(m.motion)].name, m.limb, m.joint, m.right});
    return links;
}

namespace {

/// The way a joint's bone points at the file's zero: to the first joint on it, or to its end. Zero where it has none.
Vec3 boneOf(const Motion& motion, int joint) {
    for (const MotionJoint& j : motion.joints)
        if (j.parent == joint) return j.offset;
    const MotionJoint& j = motion.joints[static_cast<std::size_t>(joint)];
    return j.end ? j.endOffset : Vec3{};
}

/// Turn that takes one direction to another, as a vector; zero where it is slight or has no direction.
Vec3 findSwing(const Vec3& from, const Vec3& to) {
    constexpr double kSlight = 0.08726646259971647; // 5 degrees
    const double lengths = norm(from) * norm(to);
    if (lengths <= 0) return {};
    const Vec3 axis = cross(from, to);
    const double angle = std::atan2(norm(axis), dot(from, to));
    if (angle < kSlight || norm(axis) < 1e-9 * lengths) return {};
    return (angle / norm(axis)) * axis;
}

} // namespace

std::vector<document::JointHistory> calcHistories(const Motion& motion, const std::vector<Mapped>& mapping,
                                                  const body::Puppet& puppet, double fps, int onEach) {
    std::vector<document::JointHistory> all;
    const double step = onEach / fps / motion.frameTime_s;
    const body::Skeleton rest = body::calcSkeleton(puppet);
    // From the root outwards: what a joint's difference turns, all that hangs on it turns with it.
    std::vector<Vec3> swings(rest.hinges.size());
    std::vector<std::optional<body::Motion>> turns(rest.hinges.size());
    const auto mappedOf = [&](const body::Hinge& hinge) -> const Mapped* {
        const body::LimbCopy& c = rest.copies[static_cast<std::size_t>(hinge.copy)];
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(c.limb)];
        for (const Mapped& m : mapping)
            if (limb.id == m.limb && c.right == m.right &&
                limb.joints[static_cast<std::size_t>(hinge.joint)].id == m.joint)
                return &m;
        return nullptr;
    };
    const auto isFoot = [&](const body::Hinge& hinge) {
        const body::LimbCopy& c = rest.copies[static_cast<std::size_t>(hinge.copy)];
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(c.limb)];
        const body::Link& link = rest.links[static_cast<std::size_t>(hinge.after)];
        constexpr double kGround_mm = 2;
        return std::find(rest.supportLinks.begin(), rest.supportLinks.end(), hinge.after) != rest.supportLinks.end() ||
               (limb.kind == body::LimbKind::leg && link.segment + 1 == static_cast<int>(limb.segments.size()) &&
                std::min(link.from.y, link.to.y) < kGround_mm);
    };
    const std::function<body::Motion(int)> turnOf = [&](int index) -> body::Motion {
        if (index < 0) return {};
        const auto at = static_cast<std::size_t>(index);
        if (turns[at]) return *turns[at];
        const body::Hinge& hinge = rest.hinges[at];
        const int before = rest.links[static_cast<std::size_t>(hinge.before)].body;
        body::Motion turn = turnOf(rest.parentHinge[static_cast<std::size_t>(before)]);
        if (const Mapped* m = mappedOf(hinge)) {
            const body::Link& link = rest.links[static_cast<std::size_t>(hinge.after)];
            // A foot is drawn from its ankle down to its sole, a recorded one from its ankle to its toes: their
            // directions say nothing of how it stands, and both stand flat at the file's zero.
            const Vec3 swing =
                isFoot(hinge) ? Vec3{} : findSwing(turn.direction(link.to - link.from), boneOf(motion, m->motion));
            swings[at] = body::inverse(turn).direction(swing);
            turn = body::makeTurn(swing, {}) * turn;
        }
        turns[at] = turn;
        return turn;
    };
    for (const Mapped& m : mapping) {
        const Bends b = calcBends(motion, m.motion);
        double forthSign = 1;
        Vec3 swing;
        for (std::size_t i = 0; i < rest.hinges.size(); ++i) {
            if (mappedOf(rest.hinges[i]) != &m) continue;
            turnOf(static_cast<int>(i));
            const body::LimbCopy& c = rest.copies[static_cast<std::size_t>(rest.hinges[i].copy)];
            forthSign = body::findForthSign(puppet.limbs[static_cast<std::size_t>(c.limb)].kind);
            swing = swings[i];
        }
        document::JointHistory h{m.limb, m.joint, m.right, {}, {}};
        for (double f = 0; f <= motion.frames() - 1 + 1e-9 && motion.frames() > 0; f += step) {
            // Between two frames of the file the angle goes evenly.
            const auto at = std::min<std::size_t>(static_cast<std::size_t>(f), b.forth_rad.size() - 1),
                       next = std::min(at + 1, b.forth_rad.size() - 1);
            const double t = f - static_cast<double>(at);
            h.forth_rad.push_back(forthSign * (swing.x + b.forth_rad[at] + t * (b.forth_rad[next] - b.forth_rad[at])));
            // Outwards counts on either side.
            const double aside = swing.z + b.aside_rad[at] + t * (b.aside_rad[next] - b.aside_rad[at]);
            h.aside_rad.push_back(m.right ? -aside : aside);
        }
        all.push_back(std::move(h));
    }
    return all;
}

} // namespace enkinet::shoot
