#pragma once
// What stands on the screen at the very first: the outline of the puppet that was on the desk last, where it will stand
// again, over the rule. Kept in a small file of the program's own beside its recovery.
#include <QPainterPath>
#include <QWidget>
#include <functional>
#include <optional>

namespace enkinet::app {

class StationBar;

/// The outline that was on the desk when a file was closed, in the window's pixels.
struct SavedPreview {
    QString file;      ///< whose work it was
    QSize window;      ///< size of the desk then
    QPainterPath line; ///< of every figure in view
};

/// Nothing where there is none or it cannot be read.
std::optional<SavedPreview> readLastSight();
/// Failing costs nothing but the outline at the next start.
void writeLastSight(const SavedPreview& sight);

class StartupPreview : public QWidget {
public:
    /// Draws the outline if it belongs to `file` and to this size of window. The rule is a guest.
    StartupPreview(const QString& file, StationBar& rule, QWidget* parent = nullptr);

    /// Called once, when it has been painted.
    std::function<void()> painted;

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    StationBar& m_stationBar;
    std::optional<SavedPreview> m_sight;
};

} // namespace enkinet::app
