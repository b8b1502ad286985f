#include "fill/bake_memo.h"
#include <functional>

namespace enkinet::fill {

std::shared_ptr<const Result<BakeCurve>> BakeMemo::calc(const BakeSetup& setup, double target_C, double minutes) {
    // Where to look: what differs most from part to part.
    const std::hash<double> hash;
    const std::uint64_t slot = hash(setup.thickness_mm) * 31 + hash(setup.core_mm) * 7 + hash(target_C) + hash(minutes);
    return m_known.find(slot, {setup, target_C, minutes}, [&](const Key& k) {
        checkStop(m_stop);
        return calcBake(k.setup, k.target_C, k.minutes);
    });
}

std::shared_ptr<const Result<BakeCurve>> calcBake(BakeMemo* memo, const BakeSetup& setup, double target_C,
                                                  double minutes) {
    if (memo) return memo->calc(setup, target_C, minutes);
    return std::make_shared<const Result<BakeCurve>>(calcBake(setup, target_C, minutes));
}

} // namespace enkinet::fill
