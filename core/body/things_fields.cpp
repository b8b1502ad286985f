// The tables of what sits on the body.
#include "base/rules.h"
#include "body/things.h"
#include "schema/table.h"

namespace enkinet::body {

using namespace schema;

namespace {

bool isOnSegment(const Spot& s) { return !s.base && s.feature.empty() && s.mass.empty() && !s.limb.empty(); }

void checkStands(Rules& r, const Phrase& place, const Spot& s, bool mayBase) {
    r.that(!s.isNowhere(), place, words("place"), words("is not said"));
    // A file keeps one of them.
    r.that(s.base + !s.feature.empty() + !s.mass.empty() + !s.limb.empty() <= 1, place, words("place"),
           words("must be one: a segment, a piece, a feature or the base"));
    r.that(mayBase || !s.base, place, words("the base"), words("cannot carry it"));
}

} // namespace

const Words& wordsOf(Stage) {
    static const Words all = makeWords<Stage>({{Stage::wire, "wire", words("wire")},
                                               {Stage::bulk, "bulk", words("bulk")},
                                               {Stage::skin, "skin", words("skin")},
                                               {Stage::bake, "bake", words("bake")},
                                               {Stage::paint, "paint", words("paint")},
                                               {Stage::cover, "cover", words("cover")},
                                               {Stage::shoot, "shoot", words("shoot")}});
    return all;
}
const Words& wordsOf(FeatureShape) {
    static const Words all = makeWords<FeatureShape>({{FeatureShape::ball, "ball", words("ball")},
                                                      {FeatureShape::half_ball, "half ball", words("half ball")},
                                                      {FeatureShape::disc, "disc", words("disc")},
                                                      {FeatureShape::cone, "cone", words("cone")},
                                                      {FeatureShape::piece, "piece", words("piece")}});
    return all;
}
const Words& wordsOf(Side) {
    static const Words all = makeWords<Side>({{Side::both, "both", words("both")},
                                              {Side::left, "left", words("left")},
                                              {Side::right, "right", words("right")}});
    return all;
}
const Words& wordsOf(BondKind) {
    static const Words all = makeWords<BondKind>({{BondKind::wrap, "wrap", words("wrap")},
                                                  {BondKind::pin, "pin", words("pin")},
                                                  {BondKind::dowel, "dowel", words("dowel")},
                                                  {BondKind::rod, "rod", words("rod")},
                                                  {BondKind::magnet, "magnet", words("magnet")},
                                                  {BondKind::glue, "glue", words("glue")},
                                                  {BondKind::putty, "putty", words("putty")},
                                                  {BondKind::stitched, "stitched", words("stitched")}});
    return all;
}
const Words& wordsOf(BaseShape) {
    static const Words all = makeWords<BaseShape>({{BaseShape::rectangle, "rectangle", words("rectangle")},
                                                   {BaseShape::disc, "disc", words("disc")},
                                                   {BaseShape::floor, "floor", words("floor")}});
    return all;
}
const Words& wordsOf(BaseStuff) {
    static const Words all = makeWords<BaseStuff>({{BaseStuff::softwood, "softwood", words("softwood")},
                                                   {BaseStuff::balsa, "balsa", words("balsa")},
                                                   {BaseStuff::fibreboard, "fibreboard", words("fibreboard")},
                                                   {BaseStuff::foam, "foam", words("foam")},
                                                   {BaseStuff::plaster, "plaster", words("plaster")},
                                                   {BaseStuff::metal, "metal", words("metal")}});
    return all;
}
const Words& wordsOf(SheetCore) {
    static const Words all = makeWords<SheetCore>({{SheetCore::none, "none", words("none")},
                                                   {SheetCore::wire, "wire", words("wire")},
                                                   {SheetCore::mesh, "mesh", words("mesh")}});
    return all;
}

const Words& wordsOf(ThingKind) {
    static const Words all = makeWords<ThingKind>({{ThingKind::feature, "features", words("features")},
                                                   {ThingKind::bond, "bonds", words("bonds")},
                                                   {ThingKind::base, "base", words("base")},
                                                   {ThingKind::sheet, "sheets", words("sheets")},
                                                   {ThingKind::run, "runs", words("runs")},
                                                   {ThingKind::prop, "props", words("props")},
                                                   {ThingKind::variant, "variants", words("variants")}});
    return all;
}

const Table& described(const Spot*) {
    static const Table table = makeTable<Spot>(
        words("place"), words("places"),
        {field<&Spot::base>("base", words("base")).to(RefKind::base).about("in the base"),
         field<&Spot::feature>("feature", words("feature"))
             .to(RefKind::feature)
             .where<[](const Spot& s) { return !s.base; }>()
             .about("on another feature"),
         field<&Spot::mass>("mass", words("mass"))
             .to(RefKind::mass)
             .where<[](const Spot& s) { return !s.base && s.feature.empty(); }>()
             .about("on a mass"),
         field<&Spot::limb>("limb", words("limb")).where<isOnSegment>().about("else on a segment of this limb"),
         field<&Spot::segment>("segment", words("segment"))
             .fromOne()
             .always()
             .to(RefKind::segment, "limb")
             .where<isOnSegment>()
             .about("counted from 1")});
    return table;
}

ENKINET_COMPARED_BODY(Feature)
const Table& described(const Feature*) {
    static const Table table = [] {
        Table t = makeTable<Feature>(
            words("feature"), words("features"),
            {idField<&Feature::id>(),
             nameField<&Feature::name>().atLeast(1),
             field<&Feature::on>("on", words("place")).always(),
             field<&Feature::side>("side", words("side")).about("on a mirrored limb"),
             field<&Feature::at>("at", words("from"))
                 .between(0, 1)
                 .about("stretch along the host, shares of its length"),
             field<&Feature::to>("to", words("to")).between(0, 1),
             field<&Feature::angle_deg>("angle_deg", words("angle"), Dimension::angle)
                 .between(-360, 360)
                 .about("round the host, from the front to the left"),
             field<&Feature::count>("count", words("count")).between(1, 5000).about("of each side"),
             field<&Feature::pitch_mm>("pitch_mm", words("pitch"), Dimension::length)
                 .between(0, 500)
                 .about("along the stretch; 0: the count"),
             field<&Feature::rowPitch_mm>("row_pitch_mm", words("pitch of rows"), Dimension::length)
                 .between(0, 500)
                 .about("round the girth; 0: one row"),
             field<&Feature::shape>("shape", words("shape")),
             field<&Feature::first_mm>("first_mm", words("size"), Dimension::length)
                 .between(0, 1000)
                 .about("diameter of the first"),
             field<&Feature::last_mm>("last_mm", words("last size"), Dimension::length)
                 .between(0, 1000)
                 .about("of the last; 0: all alike"),
             field<&Feature::geometric>("geometric", words("growing by a factor"))
                 .about("sizes grow by a factor, else evenly"),
             field<&Feature::length_mm>("length_mm", words("length"), Dimension::length)
                 .between(0, 1000)
                 .about("of a cone, or a disc's thickness"),
             field<&Feature::sunk>("sunk", words("sunk")).between(0, 1).about("share of the diameter in the host"),
             field<&Feature::clay>("clay", words("clay")).about("card; without it mass_g"),
             field<&Feature::mass_g>("mass_g", words("weight"), Dimension::mass)
                 .between(0, 1e4)
                 .about("of one, as weighed; 0: from size and clay"),
             field<&Feature::apart>("apart", words("made apart")).about("made apart from the host"),
             field<&Feature::hard>("hard", words("hard")).about("hard when it goes on"),
             field<&Feature::limit_C>("limit_C", words("heat limit"), Dimension::heat)
                 .between(0, 1500)
                 .about("up to here it comes to no harm; 0: heat does not matter"),
             field<&Feature::before>("before", words("before")).about("fitted before this stage"),
             field<&Feature::spares>("spares", words("spares")).between(0, 1000),
             field<&Feature::timed_s>("timed", words("timed sample"), Dimension::seconds)
                 .eachAs("seconds")
                 .between(0.1, 36000)
                 .about("what one took, as timed"),
             field<&Feature::tool_min>("tool_min", words("tool"), Dimension::minutes)
                 .between(0, 6000)
                 .about("to make a stamp, mould or roller"),
             field<&Feature::toolEach_s>("tool_each_s", words("with the tool"), Dimension::seconds)
                 .between(0, 36000)
                 .about("for one with it"),
             field<&Feature::ticked>("signed_off", words("signed off"))
                 .eachAs("side")
                 .upTo(5)
                 .about("sides: front, back, left, right, below")});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Feature& f) {
            checkStands(r, place, f.on, false);
            if (!(f.to >= f.at)) r.broken(place, words("stretch"), words("must end where it begins or beyond"));
            for (double mm : {f.pitch_mm, f.rowPitch_mm})
                if (mm != 0 && !(mm >= 0.2))
                    r.broken(place,
                             words("%1 %2", mm == f.pitch_mm ? words("pitch") : words("pitch of rows"),
                                   quantity(mm, Dimension::length)),
                             words("must be %1 or more", quantity(0.2, Dimension::length)));
            if (f.geometric && f.last_mm != 0 && !(f.first_mm > 0))
                r.broken(place, words("first size %1", quantity(0, Dimension::length)),
                         words("must be above 0 where sizes grow by a factor"));
        }>();
        return t;
    }();
    return table;
}

ENKINET_COMPARED_BODY(Bond)
const Table& described(const Bond*) {
    static const Table table = [] {
        Table t = makeTable<Bond>(
            words("bond"), words("bonds"),
            {idField<&Bond::id>(),
             nameField<&Bond::name>().atLeast(1),
             field<&Bond::kind>("kind", words("kind")),
             field<&Bond::from>("from", words("place")).always(),
             field<&Bond::to>("to", words("place")).always(),
             field<&Bond::diameter_mm>("diameter_mm", words("diameter"), Dimension::length)
                 .between(0, 200)
                 .about("of the pin, dowel, rod, joint face or magnet"),
             field<&Bond::depth_mm>("depth_mm", words("depth"), Dimension::length)
                 .between(0, 200)
                 .about("in the first"),
             field<&Bond::depthTo_mm>("depth_to_mm", words("depth"), Dimension::length)
                 .between(0, 200)
                 .about("in the second"),
             field<&Bond::free_mm>("free_mm", words("free length"), Dimension::length)
                 .between(0, 1000)
                 .about("between them"),
             field<&Bond::clearance_mm>("clearance_mm", words("clearance"), Dimension::length)
                 .between(0, 20)
                 .about("of the hole over the pin"),
             field<&Bond::wire>("wire", words("wire")).about("card of a pin or rod"),
             field<&Bond::adhesive>("adhesive", words("adhesive")).about("card"),
             field<&Bond::socket>("socket", words("socket"))
                 .about("in the body it sits in a tube or putty that is bound to the wire"),
             field<&Bond::hold_N>("hold_N", words("hold"), Dimension::force).between(0, 1000).about("of a magnet"),
             field<&Bond::force_N>("force_N", words("force"), Dimension::force)
                 .between(0, 1000)
                 .about("what it has to stand; 0: from the weight beyond it"),
             field<&Bond::moment_Nmm>("moment_Nmm", words("moment"), Dimension::moment).between(0, 1e6),
             field<&Bond::before>("before", words("before")).about("its hole is made before this stage"),
             field<&Bond::comesOff>("comes_off", words("comes off")),
             field<&Bond::raw>("raw", words("stuck raw")).about("stuck while the clay of one face is raw"),
             field<&Bond::paintOff>("paint_kept_off", words("paint kept off")).about("of both faces")});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Bond& b) {
            checkStands(r, place, b.from, true);
            checkStands(r, place, b.to, true);
            r.that(!(b.from == b.to), place, words("both ends"), words("must sit on different things"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Base*) {
    static const Table table = [] {
        Table t = makeTable<Base>(
            words("base"), words("bases"),
            {field<&Base::shape>("shape", words("shape")), field<&Base::stuff>("stuff", words("material")),
             field<&Base::width_mm>("width_mm", words("width"), Dimension::length)
                 .between(1, 5000)
                 .about("of a disc its diameter"),
             field<&Base::depth_mm>("depth_mm", words("depth"), Dimension::length).between(0, 5000),
             field<&Base::thickness_mm>("thickness_mm", words("thickness"), Dimension::length).between(0.5, 500),
             field<&Base::x_mm>("x_mm", words("x"), Dimension::length)
                 .between(-3000, 3000)
                 .in("place")
                 .about("its middle"),
             field<&Base::z_mm>("z_mm", words("z"), Dimension::length).between(-3000, 3000).in("place"),
             field<&Base::weight_g>("weight_g", words("weight"), Dimension::mass)
                 .between(0, 1e6)
                 .about("weighed; 0: from its volume")});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Base& b) {
            if (b.shape != BaseShape::disc) r.between(place, words("depth"), b.depth_mm, 1, 5000);
        }>();
        return t;
    }();
    return table;
}

ENKINET_COMPARED_BODY(Sheet)
const Table& described(const Sheet*) {
    static const Table table = [] {
        Table t = makeTable<Sheet>(
            words("sheet"), words("sheets"),
            {idField<&Sheet::id>(), nameField<&Sheet::name>().atLeast(1),
             field<&Sheet::on>("on", words("place")).always(),
             field<&Sheet::to>("to", words("place")).about("of a web: the other segment that it is held by"),
             field<&Sheet::length_mm>("length_mm", words("length"), Dimension::length).between(0.5, 2000),
             field<&Sheet::width_mm>("width_mm", words("width"), Dimension::length).between(0.5, 2000),
             field<&Sheet::thickness_mm>("thickness_mm", words("thickness"), Dimension::length).between(0.05, 50),
             field<&Sheet::radius_mm>("radius_mm", words("radius"), Dimension::length)
                 .between(0, 5000)
                 .about("least radius that it is bent to; 0: flat"),
             field<&Sheet::core>("core", words("core")), field<&Sheet::clay>("clay", words("clay")).about("card"),
             field<&Sheet::cover>("cover", words("cover")).about("card"),
             field<&Sheet::bentRaw>("bent_raw", words("bent raw")).about("shaped while it is raw, and cured so")});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Sheet& s) {
            checkStands(r, place, s.on, false);
            r.that(!s.to.base, place, words("the base"), words("cannot carry it"));
            r.that(s.to.isNowhere() || (!s.on.limb.empty() && !s.to.limb.empty() && !(s.on == s.to)), place,
                   words("web"), words("must hang between two different segments"));
        }>();
        return t;
    }();
    return table;
}

ENKINET_COMPARED_BODY(Run)
const Table& described(const Run*) {
    static const Table table = [] {
        Table t = makeTable<Run>(
            words("run"), words("runs"),
            {idField<&Run::id>(), nameField<&Run::name>().atLeast(1), field<&Run::limb>("limb", words("limb")),
             field<&Run::fromSegment>("from_segment", words("first segment"))
                 .fromOne()
                 .to(RefKind::segment, "limb")
                 .about("counted from 1"),
             field<&Run::toSegment>("to_segment", words("last segment")).fromOne().to(RefKind::segment, "limb"),
             field<&Run::outer_mm>("outer_mm", words("diameter"), Dimension::length).between(0.1, 50),
             field<&Run::leastBend_mm>("least_bend_mm", words("least bend"), Dimension::length).between(0, 500),
             field<&Run::tested>("tested", words("tested")).about("lit before it was closed")});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Run& x) {
            r.that(x.toSegment >= x.fromSegment, place, words("limb %1", x.limb.substr(0, 70)),
                   words("has no such segments"));
        }>();
        return t;
    }();
    return table;
}

ENKINET_COMPARED_BODY(Prop)
const Table& described(const Prop*) {
    static const Table table = [] {
        Table t = makeTable<Prop>(
            words("prop"), words("props"),
            {idField<&Prop::id>(), nameField<&Prop::name>().atLeast(1),
             field<&Prop::hand>("hand", words("hand")).always(), field<&Prop::side>("side", words("side")),
             field<&Prop::mass_g>("mass_g", words("weight"), Dimension::mass).between(0, 1e4),
             field<&Prop::grip_mm>("grip_mm", words("grip"), Dimension::length).between(0, 200),
             field<&Prop::pose>("pose", words("pose"))
                 .to(RefKind::pose, nullptr, Loss::clear)
                 .about("carried in this pose; empty: always"),
             field<&Prop::tried>("tried", words("tried")).about("in the hand before that was hard")});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Prop& x) { checkStands(r, place, x.hand, false); }>();
        return t;
    }();
    return table;
}

ENKINET_COMPARED_BODY(Variant)
const Table& described(const Variant*) {
    static const Table table = [] {
        Table t = makeTable<Variant>(
            words("variant"), words("variants"),
            {idField<&Variant::id>(), nameField<&Variant::name>().atLeast(1),
             field<&Variant::mass>("mass", words("slot"))
                 .needed()
                 .atLeast(1)
                 .to(RefKind::mass)
                 .about("whose slot it takes"),
             field<&Variant::weighed_g>("weighed_g", words("weight"), Dimension::mass).between(0, 1e5),
             field<&Variant::length_mm>("length_mm", words("length"), Dimension::length).between(0, 3000),
             field<&Variant::minutes>("minutes", words("minutes"), Dimension::minutes).between(0, 1e5)});
        t.writtenWhole();
        return t;
    }();
    return table;
}

ENKINET_COMPARED_BODY(Things)
const Table& described(const Things*) {
    static const Table table = makeTable<Things>(
        words("things"), words("things"),
        {field<&Things::features>("features", words("features")).upTo(500),
         field<&Things::bonds>("bonds", words("bonds")), field<&Things::base>("base", words("base")),
         field<&Things::sheets>("sheets", words("sheets")), field<&Things::runs>("runs", words("runs")),
         field<&Things::props>("props", words("props")), field<&Things::variants>("variants", words("variants")),
         field<&Things::copies>("copies", words("copies")).between(1, 50).about("doubles of the whole puppet")});
    return table;
}

} // namespace enkinet::body
