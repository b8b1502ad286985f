#include "files/puppet_json.h"
#include "base/units.h"
#include "files/card_json.h"
#include "files/plan_json.h"
#include "files/production_json.h"
#include "files/things_json.h"

namespace enkinet::files {

using namespace body;

namespace {

const std::map<std::string, LimbKind> kKinds{
    {"spine", LimbKind::spine}, {"arm", LimbKind::arm},    {"leg", LimbKind::leg},   {"finger", LimbKind::finger},
    {"tail", LimbKind::tail},   {"neck", LimbKind::neck},  {"wing", LimbKind::wing}, {"ear", LimbKind::ear},
    {"jaw", LimbKind::jaw},     {"other", LimbKind::other}};
const std::map<std::string, MassShape> kShapes{
    {"ellipsoid", MassShape::ellipsoid}, {"box", MassShape::box}, {"weighed", MassShape::weighed}};
const std::map<std::string, Stiffening> kStiffenings{
    {"putty", Stiffening::putty}, {"tube", Stiffening::tube}, {"bound", Stiffening::bound}, {"none", Stiffening::none}};
const std::map<std::string, Posing> kPosings{{"by its tip", Posing::by_tip}, {"along", Posing::along}};
const std::map<std::string, Side> kSides{{"both", Side::both}, {"left", Side::left}, {"right", Side::right}};
const std::map<std::string, Aim> kAims{{"simplest to make", Aim::simple}, {"longest life", Aim::life},
                                       {"lightest", Aim::light},          {"easiest", Aim::easy},
                                       {"cheapest", Aim::cheap},          {"fewest spools", Aim::spools}};
const std::map<std::string, Begin> kBegins{
    {"as it falls", Begin::as_it_falls}, {"head", Begin::head}, {"feet", Begin::feet}, {"body", Begin::body}};
const std::map<std::string, BaseTurn> kBaseTurns{
    {"as it falls", BaseTurn::as_it_falls}, {"first", BaseTurn::first}, {"last", BaseTurn::last}};
const std::map<std::string, BakeSchool> kSchools{
    {"once", BakeSchool::once}, {"limb by limb", BakeSchool::staged}, {"own list", BakeSchool::own}};
const std::map<std::string, Seen> kSeen{
    {"front", Seen::front}, {"back", Seen::back}, {"left", Seen::left}, {"right", Seen::right}, {"below", Seen::below}};
const std::map<std::string, Acting> kActing{
    {"quiet", Acting::quiet}, {"plain", Acting::plain}, {"broad", Acting::broad}};

Layers readLayers(Reader& r) {
    Layers l;
    r.object("layers", [&](Reader& x) {
        l.bulk = x.text("bulk", ""), l.clay = x.text("clay", ""), l.skin_mm = x.number("skin_mm", 0);
        x.each("coats", kMostCoats, words("coat"), [&](Reader& c) {
            l.coats.push_back({c.neededText("clay"), c.neededNumber("thickness_mm"), c.whole("load", 0)});
        });
        l.relief = x.number("relief", 0);
        l.skinAcrossGaps = x.flag("skin_across_gaps", false);
        l.cover = x.text("cover", ""), l.cover_mm = x.number("cover_mm", 0);
        l.coverFrom = x.number("cover_from", 0), l.coverTo = x.number("cover_to", 1), l.scheme = x.text("scheme", "");
    });
    return l;
}

Json layersJson(const Layers& l) {
    Json j = Json::object();
    if (!l.bulk.empty()) j["bulk"] = l.bulk;
    if (!l.clay.empty()) j["clay"] = l.clay;
    if (l.skin_mm != 0) j["skin_mm"] = l.skin_mm;
    for (const Coat& c : l.coats) {
        Json coat{{"clay", c.clay}, {"thickness_mm", c.thickness_mm}};
        if (c.load != 0) coat["load"] = c.load;
        listIn(j, "coats").push_back(std::move(coat));
    }
    if (l.relief != 0) j["relief"] = l.relief;
    if (l.skinAcrossGaps) j["skin_across_gaps"] = true;
    if (!l.cover.empty()) j["cover"] = l.cover;
    if (l.cover_mm != 0) j["cover_mm"] = l.cover_mm;
    if (l.coverFrom != 0) j["cover_from"] = l.coverFrom;
    if (l.coverTo != 1) j["cover_to"] = l.coverTo;
    if (!l.scheme.empty()) j["scheme"] = l.scheme;
    return j;
}

Vec3 readPoint(Reader& r, const char* x, const char* y, const char* z) {
    return {r.neededNumber(x), r.neededNumber(y), r.number(z, 0)};
}

Joint readJoint(Reader& r) {
    Joint j;
    j.id = r.neededText("id"), j.name = r.text("name", j.id);
    j.at_mm = readPoint(r, "x_mm", "y_mm", "z_mm");
    j.posed = r.has("gap_mm");
    j.gap_mm = r.number("gap_mm", 0);
    j.low_rad = degToRad(r.number("low_deg", 0)), j.high_rad = degToRad(r.number("high_deg", 0));
    j.formingBends = r.number("forming_bends", 0);
    j.edge = r.number("edge_factor", 1.3), j.movesPerSecond = r.number("moves_per_s", 0.5),
    j.need_s = r.maybeNumber("need_s");
    j.extras = r.extras();
    if (!j.posed) {
        // What only a posed joint has is not written for another, so it does not come back with it either.
        const Joint plain;
        j.low_rad = plain.low_rad, j.high_rad = plain.high_rad, j.formingBends = plain.formingBends;
        j.edge = plain.edge, j.movesPerSecond = plain.movesPerSecond, j.need_s = plain.need_s;
    }
    return j;
}

Json jointJson(const Joint& j) {
    Json o{{"id", j.id}, {"name", j.name}, {"x_mm", j.at_mm.x}, {"y_mm", j.at_mm.y}, {"z_mm", j.at_mm.z}};
    if (j.posed) {
        o["gap_mm"] = j.gap_mm;
        o["low_deg"] = exactDegrees(j.low_rad), o["high_deg"] = exactDegrees(j.high_rad);
        o["edge_factor"] = j.edge, o["moves_per_s"] = j.movesPerSecond;
        if (j.formingBends != 0) o["forming_bends"] = j.formingBends;
        if (j.need_s) o["need_s"] = *j.need_s;
    }
    addExtras(o, j.extras);
    return o;
}

Segment readSegment(Reader& r) {
    Segment s;
    s.name = r.text("name", "");
    r.each("stations", 64, words("station"), [&](Reader& x) {
        s.stations.push_back(
            {x.neededNumber("at"), x.neededNumber("a_mm"), x.neededNumber("b_mm"), x.maybeNumber("skin_mm")});
    });
    s.layers = readLayers(r);
    s.bodyMass = r.flag("body_mass", false), s.grip = r.number("grip", 0.6), s.sleeve_mm = r.number("sleeve_mm", 0);
    s.stiffening = r.word("stiffening", kStiffenings, Stiffening::usual);
    return s;
}

Json segmentJson(const Segment& s) {
    Json o{{"name", s.name}};
    for (const Station& t : s.stations) {
        listIn(o, "stations").push_back({{"at", t.at}, {"a_mm", t.a_mm}, {"b_mm", t.b_mm}});
        if (t.skin_mm) o["stations"].back()["skin_mm"] = *t.skin_mm;
    }
    if (Json l = layersJson(s.layers); !l.empty()) o["layers"] = l;
    if (s.bodyMass) o["body_mass"] = true;
    if (s.grip != 0.6) o["grip"] = s.grip;
    if (s.sleeve_mm != 0) o["sleeve_mm"] = s.sleeve_mm;
    if (s.stiffening != Stiffening::usual) o["stiffening"] = wordOf(kStiffenings, s.stiffening);
    return o;
}

Limb readLimb(Reader& r) {
    Limb l;
    l.id = r.neededText("id"), l.name = r.text("name", l.id);
    l.kind = r.word("kind", kKinds, LimbKind::other), l.mirrored = r.flag("mirrored", false),
    l.whip = r.flag("whip", false), l.posing = r.word("whip_posed", kPosings, Posing::by_tip);
    r.object("hangs_on",
             [&](Reader& x) { l.hangsOnLimb = x.neededText("limb"), l.hangsOnJoint = x.neededText("joint"); });
    r.each("joints", 64, words("joint"), [&](Reader& x) { l.joints.push_back(readJoint(x)); });
    r.each("segments", 64, words("segment"), [&](Reader& x) { l.segments.push_back(readSegment(x)); });
    r.object("tie_down", [&](Reader& x) { l.tieDown = TieDown{x.whole("wires", 1), x.number("depth_mm", 12)}; });
    r.object("wire", [&](Reader& x) {
        l.pick = WirePick{x.neededText("spool"), x.whole("strands", 1), x.number("lay_mm", 0)};
        x.each("drops", 8, words("drop"), [&](Reader& d) {
            l.pick->drops.push_back({d.neededText("after"), d.whole("strands", 1)});
        });
    });
    l.noWire = r.text("no_wire", "");
    l.wraps = r.number("wraps", 0), l.loop_mm = r.number("loop_mm", 0), l.cut_mm = r.maybeNumber("cut_mm");
    l.extras = r.extras();
    return l;
}

Json limbJson(const Limb& l) {
    Json o{{"id", l.id}, {"name", l.name}, {"kind", wordOf(kKinds, l.kind)}};
    if (l.mirrored) o["mirrored"] = true;
    if (l.whip) o["whip"] = true, o["whip_posed"] = wordOf(kPosings, l.posing);
    if (!l.hangsOnLimb.empty()) o["hangs_on"] = {{"limb", l.hangsOnLimb}, {"joint", l.hangsOnJoint}};
    for (const Joint& j : l.joints)
        listIn(o, "joints").push_back(jointJson(j));
    for (const Segment& s : l.segments)
        listIn(o, "segments").push_back(segmentJson(s));
    if (l.tieDown) o["tie_down"] = {{"wires", l.tieDown->wires}, {"depth_mm", l.tieDown->depth_mm}};
    if (l.pick) o["wire"] = {{"spool", l.pick->spool}, {"strands", l.pick->strands}, {"lay_mm", l.pick->lay_mm}};
    if (l.pick)
        for (const StrandDrop& d : l.pick->drops)
            listIn(o["wire"], "drops").push_back({{"after", d.joint}, {"strands", d.strands}});
    if (!l.noWire.empty()) o["no_wire"] = l.noWire;
    if (l.cut_mm) o["cut_mm"] = *l.cut_mm;
    if (l.wraps != 0) o["wraps"] = l.wraps;
    if (l.loop_mm != 0) o["loop_mm"] = l.loop_mm;
    addExtras(o, l.extras);
    return o;
}

Mass readMass(Reader& r) {
    Mass m;
    m.id = r.neededText("id"), m.name = r.text("name", m.id);
    r.object("on", [&](Reader& x) { m.limb = x.neededText("limb"), m.segment = x.whole("segment", 1) - 1; });
    m.shape = r.word("shape", kShapes, MassShape::ellipsoid);
    m.at_mm = readPoint(r, "x_mm", "y_mm", "z_mm");
    m.half_mm = {r.number("half_x_mm", 0), r.number("half_y_mm", 0), r.number("half_z_mm", 0)};
    m.weighed_g = r.number("weighed_g", 0);
    m.side = r.word("side", kSides, Side::both);
    m.layers = readLayers(r);
    m.extras = r.extras();
    return m;
}

Json massJson(const Mass& m) {
    Json o{{"id", m.id},
           {"name", m.name},
           {"on", {{"limb", m.limb}, {"segment", m.segment + 1}}},
           {"shape", wordOf(kShapes, m.shape)},
           {"x_mm", m.at_mm.x},
           {"y_mm", m.at_mm.y},
           {"z_mm", m.at_mm.z},
           {"half_x_mm", m.half_mm.x},
           {"half_y_mm", m.half_mm.y},
           {"half_z_mm", m.half_mm.z}};
    if (m.shape == MassShape::weighed) o["weighed_g"] = m.weighed_g;
    if (m.side != Side::both) o["side"] = wordOf(kSides, m.side);
    if (Json l = layersJson(m.layers); !l.empty()) o["layers"] = l;
    addExtras(o, m.extras);
    return o;
}

Pose readPose(Reader& r) {
    Pose p;
    p.name = r.text("name", ""), p.plantedRight = r.flag("planted_right", false);
    r.each("angles", 8192, words("angle"), [&](Reader& x) {
        p.angles.push_back({x.neededText("limb"), x.neededText("joint"), x.flag("right", false),
                            degToRad(x.number("forth_deg", 0)), degToRad(x.number("aside_deg", 0))});
    });
    return p;
}

Json poseJson(const Pose& p) {
    Json o{{"name", p.name}, {"angles", Json::array()}};
    if (p.plantedRight) o["planted_right"] = true;
    for (const JointAngle& a : p.angles) {
        Json j{{"limb", a.limb}, {"joint", a.joint}};
        if (a.right) j["right"] = true;
        if (a.forth_rad != 0) j["forth_deg"] = exactDegrees(a.forth_rad);
        if (a.aside_rad != 0) j["aside_deg"] = exactDegrees(a.aside_rad);
        listIn(o, "angles").push_back(j);
    }
    return o;
}

void readSheet(Reader& r, Puppet& p) {
    r.object("board", [&](Reader& x) { p.board = readPose(x); });
    r.each("poses", 500, words("pose"), [&](Reader& x) { p.poses.push_back(readPose(x)); });
    r.each("pictures", 16, words("picture"), [&](Reader& x) {
        p.pictures.push_back({x.neededText("file"),
                              x.flag("side", false),
                              x.number("x_mm", 0),
                              x.number("y_mm", 0),
                              x.neededNumber("mm_per_px"),
                              degToRad(x.number("angle_deg", 0)),
                              x.number("strength", 0.5),
                              x.number("crop_left", 0),
                              x.number("crop_top", 0),
                              x.number("crop_right", 0),
                              x.number("crop_bottom", 0),
                              {},
                              0,
                              0,
                              0,
                              0});
        Picture& y = p.pictures.back();
        if (x.has("seen_from")) y.seen = x.word("seen_from", kSeen, Seen::front);
        y.width_px = x.whole("width_px", 0), y.height_px = x.whole("height_px", 0);
        y.figureTop = x.number("figure_top", 0), y.figureBottom = x.number("figure_bottom", 0);
        // Half of a measure says nothing, and is not written either.
        if (y.width_px <= 0) y.width_px = y.height_px = 0;
        if (y.figureBottom <= y.figureTop) y.figureTop = y.figureBottom = 0;
    });
    r.each("proportions", 200, words("proportion"), [&](Reader& x) {
        p.proportions.push_back({x.neededText("key"), x.neededNumber("target"), x.number("tolerance", 0.1)});
    });
    r.each("measures", 500, words("measure"), [&](Reader& x) {
        Measure m{x.text("name", ""), {}, {}, x.maybeNumber("measured_mm"), x.maybeNumber("other_side_mm")};
        m.from_mm = readPoint(x, "from_x_mm", "from_y_mm", "from_z_mm"),
        m.to_mm = readPoint(x, "to_x_mm", "to_y_mm", "to_z_mm");
        p.measures.push_back(m);
    });
    r.object("rig", [&](Reader& x) { p.rig = RigPoint{x.neededText("limb"), x.whole("segment", 1) - 1}; });
}

void addSheet(Json& o, const Puppet& p) {
    if (!(p.board == Pose{})) o["board"] = poseJson(p.board);
    for (const Pose& x : p.poses)
        listIn(o, "poses").push_back(poseJson(x));
    for (const Picture& x : p.pictures) {
        listIn(o, "pictures")
            .push_back({{"file", x.file},
                        {"side", x.side},
                        {"x_mm", x.x_mm},
                        {"y_mm", x.y_mm},
                        {"mm_per_px", x.mm_px},
                        {"angle_deg", exactDegrees(x.angle_rad)},
                        {"strength", x.strength},
                        {"crop_left", x.cropLeft},
                        {"crop_top", x.cropTop},
                        {"crop_right", x.cropRight},
                        {"crop_bottom", x.cropBottom}});
        Json& y = o["pictures"].back();
        if (x.seen) y["seen_from"] = wordOf(kSeen, *x.seen);
        if (x.width_px > 0) y["width_px"] = x.width_px, y["height_px"] = x.height_px;
        if (x.figureBottom > x.figureTop) y["figure_top"] = x.figureTop, y["figure_bottom"] = x.figureBottom;
    }
    for (const Proportion& x : p.proportions)
        listIn(o, "proportions").push_back({{"key", x.key}, {"target", x.target}, {"tolerance", x.tolerance}});
    for (const Measure& m : p.measures) {
        Json j{{"name", m.name},           {"from_x_mm", m.from_mm.x}, {"from_y_mm", m.from_mm.y},
               {"from_z_mm", m.from_mm.z}, {"to_x_mm", m.to_mm.x},     {"to_y_mm", m.to_mm.y},
               {"to_z_mm", m.to_mm.z}};
        if (m.measured_mm) j["measured_mm"] = *m.measured_mm;
        if (m.other_mm) j["other_side_mm"] = *m.other_mm;
        listIn(o, "measures").push_back(j);
    }
    if (p.rig) o["rig"] = {{"limb", p.rig->limb}, {"segment", p.rig->segment + 1}};
}

} // namespace

Puppet readPuppet(Reader& r) {
    Puppet p;
    p.id = r.neededText("id"), p.name = r.text("name", p.id), p.kind = r.text("kind", ""), p.note = r.text("note", "");
    p.height_mm = r.neededNumber("height_mm");
    p.deadline = readTime(r, "deadline");
    r.object("wants", [&](Reader& x) {
        const Wants w;
        if (const auto lean = x.maybeNumber("lean_deg")) p.wants.lean_rad = degToRad(*lean);
        if (const auto set = x.maybeNumber("set_deg")) p.wants.set_rad = degToRad(*set);
        p.wants.holdFactor = x.number("hold_factor", w.holdFactor), p.wants.film_s = x.number("film_s", w.film_s);
        p.wants.retakes = x.number("retakes", w.retakes), p.wants.reserve = x.number("reserve", w.reserve);
        p.wants.mostStrands = x.whole("most_strands", w.mostStrands),
        p.wants.mayDrop = x.flag("strands_may_drop", true);
        x.each("disliked_gauges", 50, words("gauge"),
               [&](Reader& g) { p.wants.disliked_mm.push_back(g.neededNumber("diameter_mm")); });
        x.each("step_order", 200, words("order of steps"), [&](Reader& y) {
            p.wants.order.push_back({y.neededText("first"), y.neededText("then")});
        });
        p.wants.begin = x.word("begin_with", kBegins, w.begin),
        p.wants.baseTurn = x.word("base", kBaseTurns, w.baseTurn);
        p.wants.thisPoseOnly = x.flag("this_pose_only", false), p.wants.steadied = x.flag("steadied", false);
        p.wants.aim = x.word("aim", kAims, w.aim), p.wants.steelMayPose = x.flag("steel_may_pose", false);
        p.wants.acting = x.word("acting", kActing, w.acting), p.wants.feetDown = x.whole("feet_down", 0);
        p.wants.poseEvery_s = x.number("pose_every_s", w.poseEvery_s);
        x.each("shot", 2000, words("pose"), [&](Reader& s) { p.wants.shot.push_back(s.neededText("pose")); });
        p.wants.camera_rad = degToRad(x.number("camera_deg", 0));
        p.wants.bakes = x.word("bakes", kSchools, w.bakes);
        x.each("loads", 32, words("bake"), [&](Reader& b) {
            OvenLoad load;
            load.name = b.text("name", "");
            b.each("limbs", 256, words("limb"), [&](Reader& l) { load.limbs.push_back(l.neededText("limb")); });
            b.each("masses", 256, words("mass"), [&](Reader& m) { load.masses.push_back(m.neededText("mass")); });
            load.withEarlier = b.flag("with_earlier", true);
            load.set_C = b.number("set_C", 0), load.minutes = b.number("minutes", 0);
            p.wants.loads.push_back(std::move(load));
        });
        x.each("in_oven", 64, words("thing"), [&](Reader& t) { p.wants.inOven.push_back(t.neededText("card")); });
    });
    r.each("limbs", 256, words("limb"), [&](Reader& x) { p.limbs.push_back(readLimb(x)); });
    r.each("masses", 256, words("mass"), [&](Reader& x) { p.masses.push_back(readMass(x)); });
    r.each("left", 2000, words("point"), [&](Reader& x) {
        p.left.push_back({x.neededText("point"), x.text("because", "")});
    });
    readSheet(r, p);
    p.things = readThings(r);
    // A design kept aside has none itself, so this goes one level deep and no further.
    r.each("aside", 1, words("design kept aside"), [&](Reader& x) { p.aside.push_back(readPuppet(x)); });
    p.extras = r.extras();
    return p;
}

Json puppetJson(const Puppet& p) {
    Json o{{"id", p.id},
           {"name", p.name},
           {"kind", p.kind},
           {"height_mm", p.height_mm},
           {"wants",
            {{"lean_deg", exactDegrees(p.wants.lean_rad)},
             {"set_deg", exactDegrees(p.wants.set_rad)},
             {"hold_factor", p.wants.holdFactor},
             {"film_s", p.wants.film_s},
             {"aim", wordOf(kAims, p.wants.aim)},
             {"steel_may_pose", p.wants.steelMayPose}}}};
    if (p.deadline) o["deadline"] = isoTime(*p.deadline);
    Json& wants = o["wants"];
    const Wants usual;
    if (p.wants.retakes != usual.retakes) wants["retakes"] = p.wants.retakes;
    if (p.wants.reserve != usual.reserve) wants["reserve"] = p.wants.reserve;
    if (p.wants.mostStrands != usual.mostStrands) wants["most_strands"] = p.wants.mostStrands;
    if (!p.wants.mayDrop) wants["strands_may_drop"] = false;
    for (double d : p.wants.disliked_mm)
        listIn(wants, "disliked_gauges").push_back({{"diameter_mm", d}});
    if (p.wants.thisPoseOnly) wants["this_pose_only"] = true;
    for (const body::StepOrder& order : p.wants.order)
        listIn(wants, "step_order").push_back({{"first", order.first}, {"then", order.then}});
    if (p.wants.begin != usual.begin) wants["begin_with"] = wordOf(kBegins, p.wants.begin);
    if (p.wants.baseTurn != usual.baseTurn) wants["base"] = wordOf(kBaseTurns, p.wants.baseTurn);
    if (p.wants.steadied) wants["steadied"] = true;
    for (const LeftPoint& x : p.left) {
        listIn(o, "left").push_back({{"point", x.key}});
        if (!x.because.empty()) o["left"].back()["because"] = x.because;
    }
    if (p.wants.acting != Acting::plain) o["wants"]["acting"] = wordOf(kActing, p.wants.acting);
    if (p.wants.feetDown != 0) o["wants"]["feet_down"] = p.wants.feetDown;
    for (const std::string& pose : p.wants.shot)
        listIn(o["wants"], "shot").push_back({{"pose", pose}});
    if (p.wants.poseEvery_s != 1) o["wants"]["pose_every_s"] = p.wants.poseEvery_s;
    if (p.wants.camera_rad != 0) o["wants"]["camera_deg"] = exactDegrees(p.wants.camera_rad);
    if (p.wants.bakes != BakeSchool::once) o["wants"]["bakes"] = wordOf(kSchools, p.wants.bakes);
    for (const OvenLoad& load : p.wants.loads) {
        Json b{{"name", load.name}, {"with_earlier", load.withEarlier}};
        for (const std::string& id : load.limbs)
            listIn(b, "limbs").push_back({{"limb", id}});
        for (const std::string& id : load.masses)
            listIn(b, "masses").push_back({{"mass", id}});
        if (load.set_C != 0) b["set_C"] = load.set_C;
        if (load.minutes != 0) b["minutes"] = load.minutes;
        listIn(o["wants"], "loads").push_back(std::move(b));
    }
    for (const std::string& card : p.wants.inOven)
        listIn(o["wants"], "in_oven").push_back({{"card", card}});
    if (!p.note.empty()) o["note"] = p.note;
    for (const Puppet& second : p.aside)
        listIn(o, "aside").push_back(puppetJson(second));
    for (const Limb& l : p.limbs)
        listIn(o, "limbs").push_back(limbJson(l));
    for (const Mass& m : p.masses)
        listIn(o, "masses").push_back(massJson(m));
    addSheet(o, p);
    addThings(o, p.things);
    addExtras(o, p.extras);
    return o;
}

std::string limbText(const Limb& limb) { return limbJson(limb).dump(); }

Result<Limb> parseLimb(const std::string& text) {
    const auto json = parseJson(text, "limb");
    if (!json) return json.fault();
    std::optional<Fault> fault;
    Reader r(*json, words("limb"), fault);
    Limb l = readLimb(r);
    if (fault) return *fault;
    return l;
}

} // namespace enkinet::files
