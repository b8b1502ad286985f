#pragma once
// Bend tables made once a material card and shared; safe to use from several threads.
#include "wire/bend_table.h"
#include <memory>
#include <mutex>

namespace enkinet::wire {

class TableShelf {
public:
    /// The table of a card, made at the first request. Throws Stopped when asked to stop while it is made.
    std::shared_ptr<const BendTable> find(const MaterialCard& card, const std::stop_token& stop = {});

private:
    std::mutex m_mutex;
    std::vector<std::shared_ptr<const BendTable>> m_tables;
};

} // namespace enkinet::wire
