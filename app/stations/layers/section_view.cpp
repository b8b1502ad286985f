#include "stations/layers/section_view.h"
#include "sheet/elevation.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

SectionView::SectionView(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumHeight(150);
    setAccessibleName(tr("Section through the part"));
}

void SectionView::show(const Document& document, int part, std::optional<double> at) {
    const results::Report& r = document.report();
    m_empty = part < 0 || part >= static_cast<int>(r.choice.parts.size());
    m_caption.clear();
    update();
    if (m_empty) return;
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    const auto& s = r.choice.skeleton;
    const body::Link& link = s.links[static_cast<std::size_t>(p.link)];
    const int limbIndex = s.copies[static_cast<std::size_t>(link.copy)].limb;
    const body::Limb& limb = document.puppet().limbs[static_cast<std::size_t>(limbIndex)];
    const body::Layers& l = p.layers;
    m_box = m_gap = m_solid = false;
    m_cover = l.cover.empty() ? 0 : l.cover_mm;
    m_skin = l.clay.empty() ? 0 : l.skin_mm;
    m_hasBulk = !l.bulk.empty();
    m_sleeve = 0;
    if (p.mass >= 0) {
        const body::Mass& m =
            document.puppet().masses[static_cast<std::size_t>(s.masses[static_cast<std::size_t>(p.mass)].mass)];
        m_a = m.half_mm.x, m_b = m.half_mm.z, m_box = m.shape == body::MassShape::box;
        // Clay that meets in the middle of its shortest axis fills it, however long the others are.
        m_solid = m_skin > 0 && m_cover + m_skin + body::findCoats(l) >= p.thinnest_mm - 1e-9;
        m_empty = m.shape == body::MassShape::weighed;
        m_caption = tr("%1, level through its middle").arg(Text::capital(p.label));
    } else {
        const body::Segment& seg = limb.segments[static_cast<std::size_t>(link.segment)];
        m_empty = seg.sections.empty();
        if (m_empty) return;
        double t = at.value_or(0);
        if (!at) {
            double most = 0;
            for (const body::Section& x : seg.sections)
                if (x.a_mm * x.b_mm > most) most = x.a_mm * x.b_mm, t = x.at;
        }
        const body::Section here = body::findSection(seg.sections, t);
        m_a = here.a_mm, m_b = here.b_mm;
        if (t < l.coverFrom || t > l.coverTo) m_cover = 0;
        if (m_skin > 0) m_skin = body::findSkin(seg, t);
        const body::Stretch stiff = body::findStiff(link);
        m_gap = at && (t < stiff.from || t > stiff.to);
        if (m_gap) m_hasBulk = false;
        if (m_gap && !l.skinAcrossGaps) m_skin = 0;
        if (!m_gap) m_sleeve = seg.sleeve_mm;
        const std::string& root = limb.joints[static_cast<std::size_t>(link.segment)].name;
        m_caption = tr("%1, %2 from the %3")
                        .arg(Text::capital(p.label), Text::length(t * link.length_mm, 0), QString::fromStdString(root));
    }
    m_foil = !l.bulk.empty() && r.shelf.bulks.at(l.bulk).foil;
    m_coats.clear();
    for (std::size_t k = m_skin > 0 ? l.coats.size() : 0; k-- > 0;)
        m_coats.emplace_back(l.coats[k].thickness_mm,
                             QColor(QString::fromStdString(r.shelf.clays.at(l.coats[k].clay).colour)));
    m_clay = l.clay.empty() ? QColor() : QColor(QString::fromStdString(r.shelf.clays.at(l.clay).colour));
    m_cloth = l.cover.empty() ? QColor() : QColor(QString::fromStdString(r.shelf.covers.at(l.cover).colour));
    const choice::LimbChoice& c = r.choice.limbs[static_cast<std::size_t>(limbIndex)];
    m_hasWire = c.chosen >= 0;
    if (!m_hasWire) return;
    m_bundle = c.candidates()[static_cast<std::size_t>(c.chosen)].bundle;
    m_metal = metalOf(r.stock.tableOf(c.candidates()[static_cast<std::size_t>(c.chosen)].spool).card());
}

double SectionView::clayTo_mm() const {
    double to = m_cover + m_skin;
    for (const auto& [mm, colour] : m_coats)
        to += mm;
    return to;
}

void SectionView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_empty) {
        p.setPen(look().graphite);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("Nothing but wire here."));
        return;
    }
    constexpr double kCaption = 18;
    const double scale = std::min((width() - 190.0) / (2 * m_a), (height() - 24.0 - kCaption) / (2 * m_b));
    const QPointF c(10 + (width() - 190) / 2.0, kCaption + (height() - kCaption) / 2.0);
    const auto ring = [&](double inset, const QColor& fill, const QImage* texture = nullptr) {
        const double w = std::max(0.0, m_a - inset) * scale, h = std::max(0.0, m_b - inset) * scale;
        if (w <= 0 || h <= 0) return;
        p.setPen(QPen(look().graphite, 1));
        p.setBrush(fill);
        const auto shape = [&] {
            if (m_box)
                p.drawRect(QRectF(c.x() - w, c.y() - h, 2 * w, 2 * h));
            else
                p.drawEllipse(c, w, h);
        };
        shape();
        if (!texture) return;
        p.setBrush(QBrush(*texture));
        shape();
    };
    struct Row {
        QString text;
        QColor colour;
    };
    std::vector<Row> rows;
    const double clay = clayTo_mm();
    const bool solid = isSolid();
    if (m_cover > 0) ring(0, m_cloth), rows.push_back({tr("cover %1").arg(Text::length(m_cover)), m_cloth});
    if (m_skin > 0) {
        ring(m_cover, m_clay, &clayGrain());
        rows.push_back({solid && m_coats.empty() ? tr("solid clay")
                        : m_coats.empty()        ? tr("clay %1").arg(Text::length(m_skin))
                                                 : tr("skin %1").arg(Text::length(m_skin)),
                        m_clay});
        double in = m_cover + m_skin;
        for (std::size_t k = 0; k < m_coats.size(); ++k) {
            ring(in, m_coats[k].second, &clayGrain());
            rows.push_back(
                {tr("coat %1, %2").arg(m_coats.size() - k).arg(Text::length(m_coats[k].first)), m_coats[k].second});
            in += m_coats[k].first;
        }
    }
    if (m_gap && m_skin == 0 && m_cover == 0) {
        // The outline that the neighbours would close to.
        p.setPen(QPen(look().graphite, 1, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(c, m_a * scale, m_b * scale);
        rows.push_back({tr("free gap"), look().shade});
    } else if (!solid) {
        const QColor fill = !m_hasBulk ? look().sheet : m_foil ? look().foil : QColor("#cbbf9f");
        ring(clay, fill, m_hasBulk && m_foil && !m_gap ? &foilCrumple() : nullptr);
        rows.push_back({m_gap ? tr("free gap") : !m_hasBulk ? tr("hollow") : m_foil ? tr("foil") : tr("bulk"), fill});
    }
    if (m_hasWire) {
        const double across = wire::findBundleDiameter(m_bundle);
        if (m_sleeve > 0) {
            p.setPen(QPen(look().graphite, 1));
            p.setBrush(look().steel);
            p.drawEllipse(c, (across / 2 + m_sleeve) * scale, (across / 2 + m_sleeve) * scale);
            rows.push_back({tr("sleeve %1").arg(Text::length(m_sleeve)), look().steel});
        }
        drawSection(p, c, m_bundle, scale, m_metal);
        rows.push_back({tr("wire %1 across").arg(Text::length(across)), m_metal.mid});
    }
    p.setFont(deskFont(9));
    p.setPen(look().ink);
    p.drawText(QRectF(8, 2, width() - 16, kCaption), Qt::AlignLeft | Qt::AlignVCenter, m_caption);
    const double x = width() - 172;
    double y = height() / 2.0 - 10.0 * static_cast<double>(rows.size());
    for (const Row& r : rows) {
        p.setPen(QPen(look().graphite, 1));
        p.setBrush(r.colour);
        p.drawRect(QRectF(x, y + 2, 12, 12));
        p.setPen(look().ink);
        p.drawText(QPointF(x + 19, y + 12), r.text);
        y += 20;
    }
    // A bar of ten millimetres, or one, to judge the scale by.
    const double bar = 10 * scale < 90 ? 10 : 1;
    p.setPen(QPen(look().ink, 1.5));
    p.drawLine(QPointF(x, height() - 14), QPointF(x + bar * scale, height() - 14));
    p.drawText(QPointF(x + bar * scale + 6, height() - 10), Text::length(bar, 0));
}

} // namespace enkinet::app
