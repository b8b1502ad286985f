#include "files/exposure_sheet.h"
#include "base/units.h"
#include "files/csv.h"
#include <algorithm>
#include <charconv>
#include <cmath>

namespace enkinet::files {

using document::JointHistory;

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
