#pragma once
// Watches a bend tester: its lever goes to and fro, and what it feels falls away when the wire has parted.
// docs/devices.md.
#include "devices/line.h"
#include <optional>

namespace enkinet::devices {

class BendWatch {
public:
    /// angle: the set bend to each side, degrees; a turn counts beyond eight tenths of it.
    explicit BendWatch(double angle_deg) : m_set(angle_deg) {}
    /// A reading of the tester: `deg`, where the lever stands, or `Nmm`, what it feels. Others are passed over. Nothing
    /// counts before the lever has stood straight for a while: what it is in the middle of was bent before.
    void take(const Reading& reading);
    bool fresh() const { return m_straight >= kStraight; }
    /// One to and fro is one; a bend to one side counts a half.
    double cycles() const { return m_turns / 2.0; }
    double angle_deg() const { return m_angle; }
    double moment_Nmm() const { return m_moment; }
    /// Largest moment felt while it was whole.
    double most_Nmm() const { return m_most; }
    /// Bends when it parted: twice in a row, bent beyond half the set angle, it felt less than three twentieths of the
    /// largest moment.
    std::optional<double> brokeAfter() const { return m_broke; }

private:
    static constexpr int kStraight = 5; ///< readings in a row
    double m_set, m_angle = 0, m_moment = 0, m_most = 0;
    int m_turns = 0, m_side = 0, m_slack = 0, m_straight = 0;
    std::optional<double> m_broke;
};

} // namespace enkinet::devices
