#pragma once
// Coats of paint on a part: how many until the ground no longer shows, millilitres and drying. docs/mechanics.md 82
// to 84.
#include "base/memo.h"
#include "paint/reflectance.h"
#include "schema/table.h"
#include <optional>
#include <vector>

namespace enkinet::paint {

enum class Medium { acrylic, oil, varnish };
enum class Role { primer, base, wash, dry_brush, varnish };

struct PaintCard {
    std::string id, name, note;
    Medium medium = Medium::acrylic;
    std::string colour;   ///< #rrggbb
    double opacity = 0.8; ///< hiding of one coat: luminance over black as a share of that over white
    double gloss = 0;     ///< of its surface once dry: 0 matte, 0.4 satin, 1 wet
    double strength = 1;  ///< tinting strength in mixtures; measured by a chip
    std::string batch;    ///< as on the pot
    double coverage_m2_l = 10;
    double pot_ml = 60, potPrice = 0;
    double dry_min = 20; ///< to the next coat
    friend bool operator==(const PaintCard&, const PaintCard&) = default;
};
Result<PaintCard> makePaint(PaintCard card);

/// Where on a part a coat goes.
enum class Zone {
    everywhere,
    front,
    back,
    stretch, ///< from one share of the part's length to another
    recess,  ///< what lies below the mean of the relief
    ridge,   ///< and above
    features ///< what sits on the part
};

struct Coat {
    Role role = Role::base;
    std::string paint;
    double amount = 1; ///< of a wash or a dry brush: how much of it, 0.1 to 4
    Zone zone = Zone::everywhere;
    double from = 0, to = 1; ///< of a stretch
    friend bool operator==(const Coat&, const Coat&) = default;
};

/// What a surface is like to the touch.
enum class Texture { smooth, folds, scales, hair, pores };
struct Relief {
    Texture texture = Texture::folds;
    double depth_mm = 0.6, pitch_mm = 4;
    friend bool operator==(const Relief&, const Relief&) = default;
};

/// An ordered stack of coats that parts refer to.
struct Scheme {
    std::string id, name;
    std::vector<Coat> coats;
    Relief relief{};
    friend bool operator==(const Scheme&, const Scheme&) = default;
};

const schema::Words& wordsOf(Medium);
const schema::Words& wordsOf(Role);
const schema::Words& wordsOf(Zone);
const schema::Words& wordsOf(Texture);
const schema::Table& described(const PaintCard*);
const schema::Table& described(const Coat*);
const schema::Table& described(const Relief*);
const schema::Table& described(const Scheme*);

/// A place of which one is painted, and what lies under its coat: everywhere is under everything.
bool liesUnder(const Coat& lower, const Coat& upper);
/// Share of a part's surface that a coat covers. features: share that what sits on it has.
double findShare(const Coat& coat, const Relief& relief, double features);

/// Painted surface per smooth surface: folds and texture.
inline constexpr double kRelief = 1.15;
/// A difference that an eye no longer sees at arm's length.
inline constexpr double kUnseen = 2.0;
inline constexpr int kMostCoats = 8;
/// Share of a full coat's paint that stays on: a wash is thin, a dry brush touches ridges only.
inline constexpr double kWashShare = 0.5, kDryBrushShare = 0.3;

/// Curves of colours, and powers of one coat by colour and hiding, kept by whoever asks: each is worked out once.
struct CurveMemo {
    Node<std::string, Reflectance> curves;
    Node<std::pair<std::string, double>, double> powers;
};
/// Coats until the ground no longer shows: least k with dE2000(ground under k coats, paint) below kUnseen; kMostCoats
/// where that takes more.
int calcCoats(const Reflectance& ground, const Reflectance& paint, double hiding);
/// The same by the power of one coat.
int countCoats(const Reflectance& ground, const Reflectance& paint, double power);

struct Laid {
    Role role = Role::base;
    SharedValue<PaintCard> card;
    int coats = 1;
    Zone zone = Zone::everywhere;
    double from = 0, to = 1; ///< of a stretch
    double share = 1;        ///< of the surface
    double ml = 0, dry_min = 0;
    double contrast = 0; ///< dE2000 between this paint and what it goes on
    Rgb seen;            ///< after its coats
    double off = 0;      ///< dE2000 of that from the paint by itself
    friend bool operator==(const Laid&, const Laid&) = default;
};

/// Amounts of 0.1 to 4, a relief 0 to 10 mm deep with a pitch of 0.2 to 100 mm, at most 20 coats.
std::optional<Fault> checkScheme(const Scheme& scheme);

/// What a scheme takes on a surface of clay (its colour, #rrggbb): coats in order, each on the colour that the one
/// before leaves in its place. Cards must outlive the result; a paint that the shelf lacks is a Fault.
Result<std::vector<Laid>> calcLaid(const Scheme& scheme, const std::vector<PaintCard>& shelf, const std::string& clay,
                                   double surface_mm2, CurveMemo* memo = nullptr, double features = 0);

/// A clay by its colour, and what a scheme takes on it until it no longer shows.
struct ClayGround {
    std::string id, colour; ///< #rrggbb
    int coats = 0;          ///< that cover: primers and bases
    double dry_min = 0;     ///< of all coats
    friend bool operator==(const ClayGround&, const ClayGround&) = default;
};
/// What each clay takes, the fewest coats first, of these the quickest to dry; those without a sound colour are left
/// out.
std::vector<ClayGround> compareClays(const Scheme& scheme, const std::vector<PaintCard>& shelf,
                                     std::vector<ClayGround> clays);

/// May this medium go on that one, once it is dry? Oil on acrylic yes; acrylic on oil no; nothing on varnish but
/// varnish.
bool mayGoOn(Medium upper, Medium lower);
/// The coats that one touches, the last first: in each place that it goes to the last before it. Empty: the clay alone.
std::vector<std::size_t> findTouched(const std::vector<Coat>& coats, std::size_t coat);
std::vector<std::size_t> findTouched(const std::vector<Laid>& laid, std::size_t coat);

} // namespace enkinet::paint
