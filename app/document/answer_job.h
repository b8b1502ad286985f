#pragma once
// An answer that is worked out beside the window and comes by the event loop: of what was asked for last, or not at
// all. Answers of one question may come one after the other, each better than the one before.
#include "jobs/worker.h"
#include <QCoreApplication>
#include <memory>
#include <mutex>

namespace enkinet::app {

template <class Known> class AnswerJob {
public:
    using State = std::shared_ptr<const Known>;
    using Post = std::function<void(Known)>;
    /// told() runs on the window's thread when an answer has been taken over.
    explicit AnswerJob(std::function<void()> told)
        : m_box(std::make_shared<Box>()), m_here(std::make_shared<bool>(true)), m_told(std::move(told)) {}

    /// work(stop, post) runs on the worker's thread and posts what it knows; it must own what it uses.
    void ask(std::function<void(const std::stop_token&, const Post&)> work) {
        quint64 mine;
        {
            const std::lock_guard lock(m_box->mutex);
            mine = ++m_box->asked;
        }
        // Who is gone when an answer comes is not called any more; both happen on the window's thread.
        m_worker.ask([box = m_box, here = std::weak_ptr<bool>(m_here), mine, work = std::move(work),
                      self = this](const std::stop_token& stop) {
            work(stop, [&](Known known) {
                if (stop.stop_requested()) return;
                {
                    const std::lock_guard lock(box->mutex);
                    if (box->asked != mine) return;
                    box->latest = std::make_shared<const Known>(std::move(known));
                }
                QMetaObject::invokeMethod(qApp, [here, self] {
                    if (here.lock()) self->take();
                });
            });
        });
    }
    /// What is known answers nothing any more, and what is under way will not be taken over.
    void forget() {
        m_worker.stop();
        const std::lock_guard lock(m_box->mutex);
        ++m_box->asked;
        m_box->latest.reset(), m_state.reset();
    }
    /// What is under way is not wanted any more; what is known stays.
    void stop() {
        m_worker.stop();
        const std::lock_guard lock(m_box->mutex);
        ++m_box->asked;
    }
    const State& state() const { return m_state; } ///< null before the first
    /// True when nothing is to come any more; what is there is then taken over.
    bool wait(int ms) {
        const bool idle = m_worker.waitIdle(ms);
        take();
        return idle;
    }

private:
    struct Box {
        std::mutex mutex;
        quint64 asked = 0;
        State latest;
    };
    void take() {
        {
            const std::lock_guard lock(m_box->mutex);
            if (m_state == m_box->latest) return;
            m_state = m_box->latest;
        }
        m_told();
    }
    State m_state;
    std::shared_ptr<Box> m_box;
    std::shared_ptr<bool> m_here; ///< gone with this
    std::function<void()> m_told;
    Worker m_worker;
};

} // namespace enkinet::app
