#pragma once
// What the film wears, worked out beside the window.
#include "document/feed.h"
#include "results/film.h"

namespace enkinet::app {

struct FilmKnown {
    Document::Value of;
    std::shared_ptr<const results::ProductionResult> from;
    results::Film film;
};

class FilmJob : public QObject, public Feed<FilmKnown> {
    Q_OBJECT
public:
    using Known = FilmKnown;

    explicit FilmJob(QObject* parent = nullptr) : QObject(parent), Feed([this] { Q_EMIT changed(); }) {}
    /// For the document's value and results, where they are not what was asked for already.
    void follow(const Document& document);

Q_SIGNALS:
    void changed();
};

} // namespace enkinet::app
