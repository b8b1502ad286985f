#include "stations/plan/step_icon.h"
#include "widgets/look.h"
#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>

namespace enkinet::app {

namespace {
enum Group { kPaperWork, kWire, kBind, kPutty, kBulk, kGate, kClay, kOven, kDry, kPaint, kCloth, kHoles, kFit, kSign };
static_assert(kGate == kGateGroup);

struct Groups {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::Groups)
};
} // namespace

int groupOf(make::StepKind kind) {
    using make::StepKind;
    switch (kind) {
    case StepKind::print_sheets:
        return kPaperWork;
    case StepKind::cut_wire:
    case StepKind::twist_wire:
        return kWire;
    case StepKind::bind_limb:
        return kBind;
    case StepKind::set_putty:
        return kPutty;
    case StepKind::bulk:
        return kBulk;
    case StepKind::gate:
        return kGate;
    case StepKind::skin:
    case StepKind::coat:
    case StepKind::sheet:
        return kClay;
    case StepKind::bake:
        return kOven;
    case StepKind::dry:
        return kDry;
    case StepKind::paint:
        return kPaint;
    case StepKind::cover:
        return kCloth;
    case StepKind::drill_base:
    case StepKind::hole:
    case StepKind::tie_down:
        return kHoles;
    case StepKind::feature:
    case StepKind::variant:
    case StepKind::run:
    case StepKind::try_prop:
    case StepKind::glue:
        return kFit;
    case StepKind::sign_off:
        return kSign;
    }
    return kFit;
}

QString groupName(int group) {
    switch (group) {
    case kPaperWork:
        return Groups::tr("Print");
    case kWire:
        return Groups::tr("Cut and twist");
    case kBind:
        return Groups::tr("Bind");
    case kPutty:
        return Groups::tr("Putty");
    case kBulk:
        return Groups::tr("Bulk");
    case kGate:
        return Groups::tr("Last look");
    case kClay:
        return Groups::tr("Skin");
    case kOven:
        return Groups::tr("Bake");
    case kDry:
        return Groups::tr("Set");
    case kPaint:
        return Groups::tr("Paint");
    case kCloth:
        return Groups::tr("Cover");
    case kHoles:
        return Groups::tr("Base");
    case kFit:
        return Groups::tr("Fit");
    case kSign:
        return Groups::tr("Sign off");
    }
    return {};
}

void drawStepIcon(QPainter& p, const QPointF& at, double size, int group) {
    p.save();
    p.translate(at);
    p.scale(size / 18, size / 18);
    p.setPen(QPen(look().ink, 1));
    const auto wave = [&](double y, const QColor& c) {
        QPainterPath w;
        w.moveTo(-8, y);
        for (int k = 0; k < 4; ++k)
            w.quadTo({-6.0 + 4 * k, y + (k % 2 ? 4 : -4)}, {-4.0 + 4 * k, y});
        p.strokePath(w, QPen(c, 2.4));
    };
    switch (group) {
    case kPaperWork:
    case kSign:
        p.setBrush(look().sheet);
        p.drawRect(QRectF(-6, -8, 12, 15));
        for (double y : {-4.0, -1.0, 2.0})
            p.drawLine(QPointF(-4, y), QPointF(4, y));
        if (group == kSign)
            p.strokePath(
                [] {
                    QPainterPath t;
                    t.moveTo(-4, 3);
                    t.lineTo(-1, 7);
                    t.lineTo(7, -5);
                    return t;
                }(),
                QPen(look().holds, 2));
        break;
    case kWire:
        wave(0, QColor("#8f969b"));
        wave(1.2, QColor("#c9ced1"));
        break;
    case kBind:
        p.strokePath(
            [] {
                QPainterPath t;
                t.moveTo(-8, 0);
                t.lineTo(8, 0);
                return t;
            }(),
            QPen(QColor("#9aa1a6"), 3));
        for (double x : {-3.0, -0.5, 2.0})
            p.drawLine(QPointF(x - 1, -4), QPointF(x + 1, 4));
        break;
    case kPutty:
    case kClay:
        p.setBrush(group == kPutty ? QColor("#a9b795") : QColor("#d8a878"));
        p.drawRoundedRect(QRectF(-8, -4, 16, 10), 5, 5);
        if (group == kClay) p.drawLine(QPointF(-9, -6), QPointF(9, -6));
        break;
    case kBulk: {
        p.setBrush(look().foil);
        p.drawPolygon(QPolygonF{{-7, -2}, {-2, -7}, {5, -6}, {8, 1}, {3, 7}, {-5, 6}});
        p.drawPolyline(QPolygonF{{-2, -7}, {0, 0}, {8, 1}});
        p.drawLine(QPointF(0, 0), QPointF(-5, 6));
        break;
    }
    case kGate:
        p.setBrush(QColor(255, 255, 255, 120));
        p.setPen(QPen(look().ink, 1.8));
        p.drawEllipse(QPointF(-1, -2), 6, 6);
        p.drawLine(QPointF(3.5, 2.5), QPointF(8, 8));
        break;
    case kOven:
        p.setBrush(look().ink);
        p.drawRoundedRect(QRectF(-8, -6, 16, 12), 2, 2);
        p.fillRect(QRectF(-5, -3, 8, 6), QColor("#e08b3e"));
        break;
    case kDry:
        p.setBrush(QColor("#b5c8d6"));
        p.drawRect(QRectF(-7, -3, 14, 8));
        p.drawLine(QPointF(-8, -6), QPointF(8, -6));
        break;
    case kPaint:
        p.setPen(QPen(QColor("#8a6a3e"), 3, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(QPointF(7, -7), QPointF(-1, 1));
        p.setPen(Qt::NoPen);
        p.setBrush(look().copper);
        p.drawPolygon(QPolygonF{{-1, -1}, {1, 2}, {-4, 7}, {-8, 8}, {-6, 3}});
        break;
    case kCloth:
        p.setBrush(QColor("#3d4c5a"));
        p.drawPolygon(QPolygonF{{-8, -5}, {6, -7}, {8, 5}, {-6, 7}});
        p.setPen(QPen(QColor("#d8d3c6"), 1, Qt::DotLine));
        p.drawLine(QPointF(-6, 4), QPointF(6, 2));
        break;
    case kHoles:
        p.setBrush(QColor("#b9935f"));
        p.drawRect(QRectF(-8, 1, 16, 6));
        p.setPen(QPen(look().ink, 2.4));
        p.drawLine(QPointF(0, -8), QPointF(0, 3));
        break;
    default:
        p.setBrush(look().card);
        p.drawEllipse(QPointF(0, 0), 7, 7);
        p.setBrush(look().ink);
        p.drawEllipse(QPointF(1, 0), 2.6, 2.6);
    }
    p.restore();
}

} // namespace enkinet::app
