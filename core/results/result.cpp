#include "results/result.h"
#include <algorithm>

namespace enkinet::results {

namespace {

/// What one puppet's report reads of a production.
Production onlyPuppet(const Production& production, std::size_t i) {
    Production p;
    p.stock = production.stock, p.cards = production.cards, p.schemes = production.schemes;
    p.puppets = {production.puppets[i]};
    return p;
}

} // namespace

ProductionResult calcResult(const Production& production, const Cards& shipped, wire::TableShelf& tables, Memo& memo,
                            const std::stop_token& stop) {
    ProductionResult all;
    std::erase_if(memo.puppets, [&](const auto& known) { return !findPuppet(production, known.first); });
    std::vector<const Report*> reports;
    for (std::size_t i = 0; i < production.puppets.size(); ++i) {
        PuppetMemo& own = memo.puppets[production.puppets[i].id];
        own.calibrations = memo.calibrations;
        all.puppets.push_back(own.whole.find(0, onlyPuppet(production, i), [&](const Production& key) {
            return calcReport(key, 0, shipped, tables, own, stop);
        }));
        reports.push_back(all.puppets.back().get());
        all.aside.emplace_back();
        if (production.puppets[i].aside.empty()) continue;
        Production other = onlyPuppet(production, i);
        body::Puppet aside = other.puppets[0].aside.front();
        other.puppets[0] = std::move(aside);
        if (!own.aside) own.aside = std::make_shared<PuppetMemo>();
        own.aside->calibrations = memo.calibrations;
        all.aside.back() = own.aside->whole.find(0, std::move(other), [&](const Production& key) {
            return calcReport(key, 0, shipped, tables, *own.aside, stop);
        });
    }
    all.shopping = calcShopping(production, reports);
    // What nobody has any of is one thing to do, not one a ware: buy what the list says.
    const auto isMissing = [](const Need& n) { return n.buy > 0 && n.held <= 0; };
    const auto missing = std::count_if(all.shopping.needs.begin(), all.shopping.needs.end(), isMissing);
    constexpr std::ptrdiff_t kSeveral = 4;
    if (missing >= kSeveral) all.open.push_back(findings::makeMissing(static_cast<std::size_t>(missing)));
    for (const Need& n : all.shopping.needs) {
        if (n.buy <= 0 || (missing >= kSeveral && isMissing(n))) continue;
        // Whose it is, where it is not one puppet's alone.
        Phrase whose;
        if (n.puppets.size() > 1)
            for (int i : n.puppets) {
                const std::string& puppet = production.puppets[static_cast<std::size_t>(i)].name;
                whose = whose.empty() ? Phrase(puppet) : words("%1, %2", whose, puppet);
            }
        all.open.push_back(findings::makeMissing(n.ware, n.card, n.name, n.held, n.needed, whose));
    }
    return all;
}

ProductionResult calcResult(const Production& production, const Cards& shipped, wire::TableShelf& tables) {
    Memo memo;
    return calcResult(production, shipped, tables, memo);
}

namespace {

/// Everything that a report points at by place or by id is still there.
bool isAlike(const Production& production, const body::Puppet& puppet, const body::Skeleton& rest,
             const Production& formerOf, const body::Puppet& formerPuppet, const Report& former) {
    const auto sameId = [](const auto& a, const auto& b) { return a.id == b.id; };
    const auto& spools = production.stock.spools;
    const auto& formerSpools = formerOf.stock.spools;
    if (!(production.cards == formerOf.cards) ||
        !std::equal(spools.begin(), spools.end(), formerSpools.begin(), formerSpools.end(), sameId) ||
        !std::equal(production.schemes.begin(), production.schemes.end(), formerOf.schemes.begin(),
                    formerOf.schemes.end(), sameId))
        return false;
    const auto sameJoint = [](const body::Joint& a, const body::Joint& b) {
        return a.id == b.id && a.posed == b.posed;
    };
    const auto sameLimb = [&](const body::Limb& a, const body::Limb& b) {
        return a.id == b.id && a.mirrored == b.mirrored && a.whip == b.whip && a.hangsOnLimb == b.hangsOnLimb &&
               a.hangsOnJoint == b.hangsOnJoint && a.tieDown.has_value() == b.tieDown.has_value() &&
               std::equal(a.joints.begin(), a.joints.end(), b.joints.begin(), b.joints.end(), sameJoint) &&
               a.segments.size() == b.segments.size();
    };
    const auto sameMass = [](const body::Mass& a, const body::Mass& b) {
        return a.id == b.id && a.limb == b.limb && a.segment == b.segment && a.side == b.side && a.shape == b.shape;
    };
    return std::equal(puppet.limbs.begin(), puppet.limbs.end(), formerPuppet.limbs.begin(), formerPuppet.limbs.end(),
                      sameLimb) &&
           std::equal(puppet.masses.begin(), puppet.masses.end(), formerPuppet.masses.begin(),
                      formerPuppet.masses.end(), sameMass) &&
           former.choice.rest.links.size() == rest.links.size() &&
           former.choice.rest.hinges.size() == rest.hinges.size();
}

} // namespace

Report calcSketch(const Production& production, int puppetIndex, const Cards& shipped, const Production* formerOf,
                  const ProductionResult* former) {
    const body::Puppet& puppet = production.puppets.at(static_cast<std::size_t>(puppetIndex));
    body::Skeleton rest = body::calcSkeleton(puppet);
    body::Posed posed = body::calcPosed(puppet, rest, puppet.board);
    Report r;
    const int known = formerOf ? findPuppetIndex(*formerOf, puppet.id) : -1;
    const bool alike =
        known >= 0 && isAlike(production, puppet, rest, *formerOf, formerOf->puppets[static_cast<std::size_t>(known)],
                              *former->puppets[static_cast<std::size_t>(known)]);
    if (alike) r = *former->puppets[static_cast<std::size_t>(known)];
    r.sketched = true;
    r.choice.rest = std::move(rest);
    r.choice.skeleton = std::move(posed.skeleton), r.choice.motions = std::move(posed.bodies);
    if (alike) return r;
    r.cards.value = std::make_shared<const Cards>(mergeCards(shipped, production.cards));
    r.shelf = makeShelf(*r.cards, production.stock.shop);
    r.choice.own = body::calcOwnStretches(puppet, r.choice.rest);
    r.choice.parts =
        fill::calcParts(puppet, r.choice.rest, r.choice.own, r.shelf, std::vector<fill::WireRuns>(puppet.limbs.size()));
    for (std::size_t i = 0; i < puppet.limbs.size(); ++i) {
        choice::LimbChoice l;
        l.limb = static_cast<int>(i), l.state = choice::State::not_checked, l.path = choice::makePath(puppet.limbs[i]);
        r.choice.limbs.push_back(std::move(l));
    }
    r.choice.loads.resize(r.choice.rest.hinges.size());
    return r;
}

} // namespace enkinet::results
