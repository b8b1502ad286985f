// Every key of a production in turn given what does not belong there: refused in one short line, or opened and
// computed.
#include "files/container.h"
#include "files/limb_text.h"
#include "support/everything.h"
#include "support/near.h"
#include "support/sanitized.h"
#include <nlohmann/json.hpp>

using namespace enkinet::files;
using enkinet::test::everything;
using Json = nlohmann::json;

namespace {

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
    const auto again = must(parseProduction(writeProduction(p, false), shippedCards()));
    CHECK((again->production == p));
}

} // namespace

TEST_CASE("Every key with a value that does not belong there is one line or a sound document", "[files]") {
    const Json good = everything(false);
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
    // Each key meets a sixth of the values, its neighbours the others; all of them meet in ./check long.
    const std::size_t every = std::getenv("ENKINET_LONG") ? 1 : kSanitized ? 23 : 6;
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
    CHECK(refused > (kSanitized ? 100 : 500));
    CHECK(opened > (kSanitized ? 8 : 40));
}

TEST_CASE("Every key left out is refused by name, or has its default", "[files]") {
    const Json good = everything(false);
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
    const Json good = everything(false);
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
    const auto p = must(parseProduction(j.dump(), shippedCards()));
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
    const Json good = everything(false);
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
        const auto back = must(parseLimb(limbText(l)));
        CHECK(*back == l);
    }
    for (const char* bad : {"", "[]", "{}", "{\"id\": 3}", "{\"id\":\"a\",\"joints\":7}"})
        CHECK_FALSE(parseLimb(bad));
}
