// The desk's own pieces: fields, sentences, tags, elevations, the rule, the plan strip, the stand's geometry.
#include "base/units.h"
#include "sheet/grip.h"
#include "sheet/picture_shelf.h"
#include "sheet/tags.h"
#include "shell/side_panel.h"
#include "stations/plan/plan_page.h"
#include "stations/station_table.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "turntable/turntable.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QImage>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalSpy>

using app::NumberField;
using app::Text;
using app::View;
using results::Station;

TEST_CASE("Showing a value tells nobody, typing one tells once") {
    NumberField f(NumberField::Kind::angle, 0, kPi, degToRad(5), 0, "angle");
    QSignalSpy spy(&f, &NumberField::edited);
    f.show(degToRad(30));
    CHECK(spy.isEmpty());
    f.selectAll();
    QTest::keyClicks(&f, "45");
    QTest::keyClick(&f, Qt::Key_Return);
    REQUIRE(spy.size() == 1);
    CHECK(spy[0][0].toDouble() == Approx(degToRad(45)));
}

TEST_CASE("Numbers carry as many figures as they mean") {
    CHECK(Text::figure(1234.5) == "1235");
    CHECK(Text::figure(12.345) == "12.3");
    CHECK(Text::grams(0.052) == "0.05 g");
    CHECK(Text::grams(5.23) == "5.2 g");
    CHECK(Text::grams(152.3) == "152 g");
    CHECK(Text::minutes(90) != Text::minutes(30));
    CHECK(Text::diameter(1.6277).contains("AWG 14"));
}

TEST_CASE("Every state, issue, reason, step, caution and check has its sentence") {
    for (int i = 0; i <= 5; ++i) {
        CHECK_FALSE(Text::state(static_cast<choice::State>(i)).isEmpty());
        CHECK_FALSE(Text::stateMeaning(static_cast<choice::State>(i)).isEmpty());
    }
    for (const findings::Kind* kind : findings::allKinds()) {
        findings::Finding f{kind, {}, std::string("knee"), 1, 2, 3};
        f.other = std::string("ankle"), f.also = std::string("of what there is");
        INFO(kind->word);
        CHECK(Text::openPoint(f).size() > 12);
        CHECK_FALSE(Text::openPoint(f).contains(QRegularExpression("%[0-9n]")));
    }
    for (int i = 0; i <= static_cast<int>(make::Reason::own_order); ++i)
        CHECK_FALSE(Text::reason(static_cast<make::Reason>(i)).isEmpty());
    for (int i = 0; i <= static_cast<int>(make::StepKind::sign_off); ++i) {
        make::Step s;
        s.kind = static_cast<make::StepKind>(i), s.subject = std::string("leg"), s.amount = 3;
        CHECK_FALSE(Text::step(s).isEmpty());
    }
    for (int i = 1; i <= static_cast<int>(make::Caution::blade); ++i)
        CHECK_FALSE(Text::caution(static_cast<make::Caution>(i)).isEmpty());
    for (int i = 0; i <= static_cast<int>(checks::Eye::side_seen); ++i)
        CHECK_FALSE(checks::sentenceOf({static_cast<checks::Eye>(i), "leg", 1, 0, 2}).english().empty());
    for (int i = 0; i <= static_cast<int>(body::LimbKind::other); ++i)
        CHECK_FALSE(Text::kind(static_cast<body::LimbKind>(i)).isEmpty());
}

TEST_CASE("The reason for a lay is said as it is") {
    CHECK(Text::whyLay({1, 2, 0}, 14).contains("One strand"));
    CHECK(Text::whyLay({2, 1.5, 0}, 14).contains("Parallel"));
    CHECK(Text::whyLay({2, 1.5, 14}, 14).contains("1 whole turn"));
    CHECK(Text::whyLay({2, 1.5, 7}, 14).contains("2 whole turn"));
    CHECK(Text::whyLay({2, 1.5, 20}, 14).contains("never longer"));
    CHECK(Text::whyLay({2, 1.5, 60}, 14).contains("nobody knows"));
    CHECK(Text::whyLay({2, 1.5, 10}, 14).contains("1.40 turns"));
    for (double lay : {7.0, 10.0, 14.0, 20.0})
        CHECK(Text::whyLay({2, 1.5, lay}, 14).contains("15 %"));
}

TEST_CASE("Tags never overlap and stay in their column, however many there are") {
    for (int n : {1, 4, 9, 14}) {
        std::vector<app::Tag> tags(nth(n));
        Random random(81);
        for (app::Tag& t : tags)
            t.anchor = {random.between(0, 300), random.between(0, 620)};
        app::placeTags(tags, QRectF(400, 20, 230, 900), 54);
        std::sort(tags.begin(), tags.end(), [](const auto& a, const auto& b) { return a.box.top() < b.box.top(); });
        for (std::size_t i = 0; i < tags.size(); ++i) {
            CHECK(tags[i].box.left() == 400);
            CHECK(tags[i].box.top() >= 20 - 1e-9);
            CHECK(tags[i].box.bottom() <= 920 + 1e-9);
            if (i > 0) CHECK(tags[i].box.top() >= tags[i - 1].box.bottom() + 7.9);
        }
    }
}

TEST_CASE("The elevations see the same puppet from the front and from its right") {
    CHECK(app::project(View::front, {3, 5, 7}) == QPointF(3, -5));
    CHECK(app::project(View::side, {3, 5, 7}) == QPointF(7, -5));
    // Towards the viewer: forward in front, to the puppet's right in the side view.
    CHECK(app::depthOf(View::front, {0, 0, 9}) > app::depthOf(View::front, {0, 0, 1}));
    CHECK(app::depthOf(View::side, {-9, 0, 0}) > app::depthOf(View::side, {9, 0, 0}));
    Desk desk;
    const auto& r = desk.report();
    const app::Elevation front(desk.document().puppet(), desk.document().production(), r, View::front),
        side(desk.document().puppet(), desk.document().production(), r, View::side);
    CHECK(front.bounds().top() == Approx(-240).margin(0.6));
    CHECK(side.bounds().top() == Approx(front.bounds().top()).margin(0.2));
    CHECK(front.bounds().bottom() == Approx(0).margin(0.6));
    // Mirrored but for the satchel: left reaches as far as right.
    CHECK(front.bounds().left() == Approx(-front.bounds().right()).margin(0.5));
    // The head is found where it is, and nothing where there is nothing.
    const int head = front.findPart({0, -213});
    REQUIRE(head >= 0);
    CHECK(r.choice.parts[nth(head)].label == "head");
    CHECK(front.findPart({90, -213}) == -1);
    CHECK_FALSE(front.outlines().empty());
}

TEST_CASE("Every layer view draws something else, by day and by night") {
    Desk desk;
    for (bool night : {false, true}) {
        app::setNightLook(night);
        Q_EMIT desk.document().changed();
        std::vector<QImage> seen;
        for (int i = 0; i < app::kLayerViews; ++i) {
            desk.window.sheet().setLayerView(static_cast<app::LayerView>(i));
            Desk::settle();
            seen.push_back(desk.window.sheet().grab().toImage());
        }
        for (std::size_t i = 1; i < seen.size(); ++i)
            CHECK(seen[i] != seen[i - 1]);
    }
    app::setNightLook(false);
}

TEST_CASE("The wheel zooms about the pointer: what lies under it stays there") {
    Desk desk;
    auto& sheet = desk.window.sheet();
    const QPointF at(260, 300);
    const QPointF before = sheet.toMm(View::front, at);
    sheet.zoom(1.7, at);
    const QPointF after = sheet.toMm(View::front, at);
    CHECK(std::hypot(before.x() - after.x(), before.y() - after.y()) < 0.3);
    sheet.fit();
    CHECK(std::abs(sheet.toMm(View::front, at).x() - before.x()) < 1e-9);
}

TEST_CASE("The arrow keys walk through every joint once round") {
    Desk desk;
    std::set<std::pair<int, int>> seen;
    auto& sheet = desk.window.sheet();
    sheet.setFocus();
    const auto n = desk.report().choice.skeleton.hinges.size();
    for (std::size_t i = 0; i < n; ++i) {
        QTest::keyClick(&sheet, Qt::Key_Right);
        const auto& s = desk.document().selection();
        seen.insert({s.limb * 2 + s.right, s.index});
    }
    CHECK(seen.size() == n);
    const auto last = desk.document().selection();
    QTest::keyClick(&sheet, Qt::Key_Left);
    QTest::keyClick(&sheet, Qt::Key_Right);
    CHECK(desk.document().selection() == last);
}

TEST_CASE("The stand's view is a rotation, and its viewer looks along the view's depth") {
    Random random(82);
    for (int i = 0; i < 100; ++i) {
        const app::Orbit o{random.between(-4, 4), random.between(-0.3, 1.5)};
        const Vec3 x = o.toView({1, 0, 0}), y = o.toView({0, 1, 0}), z = o.toView({0, 0, 1});
        CHECK_NEAR(norm(x), 1.0, 1e-12);
        CHECK(norm(cross(x, y) - z) < 1e-12); // right-handed
        CHECK(norm(o.toView(o.viewer()) - Vec3{0, 0, 1}) < 1e-12);
    }
    CHECK(norm(app::Orbit{0, 0}.toView({1, 2, 3}) - Vec3{1, 2, 3}) < 1e-12); // the front is the front elevation
}

TEST_CASE("A part taken by the hand bends the joint between it and the planted foot") {
    Desk desk;
    const auto gripOf = [&](const std::string& label) {
        for (std::size_t i = 0; i < desk.report().choice.parts.size(); ++i)
            if (desk.report().choice.parts[i].label == label) {
                const app::Grip g = app::findGrip(desk.document(), static_cast<int>(i));
                return g.hinge < 0 ? std::string("nothing")
                                   : desk.report().choice.skeleton.hinges[nth(g.hinge)].label.english() +
                                         (g.moved ? "" : " (body moves)");
            }
        return std::string("no part");
    };
    CHECK(gripOf("left forearm") == "left elbow");
    CHECK(gripOf("head") == "neck");
    CHECK(gripOf("right shin") == "right knee");
    CHECK(gripOf("left foot") == "nothing"); // planted
    CHECK(gripOf("left shin") == "left ankle (body moves)");
    CHECK(gripOf("hips") == "left hip (body moves)");
}

TEST_CASE("A point of the sheet and its pixel belong together whatever the picture's turn") {
    Random random(83);
    for (int i = 0; i < 200; ++i) {
        body::Picture p;
        p.x_mm = random.between(-50, 50), p.y_mm = random.between(0, 300), p.mm_px = random.between(0.05, 2),
        p.angle_rad = random.between(-3, 3);
        const double px = random.between(0, 500), py = random.between(0, 500);
        // The other way round: the pixel's place as it is painted.
        const double c = std::cos(p.angle_rad), s = std::sin(p.angle_rad);
        const double x = p.x_mm + p.mm_px * (px * c + py * s), y = p.y_mm - p.mm_px * (-px * s + py * c);
        const body::PicturePoint back = body::findPixel(p, x, y);
        CHECK(std::abs(back.x - px) < 1e-6);
        CHECK(std::abs(back.y - py) < 1e-6);
    }
}

TEST_CASE("A picture fitted to a height stands on the base line with its figure so high") {
    QImage image(200, 300, QImage::Format_RGB32);
    image.fill(Qt::white);
    {
        QPainter p(&image);
        p.fillRect(60, 40, 50, 220, Qt::black);
    }
    const auto fitted = must(app::fittedToHeight(image, {}, 240));
    CHECK(fitted->mm_px == Approx(240.0 / 220));
    CHECK(body::findPixel(*fitted, 0, 0).y == Approx(260).margin(1e-6));
    CHECK(body::findPixel(*fitted, 0, 0).x == Approx(85).margin(0.6));
    image.fill(Qt::white);
    CHECK_FALSE(app::fittedToHeight(image, {}, 240));
}

TEST_CASE("The rule counts open points in words and numbers, and the plan's steps are walked by keys") {
    Desk desk;
    const auto counts = findings::countOpen(desk.document().openPoints());
    for (int i = 0; i < results::kStations; ++i) {
        const auto* d = desk.window.rule().division(static_cast<Station>(i));
        if (counts[nth(i)] > 0) {
            CHECK(d->accessibleName().contains(QString::number(counts[nth(i)])));
            CHECK(d->toolTip().count("<br>") + 1 == counts[nth(i)]);
        }
    }
    desk.station(Station::plan);
    auto* steps = desk.find<QListWidget>("steps");
    REQUIRE(desk.window.findChild<app::PlanPage*>()->job().wait(kPatience_ms));
    int all = 0;
    for (const auto& r : desk.document().result().puppets)
        all += static_cast<int>(r->plan.steps.size());
    CHECK(steps->count() >= all);
    steps->setFocus();
    steps->setCurrentRow(0);
    QTest::keyClick(steps, Qt::Key_Down);
    CHECK(steps->currentRow() == 1);
}

TEST_CASE("Every station's table can be questioned: the chain, what moves it most, how sure it is") {
    Desk desk;
    const std::tuple<Station, int, const char*> tables[] = {
        {Station::sheet, 0, "sheetTable"}, {Station::bulk, -1, "bulkTable"},  {Station::skin, 0, "skinTable"},
        {Station::skin, 2, "ovenTable"},   {Station::skin, 3, "coverTable"},  {Station::paint, -1, "paintTable"},
        {Station::plan, -1, "planTable"},  {Station::shoot, -1, "shootTable"}};
    int moved = 0, rows = 0;
    for (const auto& [station, tab, name] : tables) {
        INFO(name);
        desk.station(station);
        if (station == Station::skin) desk.tab("skinTabs", tab);
        // A part that has everything: clay, cloth, paint.
        if (QString(name) == "coverTable") {
            const auto& patterns = desk.report().patterns;
            REQUIRE(!patterns.empty());
            const fill::Part& p = desk.report().choice.parts[nth(patterns[0].part)];
            const body::Link& l = desk.report().choice.skeleton.links[nth(p.link)];
            const body::LimbCopy& c = desk.report().choice.skeleton.copies[nth(l.copy)];
            desk.takeSegment(c.limb, l.segment, c.right);
        }
        auto* table = desk.find<app::StationTable>(name);
        // The days and the film are worked out beside.
        REQUIRE(QTest::qWaitFor([&] { return table->isVisible() && !table->rows().empty(); }, kPatience_ms));
        auto* limits = desk.find<app::LimitTable>((std::string(name) + "Limits").c_str());
        auto* why = desk.find<QLabel>((std::string(name) + "Why").c_str());
        REQUIRE(!table->rows().empty());
        CHECK_FALSE(why->isVisible());
        limits->setFocus();
        for (std::size_t i = 0; i < table->rows().size(); ++i) {
            ++rows;
            INFO(table->rows()[i].shown.name.toStdString());
            QTest::keyClick(limits, Qt::Key_Return);
            REQUIRE(why->isVisible());
            CHECK(why->text().contains(table->rows()[i].why.title.toHtmlEscaped()));
            CHECK(table->rows()[i].why.chain.size() >= 1);
            if (!table->rows()[i].turns.empty()) {
                CHECK(QTest::qWaitFor([&] { return !table->rows()[i].why.movers.isEmpty(); }, kPatience_ms));
                moved += !table->rows()[i].why.movers.isEmpty();
            }
            QTest::keyClick(limits, Qt::Key_Return);
            CHECK_FALSE(why->isVisible());
            QTest::keyClick(limits, Qt::Key_Down);
        }
        desk.take({});
    }
    CHECK(rows >= 12);
    CHECK(moved >= 5);
}

TEST_CASE("An open point is left for a reason that stays with it, and taken up again") {
    Desk desk(Station::wire);
    QListWidget* list = nullptr;
    for (auto* l : desk.window.findChildren<QListWidget*>("openPoints"))
        if (l->isVisible()) list = l;
    REQUIRE(list);
    int row = 0;
    const auto& points = desk.document().openPoints();
    std::vector<const findings::Finding*> here;
    for (const auto& p : points)
        if (p.station() == Station::wire) here.push_back(&p);
    while (row < static_cast<int>(here.size()) && !here[nth(row)]->mayLeave())
        ++row;
    REQUIRE(row < static_cast<int>(here.size()));
    const std::string key = here[nth(row)]->key;
    list->setCurrentRow(row);
    Desk::settle();
    QPushButton* leave = nullptr;
    QLineEdit* because = nullptr;
    for (auto* b : desk.window.findChildren<QPushButton*>("leavePoint"))
        if (b->isVisible()) leave = b;
    for (auto* b : desk.window.findChildren<QLineEdit*>("leaveBecause"))
        if (b->isVisible()) because = b;
    REQUIRE(leave);
    REQUIRE(because);
    // Without a reason nothing is left, and it says so.
    Desk::mouse(leave);
    CHECK(desk.document().puppet().left.empty());
    CHECK(!desk.window.message().isEmpty());
    QTest::keyClicks(because, "she never nods");
    Desk::key(because, Qt::Key_Return);
    REQUIRE(desk.document().puppet().left.size() == 1);
    CHECK(desk.document().puppet().left[0] == body::LeftPoint{key, "she never nods"});
    bool listed = false;
    for (int i = 0; i < list->count(); ++i)
        listed = listed || list->item(i)->text().contains("because she never nods");
    CHECK(listed);
    desk.undo();
    CHECK(desk.document().puppet().left.empty());
}
