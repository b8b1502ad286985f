#include "document/shot.h"
#include "base/rules.h"
#include "base/text.h"
#include <cmath>

namespace enkinet::document {

std::optional<Fault> checkShot(const Shot& s) {
    const Phrase place = words("shot %1", s.name.empty() ? s.id : s.name);
    const auto fault = [&](const Phrase& value, const Phrase& rule) { return Fault{place, value, rule}; };
    if (!isId(s.id)) return badId(place, s.id);
    if (countLetters(s.name) > 200) return fault(words("name"), words("must have at most 200 letters"));
    if (!(s.fps >= 1 && s.fps <= 240))
        return fault(words("%1 frames a second", s.fps), words("must lie between 1 and 240"));
    if (s.onEach < 1 || s.onEach > 24) return fault(words("on %1", s.onEach), words("must lie between 1 and 24"));
    if (s.frames < 1 || s.frames > 200000)
        return fault(words("%1 frames", s.frames), words("must lie between 1 and 200000"));
    if (!(s.retakes >= 0 && s.retakes <= 20))
        return fault(words("retakes %1", s.retakes), words("must lie between 0 and 20"));
    if (s.cast.size() > 64) return fault(words("%1 puppets", s.cast.size()), words("must be at most 64"));
    if (s.source.size() > 200) return fault(words("source"), words("must have at most 200 letters"));
    for (const Cast& c : s.cast) {
        if (c.copy < 1 || c.copy > 50) return fault(words("copy %1", c.copy), words("must lie between 1 and 50"));
        if (c.poses.size() > 2000 || c.histories.size() > 4000)
            return fault(words("poses or joints"), words("must be at most 2000 and 4000"));
        if (c.links.size() > 4000) return fault(words("links to a motion file"), words("must be at most 4000"));
        for (const MotionLink& l : c.links)
            if (l.from.size() > 200)
                return fault(words("joint of a motion file"), words("must have at most 200 letters"));
        for (const JointHistory& h : c.histories) {
            const Phrase joint = words("joint %1.%2", h.limb, h.joint);
            if (h.forth_rad.size() > kMostHistory || h.aside_rad.size() > kMostHistory)
                return fault(joint, words("must have at most 200000 angles"));
            if (!h.forth_rad.empty() && !h.aside_rad.empty() && h.forth_rad.size() != h.aside_rad.size())
                return fault(joint, words("must have as many angles forth as aside"));
            for (const auto* all : {&h.forth_rad, &h.aside_rad})
                for (double a : *all)
                    if (!(std::abs(a) <= 7)) return fault(joint, words("must bend by at most 400 degrees"));
        }
    }
    if (s.breaks.size() > 1000) return fault(words("breaks"), words("must be at most 1000"));
    for (const Shot::Break& b : s.breaks)
        if (b.frame < 0 || b.frame > s.frames || b.copy < 1 || b.copy > 50)
            return fault(words("a break in frame %1", b.frame), words("must lie within the shot"));
    return {};
}

} // namespace enkinet::document
