#pragma once
// Many bundles of one metal in one gap at once: what a bundle has by itself is kept in columns, so that only what the
// gap adds is worked out for each joint, several bundles at a time. Same equations and same table as BendTable's
// findBend; what differs is rounding (tests/wire/bend_lanes_test.cpp). docs/mechanics.md 10 to 18.
#include "wire/calibration.h"
#include "wire/rainflow.h"
#include <memory>
#include <span>
#include <vector>

namespace enkinet::wire {

/// What the gap asks of each of them.
struct LaneNeed {
    GapBend gap;                   ///< spunDamage is each bundle's own
    double clayEI_Nmm2 = 0;        ///< elastic ring that was bent along and pulls back
    bool fromCycles = false;       ///< life in passes through the cycles, else in bends of the gap's range
    std::span<const Cycle> cycles; ///< of one pass
};

/// What of a bend the limits are held against, by bundle; NaN as in WireBend.
struct LaneBends {
    std::vector<BendStatus> status;
    std::vector<double> hold_Nmm, strong_Nmm, springback_rad, designMedian, designNine;
};

/// A joint that a pass never bends lives as long as anyone asks.
inline constexpr double kForEver = 1e9;

class BendLanes {
public:
    explicit BendLanes(std::shared_ptr<const BendTable> table) : m_table(std::move(table)) {}

    void add(const Bundle& bundle, double spunDamage, const Calibration& calibration);
    std::size_t size() const { return m_halfDiameter.size(); }
    /// Bends all of them; no whips.
    LaneBends findBends(const LaneNeed& need) const;
    friend bool operator==(const BendLanes&, const BendLanes&) = default; ///< the table by identity

private:
    /// Strand count and lay: few differ, for lays are fractions of a gap.
    struct Lay {
        int strands = 1;
        double lay_mm = 0;
        friend bool operator==(const Lay&, const Lay&) = default;
    };
    std::shared_ptr<const BendTable> m_table;
    /// Strand count and gauge: what bends straight along the gap is the same for all of them.
    struct Gauge {
        int strands = 1;
        double diameter_mm = 1;
        friend bool operator==(const Gauge&, const Gauge&) = default;
    };
    struct Straight;
    Straight findStraight(const GapBend& gap) const;

    std::vector<Lay> m_lays;
    std::vector<Gauge> m_gauges;
    std::vector<int> m_lay, m_gauge; ///< places in them
    /// By bundle: radius over take-up, helical strands times d³, stiffness, springback a moment, damage by twisting.
    std::vector<double> m_halfDiameter, m_lnWound, m_cubes, m_EI, m_give, m_spent;
    std::vector<double> m_holdFactor, m_lifeFactor, m_nine;
};

} // namespace enkinet::wire
