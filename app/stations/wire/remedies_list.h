#pragma once
// Sentences of what would make a failing limb hold, each solved for in the background and applied with one click. A
// result belongs to the document that it was computed from: any later edit throws it away and asks again.
#include "document/document.h"
#include "jobs/worker.h"
#include "results/remedies.h"
#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace enkinet::app {

class RemediesList : public QWidget {
    Q_OBJECT
public:
    explicit RemediesList(Document& document, QWidget* parent = nullptr);
    /// The limb to help; nothing is asked for one that holds.
    void show(int limb);
    bool busy() const { return m_busy; }
    const std::vector<results::Remedy>& remedies() const { return m_remedies; }

Q_SIGNALS:
    /// Before a way out is tried or applied.
    void helping();

private:
    void ask();
    void finish(quint64 ticket, const Answer<std::vector<results::Remedy>>& answer);
    bool isAsked() const;   ///< of what the document shows now
    bool isOffered() const; ///< of the work as it stands, tried or not
    void rows();
    void apply(std::size_t index);
    /// Shows the whole desk as it would be, or puts it back.
    void tryOut(std::size_t index);

    Document& m_document;
    QLabel *m_heading, *m_said;
    QPushButton* m_stop;
    QVBoxLayout* m_rows;
    QTimer m_soon;
    /// The worker's own, kept from one question to the next.
    std::shared_ptr<choice::ChoiceMemo> m_memo = std::make_shared<choice::ChoiceMemo>();
    Worker m_worker;
    int m_limb = -1;
    quint64 m_ticket = 0;
    int m_tried = -1;   ///< which one is shown
    bool m_all = false; ///< more than the first
    bool m_busy = false;
    std::optional<Shown> m_askedOf; ///< every sentence is made with the puppet that was asked about
    std::vector<results::Remedy> m_remedies;
};

} // namespace enkinet::app
