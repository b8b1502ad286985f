// Steps laid elsewhere by hand and keys, habits of order, what goes off the shelf, pictures in the diary.
#include "files/container.h"
#include "stations/plan/diary.h"
#include "stations/plan/plan_page.h"
#include "support/planned_desk.h"
#include "widgets/answer.h"
#include <QFile>
#include <QLabel>
#include <QTemporaryDir>

using results::Station;

TEST_CASE("A step is laid elsewhere by hand and by keys, where it may not go is said, and it is taken back",
          "[window]") {
    Wall wall("2026-11-30T10:00");
    Desk desk(Station::plan);
    auto* days = desk.find<app::PlanDays>("planDays");
    auto k = planOf(desk);
    // A skin of another day than the first, whose own bulk stands before it.
    const auto placeOf = [&](const document::StepKey& key) {
        for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
            if (results::keyOf(*k->of, k->result->puppets, k->plan.steps[i].step) == key) return static_cast<int>(i);
        return -1;
    };
    const auto keyAt = [&](int i) { return results::keyOf(*k->of, k->result->puppets, k->plan.steps[nth(i)].step); };
    const auto drag = [&](int step, const QPoint& to) {
        const QPoint from = days->boxOf(step).center();
        QTest::mousePress(days, Qt::LeftButton, {}, from);
        QTest::mouseMove(days, from + QPoint(0, 12));
        for (const QPoint& at : {from + QPoint(30, 0), to}) {
            QMouseEvent move(QEvent::MouseMove, at, days->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
            QApplication::sendEvent(days, &move);
        }
        QTest::mouseRelease(days, Qt::LeftButton, {}, to);
        Desk::settle();
    };
    const auto hasBulk = [&](const make::Step& s) {
        return std::any_of(s.after.begin(), s.after.end(), [&](const make::After& a) {
            return k->result->puppets[0]->plan.steps[nth(a.step)].kind == make::StepKind::bulk;
        });
    };
    int skin = -1, bulk = -1;
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
        if (const results::Planned& s = k->plan.steps[i];
            s.step.puppet == 0 && s.step.copy == 1 && k->step(s.step).kind == make::StepKind::skin && skin < 0 &&
            !days->boxOf(static_cast<int>(i)).isNull() && dayOf(s.at.from) > dayOf(k->plan.start) &&
            hasBulk(k->step(s.step)))
            skin = static_cast<int>(i);
    REQUIRE(skin >= 0);
    document::StepKey skinKey = keyAt(skin);
    // Later: dropped two days on, it begins no sooner, on a quarter of an hour.
    const Minute was = k->plan.steps[nth(skin)].at.from;
    QPoint there = days->boxOf(skin).center();
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
        if (dayOf(k->plan.steps[i].at.from) >= dayOf(was) + 1 && !days->boxOf(static_cast<int>(i)).isNull()) {
            there = days->boxOf(static_cast<int>(i)).center();
            break;
        }
    drag(skin, there);
    REQUIRE(desk.document().production().moves.size() == 1);
    const document::StepMove moved = desk.document().production().moves[0];
    CHECK(moved.step == skinKey);
    REQUIRE(moved.notBefore);
    CHECK(*moved.notBefore % 15 == 0);
    CHECK(*moved.notBefore > was);
    k = planOf(desk);
    CHECK(k->plan.steps[nth(placeOf(skinKey))].at.from >= *moved.notBefore);
    // It stands in the list, and Delete gives it back.
    CHECK(desk.find<QListWidget>("orderList")->count() == 1);
    days->choosePart(placeOf(skinKey));
    days->setFocus();
    Desk::key(days, Qt::Key_Delete);
    CHECK(desk.document().production().moves.empty());
    k = planOf(desk);
    // Earlier than what it waits for: said, and nothing is changed. One that a finger can take hold of.
    constexpr int kTaken = 12;
    skin = -1;
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
        if (const results::Planned& s = k->plan.steps[i];
            s.step.puppet == 0 && s.step.copy == 1 && k->step(s.step).kind == make::StepKind::skin && skin < 0 &&
            days->boxOf(static_cast<int>(i)).width() >= kTaken && hasBulk(k->step(s.step)))
            skin = static_cast<int>(i);
    REQUIRE(skin >= 0);
    skinKey = keyAt(skin);
    const int task = k->planning.find(k->plan.steps[nth(skin)].step);
    for (int a : k->planning.problem.tasks[nth(task)].after)
        for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
            if (k->plan.steps[i].step == k->planning.steps[nth(a)] && !k->plan.steps[i].done &&
                k->step(k->plan.steps[i].step).kind == make::StepKind::bulk)
                bulk = static_cast<int>(i);
    REQUIRE(bulk >= 0);
    const auto before = desk.document().value();
    drag(skin, QPoint(days->boxOf(bulk).left() + 1, days->boxOf(bulk).center().y()));
    CHECK(desk.document().value() == before);
    CHECK(desk.find<QLabel>("message")->text().contains("waits for"));
    // Escape lets go of what is held.
    {
        const QPoint from = days->boxOf(skin).center(), to = from + QPoint(0, 130);
        QTest::mousePress(days, Qt::LeftButton, {}, from);
        for (const QPoint& at : {from + QPoint(30, 0), to}) {
            QMouseEvent move(QEvent::MouseMove, at, days->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
            QApplication::sendEvent(days, &move);
        }
        QTest::keyClick(days, Qt::Key_Escape);
        QTest::mouseRelease(days, Qt::LeftButton, {}, to);
        Desk::settle();
        CHECK(desk.document().value() == before);
    }
    // By keys: one earlier at a time until something stands against it; then undone in one step each.
    int changed = 0;
    for (int i = 0; i < 40; ++i) {
        days->choosePart(placeOf(skinKey));
        days->setFocus();
        const auto had = desk.document().value();
        Desk::key(days, Qt::Key_Left, Qt::AltModifier);
        if (desk.document().value() == had) break;
        ++changed;
        REQUIRE(desk.document().production().moves.size() == 1);
        REQUIRE(desk.document().production().moves[0].before);
        const document::StepKey other = *desk.document().production().moves[0].before;
        k = planOf(desk);
        CHECK(k->planning.refused.empty());
        CHECK(k->plan.steps[nth(placeOf(skinKey))].at.handsEnd <= k->plan.steps[nth(placeOf(other))].at.from);
    }
    // What stopped it is said: something that it waits for, something begun, or nothing more before it.
    const QString stopped = desk.find<QLabel>("message")->text();
    CHECK(
        (stopped.contains("waits for") || stopped.contains("has begun") || stopped.contains("Nothing stands before")));
    for (int i = 0; i < changed; ++i)
        desk.takeBack();
    CHECK(desk.document().production().moves.empty());
    k = planOf(desk);
    days->choosePart(placeOf(skinKey));
    days->setFocus();
    Desk::key(days, Qt::Key_Right, Qt::AltModifier);
    REQUIRE(desk.document().production().moves.size() == 1);
    CHECK(desk.document().production().moves[0].notBefore);
    planOf(desk);
    desk.find<app::Fold>("orderFold")->setOpen(true);
    desk.find<QListWidget>("orderList")->setCurrentRow(0);
    desk.press("orderDrop");
    CHECK(desk.document().production().moves.empty());
}

TEST_CASE("Clay begins with the feet when the builder says so, and a step that is done takes its clay off the shelf",
          "[window]") {
    Wall wall("2026-11-30T10:00");
    Desk desk(Station::plan);
    auto* page = desk.window.findChild<app::PlanPage*>();
    auto k = planOf(desk);
    desk.pickData("orderBegin", 2);
    CHECK(desk.document().puppet().wants.begin == body::Begin::feet);
    desk.pickData("orderBase", 1);
    CHECK(desk.document().puppet().wants.baseTurn == body::BaseTurn::first);
    desk.document().undoStack().undo();
    desk.takeBack();
    CHECK(desk.find<QComboBox>("orderBegin")->currentIndex() == 0);
    k = planOf(desk);
    int skin = -1;
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
        if (k->plan.steps[i].step.puppet == 0 && k->step(k->plan.steps[i].step).kind == make::StepKind::skin &&
            !k->plan.steps[i].done && skin < 0)
            skin = static_cast<int>(i);
    REQUIRE(skin >= 0);
    const auto uses = results::findTaken(*k->of, k->step(k->plan.steps[nth(skin)].step));
    REQUIRE_FALSE(uses.empty());
    const auto held = [&] { return results::findHeld(desk.document().production().stock, uses[0].ware, uses[0].card); };
    desk.document().change("more clay", [&](const document::Edits& e) {
        return e.setHeld({{uses[0].ware, uses[0].card, 500}});
    });
    const auto key = results::keyOf(*k->of, k->result->puppets, k->plan.steps[nth(skin)].step);
    k = planOf(desk);
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
        if (results::keyOf(*k->of, k->result->puppets, k->plan.steps[i].step) == key)
            page->setStep(static_cast<int>(i));
    Desk::settle();
    desk.press("stepDone");
    CHECK(held() == Approx(500 - uses[0].amount));
    desk.takeBack();
    CHECK(held() == Approx(500));
}

TEST_CASE("A photograph is kept in the diary, small and with nothing else of its file, and is printed with its line",
          "[window]") {
    Desk desk(Station::plan);
    planOf(desk);
    desk.press("planDiary");
    auto* diary = desk.find<app::Diary>("diary");
    QTemporaryDir dir;
    const QString path = dir.filePath("crack.png"), broken = dir.filePath("broken.png");
    QImage photo(2400, 1200, QImage::Format_RGB32);
    photo.fill(QColor("#a04030"));
    photo.setText("Author", "somebody");
    REQUIRE(photo.save(path));
    QFile f(broken);
    REQUIRE(f.open(QIODevice::WriteOnly));
    f.write("no picture");
    f.close();
    const std::size_t before = desk.document().production().log.size();
    diary->addPicture(broken);
    CHECK(desk.document().production().log.size() == before);
    CHECK(desk.find<QLabel>("message")->text().contains("broken.png"));
    desk.pickData("diaryKind", 1);
    desk.find<QLineEdit>("diaryWords")->setText("a crack behind the ear");
    diary->addPicture(path);
    Desk::settle();
    const auto& log = desk.document().production().log;
    REQUIRE(log.size() == before + 1);
    CHECK(log.back().kind == document::LogKind::trouble);
    const std::string name = log.back().picture;
    REQUIRE(desk.document().production().pictures.contains(name));
    const std::string bytes = desk.document().production().pictures.at(name).get();
    CHECK(bytes.find("somebody") == std::string::npos);
    const QImage kept = QImage::fromData(QByteArray::fromStdString(bytes));
    CHECK(kept.width() == 1600);
    CHECK(kept.height() == 800);
    CHECK(diary->text().contains("a crack behind the ear"));
    CHECK(diary->text().contains(QChar(QChar::ObjectReplacementCharacter))); // the picture stands in the page
    // Saved and read again with it; one undo takes line and picture.
    const auto written = must(files::writeContainer(desk.document().production()));
    const auto read = must(files::parseContainer(*written, shippedCards()));
    CHECK(read->production.pictures.at(name).get() == bytes);
    desk.takeBack();
    CHECK(desk.document().production().log.size() == before);
    CHECK_FALSE(desk.document().production().pictures.contains(name));
}
