#include "choice/cut_list.h"
#include "base/units.h"

namespace enkinet::choice {

using namespace body;

Cut calcCut(const Limb& limb, const wire::Bundle& bundle, double parentDiameter_mm) {
    Cut c;
    c.copies = limb.mirrored ? 2 : 1;
    c.bundle = bundle;
    c.path_mm = findPathLength(limb);
    if (!limb.hangsOnLimb.empty())
        c.wrap_mm = limb.wraps * kPi * (wire::findBundleDiameter(bundle) + parentDiameter_mm);
    const double leg = limb.tieDown ? limb.tieDown->depth_mm : 0;
    c.finished_mm = c.wrap_mm + c.path_mm + limb.loop_mm + leg;
    const bool twisted = bundle.strands > 1 && bundle.lay_mm > 0;
    c.strand_mm = c.finished_mm * wire::findTakeUp(bundle) + kHandling_mm + (twisted ? kChuckAndVice_mm : 0);
    c.folded = bundle.strands % 2 == 0;
    c.pieces = c.folded ? bundle.strands / 2 : bundle.strands;
    c.piece_mm = c.folded ? 2 * c.strand_mm : c.strand_mm;
    c.turns = twisted ? c.finished_mm / bundle.lay_mm * (1 + kGiveBack) : 0;

    const auto plainMark = [&](Mark::Kind kind, const std::string& label, double at) {
        c.marks.push_back({kind, label, at, at, at});
    };
    plainMark(Mark::Kind::start, "", 0);
    double at = c.wrap_mm;
    if (c.wrap_mm > 0) plainMark(Mark::Kind::wrap, limb.joints.front().name, at);
    for (std::size_t i = 0; i < limb.joints.size(); ++i) {
        const Joint& j = limb.joints[i];
        if (i > 0) at += norm(j.at_mm - limb.joints[i - 1].at_mm);
        if (j.posed)
            c.marks.push_back({Mark::Kind::joint, j.name, at, at - j.gap_mm / 2, at + j.gap_mm / 2});
        else if (i + 1 == limb.joints.size())
            plainMark(Mark::Kind::tip, j.name, at);
        else if (i > 0 || c.wrap_mm == 0)
            plainMark(Mark::Kind::fixed, j.name, at);
    }
    if (limb.loop_mm > 0) plainMark(Mark::Kind::loop, "", at += limb.loop_mm);
    if (leg > 0) plainMark(Mark::Kind::tie_down, "", at += leg);
    plainMark(Mark::Kind::end, "", c.finished_mm);
    return c;
}

std::vector<Cut> calcCutList(const Puppet& puppet, const PuppetChoice& choice) {
    std::map<std::string, double> diameters;
    for (const LimbChoice& l : choice.limbs)
        if (l.chosen >= 0)
            diameters[puppet.limbs[static_cast<std::size_t>(l.limb)].id] =
                wire::findBundleDiameter(l.candidates[static_cast<std::size_t>(l.chosen)].bundle);
    std::vector<Cut> cuts;
    for (const LimbChoice& l : choice.limbs) {
        if (l.chosen < 0) continue;
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
        const Candidate& chosen = l.candidates[static_cast<std::size_t>(l.chosen)];
        const auto parent = diameters.find(limb.hangsOnLimb);
        Cut c = calcCut(limb, chosen.bundle, parent == diameters.end() ? 0 : parent->second);
        c.limb = l.limb;
        c.spool = chosen.spool;
        cuts.push_back(std::move(c));
    }
    return cuts;
}

std::vector<double> calcSpoolUse(const std::vector<Cut>& cuts, std::size_t spools) {
    std::vector<double> use(spools, 0.0);
    for (const Cut& c : cuts)
        use.at(static_cast<std::size_t>(c.spool)) += c.total_mm();
    return use;
}

} // namespace enkinet::choice
