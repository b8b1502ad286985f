#pragma once
// Finds what is open in a puppet's report, station by station: facts with places and figures, no words. For report.cpp;
// everybody else reads Report::open.
#include "results/report.h"

namespace enkinet::results {

/// Of points that are not about a joint.
inline constexpr auto kNoState = choice::State::holds;

class Points {
public:
    Points(const Production& p, int puppet, Report& r, fill::BakeMemo& bakes)
        : m_production(p), m_puppet(p.puppets[static_cast<std::size_t>(puppet)]), m_r(r), m_bakes(bakes) {}

    void sheet(); ///< and the figure's height
    void proportions();
    void views();
    void pairs();
    /// Once all are found: what older files left by a name is left where just one thing bears it.
    void finish();
    void orders(); ///< of steps that no longer can be
    void wires();  ///< wire_points.cpp
    void things(); ///< thing_points.cpp
    void tieDowns();
    void layers(); ///< bulk, skin, oven, paint, steps: layer_points.cpp

private:
    /// A limb that was drawn with a body and has none left outside its parent.
    void swallowed();
    /// Plain steel under clay that dries by its own water.
    void steelInWetClay(const choice::LimbChoice& l, const std::string& name);
    void joint(const choice::LimbChoice& l, std::size_t j);
    void still(const choice::LimbChoice& l, const std::string& name);
    /// Paint that will not stay on what it is meant for.
    void grounds();
    void oven();
    void skin(const fill::Part& p, int part);
    void add(OpenPoint p);
    /// Issue and what it is about, by ids.
    std::string keyOf(const OpenPoint& p) const;
    schema::Ref refOf(const OpenPoint& p) const;
    /// As versions before kept it: by the display name.
    std::string formerKeyOf(const OpenPoint& p) const;
    bool isRightTwin(const fill::Part& p) const;
    std::size_t limbOf(const body::Link& l) const;

    std::pair<int, double> findWireIn(const body::Bond& bond) const;

    const Production& m_production;
    const body::Puppet& m_puppet;
    Report& m_r;
    fill::BakeMemo& m_bakes;
};

} // namespace enkinet::results
