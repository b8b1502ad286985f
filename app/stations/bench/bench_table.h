#pragma once
// The bench top: what is plugged in as dials, the sample in its jaws, and a ruler on which what is known, what was
// tested and what is being counted stand together.
#include "jobs/device_ports.h"
#include "widgets/accessible_picture.h"
#include "widgets/materials.h"
#include "wire/calibration.h"
#include <QWidget>
#include <optional>

namespace enkinet::app {

/// What is on the bench.
enum class BenchTest { bend, hang, rupture, oven };

struct BenchTop {
    std::vector<DevicePorts::Device> devices;
    BenchTest test = BenchTest::bend;
    wire::Bundle bundle; ///< the sample, where it is wire
    Metal metal;
    QColor clay;
    double gap_mm = 14, set_rad = 0;
    std::optional<double> angle_rad; ///< where the lever stands, if something says so
    double count = 0;                ///< bends so far
    bool running = false, broken = false;
    // The ruler: what one test is expected to give by the card alone, and by all that is known.
    std::optional<wire::Expected> card, known;
    int tests = 0;
    struct Mark {
        double value = 0;
        bool contradicts = false;
    };
    std::vector<Mark> marks;
    QString unit;                 ///< of the ruler: bends, N mm, MPa
    bool asked = false;           ///< whether what stands on the ruler is to count
    std::optional<double> needle; ///< what stands on the ruler now
};

class BenchTable : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit BenchTable(QWidget* parent = nullptr);
    void show(BenchTop top);
    const BenchTop& top() const { return m_top; }
    /// Where a value stands on the ruler, in pixels; for the tests.
    double place(double value) const;
    std::vector<PicturePart> parts() const override;
    void choosePart(int) override {}

Q_SIGNALS:
    void counted(); ///< one more, by key
    void kept();    ///< it is over, by key
    void dropped(); ///< stopped, nothing kept

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;
    void mousePressEvent(QMouseEvent*) override { setFocus(Qt::MouseFocusReason); }

private:
    QRectF dialBox(std::size_t device) const;
    QRectF ruler() const;
    std::pair<double, double> range() const;
    static QString wordsOf(const DevicePorts::Device& device);
    void drawDials(QPainter& p) const;
    void drawWire(QPainter& p, const QRectF& area) const;
    void drawRod(QPainter& p, const QRectF& area) const;
    void drawTally(QPainter& p, const QRectF& area) const;
    void drawRuler(QPainter& p) const;
    BenchTop m_top;
};

} // namespace enkinet::app
