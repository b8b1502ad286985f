#pragma once
// What the film wears, worked out beside the window.
#include "document/feed.h"
#include "results/shot_wear.h"

namespace enkinet::app {

struct ShotWearKnown {
    Document::Value of;
    std::shared_ptr<const results::ProductionResult> from;
    results::ShotWear film;
};

class ShotWearJob : public QObject, public Feed<ShotWearKnown> {
    Q_OBJECT
public:
    using Known = ShotWearKnown;

    explicit ShotWearJob(QObject* parent = nullptr) : QObject(parent), Feed([this] { Q_EMIT changed(); }) {}
    /// For the document's value and results, where they are not what was asked for already.
    void follow(const Document& document);

Q_SIGNALS:
    void changed();
};

} // namespace enkinet::app
