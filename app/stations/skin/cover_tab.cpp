#include "stations/skin/cover_tab.h"
#include "base/units.h"
#include "document/translated.h"
#include "files/output.h"
#include "files/pattern_file.h"
#include "stations/layers/part_in_hand.h"
#include "stations/station_rows.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QFileDialog>
#include <QFormLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
/// The side that a direction faces, in the puppet's own words.
QString sideWord(const Vec3& d) {
    const double x = std::abs(d.x), y = std::abs(d.y), z = std::abs(d.z);
    if (z >= x && z >= y) return d.z > 0 ? CoverTab::tr("in front") : CoverTab::tr("at the back");
    if (x >= y) return d.x > 0 ? CoverTab::tr("on its left") : CoverTab::tr("on its right");
    return d.y > 0 ? CoverTab::tr("on top") : CoverTab::tr("underneath");
}
} // namespace

PatternView::PatternView(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(190);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setObjectName("patternView");
    setAccessibleName(tr("Flat pattern on the back of the cloth"));
}

void PatternView::show(const std::vector<fill::Pattern>& patterns) {
    m_patterns = patterns;
    setVisible(!m_patterns.empty());
    update();
}

void PatternView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const fill::Layout layout = fill::calcLayout(m_patterns, 320);
    double right = 1;
    for (const auto& place : layout.places) {
        double x0 = 1e9, x1 = -1e9;
        for (const fill::FlatPoint& q : m_patterns[static_cast<std::size_t>(place.pattern)].cut)
            x0 = std::min(x0, q.x), x1 = std::max(x1, q.x);
        right = std::max(right, place.x + x1 - x0);
    }
    const double scale = std::min((width() - 20) / right, (height() - 34) / std::max(1.0, layout.length_mm));
    p.setFont(deskFont(8.5));
    for (const auto& place : layout.places) {
        const fill::Pattern& one = m_patterns[static_cast<std::size_t>(place.pattern)];
        double x0 = 1e9, y0 = 1e9;
        for (const fill::FlatPoint& q : one.cut)
            x0 = std::min(x0, q.x), y0 = std::min(y0, q.y);
        const auto at = [&](const fill::FlatPoint& q) {
            return QPointF(10 + scale * (place.x + q.x - x0), height() - 24 - scale * (place.y + q.y - y0));
        };
        const auto line = [&](const std::vector<fill::FlatPoint>& points) {
            QPolygonF shape;
            for (const fill::FlatPoint& q : points)
                shape << at(q);
            return shape;
        };
        p.setPen(QPen(look().graphite, 1, Qt::DashLine));
        p.setBrush(look().card);
        p.drawPolygon(line(one.cut));
        p.setPen(QPen(look().ink, 1.3));
        p.setBrush(Qt::NoBrush);
        p.drawPolygon(line(one.outline));
        // The pile, from the body outwards.
        const QPointF a = at(one.pileFrom), b = at(one.pileTo);
        const double L = std::hypot(b.x() - a.x(), b.y() - a.y());
        if (L < 6) continue;
        const QPointF u = (b - a) / L, n(-u.y(), u.x());
        p.setPen(QPen(look().copper, 1.6));
        p.drawLine(a, b);
        p.drawLine(b, b - 6 * u + 3.5 * n);
        p.drawLine(b, b - 6 * u - 3.5 * n);
    }
    p.setPen(QPen(look().ink, 1.5));
    const double bar = 50 * scale < width() / 3.0 ? 50 : 10;
    p.drawLine(QPointF(10, height() - 8), QPointF(10 + bar * scale, height() - 8));
    p.drawText(QPointF(16 + bar * scale, height() - 4),
               tr("%1; line: seam, dashed: cut, arrow: pile").arg(Text::length(bar, 0)));
}

CoverTab::CoverTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_cover = new ChoiceField(tr("Cover of this part"));
    m_cover->setObjectName("cover");
    m_thick = new NumberField(NumberField::Kind::length, 0, 50, 0.5, 1, tr("Thickness of the cover, pressed"));
    m_thick->setObjectName("coverThick");
    m_from = new NumberField(NumberField::Kind::plain, 0, 99, 5, 0, tr("Covered from, in per cent from its root"));
    m_from->setObjectName("coverFrom");
    m_to = new NumberField(NumberField::Kind::plain, 1, 100, 5, 0, tr("Covered to, in per cent from its root"));
    m_to->setObjectName("coverTo");
    for (NumberField* f : {m_from, m_to})
        f->setSuffix(tr(" %"));
    m_camera = new ChoiceField(tr("Where the camera mostly stands"));
    m_camera->setObjectName("camera");
    auto* form = makeForm();
    form->addRow(tr("cover"), m_cover);
    form->addRow(tr("pressed"), m_thick);
    auto* stretch = new Flow;
    stretch->addWidget(m_from);
    stretch->addWidget(m_to);
    form->addRow(tr("from, to"), stretch);
    form->addRow(tr("camera"), m_camera);
    v->addLayout(form);
    m_view = new PatternView;
    m_text = makeText();
    m_text->setObjectName("coverText");
    m_bench = new QWidget;
    m_bench->setObjectName("coverBench");
    auto* b = new QVBoxLayout(m_bench);
    b->setContentsMargins(24, 16, 24, 16);
    b->setSpacing(8);
    m_title = makeTitle();
    b->addWidget(m_title);
    b->addWidget(m_view, 1);
    b->addWidget(m_text);
    m_rows = new StationTable(document, "coverTable");
    v->addWidget(m_rows);
    v->addWidget(makeHeading(tr("Cloth for the whole puppet")));
    m_width = new NumberField(NumberField::Kind::length, 50, 5000, 50, 0, tr("Width of the cloth"));
    m_width->setObjectName("clothWidth");
    m_width->show(500);
    auto* cloth = makeForm();
    cloth->addRow(tr("width"), m_width);
    v->addLayout(cloth);
    m_cloth = makeText();
    m_cloth->setObjectName("clothText");
    v->addWidget(m_cloth);
    v->addLayout(makeButtonRow(this, {{tr("This cloth as SVG…"), "patternsSvg", [this] { writePatterns(false); }},
                                      {tr("As DXF…"), "patternsDxf", [this] { writePatterns(true); }}}));
    m_order = makeText(true);
    m_order->setText(tr("Hard parts that grow out of the fur go on first, eyes under its edge, bare ends in their own "
                        "colour. Cut from the back with a blade, away from the hand, so that the pile stays whole."));
    v->addWidget(m_order);
    connect(m_cover, &ChoiceField::edited, this, [this](const QVariant& x) {
        const std::string id = x.toString().toStdString();
        changeLayers(m_document, id.empty() ? tr("No cover") : tr("Cover: %1").arg(m_cover->currentText()),
                     [&](body::Layers& l) {
                         l.cover = id;
                         if (!id.empty() && l.cover_mm <= 0) l.cover_mm = 1;
                     });
    });
    connect(m_thick, &NumberField::edited, this, [this](double mm) {
        changeLayers(
            m_document, tr("Cover %1").arg(Text::length(mm)), [&](body::Layers& l) { l.cover_mm = mm; },
            Document::Merge::yes);
    });
    const auto stretchTo = [this] {
        changeLayers(
            m_document, tr("Covered from %1 to %2 %").arg(m_from->value()).arg(m_to->value()),
            [&](body::Layers& l) { l.coverFrom = m_from->value() / 100, l.coverTo = m_to->value() / 100; },
            Document::Merge::yes);
        show();
    };
    connect(m_from, &NumberField::edited, this, stretchTo);
    connect(m_to, &NumberField::edited, this, stretchTo);
    connect(m_camera, &ChoiceField::edited, this, [this](const QVariant& x) {
        body::Wants wants = m_document.puppet().wants;
        wants.camera_rad = degToRad(x.toDouble());
        m_document.change(tr("Camera: %1").arg(m_camera->currentText()),
                          [&](const document::Edits& e) { return e.setWants(wants); });
    });
    connect(m_width, &NumberField::edited, this, [this] { show(); });
}

void CoverTab::show() {
    const results::Report& r = m_document.report();
    const int part = selectedPart(m_document);
    QList<std::pair<QString, QVariant>> covers{{tr("no cover"), ""}};
    for (const fill::CoverCard& c : r.cards->covers)
        covers << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    const double azimuth = std::round(radToDeg(m_document.puppet().wants.camera_rad));
    QList<std::pair<QString, QVariant>> sides{{tr("in front of it"), 0.0}, {tr("half left"), 45.0},
                                              {tr("on its left"), 90.0},   {tr("behind it"), 180.0},
                                              {tr("on its right"), -90.0}, {tr("half right"), -45.0}};
    if (std::none_of(sides.begin(), sides.end(), [&](const auto& s) { return s.second.toDouble() == azimuth; }))
        sides << std::pair{tr("at %1°").arg(Text::number(azimuth, 0)), QVariant(azimuth)};
    m_camera->show(sides, azimuth);
    std::vector<fill::Pattern> own;
    m_text->clear();
    m_rows->show(rowsOfCover(m_document, part));
    if (part >= 0) {
        const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
        m_cover->show(covers, QString::fromStdString(p.layers.cover));
        m_thick->show(p.layers.cover_mm);
        m_from->show(100 * p.layers.coverFrom);
        m_to->show(100 * p.layers.coverTo);
        const bool any = !p.layers.cover.empty();
        m_thick->setEnabled(any);
        for (NumberField* f : {m_from, m_to})
            f->setEnabled(any && p.mass < 0);
        for (const fill::Pattern& x : r.patterns)
            if (x.part == part) own.push_back(x);
        QStringList lines;
        if (any) {
            lines << tr("%1 cm² of %2, %3 g; the clay under it stays %4 under size all round.")
                         .arg(Text::number(p.covered_mm2 / 100, 0),
                              QString::fromStdString(r.shelf.covers.at(p.layers.cover).name),
                              Text::figure(p.cover.mass_g), Text::length(p.layers.cover_mm));
            if (p.covered_mm2 < p.surface_mm2 * (1 - 1e-9))
                lines << tr("%1 cm² stay bare, in their own colour.").arg(Text::number(p.bare_mm2() / 100, 0));
        } else {
            lines << tr("No cloth on the %1.").arg(translated(p.label));
        }
        for (const fill::Pattern& x : own)
            lines << (x.pieces > 1 ? tr("%1 gores alike; girth %2, each seam %3; area within %4 %.")
                                         .arg(x.pieces)
                                         .arg(Text::length(x.girthRoot_mm, 0), Text::length(x.seam_mm, 0),
                                              Text::number(100 * x.areaError, 1))
                                   : tr("Girth %1 at the root, %2 at the tip; seam %3 long, %4%5.")
                                         .arg(Text::length(x.girthRoot_mm, 0), Text::length(x.girthTip_mm, 0),
                                              Text::length(x.seam_mm, 0), sideWord(x.seamSide),
                                              x.exact ? tr("; exact")
                                                      : tr("; girth within %1 %, seam eased by %2 %")
                                                            .arg(Text::number(100 * x.girthError, 2),
                                                                 Text::number(100 * x.seamError, 1))));
        if (any && own.empty() && p.mass >= 0) {
            const body::Mass& m =
                m_document.puppet()
                    .masses[static_cast<std::size_t>(r.choice.skeleton.masses[static_cast<std::size_t>(p.mass)].mass)];
            // Measured half way through the thickness, as every pattern is.
            const auto edge = [&](double half) { return Text::length(2 * half - p.layers.cover_mm); };
            if (m.shape == body::MassShape::box)
                lines << tr("A box: two faces each of %1 by %2, %1 by %3 and %2 by %3, and seams.")
                             .arg(edge(m.half_mm.x), edge(m.half_mm.y), edge(m.half_mm.z));
        }
        m_text->setText(lines.join("\n"));
    }
    m_title->setText(part >= 0
                         ? tr("Pattern of the %1").arg(translated(r.choice.parts[static_cast<std::size_t>(part)].label))
                         : tr("Patterns"));
    m_view->show(own);
    std::map<std::string, std::vector<fill::Pattern>> byCover;
    for (const fill::Pattern& x : r.patterns)
        byCover[x.cover].push_back(x);
    QStringList cloth;
    for (const auto& [id, patterns] : byCover) {
        const fill::Layout layout = fill::calcLayout(patterns, m_width->core());
        int pieces = 0;
        for (const fill::Pattern& x : patterns)
            pieces += x.pieces;
        cloth << tr("%1: %2 on %3 of cloth%4")
                     .arg(QString::fromStdString(r.shelf.covers.at(id).name),
                          pieces == 1 ? tr("1 piece") : tr("%1 pieces").arg(pieces), Text::length(layout.length_mm, 0),
                          layout.fits ? QString() : tr("; one is wider than the cloth"));
    }
    m_cloth->setText(cloth.isEmpty() ? tr("Nothing here is covered.") : cloth.join("\n"));
    for (const char* b : {"patternsSvg", "patternsDxf"})
        findChild<QPushButton*>(b)->setEnabled(!own.empty());
}

void CoverTab::writePatterns(bool dxf) {
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Patterns at 1:1"), dxf ? tr("patterns.dxf") : tr("patterns.svg"),
                                     dxf ? tr("DXF (*.dxf)") : tr("SVG (*.svg)"));
    if (path.isEmpty()) return;
    // One cloth to a file: the one in hand.
    std::vector<fill::Pattern> patterns;
    for (const fill::Pattern& x : m_document.report().patterns)
        if (x.cover == m_cover->currentData().toString().toStdString()) patterns.push_back(x);
    const fill::Layout layout = fill::calcLayout(patterns, m_width->core());
    const std::string text =
        dxf ? files::writePatternsDxf(patterns, layout) : files::writePatternsSvg(patterns, layout, m_width->core());
    if (const auto done = files::writeOutput(path.toStdString(), text); !done)
        Q_EMIT m_document.refused(translated(done.fault()));
}

} // namespace enkinet::app
