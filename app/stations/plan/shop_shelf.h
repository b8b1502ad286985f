#pragma once
// What the whole production takes, what there is of it and what to buy by when; what there is, is typed here.
#include "document/plan_job.h"
#include <QWidget>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace enkinet::app {

class ShopShelf : public QWidget {
    Q_OBJECT
public:
    explicit ShopShelf(Document& document, QWidget* parent = nullptr);
    /// plan: for the days by which things are needed; none: without them.
    void show(const PlanJob::State& plan);
    /// "to buy: 12.40 €", or that nothing is.
    QString summary() const;

private:
    const results::Need* inHand() const;
    void showHeld();
    void keepHeld();
    void keepBought();
    void keepLead();

    Document& m_document;
    QListWidget* m_list;
    QLineEdit *m_held, *m_lead;
    QPushButton* m_bought;
    QLabel *m_unit, *m_money;
};

} // namespace enkinet::app
