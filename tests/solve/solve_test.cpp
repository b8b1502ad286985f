// What the searches find, found again by plain enumeration; and what they say when they are called off.
#include "solve/cover.h"
#include "solve/sawing.h"
#include "support/near.h"
#include <limits>

using namespace enkinet::solve;

TEST_CASE("No smaller set of suppliers serves everybody, and none of that size is cheaper", "[solve]") {
    Random random(17);
    for (int round = 0; round < 400; ++round) {
        const int spools = random.whole(1, 9), limbs = random.whole(0, 8);
        CoverProblem problem;
        problem.suppliers = spools;
        auto& all = problem.customers;
        for (int l = 0; l < limbs; ++l) {
            std::vector<std::pair<int, double>> s;
            for (int i = 0; i < spools; ++i)
                if (random.whole(0, 3) == 0) s.emplace_back(i, random.between(0, 5));
            all.push_back(s);
        }
        std::vector<int>& open = problem.open;
        if (random.whole(0, 2) == 0) open.push_back(random.whole(0, spools - 1));
        const Cover c = calcBest(problem);
        CHECK(c.proved);
        int fewest = 99;
        double least = 0;
        for (unsigned set = 0; set < (1u << spools); ++set) {
            if (!open.empty() && !(set >> open[0] & 1u)) continue;
            double price = 0;
            for (const auto& l : all) {
                if (l.empty()) continue;
                double cheapest = std::numeric_limits<double>::infinity();
                for (const auto& [s, cost] : l)
                    if (set >> s & 1u) cheapest = std::min(cheapest, cost);
                price += cheapest;
            }
            const int size = __builtin_popcount(set);
            if (std::isfinite(price) && (size < fewest || (size == fewest && price < least)))
                fewest = size, least = price;
        }
        CHECK(static_cast<int>(c.suppliers.size()) == fewest);
        CHECK(apart(c.price, least) < 1e-12);
    }
}

TEST_CASE("A cutting plan uses up no more wire than the best of all assignments", "[solve]") {
    Random random(23);
    for (int round = 0; round < 300; ++round) {
        INFO("round " << round);
        std::vector<double> pieces, drawer;
        for (int i = random.whole(1, 6); i > 0; --i)
            pieces.push_back(random.whole(0, 2) == 0 && !pieces.empty() ? pieces.back()
                                                                        : std::round(random.between(20, 400)));
        for (int i = random.whole(0, 3); i > 0; --i)
            drawer.push_back(std::round(random.between(40, 900)));
        if (drawer.size() > 1 && random.whole(0, 2) == 0) drawer[1] = drawer[0];
        const double roll = random.whole(0, 3) == 0 ? random.between(0, 800) : 1e5;
        const SawProblem problem{pieces, drawer, roll};
        const Sawing s = calcBest(problem);
        CHECK(s.proved);
        // Brute force: each piece to each length, to the roll, or nowhere.
        const int places = static_cast<int>(drawer.size()) + 2;
        double missing = 1e18, used = 1e18;
        long all = 1;
        for (std::size_t i = 0; i < pieces.size(); ++i)
            all *= places;
        for (long code = 0; code < all; ++code) {
            std::vector<double> left = drawer;
            double off = 0, none = 0;
            long rest = code;
            bool room = true;
            for (double piece : pieces) {
                const long at = rest % places;
                rest /= places;
                if (at < static_cast<long>(drawer.size()))
                    room = (left[nth(at)] -= piece) >= -1e-9 && room;
                else if (at == places - 2)
                    off += piece;
                else
                    none += piece;
            }
            if (!room || off > roll) continue;
            double waste = off;
            for (std::size_t i = 0; i < left.size(); ++i)
                if (left[i] < drawer[i] && left[i] > 1e-9 && left[i] < problem.usable_mm) waste += left[i];
            if (none < missing - 1e-7 || (none < missing + 1e-7 && waste < used)) missing = none, used = waste;
        }
        double lost = 0;
        for (int i : s.missing)
            lost += pieces[nth(i)];
        CHECK(std::abs(lost - missing) < 1e-6);
        CHECK(std::abs(s.roll_mm + s.scrap_mm - used) < 1e-6);
        // What is sawn is what was asked for, and nothing is cut from more than there is.
        std::size_t count = s.missing.size();
        for (const Sawn& one : s.lengths) {
            double sum = one.left_mm;
            for (int i : one.pieces)
                sum += pieces[nth(i)];
            count += one.pieces.size();
            if (one.length >= 0) CHECK(std::abs(sum - drawer[nth(one.length)]) < 1e-6);
        }
        CHECK(count == pieces.size());
    }
}

TEST_CASE("A search that is called off answers with what it has and does not call it proved", "[solve]") {
    Random random(5);
    SawProblem saw;
    for (int i = 0; i < 26; ++i)
        saw.pieces_mm.push_back(random.between(20, 400));
    for (int i = 0; i < 9; ++i)
        saw.lengths_mm.push_back(random.between(200, 900));
    saw.roll_mm = 1e5;
    std::stop_source stop;
    stop.request_stop();
    for (const Effort& effort : {Effort{1, {}}, Effort{200, {}}, Effort{0, stop.get_token()}}) {
        const Sawing s = calcBest(saw, effort);
        CHECK_FALSE(s.proved);
        // A plan all the same: every piece is somewhere.
        std::size_t count = s.missing.size();
        for (const Sawn& one : s.lengths)
            count += one.pieces.size();
        CHECK(count == saw.pieces_mm.size());
        CHECK(s.missing.empty()); // the roll has enough
    }
    CoverProblem cover;
    cover.suppliers = 12;
    for (int c = 0; c < 12; ++c)
        cover.customers.push_back({{c, 1.0}, {(c + 1) % 12, 1.0}});
    CHECK_FALSE(calcBest(cover, {3, {}}).proved);
    const Cover all = calcBest(cover);
    CHECK(all.proved);
    CHECK(all.suppliers.size() == 6);
}
