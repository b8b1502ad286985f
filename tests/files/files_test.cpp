#include "base/units.h"
#include "document/changed_fields.h"
#include "document/edits.h"
#include "files/container.h"
#include "files/cut_list_file.h"
#include "support/near.h"
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <zip.h>

using namespace enkinet::files;

namespace {
std::string demoText() { return *readFile(kDemo); }

std::string replaced(std::string text, const std::string& what, const std::string& with) {
    const auto at = text.find(what);
    REQUIRE(at != std::string::npos);
    return text.replace(at, what.size(), with);
}

/// A zip of named entries, made by the library itself.
std::string zipOf(const std::vector<std::pair<std::string, std::string>>& entries) {
    const std::string path = (std::filesystem::temp_directory_path() / "enkinet-test.zip").string();
    std::filesystem::remove(path);
    zip_t* z = must(zip_open(path.c_str(), ZIP_CREATE | ZIP_TRUNCATE, nullptr));
    for (const auto& [name, bytes] : entries)
        zip_file_add(z, name.c_str(), zip_source_buffer(z, bytes.data(), bytes.size(), 0), ZIP_FL_ENC_UTF_8);
    REQUIRE(zip_close(z) == 0);
    return *readFile(path);
}

std::string says(const Result<Loaded>& r) { return r ? std::string("(opened)") : r.fault().sentence(); }
} // namespace

TEST_CASE("Angles that an edit sets survive degrees and back to the bit", "[files]") {
    Random random(5);
    int lost = 0;
    for (int i = 0; i < 20000; ++i) {
        const double typed = random.between(-3, 3), rad = snapAngle(typed);
        lost += degToRad(exactDegrees(rad)) != rad;
        if (i < 100) CHECK(std::abs(rad - typed) < 1e-8);
    }
    CHECK(lost == 0);
}

TEST_CASE("A newer file opens, and is known to be newer", "[files]") {
    const auto p = must(parseProduction(replaced(demoText(), "\"version\": 2", "\"version\": 99"), shippedCards()));
    CHECK(p->newer);
}

TEST_CASE("Bad text gives one sentence with the place", "[files]") {
    const std::string good = demoText();
    struct Bad {
        std::string text;
        const char* says;
    };
    const Bad bad[] = {
        {"", "production.json"},
        {good.substr(0, good.size() / 2), "production.json"},
        {"[1, 2]", "production.json"},
        {"{\"format\": \"something else\"}", "format"},
        {replaced(good, "\"gap_mm\": 12", "\"gap_mm\": 0"), "gap 0 mm must be above 0"},
        {replaced(good, "\"gap_mm\": 12", "\"gap_mm\": \"wide\""), "gap_mm"},
        {replaced(good, "\"gap_mm\": 12", "\"gap_mm\": 1e999"), "production.json"},
        {replaced(good, "\"wire_card\": \"aluminium-soft\"", "\"wire_card\": \"cheese\""), "cheese"},
        {replaced(good, "\"clay\": \"firm-", "\"clay\": \"soft-"), "is not known"},
        {replaced(good, "\"hangs_on\": {", "\"hangs_on\": {\"limb\": \"arm\", \"joint\": \"palm\"}, \"was\": {"),
         "arm"},
        {replaced(good, "\"version\": 2", "\"version\": 0"), "version 0"},
        {replaced(good, "\"kind\": \"spine\"", "\"kind\": \"sail\""), "must be one of"},
        {std::string(40, '[') + std::string(40, ']'), "production.json"},
        {"{\"format\": \"enkinet production\", \"version\": 1, \"puppets\": 7}", "puppets"},
    };
    for (const Bad& b : bad) {
        const auto r = parseProduction(b.text, shippedCards());
        INFO(says(r) << " | wanted: " << b.says);
        REQUIRE_FALSE(r);
        CHECK(says(r).find(b.says) != std::string::npos);
        CHECK(says(r).find('\n') == std::string::npos);
        CHECK(says(r).size() < 400);
    }
}

TEST_CASE("A billion joints are refused before anything is allocated", "[files]") {
    std::string many = "[";
    for (int i = 0; i < 5000; ++i)
        many += "{},";
    many.back() = ']';
    std::string text =
        R"({"format":"enkinet production","version":1,"puppets":[{"id":"p","height_mm":9,"limbs":[{"id":"a","joints":)" +
        many + "}]}]}";
    CHECK(says(parseProduction(text, shippedCards())).find("must have at most 64") != std::string::npos);
    CHECK_FALSE(parseProduction(std::string(17u << 20, ' '), shippedCards()));
}

TEST_CASE("A container is opened, and one that lies is not", "[files]") {
    const std::string text = demoText();
    CHECK(parseContainer(zipOf({{"production.json", text}}), shippedCards()));
    const auto withPicture =
        parseContainer(zipOf({{"production.json", text}, {"pictures/front.png", "bytes"}}), shippedCards());
    REQUIRE(withPicture);
    CHECK(withPicture->production.pictures.at("pictures/front.png").get() == "bytes");
    CHECK_FALSE(parseContainer(zipOf({{"other.json", text}}), shippedCards()));
    for (const char* name : {"../evil.png", "/etc/evil.png", "pictures/../../evil.png"}) {
        INFO(name);
        CHECK_FALSE(parseContainer(zipOf({{"production.json", text}, {name, "x"}}), shippedCards()));
    }
    const std::string whole = zipOf({{"production.json", text}});
    for (std::size_t cut : {std::size_t{0}, std::size_t{1}, std::size_t{30}, whole.size() / 2, whole.size() - 1})
        CHECK_FALSE(parseContainer(whole.substr(0, cut), shippedCards()));
}

TEST_CASE("Flipping any byte of a container never crashes, and never opens as something else", "[files][full]") {
    const std::string whole = *writeContainer(demo());
    Random random(6);
    for (int i = 0; i < 300; ++i) {
        std::string bytes = whole;
        bytes[nth(random.whole(0, static_cast<int>(bytes.size()) - 1))] ^= static_cast<char>(1 << random.whole(0, 7));
        if (const auto r = parseContainer(bytes, shippedCards())) CHECK(r->production == demo());
    }
}

TEST_CASE("Saving leaves the old file whole until the new one is", "[files]") {
    namespace fs = std::filesystem;
    const fs::path dir = fs::temp_directory_path() / "enkinet-save-test";
    fs::remove_all(dir);
    fs::create_directories(dir);
    const std::string path = (dir / "a.enkinet").string();
    REQUIRE(saveProduction(path, demo()));
    CHECK(loadProduction(path, shippedCards())->production == demo());
    REQUIRE(saveProduction((dir / "b.json").string(), demo()));
    CHECK(loadProduction((dir / "b.json").string(), shippedCards())->production == demo());
    CHECK(std::distance(fs::directory_iterator(dir), fs::directory_iterator()) == 2); // nothing left lying about
    CHECK_FALSE(saveProduction((dir / "missing" / "c.enkinet").string(), demo()));
    CHECK_FALSE(loadProduction((dir / "nothing.enkinet").string(), shippedCards()));
    fs::remove_all(dir);
}

TEST_CASE("The cut list's rows are quoted as the rule for CSV says", "[files]") {
    document::Production p = demo();
    p.puppets[0].name = "Tansy, the \"post\"";
    const auto r = reportOf(p);
    const std::string csv = writeCutListCsv(p, p.puppets[0], r.cuts, true);
    CHECK(csv.find("\"Tansy, the \"\"post\"\"\",") != std::string::npos);
    // A row a group of strands that end together.
    std::size_t groups = 0;
    for (const auto& c : r.cuts)
        groups += c.groups.size();
    CHECK(std::count(csv.begin(), csv.end(), '\n') == static_cast<long>(groups) + 1);
}

TEST_CASE("A load too cold to be an oven is refused", "[files]") {
    document::Production p = demo();
    p.puppets[0].wants.loads = {{"head", {}, {"head"}, false, 12, 0}};
    CHECK_FALSE(document::makeProduction(p, shippedCards()));
    p.puppets[0].wants.loads[0].set_C = 120;
    CHECK(document::makeProduction(p, shippedCards()));
}

TEST_CASE("An edit changes the field that it is about, a hand's move the place, and no two fields are one", "[files]") {
    const auto changed = [](const auto& edit, const document::Production& from = demo()) {
        const auto to = must(edit(document::Edits(from, shippedCards(), "tansy")));
        return document::findChangedFields(from, *to);
    };
    const auto gap = changed([](const document::Edits& e) { return e.setGap("leg", "knee", 12.5); });
    CHECK(gap == changed([](const document::Edits& e) { return e.setGap("leg", "knee", 12.75); }));
    CHECK(gap != changed([](const document::Edits& e) { return e.setGap("leg", "hip", 12.5); }));
    CHECK(gap != changed([](const document::Edits& e) { return e.setEdge("leg", "knee", 1.6); }));
    // A point dragged to the side first and then up is one move.
    const auto aside = changed([](const document::Edits& e) { return e.moveJoint("leg", "sole", {19, 0, 0}); });
    CHECK(aside == changed([](const document::Edits& e) { return e.moveJoint("leg", "sole", {19, 1, 0.5}); }));
    CHECK(aside != changed([](const document::Edits& e) { return e.moveJoint("leg", "knee", {19, 52, 1}); }));
    // A joint bent forth, then forth and aside, from rest on: one; another joint, or its twin: another.
    const auto bend = [&](const char* joint, bool right, double forth, double aside_rad,
                          const document::Production& from = demo()) {
        return changed(
            [&](const document::Edits& e) {
                return e.setAngle({"arm", joint, right, forth, aside_rad});
            },
            from);
    };
    const auto forth = bend("elbow", false, 0.2, 0);
    REQUIRE(forth.size() == 1);
    CHECK(forth == bend("elbow", false, 0.3, 0.1));
    CHECK(forth != bend("elbow", true, 0.2, 0));
    CHECK(forth != bend("shoulder", false, 0.2, 0));
    const auto bent = must(document::Edits(demo(), shippedCards(), "tansy").setAngle({"arm", "elbow", false, 0.2, 0}));
    CHECK(forth == bend("elbow", false, 0.3, 0, *bent));
    CHECK(forth != bend("shoulder", false, 0.3, 0, *bent));
    CHECK(document::findChangedFields(demo(), demo()).empty());
}
