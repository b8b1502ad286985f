#include "files/production_json.h"
#include "files/described_json.h"
#include "files/versions.h"
#include "schema/limits.h"
#include <algorithm>

namespace enkinet::files {

using namespace document;

namespace {

const char* const kFormat = "enkinet production";

} // namespace

Result<Loaded> parseProduction(const std::string& text, const Cards& shipped) {
    auto parsed = parseJson(text, "production.json");
    if (!parsed) return parsed.fault();
    Json json = parsed.take();
    if (!json.is_object()) return Fault{words("production.json"), {}, words("must hold one object")};
    if (const auto v = json.find("version"); v != json.end() && v->is_number_integer())
        bringUp(json, static_cast<int>(std::clamp<std::int64_t>(v->get<std::int64_t>(), 0, 1000000)));
    std::optional<Fault> fault;
    Loaded loaded;
    Production& p = loaded.production;
    {
        Reader r(json, {}, fault, &p.unknown);
        if (!fault && r.text("format", "") != kFormat)
            return Fault{words("production.json"), words("format"), words("is not \"enkinet production\"")};
        const int version = r.whole("version", 0);
        if (!fault && version < 1)
            return Fault{words("production.json"), words("version %1", version), words("must be 1 or more")};
        loaded.newer = version > kFormatVersion;
        readFields(r, p);
    }
    if (fault) return *fault;
    auto sound = makeProduction(std::move(p), shipped);
    if (!sound) return sound.fault();
    loaded.production = sound.take();
    return loaded;
}

std::string writeProduction(const Production& p, bool indented) {
    Json j{{"format", kFormat}, {"version", kFormatVersion}};
    addFields(j, p);
    addUnknown(j, p.unknown);
    return j.dump(indented ? 1 : -1) + "\n";
}

Result<Cards> parseCards(const std::string& text, const std::string& place) {
    const auto json = parseJson(text, place);
    if (!json) return json.fault();
    std::optional<Fault> fault;
    Cards cards;
    {
        Reader r(*json, place, fault);
        readFields(r, cards);
    }
    if (!fault) {
        Rules rules;
        schema::checkLimits(rules, {}, cards);
        fault = rules.fault;
        if (fault) fault->place = words("%1, %2", place, fault->place);
    }
    if (fault) return *fault;
    return cards;
}

} // namespace enkinet::files
