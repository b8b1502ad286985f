#pragma once
// The devices that are plugged in: every terminal that is linked under $XDG_RUNTIME_DIR/enkinet/, read as it comes. A
// reading is told when it is steady; unplugging and rubbish are counted, and the window never waits for a device.
#include "devices/line.h"
#include <QObject>
#include <QString>
#include <QTimer>
#include <map>
#include <memory>
#include <vector>

class QSocketNotifier;

namespace enkinet::app {

class DevicePorts : public QObject {
    Q_OBJECT
public:
    explicit DevicePorts(QObject* parent = nullptr);
    ~DevicePorts() override;
    /// Where terminals are looked for; another place for tests.
    void setFolder(const QString& folder);
    /// Looks now for what has been plugged in or pulled.
    void look();
    /// The last value of a unit that is there now; NaN without one.
    double live(const std::string& unit) const;
    /// What is plugged in, as it stands now.
    struct Device {
        QString name; ///< scale, caliper, probe, bender, hanger, breaker; empty before its first line
        std::string unit;
        double value = 0;
        bool steady = false;
        long rubbish = 0, missed = 0;
    };
    std::vector<Device> devices() const;
    /// Looks where the desktop keeps its links.
    static QString usualFolder();
    int plugged() const { return static_cast<int>(m_ports.size()); }
    long rubbish() const { return m_rubbish; }

Q_SIGNALS:
    void changed();                                      ///< plugged, pulled, or another value
    void steady(const std::string& unit, double value);  ///< taken, once
    void came(const enkinet::devices::Reading& reading); ///< every sound line

private:
    struct Port;
    void read(Port& port);
    QString m_folder;
    std::map<QString, std::unique_ptr<Port>> m_ports; ///< by path
    QTimer m_timer;
    long m_rubbish = 0;
};

} // namespace enkinet::app
