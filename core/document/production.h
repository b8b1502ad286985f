#pragma once
// The document: one production with its puppets, stock and cards. Plain values; changed only by document/edits.h.
#include "base/bytes.h"
#include "base/value.h"
#include "body/puppet.h"
#include "document/log.h"
#include "document/shot.h"
#include "document/spool.h"
#include "document/step_move.h"
#include "fill/cards.h"
#include "fill/parts.h"
#include "fill/shop.h"
#include "paint/coats.h"
#include "wire/calibration.h"
#include "wire/table_shelf.h"

namespace enkinet {
/// Of the calendar, which knows of no table itself.
const schema::Table& described(const Calendar*);
} // namespace enkinet

namespace enkinet::document {

using fill::AdhesiveCard;

/// Every card there is to choose from.
struct Cards {
    std::vector<wire::MaterialCard> wires;
    std::vector<fill::ClayCard> clays;
    std::vector<fill::BulkCard> bulks;
    std::vector<fill::CoverCard> covers;
    std::vector<paint::PaintCard> paints;
    std::vector<fill::OvenCard> ovens;
    std::vector<fill::AdhesiveCard> adhesives{};
    ENKINET_COMPARED(Cards)
};

/// So much of a card on the shelf: grams of clay, millilitres of paint.
struct Held {
    std::string card;
    double amount = 0;
    friend bool operator==(const Held&, const Held&) = default;
};

/// Kinds of things that are bought.
enum class Ware { wire, clay, bulk, foil, cover, paint };

/// So much of a ware: grams of clay, millilitres of paint, metres of foil.
struct Use {
    Ware ware = Ware::clay;
    std::string card;
    double amount = 0;
    friend bool operator==(const Use&, const Use&) = default;
};

struct Stock {
    std::vector<Spool> spools;
    std::vector<Offcut> offcuts; ///< of spools in stock
    std::vector<Held> clays_g, paints_ml;
    fill::FoilRoll foil;
    fill::Shop shop{};
    std::vector<std::string> glues{};      ///< cards of the adhesives that are on the shelf
    std::vector<wire::BendTest> bendTests; ///< of spools in stock
    std::vector<wire::HangTest> hangTests;
    std::vector<wire::WearTest> wearTests{}; ///< what wires did on the set; of spools in stock
    ENKINET_COMPARED(Stock)
};

/// What the program last said of a production, and by which rules: a note beside the work, no part of it. Two of them
/// are never what tells two productions apart.
struct JudgedJoint {
    std::string id, word;
    friend bool operator==(const JudgedJoint&, const JudgedJoint&) = default;
};
struct JudgedLimb {
    std::string id, wire; ///< wire: empty for none
    std::vector<JudgedJoint> joints;
    friend bool operator==(const JudgedLimb&, const JudgedLimb&) = default;
};
struct JudgedPuppet {
    std::string id;
    double mass_g = 0, hands_min = 0;
    std::vector<JudgedLimb> limbs;
    friend bool operator==(const JudgedPuppet&, const JudgedPuppet&) = default;
};
/// What the build sheets that were printed last say of a puppet's wire.
struct PrintedLimb {
    std::string id, wire;
    double cut_mm = 0; ///< of all its pieces
    friend bool operator==(const PrintedLimb&, const PrintedLimb&) = default;
};
struct PrintedSheets {
    std::string puppet;
    Minute at = 0;
    std::vector<PrintedLimb> limbs;
    friend bool operator==(const PrintedSheets&, const PrintedSheets&) = default;
};
struct Judged {
    int rules = 0; ///< 0: not known
    std::vector<JudgedPuppet> puppets;
    std::vector<PrintedSheets> printed{}; ///< the last of each puppet
    friend bool operator==(const Judged&, const Judged&) { return true; }
};

struct Production {
    std::string name, note, currency;
    Stock stock;
    Cards cards; ///< of this production; they stand before shipped cards of the same id
    std::vector<paint::Scheme> schemes;
    std::vector<body::Puppet> puppets;
    std::optional<Calendar> calendar{}; ///< none: Calendar::usual, from now on
    std::vector<LogEntry> log{};        ///< in the order in which it was written
    std::vector<StepMove> moves{};      ///< of the plan; what a design no longer has says nothing
    std::vector<Shot> shots{};          ///< in the order in which they are shot
    Judged judged{};
    std::map<std::string, Bytes> pictures; ///< bytes by name inside the container
    body::Extras extras{};
    /// Keys that this version does not know, further down: by the path of what they stood in.
    std::map<std::string, body::Extras> unknown{};
    ENKINET_COMPARED(Production)
};

// What each is, field by field. (document_fields.cpp)
const schema::Words& wordsOf(LogKind);
const schema::Table& described(const Spool*);
const schema::Table& described(const Offcut*);
const schema::Table& described(const Held*);
const schema::Table& described(const Stock*);
const schema::Table& described(const Cards*);
const schema::Table& described(const StepKey*);
const schema::Table& described(const StepMove*);
const schema::Table& described(const LogEntry*);
const schema::Table& described(const JointHistory*);
const schema::Table& described(const MotionLink*);
const schema::Table& described(const Cast*);
const schema::Table& described(const Shot::Break*);
const schema::Table& described(const Shot*);
const schema::Table& described(const JudgedJoint*);
const schema::Table& described(const JudgedLimb*);
const schema::Table& described(const JudgedPuppet*);
const schema::Table& described(const PrintedLimb*);
const schema::Table& described(const PrintedSheets*);
const schema::Table& described(const Judged*);
const schema::Table& described(const Production*);

/// The production's own cards before the shipped ones.
Cards mergeCards(const Cards& shipped, const Cards& own);
fill::Shelf makeShelf(const Cards& cards, const fill::Shop& shop = {});

/// The production when it is sound and everything that it names is known; else the first rule broken, with its place.
Result<Production> makeProduction(Production production, const Cards& shipped);

/// The same where all but one puppet is known to be sound: an edit of one costs nothing for the others.
Result<Production> makeEdited(Production production, std::size_t puppet, const Cards& shipped);

/// What a file may hold: checked before anything is kept, and before anything is saved.
inline constexpr std::size_t kMostPictureBytes = 64u << 20, kMostPicturesBytes = 256u << 20;
/// A picture more, if it fits beside those that are there.
std::optional<Fault> checkPicture(const Production& production, std::size_t bytes);

/// Bytes of a picture of a puppet; null where the production does not hold it.
const std::string* findPicture(const Production& production, const std::string& file);

/// The production's calendar, or the usual one.
Calendar findCalendar(const Production& production);
const body::Puppet* findPuppet(const Production& production, const std::string& id);
int findPuppetIndex(const Production& production, const std::string& id); ///< -1 when there is none

} // namespace enkinet::document
