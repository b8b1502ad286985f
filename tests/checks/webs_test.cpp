// Webs between limbs by closed forms and by brute force, and what glues hold on what.
#include "body/pose.h"
#include "checks/things.h"
#include "fill/glue.h"
#include "support/puppets.h"
#include "support/things.h"

using namespace enkinet::body;
using namespace enkinet::checks;

namespace {

/// Two fingers side by side on a post, each with one posed joint, a web between their tips.
Puppet webbed(double range_deg) {
    Puppet p = levelArm(false);
    p.limbs.resize(1);
    for (const auto& [id, z] : {std::pair{"one", 10.0}, {"two", -10.0}}) {
        Limb l = limb(id, LimbKind::finger,
                      {fixedPoint("root", {0, 100, 0}), posed("knuckle", {0, 100, z}, 4, -range_deg, range_deg),
                       fixedPoint("tip", {30, 100, z})},
                      "post", "top");
        p.limbs.push_back(l);
    }
    return p;
}
Sheet webOf(double width, double thick) {
    Sheet s;
    s.id = s.name = "web", s.on.limb = "one", s.on.segment = 1, s.to.limb = "two", s.to.segment = 1;
    s.width_mm = width, s.length_mm = 30, s.thickness_mm = thick, s.clay = "flexible-ochre";
    return s;
}
checks::SheetCheck checked(const Puppet& p, const Sheet& s, double strain) {
    checks::SheetCheck c;
    checks::checkWeb(p, calcSkeleton(p), s, strain, c);
    return c;
}

} // namespace

TEST_CASE("A web opens and closes as far as its limbs do, and strains by closed forms", "[checks]") {
    for (const double deg : {0.5, 10.0, 25.0}) {
        const Puppet p = webbed(deg);
        const auto c = checked(p, webOf(22, 1), 0.25);
        REQUIRE(c.web);
        CHECK_NEAR(c.span_mm, 20.0, 1e-12);
        CHECK(c.most_mm >= c.span_mm);
        CHECK(c.least_mm <= c.span_mm);
        // No pose within the ranges brings the tips farther apart than was looked at, but for turns about both axes.
        Random random(9);
        double most = 0, least = 1e9;
        for (int i = 0; i < 400; ++i) {
            Pose pose;
            for (const char* id : {"one", "two"}) {
                const double a = random.between(-deg, deg);
                const bool aside = random.whole(0, 1) == 1;
                pose.angles.push_back({id, "knuckle", false, aside ? 0 : degToRad(a), aside ? degToRad(a) : 0});
            }
            const Skeleton s = calcPosed(p, calcSkeleton(p), pose).skeleton;
            const double d = norm(s.links[2].to - s.links[4].to);
            most = std::max(most, d), least = std::min(least, d);
        }
        CHECK(most <= c.most_mm + 1e-9);
        CHECK(least >= c.least_mm - 1e-9);
        CHECK_NEAR(c.stretch, std::max(0.0, (c.most_mm - 22) / 22), 1e-12);
        const double curvature = 4 * kPi * std::sqrt(1 - c.least_mm / 22) / 22;
        CHECK_NEAR(c.fold, curvature / 2, 1e-9);
        CHECK_NEAR(c.widthNeeded_mm, c.most_mm / 1.25, 1e-12);
        CHECK_NEAR(c.thinEnough_mm, 2 * 0.25 / curvature, 1e-9);
        // Twice as thick folds twice as hard; a web that is as wide as it opens does not stretch.
        CHECK_NEAR(checked(p, webOf(22, 2), 0.25).fold, 2 * c.fold, 1e-9);
        CHECK(checked(p, webOf(c.most_mm + 1e-6, 1), 0.25).stretch == 0);
    }
}

TEST_CASE("The arch that a folded web makes is as long as the web", "[checks]") {
    // y = A/2 (1 - cos 2 pi x/w) over the span that is left: its length to second order is the width.
    const double w = 22, least = 21;
    const double A = 2 * w / kPi * std::sqrt(1 - least / w);
    double length = 0;
    const int n = 20000;
    for (int i = 0; i < n; ++i) {
        const double x = least * (i + 0.5) / n, slope = A * kPi / w * std::sin(2 * kPi * x / least);
        length += std::sqrt(1 + slope * slope) * least / n;
    }
    CHECK(std::abs(length - w) < 0.01 * w);
}

TEST_CASE("A web that tears or cracks is an open point with the size that would do; cloth is not checked", "[checks]") {
    document::Production all = demo();
    Puppet p = webbed(60);
    p.id = "fan", p.name = "Fan";
    std::string flexible;
    for (const auto& [id, c] : shippedShelf().clays)
        if (c.family == fill::ClayFamily::flexible) flexible = id;
    REQUIRE_FALSE(flexible.empty());
    Sheet tight = webOf(20, 1);
    tight.clay = flexible;
    p.things.sheets = {tight};
    all.puppets = {p};
    auto r = reportOf(all);
    const findings::Finding* tears = must(findPoint(r.open, "web-tears"));
    all.puppets[0].things.sheets[0].width_mm = tears->more + 1e-6;
    CHECK_FALSE(findPoint(reportOf(all).open, "web-tears"));
    all.puppets[0].things.sheets[0].thickness_mm = 6;
    r = reportOf(all);
    const findings::Finding* cracks = must(findPoint(r.open, "web-cracks"));
    all.puppets[0].things.sheets[0].thickness_mm = cracks->more - 1e-6;
    CHECK_FALSE(findPoint(reportOf(all).open, "web-cracks"));
    all.puppets[0].things.sheets[0].clay.clear();
    all.puppets[0].things.sheets[0].cover = "felt-1";
    r = reportOf(all);
    CHECK(r.things.sheets[0].web);
    CHECK(r.things.sheets[0].strain == 0);
    CHECK_FALSE(findPoint(r.open, "web-tears"));
}

TEST_CASE("A glue holds as on the weaker of its faces, what is on the shelf comes first, and heat rules out",
          "[checks]") {
    using fill::Face;
    const auto& cards = shippedCards().adhesives;
    REQUIRE(cards.size() >= 5);
    for (std::size_t a = 0; a < fill::kFaces; ++a)
        for (std::size_t b = 0; b < fill::kFaces; ++b) {
            const auto one = static_cast<Face>(a), other = static_cast<Face>(b);
            for (const double heat : {0.0, 100.0, 200.0}) {
                const auto fits = fill::findGlues(cards, {"epoxy"}, one, other, heat);
                // Brute force: everything that holds on both and stands the heat, nothing else.
                std::size_t n = 0;
                for (const auto& c : cards)
                    n += fill::findShear(c, one) > 0 && fill::findShear(c, other) > 0 &&
                         (heat == 0 || c.limit_C >= heat);
                CHECK(fits.size() == n);
                for (std::size_t i = 0; i < fits.size(); ++i) {
                    const auto& c = cards[nth(fits[i].card)];
                    CHECK(fits[i].shear_MPa == std::min(fill::findShear(c, one), fill::findShear(c, other)));
                    CHECK(fits[i].onShelf == (c.id == "epoxy"));
                    if (i > 0) CHECK((fits[i - 1].onShelf >= fits[i].onShelf));
                    if (i > 0 && fits[i - 1].onShelf == fits[i].onShelf)
                        CHECK(fits[i - 1].shear_MPa >= fits[i].shear_MPa);
                }
                CHECK(fits.size() == fill::findGlues(cards, {"epoxy"}, other, one, heat).size());
            }
        }
    // Raw on cured is answered; a card without faces holds alike on all.
    CHECK_FALSE(fill::findGlues(cards, {}, Face::raw_clay, Face::cured_clay, 130).empty());
    fill::AdhesiveCard plain;
    plain.shear_MPa = 2;
    CHECK(fill::findShear(plain, Face::foam, Face::paint) == 2);
}

TEST_CASE("A glue on a face that it does not hold is an open point, and paint that is kept off is none", "[checks]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    p.things = {};
    p.things.base = Base{};
    p.things.base->stuff = BaseStuff::foam, p.things.base->width_mm = p.things.base->depth_mm = 200;
    p.things.base->thickness_mm = 30;
    Bond b;
    b.id = b.name = "plinth", b.kind = BondKind::glue, b.from.mass = "head", b.to.base = true, b.diameter_mm = 12;
    b.adhesive = "instant";
    p.things.bonds = {b};
    const auto says = [&] {
        for (const findings::Finding& o : reportOf(all).open)
            if (o.is("glue-face")) return o.also.english();
        return std::string();
    };
    CHECK(says() == "foam");
    p.things.base->stuff = BaseStuff::softwood;
    CHECK(says().empty());
    const double bare = reportOf(all).things.bonds[0].margin[0];
    // Stuck on when it is painted: as strong as the paint.
    p.things.bonds[0].before = Stage::cover;
    const auto painted = reportOf(all).things.bonds[0];
    CHECK(painted.from == fill::Face::paint);
    CHECK_NEAR(bare / painted.margin[0], 4.0, 1e-9);
    p.things.bonds[0].paintOff = true;
    CHECK(reportOf(all).things.bonds[0].from == fill::Face::cured_clay);
}

TEST_CASE("A sheet is cut as long as it lies flat; a web keeps its four sides, and between even limbs is a rectangle",
          "[checks]") {
    const auto side = [](const std::vector<std::pair<double, double>>& o, std::size_t a, std::size_t b) {
        return std::hypot(o[a].first - o[b].first, o[a].second - o[b].second);
    };
    const auto area = [](const std::vector<std::pair<double, double>>& o) {
        double sum = 0;
        for (std::size_t i = 0; i < o.size(); ++i) {
            const auto &a = o[i], &b = o[(i + 1) % o.size()];
            sum += (a.first * b.second - b.first * a.second) / 2;
        }
        return sum;
    };
    Puppet p = webbed(20);
    const Skeleton rest = calcSkeleton(p);
    Sheet cape = webOf(40, 2);
    cape.to = {}, cape.radius_mm = 50;
    checks::SheetCheck flat;
    flat.pattern_mm = 30 * 51 / 50.0;
    const auto cut = checks::findSheetOutline(p, rest, cape, flat);
    REQUIRE(cut.size() == 4);
    CHECK_NEAR(area(cut), flat.pattern_mm * 40, 1e-12);
    // Fingers side by side, 20 apart: what is as wide as that is a rectangle.
    const Sheet web = webOf(20, 1);
    checks::SheetCheck even = checked(p, web, 0);
    const auto square = checks::findSheetOutline(p, rest, web, even);
    CHECK_NEAR(area(square), 20.0 * 30, 1e-9);
    // Wider at its free edge: all four sides and one diagonal are what they are on the figure.
    const Sheet wide = webOf(26, 1);
    const auto fan = checks::findSheetOutline(p, rest, wide, checked(p, wide, 0));
    CHECK_NEAR(side(fan, 0, 1), 30.0, 1e-9);
    CHECK_NEAR(side(fan, 1, 2), 26.0, 1e-9);
    CHECK_NEAR(side(fan, 2, 3), 30.0, 1e-9);
    CHECK_NEAR(side(fan, 3, 0), 20.0, 1e-9);
    CHECK_NEAR(side(fan, 1, 3), std::hypot(30.0, 20.0), 1e-9);
    CHECK(area(fan) > area(square));
}
