#include "findings/finder.h"
#include <algorithm>

namespace enkinet::findings {

using schema::RefKind;

void Finder::add(Finding f) {
    const std::string word = f.kind->word;
    if (f.key.empty()) {
        // Of limbs and joints as files have always had it.
        f.key = f.ref.kind == RefKind::limb    ? word + ":" + f.ref.id
                : f.ref.kind == RefKind::joint ? word + ":" + f.ref.id + "." + f.ref.part
                : f.ref.kind == RefKind::none  ? word
                                               : word + ":" + schema::toKey(f.ref);
    }
    const auto at = std::find_if(m_puppet.left.begin(), m_puppet.left.end(),
                                 [&](const body::LeftPoint& x) { return x.key == f.key; });
    const bool left = f.mayLeave() && at != m_puppet.left.end();
    if (left) f.because = at->because;
    (f.kind->weight == Weight::note ? m_found.notes : left ? m_found.left : m_found.open).push_back(std::move(f));
}

Open Finder::finish() {
    for (const body::LeftPoint& x : m_puppet.left) {
        std::size_t found = 0, at = 0;
        for (std::size_t i = 0; i < m_found.open.size(); ++i) {
            const Finding& f = m_found.open[i];
            if (f.mayLeave() && (std::string(f.kind->word) + ":" + f.subject.english()).substr(0, 400) == x.key)
                ++found, at = i;
        }
        if (found != 1) continue;
        Finding f = std::move(m_found.open[at]);
        m_found.open.erase(m_found.open.begin() + static_cast<std::ptrdiff_t>(at));
        // Taken up again by the key that it was left with.
        f.key = x.key, f.because = x.because;
        m_found.left.push_back(std::move(f));
    }
    return std::move(m_found);
}

schema::Ref Finder::limbRef(int limb) const {
    return {RefKind::limb, m_puppet.limbs[static_cast<std::size_t>(limb)].id, {}, false};
}

schema::Ref Finder::jointRef(const choice::LimbChoice& l, std::size_t demand) const {
    const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(l.limb)];
    return {RefKind::joint, limb.id, limb.joints[static_cast<std::size_t>(l.demands[demand].joint)].id, false};
}

schema::Ref Finder::partRef(int part) const {
    const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(part)];
    const body::Skeleton& s = m_r.choice.rest;
    if (p.mass >= 0) {
        const body::MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
        return {RefKind::mass, m_puppet.masses[static_cast<std::size_t>(c.mass)].id, {}, c.right};
    }
    const body::Link& link = s.links[static_cast<std::size_t>(p.link)];
    return {RefKind::segment, m_puppet.limbs[limbOf(link)].id, std::to_string(link.segment + 1),
            s.copies[static_cast<std::size_t>(link.copy)].right};
}

bool Finder::isRightTwin(const fill::Part& p) const {
    const body::Skeleton& s = m_r.choice.skeleton;
    return p.mass >= 0 ? s.masses[static_cast<std::size_t>(p.mass)].right
                       : s.copies[static_cast<std::size_t>(s.links[static_cast<std::size_t>(p.link)].copy)].right;
}

std::size_t Finder::limbOf(const body::Link& l) const {
    return static_cast<std::size_t>(m_r.choice.skeleton.copies[static_cast<std::size_t>(l.copy)].limb);
}

} // namespace enkinet::findings
