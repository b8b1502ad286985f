#pragma once
// The paper tags on threads: one for each limb (limbs of the same kind with the same wire and state share one).
#include "sheet/elevation.h"
#include <QFont>
#include <QString>

namespace enkinet::app {

struct Tag {
    QString title, wire, film;
    choice::State state = choice::State::holds;
    bool hasState = true;
    Metal metal;
    wire::Bundle bundle;
    int limb = 0;
    int joint = -1; ///< the limb's joint that the thread is tied to
    Vec3 tied;      ///< where, in the puppet's frame
    QRectF box;     ///< on the screen, set by placeTags
    QPointF anchor; ///< on the screen, set by the view
};

/// Tags of a puppet in the order of its limbs.
std::vector<Tag> makeTags(const body::Puppet& puppet, const document::Production& production,
                          const results::Report& report);

/// Sets the boxes: stacked in a column without overlap, each as near its anchor's height as there is room.
void placeTags(std::vector<Tag>& tags, const QRectF& column, double height);

void drawTag(QPainter& painter, const Tag& tag, bool selected);

} // namespace enkinet::app
