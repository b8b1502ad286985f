#pragma once
// What the film wears, worked out beside the window; what comes is of the value that was asked for last.
#include "document/document.h"
#include "results/film.h"

namespace enkinet::app {

class FilmJob : public QObject {
    Q_OBJECT
public:
    struct Known {
        Document::Value of;
        std::shared_ptr<const results::ProductionResult> result;
        results::Film film;
    };
    using State = std::shared_ptr<const Known>;

    explicit FilmJob(QObject* parent = nullptr);
    ~FilmJob() override;
    /// For the document's value and results, where they are not what is known or asked for already.
    void follow(const Document& document);
    State state() const { return m_state; } ///< null before the first
    bool wait(int ms);

Q_SIGNALS:
    void changed();

private:
    struct Box;
    void take();
    State m_state;
    Document::Value m_askedOf;
    std::shared_ptr<const results::ProductionResult> m_askedFrom;
    std::shared_ptr<Box> m_box;
    Worker m_worker;
};

} // namespace enkinet::app
