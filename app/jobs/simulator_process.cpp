#include "jobs/simulator_process.h"
#include "jobs/device_ports.h"
#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

namespace enkinet::app {

SimulatorProcess::SimulatorProcess(QObject* parent) : QObject(parent) {}

SimulatorProcess::~SimulatorProcess() { stop(); }

QString SimulatorProcess::start() {
    if (isRunning()) return {};
    const QString beside = QDir(QCoreApplication::applicationDirPath()).filePath("enkinet-bench");
    const QString program = QFileInfo(beside).isExecutable() ? beside : QStandardPaths::findExecutable("enkinet-bench");
    if (program.isEmpty()) return tr("enkinet-bench, the simulated devices, is not installed beside the program.");
    // Where the window looks for its links is where they must be put.
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("XDG_RUNTIME_DIR", QFileInfo(DevicePorts::usualFolder()).path());
    m_process.setProcessEnvironment(environment);
    m_process.setStandardOutputFile(QProcess::nullDevice());
    m_process.setStandardErrorFile(QProcess::nullDevice());
    m_process.start(program, {"--device", "scale", "--device", "caliper", "--device", "bender", "--device", "probe"});
    return m_process.waitForStarted(3000) ? QString() : tr("The simulated devices could not be started.");
}

void SimulatorProcess::stop() {
    if (!isRunning()) return;
    // Asked, it takes its links away.
    m_process.terminate();
    if (!m_process.waitForFinished(2000)) m_process.kill(), m_process.waitForFinished(1000);
}

} // namespace enkinet::app
