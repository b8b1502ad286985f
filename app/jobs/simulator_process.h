#pragma once
// The simulated devices that ship with the program, started beside the window and ended with it.
#include <QObject>
#include <QProcess>

namespace enkinet::app {

class SimulatorProcess : public QObject {
    Q_OBJECT
public:
    explicit SimulatorProcess(QObject* parent = nullptr);
    ~SimulatorProcess() override;
    /// A sentence where it cannot be started.
    QString start();
    void stop();
    bool isRunning() const { return m_process.state() != QProcess::NotRunning; }

private:
    QProcess m_process;
};

} // namespace enkinet::app
