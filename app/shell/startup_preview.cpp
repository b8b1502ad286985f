#include "shell/startup_preview.h"
#include "shell/station_bar.h"
#include "widgets/look.h"
#include <QDataStream>
#include <QDir>
#include <QFile>
#include <QPainter>
#include <QSaveFile>
#include <QStandardPaths>
#include <QTimer>
#include <cmath>
#include <utility>

namespace enkinet::app {

namespace {

constexpr quint32 kMark = 0x656e6b31;
constexpr qint64 kLargest = 4 << 20;

QString sightFile() { return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/last-sight"; }

bool isSound(const QPainterPath& line) {
    const QRectF b = line.boundingRect();
    return std::isfinite(b.width()) && std::isfinite(b.height()) && line.elementCount() < 100000;
}

} // namespace

std::optional<SavedPreview> readLastSight() {
    QFile f(sightFile());
    if (!f.open(QIODevice::ReadOnly) || f.size() > kLargest) return {};
    QDataStream in(&f);
    in.setVersion(QDataStream::Qt_6_0);
    quint32 mark = 0;
    SavedPreview s;
    in >> mark;
    if (mark != kMark) return {};
    in >> s.file >> s.window >> s.line;
    if (in.status() != QDataStream::Ok || !isSound(s.line)) return {};
    return s;
}

void writeLastSight(const SavedPreview& sight) {
    if (!isSound(sight.line)) return;
    QDir().mkpath(QFileInfo(sightFile()).path());
    QSaveFile f(sightFile());
    if (!f.open(QIODevice::WriteOnly)) return;
    QDataStream out(&f);
    out.setVersion(QDataStream::Qt_6_0);
    out << kMark << sight.file << sight.window << sight.line;
    f.commit();
}

StartupPreview::StartupPreview(const QString& file, StationBar& rule, QWidget* parent)
    : QWidget(parent), m_stationBar(rule), m_sight(readLastSight()) {
    if (m_sight && (file.isEmpty() || m_sight->file != file)) m_sight.reset();
    m_stationBar.setParent(this);
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void StartupPreview::resizeEvent(QResizeEvent*) {
    m_stationBar.setGeometry(0, height() - m_stationBar.height(), width(), m_stationBar.height());
}

void StartupPreview::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), look().bench);
    // Called once the paint is out, unless whoever waited has gone meanwhile.
    if (painted)
        QTimer::singleShot(0, this, [this] {
            if (const auto call = std::exchange(painted, {})) call();
        });
    if (!m_sight || m_sight->window != size()) return;
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(look().ink, 1.4));
    p.setBrush(look().sheet);
    p.drawPath(m_sight->line);
}

} // namespace enkinet::app
