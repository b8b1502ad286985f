#include "choice/spools.h"
#include <algorithm>
#include <limits>
#include <set>

namespace enkinet::choice {

namespace {

class Cover {
public:
    Cover(const std::vector<Servers>& limbs, int spools, const std::vector<int>& open)
        : m_in(static_cast<std::size_t>(spools), false) {
        for (const Servers& l : limbs)
            if (!l.empty()) m_limbs.push_back(l);
        std::sort(m_limbs.begin(), m_limbs.end(), [](const auto& a, const auto& b) { return a.size() < b.size(); });
        for (int s : open)
            m_in[static_cast<std::size_t>(s)] = true;
    }

    SpoolCover run() {
        search(0);
        return m_best;
    }

private:
    bool serves(const Servers& l) const {
        return std::any_of(l.begin(), l.end(), [&](const auto& s) { return m_in[static_cast<std::size_t>(s.first)]; });
    }

    void search(int added) {
        if (++m_nodes > kMostNodes) {
            m_best.proved = false;
            return;
        }
        if (added > m_fewest) return;
        const auto bare = std::find_if(m_limbs.begin(), m_limbs.end(), [&](const auto& l) { return !serves(l); });
        if (bare == m_limbs.end()) {
            double price = 0;
            for (const Servers& l : m_limbs) {
                double least = std::numeric_limits<double>::infinity();
                for (const auto& [s, cost] : l)
                    if (m_in[static_cast<std::size_t>(s)]) least = std::min(least, cost);
                price += least;
            }
            if (added == m_fewest && price >= m_best.price) return;
            m_fewest = added;
            m_best.price = price;
            m_best.spools.clear();
            for (std::size_t s = 0; s < m_in.size(); ++s)
                if (m_in[s]) m_best.spools.push_back(static_cast<int>(s));
            return;
        }
        if (added + 1 > m_fewest) return;
        // The same set is reached in several orders.
        if (!m_seen.insert(m_in).second) return;
        for (const auto& [s, cost] : *bare) {
            m_in[static_cast<std::size_t>(s)] = true;
            search(added + 1);
            m_in[static_cast<std::size_t>(s)] = false;
        }
    }

    static constexpr long kMostNodes = 2'000'000;
    std::vector<Servers> m_limbs;
    std::vector<bool> m_in;
    std::set<std::vector<bool>> m_seen;
    int m_fewest = std::numeric_limits<int>::max();
    long m_nodes = 0;
    SpoolCover m_best;
};

} // namespace

SpoolCover calcFewestSpools(const std::vector<Servers>& limbs, int spools, const std::vector<int>& open) {
    return Cover(limbs, spools, open).run();
}

} // namespace enkinet::choice
