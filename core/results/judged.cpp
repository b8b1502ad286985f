#include "results/judged.h"
#include "base/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::results {

namespace {

constexpr double kSameShare = 0.01; // share of grams or minutes
constexpr double kSameCut_mm = 0.5;

template <class List> auto findId(const List& list, const std::string& id) {
    return std::find_if(list.begin(), list.end(), [&](const auto& x) { return x.id == id; });
}

/// "2 x copper-1.0"; empty for none.
std::string wireOf(const Report& r, const choice::LimbChoice& l) {
    if (l.chosen < 0) return {};
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    return std::to_string(c.bundle.strands) + " x " + r.stock.spools[static_cast<std::size_t>(c.spool)].id;
}

} // namespace

document::PrintedSheets makePrinted(const body::Puppet& puppet, const Report& report, Minute at) {
    document::PrintedSheets all{puppet.id, at, {}};
    for (const choice::LimbChoice& l : report.choice.limbs) {
        document::PrintedLimb one{puppet.limbs[static_cast<std::size_t>(l.limb)].id, wireOf(report, l), 0};
        for (const choice::Cut& c : report.cuts)
            if (c.limb == l.limb) one.cut_mm += c.total_mm();
        all.limbs.push_back(std::move(one));
    }
    return all;
}

std::vector<std::string> findOutdated(const document::PrintedSheets& printed, const body::Puppet& puppet,
                                      const Report& report) {
    std::vector<std::string> all;
    for (const document::PrintedLimb& now : makePrinted(puppet, report, 0).limbs)
        if (const auto was = findId(printed.limbs, now.id);
            was != printed.limbs.end() && (was->wire != now.wire || std::abs(was->cut_mm - now.cut_mm) > kSameCut_mm))
            all.push_back(now.id);
    return all;
}

document::Judged makeJudged(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports) {
    document::Judged all;
    all.rules = kRules;
    for (std::size_t i = 0; i < production.puppets.size() && i < reports.size(); ++i) {
        if (!reports[i]) continue;
        const body::Puppet& puppet = production.puppets[i];
        const Report& r = *reports[i];
        document::JudgedPuppet p{puppet.id, r.choice.totals.mass_g(), r.plan.hands_min, {}};
        for (const choice::LimbChoice& l : r.choice.limbs) {
            const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
            document::JudgedLimb one{limb.id, wireOf(r, l), {}};
            for (std::size_t j = 0; j < l.verdicts.size(); ++j)
                one.joints.push_back({limb.joints[static_cast<std::size_t>(l.demands[j].joint)].id,
                                      choice::keyOf(l.verdicts[j].state())});
            p.limbs.push_back(std::move(one));
        }
        all.puppets.push_back(std::move(p));
    }
    return all;
}

std::vector<Rejudged> findRejudged(const document::Judged& before, const document::Judged& after) {
    using What = Rejudged::What;
    std::vector<Rejudged> all;
    for (const document::JudgedPuppet& was : before.puppets) {
        const auto now = findId(after.puppets, was.id);
        if (now == after.puppets.end()) continue;
        for (const document::JudgedLimb& limb : was.limbs) {
            const auto own = findId(now->limbs, limb.id);
            if (own == now->limbs.end()) continue;
            if (own->wire != limb.wire) all.push_back({What::wire, was.id, limb.id, "", limb.wire, own->wire});
            for (const auto& [joint, word] : limb.joints)
                for (const auto& [other, said] : own->joints)
                    if (other == joint && said != word)
                        all.push_back({What::joint, was.id, limb.id, joint, word, said});
        }
        const auto number = [&](What what, double from, double to) {
            if (std::abs(to - from) > kSameShare * std::max(std::abs(from), std::abs(to)))
                all.push_back({what, was.id, "", "", "", "", from, to});
        };
        number(What::grams, was.mass_g, now->mass_g);
        number(What::minutes, was.hands_min, now->hands_min);
    }
    return all;
}

} // namespace enkinet::results
