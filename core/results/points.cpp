#include "results/points.h"
#include <algorithm>
#include <cmath>
#include <iterator>

namespace enkinet::results {

namespace {

/// Advice that may be left as it is, with the word that a file keeps it under.
constexpr std::pair<const char*, Issue> kLeavable[] = {{"order", Issue::order},
                                                       {"key", Issue::wants_key},
                                                       {"twist", Issue::twist_hard},
                                                       {"skin-jump", Issue::skin_jump},
                                                       {"slender", Issue::slender},
                                                       {"wet-grip", Issue::wet_grip},
                                                       {"bare", Issue::nothing_outside},
                                                       {"coat-order", Issue::coat_order},
                                                       {"marks", Issue::finger_marks},
                                                       {"varnish", Issue::varnish_cracks},
                                                       {"rust", Issue::rusts},
                                                       {"unsealed", Issue::unsealed},
                                                       {"soft-paint", Issue::paint_on_soft},
                                                       {"test", Issue::test_contradicts},
                                                       {"still-droop", Issue::still_droops},
                                                       {"bond", Issue::bond_weak},
                                                       {"bond-heat", Issue::bond_heat},
                                                       {"wall", Issue::hole_wall},
                                                       {"tips", Issue::base_tips},
                                                       {"pushed", Issue::base_pushed},
                                                       {"sheet-sags", Issue::sheet_sags},
                                                       {"sheet-cracks", Issue::sheet_cracks},
                                                       {"run-wall", Issue::run_wall},
                                                       {"run-bend", Issue::run_bend}};

bool isNote(Issue i) {
    return i == Issue::not_checked || i == Issue::thin_reserve || i == Issue::own_colour || i == Issue::run_untested ||
           i == Issue::prop_untried;
}

} // namespace

void Points::sheet() {
    if (m_puppet.limbs.empty()) {
        add({Station::sheet, Issue::no_limbs, -1, -1, -1, kNoState, 0, 0, m_puppet.name});
        return;
    }
    if (m_r.choice.skeleton.supportLinks.empty())
        add({Station::sheet, Issue::no_support, -1, -1, -1, kNoState, 0, 0, m_puppet.name});
    // As it is built: a figure that bows is not drawn too low.
    for (const fill::Part& p : m_r.choice.parts) {
        if (p.mass >= 0) {
            const body::MassCopy& c = m_r.choice.rest.masses[static_cast<std::size_t>(p.mass)];
            m_r.top_mm = std::max(m_r.top_mm, c.at.y + m_puppet.masses[static_cast<std::size_t>(c.mass)].half_mm.y);
        } else {
            const body::Link& l = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
            const auto& stations = m_puppet.limbs[limbOf(l)].segments[static_cast<std::size_t>(l.segment)].stations;
            const body::Frame f = body::findFrame(l);
            for (double at : {0.0, 1.0}) {
                const body::Station s = stations.empty() ? body::Station{} : body::findStation(stations, at);
                // How far the end's ellipse reaches above the axis.
                m_r.top_mm = std::max(m_r.top_mm,
                                      l.from.y + at * (l.to.y - l.from.y) + std::hypot(s.a_mm * f.a.y, s.b_mm * f.b.y));
            }
        }
    }
    // A quadruped's height is taken at the shoulder, so only a figure below its height is surely wrong.
    if (m_r.top_mm < 0.95 * m_puppet.height_mm)
        add({Station::sheet, Issue::height_off, -1, -1, -1, kNoState, m_r.top_mm, m_puppet.height_mm, m_puppet.name});
}

void Points::orders() {
    for (int i : m_r.plan.refused) {
        const body::StepOrder& o = m_puppet.wants.order[static_cast<std::size_t>(i)];
        OpenPoint p{Station::plan, Issue::order_refused,       -1, -1,           -1,
                    kNoState,      static_cast<double>(i + 1), 0,  m_puppet.name};
        p.key = "order:" + o.first + ">" + o.then;
        add(std::move(p));
    }
}

void Points::swallowed() {
    for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
        const body::Limb& limb = m_puppet.limbs[i];
        bool drawn = false, left = false;
        for (const fill::Part& p : m_r.choice.parts) {
            if (p.mass >= 0) continue;
            const body::Link& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
            if (limbOf(link) != i) continue;
            drawn = drawn || !limb.segments[static_cast<std::size_t>(link.segment)].stations.empty();
            left = left || p.volume_mm3 > 0;
        }
        if (drawn && !left)
            add({Station::sheet, Issue::swallowed, static_cast<int>(i), -1, -1, kNoState, 0, 0, limb.name});
    }
}

bool Points::isRightTwin(const fill::Part& p) const {
    const body::Skeleton& s = m_r.choice.skeleton;
    return p.mass >= 0 ? s.masses[static_cast<std::size_t>(p.mass)].right
                       : s.copies[static_cast<std::size_t>(s.links[static_cast<std::size_t>(p.link)].copy)].right;
}

void Points::add(OpenPoint p) {
    if (p.key.empty()) p.key = keyOf(p);
    const auto at = std::find_if(m_puppet.left.begin(), m_puppet.left.end(),
                                 [&](const body::LeftPoint& x) { return x.key == p.key; });
    const bool left = mayLeave(p.issue) && at != m_puppet.left.end();
    if (left) p.because = at->because;
    (isNote(p.issue) ? m_r.notes : left ? m_r.left : m_r.open).push_back(std::move(p));
}

std::string Points::keyOf(const OpenPoint& p) const {
    std::string key = std::to_string(static_cast<int>(p.issue));
    for (const auto& [word, issue] : kLeavable)
        if (issue == p.issue) key = word;
    if (p.limb >= 0) {
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(p.limb)];
        key += ":" + limb.id;
        if (p.demand >= 0)
            key += "." + limb.joints[static_cast<std::size_t>(m_r.choice.limbs[static_cast<std::size_t>(p.limb)]
                                                                  .demands[static_cast<std::size_t>(p.demand)]
                                                                  .joint)]
                             .id;
        return key;
    }
    return (key + ":" + p.subject.english()).substr(0, 400);
}

std::size_t Points::limbOf(const body::Link& l) const {
    return static_cast<std::size_t>(m_r.choice.skeleton.copies[static_cast<std::size_t>(l.copy)].limb);
}

bool mayLeave(Issue issue) {
    return std::any_of(std::begin(kLeavable), std::end(kLeavable), [&](const auto& x) { return x.second == issue; });
}

std::vector<int> countOpen(const std::vector<OpenPoint>& points) {
    std::vector<int> n(kStations, 0);
    for (const OpenPoint& p : points)
        ++n[static_cast<std::size_t>(p.station)];
    return n;
}

} // namespace enkinet::results
