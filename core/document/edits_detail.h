#pragma once
// What the files of edits share: finding a limb, mass or joint to change, and the one way an edit of a puppet is made.
#include "document/edits.h"
#include <algorithm>

namespace enkinet::document {

/// What a metre of foil costs stays what it was; an empty roll keeps its price for the next.
inline void setFoilLength(Stock& stock, double length_m) {
    if (stock.foil.length_m > 0 && length_m > 0) stock.foil.price *= length_m / stock.foil.length_m;
    stock.foil.length_m = length_m;
}

inline body::Limb* limbOf(body::Puppet& p, const std::string& id) {
    return const_cast<body::Limb*>(body::findLimb(p, id));
}

inline body::Mass* massOf(body::Puppet& p, const std::string& id) {
    const auto m = std::find_if(p.masses.begin(), p.masses.end(), [&](const body::Mass& x) { return x.id == id; });
    return m == p.masses.end() ? nullptr : &*m;
}

/// Null where there is no such section.
inline body::Section* sectionOf(body::Puppet& p, const std::string& limb, int segment, int section) {
    body::Limb* l = limbOf(p, limb);
    if (!l || segment < 0 || segment >= static_cast<int>(l->segments.size())) return nullptr;
    auto& sections = l->segments[static_cast<std::size_t>(segment)].sections;
    return section >= 0 && section < static_cast<int>(sections.size()) ? &sections[static_cast<std::size_t>(section)]
                                                                       : nullptr;
}

/// Lets go what named a joint, pose, limb or mass that a change has taken away: strand drops, poses of the shot, what a
/// load of the oven holds.
void letGo(body::Puppet& puppet);

/// change(Puppet&) returns a Fault when it finds nothing to change.
template <class Change> Edits::Changed Edits::puppetEdit(Change change) const {
    Production p = m_production;
    const int i = findPuppetIndex(p, m_puppet);
    if (i < 0) return Fault{words("production"), words("puppet \"%1\"", m_puppet), words("is not in it")};
    if (std::optional<Fault> fault = change(p.puppets[static_cast<std::size_t>(i)])) return *fault;
    letGo(p.puppets[static_cast<std::size_t>(i)]);
    return makeEdited(std::move(p), static_cast<std::size_t>(i), m_shipped);
}

} // namespace enkinet::document
