// The disk or the memory fails at the n-th call, for every n: the old file stays whole, the fault is said, and nothing
// is left beside.
#include "files/container.h"
#include "files/reader.h"
#include "support/failing.h"
#include "support/folder.h"
#include "support/puppets.h"
#include "support/sanitized.h"
#include <filesystem>
#include <map>
#include <sys/wait.h>

namespace fs = std::filesystem;

namespace {

document::Production withPicture() {
    document::Production p = demo();
    body::Picture x;
    x.file = "pictures/front.png";
    p.puppets[0].pictures = {x};
    p.pictures["pictures/front.png"] = std::string(200'000, 'x');
    return p;
}

/// Opens, edits and saves; the fault, if there is one.
std::optional<Fault> work(const std::string& path) {
    auto loaded = files::loadProduction(path, shippedCards());
    if (!loaded) return loaded.fault();
    const auto edited = document::Edits(loaded->production, shippedCards(), "tansy").setHeight(250);
    if (!edited) return edited.fault();
    if (auto saved = files::saveProduction(path, *edited); !saved) return saved.fault();
    return {};
}

} // namespace

TEST_CASE("The n-th read, write, sync or rename fails: the old file is whole, the fault is said, nothing lies beside",
          "[files]") {
    const Folder folder;
    for (const char* name : {"work.enkinet", "work.json"}) {
        const std::string path = folder.path + "/" + name;
        document::Production before = withPicture();
        if (fs::path(path).extension() == ".json") before.pictures.clear(), before.puppets[0].pictures.clear();
        for (const Call kind : {Call::read, Call::write, Call::sync, Call::rename}) {
            int failed = 0;
            for (long n = 1;; ++n) {
                REQUIRE(n < 1000);
                REQUIRE(files::saveProduction(path, before));
                const std::string old = *files::readFile(path);
                std::optional<Fault> fault;
                bool reached = false;
                {
                    const Failing failing(kind, n);
                    fault = work(path);
                    reached = failing.reached();
                }
                INFO(name << ", call kind " << static_cast<int>(kind) << ", n " << n);
                if (!reached) break;
                const auto now = must(files::loadProduction(path, shippedCards()));
                if (fault) {
                    ++failed;
                    CHECK(fault->sentence().size() > 10);
                    CHECK(*files::readFile(path) == old);
                } else {
                    // Only the sync of the folder, when all is written and renamed, may fail without a word.
                    CHECK(kind == Call::sync);
                    CHECK(now->production.puppets[0].height_mm == 250);
                }
                CHECK(folder.files() == 1);
            }
            CHECK(failed >= 1);
        }
        fs::remove(path);
    }
}

TEST_CASE("A full disk takes what it can: the file stays as it was, and what was begun is taken away", "[files]") {
    const Folder folder;
    const std::string path = folder.path + "/work.enkinet";
    REQUIRE(files::saveProduction(path, demo()));
    const std::string old = *files::readFile(path);
    // Writes that take less than they are given are gone on with, until one takes nothing.
    const auto edited = must(document::Edits(demo(), shippedCards(), "tansy").setHeight(250));
    const Failing failing(Call::write, 1);
    const auto saved = files::saveProduction(path, *edited);
    REQUIRE_FALSE(saved);
    CHECK(saved.fault().sentence().find("space") != std::string::npos);
    CHECK(*files::readFile(path) == old);
    CHECK(folder.files() == 1);
}

#ifndef ENKINET_SANITIZED
namespace {
std::atomic<bool> s_allocations{false};
}

// Not in line: a compiler that sees malloc here and free there takes them for a pair that does not match.
[[gnu::noinline]] void* operator new(std::size_t n) {
    if (s_allocations.load(std::memory_order_relaxed) && Failing::isDue(Call::allocate)) throw std::bad_alloc();
    if (void* p = std::malloc(n > 0 ? n : 1)) return p;
    throw std::bad_alloc();
}
[[gnu::noinline]] void operator delete(void* p) noexcept { std::free(p); }
[[gnu::noinline]] void operator delete(void* p, std::size_t) noexcept { std::free(p); }

TEST_CASE("Memory that runs out while unknown keys are kept is thrown on like any other", "[files]") {
    const files::Json json{
        {"from later", {{"a key that is longer than a short text", "so that its words want memory"}}},
        {"and another of these", "which is also longer than what fits without memory"}};
    int thrown = 0;
    for (bool whole = false; !whole;) {
        std::optional<Fault> fault;
        files::Reader::Unknown unknown;
        s_allocations = true;
        try {
            const Failing failing(Call::allocate, thrown + 1);
            const files::Reader read(json, {}, fault, &unknown);
        } catch (const std::bad_alloc&) {
            ++thrown;
        }
        s_allocations = false;
        whole = unknown.contains("") && unknown[""].size() == 2;
        REQUIRE(thrown < 1000);
    }
    CHECK(thrown > 3);
}

TEST_CASE("An allocation fails while a file is opened, edited, judged or saved: the file is whole and work goes on",
          "[files][full]") {
    const Folder folder;
    const std::string path = folder.path + "/work.enkinet";
    document::Production small = withPicture();
    small.puppets.resize(1);
    small.log.clear(), small.shots.clear();
    REQUIRE(files::saveProduction(path, small));
    const std::string old = *files::readFile(path);
    const auto all = [&] {
        const auto fault = work(path);
        results::Memo memo;
        results::calcResult(small, shippedCards(), tables(), memo);
        return fault;
    };
    long calls = 0;
    {
        s_allocations = true;
        const Failing counted(Call::allocate, 1L << 60);
        REQUIRE_FALSE(all());
        calls = counted.calls();
        s_allocations = false;
    }
    REQUIRE(calls > 10'000);
    Random random(171);
    // In a process of its own each time: 0 all went well, 1 the fault was said, 2 bad_alloc came out, or it was ended.
    std::map<int, int> ends;
    const int places = std::getenv("ENKINET_LONG") ? 4000 : 400;
    for (int i = 0; i < places; ++i) {
        // The first hundred one by one, then wherever.
        const long n = i < 100 ? i + 1 : static_cast<long>(random.between(1, static_cast<double>(calls)));
        REQUIRE(files::saveProduction(path, small));
        const pid_t child = ::fork();
        REQUIRE(child >= 0);
        if (child == 0) {
            // What the library of JSON allocates while it takes a document apart it cannot report: that ends a program.
            std::set_terminate([] { ::_exit(3); });
            int end = 0;
            s_allocations = true;
            try {
                const Failing failing(Call::allocate, n);
                end = all() ? 1 : 0;
            } catch (const std::bad_alloc&) {
                end = 2;
            }
            ::_exit(end);
        }
        int status = 0;
        REQUIRE(::waitpid(child, &status, 0) == child);
        INFO("allocation " << n << " of " << calls);
        REQUIRE(WIFEXITED(status)); // never a signal
        ++ends[WEXITSTATUS(status)];
        const auto now = must(files::loadProduction(path, shippedCards()));
        const double height = now->production.puppets[0].height_mm;
        CHECK((height == 250 || *files::readFile(path) == old));
        CHECK(folder.files() == 1);
    }
    CHECK(ends[1] + ends[2] > places * 3 / 4);
    // The rest: where memory is only asked for to be quicker, and that library.
    CHECK(ends[0] + ends[3] < places / 4);
    WARN("out of memory at " << places << " places: " << ends[2] << " thrown, " << ends[1] << " said, " << ends[3]
                             << " ended in the library of JSON, " << ends[0] << " done without");
    // And all of it works again.
    CHECK_FALSE(all());
}
#endif
