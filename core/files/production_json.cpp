#include "files/production_json.h"
#include "base/text.h"
#include "base/units.h"
#include "files/card_json.h"
#include "files/plan_json.h"
#include "files/puppet_json.h"
#include "files/shot_json.h"
#include "files/versions.h"
#include "files/wire_tests_file.h"
#include <algorithm>
#include <charconv>
#include <cmath>

namespace enkinet::files {

using namespace document;

namespace {

const char* const kFormat = "enkinet production";

const std::map<std::string, paint::Texture> kTextures{{"smooth", paint::Texture::smooth},
                                                      {"folds", paint::Texture::folds},
                                                      {"scales", paint::Texture::scales},
                                                      {"hair", paint::Texture::hair},
                                                      {"pores", paint::Texture::pores}};
const std::map<std::string, paint::Zone> kZones = [] {
    std::map<std::string, paint::Zone> all;
    for (int k = 0; k <= static_cast<int>(paint::Zone::features); ++k)
        all.emplace(paint::zoneName(static_cast<paint::Zone>(k)), static_cast<paint::Zone>(k));
    return all;
}();
const std::map<std::string, paint::Role> kRoles{{"primer", paint::Role::primer},
                                                {"base", paint::Role::base},
                                                {"wash", paint::Role::wash},
                                                {"dry-brush", paint::Role::dry_brush},
                                                {"varnish", paint::Role::varnish}};

std::string roleWord(paint::Role role) {
    for (const auto& [word, r] : kRoles)
        if (r == role) return word;
    return {};
}

void readStock(Reader& r, Stock& s) {
    r.each("spools", 200, words("spool"), [&](Reader& x) {
        s.spools.push_back({x.neededText("id"), x.text("name", ""), x.neededText("wire_card"),
                            x.neededNumber("diameter_mm"), x.number("length_m", 0), x.number("price_per_m", 0),
                            x.flag("to_buy", false)});
    });
    r.each("offcuts", 2000, words("offcut"), [&](Reader& x) {
        s.offcuts.push_back({x.neededText("spool"), x.neededNumber("length_mm")});
    });
    r.each("clays", 500, words("clay"), [&](Reader& x) {
        s.clays_g.push_back({x.neededText("card"), x.number("mass_g", 0)});
    });
    r.each("paints", 500, words("paint"), [&](Reader& x) {
        s.paints_ml.push_back({x.neededText("card"), x.number("volume_ml", 0)});
    });
    WireTests tests = readWireTests(r);
    setDiameters(tests, s.spools);
    s.bendTests = std::move(tests.bends), s.hangTests = std::move(tests.hangs);
    r.each("wear_tests", 20000, words("wear test"), [&](Reader& x) {
        s.wearTests.push_back({x.neededText("spool"), x.text("date", ""), x.neededText("joint"), x.text("shot", ""),
                               x.neededNumber("share"), x.flag("broke", false)});
    });
    r.object("shop", [&](Reader& x) {
        s.shop.room_C = x.number("room_C", 20), s.shop.putty_g_h = x.number("putty_g_per_h", 40);
        s.shop.leadDays = x.whole("lead_days", 3);
        s.shop.fan = x.flag("oven_fan", false);
        x.object("hands", [&](Reader& y) {
            fill::Hands& h = s.shop.hands;
            h.pinch_N = y.number("pinch_N", h.pinch_N),
            h.pinchHalf_mm = y.number("pinch_half_width_mm", h.pinchHalf_mm);
            h.grasp_N = y.number("grasp_N", h.grasp_N),
            h.graspHalf_mm = y.number("grasp_half_width_mm", h.graspHalf_mm);
        });
        x.object("wire_work", [&](Reader& y) {
            fill::WireWork& w = s.shop.work;
            w.cut_min = y.number("cut_min", w.cut_min), w.spin_min = y.number("spin_min", w.spin_min),
            w.bind_min = y.number("bind_min", w.bind_min);
        });
        x.each("strips", 12, words("strip"),
               [&](Reader& y) { s.shop.strips_mm.push_back(y.neededNumber("thickness_mm")); });
        x.each("roller", 200, words("reading"), [&](Reader& y) {
            s.shop.roller.push_back({y.neededNumber("setting"), y.neededNumber("thickness_mm")});
        });
        x.object("oven_log", [&](Reader& y) {
            const fill::OvenLog log{y.number("offset_C", 0), y.number("swing_C", 0), y.number("settled_min", 0),
                                    y.whole("readings", 0)};
            // An offset that no reading stands behind is none.
            if (log.readings > 0) s.shop.oven = log;
        });
        x.each("break_tests", 2000, words("break test"), [&](Reader& y) {
            s.shop.breaks.push_back({y.neededText("clay"), y.text("date", ""), y.text("note", ""),
                                     y.neededNumber("diameter_mm"), y.neededNumber("span_mm"),
                                     y.neededNumber("force_N")});
        });
    });
    s.glues = r.texts("glues", 200);
    r.object("foil", [&](Reader& x) {
        s.foil = {x.number("mass_g_per_m2", 43), x.number("width_mm", 300), x.number("length_m", 30),
                  x.number("price", 0)};
    });
}

Json stockJson(const Stock& s) {
    Json j{{"spools", Json::array()}, {"clays", Json::array()}, {"paints", Json::array()}};
    for (const document::Spool& x : s.spools) {
        Json spool{{"id", x.id},
                   {"name", x.name},
                   {"wire_card", x.material},
                   {"diameter_mm", x.diameter_mm},
                   {"length_m", x.length_m},
                   {"price_per_m", x.price_m}};
        if (x.toBuy) spool["to_buy"] = true;
        listIn(j, "spools").push_back(std::move(spool));
    }
    for (const document::Offcut& o : s.offcuts)
        listIn(j, "offcuts").push_back({{"spool", o.spool}, {"length_mm", o.length_mm}});
    for (const Held& h : s.clays_g)
        listIn(j, "clays").push_back({{"card", h.card}, {"mass_g", h.amount}});
    for (const Held& h : s.paints_ml)
        listIn(j, "paints").push_back({{"card", h.card}, {"volume_ml", h.amount}});
    if (!s.glues.empty()) j["glues"] = s.glues;
    j["foil"] = {{"mass_g_per_m2", s.foil.mass_g_m2},
                 {"width_mm", s.foil.width_mm},
                 {"length_m", s.foil.length_m},
                 {"price", s.foil.price}};
    if (const fill::Shop& shop = s.shop; !(shop == fill::Shop{})) {
        Json o{{"room_C", shop.room_C},
               {"putty_g_per_h", shop.putty_g_h},
               {"oven_fan", shop.fan},
               {"lead_days", shop.leadDays}};
        for (double mm : shop.strips_mm)
            listIn(o, "strips").push_back({{"thickness_mm", mm}});
        for (const fill::RollerReading& r : shop.roller)
            listIn(o, "roller").push_back({{"setting", r.setting}, {"thickness_mm", r.thickness_mm}});
        if (!(shop.hands == fill::Hands{}))
            o["hands"] = {{"pinch_N", shop.hands.pinch_N},
                          {"pinch_half_width_mm", shop.hands.pinchHalf_mm},
                          {"grasp_N", shop.hands.grasp_N},
                          {"grasp_half_width_mm", shop.hands.graspHalf_mm}};
        if (!(shop.work == fill::WireWork{}))
            o["wire_work"] = {
                {"cut_min", shop.work.cut_min}, {"spin_min", shop.work.spin_min}, {"bind_min", shop.work.bind_min}};
        if (shop.oven.readings > 0)
            o["oven_log"] = {{"offset_C", shop.oven.offset_C},
                             {"swing_C", shop.oven.swing_C},
                             {"settled_min", shop.oven.settled_min},
                             {"readings", shop.oven.readings}};
        for (const fill::BreakTest& t : shop.breaks)
            listIn(o, "break_tests")
                .push_back({{"clay", t.clay},
                            {"date", t.date},
                            {"note", t.note},
                            {"diameter_mm", t.diameter_mm},
                            {"span_mm", t.span_mm},
                            {"force_N", t.force_N}});
        j["shop"] = std::move(o);
    }
    for (const wire::WearTest& t : s.wearTests)
        listIn(j, "wear_tests")
            .push_back({{"spool", t.spool},
                        {"date", t.date},
                        {"joint", t.joint},
                        {"shot", t.shot},
                        {"share", t.share},
                        {"broke", t.broke}});
    if (!s.bendTests.empty() || !s.hangTests.empty()) j["wire_tests"] = wireTestsJson(s.bendTests, s.hangTests);
    return j;
}

} // namespace

double exactDegrees(double rad) {
    const double d = radToDeg(rad);
    for (int digits : {6, 9, 12, 15}) {
        const std::string text = plain(d, digits);
        double rounded = 0;
        std::from_chars(text.data(), text.data() + text.size(), rounded); // never by the locale
        if (degToRad(rounded) == rad) return rounded;
    }
    double up = d, down = d;
    for (int i = 0; i < 4; ++i) {
        if (degToRad(up) == rad) return up;
        if (degToRad(down) == rad) return down;
        up = std::nextafter(up, 1e9), down = std::nextafter(down, -1e9);
    }
    return d;
}

Result<Loaded> parseProduction(const std::string& text, const Cards& shipped) {
    auto parsed = parseJson(text, "production.json");
    if (!parsed) return parsed.fault();
    Json json = parsed.take();
    if (!json.is_object()) return Fault{words("production.json"), {}, words("must hold one object")};
    if (const auto v = json.find("version"); v != json.end() && v->is_number_integer())
        bringUp(json, static_cast<int>(std::clamp<std::int64_t>(v->get<std::int64_t>(), 0, 1000000)));
    std::optional<Fault> fault;
    Loaded loaded;
    Production& p = loaded.production;
    {
        Reader r(json, {}, fault, &p.unknown);
        if (!fault && r.text("format", "") != kFormat)
            return Fault{words("production.json"), words("format"), words("is not \"enkinet production\"")};
        const int version = r.whole("version", 0);
        if (!fault && version < 1)
            return Fault{words("production.json"), words("version %1", version), words("must be 1 or more")};
        loaded.newer = version > kFormatVersion;
        p.name = r.text("name", ""), p.note = r.text("note", ""), p.currency = r.text("currency", "");
        r.object("stock", [&](Reader& x) { readStock(x, p.stock); });
        r.object("cards", [&](Reader& x) { p.cards = readCards(x); });
        r.each("schemes", 200, words("scheme"), [&](Reader& x) {
            paint::Scheme s{x.neededText("id"), x.text("name", ""), {}};
            x.each("coats", 20, words("coat"), [&](Reader& c) {
                s.coats.push_back({c.word("role", kRoles, paint::Role::base), c.neededText("paint"),
                                   c.number("amount", 1), c.word("zone", kZones, paint::Zone::everywhere),
                                   c.number("from", 0), c.number("to", 1)});
            });
            x.object("relief", [&](Reader& y) {
                s.relief.texture = y.word("texture", kTextures, s.relief.texture);
                s.relief.depth_mm = y.number("depth_mm", s.relief.depth_mm);
                s.relief.pitch_mm = y.number("pitch_mm", s.relief.pitch_mm);
            });
            p.schemes.push_back(std::move(s));
        });
        r.each("puppets", 64, words("puppet"), [&](Reader& x) { p.puppets.push_back(readPuppet(x)); });
        r.object("calendar", [&](Reader& x) { p.calendar = readCalendar(x); });
        r.object("judged", [&](Reader& x) {
            p.judged.rules = x.whole("rules", 0);
            x.each("puppets", 500, words("puppet"), [&](Reader& y) {
                document::JudgedPuppet one{y.neededText("id"), y.number("mass_g", 0), y.number("hands_min", 0), {}};
                y.each("limbs", 500, words("limb"), [&](Reader& z) {
                    document::JudgedLimb limb{z.neededText("id"), z.text("wire", ""), {}};
                    z.each("joints", 500, words("joint"),
                           [&](Reader& w) { limb.joints.emplace_back(w.neededText("id"), w.text("word", "")); });
                    one.limbs.push_back(std::move(limb));
                });
                p.judged.puppets.push_back(std::move(one));
            });
            x.each("printed", 500, words("puppet"), [&](Reader& y) {
                const auto at = parseIsoTime(y.neededText("at"));
                document::PrintedSheets one{y.neededText("puppet"), at.value_or(0), {}};
                y.each("limbs", 500, words("limb"), [&](Reader& z) {
                    one.limbs.push_back({z.neededText("id"), z.text("wire", ""), z.number("cut_mm", 0)});
                });
                // When it was, or nothing is known of it.
                if (at) p.judged.printed.push_back(std::move(one));
            });
        });
        r.each("moves", document::kMostMoves, words("move"), [&](Reader& x) { p.moves.push_back(readMove(x)); });
        r.each("log", kMostLogEntries, words("entry"), [&](Reader& x) { p.log.push_back(readLogEntry(x)); });
        r.each("shots", kMostShots, words("shot"), [&](Reader& x) { p.shots.push_back(readShot(x)); });
        p.extras = r.extras();
    }
    if (fault) return *fault;
    auto sound = makeProduction(std::move(p), shipped);
    if (!sound) return sound.fault();
    loaded.production = sound.take();
    return loaded;
}

std::string writeProduction(const Production& p, bool indented) {
    Json j{{"format", kFormat}, {"version", kFormatVersion}, {"name", p.name}};
    if (!p.note.empty()) j["note"] = p.note;
    if (!p.currency.empty()) j["currency"] = p.currency;
    j["stock"] = stockJson(p.stock);
    if (!(p.cards == Cards{})) j["cards"] = cardsJson(p.cards);
    j["schemes"] = Json::array();
    for (const paint::Scheme& s : p.schemes) {
        Json coats = Json::array();
        for (const paint::Coat& c : s.coats) {
            Json one{{"role", roleWord(c.role)}, {"paint", c.paint}};
            if (c.amount != 1) one["amount"] = c.amount;
            if (c.zone != paint::Zone::everywhere) one["zone"] = paint::zoneName(c.zone);
            if (c.from != 0) one["from"] = c.from;
            if (c.to != 1) one["to"] = c.to;
            coats.push_back(std::move(one));
        }
        Json scheme{{"id", s.id}, {"name", s.name}, {"coats", coats}};
        if (!(s.relief == paint::Relief{}))
            scheme["relief"] = {{"texture", wordOf(kTextures, s.relief.texture)},
                                {"depth_mm", s.relief.depth_mm},
                                {"pitch_mm", s.relief.pitch_mm}};
        listIn(j, "schemes").push_back(std::move(scheme));
    }
    j["puppets"] = Json::array();
    for (const body::Puppet& x : p.puppets)
        listIn(j, "puppets").push_back(puppetJson(x));
    if (p.calendar) j["calendar"] = calendarJson(*p.calendar);
    if (p.judged.rules > 0 || !p.judged.printed.empty()) {
        Json judged{{"rules", p.judged.rules}, {"puppets", Json::array()}};
        for (const document::JudgedPuppet& x : p.judged.puppets) {
            Json one{{"id", x.id}, {"mass_g", x.mass_g}, {"hands_min", x.hands_min}, {"limbs", Json::array()}};
            for (const document::JudgedLimb& l : x.limbs) {
                Json limb{{"id", l.id}, {"wire", l.wire}, {"joints", Json::array()}};
                for (const auto& [id, word] : l.joints)
                    listIn(limb, "joints").push_back({{"id", id}, {"word", word}});
                listIn(one, "limbs").push_back(std::move(limb));
            }
            listIn(judged, "puppets").push_back(std::move(one));
        }
        for (const document::PrintedSheets& x : p.judged.printed) {
            Json one{{"puppet", x.puppet}, {"at", isoTime(x.at)}, {"limbs", Json::array()}};
            for (const document::PrintedLimb& l : x.limbs)
                listIn(one, "limbs").push_back({{"id", l.id}, {"wire", l.wire}, {"cut_mm", l.cut_mm}});
            listIn(judged, "printed").push_back(std::move(one));
        }
        j["judged"] = std::move(judged);
    }
    for (const document::StepMove& m : p.moves)
        listIn(j, "moves").push_back(moveJson(m));
    for (const LogEntry& e : p.log)
        listIn(j, "log").push_back(logEntryJson(e));
    for (const Shot& s : p.shots)
        listIn(j, "shots").push_back(shotJson(s));
    addExtras(j, p.extras);
    addUnknown(j, p.unknown);
    return j.dump(indented ? 1 : -1) + "\n";
}

Result<Cards> parseCards(const std::string& text, const std::string& place) {
    const auto json = parseJson(text, place);
    if (!json) return json.fault();
    std::optional<Fault> fault;
    Reader r(*json, place, fault);
    Cards cards = readCards(r);
    if (fault) return *fault;
    return cards;
}

} // namespace enkinet::files
