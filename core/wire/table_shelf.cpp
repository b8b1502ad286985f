#include "wire/table_shelf.h"

namespace enkinet::wire {

std::shared_ptr<const BendTable> TableShelf::find(const MaterialCard& card, const std::stop_token& stop) {
    const std::lock_guard lock(m_mutex);
    for (const auto& t : m_tables)
        if (t->card() == card) return t;
    m_tables.push_back(std::make_shared<const BendTable>(card, stop));
    return m_tables.back();
}

} // namespace enkinet::wire
