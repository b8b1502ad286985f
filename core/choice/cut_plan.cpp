#include "choice/cut_plan.h"
#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>
#include <tuple>

namespace enkinet::choice {

namespace {

class Saw {
public:
    Saw(const std::vector<double>& pieces, const std::vector<double>& offcuts, double roll)
        : m_pieces(pieces), m_order(pieces.size()), m_left(offcuts), m_whole(offcuts), m_roll(roll),
          m_where(pieces.size(), kMissing), m_tail(pieces.size() + 1, 0.0), m_least(pieces.size() + 1, 1e18) {
        std::iota(m_order.begin(), m_order.end(), std::size_t{0});
        std::stable_sort(m_order.begin(), m_order.end(),
                         [&](std::size_t a, std::size_t b) { return pieces[a] > pieces[b]; });
        for (std::size_t i = m_order.size(); i-- > 0;) {
            m_tail[i] = m_tail[i + 1] + pieces[m_order[i]];
            m_least[i] = std::min(m_least[i + 1], pieces[m_order[i]]);
        }
    }

    Sawing run() {
        search(0, 0, 0, 0);
        Sawing s;
        s.proved = m_nodes <= kMostNodes;
        for (std::size_t b = 0; b <= m_whole.size(); ++b) {
            const int bin = b == m_whole.size() ? kRoll : static_cast<int>(b);
            Sawn one;
            one.offcut = bin;
            double used = 0;
            for (std::size_t i = 0; i < m_pieces.size(); ++i)
                if (m_best[i] == bin) one.pieces.push_back(static_cast<int>(i)), used += m_pieces[i];
            if (one.pieces.empty()) continue;
            if (bin == kRoll) s.roll_mm = used;
            if (bin >= 0) {
                one.left_mm = std::max(0.0, m_whole[b] - used);
                if (one.left_mm < kSliver) one.left_mm = 0;
            }
            if (one.scrap()) s.scrap_mm += one.left_mm;
            s.lengths.push_back(std::move(one));
        }
        for (std::size_t i = 0; i < m_pieces.size(); ++i)
            if (m_best[i] == kMissing) s.missing.push_back(static_cast<int>(i));
        return s;
    }

private:
    static constexpr int kRoll = -1, kMissing = -2;
    static constexpr double kSliver = 1e-9;
    static constexpr long kMostNodes = 3'000'000;

    double scrapOf(double left, bool used) const { return used && left > kSliver && left < kUsable_mm ? left : 0; }

    /// Scrap that is sure: opened lengths too short for any piece still to come.
    double sureScrap(std::size_t next) const {
        double sum = 0;
        for (std::size_t b = 0; b < m_left.size(); ++b)
            if (m_left[b] < m_least[next] - kSliver) sum += scrapOf(m_left[b], m_left[b] < m_whole[b]);
        return sum;
    }

    void search(std::size_t next, double roll, double missing, int opened) {
        if (++m_nodes > kMostNodes && !m_best.empty()) return;
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
    double m_roll;
    std::vector<int> m_where, m_best;
    std::vector<double> m_tail, m_least;
    std::tuple<double, double, int> m_value;
    long m_nodes = 0;
};

} // namespace

Sawing calcSawing(const std::vector<double>& pieces, const std::vector<double>& offcuts, double roll) {
    return Saw(pieces, offcuts, roll).run();
}

std::vector<SpoolPlan> calcCutPlan(const std::vector<Cut>& cuts, const std::vector<std::string>& spools,
                                   const std::vector<double>& roll_mm, const std::vector<document::Offcut>& offcuts) {
    std::vector<SpoolPlan> plans;
    for (std::size_t s = 0; s < spools.size(); ++s) {
        SpoolPlan p;
        p.spool = static_cast<int>(s);
        std::vector<double> lengths, drawer;
        for (std::size_t c = 0; c < cuts.size(); ++c) {
            if (cuts[c].done || cuts[c].spool != p.spool) continue;
            for (std::size_t g = 0; g < cuts[c].groups.size(); ++g)
                for (int i = 0; i < cuts[c].groups[g].pieces * cuts[c].copies; ++i) {
                    p.pieces.push_back({static_cast<int>(c), static_cast<int>(g), cuts[c].groups[g].piece_mm});
                    lengths.push_back(cuts[c].groups[g].piece_mm);
                }
        }
        if (p.pieces.empty()) continue;
        for (std::size_t o = 0; o < offcuts.size(); ++o)
            if (offcuts[o].spool == spools[s])
                p.offcuts.push_back(static_cast<int>(o)), drawer.push_back(offcuts[o].length_mm);
        p.sawing = calcSawing(lengths, drawer, roll_mm[s]);
        plans.push_back(std::move(p));
    }
    return plans;
}

} // namespace enkinet::choice
