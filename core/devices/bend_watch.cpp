#include "devices/bend_watch.h"
#include <algorithm>
#include <cmath>

namespace enkinet::devices {

namespace {
constexpr double kTurnShare = 0.8, kBentShare = 0.5, kPartedShare = 0.15, kStraightShare = 0.1;
constexpr int kInARow = 2;
} // namespace

void BendWatch::take(const Reading& r) {
    if (m_broke) return;
    if (r.unit == "deg") {
        m_angle = r.value;
        if (!fresh()) {
            m_straight = std::abs(m_angle) < kStraightShare * m_set ? m_straight + 1 : 0;
            return;
        }
        const int side = m_angle > kTurnShare * m_set ? 1 : m_angle < -kTurnShare * m_set ? -1 : 0;
        if (side != 0 && side != m_side) m_side = side, ++m_turns;
        return;
    }
    if (r.unit != "Nmm" || !fresh()) return;
    m_moment = std::abs(r.value);
    // Straight it feels nothing, whole or not.
    if (std::abs(m_angle) < kBentShare * m_set) return;
    m_most = std::max(m_most, m_moment);
    m_slack = m_moment < kPartedShare * m_most ? m_slack + 1 : 0;
    if (m_slack >= kInARow) m_broke = cycles();
}

} // namespace enkinet::devices
