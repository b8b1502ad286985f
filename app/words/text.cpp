#include "words/text.h"
#include "base/gauge.h"
#include "base/text.h"
#include "base/units.h"
#include "document/document.h"
#include "document/translated.h"
#include <QDate>
#include <QLocale>
#include <QTime>
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::app {

namespace {
bool g_inches = false;
bool g_fahrenheit = false;
// Before anything is said, whoever makes the window.
[[maybe_unused]] const bool g_asked = (setShownQuantities(Text::shown), true); // clazy:exclude=non-pod-global-static
} // namespace

std::optional<QString> Text::shown(double value, Dimension dimension, int digits, bool unit) {
    if (digits < 0 && unit) {
        const int places = decimalsOf(digits);
        if (dimension == Dimension::length) return length(value, places);
        if (dimension == Dimension::heat) return temperature(value);
        if (dimension == Dimension::angle) return tr("%1°").arg(number(value, places));
        if (dimension == Dimension::minutes) return minutes(value);
        return {};
    }
    const auto in = [&](double shownValue, const QString& shownUnit) {
        const QString n = QString::fromStdString(plain(shownValue, 4)).replace('.', QLocale().decimalPoint());
        return unit ? n + ' ' + shownUnit : n;
    };
    if (dimension == Dimension::length && g_inches) return in(value / kMmPerInch, tr("in"));
    if (dimension == Dimension::heat && g_fahrenheit) return in(shownHeat(value), heatUnit());
    return {};
}

void Text::setInches(bool inches) { g_inches = inches; }
bool Text::inches() { return g_inches; }

QString Text::number(double v, int decimals) {
    if (!std::isfinite(v)) return tr("no number");
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    QString text = locale.toString(v, 'f', decimals);
    // What is nothing at so many places has no sign.
    if (v < 0 && std::none_of(text.begin(), text.end(), [](QChar c) { return c.digitValue() > 0; }))
        text = locale.toString(0.0, 'f', decimals);
    return text;
}

QString Text::figure(double v) {
    if (!std::isfinite(v)) return tr("no number");
    const double a = std::abs(v);
    return number(v, a >= 99.5 ? 0 : a >= 9.95 ? 1 : 2);
}

QString Text::fraction(double inches, int parts) {
    if (!std::isfinite(inches)) return tr("no number");
    const auto all = static_cast<long long>(std::llround(std::abs(inches) * parts));
    const long long whole = all / parts, left = all % parts, shared = std::gcd(left, static_cast<long long>(parts));
    const QString sign = inches < 0 && all > 0 ? QStringLiteral("-") : QString();
    if (left == 0) return sign + QString::number(whole);
    const QString part = QString("%1/%2").arg(left / shared).arg(parts / shared);
    return sign + (whole > 0 ? QString("%1 %2").arg(whole).arg(part) : part);
}

QString Text::length(double mm, int decimals) {
    if (!g_inches) return tr("%1 mm").arg(number(mm, decimals));
    const double in = mm / kMmPerInch;
    // As a rule is read, where a sixteenth or a thirty-second says it to 0.4 mm; what is measured finer stays decimal.
    constexpr double kReadOff_in = 1;
    if (!(std::abs(in) >= kReadOff_in)) return tr("%1 in").arg(number(in, decimals + 1));
    const bool coarse = std::abs(in * 16 - std::round(in * 16)) < 0.2;
    return tr("%1 in").arg(fraction(in, coarse ? 16 : 32));
}
QString Text::grams(double g) {
    if (g > 0 && g < 0.005) return tr("under 0.01 g");
    return tr("%1 g").arg(number(g, g < 0.095 ? 2 : g < 9.95 ? 1 : 0));
}
QString Text::diameter(double mm) {
    const auto gauge = [&](GaugeSystem system) {
        const NearestGauge g = findNearestGauge(system, mm);
        return QString::fromStdString(gaugeName(g.number));
    };
    return tr("%1 (near AWG %2, SWG %3)").arg(length(mm, 2), gauge(GaugeSystem::awg), gauge(GaugeSystem::swg));
}
QString Text::spoolName(const document::Spool& s) {
    const QString name = QString::fromStdString(s.name), tail = QString::fromStdString(" " + plain(s.diameter_mm));
    return name.endsWith(tail) ? name.chopped(tail.size()) : name;
}
QString Text::spool(const document::Spool& s) {
    const QString name = spoolName(s);
    const bool own = name == QString::fromStdString(s.name);
    return (own ? tr("%1, %2", "a spool, its diameter") : tr("%1 %2", "a metal, its diameter"))
        .arg(name, length(s.diameter_mm, 2));
}
QString Text::weights(const fill::Totals& t) {
    QStringList of;
    for (const auto& [name, g] : {std::pair{tr("skin %1"), t.skin_g},
                                  {tr("bulk %1"), t.bulk_g},
                                  {tr("cover %1"), t.cover_g},
                                  {tr("weighed pieces %1"), t.piece_g},
                                  {tr("wire %1"), t.wire_g}})
        if (g > 0) of << name.arg(grams(g));
    return tr("Weighs %1: %2.").arg(grams(t.mass_g()), of.join(tr(", ")));
}

void Text::setFahrenheit(bool fahrenheit) { g_fahrenheit = fahrenheit; }
bool Text::fahrenheit() { return g_fahrenheit; }
double Text::shownHeat(double C) { return g_fahrenheit ? 1.8 * C + 32 : C; }
double Text::heatInC(double shown) { return g_fahrenheit ? (shown - 32) / 1.8 : shown; }
QString Text::heatUnit() { return g_fahrenheit ? tr("°F") : tr("°C"); }
QString Text::temperature(double C) {
    return tr("%1 %2", "degrees, their unit").arg(number(shownHeat(C), 0), heatUnit());
}
QString Text::warmth(double C) {
    return tr("%1 %2", "degrees, their unit").arg(number(g_fahrenheit ? 1.8 * C : C, 1), heatUnit());
}
QString Text::degrees(double rad, int decimals) { return tr("%1°").arg(number(radToDeg(rad), decimals)); }

QString Text::minutes(double min) {
    if (!std::isfinite(min)) return tr("no number");
    const int m = static_cast<int>(std::lround(min));
    if (m < 90) return tr("%1 min").arg(m);
    if (m < 48 * 60) return m % 60 ? tr("%1 h %2 min").arg(m / 60).arg(m % 60) : tr("%1 h").arg(m / 60);
    return tr("%1 days").arg(number(m / 1440.0, 1));
}

QString Text::hours(double min) { return min < 90 ? minutes(min) : tr("%1 h").arg(number(min / 60, 0)); }

QString Text::weekdayName(std::int64_t day) { return QLocale().dayName(weekday(day) + 1, QLocale::ShortFormat); }

QString Text::dayName(std::int64_t day) {
    return QLocale().toString(QDate(1970, 1, 1).addDays(day), tr("d MMM", "QDate's format of a day"));
}

QString Text::clock(Minute at) {
    const int m = static_cast<int>(at - dayOf(at) * kDay);
    return QLocale().toString(QTime(m / 60, m % 60), "HH:mm");
}

QString Text::dayTime(Minute at) {
    return tr("%1 %2, %3", "weekday, day, hour").arg(weekdayName(dayOf(at)), dayName(dayOf(at)), clock(at));
}

QString Text::money(double amount, const std::string& currency) {
    return number(amount, 2) + " " + QString::fromStdString(currency);
}

QString Text::state(choice::State s) {
    switch (s) {
    case choice::State::crowded:
        return tr("crowded");
    case choice::State::slack:
        return tr("slack");
    case choice::State::stiff:
        return tr("stiff");
    case choice::State::springy:
        return tr("springy");
    case choice::State::tired:
        return tr("tired");
    case choice::State::holds:
        return tr("holds");
    case choice::State::not_checked:
        return tr("not checked");
    }
    return {};
}

QString Text::stateMeaning(choice::State s) {
    switch (s) {
    case choice::State::crowded:
        return tr("does not fit inside, or bulk meets bulk");
    case choice::State::slack:
        return tr("would sag");
    case choice::State::stiff:
        return tr("a hand or the clay cannot take it");
    case choice::State::springy:
        return tr("comes back too far");
    case choice::State::tired:
        return tr("breaks too early");
    case choice::State::holds:
        return tr("keeps its pose and lasts");
    case choice::State::not_checked:
        return tr("nothing is posed here, and what it carries is not worked out");
    }
    return {};
}

QString Text::station(results::Station s) {
    switch (s) {
    case results::Station::sheet:
        return tr("Sheet");
    case results::Station::wire:
        return tr("Wire");
    case results::Station::bulk:
        return tr("Bulk");
    case results::Station::skin:
        return tr("Skin");
    case results::Station::paint:
        return tr("Paint");
    case results::Station::plan:
        return tr("Plan");
    case results::Station::shoot:
        return tr("Shoot");
    case results::Station::bench:
        return tr("Bench");
    }
    return {};
}

QString Text::zone(paint::Zone zone, double from, double to) {
    switch (zone) {
    case paint::Zone::everywhere:
        break;
    case paint::Zone::front:
        return tr("in front");
    case paint::Zone::back:
        return tr("at the back");
    case paint::Zone::stretch:
        return tr("from %1 to %2 %").arg(number(100 * from, 0), number(100 * to, 0));
    case paint::Zone::recess:
        return tr("in the recesses");
    case paint::Zone::ridge:
        return tr("on the ridges");
    case paint::Zone::features:
        return tr("on what sits there");
    }
    return {};
}

QString Text::mask(paint::Zone zone) {
    switch (zone) {
    case paint::Zone::front:
    case paint::Zone::back:
        return tr("Mask along the sides first, low-tack tape pressed down; off while the coat is still soft.");
    case paint::Zone::stretch:
        return tr("Mask both ends of the stretch first, low-tack tape pressed down; off while the coat is still soft.");
    case paint::Zone::features:
        return tr("Cover what is round it with a cut card, or paint it before it goes on.");
    case paint::Zone::recess:
        return tr("Run it in with a thin brush and wipe what stands high.");
    case paint::Zone::ridge:
        return tr("With a nearly dry brush, flat across the ridges.");
    case paint::Zone::everywhere:
        break;
    }
    return {};
}

QString Text::role(paint::Role r) {
    switch (r) {
    case paint::Role::primer:
        return tr("primer");
    case paint::Role::base:
        return tr("base");
    case paint::Role::wash:
        return tr("wash");
    case paint::Role::dry_brush:
        return tr("dry-brush");
    case paint::Role::varnish:
        return tr("varnish");
    }
    return {};
}

QString Text::aim(body::Aim a) {
    switch (a) {
    case body::Aim::simple:
        return tr("simplest to make");
    case body::Aim::life:
        return tr("longest life");
    case body::Aim::light:
        return tr("lightest");
    case body::Aim::easy:
        return tr("easiest to pose");
    case body::Aim::spools:
        return tr("fewest spools");
    case body::Aim::cheap:
        return tr("cheapest");
    }
    return {};
}

QString Text::kind(body::LimbKind k) {
    using body::LimbKind;
    switch (k) {
    case LimbKind::spine:
        return tr("spine");
    case LimbKind::arm:
        return tr("arm");
    case LimbKind::leg:
        return tr("leg");
    case LimbKind::finger:
        return tr("finger");
    case LimbKind::tail:
        return tr("tail");
    case LimbKind::neck:
        return tr("neck");
    case LimbKind::wing:
        return tr("wing");
    case LimbKind::ear:
        return tr("ear");
    case LimbKind::jaw:
        return tr("jaw");
    case LimbKind::other:
        return tr("limb");
    }
    return {};
}

QString Text::seen(body::Seen from) {
    switch (from) {
    case body::Seen::front:
        return tr("the front");
    case body::Seen::back:
        return tr("behind");
    case body::Seen::left:
        return tr("the left");
    case body::Seen::right:
        return tr("the right");
    case body::Seen::below:
        return tr("below");
    }
    return {};
}

QString Text::openPoint(const findings::Finding& f) { return capital(translated(f.sentence())); }

QString Text::sided(const body::Limb& limb, const QString& name, bool right) {
    return !limb.mirrored ? name : (right ? tr("right %1") : tr("left %1")).arg(name);
}

QString Text::capital(const Phrase& label) { return capital(translated(label)); }

QString Text::capital(QString text) {
    if (!text.isEmpty()) text[0] = text[0].toUpper();
    return text;
}

} // namespace enkinet::app
