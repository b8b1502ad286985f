#pragma once
// Motion files of the kind that begins with HIERARCHY: joints with offsets and channels, then frames of numbers. Read
// strictly, with limits, and written.
#include "shoot/motion.h"

namespace enkinet::files {

inline constexpr std::size_t kMostMotionBytes = 256u << 20;
inline constexpr int kMostMotionJoints = 2000, kMostMotionFrames = 200000, kMostMotionValues = 40'000'000;

/// The fault names the line.
Result<shoot::Motion> parseMotion(const std::string& text);
Result<shoot::Motion> loadMotion(const std::string& path);
/// Seventeen figures: read back equal.
std::string writeMotion(const shoot::Motion& motion);

} // namespace enkinet::files
