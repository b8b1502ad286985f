#include "print/paint_pages.h"
#include "document/translated.h"
#include "widgets/materials.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::app {

namespace {

constexpr double kChip = 16, kRowHigh = 21;

class PaintDrawer : PageFlow {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
public:
    PaintDrawer(Pages& pages, const SheetSource& from, const results::ShotWear& film)
        : PageFlow(pages, tr("paint")), m_p(from.production), m_puppet(from.puppet), m_r(from.report), m_film(film) {
        for (std::size_t i = 0; i < m_p.puppets.size(); ++i)
            if (m_p.puppets[i].id == m_puppet.id) m_index = static_cast<int>(i);
    }

    void draw() {
        std::map<std::string, std::vector<const checks::PaintedPart*>> schemes;
        for (const checks::PaintedPart& x : m_r.painted)
            if (!x.laid.empty()) schemes[x.scheme].push_back(&x);
        if (schemes.empty()) return;
        need(60);
        heading(tr("Paint, to match between shots"));
        line(
            tr("Paint the real chip into the empty box, from the same pot and over the same ground, and keep this page "
               "with the puppet. Printed colours only resemble: match to the real chip."),
            kGrey);
        m_y += 2;
        for (const auto& [id, parts] : schemes)
            scheme(id, parts);
        continuity(schemes);
        touchUp();
    }

private:
    void chip(double x, const QColor& fill) {
        m_pages.painter().setPen(QPen(kGrey, 0.25));
        m_pages.painter().setBrush(fill.isValid() ? QBrush(fill) : QBrush(Qt::NoBrush));
        m_pages.painter().drawRect(QRectF(x, m_y, kChip, kChip));
    }

    void scheme(const std::string& id, const std::vector<const checks::PaintedPart*>& parts) {
        QString name = QString::fromStdString(id);
        for (const paint::Scheme& s : m_p.schemes)
            if (s.id == id) name = QString::fromStdString(s.name);
        need(2 * kRowHigh);
        heading(Text::capital(name), 4);
        QStringList names;
        for (const checks::PaintedPart* x : parts)
            names << translated(m_r.choice.parts[static_cast<std::size_t>(x->part)].label);
        line(tr("On: %1.").arg(names.join(tr(", "))), kGrey);
        // Coats of the first part; millilitres of all.
        for (std::size_t k = 0; k < parts.front()->laid.size(); ++k) {
            const paint::Laid& l = parts.front()->laid[k];
            double ml = 0;
            for (const checks::PaintedPart* x : parts)
                if (k < x->laid.size()) ml += x->laid[k].ml;
            need(kRowHigh);
            const bool clear = l.role == paint::Role::varnish;
            chip(left(), clear ? QColor() : QColor(QString::fromStdString(l.card->colour)));
            if (clear) m_pages.fitText(left() + 1, m_y + kChip / 2 + 1, kChip - 2, tr("clear"), 2.8, false, kGrey);
            chip(left() + kChip + 3, QColor());
            const double x = left() + 2 * kChip + 8, room = width() - 2 * kChip - 8;
            m_pages.fitText(
                x, m_y + 3.6, room,
                Text::zone(l.zone, l.from, l.to).isEmpty()
                    ? tr("%1: %2").arg(Text::capital(Text::role(l.role)), QString::fromStdString(l.card->name))
                    : tr("%1 %2: %3")
                          .arg(Text::capital(Text::role(l.role)), Text::zone(l.zone, l.from, l.to),
                               QString::fromStdString(l.card->name)),
                3.4, true);
            m_pages.fitText(x, m_y + 8, room,
                            tr("%n coat(s), %1 ml in all, dry in %2", nullptr, l.coats)
                                .arg(Text::number(ml, 1), Text::minutes(l.dry_min)),
                            3.2);
            QStringList more;
            if (!l.card->note.empty()) more << QString::fromStdString(l.card->note);
            if (!l.card->batch.empty()) more << tr("batch %1").arg(QString::fromStdString(l.card->batch));
            if (!clear) more << QString::fromStdString(l.card->colour);
            m_pages.fitText(x, m_y + 12.2, room, more.join(tr(", ")), 3, false, kGrey);
            m_y += kRowHigh;
        }
        m_y += 2;
    }

    /// Every copy beside the chip: the same under the lamp that it is shot under.
    void continuity(const std::map<std::string, std::vector<const checks::PaintedPart*>>& schemes) {
        const int copies = m_puppet.things.copies;
        if (copies < 2) return;
        need(20);
        heading(tr("The same on every copy"), 4);
        line(tr("Hold each copy beside the chip, under the lamp that it is shot under; tick what matches, note the "
                "batch where "
                "another pot was opened."),
             kGrey);
        for (const auto& [id, parts] : schemes) {
            QString name = QString::fromStdString(id);
            for (const paint::Scheme& s : m_p.schemes)
                if (s.id == id) name = QString::fromStdString(s.name);
            need(9);
            const double step = std::min(34.0, (width() - 50) / copies);
            m_pages.fitText(left(), m_y + 4, 46, name, 3.2);
            for (int c = 0; c < copies; ++c) {
                const double x = left() + 48 + c * step;
                m_pages.painter().setPen(QPen(kGrey, 0.3));
                m_pages.painter().setBrush(Qt::NoBrush);
                m_pages.painter().drawRect(QRectF(x, m_y + 0.8, 3.6, 3.6));
                m_pages.fitText(x + 5, m_y + 4, step - 6, tr("copy %1").arg(c + 1), 3, false, kGrey);
            }
            m_y += 8;
        }
        m_y += 2;
    }

    void touchUp() {
        const auto all = results::findGripped(m_film, m_index, m_r.choice.rest, m_p.shots.size());
        if (std::all_of(all.begin(), all.end(), [](const auto& shot) { return shot.empty(); })) return;
        need(24);
        heading(tr("Look at after each shot"), 4);
        line(tr("Where a hand takes it most often, paint goes first; bends are counted in brackets."), kGrey);
        for (std::size_t i = 0; i < all.size(); ++i) {
            if (all[i].empty()) continue;
            need(12);
            tickBox(left());
            QStringList places;
            for (std::size_t k = 0; k < std::min<std::size_t>(5, all[i].size()); ++k)
                places << tr("%1 (%2)").arg(
                    translated(m_r.choice.rest.links[static_cast<std::size_t>(all[i][k].link)].label),
                    Text::number(all[i][k].bends, 0));
            line(tr("%1. %2: %3", "number, shot, places")
                     .arg(i + 1)
                     .arg(QString::fromStdString(m_p.shots[i].name), places.join(tr(", "))),
                 kInk, 7);
        }
    }

    const document::Production& m_p;
    const body::Puppet& m_puppet;
    const results::Report& m_r;
    const results::ShotWear& m_film;
    int m_index = -1;
};

} // namespace

void drawPaintPages(Pages& pages, const SheetSource& from, const results::ShotWear& film) {
    PaintDrawer(pages, from, film).draw();
}

} // namespace enkinet::app
