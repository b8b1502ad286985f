#pragma once
// The shots on the table as cards in their order; under each a rack of tubes, one for each of the joints that wear
// most, filled by what has been spent when the shot is over; a flag where something is swapped first.
#include "document/film_job.h"
#include "widgets/accessible_picture.h"
#include <QWidget>

namespace enkinet::app {

/// A joint of a copy over all shots.
struct WornJoint {
    int copy = 1, limb = 0, joint = 0;
    bool right = false;
    std::string name;
    std::vector<double> before, after; ///< by shot: share of what nine in ten stand; NaN: the copy is not in it
    friend bool operator==(const WornJoint&, const WornJoint&) = default;
};
/// The joints of a puppet that wear most, the worst first.
std::vector<WornJoint> findWorst(const FilmJob::Known& known, int puppet, std::size_t most);

class ShotTable : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit ShotTable(QWidget* parent = nullptr);
    void show(const FilmJob::State& state, int puppet);
    void setShot(int shot);
    int shot() const { return m_shot; }
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;

Q_SIGNALS:
    void shotChosen(int shot);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF cardBox(int shot) const;
    int shots() const { return m_state ? static_cast<int>(m_state->of->shots.size()) : 0; }
    void drawCard(QPainter& p, int shot) const;
    void drawRack(QPainter& p, int shot) const;
    int numberOf(const WornJoint& joint) const; ///< in the key
    FilmJob::State m_state;
    std::vector<WornJoint> m_worst;
    int m_puppet = 0, m_shot = -1;
};

} // namespace enkinet::app
