#pragma once
// The puppet as the builder draws it: plain values, no derived numbers.
// Points in mm in the puppet's own frame (x to the puppet's left, y up from the base, z to the front).
// A mirrored limb is drawn once, on the left side (x > 0); its twin is its mirror image in x.
// Angles in rad, measured from the angle at which the joint is built.
#include "base/calendar.h"
#include "base/result.h"
#include "base/value.h"
#include "base/vec3.h"
#include "body/things.h"
#include "schema/table.h"
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace enkinet::body {

using schema::Extras;

/// Half-widths of the finished surface at a share of the bone's length from its root end.
struct Section {
    double at = 0;                   ///< 0 to 1
    double a_mm = 0;                 ///< across, in the front picture
    double b_mm = 0;                 ///< in depth, in the side picture
    std::optional<double> skin_mm{}; ///< thickness of the skin here; the part's own unless set; linear in between
    friend bool operator==(const Section&, const Section&) = default;
};

/// A coat of clay beneath the skin.
struct Coat {
    std::string clay; ///< card
    double thickness_mm = 0;
    int load =
        0; ///< cured by a load of its own, in this order, before anything goes over it; 0: with what goes over it
    friend bool operator==(const Coat&, const Coat&) = default;
};
inline constexpr std::size_t kMostCoats = 4; ///< of a part, the skin among them

/// What lies around the wire, from inside out. An empty card means: none.
struct Layers {
    std::string bulk;          ///< bulk card
    std::vector<Coat> coats{}; ///< of clay beneath the skin, inside out
    std::string clay;          ///< clay card of the skin
    double skin_mm = 0;        ///< thickness of the skin
    double relief = 0;         ///< muscle and folds, as a share of the skin's volume
    bool skinAcrossGaps = false;
    std::string cover;   ///< cover card
    double cover_mm = 0; ///< compressed thickness
    /// The cover lies on this stretch of the bone, in shares of its length; the rest stays bare, in its own colour.
    double coverFrom = 0, coverTo = 1;
    std::string scheme; ///< paint scheme of the production
    ENKINET_COMPARED(Layers)
};

/// What keeps a stretch that nobody poses in shape while raw clay hangs on it. Usual: putty in a limb that is posed,
/// nothing in one that is not.
enum class Stiffening { usual, putty, tube, bound, none };

/// A stretch between two joints. Sections run over the whole bone; stiff layers stop short of a posed joint's gap.
struct Segment {
    std::string name;              ///< "shin"
    std::vector<Section> sections; ///< none: nothing but wire (a wrap inside the parent)
    Layers layers;
    bool bodyMass = false; ///< chest, hips: wants 6 mm of cover over the armature in firm clay
    double grip = 0.6;     ///< where a hand takes it, as a share of its length from the moving joint
    double sleeve_mm = 0;  ///< wall of a sleeve on the bundle
    Stiffening stiffening = Stiffening::usual;
    ENKINET_COMPARED(Segment)
};

/// A point that the limb's wire passes. Posed: a free gap of wire bends here. Otherwise a fixed point.
struct Joint {
    std::string id; ///< "ankle"
    std::string name;
    Vec3 at_mm;
    bool posed = false;
    double gap_mm = 0;
    double low_rad = 0, high_rad = 0; ///< range
    double edge = 1.3;                ///< strain raiser where the gap meets a stiff end
    double movesPerSecond = 0.5;      ///< cycles a second of film
    double formingBends = 0;          ///< full bends to and fro, through its larger angle, spent while it is built
    std::optional<double> need_s;     ///< seconds of film wanted; the puppet's unless set
    Extras extras{};
    ENKINET_COMPARED(Joint)
};

/// From here on towards the tip only so many strands run on: the others end inside the stiff segment beyond the joint.
struct StrandDrop {
    std::string joint;
    int strands = 1;
    friend bool operator==(const StrandDrop&, const StrandDrop&) = default;
};
inline constexpr int kMostDrops = 2; ///< along one limb
inline constexpr double kLongestGap_mm = 500;
inline constexpr double kFar_mm = 3000; ///< no point is further from the frame's origin along an axis

/// A builder's own choice of wire for a limb.
struct WirePick {
    std::string spool;
    int strands = 1; ///< at the root
    double lay_mm = 0;
    std::vector<StrandDrop> drops{}; ///< root to tip
    friend bool operator==(const WirePick&, const WirePick&) = default;
};

/// How a whip is posed: by a force at its tip, so that the bend gathers at the root, or shaped along by several
/// fingers.
enum class Posing { by_tip, along };

enum class LimbKind { spine, arm, leg, finger, tail, neck, wing, ear, jaw, other };

/// How a limb's tip is held to the base.
struct TieDown {
    int wires = 1;
    double depth_mm = 12;
    friend bool operator==(const TieDown&, const TieDown&) = default;
};

/// A run of wire through joints, root to tip; one segment between each joint and the next.
struct Limb {
    std::string id, name;
    LimbKind kind = LimbKind::other;
    bool mirrored = false;
    bool whip = false; ///< no stiff stretches: its one posed joint bends over the whole length from there to the tip
    Posing posing = Posing::by_tip;        ///< of a whip
    std::string hangsOnLimb, hangsOnJoint; ///< both empty for the one limb that all others hang on
    std::vector<Joint> joints;
    std::vector<Segment> segments;
    std::optional<TieDown> tieDown;
    std::optional<WirePick> pick;
    std::string noWire;             ///< why it is to have no wire at all; empty: the tool decides
    double wraps = 0;               ///< turns round the parent where it hangs on
    double loop_mm = 0;             ///< extra wire for a loop at the tip
    std::optional<double> cut_mm{}; ///< the finished length to which its wire has been cut already
    Extras extras{};
    ENKINET_COMPARED(Limb)
};

enum class MassShape { ellipsoid, box, weighed };

/// A head, bag, shell or prop fixed to a segment.
struct Mass {
    std::string id, name;
    std::string limb; ///< carried by this limb's...
    int segment = 0;  ///< ...segment
    MassShape shape = MassShape::ellipsoid;
    Vec3 at_mm;             ///< its centre
    Vec3 half_mm;           ///< half axes or half edges
    double weighed_g = 0;   ///< for shape weighed
    Side side = Side::both; ///< of a mirrored limb
    Layers layers;
    Extras extras{};
    ENKINET_COMPARED(Mass)
};

enum class Aim { simple, life, light, easy, cheap, spools };

/// How widely the puppet acts: the joints' ranges are those of plain acting; quiet takes half, broad half as much
/// again.
enum class Acting { quiet, plain, broad };
double findActing(Acting acting); ///< 0.5, 1, 1.5

/// One bake at the end, one for each limb as it is done, or the builder's own list of loads.
enum class BakeSchool { once, staged, own };

/// One load of the oven in the builder's own list.
struct OvenLoad {
    std::string name;
    std::vector<std::string> limbs{}, masses{}; ///< ids of what is baked for the first time
    bool withEarlier = true;                    ///< what earlier loads held goes in again: it is one piece by then
    double set_C = 0;                           ///< 0: the clay's own
    double minutes = 0;                         ///< 0: as long as it takes
    friend bool operator==(const OvenLoad&, const OvenLoad&) = default;
};

/// An open point that is left as it is, by its key, and why.
struct LeftPoint {
    std::string key, because;
    friend bool operator==(const LeftPoint&, const LeftPoint&) = default;
};

/// By what a kind of puppet is measured.
enum class SizeKind { height, shoulder, length, span };

/// One step before another, by their ids.
struct StepOrder {
    std::string first, then;
    friend bool operator==(const StepOrder&, const StepOrder&) = default;
};

/// Whose clay goes on before all others': the limb with the highest point, those that stand on the ground, or the one
/// that hangs on nothing.
enum class Begin { as_it_falls, head, feet, body };
/// The base's holes: drilled before any wire is bent, or when the figure is done but for planting it.
enum class BaseTurn { as_it_falls, first, last };

/// What the builder asks of the whole puppet.
struct Wants {
    double lean_rad = 0.3490658503988659; ///< 20 degrees
    double holdFactor = 1.5;
    double set_rad = 0.008726646259971648; ///< 0.5 degrees
    double film_s = 20;
    double retakes = 1.2; ///< cycles for each that ends up in the film: retakes and corrections
    Aim aim = Aim::simple;
    double reserve = 0.05;             ///< by which a chosen wire stays inside hold, effort, springback and life
    int mostStrands = 7;               ///< no wire of more is chosen
    bool mayDrop = true;               ///< strands may end on the way
    std::vector<double> disliked_mm{}; ///< gauges that are not chosen
    bool thisPoseOnly = false;         ///< joints hold the pose on the board, not the hardest one
    std::vector<StepOrder> order{};    ///< of steps, as the builder wants them
    Begin begin = Begin::as_it_falls;
    BaseTurn baseTurn = BaseTurn::as_it_falls;
    bool steadied = false; ///< two hands or a stand hold what is on the near side of a joint
    bool steelMayPose = false;
    Acting acting = Acting::plain;
    /// Feet on the ground at least; 0: one of two, all but one of more.
    int feetDown = 0;
    /// The need from a list of kept poses, gone through in order and over again; empty: from the acting level.
    std::vector<std::string> shot{};
    double poseEvery_s = 1; ///< seconds of film from one pose of the list to the next
    /// Where the camera mostly stands, seen from above: from the puppet's front towards its left. Seams go away from
    /// it.
    double camera_rad = 0;
    BakeSchool bakes = BakeSchool::once;
    std::vector<OvenLoad> loads{};     ///< for the builder's own list
    std::vector<std::string> inOven{}; ///< cards of other things that go into every load
    ENKINET_COMPARED(Wants)
};

/// One joint's turn in a pose, about the axes that it had when it was built: forth about x (seen in the side picture),
/// aside about z (seen in the front picture; outwards on the left side, mirrored on the right).
struct JointAngle {
    std::string limb, joint;
    bool right = false;
    double forth_rad = 0, aside_rad = 0;
    friend bool operator==(const JointAngle&, const JointAngle&) = default;
};

struct Pose {
    std::string name;
    std::vector<JointAngle> angles; ///< joints that are not at rest
    bool plantedRight = false;      ///< which foot stays where it is
    ENKINET_COMPARED(Pose)
};

/// From where a picture was drawn or taken.
enum class Seen { front, back, left, right, below };
inline constexpr std::size_t kSides = 5;

/// A drawing or photograph on the sheet; its bytes live in the production under `file`.
struct Picture {
    std::string file;          ///< "pictures/front.png"
    bool side = false;         ///< else the front view
    double x_mm = 0, y_mm = 0; ///< of its upper left corner, y up
    double mm_px = 1;          ///< scale
    double angle_rad = 0;      ///< turned about its upper left corner, against the clock
    double strength = 0.5;     ///< 0 invisible to 1 full
    double cropLeft = 0, cropTop = 0, cropRight = 0, cropBottom = 0; ///< shares cut away
    std::optional<Seen> seen{};                                      ///< none: front, or left for a side picture
    int width_px = 0, height_px = 0;                                 ///< 0: not known
    double figureTop = 0,
           figureBottom = 0; ///< the figure's extent as shares of the height, from the top; alike: not known
    friend bool operator==(const Picture&, const Picture&) = default;
};
Seen seenFrom(const Picture& picture);

/// A distance between two points of the plan, and what the real piece measured.
struct Measure {
    std::string name;
    Vec3 from_mm, to_mm;
    std::optional<double> measured_mm;
    std::optional<double> other_mm{}; ///< what its twin on the other side measured
    friend bool operator==(const Measure&, const Measure&) = default;
};

/// What a proportion is to be, as on the drawing that the figure follows; the key is that of the check.
struct Proportion {
    std::string key;
    double target = 0, tolerance = 0.1; ///< tolerance: a share of the target
    friend bool operator==(const Proportion&, const Proportion&) = default;
};

/// Where a rig carries the puppet; its feet then bear no load.
struct RigPoint {
    std::string limb;
    int segment = 0;
    friend bool operator==(const RigPoint&, const RigPoint&) = default;
};

struct Puppet;
/// None or one: a design kept beside another, itself without any. Its own type, for a compiler that follows a
/// comparison into itself without end.
struct Aside : std::vector<Puppet> {
    using std::vector<Puppet>::vector;
    friend bool operator==(const Aside&, const Aside&);
};

struct Puppet {
    std::string id, name, kind, note;
    double height_mm = 0;
    std::optional<Minute> deadline{}; ///< by which it is on set
    Wants wants;
    std::vector<Limb> limbs;
    std::vector<Mass> masses;
    Pose board;              ///< the pose that the elevations and the turntable show
    std::vector<Pose> poses; ///< kept by name
    std::vector<Picture> pictures;
    std::vector<Measure> measures;
    std::vector<Proportion> proportions{};
    std::optional<RigPoint> rig;
    Things things{};
    std::vector<LeftPoint> left{}; ///< open points that the builder leaves as they are
    Aside aside{};                 ///< a second design kept beside this one
    Extras extras{};
    ENKINET_COMPARED(Puppet)
};

// What each is, field by field. (puppet_fields.cpp)
const schema::Words& wordsOf(Stiffening);
const schema::Words& wordsOf(Posing);
const schema::Words& wordsOf(LimbKind);
const schema::Words& wordsOf(MassShape);
const schema::Words& wordsOf(Aim);
const schema::Words& wordsOf(Acting);
const schema::Words& wordsOf(BakeSchool);
const schema::Words& wordsOf(Begin);
const schema::Words& wordsOf(BaseTurn);
const schema::Words& wordsOf(Seen);
const schema::Table& described(const Section*);
const schema::Table& described(const Coat*);
const schema::Table& described(const Layers*);
const schema::Table& described(const Segment*);
const schema::Table& described(const Joint*);
const schema::Table& described(const StrandDrop*);
const schema::Table& described(const WirePick*);
const schema::Table& described(const TieDown*);
const schema::Table& described(const Limb*);
const schema::Table& described(const Mass*);
const schema::Table& described(const OvenLoad*);
const schema::Table& described(const LeftPoint*);
const schema::Table& described(const StepOrder*);
const schema::Table& described(const Wants*);
const schema::Table& described(const JointAngle*);
const schema::Table& described(const Pose*);
const schema::Table& described(const Picture*);
const schema::Table& described(const Measure*);
const schema::Table& described(const Proportion*);
const schema::Table& described(const RigPoint*);
const schema::Table& described(const Puppet*);

/// The puppet when every value is inside its limits and the limbs make one tree; else the first rule broken, with its
/// place. Limits: 256 limbs, 64 joints a limb, 64 sections a segment, 256 masses, coordinates within 3 m.
Result<Puppet> makePuppet(Puppet puppet);

/// Lets go what refers to a limb, joint, segment, mass, feature or pose that is no longer there.
void dropOrphans(Puppet& puppet);

/// The puppet at another height: points, half-widths, gaps and the size of masses scale; wire, thicknesses, sleeves and
/// weighed grams stay. The height must be above 0.
Puppet calcScaled(Puppet puppet, double height_mm);

/// True where a segment's wire alone carries raw clay. Never in a whip, which bends all along.
bool isBare(const Limb& limb, std::size_t segment);

/// Larger end of a joint's range and the whole range, rad.
double findLargestBend(const Joint& joint);
double findRange(const Joint& joint);

const Limb* findLimb(const Puppet& puppet, const std::string& id);
int findJointIndex(const Limb& limb, const std::string& id); ///< -1 when there is none

/// A puppet's size in mm as its kind is measured: height (of quadrupeds at the shoulder), length along the limb that
/// hangs on nothing with what continues it, span from wing tip to wing tip.
double findSize(const Puppet& puppet, SizeKind kind);

} // namespace enkinet::body
