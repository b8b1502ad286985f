#include "base/memo.h"
#include "base/optional_number.h"
#include "base/stop.h"
#include <catch2/catch.hpp>
#include <cmath>

using namespace enkinet;

TEST_CASE("A node works out a key once, keeps the last few, and never an unfinished answer", "[base]") {
    Node<int, double> node(2);
    int made = 0;
    const auto half = [&](int k) { return ++made, k / 2.0; };
    const auto first = node.find(0, 7, half);
    CHECK(*first == 3.5);
    CHECK(node.find(0, 7, half) == first); // the very same
    CHECK(made == 1);
    node.find(0, 8, half), node.find(0, 7, half), node.find(0, 9, half);
    CHECK(made == 3);
    // 8 was used longest ago and is gone; 7 is still there.
    node.find(0, 7, half);
    CHECK(made == 3);
    node.find(0, 8, half);
    CHECK(made == 4);
    CHECK(node.hits() == 3);
    CHECK(node.misses() == 4);
    // A slot says where to look and is no part of the answer.
    CHECK(*node.find(5, 8, half) == 4);
    CHECK_THROWS_AS(node.find(0, 11, [](int) -> double { throw Stopped{}; }), Stopped);
    CHECK(*node.find(0, 11, half) == 5.5);
}

TEST_CASE("Beyond its limit a node lets go of what was not asked for lately, and goes on rightly", "[base]") {
    Node<int, int> node(4, 10);
    int made = 0;
    const auto square = [&](int k) {
        CHECK(*node.find(static_cast<std::uint64_t>(k), k, [&](int x) { return ++made, x * x; }) == k * k);
    };
    for (int round = 0; round < 5; ++round)
        for (int k = 0; k < 25; ++k)
            square(k);
    CHECK(made == 125);
    // What is in use stays, however much passes by.
    square(7), made = 0;
    for (int k = 100; k < 200; ++k)
        square(k), square(7);
    CHECK(made == 100);
    square(198), square(195);
    CHECK(made == 100);
    square(150);
    CHECK(made == 101);
    // A round that asks for more than a turn waits for is found whole by the next.
    Node<int, int> wide(4, 1000);
    int rounds = 0;
    for (int round = 0; round < 4; ++round) {
        wide.turn(8);
        for (int k = 0; k < 50; ++k)
            wide.find(static_cast<std::uint64_t>(k), k, [&](int x) { return ++rounds, x; });
    }
    CHECK(rounds == 50);
    wide.turn(8), wide.turn(8);
    wide.find(9, 9, [&](int x) { return ++rounds, x; });
    CHECK(rounds == 50); // nothing was asked between the two turns
}

TEST_CASE("A value from upstream is the same by its pointer, or in depth", "[base]") {
    const auto a = std::make_shared<const int>(3), b = std::make_shared<const int>(3),
               c = std::make_shared<const int>(4);
    CHECK(SharedValue<int>{a} == SharedValue<int>{a});
    CHECK(SharedValue<int>{a} == SharedValue<int>{b});
    CHECK_FALSE(SharedValue<int>{a} == SharedValue<int>{c});
    CHECK_FALSE(SharedValue<int>{a} == SharedValue<int>{});
    CHECK(SharedValue<int>{} == SharedValue<int>{});
}

TEST_CASE("A figure that is not there equals another that is not there, and no number", "[base]") {
    const OptionalNumber none;
    CHECK(std::isnan(none));
    CHECK(none == OptionalNumber(std::nan("")));
    CHECK_FALSE(none == OptionalNumber(0));
    CHECK_FALSE(none == 0.0);
    CHECK(OptionalNumber(2) == OptionalNumber(2));
    CHECK_FALSE(OptionalNumber(2) == OptionalNumber(std::nextafter(2.0, 3.0)));
    CHECK(OptionalNumber(2) + 1 == 3);
}
