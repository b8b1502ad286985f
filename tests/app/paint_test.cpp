// A scheme made from nothing, its coats put in order, and a colour mixed from the shelf: by keys and mouse.
#include "paint/film.h"
#include "stations/paint/mix_plate.h"
#include "stations/paint/paint_page.h"
#include "support/driven.h"

using namespace enkinet;
using namespace enkinet::test;
using results::Station;

namespace {
const paint::Scheme* schemeOf(Desk& desk, const std::string& id) {
    for (const paint::Scheme& s : desk.document().production().schemes)
        if (s.id == id) return &s;
    return nullptr;
}
} // namespace

TEST_CASE("A scheme is made, filled, put in order, worn and thrown away, and undo brings each back", "[window]") {
    Desk desk;
    desk.station(Station::paint);
    const std::size_t before = desk.document().production().schemes.size();
    desk.document().select({app::Selection::Kind::mass, -1, 0, false});
    Desk::settle();
    desk.press("schemeNew");
    REQUIRE(desk.document().production().schemes.size() == before + 1);
    const std::string id = desk.document().production().schemes.back().id;
    CHECK(desk.document().puppet().masses[0].layers.scheme == id);
    desk.write("schemeName", "moonlit face");
    CHECK(schemeOf(desk, id)->name == "moonlit face");
    auto* coats = desk.find<QListWidget>("coatList");
    while (coats->count() > 0) {
        coats->setCurrentRow(0);
        desk.press("coatRemove");
    }
    CHECK(schemeOf(desk, id)->coats.empty());
    const auto add = [&](paint::Role role, const char* paintId) {
        desk.pickData("coatRole", static_cast<int>(role));
        desk.pickData("coatPaint", QString(paintId));
        desk.press("coatAdd");
    };
    add(paint::Role::base, "skin-warm");
    add(paint::Role::varnish, "varnish-matte");
    coats->setCurrentRow(1);
    add(paint::Role::wash, "skin-shade");
    // A varnish stays last.
    REQUIRE(schemeOf(desk, id)->coats.size() == 3);
    CHECK(schemeOf(desk, id)->coats[1].role == paint::Role::wash);
    CHECK(schemeOf(desk, id)->coats[2].role == paint::Role::varnish);
    coats->setCurrentRow(1);
    desk.press("coatUp");
    CHECK(schemeOf(desk, id)->coats[0].role == paint::Role::wash);
    // Steps and millilitres follow.
    bool painted = false;
    for (const make::Step& s : desk.report().plan.steps)
        painted = painted || (s.kind == make::StepKind::paint && s.subject == "moonlit face");
    CHECK(painted);
    while (desk.document().undoStack().canUndo())
        desk.document().undoStack().undo();
    Desk::settle();
    CHECK(desk.document().production().schemes.size() == before);
    while (desk.document().undoStack().canRedo())
        desk.document().undoStack().redo();
    Desk::settle();
    desk.press("schemeDrop");
    CHECK(schemeOf(desk, id) == nullptr);
    CHECK(desk.document().puppet().masses[0].layers.scheme.empty());
}

TEST_CASE("A colour is mixed from the shelf, kept as a paint and used in a coat", "[window]") {
    Desk desk;
    desk.station(Station::paint);
    desk.document().select({app::Selection::Kind::mass, -1, 0, false});
    Desk::settle();
    QStringList refused;
    QObject::connect(&desk.document(), &app::Document::refused, [&](const QString& s) { refused << s; });
    desk.write("mixTarget", "flesh");
    CHECK(refused.size() == 1);
    desk.write("mixTarget", "#c98b6a");
    auto* page = desk.window.findChild<app::PaintPage*>();
    REQUIRE(page->waitForRecipes(30000));
    Desk::settle();
    auto* list = desk.find<QListWidget>("mixRecipes");
    REQUIRE(list->count() > 1);
    CHECK(desk.find<app::MixPlate>("mixPlate")->isVisible());
    // The plate says what the search found.
    std::vector<paint::PaintCard> shelf;
    for (const paint::PaintCard& c : desk.report().cards->paints)
        for (const document::Held& h : desk.document().production().stock.paints_ml)
            if (h.card == c.id && h.amount > 0 && c.medium == paint::Medium::acrylic) shelf.push_back(c);
    const auto found = paint::calcRecipes(shelf, *paint::parseHex("#c98b6a"));
    REQUIRE_FALSE(found.recipes.empty());
    CHECK(list->item(0)->text().contains(QString::number(found.recipes[0].parts[0].parts)));
    desk.write("mixMl", "12,5");
    list->setCurrentRow(0);
    desk.press("mixKeep");
    const auto& own = desk.document().production().cards.paints;
    REQUIRE_FALSE(own.empty());
    CHECK(own.back().colour == paint::toHex(found.recipes[0].colour));
    CHECK(desk.document().production().stock.paints_ml.back().amount == Approx(12.5));
    desk.press("schemeNew");
    desk.pickData("coatRole", static_cast<int>(paint::Role::base));
    desk.pickData("coatPaint", QString::fromStdString(own.back().id));
    desk.press("coatAdd");
    const paint::Scheme& s = desk.document().production().schemes.back();
    CHECK(std::any_of(s.coats.begin(), s.coats.end(), [&](const paint::Coat& c) { return c.paint == own.back().id; }));
}
