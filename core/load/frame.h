#pragma once
// A space frame: rigid bodies joined by straight beams of round section, six degrees of freedom a body, small
// displacements, linear elastic, no shear deformation (Euler-Bernoulli). A beam may end off its body's reference point:
// the offset is rigid, so a stiff stretch needs no beam of its own.
// Direct stiffness method (Przemieniecki, Theory of Matrix Structural Analysis, 1968, chapter 5), solved by sparse LDLT
// and refined with residuals in long double, so that end forces close to round-off. docs/mechanics.md 55, 56.
#include "base/stop.h"
#include "base/vec3.h"
#include <memory>
#include <vector>

namespace enkinet::load {

struct FrameBody {
    Vec3 at;            ///< reference point, mm
    bool fixed = false; ///< held by the base
};

struct Beam {
    int from = 0, to = 0; ///< bodies
    Vec3 fromAt, toAt;    ///< its ends, mm; more than 1e-9 mm apart
    double EA_N = 0;      ///< along
    double EI_Nmm2 = 0;   ///< bending, the same about every axis
    double GJ_Nmm2 = 0;   ///< twisting
};

/// A force at a point rigidly fixed to a body, and a couple.
struct FrameForce {
    int body = 0;
    Vec3 at, force_N, couple_Nmm;
};

struct FrameState {
    bool stable = false;          ///< false: a part is loose or a number is not finite; nothing else is set then
    std::vector<Vec3> move_mm;    ///< of each body's reference point
    std::vector<Vec3> turn_rad;   ///< of each body
    std::vector<Vec3> endForce_N; ///< that each beam exerts on the body at its `to` end, there
    std::vector<Vec3> endCouple_Nmm;
    std::vector<Vec3> reaction_N; ///< that the base exerts on each fixed body, about its reference point; zero if free
    std::vector<Vec3> reaction_Nmm;
};

/// A frame factored once and solved for several loads.
class SpaceFrame {
public:
    /// close: how far residuals are refined, as a share of the displacements.
    /// Throws Stopped when asked to stop.
    SpaceFrame(std::vector<FrameBody> bodies, std::vector<Beam> beams, double close = 1e-18,
               const std::stop_token& stop = {});
    ~SpaceFrame();
    SpaceFrame(SpaceFrame&&) noexcept;

    FrameState calc(const std::vector<FrameForce>& forces) const;

private:
    struct Solver;
    std::vector<FrameBody> m_bodies;
    std::vector<Beam> m_beams;
    double m_close;
    std::unique_ptr<Solver> m_solver;
};

/// Where a point of a body goes: move + turn x (point - reference).
Vec3 findMove(const FrameState& state, const std::vector<FrameBody>& bodies, int body, const Vec3& point);

} // namespace enkinet::load
