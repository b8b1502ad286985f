#include "paint/reflectance.h"
#include "base/numeric.h"
#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace enkinet::paint {

namespace {

struct Band {
    int nm;
    double x, y, z, light;
};
constexpr Band kObserver[] = {
#include "observer_d65.inc"
};
static_assert(std::size(kObserver) == kBands);
static_assert(kObserver[0].nm == kFirst_nm && kObserver[1].nm == kFirst_nm + kStep_nm);

using Table = Eigen::Matrix<double, 3, static_cast<int>(kBands)>;

/// From reflectance to linear sRGB.
const Table& table() {
    static const Table scaled = [] {
        Eigen::Matrix3d m;
        m << 3.2404542, -1.5371385, -0.4985314, -0.9692660, 1.8760108, 0.0415560, 0.0556434, -0.2040259, 1.0572252;
        Table xyz;
        for (int k = 0; k < static_cast<int>(kBands); ++k) {
            const Band& b = kObserver[k];
            xyz.col(k) << b.x * b.light, b.y * b.light, b.z * b.light;
        }
        Table t = m * (xyz / xyz.row(1).sum());
        for (int i = 0; i < 3; ++i)
            t.row(i) /= t.row(i).sum();
        return t;
    }();
    return scaled;
}

using Curve = Eigen::Matrix<double, static_cast<int>(kBands), 1>;

/// Newton from a curve; false when it does not settle.
bool solve(const Eigen::Vector3d& goal, Curve& z, Eigen::Vector3d& lambda) {
    constexpr int n = static_cast<int>(kBands);
    using System = Eigen::Matrix<double, n + 3, n + 3>;
    using Side = Eigen::Matrix<double, n + 3, 1>;
    const Table& t = table();
    Eigen::Matrix<double, n, n> slope = Eigen::Matrix<double, n, n>::Zero();
    for (int i = 0; i + 1 < n; ++i)
        slope(i, i) += 2, slope(i + 1, i + 1) += 2, slope(i, i + 1) -= 2, slope(i + 1, i) -= 2;
    const auto residual = [&](const Curve& at, const Eigen::Vector3d& l, Side& f) {
        const Curve th = at.array().tanh();
        const Curve first = (1 - th.array().square()) / 2;
        f.head<n>() = slope * at + (first.array() * (t.transpose() * l).array()).matrix();
        f.tail<3>() = t * ((th.array() + 1) / 2).matrix() - goal;
        return f.norm();
    };
    Side f;
    double size = residual(z, lambda, f);
    for (int round = 0; round < 60; ++round) {
        if (f.cwiseAbs().maxCoeff() < 1e-12) return true;
        const Curve th = z.array().tanh();
        const Curve first = (1 - th.array().square()) / 2;
        const Curve second = -2 * th.array() * first.array();
        System j = System::Zero();
        j.topLeftCorner<n, n>() = slope;
        j.topLeftCorner<n, n>().diagonal() += (second.array() * (t.transpose() * lambda).array()).matrix();
        j.topRightCorner<n, 3>() = first.asDiagonal() * t.transpose();
        j.bottomLeftCorner<3, n>() = t * first.asDiagonal();
        const Side step = j.partialPivLu().solve(-f);
        if (!step.allFinite()) return false;
        double share = 1;
        for (int half = 0; half < 30; ++half, share /= 2) {
            const Curve tried = z + share * step.head<n>();
            const Eigen::Vector3d l = lambda + share * step.tail<3>();
            Side g;
            const double now = residual(tried, l, g);
            if (now < size || (half == 29)) {
                z = tried, lambda = l, f = g, size = now;
                break;
            }
        }
    }
    return f.cwiseAbs().maxCoeff() < 1e-10;
}

} // namespace

Rgb toRgb(const Reflectance& curve) {
    const Eigen::Vector3d c = table() * Eigen::Map<const Curve>(curve.data());
    return {c[0], c[1], c[2]};
}

Reflectance calcReflectance(const Rgb& colour) {
    const auto clip = [](double v) { return std::clamp(v, kDarkest, kLightest); };
    const Eigen::Vector3d goal(clip(colour.r), clip(colour.g), clip(colour.b));
    Curve z = Curve::Zero();
    Eigen::Vector3d lambda = Eigen::Vector3d::Zero();
    if (!solve(goal, z, lambda)) {
        // From grey to the colour in smaller and smaller steps.
        z.setConstant(std::atanh(2 * std::clamp(goal.mean(), 0.01, 0.99) - 1)), lambda.setZero();
        const Eigen::Vector3d grey = Eigen::Vector3d::Constant(std::clamp(goal.mean(), 0.01, 0.99));
        double at = 0, step = 0.25;
        while (at < 1 && step > 1e-6) {
            Curve tried = z;
            Eigen::Vector3d l = lambda;
            const double to = std::min(1.0, at + step);
            if (solve(grey + to * (goal - grey), tried, l))
                z = tried, lambda = l, at = to, step *= 1.5;
            else
                step /= 2;
        }
    }
    Reflectance r;
    Eigen::Map<Curve>(r.data()) = (z.array().tanh() + 1) / 2;
    return r;
}

std::uint32_t toBytes(const Rgb& c) {
    std::uint32_t bytes = 0;
    for (double v : {c.r, c.g, c.b}) {
        v = std::clamp(v, 0.0, 1.0);
        const double s = v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055;
        bytes = bytes << 8 | static_cast<std::uint32_t>(std::lround(s * 255));
    }
    return bytes;
}

std::string toHex(const Rgb& c) {
    std::string text = "#";
    const std::uint32_t bytes = toBytes(c);
    for (int shift = 20; shift >= 0; shift -= 4)
        text += "0123456789abcdef"[bytes >> shift & 15];
    return text;
}

double toAbsorption(double r) { return (1 - r) * (1 - r) / (2 * r); }
double fromAbsorption(double k) { return 1 / (1 + k + std::sqrt(k * k + 2 * k)); }

Reflectance calcMixture(const std::vector<Share>& shares) {
    Reflectance mixed;
    mixed.fill(kDarkest);
    double whole = 0;
    for (const Share& s : shares)
        whole += s.parts * s.strength;
    if (!(whole > 0)) return mixed;
    for (std::size_t b = 0; b < kBands; ++b) {
        double k = 0;
        for (const Share& s : shares)
            k += s.parts * s.strength * toAbsorption(std::clamp(s.curve[b], 1e-6, 1 - 1e-12));
        mixed[b] = fromAbsorption(k / whole);
    }
    return mixed;
}

double calcStrength(const Reflectance& paint, double parts, const std::vector<Share>& others, const Rgb& chip) {
    if (others.empty() || !(parts > 0)) return std::nan("");
    const Lab goal = toLab(chip);
    const auto off = [&](double log) {
        std::vector<Share> all = others;
        all.push_back({paint, parts, std::exp(log)});
        return calcDeltaE2000(toLab(toRgb(calcMixture(all))), goal);
    };
    // Coarse, for there may be two valleys, then by Brent's search.
    const double low = std::log(0.02), high = std::log(50.0);
    double best = low, least = off(low);
    constexpr int kSteps = 80;
    for (int i = 1; i <= kSteps; ++i)
        if (const double x = low + (high - low) * i / kSteps; off(x) < least) least = off(x), best = x;
    return std::exp(findLeast(off, best - (high - low) / kSteps, best + (high - low) / kSteps).first);
}

} // namespace enkinet::paint
