#include "fill/overhang.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>

namespace enkinet::fill {

using namespace body;

std::vector<Overhang> calcOverhangs(const Puppet& puppet, const Skeleton& s, const std::vector<Stretch>& own,
                                    const std::vector<Part>& parts, const Shelf& shelf) {
    std::vector<Overhang> all;
    for (std::size_t c = 0; c < s.copies.size(); ++c) {
        const LimbCopy& copy = s.copies[c];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(copy.limb)];
        // What hangs on without wire: this limb's parts and the masses that they carry.
        double mass_g = 0;
        Vec3 moment;
        int root = -1;
        bool wired = false;
        for (std::size_t i = 0; i < parts.size(); ++i) {
            const Part& p = parts[i];
            if (s.links[static_cast<std::size_t>(p.link)].copy != static_cast<int>(c)) continue;
            wired = wired || (p.mass < 0 && p.wire.mass_g > 0);
            if (p.mass_g() <= 0) continue;
            if (root < 0 && p.mass < 0 && p.skin.mass_g > 0) root = static_cast<int>(i);
            mass_g += p.mass_g();
            eachLayer(p, [&](const LayerMass& l) { moment = moment + l.mass_g * l.centre; });
        }
        if (wired || root < 0 || copy.hangsOn < 0) continue;
        const Part& p = parts[static_cast<std::size_t>(root)];
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        const auto& sections = limb.segments[static_cast<std::size_t>(link.segment)].sections;
        const Stretch mine = own[static_cast<std::size_t>(p.link)];
        const Section at = findSection(sections, mine.from);
        const Vec3 foot = link.from + mine.from * (link.to - link.from);
        const Vec3 centre = (1 / mass_g) * moment, arm = centre - foot;
        Overhang o;
        o.part = root, o.prop = centre;
        o.strength_MPa = shelf.clays.at(p.layers.clay).rawStrength_MPa;
        for (const Coat& coat : p.layers.coats)
            o.strength_MPa = std::min(o.strength_MPa, shelf.clays.at(coat.clay).rawStrength_MPa);
        o.reach_mm = std::hypot(arm.x, arm.z);
        // Half the section's depth along the plumb line, square to the bone.
        const Frame f = findFrame(link);
        const Vec3 up{0, 1, 0}, across = up - dot(up, f.along) * f.along;
        const double n = norm(across);
        const double half = n > 1e-6 ? std::hypot(at.a_mm * dot(across, f.a), at.b_mm * dot(across, f.b)) / n
                                     : std::min(at.a_mm, at.b_mm);
        const double modulus = kPi / 4 * at.a_mm * at.b_mm * half;
        o.stress_MPa = mass_g * kNewtonPerGram * o.reach_mm / modulus;
        all.push_back(o);
    }
    return all;
}

} // namespace enkinet::fill
