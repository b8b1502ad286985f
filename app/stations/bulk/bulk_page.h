#pragma once
// Bulk: what fills each part, its grams, the foil to tear, and the room the layers leave.
#include "stations/page.h"

namespace enkinet::app {

class StationTable;

class ChoiceField;
class LayersBench;

class BulkPage : public Page {
    Q_OBJECT
public:
    explicit BulkPage(Document& document);
    void point(int part, double at) override;

protected:
    void show(const results::Report& report) override;

private:
    void compare();
    void showComparison(const results::SolidComparison& c);
    void showClearance(const results::Report& report, int part);

    Worker m_worker;
    QLabel *m_title, *m_text, *m_sum, *m_solid, *m_clearance;
    LayersBench* m_layers;
    ChoiceField* m_bulk;
    QListWidget* m_parts;
    StationTable* m_rows;
};

} // namespace enkinet::app
