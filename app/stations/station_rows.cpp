#include "stations/station_rows.h"
#include "document/translated.h"
#include "fill/oven.h"
#include "stations/layers/part_in_hand.h"
#include "widgets/look.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>
#include <optional>

namespace enkinet::app {

namespace {

constexpr double kNoFigure = std::numeric_limits<double>::quiet_NaN();
constexpr double kLeastMargin = 0.05; ///< what is missed by far is drawn so

QString cm3(double mm3) { return Text::tr("%1 cm³").arg(Text::figure(mm3 / 1000)); }

/// A number that nothing limits.
LimitTable::Row plainRow(const QString& name, const QString& is) {
    return {name, is, QString(), kNoFigure, true, look().ink};
}
LimitTable::Row atLeast(const QString& name, const QString& is, const QString& wanted, double margin) {
    return {name, is, Text::tr("at least %1").arg(wanted), margin, true, look().slack};
}
LimitTable::Row atMost(const QString& name, const QString& is, const QString& wanted, double margin) {
    return {name, is, Text::tr("at most %1").arg(wanted), margin, false, look().slack};
}

const fill::Part& partOf(const Document& d, int part) {
    return d.report().choice.parts[static_cast<std::size_t>(part)];
}

/// The part's skin a hundredth thicker, and its body a hundredth wider.
std::vector<Turn> shapeTurns(const Document& d, int part) {
    const fill::Part& p = partOf(d, part);
    const document::PartRef ref = refOf(d, part);
    std::vector<Turn> turns;
    if (p.layers.skin_mm > 0)
        turns.push_back({Text::tr("skin 1 % thicker"), [ref, layers = p.layers](const document::Edits& e) mutable {
                             body::Layers thicker = layers;
                             thicker.skin_mm *= 1.01;
                             return e.setLayers(ref, thicker);
                         }});
    if (p.mass < 0)
        turns.push_back({Text::tr("half-widths 1 % more"), [ref](const document::Edits& e) {
                             return e.setLimb(ref.limb, [&](body::Limb& l) {
                                 for (body::Section& s : l.segments[static_cast<std::size_t>(ref.segment)].sections)
                                     s.a_mm *= 1.01, s.b_mm *= 1.01;
                             });
                         }});
    if (p.mass >= 0) {
        const body::Mass& m = d.puppet().masses[static_cast<std::size_t>(
            d.report().choice.skeleton.masses[static_cast<std::size_t>(p.mass)].mass)];
        if (m.shape != body::MassShape::weighed)
            turns.push_back({Text::tr("1 % larger"), [id = m.id, half = m.half_mm](const document::Edits& e) {
                                 return e.setMassSize(id, 1.01 * half);
                             }});
    }
    return turns;
}

Reading readPart(int part, double (*of)(const fill::Part&)) {
    return [part, of](const results::Report& r) {
        return part < static_cast<int>(r.choice.parts.size()) ? of(r.choice.parts[static_cast<std::size_t>(part)])
                                                              : kNoFigure;
    };
}

/// How thick the clay was said to be: of the part, and whether some places have their own.
QString typedSkin(const Document& d, const fill::Part& p) {
    const QString all = Text::tr("skin of %1, typed").arg(Text::length(p.layers.skin_mm));
    if (p.mass >= 0) return all;
    const body::Link& link = d.report().choice.rest.links[static_cast<std::size_t>(p.link)];
    const int limb = d.report().choice.rest.copies[static_cast<std::size_t>(link.copy)].limb;
    const auto& stations =
        d.puppet().limbs[static_cast<std::size_t>(limb)].segments[static_cast<std::size_t>(link.segment)].sections;
    return std::any_of(stations.begin(), stations.end(), [](const body::Section& s) { return s.skin_mm.has_value(); })
               ? Text::tr("%1; some places have their own thickness").arg(all)
               : all;
}
QString drawnWidths() { return Text::tr("the half-widths, as drawn or typed at Sheet"); }
QString cardOf(const std::string& name) { return Text::tr("from the card %1").arg(QString::fromStdString(name)); }

} // namespace

std::vector<StationRow> rowsOfSheet(const Document& d) {
    const results::Report& r = d.report();
    std::vector<StationRow> rows;
    int joints = 0, hold = 0;
    for (const choice::LimbChoice& l : r.choice.limbs)
        for (const choice::Verdict& v : l.verdicts)
            ++joints, hold += v.state() == choice::State::holds;
    if (joints > 0) {
        Why w;
        w.title = Text::tr("Why %1 of %2 joints").arg(hold).arg(joints);
        w.chain << Text::tr(
                       "a joint holds when its wire keeps the pose, can be bent by hand, springs back little enough, "
                       "lasts and fits inside")
                << Text::tr("left and right are made alike and count once")
                << Text::tr("each joint's own table stands at Wire");
        rows.push_back(
            {atLeast(Text::tr("joints hold"), Text::tr("%1 of %2").arg(hold).arg(joints), QString::number(joints),
                     hold == joints ? 1 : std::max(kLeastMargin, double(hold) / joints)),
             w});
    }
    if (const auto& b = r.things.base; b && !b->fixed) {
        Why w;
        w.title = Text::tr("Why %1 inside the edge").arg(Text::length(b->leaned_mm));
        w.chain << Text::tr("upright its weight stands %1 inside the base's nearest edge").arg(Text::length(b->edge_mm))
                << Text::tr("it leans by %1, which you set, with its middle %2 above the base")
                       .arg(Text::degrees(d.puppet().wants.lean_rad), Text::length(b->centre.y, 0))
                << Text::tr("wanted: a tenth of the base's least width");
        w.sureness = Text::tr("Geometry: as sure as the drawing.");
        rows.push_back({atLeast(Text::tr("stands in by"), Text::length(b->leaned_mm), Text::length(b->wanted_mm),
                                std::max(kLeastMargin, b->leaned_mm / std::max(1e-9, b->wanted_mm))),
                        w,
                        {{Text::tr("1 % taller"),
                          [h = d.puppet().height_mm](const document::Edits& e) { return e.setHeight(1.01 * h); }},
                         {Text::tr("1 % less lean"),
                          [wants = d.puppet().wants](const document::Edits& e) {
                              body::Wants x = wants;
                              x.lean_rad *= 0.99;
                              return e.setWants(x);
                          }}},
                        [](const results::Report& x) { return x.things.base ? x.things.base->leaned_mm : kNoFigure; }});
    }
    const fill::Totals& t = r.choice.totals;
    Why w;
    w.title = Text::tr("Why %1").arg(Text::grams(t.mass_g()));
    for (const auto& [words, g] : {std::pair{Text::tr("%1 of clay, by volume and the cards' densities"), t.skin_g},
                                   {Text::tr("%1 of bulk under it"), t.bulk_g},
                                   {Text::tr("%1 of cloth, fur and feathers, by area"), t.cover_g},
                                   {Text::tr("%1 of pieces that you weighed"), t.piece_g},
                                   {Text::tr("%1 of wire, by length and gauge"), t.wire_g}})
        if (g > 0) w.chain << words.arg(Text::grams(g));
    w.sureness = Text::tr("Clay differs from its card by some per cent: weigh a lump of known size.");
    rows.push_back({plainRow(Text::tr("weighs"), Text::grams(t.mass_g())),
                    w,
                    {{Text::tr("1 % taller"),
                      [h = d.puppet().height_mm](const document::Edits& e) { return e.setHeight(1.01 * h); }}},
                    [](const results::Report& x) { return x.choice.totals.mass_g(); }});
    return rows;
}

std::vector<StationRow> rowsOfBulk(const Document& d, int part) {
    const results::Report& r = d.report();
    std::vector<StationRow> rows;
    if (part < 0) return rows;
    const fill::Part& p = partOf(d, part);
    if (p.mass < 0) {
        const body::Link& link = r.choice.rest.links[static_cast<std::size_t>(p.link)];
        const int limb = r.choice.rest.copies[static_cast<std::size_t>(link.copy)].limb;
        const auto& joints = d.puppet().limbs[static_cast<std::size_t>(limb)].joints;
        for (const choice::Demand& x : r.choice.limbs[static_cast<std::size_t>(limb)].demands) {
            if ((x.joint != link.segment && x.joint != link.segment + 1) || x.gapNeeded_mm <= 0) continue;
            const body::Joint& j = joints[static_cast<std::size_t>(x.joint)];
            Why w;
            w.title = Text::tr("Why %1 of %2").arg(Text::length(j.gap_mm), Text::length(x.gapNeeded_mm));
            w.chain << Text::tr("gap: as drawn or typed at Wire")
                    << Text::tr(
                           "wanted: what stiff layers beside it need when it is bent by %1: their half-width times "
                           "the angle")
                           .arg(Text::degrees(x.angle_rad))
                    << drawnWidths();
            w.sureness = Text::tr("Geometry: as sure as the drawing.");
            rows.push_back({atLeast(Text::tr("gap, %1").arg(QString::fromStdString(j.name)), Text::length(j.gap_mm),
                                    Text::length(x.gapNeeded_mm), j.gap_mm / x.gapNeeded_mm),
                            w});
        }
    }
    if (p.bulk.mass_g > 0) {
        const fill::BulkCard& card = r.shelf.bulks.at(p.layers.bulk);
        Why w;
        w.title = Text::tr("Why %1").arg(Text::grams(p.bulk.mass_g));
        w.chain << Text::tr("%1 between the wire and the skin, ending short of the gaps").arg(cm3(p.bulk.volume_mm3))
                << Text::tr("%1 g/cm³, %2").arg(Text::number(card.density_g_cm3, 2), cardOf(card.name))
                << typedSkin(d, p) << drawnWidths();
        w.sureness = Text::tr("How hard you press it decides: weigh one part and compare.");
        rows.push_back({plainRow(Text::tr("weighs"), Text::grams(p.bulk.mass_g)), w, shapeTurns(d, part),
                        readPart(part, [](const fill::Part& x) { return x.bulk.mass_g; })});
    }
    return rows;
}

std::vector<StationRow> rowsOfSkin(const Document& d, int part) {
    const results::Report& r = d.report();
    std::vector<StationRow> rows;
    if (part < 0 || partOf(d, part).layers.clay.empty()) return rows;
    const fill::Part& p = partOf(d, part);
    const fill::ClayCard& c = r.shelf.clays.at(p.layers.clay);
    const auto thickness = [&](const QString& title) {
        Why w;
        w.title = title;
        w.chain << typedSkin(d, p)
                << Text::tr("never more than what is there: %1 to %2 from the middle to the surface")
                       .arg(Text::length(p.thinnest_mm), Text::length(p.thickest_mm))
                << drawnWidths() << Text::tr("wanted: %1").arg(cardOf(c.name));
        w.sureness = Text::tr("Typical of such clays; the product's own sheet goes before it.");
        return w;
    };
    rows.push_back({atLeast(Text::tr("thinnest"), Text::length(p.skinLeast_mm), Text::length(c.thinnest_mm),
                            p.skinLeast_mm / std::max(1e-9, c.thinnest_mm)),
                    thickness(Text::tr("Why %1 at its thinnest").arg(Text::length(p.skinLeast_mm)))});
    rows.push_back({atMost(Text::tr("thickest"), Text::length(p.skinMost_mm), Text::length(c.thickest_mm),
                           c.thickest_mm / std::max(1e-9, p.skinMost_mm)),
                    thickness(Text::tr("Why %1 at its thickest").arg(Text::length(p.skinMost_mm)))});
    for (const fill::CuredPart& x : r.cured) {
        if (x.part != part || !(x.tip_N > 0)) continue;
        const double asked = x.tip_N / std::max(1e-9, x.margin());
        Why w;
        w.title = Text::tr("Why %1 of %2 N").arg(Text::figure(x.tip_N), Text::figure(asked));
        w.chain << Text::tr("breaks: %1 N·mm at %2 % along, over its length")
                       .arg(Text::figure(x.strength_Nmm), Text::number(100 * x.at, 0))
                << Text::tr("the section of cured clay with its wire there, %1").arg(drawnWidths())
                << Text::tr("%1 MPa, %2").arg(Text::figure(c.rupture_MPa), cardOf(c.name))
                << Text::tr("asked: a knock by its own weight, %1 N·mm, or a hand, %2 N·mm, with half to spare")
                       .arg(Text::figure(x.knock_Nmm), Text::figure(x.handling_Nmm));
        w.test = Text::tr("What would narrow it most: break a rod of this clay at the bench.");
        rows.push_back({atLeast(Text::tr("once cured"), Text::tr("%1 N").arg(Text::figure(x.tip_N)),
                                Text::tr("%1 N").arg(Text::figure(asked)), x.margin()),
                        w, shapeTurns(d, part), [part](const results::Report& y) {
                            for (const fill::CuredPart& z : y.cured)
                                if (z.part == part) return z.tip_N;
                            return kNoFigure;
                        }});
    }
    for (std::size_t k = 0; k < p.coats.size(); ++k) {
        const fill::ClayCard& under = r.shelf.clays.at(p.clayOf(k));
        Why w;
        w.title = Text::tr("Why %1").arg(Text::grams(p.coats[k].mass_g));
        w.chain << Text::tr("%1 between what lies over it and what lies under it").arg(cm3(p.coats[k].volume_mm3))
                << Text::tr("%1 thick, typed").arg(Text::length(p.layers.coats[k].thickness_mm))
                << Text::tr("%1 g/cm³, %2").arg(Text::number(under.density_g_cm3, 2), cardOf(under.name))
                << drawnWidths();
        w.sureness = Text::tr("Clay differs from its card by some per cent: weigh a lump of known size.");
        rows.push_back({plainRow(Text::tr("coat %1 weighs").arg(k + 1), Text::grams(p.coats[k].mass_g)), w,
                        shapeTurns(d, part), [part, k](const results::Report& x) {
                            const auto at = static_cast<std::size_t>(part);
                            return at < x.choice.parts.size() && k < x.choice.parts[at].coats.size()
                                       ? x.choice.parts[at].coats[k].mass_g
                                       : kNoFigure;
                        }});
    }
    Why w;
    w.title = Text::tr("Why %1").arg(Text::grams(p.skin.mass_g));
    w.chain << Text::tr("%1 between the surface and what lies under it").arg(cm3(p.skin.volume_mm3)) << typedSkin(d, p);
    if (p.layers.relief > 0)
        w.chain << Text::tr("folds and muscles add %1 %, typed").arg(Text::number(100 * p.layers.relief, 0));
    w.chain << Text::tr("%1 g/cm³, %2").arg(Text::number(c.density_g_cm3, 2), cardOf(c.name)) << drawnWidths();
    w.sureness = Text::tr("Clay differs from its card by some per cent: weigh a lump of known size.");
    rows.push_back(
        {plainRow(p.coats.empty() ? Text::tr("weighs") : Text::tr("the skin weighs"), Text::grams(p.skin.mass_g)), w,
         shapeTurns(d, part), readPart(part, [](const fill::Part& x) { return x.skin.mass_g; })});
    return rows;
}

namespace {

/// Minutes that a load gets over those that it needs; 0 where it is not hot within a day.
double timeMargin(const fill::Bake& b) {
    return std::isnan(b.needed_min) ? 0 : b.minutes / std::max(1.0, +b.needed_min);
}

/// The load that comes nearest to being too short.
StationRow rowOfMinutes(const Document& d, std::size_t load) {
    const results::Report& r = d.report();
    const fill::Bake& b = r.bakePlan.bakes[load];
    const fill::Part& p = partOf(d, b.slowest);
    const fill::ClayCard& c = fill::findBakedClay(p, r.shelf, b.stateOf(b.slowest, p));
    const bool never = std::isnan(b.needed_min);
    const QString needed = never ? Text::tr("more than a day") : Text::minutes(b.needed_min);
    Why w;
    w.title = Text::tr("Why %1").arg(needed);
    if (r.bakePlan.bakes.size() > 1)
        w.chain << Text::tr("the tightest of %n load(s)", nullptr, static_cast<int>(r.bakePlan.bakes.size()));
    w.chain << Text::tr("the innermost clay of the %1 within %2 of the %3 that its card asks, then %4 of "
                        "soak")
                   .arg(translated(p.label), Text::warmth(fill::kNearSet_C), Text::temperature(c.set_C),
                        Text::minutes(c.soak_min))
            << Text::tr("%1 of clay on a core of %2 where it is thickest")
                   .arg(Text::length(p.bakeSkin_mm), Text::length(p.bakeCore_mm))
            << Text::tr("the oven at %1").arg(Text::temperature(b.set_C))
            << (r.shelf.shop.fan ? Text::tr("the oven blows (fan), as you said")
                                 : Text::tr("still air in the oven, as you said"))
            << Text::tr("how clay takes up heat: typical, from measured clays");
    w.sureness = r.shelf.shop.oven.readings > 0
                     ? Text::tr("This oven was logged: %1 readings of a probe.").arg(r.shelf.shop.oven.readings)
                     : Text::tr("No probe has been in this oven.");
    w.test = Text::tr("What would narrow it most: a probe in the thickest part, once.");
    return {atLeast(Text::tr("in the oven"), Text::minutes(b.minutes), needed, std::max(kLeastMargin, timeMargin(b))),
            w, shapeTurns(d, b.slowest), [load](const results::Report& x) {
                return load < x.bakePlan.bakes.size() ? +x.bakePlan.bakes[load].needed_min : kNoFigure;
            }};
}

} // namespace

std::vector<StationRow> rowsOfOven(const Document& d) {
    const results::Report& r = d.report();
    const auto& bakes = r.bakePlan.bakes;
    std::vector<StationRow> rows;
    std::optional<std::size_t> tightest;
    for (std::size_t i = 0; i < bakes.size(); ++i)
        if (bakes[i].slowest >= 0 && (!tightest || timeMargin(bakes[i]) < timeMargin(bakes[*tightest]))) tightest = i;
    if (tightest) rows.push_back(rowOfMinutes(d, *tightest));
    if (const fill::HeatEntry* e = r.bakePlan.worst(); e && e->limit_min > 0) {
        const fill::Part& hot = partOf(d, e->part);
        Why w;
        w.title = Text::tr("Why %1 of %2 min").arg(Text::number(e->atHeat_min, 0), Text::number(e->limit_min, 0));
        w.chain << Text::tr("the %1 is in %n load(s); minutes with its surface within %2 of the set point are added up",
                            nullptr, e->bakes)
                       .arg(translated(hot.label), Text::warmth(fill::kHot_C))
                << Text::tr("allowed: %1")
                       .arg(cardOf(r.shelf.clays.at(hot.clayOf(static_cast<std::size_t>(e->coat))).name));
        w.sureness = Text::tr("Typical of such clays; the product's own sheet goes before it.");
        rows.push_back({atMost(Text::tr("heat spent"), Text::tr("%1 min").arg(Text::number(e->atHeat_min, 0)),
                               Text::tr("%1 min").arg(Text::number(e->limit_min, 0)),
                               e->limit_min / std::max(1e-9, e->atHeat_min)),
                        w});
    }
    // The clay that comes nearest to scorching, whichever load it is in.
    const fill::Bake* hottest = nullptr;
    const fill::ClayCard* scorched = nullptr;
    double left = 0;
    const double room = r.shelf.shop.room_C;
    for (const fill::Bake& b : bakes)
        for (int part : b.parts) {
            const fill::Part& p = partOf(d, part);
            for (std::size_t k = 0; k < b.stateOf(part, p).on; ++k) {
                const fill::ClayCard& c = r.shelf.clays.at(p.clayOf(k));
                if (!(c.scorch_C > 0)) continue;
                const double margin = (c.scorch_C - room) / std::max(1.0, fill::calcPeak(r.shelf, b.set_C) - room);
                if (!scorched || margin < left) hottest = &b, scorched = &c, left = margin;
            }
        }
    if (scorched) {
        const double peak = fill::calcPeak(r.shelf, hottest->set_C);
        Why w;
        w.title = Text::tr("Why %1").arg(Text::temperature(peak));
        w.chain << Text::tr("the oven at %1").arg(Text::temperature(hottest->set_C))
                << (r.shelf.shop.oven.readings > 0
                        ? Text::tr("it swings by %1, by its probe").arg(Text::warmth(r.shelf.shop.oven.swing_C))
                        : Text::tr("how far it swings is not known: no probe has been in it"))
                << Text::tr("allowed: %1 scorches at %2, by its card")
                       .arg(QString::fromStdString(scorched->name), Text::temperature(scorched->scorch_C));
        rows.push_back(
            {atMost(Text::tr("hottest"), Text::temperature(peak), Text::temperature(scorched->scorch_C), left), w});
    }
    return rows;
}

std::vector<StationRow> rowsOfCover(const Document& d, int part) {
    const results::Report& r = d.report();
    std::vector<StationRow> rows;
    if (part < 0 || !(partOf(d, part).covered_mm2 > 0)) return rows;
    const fill::Part& p = partOf(d, part);
    const fill::CoverCard& card = r.shelf.covers.at(p.layers.cover);
    const QString area = Text::tr("%1 cm²").arg(Text::figure(p.covered_mm2 / 100));
    int pieces = 0;
    double flat = 0, off = 0;
    for (const fill::Pattern& x : r.patterns)
        if (x.part == part)
            pieces += x.pieces, flat += x.pieces * x.area_mm2, off = std::max(off, x.exact ? 0 : x.areaError);
    Why w;
    w.title = Text::tr("Why %1").arg(area);
    w.chain << (p.mass >= 0
                    ? Text::tr("the whole finished surface")
                    : Text::tr("the finished surface from %1 to %2 %, typed")
                          .arg(Text::number(100 * p.layers.coverFrom, 0), Text::number(100 * p.layers.coverTo, 0)))
            << drawnWidths();
    if (pieces > 0)
        w.chain << Text::tr(
                       "its pattern, cut half way through the thickness: %n piece(s), %1 cm² without seams, within "
                       "%2 %",
                       nullptr, pieces)
                       .arg(Text::figure(flat / 100), Text::number(100 * off, 1));
    else if (p.mass >= 0)
        w.chain << Text::tr("no pattern: a box's six faces are cut as they measure");
    w.sureness = Text::tr("Geometry: as sure as the drawing.");
    rows.push_back({plainRow(Text::tr("takes"), area), w, shapeTurns(d, part),
                    readPart(part, [](const fill::Part& x) { return x.covered_mm2; })});
    Why g;
    g.title = Text::tr("Why %1").arg(Text::grams(p.cover.mass_g));
    g.chain << Text::tr("%1 of it").arg(area)
            << Text::tr("%1 g/m², %2").arg(Text::number(card.mass_g_m2, 0), cardOf(card.name));
    rows.push_back({plainRow(Text::tr("weighs"), Text::grams(p.cover.mass_g)), g});
    return rows;
}

std::vector<StationRow> rowsOfPaint(const Document& d, int part) {
    const results::Report& r = d.report();
    std::vector<StationRow> rows;
    const auto painted =
        std::find_if(r.painted.begin(), r.painted.end(), [&](const checks::PaintedPart& x) { return x.part == part; });
    if (part < 0 || painted == r.painted.end() || painted->laid.empty()) return rows;
    const fill::Part& p = partOf(d, part);
    double ml = 0, dry = 0;
    const paint::Laid* hiding = nullptr;
    for (const paint::Laid& l : painted->laid) {
        ml += l.ml, dry += l.dry_min;
        if (l.role == paint::Role::base || l.role == paint::Role::primer) hiding = &l;
    }
    if (hiding) {
        Why w;
        w.title = Text::tr("Why ΔE %1").arg(Text::number(hiding->off, 1));
        w.chain << Text::tr("%1 in %n coat(s) over what lies below", nullptr, hiding->coats)
                       .arg(QString::fromStdString(hiding->card->name))
                << Text::tr("how much of it a coat hides, %1").arg(cardOf(hiding->card->name))
                << Text::tr("it stands out from what it goes on by ΔE %1").arg(Text::number(hiding->contrast, 0));
        w.sureness = Text::tr("By a layer model of pigment and film; your own chip goes before it.");
        w.test = Text::tr("What would narrow it most: a chip of it over white and black, dried.");
        rows.push_back({plainRow(Text::tr("off its colour"), Text::tr("ΔE %1").arg(Text::number(hiding->off, 1))), w});
    }
    Why w;
    w.title = Text::tr("Why %1 ml").arg(Text::number(ml, 1));
    for (const paint::Laid& l : painted->laid)
        w.chain << Text::tr("%1: %2 ml in %n coat(s) on %3 % of it", nullptr, l.coats)
                       .arg(QString::fromStdString(l.card->name), Text::number(l.ml, 1),
                            Text::number(100 * l.share, 0));
    w.chain << Text::tr("%1 cm² that no cloth covers, with its folds")
                   .arg(Text::figure(p.bare_mm2() * paint::kRelief / 100))
            << Text::tr("what a litre covers, from the cards");
    w.sureness = Text::tr("A brush takes its share too: take a tenth more.");
    rows.push_back({plainRow(Text::tr("takes"), Text::tr("%1 ml").arg(Text::number(ml, 1))), w, shapeTurns(d, part),
                    [part](const results::Report& x) {
                        for (const checks::PaintedPart& y : x.painted)
                            if (y.part == part) {
                                double all = 0;
                                for (const paint::Laid& l : y.laid)
                                    all += l.ml;
                                return all;
                            }
                        return kNoFigure;
                    }});
    Why t;
    t.title = Text::tr("Why %1").arg(Text::minutes(dry));
    for (const paint::Laid& l : painted->laid)
        t.chain << Text::tr("%1: %n coat(s), %2 to dry, %3", nullptr, l.coats)
                       .arg(QString::fromStdString(l.card->name), Text::minutes(l.dry_min), cardOf(l.card->name));
    rows.push_back({plainRow(Text::tr("dry in"), Text::minutes(dry)), t});
    return rows;
}

} // namespace enkinet::app
