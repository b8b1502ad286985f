#pragma once
// Minutes that follow from a bake's setup alone, kept between edits: what an edit leaves alone is not worked out again.
#include "fill/bake.h"

namespace enkinet::fill {

class BakeMemo {
public:
    /// calc() gives the minutes when they are not known yet.
    template <class Calc> double find(const BakeSetup& setup, double target_C, Calc calc) {
        for (const Known& k : m_known)
            if (k.setup == setup && k.target_C == target_C) return k.minutes;
        const double minutes = calc();
        if (m_known.size() >= kMost) m_known.clear();
        m_known.push_back({setup, target_C, minutes});
        return minutes;
    }

private:
    static constexpr std::size_t kMost = 400;
    struct Known {
        BakeSetup setup;
        double target_C, minutes;
    };
    std::vector<Known> m_known;
};

} // namespace enkinet::fill
