#pragma once
// What tests share: relative nearness, fixed-seed random numbers, and the shipped cards.
#include "files/container.h"
#include "results/result.h"
#include <catch2/catch.hpp>
#include <cmath>
#include <random>

namespace enkinet::test {

/// What a call gave: a value, a widget, an answer. Where there is none the test ends, with why it was refused.
template <class Found> Found must(Found found, const char* file = __builtin_FILE(), int line = __builtin_LINE()) {
    std::string why;
    if constexpr (requires { found.fault().sentence(); })
        if (!found) why = found.fault().sentence();
    INFO(file << ":" << line << " " << why);
    REQUIRE(found);
    return found;
}

/// A place in a list.
template <class Whole> constexpr std::size_t nth(Whole i) { return static_cast<std::size_t>(i); }

/// Relative difference, of the larger.
inline double apart(double a, double b) { return a == b ? 0 : std::abs(a - b) / std::max(std::abs(a), std::abs(b)); }

/// CHECK that two numbers agree to a share of the larger.
#define CHECK_NEAR(a, b, share)                                                                                        \
    do {                                                                                                               \
        INFO(#a << " = " << (a) << ", expected " << (b));                                                              \
        CHECK(enkinet::test::apart((a), (b)) <= (share));                                                              \
    } while (false)

class Random {
public:
    explicit Random(unsigned seed) : m_engine(seed) {}
    double between(double low, double high) { return std::uniform_real_distribution<double>(low, high)(m_engine); }
    int whole(int low, int high) { return std::uniform_int_distribution<int>(low, high)(m_engine); }
    template <class List> const auto& of(const List& list) {
        return *(std::begin(list) + whole(0, static_cast<int>(std::size(list)) - 1));
    }

private:
    std::mt19937 m_engine;
};

inline const std::string kDataDir = std::string(ENKINET_SOURCE_DIR) + "/data";
/// The demo production as it once was, with a stiff knee and a heron too thin for its wire: there is always something
/// in it to help, and its numbers stay. The one that ships is sound, and has its own test.
inline const std::string kDemo = std::string(ENKINET_SOURCE_DIR) + "/tests/reference/trouble-at-the-tide-house.json";

/// The demo production as it ships.
inline const std::string kShippedDemo = std::string(ENKINET_SOURCE_DIR) + "/data/demo/post-for-the-tide-house.json";

inline const document::Cards& shippedCards() {
    static const document::Cards cards = [] {
        auto c = must(files::loadShippedCards(kDataDir));
        return c.take();
    }();
    return cards;
}

inline const wire::MaterialCard& wireCard(const std::string& id) {
    for (const auto& c : shippedCards().wires)
        if (c.id == id) return c;
    FAIL("no wire card " << id);
    throw 0;
}

inline const document::Production& demo() {
    static const document::Production p = [] {
        auto loaded = must(files::loadProduction(kDemo, shippedCards()));
        return loaded.take().production;
    }();
    return p;
}

inline const document::Production& shippedDemo() {
    static const document::Production p = [] {
        auto loaded = must(files::loadProduction(kShippedDemo, shippedCards()));
        return loaded.take().production;
    }();
    return p;
}

/// The shipped cards as a shelf.
inline const fill::Shelf& shippedShelf() {
    static const fill::Shelf shelf = document::makeShelf(shippedCards());
    return shelf;
}

/// Tables shared by all tests of one run.
inline wire::TableShelf& tables() {
    static wire::TableShelf shelf;
    return shelf;
}

inline results::Report reportOf(const document::Production& p, int puppet = 0) {
    return results::calcReport(p, puppet, shippedCards(), tables());
}

inline results::ProductionResult resultOf(const document::Production& p) {
    return results::calcResult(p, shippedCards(), tables());
}

/// A puppet's parts with no wire in them.
inline std::vector<fill::Part> partsOf(const body::Puppet& p) {
    const body::Skeleton s = body::calcSkeleton(p);
    return fill::calcParts(p, s, body::calcOwnStretches(p, s), shippedShelf(),
                           std::vector<fill::WireRuns>(p.limbs.size()));
}

/// The first point of a kind; null: none.
inline const findings::Finding* findPoint(const std::vector<findings::Finding>& all, std::string_view word) {
    for (const findings::Finding& f : all)
        if (f.is(word)) return &f;
    return nullptr;
}

} // namespace enkinet::test

// What every test speaks of.
using namespace enkinet;
using namespace enkinet::test;
