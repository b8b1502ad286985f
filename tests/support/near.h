#pragma once
// What tests share: relative nearness, fixed-seed random numbers, and the shipped cards.
#include "files/container.h"
#include "production/result.h"
#include <catch2/catch.hpp>
#include <cmath>
#include <random>

namespace enkinet::test {

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
inline const std::string kDemo = kDataDir + "/demo/post-for-the-tide-house.json";

inline const production::Cards& shippedCards() {
    static const production::Cards cards = [] {
        auto c = files::loadShippedCards(kDataDir);
        REQUIRE(c);
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

inline const production::Production& demo() {
    static const production::Production p = [] {
        auto loaded = files::loadProduction(kDemo, shippedCards());
        REQUIRE(loaded);
        return loaded.take().production;
    }();
    return p;
}

/// Tables shared by all tests of one run.
inline wire::TableShelf& tables() {
    static wire::TableShelf shelf;
    return shelf;
}

inline production::Report reportOf(const production::Production& p, int puppet = 0) {
    return production::calcReport(p, puppet, shippedCards(), tables());
}

inline production::ProductionResult resultOf(const production::Production& p) {
    return production::calcResult(p, shippedCards(), tables());
}

} // namespace enkinet::test
