#pragma once
// What kind of work a step is, as a small picture of the thing it is done with.
#include "make/steps.h"
#include <QPointF>
#include <QString>

class QPainter;

namespace enkinet::app {

/// Kinds that are done in one go stand on one card.
int groupOf(make::StepKind kind);
inline constexpr int kGateGroup = 5;
QString groupName(int group);
void drawStepIcon(QPainter& painter, const QPointF& centre, double size, int group);

} // namespace enkinet::app
