#pragma once
// How every exact search of the core is asked and how it answers: a problem and an effort in, an answer out that says
// whether nothing better is left. Sawing and cover stand here; schedules and recipes of paint, which need rooms of
// their own, keep to the same.
#include <limits>
#include <stop_token>

namespace enkinet::solve {

/// How long a search goes on.
struct Effort {
    long most = 0;          ///< of what it counts; 0: as much as it thinks right itself
    std::stop_token stop{}; ///< looked at with each count
};

/// What an answer is worth.
struct Proof {
    bool proved = true; ///< nothing better is left; false: the search ended before all was looked at
    friend bool operator==(const Proof&, const Proof&) = default;
};

/// One search's count.
class Count {
public:
    Count(const Effort& effort, long usual) : m_most(effort.most > 0 ? effort.most : usual), m_stop(effort.stop) {}
    /// One more is looked at; false once the search must end.
    bool next() {
        if (m_made < m_most && !m_stop.stop_requested()) return ++m_made, true;
        m_ended = true;
        return false;
    }
    bool ended() const { return m_ended; }
    long made() const { return m_made; }

private:
    long m_most, m_made = 0;
    std::stop_token m_stop;
    bool m_ended = false;
};

} // namespace enkinet::solve
