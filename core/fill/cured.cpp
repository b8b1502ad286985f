#include "fill/cured.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>

namespace enkinet::fill {

using namespace body;

double findRingInertia(double a, double b, double t) {
    const double ai = std::max(0.0, a - t), bi = std::max(0.0, b - t);
    return kPi / 4 * (a * b * b * b - (ai > 0 && bi > 0 ? ai * bi * bi * bi : 0));
}
double findRingModulus(double a, double b, double t) { return findRingInertia(a, b, t) / b; }

Strength calcStrength(double card, const std::vector<double>& tests) {
    Strength s;
    s.tests = static_cast<int>(tests.size());
    if (!(card > 0)) return s;
    const double prior = 1 / (kRupturePrior * kRupturePrior), each = 1 / (kRuptureScatter * kRuptureScatter);
    double sum = prior * std::log(card), weight = prior;
    for (double x : tests)
        sum += each * std::log(x), weight += each;
    const double mean = sum / weight, spread = std::sqrt(1 / weight + kRuptureScatter * kRuptureScatter);
    s.median_MPa = std::exp(mean), s.nine_MPa = std::exp(mean - kNineInTen * spread);
    return s;
}

double CuredPart::margin() const {
    const double most = std::max(knock_Nmm, handling_Nmm);
    return most > 0 ? strength_Nmm / (kCuredSpare * most) : 1e9;
}

namespace {

constexpr int kSections = 12;

/// One coat of a section, by how stiff it is and what it stands.
struct Wall {
    double thickness_mm, youngs_MPa, nine_MPa; ///< nine 0: it does not crack
};

/// The part as a cantilever from its root, the weakest section first to crack. rings: of the coats outside in, the skin
/// first, its thickness that of the place.
CuredPart judgePart(const Segment& segment, const Link& link, Stretch solid, const Part& p,
                    const std::vector<Wall>& rings, double wireEI, double more_mm) {
    const double L = link.length_mm, cover = p.layers.cover.empty() ? 0 : p.layers.cover_mm;
    CuredPart worst;
    double least = 1e300, mostCurvature = 1e300;
    for (int i = 0; i < kSections; ++i) {
        const double at = solid.from + solid.length() * i / kSections;
        const Section st = findSection(segment.sections, at);
        const double a = st.a_mm - cover, b = st.b_mm - cover, skin = findSkin(segment, at) + more_mm;
        if (a <= 0 || b <= 0) continue;
        // Bent across whichever way is weaker; a core of foil or air carries nothing.
        double strength = 1e300;
        for (const auto& [wide, deep] : {std::pair{a, b}, std::pair{b, a}}) {
            double EI = wireEI, curvature = 1e300, in = 0;
            for (std::size_t k = 0; k < rings.size() && in < std::min(wide, deep); ++k) {
                const double t = k == 0 ? skin : rings[k].thickness_mm;
                EI += rings[k].youngs_MPa * findRingInertia(wide - in, deep - in, t);
                // The first coat to reach what it stands is the one that cracks.
                if (rings[k].nine_MPa > 0)
                    curvature = std::min(curvature, rings[k].nine_MPa / (rings[k].youngs_MPa * (deep - in)));
                in += t;
            }
            strength = std::min(strength, curvature * EI);
            mostCurvature = std::min(mostCurvature, curvature);
        }
        const double beyond = (solid.to - at) * L;
        CuredPart here;
        here.at = at, here.strength_Nmm = strength;
        // Its own weight beyond the section, half way along it.
        const double share = solid.length() > 0 ? (solid.to - at) / solid.length() : 0;
        here.knock_Nmm = kKnockWeights * p.mass_g() * share * kNewtonPerGram * beyond / 2;
        here.handling_Nmm = kHandling_N * beyond;
        here.tip_N = beyond > 0 ? strength / beyond : 1e9;
        if (here.margin() >= least) continue;
        least = here.margin(), worst = here;
    }
    worst.bend_rad = mostCurvature < 1e299 ? mostCurvature * solid.length() * L : 0;
    return worst;
}

} // namespace

std::vector<CuredPart> calcCured(const Puppet& puppet, const Skeleton& s, const std::vector<Stretch>& own,
                                 const std::vector<Part>& parts, const Shelf& shelf, const std::vector<double>& EI) {
    std::vector<CuredPart> all;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Part& p = parts[i];
        if (p.mass >= 0 || p.layers.clay.empty() || p.skin.mass_g <= 0) continue;
        std::vector<Wall> rings;
        bool brittle = false;
        for (std::size_t k = p.layers.coats.size() + 1; k-- > 0;) {
            const ClayCard& clay = shelf.clays.at(p.clayOf(k));
            const double t = k < p.layers.coats.size() ? p.layers.coats[k].thickness_mm : 0;
            const bool cracks = clay.rupture_MPa > 0 && clay.youngs_MPa > 0;
            brittle = brittle || cracks;
            // What never hardens carries nothing.
            rings.push_back({t, clay.family == ClayFamily::never_dry ? 0 : clay.youngs_MPa,
                             cracks ? calcStrength(clay.rupture_MPa, shelf.shop.rupturesOf(clay.id)).nine_MPa : 0});
        }
        if (!brittle) continue;
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        const auto limb = static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb);
        const Segment& segment = puppet.limbs[limb].segments[static_cast<std::size_t>(link.segment)];
        const Stretch solid = findCommon(own[static_cast<std::size_t>(p.link)], findStiff(link));
        if (solid.length() <= 0 || segment.sections.empty()) continue;
        CuredPart c = judgePart(segment, link, solid, p, rings, EI[limb], 0);
        c.part = static_cast<int>(i);
        if (c.margin() < 1)
            for (double more = 0.1; more < 10 && c.thicker_mm == 0; more += 0.1)
                if (judgePart(segment, link, solid, p, rings, EI[limb], more).margin() >= 1) c.thicker_mm = more;
        all.push_back(c);
    }
    return all;
}

} // namespace enkinet::fill
