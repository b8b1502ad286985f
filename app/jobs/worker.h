#pragma once
// A thread of its own for what takes longer than a frame. It works on what it was asked last: a newer question asks the
// one at work to stop, and takes the place of one that waits. Nobody waits for it but who says for how long; a worker
// that is let go ends by itself.
#include <functional>
#include <memory>
#include <stop_token>

namespace enkinet::app {

class Worker {
public:
    using Job = std::function<void(const std::stop_token&)>;

    Worker();
    /// Asks to stop and goes; the thread ends when the job has looked at its token.
    ~Worker();
    Worker(const Worker&) = delete;
    Worker& operator=(const Worker&) = delete;

    /// job runs on the thread; it may throw Stopped, and what else it throws is said by onFault. It must own what it
    /// uses.
    void ask(Job job);
    /// Asks the job at work to stop, and forgets the one that waits.
    void stop();
    /// True when nothing is at work or waits, at the latest after so many milliseconds.
    bool waitIdle(int ms) const;
    bool isIdle() const { return waitIdle(0); }

    /// Asks all workers of the program to stop and waits for their threads to end: once, before main returns.
    static void endAll();
    /// Called on a worker's thread with what a job threw. Set once, before any is asked.
    static void onFault(std::function<void(const char* what)> said);

private:
    struct State;
    std::shared_ptr<State> m_state;
};

} // namespace enkinet::app
