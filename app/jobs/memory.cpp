#include "jobs/memory.h"
#include <malloc.h>

namespace enkinet::app {

void keepMemoryTogether() {
    // Otherwise the bound moves up with the largest piece that was ever given back, and small pieces that stay come to
    // lie between large ones that go.
    ::mallopt(M_MMAP_THRESHOLD, 256 << 10);
    ::mallopt(M_TRIM_THRESHOLD, 512 << 10);
    ::mallopt(M_ARENA_MAX, 2);
}

} // namespace enkinet::app
