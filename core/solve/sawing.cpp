#include "solve/sawing.h"
#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>
#include <tuple>

namespace enkinet::solve {

namespace {

class SawSearch {
public:
    SawSearch(const SawProblem& p, const Effort& effort)
        : m_pieces(p.pieces_mm), m_order(p.pieces_mm.size()), m_left(p.lengths_mm), m_whole(p.lengths_mm),
          m_roll(p.roll_mm), m_usable(p.usable_mm), m_where(m_pieces.size(), kMissing),
          m_tail(m_pieces.size() + 1, 0.0), m_least(m_pieces.size() + 1, 1e18), m_count(effort, 3'000'000) {
        std::iota(m_order.begin(), m_order.end(), std::size_t{0});
        std::stable_sort(m_order.begin(), m_order.end(),
                         [&](std::size_t a, std::size_t b) { return m_pieces[a] > m_pieces[b]; });
        for (std::size_t i = m_order.size(); i-- > 0;) {
            m_tail[i] = m_tail[i + 1] + m_pieces[m_order[i]];
            m_least[i] = std::min(m_least[i + 1], m_pieces[m_order[i]]);
        }
    }

    Sawing run() {
        search(0, 0, 0, 0);
        Sawing s;
        s.proved = !m_count.ended();
        for (std::size_t b = 0; b <= m_whole.size(); ++b) {
            const int bin = b == m_whole.size() ? kRoll : static_cast<int>(b);
            Sawn one;
            one.length = bin;
            double used = 0;
            for (std::size_t i = 0; i < m_pieces.size(); ++i)
                if (m_best[i] == bin) one.pieces.push_back(static_cast<int>(i)), used += m_pieces[i];
            if (one.pieces.empty()) continue;
            if (bin == kRoll) s.roll_mm = used;
            if (bin >= 0) {
                one.left_mm = std::max(0.0, m_whole[b] - used);
                if (one.left_mm < kSliver) one.left_mm = 0;
            }
            one.scrap = bin >= 0 && one.left_mm > 0 && one.left_mm < m_usable;
            if (one.scrap) s.scrap_mm += one.left_mm;
            s.lengths.push_back(std::move(one));
        }
        for (std::size_t i = 0; i < m_pieces.size(); ++i)
            if (m_best[i] == kMissing) s.missing.push_back(static_cast<int>(i));
        return s;
    }

private:
    static constexpr int kRoll = -1, kMissing = -2;
    static constexpr double kSliver = 1e-9;

    double scrapOf(double left, bool used) const { return used && left > kSliver && left < m_usable ? left : 0; }

    /// Scrap that is sure: opened lengths too short for any piece still to come.
    double sureScrap(std::size_t next) const {
        double sum = 0;
        for (std::size_t b = 0; b < m_left.size(); ++b)
            if (m_left[b] < m_least[next] - kSliver) sum += scrapOf(m_left[b], m_left[b] < m_whole[b]);
        return sum;
    }

    void search(std::size_t next, double roll, double missing, int opened) {
        if (!m_count.next() && !m_best.empty()) return;
        if (next == m_order.size()) {
            double used = roll;
            for (std::size_t b = 0; b < m_left.size(); ++b)
                used += scrapOf(m_left[b], m_left[b] < m_whole[b]);
            const auto now = std::tuple{missing, used, opened};
            if (m_best.empty() || less(now, m_value)) m_value = now, m_best = m_where;
            return;
        }
        double room = 0;
        for (double left : m_left)
            if (left >= m_least[next] - kSliver) room += left;
        const double atLeast = roll + sureScrap(next) + std::max(0.0, m_tail[next] - room - missingRoom(missing));
        if (!m_best.empty() && !less(std::tuple{missing, atLeast, opened}, m_value)) return;

        const std::size_t piece = m_order[next];
        const double length = m_pieces[piece];
        // Equal pieces are put down in order of place, so that no plan is looked at twice.
        const bool twin = next > 0 && m_pieces[m_order[next - 1]] == length;
        const int from = twin ? m_where[m_order[next - 1]] : std::numeric_limits<int>::max();
        // The tightest length first.
        std::vector<int> bins;
        for (std::size_t b = 0; b < m_left.size(); ++b)
            if (m_left[b] >= length - kSliver && static_cast<int>(b) <= from) bins.push_back(static_cast<int>(b));
        std::sort(bins.begin(), bins.end(), [&](int a, int b) {
            return m_left[static_cast<std::size_t>(a)] < m_left[static_cast<std::size_t>(b)];
        });
        for (std::size_t i = 0; i < bins.size(); ++i) {
            const auto b = static_cast<std::size_t>(bins[i]);
            // Two untouched lengths alike serve alike.
            if (i > 0 && !twin && m_left[b] == m_left[static_cast<std::size_t>(bins[i - 1])] &&
                m_left[b] == m_whole[b] &&
                m_left[static_cast<std::size_t>(bins[i - 1])] == m_whole[static_cast<std::size_t>(bins[i - 1])] &&
                !twinAhead(next))
                continue;
            const bool fresh = m_left[b] == m_whole[b];
            m_where[piece] = bins[i];
            const double was = m_left[b];
            m_left[b] = was - length;
            search(next + 1, roll, missing, opened + (fresh ? 1 : 0));
            m_left[b] = was;
        }
        if (from >= kRoll && roll + length <= m_roll + kSliver) {
            m_where[piece] = kRoll;
            search(next + 1, roll + length, missing, opened);
        }
        m_where[piece] = kMissing;
        search(next + 1, roll, missing + length, opened);
        m_where[piece] = kMissing;
    }

    bool twinAhead(std::size_t next) const {
        return next + 1 < m_order.size() && m_pieces[m_order[next + 1]] == m_pieces[m_order[next]];
    }
    /// Pieces that may still go missing without making that worse than the best plan's.
    double missingRoom(double missing) const {
        return m_best.empty() ? 0 : std::max(0.0, std::get<0>(m_value) - missing) + 0.0;
    }
    static bool less(const std::tuple<double, double, int>& a, const std::tuple<double, double, int>& b) {
        if (std::abs(std::get<0>(a) - std::get<0>(b)) > 1e-7) return std::get<0>(a) < std::get<0>(b);
        if (std::abs(std::get<1>(a) - std::get<1>(b)) > 1e-7) return std::get<1>(a) < std::get<1>(b);
        return std::get<2>(a) < std::get<2>(b);
    }

    const std::vector<double>& m_pieces;
    std::vector<std::size_t> m_order;
    std::vector<double> m_left, m_whole;
    double m_roll, m_usable;
    std::vector<int> m_where, m_best;
    std::vector<double> m_tail, m_least;
    std::tuple<double, double, int> m_value;
    Count m_count;
};

} // namespace

Sawing calcBest(const SawProblem& problem, const Effort& effort) { return SawSearch(problem, effort).run(); }

} // namespace enkinet::solve
