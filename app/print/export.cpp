#include "print/export.h"
#include "body/mesh.h"
#include "document/translated.h"
#include "files/mesh_file.h"
#include "files/output.h"
#include "sheet/elevation.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QBuffer>
#include <QFileInfo>
#include <QPainter>
#include <QSvgGenerator>

namespace enkinet::app {

namespace {

std::vector<files::NamedMesh> bodyMeshes(const Document& d, body::Surface surface) {
    constexpr int kAround = 48;
    const auto& r = d.report();
    const auto& s = r.choice.skeleton;
    std::vector<files::NamedMesh> all;
    for (const fill::Part& p : r.choice.parts) {
        if (p.volume_mm3 <= 0) continue;
        const body::Layers& l = p.layers;
        if ((surface == body::Surface::clay && l.clay.empty()) || (surface == body::Surface::core && l.bulk.empty()))
            continue;
        const body::Link& link = s.links[static_cast<std::size_t>(p.link)];
        const body::Limb& limb =
            d.puppet().limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)];
        const bool inner = surface != body::Surface::finished;
        body::Mesh mesh;
        if (p.mass >= 0) {
            const body::MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
            mesh = body::calcMassMesh(d.puppet().masses[static_cast<std::size_t>(c.mass)], c,
                                      body::findInset(l, surface), kAround);
        } else {
            // Stiff layers stop at the gaps.
            const body::Stretch own = r.choice.own[static_cast<std::size_t>(p.link)];
            const bool stiff = inner && !(surface == body::Surface::clay && l.skinAcrossGaps);
            mesh = body::calcSurfaceMesh(limb.segments[static_cast<std::size_t>(link.segment)], link,
                                         stiff ? body::findCommon(own, body::findStiff(link)) : own, surface, kAround);
        }
        if (!mesh.triangles.empty()) all.push_back({p.label.english(), std::move(mesh)});
    }
    return all;
}

/// Front at the left, side beside it, both standing on y 0.
QString writeSvg(const Document& d, const QString& path) {
    const Elevation front(d.puppet(), d.production(), d.report(), View::front, true),
        side(d.puppet(), d.production(), d.report(), View::side, true);
    const double gap = 20, wide = front.bounds().width() + side.bounds().width() + 3 * gap,
                 tall = std::max(-front.bounds().top(), -side.bounds().top()) + 40;
    QBuffer bytes;
    bytes.open(QIODevice::WriteOnly);
    QSvgGenerator svg;
    svg.setOutputDevice(&bytes);
    svg.setTitle(QString::fromStdString(d.puppet().name));
    // One unit is a millimetre: the generator writes the size in mm at this resolution.
    constexpr double kUnits = 10;
    svg.setResolution(static_cast<int>(25.4 * kUnits));
    svg.setSize(QSize(static_cast<int>(wide * kUnits), static_cast<int>(tall * kUnits)));
    svg.setViewBox(QRectF(0, 0, wide * kUnits, tall * kUnits));
    const bool night = look().night;
    if (night) setNightLook(false);
    QPainter p;
    const bool open = p.begin(&svg);
    if (open) {
        p.scale(kUnits, kUnits);
        p.translate(gap - front.bounds().left(), tall - 25);
        front.draw(p, LayerView::wire, 3, {});
        p.translate(front.bounds().right() + gap - side.bounds().left(), 0);
        side.draw(p, LayerView::wire, 3, {});
        p.end();
    }
    if (night) setNightLook(true);
    if (!open) return Text::tr("%1 could not be written").arg(path);
    const auto done = files::writeOutput(path.toStdString(), bytes.data().toStdString());
    return done ? QString() : translated(done.fault());
}

} // namespace

QString exportPuppet(const Document& d, const QString& path, body::Surface surface) {
    const QString suffix = QFileInfo(path).suffix().toLower();
    if (suffix == "svg") return writeSvg(d, path);
    std::string bytes;
    if (suffix == "obj")
        bytes = files::writeObj(bodyMeshes(d, surface));
    else if (suffix == "stl")
        bytes = files::writeStl(bodyMeshes(d, surface));
    else if (suffix == "gltf")
        bytes = files::writeGltf(bodyMeshes(d, surface));
    else if (suffix == "dxf") {
        std::vector<files::Outline> outlines;
        double shift = 0;
        for (View view : {View::front, View::side}) {
            const Elevation e(d.puppet(), d.production(), d.report(), view, true);
            if (view == View::side) shift += 20 - e.bounds().left();
            for (const QPolygonF& polygon : e.outlines()) {
                files::Outline o{view == View::front ? "front" : "side", {}, true};
                for (const QPointF& q : polygon)
                    o.points_mm.emplace_back(q.x() + shift, -q.y());
                outlines.push_back(o);
            }
            if (view == View::front) shift = e.bounds().right();
        }
        bytes = files::writeDxf(outlines);
    } else {
        return Text::tr("the ending must be obj, stl, gltf, svg or dxf");
    }
    if (const auto done = files::writeOutput(path.toStdString(), bytes); !done) return translated(done.fault());
    return {};
}

} // namespace enkinet::app
