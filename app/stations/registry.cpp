#include "stations/registry.h"
#include "stations/bench/bench_page.h"
#include "stations/bulk/bulk_page.h"
#include "stations/paint/paint_page.h"
#include "stations/plan/plan_page.h"
#include "stations/sheet/sheet_page.h"
#include "stations/shoot/shoot_page.h"
#include "stations/skin/skin_page.h"
#include "stations/wire/wire_page.h"

namespace enkinet::app {

namespace {
template <class Kind> Page* makePage(Document& d) { return new Kind(d); }

using results::Station;
constexpr StationKind kStationKinds[] = {{Station::sheet, makePage<SheetPage>, LayerView::clay, false, "Sheet"},
                                         {Station::wire, makePage<WirePage>, LayerView::wire, false, "Wire"},
                                         {Station::bulk, makePage<BulkPage>, LayerView::bulk, true, "Bulk"},
                                         {Station::skin, makePage<SkinPage>, LayerView::clay, true, "Skin"},
                                         {Station::paint, makePage<PaintPage>, LayerView::painted, true, "Paint"},
                                         {Station::plan, makePage<PlanPage>, LayerView::clay, true, "Plan"},
                                         {Station::shoot, makePage<ShootPage>, LayerView::painted, false, "Shoot"},
                                         {Station::bench, makePage<BenchPage>, LayerView::wire, false, "Bench"}};
static_assert(std::size(kStationKinds) == results::kStations);
} // namespace

std::span<const StationKind> stationKinds() { return kStationKinds; }
const StationKind& stationKind(results::Station station) { return kStationKinds[static_cast<std::size_t>(station)]; }

} // namespace enkinet::app
