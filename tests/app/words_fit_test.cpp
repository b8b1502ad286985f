// No word is cut and none lies on another: at every station and tab, in every language, at four sizes of the window.
#include "document/translated.h"
#include "shell/window.h"
#include "stations/plan/plan_days.h"
#include "stations/shoot/shot_table.h"
#include "support/driven.h"
#include "support/words_painted.h"
#include "widgets/fields.h"
#include "words/language.h"
#include "words/text.h"
#include <QFile>
#include <QLabel>
#include <QTemporaryDir>

using results::Station;

namespace {
/// Speaks another language for as long as it lives.
struct Speaking {
    explicit Speaking(const QString& code) { app::applyLanguage(code); }
    ~Speaking() { app::applyLanguage("en"); }
    Speaking(const Speaking&) = delete;
    Speaking& operator=(const Speaking&) = delete;
};

std::vector<QAbstractButton*> tabsShown(app::Window& window) {
    std::vector<QAbstractButton*> all;
    for (auto* b : window.findChildren<QAbstractButton*>())
        if (b->isVisible() && b->objectName().startsWith("tab")) all.push_back(b);
    return all;
}

/// What widgets say as a whole, for telling words that end in dots from those that were cut to them.
QString saidByWidgets(app::Window& window) {
    QStringList all;
    for (QWidget* w : window.findChildren<QWidget*>()) {
        if (!w->isVisible()) continue;
        if (auto* b = qobject_cast<QAbstractButton*>(w)) all << b->text();
        if (auto* l = qobject_cast<QLabel*>(w)) all << l->text();
        if (auto* c = qobject_cast<QComboBox*>(w)) all << c->currentText();
        if (auto* e = qobject_cast<QLineEdit*>(w)) all << e->placeholderText() << e->text();
    }
    all << QCoreApplication::translate("enkinet::app::ShotFrames", "Working it out …");
    return all.join("\n");
}

/// Cards of minutes have room for an icon and what is left of a name; the whole of it is their tooltip.
bool mayShorten(app::Window& window, const PaintedWord& w) {
    for (QWidget* at = window.childAt(w.box.center().toPoint()); at; at = at->parentWidget())
        if (qobject_cast<app::PlanDays*>(at) || qobject_cast<app::ShotTable*>(at)) return true;
    return false;
}

/// Number of words that were looked at.
std::size_t checkWords(app::Window& window) {
    std::vector<PaintedWord> seen;
    for (const PaintedWord& w : wordsPainted(window))
        if (w.seen.intersects(w.box)) seen.push_back(w);
    const QString whole = saidByWidgets(window);
    for (std::size_t i = 0; i < seen.size(); ++i) {
        const PaintedWord& w = seen[i];
        INFO(w.text.toStdString());
        CHECK(w.box.left() >= w.seen.left() - 1);
        CHECK(w.box.right() <= w.seen.right() + 1);
        if (w.text.endsWith(u'…') && !whole.contains(w.text)) CHECK(mayShorten(window, w));
        for (std::size_t k = 0; k < i; ++k) {
            INFO("on " << seen[k].text.toStdString());
            CHECK_FALSE((seen[k].box & seen[k].seen).adjusted(0.5, 0.5, -0.5, -0.5).intersects(w.box & w.seen));
        }
    }
    for (const QLabel* l : window.findChildren<QLabel*>())
        if (l->isVisible() && l->wordWrap() && !l->text().isEmpty()) {
            INFO(l->text().toStdString());
            CHECK(l->heightForWidth(l->width()) <= l->height() + 1);
        }
    return seen.size();
}
} // namespace

TEST_CASE("No word is cut or lies on another, at four sizes, in every language, at every station and tab") {
    REQUIRE(app::languages().size() >= 2);
    std::size_t words = 0;
    for (const QString& language : app::languages()) {
        const Speaking speaking(language);
        Desk desk;
        // The last is a screen of 1920 by 1080 at 200 per cent.
        for (const QSize size : {QSize(1280, 800), QSize(1024, 700), QSize(1920, 1080), QSize(960, 540)}) {
            desk.window.resize(size);
            desk.document().showPuppet(size.width() == 1280 ? 1 : 0);
            Desk::settle();
            REQUIRE(desk.window.size() == size);
            for (int s = 0; s < results::kStations; ++s) {
                desk.station(static_cast<Station>(s));
                const std::size_t tabs = std::max<std::size_t>(1, tabsShown(desk.window).size());
                for (std::size_t l = 0; l < tabs; ++l) {
                    if (const auto shown = tabsShown(desk.window); l < shown.size()) {
                        shown[l]->click();
                        Desk::settle();
                        QTest::qWait(20);
                    }
                    INFO(language.toStdString()
                         << " " << size.width() << " x " << size.height() << ", station " << s << ", tab " << l);
                    words += checkWords(desk.window);
                }
            }
        }
    }
    CHECK(words > 8000);
}

TEST_CASE("The desk speaks another language at once, over the same document, and undo still works") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    desk.type("gap", "14.5");
    const QString before = desk.document().undoStack().undoText();
    REQUIRE(before.contains("14.5"));
    desk.window.setLanguage("de");
    Desk::settle();
    CHECK(desk.window.rule().division(Station::wire)->text().contains("Draht"));
    CHECK(desk.find<QWidget>("verdict")->isVisible());
    CHECK(desk.find<QAbstractSpinBox>("gap")->text().toStdString() == "14,5 mm");
    CHECK(desk.document().undoStack().undoText() == before);
    desk.undo();
    CHECK(desk.find<QAbstractSpinBox>("gap")->text().toStdString() == "13,0 mm");
    // What the core says speaks it too.
    Q_EMIT desk.document().refused(
        app::translated(Fault{words("limb %1", std::string("leg")),
                              words("length %1", quantity(0.5, Dimension::length)), words("must be above 0")}));
    CHECK(desk.window.message().toStdString() == "Nicht getan: Glied leg: Länge 0,5 mm muss über 0 sein");
    desk.window.setLanguage("en");
    Desk::settle();
    CHECK(desk.window.rule().division(Station::wire)->text().contains("Wire"));
    CHECK(desk.find<QAbstractSpinBox>("gap")->text() == "13.0 mm");
    desk.type("gap", "15");
    CHECK(desk.document().undoStack().undoText().contains("15"));
    app::preferLanguage({});
}

TEST_CASE("Temperatures are shown and typed in the degrees of the builder, and kept in those of the core") {
    app::NumberField f(app::NumberField::Kind::heat, 0, 400, 5, 0, "heat");
    app::Text::setFahrenheit(true);
    f.show(130);
    CHECK(f.text() == "266 °F");
    f.selectAll();
    QTest::keyClicks(&f, "275");
    QTest::keyClick(&f, Qt::Key_Return);
    CHECK(f.core() == Approx(135));
    CHECK(app::Text::temperature(130) == "266 °F");
    CHECK(app::Text::warmth(5) == "9.0 °F");
    app::Text::setFahrenheit(false);
    f.show(130);
    CHECK(f.text() == "130 °C");
    CHECK(app::Text::temperature(130) == "130 °C");
}

TEST_CASE("Inches are read as on a rule, in sixteenths or thirty-seconds within 0.4 mm, and typed so") {
    using app::Text;
    CHECK(Text::fraction(9.4375, 16) == "9 7/16");
    CHECK(Text::fraction(0.5, 8) == "1/2");
    CHECK(Text::fraction(-1.25, 8) == "-1 1/4");
    CHECK(Text::fraction(0.01, 8) == "0");
    CHECK(Text::fraction(1.999, 8) == "2");
    Text::setInches(true);
    Random random(7);
    for (int i = 0; i < 500; ++i) {
        const double mm = random.between(26, 900);
        QString shown = Text::length(mm);
        REQUIRE(shown.endsWith(" in"));
        app::NumberField f(app::NumberField::Kind::length, 1, 1000, 1, 2, "length");
        f.show(50);
        f.selectAll();
        QTest::keyClicks(&f, shown.chopped(3));
        QTest::keyClick(&f, Qt::Key_Return);
        INFO(mm << " " << shown.toStdString());
        CHECK(std::abs(f.core() - mm) < 0.41);
    }
    CHECK(Text::length(12.7) == "0.50 in");
    Text::setInches(false);
    CHECK(Text::length(12.7) == "12.7 mm");
    CHECK(Text::number(-0.3, 0) == "0");
    CHECK(Text::number(-0.7, 0) == QLocale().negativeSign() + "1");
}

TEST_CASE("What ships has names in the window's language: cards at once, a kind's parts when a puppet begins") {
    const Speaking german("de");
    Desk desk(false);
    desk.pickData("startWhich", "biped");
    desk.click("startKind");
    REQUIRE(desk.document().hasPuppet());
    const body::Puppet& p = desk.document().puppet();
    CHECK(p.name == "Neuer Zweibeiner");
    CHECK(body::findLimb(p, "leg")->name == "Bein");
    for (const body::Limb& l : p.limbs)
        for (const body::Joint& j : l.joints)
            CHECK(j.name != "knee");
    const auto nameOf = [&](const char* id) {
        for (const auto& c : desk.document().shippedCards().wires)
            if (c.id == id) return c.name;
        return std::string();
    };
    const std::string id = desk.document().shippedCards().wires.front().id;
    const std::string before = nameOf(id.c_str());
    // Its own names stay when the desk speaks English; those of the cards follow.
    desk.window.setLanguage("en");
    Desk::settle();
    CHECK(desk.document().puppet().name == "Neuer Zweibeiner");
    CHECK(nameOf(id.c_str()) != before);
    // A card is kept by its id, whatever it is called.
    QTemporaryDir dir;
    REQUIRE(desk.document().saveAs(dir.filePath("biped.json")).isEmpty());
    QFile f(dir.filePath("biped.json"));
    REQUIRE(f.open(QIODevice::ReadOnly));
    CHECK(f.readAll().contains(QByteArray("\"wire_card\": \"") + id.c_str()));
    app::preferLanguage({});
}

TEST_CASE("The word under the figure stands below the wires that go into the base") {
    Desk desk(Station::wire);
    int planted = 0;
    for (int puppet = 0; puppet < 3; ++puppet) {
        desk.document().showPuppet(puppet);
        Desk::settle();
        double depth = 0;
        for (const body::Limb& l : desk.document().puppet().limbs)
            if (l.tieDown) depth = std::max(depth, l.tieDown->depth_mm);
        // The scale by two joints as they stand on screen; legs go straight down in the demo.
        const auto& hinges = desk.report().choice.skeleton.hinges;
        const auto height = [&](std::size_t i) { return hinges[i].at.y; };
        std::size_t low = 0, high = 0;
        for (std::size_t i = 0; i < hinges.size(); ++i) {
            if (height(i) < height(low)) low = i;
            if (height(i) > height(high)) high = i;
        }
        const auto shown = [&](std::size_t i) { return desk.window.rail().hingeOnScreen(static_cast<int>(i)).y(); };
        const double scale = (shown(low) - shown(high)) / (height(high) - height(low));
        const QPoint corner = desk.window.rail().mapTo(&desk.window, QPoint(0, 0));
        const double end = corner.y() + shown(low) + (height(low) + depth) * scale;
        for (const PaintedWord& w : wordsPainted(desk.window))
            if (w.text.contains("V turns it")) {
                INFO(puppet);
                CHECK(end <= w.box.top());
                planted += depth > 0;
            }
    }
    CHECK(planted == 3);
}
