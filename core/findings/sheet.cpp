// What is open about the drawing: its proportions, its pictures, its pieces.
#include "checks/proportions.h"
#include "checks/views.h"
#include "findings/finder.h"
#include <algorithm>
#include <cmath>

namespace enkinet::findings {

namespace {

/// By which two of a pair may differ: a length, or a share where that is more.
constexpr double kPairApart_mm = 0.5, kPairShare = 0.02;

constexpr Kind kSheetKinds[] = {
    {"no-limbs", Station::sheet, Weight::fault,
     said("Nothing is drawn yet: start from the demo puppets or open a file.")},
    {"no-support",
     Station::sheet,
     Weight::fault,
     said("Nothing holds %1 to a base: give a foot a tie-down."),
     {kSubject}},
    {"height-off",
     Station::sheet,
     Weight::fault,
     said("The drawing is %1 high, the puppet is said to be %2."),
     {mm(What::found, 0), mm(What::limit, 0)}},
    {"proportion", Station::sheet, Weight::advice, said("%1"), {kAlso}},
    {"proportion-rare", Station::sheet, Weight::note, said("%1"), {kAlso}},
    {"views",
     Station::sheet,
     Weight::advice,
     said("No picture shows %1 of %2 parts from %3."),
     {number(What::found), number(What::limit), kOther}},
    {"views-rare",
     Station::sheet,
     Weight::note,
     said("No picture shows %1 of %2 parts from %3."),
     {number(What::found), number(What::limit), kOther}},
    {"pictures",
     Station::sheet,
     Weight::advice,
     said("Two pictures disagree: the figure is %1 high in %2 and %3 in %4."),
     {mm(What::found), kOther, mm(What::limit), kAlso}},
    {"pair",
     Station::sheet,
     Weight::advice,
     said("%1: %2 on one side, %3 on the other, left minus right %4."),
     {kSubject, mm(What::found), mm(What::limit), mm(What::more)}},
    {"swallowed",
     Station::sheet,
     Weight::fault,
     said("%1 lies inside what it hangs on: no clay, no grams and no bake are counted for it. Move it out, or make "
          "its parent thinner there."),
     {kSubject}}};
consteval const Kind* sheetRow(std::string_view word) { return rowOf(kSheetKinds, word); }

/// A picture's own name, without the folder of the container.
std::string nameOf(const std::string& file) { return file.substr(file.rfind('/') + 1); }

} // namespace

std::span<const Kind> sheetKinds() { return kSheetKinds; }

void Finder::sheet() {
    if (m_puppet.limbs.empty()) {
        add({sheetRow("no-limbs"), {}, m_puppet.name});
        return;
    }
    if (m_r.choice.skeleton.supportLinks.empty()) add({sheetRow("no-support"), {}, m_puppet.name});
    // A quadruped's height is taken at the shoulder, so only a figure below its height is surely wrong.
    if (m_r.top_mm < 0.95 * m_puppet.height_mm)
        add({sheetRow("height-off"), {}, m_puppet.name, m_r.top_mm, m_puppet.height_mm});
}

void Finder::proportions() {
    for (const checks::EyeCheck& c : checks::calcEyeChecks(m_puppet, m_r)) {
        if (!checks::isRatio(c.eye) || c.fine()) continue;
        Finding f{
            c.wanted ? sheetRow("proportion") : sheetRow("proportion-rare"), {}, c.subject, c.found, c.low, c.high};
        f.also = checks::sentenceOf(c), f.key = "proportion:" + c.key;
        add(std::move(f));
    }
}

void Finder::views() {
    if (m_puppet.pictures.empty()) return;
    const auto views = checks::calcViews(m_puppet, m_r.choice);
    std::array<int, body::kSides> unseen{};
    int noSide = 0;
    for (const checks::PartViews& v : views) {
        const auto seen = [&](body::Seen from) { return v.picture[static_cast<std::size_t>(from)] >= 0; };
        for (std::size_t k = 0; k < body::kSides; ++k)
            unseen[k] += !seen(static_cast<body::Seen>(k));
        noSide += !seen(body::Seen::left) && !seen(body::Seen::right);
    }
    unseen[static_cast<std::size_t>(body::Seen::left)] = noSide;
    const std::pair<body::Seen, Phrase> sides[] = {{body::Seen::front, words("the front")},
                                                   {body::Seen::left, words("either side")},
                                                   {body::Seen::back, words("behind")},
                                                   {body::Seen::below, words("below")}};
    for (const auto& [from, name] : sides) {
        const int n = unseen[static_cast<std::size_t>(from)];
        if (n == 0) continue;
        const bool needed = from == body::Seen::front || from == body::Seen::left;
        Finding f{needed ? sheetRow("views") : sheetRow("views-rare"),
                  {},
                  m_puppet.name,
                  n,
                  static_cast<double>(views.size())};
        f.other = name, f.key = "views:" + std::to_string(static_cast<int>(from));
        add(std::move(f));
    }
    for (const checks::Disagreement& d : checks::findDisagreements(m_puppet)) {
        const std::string &one = m_puppet.pictures[static_cast<std::size_t>(d.one)].file,
                          &other = m_puppet.pictures[static_cast<std::size_t>(d.other)].file;
        Finding f{sheetRow("pictures"), {schema::RefKind::picture, one, other, false}, one, d.one_mm, d.other_mm};
        f.other = nameOf(one), f.also = nameOf(other);
        add(std::move(f));
    }
}

void Finder::pairs() {
    for (std::size_t i = 0; i < m_puppet.measures.size(); ++i) {
        const body::Measure& m = m_puppet.measures[i];
        if (!m.measured_mm || !m.other_mm ||
            std::abs(*m.measured_mm - *m.other_mm) <= std::max(kPairApart_mm, kPairShare * *m.measured_mm))
            continue;
        // Measures have no ids: of several with one name which of them it is.
        int same = 1;
        for (std::size_t k = 0; k < i; ++k)
            same += m_puppet.measures[k].name == m.name;
        add({sheetRow("pair"),
             {schema::RefKind::measure, m.name, same > 1 ? std::to_string(same) : std::string(), false},
             m.name,
             *m.measured_mm,
             *m.other_mm,
             *m.measured_mm - *m.other_mm});
    }
}

void Finder::swallowed() {
    for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
        const body::Limb& limb = m_puppet.limbs[i];
        bool drawn = false, left = false;
        for (const fill::Part& p : m_r.choice.parts) {
            if (p.mass >= 0) continue;
            const body::Link& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
            if (limbOf(link) != i) continue;
            drawn = drawn || !limb.segments[static_cast<std::size_t>(link.segment)].sections.empty();
            left = left || p.volume_mm3 > 0;
        }
        if (drawn && !left) add({sheetRow("swallowed"), limbRef(static_cast<int>(i)), limb.name});
    }
}

} // namespace enkinet::findings
