// Laws over every field that a production has, found through the tables: what is described is read, written, limited,
// told apart and referred to as its description says. A field that is added is held to them by standing in its table.
#include "document/changed_fields.h"
#include "files/described_doc.h"
#include "schema/limits.h"
#include "schema/walk.h"
#include "support/everything.h"
#include "support/near.h"
#include "support/sanitized.h"
#include <cstdlib>

using namespace enkinet::files;
using enkinet::document::Production;
using enkinet::test::everything;

namespace {

using schema::Field;
using schema::Kind;
using schema::Table;

const Production& whole() {
    static const Production p = [] {
        const auto loaded = parseProduction(everything().dump(), shippedCards());
        INFO((loaded ? std::string() : loaded.fault().sentence()));
        REQUIRE(loaded);
        return loaded->production;
    }();
    return p;
}

/// A field in one struct of the production: how to get there, from any copy of it.
struct Place {
    std::string name; ///< "limbs.joints.gap_mm"
    const Table* table;
    const Field* field;
    std::vector<std::pair<const Field*, std::size_t>> way;
    void* of(Production& p) const {
        void* at = &p;
        for (const auto& [f, i] : way)
            at = f->access->item(at, i);
        return at;
    }
};

/// Each field of each table once, where it has a meaning and, as a list, entries: in the first struct that has it so.
std::vector<Place> fieldPlaces() {
    std::vector<Place> all;
    std::set<const Field*> met;
    Production p = whole();
    using Way = std::vector<std::pair<const Field*, std::size_t>>;
    const std::function<void(const Table&, const void*, const Way&, const std::string&)> walk =
        [&](const Table& table, const void* of, const Way& way, const std::string& name) {
            for (const Field& f : table.fields) {
                const bool nested = f.kind == Kind::object || f.kind == Kind::list;
                const std::string at = name + (f.key[0] == '\0' ? "" : "." + std::string(f.key));
                const bool there =
                    (!nested && f.kind != Kind::numbers && f.kind != Kind::texts) || f.access->size(of) > 0;
                if (f.hasMeaning(of) && there && met.insert(&f).second) all.push_back({at, &table, &f, way});
                for (std::size_t i = 0; nested && i < f.access->size(of); ++i) {
                    Way further = way;
                    further.emplace_back(&f, i);
                    walk(f.table(), f.access->item(of, i), further, at);
                }
            }
        };
    walk(schema::detail::tableOf<Production>(), &p, {}, "");
    return all;
}

/// Values that a field could have besides the one that it has, likelier ones first.
std::vector<std::function<void(void*)>> otherValues(const Field& f, const void* of) {
    std::vector<std::function<void(void*)>> all;
    const auto number = [&](double file) {
        const double core = f.toCore(file);
        all.push_back([&f, core](void* at) { f.access->setNumber(at, core); });
    };
    switch (f.kind) {
    case Kind::number:
    case Kind::whole: {
        const double now = f.toFile(f.access->number(of).value_or(0));
        for (double next : {now + 1, now - 1, now * 1.01, now * 0.99, now / 2, now + 0.01, now - 0.01, 2 * now})
            if (next >= f.least && next <= f.most && !(f.isAbove && next <= f.least) && next != now)
                number(f.kind == Kind::whole ? std::round(next) : next);
        break;
    }
    case Kind::flag:
        all.push_back([&f](void* at) { f.access->setNumber(at, *f.access->number(at) == 0 ? 1 : 0); });
        break;
    case Kind::word:
        for (const auto& e : f.words->entries())
            if (f.access->number(of) != e.value)
                all.push_back([&f, v = e.value](void* at) { f.access->setNumber(at, v); });
        break;
    case Kind::text:
        for (const char* text : {"other", "2026-12-03", "2026-12-03T11:00", "2026-12-03T11:00:07", "#123456"})
            all.push_back([&f, text](void* at) { f.access->setText(at, text); });
        for (const char* text : {"firm-grey", "foil-firm", "felt-1", "tile", "alu-1.0", "face", "arm", "head", "stride",
                                 "elbow", "skin-warm", "aluminium-soft", "hip"})
            all.push_back([&f, text](void* at) { f.access->setText(at, text); });
        break;
    case Kind::numbers:
        all.push_back([&f](void* at) {
            auto v = f.access->numbers(at);
            v.front() *= 1.01;
            f.access->setNumbers(at, v);
        });
        break;
    case Kind::texts:
        all.push_back([&f](void* at) {
            auto v = f.access->texts(at);
            v.pop_back();
            f.access->setTexts(at, v);
        });
        all.push_back([&f](void* at) {
            auto v = f.access->texts(at);
            v.resize(v.size() - std::min<std::size_t>(2, v.size()));
            f.access->setTexts(at, v);
        });
        break;
    case Kind::object:
    case Kind::list:
        all.push_back([&f](void* at) { f.access->erase(at, f.access->size(at) - 1); });
        break;
    }
    return all;
}

bool isLeaf(const Field& f) { return f.kind != Kind::object && f.kind != Kind::list; }

} // namespace

TEST_CASE("Every field of every table stands in the production that the laws are tried on", "[files]") {
    std::set<const Field*> met;
    for (const Place& p : fieldPlaces())
        met.insert(p.field);
    std::set<const Table*> seen;
    std::size_t fields = 0;
    const std::function<void(const Table&, const std::string&)> walk = [&](const Table& table,
                                                                           const std::string& name) {
        if (!seen.insert(&table).second) return;
        for (const Field& f : table.fields) {
            ++fields;
            INFO(name << "." << f.key);
            CHECK(met.contains(&f));
            CHECK((f.access != nullptr && (isLeaf(f) || f.table)));
            CHECK((f.kind != Kind::word || f.words->entries().size() > 1));
            if (f.table) walk(f.table(), name + "." + f.key);
        }
    };
    walk(schema::detail::tableOf<Production>(), "");
    CHECK(fields > 380);
    CHECK(seen.size() > 60);
}

TEST_CASE("Any field changed is one field changed, is written and read again, and is no other field", "[files]") {
    std::map<std::set<std::string>, std::string> known;
    std::vector<std::string> stuck;
    int tried = 0, turn = 0;
    for (const Place& place : fieldPlaces()) {
        const Field& f = *place.field;
        if (f.kind == Kind::object && !f.access->isOptional()) continue;
        if (kSanitized && !std::getenv("ENKINET_LONG") && ++turn % 5) continue;
        INFO(place.name);
        bool changed = false;
        Production p = whole();
        for (const auto& change : otherValues(f, place.of(p))) {
            p = whole();
            change(place.of(p));
            auto sound = document::makeProduction(p, shippedCards());
            if (!sound || (isLeaf(f) && f.access->same(place.of(p), place.of(const_cast<Production&>(whole())))))
                continue;
            const auto again = must(parseProduction(writeProduction(*sound, false), shippedCards()));
            CHECK((again->production == *sound));
            changed = true;
            ++tried;
            // A note beside the work is never what tells two productions apart.
            if (place.name.starts_with(".judged")) break;
            const auto fields = document::findChangedFields(whole(), p);
            CHECK(!fields.empty());
            if (isLeaf(f)) {
                CHECK(fields.size() == 1);
                const auto [other, fresh] = known.emplace(fields, place.name);
                if (!fresh) {
                    INFO("the same as " << other->second);
                    CHECK(f.group != nullptr);
                }
            }
            CHECK(document::findChangedFields(p, whole()) == fields);
            break;
        }
        if (!changed) stuck.push_back(place.name);
    }
    // What nothing else can take the place of by itself: ids that others name, kinds that ask for other fields.
    for (const std::string& name : stuck)
        UNSCOPED_INFO("nothing else can stand at " << name);
    CHECK(stuck.size() < 30);
    CHECK(tried > (turn ? 60 : 330));
}

TEST_CASE("What lies beyond a field's limits is refused, with the field's name", "[files]") {
    int tried = 0;
    for (const Place& place : fieldPlaces()) {
        const Field& f = *place.field;
        if (!f.isLimited() || (f.kind != Kind::number && f.kind != Kind::whole)) continue;
        for (double file : {f.most + std::max(1.0, 0.01 * std::abs(f.most)),
                            f.isAbove ? 0.0 : f.least - std::max(1.0, 0.01 * std::abs(f.least)), std::nan("")}) {
            if (std::isinf(file) || (std::isnan(file) && f.kind == Kind::whole)) continue;
            Production p = whole();
            f.access->setNumber(place.of(p), f.toCore(file));
            const auto sound = document::makeProduction(p, shippedCards());
            INFO(place.name << " " << file);
            REQUIRE_FALSE(sound);
            CHECK(sound.fault().value.english().find(f.name.english()) != std::string::npos);
            ++tried;
        }
    }
    CHECK(tried > 400);
}

TEST_CASE("No two of a list have one id", "[files]") {
    int tried = 0;
    for (const Place& place : fieldPlaces()) {
        const Field& f = *place.field;
        if (f.kind != Kind::list || !f.table().id()) continue;
        Production p = whole();
        void* of = place.of(p);
        const std::size_t last = f.access->size(of);
        f.access->add(of);
        for (const Field& field : f.table().fields)
            field.access->copy(f.access->item(of, last), f.access->item(of, 0));
        const auto sound = document::makeProduction(p, shippedCards());
        INFO(place.name);
        REQUIRE_FALSE(sound);
        CHECK(sound.fault().rule == (std::string(f.key) == "aside" ? "are more than 1" : "stands twice"));
        ++tried;
    }
    CHECK(tried > 15);
}

TEST_CASE("What refers to a thing that is not there is refused", "[files]") {
    int tried = 0;
    for (const Place& place : fieldPlaces()) {
        const Field& f = *place.field;
        if (f.refers == schema::RefKind::none || f.kind == Kind::flag) continue;
        Production p = whole();
        void* of = place.of(p);
        if (f.refers == schema::RefKind::segment)
            f.access->setNumber(of, 60);
        else if (f.kind == Kind::texts)
            f.access->setTexts(of, {"nowhere"});
        else
            f.access->setText(of, "nowhere");
        INFO(place.name);
        CHECK_FALSE(document::makeProduction(p, shippedCards()));
        ++tried;
    }
    CHECK(tried > 25);
}

TEST_CASE("Whatever is taken off a puppet, all that hung on it goes with it", "[files]") {
    int tried = 0;
    const auto& puppetTable = schema::detail::tableOf<body::Puppet>();
    for (const Field& f : puppetTable.fields) {
        if (f.kind != Kind::list || f.isApart) continue;
        for (std::size_t i = 0; i < f.access->size(&whole().puppets[0]); ++i) {
            Production p = whole();
            body::Puppet& tansy = p.puppets[0];
            INFO(f.key << " " << i);
            if (std::string(f.key) == "limbs") {
                // With what hangs on it: the edit knows.
                const auto edited = document::Edits(p, shippedCards(), "tansy").removeLimb(tansy.limbs[i].id);
                if (i > 0) CHECK(edited);
                ++tried;
                continue;
            }
            f.access->erase(&tansy, i);
            body::dropOrphans(tansy);
            const auto sound = document::makeProduction(p, shippedCards());
            INFO((sound ? std::string() : sound.fault().sentence()));
            CHECK(sound);
            ++tried;
        }
    }
    for (const body::ThingKind kind : body::kThingKinds)
        for (int i = 0; i < body::countThings(whole().puppets[0].things, kind); ++i) {
            const auto edited = document::Edits(whole(), shippedCards(), "tansy").removeThing(kind, i);
            INFO(static_cast<int>(kind) << " " << i);
            CHECK(edited);
            ++tried;
        }
    CHECK(tried > 30);
}

TEST_CASE("What shares a list and is of none of its kinds is refused, and lost by nobody", "[files]") {
    auto j = everything(false);
    j["stock"]["wire_tests"][1]["kind"] = "twist";
    const auto loaded = parseProduction(j.dump(), shippedCards());
    REQUIRE_FALSE(loaded);
    CHECK(loaded.fault().sentence() == "stock, bend test 2: kind \"twist\" must be one of bend, hang");
    j["stock"]["wire_tests"][1].erase("kind");
    j["stock"]["wire_tests"][1].update({{"edge_factor", 1.3}, {"cycles", 20}});
    const auto older = must(parseProduction(j.dump(), shippedCards()));
    CHECK(older->production.stock.bendTests.size() == 2);
}

TEST_CASE("The file's keys stand in its documentation as the tables have them", "[files]") {
    const std::string text = *readFile(std::string(ENKINET_SOURCE_DIR) + "/docs/file-format.md");
    const std::string from = "<!-- fields -->\n", to = "<!-- end of fields -->";
    const std::size_t begin = text.find(from), end = text.find(to);
    REQUIRE((begin != std::string::npos && end != std::string::npos));
    // To bring it up to date: enkinet-cli fields, in between.
    CHECK((text.substr(begin + from.size(), end - begin - from.size()) == describeFields()));
}
