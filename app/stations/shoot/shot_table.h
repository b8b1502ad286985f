#pragma once
// The shots on the table as cards in their order; under each a rack of tubes, one for each of the joints that wear
// most, filled by what has been spent when the shot is over; a flag where something is swapped first.
#include "document/shot_wear_job.h"
#include "widgets/accessible_picture.h"
#include "widgets/kept_picture.h"
#include <QWidget>

namespace enkinet::app {

/// "left knee".
QString jointName(const body::Puppet& puppet, const results::WornJoint& joint);

class ShotTable : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit ShotTable(QWidget* parent = nullptr);
    void show(const ShotWearJob::State& state, int puppet);
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
    void drawAll(QPainter& p) const;
    void drawCard(QPainter& p, int shot) const;
    void drawRack(QPainter& p, int shot) const;
    int numberOf(const results::WornJoint& joint) const; ///< in the key
    ShotWearJob::State m_state;
    std::vector<results::WornJoint> m_worst;
    QString nameOf(const results::WornJoint& joint) const;
    int m_puppet = 0, m_shot = -1, m_shown = 0;
    KeptPicture m_picture;
};

} // namespace enkinet::app
