// By keys and by ear: the rule, the figure, fields and letters, several in hand, the accessible tree, what is
// announced, and the ring of the focus measured on its pixels.
#include "sheet/walk.h"
#include "shell/puppet_bar.h"
#include "stations/plan/plan_days.h"
#include "stations/plan/plan_page.h"
#include "stations/wire/laid_limb.h"
#include "stations/wire/wires_window.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/look.h"
#include <QAccessible>
#include <QAction>
#include <QClipboard>
#include <QDialog>
#include <QFileInfo>

#include <QLabel>
#include <QTemporaryDir>
#include <QTimer>

using results::Station;

namespace {

double luminance(const QColor& c) {
    const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
    return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
}
double contrast(const QColor& a, const QColor& b) {
    const double x = luminance(a), y = luminance(b);
    return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
}

} // namespace

TEST_CASE("Arrow keys on the rule step the stations, and the puppet stays") {
    Desk desk;
    desk.window.rule().division(Station::sheet)->setFocus();
    const auto press = [](Qt::Key key) { Desk::key(QApplication::focusWidget(), key); };
    for (Station s : {Station::wire, Station::bulk, Station::skin}) {
        press(Qt::Key_Right);
        CHECK(desk.window.rule().station() == s);
        CHECK(desk.window.rule().division(s)->hasFocus());
    }
    press(Qt::Key_Left);
    CHECK(desk.window.rule().station() == Station::bulk);
    press(Qt::Key_End);
    CHECK(desk.window.rule().station() == Station::bench);
    press(Qt::Key_Right);
    CHECK(desk.window.rule().station() == Station::bench);
    press(Qt::Key_Home);
    CHECK(desk.window.rule().station() == Station::sheet);
    CHECK(desk.document().puppetIndex() == 0);
}

TEST_CASE("Every joint, part and mass can be taken in hand by keys, at the stations that are about them") {
    Desk desk;
    const auto& c = desk.report().choice;
    // Each comes once on the way round: joints by the bare key at Wire, parts at Skin, the others with Ctrl.
    for (Station s : {Station::wire, Station::skin}) {
        desk.station(s);
        desk.window.rail().setFocus();
        for (Qt::KeyboardModifiers with : {Qt::NoModifier, Qt::ControlModifier}) {
            const bool parts = (s == Station::skin) != (with == Qt::ControlModifier);
            const std::size_t all = parts ? c.parts.size() : c.skeleton.hinges.size();
            desk.document().select({});
            std::set<std::tuple<int, int, int, bool>> reached;
            std::set<QString> sentences;
            for (std::size_t i = 0; i < all; ++i) {
                QTest::keyClick(&desk.window.rail(), Qt::Key_Down, with);
                const app::Selection& x = desk.document().selection();
                CHECK((x.kind == app::Selection::Kind::joint) == !parts);
                reached.emplace(static_cast<int>(x.kind), x.limb, x.index, x.right);
                sentences.insert(app::sentenceOf(desk.document(), x));
            }
            INFO((parts ? "parts" : "joints") << " at " << (s == Station::wire ? "Wire" : "Skin"));
            CHECK(reached.size() == all);
            CHECK(sentences.size() == all);
        }
    }
    QTest::keyClick(&desk.window.rail(), Qt::Key_Escape);
    CHECK(desk.document().selection() == app::Selection{});
}

TEST_CASE("Escape puts down what the pointer holds, then what is selected") {
    Desk desk;
    desk.clickJoint("left knee");
    desk.keys(Qt::Key_M);
    REQUIRE(desk.window.sheet().hold());
    desk.keys(Qt::Key_Escape);
    CHECK_FALSE(desk.window.sheet().hold());
    CHECK(desk.document().selection().kind == app::Selection::Kind::joint);
    desk.keys(Qt::Key_Escape);
    CHECK(desk.document().selection() == app::Selection{});
}

TEST_CASE("A letter typed into a field or a list never acts") {
    Desk desk(Station::skin);
    auto* clay = desk.find<QComboBox>("clay");
    clay->setFocus();
    for (Qt::Key key : {Qt::Key_W, Qt::Key_T, Qt::Key_L, Qt::Key_V, Qt::Key_M}) {
        const auto view = desk.window.rail().view();
        Desk::key(clay, key);
        CHECK(desk.window.rail().view() == view);
        CHECK(clay->isVisible());
        CHECK(desk.find<QWidget>("skinBench")->isVisible());
        CHECK_FALSE(desk.window.sheet().lifeSize());
    }
}

TEST_CASE("The accessible tree has a child for every joint, part, wire and step, with its sentence and its state") {
    Desk desk;
    const auto tree = [](QWidget& view, std::size_t expected) {
        QAccessibleInterface* i = must(QAccessible::queryAccessibleInterface(&view));
        INFO(view.objectName().toStdString());
        CHECK(i->role() == QAccessible::List);
        REQUIRE(i->childCount() == static_cast<int>(expected));
        int selected = 0;
        for (int k = 0; k < i->childCount(); ++k) {
            QAccessibleInterface* child = must(i->child(k));
            CHECK_FALSE(child->text(QAccessible::Name).isEmpty());
            CHECK(child->parent() == i);
            CHECK(i->indexOfChild(child) == k);
            selected += child->state().selected;
        }
        return selected;
    };
    const auto& r = desk.report();
    const std::size_t all = r.choice.skeleton.hinges.size() + r.choice.parts.size();
    CHECK(tree(desk.window.sheet(), all) == 0);
    desk.clickJoint("left knee");
    CHECK(tree(desk.window.sheet(), all) == 1);
    desk.station(Station::wire);
    CHECK(tree(desk.window.rail(), all) == 1);
    CHECK(tree(*desk.find<app::LaidLimb>("laidLimb"), r.choice.limbs[2].demands.size()) == 1);
    auto* window = desk.find<app::WiresWindow>("holdWindow");
    CHECK(QAccessible::queryAccessibleInterface(window)->childCount() > 10);
    // What a reader presses is chosen.
    QAccessibleInterface* limb = QAccessible::queryAccessibleInterface(desk.find<app::LaidLimb>("laidLimb"));
    limb->child(0)->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
    CHECK(desk.document().selection().index == r.choice.limbs[2].demands[0].joint);
    desk.station(Station::plan);
    auto& job = desk.window.findChild<app::PlanPage*>()->job();
    REQUIRE(job.wait(kPatience_ms));
    CHECK(tree(*desk.find<app::PlanDays>("planDays"), job.state()->plan.steps.size()) <= 1);
}

TEST_CASE("What is taken in hand, what was refused and what a change did are announced") {
    Desk desk;
    QStringList heard;
    app::setListener([&](const QString& sentence) { heard << sentence; });
    desk.station(Station::wire);
    desk.window.rail().setFocus();
    Desk::key(&desk.window.rail(), Qt::Key_Down);
    const QString inHand = app::sentenceOf(desk.document(), desk.document().selection());
    CHECK_FALSE(inHand.isEmpty());
    CHECK(heard.contains(inHand));
    heard.clear();
    Q_EMIT desk.document().refused("there is no limb on the clipboard");
    CHECK(heard.join(' ').contains("no limb"));
    // The label says what it shows, so a reader reads that and not "message".
    CHECK(desk.find<QLabel>("message")->accessibleName() == desk.find<QLabel>("message")->text());
    heard.clear();
    body::Wants wants = desk.document().puppet().wants;
    wants.film_s = 500;
    desk.document().change("Lasts for 500 s", [&](const document::Edits& e) { return e.setWants(wants); });
    Desk::settle();
    CHECK(heard.join(' ').contains("500"));
    CHECK(heard.join(' ').contains("fail now"));
    app::setListener({});
}

TEST_CASE("The ring of the focus stands out three to one from what it lies on, by day and by night") {
    for (bool night : {false, true}) {
        app::setNightLook(night);
        Desk desk(Station::wire);
        std::vector<QWidget*> views{&desk.window.rail(), desk.find<QWidget>("laidLimb"),
                                    desk.find<QWidget>("holdWindow"), desk.window.rule().division(Station::bulk),
                                    desk.window.shelf().puppet(1)};
        for (QWidget* w : views) {
            INFO(w->metaObject()->className() << (night ? " by night" : " by day"));
            w->setFocus();
            Desk::settle();
            const QImage with = desk.window.grab(QRect(w->mapTo(&desk.window, QPoint()), w->size())).toImage();
            desk.window.rule().division(Station::sheet)->setFocus();
            Desk::settle();
            const QImage without = desk.window.grab(QRect(w->mapTo(&desk.window, QPoint()), w->size())).toImage();
            // Pixels that the focus alone changed, against what lies there without it.
            int strong = 0, changed = 0;
            for (int y = 0; y < with.height(); ++y)
                for (int x = 0; x < with.width(); ++x) {
                    const QColor a = with.pixelColor(x, y), b = without.pixelColor(x, y);
                    if (std::abs(a.red() - b.red()) + std::abs(a.green() - b.green()) + std::abs(a.blue() - b.blue()) <
                        60)
                        continue;
                    ++changed;
                    strong += contrast(a, b) >= 3;
                }
            CHECK(strong > 1.5 * (with.width() + with.height())); // a ring of two pixels, most of it
        }
    }
    app::setNightLook(false);
}

TEST_CASE("Words stand out four and a half to one from what they are written on, by day and by night") {
    for (bool night : {false, true}) {
        app::setNightLook(night);
        const app::Look& l = app::look();
        const auto readable = [&](QColor ink, std::initializer_list<QColor> grounds) {
            for (const QColor& ground : grounds) {
                INFO(ink.name().toStdString()
                     << " on " << ground.name().toStdString() << (night ? " by night" : " by day"));
                CHECK(contrast(ink, ground) >= 4.5);
            }
        };
        readable(l.ink, {l.sheet, l.card, l.lit, l.shade, l.bench});
        readable(l.graphite, {l.sheet, l.card, l.shade});
        for (const QColor& state : {l.slack, l.tired, l.holds})
            readable(state, {l.sheet, l.card});
        readable(l.steelInk, {l.steel});
    }
    app::setNightLook(false);
}

TEST_CASE("Puppets are duplicated, put in order and removed, each by one step back") {
    Desk desk;
    const auto act = [&](const char* words) {
        for (QAction* a : desk.window.findChildren<QAction*>())
            if (a->text() == words) return a->trigger(), Desk::settle();
        FAIL("no action " << words);
    };
    const auto names = [&] {
        QStringList all;
        for (const auto& p : desk.document().production().puppets)
            all << QString::fromStdString(p.name);
        return all.join(", ");
    };
    REQUIRE(names() == "Tansy, Brindle, Old Reed");
    act("Move to the ri&ght");
    CHECK(names() == "Brindle, Tansy, Old Reed");
    CHECK(desk.document().puppet().name == "Tansy");
    act("&Duplicate");
    CHECK(names() == "Brindle, Tansy, Old Reed, Tansy 2");
    CHECK(desk.document().puppet().name == "Tansy 2");
    CHECK(desk.window.shelf().count() == 4);
    act("Re&move");
    CHECK(names() == "Brindle, Tansy, Old Reed");
    for (int i = 0; i < 3; ++i)
        desk.undo();
    CHECK(names() == "Tansy, Brindle, Old Reed");
}

TEST_CASE("Several in hand at once: every edit goes to all of them as one step back") {
    Desk desk(Station::wire);
    // The like on all fingers, by keys.
    const auto& hinges = desk.report().choice.skeleton.hinges;
    for (const auto& h : hinges)
        if (h.label == "left first finger knuckle") {
            const auto& c = desk.report().choice.skeleton.copies[nth(h.copy)];
            desk.document().select({app::Selection::Kind::joint, c.limb, h.joint, false});
        }
    REQUIRE(desk.document().selected().size() == 1);
    desk.keys(Qt::Key_K, Qt::ControlModifier);
    const std::size_t fingers = desk.document().selected().size();
    CHECK(fingers == 4);
    const auto before = desk.document().value();
    const int steps = desk.document().undoStack().count();
    const auto selected = desk.document().selected();
    const double gap = 6.5;
    desk.type("gap", "6.5");
    CHECK(desk.document().undoStack().count() == steps + 1);
    for (const app::Selection& s : selected)
        CHECK(desk.document().puppet().limbs[nth(s.limb)].joints[nth(s.index)].gap_mm == gap);
    desk.undo();
    CHECK(desk.document().production() == *before);

    // All parts of one clay, at Skin: thicker together, and back in one step.
    for (std::size_t i = 0; i < desk.report().choice.parts.size(); ++i)
        if (desk.report().choice.parts[i].label == "hips")
            desk.document().select(app::selectionOf(desk.report(), static_cast<int>(i)));
    desk.station(Station::skin);
    desk.keys(Qt::Key_J, Qt::ControlModifier);
    const auto parts = desk.document().selected();
    REQUIRE(parts.size() >= 3); // hips, waist, chest
    desk.pickData("clay", "firm-grey");
    CHECK(desk.document().undoStack().count() == steps + 1);
    for (const app::Selection& s : parts) {
        const auto& p = desk.document().puppet();
        CHECK((s.kind == app::Selection::Kind::mass ? p.masses[nth(s.index)].layers
                                                    : p.limbs[nth(s.limb)].segments[nth(s.index)].layers)
                  .clay == "firm-grey");
    }
    desk.undo();
    CHECK(desk.document().production() == *before);

    // Shift and Ctrl take more in hand, Ctrl once more lets one go; Escape lets all go.
    desk.station(Station::wire);
    desk.document().select({});
    desk.window.rail().setFocus();
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(&desk.window.rail(), Qt::Key_Down, Qt::ShiftModifier);
    CHECK(desk.document().selected().size() == 3);
    const int knee = app::hingeOf(desk.report(), {app::Selection::Kind::joint, 2, 2, false});
    const QPoint at = desk.window.rail().hingeOnScreen(knee).toPoint();
    QTest::mouseClick(&desk.window.rail(), Qt::LeftButton, Qt::ControlModifier, at);
    CHECK(desk.document().selected().size() == 4);
    QTest::mouseClick(&desk.window.rail(), Qt::LeftButton, Qt::ControlModifier, at);
    CHECK(desk.document().selected().size() == 3);
    desk.keys(Qt::Key_Escape);
    CHECK(desk.document().selected().empty());
}
