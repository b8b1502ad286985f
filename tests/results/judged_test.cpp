// What newer rules say otherwise of a file is told, once.
#include "files/production_json.h"
#include "results/judged.h"
#include "support/near.h"

using namespace enkinet::results;

TEST_CASE("A production carries what was last said of it, and a newer word is told beside the older", "[results]") {
    const auto resultOf = [](const document::Production& p) {
        wire::TableShelf tables;
        return calcResult(p, shippedCards(), tables);
    };
    document::Production p = shippedDemo();
    p.puppets.resize(1);
    const ProductionResult r = resultOf(p);
    p.judged = makeJudged(p, r.puppets);
    CHECK(p.judged.rules == kRules);
    REQUIRE(p.judged.puppets.size() == 1);
    // In the file, and no part of the work: with and without it is the same production.
    const auto read = must(files::parseProduction(files::writeProduction(p), shippedCards()));
    CHECK(read->production == p);
    CHECK(findRejudged(read->production.judged, p.judged).empty());
    CHECK(read->production.judged.puppets[0].limbs.size() == p.puppets[0].limbs.size());
    // A hundredth of a gram more says nothing, a word, a wire or a tenth does.
    document::Judged was = p.judged;
    was.puppets[0].mass_g += 0.01;
    CHECK(findRejudged(was, p.judged).empty());
    was.puppets[0].mass_g *= 1.1;
    was.puppets[0].limbs[2].wire = "7 x alu-1.2";
    was.puppets[0].limbs[2].joints[1].word = "stiff";
    was.puppets[0].limbs.push_back({"third arm", "1 x alu-1.0", {}});
    const auto said = findRejudged(was, p.judged);
    REQUIRE(said.size() == 3);
    CHECK(said[0].what == Rejudged::What::wire);
    CHECK(said[0].after == p.judged.puppets[0].limbs[2].wire);
    CHECK(said[1].what == Rejudged::What::joint);
    CHECK(said[1].joint == p.judged.puppets[0].limbs[2].joints[1].id);
    CHECK(said[1].after == "holds");
    CHECK(said[2].what == Rejudged::What::grams);
    // Files of before carry nothing, and are told nothing.
    CHECK(shippedDemo().judged.rules == 0);
    CHECK(findRejudged({}, p.judged).empty());
}

TEST_CASE("Printed sheets are older than a limb whose wire or cut is another since, and than no other", "[results]") {
    document::Production p = shippedDemo();
    p.puppets.resize(1);
    const Report r = reportOf(p);
    document::PrintedSheets printed = makePrinted(p.puppets[0], r, *parseIsoTime("2026-11-30T10:00"));
    CHECK(printed.limbs.size() == p.puppets[0].limbs.size());
    CHECK(findOutdated(printed, p.puppets[0], r).empty());
    // Kept in the file, and no part of the work.
    p.judged.printed = {printed};
    const auto read = must(files::parseProduction(files::writeProduction(p), shippedCards()));
    REQUIRE(read->production.judged.printed.size() == 1);
    CHECK(read->production.judged.printed[0].at == printed.at);
    CHECK(findOutdated(read->production.judged.printed[0], p.puppets[0], r).empty());
    // One limb with another wire; what was not printed yet is nothing old.
    auto moved = must(document::Edits(p, shippedCards(), p.puppets[0].id)
                          .setPick("leg", body::WirePick{r.stock.spools[0].id, 3, 0, {}}));
    const Report now = reportOf(*moved);
    CHECK(findOutdated(printed, moved->puppets[0], now) == std::vector<std::string>{"leg"});
    std::erase_if(printed.limbs, [](const document::PrintedLimb& l) { return l.id == "leg"; });
    CHECK(findOutdated(printed, moved->puppets[0], now).empty());
}
