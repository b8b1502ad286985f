#include "choice/chance.h"
#include "base/normal.h"
#include "base/units.h"
#include "wire/calibration.h"
#include <cmath>
#include <map>

namespace enkinet::choice {

double calcChance(const std::vector<JointLife>& joints) {
    std::map<int, std::vector<const JointLife*>> bySpool;
    for (const JointLife& j : joints)
        bySpool[j.spool].push_back(&j);
    double chance = 1;
    for (const auto& [spool, own] : bySpool) {
        // The trapezoid rule over a function that falls off like a normal density converges faster than any power.
        constexpr double kFar = 8, kStep = 0.05;
        double sum = 0;
        for (double z = -kFar; z <= kFar; z += kStep) {
            double all = std::exp(-z * z / 2);
            for (const JointLife* j : own)
                all *= normalBelow((j->lnSpare + j->shared * z) / wire::kLifeTestScatter);
            sum += all;
        }
        chance *= sum * kStep / std::sqrt(2 * kPi);
    }
    return chance;
}

} // namespace enkinet::choice
