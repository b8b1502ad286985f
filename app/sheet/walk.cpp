#include "sheet/walk.h"
#include "document/translated.h"
#include "words/text.h"
#include <algorithm>

namespace enkinet::app {

namespace {
/// A part's own name; fingers' palm ends and their like are told apart by the limb that they belong to.
QString partName(const Document& document, const Selection& s) {
    const auto& parts = document.report().choice.parts;
    const Phrase& label = parts[static_cast<std::size_t>(partOf(document.report(), s))].label;
    const auto alike = std::count_if(parts.begin(), parts.end(), [&](const fill::Part& p) { return p.label == label; });
    const QString name = translated(label);
    if (alike < 2 || s.limb < 0) return name;
    return Text::tr("%1, %2").arg(
        name, QString::fromStdString(document.puppet().limbs[static_cast<std::size_t>(s.limb)].name));
}

/// The next of a row, from the one in hand; from either end where none is.
void walk(Document& document, const std::vector<Selection>& row, int step) {
    if (row.empty()) return;
    const auto n = static_cast<int>(row.size());
    int at = -1;
    for (int i = 0; i < n; ++i)
        if (row[static_cast<std::size_t>(i)] == document.selection()) at = i;
    document.select(row[static_cast<std::size_t>(at < 0 ? (step > 0 ? 0 : n - 1) : (at + step + n) % n)]);
}
} // namespace

void walkJoints(Document& document, int step) { walk(document, walkRow(document, Walk::joints), step); }

void walkParts(Document& document, int step) { walk(document, walkRow(document, Walk::parts), step); }

std::vector<Selection> walkRow(const Document& document, Walk along) {
    std::vector<Selection> row;
    if (!document.hasPuppet()) return row;
    const body::Skeleton& s = document.report().choice.skeleton;
    for (std::size_t i = 0; i < s.hinges.size() && along != Walk::parts; ++i) {
        const body::LimbCopy& c = s.copies[static_cast<std::size_t>(s.hinges[i].copy)];
        row.push_back({Selection::Kind::joint, c.limb, s.hinges[i].joint, c.right});
    }
    for (std::size_t i = 0; i < document.report().choice.parts.size() && along != Walk::joints; ++i)
        row.push_back(selectionOf(document.report(), static_cast<int>(i)));
    return row;
}

std::vector<Selection> gather(const Document& document, Together together) {
    const Selection& in = document.selection();
    std::vector<Selection> all;
    if (in.kind == Selection::Kind::none) return all;
    all.push_back(in);
    const body::Puppet& puppet = document.puppet();
    const auto& parts = document.report().choice.parts;
    const auto clayOf = [&](const Selection& one) {
        return parts[static_cast<std::size_t>(partOf(document.report(), one))].layers.clay;
    };
    for (const Selection& one : walkRow(document)) {
        if (one == in || one.kind == Selection::Kind::none) continue;
        const bool sameKind = one.kind == in.kind;
        bool with = false;
        switch (together) {
        case Together::limb:
            with = sameKind && one.limb >= 0 && one.limb == in.limb && one.right == in.right;
            break;
        case Together::kind:
            // The same place on every limb of its kind: all knuckles of all fingers.
            with = sameKind && one.limb >= 0 && in.limb >= 0 && one.index == in.index && one.right == in.right &&
                   puppet.limbs[static_cast<std::size_t>(one.limb)].kind ==
                       puppet.limbs[static_cast<std::size_t>(in.limb)].kind;
            break;
        case Together::sides:
            with = sameKind && one.limb == in.limb && one.index == in.index;
            break;
        case Together::clay:
            with = in.kind != Selection::Kind::joint && one.kind != Selection::Kind::joint && !clayOf(in).empty() &&
                   clayOf(one) == clayOf(in);
            break;
        }
        if (with) all.push_back(one);
    }
    return all;
}

int hingeOf(const results::Report& report, const Selection& one) {
    const body::Skeleton& s = report.choice.skeleton;
    for (std::size_t i = 0; i < s.hinges.size(); ++i) {
        const body::LimbCopy& c = s.copies[static_cast<std::size_t>(s.hinges[i].copy)];
        if (c.limb == one.limb && c.right == one.right && s.hinges[i].joint == one.index) return static_cast<int>(i);
    }
    return 0;
}

int partOf(const results::Report& report, const Selection& one) {
    for (std::size_t i = 0; i < report.choice.parts.size(); ++i)
        if (selectionOf(report, static_cast<int>(i)) == one) return static_cast<int>(i);
    return 0;
}

QString sentenceOf(const Document& document, const Selection& s, Side side) {
    if (!document.hasPuppet()) return {};
    const results::Report& r = document.report();
    switch (s.kind) {
    case Selection::Kind::joint: {
        const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(s.limb)];
        const QString name = side == Side::named
                                 ? translated(r.choice.skeleton.hinges[static_cast<std::size_t>(hingeOf(r, s))].label)
                                 : QString::fromStdString(document.puppet()
                                                              .limbs[static_cast<std::size_t>(s.limb)]
                                                              .joints[static_cast<std::size_t>(s.index)]
                                                              .name);
        for (std::size_t i = 0; i < l.verdicts.size(); ++i)
            if (l.demands[i].joint == s.index)
                return Text::tr("%1: %2, %3")
                    .arg(name, Text::state(l.verdicts[i].state()),
                         Text::verdict(
                             l.verdicts[i].state(), l.demands[i], l.verdicts[i],
                             choice::findTrial(l, l.candidates()[static_cast<std::size_t>(l.chosen)], i).bundle));
        return name;
    }
    case Selection::Kind::segment:
    case Selection::Kind::mass:
        return partName(document, s);
    case Selection::Kind::none:
        break;
    }
    return {};
}

Selection selectionOf(const results::Report& report, int part) {
    const body::Skeleton& s = report.choice.skeleton;
    const fill::Part& p = report.choice.parts[static_cast<std::size_t>(part)];
    if (p.mass >= 0) {
        const body::MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
        return {Selection::Kind::mass, -1, c.mass, c.right};
    }
    const body::Link& link = s.links[static_cast<std::size_t>(p.link)];
    const body::LimbCopy& c = s.copies[static_cast<std::size_t>(link.copy)];
    return {Selection::Kind::segment, c.limb, link.segment, c.right};
}

} // namespace enkinet::app
