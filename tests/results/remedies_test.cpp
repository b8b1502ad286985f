#include "base/units.h"
#include "results/remedies.h"
#include "support/near.h"
#include <set>

using namespace enkinet::document;
using namespace enkinet::results;

namespace {

const choice::LimbChoice& limbOf(const Report& r, int limb) { return r.choice.limbs[nth(limb)]; }

/// The demo with the goat on one hoof at a time.
const Production& troubled() {
    static const Production p = [] {
        Production x = demo();
        x.puppets[1].wants.feetDown = 1;
        // And the postwoman asked to last twice as long.
        x.puppets[0].wants.film_s = 40;
        return x;
    }();
    return p;
}

/// Every failing limb of it, by puppet.
std::vector<std::pair<int, int>> failing() {
    std::vector<std::pair<int, int>> all;
    for (int p = 0; p < 3; ++p) {
        const auto r = reportOf(troubled(), p);
        for (const auto& l : r.choice.limbs)
            if (l.chosen >= 0 && l.state != choice::State::holds) all.emplace_back(p, l.limb);
    }
    return all;
}

} // namespace

TEST_CASE("Each continuous remedy is just enough: applied, the limb holds; a little short of it, it does not",
          "[results][full]") {
    int tried = 0;
    for (const auto& [puppet, limb] : failing()) {
        for (const Remedy& r : calcRemedies(troubled(), puppet, limb, shippedCards(), tables())) {
            const auto applied = must(applyRemedy(troubled(), shippedCards(), puppet, r));
            INFO("puppet " << puppet << ", limb " << limb << ", fix " << static_cast<int>(r.fix) << ": " << r.from
                           << " to " << r.to);
            const auto after = reportOf(*applied, puppet);
            CHECK(limbOf(after, limb).state == choice::State::holds);
            CHECK(holdsWithReserve(limbOf(after, limb)) == !r.thinReserve);
            CHECK(countFailing(after.choice) == r.failsAfter);
            if (!r.continuous || !r.with.empty()) continue;
            ++tried;
            const auto less = must(applyRemedy(troubled(), shippedCards(), puppet, r, 0.995));
            const auto nearly = reportOf(*less, puppet);
            if (r.thinReserve)
                CHECK(limbOf(nearly, limb).state != choice::State::holds);
            else
                CHECK_FALSE(holdsWithReserve(limbOf(nearly, limb)));
        }
    }
    CHECK(tried >= 4);
}

TEST_CASE("Remedies come smallest first, and a limb that holds has none", "[results]") {
    const document::Production heavy = troubled();
    std::vector<Remedy> remedies;
    for (const auto& [puppet, limb] : failing())
        if (remedies.size() < 2) remedies = calcRemedies(heavy, puppet, limb, shippedCards(), tables());
    REQUIRE(remedies.size() >= 2);
    const auto trouble = [](const Remedy& r) {
        return std::tuple(!r.breaks.empty(), r.thinReserve, r.brings.size(), r.size);
    };
    for (std::size_t i = 1; i < remedies.size(); ++i)
        CHECK(trouble(remedies[i]) >= trouble(remedies[i - 1]));
    CHECK(calcRemedies(demo(), 0, 0, shippedCards(), tables()).empty());
    // The production that was asked about is untouched, and a stopped search says what it had.
    std::stop_source stopped;
    stopped.request_stop();
    const auto [puppet, limb] = failing().front();
    CHECK(calcRemedies(heavy, puppet, limb, shippedCards(), tables(), stopped.get_token()).empty());
}

TEST_CASE("A lighter head eases neck, spine and ankles at once, and the remedy says by how many", "[results]") {
    // A head of solid clay makes the ankle slack; foil in it is offered as a remedy.
    body::Layers solid = demo().puppets[0].masses[0].layers;
    solid.skin_mm = 14;
    const auto heavy = must(Edits(demo(), shippedCards(), "tansy").setLayers({"", 0, "head"}, solid));
    const auto before = reportOf(*heavy);
    REQUIRE(limbOf(before, 2).state != choice::State::holds);
    const auto remedies = calcRemedies(*heavy, 0, 2, shippedCards(), tables());
    CHECK_FALSE(remedies.empty());
    for (const Remedy& r : remedies)
        CHECK(r.fails == countFailing(before.choice));
}

TEST_CASE("A rig point takes the load off the feet", "[results]") {
    const auto carried = must(Edits(demo(), shippedCards(), "tansy").setRig(body::RigPoint{"spine", 2}));
    const auto r = reportOf(*carried);
    CHECK(r.choice.skeleton.supportLinks.size() == 1);
    for (const auto& d : limbOf(r, 2).demands)
        CHECK_FALSE(d.load.standing);
}

TEST_CASE("Where no single change is enough, two are, and neither can do less", "[results][full]") {
    // Old Reed's thin legs, asked to last long on a stock of one wire, with nothing else to be had.
    Production p = demo();
    auto& reed = p.puppets[2];
    int tried = 0;
    for (double film : {60.0, 200.0, 600.0, 2000.0}) {
        reed.wants.film_s = film;
        reed.wants.steadied = true;
        const auto remedies = calcRemedies(p, 2, 1, shippedCards(), tables());
        for (const Remedy& r : remedies) {
            if (r.with.empty()) continue;
            ++tried;
            const auto applied = must(applyRemedy(p, shippedCards(), 2, r));
            CHECK(holdsWithReserve(limbOf(reportOf(*applied, 2), 1)));
            // Either half by itself does not do it.
            Remedy first = r;
            first.with.clear();
            for (const Remedy& half : {first, r.with.front()}) {
                const auto one = must(applyRemedy(p, shippedCards(), 2, half));
                CHECK_FALSE(holdsWithReserve(limbOf(reportOf(*one, 2), 1)));
            }
        }
    }
    CHECK(tried >= 1);
}

TEST_CASE("A rig hangs a bird by its body, above its weight, not by its beak", "[results][numbers]") {
    const Production& p = demo();
    const auto r = reportOf(p, 2);
    const auto remedies = calcRemedies(p, 2, 1, shippedCards(), tables());
    for (const Remedy& x : remedies) {
        if (x.fix != Fix::rig) continue;
        const body::Limb& limb = p.puppets[2].limbs[nth(x.limb)];
        const auto at = nth(x.joint);
        const Vec3 middle = 0.5 * (limb.joints[at].at_mm + limb.joints[at + 1].at_mm), weight = r.choice.totals.centre;
        CHECK(std::hypot(middle.x - weight.x, middle.z - weight.z) < 40);
        CHECK(std::max(limb.joints[at].at_mm.y, limb.joints[at + 1].at_mm.y) >= weight.y);
        CHECK_FALSE(limb.segments[at].sections.empty());
        const auto applied = must(applyRemedy(p, shippedCards(), 2, x));
        CHECK(holdsWithReserve(limbOf(reportOf(*applied, 2), 1)));
    }
}

TEST_CASE("Whatever a hand would try on a failing leg is offered, with what is to spare, and names what it opens",
          "[results]") {
    // The postwoman of before: her knee is stiff, her ankle slack once she strides.
    const auto before = reportOf(demo());
    const int leg = 2;
    REQUIRE(limbOf(before, leg).state != choice::State::holds);
    const auto ways = calcRemedies(demo(), 0, leg, shippedCards(), tables());
    std::set<Fix> kinds;
    for (const Remedy& r : ways) {
        INFO("fix " << static_cast<int>(r.fix) << " to " << r.to);
        kinds.insert(r.fix);
        const auto changed = must(applyRemedy(demo(), shippedCards(), 0, r));
        const auto after = reportOf(*changed);
        CHECK(limbOf(after, leg).state == choice::State::holds);
        CHECK(limbOf(after, leg).thin == r.thinReserve);
        CHECK(limbOf(after, leg).reserve == Approx(r.reserve));
        // By another count: points by their sentence's facts that were not there before.
        const auto had = [&](const findings::Finding& p) {
            return std::any_of(before.open.begin(), before.open.end(), [&](const findings::Finding& b) {
                return b.kind == p.kind && b.ref == p.ref && b.subject == p.subject;
            });
        };
        std::size_t fresh = 0;
        for (const findings::Finding& p : after.open)
            fresh += !p.state() && !p.is("thin-reserve") && !had(p);
        CHECK(fresh == r.brings.size());
    }
    CHECK(ways.size() >= 3);
    CHECK(kinds.size() >= 3);
}
