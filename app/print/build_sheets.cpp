#include "print/build_sheets.h"
#include "document/translated.h"
#include "files/output.h"
#include "jobs/clock.h"
#include "print/day_pages.h"
#include "print/film_pages.h"
#include "print/gate_pages.h"
#include "print/paint_pages.h"
#include "print/sheet_pages.h"
#include "results/judged.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QBuffer>
#include <QLocale>
#include <QPdfWriter>

namespace enkinet::app {

BuildSheets::BuildSheets(std::shared_ptr<const document::Production> production, int puppet,
                         std::shared_ptr<const results::Report> report,
                         std::shared_ptr<const results::ProductionResult> result, PlanJob::State plan)
    : m_production(std::move(production)), m_puppet(m_production->puppets.at(static_cast<std::size_t>(puppet))),
      m_report(std::move(report)), m_result(std::move(result)), m_plan(std::move(plan)), m_index(puppet) {}

QPageSize::PageSizeId BuildSheets::defaultSize() {
    return QLocale().measurementSystem() == QLocale::ImperialUSSystem ? QPageSize::Letter : QPageSize::A4;
}

void BuildSheets::draw(QPagedPaintDevice& device) const {
    // Paper is white by day and by night.
    const bool night = look().night;
    if (night) setNightLook(false);
    {
        Pages pages(device, tr("%1, %2 · measures in mm · as of %3, by rules %4")
                                .arg(QString::fromStdString(m_puppet.name), QString::fromStdString(m_production->name),
                                     Text::dayTime(wallSeconds() / 60))
                                .arg(results::kRules));
        const SheetSource from{*m_production, m_puppet, *m_report, *m_result};
        CoverPage(from, pages).draw();
        WirePages(from, pages).draw();
        drawGatePages(pages, *m_report);
        if (m_plan && m_plan->of == m_production) drawDayPages(pages, *m_plan, m_index);
        LifeSizePages(from, pages).draw();
        ThingsPages(from, pages).draw();
        const results::ShotWear film = results::calcShotWear(*m_production, m_result->puppets);
        drawPaintPages(pages, from, film);
        drawFilmPages(pages, *m_production, film, m_index);
    }
    if (night) setNightLook(true);
}

QString BuildSheets::writePdf(const QString& path, QPageSize::PageSizeId size, const QString& input) const {
    // In memory first: a full disk leaves what stood there as it was.
    QBuffer bytes;
    bytes.open(QIODevice::WriteOnly);
    QPdfWriter pdf(&bytes);
    pdf.setPageSize(QPageSize(size));
    pdf.setPageMargins(QMarginsF(0, 0, 0, 0));
    pdf.setResolution(1200);
    pdf.setTitle(QString::fromStdString(m_puppet.name));
    pdf.setCreator("Enkinet");
    draw(pdf);
    bytes.close();
    if (bytes.data().isEmpty()) return tr("%1 could not be written").arg(path);
    const auto done = files::writeOutput(path.toStdString(), bytes.data().toStdString(), input.toStdString());
    return done ? QString() : translated(done.fault());
}

} // namespace enkinet::app
