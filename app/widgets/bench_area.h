#pragma once
// Where a bench's picture lies: it takes the room there is, and scrolls only where that is less than the least it
// needs.
#include <QScrollArea>

namespace enkinet::app {

class BenchArea : public QScrollArea {
    Q_OBJECT
public:
    explicit BenchArea(QWidget* bench);

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* target, QEvent* event) override;

private:
    void fit();
};

} // namespace enkinet::app
