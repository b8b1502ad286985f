// Twelve puppets of the film, each by another school, from the empty bench to print, plan and paint.
#include "document/translated.h"
#include "paint/schools.h"
#include "print/build_sheets.h"
#include "sheet/walk.h"
#include "stations/plan/plan_page.h"
#include "support/planned_desk.h"
#include "words/text.h"
#include <QFileInfo>
#include <QMenu>
#include <QPushButton>
#include <QTemporaryDir>

using results::Station;

namespace {

/// What its builder believes in: one row for each question on which builders disagree.
struct Job {
    const char *name, *kind, *size;
    body::Aim aim;           ///< metal and strands, by what is wanted of the wire
    int strands;             ///< at most
    bool steel;              ///< where joints move
    double edge;             ///< how the joint is bound
    body::Stiffening stiff;  ///< what holds the stretches that nobody poses
    const char *core, *clay; ///< empty: none
    body::BakeSchool bakes;
    body::Begin begin;
    body::BaseTurn base;
    body::Stage eyes;     ///< they go in before this
    paint::School school; ///< with its undercoat and its seal
};

using body::Aim, body::BakeSchool, body::Begin, body::BaseTurn, body::Stage, body::Stiffening, paint::School;

const Job kJobs[] = {
    {"Linnet Marsh", "biped", "220", Aim::simple, 7, false, 1.3, Stiffening::usual, "foil-firm", "firm-flesh",
     BakeSchool::once, Begin::head, BaseTurn::last, Stage::bake, School::wash_and_dry_brush},
    {"The Ferryman", "biped", "280", Aim::life, 7, false, 1.6, Stiffening::putty, "foil-beaten", "firm-grey",
     BakeSchool::staged, Begin::feet, BaseTurn::first, Stage::bake, School::out_of_the_dark},
    {"Pim", "biped", "140", Aim::light, 1, false, 1.3, Stiffening::bound, "foil-taped", "flexible-flesh",
     BakeSchool::once, Begin::body, BaseTurn::as_it_falls, Stage::paint, School::oil_over_acrylic},
    {"Widow Tern", "bird", "180", Aim::easy, 3, false, 1.3, Stiffening::usual, "foil-loose", "firm-white",
     BakeSchool::once, Begin::as_it_falls, BaseTurn::last, Stage::bake, School::wash_and_dry_brush},
    {"Grey Gander", "bird", "240", Aim::cheap, 7, true, 1.3, Stiffening::tube, "foam-soft", "air-dry-white",
     BakeSchool::once, Begin::feet, BaseTurn::first, Stage::cover, School::out_of_the_dark},
    {"Salt Ox", "quadruped", "190", Aim::spools, 7, true, 1.3, Stiffening::putty, "wood-lime", "putty-two-part",
     BakeSchool::once, Begin::feet, BaseTurn::first, Stage::paint, School::wash_and_dry_brush},
    {"Little Fen", "quadruped", "90", Aim::simple, 2, false, 1.0, Stiffening::usual, "foil-papered", "firm-ochre",
     BakeSchool::staged, Begin::body, BaseTurn::as_it_falls, Stage::bake, School::sheen},
    {"Mother Sedge", "biped", "260", Aim::life, 4, false, 1.3, Stiffening::bound, "putty-bulk", "flexible-flesh",
     BakeSchool::staged, Begin::head, BaseTurn::last, Stage::bake, School::oil_over_acrylic},
    {"Kelp", "serpent", "300", Aim::light, 7, false, 1.3, Stiffening::usual, "foil-firm", "oil-clay", BakeSchool::once,
     Begin::body, BaseTurn::first, Stage::shoot, School::sheen},
    {"Tide Drake", "winged", "320", Aim::life, 7, false, 1.3, Stiffening::usual, "foil-firm", "firm-grey",
     BakeSchool::staged, Begin::body, BaseTurn::last, Stage::bake, School::wash_and_dry_brush},
    {"The Bell Ringer", "biped", "200", Aim::easy, 4, true, 1.0, Stiffening::none, "", "firm-ochre", BakeSchool::once,
     Begin::head, BaseTurn::first, Stage::bake, School::out_of_the_dark},
    {"Brine", "serpent", "220", Aim::spools, 3, false, 1.6, Stiffening::putty, "foil-beaten", "putty-two-part",
     BakeSchool::once, Begin::head, BaseTurn::as_it_falls, Stage::paint, School::oil_over_acrylic},
};

/// Calls with each part in hand, a left and a right one once.
template <class Each> void withParts(Desk& desk, Each each) {
    for (std::size_t i = 0; i < desk.report().choice.parts.size(); ++i) {
        const app::Selection s = app::selectionOf(desk.report(), static_cast<int>(i));
        if (s.right || desk.report().choice.parts[i].volume_mm3 <= 0) continue;
        desk.take(s);
        each(desk.report().choice.parts[i]);
    }
}

void build(const Job& job) {
    INFO(job.name);
    Desk desk(false);
    desk.window.resize(1380, 960);
    desk.pickData("startWhich", job.kind);
    desk.type("startHeight", job.size);
    desk.click("startKind");
    auto& d = desk.document();
    REQUIRE(d.hasPuppet());
    d.change("name", [&](const document::Edits& e) { return e.setName(job.name); });
    Desk::settle();

    desk.pickData("aim", static_cast<int>(job.aim));
    desk.pickData("mostStrands", job.strands);
    desk.pickData("steelMayPose", job.steel);
    desk.station(Station::bulk);
    withParts(desk, [&](const fill::Part& p) {
        if (!p.layers.bulk.empty()) desk.pickData("bulk", QString(job.core));
    });
    desk.station(Station::skin);
    desk.tab("skinTabs", 0);
    withParts(desk, [&](const fill::Part& p) {
        if (!p.layers.clay.empty()) desk.pickData("clay", QString(job.clay));
    });
    desk.tab("skinTabs", 2);
    // Without clay for the oven there is nothing to choose.
    const bool bakes = fill::isOvenBaked(desk.report().shelf.clays.at(job.clay).family);
    if (bakes) desk.pickData("bakeSchool", static_cast<int>(job.bakes));
    // An eye on the head, or on what comes nearest to one.
    desk.station(Station::sheet);
    desk.tab("sheetTabs", 5);
    if (!d.puppet().masses.empty()) {
        d.select({app::Selection::Kind::mass, -1, 0, false});
    } else {
        const int limb = 0, last = static_cast<int>(d.puppet().limbs[0].segments.size()) - 1;
        d.select({app::Selection::Kind::segment, limb, last, false});
    }
    Desk::settle();
    const auto things = d.puppet().things.features.size();
    desk.find<QPushButton>("putOn")->menu()->actions().at(0)->trigger();
    Desk::settle();
    REQUIRE(d.puppet().things.features.size() == things + 1);
    desk.pickData("thingBefore", static_cast<int>(job.eyes));
    // How its stiff stretches and its joints are bound.
    for (const body::Limb& l : d.puppet().limbs)
        d.change("stiff", [&, id = l.id](const document::Edits& e) { return e.setStiffening(id, -1, job.stiff); });
    desk.station(Station::wire);
    if (!desk.report().choice.skeleton.hinges.empty()) {
        const auto& h = desk.report().choice.skeleton.hinges[0];
        d.select({app::Selection::Kind::joint, desk.report().choice.skeleton.copies[nth(h.copy)].limb, h.joint, false});
        Desk::settle();
        if (auto* edge = desk.find<QComboBox>("jointEdge"); edge->isVisible() || edge->parentWidget())
            desk.pickData("jointEdge", job.edge);
    }
    desk.station(Station::paint);
    bool schooled = false;
    withParts(desk, [&](const fill::Part& p) {
        if (schooled || p.layers.clay.empty() || p.bare_mm2() <= 0) return;
        desk.pickData("paintSchool", static_cast<int>(job.school));
        schooled = true;
    });
    CHECK(schooled);
    desk.station(Station::plan);
    desk.pickData("orderBegin", static_cast<int>(job.begin));
    desk.pickData("orderBase", static_cast<int>(job.base));

    // What was asked for is what is there, and all of it is judged.
    const body::Puppet& p = d.puppet();
    CHECK(p.wants.aim == job.aim);
    if (bakes) CHECK(p.wants.bakes == job.bakes);
    CHECK(p.wants.begin == job.begin);
    CHECK(p.wants.baseTurn == job.base);
    const results::Report& r = desk.report();
    CHECK_FALSE(r.painted.empty());
    for (const choice::LimbChoice& l : r.choice.limbs) {
        INFO(p.limbs[nth(l.limb)].name);
        if (l.chosen >= 0) CHECK(l.verdicts.size() == l.demands.size());
        // What is not judged never counts as holding.
        if (l.chosen < 0) CHECK(l.state != choice::State::holds);
    }
    for (const auto* list : {&r.open, &r.notes})
        for (const findings::Finding& o : *list)
            CHECK(app::Text::openPoint(o).size() > 12);
    REQUIRE(r.plan.steps.size() > 8);
    for (std::size_t i = 0; i < r.plan.steps.size(); ++i)
        for (const make::After& a : r.plan.steps[i].after)
            CHECK(a.step < static_cast<int>(i));
    const auto k = must(planOf(desk));
    CHECK(k->plan.possible);
    CHECK(k->plan.steps.size() >= r.plan.steps.size());
    // Baked where its clay wants it, dried where it dries, neither where it never hardens.
    const auto family = r.shelf.clays.at(job.clay).family;
    CHECK(r.bakePlan.bakes.empty() == !bakes);
    int dries = 0;
    for (const make::Step& s : r.plan.steps)
        dries += s.kind == make::StepKind::dry;
    CHECK((dries > 0) == (family == fill::ClayFamily::air_dry || family == fill::ClayFamily::putty));

    QTemporaryDir dir;
    const QString pdf = dir.filePath("sheets.pdf");
    REQUIRE(app::BuildSheets(d.value(), 0, d.sharedReport(), d.sharedResult()).writePdf(pdf, QPageSize::A4).isEmpty());
    CHECK(pdfText(pdf).contains(job.name));
    CHECK(QFileInfo(pdf).size() > 20000);
    REQUIRE(d.saveAs(dir.filePath("one.enkinet")).isEmpty());
    const auto back = must(files::loadProduction(dir.filePath("one.enkinet").toStdString(), shippedCards()));
    CHECK(back->production == d.production());
}

} // namespace

TEST_CASE("Twelve puppets by twelve schools, each from the empty bench to print, plan and paint", "[long][schools]") {
    Wall wall("2026-11-30T10:00");
    for (const Job& job : kJobs)
        build(job);
}

TEST_CASE("One of the twelve, from the empty bench to print, plan and paint") {
    Wall wall("2026-11-30T10:00");
    build(kJobs[10]);
}
