// What anybody may hand to the program, and what may be plugged into it: each target reads bytes, and what it accepts
// must be sound and come back from its own writing the same. Compiled once; one.cpp makes a program of each.
#include "base/calendar.h"
#include "base/gauge.h"
#include "base/number.h"
#include "devices/line.h"
#include "files/container.h"
#include "files/exposure_sheet.h"
#include "files/limb_text.h"
#include "files/motion_file.h"
#include "files/oven_log_file.h"
#include "files/production_json.h"
#include "files/wire_tests_file.h"
#include <cmath>
#include <cstdio>
#include <cstdlib>

using namespace enkinet;

namespace {

/// A broken promise ends the run with its input.
void must(bool holds, const char* what) {
    if (holds) return;
    std::fprintf(stderr, "broken: %s\n", what);
    std::abort();
}

void mustSay(const Fault& fault) {
    const std::string said = fault.sentence();
    must(said.size() > 4 && said.size() < 900, "a fault is a sentence");
    must(said.find('\n') == std::string::npos, "a fault is one line");
}

const document::Cards& cards() {
    static const document::Cards all = [] {
        auto loaded = files::loadShippedCards(ENKINET_SOURCE_DIR "/data");
        must(static_cast<bool>(loaded), "the shipped cards are sound");
        return loaded.take();
    }();
    return all;
}

} // namespace

namespace enkinet::fuzz {

void production(const std::string& text) {
    const auto p = files::parseProduction(text, cards());
    if (!p) return mustSay(p.fault());
    must(static_cast<bool>(document::makeProduction(p->production, cards())), "what opens is sound");
    const auto again = files::parseProduction(files::writeProduction(p->production), cards());
    must(static_cast<bool>(again), "what opens can be opened again");
    must(again->production == p->production, "and is the same");
}

void container(const std::string& bytes) {
    const auto p = files::parseContainer(bytes, cards());
    if (!p) return mustSay(p.fault());
    const auto written = files::writeContainer(p->production);
    must(static_cast<bool>(written), "what opens can be saved");
    const auto again = files::parseContainer(*written, cards());
    must(again && again->production == p->production, "and is the same");
}

void cardList(const std::string& text) {
    if (const auto c = files::parseCards(text, "cards"); !c) mustSay(c.fault());
}

void limb(const std::string& text) {
    const auto l = files::parseLimb(text);
    if (!l) return mustSay(l.fault());
    const auto again = files::parseLimb(files::limbText(*l));
    must(again && *again == *l, "a limb on the clipboard comes back the same");
}

void motion(const std::string& text) {
    const auto m = files::parseMotion(text);
    if (!m) return mustSay(m.fault());
    for (std::size_t j = 0; j < m->joints.size() && j < 8; ++j)
        for (double a : shoot::calcBends(*m, static_cast<int>(j)).forth_rad)
            must(std::isfinite(a), "bends are numbers");
}

void exposures(const std::string& text) {
    static const body::Puppet puppet = [] {
        auto loaded = files::loadProduction(ENKINET_SOURCE_DIR "/data/kinds/biped.json", cards());
        must(static_cast<bool>(loaded), "the shipped kind is sound");
        return loaded->production.puppets[0];
    }();
    const auto sheet = files::parseExposureSheet(text, puppet, 96, 2);
    if (!sheet) return mustSay(sheet.fault());
    for (const document::JointHistory& h : *sheet)
        for (double a : h.forth_rad)
            must(std::isfinite(a), "angles are numbers");
}

void ovenLog(const std::string& text) {
    const auto log = files::parseOvenLog(text, 130);
    if (!log) return mustSay(log.fault());
    must(std::isfinite(log->offset_C) && log->swing_C >= 0, "an oven's log is in numbers");
}

void wireTests(const std::string& text) {
    document::Spool spool;
    spool.id = "copper-1.0", spool.diameter_mm = 1;
    const auto tests = files::parseWireTestsCsv(text, {spool});
    if (!tests) return mustSay(tests.fault());
    const auto again = files::parseWireTestsCsv(files::writeWireTestsCsv(tests->bends, tests->hangs), {spool});
    must(again && again->bends == tests->bends && again->hangs == tests->hangs, "tests come back the same");
}

void deviceLines(const std::string& bytes) {
    devices::LineReader reader, again;
    const auto all = reader.take(bytes);
    std::vector<devices::Reading> bit;
    for (char c : bytes)
        for (devices::Reading& r : again.take(std::string_view(&c, 1)))
            bit.push_back(std::move(r));
    must(all == bit, "bytes one by one are the same readings");
    for (const devices::Reading& r : all)
        must(std::isfinite(r.value), "a reading is a number");
}

void numbers(const std::string& text) {
    for (const bool comma : {false, true})
        if (const auto x = parseNumber(text, comma)) must(std::isfinite(*x), "a number is finite");
    if (const auto mm = parseDiameter(text)) must(*mm > 0 && std::isfinite(*mm), "a gauge is a diameter");
    if (const auto t = parseIsoTime(text)) must(parseIsoTime(isoTime(*t)) == t, "a time comes back the same");
    if (const auto d = parseIsoDate(text)) must(parseIsoDate(isoDate(*d)) == d, "a day comes back the same");
    parseClock(text);
}

} // namespace enkinet::fuzz
