#include "pictures.h"
#include "sheet/sheet_view.h"
#include "shell/station_bar.h"
#include "shell/window.h"
#include "stations/paint/paint_page.h"
#include "stations/plan/plan_page.h"
#include "stations/shoot/shoot_page.h"
#include "stations/shoot/shot_frames.h"
#include "stations/wire/remedies_list.h"
#include "turntable/turntable.h"
#include "widgets/look.h"
#include "widgets/tabs.h"
#include <QAction>
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QListWidget>
#include <QPixmap>
#include <QPushButton>
#include <QUndoStack>

namespace enkinet::app {

namespace {
/// Marking, and the figure in the first kept pose on the elevations and on the turntable; afterwards all is as it was.
bool takeSheet(Window& window, const auto& tabs, const auto& take) {
    Document& d = window.document();
    if (!tabs("sheetTabs", {{4, "sheet-checks"}})) return false;
    // The base with its holes, where there is one.
    if (auto* list = window.findChild<QListWidget*>("thingList"); list && d.puppet().things.base) {
        auto* strip = window.findChild<Tabs*>("sheetTabs");
        strip->setCurrent(5);
        list->setCurrentRow(static_cast<int>(d.puppet().things.features.size() + d.puppet().things.bonds.size()));
        if (!take("sheet-things")) return false;
        strip->setCurrent(0);
    }
    d.select({Selection::Kind::segment, static_cast<int>(d.puppet().limbs.size() > 2 ? 2 : 0), 1, false});
    if (!tabs("sheetTabs", {{2, "sheet-limbs"}})) return false;
    d.select({});
    if (d.puppet().poses.empty()) return true;
    const body::Pose pose = d.puppet().poses.front();
    const int before = d.undoStack().index();
    d.change("", [&](const document::Edits& e) { return e.setBoard(pose); });
    const auto& hinges = d.report().choice.skeleton.hinges;
    for (const body::Hinge& h : hinges)
        if (h.label == "left knee")
            d.select({Selection::Kind::joint, d.report().choice.skeleton.copies[static_cast<std::size_t>(h.copy)].limb,
                      h.joint, false});
    bool done = tabs("sheetTabs", {{3, "sheet-pose"}});
    window.turntable().make();
    if (window.turntable().view()) {
        window.sheet().setLayerView(LayerView::painted);
        window.showTurntable(true);
        done = done && take("turntable");
        window.showTurntable(false);
        window.sheet().setLayerView(LayerView::clay);
    }
    while (d.undoStack().index() > before)
        d.undoStack().undo();
    d.select({});
    return done;
}
/// Takes the segment in hand of which there is most.
void takeMost(Document& d, auto amount) {
    const fill::Part* most = nullptr;
    for (const fill::Part& p : d.report().choice.parts)
        if (p.mass < 0 && amount(p) > 0 && (!most || amount(p) > amount(*most))) most = &p;
    if (!most) return;
    const auto& s = d.report().choice.skeleton;
    const body::Link& link = s.links[static_cast<std::size_t>(most->link)];
    const body::LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
    d.select({Selection::Kind::segment, copy.limb, link.segment, copy.right});
}

/// Each tab with a part in hand that has something to show there: clay on bulk, or a cover.
bool takeSkin(Window& window, const auto& tabs) {
    Document& d = window.document();
    takeMost(d, [](const fill::Part& p) { return p.bulk.mass_g > 0 ? p.skin.mass_g : 0; });
    bool done = tabs("skinTabs", {{0, "skin"}, {1, "skin-hands"}, {2, "skin-oven"}});
    takeMost(d, [](const fill::Part& p) { return p.covered_mm2; });
    done = done && tabs("skinTabs", {{3, "skin-cover"}});
    d.select({});
    return done;
}
} // namespace

bool writePictures(Window& window, const QString& folder, const QSize& size) {
    if (!QDir().mkpath(folder)) return false;
    window.resize(size);
    window.rule().setMotion(false);
    window.show();
    const auto take = [&](const QString& name) {
        // Layouts settle over a few rounds of events.
        for (int n = 0; n < 5; ++n)
            QApplication::processEvents();
        // What is worked out in the background is waited for.
        auto* remedies = window.findChild<RemediesList*>();
        QElapsedTimer patience;
        for (patience.start(); remedies && remedies->isVisible() && remedies->busy() && patience.elapsed() < 20000;)
            QApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
        if (auto* plan = window.findChild<PlanPage*>()) plan->job().wait(20000);
        if (auto* film = window.findChild<ShootPage*>()) film->job().wait(20000);
        for (int n = 0; n < 5; ++n)
            QApplication::processEvents();
        return window.grab().save(QDir(folder).filePath(name + ".png"));
    };
    const char* const names[] = {"sheet", "wire", "bulk", "skin", "paint", "plan", "shoot", "bench"};
    static_assert(std::size(names) == results::kStations);
    for (int i = 0; i < results::kStations; ++i) {
        window.setStation(static_cast<results::Station>(i));
        const bool bulk = i == static_cast<int>(results::Station::bulk);
        if (bulk) takeMost(window.document(), [](const fill::Part& p) { return p.bulk.mass_g; });
        if (i == static_cast<int>(results::Station::paint)) {
            auto* paint = window.findChild<PaintPage*>();
            // A wash in hand, with its slider.
            if (auto* coats = window.findChild<QListWidget*>("coatList"); coats && coats->count() > 2)
                coats->setCurrentRow(2);
            paint->mix("#c98b6a");
            paint->waitForRecipes(20000);
        }
        if (i == static_cast<int>(results::Station::shoot)) {
            auto* film = window.findChild<ShootPage*>();
            film->job().wait(20000);
            film->setShot(4);
        }
        // A test under way, with the simulated devices beside it.
        auto* devices = window.findChild<QAction*>("simulatedDevices");
        const bool bench = i == static_cast<int>(results::Station::bench) && devices;
        if (bench) {
            devices->setChecked(true);
            if (auto* start = window.findChild<QPushButton*>("benchStart")) start->click();
            QElapsedTimer counting;
            for (counting.start(); counting.elapsed() < 6000;)
                QApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
        }
        if (!take(names[i])) return false;
        if (bench) devices->setChecked(false);
        if (bulk) window.document().select({});
        // The tabs that show something of their own.
        const auto tabs = [&](const char* which, std::initializer_list<std::pair<int, const char*>> wanted) {
            auto* strip = window.findChild<Tabs*>(which);
            for (const auto& [tab, name] : wanted) {
                strip->setCurrent(tab);
                if (!take(name)) return false;
            }
            strip->setCurrent(0);
            return true;
        };
        if (i == static_cast<int>(results::Station::wire) &&
            !tabs("wireTabs", {{1, "wire-lens"}, {2, "wire-all"}, {3, "wire-cutting"}}))
            return false;
        if (i == static_cast<int>(results::Station::wire)) {
            // With a second design beside it: the head's skin thinner.
            Document& d = window.document();
            const auto& masses = d.puppet().masses;
            const bool tried = !masses.empty() && !masses[0].layers.clay.empty();
            if (tried) {
                body::Layers thin = masses[0].layers;
                thin.skin_mm = std::max(1.0, thin.skin_mm / 2);
                const document::PartRef head{"", 0, masses[0].id};
                d.change("", [](const document::Edits& e) { return e.keepAside(); });
                d.change("", [&](const document::Edits& e) { return e.setLayers(head, thin); });
            }
            window.showTable(true);
            if (!take("wire-table")) return false;
            window.showTable(false);
            if (tried) d.undoStack().undo(), d.undoStack().undo();
        }
        if (i == static_cast<int>(results::Station::plan)) {
            auto* plan = window.findChild<PlanPage*>();
            plan->setAtWork(true);
            const bool done = take("plan-work");
            plan->setAtWork(false);
            plan->setDiary(true);
            const bool written = done && take("plan-log");
            plan->setDiary(false);
            if (!written) return false;
        }
        if (i == static_cast<int>(results::Station::shoot)) {
            // A stride of the walk, with the pose before it.
            window.findChild<ShootPage*>()->setShot(1);
            window.findChild<ShotFrames*>()->setExposure(21);
            if (!tabs("shootTabs", {{1, "shoot-poses"}})) return false;
        }
        if (i == static_cast<int>(results::Station::skin) && !takeSkin(window, tabs)) return false;
        if (i == static_cast<int>(results::Station::sheet) && !takeSheet(window, tabs, take)) return false;
    }
    // The night bench once, on the first station.
    window.setStation(results::Station::sheet);
    setNightLook(true);
    Q_EMIT window.document().changed();
    bool night = take("sheet-night");
    setNightLook(false);
    Q_EMIT window.document().changed();
    return night;
}

} // namespace enkinet::app
