#include "findings/finding.h"
#include "base/text.h"
#include "findings/finder.h"
#include <algorithm>
#include <cstring>

namespace enkinet::findings {

const char* keyOf(Station station) {
    switch (station) {
    case Station::sheet:
        return "sheet";
    case Station::wire:
        return "wire";
    case Station::bulk:
        return "bulk";
    case Station::skin:
        return "skin";
    case Station::paint:
        return "paint";
    case Station::plan:
        return "plan";
    case Station::shoot:
        return "shoot";
    case Station::bench:
        return "bench";
    }
    return "";
}

std::vector<const Kind*> allKinds() {
    std::vector<const Kind*> all;
    for (const auto& some : {sheetKinds(), wireKinds(), layerKinds(), thingKinds(), planKinds(), missingKinds()})
        for (const Kind& k : some)
            all.push_back(&k);
    return all;
}

std::optional<choice::State> Finding::state() const {
    for (const auto s : {choice::State::crowded, choice::State::slack, choice::State::stiff, choice::State::springy,
                         choice::State::tired})
        if (is(choice::keyOf(s))) return s;
    return {};
}

Phrase Finding::sentence() const {
    std::vector<Phrase> in;
    for (const Blank& h : kind->blanks) {
        const auto say = [&](const OptionalNumber& v) {
            const double x = v.value * h.times;
            if (h.decimals < 0) return figure(x);
            return h.dimension == Dimension::none ? Phrase(x, decimals(h.decimals))
                                                  : quantity(x, h.dimension, decimals(h.decimals));
        };
        switch (h.what) {
        case Blank::What::nothing:
            break;
        case Blank::What::subject:
            in.push_back(subject);
            break;
        case Blank::What::other:
            in.push_back(other);
            break;
        case Blank::What::also:
            in.push_back(also);
            break;
        case Blank::What::found:
            in.push_back(say(found));
            break;
        case Blank::What::limit:
            in.push_back(say(limit));
            break;
        case Blank::What::more:
            in.push_back(say(more));
            break;
        }
    }
    return {kind->said, std::move(in), std::strstr(kind->said, "%n") ? static_cast<int>(found.value) : -1};
}

std::vector<int> countOpen(const std::vector<Finding>& findings) {
    std::vector<int> n(kStations, 0);
    for (const Finding& f : findings)
        ++n[static_cast<std::size_t>(f.station())];
    return n;
}

Place findPlace(const body::Puppet& puppet, const choice::PuppetChoice& choice, const schema::Ref& ref) {
    using schema::RefKind;
    Place place;
    const auto limbAt = [&] {
        const auto at =
            std::find_if(puppet.limbs.begin(), puppet.limbs.end(), [&](const auto& l) { return l.id == ref.id; });
        return at == puppet.limbs.end() ? -1 : static_cast<int>(at - puppet.limbs.begin());
    };
    if (ref.kind == RefKind::limb || ref.kind == RefKind::joint) {
        place.limb = limbAt();
        if (ref.kind == RefKind::limb || place.limb < 0 || place.limb >= static_cast<int>(choice.limbs.size()))
            return place;
        const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(place.limb)];
        const choice::LimbChoice& l = choice.limbs[static_cast<std::size_t>(place.limb)];
        for (std::size_t j = 0; j < l.demands.size(); ++j)
            if (limb.joints[static_cast<std::size_t>(l.demands[j].joint)].id == ref.part)
                place.demand = static_cast<int>(j);
        return place;
    }
    const body::Skeleton& s = choice.rest;
    const int limb = ref.kind == RefKind::segment ? limbAt() : -1;
    for (std::size_t i = 0; i < choice.parts.size(); ++i) {
        const fill::Part& p = choice.parts[i];
        if (ref.kind == RefKind::mass && p.mass >= 0) {
            const body::MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
            if (puppet.masses[static_cast<std::size_t>(c.mass)].id == ref.id && c.right == ref.right)
                place.part = static_cast<int>(i);
        } else if (ref.kind == RefKind::segment && p.mass < 0) {
            const body::Link& l = s.links[static_cast<std::size_t>(p.link)];
            const body::LimbCopy& c = s.copies[static_cast<std::size_t>(l.copy)];
            if (c.limb == limb && c.right == ref.right && std::to_string(l.segment + 1) == ref.part)
                place.part = static_cast<int>(i);
        }
    }
    return place;
}

Open findOpen(const document::Production& production, const body::Puppet& puppet, const checks::Facts& facts,
              fill::BakeMemo& bakes) {
    Finder finder(production, puppet, facts, bakes);
    finder.sheet();
    finder.proportions();
    finder.views();
    finder.pairs();
    finder.wires();
    finder.things();
    finder.tieDowns();
    finder.layers();
    finder.plan();
    return finder.finish();
}

} // namespace enkinet::findings
