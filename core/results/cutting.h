#pragma once
// From a plan of what is to be cut to what the stock and the limbs are afterwards.
#include "choice/cut_plan.h"
#include "document/edits.h"

namespace enkinet::results {

/// What cutting the pieces takes; a fault where some of them cannot be cut from what there is.
Result<document::WireTaken> takeWire(const document::Production& production, const body::Puppet& puppet,
                                     const std::vector<choice::Cut>& cuts, const std::vector<choice::SpoolPlan>& plan);

} // namespace enkinet::results
