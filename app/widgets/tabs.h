#pragma once
// The tabs of a panel: a few words in a row, one of them underlined; each shows its own page of the same subject.
#include <QWidget>
#include <vector>

class QPushButton;

namespace enkinet::app {

class Flow;

class Tabs : public QWidget {
    Q_OBJECT
public:
    explicit Tabs(QWidget* parent = nullptr);
    /// A tab with the widget that it shows; the first is shown to begin with.
    void add(const QString& word, const QString& name, QWidget* page);
    void setCurrent(int index);
    int current() const { return m_current; }

Q_SIGNALS:
    void changed(int index);

private:
    Flow* m_row;
    std::vector<QPushButton*> m_words;
    std::vector<QWidget*> m_pages;
    int m_current = 0;
};

} // namespace enkinet::app
