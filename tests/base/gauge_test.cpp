#include "base/gauge.h"
#include "files/csv.h"
#include "support/near.h"

TEST_CASE("Gauges are those of the published tables", "[base]") {
    // AWG to the printed thousandths of a millimetre; SWG in inches.
    const std::pair<int, double> awg[] = {{-3, 11.684}, {0, 8.251},  {10, 2.588}, {14, 1.628},
                                          {18, 1.024},  {24, 0.511}, {30, 0.255}, {40, 0.0799}};
    for (const auto& [n, mm] : awg)
        CHECK(std::abs(findGaugeDiameter(GaugeSystem::awg, n) - mm) < 6e-4);
    const std::pair<int, double> swg[] = {{-6, .5},   {0, .324},  {8, .160},   {10, .128}, {16, .064},
                                          {18, .048}, {22, .028}, {30, .0124}, {50, .001}};
    for (const auto& [n, inch] : swg)
        CHECK_NEAR(findGaugeDiameter(GaugeSystem::swg, n), inch * 25.4, 1e-12);
    CHECK(std::isnan(findGaugeDiameter(GaugeSystem::swg, 51)));
    CHECK(std::isnan(findGaugeDiameter(GaugeSystem::awg, -4)));
}

TEST_CASE("A gauge goes to millimetres and comes back the same", "[base]") {
    for (GaugeSystem s : {GaugeSystem::awg, GaugeSystem::swg})
        for (int n = -3; n <= 45; ++n) {
            CHECK(findNearestGauge(s, findGaugeDiameter(s, n)).number == n);
            CHECK(std::abs(findNearestGauge(s, findGaugeDiameter(s, n)).off) < 1e-12);
        }
    CHECK(findNearestGauge(GaugeSystem::awg, 1.6).number == 14);
    CHECK(gaugeName(-1) == "2/0");
}

TEST_CASE("Diameters are read as people write them; a gauge without its system is a question", "[base]") {
    CHECK(*parseDiameter("1.5") == 1.5);
    CHECK(*parseDiameter(" 1,5 mm") == 1.5);
    CHECK_NEAR(*parseDiameter("0.06 in"), 1.524, 1e-12);
    CHECK_NEAR(*parseDiameter("14AWG"), 1.6277, 1e-4);
    CHECK_NEAR(*parseDiameter("swg 16"), 1.6256, 1e-12);
    CHECK_NEAR(*parseDiameter("2/0 swg"), .348 * 25.4, 1e-12);
    CHECK_NEAR(*parseDiameter("00 swg"), .348 * 25.4, 1e-12);
    for (const char* question : {"14 g", "14 gauge", "#14", "14ga"})
        CHECK(parseDiameter(question).fault().sentence().find("which system") != std::string::npos);
    for (const char* bad : {"", "14", "wide", "nan", "-1", "1e400", "99 swg", "3.5 awg", "awg", "1.5 1.5"}) {
        INFO(bad);
        CHECK_FALSE(parseDiameter(bad));
    }
}

TEST_CASE("What is written as CSV is read back cell by cell", "[base]") {
    const std::vector<std::string> cells{"plain", "with, comma", "with \"quote\"", "two\nlines", ""};
    const auto rows = must(files::parseCsvTable(files::csvLine(cells) + files::csvLine({"a", "b"})));
    REQUIRE(rows->rows.size() == 2);
    CHECK(rows->rows[0] == cells);
    CHECK_FALSE(files::parseCsvTable("\"never closed"));
    CHECK(files::parseCsvTable("a,b\nc,d")->rows.size() == 2);
    CHECK(files::parseCsvTable("")->rows.empty());
}
