#pragma once
// Every change to a production is one of these: a pure function from a production to the changed one, or the rule that
// the change would break; the caller's production is untouched either way. The window's undo steps and the command line
// go through the same door.
#include "document/production.h"
#include <functional>

namespace enkinet::document {

/// Points at a segment or a mass of a puppet.
struct PartRef {
    std::string limb;
    int segment = 0;
    std::string mass; ///< id of the mass; empty for a segment
    friend bool operator==(const PartRef&, const PartRef&) = default;
};

/// Wire that is cut now: what leaves the rolls, what then lies in the drawer, and what each limb is made of.
struct WireTaken {
    struct OfLimb {
        std::string limb;
        body::WirePick pick;
        double finished_mm = 0;
    };
    std::vector<std::pair<std::string, double>> rolls_mm; ///< by spool
    std::vector<Offcut> drawer;
    std::vector<OfLimb> limbs;
};

class Edits {
public:
    /// Edits of one puppet; the production and the cards must outlive the object.
    Edits(const Production& production, const Cards& shipped, std::string puppet);

    using Changed = Result<Production>;
    using Step = std::function<Changed(const Edits&)>;
    /// Several edits as one: each sees what the one before it made; the first broken rule ends it with nothing changed.
    Changed chain(const std::vector<Step>& steps) const;
    Changed setHeight(double height_mm) const;
    /// A puppet that nothing has been made of yet, at another height: besides what setHeight scales, skins stay in
    /// proportion within the limits of their clays, cloth down to half a millimetre, and weighed pieces by the cube.
    Changed startAt(double height_mm) const;
    Changed setName(const std::string& name) const;
    Changed setWants(const body::Wants& wants) const;
    Changed setGap(const std::string& limb, const std::string& joint, double gap_mm) const;
    Changed setRange(const std::string& limb, const std::string& joint, double low_rad, double high_rad) const;
    Changed setEdge(const std::string& limb, const std::string& joint, double factor) const;
    Changed setNeed(const std::string& limb, const std::string& joint, std::optional<double> film_s) const;
    Changed setNeeds(const std::vector<JointNeed>& needs) const;
    Changed setMoves(const std::string& limb, const std::string& joint, double perSecond) const;
    /// Half-widths of one section, or of all with section -1.
    Changed setSection(const std::string& limb, int segment, int section, double a_mm, double b_mm) const;
    Changed setLayers(const PartRef& part, const body::Layers& layers) const;
    /// The skin's own thickness at a section; none: the part's. (skin_edits.cpp)
    Changed setSectionSkin(const std::string& limb, int segment, int section, std::optional<double> mm) const;
    /// Another clay on every part of the puppet that carries the one.
    Changed replaceClay(const std::string& from, const std::string& to) const;
    /// The room, the strips, the roller and the oven.
    /// An adhesive on the shelf or not.
    Changed setGlue(const std::string& card, bool there) const;
    Changed setShop(const fill::Shop& shop) const;
    /// Takes cards into the production; one of a known id stands in place of the old one.
    Changed addCards(const Cards& cards) const;
    /// Half axes of a shaped mass.
    Changed setMassSize(const std::string& mass, const Vec3& half_mm) const;
    /// On a mirrored limb: both sides or one.
    Changed setMassSide(const std::string& mass, body::Side side) const;
    Changed setWeighed(const std::string& mass, double grams) const;
    Changed setMassName(const std::string& mass, const std::string& name) const;
    /// Leaves an open point as it is, by its key, for a reason, or takes it up again.
    Changed leavePoint(const std::string& key, bool leave, const std::string& because = {}) const;
    /// What keeps a segment in shape while raw clay hangs on it; segment -1: all of the limb.
    Changed setStiffening(const std::string& limb, int segment, body::Stiffening by) const;
    // Things on the body (thing_edits.cpp).
    /// All that sits on the body, at once.
    Changed setThings(const body::Things& things) const;
    /// Puts a new thing of a kind behind the others, of a size for this puppet, where the spot says; a second base is
    /// the first one. side: of a prop, the hand that it is for.
    Changed addThing(body::ThingKind kind, const body::Spot& spot, const std::string& name,
                     body::Side side = body::Side::left) const;
    /// With what was held by it alone.
    Changed removeThing(body::ThingKind kind, int index) const;

    Changed setForming(const std::string& limb, const std::string& joint, double bends) const;
    /// Keeps a copy of the present design aside, in place of one that is there.
    Changed keepAside() const;
    /// The design aside and the present one change places.
    Changed swapAside() const;
    Changed dropAside() const;
    /// Takes the wire that a plan cuts out of the stock: off the rolls, used offcuts gone, usable rests back in the
    /// drawer. The limbs keep that wire from then on.
    Changed cutWire(const WireTaken& taken) const;
    /// The limb's wire counts as not cut; the stock stays as it is.
    Changed uncutWire(const std::string& limb) const;
    Changed addOffcut(const Offcut& offcut) const;
    Changed removeOffcut(std::size_t index) const;
    /// Pins a limb's wire, or lets the tool choose again.
    /// No wire in a limb, and why; setPick takes it back.
    Changed setNoWire(const std::string& limb, const std::string& because) const;
    Changed setPick(const std::string& limb, std::optional<body::WirePick> pick) const;

    // The drawing (sheet_edits.cpp). Limbs that hang on a moved point, and masses, go with it.
    /// Adds a limb as it is given, under a free id; a pick of a spool that is not here is let go.
    Changed addLimb(body::Limb limb) const;
    /// Removes a limb with all that hangs on it.
    Changed removeLimb(const std::string& id) const;
    /// Changes anything of a limb but its id.
    Changed setLimb(const std::string& id, const std::function<void(body::Limb&)>& mutate) const;
    /// Hangs a limb on another's point, or on nothing; its root moves there, with all of it and all that hangs on it.
    Changed hangLimb(const std::string& limb, const std::string& onLimb, const std::string& onJoint) const;
    Changed moveJoint(const std::string& limb, const std::string& joint, Vec3 to) const;
    /// Gives a segment a length in its own direction; all beyond it moves along.
    Changed setLength(const std::string& limb, int segment, double length_mm) const;
    /// A segment that leans out of the front picture: its depth follows from the true length.
    Changed setTrueLength(const std::string& limb, int segment, double length_mm, bool forward) const;
    Changed splitSegment(const std::string& limb, int segment, double share) const;
    Changed joinSegments(const std::string& limb, const std::string& joint) const;
    Changed setPosed(const std::string& limb, const std::string& joint, bool posed, double gap_mm) const;
    Changed setSections(const std::string& limb, int segment, const std::vector<body::Section>& sections) const;
    Changed setRig(std::optional<body::RigPoint> rig) const;
    Changed addMass(body::Mass mass) const;
    Changed removeMass(const std::string& id) const;
    Changed moveMass(const std::string& id, Vec3 to) const;
    /// Bends a joint on the board, as far as its range allows.
    Changed setAngle(body::JointAngle wanted) const;
    Changed setBoard(body::Pose pose) const;
    Changed mirrorBoard() const;
    /// Keeps the board's pose under a name, in place of one of that name.
    Changed keepPose(const std::string& name) const;
    Changed removePose(const std::string& name) const;
    Changed addPicture(body::Picture picture, const std::string& bytes) const;
    Changed setPicture(std::size_t index, const body::Picture& picture) const;
    Changed removePicture(std::size_t index) const;
    Changed addMeasure(const body::Measure& measure) const;
    Changed setMeasured(std::size_t index, std::optional<double> mm) const;
    /// What a proportion is to be, by the key of its check; none: as is usual again.
    Changed setProportion(const std::string& key, std::optional<double> target, double tolerance) const;
    /// What the twin of a measured piece measures.
    Changed setOther(std::size_t index, std::optional<double> mm) const;
    Changed removeMeasure(std::size_t index) const;

    // Paint (paint_edits.cpp).
    /// A scheme more, or another in place of the one of its id.
    Changed putScheme(const paint::Scheme& scheme) const;
    /// Refused while a part carries it.
    Changed removeScheme(const std::string& id) const;
    /// A paint of this production with what there is of it: a mixture, or one that was measured.
    Changed keepPaint(const paint::PaintCard& card, double ml) const;
    /// So many millilitres of a mixture, taken from its pots; a pot of which there is less than that is empty then.
    Changed mixPaint(const paint::PaintCard& card, double ml, const std::vector<Held>& used) const;
    /// The tinting strength of a paint, as its chip says.
    Changed setStrength(const paint::PaintCard& card, double strength) const;

    // Time (plan_edits.cpp).
    /// Hours, days off, people, start; none: the usual.
    Changed setCalendar(const std::optional<Calendar>& calendar) const;
    /// By when the puppet is on set.
    Changed setDeadline(std::optional<Minute> deadline) const;
    /// All shots of the film, in their order.
    Changed setShots(const std::vector<Shot>& shots) const;
    /// The shots, and what wires are now known to have done in one of them.
    Changed setShots(const std::vector<Shot>& shots, const std::string& shot,
                     const std::vector<wire::WearTest>& wears) const;
    /// Writes into the log; nothing is ever taken out of it but by undoing.
    Changed addLog(const std::vector<LogEntry>& entries) const;
    /// With what goes off the shelf, or back onto it where its amount is below 0; never below nothing. What is not kept
    /// count of there stays uncounted.
    Changed addLog(const std::vector<LogEntry>& entries, const std::vector<Use>& uses) const;
    /// With a picture of the last entry, kept under the name that the entry gives.
    Changed addLog(const std::vector<LogEntry>& entries, const std::string& pictureBytes) const;
    /// Takes the place of an earlier move of the same step; of one puppet's own order nothing is changed.
    Changed moveStep(const StepMove& move) const;
    Changed dropMove(std::size_t index) const;

    /// The shop's stock: a spool is added or replaced by its id; a spool that is in use or tested cannot go.
    Changed putSpool(const Spool& spool) const;
    /// What there is of wares that are counted: metres of a spool or of foil, grams of a clay, millilitres of a paint.
    Changed setHeld(const std::vector<Use>& held) const;
    Changed removeSpool(const std::string& id) const;
    Changed addTests(const std::vector<wire::BendTest>& bends, const std::vector<wire::HangTest>& hangs) const;
    Changed removeBendTest(std::size_t index) const;
    Changed removeHangTest(std::size_t index) const;

private:
    template <class Change> Changed stockEdit(Change change) const;
    template <class Change> Changed puppetEdit(Change change) const;
    template <class Change> Changed jointEdit(const std::string& limb, const std::string& joint, Change change) const;

    const Production& m_production;
    const Cards& m_shipped;
    std::string m_puppet;
};

/// Takes a puppet over from another production, with the paint schemes, cards and, where the stock is empty, the stock
/// that it needs. It gets a new id and name where its own are taken; pinned wires of spools that are not here are let
/// go.
Result<Production> adoptPuppet(const Production& production, const Production& source, int puppet,
                               const Cards& shipped);
Result<Production> removePuppet(const Production& production, const Cards& shipped, const std::string& id);
/// So many places to the right, or to the left; a fault where it would leave the row.
Result<Production> movePuppet(const Production& production, const Cards& shipped, const std::string& id, int by);
/// The layers of a part, or null when there is no such part.
const body::Layers* findLayers(const body::Puppet& puppet, const PartRef& part);

} // namespace enkinet::document
