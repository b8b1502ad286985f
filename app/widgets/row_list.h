#pragma once
// A list whose rows wrap their words, and that is as tall as the first of them.
#include <QListWidget>

namespace enkinet::app {

class RowList : public QListWidget {
    Q_OBJECT
public:
    /// As tall as its rows, up to so many.
    explicit RowList(int most, QWidget* parent = nullptr);

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void fit();
    int m_most;
};

} // namespace enkinet::app
