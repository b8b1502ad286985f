// The hardest pose within the joints' ranges, against brute force: a grid of 21 steps a freedom, its best 20 polished.
#include "body/pose.h"
#include "load/reach.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::load;

namespace {

/// v turned about an axis through the origin, by Rodrigues' formula; written again so that nothing is shared.
Vec3 turned(const Vec3& v, const Vec3& rotation) {
    const double angle = norm(rotation);
    if (angle < 1e-12) return v;
    const Vec3 k = (1 / angle) * rotation;
    return std::cos(angle) * v + std::sin(angle) * cross(k, v) + ((1 - std::cos(angle)) * dot(k, v)) * k;
}

/// Two joints beyond the one in question, one after the other or side by side.
struct Drawn {
    Puppet puppet;
    Skeleton rest;
    std::vector<PointMass> masses;
    Vec3 own, first[2], pivot[2]; ///< first moments of the three bodies about their pivots; pivots from the parent's
    double mass[2];
    double low[2], high[2], most[2], sign[2];
    bool chain = true;

    double at(const double* x) const {
        Vec3 f[2];
        for (int i = 1; i >= 0; --i) {
            Vec3 own_ = first[i];
            if (i == 0 && chain) own_ = own_ + f[1] + mass[1] * pivot[1];
            f[i] = turned(own_, {sign[i] * x[2 * i], 0, x[2 * i + 1]});
        }
        Vec3 all = own + f[0] + (mass[0] + (chain ? mass[1] : 0)) * pivot[0];
        if (!chain) all = all + f[1] + mass[1] * pivot[1];
        return norm(all);
    }
    void hold(double* x) const {
        for (int i = 0; i < 2; ++i) {
            x[2 * i] = std::clamp(x[2 * i], low[i], high[i]);
            const double spare = std::sqrt(std::max(0.0, most[i] * most[i] - x[2 * i] * x[2 * i]));
            x[2 * i + 1] = std::clamp(x[2 * i + 1], -spare, spare);
        }
    }
    double brute(double* best) const {
        constexpr int kGrid = 21;
        std::vector<std::pair<double, std::array<double, 4>>> found;
        std::array<double, 4> x;
        double worst = 0;
        const auto put = [&](double f) {
            if (found.size() >= 20 && f <= worst) return;
            found.emplace_back(f, x);
            std::sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
            if (found.size() > 20) found.pop_back();
            worst = found.back().first;
        };
        for (int a = 0; a < kGrid; ++a)
            for (int b = 0; b < kGrid; ++b)
                for (int c = 0; c < kGrid; ++c)
                    for (int d = 0; d < kGrid; ++d) {
                        const int n[4] = {a, b, c, d};
                        for (int i = 0; i < 2; ++i) {
                            const auto k = nth(2 * i);
                            x[k] = low[i] + (high[i] - low[i]) * n[k] / (kGrid - 1);
                            const double spare = std::sqrt(std::max(0.0, most[i] * most[i] - x[k] * x[k]));
                            x[k + 1] = spare * (2.0 * n[k + 1] / (kGrid - 1) - 1);
                        }
                        put(at(x.data()));
                    }
        double top = 0;
        for (auto& [f, start] : found) {
            double value = f;
            for (double step = 0.1; step > 1e-6; step /= 2)
                for (bool better = true; better;) {
                    better = false;
                    for (int i = 0; i < 8; ++i) {
                        std::array<double, 4> y = start;
                        y[nth(i / 2)] += i % 2 ? step : -step;
                        hold(y.data());
                        if (const double g = at(y.data()); g > value * (1 + 1e-12)) value = g, start = y, better = true;
                    }
                }
            if (value > top) top = value, std::copy(start.begin(), start.end(), best);
        }
        return top;
    }
};

Vec3 anywhere(Random& r, double size) {
    return {r.between(-size, size), r.between(-size, size), r.between(-size, size)};
}

Drawn drawn(Random& r) {
    Drawn c;
    c.chain = r.whole(0, 1) == 1;
    const int kind = r.whole(0, 2); // waist, arm, whip
    c.puppet = levelArm(false);
    c.puppet.limbs.resize(1);
    const auto joint = [&](const char* id, Vec3 at) { return posed(id, at, 4, -r.between(0, 60), r.between(1, 90)); };
    const Vec3 p0{0, 100, 0}, p1 = p0 + anywhere(r, 40), p2 = (c.chain ? p1 : p0) + anywhere(r, 40);
    const LimbKind limbKind = kind == 0 ? LimbKind::spine : kind == 1 ? LimbKind::arm : LimbKind::leg;
    if (kind == 2) {
        // A whip, and limbs that hang on its tip.
        c.chain = false;
        Limb tail = limb("a", LimbKind::tail, {joint("j0", p0), fixedPoint("tip", p1)}, "post", "top");
        tail.whip = true;
        c.puppet.limbs.push_back(tail);
        c.puppet.limbs.push_back(limb(
            "b", LimbKind::arm, {joint("j1", p1 + Vec3{1, 0, 0}), fixedPoint("t1", p1 + Vec3{20, 9, 0})}, "a", "tip"));
        c.puppet.limbs.push_back(
            limb("c", LimbKind::leg, {joint("j2", p2), fixedPoint("t2", p2 + Vec3{4, 19, 0})}, "a", "tip"));
    } else if (c.chain) {
        c.puppet.limbs.push_back(limb(
            "a", limbKind, {joint("j0", p0), joint("j1", p1), joint("j2", p2), fixedPoint("tip", p2 + Vec3{20, 5, 1})},
            "post", "top"));
    } else {
        c.puppet.limbs.push_back(
            limb("a", limbKind, {joint("j0", p0), fixedPoint("m", p0 + Vec3{3, 21, 2})}, "post", "top"));
        c.puppet.limbs.push_back(
            limb("b", LimbKind::arm, {joint("j1", p1), fixedPoint("t1", p1 + Vec3{20, 0, 5})}, "a", "m"));
        c.puppet.limbs.push_back(
            limb("c", LimbKind::leg, {joint("j2", p2), fixedPoint("t2", p2 + Vec3{0, 20, 5})}, "a", "m"));
    }
    auto sound = makePuppet(c.puppet);
    INFO((sound ? std::string() : sound.fault().sentence()));
    REQUIRE(sound);
    c.puppet = sound.take();
    c.rest = calcSkeleton(c.puppet);
    REQUIRE(c.rest.hinges.size() == 3);
    std::vector<Vec3> firsts(3);
    std::vector<double> all(3, 0);
    for (int h = 0; h < 3; ++h) {
        const int body = c.rest.links[nth(c.rest.hinges[nth(h)].after)].body;
        for (int i = 0; i < 3; ++i) {
            const double g = r.between(0.5, 20);
            const Vec3 off = anywhere(r, 50);
            const Vec3 at = c.rest.hinges[nth(h)].at;
            c.masses.push_back({g, at + off, body});
            firsts[nth(h)] = firsts[nth(h)] + g * off;
            all[nth(h)] += g;
        }
    }
    c.own = firsts[0];
    for (int i = 0; i < 2; ++i) {
        const auto h = nth(i + 1);
        const Hinge& hinge = c.rest.hinges[h];
        const Limb& l = c.puppet.limbs[nth(c.rest.copies[nth(hinge.copy)].limb)];
        const Joint& j = l.joints[nth(hinge.joint)];
        c.first[i] = firsts[h], c.mass[i] = all[h];
        c.pivot[i] = hinge.at - c.rest.hinges[c.chain ? h - 1 : 0].at;
        c.low[i] = j.low_rad, c.high[i] = j.high_rad, c.most[i] = findLargestBend(j);
        c.sign[i] = findForthSign(l.kind);
    }
    return c;
}

void compare(int cases, unsigned seed) {
    Random random(seed);
    double worst = 0;
    for (int i = 0; i < cases; ++i) {
        const Drawn c = drawn(random);
        double x[4];
        const double brute = c.brute(x);
        ReachMemo memo;
        ReachSearch search(c.puppet, c.rest, 1, memo);
        const Reach found = search.calc(c.masses)[0];
        INFO("case " << i << (c.chain ? " chain" : " side by side") << " brute " << brute << " found "
                     << found.first_gmm);
        CHECK(found.first_gmm <= found.bound_gmm * (1 + 1e-12));
        CHECK(found.first_gmm >= brute * (1 - 1e-3));
        // The grid and its polish fall short here and there themselves.
        CHECK(found.first_gmm <= brute * (1 + 0.02));
        worst = std::max(worst, 1 - found.first_gmm / brute);
    }
    WARN("largest shortfall " << worst);
}

} // namespace

TEST_CASE("The hardest pose of 100 random waists, arms and whips is no less than brute force finds", "[load][full]") {
    compare(100, 31);
}

TEST_CASE("The hardest pose of 500 random waists, arms and whips is no less than brute force finds",
          "[load][long][.]") {
    compare(500, 32);
}
