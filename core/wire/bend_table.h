#pragma once
// The fast route: M1/d³ depends on the outer strain alone, so one table a material serves every diameter, gap and
// angle; more for parallel bundles, for the inverse, for the hold and for the life. docs/mechanics.md 10, 12, 13, 17.
// Agreement with the exact route: 0.1 % (tests/wire/bend_table_test.cpp).
#include "base/curve.h"
#include "base/stop.h"
#include "wire/bend.h"
#include <array>
#include <vector>

namespace enkinet::wire {

class BendTable {
public:
    /// Tabulates a material; some tens of milliseconds. Throws Stopped when asked to stop.
    explicit BendTable(MaterialCard card, const std::stop_token& stop = {});

    const MaterialCard& card() const { return m_card; }
    /// The tabulated counterpart of calcWireBend; allocates nothing.
    WireBend findBend(const Bundle& bundle, const GapBend& bend) const;

    /// M1/d³, MPa, at an outer strain.
    double moment(double outerStrain) const;
    /// Largest sum over the helical strands of a parallel bundle, in units of d³.
    double strong(int strands, double outerStrain) const;
    /// Outer strain at which one strand carries m; the inverse of moment.
    double strainAt(double m_MPa) const;
    double holdStrain(double setStrain) const;
    /// Moment at the hold strain.
    double holdMoment(double setStrain) const;
    double cycles(double amplitude) const;

    /// The same as curves of logarithms.
    const Curve& lnMoment() const { return m_moment; }
    const Curve& lnHold() const { return m_holdMoment; }
    const Curve& lnCycles() const { return m_life; }
    /// ln of strong over as many strands by themselves, two strands or more; 0 for one.
    double lnGain(int strands, double lnStrain) const;

    double ductility;

private:
    MaterialCard m_card;
    CyclicConstants m_constants;
    Curve m_moment;              ///< ln e -> ln (M1/d³)
    Curve m_strain;              ///< ln (M1/d³) -> ln e
    Curve m_hold;                ///< ln set strain -> ln e
    Curve m_holdMoment;          ///< ln set strain -> ln (M1/d³)
    Curve m_life;                ///< ln amplitude -> ln N
    std::array<Curve, 4> m_gain; ///< n = 2, 3, 4, 7: ln(strong / (n x weak)) over ln e
};

} // namespace enkinet::wire
