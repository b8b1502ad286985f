#include "paint/recipe.h"
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::paint {

namespace {

using Lane = std::array<float, kBands>;

/// Y of the mixture and, where that may do, its colour. All bands are positive in Y.
struct Eye {
    alignas(32) Lane y{};
    alignas(32) Lane r{}, g{}, b{};
};

Eye makeEye() {
    Eye e;
    for (std::size_t k = 0; k < kBands; ++k) {
        Reflectance one{};
        one.fill(0);
        one[k] = 1;
        const Rgb c = toRgb(one);
        e.r[k] = static_cast<float>(c.r), e.g[k] = static_cast<float>(c.g), e.b[k] = static_cast<float>(c.b);
        e.y[k] = static_cast<float>(0.2126729 * c.r + 0.7151522 * c.g + 0.0721750 * c.b);
    }
    return e;
}

/// Twelve sums side by side, which the compiler turns into vectors; one after the other would wait for each.
inline __attribute__((always_inline)) float sumOf(const Lane& a, const Lane& b) {
    constexpr std::size_t kWide = 12;
    static_assert(kBands % kWide == 0);
    float part[kWide] = {};
    for (std::size_t from = 0; from < kBands; from += kWide)
        for (std::size_t i = 0; i < kWide; ++i)
            part[i] += a[from + i] * b[from + i];
    float sum = 0;
    for (float p : part)
        sum += p;
    return sum;
}

/// The mixture's reflectance from its weighted absorption, and its Y.
/// Compiled twice: for wide vectors, where the machine has them, and for any.
__attribute__((target_clones("avx2", "default"))) float mix(const Lane& absorbs, float scale, const Lane& eye,
                                                            Lane& r) {
    for (std::size_t b = 0; b < kBands; ++b) {
        const float k = absorbs[b] * scale;
        r[b] = 1 / (1 + k + std::sqrt(k * (k + 2)));
    }
    return sumOf(eye, r);
}

/// Bands in eight groups, narrow where the eye sees most. Reflectance falls with absorption ever less steeply, so that
/// of a group's mean absorption is never more than the group's mean reflectance: one short sum says what is too light.
constexpr std::size_t kGroups = 8;
constexpr std::size_t kGroupEnd[kGroups] = {8, 12, 15, 18, 21, 24, 28, 36};
using Groups = std::array<float, kGroups>;

__attribute__((target_clones("avx2", "default"))) float leastY(const Groups& absorbs, float scale,
                                                               const Groups& weight) {
    float y[kGroups];
    for (std::size_t g = 0; g < kGroups; ++g) {
        const float k = absorbs[g] * scale;
        y[g] = weight[g] / (1 + k + std::sqrt(k * (k + 2)));
    }
    return ((y[0] + y[1]) + (y[2] + y[3])) + ((y[4] + y[5]) + (y[6] + y[7]));
}

double luminanceOf(double L) {
    const double f = (L + 16) / 116;
    return f * f * f > 216.0 / 24389 ? f * f * f : (116 * f - 16) * 27 / 24389;
}

class RecipeSearch {
public:
    RecipeSearch(const std::vector<PaintCard>& shelf, const Rgb& target, const RecipeLimits& limits)
        : m_limits(limits), m_goal(toLab(target)), m_eye(makeEye()), m_n(static_cast<int>(shelf.size())),
          m_count(limits, std::numeric_limits<long>::max()) {
        for (const PaintCard& c : shelf) {
            const auto colour = parseHex(c.colour);
            m_curves.push_back(calcReflectance(colour ? *colour : Rgb{}));
            m_strength.push_back(c.strength);
            Lane k;
            for (std::size_t b = 0; b < kBands; ++b)
                k[b] = static_cast<float>(toAbsorption(m_curves.back()[b]) * c.strength);
            m_absorbs.push_back(k);
            m_grouped.push_back(groupsOf(k));
        }
        for (std::size_t g = 0, b = 0; g < kGroups; ++g)
            for (m_weight[g] = 0; b < kGroupEnd[g]; ++b)
                m_weight[g] += m_eye.y[b];
        setBest(1e9);
    }

    Recipes run() {
        // Few paints first: what they reach bounds the many.
        m_all = true;
        for (int most = 1; most <= std::min({m_limits.mostPaints, m_n, 4}) && m_all; ++most) {
            m_wanted = most;
            Lane none{};
            choose(0, 0, 0, 0, 0, none, {});
        }
        Recipes out;
        out.tried = m_tried, out.proved = m_all;
        std::sort(m_best.begin(), m_best.end(), before);
        out.recipes = std::move(m_best);
        return out;
    }

private:
    /// Mean absorption of each group, as the eye weighs its bands.
    Groups groupsOf(const Lane& k) const {
        Groups all{};
        for (std::size_t g = 0, b = 0; g < kGroups; ++g) {
            float sum = 0, weight = 0;
            for (; b < kGroupEnd[g]; ++b)
                sum += m_eye.y[b] * k[b], weight += m_eye.y[b];
            all[g] = sum / weight;
        }
        return all;
    }
    static bool before(const Recipe& a, const Recipe& b) {
        if (a.deltaE != b.deltaE) return a.deltaE < b.deltaE;
        if (a.parts.size() != b.parts.size()) return a.parts.size() < b.parts.size();
        return a.sum() < b.sum();
    }
    /// What a recipe must beat; SL of CIEDE2000 at most so large for lightnesses near the goal.
    void setBest(double deltaE) {
        m_worst = deltaE;
        // |dL| / SL alone is never more than the whole difference, and SL is never above 1.75.
        const double reach = 1.75 * deltaE + 1e-3;
        m_leastY = static_cast<float>(luminanceOf(m_goal.L - reach)) - 1e-5F;
        m_mostY = static_cast<float>(luminanceOf(std::min(200.0, m_goal.L + reach))) + 1e-5F;
    }
    bool enough(int paint, int parts, int sum) const {
        return m_limits.needed_ml <= 0 ||
               (static_cast<std::size_t>(paint) < m_limits.left_ml.size() &&
                m_limits.needed_ml * parts / sum <= m_limits.left_ml[static_cast<std::size_t>(paint)] + 1e-9);
    }

    /// Adds paints from a place on until there are as many as wanted.
    void choose(int from, int have, int sum, int divisor, double weight, const Lane& absorbs, const Groups& grouped) {
        for (int i = from; i < m_n && m_all; ++i) {
            if (have < 2 && !m_count.next()) {
                m_all = false;
                return;
            }
            const Lane& own = m_absorbs[static_cast<std::size_t>(i)];
            const Groups& ownGroups = m_grouped[static_cast<std::size_t>(i)];
            Lane next = absorbs;
            Groups nextGroups = grouped;
            // A part is left for each paint that is still to come.
            const int most = m_limits.mostParts - sum - (m_wanted - have - 1);
            for (int p = 1; p <= most; ++p) {
                for (std::size_t b = 0; b < kBands; ++b)
                    next[b] += own[b];
                for (std::size_t g = 0; g < kGroups; ++g)
                    nextGroups[g] += ownGroups[g];
                m_picked[static_cast<std::size_t>(have)] = {i, p};
                const int d = std::gcd(divisor, p);
                const double w = weight + p * m_strength[static_cast<std::size_t>(i)];
                if (have + 1 < m_wanted)
                    choose(i + 1, have + 1, sum + p, d, w, next, nextGroups);
                else if (d == 1)
                    look(have + 1, sum + p, w, next, nextGroups);
                if (!m_all) return;
            }
        }
    }

    void look(int paints, int sum, double weight, const Lane& absorbs, const Groups& grouped) {
        ++m_tried;
        const float scale = static_cast<float>(1 / weight);
        if (leastY(grouped, scale, m_weight) > m_mostY) return;
        alignas(32) Lane r;
        const float y = mix(absorbs, scale, m_eye.y, r);
        if (y < m_leastY || y > m_mostY) return;
        const Lab seen = toLab({sumOf(m_eye.r, r), sumOf(m_eye.g, r), sumOf(m_eye.b, r)});
        // The lightness by itself, with its own SL.
        const double mean = (seen.L + m_goal.L) / 2 - 50, sl = 1 + 0.015 * mean * mean / std::sqrt(20 + mean * mean);
        const double light = (seen.L - m_goal.L) / sl;
        if (std::abs(light) > m_worst + 0.01) return;
        // Of chroma and hue at least so much: SC is the larger of their scales, below 1 + 0.0675 times the mean chroma,
        // and the rotation takes at most 0.866 of it.
        const double da = seen.a - m_goal.a, db = seen.b - m_goal.b;
        const double sc = 1 + 0.0675 *
                                  (std::sqrt(seen.a * seen.a + seen.b * seen.b) +
                                   std::sqrt(m_goal.a * m_goal.a + m_goal.b * m_goal.b)) /
                                  2;
        if (light * light + 0.13 * (da * da + db * db) / (sc * sc) > (m_worst + 0.01) * (m_worst + 0.01)) return;
        if (calcDeltaE2000(seen, m_goal) > m_worst + 0.01) return;
        for (int i = 0; i < paints; ++i)
            if (!enough(m_picked[static_cast<std::size_t>(i)].paint, m_picked[static_cast<std::size_t>(i)].parts, sum))
                return;
        // Near enough: once more exactly.
        Recipe recipe;
        std::vector<Share> shares;
        for (int i = 0; i < paints; ++i) {
            const RecipePart& part = m_picked[static_cast<std::size_t>(i)];
            recipe.parts.push_back(part);
            shares.push_back({m_curves[static_cast<std::size_t>(part.paint)], static_cast<double>(part.parts),
                              m_strength[static_cast<std::size_t>(part.paint)]});
        }
        recipe.colour = toRgb(calcMixture(shares));
        recipe.deltaE = calcDeltaE2000(toLab(recipe.colour), m_goal);
        keep(std::move(recipe));
    }

    void keep(Recipe recipe) {
        const auto most = static_cast<std::size_t>(std::max(1, m_limits.shown));
        m_best.push_back(std::move(recipe));
        std::sort(m_best.begin(), m_best.end(), before);
        if (m_best.size() > most) m_best.pop_back();
        if (m_best.size() == most) setBest(m_best.back().deltaE);
    }

    const RecipeLimits& m_limits;
    Lab m_goal;
    Eye m_eye;
    int m_n, m_wanted = 1;
    std::vector<Reflectance> m_curves;
    std::vector<double> m_strength;
    std::vector<Lane> m_absorbs;
    std::vector<Groups> m_grouped;
    Groups m_weight{};
    std::array<RecipePart, 4> m_picked{};
    std::vector<Recipe> m_best;
    double m_worst = 1e9;
    float m_leastY = 0, m_mostY = 1e9F;
    long m_tried = 0;
    solve::Count m_count;
    bool m_all = true;
};

} // namespace

int Recipe::sum() const {
    return std::accumulate(parts.begin(), parts.end(), 0, [](int s, const RecipePart& p) { return s + p.parts; });
}

Recipes calcRecipes(const std::vector<PaintCard>& shelf, const Rgb& target, const RecipeLimits& limits) {
    if (shelf.empty()) return {};
    return RecipeSearch(shelf, target, limits).run();
}

std::vector<double> calcOneMore(const std::vector<PaintCard>& shelf, const Recipe& recipe, const Rgb& target) {
    std::vector<double> off;
    const Lab goal = toLab(target);
    for (std::size_t i = 0; i < shelf.size(); ++i) {
        std::vector<Share> shares;
        bool there = false;
        for (const RecipePart& p : recipe.parts) {
            const PaintCard& c = shelf[static_cast<std::size_t>(p.paint)];
            const auto colour = parseHex(c.colour);
            const bool own = p.paint == static_cast<int>(i);
            there = there || own;
            shares.push_back({calcReflectance(colour ? *colour : Rgb{}), p.parts + (own ? 1.0 : 0.0), c.strength});
        }
        if (!there) {
            const auto colour = parseHex(shelf[i].colour);
            shares.push_back({calcReflectance(colour ? *colour : Rgb{}), 1, shelf[i].strength});
        }
        off.push_back(calcDeltaE2000(toLab(toRgb(calcMixture(shares))), goal));
    }
    return off;
}

std::vector<double> calcAmounts(const Recipe& recipe, double needed_ml, double waste) {
    std::vector<double> ml;
    const double sum = std::max(1, recipe.sum());
    for (const RecipePart& p : recipe.parts)
        ml.push_back(needed_ml * (1 + waste) * p.parts / sum);
    return ml;
}

PaintCard makeMixed(const std::vector<PaintCard>& shelf, const Recipe& recipe, double ml) {
    PaintCard card = shelf[static_cast<std::size_t>(recipe.parts.front().paint)];
    card.colour = toHex(recipe.colour), card.id = "mixed-" + card.colour.substr(1);
    card.name.clear(), card.note.clear(), card.batch.clear();
    card.opacity = card.strength = card.dry_min = 0;
    card.pot_ml = std::max(1.0, ml), card.potPrice = 0;
    for (const RecipePart& p : recipe.parts) {
        const PaintCard& c = shelf[static_cast<std::size_t>(p.paint)];
        const double share = static_cast<double>(p.parts) / recipe.sum();
        card.opacity += share * c.opacity, card.strength += share * c.strength;
        card.dry_min = std::max(card.dry_min, c.dry_min);
        card.potPrice += share * c.potPrice / c.pot_ml * card.pot_ml;
    }
    return card;
}

} // namespace enkinet::paint
