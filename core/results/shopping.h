#pragma once
// What all puppets of a production take together, held against what there is: one shelf serves them all.
#include "document/edits.h"
#include "fill/skin_plan.h"
#include "make/steps.h"

namespace enkinet::results {

using document::Cards;
using document::Edits;
using document::Held;
using document::Production;
using document::Stock;
using document::Ware;

struct Report;

struct Need {
    Ware ware = Ware::wire;
    std::string card, name;               ///< of spool or card
    double needed = 0, held = 0, buy = 0; ///< m, g, m, m², ml by ware
    int packs = 0;                        ///< to buy, where it comes in packs
    double price = 0;                     ///< of what is used, in the production's currency
    double buyPrice = 0;
    std::vector<int> puppets{}; ///< that take of it, by their places in the production
    friend bool operator==(const Need&, const Need&) = default;
};

/// What a step takes off the shelf once it is done, as it is held there.
std::vector<document::Use> findTaken(const Production& production, const make::Step& step);

/// What one puppet takes, by its report's parts, cuts and coats: needed and price alone, the
/// price of all of it.
std::vector<Need> calcUses(const Production& production, const Report& report);

struct Shopping {
    std::vector<Need> needs;
    double price = 0, buyPrice = 0;
    std::vector<fill::Substitute> substitutes;
    friend bool operator==(const Shopping&, const Shopping&) = default;
};
/// The uses of all puppets against the stock; what the log has as done has been taken off it already.
Shopping calcShopping(const Production& production, const std::vector<const Report*>& reports);

/// What there is of a ware in the stock: metres, grams, millilitres; bulk and cover are not counted, and always there.
double findHeld(const Stock& stock, Ware ware, const std::string& card);

} // namespace enkinet::results
