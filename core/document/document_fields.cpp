// The tables of what a production holds besides its puppets.
#include "document/production.h"
#include "schema/times.h"
#include <algorithm>

namespace enkinet {

using namespace schema;

namespace {

struct IsoSeconds {
    static std::string text(std::int64_t at_s) { return document::isoSeconds(at_s); }
    static std::optional<std::int64_t> parse(const std::string& text) { return document::parseIsoSeconds(text); }
};
/// A note of a time that is no time is no reason to refuse a file: 0, which is dropped.
struct NotedTime {
    static std::string text(Minute at) { return isoTime(at); }
    static std::optional<Minute> parse(const std::string& text) { return parseIsoTime(text).value_or(0); }
};

/// A weekday's hours: from and to, from and to.
template <std::size_t Day> class HoursOf final : public Access {
public:
    std::vector<std::string> texts(const void* of) const final {
        std::vector<std::string> all;
        for (const Span& s : at(of))
            all.insert(all.end(), {clockText(s.from), clockText(s.to)});
        return all;
    }
    bool setTexts(void* of, const std::vector<std::string>& all) const final {
        std::vector<Span> spans;
        for (std::size_t i = 0; i < all.size(); i += 2) {
            const auto from = parseClock(all[i]), to = i + 1 < all.size() ? parseClock(all[i + 1]) : std::nullopt;
            if (!from || !to) return false;
            spans.push_back({*from, *to});
        }
        static_cast<Calendar*>(of)->hours[Day] = std::move(spans);
        return true;
    }
    std::size_t size(const void* of) const final { return 2 * at(of).size(); }
    bool same(const void* a, const void* b) const final { return at(a) == at(b); }
    void copy(void* to, const void* from) const final { static_cast<Calendar*>(to)->hours[Day] = at(from); }

private:
    static const std::vector<Span>& at(const void* of) { return static_cast<const Calendar*>(of)->hours[Day]; }
};

template <std::size_t Day> Field hoursOf(const char* key) {
    static const HoursOf<Day> access;
    Field f;
    f.key = key, f.name = words("hours"), f.kind = Kind::texts, f.access = &access;
    return f.upTo(24).formed(words("must be times of day in pairs, from and to, such as 10:00 and 18:00"));
}

const Table& week() {
    static const Table table =
        makeTable<Calendar>(words("week"), words("weeks"),
                            {hoursOf<0>("mon"), hoursOf<1>("tue"), hoursOf<2>("wed"), hoursOf<3>("thu"),
                             hoursOf<4>("fri"), hoursOf<5>("sat"), hoursOf<6>("sun")});
    return table;
}

/// Hours that a file has stand in place of the usual ones.
class Hours final : public Access {
public:
    std::size_t size(const void*) const final { return 1; }
    const void* item(const void* of, std::size_t) const final { return of; }
    void* add(void* of) const final {
        static_cast<Calendar*>(of)->hours = {};
        return of;
    }
    bool same(const void* a, const void* b) const final { return at(a) == at(b); }
    void copy(void* to, const void* from) const final { static_cast<Calendar*>(to)->hours = at(from); }

private:
    static const std::array<std::vector<Span>, 7>& at(const void* of) {
        return static_cast<const Calendar*>(of)->hours;
    }
};

class DaysOff final : public Access {
public:
    std::vector<std::string> texts(const void* of) const final {
        std::vector<std::string> all;
        for (std::int64_t day : at(of))
            all.push_back(isoDate(day));
        return all;
    }
    bool setTexts(void* of, const std::vector<std::string>& all) const final {
        std::vector<std::int64_t> days;
        for (const std::string& text : all) {
            const auto day = parseIsoDate(text);
            if (!day) return false;
            days.push_back(*day);
        }
        std::sort(days.begin(), days.end());
        days.erase(std::unique(days.begin(), days.end()), days.end());
        static_cast<Calendar*>(of)->daysOff = std::move(days);
        return true;
    }
    std::size_t size(const void* of) const final { return at(of).size(); }
    bool same(const void* a, const void* b) const final { return at(a) == at(b); }
    void copy(void* to, const void* from) const final { static_cast<Calendar*>(to)->daysOff = at(from); }

private:
    static const std::vector<std::int64_t>& at(const void* of) { return static_cast<const Calendar*>(of)->daysOff; }
};

Field hours() {
    static const Hours access;
    Field f;
    f.key = "hours", f.kind = Kind::object, f.access = &access, f.table = week;
    return f.always().about("mon to sun; without it Monday to Friday 10:00 to 18:00");
}
Field daysOff() {
    static const DaysOff access;
    Field f;
    f.key = "days_off", f.name = words("days off"), f.kind = Kind::texts, f.access = &access;
    return f.always().upTo(2000).formed(words("must be days such as 2026-12-24"));
}

} // namespace

const Table& described(const Calendar*) {
    static const Table table = [] {
        Table t = makeTable<Calendar>(
            words("calendar"), words("calendars"),
            {timeField<&Calendar::start>("start", words("start")).about("of the first step; without it from now on"),
             hours(), daysOff(), field<&Calendar::people>("people", words("people")).upTo(12)});
        t.setRule<[](Rules& r, const Phrase& place, const Calendar& c) {
            if (const auto f = checkCalendar(c)) r.that(false, place, f->value, f->rule);
        }>();
        return t;
    }();
    return table;
}

} // namespace enkinet

namespace enkinet::document {

const Words& wordsOf(LogKind) {
    static const Words all = makeWords<LogKind>({{LogKind::started, "started", words("started")},
                                                 {LogKind::paused, "paused", words("paused")},
                                                 {LogKind::done, "done", words("done")},
                                                 {LogKind::undone, "undone", words("undone")},
                                                 {LogKind::skipped, "skipped", words("skipped")},
                                                 {LogKind::weighed, "weighed", words("weighed")},
                                                 {LogKind::measured, "measured", words("measured")},
                                                 {LogKind::oven, "oven", words("oven")},
                                                 {LogKind::trouble, "trouble", words("trouble")},
                                                 {LogKind::trial, "trial", words("trial")},
                                                 {LogKind::ticked, "ticked", words("ticked")},
                                                 {LogKind::regret, "regret", words("regret")},
                                                 {LogKind::note, "note", words("note")}});
    return all;
}

const Table& described(const Spool*) {
    static const Table table = [] {
        Table t = makeTable<Spool>(
            words("spool"), words("spools"),
            {idField<&Spool::id>(),
             field<&Spool::name>("name", words("name")).always().about("as the builder calls it"),
             field<&Spool::material>("wire_card", words("wire card")).needed().to(RefKind::wire_card),
             field<&Spool::diameter_mm>("diameter_mm", words("diameter"), Dimension::length).needed().between(0.1, 10),
             field<&Spool::length_m>("length_m", words("length"), Dimension::distance).always().between(0, 1e5),
             field<&Spool::price_m>("price_per_m", words("price of a metre")).always().between(0, 1e5),
             field<&Spool::toBuy>("to_buy", words("to buy")).about("none of it is there yet")});
        return t;
    }();
    return table;
}

const Table& described(const Offcut*) {
    static const Table table = makeTable<Offcut>(
        words("offcut"), words("offcuts"),
        {field<&Offcut::spool>("spool", words("spool")).needed().to(RefKind::spool),
         field<&Offcut::length_mm>("length_mm", words("length"), Dimension::length).needed().above(1e5)});
    return table;
}

const Table& described(const Held*) {
    static const Table table =
        makeTable<Held>(words("clay"), words("clays"),
                        {field<&Held::card>("card", words("clay card")).needed().to(RefKind::clay_card),
                         field<&Held::amount>("mass_g", words("mass"), Dimension::mass).always().between(0, 1e6)});
    return table;
}

namespace {

/// Bend and hang tests together.
constexpr std::size_t kMostTests = 5000;

const Table& heldPaint() {
    static const Table table = makeTable<Held>(
        words("paint"), words("paints"),
        {field<&Held::card>("card", words("paint card")).needed().to(RefKind::paint_card),
         field<&Held::amount>("volume_ml", words("volume"), Dimension::volume).always().between(0, 1e6)});
    return table;
}

class CalendarOf final : public Access {
public:
    std::size_t size(const void* of) const final { return at(of) ? 1 : 0; }
    const void* item(const void* of, std::size_t) const final { return at(of) ? &*at(of) : nullptr; }
    void* add(void* of) const final {
        auto& calendar = static_cast<Production*>(of)->calendar;
        if (!calendar) calendar = Calendar::usual();
        return &*calendar;
    }
    void erase(void* of, std::size_t) const final { static_cast<Production*>(of)->calendar.reset(); }
    bool same(const void* a, const void* b) const final { return at(a) == at(b); }
    void copy(void* to, const void* from) const final { static_cast<Production*>(to)->calendar = at(from); }
    bool isOptional() const final { return true; }

private:
    static const std::optional<Calendar>& at(const void* of) { return static_cast<const Production*>(of)->calendar; }
};

Field calendar() {
    static const CalendarOf access;
    Field f;
    f.key = "calendar", f.name = words("calendar"), f.kind = Kind::object, f.access = &access;
    f.table = schema::detail::tableOf<Calendar>;
    return f.about("times without a zone");
}

} // namespace

const Table& described(const Stock*) {
    static const Table table = [] {
        Table t = makeTable<Stock>(
            words("stock"), words("stocks"),
            {field<&Stock::spools>("spools", words("spools")).always(),
             field<&Stock::offcuts>("offcuts", words("offcuts")).upTo(2000),
             field<&Stock::clays_g>("clays", words("clays")).upTo(500).always(),
             field<&Stock::paints_ml>("paints", words("paints")).of(heldPaint).upTo(500).always(),
             field<&Stock::foil>("foil", words("foil")).always(), field<&Stock::shop>("shop", words("shop")),
             field<&Stock::glues>("glues", words("glues")).about("ids of the adhesive cards that are on the shelf"),
             field<&Stock::bendTests>("wire_tests", words("bend tests")).upTo(kMostTests).sorted("bend"),
             field<&Stock::hangTests>("wire_tests", words("hang tests")).upTo(kMostTests).sorted("hang"),
             field<&Stock::wearTests>("wear_tests", words("wear tests")).upTo(20000)});
        t.setRule<[](Rules& r, const Phrase&, const Stock& x) {
            r.that(x.bendTests.size() + x.hangTests.size() <= kMostTests, words("stock"), words("tests"),
                   words("are more than %1", kMostTests));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Cards*) {
    static const Table table = [] {
        constexpr std::size_t kMost = 500;
        return makeTable<Cards>(words("cards"), words("cards"),
                                {field<&Cards::wires>("wires", words("wire cards")).upTo(kMost),
                                 field<&Cards::clays>("clays", words("clay cards")).upTo(kMost),
                                 field<&Cards::bulks>("bulks", words("bulk cards")).upTo(kMost),
                                 field<&Cards::covers>("covers", words("cover cards")).upTo(kMost),
                                 field<&Cards::ovens>("ovens", words("oven cards")).upTo(kMost),
                                 field<&Cards::adhesives>("adhesives", words("adhesive cards")).upTo(kMost),
                                 field<&Cards::paints>("paints", words("paint cards")).upTo(kMost)});
    }();
    return table;
}

const Table& described(const StepKey*) {
    static const Table table =
        makeTable<StepKey>(words("step"), words("steps"),
                           {field<&StepKey::puppet>("puppet", words("puppet")).needed().atLeast(1).upTo(64),
                            field<&StepKey::copy>("copy", words("copy")).between(1, 50),
                            field<&StepKey::step>("step", words("step")).needed().atLeast(1).upTo(300)});
    return table;
}

const Table& described(const StepMove*) {
    static const Table table = [] {
        Table t = makeTable<StepMove>(
            words("move"), words("moves"),
            {field<&StepMove::step>("", {}), timeField<&StepMove::notBefore>("not_before", words("time")),
             field<&StepMove::before>("before", words("before")).about("or before another step")});
        t.setRule<[](Rules& r, const Phrase& place, const StepMove& m) {
            r.that(m.notBefore || m.before, place, {}, words("must say when, or before what"));
            r.that(!m.notBefore || (*m.notBefore >= 0 && *m.notBefore <= 226'000'000), place, words("time"),
                   words("must lie between 1970 and 2400"));
            r.that(!m.before || !(*m.before == m.step), place, {}, words("cannot be before itself"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const LogEntry*) {
    static const Table table = [] {
        Table t = makeTable<LogEntry>(
            words("entry"), words("entries in the log"),
            {coded<IsoSeconds, &LogEntry::at_s>("at", words("time"))
                 .needed()
                 .formed(words("must be a time such as 2026-11-30T10:00:00")),
             field<&LogEntry::puppet>("puppet", words("puppet")).upTo(64).about("without it the whole production"),
             field<&LogEntry::copy>("copy", words("copy")).between(1, 50),
             field<&LogEntry::step>("step", words("step")).upTo(300).about("its id"),
             field<&LogEntry::part>("part", words("part")).upTo(300),
             field<&LogEntry::kind>("kind", words("kind")).always(),
             field<&LogEntry::number>("number", words("number")).between(-1e9, 1e9),
             field<&LogEntry::planned>("planned_min", words("planned"), Dimension::minutes).between(0, 1e6),
             field<&LogEntry::unit>("unit", words("unit")).upTo(20),
             field<&LogEntry::text>("text", words("text")).upTo(4000),
             field<&LogEntry::picture>("picture", words("picture")),
             field<&LogEntry::item>("item", words("item"))
                 .upTo(300)
                 .about("of a tick: what was looked at, and its numbers; a tick without one is no longer counted"),
             field<&LogEntry::offset_min>("utc_offset_min", words("offset from UTC"), Dimension::minutes)
                 .between(-18 * 60, 18 * 60)
                 .about("how far the time is ahead of UTC; what passed between two that say it is told by it")});
        t.setRule<[](Rules& r, const Phrase& place, const LogEntry& e) {
            r.that(e.at_s >= 0 && e.at_s <= 13'600'000'000, place, words("time"),
                   words("must lie between 1970 and 2400"));
            r.that(e.kind != LogKind::done || e.number >= 0, place, quantity(e.number, Dimension::minutes),
                   words("must be 0 or more"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const JointHistory*) {
    static const Table table = [] {
        const auto bends = [](Field f) {
            f.isAngle = true, f.dimension = Dimension::angle;
            return f.upTo(kMostHistory).between(-401, 401);
        };
        Table t = makeTable<JointHistory>(
            words("joint"), words("joints"),
            {field<&JointHistory::limb>("limb", words("limb")).needed(),
             field<&JointHistory::joint>("joint", words("joint")).needed(),
             field<&JointHistory::right>("right", words("right")),
             bends(field<&JointHistory::forth_rad>("forth_deg", words("angle"))).about("one an exposure"),
             bends(field<&JointHistory::aside_rad>("aside_deg", words("angle")))});
        t.setRule<[](Rules& r, const Phrase& place, const JointHistory& h) {
            r.that(h.forth_rad.empty() || h.aside_rad.empty() || h.forth_rad.size() == h.aside_rad.size(), place,
                   words("joint %1.%2", h.limb, h.joint), words("must have as many angles forth as aside"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const MotionLink*) {
    static const Table table = makeTable<MotionLink>(
        words("joint"), words("links to a motion file"),
        {field<&MotionLink::from>("from", words("joint of a motion file")).needed().about("empty: none"),
         field<&MotionLink::limb>("limb", words("limb")).needed(),
         field<&MotionLink::joint>("joint", words("joint")).needed(),
         field<&MotionLink::right>("right", words("right"))});
    return table;
}

const Table& described(const Cast*) {
    static const Table table =
        makeTable<Cast>(words("puppet"), words("puppets"),
                        {field<&Cast::puppet>("puppet", words("puppet")).needed(),
                         field<&Cast::copy>("copy", words("copy")).always().between(1, 50),
                         field<&Cast::acting>("acting", words("acting")),
                         field<&Cast::poses>("poses", words("poses")).upTo(2000).about("kept ones, in order"),
                         field<&Cast::histories>("histories", words("joints")).upTo(4000),
                         field<&Cast::links>("links", words("links to a motion file")).upTo(4000)});
    return table;
}

const Table& described(const Shot::Break*) {
    static const Table table =
        makeTable<Shot::Break>(words("break"), words("breaks"),
                               {field<&Shot::Break::puppet>("puppet", words("puppet")).needed(),
                                field<&Shot::Break::limb>("limb", words("limb")).needed(),
                                field<&Shot::Break::joint>("joint", words("joint")).needed(),
                                field<&Shot::Break::copy>("copy", words("copy")).always().between(1, 50),
                                field<&Shot::Break::frame>("frame", words("frame")).always().between(0, 200000),
                                field<&Shot::Break::right>("right", words("right"))});
    return table;
}

const Table& described(const Shot*) {
    static const Table table = [] {
        Table t = makeTable<Shot>(
            words("shot"), words("shots"),
            {idField<&Shot::id>(), nameField<&Shot::name>(),
             field<&Shot::fps>("fps", words("frames a second")).always().between(1, 240),
             field<&Shot::onEach>("on", words("on")).always().between(1, 24).about("frames that a pose is held for"),
             field<&Shot::frames>("frames", words("frames")).always().between(1, 200000),
             field<&Shot::retakes>("retakes", words("retakes"))
                 .always()
                 .between(0, 20)
                 .about("share of poses that are posed again"),
             dayField<&Shot::day>("day", words("day")).about("on which it is shot"),
             field<&Shot::done>("done", words("done")),
             field<&Shot::source>("source", words("source")).about("file of its motion"),
             field<&Shot::cast>("cast", words("puppets")).upTo(64).always(),
             field<&Shot::breaks>("breaks", words("breaks")).upTo(1000)});
        t.setRule<[](Rules& r, const Phrase& place, const Shot& s) {
            for (const Shot::Break& b : s.breaks)
                r.that(b.frame <= s.frames, place, words("a break in frame %1", b.frame),
                       words("must lie within the shot"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const JudgedJoint*) {
    static const Table table = makeTable<JudgedJoint>(words("joint"), words("joints"),
                                                      {field<&JudgedJoint::id>("id", words("joint")).needed(),
                                                       field<&JudgedJoint::word>("word", words("word")).always()});
    return table;
}

const Table& described(const JudgedLimb*) {
    static const Table table = makeTable<JudgedLimb>(
        words("limb"), words("limbs"),
        {field<&JudgedLimb::id>("id", words("limb")).needed(), field<&JudgedLimb::wire>("wire", words("wire")).always(),
         field<&JudgedLimb::joints>("joints", words("joints")).upTo(500).always()});
    return table;
}

const Table& described(const JudgedPuppet*) {
    static const Table table = makeTable<JudgedPuppet>(
        words("puppet"), words("puppets"),
        {field<&JudgedPuppet::id>("id", words("puppet")).needed(),
         field<&JudgedPuppet::mass_g>("mass_g", words("mass"), Dimension::mass).always(),
         field<&JudgedPuppet::hands_min>("hands_min", words("work"), Dimension::minutes).always(),
         field<&JudgedPuppet::limbs>("limbs", words("limbs")).upTo(500).always()});
    return table;
}

const Table& described(const PrintedLimb*) {
    static const Table table = makeTable<PrintedLimb>(
        words("limb"), words("limbs"),
        {field<&PrintedLimb::id>("id", words("limb")).needed(),
         field<&PrintedLimb::wire>("wire", words("wire")).always(),
         field<&PrintedLimb::cut_mm>("cut_mm", words("cut length"), Dimension::length).always()});
    return table;
}

const Table& described(const PrintedSheets*) {
    static const Table table =
        makeTable<PrintedSheets>(words("puppet"), words("puppets"),
                                 {field<&PrintedSheets::puppet>("puppet", words("puppet")).needed(),
                                  coded<NotedTime, &PrintedSheets::at>("at", words("time")).needed(),
                                  field<&PrintedSheets::limbs>("limbs", words("limbs")).upTo(500).always()});
    return table;
}

const Table& described(const Judged*) {
    static const Table table = [] {
        Table t = makeTable<Judged>(
            words("judgement"), words("judgements"),
            {field<&Judged::rules>("rules", words("rules")).about("a number that rises with any change of a model"),
             field<&Judged::puppets>("puppets", words("puppets")).upTo(500).about("what was said of each"),
             field<&Judged::printed>("printed", words("printed sheets"))
                 .upTo(500)
                 .about("what the build sheets that were printed last say")});
        t.settle = [](void* of) {
            std::erase_if(static_cast<Judged*>(of)->printed, [](const PrintedSheets& s) { return s.at == 0; });
        };
        return t;
    }();
    return table;
}

const Table& described(const Production*) {
    static const Table table = [] {
        Table t = makeTable<Production>(
            words("production"), words("productions"),
            {field<&Production::name>("name", words("name")).always(), noteField<&Production::note>(),
             field<&Production::currency>("currency", words("currency")),
             field<&Production::stock>("stock", {}).always(),
             field<&Production::cards>("cards", {}).about("standing before shipped ones of the same id"),
             field<&Production::schemes>("schemes", words("paint schemes")).always(),
             field<&Production::puppets>("puppets", words("puppets")).upTo(64).always().apart(), calendar(),
             field<&Production::moves>("moves", words("moves"))
                 .upTo(kMostMoves)
                 .about("where a step was laid on the days"),
             field<&Production::log>("log", words("entries in the log")).upTo(kMostLogEntries),
             field<&Production::shots>("shots", words("shots")).upTo(kMostShots),
             field<&Production::judged>("judged", {})
                 .always()
                 .about("a note beside the work: by which rules it was last judged, and what was said")});
        t.extras = [](void* of) { return &static_cast<Production*>(of)->extras; };
        return t;
    }();
    return table;
}

} // namespace enkinet::document
