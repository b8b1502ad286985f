#pragma once
// What tests of the plan share: a wall clock turned by hand, and the plan once it has been worked out.
#include "jobs/clock.h"
#include "stations/plan/plan_days.h"
#include "support/clock.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include <QProcess>

namespace enkinet::test {

/// The clock on the wall, turned by hand.
struct Wall {
    std::int64_t now, setBy_s = 0;
    int offset_min = 0; ///< ahead of UTC
    explicit Wall(const char* time) : now(*parseIsoTime(time) * 60) {
        app::setWallClock({[this] { return now; }, [this] { return offset_min; }, [this] { return setBy_s; }});
    }
    ~Wall() { setUsualClock(); }
    void pass(int minutes) { now += minutes * 60; }
};

inline app::PlanJob::State planOf(Desk& desk) {
    auto& job = desk.document().planJob();
    job.follow(desk.document());
    REQUIRE(job.wait(kPatience_ms));
    Desk::settle();
    return job.state();
}

inline const results::Planned& inHand(Desk& desk, const app::PlanJob::State& k) {
    return k->plan.steps.at(nth(desk.find<app::PlanDays>("planDays")->step()));
}

inline QString pdfText(const QString& path) {
    QProcess p;
    p.start("pdftotext", {"-layout", path, "-"});
    REQUIRE(p.waitForFinished(kPatience_ms));
    return QString::fromUtf8(p.readAllStandardOutput());
}

} // namespace enkinet::test
