#include "checks/facts.h"

namespace enkinet::checks {

ENKINET_COMPARED_BODY(Facts)

} // namespace enkinet::checks
