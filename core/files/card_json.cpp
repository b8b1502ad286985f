#include "files/card_json.h"

namespace enkinet::files {

using namespace document;

namespace {

const std::map<std::string, wire::Use> kUses{
    {"posed", wire::Use::posed}, {"static", wire::Use::fixed}, {"both", wire::Use::both}};
const std::map<std::string, fill::Face> kFaceWords{
    {"raw clay", fill::Face::raw_clay}, {"cured clay", fill::Face::cured_clay}, {"wood", fill::Face::wood},
    {"metal", fill::Face::metal},       {"glass", fill::Face::glass},           {"foam", fill::Face::foam},
    {"foil", fill::Face::foil},         {"plaster", fill::Face::plaster},       {"cloth", fill::Face::cloth},
    {"paint", fill::Face::paint}};
const std::map<std::string, fill::ClayFamily> kFamilies{{"oven-bake firm", fill::ClayFamily::firm},
                                                        {"oven-bake flexible", fill::ClayFamily::flexible},
                                                        {"air-dry", fill::ClayFamily::air_dry},
                                                        {"putty", fill::ClayFamily::putty},
                                                        {"never-dry", fill::ClayFamily::never_dry}};
const std::map<std::string, paint::Medium> kMedia{
    {"acrylic", paint::Medium::acrylic}, {"oil", paint::Medium::oil}, {"varnish", paint::Medium::varnish}};

/// Keeps a card that its maker accepts; otherwise the file's fault is set.
template <class Card> void keep(Reader& r, std::vector<Card>& cards, Result<Card> made) {
    if (made)
        cards.push_back(made.take());
    else
        r.fail(made.fault().value, made.fault().rule);
}

} // namespace

Cards readCards(Reader& r) {
    constexpr std::size_t kMost = 500;
    Cards cards;
    r.each("wires", kMost, words("wire card"), [&](Reader& x) {
        wire::MaterialCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.youngs_MPa = x.neededNumber("youngs_GPa") * 1000, c.poisson = x.number("poisson", 0.33);
        c.density_g_cm3 = x.neededNumber("density_g_per_cm3"), c.ultimate_MPa = x.neededNumber("ultimate_MPa");
        c.reductionOfArea = x.neededNumber("reduction_of_area");
        c.use = x.word("use", kUses, wire::Use::posed), c.typical = x.flag("typical", false);
        c.rusts = x.flag("rusts", false), c.proof_MPa = x.number("proof_MPa", 0);
        x.object("measured", [&](Reader& m) {
            c.measured = wire::CyclicConstants{m.neededNumber("sf_MPa"), m.neededNumber("b"),     m.neededNumber("ef"),
                                               m.neededNumber("c"),      m.neededNumber("K_MPa"), m.neededNumber("n")};
        });
        keep(x, cards.wires, wire::makeCard(c));
    });
    r.each("clays", kMost, words("clay card"), [&](Reader& x) {
        fill::ClayCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.family = x.word("family", kFamilies, fill::ClayFamily::firm);
        c.density_g_cm3 = x.neededNumber("density_g_per_cm3"), c.pack_g = x.neededNumber("pack_g"),
        c.packPrice = x.number("pack_price", 0);
        c.thinnest_mm = x.number("thinnest_mm", 1), c.thickest_mm = x.number("thickest_mm", 20);
        c.set_C = x.number("set_C", 0), c.soak_min = x.number("soak_min", 0), c.scorch_C = x.number("scorch_C", 0);
        c.yield_MPa = x.number("yield_MPa", 0), c.colour = x.text("colour", "");
        c.mostHeat_min = x.number("most_heat_min", c.mostHeat_min);
        c.youngs_MPa = x.number("youngs_MPa", 0), c.strainLimit = x.number("strain_limit", 0);
        c.rupture_MPa = x.number("rupture_MPa", 0);
        c.rawStrength_MPa = x.number("raw_strength_MPa", c.rawStrength_MPa), c.shrink = x.number("shrink", 0);
        c.dry_h_6mm = x.number("dry_h_6mm", c.dry_h_6mm), c.working_h = x.number("working_h", c.working_h),
        c.curing_h = x.number("curing_h", c.curing_h);
        keep(x, cards.clays, fill::makeClay(c));
    });
    r.each("bulks", kMost, words("bulk card"), [&](Reader& x) {
        fill::BulkCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.density_g_cm3 = x.neededNumber("density_g_per_cm3"),
        c.conductivity_W_mK = x.neededNumber("conductivity_W_per_mK");
        c.heat_J_kgK = x.neededNumber("heat_J_per_kgK"), c.foil = x.flag("foil", false);
        c.ovenLimit_C = x.number("oven_limit_C", 60), c.price_kg = x.number("price_per_kg", 0),
        c.dry_h = x.number("dry_h", 0);
        c.putty = x.flag("putty", false);
        keep(x, cards.bulks, fill::makeBulk(c));
    });
    r.each("covers", kMost, words("cover card"), [&](Reader& x) {
        fill::CoverCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.mass_g_m2 = x.neededNumber("mass_g_per_m2"), c.ovenLimit_C = x.number("oven_limit_C", 60);
        c.price_m2 = x.number("price_per_m2", 0), c.colour = x.text("colour", "");
        keep(x, cards.covers, fill::makeCover(c));
    });
    r.each("ovens", kMost, words("oven card"), [&](Reader& x) {
        fill::OvenCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.limit_C = x.neededNumber("limit_C"), c.support = x.flag("support", false);
        keep(x, cards.ovens, fill::makeOvenCard(c));
    });
    r.each("adhesives", kMost, words("adhesive card"), [&](Reader& x) {
        fill::AdhesiveCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.shear_MPa = x.neededNumber("shear_MPa"), c.limit_C = x.number("limit_C", 60);
        x.object("holds_MPa", [&](Reader& y) {
            for (const auto& [word, face] : kFaceWords)
                if (const auto shear = y.maybeNumber(word.c_str())) c.holds_MPa[face] = *shear;
        });
        keep(x, cards.adhesives, fill::makeAdhesive(c));
    });
    r.each("paints", kMost, words("paint card"), [&](Reader& x) {
        paint::PaintCard c;
        c.id = x.neededText("id"), c.name = x.text("name", c.id), c.note = x.text("note", "");
        c.medium = x.word("medium", kMedia, paint::Medium::acrylic), c.colour = x.neededText("colour");
        c.strength = x.number("strength", 1), c.gloss = x.number("gloss", 0), c.batch = x.text("batch", "");
        c.opacity = x.number("opacity", 0.8), c.coverage_m2_l = x.number("coverage_m2_per_l", 10);
        c.pot_ml = x.number("pot_ml", 60), c.potPrice = x.number("pot_price", 0), c.dry_min = x.number("dry_min", 20);
        keep(x, cards.paints, paint::makePaint(c));
    });
    return cards;
}

Json cardsJson(const Cards& cards) {
    Json j = Json::object();
    for (const wire::MaterialCard& c : cards.wires) {
        Json x{{"id", c.id},
               {"name", c.name},
               {"note", c.note},
               {"youngs_GPa", c.youngs_MPa / 1000},
               {"poisson", c.poisson},
               {"density_g_per_cm3", c.density_g_cm3},
               {"ultimate_MPa", c.ultimate_MPa},
               {"reduction_of_area", c.reductionOfArea},
               {"use", wordOf(kUses, c.use)},
               {"typical", c.typical}};
        if (c.rusts) x["rusts"] = true;
        if (c.proof_MPa != 0) x["proof_MPa"] = c.proof_MPa;
        if (c.measured)
            x["measured"] = {{"sf_MPa", c.measured->sf_MPa}, {"b", c.measured->b},         {"ef", c.measured->ef},
                             {"c", c.measured->c},           {"K_MPa", c.measured->K_MPa}, {"n", c.measured->n}};
        listIn(j, "wires").push_back(x);
    }
    for (const fill::ClayCard& c : cards.clays)
        listIn(j, "clays")
            .push_back({{"id", c.id},
                        {"name", c.name},
                        {"note", c.note},
                        {"family", wordOf(kFamilies, c.family)},
                        {"density_g_per_cm3", c.density_g_cm3},
                        {"pack_g", c.pack_g},
                        {"pack_price", c.packPrice},
                        {"thinnest_mm", c.thinnest_mm},
                        {"thickest_mm", c.thickest_mm},
                        {"set_C", c.set_C},
                        {"soak_min", c.soak_min},
                        {"scorch_C", c.scorch_C},
                        {"yield_MPa", c.yield_MPa},
                        {"most_heat_min", c.mostHeat_min},
                        {"youngs_MPa", c.youngs_MPa},
                        {"rupture_MPa", c.rupture_MPa},
                        {"strain_limit", c.strainLimit},
                        {"raw_strength_MPa", c.rawStrength_MPa},
                        {"shrink", c.shrink},
                        {"dry_h_6mm", c.dry_h_6mm},
                        {"working_h", c.working_h},
                        {"curing_h", c.curing_h},
                        {"colour", c.colour}});
    for (const fill::BulkCard& c : cards.bulks) {
        listIn(j, "bulks")
            .push_back({{"id", c.id},
                        {"name", c.name},
                        {"note", c.note},
                        {"density_g_per_cm3", c.density_g_cm3},
                        {"conductivity_W_per_mK", c.conductivity_W_mK},
                        {"heat_J_per_kgK", c.heat_J_kgK},
                        {"foil", c.foil},
                        {"oven_limit_C", c.ovenLimit_C},
                        {"price_per_kg", c.price_kg},
                        {"dry_h", c.dry_h}});
        if (c.putty) j["bulks"].back()["putty"] = true;
    }
    for (const fill::CoverCard& c : cards.covers)
        listIn(j, "covers")
            .push_back({{"id", c.id},
                        {"name", c.name},
                        {"note", c.note},
                        {"mass_g_per_m2", c.mass_g_m2},
                        {"oven_limit_C", c.ovenLimit_C},
                        {"price_per_m2", c.price_m2},
                        {"colour", c.colour}});
    for (const fill::OvenCard& c : cards.ovens)
        listIn(j, "ovens")
            .push_back(
                {{"id", c.id}, {"name", c.name}, {"note", c.note}, {"limit_C", c.limit_C}, {"support", c.support}});
    for (const fill::AdhesiveCard& c : cards.adhesives) {
        Json one{{"id", c.id}, {"name", c.name}, {"note", c.note}, {"shear_MPa", c.shear_MPa}, {"limit_C", c.limit_C}};
        for (const auto& [face, shear] : c.holds_MPa)
            one["holds_MPa"][wordOf(kFaceWords, face)] = shear;
        listIn(j, "adhesives").push_back(std::move(one));
    }
    for (const paint::PaintCard& c : cards.paints)
        listIn(j, "paints")
            .push_back({{"id", c.id},
                        {"name", c.name},
                        {"note", c.note},
                        {"medium", wordOf(kMedia, c.medium)},
                        {"colour", c.colour},
                        {"opacity", c.opacity},
                        {"coverage_m2_per_l", c.coverage_m2_l},
                        {"pot_ml", c.pot_ml},
                        {"pot_price", c.potPrice},
                        {"dry_min", c.dry_min}});
    for (std::size_t i = 0; i < cards.paints.size(); ++i) {
        const paint::PaintCard& c = cards.paints[i];
        if (c.strength != 1) j["paints"][i]["strength"] = c.strength;
        if (c.gloss != 0) j["paints"][i]["gloss"] = c.gloss;
        if (!c.batch.empty()) j["paints"][i]["batch"] = c.batch;
    }
    return j;
}

void addExtras(Json& object, const std::map<std::string, std::string>& extras) {
    for (const auto& [key, text] : extras)
        object[key] = Json::parse(text);
}

} // namespace enkinet::files
