#pragma once
class QString;

namespace enkinet::app {
/// A sentence through the desktop's own notification service; silent where there is none.
void notifyDesktop(const QString& sentence);
} // namespace enkinet::app
