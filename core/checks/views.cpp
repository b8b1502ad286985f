#include "checks/views.h"
#include <algorithm>
#include <cmath>

namespace enkinet::checks {

using namespace body;

namespace {

Vec3 middleOf(const Skeleton& s, const fill::Part& p) {
    if (p.mass >= 0) return s.masses[static_cast<std::size_t>(p.mass)].at;
    const Link& l = s.links[static_cast<std::size_t>(p.link)];
    return 0.5 * (l.from + l.to);
}

bool isRight(const Skeleton& s, const fill::Part& p) {
    if (p.mass >= 0) return s.masses[static_cast<std::size_t>(p.mass)].right;
    return s.copies[static_cast<std::size_t>(s.links[static_cast<std::size_t>(p.link)].copy)].right;
}

/// Whether a picture shows a place from where it was taken.
bool shows(const Picture& x, const Vec3& at) {
    const Seen from = seenFrom(x);
    if (from == Seen::below || x.angle_rad != 0 || x.width_px <= 0 || x.height_px <= 0) return true;
    // It lies on the elevation as it was drawn: from behind and from the right the figure is turned over in it.
    const double across = from == Seen::front ? at.x : from == Seen::back ? -at.x : from == Seen::right ? -at.z : at.z;
    const double wide = x.width_px * x.mm_px, high = x.height_px * x.mm_px;
    const double left = x.x_mm + x.cropLeft * wide, right = x.x_mm + (1 - x.cropRight) * wide;
    const double top = x.y_mm - x.cropTop * high, bottom = x.y_mm - (1 - x.cropBottom) * high;
    return across >= left && across <= right && at.y <= top && at.y >= bottom;
}

} // namespace

std::vector<PartViews> calcViews(const Puppet& puppet, const choice::PuppetChoice& c) {
    std::vector<PartViews> all;
    for (std::size_t i = 0; i < c.parts.size(); ++i) {
        const fill::Part& p = c.parts[i];
        if (p.volume_mm3 <= 0 || isRight(c.rest, p)) continue;
        PartViews v;
        v.part = static_cast<int>(i);
        const Vec3 at = middleOf(c.rest, p);
        for (std::size_t k = 0; k < puppet.pictures.size(); ++k) {
            int& first = v.picture[static_cast<std::size_t>(seenFrom(puppet.pictures[k]))];
            if (first < 0 && shows(puppet.pictures[k], at)) first = static_cast<int>(k);
        }
        all.push_back(v);
    }
    return all;
}

std::vector<Disagreement> findDisagreements(const Puppet& puppet) {
    const auto high = [](const Picture& x) {
        return (x.figureBottom - x.figureTop) * x.height_px * x.mm_px * std::abs(std::cos(x.angle_rad));
    };
    std::vector<Disagreement> all;
    const auto& pictures = puppet.pictures;
    for (std::size_t i = 0; i < pictures.size(); ++i)
        for (std::size_t k = i + 1; k < pictures.size(); ++k) {
            const double a = high(pictures[i]), b = high(pictures[k]);
            if (seenFrom(pictures[i]) == Seen::below || seenFrom(pictures[k]) == Seen::below) continue;
            if (a > 0 && b > 0 && std::abs(a - b) > kDisagree * puppet.height_mm)
                all.push_back({static_cast<int>(i), static_cast<int>(k), a, b});
        }
    return all;
}

} // namespace enkinet::checks
