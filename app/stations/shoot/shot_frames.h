#pragma once
// One exposure of a shot from the side and from the front: the pose, the one before it as a shadow, and as a dashed
// line how far the hand bends so that the wire stays; below, a tape of exposures with the feet that stand.
#include "document/film_job.h"
#include "shoot/frames.h"
#include "widgets/accessible_picture.h"
#include <QTimer>
#include <QWidget>

namespace enkinet::app {

class ShotFrames : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit ShotFrames(QWidget* parent = nullptr);
    /// A puppet in a shot of what is known.
    void show(const FilmJob::State& state, int puppet, int shot);
    int exposure() const { return m_exposure; }
    int exposures() const { return m_exposures; }
    void setExposure(int exposure);
    /// Runs through the shot at its own speed, or stops.
    void play(bool on);
    bool isPlaying() const { return m_clock.isActive(); }
    const std::vector<shoot::Remark>& remarks() const { return m_remarks; }
    QString remarkText(const shoot::Remark& remark) const;
    /// The exposures; choosing one goes to it.
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;

Q_SIGNALS:
    void exposureChanged(int exposure);
    void playing(bool on);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    const document::Cast* cast() const;
    const document::Shot& shot() const { return m_state->of->shots[static_cast<std::size_t>(m_shot)]; }
    const body::Puppet& puppet() const { return m_state->of->puppets[static_cast<std::size_t>(m_puppet)]; }
    body::Pose overbent(const body::Pose& before, body::Pose now) const;
    QRectF tape() const;
    double tapeX(double exposure) const;
    void drawTape(QPainter& p) const;

    FilmJob::State m_state;
    int m_puppet = 0, m_shot = -1, m_exposure = 0, m_exposures = 0;
    body::Skeleton m_rest;
    std::vector<shoot::JointWire> m_wires;
    std::vector<shoot::Remark> m_remarks;
    std::vector<std::vector<std::pair<int, int>>> m_contacts;
    QTimer m_clock;
};

} // namespace enkinet::app
