// The house's own rules: which room may look into which. A static library does not hold anybody to them.
#include <catch2/catch.hpp>
#include <filesystem>
#include <fstream>
#include <map>
#include <regex>
#include <set>
#include <string>
#include <vector>

namespace {

namespace fs = std::filesystem;
using Rooms = std::map<std::string, std::set<std::string>>;

/// Direct neighbours; what they may see is seen through them.
const Rooms kCore{{"base", {}},
                  {"schema", {"base"}},
                  {"wire", {"schema"}},
                  {"body", {"schema"}},
                  {"fill", {"body"}},
                  {"load", {"wire", "body"}},
                  {"devices", {"base"}},
                  {"paint", {"solve", "schema"}},
                  {"document", {"load", "fill", "paint"}},
                  {"solve", {"base"}},
                  {"choice", {"document", "solve"}},
                  {"schedule", {"solve"}},
                  {"make", {"choice", "schedule"}},
                  {"shoot", {"choice"}},
                  {"checks", {"make"}},
                  {"findings", {"checks"}},
                  {"results", {"findings", "shoot"}},
                  {"files", {"results", "devices"}}};
const Rooms kApp{{"jobs", {}},           {"document", {"jobs"}},           {"words", {"document"}},
                 {"widgets", {"words"}}, {"sheet", {"widgets"}},           {"turntable", {"sheet"}},
                 {"print", {"sheet"}},   {"stations", {"sheet", "print"}}, {"shell", {"stations", "turntable"}}};

std::set<std::string> seenFrom(const Rooms& rooms, const std::string& room) {
    std::set<std::string> all{room};
    for (const std::string& next : rooms.at(room))
        all.merge(seenFrom(rooms, next));
    return all;
}

/// Every include with quotes of a folder's files, by file: its room and the whole line.
template <class Each> void forIncludes(const fs::path& folder, Each each) {
    for (const auto& e : fs::recursive_directory_iterator(folder)) {
        if (!e.is_regular_file() || (e.path().extension() != ".h" && e.path().extension() != ".cpp")) continue;
        std::ifstream in(e.path());
        for (std::string line; std::getline(in, line);)
            if (line.starts_with("#include")) each(e.path(), line);
    }
}

std::string roomOf(const std::string& line) {
    const std::size_t from = line.find('"'), slash = line.find('/', from);
    return from == std::string::npos || slash == std::string::npos ? "" : line.substr(from + 1, slash - from - 1);
}

} // namespace

TEST_CASE("A room of the core includes only what stands below it, and nothing of the interface", "[base]") {
    const fs::path core = fs::path(ENKINET_SOURCE_DIR) / "core";
    int looked = 0;
    for (const auto& [room, below] : kCore) {
        const std::set<std::string> seen = seenFrom(kCore, room);
        forIncludes(core / room, [&](const fs::path& file, const std::string& line) {
            INFO(file << ": " << line);
            CHECK_FALSE(line.starts_with("#include <Q"));
            if (const std::string other = roomOf(line); !other.empty()) CHECK(seen.contains(other));
            ++looked;
        });
    }
    CHECK(looked > 300);
    // No room that the list does not know.
    for (const auto& e : fs::directory_iterator(core))
        if (e.is_directory()) CHECK(kCore.contains(e.path().filename().string()));
}

TEST_CASE("A room of the application includes the core and what stands below it", "[base]") {
    const fs::path app = fs::path(ENKINET_SOURCE_DIR) / "app";
    int looked = 0;
    for (const auto& [room, below] : kApp) {
        const std::set<std::string> seen = seenFrom(kApp, room);
        forIncludes(app / room, [&](const fs::path& file, const std::string& line) {
            INFO(file << ": " << line);
            const std::string other = roomOf(line);
            if (!other.empty() && !kCore.contains(other)) CHECK(seen.contains(other));
            ++looked;
        });
    }
    CHECK(looked > 300);
    for (const auto& e : fs::directory_iterator(app))
        if (e.is_directory()) CHECK(kApp.contains(e.path().filename().string()));
}

TEST_CASE("The command line knows the core alone", "[base]") {
    forIncludes(fs::path(ENKINET_SOURCE_DIR) / "cli", [&](const fs::path& file, const std::string& line) {
        INFO(file << ": " << line);
        CHECK_FALSE(line.starts_with("#include <Q"));
        if (const std::string room = roomOf(line); !room.empty()) CHECK(kCore.contains(room));
    });
}

TEST_CASE("Nothing speaks to a network, and nothing that a file says is run", "[base]") {
    // One thing is started, by its own name: the simulated devices that ship beside the program.
    const std::string starts = "app/jobs/simulator_process";
    const std::vector<std::string> never{
        "QNetwork", "QTcp",       "QUdp",   "QSsl",      "QWebSocket",    "sys/socket.h",
        "netinet",  "arpa/inet",  "curl",   "popen(",    "std::system(",  " system(",
        "execv",    "execl",      "dlopen", "QLibrary(", "QPluginLoader", "QDesktopServices",
        "QProcess", "posix_spawn"};
    int looked = 0;
    for (const char* folder : {"core", "app", "cli", "bench"})
        for (const auto& e : fs::recursive_directory_iterator(fs::path(ENKINET_SOURCE_DIR) / folder)) {
            if (!e.is_regular_file() || (e.path().extension() != ".h" && e.path().extension() != ".cpp")) continue;
            ++looked;
            const std::string place = fs::relative(e.path(), ENKINET_SOURCE_DIR).string();
            std::ifstream in(e.path());
            for (std::string line; std::getline(in, line);)
                for (const std::string& word : never) {
                    if (word == "QProcess" && place.starts_with(starts)) continue;
                    INFO(place << ": " << line);
                    CHECK(line.find(word) == std::string::npos);
                }
        }
    CHECK(looked > 300);
}

TEST_CASE("A helper or constant of one file has no namesake in another that is compiled with it", "[base]") {
    // A room's files are compiled together: a call would take whichever fits better, in silence.
    const std::regex named(R"(^(?:template <[^{}]*> )?[A-Za-z_][\w:<>,&* ]*[ &*>](\w+)\()");
    const std::regex constant(R"(\b(k[A-Z]\w*)(?:\[[^\]]*\])? ?[={])");
    const fs::path source = ENKINET_SOURCE_DIR;
    std::vector<fs::path> together{source / "app", source / "cli"};
    for (const char* house : {"core", "tests"})
        for (const auto& room : fs::directory_iterator(source / house))
            if (room.is_directory() && room.path().filename() != "fuzz") together.push_back(room);
    std::size_t found = 0;
    for (const fs::path& room : together) {
        std::map<std::string, fs::path> homes;
        for (const auto& e : fs::recursive_directory_iterator(room)) {
            if (e.path().extension() != ".cpp") continue;
            std::ifstream in(e.path());
            bool own = false;
            for (std::string line; std::getline(in, line);) {
                if (line == "namespace {" || line == "} // namespace") own = line == "namespace {";
                if (!own) continue;
                for (const std::regex* r : {&named, &constant}) {
                    if (r == &constant && !line.starts_with("const")) continue;
                    for (std::sregex_iterator m(line.begin(), line.end(), *r), end; m != end; ++m) {
                        const auto home = homes.emplace((*m)[1].str(), e.path()).first->second;
                        INFO((*m)[1].str() << " of " << home << " and of " << e.path());
                        CHECK(home == e.path());
                        ++found;
                    }
                }
            }
        }
    }
    CHECK(found > 300);
}
