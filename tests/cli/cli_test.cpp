// The command line as a shell sees it: output, one line on standard error, exit status.
#include "support/near.h"
#include "support/sanitized.h"
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <map>
#include <nlohmann/json.hpp>
#include <sys/wait.h>

using nlohmann::json;

namespace {
struct Said {
    int status;
    std::string out, err;
};

Said run(const std::string& arguments) {
    const std::string errPath = (std::filesystem::temp_directory_path() / "enkinet-cli-test.err").string();
    FILE* pipe = must(popen((std::string(ENKINET_CLI) + " " + arguments + " 2>" + errPath).c_str(), "r"));
    Said s;
    char buffer[4096];
    for (std::size_t n; (n = fread(buffer, 1, sizeof buffer, pipe)) > 0;)
        s.out.append(buffer, n);
    s.status = WEXITSTATUS(pclose(pipe));
    std::ifstream in(errPath);
    s.err.assign(std::istreambuf_iterator<char>(in), {});
    return s;
}

const std::string kWire =
    "wire --material aluminium-soft --diameter 1.5 --strands 2 --lay 10 --gap 14 --angle 60 --edge 1.3 --json";
} // namespace

TEST_CASE("wire prints the promised keys and the worked values") {
    const Said s = run(kWire);
    REQUIRE(s.status == 0);
    CHECK(s.err.empty());
    const json j = json::parse(s.out);
    for (const char* key : {"bundle_diameter_mm", "lay_angle_deg", "take_up", "lock", "hold_moment_Nmm",
                            "bend_moment_Nmm", "springback_deg", "strain_amplitude", "twist_strain", "twist_damage",
                            "life_cycles_median", "life_cycles_nine_in_ten", "life_design_median",
                            "life_design_nine_in_ten", "bend_moment_strong_Nmm", "mass_g_per_m"}) {
        INFO(key);
        REQUIRE(j.contains(key));
        CHECK(j[key].is_number());
    }
    CHECK(j["status"] == "ok");
    CHECK_NEAR(j["hold_moment_Nmm"].get<double>(), 52.53, 0.005);
    CHECK_NEAR(j["life_design_median"].get<double>(), 56.3, 0.005);
    CHECK_NEAR(j["bend_moment_strong_Nmm"].get<double>(), 116.1, 0.005);
    CHECK(json::parse(run("wire --material aluminium-soft --diameter 3 --gap 4 --angle 60 --json").out)["status"] ==
          "too_tight");
}

TEST_CASE("Bad input is one clear line on standard error and exit status 2") {
    const char* bad[] = {
        "wire --material aluminium-soft --diameter 1.5 --strands 2 --lay 2 --gap 14 --angle 60 --json",
        "wire --material aluminium-soft --diameter 1.5 --gap 0 --angle 60",
        "wire --material cheese --diameter 1.5 --gap 14 --angle 60",
        "wire --material aluminium-soft --diameter nan --gap 14 --angle 60",
        "wire --material aluminium-soft --diameter 1.5 --gap nan --angle 60",
        "wire --material aluminium-soft --diameter 1.5 --gap 14 --angle -5",
        "wire --material aluminium-soft --diameter 1.5 --gap 14 --angle 60 --edge 0.5",
        "wire --material aluminium-soft --diameter 1.5 --strands 5 --gap 14 --angle 60",
        "wire --material aluminium-soft --diameter 1.5 --lay 0 --strands 2 --gap 14 --angle 60",
        "wire --material aluminium-soft --diameter wide --gap 14 --angle 60",
        "wire --diameter 1.5 --gap 14 --angle 60",
        "bake --thickness -1",
        "bake --thickness 6 --oven nan",
        "choose /no/such/file.enkinet",
        "check /dev/null",
        "no-such-command",
        "",
    };
    for (const char* arguments : bad) {
        const Said s = run(arguments);
        INFO(arguments << " | " << s.err);
        CHECK(s.status == 2);
        CHECK(s.out.empty());
        CHECK(std::count(s.err.begin(), s.err.end(), '\n') == 1);
    }
}

TEST_CASE("choose gives every limb its wire and every joint its numbers") {
    const Said s = run("choose " + kDemo + " --json");
    REQUIRE(s.status == 0);
    const json j = json::parse(s.out);
    REQUIRE(j["puppets"].size() == 3);
    for (const json& puppet : j["puppets"])
        for (const json& limb : puppet["limbs"]) {
            for (const char* key : {"material", "diameter_mm", "strands", "lay_mm", "state"})
                CHECK(limb.contains(key));
            for (const json& joint : limb["joints"])
                for (const char* key : {"load_Nmm", "needed_Nmm", "hold_Nmm", "effort_N", "effort_limit_N",
                                        "springback_deg", "life_s", "need_s", "state"})
                    CHECK(joint.contains(key));
        }
}

TEST_CASE("summary adds up, check says 1 where points are open, cutlist comes as CSV and JSON") {
    const json sum = json::parse(run("summary " + kDemo + " --json").out);
    for (const json& puppet : sum["puppets"]) {
        double skin = 0, wire = 0;
        for (const json& part : puppet["parts"]) {
            skin += part["skin_g"].get<double>(), wire += part["wire_g"].get<double>();
            CHECK(part["volume_mm3"].get<double>() >= 0);
            CHECK(part.contains("bulk_g"));
        }
        CHECK_NEAR(skin, puppet["totals"]["skin_g"].get<double>(), 1e-9);
        CHECK_NEAR(wire, puppet["totals"]["wire_g"].get<double>(), 1e-9);
        CHECK(puppet["centre_of_mass"]["y_mm"].get<double>() > 0);
    }
    CHECK(run("check " + kDemo).status == 1);
    const Said csv = run("cutlist " + kDemo + " --csv");
    CHECK(csv.status == 0);
    CHECK(csv.out.starts_with("puppet,limb,"));
    CHECK(json::parse(run("cutlist " + kDemo + " --json").out).size() ==
          nth(std::count(csv.out.begin(), csv.out.end(), '\n')) - 1);
    CHECK(run("--help").status == 0);
    for (const char* sub : {"wire", "choose", "cutlist", "summary", "check", "bake"})
        CHECK(run(std::string(sub) + " --help").status == 0);
}

TEST_CASE("check names each point by the key under which a file leaves it, with the reason") {
    const std::string demo = kDataDir + "/demo/post-for-the-tide-house.json";
    std::ifstream in(demo);
    json production = json::parse(in);
    const json all = json::parse(run("check --json " + demo).out);
    for (const json& point : all)
        if (point["puppet"] == "tansy" && point["weight"] == "open")
            production["puppets"][0]["left"].push_back({{"point", point["key"]}, {"because", "it stands"}});
    const std::string file = (std::filesystem::temp_directory_path() / "enkinet-cli-left.json").string();
    std::ofstream(file) << production;
    int left = 0;
    for (const json& point : json::parse(run("check --json " + file).out)) {
        if (point["puppet"] != "tansy" || point["weight"] == "note") continue;
        INFO(point);
        CHECK(point["weight"] == "left"); // Tansy has no fault, and all advice may be left
        CHECK(point["because"] == "it stands");
        CHECK(std::count_if(all.begin(), all.end(), [&](const json& x) {
                  return x["key"] == point["key"] && x["says"] == point["says"] && x["puppet"] == "tansy";
              }) == 1);
        ++left;
    }
    CHECK(left > 2);
    CHECK(run("check " + file).out.find("(left: it stands) ") != std::string::npos);
    std::filesystem::remove(file);
}

TEST_CASE("bake reaches the handbook's minute") {
    const json j = json::parse(run("bake --thickness 6 --core 8 --core-density 0.4 --oven 130 --start 20 --surface 15 "
                                   "--minutes 60 --to 115 --json")
                                   .out);
    CHECK_NEAR(j["minutes_to_reach"].get<double>(), 27.17, 0.01);
    CHECK(j["surface_C_at_end"].get<double>() > j["innermost_C_at_end"].get<double>());
}

TEST_CASE("Every number of every command refuses what is no number, and what lies beyond its limits, in one line") {
    const std::map<std::string, std::vector<std::pair<const char*, const char*>>> commands{
        {"wire --material aluminium-soft",
         {{"--diameter", "1.5"},
          {"--strands", "2"},
          {"--lay", "10"},
          {"--gap", "14"},
          {"--angle", "60"},
          {"--edge", "1.3"},
          {"--set", "0.5"},
          {"--forming", "0"}}},
        {"bake",
         {{"--thickness", "6"},
          {"--core", "8"},
          {"--core-density", "0.4"},
          {"--oven", "130"},
          {"--start", "20"},
          {"--surface", "15"},
          {"--minutes", "60"},
          {"--to", "115"}}}};
    for (const auto& [command, options] : commands) {
        std::string good = command;
        for (const auto& [option, value] : options)
            good += std::string(" ") + option + " " + value;
        CHECK(run(good).status == 0);
        for (const auto& [bad, unused] : options)
            for (const char* value : {"nan", "inf", "-inf", "1e999", "abc", "''", "1,5x", "-1e9", "1e12"}) {
                std::string arguments = command;
                for (const auto& [option, fine] : options)
                    arguments +=
                        std::string(" ") + option + (option == bad ? "=" : " ") + (option == bad ? value : fine);
                const Said s = run(arguments);
                INFO(arguments << " | " << s.err);
                CHECK(s.status == 2);
                CHECK(s.out.empty());
                CHECK(std::count(s.err.begin(), s.err.end(), '\n') == 1);
            }
    }
}

TEST_CASE("plan prints every step with real times, and its makespan never lies below its bound") {
    const std::string demoFile = std::string(ENKINET_SOURCE_DIR) + "/data/demo/post-for-the-tide-house.json";
    const Said s = run("plan " + demoFile + " --json --from 2026-11-30T10:00");
    INFO(s.err);
    REQUIRE(s.status == 0);
    const json j = json::parse(s.out);
    std::map<std::string, json> byId;
    for (const json& x : j["steps"]) {
        for (const char* key : {"id", "puppet", "copy", "kind", "subject", "start", "done", "work", "hands_min",
                                "wait_min", "person", "holds", "after"})
            REQUIRE(x.contains(key));
        CHECK(byId.emplace(x["id"].get<std::string>(), x).second);
    }
    for (const auto& [id, x] : byId)
        for (const json& a : x["after"]) {
            REQUIRE(byId.contains(a["id"].get<std::string>()));
            // Times of one length sort as text.
            CHECK(byId[a["id"].get<std::string>()]["done"].get<std::string>() <= x["start"].get<std::string>());
            CHECK_FALSE(a["reason"].get<std::string>().empty());
        }
    CHECK(j["bound_min"].get<long>() <= j["makespan_min"].get<long>());
    CHECK(j["calendar"]["days_off"].size() == 2);
    CHECK(j["deadline"] == "2026-12-16T10:00");
    CHECK(j["chance"].get<double>() > 0);
    CHECK(run("plan " + demoFile + " --from yesterday").status == 2);
    CHECK(run("plan " + demoFile + " --ics").out.rfind("BEGIN:VCALENDAR", 0) == 0);
    CHECK(json::parse(run("log " + demoFile + " --json").out)["log"].size() == 9);
    CHECK(json::parse(run("shop " + demoFile + " --json").out)["needs"].size() > 5);
}

TEST_CASE("mix and film print the worked values, and say what they cannot read") {
    const json mixed = json::parse(run("mix --parts '#e0b030:1' --parts '#2050a0:1' --json").out);
    CHECK(mixed["colour"] == "#356a62");
    CHECK(mixed["lab"].size() == 3);
    const json film = json::parse(run("film --paint '#f4f2ea' --hides 0.8 --ground '#d8a888' --coats 3 --json").out);
    CHECK_NEAR(film["power"].get<double>(), 3.479, 0.005);
    CHECK(film["colours"].size() == 3);
    CHECK(std::abs(film["delta_e"][1].get<double>() - 1.41) < 0.05);
    const std::string demoFile = std::string(ENKINET_SOURCE_DIR) + "/data/demo/post-for-the-tide-house.json";
    const json recipes = json::parse(run("mix --target '#c98b6a' " + demoFile + " --json").out);
    REQUIRE(recipes["recipes"].size() > 1);
    CHECK(recipes["best"] == true);
    CHECK(recipes["recipes"][0]["delta_e"].get<double>() <= recipes["recipes"][1]["delta_e"].get<double>());
    CHECK(json::parse(run("paint " + demoFile + " --json").out)["puppets"].size() == 3);
    for (const char* bad : {"mix", "mix --target blue", "mix --parts '#e0b030:x'",
                            "film --paint '#f4f2ea' --ground '#d8a888' --hides 1.2",
                            "film --paint '#f4f2ea' --ground '#d8a888' --coats 0"}) {
        const Said s = run(bad);
        INFO(bad);
        CHECK(s.status == 2);
        CHECK(std::count(s.err.begin(), s.err.end(), '\n') == 1);
    }
}

#ifndef ENKINET_SANITIZED // whose own memory knows no such limit
TEST_CASE(
    "With too little memory the command line says so in one line, whatever it was at, and never ends by a signal") {
    const std::string file = std::string(ENKINET_SOURCE_DIR) + "/data/demo/post-for-the-tide-house.json";
    int said = 0, done = 0;
    for (int kb = 24'000; kb <= 300'000; kb += kb / 9) {
        // Shells hand the limit on to what they start.
        const std::string command = "choose " + file + " --json >/dev/null";
        const std::string errPath = (std::filesystem::temp_directory_path() / "enkinet-cli-memory.err").string();
        const int status = std::system(("(ulimit -v " + std::to_string(kb) + "; exec " + std::string(ENKINET_CLI) +
                                        " " + command + ") 2>" + errPath)
                                           .c_str());
        INFO(kb << " kB");
        REQUIRE(WIFEXITED(status));
        std::ifstream in(errPath);
        const std::string err{std::istreambuf_iterator<char>(in), {}};
        const int code = WEXITSTATUS(status);
        // Below some size not even its libraries are loaded: the loader says that.
        if (code == 127) continue;
        CHECK(code < 128);
        if (code == 0) {
            ++done;
            continue;
        }
        ++said;
        CHECK(code == 3);
        CHECK(std::count(err.begin(), err.end(), '\n') == 1);
        CHECK(err.find("not enough memory") != std::string::npos);
    }
    CHECK(said >= 1);
    CHECK(done >= 1);
}
#endif

TEST_CASE("things gives each thing with all that its file says of it, and what was worked out") {
    std::ifstream in(kDemo);
    const json file = json::parse(in);
    const Said s = run("things --json " + kDemo);
    REQUIRE(s.status == 0);
    const json said = json::parse(s.out);
    REQUIRE(said["puppets"].size() == file["puppets"].size());
    int keys = 0;
    for (std::size_t p = 0; p < file["puppets"].size(); ++p)
        for (const char* list : {"features", "bonds", "sheets", "runs", "props", "variants"}) {
            if (!file["puppets"][p].contains(list)) continue;
            const json &of = file["puppets"][p][list], &got = said["puppets"][p][list];
            REQUIRE(got.size() == of.size());
            for (std::size_t i = 0; i < of.size(); ++i) {
                INFO(list << " " << of[i]["id"] << ": " << got[i]);
                CHECK(got[i].contains("open"));
                for (const auto& [key, value] : of[i].items())
                    CHECK((got[i].contains(key) && (++keys, true)));
            }
        }
    CHECK(keys > 40);
}
