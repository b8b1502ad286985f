#include "jobs/worker.h"
#include "base/stop.h"
#include <algorithm>
#include <chrono>
#include <condition_variable>
#include <exception>
#include <mutex>
#include <optional>
#include <thread>
#include <vector>

namespace enkinet::app {

struct Worker::State {
    std::mutex mutex;
    std::condition_variable changed;
    std::optional<Job> next;
    std::stop_source stop;
    bool busy = false, ending = false;

    void end() {
        const std::lock_guard lock(mutex);
        ending = true;
        next.reset();
        stop.request_stop();
        changed.notify_all();
    }
};

namespace {

/// Every worker's thread. Never destroyed: threads may outlive what is.
struct Crew {
    std::mutex mutex;
    std::condition_variable left;
    std::vector<std::shared_ptr<void>> states;
};
Crew& crew() {
    static auto* all = new Crew;
    return *all;
}

std::function<void(const char*)>& faultSaid() {
    static auto* said = new std::function<void(const char*)>;
    return *said;
}

} // namespace

void Worker::onFault(std::function<void(const char* what)> said) { faultSaid() = std::move(said); }

Worker::Worker() : m_state(std::make_shared<State>()) {
    {
        const std::lock_guard lock(crew().mutex);
        crew().states.push_back(m_state);
    }
    std::thread([state = m_state] {
        std::unique_lock lock(state->mutex);
        while (true) {
            state->changed.wait(lock, [&] { return state->ending || state->next; });
            if (state->ending) break;
            Job job = std::move(*state->next);
            state->next.reset();
            state->stop = {};
            state->busy = true;
            const std::stop_token token = state->stop.get_token();
            lock.unlock();
            try {
                job(token);
            } catch (const Stopped&) { // somebody asked for it
            } catch (const std::exception& e) {
                if (faultSaid()) faultSaid()(e.what());
            } catch (...) {
                if (faultSaid()) faultSaid()("of an unknown kind");
            }
            job = {}; // what it owns goes on this thread
            lock.lock();
            state->busy = false;
            state->changed.notify_all();
        }
        lock.unlock();
        const std::lock_guard out(crew().mutex);
        std::erase_if(crew().states, [&](const auto& s) { return s == state; });
        crew().left.notify_all();
    }).detach();
}

Worker::~Worker() { m_state->end(); }

void Worker::ask(Job job) {
    const std::lock_guard lock(m_state->mutex);
    m_state->next = std::move(job);
    m_state->stop.request_stop();
    m_state->changed.notify_all();
}

void Worker::stop() {
    const std::lock_guard lock(m_state->mutex);
    m_state->next.reset();
    m_state->stop.request_stop();
}

bool Worker::waitIdle(int ms) const {
    std::unique_lock lock(m_state->mutex);
    return m_state->changed.wait_for(lock, std::chrono::milliseconds(ms),
                                     [&] { return !m_state->busy && !m_state->next; });
}

void Worker::endAll() {
    std::unique_lock lock(crew().mutex);
    for (const auto& s : crew().states)
        std::static_pointer_cast<State>(s)->end();
    crew().left.wait(lock, [] { return crew().states.empty(); });
}

} // namespace enkinet::app
