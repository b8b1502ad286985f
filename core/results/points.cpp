#include "results/points.h"
#include "results/proportions.h"
#include "results/views.h"
#include <algorithm>
#include <cmath>
#include <iterator>
#include <set>

namespace enkinet::results {

namespace {

/// By which two of a pair may differ: a length, or a share where that is more.
constexpr double kPairApart_mm = 0.5, kPairShare = 0.02;

/// Advice that may be left as it is, with the word that a file keeps it under.
constexpr std::pair<const char*, Issue> kLeavable[] = {{"views", Issue::never_seen},
                                                       {"pictures", Issue::pictures_differ},
                                                       {"pair", Issue::pair_differs},
                                                       {"proportion", Issue::proportion_off},
                                                       {"order", Issue::order},
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
                                                       {"glue-face", Issue::glue_face},
                                                       {"bond-heat", Issue::bond_heat},
                                                       {"wall", Issue::hole_wall},
                                                       {"tips", Issue::base_tips},
                                                       {"pushed", Issue::base_pushed},
                                                       {"sheet-sags", Issue::sheet_sags},
                                                       {"sheet-cracks", Issue::sheet_cracks},
                                                       {"web-tears", Issue::web_tears},
                                                       {"web-cracks", Issue::web_cracks},
                                                       {"grip", Issue::grip_wide},
                                                       {"run-wall", Issue::run_wall},
                                                       {"run-bend", Issue::run_bend}};

bool isNote(Issue i) {
    return i == Issue::not_checked || i == Issue::thin_reserve || i == Issue::own_colour || i == Issue::run_untested ||
           i == Issue::prop_untried || i == Issue::proportion_rare || i == Issue::never_seen_note;
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

void Points::proportions() {
    for (const EyeCheck& c : calcEyeChecks(m_puppet, m_r)) {
        if (!isRatio(c.eye) || c.fine()) continue;
        OpenPoint p{Station::sheet,
                    c.wanted ? Issue::proportion_off : Issue::proportion_rare,
                    -1,
                    -1,
                    -1,
                    kNoState,
                    c.found,
                    c.low,
                    c.subject};
        p.by = static_cast<int>(c.eye), p.more = c.high, p.key = "proportion:" + c.key;
        add(std::move(p));
    }
}

void Points::views() {
    if (m_puppet.pictures.empty()) return;
    const auto views = calcViews(m_puppet, m_r.choice);
    std::array<int, body::kSides> unseen{};
    int noSide = 0;
    for (const PartViews& v : views) {
        const auto seen = [&](body::Seen from) { return v.picture[static_cast<std::size_t>(from)] >= 0; };
        for (std::size_t k = 0; k < body::kSides; ++k)
            unseen[k] += !seen(static_cast<body::Seen>(k));
        noSide += !seen(body::Seen::left) && !seen(body::Seen::right);
    }
    unseen[static_cast<std::size_t>(body::Seen::left)] = noSide;
    for (const body::Seen from : {body::Seen::front, body::Seen::left, body::Seen::back, body::Seen::below}) {
        const int n = unseen[static_cast<std::size_t>(from)];
        if (n == 0) continue;
        const bool needed = from == body::Seen::front || from == body::Seen::left;
        OpenPoint p{Station::sheet,
                    needed ? Issue::never_seen : Issue::never_seen_note,
                    -1,
                    -1,
                    -1,
                    kNoState,
                    static_cast<double>(n),
                    static_cast<double>(views.size()),
                    m_puppet.name};
        p.by = static_cast<int>(from), p.key = "views:" + std::to_string(p.by);
        add(std::move(p));
    }
    for (const Disagreement& d : findDisagreements(m_puppet)) {
        const std::string &one = m_puppet.pictures[static_cast<std::size_t>(d.one)].file,
                          &other = m_puppet.pictures[static_cast<std::size_t>(d.other)].file;
        OpenPoint p{Station::sheet, Issue::pictures_differ, -1, -1, -1, kNoState, d.one_mm, d.other_mm, one, other};
        p.ref = {schema::RefKind::picture, one, other, false};
        add(std::move(p));
    }
}

void Points::pairs() {
    for (std::size_t i = 0; i < m_puppet.measures.size(); ++i) {
        const body::Measure& m = m_puppet.measures[i];
        if (!m.measured_mm || !m.other_mm ||
            std::abs(*m.measured_mm - *m.other_mm) <= std::max(kPairApart_mm, kPairShare * *m.measured_mm))
            continue;
        OpenPoint p{Station::sheet, Issue::pair_differs, -1, -1, -1, kNoState, *m.measured_mm, *m.other_mm, m.name};
        // Measures have no ids: of several with one name which of them it is.
        int same = 1;
        for (std::size_t k = 0; k < i; ++k)
            same += m_puppet.measures[k].name == m.name;
        p.ref = {schema::RefKind::measure, m.name, same > 1 ? std::to_string(same) : std::string(), false};
        add(std::move(p));
    }
}

void Points::orders() {
    for (int i : m_r.plan.refused) {
        const body::StepOrder& o = m_puppet.wants.order[static_cast<std::size_t>(i)];
        OpenPoint p{Station::plan, Issue::order_refused,       -1, -1,           -1,
                    kNoState,      static_cast<double>(i + 1), 0,  m_puppet.name};
        p.key = "order:" + o.first + ">" + o.then;
        add(std::move(p));
    }
    // Each thing once, by the first step that meets it.
    std::set<std::pair<Law, std::string>> said;
    for (const Broken& b : m_r.broken) {
        if (!said.emplace(b.law, b.thing.english()).second) continue;
        const make::Step& s = m_r.plan.steps[static_cast<std::size_t>(b.step)];
        OpenPoint p{Station::plan, Issue::plan_broken, -1, -1, -1, kNoState, b.found, b.limit, b.thing};
        p.other = s.subject, p.by = static_cast<int>(b.law), p.ref = {schema::RefKind::step, s.id, {}};
        p.key = std::string("plan:") + results::keyOf(b.law) + ":" + s.id;
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
    if (p.ref.kind == schema::RefKind::none) p.ref = refOf(p);
    if (p.key.empty()) p.key = keyOf(p);
    const auto at = std::find_if(m_puppet.left.begin(), m_puppet.left.end(),
                                 [&](const body::LeftPoint& x) { return x.key == p.key; });
    const bool left = mayLeave(p.issue) && at != m_puppet.left.end();
    if (left) p.because = at->because;
    (isNote(p.issue) ? m_r.notes : left ? m_r.left : m_r.open).push_back(std::move(p));
}

schema::Ref Points::refOf(const OpenPoint& p) const {
    using schema::RefKind;
    if (p.limb >= 0) {
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(p.limb)];
        if (p.demand < 0) return {schema::RefKind::limb, limb.id, {}, false};
        const choice::LimbChoice& l = m_r.choice.limbs[static_cast<std::size_t>(p.limb)];
        return {schema::RefKind::joint, limb.id,
                limb.joints[static_cast<std::size_t>(l.demands[static_cast<std::size_t>(p.demand)].joint)].id, false};
    }
    if (p.part < 0) return {};
    const fill::Part& part = m_r.choice.parts[static_cast<std::size_t>(p.part)];
    const body::Skeleton& s = m_r.choice.rest;
    if (part.mass >= 0) {
        const body::MassCopy& c = s.masses[static_cast<std::size_t>(part.mass)];
        return {schema::RefKind::mass, m_puppet.masses[static_cast<std::size_t>(c.mass)].id, {}, c.right};
    }
    const body::Link& link = s.links[static_cast<std::size_t>(part.link)];
    return {schema::RefKind::segment, m_puppet.limbs[limbOf(link)].id, std::to_string(link.segment + 1),
            s.copies[static_cast<std::size_t>(link.copy)].right};
}

namespace {
std::string wordOf(Issue issue) {
    for (const auto& [word, leavable] : kLeavable)
        if (leavable == issue) return word;
    return std::to_string(static_cast<int>(issue));
}
} // namespace

std::string Points::keyOf(const OpenPoint& p) const {
    const std::string word = wordOf(p.issue);
    // Of limbs and joints as files have always had it.
    if (p.ref.kind == schema::RefKind::limb) return word + ":" + p.ref.id;
    if (p.ref.kind == schema::RefKind::joint) return word + ":" + p.ref.id + "." + p.ref.part;
    return word + (p.ref.kind == schema::RefKind::none ? "" : ":" + schema::toKey(p.ref));
}

std::string Points::formerKeyOf(const OpenPoint& p) const {
    return (wordOf(p.issue) + ":" + p.subject.english()).substr(0, 400);
}

void Points::finish() {
    for (const body::LeftPoint& x : m_puppet.left) {
        std::size_t found = 0, at = 0;
        for (std::size_t i = 0; i < m_r.open.size(); ++i)
            if (mayLeave(m_r.open[i].issue) && formerKeyOf(m_r.open[i]) == x.key) ++found, at = i;
        if (found != 1) continue;
        OpenPoint p = std::move(m_r.open[at]);
        m_r.open.erase(m_r.open.begin() + static_cast<std::ptrdiff_t>(at));
        // Taken up again by the key that it was left with.
        p.key = x.key, p.because = x.because;
        m_r.left.push_back(std::move(p));
    }
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
