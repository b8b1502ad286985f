#pragma once
// One exposure of a shot from the side and from the front: the pose, the one before it as a shadow, and as a dashed
// line how far the hand bends so that the wire stays; below, a tape of exposures with the feet that stand.
#include "document/answer_job.h"
#include "document/shot_wear_job.h"
#include "sheet/elevation.h"
#include "shoot/frames.h"
#include "widgets/accessible_picture.h"
#include <QPainterPath>
#include <QTimer>
#include <QWidget>
#include <map>

namespace enkinet::app {

class ShotFrames : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit ShotFrames(QWidget* parent = nullptr);
    /// A puppet in a shot of what is known.
    void show(const ShotWearJob::State& state, int puppet, int shot);
    int exposure() const { return m_exposure; }
    int exposures() const { return m_exposures; }
    void setExposure(int exposure);
    /// Runs through the shot at its own speed, or stops.
    void play(bool on);
    bool isPlaying() const { return m_clock.isActive(); }
    /// What is pointed out; none while it is still looked for.
    const std::vector<shoot::Remark>& remarks() const;
    bool isLooking() const { return m_exposures > 0 && !m_seen.state(); }
    bool wait(int ms) { return m_seen.wait(ms); }
    QString remarkText(const shoot::Remark& remark) const;
    /// The exposures; choosing one goes to it.
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;

Q_SIGNALS:
    void exposureChanged(int exposure);
    void playing(bool on);
    void looked(); ///< remarks and standing feet are known

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    /// What is seen of a whole shot, beside the window: long ones have thousands of poses.
    struct Seen {
        std::vector<shoot::Remark> remarks;
        std::vector<std::vector<std::pair<int, int>>> contacts;
    };
    const document::Cast* cast() const;
    const document::Shot& shot() const { return m_state->of->shots[static_cast<std::size_t>(m_shot)]; }
    const body::Puppet& puppet() const { return m_state->of->puppets[static_cast<std::size_t>(m_puppet)]; }
    QRectF tape() const;
    double tapeX(double exposure) const;
    void drawTape(QPainter& p) const;

    ShotWearJob::State m_state;
    int m_puppet = 0, m_shot = -1, m_exposure = 0, m_exposures = 0;
    /// The figure in a pose of the shot, kept from the first time that it is drawn.
    const QPainterPath& outlineAt(int exposure, View view, const body::Skeleton& posed);
    std::map<std::pair<int, View>, QPainterPath> m_outlines;
    body::Skeleton m_rest;
    std::vector<shoot::JointWire> m_wires;
    QTimer m_clock;
    AnswerJob<Seen> m_seen{[this] {
        update();
        Q_EMIT looked();
    }};
};

} // namespace enkinet::app
