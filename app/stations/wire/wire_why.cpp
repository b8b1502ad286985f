#include "stations/wire/wire_why.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {

using choice::State;

double valueOf(const choice::Verdict& v, const choice::Demand& d, State s) {
    switch (s) {
    case State::slack:
        return v.bend.hold_Nmm;
    case State::stiff:
        return v.effort_Nmm;
    case State::springy:
        return v.springback_rad;
    case State::tired:
        return v.life_s;
    default:
        return d.room_mm;
    }
}

} // namespace

Why whyOf(const Document& document, int limbIndex, int demand, State state) {
    const results::Report& r = document.report();
    const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(limbIndex)];
    const auto k = static_cast<std::size_t>(demand);
    const choice::Demand& d = l.demands[k];
    const choice::Verdict& v = l.verdicts[k];
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    const choice::Trial& trial = choice::findTrial(l, c, k);
    const wire::BendTable& table = r.stock.tableOf(c.spool);
    const wire::Calibration& tested = r.stock.calibrationOf(c.spool);
    const QString card = QString::fromStdString(table.card().name);
    const QString made = Text::wire(trial.bundle, table.card().name),
                  by = l.pinned ? Text::tr("picked by you") : Text::tr("chosen by Enkinet");
    const QString gap = Text::tr("a free gap of %1, drawn").arg(Text::length(d.gap_mm));
    const QString wire = Text::tr("%1, %2").arg(made, by);
    Why w;
    switch (state) {
    case State::slack:
        w.title = Text::tr("Why %1 N·mm of %2").arg(Text::figure(v.bend.hold_Nmm), Text::figure(d.needed_Nmm));
        w.chain << Text::tr("holds: the largest moment that leaves no more than %1 behind, which you set")
                       .arg(Text::degrees(d.set_rad, 1))
                << wire << gap
                << Text::tr("wanted: %1 times the load, your safety")
                       .arg(Text::number(document.puppet().wants.holdFactor, 2))
                << Text::load(d, document.puppet());
        break;
    case State::stiff:
        w.title = d.nearDecides
                      ? Text::tr("Why %1 of %2 N·mm").arg(Text::figure(v.effort_Nmm), Text::figure(d.effortLimit_Nmm))
                      : Text::tr("Why %1 of %2 N").arg(Text::figure(v.effort_N), Text::figure(d.effortLimit_N()));
        w.chain << Text::tr("bending: the moment at %1, the strands lying as they resist most")
                       .arg(Text::degrees(d.angle_rad))
                << wire << gap;
        if (d.clayPlastic_Nmm > 0)
            w.chain << Text::tr("soft clay round the joint adds %1 N·mm").arg(Text::figure(d.clayPlastic_Nmm));
        w.chain << (d.nearDecides
                        ? Text::tr("allowed: the other hand gives %1 N on a lever of %2, and steadies the near side")
                              .arg(Text::figure(d.near.force_N), Text::length(d.near.lever_mm))
                    : d.far.dents ? Text::tr("allowed: the clay dents at %1 N, on a lever of %2")
                                        .arg(Text::figure(d.far.force_N), Text::length(d.lever_mm))
                                  : Text::tr("allowed: fingers give %1 N here, your limit, on a lever of %2")
                                        .arg(Text::figure(d.far.force_N), Text::length(d.lever_mm)));
        break;
    case State::springy:
        w.title = Text::tr("Why %1 of %2").arg(Text::degrees(v.springback_rad, 1), Text::degrees(d.springLimit_rad, 1));
        w.chain
            << Text::tr("springs back: what the wire stores at %1, given back when the hand lets go")
                   .arg(Text::degrees(d.angle_rad))
            << wire << gap
            << Text::tr("stiffness: %1 GPa, from the card %2").arg(Text::figure(table.card().youngs_MPa / 1000), card);
        break;
    case State::tired:
        w.title = Text::tr("Why %1 of %2 s of film").arg(Text::figure(v.life_s), Text::figure(d.needFilm_s));
        w.chain << Text::tr("lasts: %1 bends that nine in ten such joints reach, half of them %2")
                       .arg(Text::figure(v.bend.designNine), Text::figure(v.bend.designMedian))
                << (d.fromPoses
                        ? Text::tr("each pass through the shot's poses")
                        : Text::tr("each bend over %1, its springback over-bent").arg(Text::degrees(d.range_rad)))
                << Text::tr("strained %1 % at the outside, %2")
                       .arg(Text::figure(100 * v.bend.designAmplitude), Text::edge(d.edge))
                << wire << gap
                << Text::tr("%1 bends a second of film, your acting and retakes").arg(Text::figure(d.movesPerSecond));
        if (v.bend.twistDamage > 0)
            w.chain << Text::tr("twisting has spent %1 % before").arg(Text::number(100 * v.bend.twistDamage, 0));
        if (v.bend.formingDamage > 0)
            w.chain << Text::tr("building has spent %1 % before").arg(Text::number(100 * v.bend.formingDamage, 0));
        break;
    default:
        w.title =
            Text::tr("Why %1 of %2")
                .arg(Text::length(wire::findBundleDiameter(trial.bundle)), Text::length(std::max(0.0, d.room_mm)));
        w.chain
            << Text::tr("across: %1 lying together").arg(Text::bundle(trial.bundle)) << wire
            << Text::tr(
                   "room: the part's half-widths as drawn, less skin, cover and a millimetre of cover for the wire");
        if (d.gapNeeded_mm > 0)
            w.chain << Text::tr("stiff ends need %1 of gap at full bend").arg(Text::length(d.gapNeeded_mm));
        w.sureness = Text::tr("Geometry: as sure as the drawing.");
        return w;
    }
    // By a hundredth at a time on the same model.
    std::vector<std::pair<QString, double>> movers;
    const double before = valueOf(v, d, state);
    const auto turn = [&](const QString& name, choice::Demand other, wire::Bundle bundle) {
        constexpr double kStep = 0.01;
        const double after = valueOf(choice::judge(other, table, bundle, tested, trial.spunDamage), other, state);
        if (std::isfinite(after) && before > 0)
            movers.emplace_back(name, std::log(after / before) / std::log(1 + kStep));
    };
    if (!d.whip) {
        choice::Demand x = d;
        x.gap_mm *= 1.01;
        turn(Text::tr("gap 1 % longer"), x, trial.bundle);
        x = d, x.angle_rad *= 1.01, x.range_rad *= 1.01;
        turn(Text::tr("1 % more bend"), x, trial.bundle);
        if (state == State::tired) {
            x = d, x.edge *= 1.01;
            turn(Text::tr("edge 1 % harder"), x, trial.bundle);
            x = d, x.movesPerSecond *= 1.01;
            turn(Text::tr("1 % more bends a second"), x, trial.bundle);
        }
        wire::Bundle b = trial.bundle;
        b.diameter_mm *= 1.01, b.lay_mm *= 1.01;
        turn(Text::tr("wire 1 % thicker"), d, b);
    }
    w.movers = sayMovers(movers);
    const bool life = state == State::tired;
    const bool any = life ? tested.hasLife() : tested.hangTests > 0;
    const double spread = life ? tested.lifeScatter : tested.holdLnSpread;
    w.sureness = !any ? Text::tr("From the card's table values: two in three such wires lie within a factor of %1.")
                            .arg(Text::number(std::exp(spread), 2))
                      : Text::tr("From your tests of this spool (%1): two in three lie within a factor of %2.")
                            .arg(Text::tests(tested), Text::number(std::exp(spread), 2));
    w.test = life
                 ? Text::tr("What would narrow it most: bend a piece of this spool over %1 to and fro until it breaks, "
                            "and count.")
                       .arg(Text::length(d.gap_mm))
                 : Text::tr("What would narrow it most: hang weights on a piece of this spool until it creeps.");
    return w;
}

} // namespace enkinet::app
