#pragma once
// A device that is not there: realistic readings of things put on and taken off, with noise, drift, drop-outs, rubbish
// and unplugging, by a seed. What was really put on can be asked, for tests.
#include "devices/line.h"
#include <random>

namespace enkinet::devices {

/// How much goes wrong.
struct Troubles {
    double noise = 1;       ///< times the usual
    double drops = 0.01;    ///< share of lines that never leave
    double rubbish = 0.01;  ///< share of lines that are spoilt
    double unplugs = 0.002; ///< a line, for some seconds
};

class Simulated {
public:
    /// device: scale, caliper, probe, bender, hanger, breaker; another: scale.
    Simulated(const std::string& device, unsigned seed, const Troubles& troubles = {});
    /// The next fifth of a second: bytes, or nothing.
    std::string next();
    bool isPlugged() const { return m_away <= 0; }
    /// Values that lay still for two seconds and more, in their order, while it was plugged in all the time; of a
    /// bender, the bends to and fro after which each sample parted.
    const std::vector<double>& truths() const { return m_truths; }
    const std::string& unit() const { return m_unit; }

private:
    double uniform(double low, double high) { return std::uniform_real_distribution<double>(low, high)(m_random); }
    void begin();
    std::string nextBend();
    std::string send(const Reading& reading);
    std::string m_device, m_unit;
    Troubles m_troubles;
    std::mt19937 m_random;
    double m_noise, m_least, m_most;
    double m_from = 0, m_to = 0, m_drift = 0;
    int m_move = 0, m_moved = 0, m_rest = 0, m_away = 0, m_number = 0;
    double m_life = 0, m_bends = 0, m_strength = 0; ///< of a bender's sample
    int m_ticks = 0, m_standing = 0;
    bool m_whole = true; ///< plugged in since this value came to rest
    std::vector<double> m_truths;
};

} // namespace enkinet::devices
