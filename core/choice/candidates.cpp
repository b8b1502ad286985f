#include "choice/candidates.h"
#include <algorithm>
#include <cmath>
#include <tuple>

namespace enkinet::choice {

ENKINET_COMPARED_BODY(LimbChoice)

using namespace body;

namespace {

/// Which is less, or neither where they are the same but for the last bits.
int compare(double a, double b) {
    if (a == b || std::abs(a - b) <= 1e-9 * std::max(std::abs(a), std::abs(b))) return 0;
    return a < b ? -1 : 1;
}

/// Never by the last bit: what is alike goes by price, then by name, so that every machine chooses the same.
bool better(const LimbChoice& l, const Candidate& a, const Candidate& b, const Wants& wants) {
    if (a.fits != b.fits) return a.fits;
    if (!a.fits) {
        if (const int miss = compare(a.miss, b.miss)) return miss < 0;
    } else {
        if (const int inside = compare(findCounted(a, wants.reserve), findCounted(b, wants.reserve))) return inside > 0;
        const Rank x = findRank(l, a, wants.aim), y = findRank(l, b, wants.aim);
        for (std::size_t i = 0; i < x.size(); ++i)
            if (const int rank = compare(x[i], y[i])) return rank < 0;
    }
    if (a.drops != b.drops) return a.drops < b.drops;
    if (const int price = compare(a.price, b.price)) return price < 0;
    const auto nameOf = [&](const Candidate& c) {
        const auto& spools = l.field->from.stock.spools;
        return std::tuple(spools[static_cast<std::size_t>(c.spool)].id, c.bundle.strands, c.bundle.lay_mm);
    };
    return nameOf(a) < nameOf(b);
}

/// The builder's pick, by places of the field; none where it cannot be made.
std::optional<Asked> findAsked(const Limb& limb, const FieldKey& key) {
    if (!limb.pick) return {};
    for (std::size_t i = 0; i < key.stock.spools.size(); ++i) {
        if (key.stock.spools[i].id != limb.pick->spool) continue;
        const auto bundle = wire::makeBundle({limb.pick->strands, key.stock.spools[i].diameter_mm, limb.pick->lay_mm});
        if (!bundle) continue;
        Asked a{static_cast<int>(i), *bundle, {}};
        for (const StrandDrop& d : limb.pick->drops)
            for (std::size_t j = 0; j + (limb.whip ? 0 : 1) < key.places.size(); ++j)
                if (limb.joints[static_cast<std::size_t>(key.places[j])].id == d.joint)
                    a.drops.emplace_back(static_cast<int>(j), d.strands);
        return a;
    }
    return {};
}

int findIn(const Field& field, const Asked& a) {
    for (std::size_t k = 0; k < field.candidates.size(); ++k) {
        const Candidate& c = field.candidates[k];
        if (c.spool != a.spool || c.bundle.strands != a.bundle.strands ||
            std::abs(c.bundle.lay_mm - a.bundle.lay_mm) > 1e-9 || c.drops != static_cast<int>(a.drops.size()))
            continue;
        bool same = true;
        for (std::size_t i = 0; same && i < a.drops.size(); ++i)
            same = c.after[i] == a.drops[i].first &&
                   field.trials[static_cast<std::size_t>(c.trial[i + 1])].bundle.strands == a.drops[i].second;
        if (same) return static_cast<int>(k);
    }
    return -1;
}

FieldKey makeKey(const Puppet& puppet, const Stock& stock, const LimbChoice& l) {
    const Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
    FieldKey key;
    key.stock = stock;
    key.wishes = {puppet.wants.steelMayPose, puppet.wants.mayDrop, puppet.wants.mostStrands, puppet.wants.disliked_mm};
    key.whip = limb.whip, key.still = l.demands.empty() && !l.still.empty();
    if (limb.whip && !l.demands.empty())
        for (int i = l.demands.front().joint + 1; i + 1 < static_cast<int>(limb.joints.size()); ++i)
            key.places.push_back(i);
    else
        for (const Demand& d : l.demands)
            key.places.push_back(d.joint);
    for (const Demand& d : l.demands) {
        key.shortestGap_mm = key.shortestGap_mm > 0 ? std::min(key.shortestGap_mm, d.gap_mm) : d.gap_mm;
        if (d.whip) key.bent.push_back(d);
    }
    if (limb.whip && !l.demands.empty()) {
        const int root = l.demands.front().joint;
        const double start = root == 0 ? 0 : l.path.segmentEnd_mm[static_cast<std::size_t>(root - 1)];
        for (double end : l.path.endAfter_mm)
            key.ends_mm.push_back(end - start);
    }
    return key;
}

} // namespace

const std::vector<Trial>& LimbChoice::trials() const {
    static const std::vector<Trial> kNone;
    return field.value ? field->trials : kNone;
}

const std::vector<Candidate>& LimbChoice::candidates() const {
    static const std::vector<Candidate> kNone;
    return tried.value ? *tried : kNone;
}

const Trial& findTrial(const LimbChoice& l, const Candidate& c, std::size_t demand) {
    int level = 0;
    // A whip's one trial knows where its strands end.
    const bool whip = l.demands[demand].whip;
    while (!whip && level<c.drops&& static_cast<int>(demand)> c.after[static_cast<std::size_t>(level)])
        ++level;
    return l.trials()[static_cast<std::size_t>(c.trial[static_cast<std::size_t>(level)])];
}

const TrialAt& findAt(const LimbChoice& l, const Candidate& c, std::size_t demand) {
    const auto trial = static_cast<std::size_t>(&findTrial(l, c, demand) - l.trials().data());
    return (*l.at[demand])[trial];
}

std::vector<Ending> findEndings(const LimbChoice& l, const Candidate& c) {
    std::vector<Ending> ends;
    for (std::size_t i = 0; i < static_cast<std::size_t>(c.drops); ++i)
        ends.push_back({l.field->from.places[static_cast<std::size_t>(c.after[i])],
                        l.trials()[static_cast<std::size_t>(c.trial[i + 1])].bundle.strands});
    return ends;
}

std::vector<double> findStiffness(const std::vector<LimbChoice>& limbs, const Stock& stock) {
    std::vector<double> EI;
    for (const LimbChoice& l : limbs) {
        EI.push_back(0);
        if (l.chosen < 0) continue;
        const Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        EI.back() = wire::findStiffness(stock.tableOf(c.spool).card(), c.bundle);
    }
    return EI;
}

int findStrands(const LimbChoice& l, int segment) {
    if (l.chosen < 0) return 0;
    const Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    int strands = c.bundle.strands;
    // The segment in which strands end still counts as the larger bundle.
    for (const Ending& e : findEndings(l, c))
        if (segment > e.joint) strands = e.strands;
    return strands;
}

Rank findRank(const LimbChoice& l, const Candidate& c, Aim aim) {
    const double strands = c.bundle.strands, drops = c.drops, life = l.demands.empty() ? 0 : -c.lifeMargin;
    switch (aim) {
    case Aim::simple:
        return {strands, drops, c.work_min, life, l.demands.empty() ? c.price.value : c.mass_g.value};
    case Aim::light:
        return {c.mass_g, c.price};
    case Aim::easy:
        return {l.demands.empty() ? c.price.value : c.worstEffort.value, c.mass_g};
    case Aim::cheap:
        return {c.price, c.mass_g};
    case Aim::life:
    case Aim::spools:
        break;
    }
    return {l.demands.empty() ? c.price.value : life, c.mass_g};
}

double findCounted(const Candidate& c, double reserve) { return std::min(c.inside.value, 1 + reserve); }

void tryCandidates(const Puppet& puppet, const Stock& stock, LimbChoice& l, FieldMemo& memo,
                   const std::stop_token& stop) {
    const auto list = [&](const FieldKey& key) { return calcField(key, stop); };
    const Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
    const auto slot = static_cast<std::uint64_t>(l.limb);
    l.path = makePath(limb);
    FieldKey key = makeKey(puppet, stock, l);
    l.field.value = memo.fields.find(2 * slot, key, list);
    // A wire that the builder asks for and that is not among them comes behind.
    if (const auto asked = findAsked(limb, key); asked && findIn(*l.field, *asked) < 0) {
        key.more = asked;
        l.field.value = memo.fields.find(2 * slot + 1, std::move(key), list);
    }
    CandidatesKey all{l.field, {}, l.path, static_cast<int>(limb.joints.size()), limb.mirrored, limb.cut_mm.has_value(),
                      l.still};
    for (std::size_t j = 0; j < l.demands.size(); ++j) {
        const Demand& d = l.demands[j];
        const std::uint64_t place = slot << 16 | j;
        const SharedValue<Bends> bends{
            memo.bends.find(place, {l.field, d}, [&](const BendsKey& k) { return calcBends(k, stop); })};
        all.at.push_back({memo.ats.find(place, {l.field, bends, d, d}, calcAts)});
    }
    l.at = all.at;
    l.tried.value = memo.candidates.find(slot, std::move(all), calcCandidates);
}

void pickCandidate(const Puppet& puppet, const Stock& stock, LimbChoice& l, const std::vector<bool>& allowed) {
    const Limb& limb = puppet.limbs[static_cast<std::size_t>(l.limb)];
    const auto asked = l.reason.refused ? std::nullopt : findAsked(limb, l.field->from);
    l.chosen = asked ? findIn(*l.field, *asked) : -1;
    l.pinned = l.chosen >= 0;
    l.fitting = 0;
    const std::vector<Candidate>& all = l.candidates();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Candidate& c = all[i];
        l.fitting += c.fits ? 1 : 0;
        if (l.pinned || !l.reason.needed() || c.bar != Bar::none) continue;
        if (!allowed.empty() && !allowed[static_cast<std::size_t>(c.spool)]) continue;
        if (l.chosen < 0 || better(l, c, all[static_cast<std::size_t>(l.chosen)], puppet.wants))
            l.chosen = static_cast<int>(i);
    }
    l.verdicts.clear();
    l.stillVerdicts.clear(), l.worstStill = -1;
    l.state = State::not_checked, l.worst = -1;
    l.reserve = wire::WireBend::nan, l.thin = false;
    if (l.chosen < 0) return;
    const Candidate& c = all[static_cast<std::size_t>(l.chosen)];
    for (std::size_t j = 0; j < l.demands.size(); ++j) {
        const Demand& d = l.demands[j];
        const Trial& t = findTrial(l, c, j);
        std::vector<wire::WhipEnd> ends;
        for (const Ending& e : t.ends)
            ends.push_back({l.field->from.ends_mm[static_cast<std::size_t>(e.joint)], e.strands});
        const wire::BendTable& table = stock.tableOf(c.spool);
        const wire::Calibration& tested = stock.calibrationOf(c.spool);
        l.verdicts.push_back(judgeBend(d, d, findBendOf(d, table, t.bundle, tested, t.spunDamage, ends), table.card(),
                                       t.bundle, tested));
    }
    if (!l.still.empty()) {
        const std::vector<StillWire> wire = findStillWire(*l.field, c, limb.segments.size());
        for (const StillDemand& d : l.still)
            l.stillVerdicts.push_back(judgeStill(d, wire));
        const auto least = std::min_element(l.stillVerdicts.begin(), l.stillVerdicts.end(),
                                            [](const auto& a, const auto& b) { return a.least() < b.least(); });
        l.worstStill = static_cast<int>(least - l.stillVerdicts.begin());
    }
    if (l.demands.empty() && l.still.empty()) return;
    l.state = c.state;
    l.worst = c.worstJoint;
    l.reserve = c.inside - 1;
    l.thin = c.state == State::holds && c.inside < 1 + puppet.wants.reserve;
}

} // namespace enkinet::choice
