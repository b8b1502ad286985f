#pragma once
// What every group of build sheets shares: what is printed, the pages, a figure at a scale, the bar to check it by.
#include "print/pages.h"
#include "results/result.h"
#include "sheet/elevation.h"
#include <QCoreApplication>

namespace enkinet::app {

/// What the sheets of one puppet are printed from.
struct SheetSource {
    const document::Production& production;
    const body::Puppet& puppet;
    const results::Report& report;
    const results::ProductionResult& all;
};

class SheetPages {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
protected:
    SheetPages(const SheetSource& from, Pages& pages)
        : m_production(from.production), m_puppet(from.puppet), m_r(from.report), m_all(from.all), m_pages(pages) {}
    /// A figure with its foot at the origin; scale: mm on paper a mm.
    void place(const Elevation& figure, const QPointF& origin, double scale, LayerView layerView);
    /// 100 mm, to be measured before a page is trusted.
    void checkBar(double x, double y);

    const document::Production& m_production;
    const body::Puppet& m_puppet;
    const results::Report& m_r;
    const results::ProductionResult& m_all;
    Pages& m_pages;
};

/// Both elevations, figures, open points, cautions.
class CoverPage : SheetPages {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::CoverPage)
public:
    CoverPage(const SheetSource& from, Pages& pages) : SheetPages(from, pages) {}
    void draw();
};

/// What to cut and twist, the table for the wall, which piece comes from which length, labels.
class WirePages : SheetPages {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::WirePages)
public:
    WirePages(const SheetSource& from, Pages& pages) : SheetPages(from, pages) {}
    void draw();

private:
    void wirePage();
    void wallPage();
    void cuttingPage();
};

/// Things on the body with what to roll and which seat, what holds them; the base at 1:1 with its holes.
class ThingsPages : SheetPages {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::ThingsPages)
public:
    ThingsPages(const SheetSource& from, Pages& pages) : SheetPages(from, pages) {}
    void draw();

private:
    void thingsPage();
    void basePages();
    double sheetOutline(std::size_t sheet, double y);
    void tick(double x, double y, bool done);
};

/// At exactly 1:1: covers' patterns, both elevations on tiles, marking strips.
class LifeSizePages : SheetPages {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::LifeSizePages)
public:
    LifeSizePages(const SheetSource& from, Pages& pages) : SheetPages(from, pages) {}
    void draw();

private:
    /// A mark's words, in rows so that none lies on another.
    struct Label {
        QString words;
        double x = 0;
        int row = 0;
    };
    void patterns();
    void elevations();
    void tiles(const Elevation& figure, const QString& title);
    void joints(View view, const QPointF& origin, const QRectF& area);
    void strips();
    void strip(const choice::Cut& cut, int row, int rows, double from, double to, double x0, double y,
               const std::vector<Label>& labels);
    std::vector<Label> placeLabels(const choice::Cut& cut, double from, double to, double x0) const;
    QString markLabel(const choice::Mark& mark, const choice::Cut& cut) const;
    void cross(const QPointF& at);
};

} // namespace enkinet::app
