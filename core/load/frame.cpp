#include "load/frame.h"
#include <Eigen/Geometry>
#include <Eigen/SparseCholesky>
#include <array>
#include <cmath>

namespace enkinet::load {

namespace {

using Long = long double;
using Matrix = Eigen::Matrix<Long, Eigen::Dynamic, Eigen::Dynamic>;
using Block = Eigen::Matrix<Long, 12, 12>;
using Vector = Eigen::Matrix<Long, Eigen::Dynamic, 1>;
using V3 = Eigen::Matrix<Long, 3, 1>;

V3 wide(const Vec3& v) { return {v.x, v.y, v.z}; }
Vec3 narrow(const V3& v) { return {static_cast<double>(v[0]), static_cast<double>(v[1]), static_cast<double>(v[2])}; }

/// Stiffness of a straight beam in its own axes (x along), ends' moves and turns: u1 t1 u2 t2.
Block ownStiffness(const Beam& b, Long L) {
    Block k = Block::Zero();
    const Long a = b.EA_N / L, g = b.GJ_Nmm2 / L, E = b.EI_Nmm2;
    const auto both = [&](int i, int j, Long v) { k(i, j) = v, k(j, i) = v; };
    both(0, 0, a), both(0, 6, -a), both(6, 6, a);
    both(3, 3, g), both(3, 9, -g), both(9, 9, g);
    const Long s = 12 * E / (L * L * L), m = 6 * E / (L * L), f = 4 * E / L, h = 2 * E / L;
    // In the plane of y (turning about z), then of z (turning about y, the other sign).
    both(1, 1, s), both(1, 5, m), both(1, 7, -s), both(1, 11, m);
    both(5, 5, f), both(5, 7, -m), both(5, 11, h), both(7, 7, s), both(7, 11, -m), both(11, 11, f);
    both(2, 2, s), both(2, 4, -m), both(2, 8, -s), both(2, 10, -m);
    both(4, 4, f), both(4, 8, m), both(4, 10, h), both(8, 8, s), both(8, 10, m), both(10, 10, f);
    return k;
}

using Ends = Eigen::Matrix<Long, 12, 1>;

struct Element {
    std::array<int, 2> body;
    Block own;                      ///< stiffness in the beam's own axes
    Eigen::Matrix<Long, 3, 3> axes; ///< own axes from global ones
    std::array<V3, 2> arm;          ///< from each body's reference point to its end

    /// Moves of its ends, in own axes, from the bodies' moves: a point off the reference moves by u + t x r.
    Ends take(const Ends& x) const {
        Ends own_;
        for (int end = 0; end < 2; ++end) {
            const V3 u = x.segment<3>(6 * end), t = x.segment<3>(6 * end + 3);
            own_.segment<3>(6 * end) = axes * (u + t.cross(arm[static_cast<std::size_t>(end)]));
            own_.segment<3>(6 * end + 3) = axes * t;
        }
        return own_;
    }
    /// End forces in global axes, at the ends.
    Ends turnBack(const Ends& f) const {
        Ends x;
        for (int i = 0; i < 4; ++i)
            x.segment<3>(3 * i) = axes.transpose() * f.segment<3>(3 * i);
        return x;
    }
    /// The same about the bodies' reference points: take transposed.
    Ends carryBack(const Ends& f) const {
        Ends x = turnBack(f);
        for (int end = 0; end < 2; ++end) {
            const V3 F = x.segment<3>(6 * end);
            x.segment<3>(6 * end + 3) += arm[static_cast<std::size_t>(end)].cross(F);
        }
        return x;
    }
    /// Stiffness between the bodies, to the precision that the factor needs; residuals correct the rest.
    Eigen::Matrix<double, 12, 12> between() const {
        Eigen::Matrix<double, 12, 12> m = Eigen::Matrix<double, 12, 12>::Zero();
        const Eigen::Matrix3d a = axes.cast<double>();
        for (int end = 0; end < 2; ++end) {
            const Eigen::Vector3d r = arm[static_cast<std::size_t>(end)].cast<double>();
            Eigen::Matrix3d carry;
            carry << 0, r[2], -r[1], -r[2], 0, r[0], r[1], -r[0], 0;
            m.block<3, 3>(6 * end, 6 * end) = a, m.block<3, 3>(6 * end + 3, 6 * end + 3) = a;
            m.block<3, 3>(6 * end, 6 * end + 3).noalias() = a * carry;
        }
        const Eigen::Matrix<double, 12, 12> k = own.cast<double>() * m;
        return m.transpose() * k;
    }
};

Element makeElement(const Beam& b, const std::vector<FrameBody>& bodies) {
    const V3 d = wide(b.toAt) - wide(b.fromAt);
    const Long L = d.norm();
    Element e{{b.from, b.to}, ownStiffness(b, L), {}, {}};
    const V3 x = d / L;
    // Any second axis serves: the section is round.
    V3 y = std::abs(x[1]) < 0.9L ? V3(0, 1, 0) : V3(1, 0, 0);
    y = (y - x.dot(y) * x).normalized();
    e.axes.row(0) = x, e.axes.row(1) = y, e.axes.row(2) = x.cross(y);
    for (std::size_t end = 0; end < 2; ++end)
        e.arm[end] = wide(end ? b.toAt : b.fromAt) - wide(bodies[static_cast<std::size_t>(e.body[end])].at);
    return e;
}

} // namespace

struct SpaceFrame::Solver {
    std::vector<Element> elements;
    std::vector<int> row; ///< first row of each body, -1 when fixed
    int rows = 0;
    bool sound = true;
    std::unique_ptr<Eigen::SimplicialLDLT<Eigen::SparseMatrix<double>>> factor;

    Ends gather(const Element& e, const Vector& u) const {
        Ends x = Ends::Zero();
        for (int end = 0; end < 2; ++end)
            if (const int r = row[static_cast<std::size_t>(e.body[end ? 1 : 0])]; r >= 0)
                x.segment<6>(6 * end) = u.segment<6>(r);
        return x;
    }
};

SpaceFrame::SpaceFrame(std::vector<FrameBody> bodies, std::vector<Beam> beams, double close,
                       const std::stop_token& stop)
    : m_bodies(std::move(bodies)), m_beams(std::move(beams)), m_close(close), m_solver(std::make_unique<Solver>()) {
    Solver& s = *m_solver;
    for (const FrameBody& b : m_bodies) {
        s.row.push_back(b.fixed ? -1 : s.rows);
        s.rows += b.fixed ? 0 : 6;
    }
    std::vector<Eigen::Triplet<double>> entries;
    for (const Beam& b : m_beams) {
        if (s.elements.size() % 128 == 0) checkStop(stop);
        s.sound = s.sound && norm(b.toAt - b.fromAt) > 1e-9 && b.EI_Nmm2 > 0 && b.EA_N > 0 && b.GJ_Nmm2 > 0;
        if (!s.sound) return;
        s.elements.push_back(makeElement(b, m_bodies));
        const Element& e = s.elements.back();
        const Eigen::Matrix<double, 12, 12> k = e.between();
        for (int p = 0; p < 2; ++p)
            for (int q = 0; q < 2; ++q) {
                const int r = s.row[static_cast<std::size_t>(e.body[p ? 1 : 0])],
                          c = s.row[static_cast<std::size_t>(e.body[q ? 1 : 0])];
                if (r < 0 || c < 0) continue;
                for (int i = 0; i < 6; ++i)
                    for (int j = 0; j < 6; ++j)
                        entries.emplace_back(r + i, c + j, k(6 * p + i, 6 * q + j));
            }
    }
    if (s.rows == 0) return;
    Eigen::SparseMatrix<double> K(s.rows, s.rows);
    K.setFromTriplets(entries.begin(), entries.end());
    checkStop(stop);
    s.factor = std::make_unique<Eigen::SimplicialLDLT<Eigen::SparseMatrix<double>>>();
    s.factor->analyzePattern(K);
    checkStop(stop);
    s.factor->factorize(K);
    s.sound = s.factor->info() == Eigen::Success;
    // A part that nothing holds leaves a pivot of nothing but rounding.
    if (s.sound) {
        const auto D = s.factor->vectorD();
        s.sound = D.minCoeff() > 1e-13 * D.maxCoeff();
    }
}

SpaceFrame::~SpaceFrame() = default;
SpaceFrame::SpaceFrame(SpaceFrame&&) noexcept = default;

FrameState SpaceFrame::calc(const std::vector<FrameForce>& forces) const {
    const Solver& s = *m_solver;
    FrameState r;
    if (!s.sound) return r;
    const std::size_t n = m_bodies.size();
    Matrix load = Matrix::Zero(6, static_cast<Eigen::Index>(n));
    for (const FrameForce& f : forces) {
        const auto c = static_cast<Eigen::Index>(f.body);
        const V3 F = wide(f.force_N), arm = wide(f.at) - wide(m_bodies[static_cast<std::size_t>(f.body)].at);
        load.block<3, 1>(0, c) += F;
        load.block<3, 1>(3, c) += arm.cross(F) + wide(f.couple_Nmm);
    }
    // What the beams pull back on every body, from the displacements.
    const auto pull = [&](const Vector& u, Matrix& on) {
        for (const Element& e : s.elements) {
            const Ends f = e.carryBack(e.own * e.take(s.gather(e, u)));
            for (int end = 0; end < 2; ++end)
                on.col(e.body[end ? 1 : 0]) -= f.segment<6>(6 * end);
        }
    };
    Vector u = Vector::Zero(s.rows);
    constexpr int kRefine = 6;
    for (int i = 0; i < kRefine && s.rows > 0; ++i) {
        Matrix rest = load;
        pull(u, rest);
        Eigen::VectorXd residual(s.rows);
        for (std::size_t b = 0; b < n; ++b)
            if (s.row[b] >= 0)
                residual.segment<6>(s.row[b]) = rest.col(static_cast<Eigen::Index>(b)).template cast<double>();
        const Eigen::VectorXd step = s.factor->solve(residual);
        if (!step.allFinite()) return r;
        u += step.cast<Long>();
        if (step.lpNorm<Eigen::Infinity>() <= m_close * static_cast<double>(u.lpNorm<Eigen::Infinity>())) break;
    }
    r.move_mm.resize(n), r.turn_rad.resize(n), r.reaction_N.resize(n), r.reaction_Nmm.resize(n);
    Matrix rest = load;
    pull(u, rest);
    for (std::size_t b = 0; b < n; ++b) {
        const auto c = static_cast<Eigen::Index>(b);
        if (s.row[b] >= 0) {
            r.move_mm[b] = narrow(u.segment<3>(s.row[b])), r.turn_rad[b] = narrow(u.segment<3>(s.row[b] + 3));
        } else {
            r.reaction_N[b] = narrow(V3(-rest.block<3, 1>(0, c)));
            r.reaction_Nmm[b] = narrow(V3(-rest.block<3, 1>(3, c)));
        }
    }
    for (const Element& e : s.elements) {
        const Ends f = e.turnBack(e.own * e.take(s.gather(e, u)));
        r.endForce_N.push_back(narrow(V3(-f.segment<3>(6))));
        r.endCouple_Nmm.push_back(narrow(V3(-f.segment<3>(9))));
    }
    r.stable = true;
    return r;
}

Vec3 findMove(const FrameState& state, const std::vector<FrameBody>& bodies, int body, const Vec3& point) {
    const auto b = static_cast<std::size_t>(body);
    return state.move_mm[b] + cross(state.turn_rad[b], point - bodies[b].at);
}

} // namespace enkinet::load
