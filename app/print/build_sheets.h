#pragma once
// The build sheets on paper: a cover with figures and cautions; the wire page; both elevations at exactly 1:1 on tiles
// with overlap, registration marks and a 100 mm check bar; marking strips, each limb's straight wire at 1:1.
#include "document/plan_job.h"
#include <QCoreApplication>
#include <QPageSize>
#include <QString>

class QPagedPaintDevice;

namespace enkinet::app {

class BuildSheets {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
public:
    /// Keeps what it prints: results that come meanwhile change nothing on paper. plan: as it stands on screen; without
    /// one of this production the days are not printed.
    BuildSheets(std::shared_ptr<const document::Production> production, int puppet,
                std::shared_ptr<const results::Report> report, std::shared_ptr<const results::ProductionResult> result,
                PlanJob::State plan = {});

    /// A4, or Letter where the locale measures in inches.
    /// The fault in words, or empty. Never over a production, nor over the file `input` that it is made from.
    QString writePdf(const QString& path, QPageSize::PageSizeId size = defaultSize(), const QString& input = {}) const;
    /// Draws all pages on a device with full-page coordinates.
    void draw(QPagedPaintDevice& device) const;
    static QPageSize::PageSizeId defaultSize();

private:
    std::shared_ptr<const document::Production> m_production;
    const body::Puppet& m_puppet;
    std::shared_ptr<const results::Report> m_report;
    std::shared_ptr<const results::ProductionResult> m_result;
    PlanJob::State m_plan;
    int m_index;
};

} // namespace enkinet::app
