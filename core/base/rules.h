#pragma once
// Limits of what may be put in, each broken one said the same way.
#include "base/result.h"
#include <initializer_list>
#include <optional>

namespace enkinet {

/// A number that must lie between two others; unit, with its space, is said after each.
struct Limit {
    Phrase name;
    double value, low, high;
    Phrase unit = {};
};

/// The first that lies beyond (a NaN does), or nothing.
std::optional<Fault> findBeyond(const Phrase& place, std::initializer_list<Limit> limits);

/// "id "a b" must be letters, digits, dot or dash".
Fault badId(const Phrase& place, const std::string& id);

/// Collects the first broken rule.
struct Rules {
    std::optional<Fault> fault;
    void between(const Phrase& place, const Phrase& what, double v, double low, double high,
                 const Phrase& unit = words(" mm"));
    /// Above 0 and at most so much.
    void above(const Phrase& place, const Phrase& what, double v, double high, const Phrase& unit = words(" mm"));
    /// Usable as an id.
    void id(const Phrase& place, const std::string& id);
    void that(bool holds, const Phrase& place, const Phrase& value, const Phrase& rule);
};

} // namespace enkinet
