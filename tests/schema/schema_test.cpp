// A struct of the tests' own, described as all others are.
#include "schema/limits.h"
#include "schema/walk.h"
#include <catch2/catch.hpp>

using namespace enkinet;
using namespace enkinet::schema;

namespace sample {

enum class Colour { red, blue };
const Words& wordsOf(Colour) {
    static const Words all =
        makeWords<Colour>({{Colour::red, "red", words("red")}, {Colour::blue, "deep blue", words("blue")}});
    return all;
}

struct Leg {
    std::string id;
    double length_mm = 50;
    std::string on; ///< a leg that it stands on
    friend bool operator==(const Leg&, const Leg&) = default;
};
struct Stool {
    std::string name;
    double lean_rad = 0, stiffness_MPa = 2000;
    int place = 0;
    bool painted = false;
    Colour colour = Colour::red;
    std::optional<double> worn_mm;
    std::vector<Leg> legs;
    std::vector<std::string> gone;
    friend bool operator==(const Stool&, const Stool&) = default;
};

const Table& described(const Leg*) {
    static const Table table = makeTable<Leg>(
        words("leg"), words("legs"),
        {idField<&Leg::id>(), field<&Leg::length_mm>("length_mm", words("length"), Dimension::length).above(500),
         field<&Leg::on>("on", words("leg")).to(RefKind::limb)});
    return table;
}
const Table& described(const Stool*) {
    static const Table table = makeTable<Stool>(
        words("stool"), words("stools"),
        {field<&Stool::name>("name", words("name")).atLeast(1).upTo(5),
         angle<&Stool::lean_rad>("lean_deg", words("lean")).between(0, 90),
         field<&Stool::stiffness_MPa>("stiffness_GPa", words("stiffness"), Dimension::stiffness)
             .per(1000)
             .between(1, 300),
         field<&Stool::place>("place", words("place")).fromOne(), field<&Stool::painted>("painted", words("painted")),
         field<&Stool::colour>("colour", words("colour")).where<[](const Stool& s) { return s.painted; }>(),
         field<&Stool::worn_mm>("worn_mm", words("worn"), Dimension::length).between(0, 10),
         field<&Stool::legs>("legs", words("legs")).upTo(4),
         field<&Stool::gone>("gone", words("leg")).to(RefKind::limb)});
    return table;
}

} // namespace sample

using sample::Leg;
using sample::Stool;

namespace {

const Table& stool() { return detail::tableOf<Stool>(); }

std::string faultOf(const Stool& s) {
    Rules r;
    checkLimits(r, words("Tansy"), s);
    return r.fault ? r.fault->sentence() : "";
}

Stool soundStool() {
    Stool s;
    s.name = "low";
    s.legs = {{"a", 50, ""}, {"b", 50, "a"}, {"c", 50, "b"}};
    return s;
}

bool isLegThere(const Stool& s, const Ref& ref) {
    return std::any_of(s.legs.begin(), s.legs.end(), [&](const Leg& l) { return l.id == ref.id; });
}

} // namespace

TEST_CASE("A field reaches its member, and files have it in their own unit", "[schema]") {
    Stool s = soundStool();
    const Field &lean = *stool().find("lean_deg"), &stiff = *stool().find("stiffness_GPa"),
                &place = *stool().find("place"), &worn = *stool().find("worn_mm"), &colour = *stool().find("colour");
    lean.access->setNumber(&s, lean.toCore(30));
    CHECK(s.lean_rad == Approx(0.5235987756));
    CHECK(lean.toFile(s.lean_rad) == 30);
    CHECK(stiff.toFile(70000) == 70);
    CHECK(stiff.toCore(70) == 70000);
    CHECK(place.toFile(s.place) == 1);
    CHECK_FALSE(worn.access->number(&s));
    worn.access->setNumber(&s, 2.5);
    CHECK(s.worn_mm == 2.5);
    worn.access->setNumber(&s, {});
    CHECK_FALSE(s.worn_mm);
    CHECK(colour.words->find("deep blue") == static_cast<int>(sample::Colour::blue));
    CHECK(labelOf(sample::Colour::blue) == "blue");
    CHECK(findWord<sample::Colour>("deep blue") == sample::Colour::blue);
    CHECK_FALSE(findWord<sample::Colour>("green"));
    CHECK(colour.words->all() == "deep blue, red");
    CHECK_FALSE(colour.hasMeaning(&s));
    const Field& legs = *stool().find("legs");
    static_cast<Leg*>(legs.access->add(&s))->id = "d";
    CHECK(legs.access->size(&s) == 4);
    legs.access->erase(&s, 0);
    CHECK(s.legs.front().id == "b");
}

TEST_CASE("The first limit that is broken is said with its place, in the unit of files", "[schema]") {
    CHECK(faultOf(soundStool()).empty());
    const std::pair<std::function<void(Stool&)>, std::string> cases[] = {
        {[](Stool& s) { s.name.clear(); }, "Tansy: name must have 1 to 5 letters"},
        {[](Stool& s) { s.name = "too long"; }, "Tansy: name must have 1 to 5 letters"},
        {[](Stool& s) { s.lean_rad = 2; }, "Tansy: lean 114.592 degrees must lie between 0 and 90 degrees"},
        {[](Stool& s) { s.stiffness_MPa = 500; }, "Tansy: stiffness 0.5 GPa must lie between 1 and 300 GPa"},
        {[](Stool& s) { s.worn_mm = std::nan(""); }, "Tansy: worn nan mm must lie between 0 and 10 mm"},
        {[](Stool& s) { s.legs[1].length_mm = 0; }, "Tansy, leg b: length 0 mm must be above 0"},
        {[](Stool& s) { s.legs[1].id = "a"; }, "Tansy, leg a: id stands twice"},
        {[](Stool& s) { s.legs[1].id = "a b"; }, "Tansy, leg: id \"a b\" must be letters, digits, dot or dash"},
        {[](Stool& s) { s.legs.resize(5); }, "Tansy: 5 legs are more than 4"},
    };
    for (const auto& [spoil, sentence] : cases) {
        Stool s = soundStool();
        spoil(s);
        CHECK(faultOf(s) == sentence);
    }
}

TEST_CASE("What stood on what is gone goes with it, however many deep", "[schema]") {
    Stool s = soundStool();
    s.gone = {"a", "c"};
    std::vector<std::string> met;
    forEachRef(Phrase(), stool(), &s, [&](const Place&, const Field&, const Ref& ref) { met.push_back(toKey(ref)); });
    CHECK(met == std::vector<std::string>{"limb/a", "limb/b", "limb/a", "limb/c"});
    Rules sound, broken;
    const IsThere there = [&](const Ref& ref) { return isLegThere(s, ref); };
    checkRefs(sound, words("Tansy"), stool(), &s, there);
    CHECK_FALSE(sound.fault);
    s.legs.erase(s.legs.begin());
    checkRefs(broken, words("Tansy"), stool(), &s, there);
    REQUIRE(broken.fault);
    CHECK(broken.fault->sentence() == "Tansy, leg b: leg a is not there");
    while (dropLost(stool(), &s, there)) {
    }
    CHECK(s.legs.empty());
    CHECK(s.gone.empty());
}

TEST_CASE("A reference is read from its own key, and from no other", "[schema]") {
    for (const Ref& ref : {Ref{}, Ref{RefKind::sheet, "cape2", {}, false}, Ref{RefKind::joint, "leg", "knee", false},
                           Ref{RefKind::segment, "arm", "2", true}, Ref{RefKind::base, "", {}, false},
                           Ref{RefKind::mass, "right", {}, false}, Ref{RefKind::joint, "leg", "right", false},
                           Ref{RefKind::clay_card, "firm", {}, false}})
        CHECK(fromKey(toKey(ref)) == ref);
    for (const char* wrong : {"sheet", "joint/leg", "nonsense/leg", "joint/leg/knee/left", "limb/a/b"})
        CHECK_FALSE(fromKey(wrong));
}
