#include "jobs/device_ports.h"
#include <QDir>
#include <QFileInfo>
#include <QSocketNotifier>
#include <QStandardPaths>
#include <cmath>
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

namespace enkinet::app {

struct DevicePorts::Port {
    int fd = -1;
    QString path;
    devices::LineReader lines;
    std::map<std::string, devices::Steady> steady; ///< by unit
    std::string unit, device;
    double value = 0;
    bool pulled = false, still = false;
    std::unique_ptr<QSocketNotifier> notifier;
    ~Port() {
        notifier.reset();
        if (fd >= 0) ::close(fd);
    }
};

DevicePorts::DevicePorts(QObject* parent) : QObject(parent) {
    m_folder = usualFolder();
    m_timer.setInterval(2000);
    connect(&m_timer, &QTimer::timeout, this, &DevicePorts::look);
    m_timer.start();
}

DevicePorts::~DevicePorts() = default;

QString DevicePorts::usualFolder() {
    return QDir(QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation)).filePath("enkinet");
}

std::vector<DevicePorts::Device> DevicePorts::devices() const {
    std::vector<Device> all;
    for (const auto& [path, p] : m_ports)
        if (!p->pulled)
            all.push_back({QString::fromStdString(p->device), p->unit, p->value, p->still, p->lines.rubbish(),
                           p->lines.missed()});
    return all;
}

void DevicePorts::setFolder(const QString& folder) {
    m_folder = folder;
    look();
}

void DevicePorts::look() {
    bool other = std::erase_if(m_ports, [](const auto& p) { return p.second->pulled; }) > 0;
    if (!m_folder.isEmpty())
        for (const QFileInfo& link : QDir(m_folder).entryInfoList(QDir::System | QDir::Files | QDir::NoDotAndDotDot)) {
            const QString path = link.isSymLink() ? link.symLinkTarget() : link.absoluteFilePath();
            if (m_ports.contains(path)) continue;
            auto port = std::make_unique<Port>();
            port->path = path;
            port->fd = ::open(path.toLocal8Bit().constData(), O_RDONLY | O_NOCTTY | O_NONBLOCK | O_CLOEXEC);
            if (port->fd < 0) continue;
            // Only what is a terminal is a device.
            termios raw{};
            if (tcgetattr(port->fd, &raw) != 0) continue;
            cfmakeraw(&raw);
            cfsetspeed(&raw, B9600);
            tcsetattr(port->fd, TCSANOW, &raw);
            port->notifier = std::make_unique<QSocketNotifier>(port->fd, QSocketNotifier::Read);
            connect(port->notifier.get(), &QSocketNotifier::activated, this, [this, p = port.get()] { read(*p); });
            m_ports.emplace(path, std::move(port));
            other = true;
        }
    if (other) Q_EMIT changed();
}

void DevicePorts::read(Port& port) {
    char bytes[4096];
    const ssize_t n = ::read(port.fd, bytes, sizeof bytes);
    if (n <= 0) {
        if (n < 0 && (errno == EAGAIN || errno == EINTR)) return;
        // Pulled: what was taken stays taken; it goes at the next look.
        port.notifier->setEnabled(false);
        port.pulled = true;
        port.lines.unplug();
        Q_EMIT changed();
        return;
    }
    const long before = port.lines.rubbish();
    const auto readings = port.lines.take({bytes, static_cast<std::size_t>(n)});
    m_rubbish += port.lines.rubbish() - before;
    for (const devices::Reading& r : readings) {
        // A bend tester says two things in turn; its angle is what it shows.
        if (r.unit != "Nmm") port.unit = r.unit, port.value = r.value;
        port.device = r.device;
        Q_EMIT came(r);
        auto& steady = port.steady.try_emplace(r.unit, devices::Steady::of(r.unit)).first->second;
        const auto value = steady.take(r.value);
        port.still = steady.isTaken();
        if (value) Q_EMIT this->steady(r.unit, *value);
    }
    if (!readings.empty()) Q_EMIT changed();
}

double DevicePorts::live(const std::string& unit) const {
    for (const auto& [path, port] : m_ports)
        if (port->unit == unit && !port->pulled) return port->value;
    return std::nan("");
}

} // namespace enkinet::app
