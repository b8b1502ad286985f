#include "files/things_json.h"

namespace enkinet::files {

using namespace body;

namespace {

const std::map<std::string, Stage> kStages{{"wire", Stage::wire},  {"bulk", Stage::bulk},   {"skin", Stage::skin},
                                           {"bake", Stage::bake},  {"paint", Stage::paint}, {"cover", Stage::cover},
                                           {"shoot", Stage::shoot}};
const std::map<std::string, FeatureShape> kFeatureShapes{{"ball", FeatureShape::ball},
                                                         {"half ball", FeatureShape::half_ball},
                                                         {"disc", FeatureShape::disc},
                                                         {"cone", FeatureShape::cone},
                                                         {"piece", FeatureShape::piece}};
const std::map<std::string, Side> kThingSides{{"both", Side::both}, {"left", Side::left}, {"right", Side::right}};
const std::map<std::string, BondKind> kBonds{{"wrap", BondKind::wrap},     {"pin", BondKind::pin},
                                             {"dowel", BondKind::dowel},   {"rod", BondKind::rod},
                                             {"magnet", BondKind::magnet}, {"glue", BondKind::glue},
                                             {"putty", BondKind::putty},   {"stitched", BondKind::stitched}};
const std::map<std::string, BaseShape> kBaseShapes{
    {"rectangle", BaseShape::rectangle}, {"disc", BaseShape::disc}, {"floor", BaseShape::floor}};
const std::map<std::string, BaseStuff> kStuffs{{"softwood", BaseStuff::softwood},     {"balsa", BaseStuff::balsa},
                                               {"fibreboard", BaseStuff::fibreboard}, {"foam", BaseStuff::foam},
                                               {"plaster", BaseStuff::plaster},       {"metal", BaseStuff::metal}};
const std::map<std::string, SheetCore> kCores{
    {"none", SheetCore::none}, {"wire", SheetCore::wire}, {"mesh", SheetCore::mesh}};

/// Takes a struct's fields from an object.
class From {
public:
    explicit From(Reader& r) : m_r(r) {}
    void id(const char* key, std::string& v) { v = m_r.neededText(key); }
    void operator()(const char* key, std::string& v) { v = m_r.text(key, v); }
    void operator()(const char* key, double& v) { v = m_r.number(key, v); }
    void operator()(const char* key, int& v) { v = m_r.whole(key, v); }
    void operator()(const char* key, bool& v) { v = m_r.flag(key, v); }
    template <class Enum> void word(const char* key, const std::map<std::string, Enum>& words, Enum& v) {
        v = m_r.word(key, words, v);
    }
    void spot(const char* key, Spot& s) {
        m_r.object(key, [&](Reader& x) {
            s.base = x.flag("base", false), s.feature = x.text("feature", ""), s.mass = x.text("mass", "");
            s.limb = x.text("limb", ""), s.segment = x.whole("segment", 1) - 1;
        });
    }
    void maybeSpot(const char* key, Spot& s) {
        if (m_r.has(key)) spot(key, s);
    }
    void list(const char* key, const char* one, std::vector<double>& v) {
        m_r.each(key, 200, std::string(one), [&](Reader& x) { v.push_back(x.neededNumber(one)); });
    }
    void list(const char* key, const char* one, std::vector<std::string>& v) {
        m_r.each(key, 200, std::string(one), [&](Reader& x) { v.push_back(x.neededText(one)); });
    }

private:
    Reader& m_r;
};

/// Puts a struct's fields into an object; what is as usual is left out.
template <class T> class Into {
public:
    explicit Into(Json& j) : m_j(j) {}
    void id(const char* key, std::string& v) { m_j[key] = v; }
    void operator()(const char* key, std::string& v) {
        if (!v.empty()) m_j[key] = v;
    }
    void operator()(const char* key, double& v) { put(key, v); }
    void operator()(const char* key, int& v) { put(key, v); }
    void operator()(const char* key, bool& v) { put(key, v); }
    template <class Enum> void word(const char* key, const std::map<std::string, Enum>& words, Enum& v) {
        m_j[key] = wordOf(words, v);
    }
    void spot(const char* key, Spot& s) {
        if (s.base)
            m_j[key] = {{"base", true}};
        else if (!s.feature.empty())
            m_j[key] = {{"feature", s.feature}};
        else if (!s.mass.empty())
            m_j[key] = {{"mass", s.mass}};
        else
            m_j[key] = {{"limb", s.limb}, {"segment", s.segment + 1}};
    }
    void maybeSpot(const char* key, Spot& s) {
        if (!s.isNowhere()) spot(key, s);
    }
    template <class Value> void list(const char* key, const char* one, std::vector<Value>& v) {
        for (const Value& x : v)
            listIn(m_j, key).push_back({{one, x}});
    }

private:
    template <class Value> void put(const char* key, Value v) { m_j[key] = v; }
    Json& m_j;
};

template <class V> void fields(V& v, Feature& f) {
    v.id("id", f.id), v("name", f.name), v.spot("on", f.on), v.word("side", kThingSides, f.side);
    v("at", f.at), v("to", f.to), v("angle_deg", f.angle_deg), v("count", f.count), v("pitch_mm", f.pitch_mm);
    v("row_pitch_mm", f.rowPitch_mm), v.word("shape", kFeatureShapes, f.shape), v("first_mm", f.first_mm);
    v("last_mm", f.last_mm), v("geometric", f.geometric), v("length_mm", f.length_mm), v("sunk", f.sunk);
    v("clay", f.clay), v("mass_g", f.mass_g), v("apart", f.apart), v("hard", f.hard), v("limit_C", f.limit_C);
    v.word("before", kStages, f.before), v("spares", f.spares), v.list("timed", "seconds", f.timed_s);
    v("tool_min", f.tool_min), v("tool_each_s", f.toolEach_s), v.list("signed_off", "side", f.ticked);
}
template <class V> void fields(V& v, Bond& b) {
    v.id("id", b.id), v("name", b.name), v.word("kind", kBonds, b.kind), v.spot("from", b.from), v.spot("to", b.to);
    v("diameter_mm", b.diameter_mm), v("depth_mm", b.depth_mm), v("depth_to_mm", b.depthTo_mm);
    v("free_mm", b.free_mm), v("clearance_mm", b.clearance_mm), v("wire", b.wire), v("adhesive", b.adhesive);
    v("socket", b.socket), v("hold_N", b.hold_N), v("force_N", b.force_N), v("moment_Nmm", b.moment_Nmm);
    v.word("before", kStages, b.before), v("comes_off", b.comesOff);
    v("raw", b.raw), v("paint_kept_off", b.paintOff);
}
template <class V> void fields(V& v, Base& b) {
    v.word("shape", kBaseShapes, b.shape), v.word("stuff", kStuffs, b.stuff), v("width_mm", b.width_mm);
    v("depth_mm", b.depth_mm), v("thickness_mm", b.thickness_mm), v("x_mm", b.x_mm), v("z_mm", b.z_mm);
    v("weight_g", b.weight_g);
}
template <class V> void fields(V& v, Sheet& s) {
    v.id("id", s.id), v("name", s.name), v.spot("on", s.on), v.maybeSpot("to", s.to), v("length_mm", s.length_mm),
        v("width_mm", s.width_mm);
    v("thickness_mm", s.thickness_mm), v("radius_mm", s.radius_mm), v.word("core", kCores, s.core);
    v("clay", s.clay), v("cover", s.cover), v("bent_raw", s.bentRaw);
}
template <class V> void fields(V& v, Run& r) {
    v.id("id", r.id), v("name", r.name), v("limb", r.limb), v("outer_mm", r.outer_mm);
    // Counted from one in files.
    int from = r.fromSegment + 1, to = r.toSegment + 1;
    v("from_segment", from), v("to_segment", to), v("least_bend_mm", r.leastBend_mm), v("tested", r.tested);
    r.fromSegment = from - 1, r.toSegment = to - 1;
}
template <class V> void fields(V& v, Prop& x) {
    v.id("id", x.id), v("name", x.name), v.spot("hand", x.hand), v.word("side", kThingSides, x.side);
    v("mass_g", x.mass_g), v("grip_mm", x.grip_mm), v("pose", x.pose), v("tried", x.tried);
}
template <class V> void fields(V& v, Variant& x) {
    v.id("id", x.id), v("name", x.name), v("mass", x.mass), v("weighed_g", x.weighed_g), v("length_mm", x.length_mm);
    v("minutes", x.minutes);
}

template <class T>
void readList(Reader& r, const char* key, const Phrase& one, std::size_t most, std::vector<T>& list) {
    r.each(key, most, one, [&](Reader& x) {
        T t;
        From from(x);
        fields(from, t);
        if (t.name.empty()) t.name = t.id;
        list.push_back(std::move(t));
    });
}
template <class T> Json oneJson(T t) {
    Json j = Json::object();
    Into<T> into(j);
    fields(into, t);
    return j;
}
template <class T> void addList(Json& puppet, const char* key, const std::vector<T>& list) {
    for (const T& t : list)
        listIn(puppet, key).push_back(oneJson(t));
}

} // namespace

Things readThings(Reader& r) {
    Things t;
    readList(r, "features", words("feature"), 500, t.features);
    readList(r, "bonds", words("bond"), 200, t.bonds);
    r.object("base", [&](Reader& x) {
        From from(x);
        fields(from, t.base.emplace());
    });
    readList(r, "sheets", words("sheet"), 200, t.sheets);
    readList(r, "runs", words("run"), 200, t.runs);
    readList(r, "props", words("prop"), 200, t.props);
    readList(r, "variants", words("variant"), 200, t.variants);
    t.copies = r.whole("copies", 1);
    return t;
}

void addThings(Json& puppet, const Things& t) {
    addList(puppet, "features", t.features);
    addList(puppet, "bonds", t.bonds);
    if (t.base) puppet["base"] = oneJson(*t.base);
    addList(puppet, "sheets", t.sheets);
    addList(puppet, "runs", t.runs);
    addList(puppet, "props", t.props);
    addList(puppet, "variants", t.variants);
    if (t.copies != 1) puppet["copies"] = t.copies;
}

} // namespace enkinet::files
