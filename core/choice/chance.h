#pragma once
// The chance that no wire breaks before the film's end. Of the scatter of ln N a part belongs to the spool and is
// shared by all joints of that wire, the rest is the joint's own: given the spool's deviate z, joints are independent.
// One z a spool, spools are independent. docs/mechanics.md 19.
#include <vector>

namespace enkinet::choice {

/// One joint of one copy of a limb.
struct JointLife {
    int spool = 0;
    double lnSpare = 0; ///< ln(median design life / need)
    double shared = 0;  ///< standard deviation of ln N that belongs to the spool: less once it has been tested
};

/// Integral over each spool's z of the product of its joints' chances, times each other; 1 without joints.
double calcChance(const std::vector<JointLife>& joints);

} // namespace enkinet::choice
