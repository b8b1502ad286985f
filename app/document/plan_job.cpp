#include "document/plan_job.h"
#include "jobs/clock.h"
#include <QCoreApplication>
#include <QPointer>
#include <mutex>

namespace enkinet::app {

namespace {
constexpr int kRounds = 3000; // a second or two for three puppets
}

struct PlanJob::Box {
    std::mutex mutex;
    quint64 asked = 0;
    State latest;
};

const make::Step& PlanJob::Known::step(const results::StepRef& ref) const {
    return result->puppets[static_cast<std::size_t>(ref.puppet)]->plan.steps[static_cast<std::size_t>(ref.step)];
}

const body::Puppet& PlanJob::Known::puppet(const results::StepRef& ref) const {
    return of->puppets[static_cast<std::size_t>(ref.puppet)];
}

PlanJob::PlanJob(QObject* parent) : QObject(parent), m_box(std::make_shared<Box>()) {}
PlanJob::~PlanJob() = default;

void PlanJob::ask(Document::Value value, std::shared_ptr<const results::ProductionResult> result, Minute now) {
    quint64 mine;
    {
        const std::lock_guard lock(m_box->mutex);
        mine = ++m_box->asked;
    }
    m_worker.ask([box = m_box, mine, value = std::move(value), result = std::move(result), now,
                  self = QPointer<PlanJob>(this)](const std::stop_token& stop) {
        const auto post = [&](Known known) {
            if (stop.stop_requested()) return;
            {
                const std::lock_guard lock(box->mutex);
                if (box->asked != mine) return;
                box->latest = std::make_shared<const Known>(std::move(known));
            }
            QMetaObject::invokeMethod(qApp, [self] {
                if (self) self->take();
            });
        };
        Known k;
        k.of = value, k.result = result;
        k.planning = results::makePlanning(*value, result->puppets, now);
        const OpenHours hours = results::findHours(k.planning);
        schedule::Schedule found = schedule::calcFirst(k.planning.problem, hours);
        k.plan = results::calcPlan(*value, k.planning, hours, found);
        post(k);
        if (!k.plan.possible) {
            k.searching = false;
            post(std::move(k));
            return;
        }
        if (!found.best) {
            schedule::Search search;
            search.rounds = kRounds, search.stop = stop;
            found = schedule::calcSchedule(k.planning.problem, hours, search);
            k.plan = results::calcPlan(*value, k.planning, hours, found);
        }
        k.searching = false;
        post(k);
        k.chance = results::calcChance(k.planning, hours, found, 2000, 1, stop);
        k.ways = results::calcWaysToHold(*value, result->puppets, now, found, 3, stop);
        post(std::move(k));
    });
}

void PlanJob::follow(const Document& document) {
    if (!document.hasPuppet() || document.isWorking()) return;
    if (m_askedOf == document.value() && m_askedFrom == document.sharedResult()) return;
    m_askedOf = document.value(), m_askedFrom = document.sharedResult();
    ask(m_askedOf, m_askedFrom, wallSeconds() / 60);
}

void PlanJob::take() {
    {
        const std::lock_guard lock(m_box->mutex);
        if (m_state == m_box->latest) return;
        m_state = m_box->latest;
    }
    Q_EMIT changed();
}

bool PlanJob::wait(int ms) {
    const bool idle = m_worker.waitIdle(ms);
    take();
    return idle;
}

} // namespace enkinet::app
