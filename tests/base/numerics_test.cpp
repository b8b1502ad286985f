#include "base/curve.h"
#include "base/many.h"
#include "base/normal.h"
#include "base/numeric.h"
#include "base/rules.h"
#include "base/text.h"
#include "base/units.h"
#include "base/vec3.h"
#include "support/near.h"

TEST_CASE("The quadrature integrates smooth, steep and singular functions to its tolerance", "[base]") {
    CHECK(std::abs(integrate([](double x) { return std::sin(x); }, 0, kPi, 1e-10) - 2) < 1e-9);
    for (double power : {0.04, 0.2, 0.5, 1.5})
        CHECK_NEAR(integrate([&](double x) { return std::pow(x, power); }, 0, 2, 1e-10),
                   std::pow(2, power + 1) / (power + 1), 1e-10);
    // Narrow, and far from nothing.
    CHECK_NEAR(integrate([](double x) { return x; }, 1.5, 1.5 + 1e-13, 1e-10), 1.5 * ((1.5 + 1e-13) - 1.5), 1e-9);
    CHECK(std::abs(integrate([](double x) { return std::exp(-100 * x); }, 0, 1, 1e-12) - (1 - std::exp(-100.0)) / 100) <
          1e-10);
    CHECK(integrate([](double) { return 1.0; }, 2, 2, 1e-10) == 0);
    // Turned round it changes its sign.
    const auto f = [](double x) { return x * x * x; };
    CHECK(std::abs(integrate(f, 0, 2, 1e-10) + integrate(f, 2, 0, 1e-10)) < 1e-12);
}

TEST_CASE("A tabulated curve meets its nodes, is of fourth order between them and goes on straight outside", "[base]") {
    const auto worst = [](std::size_t n) {
        const Curve c(0, 2, n, [](double x) { return std::pair{std::exp(x), std::exp(x)}; });
        double most = 0;
        for (double x = 0; x <= 2; x += 0.001)
            most = std::max(most, std::abs(c(x) - std::exp(x)));
        return most;
    };
    const double coarse = worst(9), fine = worst(17);
    CHECK(coarse / fine > 12); // a sixteenth but for the end effects
    CHECK(coarse / fine < 20);
    const Curve line(1, 3, 5, [](double x) { return std::pair{3 * x - 1, 3.0}; });
    for (double x : {-4.0, 1.0, 2.2, 3.0, 9.0})
        CHECK(std::abs(line(x) - (3 * x - 1)) < 1e-12);
    // Outside, a bent one goes on by the slopes of its ends.
    const Curve c(0, 2, 9, [](double x) { return std::pair{std::exp(x), std::exp(x)}; });
    CHECK_NEAR(c(-0.2), 1 - 0.2, 1e-12);
    CHECK_NEAR(c(2.1), 1.1 * std::exp(2.0), 1e-12);
    CHECK(std::isnan(c(std::nan(""))));
}

TEST_CASE("Exponentials and logarithms of many are those of each, within four units of the last place", "[base]") {
    Random random(7);
    for (std::size_t n : {0, 1, 3, 4, 5, 1000}) {
        std::vector<double> x(n);
        for (double& v : x)
            v = random.between(-40, 40);
        std::vector<double> powers = x;
        expEach(powers);
        std::vector<double> logs = powers;
        logEach(logs);
        for (std::size_t i = 0; i < n; ++i) {
            INFO("of " << n << ", " << x[i]);
            CHECK(std::abs(powers[i] / std::exp(x[i]) - 1) <= 4 * std::numeric_limits<double>::epsilon());
            CHECK(std::abs(logs[i] - std::log(powers[i])) <=
                  4 * std::numeric_limits<double>::epsilon() * std::max(1e-3, std::abs(std::log(powers[i]))));
        }
    }
    std::vector<double> odd{std::nan(""),
                            -std::numeric_limits<double>::infinity(),
                            std::numeric_limits<double>::infinity(),
                            0,
                            1e300,
                            -1e300,
                            0,
                            0};
    expEach(odd);
    CHECK(std::isnan(odd[0]));
    CHECK(odd[1] == 0);
    CHECK(std::isinf(odd[2]));
    CHECK(odd[3] == 1);
    CHECK(std::isinf(odd[4]));
    CHECK(odd[5] == 0);
}

TEST_CASE("Roots and valleys are found to what they promise, and ends without a change of sign are said", "[base]") {
    Random random(29);
    for (int i = 0; i < 200; ++i) {
        const double at = std::exp(random.between(-12, 12)), power = random.between(0.05, 9);
        CHECK_NEAR(findRoot([&](double x) { return std::pow(x / at, power) - 1; }, at * 1e-3, at * 1e3), at, 1e-12);
        CHECK_NEAR(findRoot([&](double x) { return 1 - std::pow(x / at, power); }, at * 1e-3, at * 1e3), at, 1e-12);
        const auto [x, y] = findLeast([&](double v) { return (v - at) * (v - at) / at + 3; }, at * 0.2, at * 5);
        CHECK_NEAR(x, at, 1e-6);
        CHECK_NEAR(y, 3.0, 1e-12);
    }
    const auto line = [](double x) { return x + 1; };
    CHECK(findRoot(line, 0, 5) == 0);    // nearest to nothing at its beginning
    CHECK(findRoot(line, -9, -2) == -2); // or at its end
    CHECK(findRoot(line, -1, 4) == -1);
    // A step has its root where it steps.
    CHECK_NEAR(findRoot([](double x) { return x < 0.3 ? -1.0 : 1.0; }, 0, 1), 0.3, 1e-12);
    CHECK(integrate(line, 2, 2, 1e-9) == 0);
}

TEST_CASE("The normal distribution has its textbook shares", "[base]") {
    CHECK(std::abs(normalBelow(0) - 0.5) < 1e-15);
    CHECK(std::abs(normalBelow(1.959964) - 0.975) < 1e-6);
    CHECK(std::abs(normalBelow(-kNineInTen) - 0.1) < 1e-12);
    CHECK(normalBelow(-40) >= 0);
    CHECK(normalBelow(40) == 1);
}

TEST_CASE("Vectors obey their algebra", "[base]") {
    Random random(71);
    const auto v = [&] { return Vec3{random.between(-9, 9), random.between(-9, 9), random.between(-9, 9)}; };
    for (int i = 0; i < 200; ++i) {
        const Vec3 a = v(), b = v(), c = v();
        CHECK(std::abs(dot(cross(a, b), a)) < 1e-9);
        CHECK(norm(cross(a, b) + cross(b, a)) < 1e-12);
        CHECK(norm(cross(a, b + c) - cross(a, b) - cross(a, c)) < 1e-9);
        // Lagrange: |a x b|² = |a|²|b|² - (a.b)².
        CHECK_NEAR(dot(cross(a, b), cross(a, b)), dot(a, a) * dot(b, b) - dot(a, b) * dot(a, b), 1e-9);
        CHECK_NEAR(norm(unit(a)), 1.0, 1e-12);
    }
    CHECK(unit(Vec3{}) == Vec3{});
}

TEST_CASE("Units convert there and back, and snapped angles are whole millionths of a degree", "[base]") {
    CHECK_NEAR(degToRad(180), kPi, 1e-15);
    CHECK_NEAR(radToDeg(degToRad(37.5)), 37.5, 1e-14);
    CHECK_NEAR(gPerCm3ToGPerMm3(2.71), 0.00271, 1e-12);
    CHECK(snapAngle(snapAngle(0.123456789)) == snapAngle(0.123456789));
    CHECK(snapAngle(0) == 0);
    CHECK(std::abs(radToDeg(snapAngle(degToRad(12.3456784))) - 12.345678) < 1e-9);
}

TEST_CASE("Ids are letters, digits, dots and dashes, and plain numbers carry no noise", "[base]") {
    for (const char* good : {"a", "alu-2.0", "finger_3", "X9"})
        CHECK(isId(good));
    for (const char* bad : {"", "two words", "../up", "semi;colon", "ümlaut"})
        CHECK_FALSE(isId(bad));
    CHECK_FALSE(isId(std::string(65, 'a')));
    CHECK(isId(std::string(64, 'a')));
    CHECK(plain(2.0) == "2");
    CHECK(plain(0.1 + 0.2) == "0.3");
    CHECK(plain(1234.5678, 4) == "1235");
    CHECK(plain(-0.3, decimals(0)) == "0");
    CHECK(plain(-0.0) == "0");
    CHECK(plain(-0.7, decimals(0)) == "-1");
}

TEST_CASE("A phrase is said in another tongue: words looked up, names kept, numbers written its way") {
    const TextFormatter other{[](const char* text, int) {
                                  const std::string_view w = text;
                                  return w == "%1, limb %2" ? std::string("Glied %2 von %1")
                                         : w == "%1 %2"     ? std::string("%1 von %2")
                                         : w == "must lie between %1 and %2"
                                             ? std::string("muss zwischen %1 und %2 liegen")
                                         : w == "gap" ? std::string("Luecke")
                                                      : "?" + std::string(w);
                              },
                              [](double v, int digits) { return plain(v, digits); },
                              // One that measures in inches.
                              [](double v, Dimension dimension, int digits, bool unit) {
                                  CHECK(dimension == Dimension::length);
                                  return plain(v / 25.4, digits) + (unit ? " Zoll" : "");
                              }};
    // A name that looks like a hole or a template stays what it is.
    const auto fault = must(findBeyond(words("%1, limb %2", std::string("%2 gap"), std::string("arm")),
                                       {{words("gap"), 6.35, 12.7, 508, Dimension::length}}));
    CHECK(fault->sentence() == "%2 gap, limb arm: gap 6.35 mm must lie between 12.7 and 508 mm");
    CHECK(fault->sentence(other) == "Glied arm von %2 gap: Luecke von 0.25 Zoll muss zwischen 0.5 und 20 Zoll liegen");
    CHECK_FALSE(quantity(3, Dimension::length) == quantity(3, Dimension::mass));
    CHECK_FALSE(quantity(3, Dimension::length) == withoutUnit(3, Dimension::length));
    CHECK(words("left %1", std::string("knee")) == "left knee");
    CHECK(words("left %1", std::string("knee")) == words("left %1", std::string("knee")));
    CHECK_FALSE(words("left %1", std::string("knee")) == Phrase(std::string("left knee")));
    CHECK(Phrase().empty());
    CHECK(words("%1 of %9", 3).english() == "3 of %9"); // a hole that nothing fills stays
    CHECK(findBeyond({}, {{words("gap"), std::nan(""), 0, 1}}));
}

TEST_CASE("A result is a value or a fault that can be read as one sentence", "[base]") {
    const Result<int> good(4);
    REQUIRE(good);
    CHECK(*good == 4);
    const Result<int> bad(Fault{words("joint knee"), words("gap 0 mm"), words("must be above 0")});
    REQUIRE_FALSE(bad);
    CHECK(bad.fault().sentence() == "joint knee: gap 0 mm must be above 0");
    CHECK(Fault{{}, words("x"), words("is odd")}.sentence() == "x is odd");
    CHECK(Fault{words("here"), {}, words("is empty")}.sentence() == "here: is empty");
}
