// The tables of the puppet as it is drawn.
#include "base/text.h"
#include "body/puppet.h"
#include <algorithm>

namespace enkinet::body {

using namespace schema;

namespace {

struct IsoTime {
    static std::string text(Minute at) { return isoTime(at); }
    static std::optional<Minute> parse(const std::string& text) { return parseIsoTime(text); }
};

bool isPosed(const Joint& j) { return j.posed; }
bool isHung(const Limb& l) { return !l.hangsOnLimb.empty(); }

} // namespace

const Words& wordsOf(Stiffening) {
    static const Words all = makeWords<Stiffening>({{Stiffening::usual, "usual", words("as usual")},
                                                    {Stiffening::putty, "putty", words("putty")},
                                                    {Stiffening::tube, "tube", words("tube")},
                                                    {Stiffening::bound, "bound", words("bound")},
                                                    {Stiffening::none, "none", words("none")}});
    return all;
}
const Words& wordsOf(Posing) {
    static const Words all = makeWords<Posing>(
        {{Posing::by_tip, "by its tip", words("by its tip")}, {Posing::along, "along", words("along")}});
    return all;
}
const Words& wordsOf(LimbKind) {
    static const Words all = makeWords<LimbKind>({{LimbKind::spine, "spine", words("spine")},
                                                  {LimbKind::arm, "arm", words("arm")},
                                                  {LimbKind::leg, "leg", words("leg")},
                                                  {LimbKind::finger, "finger", words("finger")},
                                                  {LimbKind::tail, "tail", words("tail")},
                                                  {LimbKind::neck, "neck", words("neck")},
                                                  {LimbKind::wing, "wing", words("wing")},
                                                  {LimbKind::ear, "ear", words("ear")},
                                                  {LimbKind::jaw, "jaw", words("jaw")},
                                                  {LimbKind::other, "other", words("other")}});
    return all;
}
const Words& wordsOf(MassShape) {
    static const Words all = makeWords<MassShape>({{MassShape::ellipsoid, "ellipsoid", words("ellipsoid")},
                                                   {MassShape::box, "box", words("box")},
                                                   {MassShape::weighed, "weighed", words("weighed")}});
    return all;
}
const Words& wordsOf(Aim) {
    static const Words all = makeWords<Aim>({{Aim::simple, "simplest to make", words("simplest to make")},
                                             {Aim::life, "longest life", words("longest life")},
                                             {Aim::light, "lightest", words("lightest")},
                                             {Aim::easy, "easiest", words("easiest")},
                                             {Aim::cheap, "cheapest", words("cheapest")},
                                             {Aim::spools, "fewest spools", words("fewest spools")}});
    return all;
}
const Words& wordsOf(Acting) {
    static const Words all = makeWords<Acting>({{Acting::quiet, "quiet", words("quiet")},
                                                {Acting::plain, "plain", words("plain")},
                                                {Acting::broad, "broad", words("broad")}});
    return all;
}
const Words& wordsOf(BakeSchool) {
    static const Words all = makeWords<BakeSchool>({{BakeSchool::once, "once", words("once")},
                                                    {BakeSchool::staged, "limb by limb", words("limb by limb")},
                                                    {BakeSchool::own, "own list", words("own list")}});
    return all;
}
const Words& wordsOf(Begin) {
    static const Words all = makeWords<Begin>({{Begin::as_it_falls, "as it falls", words("as it falls")},
                                               {Begin::head, "head", words("head")},
                                               {Begin::feet, "feet", words("feet")},
                                               {Begin::body, "body", words("body")}});
    return all;
}
const Words& wordsOf(BaseTurn) {
    static const Words all = makeWords<BaseTurn>({{BaseTurn::as_it_falls, "as it falls", words("as it falls")},
                                                  {BaseTurn::first, "first", words("first")},
                                                  {BaseTurn::last, "last", words("last")}});
    return all;
}
const Words& wordsOf(Seen) {
    static const Words all = makeWords<Seen>({{Seen::front, "front", words("front")},
                                              {Seen::back, "back", words("back")},
                                              {Seen::left, "left", words("left")},
                                              {Seen::right, "right", words("right")},
                                              {Seen::below, "below", words("below")}});
    return all;
}

const Table& described(const Station*) {
    static const Table table = makeTable<Station>(
        words("station"), words("stations"),
        {field<&Station::at>("at", words("place")).needed().between(0, 1).about("share of the bone's length"),
         field<&Station::a_mm>("a_mm", words("half-width a"), Dimension::length)
             .needed()
             .above(1000)
             .about("in the front picture"),
         field<&Station::b_mm>("b_mm", words("half-width b"), Dimension::length)
             .needed()
             .above(1000)
             .about("in the side picture"),
         field<&Station::skin_mm>("skin_mm", words("skin"), Dimension::length)
             .above(100)
             .about("where the skin has a thickness of its own")});
    return table;
}

const Table& described(const Coat*) {
    static const Table table = makeTable<Coat>(
        words("coat"), words("coats"),
        {field<&Coat::clay>("clay", words("clay card")).needed().atLeast(1).to(RefKind::clay_card),
         field<&Coat::thickness_mm>("thickness_mm", words("thickness"), Dimension::length).needed().above(100),
         field<&Coat::load>("load", words("load"))
             .between(0, 20)
             .about("cured by a load of its own before the skin goes on; 0: with what goes over it")});
    return table;
}

const Table& described(const Layers*) {
    static const Table table = [] {
        Table t =
            makeTable<Layers>(words("layers"), words("layers"),
                              {field<&Layers::bulk>("bulk", words("bulk card")).to(RefKind::bulk_card),
                               field<&Layers::coats>("coats", words("coats beneath the skin"))
                                   .upTo(kMostCoats - 1)
                                   .about("of clay beneath the skin, inside out"),
                               field<&Layers::clay>("clay", words("clay card")).to(RefKind::clay_card),
                               field<&Layers::skin_mm>("skin_mm", words("skin"), Dimension::length).between(0, 100),
                               field<&Layers::relief>("relief", words("relief"))
                                   .between(0, 1)
                                   .about("muscle and folds, as a share of the skin"),
                               field<&Layers::skinAcrossGaps>("skin_across_gaps", words("skin across gaps")),
                               field<&Layers::cover>("cover", words("cover card")).to(RefKind::cover_card),
                               field<&Layers::cover_mm>("cover_mm", words("cover"), Dimension::length).between(0, 50),
                               field<&Layers::coverFrom>("cover_from", words("cover from"))
                                   .between(0, 1)
                                   .about("shares of the bone, for limbs"),
                               field<&Layers::coverTo>("cover_to", words("cover to")).between(0, 1),
                               field<&Layers::scheme>("scheme", words("paint scheme")).to(RefKind::scheme)});
        t.setRule<[](Rules& r, const Phrase& place, const Layers& l) {
            r.that(l.coverTo > l.coverFrom, place, words("cover from %1 to %2", l.coverFrom, l.coverTo),
                   words("must end beyond where it begins"));
            r.that(l.clay.empty() || l.skin_mm > 0, place, words("skin %1", quantity(0, Dimension::length)),
                   words("must be above 0 where a clay is named"));
            r.that(l.coats.empty() || !l.clay.empty(), place, words("coats of clay"), words("need a skin over them"));
            int load = 0;
            for (std::size_t i = 0; i < l.coats.size(); ++i) {
                const Coat& c = l.coats[i];
                r.that(c.load == 0 || c.load >= load, words("%1, coat %2", place, i + 1), words("load %1", c.load),
                       words("must not come before that of the coat beneath it, %1", load));
                load = std::max(load, c.load);
            }
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Segment*) {
    static const Table table = [] {
        Table t = makeTable<Segment>(words("segment"), words("segments"),
                                     {field<&Segment::name>("name", words("name")).always(),
                                      field<&Segment::stations>("stations", words("stations")).upTo(64),
                                      field<&Segment::layers>("layers", words("layers")),
                                      field<&Segment::bodyMass>("body_mass", words("body mass"))
                                          .about("chest, hips: wants 6 mm of cover over the armature in firm clay"),
                                      field<&Segment::grip>("grip", words("grip"))
                                          .between(0.05, 1)
                                          .about("where a hand takes it, share of its length from the moving joint"),
                                      field<&Segment::sleeve_mm>("sleeve_mm", words("sleeve"), Dimension::length)
                                          .between(0, 20)
                                          .about("wall of a sleeve on the bundle"),
                                      field<&Segment::stiffening>("stiffening", words("stiffening"))
                                          .about("usual: putty where the limb is posed, none where it is not")});
        t.setRule<[](Rules& r, const Phrase& place, const Segment& s) {
            r.that(s.stations.size() != 1, place, words("1 station"), words("must be none, or two and more"));
            for (std::size_t i = 1; i < s.stations.size(); ++i)
                r.that(s.stations[i].at > s.stations[i - 1].at, words("%1, station %2", place, i + 1),
                       words("place %1", s.stations[i].at), words("must lie beyond the station before it"));
            if (!s.stations.empty())
                r.that(s.stations.front().at == 0 && s.stations.back().at == 1, place, words("stations"),
                       words("must begin at 0 and end at 1"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Joint*) {
    static const Table table = [] {
        Table t = makeTable<Joint>(
            words("joint"), words("joints"),
            {idField<&Joint::id>(), nameField<&Joint::name>(),
             field<&Joint::at_mm, &Vec3::x>("x_mm", words("x"), Dimension::length)
                 .needed()
                 .between(-kFar_mm, kFar_mm)
                 .in("place")
                 .about("to the puppet's left"),
             field<&Joint::at_mm, &Vec3::y>("y_mm", words("y"), Dimension::length)
                 .needed()
                 .between(-kFar_mm, kFar_mm)
                 .in("place")
                 .about("up from the base"),
             field<&Joint::at_mm, &Vec3::z>("z_mm", words("z"), Dimension::length)
                 .always()
                 .between(-kFar_mm, kFar_mm)
                 .in("place")
                 .about("to the front"),
             field<&Joint::posed>("posed", words("posed")).implied("gap_mm"),
             field<&Joint::gap_mm>("gap_mm", words("gap"), Dimension::length)
                 .always()
                 .above(kLongestGap_mm)
                 .where<isPosed>()
                 .about("free wire; makes the joint a posed one, as all that follows"),
             angle<&Joint::low_rad>("low_deg", words("range")).always().between(-170, 0).where<isPosed>(),
             angle<&Joint::high_rad>("high_deg", words("range")).always().between(0, 170).where<isPosed>(),
             field<&Joint::edge>("edge_factor", words("edge factor"))
                 .always()
                 .between(1, 3)
                 .where<isPosed>()
                 .about("strain raiser where the gap meets a stiff end"),
             field<&Joint::movesPerSecond>("moves_per_s", words("moves per second"))
                 .always()
                 .above(24)
                 .where<isPosed>()
                 .about("cycles a second of film"),
             field<&Joint::formingBends>("forming_bends", words("forming bends"))
                 .between(0, 1000)
                 .where<isPosed>()
                 .about("full bends to and fro while it is built"),
             field<&Joint::need_s>("need_s", words("need"), Dimension::seconds)
                 .above(1e6)
                 .where<isPosed>()
                 .about("seconds of film wanted; without it the puppet's")});
        t.setRule<[](Rules& r, const Phrase& place, const Joint& j) {
            r.that(!j.posed || j.high_rad > j.low_rad, place, words("range %1", quantity(0, Dimension::angle)),
                   words("must be above 0 at a posed joint"));
        }>();
        t.extras = [](void* of) { return &static_cast<Joint*>(of)->extras; };
        return t;
    }();
    return table;
}

const Table& described(const StrandDrop*) {
    static const Table table =
        makeTable<StrandDrop>(words("drop"), words("strand drops"),
                              {field<&StrandDrop::joint>("after", words("joint")).needed().to(RefKind::joint),
                               field<&StrandDrop::strands>("strands", words("strands"))
                                   .always()
                                   .between(1, 7)
                                   .about("that run on beyond it")});
    return table;
}

const Table& described(const WirePick*) {
    static const Table table = makeTable<WirePick>(
        words("wire"), words("wires"),
        {field<&WirePick::spool>("spool", words("spool")).needed().to(RefKind::spool),
         field<&WirePick::strands>("strands", words("strands")).always().between(1, 7).about("at the root"),
         field<&WirePick::lay_mm>("lay_mm", words("lay"), Dimension::length).always().between(0, 1000),
         field<&WirePick::drops>("drops", words("strand drops"))
             .upTo(static_cast<std::size_t>(kMostDrops))
             .about("where strands end, root to tip")});
    return table;
}

const Table& described(const TieDown*) {
    static const Table table = makeTable<TieDown>(
        words("tie-down"), words("tie-downs"),
        {field<&TieDown::wires>("wires", words("tie-down wires")).always().between(1, 4),
         field<&TieDown::depth_mm>("depth_mm", words("tie-down depth"), Dimension::length).always().above(200)});
    return table;
}

namespace {

const Table& hangsOn() {
    static const Table table =
        makeTable<Limb>(words("place"), words("places"),
                        {field<&Limb::hangsOnLimb>("limb", words("limb")).needed().where<isHung>(),
                         field<&Limb::hangsOnJoint>("joint", words("joint")).needed().where<isHung>()});
    return table;
}

const Table& massOn() {
    static const Table table = makeTable<Mass>(
        words("place"), words("places"),
        {field<&Mass::limb>("limb", words("limb")).needed(), field<&Mass::segment>("segment", words("segment"))
                                                                 .always()
                                                                 .fromOne()
                                                                 .to(RefKind::segment, "limb")
                                                                 .about("counted from 1")});
    return table;
}

} // namespace

const Table& described(const Limb*) {
    static const Table table = [] {
        Table t = makeTable<Limb>(
            words("limb"), words("limbs"),
            {idField<&Limb::id>(), nameField<&Limb::name>(), field<&Limb::kind>("kind", words("kind")).always(),
             field<&Limb::mirrored>("mirrored", words("mirrored")).about("drawn once, on the left"),
             field<&Limb::whip>("whip", words("whip")).about("one posed joint, whose gap is its length"),
             field<&Limb::posing>("whip_posed", words("whip posed"))
                 .always()
                 .where<[](const Limb& l) { return l.whip; }>(),
             part<hangsOn>("hangs_on", words("hangs on")).about("missing on the one limb that all others hang on"),
             field<&Limb::joints>("joints", words("joints")).upTo(64),
             field<&Limb::segments>("segments", words("segments")).upTo(64).about("one fewer than joints"),
             field<&Limb::tieDown>("tie_down", words("tie-down")).about("how its tip is held to the base"),
             field<&Limb::pick>("wire", words("wire")).about("the builder's own pick"),
             field<&Limb::noWire>("no_wire", words("reason for no wire"))
                 .upTo(300)
                 .about("why the limb is to have none"),
             field<&Limb::wraps>("wraps", words("wraps")).between(0, 50).about("turns round the parent"),
             field<&Limb::loop_mm>("loop_mm", words("loop"), Dimension::length)
                 .between(0, 500)
                 .about("extra wire for a loop at the tip"),
             field<&Limb::cut_mm>("cut_mm", words("cut length"), Dimension::length)
                 .between(0, 2 * kFar_mm)
                 .about("finished length to which the wire has been cut already")});
        t.extras = [](void* of) { return &static_cast<Limb*>(of)->extras; };
        return t;
    }();
    return table;
}

const Table& described(const Mass*) {
    static const Table table = [] {
        Table t = makeTable<Mass>(
            words("mass"), words("masses"),
            {idField<&Mass::id>(), nameField<&Mass::name>(), part<massOn>("on", words("place")),
             field<&Mass::shape>("shape", words("shape")).always(),
             field<&Mass::at_mm, &Vec3::x>("x_mm", words("x"), Dimension::length)
                 .needed()
                 .between(-kFar_mm, kFar_mm)
                 .in("place")
                 .about("its middle"),
             field<&Mass::at_mm, &Vec3::y>("y_mm", words("y"), Dimension::length)
                 .needed()
                 .between(-kFar_mm, kFar_mm)
                 .in("place"),
             field<&Mass::at_mm, &Vec3::z>("z_mm", words("z"), Dimension::length)
                 .always()
                 .between(-kFar_mm, kFar_mm)
                 .in("place"),
             field<&Mass::half_mm, &Vec3::x>("half_x_mm", words("half axis x"), Dimension::length).always(),
             field<&Mass::half_mm, &Vec3::y>("half_y_mm", words("half axis y"), Dimension::length).always(),
             field<&Mass::half_mm, &Vec3::z>("half_z_mm", words("half axis z"), Dimension::length).always(),
             field<&Mass::weighed_g>("weighed_g", words("weight"), Dimension::mass)
                 .always()
                 .above(1e5)
                 .where<[](const Mass& m) { return m.shape == MassShape::weighed; }>(),
             field<&Mass::side>("side", words("side")).about("of a mirrored limb"),
             field<&Mass::layers>("layers", words("layers"))});
        t.setRule<[](Rules& r, const Phrase& place, const Mass& m) {
            r.that(m.layers.coverFrom == 0 && m.layers.coverTo == 1, place, words("bare stretch"),
                   words("is for limbs only"));
            if (m.shape == MassShape::weighed) return;
            r.above(place, words("half axis x"), m.half_mm.x, 1000);
            r.above(place, words("half axis y"), m.half_mm.y, 1000);
            r.above(place, words("half axis z"), m.half_mm.z, 1000);
        }>();
        t.extras = [](void* of) { return &static_cast<Mass*>(of)->extras; };
        return t;
    }();
    return table;
}

const Table& described(const OvenLoad*) {
    static const Table table = makeTable<OvenLoad>(
        words("bake"), words("bakes"),
        {field<&OvenLoad::name>("name", words("name")).always(),
         field<&OvenLoad::limbs>("limbs", words("limb")).eachAs("limb").upTo(256).to(RefKind::limb),
         field<&OvenLoad::masses>("masses", words("mass")).eachAs("mass").upTo(256).to(RefKind::mass),
         field<&OvenLoad::withEarlier>("with_earlier", words("with earlier"))
             .always()
             .about("what earlier loads held goes in again"),
         field<&OvenLoad::set_C>("set_C", words("set point"), Dimension::heat)
             .between(0, 400)
             .about("0: the clay's own"),
         field<&OvenLoad::minutes>("minutes", words("minutes"), Dimension::minutes)
             .between(0, 1440)
             .about("0: as long as it takes")});
    return table;
}

const Table& described(const LeftPoint*) {
    static const Table table = makeTable<LeftPoint>(
        words("point"), words("points left as they are"),
        {field<&LeftPoint::key>("point", words("point left as it is")).needed().atLeast(1).upTo(400),
         field<&LeftPoint::because>("because", words("reason why a point is left")).upTo(400)});
    return table;
}

const Table& described(const StepOrder*) {
    static const Table table =
        makeTable<StepOrder>(words("order of steps"), words("orders of steps"),
                             {field<&StepOrder::first>("first", words("first step")).needed().atLeast(1).upTo(300),
                              field<&StepOrder::then>("then", words("later step")).needed().atLeast(1).upTo(300)});
    return table;
}

const Table& described(const Wants*) {
    static const Table table = makeTable<Wants>(
        words("wish"), words("wishes"),
        {angle<&Wants::lean_rad>("lean_deg", words("lean")).always().between(0, 90),
         field<&Wants::holdFactor>("hold_factor", words("hold factor")).always().between(1, 10),
         angle<&Wants::set_rad>("set_deg", words("set")).always().between(0.05, 5),
         field<&Wants::film_s>("film_s", words("film"), Dimension::seconds).always().above(1e6),
         field<&Wants::retakes>("retakes", words("retakes"))
             .between(1, 20)
             .about("cycles for each that ends up in the film"),
         field<&Wants::aim>("aim", words("aim")).always(),
         field<&Wants::reserve>("reserve", words("reserve"))
             .between(0, 1)
             .about("by which a chosen wire stays inside its limits"),
         field<&Wants::mostStrands>("most_strands", words("strands at most")).between(1, 7),
         field<&Wants::mayDrop>("strands_may_drop", words("strands may drop")),
         field<&Wants::disliked_mm>("disliked_gauges", words("disliked gauge"), Dimension::length)
             .eachAs("diameter_mm")
             .upTo(50)
             .between(0.1, 10),
         field<&Wants::thisPoseOnly>("this_pose_only", words("this pose only"))
             .about("joints hold the pose on the board, not the hardest one"),
         field<&Wants::order>("step_order", words("orders of steps")).about("ids of steps"),
         field<&Wants::begin>("begin_with", words("begin with")),
         field<&Wants::baseTurn>("base", words("base")),
         field<&Wants::steadied>("steadied", words("steadied"))
             .about("two hands or a stand hold what is on the near side of a joint"),
         field<&Wants::steelMayPose>("steel_may_pose", words("steel may pose")).always(),
         field<&Wants::acting>("acting", words("acting")),
         field<&Wants::feetDown>("feet_down", words("feet down"))
             .between(0, 512)
             .about("0: one of two, all but one of more"),
         field<&Wants::shot>("shot", words("pose"))
             .eachAs("pose")
             .upTo(2000)
             .to(RefKind::pose)
             .about("the kept poses that the need is counted from"),
         field<&Wants::poseEvery_s>("pose_every_s", words("seconds a pose"), Dimension::seconds).above(1e4),
         angle<&Wants::camera_rad>("camera_deg", words("camera"))
             .between(-180, 180)
             .about("where it mostly stands, from the front towards the puppet's left"),
         field<&Wants::bakes>("bakes", words("bakes")),
         field<&Wants::loads>("loads", words("bakes")).upTo(32),
         field<&Wants::inOven>("in_oven", words("thing in the oven"))
             .eachAs("card")
             .upTo(64)
             .to(RefKind::oven_card)
             .about("cards of what goes into every load")});
    return table;
}

const Table& described(const JointAngle*) {
    static const Table table = makeTable<JointAngle>(
        words("angle"), words("angles"),
        {field<&JointAngle::limb>("limb", words("limb")).needed(),
         field<&JointAngle::joint>("joint", words("joint")).needed().to(RefKind::joint, "limb"),
         field<&JointAngle::right>("right", words("right")),
         angle<&JointAngle::forth_rad>("forth_deg", words("angle")).between(-175, 175).in("bend"),
         angle<&JointAngle::aside_rad>("aside_deg", words("angle")).between(-175, 175).in("bend")});
    return table;
}

const Table& described(const Pose*) {
    static const Table table = makeTable<Pose>(
        words("pose"), words("poses"),
        {field<&Pose::name>("name", words("name")).upTo(100),
         field<&Pose::angles>("angles", words("angles")).upTo(2 * 256 * 64).about("of joints that are not at rest"),
         field<&Pose::plantedRight>("planted_right", words("right foot planted"))
             .about("which foot stays where it is")});
    return table;
}

const Table& described(const Picture*) {
    static const Table table = [] {
        Table t = makeTable<Picture>(
            words("picture"), words("pictures"),
            {field<&Picture::file>("file", words("file")).needed(),
             field<&Picture::side>("side", words("side picture")).always(),
             field<&Picture::x_mm>("x_mm", words("x"), Dimension::length)
                 .always()
                 .between(-2 * kFar_mm, 2 * kFar_mm)
                 .in("place")
                 .about("of its upper left corner"),
             field<&Picture::y_mm>("y_mm", words("y"), Dimension::length)
                 .always()
                 .between(-2 * kFar_mm, 2 * kFar_mm)
                 .in("place")
                 .about("up"),
             field<&Picture::mm_px>("mm_per_px", words("scale"), Dimension::scale).needed().between(1e-4, 100),
             angle<&Picture::angle_rad>("angle_deg", words("angle")).always().between(-360, 360),
             field<&Picture::strength>("strength", words("strength")).always().between(0, 1),
             field<&Picture::cropLeft>("crop_left", words("crop")).always().between(0, 0.95).about("shares cut away"),
             field<&Picture::cropTop>("crop_top", words("crop")).always().between(0, 0.95),
             field<&Picture::cropRight>("crop_right", words("crop")).always().between(0, 0.95),
             field<&Picture::cropBottom>("crop_bottom", words("crop")).always().between(0, 0.95),
             field<&Picture::seen>("seen_from", words("seen from"))
                 .about("without it front, or left of a side picture"),
             field<&Picture::width_px>("width_px", words("pixels")).between(0, 1e6),
             field<&Picture::height_px>("height_px", words("pixels")).between(0, 1e6),
             field<&Picture::figureTop>("figure_top", words("figure's top"))
                 .between(0, 1)
                 .about("the figure's extent as shares of the height"),
             field<&Picture::figureBottom>("figure_bottom", words("figure's bottom")).between(0, 1)});
        // Half of a measure says nothing.
        t.settle = [](void* of) {
            Picture& p = *static_cast<Picture*>(of);
            if (p.width_px <= 0) p.width_px = p.height_px = 0;
            if (p.figureBottom <= p.figureTop) p.figureTop = p.figureBottom = 0;
        };
        return t;
    }();
    return table;
}

const Table& described(const Measure*) {
    static const Table table = [] {
        const auto place = [](const Field& f, const char* group) { return f.between(-kFar_mm, kFar_mm).in(group); };
        const auto x = words("x"), y = words("y"), z = words("z");
        return makeTable<Measure>(
            words("measure"), words("measures"),
            {field<&Measure::name>("name", words("name")).always(),
             place(field<&Measure::from_mm, &Vec3::x>("from_x_mm", x, Dimension::length).needed(), "from"),
             place(field<&Measure::from_mm, &Vec3::y>("from_y_mm", y, Dimension::length).needed(), "from"),
             place(field<&Measure::from_mm, &Vec3::z>("from_z_mm", z, Dimension::length).always(), "from"),
             place(field<&Measure::to_mm, &Vec3::x>("to_x_mm", x, Dimension::length).needed(), "to"),
             place(field<&Measure::to_mm, &Vec3::y>("to_y_mm", y, Dimension::length).needed(), "to"),
             place(field<&Measure::to_mm, &Vec3::z>("to_z_mm", z, Dimension::length).always(), "to"),
             field<&Measure::measured_mm>("measured_mm", words("measured"), Dimension::length)
                 .between(0, 2 * kFar_mm)
                 .about("on the real piece"),
             field<&Measure::other_mm>("other_side_mm", words("other side"), Dimension::length)
                 .between(0, 2 * kFar_mm)
                 .about("what its twin measured")});
    }();
    return table;
}

const Table& described(const Proportion*) {
    static const Table table =
        makeTable<Proportion>(words("proportion"), words("proportions"),
                              {field<&Proportion::key>("key", words("key")).needed().atLeast(1).about("CHECK:ID"),
                               field<&Proportion::target>("target", words("target")).needed().above(1000),
                               field<&Proportion::tolerance>("tolerance", words("tolerance"))
                                   .always()
                                   .between(0, 1)
                                   .about("a share of the target")});
    return table;
}

const Table& described(const RigPoint*) {
    static const Table table = makeTable<RigPoint>(
        words("rig"), words("rigs"),
        {field<&RigPoint::limb>("limb", words("limb")).needed(), field<&RigPoint::segment>("segment", words("segment"))
                                                                     .always()
                                                                     .fromOne()
                                                                     .to(RefKind::segment, "limb")
                                                                     .about("counted from 1")});
    return table;
}

const Table& described(const Puppet*) {
    static const Table table = [] {
        Table t = makeTable<Puppet>(
            words("puppet"), words("puppets"),
            {idField<&Puppet::id>(), nameField<&Puppet::name>().atLeast(1),
             field<&Puppet::kind>("kind", words("kind")).always(), noteField<&Puppet::note>(),
             field<&Puppet::height_mm>("height_mm", words("height"), Dimension::length).needed().above(kFar_mm),
             coded<IsoTime, &Puppet::deadline>("deadline", words("deadline"))
                 .formed(words("must be a time such as 2026-11-30T10:00"))
                 .about("by which it is on set"),
             field<&Puppet::wants>("wants", words("wishes")).always(),
             field<&Puppet::limbs>("limbs", words("limbs")).upTo(256),
             field<&Puppet::masses>("masses", words("masses")).upTo(256),
             field<&Puppet::left>("left", words("points left as they are")).upTo(2000),
             field<&Puppet::board>("board", words("pose on the board")).about("the pose shown"),
             field<&Puppet::poses>("poses", words("poses")).upTo(500).about("kept by name"),
             field<&Puppet::pictures>("pictures", words("pictures")).upTo(16),
             field<&Puppet::measures>("measures", words("measures")).upTo(500),
             field<&Puppet::proportions>("proportions", words("proportions")),
             field<&Puppet::rig>("rig", words("rig")).about("where a rig can carry the puppet"),
             field<&Puppet::things>("", {}),
             field<&Puppet::aside>("aside", words("designs kept aside")).upTo(1).apart()});
        t.extras = [](void* of) { return &static_cast<Puppet*>(of)->extras; };
        return t;
    }();
    return table;
}

} // namespace enkinet::body
