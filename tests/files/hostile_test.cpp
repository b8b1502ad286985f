// Every key of a production in turn given what does not belong there: refused in one short line, or opened and
// computed.
#include "files/container.h"
#include "files/puppet_json.h"
#include "support/near.h"
#include "support/sanitized.h"
#include <nlohmann/json.hpp>

using namespace enkinet::files;

namespace {

/// The demo with something of everything that a file can hold.
Json everything() {
    Json j = Json::parse(*readFile(kDemo));
    j["stock"]["wire_tests"] = Json::parse(
        R"([{"kind":"bend","spool":"alu-1.5","strands":2,"lay_mm":12,"gap_mm":12,"edge_factor":1.3,"angle_deg":40,"cycles":60},
        {"kind":"hang","spool":"alu-1.5","strands":1,"lay_mm":0,"gap_mm":14,"lever_mm":60,"weight_g":60,"last_bend":"with","angle_deg":40,"set_deg":0.5}])");
    Json& tansy = j["puppets"][0];
    tansy["board"] = tansy["poses"][0];
    tansy["measures"] = Json::parse(
        R"([{"name":"m","from_x_mm":0,"from_y_mm":0,"from_z_mm":0,"to_x_mm":0,"to_y_mm":9,"to_z_mm":0,"measured_mm":9.4}])");
    tansy["pictures"] = Json::parse(
        R"([{"file":"pictures/a.png","side":true,"x_mm":1,"y_mm":2,"mm_per_px":0.5,"angle_deg":3,"strength":0.4,"crop_left":0.1}])");
    tansy["pictures"][0].update(
        {{"seen_from", "right"}, {"width_px", 400}, {"height_px", 900}, {"figure_top", 0.1}, {"figure_bottom", 0.9}});
    tansy["measures"][0]["other_side_mm"] = 9.1;
    tansy["proportions"] = {{{"key", "heads_high"}, {"target", 4.5}, {"tolerance", 0.05}}};
    tansy["limbs"][0]["segments"][1]["layers"]["coats"] = {{{"clay", "firm-grey"}, {"thickness_mm", 1.5}, {"load", 1}}};
    j["puppets"][1]["limbs"][3]["no_wire"] = "it lies on the neck";
    j["stock"]["glues"] = {"epoxy", "instant"};
    tansy["rig"] = {{"limb", "spine"}, {"segment", 2}};
    tansy["limbs"][2]["wire"] = {{"spool", "alu-2.0"}, {"strands", 2}, {"lay_mm", 13}};
    tansy["limbs"][2]["joints"][1]["forming_bends"] = 2;
    tansy["limbs"][2]["joints"][1]["need_s"] = 12;
    j["cards"]["wires"] = Json::array({Json::parse(
        R"({"id":"own-wire","youngs_GPa":70,"density_g_per_cm3":2.7,"ultimate_MPa":100,"reduction_of_area":0.7,
        "measured":{"sf_MPa":200,"b":-0.1,"ef":0.5,"c":-0.6,"K_MPa":220,"n":0.12}})")});
    return j;
}

/// Pointers to every value, one for each different chain of keys, of whatever place in a list.
std::map<std::string, Json::json_pointer> places(const Json& j) {
    std::map<std::string, Json::json_pointer> all;
    const std::function<void(const Json&, const std::string&, const Json::json_pointer&)> walk =
        [&](const Json& at, const std::string& name, const Json::json_pointer& pointer) {
            if (!name.empty()) all.try_emplace(name, pointer);
            if (at.is_object())
                for (const auto& [key, value] : at.items())
                    walk(value, name + "." + key, pointer / key);
            else if (at.is_array())
                for (std::size_t i = 0; i < at.size(); ++i)
                    walk(at[i], name + "[]", pointer / i);
        };
    walk(j, "", Json::json_pointer());
    return all;
}

/// What opens is what is written of it, so that saving and opening again changes nothing.
void checkSameAgain(const document::Production& p) {
    const auto again = parseProduction(writeProduction(p, false), shippedCards());
    REQUIRE(again);
    CHECK((again->production == p));
}

} // namespace

TEST_CASE("What a file can hold is read, written and read again the same", "[files]") {
    const auto p = parseProduction(everything().dump(), shippedCards());
    INFO((p ? std::string() : p.fault().sentence()));
    REQUIRE(p);
    CHECK(p->production.stock.bendTests.size() == 1);
    CHECK(p->production.puppets[0].rig->segment == 1);
    CHECK(p->production.puppets[0].pictures[0].side);
    const auto again = parseProduction(writeProduction(p->production), shippedCards());
    REQUIRE(again);
    CHECK(again->production == p->production);
}

TEST_CASE("Every key with a value that does not belong there is one line or a sound document", "[files]") {
    const Json good = everything();
    const Json bad[] = {nullptr,
                        "x",
                        true,
                        -1,
                        0,
                        1e300,
                        -1e300,
                        0.5,
                        Json::array(),
                        Json::object(),
                        Json::array({1, 2}),
                        std::string(5000, 'y')};
    // Each key meets a third of the values, its neighbours the others; all of them meet in ./check long.
    const std::size_t every = std::getenv("ENKINET_LONG") ? 1 : kSanitized ? 23 : 3;
    std::size_t turn = 0;
    int refused = 0, opened = 0;
    for (const auto& [name, pointer] : places(good)) {
        ++turn;
        for (std::size_t v = 0; v < std::size(bad); ++v) {
            if ((v + turn) % every) continue;
            const Json& value = bad[v];
            Json j = good;
            j[pointer] = value;
            const auto p = parseProduction(j.dump(), shippedCards());
            INFO(name << " = " << value.dump().substr(0, 40));
            if (p) {
                ++opened;
                CHECK(document::makeProduction(p->production, shippedCards()));
                checkSameAgain(p->production);
                continue;
            }
            ++refused;
            const std::string said = p.fault().sentence();
            CHECK(said.size() > 8);
            CHECK(said.size() < 500);
            CHECK(said.find('\n') == std::string::npos);
        }
    }
    CHECK(refused > (kSanitized ? 100 : 800));
    CHECK(opened > (kSanitized ? 8 : 60));
}

TEST_CASE("Every key left out is refused by name, or has its default", "[files]") {
    const Json good = everything();
    int turn = 0;
    for (const auto& [name, pointer] : places(good)) {
        if (kSanitized && ++turn % 9) continue;
        Json j = good;
        if (!j[pointer.parent_pointer()].is_object()) continue;
        j[pointer.parent_pointer()].erase(pointer.back());
        const auto p = parseProduction(j.dump(), shippedCards());
        INFO(name);
        if (p)
            checkSameAgain(p->production);
        else
            CHECK(p.fault().sentence().size() > 8);
    }
}

TEST_CASE("An unknown key stays in every object, beside an id that does not belong there too", "[files]") {
    const Json good = everything();
    int turn = 0, kept = 0;
    for (const auto& [name, pointer] : places(good)) {
        if (!good[pointer].is_object() || (kSanitized && ++turn % 5)) continue;
        Json j = good;
        j[pointer]["from later"] = {{"how", 3}};
        if (!j[pointer].contains("id")) j[pointer]["id"] = "stray";
        const auto p = parseProduction(j.dump(), shippedCards());
        INFO(name);
        if (!p) continue;
        ++kept;
        const std::string written = writeProduction(p->production, false);
        CHECK(written.find("from later") != std::string::npos);
        checkSameAgain(p->production);
    }
    CHECK(kept > (kSanitized ? 8 : 40));
    // Two strays of one name in a list are two.
    Json j = good;
    j["log"] = Json::array();
    for (int i = 0; i < 2; ++i)
        j["log"].push_back({{"at", "2026-11-30T10:00:00"},
                            {"kind", "ticked"},
                            {"item", "holes||2|12"},
                            {"id", "stray"},
                            {"from later", i}});
    const auto p = parseProduction(j.dump(), shippedCards());
    REQUIRE(p);
    const Json back = Json::parse(writeProduction(p->production, false));
    for (int i = 0; i < 2; ++i) {
        CHECK(back["log"][nth(i)]["from later"] == i);
        CHECK(back["log"][nth(i)]["id"] == "stray");
        CHECK(back["log"][nth(i)]["item"] == "holes||2|12");
    }
    checkSameAgain(p->production);
}

TEST_CASE("Documents that open with strange but allowed numbers compute to finite ones", "[files]") {
    Random random(91);
    const Json good = everything();
    const auto all = places(good);
    int computed = 0;
    for (const auto& [name, pointer] : all) {
        if (!good[pointer].is_number()) continue;
        Json j = good;
        j[pointer] = good[pointer].get<double>() * random.between(0.3, 3);
        if (random.whole(0, 3) > 0) continue;
        const auto p = parseProduction(j.dump(), shippedCards());
        if (!p) continue;
        const auto r = reportOf(p->production);
        INFO(name);
        CHECK(std::isfinite(r.choice.totals.mass_g()));
        CHECK(std::isfinite(r.plan.elapsed_min));
        // A chance, or none said.
        CHECK_FALSE(r.choice.survival < 0);
        CHECK_FALSE(r.choice.survival > 1);
        ++computed;
    }
    CHECK(computed > 8);
}

TEST_CASE("A limb goes to the clipboard as text and comes back the same; rubbish is refused", "[files]") {
    for (const auto& l : demo().puppets[0].limbs) {
        const auto back = parseLimb(limbText(l));
        REQUIRE(back);
        CHECK(*back == l);
    }
    for (const char* bad : {"", "[]", "{}", "{\"id\": 3}", "{\"id\":\"a\",\"joints\":7}"})
        CHECK_FALSE(parseLimb(bad));
}
