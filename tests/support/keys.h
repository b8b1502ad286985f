#pragma once
// A builder who has no mouse.
#include "support/driven.h"

namespace enkinet::test {

/// Nothing but keys, to whatever has the focus.
struct Keys {
    Desk& desk;
    void press(Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier, int times = 1) {
        while (times-- > 0) {
            QWidget* in = QApplication::focusWidget();
            QTest::keyClick(in ? in : static_cast<QWidget*>(&desk.window), key, with);
        }
        Desk::settle();
    }
    void tabTo(const QString& name) {
        for (int i = 0; i < 120; ++i) {
            QWidget* in = QApplication::focusWidget();
            if (in && in->objectName() == name) return;
            QTest::keyClick(in ? in : static_cast<QWidget*>(&desk.window), Qt::Key_Tab);
            if (i % 10 == 9) Desk::settle();
        }
        FAIL("Tab never comes to " << name.toStdString());
    }
    void space(const QString& button) {
        tabTo(button);
        press(Qt::Key_Space);
    }
    void choose(const QString& box, const QVariant& wanted) {
        tabTo(box);
        auto* combo = must(qobject_cast<QComboBox*>(QApplication::focusWidget()));
        const int target = combo->findData(wanted);
        REQUIRE(target >= 0);
        for (int i = 0; i < 60 && combo->currentIndex() != target; ++i)
            press(combo->currentIndex() < target ? Qt::Key_Down : Qt::Key_Up);
        CHECK(combo->currentIndex() == target);
    }
    void type(const QString& field, const QString& text) {
        tabTo(field);
        press(Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(QApplication::focusWidget(), text);
        press(Qt::Key_Return);
    }
    /// The pen from where it is to a point: tens with Shift, then ones.
    void penTo(Vec3& pen, const Vec3& to) {
        const auto go = [&](double from, double until, Qt::Key less, Qt::Key more, Qt::KeyboardModifiers with) {
            const int by = static_cast<int>(std::lround(until - from));
            press(by < 0 ? less : more, with | Qt::ShiftModifier, std::abs(by) / 10);
            press(by < 0 ? less : more, with, std::abs(by) % 10);
        };
        go(pen.x, to.x, Qt::Key_Left, Qt::Key_Right, Qt::NoModifier);
        go(pen.y, to.y, Qt::Key_Down, Qt::Key_Up, Qt::NoModifier);
        go(pen.z, to.z, Qt::Key_Left, Qt::Key_Right, Qt::ControlModifier);
        pen = to;
    }
    void putOn(int entry) {
        tabTo("putOn");
        QTimer::singleShot(0, [entry] {
            QWidget* menu = QApplication::activePopupWidget();
            if (!menu) return;
            for (int i = 0; i <= entry; ++i)
                QTest::keyClick(menu, Qt::Key_Down);
            QTest::keyClick(menu, Qt::Key_Return);
        });
        press(Qt::Key_Space);
    }
    /// Steps over the figure until something of a kind is in hand that a test picks.
    template <class Wanted> void walkTo(Wanted wanted) {
        tabTo("sheet");
        for (int i = 0; i < 60; ++i) {
            if (wanted(desk.document().selection())) return;
            press(Qt::Key_Right, Qt::ControlModifier);
        }
        FAIL("never in hand");
    }
};

} // namespace enkinet::test
