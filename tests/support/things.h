#pragma once
// An eye and a post that carries it, for tests of things on the body.
#include "support/puppets.h"

namespace enkinet::test {

inline body::Feature eye(double size = 8) {
    body::Feature f;
    f.id = "eye", f.name = "eye", f.on.limb = "post", f.first_mm = size, f.clay = "firm-white", f.sunk = 0.25;
    return f;
}

inline body::Puppet post(double half = 10) {
    body::Puppet p = levelArm(false);
    p.limbs.resize(1);
    p.limbs[0].segments[0] = tube("post", half, half);
    return p;
}

} // namespace enkinet::test
