#include "files/versions.h"

namespace enkinet::files {

namespace {

/// Each object of a list of an object; nothing where there is none.
template <class Each> void forObjects(Json& in, const char* list, Each each) {
    if (!in.is_object()) return;
    const auto at = in.find(list);
    if (at == in.end() || !at->is_array()) return;
    for (Json& item : *at)
        if (item.is_object()) each(item);
}

/// Version 1 had no edge at a whip's root: it wrote 1 for it and read nothing.
void fromOne(Json& production) {
    forObjects(production, "puppets", [](Json& puppet) {
        forObjects(puppet, "limbs", [](Json& limb) {
            const auto whip = limb.find("whip");
            if (whip == limb.end() || *whip != true || limb.contains("whip_posed")) return;
            forObjects(limb, "joints", [](Json& joint) {
                if (joint.contains("gap_mm")) joint.erase("edge_factor");
            });
        });
    });
}

constexpr void (*kSteps[])(Json&) = {fromOne};
static_assert(std::size(kSteps) == kFormatVersion - 1);

} // namespace

void bringUp(Json& production, int version) {
    for (int v = version; v >= 1 && v < kFormatVersion; ++v)
        kSteps[v - 1](production);
}

} // namespace enkinet::files
