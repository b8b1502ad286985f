#pragma once
// What is open in a puppet. One row a kind says where it stands, how much it weighs and in which words; a finding adds
// what it is about, by a typed reference, and its quantities. To add one: a row and its test of the facts, in the file
// of its station.
#include "base/optional_number.h"
#include "checks/facts.h"
#include "document/production.h"
#include "schema/ref.h"
#include <array>
#include <span>
#include <string_view>

namespace enkinet::findings {

/// In the order of work.
enum class Station { sheet, wire, bulk, skin, paint, plan, shoot, bench };
inline constexpr int kStations = 8;
/// The word that files and the command line have for it.
const char* keyOf(Station station);

enum class Weight {
    fault,  ///< it would fail: may not be left as it is
    advice, ///< may be, with the builder's reason
    note    ///< worth knowing, nothing to be done: not counted
};

/// What stands in a blank of a kind's sentence, and how a number is said.
struct Blank {
    enum class What { nothing, subject, other, also, found, limit, more };
    What what = What::nothing;
    Dimension dimension{};
    int decimals = 0; ///< below 0: three digits, at most two decimals
    double times = 1; ///< 100 where a share is said in percent
};
inline constexpr Blank kSubject{Blank::What::subject}, kOther{Blank::What::other}, kAlso{Blank::What::also};

struct Kind {
    const char* word = ""; ///< by which files keep it left and the command line names it
    Station station = Station::sheet;
    Weight weight = Weight::fault;
    const char* said = ""; ///< %1 to %9 as blanks has them; %n is found
    std::array<Blank, 6> blanks{};
};
/// Of one list; the compiler refuses a word that has no row.
template <std::size_t n> consteval const Kind* rowOf(const Kind (&all)[n], std::string_view word) {
    for (const Kind& k : all)
        if (k.word == word) return &k;
    throw "no such kind";
}
/// Every kind there is.
std::vector<const Kind*> allKinds();

struct Finding {
    const Kind* kind = nullptr;
    schema::Ref ref{}; ///< what it is about; of the kind none: the puppet as a whole
    Phrase subject{};  ///< what that is called
    OptionalNumber found = 0, limit = 0, more = 0;
    Phrase other{}, also{}; ///< what it is compared with, and what else is said
    std::string key{};      ///< by which the builder leaves it; the same for the same point of the same design
    std::string because{};  ///< why it is left so

    bool is(std::string_view word) const { return kind->word == word; }
    Station station() const { return kind->station; }
    /// Advice: what would fail may not be left.
    bool mayLeave() const { return kind->weight == Weight::advice; }
    /// Of a joint that does not hold: by what it fails.
    std::optional<choice::State> state() const;
    Phrase sentence() const;
    friend bool operator==(const Finding&, const Finding&) = default;
};

/// How many of some stand at each station.
std::vector<int> countOpen(const std::vector<Finding>& findings);

/// Where a joint, a limb or a part stands in the choice; -1 each: nowhere.
struct Place {
    int limb = -1, demand = -1, part = -1;
};
Place findPlace(const body::Puppet& puppet, const choice::PuppetChoice& choice, const schema::Ref& ref);

struct Open {
    std::vector<Finding> open, left, notes;
};
/// Everything there is to say of one puppet, station by station. Throws Stopped.
Open findOpen(const document::Production& production, const body::Puppet& puppet, const checks::Facts& facts,
              fill::BakeMemo& bakes);

/// Something of the stock that all puppets together lack, whose it is said where it is not one's alone.
Finding makeMissing(document::Ware ware, const std::string& card, const std::string& name, double held, double needed,
                    const Phrase& whose);
/// So many wares of which nothing is there.
Finding makeMissing(std::size_t wares);

} // namespace enkinet::findings
