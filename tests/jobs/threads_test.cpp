// Results worked out on threads of their own from shared snapshots, as the window does it: for the thread sanitizer,
// and for the answer, which must not depend on who else is at work.
#include "base/stop.h"
#include "document/edits.h"
#include "jobs/worker.h"
#include "support/puppets.h"
#include <atomic>
#include <cstdlib>

using app::Worker;

namespace {

using Result = std::shared_ptr<const results::ProductionResult>;

/// Asks a worker for the results of a production and waits for them.
struct Asker {
    Worker worker;
    std::shared_ptr<results::Memo> memo = std::make_shared<results::Memo>();
    std::shared_ptr<std::atomic<int>> done = std::make_shared<std::atomic<int>>(0);
    std::shared_ptr<std::shared_ptr<const results::ProductionResult>> found = std::make_shared<Result>();

    void ask(const document::Production& production) {
        worker.ask([p = std::make_shared<const document::Production>(production), m = memo, d = done,
                    f = found](const std::stop_token& stop) {
            auto r = results::calcResult(*p, shippedCards(), tables(), *m, stop);
            *f = std::make_shared<const results::ProductionResult>(std::move(r));
            ++*d;
        });
    }
};

int rounds(int few) { return std::getenv("ENKINET_LONG") ? 6 * few : few; }

} // namespace

TEST_CASE("Two threads that share tables and a document come to the answer of one", "[jobs]") {
    const document::Production start = demo();
    shippedCards(), tables();
    const double price = resultOf(start).shopping.price;
    for (int round = 0; round < rounds(2); ++round) {
        Asker one, two;
        one.ask(start), two.ask(start);
        REQUIRE(one.worker.waitIdle(120000));
        REQUIRE(two.worker.waitIdle(120000));
        CHECK((*one.found)->shopping.price == price);
        CHECK((*two.found)->shopping.price == price);
    }
}

TEST_CASE("A worker that is asked again and again, stopped and let go ends with the last answer or none", "[jobs]") {
    document::Production p = demo();
    std::shared_ptr<std::atomic<int>> done;
    {
        Asker asker;
        done = asker.done;
        for (int round = 0; round < rounds(12); ++round) {
            p.puppets[0].masses[0].layers.skin_mm = 4 + 0.1 * (round % 20);
            asker.ask(p);
            if (round % 3 == 0) asker.worker.waitIdle(round % 7);
            if (round % 5 == 4) asker.worker.stop();
        }
        asker.ask(p);
        REQUIRE(asker.worker.waitIdle(120000));
        CHECK(*done >= 1);
        CHECK((*asker.found)->shopping.price == resultOf(p).shopping.price);
        asker.ask(demo());
    }
    // The one let go while at work ends by itself.
    Worker::endAll();
}
