#pragma once
// A list whose rows wrap their words, and that is as tall as they are, up to so many lines.
#include <QListWidget>

namespace enkinet::app {

class RowList : public QListWidget {
    Q_OBJECT
public:
    /// As tall as its rows, up to so many of one line; its first row is always seen whole.
    explicit RowList(int most, QWidget* parent = nullptr);
    ~RowList() override;
    /// Always as tall as its most: what stands below it stays where it is.
    void hold() { m_held = true, fit(); }

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void fit();
    int highOf(int row, int width) const; ///< px
    int m_most, m_wide = -1;              ///< width that it was fitted to
    bool m_held = false;
};

} // namespace enkinet::app
