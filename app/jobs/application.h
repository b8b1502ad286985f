#pragma once
// The application, in which an exception of one view is said and not the end of the program.
#include <QApplication>
#include <functional>

namespace enkinet::app {

class Application : public QApplication {
public:
    using QApplication::QApplication;
    /// Called on the desk's own thread with what was thrown, by a view or by a worker.
    std::function<void(const QString& what)> onFault;
    bool notify(QObject* receiver, QEvent* event) override;
    /// From any thread.
    void sayFault(const QString& what);
};

} // namespace enkinet::app
