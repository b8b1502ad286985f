#pragma once
// How soon work that is asked to stop has stopped.
#include "base/stop.h"
#include <benchmark/benchmark.h>
#include <chrono>
#include <cstdio>
#include <functional>
#include <stop_token>
#include <thread>

namespace enkinet::bench {

/// Asked at many moments up to `until_ms`: the longest and the mean until it has.
inline void stopAt(benchmark::State& state, int until_ms, int every_ms,
                   const std::function<void(const std::stop_token&)>& work) {
    using Clock = std::chrono::steady_clock;
    double worst = 0, sum = 0;
    int n = 0;
    for (auto _ : state)
        for (int ms = 5; ms < until_ms; ms += every_ms) {
            std::stop_source source;
            Clock::time_point ended;
            std::thread thread([&] {
                try {
                    work(source.get_token());
                } catch (const Stopped&) {
                }
                ended = Clock::now();
            });
            std::this_thread::sleep_for(std::chrono::milliseconds(ms));
            const auto asked = Clock::now();
            source.request_stop();
            thread.join();
            const double took = std::max(0.0, std::chrono::duration<double, std::milli>(ended - asked).count());
            if (took > 20) std::fprintf(stderr, "asked at %d ms: %.1f ms\n", ms, took);
            worst = std::max(worst, took), sum += took, ++n;
        }
    state.counters["longest ms"] = worst, state.counters["mean ms"] = sum / n;
}

} // namespace enkinet::bench
