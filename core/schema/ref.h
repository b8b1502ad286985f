#pragma once
// What a finding, a field or a line of the log is about, by ids: never by a display name, which two may share and
// anybody may change, nor by a place in a list. One way to write it and one to read it.
#include <iterator>
#include <optional>
#include <string>
#include <vector>

namespace enkinet::schema {

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
    step,
    pose,
    puppet,
    shot,
    wire_card,
    clay_card,
    bulk_card,
    cover_card,
    oven_card,
    adhesive_card,
    paint_card
};

/// The word in a key, in the order of the kinds; a thing's is what its table calls one.
inline constexpr const char* kRefWords[] = {
    "",       "limb", "joint",     "segment",   "mass",      "feature",    "bond",      "base",          "sheet",
    "run",    "prop", "variant",   "spool",     "scheme",    "picture",    "measure",   "step",          "pose",
    "puppet", "shot", "wire card", "clay card", "bulk card", "cover card", "oven card", "adhesive card", "paint card"};
static_assert(std::size(kRefWords) == static_cast<std::size_t>(RefKind::paint_card) + 1);
constexpr const char* wordOf(RefKind kind) { return kRefWords[static_cast<std::size_t>(kind)]; }

struct Ref {
    RefKind kind = RefKind::none;
    std::string id;   ///< of a joint and a segment: their limb's
    std::string part; ///< of a joint its id, of a segment its place from 1; else empty
    bool right = false;
    friend bool operator==(const Ref&, const Ref&) = default;
};

/// "sheet/cape2", "joint/leg/knee", "segment/arm/2/right"; of the whole puppet empty.
std::string toKey(const Ref& ref);
/// The other way round; nothing for what is no such key.
std::optional<Ref> fromKey(const std::string& key);

} // namespace enkinet::schema
