#include "choice/cut_list.h"
#include "base/check.h"
#include "base/units.h"
#include "choice/choose.h"
#include <algorithm>
#include <array>

namespace enkinet::choice {

ENKINET_COMPARED_BODY(Cut)

using namespace body;

double Cut::total_mm() const {
    double sum = 0;
    for (const StrandGroup& g : groups)
        sum += g.pieces * g.piece_mm;
    return sum * copies;
}

int Cut::pieces() const {
    int sum = 0;
    for (const StrandGroup& g : groups)
        sum += g.pieces;
    return sum * copies;
}

double findPathLength(const Limb& limb) {
    double sum = 0;
    for (std::size_t i = 1; i < limb.joints.size(); ++i)
        sum += norm(limb.joints[i].at_mm - limb.joints[i - 1].at_mm);
    return sum;
}

LimbPath makePath(const Limb& limb) {
    LimbPath p;
    for (std::size_t i = 1; i < limb.joints.size(); ++i) {
        const double length = norm(limb.joints[i].at_mm - limb.joints[i - 1].at_mm);
        p.endAfter_mm.push_back(p.path_mm + length / 2);
        p.segmentEnd_mm.push_back(p.path_mm += length);
    }
    p.rest_mm = limb.loop_mm + (limb.tieDown ? limb.tieDown->depth_mm : 0);
    if (!limb.hangsOnLimb.empty()) p.wraps = limb.wraps;
    return p;
}

std::size_t findGroups(const LimbPath& path, const wire::Bundle& bundle, std::span<const Ending> endings,
                       double parentDiameter_mm, std::span<StrandGroup> groups) {
    ENKINET_ASSERT(groups.size() > endings.size());
    const double wrap = path.wraps * kPi * (wire::findBundleDiameter(bundle) + parentDiameter_mm);
    const bool twisted = bundle.strands > 1 && bundle.lay_mm > 0;
    const double takeUp = wire::findTakeUp(bundle);
    // What runs to the tip first, then what ends before it, from the tip inwards.
    int running = 0;
    std::size_t n = 0;
    for (std::size_t i = endings.size() + 1; i-- > 0;) {
        const int here = i == 0 ? bundle.strands : endings[i - 1].strands;
        StrandGroup& g = groups[n++];
        g.strands = here - running;
        running = here;
        g.finished_mm = wrap + (i == endings.size() ? path.path_mm + path.rest_mm
                                                    : path.endAfter_mm[static_cast<std::size_t>(endings[i].joint)]);
        const double strand = g.finished_mm * takeUp + kHandling_mm + (twisted ? kChuckAndVice_mm : 0);
        g.folded = g.strands % 2 == 0;
        g.pieces = g.folded ? g.strands / 2 : g.strands;
        g.piece_mm = g.folded ? 2 * strand : strand;
    }
    return n;
}

Cut calcCut(const Limb& limb, const wire::Bundle& bundle, std::span<const Ending> endings, double parentDiameter_mm) {
    const LimbPath path = makePath(limb);
    Cut c;
    c.copies = limb.mirrored ? 2 : 1;
    c.bundle = bundle;
    c.endings.assign(endings.begin(), endings.end());
    c.path_mm = path.path_mm;
    c.wrap_mm = path.wraps * kPi * (wire::findBundleDiameter(bundle) + parentDiameter_mm);
    c.finished_mm = c.wrap_mm + c.path_mm + path.rest_mm;
    c.groups.resize(endings.size() + 1);
    findGroups(path, bundle, endings, parentDiameter_mm, c.groups);
    const bool twisted = bundle.strands > 1 && bundle.lay_mm > 0;
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
        for (const Ending& e : endings)
            if (e.joint == static_cast<int>(i))
                plainMark(Mark::Kind::ending, limb.segments[i].name, c.wrap_mm + path.endAfter_mm[i]);
    }
    if (limb.loop_mm > 0) plainMark(Mark::Kind::loop, "", at += limb.loop_mm);
    if (limb.tieDown) plainMark(Mark::Kind::tie_down, "", at + limb.tieDown->depth_mm);
    plainMark(Mark::Kind::end, "", c.finished_mm);
    return c;
}

std::vector<Cut> calcCutList(const Puppet& puppet, const PuppetChoice& choice) {
    std::map<std::string, double> diameters;
    for (const LimbChoice& l : choice.limbs)
        if (l.chosen >= 0)
            diameters[puppet.limbs[static_cast<std::size_t>(l.limb)].id] =
                wire::findBundleDiameter(l.candidates()[static_cast<std::size_t>(l.chosen)].bundle);
    std::vector<Cut> cuts;
    for (const LimbChoice& l : choice.limbs) {
        if (l.chosen < 0) continue;
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
        const Candidate& chosen = l.candidates()[static_cast<std::size_t>(l.chosen)];
        const auto parent = diameters.find(limb.hangsOnLimb);
        Cut c = calcCut(limb, chosen.bundle, findEndings(l, chosen), parent == diameters.end() ? 0 : parent->second);
        c.limb = l.limb;
        c.spool = chosen.spool;
        c.done = limb.cut_mm.has_value();
        cuts.push_back(std::move(c));
    }
    return cuts;
}

std::vector<double> calcSpoolUse(const std::vector<Cut>& cuts, std::size_t spools) {
    std::vector<double> use(spools, 0.0);
    for (const Cut& c : cuts)
        if (!c.done) use.at(static_cast<std::size_t>(c.spool)) += c.total_mm();
    return use;
}

} // namespace enkinet::choice
