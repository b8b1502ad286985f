#pragma once
// How far the chosen wire is from each limit at one joint: a bar a limit, on a logarithmic scale, the limit itself as a
// line. Words first: each bar says what is there and what is asked.
#include "choice/verdict.h"
#include <QWidget>

namespace enkinet::app {

class MarginsView : public QWidget {
    Q_OBJECT
public:
    explicit MarginsView(QWidget* parent = nullptr);
    void show(const choice::Verdict& verdict);
    QSize sizeHint() const override { return {300, 96}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    choice::Verdict m_verdict;
};

} // namespace enkinet::app
