#pragma once
// Wire on the shelf: spools, and lengths in the drawer.
#include "base/result.h"
#include <string>

namespace enkinet::document {

/// One spool of the shop's stock.
struct Spool {
    std::string id, name, material; ///< name: as the builder calls it
    double diameter_mm = 0;
    double length_m = 0;
    double price_m = 0;
    bool toBuy = false; ///< none of it is there: chosen as if it were bought, counted as nothing
    /// What a plan may take of it, mm.
    double reach_mm() const { return 1000 * (toBuy ? kBought_m : length_m); }
    static constexpr double kBought_m = 1e4;
    friend bool operator==(const Spool&, const Spool&) = default;
};

/// A length of a spool's wire that lies in the drawer.
struct Offcut {
    std::string spool;
    double length_mm = 0;
    friend bool operator==(const Offcut&, const Offcut&) = default;
};

} // namespace enkinet::document
