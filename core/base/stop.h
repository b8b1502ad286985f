#pragma once
// Long work is asked to stop by a token and says so by throwing: the innermost loops look at it every few milliseconds,
// and what is kept of answers (base/memo.h) keeps none that was not finished.
#include <stop_token>

namespace enkinet {

/// Thrown where a stop was asked for; whoever gave the token catches it.
struct Stopped {};

inline void checkStop(const std::stop_token& stop) {
    if (stop.stop_requested()) throw Stopped{};
}

} // namespace enkinet
