// What the stations' tables say, against a second way to it: the numbers that a why names give the number it is about,
// the oven's rows are missed where the plan leaves clay raw, and a shot's rows are the worst of that shot.
#include "stations/shoot/shoot_page.h"
#include "stations/station_rows.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "words/text.h"
#include <QRegularExpression>

using app::StationRow;
using results::Station;

namespace {

const StationRow* findRow(const std::vector<StationRow>& rows, const QString& name) {
    for (const StationRow& r : rows)
        if (r.shown.name == name) return &r;
    return nullptr;
}
/// The first number of a text.
double numberIn(const QString& text) {
    const auto found = QRegularExpression("-?[0-9]+(\\.[0-9]+)?").match(text);
    INFO(text.toStdString());
    REQUIRE(found.hasMatch());
    return found.captured().toDouble();
}
/// The number before a unit in the first line of a chain that has one.
double before(const QStringList& chain, const QString& unit) {
    const QRegularExpression pattern("([0-9]+(\\.[0-9]+)?) " + QRegularExpression::escape(unit));
    for (const QString& line : chain)
        if (const auto found = pattern.match(line); found.hasMatch()) return found.captured(1).toDouble();
    INFO(unit.toStdString() << " in " << chain.join("; ").toStdString());
    FAIL("no such number");
    return 0;
}
/// Grams as they are shown, against what was worked out; under a tenth of one the volume shown is too coarse.
void checkGrams(const QString& shown, double g) {
    INFO(shown.toStdString() << " against " << g);
    CHECK(std::abs(numberIn(shown) - g) <= std::max(0.012, g < 9.95 ? 0.051 + 0.03 * g : 0.51 + 0.01 * g));
}
/// The puppet's wants changed, and the results there.
void want(Desk& desk, const std::function<void(body::Wants&)>& mutate) {
    body::Wants wants = desk.document().puppet().wants;
    mutate(wants);
    REQUIRE(desk.document().change("wants", [&](const document::Edits& e) { return e.setWants(wants); }));
    Desk::settle();
}

} // namespace

TEST_CASE("What a why names gives the grams, the cloth and the paint it is about, on every part of all three") {
    Desk desk;
    int boxes = 0, skins = 0, bulks = 0, covers = 0, paints = 0;
    for (int puppet = 0; puppet < 3; ++puppet) {
        desk.document().showPuppet(puppet);
        Desk::settle();
        const results::Report& r = desk.report();
        double cloth = 0, ml = 0;
        for (int i = 0; i < static_cast<int>(r.choice.parts.size()); ++i) {
            INFO(r.choice.parts[nth(i)].label.english());
            // Volume times density.
            for (const auto& [rows, count] : {std::pair{app::rowsOfSkin(desk.document(), i), &skins},
                                              std::pair{app::rowsOfBulk(desk.document(), i), &bulks}})
                if (const StationRow* w = findRow(rows, "weighs")) {
                    ++*count;
                    checkGrams(w->shown.is, before(w->why.chain, "cm³") * before(w->why.chain, "g/cm³"));
                }
            // Area times grams a square metre; what is laid flat is no more than its surface and a twentieth.
            const auto cover = app::rowsOfCover(desk.document(), i);
            if (const StationRow* takes = findRow(cover, "takes")) {
                ++covers;
                const StationRow* w = must(findRow(cover, "weighs"));
                const double cm2 = numberIn(takes->shown.is);
                checkGrams(w->shown.is, cm2 * 1e-4 * before(w->why.chain, "g/m²"));
                CHECK(before(w->why.chain, "cm²") == cm2);
                if (r.choice.parts[nth(i)].label == "satchel") {
                    CHECK(takes->why.chain.join(" ").contains("six faces"));
                    ++boxes;
                } else {
                    CHECK(before(takes->why.chain, "cm² without seams") < 1.05 * cm2);
                }
                cloth += cm2 * 1e-4 * before(w->why.chain, "g/m²");
            }
            // Coats on an area, by what a litre covers; only washes and brushed coats take less.
            const auto painted = app::rowsOfPaint(desk.document(), i);
            if (const StationRow* takes = findRow(painted, "takes")) {
                ++paints;
                const double cm2 = before(takes->why.chain, "cm²");
                double sum = 0;
                for (const checks::PaintedPart& p : r.painted)
                    if (p.part == i)
                        for (std::size_t k = 0; k < p.laid.size(); ++k) {
                            const paint::Laid& l = p.laid[k];
                            const QString& line = takes->why.chain[static_cast<int>(k)];
                            sum += l.ml;
                            if (l.role != paint::Role::base && l.role != paint::Role::primer) continue;
                            const double share = before({line}, "% of it") / 100, coats = before({line}, "coat");
                            CHECK(before({line}, "ml") ==
                                  Approx(coats * share * cm2 / (10 * l.card->coverage_m2_l)).margin(0.06));
                        }
                CHECK(numberIn(takes->shown.is) == Approx(sum).margin(0.051));
                ml += sum;
            }
        }
        CHECK(cloth == Approx(r.choice.totals.cover_g).epsilon(0.01).margin(0.02));
        double bought = 0;
        for (const make::SchemeWork& s : r.schemes)
            for (const paint::Laid& l : s.laid)
                bought += l.ml;
        CHECK(ml == Approx(bought).epsilon(1e-9));
    }
    CHECK(skins > 20);
    CHECK(bulks > 10);
    CHECK(covers > 3);
    CHECK(boxes == 1);
    CHECK(paints > 10);
}

TEST_CASE("The oven's rows follow the tightest load, a load that never gets hot is missed, and a swing is a probe's") {
    Desk desk;
    const auto rows = [&] { return app::rowsOfOven(desk.document()); };
    const StationRow whole = *findRow(rows(), "in the oven");
    CHECK(whole.shown.margin >= 1);
    CHECK(desk.report().bakePlan.raw.empty());
    CHECK(numberIn(whole.shown.is) >= numberIn(whole.shown.wanted));
    // Two loads, the second of them too short: it is the one that is told of.
    body::OvenLoad head, rest;
    head.name = "head", head.masses = {"head"};
    rest.name = "the rest";
    for (const body::Limb& l : desk.document().puppet().limbs)
        rest.limbs.push_back(l.id);
    for (const body::Mass& m : desk.document().puppet().masses)
        if (m.id != "head") rest.masses.push_back(m.id);
    rest.minutes = 9;
    want(desk, [&](body::Wants& w) { w.bakes = body::BakeSchool::own, w.loads = {head, rest}; });
    CHECK_FALSE(desk.report().bakePlan.raw.empty());
    StationRow now = *findRow(rows(), "in the oven");
    CHECK(now.shown.is == "9 min");
    CHECK(now.shown.margin == Approx(9 / numberIn(now.shown.wanted)).epsilon(0.02));
    // Colder than the clay's own: never.
    want(desk, [&](body::Wants& w) { w.loads[1].set_C = 95, w.loads[1].minutes = 600; });
    CHECK_FALSE(desk.report().bakePlan.raw.empty());
    now = *findRow(rows(), "in the oven");
    CHECK(now.shown.wanted.contains("more than a day"));
    CHECK(now.shown.margin < 1);
    // As long as each takes: nothing raw, nothing missed.
    want(desk, [&](body::Wants& w) { w.loads[1].set_C = 0, w.loads[1].minutes = 0; });
    CHECK(desk.report().bakePlan.raw.empty());
    CHECK(findRow(rows(), "in the oven")->shown.margin >= 1);

    // A swing that no probe has read counts for nothing; one that was read does, and scorches where the gate says so.
    const auto swing = [&](double by_C, int readings) {
        fill::Shop shop = desk.document().production().stock.shop;
        shop.oven = {};
        shop.oven.swing_C = by_C, shop.oven.readings = readings;
        REQUIRE(desk.document().change("oven", [&](const document::Edits& e) { return e.setShop(shop); }));
        Desk::settle();
        return *findRow(rows(), "hottest");
    };
    const StationRow unread = swing(0, 0), read = swing(25, 30);
    CHECK_FALSE(unread.why.chain.join(" ").contains("by its probe"));
    CHECK(read.why.chain.join(" ").contains("by its probe"));
    CHECK(numberIn(read.shown.is) == numberIn(unread.shown.is) + 25);
    for (double by : {0.0, 8.0, 15.0, 25.0, 35.0}) {
        const StationRow hot = swing(by, 30);
        INFO("swings by " << by);
        const auto& open = desk.report().open;
        const bool said = std::any_of(open.begin(), open.end(), [&](const findings::Finding& p) {
            return p.is("not-in-oven") && p.subject.english() == "firm grey clay";
        });
        const bool scorches =
            std::any_of(desk.report().plan.steps.begin(), desk.report().plan.steps.end(), [](const make::Step& s) {
                return std::any_of(s.gate.begin(), s.gate.end(),
                                   [](const make::GateItem& g) { return g.stop && g.check == make::Check::scorches; });
            });
        CHECK((hot.shown.margin < 1) == (said || scorches));
        CHECK((hot.shown.margin < 1) == (numberIn(hot.shown.is) > numberIn(hot.shown.wanted)));
    }
}

TEST_CASE("A shot's rows are the joints that have spent most after that very shot, the most spent first") {
    Desk desk(Station::shoot);
    auto* page = must(desk.window.findChild<app::ShootPage*>());
    REQUIRE(QTest::qWaitFor([&] { return page->job().state() != nullptr; }, kPatience_ms));
    const int shots = static_cast<int>(desk.document().production().shots.size());
    int told = 0;
    for (int shot = 0; shot < shots; ++shot) {
        page->setShot(shot);
        Desk::settle();
        std::vector<double> after;
        for (const shoot::WearRow& w : page->job().state()->film.ledger.rows)
            if (w.puppet == 0 && w.shot == shot) after.push_back(w.level);
        std::sort(after.rbegin(), after.rend());
        const auto& rows = desk.find<app::StationTable>("shootTable")->rows();
        INFO("shot " << shot);
        REQUIRE(rows.size() == std::min<std::size_t>(4, after.size()));
        for (std::size_t i = 0; i < rows.size(); ++i, ++told)
            CHECK(rows[i].shown.is == app::Text::tr("%1 %").arg(app::Text::number(100 * after[i], 0)));
    }
    CHECK(told > 4);
}

TEST_CASE("A length or a fraction that is no number is said to be none") {
    const double none = std::numeric_limits<double>::quiet_NaN();
    app::Text::setInches(true);
    CHECK(app::Text::length(none).contains("no number"));
    CHECK(app::Text::fraction(none, 16) == "no number");
    CHECK(app::Text::fraction(std::numeric_limits<double>::infinity(), 16) == "no number");
    app::Text::setInches(false);
    CHECK(app::Text::length(none).contains("no number"));
}
