#include "make/reach.h"
#include "base/units.h"
#include "body/shape.h"
#include <algorithm>
#include <cmath>

namespace enkinet::make {

using namespace body;

namespace {
constexpr int kAlong = 6, kAround = 24;
/// Looked for so far out at a time: as thin as a limb may be.
constexpr double kLook_mm = 4;

/// A part as a solid: a bone with half-widths along it, or a mass.
struct Solid {
    const Link* link = nullptr;
    const Segment* segment = nullptr;
    Stretch own{};
    Frame frame{};
    const Mass* mass = nullptr;
    const MassCopy* copy = nullptr;
    int limb = -1; ///< copy that it belongs to
    Vec3 low, high;

    bool holds(const Vec3& x) const {
        if (x.x < low.x || x.y < low.y || x.z < low.z || x.x > high.x || x.y > high.y || x.z > high.z) return false;
        if (mass) {
            const Vec3 d = x - copy->at;
            const double u = dot(d, copy->axes[0]) / mass->half_mm.x, v = dot(d, copy->axes[1]) / mass->half_mm.y,
                         w = dot(d, copy->axes[2]) / mass->half_mm.z;
            return mass->shape == MassShape::box ? std::abs(u) <= 1 && std::abs(v) <= 1 && std::abs(w) <= 1
                                                 : u * u + v * v + w * w <= 1;
        }
        const Vec3 along = link->to - link->from;
        const double t = dot(x - link->from, along) / dot(along, along);
        if (t < own.from || t > own.to) return false;
        const Section s = findSection(segment->sections, t);
        const Vec3 d = x - (link->from + t * along);
        const double u = dot(d, frame.a) / std::max(1e-9, s.a_mm), v = dot(d, frame.b) / std::max(1e-9, s.b_mm);
        return u * u + v * v <= 1;
    }
};

/// Places of a solid's surface with the way out.
std::vector<std::pair<Vec3, Vec3>> findSurface(const Solid& s) {
    std::vector<std::pair<Vec3, Vec3>> all;
    for (int i = 0; i < kAlong; ++i)
        for (int k = 0; k < kAround; ++k) {
            const double round = 2 * kPi * k / kAround, c = std::cos(round), sn = std::sin(round);
            if (s.mass) {
                // Even in height, as the area of a ball is.
                const double z = 2 * (i + 0.5) / kAlong - 1, r = std::sqrt(1 - z * z);
                const Vec3 h = s.mass->half_mm;
                const Vec3 at = s.copy->at + h.x * r * c * s.copy->axes[0] + h.y * z * s.copy->axes[1] +
                                h.z * r * sn * s.copy->axes[2];
                all.emplace_back(at, unit(r * c / h.x * s.copy->axes[0] + z / h.y * s.copy->axes[1] +
                                          r * sn / h.z * s.copy->axes[2]));
                continue;
            }
            const double t = s.own.from + s.own.length() * (i + 0.5) / kAlong;
            const Section st = findSection(s.segment->sections, t);
            if (!(st.a_mm > 0 && st.b_mm > 0)) continue;
            const Vec3 axis = s.link->from + t * (s.link->to - s.link->from);
            all.emplace_back(axis + st.a_mm * c * s.frame.a + st.b_mm * sn * s.frame.b,
                             unit(c / st.a_mm * s.frame.a + sn / st.b_mm * s.frame.b));
        }
    return all;
}
} // namespace

std::vector<Hidden> findHidden(const Puppet& puppet, const choice::PuppetChoice& choice) {
    const Skeleton& s = choice.rest;
    std::vector<std::optional<Solid>> solids(choice.parts.size());
    const auto grow = [](Solid& x, const Vec3& at) {
        x.low = {std::min(x.low.x, at.x), std::min(x.low.y, at.y), std::min(x.low.z, at.z)};
        x.high = {std::max(x.high.x, at.x), std::max(x.high.y, at.y), std::max(x.high.z, at.z)};
    };
    for (std::size_t i = 0; i < choice.parts.size(); ++i) {
        const fill::Part& p = choice.parts[i];
        if (p.volume_mm3 <= 0) continue;
        Solid one;
        one.low = {1e9, 1e9, 1e9}, one.high = {-1e9, -1e9, -1e9};
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        one.limb = link.copy;
        if (p.mass >= 0) {
            one.copy = &s.masses[static_cast<std::size_t>(p.mass)];
            one.mass = &puppet.masses[static_cast<std::size_t>(one.copy->mass)];
            if (one.mass->shape == MassShape::weighed) continue;
            for (int corner = 0; corner < 8; ++corner) {
                Vec3 at = one.copy->at;
                for (int k = 0; k < 3; ++k) {
                    const double half = k == 0   ? one.mass->half_mm.x
                                        : k == 1 ? one.mass->half_mm.y
                                                 : one.mass->half_mm.z;
                    at = at + (corner >> k & 1 ? half : -half) * one.copy->axes[static_cast<std::size_t>(k)];
                }
                grow(one, at);
            }
        } else {
            one.link = &link;
            one.segment = &puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)]
                               .segments[static_cast<std::size_t>(link.segment)];
            one.own = choice.own[static_cast<std::size_t>(p.link)];
            if (one.segment->sections.empty() || one.own.length() <= 0 || link.length_mm <= 0) continue;
            one.frame = findFrame(link);
            double most = 0;
            for (const Section& st : one.segment->sections)
                most = std::max({most, st.a_mm, st.b_mm});
            for (const Vec3& end : {link.from, link.to})
                grow(one, end + Vec3{most, most, most}), grow(one, end - Vec3{most, most, most});
        }
        solids[i] = one;
    }
    const auto hangsOn = [&](int over, int under) {
        for (int c = s.copies[static_cast<std::size_t>(over)].hangsOn, n = 0; c >= 0 && n < 64;
             c = s.copies[static_cast<std::size_t>(c)].hangsOn, ++n)
            if (c == under) return true;
        return false;
    };
    std::vector<Hidden> all;
    for (std::size_t i = 0; i < solids.size(); ++i) {
        if (!solids[i]) continue;
        const auto surface = findSurface(*solids[i]);
        if (surface.empty()) continue;
        Vec3 low{1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9};
        for (const auto& [at, out] : surface) {
            low = {std::min(low.x, at.x), std::min(low.y, at.y), std::min(low.z, at.z)};
            high = {std::max(high.x, at.x), std::max(high.y, at.y), std::max(high.z, at.z)};
        }
        for (std::size_t k = 0; k < solids.size(); ++k) {
            if (k == i || !solids[k] || !hangsOn(solids[k]->limb, solids[i]->limb)) continue;
            const Solid& over = *solids[k];
            if (over.low.x > high.x + kFinger_mm || over.high.x < low.x - kFinger_mm ||
                over.low.y > high.y + kFinger_mm || over.high.y < low.y - kFinger_mm ||
                over.low.z > high.z + kFinger_mm || over.high.z < low.z - kFinger_mm)
                continue;
            int hidden = 0;
            for (const auto& [at, out] : surface)
                for (double far = 0; far <= kFinger_mm; far += kLook_mm)
                    if (over.holds(at + far * out)) {
                        ++hidden;
                        break;
                    }
            const double share = static_cast<double>(hidden) / static_cast<double>(surface.size());
            if (share >= kHiddenShare) all.push_back({static_cast<int>(i), static_cast<int>(k), share});
        }
    }
    std::stable_sort(all.begin(), all.end(), [](const Hidden& a, const Hidden& b) { return a.share > b.share; });
    return all;
}

} // namespace enkinet::make
