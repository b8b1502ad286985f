#pragma once
// Bulk: what fills each part, its grams, the foil to tear, and the room the layers leave.
#include "stations/page.h"

namespace enkinet::app {

class ChoiceField;
class SectionView;

class BulkPage : public Page {
    Q_OBJECT
public:
    explicit BulkPage(Document& document);

protected:
    void show(const production::Report& report) override;

private:
    QLabel *m_title, *m_text, *m_sum;
    SectionView* m_section;
    ChoiceField* m_bulk;
    QListWidget* m_parts;
};

} // namespace enkinet::app
