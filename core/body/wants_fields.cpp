// The tables of what the builder asks of a puppet.
#include "body/puppet.h"

namespace enkinet::body {

using namespace schema;

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

} // namespace enkinet::body
