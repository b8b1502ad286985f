#include "solve/cover.h"
#include <algorithm>
#include <limits>
#include <set>

namespace enkinet::solve {

namespace {

class CoverSearch {
public:
    CoverSearch(const CoverProblem& p, const Effort& effort)
        : m_in(static_cast<std::size_t>(p.suppliers), false), m_count(effort, 2'000'000) {
        for (const auto& c : p.customers)
            if (!c.empty()) m_customers.push_back(c);
        std::sort(m_customers.begin(), m_customers.end(),
                  [](const auto& a, const auto& b) { return a.size() < b.size(); });
        for (int s : p.open)
            m_in[static_cast<std::size_t>(s)] = true;
    }

    Cover run() {
        search(0);
        m_best.proved = !m_count.ended();
        return m_best;
    }

private:
    using Customer = std::vector<std::pair<int, double>>;
    bool serves(const Customer& l) const {
        return std::any_of(l.begin(), l.end(), [&](const auto& s) { return m_in[static_cast<std::size_t>(s.first)]; });
    }

    void search(int added) {
        if (!m_count.next()) return;
        if (added > m_fewest) return;
        const auto bare =
            std::find_if(m_customers.begin(), m_customers.end(), [&](const auto& l) { return !serves(l); });
        if (bare == m_customers.end()) {
            double price = 0;
            for (const Customer& l : m_customers) {
                double least = std::numeric_limits<double>::infinity();
                for (const auto& [s, cost] : l)
                    if (m_in[static_cast<std::size_t>(s)]) least = std::min(least, cost);
                price += least;
            }
            if (added == m_fewest && price >= m_best.price) return;
            m_fewest = added;
            m_best.price = price;
            m_best.suppliers.clear();
            for (std::size_t s = 0; s < m_in.size(); ++s)
                if (m_in[s]) m_best.suppliers.push_back(static_cast<int>(s));
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

    std::vector<Customer> m_customers;
    std::vector<bool> m_in;
    std::set<std::vector<bool>> m_seen;
    int m_fewest = std::numeric_limits<int>::max();
    Count m_count;
    Cover m_best;
};

} // namespace

Cover calcBest(const CoverProblem& problem, const Effort& effort) { return CoverSearch(problem, effort).run(); }

} // namespace enkinet::solve
