#pragma once
// The demo's Tansy with more and more arms on her spine.
#include "document/production.h"

namespace enkinet::bench {

inline document::Production creature(const document::Production& demo, int limbs) {
    document::Production p = demo;
    p.puppets.resize(1);
    body::Puppet& puppet = p.puppets[0];
    const body::Limb arm = puppet.limbs[1];
    for (int i = static_cast<int>(puppet.limbs.size()); i < limbs; ++i) {
        body::Limb l = arm;
        l.id = l.name = "feeler-" + std::to_string(i), l.mirrored = false;
        for (body::Joint& j : l.joints)
            j.at_mm = {j.at_mm.x + 0.3 * (i % 20), j.at_mm.y - 0.4 * (i / 20), j.at_mm.z};
        puppet.limbs.push_back(l);
    }
    return p;
}

} // namespace enkinet::bench
