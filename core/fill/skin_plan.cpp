#include "fill/skin_plan.h"
#include "base/numeric.h"
#include "base/units.h"
#include "fill/bake_plan.h"
#include <algorithm>
#include <cmath>
#include <limits>
#include <tuple>

namespace enkinet::fill {

using namespace body;

double findBall(double grams, double density) {
    return grams > 0 ? 2 * std::cbrt(3 * grams / gPerCm3ToGPerMm3(density) / (4 * kPi)) : 0;
}

double findOversize(double shrink) { return 1 / (1 - shrink); }

double findRawGrams(double finished_g, const ClayCard& clay) {
    return finished_g * std::pow(findOversize(clay.shrink), 3);
}

double findPuttyTime(double hoursAt20, double room_C) { return hoursAt20 * std::pow(2, (20 - room_C) / 10); }

double findDryingTime(double hours6mm, double thickness_mm, bool oneFace) {
    return hours6mm * std::pow((oneFace ? 2 : 1) * thickness_mm / 6, 2);
}

double findWebRadius(double thickness, double limit) { return thickness / (2 * limit); }

double findSkinStrain(double angle, double gap, double half) { return angle / gap * half; }

std::vector<Substitute> calcSubstitutes(const std::vector<Part>& parts, const Shelf& shelf,
                                        const std::map<std::string, double>& needed,
                                        const std::map<std::string, double>& held) {
    const auto of = [](const std::map<std::string, double>& m, const std::string& id) {
        const auto it = m.find(id);
        return it == m.end() ? 0.0 : it->second;
    };
    const auto rank = [](const Substitute& s) { return std::tuple(!s.enough(), s.ownBake, s.otherShrink); };
    std::vector<Substitute> all;
    std::map<std::string, double> given; // to a clay before this one
    for (const auto& [id, grams] : needed) {
        const double missing = grams - of(held, id);
        if (missing <= 0) continue;
        const ClayCard& clay = shelf.clays.at(id);
        const std::size_t first = all.size();
        for (const auto& [other, card] : shelf.clays) {
            const double spare = of(held, other) - of(needed, other) - of(given, other);
            if (other == id || card.family != clay.family || spare <= 0) continue;
            const bool fits = std::all_of(parts.begin(), parts.end(), [&, key = id, &c = card](const Part& p) {
                for (std::size_t k = 0; k <= p.layers.coats.size(); ++k) {
                    if (p.clayOf(k) != key || p.massOf(k).mass_g <= 0) continue;
                    const bool skin = k == p.layers.coats.size();
                    const double least = skin ? p.skinLeast_mm : p.layers.coats[k].thickness_mm,
                                 most = skin ? p.skinMost_mm : least;
                    if (least < c.thinnest_mm || most > c.thickest_mm) return false;
                }
                return true;
            });
            if (!fits) continue;
            // Grams of the other clay fill another volume.
            all.push_back({id, other, missing * card.density_g_cm3 / clay.density_g_cm3, spare,
                           isOvenBaked(clay.family) && card.set_C != clay.set_C, card.shrink != clay.shrink});
        }
        std::stable_sort(all.begin() + static_cast<std::ptrdiff_t>(first), all.end(),
                         [&](const Substitute& a, const Substitute& b) { return rank(a) < rank(b); });
        // What the best offer takes is no longer there for the next clay.
        if (all.size() > first) {
            const Substitute& best = all[first];
            given[best.instead] += std::min(best.missing_g, best.free_g);
        }
    }
    return all;
}

std::vector<PartSkin> calcSkinPlan(const std::vector<Part>& parts, const Shelf& shelf) {
    const double room_C = shelf.shop.room_C, putty_g_h = shelf.shop.putty_g_h;
    std::vector<PartSkin> all;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Part& p = parts[i];
        const std::size_t coats = p.layers.coats.size();
        // The skin, then what lies beneath it from inside out.
        for (std::size_t n = 0; n <= coats; ++n) {
            const std::size_t coat = n == 0 ? coats : n - 1;
            const double mass_g = p.massOf(coat).mass_g;
            if (mass_g <= 0) continue;
            const ClayCard& clay = shelf.clays.at(p.clayOf(coat));
            PartSkin s;
            s.part = static_cast<int>(i), s.coat = n == 0 ? -1 : static_cast<int>(coat);
            s.oversize = findOversize(clay.shrink);
            // What shrinks is put on larger in every direction.
            s.grams = findRawGrams(mass_g, clay);
            s.ball_mm = findBall(s.grams, clay.density_g_cm3);
            s.sheet_mm = (n == 0 ? p.skinMost_mm : p.layers.coats[coat].thickness_mm) * s.oversize;
            if (s.sheet_mm > 0) s.sheet_cm2 = s.grams / gPerCm3ToGPerMm3(clay.density_g_cm3) / s.sheet_mm / 100;
            if (clay.family == ClayFamily::air_dry)
                s.hours = findDryingTime(clay.dry_h_6mm, s.sheet_mm, true) * std::max(1.0, findPuttyTime(1, room_C));
            if (clay.family == ClayFamily::putty) {
                s.hours = findPuttyTime(clay.curing_h, room_C);
                s.batch_g = putty_g_h * findPuttyTime(clay.working_h, room_C);
                s.batches = static_cast<int>(std::ceil(s.grams * kWaste / s.batch_g));
            } else {
                s.conditioning = static_cast<int>(std::ceil(s.grams * kWaste / kConditioning_g));
            }
            all.push_back(s);
        }
    }
    return all;
}

double calcThickness(const Puppet& puppet, const Skeleton& s, const std::vector<Stretch>& own, const Shelf& shelf,
                     const std::vector<WireRuns>& runs, int part, double clay_g) {
    const auto gramsAt = [&](double mm) {
        Puppet p = puppet;
        const auto links = s.links.size();
        if (static_cast<std::size_t>(part) < links) {
            const Link& l = s.links[static_cast<std::size_t>(part)];
            Segment& seg = p.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(l.copy)].limb)]
                               .segments[static_cast<std::size_t>(l.segment)];
            // Where the thickness changes along the limb, all of it goes up and down together.
            for (Section& x : seg.sections)
                if (x.skin_mm) *x.skin_mm *= mm / seg.layers.skin_mm;
            seg.layers.skin_mm = mm;
        } else {
            p.masses[static_cast<std::size_t>(s.masses[static_cast<std::size_t>(part) - links].mass)].layers.skin_mm =
                mm;
        }
        return calcParts(p, s, own, shelf, runs).at(static_cast<std::size_t>(part)).skin.mass_g;
    };
    constexpr double kThickest_mm = 200;
    if (!(clay_g >= 0) || clay_g > gramsAt(kThickest_mm) * (1 + 1e-9)) return std::numeric_limits<double>::quiet_NaN();
    return findRoot([&](double mm) { return gramsAt(mm) - clay_g; }, 0, kThickest_mm);
}

} // namespace enkinet::fill
