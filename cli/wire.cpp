#include "base/gauge.h"
#include "base/rules.h"
#include "base/text.h"
#include "base/units.h"
#include "commands.h"
#include "wire/whip.h"
#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

namespace {

struct Options {
    std::string material;
    std::string diameterText;
    double diameter = 0, forming = 0, lay = 0, gap = 0, angle = 0, edge = 1.3, set = 0.5;
    int strands = 1;
    std::string whip; ///< empty: a gap between stiff ends; else how a whip is posed
    bool toAndFro = false, json = false;
};

std::optional<Fault> findFault(const Options& o, bool laid) {
    for (const Limit& l :
         {Limit{words("gap"), o.gap, 0, 500, Dimension::length}, {words("angle"), o.angle, 0, 180, Dimension::angle}})
        if (!(l.value > l.low && l.value <= l.high))
            return Fault{words("wire"), words("%1 %2", l.name, quantity(l.value, l.dimension)),
                         words("must be above 0 and at most %1", l.high)};
    if (auto f = findBeyond(words("wire"), {{words("edge"), o.edge, 1, 3},
                                            {words("set"), o.set, 0.05, 5, Dimension::angle},
                                            {words("forming bends"), o.forming, 0, 1e6}}))
        return f;
    if (laid && !(o.lay > 0))
        return Fault{words("wire"), words("lay %1 mm", o.lay),
                     words("must be above 0; leave --lay out for parallel strands")};
    return {};
}

const char* statusWord(wire::BendStatus s) {
    switch (s) {
    case wire::BendStatus::ok:
        return "ok";
    case wire::BendStatus::too_tight:
        return "too_tight";
    case wire::BendStatus::lay_too_long:
        return "lay_too_long";
    case wire::BendStatus::breaks_at_once:
        break;
    }
    return "breaks_at_once";
}

files::Json wireJson(const Options& o, const wire::MaterialCard& card, const wire::Bundle& b, const wire::WireBend& r) {
    return {{"material", card.id},
            {"strands", b.strands},
            {"diameter_mm", b.diameter_mm},
            {"lay_mm", b.lay_mm > 0 ? files::Json(b.lay_mm) : files::Json(nullptr)},
            {"gap_mm", o.gap},
            {"angle_deg", o.angle},
            {"edge", o.edge},
            {"set_deg", o.set},
            {"bundle_diameter_mm", wire::findBundleDiameter(b)},
            {"lay_angle_deg", radToDeg(wire::findLayAngle(b))},
            {"take_up", wire::findTakeUp(b)},
            {"lock", numberJson(r.lock)},
            {"outer_strain", numberJson(r.outerStrain)},
            {"hold_moment_Nmm", numberJson(r.hold_Nmm)},
            {"bend_moment_Nmm", numberJson(r.weak_Nmm)},
            {"bend_moment_strong_Nmm", numberJson(r.strong_Nmm)},
            {"springback_deg", numberJson(radToDeg(r.springback_rad))},
            {"strain_factor", numberJson(r.strainFactor)},
            {"strain_factor_spread", wire::kStrainFactorSpread},
            {"bent_over_mm", numberJson(r.bent_mm)},
            {"strain_amplitude", numberJson(r.strainAmplitude)},
            {"twist_strain", numberJson(r.twistStrain)},
            {"twist_damage", numberJson(r.twistDamage)},
            {"life_cycles_median", numberJson(r.cyclesMedian)},
            {"life_cycles_nine_in_ten", numberJson(r.cyclesNine)},
            {"life_design_median", numberJson(r.designMedian)},
            {"life_design_nine_in_ten", numberJson(r.designNine)},
            {"estimated", wire::isEstimated(card)},
            {"mass_g_per_m", wire::findMassPerLength(b, card) * 1000},
            {"status", statusWord(r.status)}};
}

void wireRun(Options o, bool laid, Run& run) {
    const auto diameter = parseDiameter(o.diameterText);
    if (!diameter) return run.fail(diameter.fault());
    o.diameter = *diameter;
    const document::Cards* cards = run.cards();
    if (!cards) return;
    const auto card =
        std::find_if(cards->wires.begin(), cards->wires.end(), [&](const auto& c) { return c.id == o.material; });
    if (card == cards->wires.end()) {
        std::string known;
        for (const auto& c : cards->wires)
            known += (known.empty() ? "" : ", ") + c.id;
        return run.fail(
            Fault{words("wire"), words("card \"%1\"", o.material), words("is not known; there are %1", known)});
    }
    if (const auto fault = findFault(o, laid)) return run.fail(*fault);
    const auto bundle = wire::makeBundle({o.strands, o.diameter, o.lay});
    if (!bundle) return run.fail(bundle.fault());
    const double angle = degToRad(o.angle);
    const wire::GapBend bend{o.gap, angle, o.toAndFro ? 2 * angle : angle, o.edge, degToRad(o.set), o.forming};
    wire::Whip whip;
    whip.bundle = *bundle, whip.posing = o.whip == "along" ? wire::Posing::along : wire::Posing::by_tip;
    const wire::WireBend r =
        o.whip.empty() ? wire::calcWireBend(*card, *bundle, bend) : wire::calcWhipBend(*card, whip, bend);
    if (o.json) {
        std::cout << wireJson(o, *card, *bundle, r).dump(1) << "\n";
        return;
    }
    fmt::print("{} x {} mm {}, {}, {} {} mm, bent {} {} degrees: {}\n", bundle->strands, plain(bundle->diameter_mm),
               card->name,
               bundle->strands == 1 ? "single"
               : bundle->lay_mm > 0 ? "lay " + plain(bundle->lay_mm, 4) + " mm"
                                    : "parallel",
               o.whip.empty() ? "over a gap of" : "a whip of", plain(o.gap), o.toAndFro ? "to plus and minus" : "0 to",
               plain(o.angle), statusWord(r.status));
    if (r.status == wire::BendStatus::too_tight) {
        fmt::print("  outer strain {:.3f} is above {}: no numbers\n", r.outerStrain, wire::kStrainLimit);
        return;
    }
    fmt::print("  holds        {:.1f} N·mm ({} degrees of set)\n  bends with   {:.1f} N·mm, {:.1f} in the worst "
               "direction\n  springs back {:.2f} degrees\n",
               r.hold_Nmm, plain(o.set), r.weak_Nmm, r.strong_Nmm, radToDeg(r.springback_rad));
    if (!o.whip.empty()) fmt::print("  gathers over {:.2f} mm at its tightest\n", r.bent_mm);
    if (r.status == wire::BendStatus::lay_too_long) {
        fmt::print("  a turn is more than three times as long as the gap: no life is predicted\n");
        return;
    }
    fmt::print("  lasts        {:.0f} cycles in nine joints of ten (median {:.0f}), over-bent by the springback {:.0f} "
               "({:.0f})\n",
               r.cyclesNine, r.cyclesMedian, r.designNine, r.designMedian);
    fmt::print("  {} behind all; the strain factor {:.2f} is known to 15 %\n",
               card->typical ? "typical table values" : "measured values", r.strainFactor);
    if (wire::isEstimated(*card))
        fmt::print(
            "  estimated: the card's n' lies outside 0.10 to 0.20, for which the worst direction and torsion were "
            "worked out\n");
}

} // namespace

void addWire(CLI::App& program, Run& run) {
    CLI::App* sub = program.add_subcommand("wire", "one bundle in one gap: hold, effort, springback, life");
    auto o = std::make_shared<Options>();
    sub->add_option("--material", o->material, "wire card, such as aluminium-soft")->required();
    sub->add_option("--diameter", o->diameterText, "of one strand: 1.5, 0.06 in, 14 awg, 16 swg")->required();
    sub->add_option("--strands", o->strands, "1, 2, 3, 4 or 7")->capture_default_str();
    CLI::Option* lay = sub->add_option("--lay", o->lay, "length of one full turn, mm; left out: parallel strands");
    sub->add_option("--gap", o->gap, "free wire between the stiff ends, mm")->required();
    sub->add_option("--angle", o->angle, "bent from 0 to this, degrees")->required();
    sub->add_option("--edge", o->edge, "1.6 hard, 1.3 eased, 1.0 none")->capture_default_str();
    sub->add_option("--set", o->set, "movement that counts as slipping, degrees")->capture_default_str();
    sub->add_option("--forming", o->forming, "full bends to and fro spent while it is built")->capture_default_str();
    sub->add_flag("--to-and-fro", o->toAndFro, "bent as far the other way too");
    sub->add_option("--whip", o->whip,
                    "no stiff ends: the gap is the whole free length, bent by its \"tip\" or shaped "
                    "\"along\"")
        ->check(CLI::IsMember({"tip", "along"}));
    sub->add_flag("--json", o->json, "one JSON object");
    sub->callback([o, lay, &run] { wireRun(*o, lay->count() > 0, run); });
}

} // namespace enkinet::cli
