#pragma once
// Every leaf of every station, with another thing in hand at each.
#include "shell/card.h"
#include "support/driven.h"
#include "widgets/leaves.h"
#include <functional>

namespace enkinet::test {

/// The number of leaves that were seen.
inline int forEachLeaf(Desk& desk, const std::function<void(int station, int leaf)>& visit) {
    int leaves = 0;
    app::Card* card = desk.find<app::Card>("cardScroll");
    const auto bar = [card]() -> app::Leaves* {
        for (app::Leaves* l : card->findChildren<app::Leaves*>())
            if (l->isVisibleTo(card)) return l;
        return nullptr;
    };
    for (int station = 0; station < results::kStations; ++station) {
        desk.station(static_cast<results::Station>(station));
        const int count = bar() ? static_cast<int>(bar()->findChildren<QAbstractButton*>().size()) : 1;
        for (int leaf = 0; leaf < count; ++leaf) {
            if (bar()) bar()->setCurrent(leaf);
            using Kind = app::Selection::Kind;
            desk.take(leaf % 3 == 0   ? app::Selection{Kind::joint, 2, 2, false}
                      : leaf % 3 == 1 ? app::Selection{Kind::segment, 0, 1, false}
                                      : app::Selection{Kind::mass, -1, 0, false});
            ++leaves;
            visit(station, leaf);
        }
    }
    return leaves;
}

} // namespace enkinet::test
