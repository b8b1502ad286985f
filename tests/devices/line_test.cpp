#include "devices/bend_watch.h"
#include "devices/simulated.h"
#include "support/near.h"

using namespace enkinet::devices;

TEST_CASE("A line is written with its sum and read back the same; one wrong byte and it is no line", "[devices]") {
    const Reading r{"scale", 42, "g", 12.34};
    const std::string line = writeLine(r);
    CHECK(line.rfind("scale 0042 g 12.34 ~", 0) == 0);
    // The sum by hand.
    unsigned sum = 0;
    for (char c : std::string("scale 0042 g 12.34"))
        sum += static_cast<unsigned char>(c);
    CHECK(findSum("scale 0042 g 12.34") == sum);
    REQUIRE(parseLine(line));
    CHECK(*parseLine(line) == r);
    for (std::size_t i = 0; i < line.size(); ++i) {
        std::string spoilt = line;
        spoilt[i] = static_cast<char>(spoilt[i] ^ 1);
        INFO(spoilt);
        const auto read = parseLine(spoilt);
        // A hexadecimal letter of the other case says the same.
        CHECK((!read || *read == r));
    }
    for (const char* bad : {"", "~", " ~0000", "scale 42 g 1 ~0000", "scale 0042 g nan ~03A0", "scale 0042 g 12.34",
                            "scale 0042 g 12.34 ~", "a b c d e ~0000"})
        CHECK_FALSE(parseLine(bad));
}

TEST_CASE("Fuzzed bytes never become a reading that was not sent, and never grow the reader", "[devices]") {
    Random random(8);
    LineReader reader;
    std::size_t taken = 0;
    for (int round = 0; round < 4000; ++round) {
        std::string bytes;
        for (int i = random.whole(0, 200); i > 0; --i)
            bytes += static_cast<char>(random.whole(0, 255));
        taken += reader.take(bytes).size();
    }
    CHECK(taken == 0);
    CHECK(reader.rubbish() > 1000);
    const auto read = reader.take("\n" + writeLine({"caliper", 7, "mm", 3.5}) + "\r\n");
    REQUIRE(read.size() == 1);
    CHECK(read[0].value == 3.5);
}

TEST_CASE("In an hour of readings with noise, drop-outs, rubbish and unplugging every steady one is taken once",
          "[devices]") {
    for (const char* device : {"scale", "caliper", "probe", "hanger"})
        for (unsigned seed : {1U, 7U, 20U}) {
            Simulated simulated(device, seed);
            LineReader reader;
            Steady steady = Steady::of(simulated.unit());
            std::vector<double> taken;
            bool plugged = true;
            for (int tick = 0; tick < 5 * 3600; ++tick) {
                const std::string bytes = simulated.next();
                if (plugged && !simulated.isPlugged()) reader.unplug(), steady.forget();
                plugged = simulated.isPlugged();
                for (const Reading& r : reader.take(bytes)) {
                    REQUIRE(r.unit == simulated.unit());
                    if (const auto v = steady.take(r.value)) taken.push_back(*v);
                }
            }
            INFO(device << " " << seed << ": " << taken.size() << " taken of " << simulated.truths().size());
            CHECK(reader.rubbish() > 50);
            CHECK(reader.missed() > 50);
            // Everything that lay still while it was plugged in is among what was taken, in order; what came besides
            // lay still too, before or after somebody pulled the plug.
            std::size_t at = 0, found = 0;
            for (double truth : simulated.truths()) {
                std::size_t k = at;
                while (k < taken.size() && std::abs(taken[k] - truth) > 2 * steady.tolerance())
                    ++k;
                if (k < taken.size()) ++found, at = k + 1;
            }
            CHECK(found == simulated.truths().size());
            CHECK(taken.size() < simulated.truths().size() * 1.5 + 10);
        }
}

TEST_CASE("Two devices at once do not disturb each other, and the same seed reads the same", "[devices]") {
    Simulated a("scale", 3), b("caliper", 4), again("scale", 3);
    LineReader ra, rb;
    for (int i = 0; i < 3000; ++i) {
        const std::string x = a.next();
        CHECK(x == again.next());
        for (const Reading& r : ra.take(x))
            CHECK(r.device == "scale");
        for (const Reading& r : rb.take(b.next()))
            CHECK(r.device == "caliper");
    }
}

TEST_CASE("A bend tester's samples are counted to the half bend, with drop-outs and rubbish on the line", "[devices]") {
    for (unsigned seed = 1; seed <= 30; ++seed) {
        Simulated bender("bender", seed, {1, 0.01, 0.01, 0});
        LineReader reader;
        BendWatch watch(40);
        for (int tick = 0; tick < 5 * 600 && !watch.brokeAfter(); ++tick)
            for (const Reading& r : reader.take(bender.next()))
                watch.take(r);
        INFO("seed " << seed);
        REQUIRE(bender.truths().size() == 1);
        REQUIRE(watch.brokeAfter());
        CHECK(*watch.brokeAfter() == bender.truths().front());
        CHECK(watch.most_Nmm() > 50);
    }
}

TEST_CASE("A sample that is half bent when the count is begun is not counted, the next one whole", "[devices]") {
    Random random(35);
    for (unsigned seed = 1; seed <= 30; ++seed) {
        Simulated bender("bender", seed, {1, 0, 0, 0});
        LineReader reader;
        const int begun = random.whole(80, 140);
        for (int tick = 0; tick < begun; ++tick)
            reader.take(bender.next());
        BendWatch watch(40);
        CHECK_FALSE(watch.fresh());
        for (int tick = 0; tick < 5 * 600 && !watch.brokeAfter(); ++tick)
            for (const Reading& r : reader.take(bender.next()))
                watch.take(r);
        INFO("seed " << seed << ", begun at " << begun);
        REQUIRE(watch.brokeAfter());
        REQUIRE(bender.truths().size() == 2);
        CHECK(*watch.brokeAfter() == bender.truths()[1]);
    }
}

TEST_CASE("A bend tester that only wavers counts nothing, and straight wire is no broken wire", "[devices]") {
    BendWatch watch(40);
    for (int i = 0; i < 5; ++i)
        watch.take({"bender", i, "deg", 0.5});
    REQUIRE(watch.fresh());
    for (int i = 0; i < 200; ++i) {
        watch.take({"bender", 2 * i, "deg", 31 * (i % 2 ? 1 : -1.0)});
        watch.take({"bender", 2 * i + 1, "Nmm", 200});
    }
    CHECK(watch.cycles() == 0);
    for (int i = 0; i < 50; ++i) {
        watch.take({"bender", i, "deg", 0});
        watch.take({"bender", i, "Nmm", 0});
        watch.take({"scale", i, "g", 0});
    }
    CHECK_FALSE(watch.brokeAfter());
    // One slack reading may be a spoilt one; two are not.
    watch.take({"bender", 1, "deg", 40});
    watch.take({"bender", 2, "Nmm", 1});
    CHECK_FALSE(watch.brokeAfter());
    watch.take({"bender", 3, "Nmm", 1});
    REQUIRE(watch.brokeAfter());
    CHECK(*watch.brokeAfter() == 0.5);
}
