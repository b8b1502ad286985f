// What the stock lacks, of all puppets together.
#include "findings/finder.h"

namespace enkinet::findings {

namespace {

constexpr Kind kMissingKinds[] = {
    {"buy-wire",
     Station::plan,
     Weight::fault,
     said("Buy wire %1: %2 m needed%4, %3 m there."),
     {kSubject, number(What::limit, 1), number(What::found, 1), kOther}},
    {"buy-clay",
     Station::plan,
     Weight::fault,
     said("Buy %1: %2 g needed%4, %3 g there."),
     {kSubject, number(What::limit), number(What::found), kOther}},
    {"buy-paint",
     Station::plan,
     Weight::fault,
     said("Buy %1: %2 ml needed%4, %3 ml there."),
     {kSubject, number(What::limit, 1), number(What::found, 1), kOther}},
    {"buy-foil",
     Station::plan,
     Weight::fault,
     said("Buy foil: %1 m needed%3, %2 m there."),
     {number(What::limit, 1), number(What::found, 1), kOther}},
    {"buy-rest",
     Station::plan,
     Weight::fault,
     said("Buy %n thing(s) of which nothing is there: “What the whole production takes” lists them."),
     {}}};
consteval const Kind* missingRow(std::string_view word) { return rowOf(kMissingKinds, word); }

} // namespace

std::span<const Kind> missingKinds() { return kMissingKinds; }

Finding makeMissing(document::Ware ware, const std::string& card, const std::string& name, double held, double needed,
                    const Phrase& whose) {
    Finding f{ware == document::Ware::wire    ? missingRow("buy-wire")
              : ware == document::Ware::clay  ? missingRow("buy-clay")
              : ware == document::Ware::paint ? missingRow("buy-paint")
                                              : missingRow("buy-foil"),
              {},
              name,
              held,
              needed};
    f.key = "buy:" + card;
    if (!whose.empty()) f.other = words(" by %1 together", whose);
    return f;
}

Finding makeMissing(std::size_t wares) {
    Finding f{missingRow("buy-rest"), {}, words("shelf"), static_cast<double>(wares)};
    f.key = "buy";
    return f;
}

} // namespace enkinet::findings
