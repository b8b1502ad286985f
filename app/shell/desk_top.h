#pragma once
// The bench with its three places: the figure at the left, the station's own picture, the answer at the right; the
// shelf above and the rule below. Only arranges.
#include <QPixmap>
#include <QWidget>

namespace enkinet::app {

class DeskTop : public QWidget {
    Q_OBJECT
public:
    explicit DeskTop(QWidget* parent = nullptr);
    /// Takes them over.
    void setPlaces(QWidget* shelf, QWidget* rail, QWidget* bench, QWidget* answer, QWidget* rule);
    /// The answer lies below the bench where the window is narrow.
    bool isFolded() const { return m_folded; }
    /// Nothing but the bench: an empty desk, or what wants all the room.
    void setAlone(bool alone);
    QSize minimumSizeHint() const override { return {640, 440}; }

Q_SIGNALS:
    void arranged(bool wide);

protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent* event) override;

private:
    void arrange();

    QWidget *m_shelf = nullptr, *m_rail = nullptr, *m_bench = nullptr, *m_answer = nullptr, *m_rule = nullptr;
    QPixmap m_ground;
    bool m_folded = false, m_alone = false, m_groundNight = false;
};

} // namespace enkinet::app
