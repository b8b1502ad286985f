#include "jobs/application.h"
#include "jobs/log.h"
#include <exception>

namespace enkinet::app {

bool Application::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::exception& e) {
        sayFault(QString::fromUtf8(e.what()));
    } catch (...) {
        sayFault("of an unknown kind");
    }
    return false;
}

void Application::sayFault(const QString& what) {
    qCInfo(logDesk).noquote() << "exception:" << what;
    // Not from within what threw.
    QMetaObject::invokeMethod(
        this,
        [this, what] {
            if (onFault) onFault(what);
        },
        Qt::QueuedConnection);
}

} // namespace enkinet::app
