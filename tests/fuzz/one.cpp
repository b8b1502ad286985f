// One program for all targets; the one of a run is named by ENKINET_FUZZ.
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <string>

namespace enkinet::fuzz {

using Target = void(const std::string& bytes);
Target production, container, cardList, limb, motion, exposures, ovenLog, wireTests, deviceLines, numbers, picture;

namespace {

constexpr struct {
    const char* name;
    Target* target;
} kTargets[] = {
    {"production", &production},
    {"container", &container},
    {"cards", &cardList},
    {"limb", &limb},
    {"motion", &motion},
    {"exposures", &exposures},
    {"oven_log", &ovenLog},
    {"wire_tests", &wireTests},
    {"device_lines", &deviceLines},
    {"numbers", &numbers},
    {"picture", &picture},
};

Target* findTarget() {
    const char* name = std::getenv("ENKINET_FUZZ");
    for (const auto& t : kTargets)
        if (name && std::strcmp(name, t.name) == 0) return t.target;
    std::fprintf(stderr, "ENKINET_FUZZ names no target:");
    for (const auto& t : kTargets)
        std::fprintf(stderr, " %s", t.name);
    std::fprintf(stderr, "\n");
    std::exit(2);
}

} // namespace

} // namespace enkinet::fuzz

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    static enkinet::fuzz::Target* const target = enkinet::fuzz::findTarget();
    if (size <= 200000) target(std::string(reinterpret_cast<const char*>(data), size));
    return 0;
}
