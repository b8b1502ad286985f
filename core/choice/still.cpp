#include "choice/still.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>

namespace enkinet::choice {

using namespace body;

StillVerdict judgeStill(const StillDemand& d, const std::vector<StillWire>& wire) {
    StillVerdict v;
    v.margin.fill(1e9);
    Vec3 bent;
    double least = 1e300;
    const auto take = [&](StillLimit limit, double there, double asked, int segment) {
        const double m = asked > 1e-12 ? std::min(1e9, there / asked) : 1e9;
        OptionalNumber& margin = v.margin[static_cast<std::size_t>(limit)];
        margin = std::min(margin.value, m);
        if (m >= least) return;
        least = m, v.governs = limit, v.segment = segment;
        if (limit == StillLimit::weight || limit == StillLimit::press) v.proof_Nmm = there, v.needed_Nmm = asked;
    };
    for (const StillPart& p : d.parts) {
        const StillWire& w = wire[static_cast<std::size_t>(p.segment)];
        take(StillLimit::weight, w.proof_Nmm, kStillFactor * p.weight_Nmm, p.segment);
        take(StillLimit::press, w.proof_Nmm, p.press_Nmm, p.segment);
        take(StillLimit::room, std::max(1e-6, p.room_mm), w.across_mm, p.segment);
        bent = bent + (1 / w.EI_Nmm2) * p.bend_Nmm3;
    }
    v.droop_mm = norm(bent), v.droopLimit_mm = kStillDroop * d.length_mm;
    double EI = 1e300;
    for (const StillPart& p : d.parts)
        EI = std::min(EI, wire[static_cast<std::size_t>(p.segment)].EI_Nmm2);
    v.folds_N = kPi * kPi * EI / (4 * d.length_mm * d.length_mm);
    take(StillLimit::buckles, v.folds_N, kStillFactor * d.thrust_N, d.parts.front().segment);
    take(StillLimit::droop, v.droopLimit_mm, v.droop_mm, d.parts.front().segment);
    return v;
}

std::vector<load::StillMass> makeStillMasses(const Skeleton& rest, const std::vector<Stretch>& own,
                                             const std::vector<fill::Part>& parts) {
    constexpr int kSlices = 16;
    std::vector<load::StillMass> all;
    for (const fill::Part& p : parts) {
        const Link& link = rest.links[static_cast<std::size_t>(p.link)];
        const Vec3 along = link.to - link.from;
        fill::eachLayer(p, [&](const fill::LayerMass& l) {
            if (l.mass_g <= 0) return;
            const double at = dot(l.centre - link.from, along) / dot(along, along);
            if (p.mass >= 0 || &l == &p.piece) {
                all.push_back({p.link, std::clamp(at, 0.0, 1.0), l.mass_g, l.centre});
                return;
            }
            // Spread evenly over what is its own, then moved along so that the centre stays.
            const Stretch over = &l == &p.wire ? Stretch{} : own[static_cast<std::size_t>(p.link)];
            const double middle = (over.from + over.to) / 2, width = over.length();
            for (int i = 0; i < kSlices; ++i) {
                const double off = width * ((i + 0.5) / kSlices - 0.5);
                const Vec3 centre = l.centre + off * along;
                all.push_back({p.link, std::clamp(middle + off, 0.0, 1.0), l.mass_g / kSlices, centre});
            }
        });
    }
    return all;
}

std::vector<StillDemand> calcStillDemands(const Puppet& puppet, const Skeleton& rest, const std::vector<Stretch>& own,
                                          const std::vector<fill::Part>& parts, const std::vector<double>& EI,
                                          const std::stop_token& stop) {
    // Most limbs are posed and stiffened: nothing to work out.
    for (const Limb& l : puppet.limbs)
        for (std::size_t i = 0; i < l.segments.size(); ++i)
            if (isBare(l, i)) return calcStillDemands(puppet, rest, makeStillMasses(rest, own, parts), EI, stop);
    return {};
}

std::vector<StillDemand> calcStillDemands(const Puppet& puppet, const Skeleton& rest,
                                          const std::vector<load::StillMass>& masses, const std::vector<double>& EI,
                                          const std::stop_token& stop) {
    std::vector<load::StillLink> links(rest.links.size());
    for (std::size_t l = 0; l < links.size(); ++l) {
        const auto limb = static_cast<std::size_t>(rest.copies[static_cast<std::size_t>(rest.links[l].copy)].limb);
        links[l].bare = isBare(puppet.limbs[limb], static_cast<std::size_t>(rest.links[l].segment));
        if (EI[limb] > 0) links[l].EI_Nmm2 = EI[limb];
    }
    // How hard a tool presses at a run's far end.
    const auto pressAt = [&](const load::StillRun& run) {
        const Link& l = rest.links[static_cast<std::size_t>(run.links.back())];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(rest.copies[static_cast<std::size_t>(l.copy)].limb)];
        const Segment& seg = limb.segments[static_cast<std::size_t>(l.segment)];
        if (seg.sections.empty()) return load::kSculptPress_N;
        const body::Section end =
            body::findSection(seg.sections, norm(l.to - run.far) <= norm(l.from - run.far) ? 1 : 0);
        const double cover = seg.layers.cover.empty() ? 0 : seg.layers.cover_mm;
        const double thick = 2 * std::max(0.0, std::min(end.a_mm, end.b_mm) - cover);
        return load::kSculptPress_N * std::min(1.0, thick / kThin_mm);
    };
    std::vector<StillDemand> all;
    const load::StillLoads loads = load::calcStill(puppet, rest, links, masses, stop);
    if (!loads.stable) return all;
    for (const load::StillRun& run : loads.runs) {
        StillDemand d;
        d.copy = run.copy, d.length_mm = run.length_mm;
        d.press_N = pressAt(run);
        d.prop = run.beyond_g > 0 ? run.beyond : run.far, d.beyond_g = run.beyond_g;
        // What stands upright on it presses along it; its own weight counts whole, which is on the safe side.
        d.thrust_N = run.beyond_g * kNewtonPerGram * std::max(0.0, unit(run.far - run.near).y);
        for (int link : run.links) {
            StillPart p;
            p.segment = rest.links[static_cast<std::size_t>(link)].segment;
            for (const load::StillSection& x : run.sections) {
                if (x.link != link) continue;
                const double weight = norm(x.moment_Nmm);
                p.weight_Nmm = std::max(p.weight_Nmm, weight);
                p.press_Nmm = std::max(p.press_Nmm, weight + d.press_N / load::kSculptPress_N * x.press_Nmm);
                p.bend_Nmm3 = p.bend_Nmm3 + x.length_mm * cross(x.moment_Nmm, run.far - x.point);
            }
            d.parts.push_back(p);
        }
        all.push_back(std::move(d));
    }
    return all;
}

} // namespace enkinet::choice
