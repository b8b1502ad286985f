#include "sheet/painted_look.h"
#include <algorithm>
#include <list>
#include <mutex>

namespace enkinet::app {

QImage imageOf(const paint::ReliefPatch& patch) {
    QImage image(patch.n, patch.n, QImage::Format_RGB32);
    for (int j = 0; j < patch.n; ++j) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(j));
        for (int i = 0; i < patch.n; ++i)
            line[i] =
                0xff000000 | paint::toBytes(patch.seen[static_cast<std::size_t>(j) * static_cast<std::size_t>(patch.n) +
                                                       static_cast<std::size_t>(i)]);
    }
    return image;
}

namespace {
constexpr int kPatch = 64;
constexpr std::size_t kMostKept = 200;

/// All that a look follows from: a field that is added to any of it is part of this by itself.
struct LookKey {
    paint::Scheme scheme;
    std::vector<paint::PaintCard> cards; ///< of its coats
    std::string clay;
    paint::Coat place;
    friend bool operator==(const LookKey&, const LookKey&) = default;
};

PaintedLook calcLook(const LookKey& key) {
    PaintedLook look;
    if (const auto patch = paint::calcReliefPatch(key.scheme, key.cards, key.clay, kPatch,
                                                  std::max(6.0, 4 * key.scheme.relief.pitch_mm), key.place)) {
        paint::Rgb sum;
        for (const paint::Rgb& c : patch->seen)
            sum.r += c.r, sum.g += c.g, sum.b += c.b;
        const auto n = static_cast<double>(patch->seen.size());
        const auto colour = [](const paint::Rgb& c) { return QColor(QString::fromStdString(paint::toHex(c))); };
        look.mean = colour({sum.r / n, sum.g / n, sum.b / n});
        look.recess = colour(patch->tones.recess), look.ridge = colour(patch->tones.ridge);
    }
    for (std::size_t i = 0; i < key.scheme.coats.size(); ++i) {
        const paint::Coat& c = key.scheme.coats[i];
        if (paint::liesUnder(c, key.place) && c.role != paint::Role::wash && c.role != paint::Role::dry_brush)
            look.gloss = key.cards[i].gloss;
    }
    return look;
}
} // namespace

PaintedLook findPaintedLook(const paint::Scheme& scheme, const std::vector<paint::PaintCard>& shelf,
                            const std::string& clay, const paint::Coat& place) {
    static std::mutex lock;
    static std::list<std::pair<LookKey, PaintedLook>> kept; // the newest first
    LookKey key{scheme, {}, clay, place};
    for (const paint::Coat& c : scheme.coats) {
        const auto card = std::find_if(shelf.begin(), shelf.end(), [&](const auto& x) { return x.id == c.paint; });
        if (card == shelf.end()) return {};
        key.cards.push_back(*card);
    }
    {
        const std::lock_guard hold(lock);
        for (const auto& [known, look] : kept)
            if (known == key) return look;
    }
    const PaintedLook look = calcLook(key);
    const std::lock_guard hold(lock);
    kept.emplace_front(std::move(key), look);
    if (kept.size() > kMostKept) kept.pop_back();
    return look;
}

std::vector<PlaceLook> findPlaceLooks(const body::Layers& l, const std::vector<paint::Scheme>& schemes,
                                      const results::Report& r) {
    std::vector<PlaceLook> all;
    const auto scheme =
        std::find_if(schemes.begin(), schemes.end(), [&](const paint::Scheme& s) { return s.id == l.scheme; });
    if (scheme == schemes.end() || scheme->coats.empty() || r.shelf.covers.contains(l.cover)) return all;
    const auto clay = r.shelf.clays.find(l.clay);
    const std::string ground =
        clay != r.shelf.clays.end() && !clay->second.colour.empty() ? clay->second.colour : "#b8b8b8";
    const auto add = [&](const paint::Coat& place) {
        all.push_back({place, findPaintedLook(*scheme, r.cards->paints, ground, place)});
    };
    add({});
    for (const paint::Coat& c : scheme->coats) {
        if (c.zone != paint::Zone::front && c.zone != paint::Zone::back && c.zone != paint::Zone::stretch) continue;
        const paint::Coat place{paint::Role::base, {}, 1, c.zone, c.from, c.to};
        if (std::none_of(all.begin(), all.end(), [&](const PlaceLook& x) { return x.place == place; })) add(place);
    }
    return all;
}

PaintedForm formOf(const body::Link& link) { return {link.from, link.to, 0.5 * (link.from + link.to)}; }

PaintedForm formOf(const body::MassCopy& copy, const body::Mass& mass) {
    const Vec3 up{0, mass.half_mm.y, 0};
    return {copy.at + up, copy.at - up, copy.at};
}

QColor findTone(const std::vector<PlaceLook>& looks, const PaintedForm& form, const Vec3& at, const Vec3& out) {
    const Vec3 bone = form.to - form.from;
    const double share = norm(bone) > 1e-9 ? dot(at - form.from, bone) / dot(bone, bone) : 0;
    const PaintedLook* look = nullptr;
    for (const PlaceLook& x : looks) {
        const bool in = x.place.zone == paint::Zone::front     ? at.z > form.middle.z
                        : x.place.zone == paint::Zone::back    ? at.z < form.middle.z
                        : x.place.zone == paint::Zone::stretch ? share >= x.place.from && share <= x.place.to
                                                               : true;
        if (in) look = &x.look;
    }
    if (!look || !look->mean.isValid()) return {};
    const QColor& tone = out.y > 0 ? look->ridge : look->recess;
    const auto k = static_cast<float>(0.55 * std::min(1.0, std::abs(out.y)));
    const auto mix = [k](auto a, auto b) { return static_cast<float>(a + k * (b - a)); };
    return QColor::fromRgbF(mix(look->mean.redF(), tone.redF()), mix(look->mean.greenF(), tone.greenF()),
                            mix(look->mean.blueF(), tone.blueF()));
}

} // namespace enkinet::app
