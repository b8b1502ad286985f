#pragma once
// A broken promise of our own code stops the program, in every build: a wrong number must never reach a bench.
#include <cstdio>
#include <cstdlib>

#define ENKINET_ASSERT(condition)                                                                                      \
    do {                                                                                                               \
        if (!(condition)) {                                                                                            \
            std::fprintf(stderr, "enkinet: internal fault: %s (%s:%d)\n", #condition, __FILE__, __LINE__);             \
            std::abort();                                                                                              \
        }                                                                                                              \
    } while (false)
