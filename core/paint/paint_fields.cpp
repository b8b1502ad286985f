// The tables of paints and of what is painted with them.
#include "paint/coats.h"

namespace enkinet::paint {

using namespace schema;

const Words& wordsOf(Medium) {
    static const Words all = makeWords<Medium>({{Medium::acrylic, "acrylic", words("acrylic")},
                                                {Medium::oil, "oil", words("oil")},
                                                {Medium::varnish, "varnish", words("varnish")}});
    return all;
}
const Words& wordsOf(Role) {
    static const Words all = makeWords<Role>({{Role::primer, "primer", words("primer")},
                                              {Role::base, "base", words("base coat")},
                                              {Role::wash, "wash", words("wash")},
                                              {Role::dry_brush, "dry-brush", words("dry brush")},
                                              {Role::varnish, "varnish", words("varnish")}});
    return all;
}
const Words& wordsOf(Zone) {
    static const Words all = makeWords<Zone>({{Zone::everywhere, "everywhere", words("everywhere")},
                                              {Zone::front, "front", words("front")},
                                              {Zone::back, "back", words("back")},
                                              {Zone::stretch, "stretch", words("stretch")},
                                              {Zone::recess, "recess", words("recesses")},
                                              {Zone::ridge, "ridge", words("ridges")},
                                              {Zone::features, "features", words("what sits on it")}});
    return all;
}
const Words& wordsOf(Texture) {
    static const Words all = makeWords<Texture>({{Texture::smooth, "smooth", words("smooth")},
                                                 {Texture::folds, "folds", words("folds")},
                                                 {Texture::scales, "scales", words("scales")},
                                                 {Texture::hair, "hair", words("hair")},
                                                 {Texture::pores, "pores", words("pores")}});
    return all;
}

const Table& described(const PaintCard*) {
    static const Table table = [] {
        Table t = makeTable<PaintCard>(
            words("paint card"), words("paint cards"),
            {idField<&PaintCard::id>(), nameField<&PaintCard::name>(), noteField<&PaintCard::note>(),
             field<&PaintCard::medium>("medium", words("medium")).always(), colourField<&PaintCard::colour>().needed(),
             field<&PaintCard::opacity>("opacity", words("opacity"))
                 .always()
                 .between(0, 1)
                 .about("hiding of one coat: luminance over black as a share of that over white"),
             field<&PaintCard::gloss>("gloss", words("gloss")).between(0, 1).about("0 matte, 0.4 satin, 1 wet"),
             field<&PaintCard::strength>("strength", words("strength"))
                 .between(0.01, 100)
                 .about("tinting strength in mixtures"),
             field<&PaintCard::batch>("batch", words("batch")).about("as on the pot"),
             field<&PaintCard::coverage_m2_l>("coverage_m2_per_l", words("coverage"), Dimension::coverage)
                 .always()
                 .between(1, 50),
             field<&PaintCard::pot_ml>("pot_ml", words("pot"), Dimension::volume).always().between(1, 1e5),
             field<&PaintCard::potPrice>("pot_price", words("pot price")).always().between(0, 1e5),
             field<&PaintCard::dry_min>("dry_min", words("drying"), Dimension::minutes)
                 .always()
                 .between(0, 60 * 24 * 60)
                 .about("to the next coat")});
        t.setRule<[](Rules& r, const Phrase& place, const PaintCard& c) {
            if (const auto colour = parseHex(c.colour); !colour)
                r.that(false, place, colour.fault().value, colour.fault().rule);
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Coat*) {
    static const Table table = [] {
        Table t = makeTable<Coat>(
            words("coat"), words("coats"),
            {field<&Coat::role>("role", words("role")).always(),
             field<&Coat::paint>("paint", words("paint card")).needed().to(RefKind::paint_card),
             field<&Coat::amount>("amount", words("amount"))
                 .between(0.1, 4)
                 .about("of a wash or a dry brush: how much of it"),
             field<&Coat::zone>("zone", words("zone")),
             field<&Coat::from>("from", words("from")).between(0, 1).about("of a stretch, shares of the length"),
             field<&Coat::to>("to", words("to")).between(0, 1)});
        t.setRule<[](Rules& r, const Phrase& place, const Coat& c) {
            r.that(c.to > c.from, place, words("stretch from %1 to %2", c.from, c.to),
                   words("must end beyond where it begins"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const Relief*) {
    static const Table table = [] {
        Table t = makeTable<Relief>(
            words("relief"), words("reliefs"),
            {field<&Relief::texture>("texture", words("texture")),
             field<&Relief::depth_mm>("depth_mm", words("depth of the relief"), Dimension::length).between(0, 10),
             field<&Relief::pitch_mm>("pitch_mm", words("pitch of the relief"), Dimension::length).between(0.2, 100)});
        t.writtenWhole();
        return t;
    }();
    return table;
}

const Table& described(const Scheme*) {
    static const Table table = makeTable<Scheme>(
        words("paint scheme"), words("paint schemes"),
        {idField<&Scheme::id>(), field<&Scheme::name>("name", words("name")).always(),
         field<&Scheme::coats>("coats", words("coats")).upTo(20).always(), field<&Scheme::relief>("relief", {})});
    return table;
}

} // namespace enkinet::paint
