#pragma once
// Bakes that were followed before, kept by whoever asks: an edit works out no bake again whose setup it leaves alone.
#include "base/memo.h"
#include "base/stop.h"
#include "fill/bake.h"

namespace enkinet::fill {

class BakeMemo {
public:
    /// calcBake, from memory where it is there.
    std::shared_ptr<const Result<BakeCurve>> calc(const BakeSetup& setup, double target_C, double minutes);
    /// Before a result asks for its bakes. The token is looked at before each that is not known yet; throws Stopped.
    void heed(std::stop_token stop) {
        m_stop = std::move(stop);
        // A curve takes 15 kB, and a puppet some twenty to fifty of them.
        m_known.turn(64);
    }

private:
    std::stop_token m_stop;
    struct Key {
        BakeSetup setup;
        double target_C, minutes;
        friend bool operator==(const Key&, const Key&) = default;
    };
    Node<Key, Result<BakeCurve>> m_known{4, 2000};
};

/// calcBake with a memory or, where there is none, without.
std::shared_ptr<const Result<BakeCurve>> calcBake(BakeMemo* memo, const BakeSetup& setup, double target_C,
                                                  double minutes);

} // namespace enkinet::fill
