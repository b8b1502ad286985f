#pragma once
// Every tab of every station, with another thing in hand at each.
#include "shell/side_panel.h"
#include "support/driven.h"
#include "widgets/tabs.h"
#include <functional>

namespace enkinet::test {

/// The number of tabs that were seen.
inline int forEachTab(Desk& desk, const std::function<void(int station, int tab)>& visit) {
    int tabs = 0;
    app::SidePanel* card = desk.find<app::SidePanel>("cardScroll");
    const auto bar = [card]() -> app::Tabs* {
        for (app::Tabs* l : card->findChildren<app::Tabs*>())
            if (l->isVisibleTo(card)) return l;
        return nullptr;
    };
    for (int station = 0; station < results::kStations; ++station) {
        desk.station(static_cast<results::Station>(station));
        const int count = bar() ? static_cast<int>(bar()->findChildren<QAbstractButton*>().size()) : 1;
        for (int tab = 0; tab < count; ++tab) {
            if (bar()) bar()->setCurrent(tab);
            using Kind = app::Selection::Kind;
            desk.take(tab % 3 == 0   ? app::Selection{Kind::joint, 2, 2, false}
                      : tab % 3 == 1 ? app::Selection{Kind::segment, 0, 1, false}
                                     : app::Selection{Kind::mass, -1, 0, false});
            ++tabs;
            visit(station, tab);
        }
    }
    return tabs;
}

} // namespace enkinet::test
