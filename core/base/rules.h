#pragma once
// Limits of what may be put in, each broken one said the same way.
#include "base/quantity.h"
#include "base/result.h"
#include <initializer_list>
#include <optional>

namespace enkinet {

/// A number that must lie between two others.
struct Limit {
    Phrase name;
    double value, low, high;
    Dimension dimension = Dimension::none;
};

/// The first that lies beyond (a NaN does), or nothing.
std::optional<Fault> findBeyond(const Phrase& place, std::initializer_list<Limit> limits);

/// "id "a b" must be letters, digits, dot or dash".
Fault badId(const Phrase& place, const std::string& id);

/// Collects the first broken rule.
struct Rules {
    std::optional<Fault> fault;
    void between(const Phrase& place, const Phrase& what, double v, double low, double high,
                 Dimension dimension = Dimension::length);
    /// Above 0 and at most so much.
    void above(const Phrase& place, const Phrase& what, double v, double high, Dimension dimension = Dimension::length);
    /// Usable as an id.
    void id(const Phrase& place, const std::string& id);
    void that(bool holds, const Phrase& place, const Phrase& value, const Phrase& rule);
    /// Where every edit asks for it: what is said is then made only where it is broken.
    void broken(const Phrase& place, const Phrase& value, const Phrase& rule) { that(false, place, value, rule); }
};

} // namespace enkinet
