// The tables of the puppet: its limbs, what lies around their wire, and its masses.
#include "base/text.h"
#include "body/puppet.h"
#include "schema/times.h"
#include <algorithm>

namespace enkinet::body {

using namespace schema;

namespace {

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

const Table& described(const Section*) {
    static const Table table = makeTable<Section>(
        words("section"), words("sections"),
        {field<&Section::at>("at", words("place")).needed().between(0, 1).about("share of the bone's length"),
         field<&Section::a_mm>("a_mm", words("half-width a"), Dimension::length)
             .needed()
             .above(1000)
             .about("in the front picture"),
         field<&Section::b_mm>("b_mm", words("half-width b"), Dimension::length)
             .needed()
             .above(1000)
             .about("in the side picture"),
         field<&Section::skin_mm>("skin_mm", words("skin"), Dimension::length)
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
            if (!(l.coverTo > l.coverFrom))
                r.broken(place, words("cover from %1 to %2", l.coverFrom, l.coverTo),
                         words("must end beyond where it begins"));
            if (!l.clay.empty() && !(l.skin_mm > 0))
                r.broken(place, words("skin %1", quantity(0, Dimension::length)),
                         words("must be above 0 where a clay is named"));
            if (l.clay.empty() && !l.coats.empty())
                r.broken(place, words("coats of clay"), words("need a skin over them"));
            int load = 0;
            for (std::size_t i = 0; i < l.coats.size(); ++i) {
                const Coat& c = l.coats[i];
                if (c.load != 0 && c.load < load)
                    r.broken(words("%1, coat %2", place, i + 1), words("load %1", c.load),
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
                                      field<&Segment::sections>("stations", words("sections")).upTo(64),
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
            if (s.sections.empty()) return;
            if (s.sections.size() == 1) r.broken(place, words("1 section"), words("must be none, or two and more"));
            for (std::size_t i = 1; i < s.sections.size(); ++i)
                if (!(s.sections[i].at > s.sections[i - 1].at))
                    r.broken(words("%1, section %2", place, i + 1), words("place %1", s.sections[i].at),
                             words("must lie beyond the section before it"));
            if (s.sections.front().at != 0 || s.sections.back().at != 1)
                r.broken(place, words("sections"), words("must begin at 0 and end at 1"));
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
            if (j.posed && !(j.high_rad > j.low_rad))
                r.broken(place, words("range %1", quantity(0, Dimension::angle)),
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
const Table& described(const Puppet*) {
    static const Table table = [] {
        Table t = makeTable<Puppet>(
            words("puppet"), words("puppets"),
            {idField<&Puppet::id>(), nameField<&Puppet::name>().atLeast(1),
             field<&Puppet::kind>("kind", words("kind")).always(), noteField<&Puppet::note>(),
             field<&Puppet::height_mm>("height_mm", words("height"), Dimension::length).needed().above(kFar_mm),
             timeField<&Puppet::deadline>("deadline", words("deadline")).about("by which it is on set"),
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
