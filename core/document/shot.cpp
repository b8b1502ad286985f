#include "document/shot.h"
#include "base/text.h"
#include <cmath>

namespace enkinet::document {

std::optional<Fault> checkShot(const Shot& s) {
    const std::string place = "shot " + (s.name.empty() ? s.id : s.name);
    const auto fault = [&](const std::string& value, const std::string& rule) { return Fault{place, value, rule}; };
    if (!isId(s.id)) return fault("id \"" + s.id.substr(0, 70) + "\"", "must be letters, digits, dot or dash");
    if (s.name.size() > 200) return fault("name", "must have at most 200 letters");
    if (!(s.fps >= 1 && s.fps <= 240)) return fault(plain(s.fps) + " frames a second", "must lie between 1 and 240");
    if (s.onEach < 1 || s.onEach > 24) return fault("on " + std::to_string(s.onEach), "must lie between 1 and 24");
    if (s.frames < 1 || s.frames > 200000)
        return fault(std::to_string(s.frames) + " frames", "must lie between 1 and 200000");
    if (!(s.retakes >= 0 && s.retakes <= 20)) return fault("retakes " + plain(s.retakes), "must lie between 0 and 20");
    if (s.cast.size() > 64) return fault(std::to_string(s.cast.size()) + " puppets", "must be at most 64");
    if (s.source.size() > 200) return fault("source", "must have at most 200 letters");
    for (const Cast& c : s.cast) {
        if (c.copy < 1 || c.copy > 50) return fault("copy " + std::to_string(c.copy), "must lie between 1 and 50");
        if (c.poses.size() > 2000 || c.histories.size() > 4000)
            return fault("poses or joints", "must be at most 2000 and 4000");
        if (c.links.size() > 4000) return fault("links to a motion file", "must be at most 4000");
        for (const MotionLink& l : c.links)
            if (l.from.size() > 200) return fault("joint of a motion file", "must have at most 200 letters");
        for (const JointHistory& h : c.histories) {
            const std::string joint = "joint " + h.limb + "." + h.joint;
            if (h.forth_rad.size() > kMostHistory || h.aside_rad.size() > kMostHistory)
                return fault(joint, "must have at most 200000 angles");
            if (!h.forth_rad.empty() && !h.aside_rad.empty() && h.forth_rad.size() != h.aside_rad.size())
                return fault(joint, "must have as many angles forth as aside");
            for (const auto* all : {&h.forth_rad, &h.aside_rad})
                for (double a : *all)
                    if (!(std::abs(a) <= 7)) return fault(joint, "must bend by at most 400 degrees");
        }
    }
    if (s.breaks.size() > 1000) return fault("breaks", "must be at most 1000");
    for (const Shot::Break& b : s.breaks)
        if (b.frame < 0 || b.frame > s.frames || b.copy < 1 || b.copy > 50)
            return fault("a break in frame " + std::to_string(b.frame), "must lie within the shot");
    return {};
}

} // namespace enkinet::document
