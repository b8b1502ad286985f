#include "files/shot_json.h"
#include "base/units.h"
#include "files/csv.h"
#include "files/plan_json.h"
#include "files/production_json.h"
#include <algorithm>
#include <charconv>
#include <cmath>

namespace enkinet::files {

using document::Cast;
using document::JointHistory;
using document::Shot;

namespace {

const std::map<std::string, body::Acting> kLevels{
    {"quiet", body::Acting::quiet}, {"plain", body::Acting::plain}, {"broad", body::Acting::broad}};

Json degrees(const std::vector<double>& rad) {
    Json j = Json::array();
    for (double a : rad)
        j.push_back(exactDegrees(a));
    return j;
}

} // namespace

Shot readShot(Reader& r) {
    Shot s;
    s.id = r.neededText("id"), s.name = r.text("name", s.id);
    s.fps = r.number("fps", 24), s.onEach = r.whole("on", 2), s.frames = r.whole("frames", 48);
    s.retakes = r.number("retakes", 0.2), s.done = r.flag("done", false), s.source = r.text("source", "");
    if (const std::string day = r.text("day", ""); !day.empty()) {
        s.day = parseIsoDate(day);
        if (!s.day) r.fail(words("day \"%1\"", day.substr(0, 40)), words("must be a day such as 2026-12-21"));
    }
    r.each("cast", 64, words("puppet"), [&](Reader& x) {
        Cast c;
        c.puppet = x.neededText("puppet"), c.copy = x.whole("copy", 1);
        c.acting = x.word("acting", kLevels, body::Acting::plain);
        c.poses = x.texts("poses", 2000);
        x.each("histories", 4000, words("joint"), [&](Reader& y) {
            JointHistory h;
            h.limb = y.neededText("limb"), h.joint = y.neededText("joint"), h.right = y.flag("right", false);
            for (double d : y.numbers("forth_deg", document::kMostHistory))
                h.forth_rad.push_back(degToRad(d));
            for (double d : y.numbers("aside_deg", document::kMostHistory))
                h.aside_rad.push_back(degToRad(d));
            c.histories.push_back(std::move(h));
        });
        x.each("links", 4000, words("joint"), [&](Reader& y) {
            c.links.push_back(
                {y.neededText("from"), y.neededText("limb"), y.neededText("joint"), y.flag("right", false)});
        });
        s.cast.push_back(std::move(c));
    });
    r.each("breaks", 1000, words("break"), [&](Reader& x) {
        s.breaks.push_back({x.neededText("puppet"), x.neededText("limb"), x.neededText("joint"), x.whole("copy", 1),
                            x.whole("frame", 0), x.flag("right", false)});
    });
    return s;
}

Json shotJson(const Shot& s) {
    Json j{{"id", s.id},     {"name", s.name},     {"fps", s.fps},
           {"on", s.onEach}, {"frames", s.frames}, {"retakes", s.retakes}};
    if (s.day) j["day"] = isoDate(*s.day);
    if (s.done) j["done"] = true;
    if (!s.source.empty()) j["source"] = s.source;
    j["cast"] = Json::array();
    for (const Cast& c : s.cast) {
        Json k{{"puppet", c.puppet}, {"copy", c.copy}};
        if (c.acting != body::Acting::plain) k["acting"] = wordOf(kLevels, c.acting);
        if (!c.poses.empty()) k["poses"] = c.poses;
        for (const JointHistory& h : c.histories) {
            Json o{{"limb", h.limb}, {"joint", h.joint}};
            if (h.right) o["right"] = true;
            if (!h.forth_rad.empty()) o["forth_deg"] = degrees(h.forth_rad);
            if (!h.aside_rad.empty()) o["aside_deg"] = degrees(h.aside_rad);
            listIn(k, "histories").push_back(std::move(o));
        }
        for (const document::MotionLink& l : c.links) {
            Json o{{"from", l.from}, {"limb", l.limb}, {"joint", l.joint}};
            if (l.right) o["right"] = true;
            listIn(k, "links").push_back(std::move(o));
        }
        listIn(j, "cast").push_back(std::move(k));
    }
    for (const Shot::Break& b : s.breaks) {
        Json o{{"puppet", b.puppet}, {"limb", b.limb}, {"joint", b.joint}, {"copy", b.copy}, {"frame", b.frame}};
        if (b.right) o["right"] = true;
        listIn(j, "breaks").push_back(std::move(o));
    }
    return j;
}

Result<std::vector<JointHistory>> parseExposureSheet(const std::string& text, const body::Puppet& puppet, int frames,
                                                     int onEach) {
    const auto table = parseCsvTable(text);
    if (!table) return table.fault();
    if (table->rows.empty()) return Fault{words("exposure sheet"), words("no lines"), words("are in it")};
    std::map<std::string, std::size_t> column;
    for (std::size_t c = 0; c < table->rows[0].size(); ++c)
        column[table->rows[0][c]] = c;
    for (const char* needed : {"frame", "limb", "joint", "axis", "angle_deg"})
        if (!column.contains(needed))
            return Fault{words("exposure sheet, line 1"), words("column \"%1\"", std::string(needed)),
                         words("is missing")};
    struct Key {
        int frame;
        double rad;
    };
    std::map<std::tuple<std::string, std::string, bool>, std::array<std::vector<Key>, 2>> keys;
    for (std::size_t r = 1; r < table->rows.size(); ++r) {
        const auto& row = table->rows[r];
        const Phrase place = words("exposure sheet, line %1", table->lines[r]);
        const auto cell = [&](const char* name) {
            return column[name] < row.size() ? row[column[name]] : std::string();
        };
        const auto number = [&](std::string t, double& v) {
            if (table->decimalComma) std::replace(t.begin(), t.end(), ',', '.');
            const auto [end, error] = std::from_chars(t.data(), t.data() + t.size(), v);
            return error == std::errc{} && end == t.data() + t.size() && std::isfinite(v);
        };
        double frame = 0, angle = 0;
        if (!number(cell("frame"), frame) || frame != std::floor(frame) || frame < 0 || frame > frames)
            return Fault{place, words("frame \"%1\"", cell("frame").substr(0, 30)),
                         words("must be a whole number of the shot's frames")};
        if (!number(cell("angle_deg"), angle) || std::abs(angle) > 400)
            return Fault{place, words("angle \"%1\"", cell("angle_deg").substr(0, 30)),
                         words("must be a number of degrees")};
        const std::string axis = cell("axis");
        if (axis != "forth" && axis != "aside")
            return Fault{place, words("axis \"%1\"", axis.substr(0, 30)), words("must be forth or aside")};
        const std::string side = column.contains("side") ? cell("side") : "";
        if (!side.empty() && side != "left" && side != "right")
            return Fault{place, words("side \"%1\"", side.substr(0, 30)), words("must be left or right")};
        const body::Limb* limb = body::findLimb(puppet, cell("limb"));
        if (!limb)
            return Fault{place, words("limb \"%1\"", cell("limb").substr(0, 40)),
                         words("is not one of %1", puppet.name)};
        if (body::findJointIndex(*limb, cell("joint")) < 0)
            return Fault{place, words("joint \"%1\"", cell("joint").substr(0, 40)),
                         words("is not one of %1", limb->name)};
        auto& own = keys[{limb->id, cell("joint"), side == "right"}][axis == "aside"];
        if (!own.empty() && own.back().frame >= static_cast<int>(frame))
            return Fault{place, words("frame %1", cell("frame")), words("must come after the one before it")};
        own.push_back({static_cast<int>(frame), degToRad(angle)});
    }
    std::vector<JointHistory> all;
    for (const auto& [name, axes] : keys) {
        JointHistory h;
        std::tie(h.limb, h.joint, h.right) = name;
        for (std::size_t a = 0; a < 2; ++a) {
            if (axes[a].empty()) continue;
            auto& out = a ? h.aside_rad : h.forth_rad;
            std::size_t k = 0;
            for (int f = 0; f < std::max(1, frames); f += std::max(1, onEach)) {
                while (k + 1 < axes[a].size() && axes[a][k + 1].frame <= f)
                    ++k;
                const Key& from = axes[a][k];
                double v = from.rad;
                if (k + 1 < axes[a].size() && f > from.frame)
                    v += (axes[a][k + 1].rad - from.rad) * (f - from.frame) / (axes[a][k + 1].frame - from.frame);
                out.push_back(v);
            }
        }
        all.push_back(std::move(h));
    }
    return all;
}

} // namespace enkinet::files
