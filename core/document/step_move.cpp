#include "document/step_move.h"

namespace enkinet::document {

std::optional<Fault> checkMove(const StepMove& m) {
    const auto sound = [](const StepKey& k) {
        return !k.puppet.empty() && k.puppet.size() <= 64 && !k.step.empty() && k.step.size() <= 300 && k.copy >= 1 &&
               k.copy <= 50;
    };
    const Phrase place = words("move of step %1", m.step.step.substr(0, 70));
    if (!sound(m.step) || (m.before && !sound(*m.before)))
        return Fault{place, words("step"), words("must be named by puppet, copy and step")};
    if (!m.notBefore && !m.before) return Fault{place, {}, words("must say when, or before what")};
    if (m.notBefore && (*m.notBefore < 0 || *m.notBefore > 226'000'000))
        return Fault{place, words("time"), words("must lie between 1970 and 2400")};
    if (m.before && *m.before == m.step) return Fault{place, {}, words("cannot be before itself")};
    return {};
}

} // namespace enkinet::document
