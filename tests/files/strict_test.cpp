// Numbers, tables and files that were once misread, or saved and could not be opened again.
#include "base/number.h"
#include "document/edits.h"
#include "files/container.h"
#include "files/csv.h"
#include "files/oven_log_file.h"
#include "files/production_json.h"
#include "files/versions.h"
#include "files/wire_tests_file.h"
#include "support/folder.h"
#include "support/near.h"
#include <filesystem>
#include <fstream>
#include <sys/stat.h>

using namespace enkinet::files;
namespace fs = std::filesystem;

namespace {

std::string log(const char* head, char separator, bool comma, const std::function<std::string(int)>& time) {
    std::string text = std::string(head) + "\n";
    for (int i = 0; i < 30; ++i) {
        std::string C = i < 10 ? std::to_string(20 + 10 * i) + ".5" : i % 2 ? "126.5" : "124.5";
        if (comma) std::replace(C.begin(), C.end(), '.', ',');
        text += time(i) + separator + C + "\n";
    }
    return text;
}

} // namespace

TEST_CASE("A number is read whole or not at all, with either decimal sign where both may stand", "[files]") {
    CHECK(parseNumber(" 12.5 ", false) == 12.5);
    CHECK(parseNumber("12,5", true) == 12.5);
    CHECK(parseNumber("+3", true) == 3);
    for (const char* bad : {"", " ", "12,5", "1e300", "nan", "inf", "12 mm", "1.2.3", "0x10", "--1"})
        CHECK_FALSE(parseNumber(bad, false));
    for (const char* bad : {"1.234,5", "1,234,5", ","})
        CHECK_FALSE(parseNumber(bad, true));
}

TEST_CASE("Decimal commas between semicolons gave an offset of -125 degrees and a dial of 255", "[files]") {
    const auto minutes = [](int i) { return std::to_string(2 * i); };
    const auto plainLog = must(parseOvenLog(log("min,C", ',', false, minutes), 130));
    CHECK_NEAR(plainLog->offset_C, -4.5, 0.02);
    for (const auto& same : {log("min;C", ';', true, minutes), log("min\tC", '\t', true, minutes),
                             "\xEF\xBB\xBF" + log("min;C", ';', false, minutes)}) {
        const auto read = must(parseOvenLog(same, 130));
        CHECK(*read == *plainLog);
    }
    // Hours, minutes and seconds all read 0.
    const auto clock =
        parseOvenLog(log("time;C", ';', true,
                         [](int i) { return "0:" + std::to_string(2 * i / 10) + std::to_string(2 * i % 10) + ":00"; }),
                     130);
    REQUIRE(clock);
    CHECK(clock->offset_C == plainLog->offset_C);
    CHECK(clock->settled_min == plainLog->settled_min);
    // A byte-order mark dropped a row.
    CHECK(parseOvenLog("\xEF\xBB\xBF" + log("min,C", ',', false, minutes), 130)->readings == plainLog->readings);
    // Fahrenheit where the head says so.
    std::string F = "min,F\n";
    for (int i = 0; i < 30; ++i)
        F += std::to_string(i) + ",266\n";
    CHECK_NEAR(parseOvenLog(F, 130)->offset_C + 131, 131.0, 1e-9);
    // Anything else is refused with its line.
    CHECK(parseOvenLog(log("min,C", ',', true, minutes), 130).fault().sentence().find("line 2") != std::string::npos);
    CHECK(parseOvenLog(log("min,C", ',', false, minutes) + "62,125 C\n", 130).fault().sentence().find("line 32") !=
          std::string::npos);
    CHECK(parseOvenLog(log("min,C", ',', false, minutes) + "62,125,7\n", 130).fault().sentence().find("line 32") !=
          std::string::npos);
}

TEST_CASE("An oven more than 40 degrees off is not believed, and no dial stands above where the clay scorches",
          "[files]") {
    std::string cold = "min,C\n", cool = cold;
    for (int i = 0; i < 30; ++i)
        cold += std::to_string(i) + ",5\n", cool += std::to_string(i) + ",100\n";
    CHECK(parseOvenLog(cold, 130).fault().sentence().find("40") != std::string::npos);
    const auto off = must(parseOvenLog(cool, 130));
    fill::ClayCard clay;
    clay.name = "firm", clay.set_C = 130, clay.scorch_C = 150;
    // 30 degrees too cool: it would be dialled to 160.
    CHECK_FALSE(fill::findDial(*off, clay));
    clay.scorch_C = 165;
    CHECK(*fill::findDial(*off, clay) == 160);
}

TEST_CASE("Wire tests with strands of 1e300, nan or 2.9 are refused with their line", "[files]") {
    const auto& spools = demo().stock.spools;
    const auto rows = [&](const std::string& strands) {
        return "kind,spool,strands,lay_mm,gap_mm,edge_factor,angle_deg,cycles\nbend," + spools[0].id + "," + strands +
               ",0,14,1.3,45,60\n";
    };
    CHECK(parseWireTestsCsv(rows("1"), spools));
    for (const char* bad : {"1e300", "nan", "2.9", "-1e9", "inf"}) {
        const auto read = parseWireTestsCsv(rows(bad), spools);
        REQUIRE_FALSE(read);
        CHECK(read.fault().sentence().find("line 2") != std::string::npos);
    }
    // A spreadsheet of another country.
    CHECK(parseWireTestsCsv("kind;spool;strands;gap_mm;angle_deg;cycles\nbend;" + spools[0].id + ";1;14,5;45;60\n",
                            spools)
              ->bends[0]
              .gap_mm == 14.5);
}

TEST_CASE("A pipe and a folder are refused", "[files]") {
    const Folder dir;
    const std::string pipe = dir / "pipe";
    REQUIRE(::mkfifo(pipe.c_str(), 0600) == 0);
    CHECK(readFile(pipe).fault().sentence().find("plain file") != std::string::npos);
    CHECK_FALSE(readFile(dir.path));
    CHECK_FALSE(readFile(dir / "nothing"));
}

TEST_CASE("What could not be opened again is not saved: the same limits both ways", "[files]") {
    document::Production p = demo();
    const document::Edits e(p, shippedCards(), p.puppets[0].id);
    body::Picture placed;
    placed.file = "pictures/scan.png";
    // 242 MB inside, a 31 MB photograph more: it was saved, and the file refused from then on.
    for (int i = 0; i < 4; ++i)
        p.pictures["pictures/old" + std::to_string(i) + ".png"] = Bytes(std::string((60u << 20) + (1u << 19), 'x'));
    const auto refused = e.addPicture(placed, std::string(31u << 20, 'y'));
    REQUIRE_FALSE(refused);
    CHECK(refused.fault().sentence().find("256 MB") != std::string::npos);
    CHECK(e.addPicture(placed, std::string(1u << 20, 'y')));
    CHECK_FALSE(e.addPicture(placed, std::string(65u << 20, 'y')));
    p.pictures["pictures/more.png"] = Bytes(std::string(31u << 20, 'y'));
    CHECK_FALSE(writeContainer(p));
    // In the container close-set: an 8.5 MB file grew to 16.9 when it was saved indented.
    CHECK(writeProduction(demo(), false).size() < 0.7 * static_cast<double>(writeProduction(demo()).size()));
    const auto bytes = must(writeContainer(demo()));
    CHECK(parseContainer(*bytes, shippedCards())->production == demo());
}

TEST_CASE("A link stays a link, a mode stays a mode, and nothing that stands beside is written over", "[files]") {
    const Folder dir;
    const std::string real = dir / "real.json", link = dir / "link.json";
    REQUIRE(writeFileSafely(real, "one"));
    REQUIRE(::chmod(real.c_str(), 0640) == 0);
    fs::create_symlink(real, link);
    std::ofstream(real + ".new") << "somebody else's";
    REQUIRE(writeFileSafely(link, "two"));
    CHECK(fs::is_symlink(link));
    CHECK(*readFile(real) == "two");
    struct stat s {};
    REQUIRE(::stat(real.c_str(), &s) == 0);
    CHECK((s.st_mode & 07777) == 0640);
    CHECK(*readFile(real + ".new") == "somebody else's");
}

TEST_CASE("Files of every older version open", "[files]") {
    int n = 0;
    for (const auto& f : fs::directory_iterator(std::string(ENKINET_SOURCE_DIR) + "/tests/reference/older")) {
        INFO(f.path().string());
        const auto loaded = loadProduction(f.path().string(), shippedCards());
        INFO((loaded ? std::string() : loaded.fault().sentence()));
        REQUIRE(loaded);
        CHECK(loaded->production.puppets.size() == 3);
        // Whips of that time had no edge at their root and said nothing of how they are posed.
        for (const auto& puppet : loaded->production.puppets)
            for (const auto& l : puppet.limbs)
                for (const auto& j : l.joints)
                    if (l.whip && j.posed) CHECK(j.edge == 1.3);
        ++n;
    }
    CHECK(n >= 1);
}

TEST_CASE("A file of version 1 is brought up to the present one, and a present one is left alone", "[files]") {
    auto json = files::parseJson(writeProduction(demo()), "x").take();
    std::string whip, joint;
    for (auto& puppet : json["puppets"])
        for (auto& limb : puppet["limbs"])
            if (limb.value("whip", false))
                for (auto& j : limb["joints"])
                    if (j.contains("gap_mm"))
                        j["edge_factor"] = 1.0, whip = limb["id"], joint = j["id"], limb.erase("whip_posed");
    REQUIRE_FALSE(whip.empty());
    const auto edgeOf = [&](int version) {
        json["version"] = version;
        const auto loaded = must(parseProduction(json.dump(), shippedCards()));
        for (const auto& p : loaded->production.puppets)
            for (const auto& l : p.limbs)
                for (const auto& j : l.joints)
                    if (l.id == whip && j.id == joint) return j.edge;
        return 0.0;
    };
    CHECK(edgeOf(1) == 1.3);
    CHECK(edgeOf(2) == 1.0);
    CHECK(edgeOf(3) == 1.0);
}

TEST_CASE("Bringing up what is no production changes nothing", "[files]") {
    for (const char* text :
         {"7", "[]", "{}", R"({"puppets":7})", R"({"puppets":[7,[],{"limbs":{}},{"limbs":[{"whip":"x"}]}]})",
          R"({"puppets":[{"limbs":[{"whip":true,"joints":[1,{"gap_mm":2}]}]}]})"}) {
        auto json = files::parseJson(text, "x").take();
        const auto before = json;
        for (int version : {-5, 0, 1, 2, 99, 1 << 30})
            files::bringUp(json, version);
        CHECK(json == before);
    }
}
