// What is under the pointer stays there: fields of the tab in hand, while the document changes beneath them.
#include "stations/wire/remedies_list.h"
#include "support/each_tab.h"
#include "support/sanitized.h"
#include <QScrollBar>
#include <random>

using namespace enkinet;
using results::Station;

namespace {

using Places = std::map<QWidget*, QPoint>;

/// Everything on the card that is typed into, picked from or pressed.
Places findPlaces(test::Desk& desk) {
    Places all;
    auto* card = desk.find<app::SidePanel>("cardScroll");
    for (QWidget* w : card->findChildren<QWidget*>()) {
        const bool field = qobject_cast<QAbstractSpinBox*>(w) || qobject_cast<QComboBox*>(w) ||
                           qobject_cast<QAbstractButton*>(w) ||
                           (qobject_cast<QLineEdit*>(w) && !qobject_cast<QAbstractSpinBox*>(w->parentWidget()));
        // The points come and go behind all fields.
        const bool point = w->objectName().startsWith("leave");
        if (field && !point && w->isVisibleTo(card) && w->window() == card->window()) all[w] = w->mapTo(card, QPoint());
    }
    return all;
}

/// One of many kinds of edit, near and far from what is in hand; some change the number of rows.
void editSomething(test::Desk& desk, std::mt19937& random) {
    const auto pick = [&](std::size_t n) { return std::uniform_int_distribution<std::size_t>(0, n - 1)(random); };
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    app::Document& d = desk.document();
    const body::Puppet p = d.puppet();
    const body::Limb& limb = p.limbs[pick(p.limbs.size())];
    const body::Joint& joint = limb.joints[pick(limb.joints.size())];
    const int segment = static_cast<int>(pick(limb.segments.size()));
    const body::Segment& s = limb.segments[nth(segment)];
    const double by = between(0.8, 1.25);
    const std::size_t kind = pick(12);
    d.change("edit", [&](const document::Edits& e) -> document::Edits::Changed {
        body::Wants wants = p.wants;
        body::Layers layers = s.layers;
        switch (kind) {
        case 0:
            return e.setGap(limb.id, joint.id, joint.gap_mm * by);
        case 1:
            return e.setRange(limb.id, joint.id, joint.low_rad * by, joint.high_rad * by);
        case 2:
            wants.lean_rad *= by;
            return e.setWants(wants);
        case 3:
            wants.film_s *= by;
            return e.setWants(wants);
        case 4:
            if (s.sections.empty()) return e.setName("Somebody");
            return e.setSection(limb.id, segment, -1, s.sections[0].a_mm * by, s.sections[0].b_mm * by);
        case 5:
            layers.skin_mm *= by;
            return e.setLayers({limb.id, segment, ""}, layers);
        case 6: // a row more or less
            if (layers.coats.empty())
                layers.coats.push_back({"firm-grey", 1, 1});
            else
                layers.coats.clear();
            return e.setLayers({limb.id, segment, ""}, layers);
        case 7:
            return e.addThing(body::ThingKind::feature, {limb.id, segment, {}, {}, false}, "knob");
        case 8:
            if (p.things.features.empty()) return e.setName("Whoever stands here for a while with a long name");
            return e.removeThing(body::ThingKind::feature, static_cast<int>(p.things.features.size()) - 1);
        case 9:
            return e.keepPose("pose " + std::to_string(pick(4)));
        case 10:
            wants.holdFactor *= by;
            return e.setWants(wants);
        default:
            return e.setName(pick(2) ? "Tansy" : "Tansy of the long road to the Tide House");
        }
    });
    desk.settle();
}

void watch(int edits, unsigned seed) {
    test::Desk desk;
    desk.window.resize(1280, 800);
    desk.settle();
    std::mt19937 random(seed);
    const int tabs = test::forEachTab(desk, [&](int station, int tab) {
        for (int k = 0; k < edits; ++k) {
            const Places before = findPlaces(desk);
            editSomething(desk, random);
            const Places after = findPlaces(desk);
            for (const auto& [w, at] : before)
                if (const auto now = after.find(w); now != after.end() && now->second != at) {
                    INFO("station " << station << ", tab " << tab << ", edit " << k << ": "
                                    << w->objectName().toStdString() << " (" << w->accessibleName().toStdString()
                                    << ") by " << now->second.y() - at.y());
                    CHECK(now->second == at);
                    break;
                }
        }
    });
    CHECK(tabs > 15);
}

} // namespace

TEST_CASE("While ways out of a failing joint are looked for and come, no field moves") {
    test::Desk desk;
    desk.window.resize(1280, 800);
    desk.station(Station::wire);
    desk.clickJoint("left knee");
    desk.unfold(desk.find<QWidget>("bendPicture"));
    auto* list = must(desk.window.findChild<app::RemediesList*>());
    const auto places = [&] {
        Places all = findPlaces(desk);
        std::erase_if(all, [&](const auto& p) { return list->isAncestorOf(p.first); });
        return all;
    };
    const Places before = places();
    CHECK(before.size() > 8);
    REQUIRE(QTest::qWaitFor([&] { return !list->busy(); }, kPatience_ms));
    REQUIRE_FALSE(list->remedies().empty());
    test::Desk::settle();
    CHECK(places() == before);
}

TEST_CASE("While the document changes nothing in hand moves away from under the pointer") {
    watch(qEnvironmentVariableIsSet("ENKINET_JUMPS") ? 10 : 4, 5);
}
TEST_CASE("While the document changes five hundred times a tab nothing in hand moves", "[long][jumps]") {
    watch(500, 6);
}
