#pragma once
// A real window under a virtual display, worked with keys and mouse as a builder would.
#include "sheet/sheet_view.h"
#include "shell/figure_rail.h"
#include "shell/station_bar.h"
#include "shell/window.h"
#include "support/near.h"
#include "support/sanitized.h"
#include "widgets/answer.h"
#include <QAbstractButton>
#include <QAbstractSpinBox>
#include <QAction>
#include <QComboBox>
#include <QDialog>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QTest>
#include <QTimer>
#include <functional>

namespace enkinet::test {

/// A window on the demo production, shown and settled.
struct Desk {
    QStringList refused; ///< what the document said no to, in its words
    app::Window window;

    explicit Desk(bool demo = true) {
        // Edits are followed to their results, unless a test is about what stands before they are there.
        document().setPatience(qEnvironmentVariableIsSet("ENKINET_TEST_PATIENCE")
                                   ? qEnvironmentVariableIntValue("ENKINET_TEST_PATIENCE")
                                   : kPatience_ms);
        window.show();
        REQUIRE(QTest::qWaitForWindowExposed(&window));
        // No window manager hands out the focus on a bare virtual display.
        QApplication::setActiveWindow(&window);
        QObject::connect(&document(), &app::Document::refused, &window, [this](const QString& s) { refused << s; });
        if (demo) REQUIRE(document().openCopy(QString::fromStdString(kDemo)).isEmpty());
        settle();
    }
    explicit Desk(results::Station s) : Desk() { station(s); }
    app::Document& document() { return window.document(); }
    const results::Report& report() { return document().report(); }

    /// Until results are there and drawn.
    static void settle() {
        for (int i = 0; i < 4; ++i)
            QApplication::processEvents();
        for (int i = 0; i < 1000; ++i) {
            bool working = false;
            for (QWidget* w : QApplication::topLevelWidgets())
                if (auto* desk = qobject_cast<app::Window*>(w))
                    working = working || !desk->document().waitForResults(30) || desk->document().isSaving();
            QApplication::processEvents();
            if (!working) return;
            QTest::qWait(2); // a file that is being written is not waited for by what asks for results
        }
        FAIL("results never came");
    }
    template <class Widget> Widget* find(const char* name) {
        auto* w = window.findChild<Widget*>(name);
        INFO("widget " << name);
        REQUIRE(w);
        return w;
    }
    void station(results::Station s) { mouse(window.rule().division(s)); }
    /// Opens the fold that a field lies in, with a click on its line.
    void unfold(QWidget* field) {
        for (QWidget* w = field; w; w = w->parentWidget())
            if (auto* fold = qobject_cast<app::Fold*>(w); fold && !fold->isOpen()) {
                mouse(fold->findChild<QAbstractButton*>());
            }
    }
    /// Types a number into a field and presses Enter.
    void type(const char* field, const QString& text) { typeInto(find<QAbstractSpinBox>(field), text); }
    /// The same into a line of text.
    void write(const char* field, const QString& text) { typeInto(find<QLineEdit>(field), text); }
    template <class Field> void typeInto(Field* field, const QString& text) {
        unfold(field);
        REQUIRE(field->isVisible());
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, text);
        QTest::keyClick(field, Qt::Key_Return);
        settle();
    }
    /// Takes it in hand, as a click on the figure would.
    void take(const app::Selection& selection) {
        document().select(selection);
        settle();
    }
    void takeMass(int mass) { take({app::Selection::Kind::mass, -1, mass, false}); }
    void takeSegment(int limb, int segment, bool right = false) {
        take({app::Selection::Kind::segment, limb, segment, right});
    }
    /// Clicks a button that is in sight.
    void press(const char* name) {
        auto* b = find<QAbstractButton>(name);
        INFO("button " << name);
        REQUIRE(b->isVisible());
        mouse(b);
    }
    void pickData(const char* field, const QVariant& data) {
        auto* box = find<QComboBox>(field);
        unfold(box);
        const int i = box->findData(data);
        INFO("entry of " << field << ": " << data.toString().toStdString());
        REQUIRE(i >= 0);
        box->setFocus();
        box->setCurrentIndex(i);
        Q_EMIT box->activated(i);
        settle();
    }
    void keys(Qt::Key pressed, Qt::KeyboardModifiers with = Qt::NoModifier) { key(&window, pressed, with); }
    static void key(QWidget* to, Qt::Key pressed, Qt::KeyboardModifiers with = Qt::NoModifier) {
        QTest::keyClick(to, pressed, with);
        settle();
    }
    /// A click of the left button, in the middle where no place is given.
    static void mouse(QWidget* on, QPoint at = {}) {
        QTest::mouseClick(on, Qt::LeftButton, {}, at);
        settle();
    }
    template <class Test>
    static void until(const Test& holds, const char* file = __builtin_FILE(), int line = __builtin_LINE()) {
        INFO(file << ":" << line);
        REQUIRE(QTest::qWaitFor(holds, kPatience_ms));
        settle();
    }
    /// Clicks a tab of a panel.
    void tab(const char* tabs, int index) {
        auto* button = must(find<QWidget>(tabs)->findChild<QAbstractButton*>("tab" + QString::number(index)));
        mouse(button);
    }
    /// A puppet of its own shape, so many millimetres high, from the empty bench.
    void startOwn(const QString& height) {
        window.resize(1380, 960);
        pickData("startWhich", "own");
        type("startHeight", height);
        click("startKind");
        REQUIRE(document().hasPuppet());
        REQUIRE(document().puppet().limbs.empty());
    }
    void click(const char* button) {
        auto* b = find<QAbstractButton>(button);
        REQUIRE(b->isEnabled());
        mouse(b);
    }
    /// The build sheets by the menu's entry, and the name typed into the file dialog; whatever happens, none is left
    /// open.
    void printTo(const QString& pdf) {
        QTimer::singleShot(0, [&] {
            auto* box = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!box) return;
            if (auto* name = box->findChild<QLineEdit*>("fileNameEdit")) {
                name->setFocus();
                QTest::keyClick(name, Qt::Key_A, Qt::ControlModifier);
                QTest::keyClicks(name, pdf);
                QTest::keyClick(name, Qt::Key_Return);
            }
            if (box->isVisible()) box->accept();
            if (box->isVisible()) box->reject();
        });
        for (QAction* a : window.findChildren<QAction*>())
            if (a->text() == "Build sheets as P&DF…") a->trigger();
        settle();
    }
    /// Without keys, wherever the focus is.
    void takeBack() {
        document().undoStack().undo();
        settle();
    }
    void undo() { keys(Qt::Key_Z, Qt::ControlModifier); }
    void redo() { keys(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier); }
    /// Clicks a joint where it stands on the front elevation.
    void clickJoint(const std::string& label) {
        const auto& hinges = report().choice.skeleton.hinges;
        for (std::size_t i = 0; i < hinges.size(); ++i)
            if (hinges[i].label == label) {
                // On the figure that is there: the rail, or the sheet itself.
                if (window.rail().isVisible())
                    QTest::mouseClick(&window.rail(), Qt::LeftButton, {},
                                      window.rail().hingeOnScreen(static_cast<int>(i)).toPoint());
                else
                    QTest::mouseClick(&window.sheet(), Qt::LeftButton, {},
                                      window.sheet().hingeOnScreen(static_cast<int>(i), app::View::front).toPoint());
                settle();
                return;
            }
        FAIL("no joint " << label);
    }
};

/// Answers the next dialogs in turn, each as it comes: a path into a file dialog, else the button of that text, Escape
/// where it is empty. `first` is done before the first is answered.
inline void answer(QStringList answers, const std::function<void()>& first = {}, const QWidget* before = nullptr) {
    if (answers.isEmpty()) return;
    QTimer::singleShot(20, qApp, [answers, first, before]() mutable {
        QWidget* dialog = QApplication::activeModalWidget();
        if (!dialog || dialog == before || !dialog->isVisible()) return answer(answers, first, before);
        if (first) first();
        const QString next = answers.takeFirst();
        answer(answers, {}, dialog);
        if (next.isEmpty()) return QTest::keyClick(dialog, Qt::Key_Escape);
        if (auto* name = dialog->findChild<QLineEdit*>("fileNameEdit")) {
            name->setText(next);
            return QTest::keyClick(name, Qt::Key_Return);
        }
        for (auto* b : dialog->findChildren<QAbstractButton*>())
            if (b->text().remove('&') == next) return b->click();
        FAIL("no button " << next.toStdString());
    });
}

/// Nothing where there is no such file.
inline QByteArray bytesOf(const QString& path) {
    QFile f(path);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
}

/// A drawing that comes with the demo.
inline QByteArray demoBytes(const char* file) {
    QFile f(QString::fromStdString(kDataDir) + "/demo/" + file);
    REQUIRE(f.open(QIODevice::ReadOnly));
    return f.readAll();
}

/// Every number of a report that a station shows, for comparing to the bit.
inline std::vector<double> numbersOf(const results::Report& r) {
    // A chance that is not said compares as one that is not there.
    std::vector<double> n{r.choice.totals.mass_g(), std::isnan(r.choice.survival) ? -1 : r.choice.survival.value,
                          r.plan.hands_min, r.plan.elapsed_min, r.price};
    for (const auto& l : r.choice.limbs) {
        n.push_back(l.chosen);
        for (const auto& v : l.verdicts)
            n.insert(n.end(), {v.bend.hold_Nmm, v.effort_N, v.life_s, v.survival, v.bend.springback_rad});
        for (const auto& d : l.demands)
            n.insert(n.end(), {d.needed_Nmm, d.effortLimit_Nmm, d.room_mm});
    }
    for (const auto& p : r.choice.parts)
        n.insert(n.end(), {p.volume_mm3, p.mass_g(), p.surface_mm2});
    for (const auto& b : r.bakes)
        n.push_back(b.minutes.value);
    for (const auto& c : r.cuts)
        n.insert(n.end(), {c.total_mm(), c.turns});
    for (const auto& x : r.needs)
        n.insert(n.end(), {x.needed, x.price});
    return n;
}

} // namespace enkinet::test
