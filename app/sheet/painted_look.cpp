#include "sheet/painted_look.h"
#include <algorithm>
#include <map>
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
constexpr int kTexture = 64;
constexpr std::size_t kMostKept = 200;

/// All that the look follows from.
std::string keyOf(const paint::Scheme& s, const std::vector<paint::PaintCard>& shelf, const std::string& clay,
                  const paint::Coat& place) {
    QString key = QString("%1/%2/%3/%4")
                      .arg(QString::fromStdString(clay))
                      .arg(static_cast<int>(s.relief.texture))
                      .arg(s.relief.depth_mm)
                      .arg(s.relief.pitch_mm);
    for (const paint::Coat& c : s.coats) {
        const auto card = std::find_if(shelf.begin(), shelf.end(), [&](const auto& x) { return x.id == c.paint; });
        if (card == shelf.end()) continue;
        key += QString("|%1,%2,%3,%4,%5,%6,%7")
                   .arg(static_cast<int>(c.role))
                   .arg(QString::fromStdString(card->colour))
                   .arg(card->opacity)
                   .arg(c.amount)
                   .arg(static_cast<int>(c.zone))
                   .arg(c.from)
                   .arg(c.to);
        key += QString(",%1").arg(card->gloss);
    }
    key += QString("@%1,%2,%3").arg(static_cast<int>(place.zone)).arg(place.from).arg(place.to);
    return key.toStdString();
}
} // namespace

PaintedLook findPaintedLook(const paint::Scheme& scheme, const std::vector<paint::PaintCard>& shelf,
                            const std::string& clay, const paint::Coat& place) {
    static std::mutex lock;
    static std::map<std::string, PaintedLook> kept;
    const std::string key = keyOf(scheme, shelf, clay, place);
    {
        const std::lock_guard hold(lock);
        if (const auto known = kept.find(key); known != kept.end()) return known->second;
    }
    PaintedLook look;
    if (const auto patch =
            paint::calcReliefPatch(scheme, shelf, clay, kTexture, std::max(6.0, 4 * scheme.relief.pitch_mm), place)) {
        paint::Rgb sum;
        for (const paint::Rgb& c : patch->seen)
            sum.r += c.r, sum.g += c.g, sum.b += c.b;
        const auto n = static_cast<double>(patch->seen.size());
        const auto colour = [](const paint::Rgb& c) { return QColor(QString::fromStdString(paint::toHex(c))); };
        look.mean = colour({sum.r / n, sum.g / n, sum.b / n});
        look.recess = colour(patch->tones.recess), look.ridge = colour(patch->tones.ridge);
    }
    for (const paint::Coat& c : scheme.coats)
        if (paint::liesUnder(c, place) && c.role != paint::Role::wash && c.role != paint::Role::dry_brush)
            for (const paint::PaintCard& card : shelf)
                if (card.id == c.paint) look.gloss = card.gloss;
    const std::lock_guard hold(lock);
    if (kept.size() >= kMostKept) kept.clear();
    return kept[key] = look;
}

std::vector<paint::Coat> findPlaces(const paint::Scheme& scheme) {
    std::vector<paint::Coat> places;
    for (const paint::Coat& c : scheme.coats) {
        if (c.zone != paint::Zone::front && c.zone != paint::Zone::back && c.zone != paint::Zone::stretch) continue;
        const paint::Coat place{paint::Role::base, {}, 1, c.zone, c.from, c.to};
        if (std::find(places.begin(), places.end(), place) == places.end()) places.push_back(place);
    }
    return places;
}

const paint::Scheme* findScheme(const body::Layers& l, const std::vector<paint::Scheme>& schemes,
                                const results::Report& r) {
    if (l.scheme.empty() || r.shelf.covers.contains(l.cover)) return nullptr;
    for (const paint::Scheme& s : schemes)
        if (s.id == l.scheme && !s.coats.empty()) return &s;
    return nullptr;
}

std::string findGround(const body::Layers& l, const results::Report& r) {
    const auto clay = r.shelf.clays.find(l.clay);
    return clay != r.shelf.clays.end() && !clay->second.colour.empty() ? clay->second.colour : "#b8b8b8";
}

} // namespace enkinet::app
