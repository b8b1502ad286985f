// A scheme made from nothing, its coats put in order, and a colour mixed from the shelf: by keys and mouse.
#include "files/production_json.h"
#include "paint/film.h"
#include "sheet/elevation.h"
#include "sheet/painted_look.h"
#include "stations/paint/mix_plate.h"
#include "stations/paint/paint_page.h"
#include "stations/paint/photo_pick.h"
#include "stations/paint/tone_patch.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/fields.h"
#include "words/text.h"
#include <QCheckBox>
#include <QImage>
#include <QPainter>
#include <QSlider>
#include <QTemporaryDir>
#include <cmath>

using results::Station;

namespace {
const paint::Scheme* schemeOf(Desk& desk, const std::string& id) {
    for (const paint::Scheme& s : desk.document().production().schemes)
        if (s.id == id) return &s;
    return nullptr;
}

/// A new scheme without coats, on what is in hand.
std::string makeEmptyScheme(Desk& desk) {
    desk.press("schemeNew");
    auto* coats = desk.find<QListWidget>("coatList");
    while (coats->count() > 0) {
        coats->setCurrentRow(0);
        desk.press("coatRemove");
    }
    return desk.document().production().schemes.back().id;
}

void addCoat(Desk& desk, paint::Role role, const std::string& paintId) {
    desk.pickData("coatRole", static_cast<int>(role));
    desk.pickData("coatPaint", QString::fromStdString(paintId));
    desk.press("coatAdd");
}
} // namespace

TEST_CASE("A scheme is made, filled, put in order, worn and thrown away, and undo brings each back", "[window]") {
    Desk desk(Station::paint);
    const std::size_t before = desk.document().production().schemes.size();
    desk.takeMass(0);
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
    addCoat(desk, paint::Role::base, "skin-warm");
    addCoat(desk, paint::Role::varnish, "varnish-matte");
    coats->setCurrentRow(1);
    addCoat(desk, paint::Role::wash, "skin-shade");
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
        desk.takeBack();
    CHECK(desk.document().production().schemes.size() == before);
    while (desk.document().undoStack().canRedo())
        desk.document().undoStack().redo();
    Desk::settle();
    desk.press("schemeDrop");
    CHECK(schemeOf(desk, id) == nullptr);
    CHECK(desk.document().puppet().masses[0].layers.scheme.empty());
}

TEST_CASE("A colour is mixed from the shelf, kept as a paint and used in a coat", "[window]") {
    Desk desk(Station::paint);
    desk.takeMass(0);
    desk.write("mixTarget", "flesh");
    CHECK(desk.refused.size() == 1);
    desk.write("mixTarget", "#c98b6a");
    auto* page = desk.window.findChild<app::PaintPage*>();
    REQUIRE(page->waitForRecipes(kPatience_ms));
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
    CHECK(desk.find<app::MixPlate>("mixPlate")
              ->accessibleDescription()
              .contains(QString("ΔE %1 by the table, until a chip is dry").arg(found.recipes[0].deltaE, 0, 'f', 1)));
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

TEST_CASE("The pots set what can be mixed, a real chip teaches a strength, and a school lays its coats", "[window]") {
    Desk desk(Station::paint);
    desk.takeMass(0);
    auto* page = desk.window.findChild<app::PaintPage*>();
    auto* list = desk.find<QListWidget>("mixRecipes");
    const auto look = [&] {
        REQUIRE(page->waitForRecipes(kPatience_ms));
        Desk::settle();
    };
    page->mix({});
    Desk::settle();
    CHECK_FALSE(
        desk.find<QLineEdit>("mixChip")->isVisible()); // nothing is mixed yet that a chip could be compared with
    page->mix("#c98b6a");
    look();
    const QString free = list->item(0)->text();
    // What is kept is taken from the pots.
    const auto potOf = [&](const std::string& card) {
        for (const document::Held& h : desk.document().production().stock.paints_ml)
            if (h.card == card) return h.amount;
        return 0.0;
    };
    std::map<std::string, double> before;
    for (const document::Held& h : desk.document().production().stock.paints_ml)
        before[h.card] = h.amount;
    desk.write("mixMl", "10");
    list->setCurrentRow(0);
    desk.press("mixKeep");
    double taken = 0;
    for (const auto& [card, ml] : before)
        taken += ml - potOf(card);
    CHECK(taken == Approx(11.5)); // with what the waste takes
    desk.takeBack();
    // More than any pot holds: nothing can be mixed, and that is said.
    desk.refused.clear();
    desk.write("mixMl", "90000");
    auto* pots = desk.find<QCheckBox>("mixPots");
    pots->click();
    look();
    CHECK(list->count() == 0);
    CHECK(desk.refused.size() == 1);
    pots->click();
    look();
    CHECK(list->item(0)->text() == free);
    // The chip came out darker than foretold: the dark paint in it is stronger than was thought.
    list->setCurrentRow(0);
    desk.refused.clear();
    desk.write("mixChip", "grey");
    desk.press("mixChipTake");
    CHECK_FALSE(desk.refused.isEmpty());
    // A green that no strength of a red explains is something else.
    desk.refused.clear();
    desk.find<QLineEdit>("mixChip")->setText("#20c040");
    desk.press("mixChipTake");
    REQUIRE(desk.refused.size() == 1);
    CHECK(desk.refused[0].contains("No strength"));
    CHECK(desk.document().production().cards.paints.empty());
    const std::string learned = desk.find<app::ChoiceField>("mixChipPaint")->currentData().toString().toStdString();
    desk.find<QLineEdit>("mixChip")->setText("#8f5f48");
    desk.press("mixChipTake");
    look();
    CHECK(desk.find<QLabel>("mixChipText")->isVisible());
    const auto& own = desk.document().production().cards.paints;
    REQUIRE(own.size() == 1);
    CHECK(own[0].id == learned);
    CHECK(own[0].strength != Approx(1));
    // Another school on the part's own scheme; it is one step.
    desk.press("schemeNew");
    const auto coats = [&] { return desk.document().production().schemes.back().coats; };
    const auto kept = coats();
    desk.pickData("paintSchool", static_cast<int>(paint::School::sheen));
    REQUIRE(coats().size() == 1);
    CHECK(coats()[0].role == paint::Role::varnish);
    desk.takeBack();
    CHECK((coats() == kept));
    desk.pickData("paintSchool", static_cast<int>(paint::School::wash_and_dry_brush));
    CHECK(coats().size() >= 3);
    // On a part without a scheme it makes one, in one step as well.
    desk.pickData("scheme", QString());
    REQUIRE(desk.document().puppet().masses[0].layers.scheme.empty());
    const auto bare = desk.document().value();
    desk.pickData("paintSchool", static_cast<int>(paint::School::wash_and_dry_brush));
    CHECK_FALSE(desk.document().puppet().masses[0].layers.scheme.empty());
    CHECK(coats().size() >= 3);
    desk.takeBack();
    CHECK(desk.document().production() == *bare);
}

TEST_CASE("From a photograph with a grey card to a shelf, a recipe, a scheme, and its tones by a slider", "[window]") {
    Desk desk(Station::paint);
    desk.takeMass(0);
    auto* page = desk.window.findChild<app::PaintPage*>();
    // Four dabs and a card under a warm, dim lamp.
    const std::vector<std::pair<const char*, const char*>> dabs{
        {"chalk", "#f0ece2"}, {"brick", "#a8402c"}, {"straw", "#d9b04a"}, {"sea", "#2c5a78"}};
    const paint::Rgb lamp{0.92, 0.74, 0.5};
    const auto under = [&](const paint::Rgb& c) {
        return QColor(QString::fromStdString(paint::toHex({c.r * lamp.r, c.g * lamp.g, c.b * lamp.b})));
    };
    QImage photo(900, 600, QImage::Format_RGB32);
    photo.fill(under({0.4, 0.4, 0.4}));
    {
        QPainter p(&photo);
        p.fillRect(60, 60, 200, 200, under({0.18, 0.18, 0.18}));
        for (std::size_t i = 0; i < dabs.size(); ++i)
            p.fillRect(60 + static_cast<int>(i) * 200, 340, 160, 160, under(*paint::parseHex(dabs[i].second)));
    }
    QTemporaryDir folder;
    const QString path = folder.filePath("dabs.png");
    REQUIRE(photo.save(path));
    CHECK_FALSE(page->takePhoto(folder.filePath("none.png")).isEmpty());
    REQUIRE(page->takePhoto(path).isEmpty());
    Desk::settle();
    auto* pick = desk.find<app::PhotoPick>("photoPick");
    REQUIRE(pick->isVisible());
    CHECK(desk.find<QAbstractButton>("photoDone")->isVisible());
    CHECK(desk.find<QLabel>("photoPicked")->text().contains("card"));
    CHECK_FALSE(desk.find<QAbstractButton>("photoShelf")->isEnabled());
    const auto point = [&](int x, int y) { Desk::mouse(pick, pick->toWidget({x, y})); };
    point(160, 160);
    REQUIRE(pick->hasCard());
    // What was held before is put aside: the recipe is of these.
    desk.document().change("empty shelf", [&](const document::Edits& e) {
        std::vector<document::Edits::Step> steps;
        for (const auto& h : desk.document().production().stock.paints_ml)
            for (const auto& c : desk.report().cards->paints)
                if (c.id == h.card) steps.push_back([c](const document::Edits& x) { return x.keepPaint(c, 0); });
        return e.chain(steps);
    });
    Desk::settle();
    for (std::size_t i = 0; i < dabs.size(); ++i) {
        point(140 + static_cast<int>(i) * 200, 420);
        CHECK(desk.find<QLabel>("photoPicked")->text().contains('#'));
        desk.find<QLineEdit>("photoName")->setText(dabs[i].first);
        desk.press("photoShelf");
    }
    int found = 0;
    for (const auto& c : desk.document().production().cards.paints)
        for (const auto& [name, colour] : dabs)
            if (c.name == name) {
                ++found;
                // Eight bits under a dim lamp: two or three of 255.
                CHECK(paint::calcDeltaE2000(paint::toLab(*paint::parseHex(c.colour)),
                                            paint::toLab(*paint::parseHex(colour))) < 2);
            }
    REQUIRE(found == 4);
    // A name is wanted.
    point(140, 420);
    const auto shelved = desk.document().value();
    desk.press("photoShelf");
    CHECK(desk.document().value() == shelved);
    desk.press("photoDone");
    CHECK_FALSE(pick->isVisible());
    // Flesh from the four of them.
    page->mix("#c9987c");
    REQUIRE(page->waitForRecipes(kPatience_ms));
    Desk::settle();
    REQUIRE(desk.find<QListWidget>("mixRecipes")->count() > 0);
    desk.press("mixKeep");
    const paint::PaintCard mixed = desk.document().production().cards.paints.back();
    CHECK(std::count(mixed.note.begin(), mixed.note.end(), ',') < 4);
    CHECK((mixed.note.find("chalk") != std::string::npos || mixed.note.find("straw") != std::string::npos));
    // A scheme of it with a wash, on the head.
    const std::string id = makeEmptyScheme(desk);
    auto* coats = desk.find<QListWidget>("coatList");
    addCoat(desk, paint::Role::base, mixed.id);
    addCoat(desk, paint::Role::wash, "skin-shade");
    coats->setCurrentRow(1);
    Desk::settle();
    auto* slider = desk.find<QSlider>("coatAmount");
    REQUIRE(slider->isVisible());
    auto* tones = desk.window.findChild<app::TonePatch*>();
    const double recess = tones->tones().recessOff;
    CHECK(recess > 0);
    const auto washMl = [&] {
        double ml = 0;
        for (const auto& p : desk.report().painted)
            for (const paint::Laid& l : p.laid)
                if (l.role == paint::Role::wash && p.part >= 0 &&
                    desk.report().choice.parts[nth(p.part)].layers.scheme == id)
                    ml += l.ml;
        return ml;
    };
    const double ml = washMl();
    REQUIRE(ml > 0);
    const int steps = desk.document().undoStack().index();
    slider->setFocus();
    for (int i = 0; i < 4; ++i)
        Desk::key(slider, Qt::Key_PageUp);
    const paint::Scheme* s = schemeOf(desk, id);
    CHECK(s->coats[1].amount > 1.5);
    CHECK(QTest::qWaitFor([&] { return tones->tones().recessOff > recess; }, kPatience_ms));
    CHECK(washMl() == Approx(ml * s->coats[1].amount));
    // One way back for the whole slide.
    CHECK(desk.document().undoStack().index() == steps + 1);
    bool painted = false;
    for (const make::Step& x : desk.report().plan.steps)
        painted = painted || (x.kind == make::StepKind::paint && x.subject == s->name);
    CHECK(painted);
    desk.takeBack();
    CHECK(washMl() == Approx(ml));
    CHECK(tones->tones().recessOff == Approx(recess));
}

TEST_CASE(
    "A coat has its place: at the back it is not seen in front, a band is a band, and millilitres and words follow",
    "[window]") {
    Desk desk(Station::paint);
    desk.takeMass(0);
    const std::string id = makeEmptyScheme(desk);
    auto* coats = desk.find<QListWidget>("coatList");
    // Two paints that no eye takes for each other.
    std::string pale, deep;
    double palest = -1, deepest = 200;
    for (const paint::PaintCard& c : desk.report().cards->paints) {
        if (c.medium != paint::Medium::acrylic || c.opacity < 0.5) continue;
        const double Y = paint::toLab(*paint::parseHex(c.colour)).L;
        if (Y > palest) palest = Y, pale = c.id;
        if (Y < deepest) deepest = Y, deep = c.id;
    }
    addCoat(desk, paint::Role::base, pale);
    addCoat(desk, paint::Role::base, deep);
    REQUIRE(coats->count() == 2);
    coats->setCurrentRow(1);
    const auto mlOf = [&] {
        for (const checks::PaintedPart& p : desk.report().painted)
            if (p.scheme == id) return p.laid.at(1).ml;
        return -1.0;
    };
    const double everywhere = mlOf();
    REQUIRE(everywhere > 0);
    // The head from the front and from the side, as painted: mean lightness of its left and right half.
    const auto halves = [&](app::View view) {
        const app::Elevation figure(desk.document().puppet(), desk.document().production(), desk.report(), view, true,
                                    app::Finish::fine);
        constexpr double kScale = 4;
        QImage image(1600, 1600, QImage::Format_RGB32);
        image.fill(Qt::magenta);
        QPainter p(&image);
        p.translate(800, 1400);
        p.scale(kScale, kScale);
        figure.draw(p, app::LayerView::painted, kScale, {});
        p.end();
        // Her head is the highest thing: around its middle, to both sides.
        const QRectF b = figure.bounds();
        const auto& links = desk.report().choice.rest.masses.front();
        const QPointF middle((view == app::View::front ? links.at.x : links.at.z) * kScale + 800,
                             1400 - links.at.y * kScale);
        REQUIRE(b.height() > 100);
        const auto mean = [&](int side) {
            double sum = 0;
            for (int i = 6; i < 26; ++i)
                for (int j = -20; j < 20; ++j)
                    sum += qGray(
                        image.pixel(static_cast<int>(middle.x()) + side * 2 * i, static_cast<int>(middle.y()) + j));
            return sum / 800;
        };
        return std::pair{mean(-1), mean(1)};
    };
    const auto dark = halves(app::View::front);
    desk.pickData("coatZone", static_cast<int>(paint::Zone::back));
    REQUIRE(schemeOf(desk, id)->coats[1].zone == paint::Zone::back);
    CHECK(mlOf() == Approx(everywhere / 2));
    CHECK(coats->item(1)->text().contains("at the back"));
    const auto front = halves(app::View::front), side = halves(app::View::side);
    CHECK(front.first > dark.first + 40);
    CHECK(front.second > dark.second + 40);
    // One half of the side is dark, the other not.
    CHECK(std::abs(side.first - side.second) > 40);
    bool masked = false;
    for (const make::Step& s : desk.report().plan.steps)
        masked = masked || (s.kind == make::StepKind::paint && s.zone == paint::Zone::back &&
                            app::Text::step(s).contains("at the back"));
    CHECK(masked);
    // A stretch opens its two ends; they cannot cross.
    desk.pickData("coatZone", static_cast<int>(paint::Zone::stretch));
    auto* to = desk.find<app::NumberField>("zoneTo");
    REQUIRE(to->isVisible());
    CHECK(schemeOf(desk, id)->coats[1].to == Approx(0.5));
    desk.type("zoneTo", "30");
    CHECK(schemeOf(desk, id)->coats[1].to == Approx(0.3));
    CHECK(mlOf() == Approx(everywhere * 0.3));
    desk.type("zoneFrom", "60");
    CHECK(schemeOf(desk, id)->coats[1].from < schemeOf(desk, id)->coats[1].to);
    // Saved and read again.
    const auto read =
        must(files::parseProduction(files::writeProduction(desk.document().production()), shippedCards()));
    CHECK(read->production.schemes == desk.document().production().schemes);
    desk.document().undoStack().undo();
    desk.document().undoStack().undo();
    desk.document().undoStack().undo();
    desk.takeBack();
    CHECK(schemeOf(desk, id)->coats[1].zone == paint::Zone::everywhere);
    CHECK(mlOf() == Approx(everywhere));
}

TEST_CASE("A colour is kneaded from clays of one kind by weight, and what a nearer clay saves is said", "[window]") {
    Desk desk(Station::paint);
    auto* page = desk.window.findChild<app::PaintPage*>();
    desk.takeMass(0);
    page->mix({});
    Desk::settle();
    auto* clays = desk.find<QCheckBox>("mixClays");
    REQUIRE(clays->isVisible());
    clays->setChecked(true);
    CHECK_FALSE(desk.find<QCheckBox>("mixPots")->isEnabled());
    page->mix("#c08a70");
    auto* list = desk.find<QListWidget>("mixRecipes");
    REQUIRE(page->waitForRecipes(kPatience_ms));
    Desk::settle();
    REQUIRE(list->count() > 0);
    // Clays alone, all of the head's own kind.
    const auto& r = desk.report();
    const std::string own = desk.document().puppet().masses[0].layers.clay;
    const QString first = list->item(0)->text();
    bool named = false;
    for (const auto& [id, clay] : r.shelf.clays) {
        const bool in = first.contains(QString::fromStdString(clay.name));
        named = named || in;
        if (in) CHECK(clay.family == r.shelf.clays.at(own).family);
    }
    CHECK(named);
    for (const paint::PaintCard& c : r.cards->paints)
        CHECK_FALSE(first.contains(QString::fromStdString(c.name)));
    CHECK_FALSE(desk.find<QAbstractButton>("mixKeep")->isVisible());
    // A clay in the colour of the paint, put on the shelf, is said.
    auto* text = desk.find<QLabel>("paintText");
    const QString before = text->text();
    document::Production p = desk.document().production();
    std::string base;
    for (const paint::Scheme& s : p.schemes)
        if (s.id == desk.document().puppet().masses[0].layers.scheme)
            for (const paint::Coat& c : s.coats)
                if (c.role == paint::Role::primer || base.empty()) base = c.paint;
    std::string colour;
    for (const paint::PaintCard& c : r.cards->paints)
        if (c.id == base) colour = c.colour;
    fill::ClayCard near = r.shelf.clays.at(own);
    near.id = "near-clay", near.name = "clay of its colour", near.colour = colour;
    desk.document().change("a nearer clay", [&](const document::Edits&) -> document::Edits::Changed {
        p.cards.clays.push_back(near);
        p.stock.clays_g.push_back({near.id, 200});
        return document::makeProduction(p, shippedCards());
    });
    Desk::settle();
    CHECK(text->text() != before);
    CHECK(text->text().contains("clay of its colour"));
}

TEST_CASE("The tones of a painted form: the dry brush on what looks up, the wash below, each place by its own coats",
          "[window]") {
    Desk desk;
    const results::Report& r = desk.report();
    paint::Scheme s{
        "form",
        "form",
        {{paint::Role::base, "skin-warm"}, {paint::Role::wash, "skin-shade"}, {paint::Role::dry_brush, "skin-light"}},
        {}};
    body::Layers l;
    l.scheme = "form";
    const auto plain = app::findPlaceLooks(l, {s}, r);
    REQUIRE(plain.size() == 1);
    const app::PaintedForm form{{0, 0, 0}, {0, 10, 0}, {0, 5, 0}};
    const auto light = [&](const auto& looks, const Vec3& at, const Vec3& out) {
        return app::findTone(looks, form, at, out).lightnessF();
    };
    const auto up = light(plain, {0, 5, 1}, {0, 1, 0}), level = light(plain, {0, 5, 1}, {0, 0, 1}),
               down = light(plain, {0, 5, 1}, {0, -1, 0});
    CHECK(up > level);
    CHECK(level > down + 0.05F);
    CHECK(app::findTone(plain, form, {0, 5, 1}, {0, 0, 1}) == plain.front().look.mean);
    // A varnish is seen by its gloss, and a place by its own coats.
    CHECK(plain.front().look.gloss == 0);
    s.coats.push_back({paint::Role::varnish, "varnish-gloss"});
    CHECK(app::findPlaceLooks(l, {s}, r).front().look.gloss == Approx(0.9));
    s.coats.push_back({paint::Role::base, "boot-brown", 1, paint::Zone::front});
    s.coats.push_back({paint::Role::base, "primer-white", 1, paint::Zone::stretch, 0.6, 0.9});
    const auto places = app::findPlaceLooks(l, {s}, r);
    REQUIRE(places.size() == 3);
    CHECK(places[1].look.gloss == 0); // the paint over the varnish
    const auto in = [&](const Vec3& at) { return light(places, at, {0, 0, 1}); };
    CHECK(in({0, 5, 1}) < in({0, 5, -1}) - 0.1F); // dark in front
    CHECK(in({0, 7, 1}) > in({0, 5, -1}) + 0.1F); // white on the stretch, in front too: it was laid last
    CHECK(in({0, 5, -1}) ==
          Approx(light(
              app::findPlaceLooks(l, {paint::Scheme{"form", "form", {s.coats.begin(), s.coats.begin() + 4}, {}}}, r),
              {0, 5, -1}, {0, 0, 1})));
    // Cloth over it hides all; a scheme that is gone says nothing.
    l.cover = r.shelf.covers.begin()->first;
    CHECK(app::findPlaceLooks(l, {s}, r).empty());
    l.cover.clear(), l.scheme = "gone";
    CHECK(app::findPlaceLooks(l, {s}, r).empty());
    CHECK_FALSE(app::findTone({}, form, {}, {0, 1, 0}).isValid());
    // A mass is measured from its top down.
    body::Mass mass;
    mass.half_mm = {5, 8, 5};
    body::MassCopy copy;
    copy.at = {0, 100, 0};
    const app::PaintedForm head = app::formOf(copy, mass);
    CHECK(head.from.y == 108);
    CHECK(head.to.y == 92);
}
