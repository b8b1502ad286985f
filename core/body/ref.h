#pragma once
// What a finding is about, by ids: never by a display name, which two may share and anybody may change, nor by a place
// in a list. One way to write it, toKey, for files that keep what a builder decided about it.
#include <string>

namespace enkinet::body {

enum class RefKind {
    none, ///< of the puppet as a whole
    limb,
    joint,
    segment,
    mass,
    feature,
    bond,
    base,
    sheet,
    run,
    prop,
    variant,
    spool,
    scheme,
    picture,
    measure,
    step
};

struct Ref {
    RefKind kind = RefKind::none;
    std::string id;   ///< of a joint and a segment: their limb's
    std::string part; ///< of a joint its id, of a segment its place from 1; else empty
    bool right = false;
    friend bool operator==(const Ref&, const Ref&) = default;
};

/// "sheet/cape2", "joint/leg/knee", "segment/arm/2/right"; of the whole puppet empty.
std::string toKey(const Ref& ref);

} // namespace enkinet::body
