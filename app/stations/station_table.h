#pragma once
// The table of a station's answer: what is against what is wanted, a bar each; a click or Enter on a row opens why.
// What moves a number most is worked out on the true model, in the background, once somebody asks.
#include "jobs/worker.h"
#include "stations/why.h"
#include "widgets/answer.h"

class QLabel;

namespace enkinet::app {

struct StationRow {
    LimitTable::Row shown;
    Why why;
    std::vector<Turn> turns{};
    Reading reading{}; ///< of the number, for the turns
};

class StationTable : public QWidget {
    Q_OBJECT
public:
    explicit StationTable(Document& document, const QString& name, QWidget* parent = nullptr);
    void show(std::vector<StationRow> rows);
    const std::vector<StationRow>& rows() const { return m_rows; }

private:
    void open(int row);
    void askMovers();

    Document& m_document;
    LimitTable* m_table;
    QLabel* m_why;
    std::vector<StationRow> m_rows;
    int m_open = -1;
    Worker m_worker;
};

} // namespace enkinet::app
