// The tables of what stands on the sheet beside the limbs: poses, pictures, measures, proportions, the rig.
#include "body/puppet.h"

namespace enkinet::body {

using namespace schema;

const Words& wordsOf(Seen) {
    static const Words all = makeWords<Seen>({{Seen::front, "front", words("front")},
                                              {Seen::back, "back", words("back")},
                                              {Seen::left, "left", words("left")},
                                              {Seen::right, "right", words("right")},
                                              {Seen::below, "below", words("below")}});
    return all;
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

} // namespace enkinet::body
