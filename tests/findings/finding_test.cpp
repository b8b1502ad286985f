// The tables of what can be open.
#include "base/text.h"
#include "base/units.h"
#include "findings/finding.h"
#include "support/near.h"
#include "support/puppets.h"
#include <catch2/catch.hpp>
#include <set>

using namespace enkinet;
using namespace enkinet::findings;
using namespace enkinet::test;

TEST_CASE("Every kind has a word of its own, a sentence, and a filling for each of its blanks", "[findings]") {
    std::set<std::string> words;
    for (const Kind* k : allKinds()) {
        INFO(k->word);
        CHECK(words.insert(k->word).second);
        CHECK(isId(k->word));
        const std::string said = k->said;
        std::size_t blanks = 0;
        for (const Blank& b : k->blanks)
            blanks += b.what != Blank::What::nothing;
        for (std::size_t i = 1; i <= 9; ++i)
            CHECK((said.find("%" + std::to_string(i)) != std::string::npos) == (i <= blanks));
        // A note asks for nothing, so there is nothing to leave.
        Finding f{k, {}, std::string("knee"), 3, 4, 5};
        CHECK(f.mayLeave() == (k->weight == Weight::advice));
        const std::string english = f.sentence().english();
        for (std::size_t i = english.find('%'); i != std::string::npos; i = english.find('%', i + 1))
            CHECK_FALSE((i + 1 < english.size() && std::isalnum(static_cast<unsigned char>(english[i + 1]))));
    }
    CHECK(words.size() > 75);
}

TEST_CASE("A sentence has its numbers as its row says", "[findings]") {
    const auto kindOf = [](std::string_view word) {
        for (const Kind* k : allKinds())
            if (k->word == word) return k;
        return static_cast<const Kind*>(nullptr);
    };
    CHECK(Finding{kindOf("springy"), {}, std::string("knee"), degToRad(12.34), degToRad(8)}.sentence().english() ==
          "knee is springy: 12.3 degrees back, 8.0 degrees allowed.");
    CHECK(Finding{kindOf("thin-reserve"), {}, std::string("arm"), 0.0712, 0.1}.sentence().english() ==
          "arm holds with 7.1 % to spare, 10 % are wanted: no wire of the stock has more.");
    // A count picks its plural; what was not worked out is no number.
    CHECK(Finding{kindOf("bare"), {}, std::string("paw"), 1}.sentence().english().starts_with("1 part show"));
    CHECK(Finding{kindOf("bare"), {}, std::string("paw"), 4}.sentence().english().starts_with("4 parts show"));
    CHECK(Finding{kindOf("slack"), {}, std::string("hip"), {}, 2}.sentence().english() ==
          "hip is slack: holds no number of 2.00 N·mm.");
}

TEST_CASE("What a finding is about is found again in the choice, or nowhere", "[findings]") {
    const document::Production p = demo();
    int joints = 0, parts = 0;
    for (int i = 0; i < 3; ++i) {
        const auto r = reportOf(p, i);
        const body::Puppet& puppet = p.puppets[nth(i)];
        for (const choice::LimbChoice& l : r.choice.limbs)
            for (std::size_t d = 0; d < l.demands.size(); ++d) {
                const body::Limb& limb = puppet.limbs[nth(l.limb)];
                const Place at = findPlace(puppet, r.choice,
                                           {schema::RefKind::joint, limb.id, limb.joints[nth(l.demands[d].joint)].id});
                CHECK((at.limb == l.limb && at.demand == static_cast<int>(d)));
                ++joints;
            }
        std::set<int> found;
        for (const auto* list : {&r.open, &r.left, &r.notes})
            for (const Finding& f : *list)
                if (f.ref.kind == schema::RefKind::segment || f.ref.kind == schema::RefKind::mass) {
                    const int part = findPlace(puppet, r.choice, f.ref).part;
                    REQUIRE(part >= 0);
                    // Named after its part; a coat's name begins with it.
                    CHECK(f.subject.english().starts_with(r.choice.parts[nth(part)].label.english()));
                    ++parts;
                }
        const Place none = findPlace(puppet, r.choice, {schema::RefKind::joint, "nobody", "knee"});
        CHECK((none.limb == -1 && none.demand == -1 && none.part == -1));
    }
    CHECK(joints > 20);
    CHECK(parts > 0);
}
