#pragma once
// Finds what is open, station by station: facts held against rows, no words. For findOpen alone.
#include "base/units.h"
#include "findings/finding.h"

namespace enkinet::findings {

std::span<const Kind> sheetKinds();
std::span<const Kind> wireKinds();
std::span<const Kind> layerKinds();
std::span<const Kind> thingKinds();
std::span<const Kind> planKinds();
std::span<const Kind> missingKinds();

// Numbers of a sentence.
using What = Blank::What;
constexpr Blank mm(What what, int decimals = 1) { return {what, Dimension::length, decimals}; }
constexpr Blank celsius(What what) { return {what, Dimension::heat}; }
constexpr Blank degrees(What radians) { return {radians, Dimension::angle, 1, 180 / kPi}; }
constexpr Blank number(What what, int decimals = 0) { return {what, Dimension::none, decimals}; }
constexpr Blank percent(What share, int decimals = 0) { return {share, Dimension::none, decimals, 100}; }
/// Three digits, at most two decimals.
constexpr Blank digits(What what) { return {what, Dimension::none, -1}; }

class Finder {
public:
    Finder(const document::Production& production, const body::Puppet& puppet, const checks::Facts& facts,
           fill::BakeMemo& bakes)
        : m_production(production), m_puppet(puppet), m_r(facts), m_bakes(bakes) {}

    void sheet(); ///< sheet.cpp; and the figure's height
    void proportions();
    void views();
    void pairs();
    void wires();  ///< wire.cpp
    void things(); ///< things.cpp
    void tieDowns();
    void layers(); ///< layers.cpp: bulk, skin, oven, paint
    void plan();   ///< plan.cpp
    /// What older files left by a name is left where just one thing bears it.
    Open finish();

private:
    void swallowed();
    void steelInWetClay(const choice::LimbChoice& l, const std::string& name);
    void joint(const choice::LimbChoice& l, std::size_t j);
    void still(const choice::LimbChoice& l, const std::string& name);
    void grounds();
    void oven();
    void skin(const fill::Part& p, int part);
    std::pair<int, double> findWireIn(const body::Bond& bond) const;

    /// Its key, where it has none yet, is made of its word and what it is about.
    void add(Finding f);
    schema::Ref limbRef(int limb) const;
    schema::Ref jointRef(const choice::LimbChoice& l, std::size_t demand) const;
    schema::Ref partRef(int part) const;
    bool isRightTwin(const fill::Part& p) const;
    std::size_t limbOf(const body::Link& l) const;

    const document::Production& m_production;
    const body::Puppet& m_puppet;
    const checks::Facts& m_r;
    fill::BakeMemo& m_bakes;
    Open m_found;
};

} // namespace enkinet::findings
