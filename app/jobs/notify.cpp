#include "jobs/notify.h"
#include <QDBusConnection>
#include <QDBusMessage>
#include <QStringList>
#include <QVariantMap>

namespace enkinet::app {

void notifyDesktop(const QString& sentence) {
    const QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return;
    QDBusMessage call = QDBusMessage::createMethodCall(
        "org.freedesktop.Notifications", "/org/freedesktop/Notifications", "org.freedesktop.Notifications", "Notify");
    call << QString("Enkinet") << 0U << QString("org.enkinet.Enkinet") << QString("Enkinet") << sentence
         << QStringList() << QVariantMap() << -1;
    bus.send(call); // nobody waits for an answer
}

} // namespace enkinet::app
