#pragma once
// The program's sentences: numbers by locale with their unit and what they are compared to, wires and states in words.
#include "base/calendar.h"
#include "checks/proportions.h"
#include "document/translated.h"
#include "results/remedies.h"
#include "results/report.h"
#include <QCoreApplication>
#include <QString>

namespace enkinet::app {

class Document;
class Shown;

/// Numbers and words for people. Lengths follow the chosen unit.
class Text {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::Text)
public:
    /// In the unit that was chosen; none: in the core's own.
    static std::optional<QString> shown(double value, Dimension dimension, int digits, bool unit);
    static void setInches(bool inches);
    static bool inches();
    /// Inches as whole ones and a fraction in lowest terms, such as "9 7/16", to the nearest of so many parts.
    static QString fraction(double inches, int parts);

    static QString number(double value, int decimals);
    /// Three figures, no exponent.
    static QString figure(double value);
    static QString length(double mm, int decimals = 1);
    /// A strand's diameter with the gauges that come nearest: "1.60 mm (near AWG 14, SWG 16)".
    static QString diameter(double mm);
    /// What the builder calls it, and its diameter, said once: "soft aluminium 0.80 mm", "the old coil, 1.50 mm".
    static QString spool(const document::Spool& spool);
    /// The first half of that.
    static QString spoolName(const document::Spool& spool);
    static QString grams(double g);
    static void setFahrenheit(bool fahrenheit);
    static bool fahrenheit();
    /// Degrees C in the degrees that are shown, and back.
    static double shownHeat(double C);
    static double heatInC(double shown);
    static QString heatUnit();
    static QString temperature(double C);
    /// A difference of temperatures.
    static QString warmth(double C);
    static QString seen(body::Seen from);
    /// What a puppet weighs, and of what; the parts add up to the whole.
    static QString weights(const fill::Totals& totals);
    static QString degrees(double rad, int decimals = 0);
    static QString minutes(double min);
    /// Of work, which has no days: "65 h".
    static QString hours(double min);
    /// "Mon 30 Nov, 10:00"; the weekday; the day; the hour.
    static QString dayTime(Minute at);
    static QString weekdayName(std::int64_t day);
    static QString dayName(std::int64_t day);
    static QString clock(Minute at);
    static QString money(double amount, const std::string& currency);

    static QString state(choice::State state);
    static QString stateMeaning(choice::State state);
    static QString station(results::Station station);
    /// Where a coat goes; empty for everywhere.
    static QString zone(paint::Zone zone, double from, double to);
    /// What is covered while a coat of a place goes on; empty where nothing is.
    static QString mask(paint::Zone zone);
    static QString role(paint::Role role);
    static QString aim(body::Aim aim);
    static QString kind(body::LimbKind kind);
    /// A name at the head of a sentence.
    static QString capital(QString text);
    static QString capital(const std::string& name) { return capital(QString::fromStdString(name)); }
    static QString capital(const Phrase& label);
    /// "left knee": a name of a limb or of what is on it, with its side where the limb has two.
    static QString sided(const body::Limb& limb, const QString& name, bool right);

    /// "2 of 2.0 mm".
    static QString bundle(const wire::Bundle& bundle);
    /// "2 strands of 2.0 mm soft aluminium, 13 mm a turn".
    static QString wire(const wire::Bundle& bundle, const std::string& card);
    /// The wire of a limb, with the places where strands end.
    static QString limbWire(const body::Limb& limb, const choice::LimbChoice& choice,
                            const choice::Candidate& candidate, const std::string& card);
    /// The same in one short line: "7→3→1 of 0.5 mm annealed copper".
    static QString shortWire(const choice::LimbChoice& choice, const choice::Candidate& candidate,
                             const std::string& card);
    /// How the feet share the weight and how far the tips droop.
    static QString footing(const choice::PuppetChoice& choice);
    /// Why a limb has wire, or needs none.
    static QString wireReason(const choice::WireReason& reason);
    /// Why a limb has none, in three words.
    static QString noWire(const choice::WireReason& reason);
    /// One joint's sentence for a state: "holds 48 of 31 N·mm needed".
    static QString verdict(choice::State state, const choice::Demand& demand, const choice::Verdict& verdict,
                           const wire::Bundle& bundle);
    /// What a joint carries, and of what case it comes.
    static QString load(const choice::Demand& demand, const body::Puppet& puppet);
    /// What is not so while a plan is carried out; thing and step: in words.
    /// The poses that the wire was chosen for.
    static QString madeFor(const body::Puppet& puppet);
    /// The verdict as a whole sentence of its own.
    static QString sentence(choice::State state, const choice::Demand& demand, const choice::Verdict& verdict,
                            const wire::Bundle& bundle);
    static QString openPoint(const findings::Finding& point);
    static QString whyLay(const wire::Bundle& bundle, double gap_mm);
    /// Chance that no wire breaks, or why it is not said.
    static QString chance(const body::Puppet& puppet, const choice::PuppetChoice& choice);
    static QString edge(double factor);
    /// What a wire's numbers rest on: its tests by kind, or the card alone.
    static QString tests(const wire::Calibration& known);

    /// Two lines: the change, and what comes of it.
    static QString remedy(const results::Remedy& remedy, const Shown& of);
    static QString remedyChange(const results::Remedy& remedy, const Shown& of);
    /// Name of a wire card; its id only where no such card is left.
    static QString wireName(const std::string& card, const Shown& of);

    static QString step(const make::Step& step);
    static QString reason(make::Reason reason);
    /// What the piece is held by meanwhile; empty where it needs nothing.
    static QString grip(const make::Step& step);
    /// One check of a freeze gate, with its numbers.
    static QString gateItem(const make::GateItem& item);
    /// The same, with Stop before it where it stops.
    static QString gateLine(const make::GateItem& item);
    static QString caution(make::Caution caution);
};

/// Name of the wire card of a spool.
std::string cardName(const document::Production& production, const results::Report& report, int spool);

} // namespace enkinet::app
