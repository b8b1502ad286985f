#include "jobs/memory.h"
#include <malloc.h>

namespace enkinet::app {

void keepMemoryTogether() {
    // Otherwise the bound moves up with the largest piece that was ever given back.
    ::mallopt(M_MMAP_THRESHOLD, 128 << 10);
    ::mallopt(M_TRIM_THRESHOLD, 256 << 10);
    ::mallopt(M_ARENA_MAX, 2);
}

} // namespace enkinet::app
