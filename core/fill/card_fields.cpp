// The tables of what the shop fills, skins, covers and glues with.
#include "fill/cards.h"
#include "fill/shop.h"
#include <cmath>

namespace enkinet::fill {

using namespace schema;

const Words& wordsOf(ClayFamily) {
    static const Words all =
        makeWords<ClayFamily>({{ClayFamily::firm, "oven-bake firm", words("oven-bake firm")},
                               {ClayFamily::flexible, "oven-bake flexible", words("oven-bake flexible")},
                               {ClayFamily::air_dry, "air-dry", words("air-dry")},
                               {ClayFamily::putty, "putty", words("putty")},
                               {ClayFamily::never_dry, "never-dry", words("never-dry")}});
    return all;
}
const Words& wordsOf(Face) {
    static const Words all = makeWords<Face>({{Face::raw_clay, "raw clay", words("raw clay")},
                                              {Face::cured_clay, "cured clay", words("cured clay")},
                                              {Face::wood, "wood", words("wood")},
                                              {Face::metal, "metal", words("metal")},
                                              {Face::glass, "glass", words("glass")},
                                              {Face::foam, "foam", words("foam")},
                                              {Face::foil, "foil", words("foil")},
                                              {Face::plaster, "plaster", words("plaster")},
                                              {Face::cloth, "cloth", words("cloth")},
                                              {Face::paint, "paint", words("paint")}});
    return all;
}

const Table& described(const ClayCard*) {
    static const Table table = [] {
        Table t = makeTable<ClayCard>(
            words("clay card"), words("clay cards"),
            {idField<&ClayCard::id>(),
             nameField<&ClayCard::name>(),
             noteField<&ClayCard::note>(),
             field<&ClayCard::family>("family", words("family")).always(),
             field<&ClayCard::density_g_cm3>("density_g_per_cm3", words("density"), Dimension::density)
                 .needed()
                 .between(0.3, 5),
             field<&ClayCard::pack_g>("pack_g", words("pack"), Dimension::mass).needed().between(1, 1e5),
             field<&ClayCard::packPrice>("pack_price", words("pack price")).between(0, 1e5),
             field<&ClayCard::thinnest_mm>("thinnest_mm", words("thinnest skin"), Dimension::length).between(0, 50),
             field<&ClayCard::thickest_mm>("thickest_mm", words("thickest skin"), Dimension::length).between(0, 100),
             field<&ClayCard::set_C>("set_C", words("set point"), Dimension::heat).about("oven-bake families only"),
             field<&ClayCard::soak_min>("soak_min", words("soak"), Dimension::minutes),
             field<&ClayCard::scorch_C>("scorch_C", words("scorch"), Dimension::heat),
             field<&ClayCard::mostHeat_min>("most_heat_min", words("heat in all bakes"), Dimension::minutes)
                 .between(0, 1e5)
                 .about("before it darkens and turns brittle; 0: not known"),
             field<&ClayCard::yield_MPa>("yield_MPa", words("yield strength"), Dimension::stress)
                 .about("of never-drying clay at working temperature"),
             field<&ClayCard::youngs_MPa>("youngs_MPa", words("Young's modulus"), Dimension::stress)
                 .between(0, 5000)
                 .about("once cured"),
             field<&ClayCard::strainLimit>("strain_limit", words("limit of strain"))
                 .between(0, 5)
                 .about("of flexible clay once cured: where it cracks"),
             field<&ClayCard::rupture_MPa>("rupture_MPa", words("modulus of rupture"), Dimension::stress)
                 .between(0, 5000)
                 .about("once cured; 0: not known"),
             field<&ClayCard::rawStrength_MPa>("raw_strength_MPa", words("raw strength"), Dimension::stress)
                 .between(0, 2)
                 .about("of the raw clay, before it sags"),
             field<&ClayCard::shrink>("shrink", words("shrinkage"))
                 .between(0, 0.5)
                 .about("length lost in drying or curing, a share"),
             field<&ClayCard::dry_h_6mm>("dry_h_6mm", words("drying time of 6 mm"), Dimension::hours)
                 .between(0.1, 1000)
                 .about("air-dry: at 20 C and 50 % damp"),
             field<&ClayCard::working_h>("working_h", words("working time"), Dimension::hours)
                 .between(0.01, 100)
                 .about("putty at 20 C"),
             field<&ClayCard::curing_h>("curing_h", words("curing time"), Dimension::hours).between(0.01, 1000),
             colourField<&ClayCard::colour>()});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const ClayCard& c) {
            r.between(place, words("thickest skin"), c.thickest_mm, c.thinnest_mm, 100);
            if (isOvenBaked(c.family)) {
                if (const auto set = checkSetPoint(place, c.set_C, c); !set && !r.fault) r.fault = set.fault();
                r.between(place, words("set point"), c.set_C, 60, 200, Dimension::heat);
                r.between(place, words("soak"), c.soak_min, 1, 240, Dimension::minutes);
                r.between(place, words("scorch"), c.scorch_C, c.set_C, 300, Dimension::heat);
            }
            if (c.family == ClayFamily::never_dry)
                r.between(place, words("yield strength"), c.yield_MPa, 0.001, 2, Dimension::stress);
            r.between(place, words("curing time"), c.curing_h, c.working_h, 1000, Dimension::hours);
        }>();
        return t;
    }();
    return table;
}

const Table& described(const BulkCard*) {
    static const Table table = [] {
        Table t = makeTable<BulkCard>(
            words("bulk card"), words("bulk cards"),
            {idField<&BulkCard::id>(), nameField<&BulkCard::name>(), noteField<&BulkCard::note>(),
             field<&BulkCard::density_g_cm3>("density_g_per_cm3", words("density"), Dimension::density)
                 .needed()
                 .between(0.01, 5),
             field<&BulkCard::conductivity_W_mK>("conductivity_W_per_mK", words("conductivity"),
                                                 Dimension::conductivity)
                 .needed()
                 .between(0.01, 400),
             field<&BulkCard::heat_J_kgK>("heat_J_per_kgK", words("heat capacity"), Dimension::capacity)
                 .needed()
                 .between(100, 5000),
             field<&BulkCard::foil>("foil", words("foil")),
             field<&BulkCard::putty>("putty", words("putty")).about("epoxy: gloves, and it sets"),
             field<&BulkCard::ovenLimit_C>("oven_limit_C", words("oven limit"), Dimension::heat).between(20, 2000),
             field<&BulkCard::price_kg>("price_per_kg", words("price")).between(0, 1e5),
             field<&BulkCard::dry_h>("dry_h", words("drying time"), Dimension::hours)
                 .between(0, 1000)
                 .about("until glue or putty in it has set")});
        t.writtenWhole();
        return t;
    }();
    return table;
}

const Table& described(const CoverCard*) {
    static const Table table = [] {
        Table t = makeTable<CoverCard>(
            words("cover card"), words("cover cards"),
            {idField<&CoverCard::id>(), nameField<&CoverCard::name>(), noteField<&CoverCard::note>(),
             field<&CoverCard::mass_g_m2>("mass_g_per_m2", words("mass"), Dimension::areaMass)
                 .needed()
                 .between(1, 5000),
             field<&CoverCard::ovenLimit_C>("oven_limit_C", words("oven limit"), Dimension::heat).between(20, 2000),
             field<&CoverCard::price_m2>("price_per_m2", words("price")).between(0, 1e5),
             colourField<&CoverCard::colour>()});
        t.writtenWhole();
        return t;
    }();
    return table;
}

const Table& described(const OvenCard*) {
    static const Table table = makeTable<OvenCard>(
        words("oven card"), words("oven cards"),
        {idField<&OvenCard::id>(), nameField<&OvenCard::name>(), noteField<&OvenCard::note>(),
         field<&OvenCard::limit_C>("limit_C", words("limit"), Dimension::heat)
             .needed()
             .between(20, 2000)
             .about("up to here it comes to no harm"),
         field<&OvenCard::support>("support", words("support")).always().about("it props something up")});
    return table;
}

namespace {

/// What the adhesive holds on one face, where that is known.
template <Face OnFace> class HoldsOn final : public Access {
public:
    std::optional<double> number(const void* of) const final {
        const auto it = at(of).find(OnFace);
        return it == at(of).end() ? std::nullopt : std::optional<double>(it->second);
    }
    void setNumber(void* of, std::optional<double> v) const final {
        if (v)
            at(of)[OnFace] = *v;
        else
            at(of).erase(OnFace);
    }
    bool same(const void* a, const void* b) const final { return number(a) == number(b); }
    void copy(void* to, const void* from) const final { setNumber(to, number(from)); }
    bool isOptional() const final { return true; }

private:
    static std::map<Face, double>& at(void* of) { return static_cast<AdhesiveCard*>(of)->holds_MPa; }
    static const std::map<Face, double>& at(const void* of) { return static_cast<const AdhesiveCard*>(of)->holds_MPa; }
};

template <Face OnFace> Field holdsOn() {
    static const HoldsOn<OnFace> access;
    Field f;
    f.key = wordsOf(OnFace).literal(static_cast<int>(OnFace)), f.name = words("shear strength");
    f.dimension = Dimension::stress, f.access = &access;
    return f.between(0.001, 100);
}

const Table& holds() {
    static const Table table = makeTable<AdhesiveCard>(
        words("face"), words("faces"),
        {holdsOn<Face::raw_clay>(), holdsOn<Face::cured_clay>(), holdsOn<Face::wood>(), holdsOn<Face::metal>(),
         holdsOn<Face::glass>(), holdsOn<Face::foam>(), holdsOn<Face::foil>(), holdsOn<Face::plaster>(),
         holdsOn<Face::cloth>(), holdsOn<Face::paint>()});
    return table;
}

} // namespace

const Table& described(const AdhesiveCard*) {
    static const Table table = makeTable<AdhesiveCard>(
        words("adhesive card"), words("adhesive cards"),
        {idField<&AdhesiveCard::id>(), nameField<&AdhesiveCard::name>(), noteField<&AdhesiveCard::note>(),
         field<&AdhesiveCard::shear_MPa>("shear_MPa", words("shear strength"), Dimension::stress)
             .needed()
             .between(0.01, 100)
             .about("at its best"),
         field<&AdhesiveCard::limit_C>("limit_C", words("limit"), Dimension::heat)
             .always()
             .between(20, 500)
             .about("lets go above"),
         part<holds>("holds_MPa", {}).about("by face; none named: alike on all; one that is not there: not on it")});
    return table;
}

const Table& described(const FoilRoll*) {
    static const Table table = [] {
        Table t = makeTable<FoilRoll>(
            words("foil"), words("foils"),
            {field<&FoilRoll::mass_g_m2>("mass_g_per_m2", words("mass"), Dimension::areaMass).between(5, 500),
             field<&FoilRoll::width_mm>("width_mm", words("width"), Dimension::length).between(50, 2000),
             field<&FoilRoll::length_m>("length_m", words("length"), Dimension::distance).between(0, 1e4),
             field<&FoilRoll::price>("price", words("price")).between(0, 1e6)});
        t.writtenWhole();
        return t;
    }();
    return table;
}

const Table& described(const RollerReading*) {
    static const Table table = makeTable<RollerReading>(
        words("roller reading"), words("readings"),
        {field<&RollerReading::setting>("setting", words("roller setting")).needed().between(0, 100),
         field<&RollerReading::thickness_mm>("thickness_mm", words("rolled sheet"), Dimension::length)
             .needed()
             .between(0.1, 50)});
    return table;
}

const Table& described(const OvenLog*) {
    static const Table table =
        makeTable<OvenLog>(words("oven log"), words("oven logs"),
                           {field<&OvenLog::offset_C>("offset_C", words("offset"), Dimension::heat)
                                .always()
                                .between(-400, 400)
                                .about("mean of the settled readings above the set point"),
                            field<&OvenLog::swing_C>("swing_C", words("swing"), Dimension::heat)
                                .always()
                                .between(0, 400)
                                .about("half of largest less smallest"),
                            field<&OvenLog::settled_min>("settled_min", words("settled"), Dimension::minutes).always(),
                            field<&OvenLog::readings>("readings", words("readings"))
                                .always()
                                .between(0, 1e6)
                                .about("0: no probe has been in it")});
    return table;
}

const Table& described(const Hands*) {
    static const Table table = [] {
        Table t = makeTable<Hands>(
            words("hands"), words("hands"),
            {field<&Hands::pinch_N>("pinch_N", words("pinch"), Dimension::force).between(1, 200),
             field<&Hands::pinchHalf_mm>("pinch_half_width_mm", words("pinched half-width"), Dimension::length)
                 .between(1, 100),
             field<&Hands::grasp_N>("grasp_N", words("grasp"), Dimension::force).between(1, 200),
             field<&Hands::graspHalf_mm>("grasp_half_width_mm", words("grasped half-width"), Dimension::length)
                 .between(1, 100)});
        t.writtenWhole();
        t.setRule<[](Rules& r, const Phrase& place, const Hands& h) {
            r.that(h.pinch_N <= h.grasp_N, place,
                   words("fingers that give %1 to %2", withoutUnit(h.pinch_N, Dimension::force),
                         quantity(h.grasp_N, Dimension::force)),
                   words("must give in a grasp no less than in a pinch"));
            r.that(h.pinchHalf_mm < h.graspHalf_mm, place,
                   words("half-widths of %1 and %2", withoutUnit(h.pinchHalf_mm, Dimension::length),
                         quantity(h.graspHalf_mm, Dimension::length)),
                   words("must be wider in a grasp than in a pinch"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const WireWork*) {
    static const Table table = [] {
        Table t = makeTable<WireWork>(
            words("wire work"), words("wire work"),
            {field<&WireWork::cut_min>("cut_min", words("cutting a piece"), Dimension::minutes).between(0, 600),
             field<&WireWork::spin_min>("spin_min", words("spinning a bundle"), Dimension::minutes).between(0, 600),
             field<&WireWork::bind_min>("bind_min", words("binding a joint"), Dimension::minutes).between(0, 600)});
        t.writtenWhole();
        return t;
    }();
    return table;
}

const Table& described(const BreakTest*) {
    static const Table table = [] {
        Table t = makeTable<BreakTest>(
            words("break test"), words("break tests"),
            {field<&BreakTest::clay>("clay", words("clay")).needed().atLeast(1).about("card"),
             field<&BreakTest::date>("date", words("date")).always(),
             field<&BreakTest::note>("note", words("note")).always(),
             field<&BreakTest::diameter_mm>("diameter_mm", words("rod"), Dimension::length).needed().between(1, 100),
             field<&BreakTest::span_mm>("span_mm", words("span"), Dimension::length).needed().between(8, 2000),
             field<&BreakTest::force_N>("force_N", words("force"), Dimension::force).needed().between(0.01, 10000)});
        t.setRule<[](Rules& r, const Phrase& place, const BreakTest& b) {
            r.that(b.span_mm >= findLeastSpan(b.diameter_mm), place,
                   words("span %1", quantity(b.span_mm, Dimension::length)),
                   words("must be %1 or more, or a rod that thick breaks by shear",
                         quantity(findLeastSpan(b.diameter_mm), Dimension::length)));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Shop*) {
    static const Table table = [] {
        Table t = makeTable<Shop>(words("shop"), words("shops"),
                                  {field<&Shop::hands>("hands", {}).about("what fingers give in comfort"),
                                   field<&Shop::work>("wire_work", {}).about("minutes that wire takes at the bench"),
                                   field<&Shop::room_C>("room_C", words("room"), Dimension::heat).always(),
                                   field<&Shop::leadDays>("lead_days", words("days to come"), Dimension::days)
                                       .always()
                                       .between(0, 90)
                                       .about("from ordering a thing to having it"),
                                   field<&Shop::putty_g_h>("putty_g_per_h", words("putty"), Dimension::rate)
                                       .always()
                                       .between(1, 5000)
                                       .about("that two hands put on in an hour"),
                                   field<&Shop::fan>("oven_fan", words("oven's fan")).always(),
                                   field<&Shop::strips_mm>("strips", words("strip"), Dimension::length)
                                       .eachAs("thickness_mm")
                                       .upTo(12)
                                       .between(0.1, 50)
                                       .about("pairs of spacer strips to roll between"),
                                   field<&Shop::roller>("roller", words("readings")),
                                   field<&Shop::oven>("oven_log", words("oven log")),
                                   field<&Shop::breaks>("break_tests", words("break tests")).upTo(2000)});
        t.setRule<[](Rules& r, const Phrase& place, const Shop& s) {
            r.that(s.room_C >= 0 && s.room_C <= 45, place, words("room %1", quantity(s.room_C, Dimension::heat)),
                   s.room_C > 45 && s.room_C <= 113
                       ? words("must lie between 0 and 45 C; %1 F is %2 C", s.room_C, std::round((s.room_C - 32) / 1.8))
                       : words("must lie between %1 and %2", withoutUnit(0, Dimension::heat),
                               quantity(45, Dimension::heat)));
        }>();
        // An offset that no reading stands behind is none.
        t.settle = [](void* of) {
            Shop& s = *static_cast<Shop*>(of);
            if (s.oven.readings <= 0) s.oven = {};
        };
        return t;
    }();
    return table;
}

} // namespace enkinet::fill
