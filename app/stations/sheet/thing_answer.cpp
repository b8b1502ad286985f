#include "stations/sheet/thing_answer.h"
#include "document/translated.h"
#include "words/text.h"
#include <QCoreApplication>
#include <cmath>

namespace enkinet::app {

using namespace body;

namespace {
struct Thing {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::ThingsTab)
};
} // namespace

QString thingAnswer(const Document& document, ThingKind kind, int index) {
    const checks::ThingsChecked& c = document.report().things;
    const auto i = static_cast<std::size_t>(std::max(0, index));
    QStringList words;
    if (kind == ThingKind::none)
        words << Thing::tr(
            "Nothing sits on the body yet. Take a part of the figure in hand and put on what it carries: an eye, "
            "teeth, a strap, a base under its feet, a letter in its hand.");
    if (kind == ThingKind::feature && i < c.features.size()) {
        const fill::FeatureWork& w = c.features[i];
        words << (w.first_g == w.last_g
                      ? Thing::tr("One weighs %1, all %2.").arg(Text::grams(w.first_g), Text::grams(w.mass_g))
                      : Thing::tr("The first weighs %1, the last %2, all %3.")
                            .arg(Text::grams(w.first_g), Text::grams(w.last_g), Text::grams(w.mass_g)));
        if (w.rows > 1) words << Thing::tr("%1 along, %2 rows round.").arg(w.alongCount).arg(w.rows);
        words << (std::isnan(w.minutes.value)
                      ? Thing::tr("Time one, and it says how long all take.")
                      : Thing::tr("%1 for all, %2 to %3.")
                            .arg(Text::minutes(w.minutes), Text::minutes(w.least_min), Text::minutes(w.most_min)));
        if (!std::isnan(w.breakEven.value))
            words << Thing::tr("A stamp or mould pays from %1.").arg(static_cast<int>(w.breakEven));
    }
    if (kind == ThingKind::base && c.base) {
        const checks::BaseCheck& b = *c.base;
        if (b.fixed) words << Thing::tr("The set's floor neither tips nor is pushed over.");
        if (!b.fixed)
            words << Thing::tr("Leaning, the weight stands %1 inside the edge; %2 are wanted.")
                         .arg(Text::length(b.leaned_mm), Text::length(b.wanted_mm));
        if (!b.fixed && !b.joint.empty())
            words
                << (b.stands >= checks::kTipSpare
                        ? Thing::tr(
                              "No hand pushes it over: posing the %1 takes %2 N at %3, and it stands %4 times that.")
                              .arg(translated(b.joint), Text::figure(b.push_N), Text::length(b.push_mm, 0),
                                   Text::figure(b.stands))
                    : b.leastWidth_mm > 2 * std::max(document.puppet().things.base->width_mm,
                                                     document.puppet().things.base->depth_mm)
                        ? Thing::tr("Posing the %1 takes %2 N at %3 and pushes any base of a sensible size over: clamp "
                                    "it, or "
                                    "keep the other hand on its near side.")
                              .arg(translated(b.joint), Text::figure(b.push_N), Text::length(b.push_mm, 0))
                        : Thing::tr(
                              "Posing the %1 takes %2 N at %3 and pushes it over. %4 wide or %5 heavy would stand; or "
                              "clamp it.")
                              .arg(translated(b.joint), Text::figure(b.push_N), Text::length(b.push_mm, 0),
                                   Text::length(b.leastWidth_mm, 0), Text::grams(b.leastWeight_g)));
        QStringList holes;
        for (const checks::Hole& h : b.holes)
            holes << Thing::tr("%1 %2, %3 deep")
                         .arg(translated(h.name), Text::length(h.diameter_mm), Text::length(h.depth_mm));
        if (!holes.isEmpty())
            words << Thing::tr("Holes: %1. Their places are printed at 1:1.").arg(holes.join(Thing::tr("; ")));
    }
    if (kind == ThingKind::bond && i < c.bonds.size()) {
        const checks::BondCheck& b = c.bonds[i];
        words << (b.weakest() < 0 ? Thing::tr("Not checked: give it a size, a depth, and a glue or a wire.")
                  : b.carried() < 1
                      ? Thing::tr("Does not hold: %1 % of what %2 N and %3 N·mm ask; %4.")
                            .arg(Text::number(100 * b.carried(), 0), Text::figure(b.force_N),
                                 Text::figure(b.moment_Nmm),
                                 translated(schema::labelOf(static_cast<checks::BondLimit>(b.weakest()))))
                      : Thing::tr("Holds, %1 times what %2 N and %3 N·mm ask.")
                            .arg(Text::figure(b.carried()), Text::figure(b.force_N), Text::figure(b.moment_Nmm)));
        // Degrees are no share of a force.
        if (b.failsBy(checks::BondLimit::heat))
            words << Thing::tr("Its glue stands %1, and a load at %2 is still to come.")
                         .arg(Text::temperature(b.margin[static_cast<std::size_t>(checks::BondLimit::heat)] * b.heat_C),
                              Text::temperature(b.heat_C));
        // What would hold here, on the shelf before what is not.
        QStringList holds;
        const auto& cards = document.report().cards->adhesives;
        for (const fill::GlueFit& g :
             fill::findGlues(cards, document.production().stock.glues, b.from, b.to, b.heat_C)) {
            const QString name = QString::fromStdString(cards[static_cast<std::size_t>(g.card)].name);
            holds << (g.onShelf ? Thing::tr("%1 (%2 MPa, on your shelf)") : Thing::tr("%1 (%2 MPa)"))
                         .arg(name, Text::figure(g.shear_MPa));
        }
        const QString faces =
            Thing::tr("%1 to %2").arg(translated(schema::labelOf(b.from)), translated(schema::labelOf(b.to)));
        words << (holds.isEmpty() ? Thing::tr("No glue on the cards holds %1: a pin, a wrap or a screw.").arg(faces)
                                  : Thing::tr("What holds %1: %2.").arg(faces, holds.join(Thing::tr(", "))));
        if (!std::isnan(b.wall_mm))
            words << Thing::tr("%1 of wall beside the hole, %2 at least.")
                         .arg(Text::length(b.wall_mm), Text::length(checks::kLeastWall_mm));
    }
    if (kind == ThingKind::sheet && i < c.sheets.size()) {
        const checks::SheetCheck& s = c.sheets[i];
        words << Thing::tr("%n of them, %1 each; cut them %2 long.", nullptr, s.count)
                     .arg(Text::grams(s.mass_g), Text::length(s.pattern_mm));
        if (!std::isnan(s.raw.value))
            words << (s.raw >= 1 ? Thing::tr("Carries itself raw.")
                                 : Thing::tr("Sags raw: mesh or wire inside, thicker, or propped until it is cured."));
        if (s.web) {
            words << Thing::tr("Between its limbs: %1 as built, %2 to %3 in what they do.")
                         .arg(Text::length(s.span_mm), Text::length(s.least_mm), Text::length(s.most_mm));
            words << (s.strain <= 0
                          ? Thing::tr("What it stands is not checked: cloth, or clay that never hardens.")
                          : Thing::tr("Stretched by %1 and folded to %2, it stands %3.")
                                .arg(Text::number(s.stretch, 3), Text::number(s.fold, 3), Text::number(s.strain, 3)));
        }
        if (s.leastRadius_mm > 0)
            words << Thing::tr("Cured it stands a bend to %1.").arg(Text::length(s.leastRadius_mm));
    }
    if (kind == ThingKind::run && i < c.runs.size()) {
        const checks::RunCheck& r = c.runs[i];
        words << Thing::tr("%1 of wall beside the wire at the narrowest, in the %2; %3 at least.")
                     .arg(Text::length(r.wall_mm), translated(r.wallAt), Text::length(checks::kLeastWall_mm));
        if (r.bend_mm > 0)
            words << Thing::tr("Bent to %1 at the %2.").arg(Text::length(r.bend_mm), translated(r.bendAt));
        words << Thing::tr("Low voltage only, and lit once before it is closed.");
    }
    return words.join(" ");
}

QString thingLine(const Document& document, ThingKind kind, int index) {
    const Things& t = document.puppet().things;
    const checks::ThingsChecked& c = document.report().things;
    const auto i = static_cast<std::size_t>(index);
    const auto name = findThingName(t, kind, index);
    const QString line = name ? QString::fromStdString(*name) : Thing::tr("base");
    if (kind == ThingKind::feature && i < c.features.size())
        return Thing::tr("%1: %2, %3").arg(line).arg(c.features[i].count()).arg(Text::grams(c.features[i].mass_g));
    if (kind == ThingKind::base && c.base) return Thing::tr("base: %1").arg(Text::grams(c.base->weight_g));
    if (kind == ThingKind::bond && i < c.bonds.size())
        return c.bonds[i].governs < 0                        ? Thing::tr("%1: not checked").arg(line)
               : c.bonds[i].failsBy(checks::BondLimit::heat) ? Thing::tr("%1: its glue lets go in the oven").arg(line)
               : c.bonds[i].failsBy(checks::BondLimit::wall)
                   ? Thing::tr("%1: its hole leaves too thin a wall").arg(line)
               : c.bonds[i].weakest() < 0  ? Thing::tr("%1: not checked").arg(line)
               : c.bonds[i].carried() >= 1 ? Thing::tr("%1: holds").arg(line)
               : c.bonds[i].weakest() == static_cast<int>(checks::BondLimit::droop)
                   ? Thing::tr("%1: droops more than it may").arg(line)
                   : Thing::tr("%1: holds %2 % of what it must").arg(line, Text::number(100 * c.bonds[i].carried(), 0));
    if (kind == ThingKind::sheet && i < c.sheets.size())
        return Thing::tr("%1: %2").arg(line, Text::grams(c.sheets[i].count * c.sheets[i].mass_g));
    if (kind == ThingKind::prop) return Thing::tr("%1: %2").arg(line, Text::grams(t.props[i].mass_g));
    return line;
}

} // namespace enkinet::app
