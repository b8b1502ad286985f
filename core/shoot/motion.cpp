#include "shoot/motion.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>

namespace enkinet::shoot {

namespace {

struct Quaternion {
    double w = 1, x = 0, y = 0, z = 0;
    friend Quaternion operator*(const Quaternion& a, const Quaternion& b) {
        return {a.w * b.w - a.x * b.x - a.y * b.y - a.z * b.z, a.w * b.x + a.x * b.w + a.y * b.z - a.z * b.y,
                a.w * b.y - a.x * b.z + a.y * b.w + a.z * b.x, a.w * b.z + a.x * b.y - a.y * b.x + a.z * b.w};
    }
    Quaternion inverse() const { return {w, -x, -y, -z}; }
};

Quaternion rotationOf(const Motion& m, int joint, int frame) {
    const MotionJoint& j = m.joints[static_cast<std::size_t>(joint)];
    Quaternion q;
    for (std::size_t c = 0; c < j.channels.size(); ++c) {
        if (!isRotation(j.channels[c])) continue;
        const double half = degToRad(m.at(frame, j.firstValue + static_cast<int>(c))) / 2, s = std::sin(half);
        Quaternion turn{std::cos(half), 0, 0, 0};
        (j.channels[c] == Channel::x_rotation ? turn.x : j.channels[c] == Channel::y_rotation ? turn.y : turn.z) = s;
        q = q * turn;
    }
    return q;
}

Vec3 vectorOf(Quaternion q) {
    if (q.w < 0) q = {-q.w, -q.x, -q.y, -q.z};
    const double s = std::sqrt(q.x * q.x + q.y * q.y + q.z * q.z);
    const double k = s < 1e-12 ? 2 : 2 * std::atan2(s, q.w) / s;
    return {q.x * k, q.y * k, q.z * k};
}

} // namespace

std::pair<double, double> findChannelRange(const Motion& m, int joint, int channel) {
    double low = 0, high = 0;
    const int value = m.joints[static_cast<std::size_t>(joint)].firstValue + channel;
    for (int f = 0; f < m.frames(); ++f) {
        const double v = m.at(f, value);
        low = f == 0 ? v : std::min(low, v), high = f == 0 ? v : std::max(high, v);
    }
    return {low, high};
}

Vec3 findRotation(const Motion& m, int joint, int frame) { return vectorOf(rotationOf(m, joint, frame)); }

Bends calcBends(const Motion& m, int joint, bool fromFirst) {
    Bends b;
    const int frames = m.frames();
    b.forth_rad.reserve(static_cast<std::size_t>(frames)), b.aside_rad.reserve(static_cast<std::size_t>(frames));
    const Quaternion rest = fromFirst && frames > 0 ? rotationOf(m, joint, 0).inverse() : Quaternion{};
    for (int f = 0; f < frames; ++f) {
        const Quaternion q = rest * rotationOf(m, joint, f);
        // Swing and twist about the bone: what is left of the rotation without its turn about y is the bend.
        const double n = std::hypot(q.w, q.y);
        const Quaternion twist = n < 1e-12 ? Quaternion{} : Quaternion{q.w / n, 0, q.y / n, 0};
        const Vec3 bend = vectorOf(q * twist.inverse());
        b.forth_rad.push_back(bend.x), b.aside_rad.push_back(bend.z);
    }
    return b;
}

} // namespace enkinet::shoot
