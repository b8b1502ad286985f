#pragma once
// What is known of what is tested: its card, its tests one by one against it, and what they say together.
#include "document/document.h"
#include "stations/bench/bench_table.h"
#include <QWidget>

class QListWidget;
class QPushButton;

namespace enkinet::app {

class AnswerHead;

class BenchKnown : public QWidget {
    Q_OBJECT
public:
    /// Says the verdict in a head that stands elsewhere, and outlives this.
    BenchKnown(Document& document, AnswerHead& head, QWidget* parent = nullptr);
    /// spool: of the stock, -1 for none; clay: null for none.
    void show(BenchTest test, int spool, const fill::ClayCard* clay);
    void importCsv();
    void exportCsv();

private:
    void showSpool(int spool);
    void showClay(const fill::ClayCard& clay);
    void showOven();
    void addRow(const QString& text, bool contradicts, int kind = -1, std::size_t index = 0);
    QString wearRow(const wire::WearTest& test);
    void removeMarked();

    Document& m_document;
    AnswerHead& m_head;
    QListWidget* m_list;
    QPushButton* m_remove;
};

} // namespace enkinet::app
