#include "devices/simulated.h"
#include <algorithm>
#include <cmath>

namespace enkinet::devices {

Simulated::Simulated(const std::string& device, unsigned seed, const Troubles& troubles)
    : m_device(device), m_troubles(troubles), m_random(seed) {
    struct Kind {
        const char *device, *unit;
        double noise, least, most;
    };
    constexpr Kind kKinds[] = {{"scale", "g", 0.008, 0.5, 120}, {"caliper", "mm", 0.004, 0.6, 60},
                               {"probe", "C", 0.2, 60, 180},    {"bender", "deg", 0.08, 10, 90},
                               {"hanger", "N", 0.01, 0.5, 20},  {"breaker", "N", 0.01, 1, 60}};
    const Kind* kind = &kKinds[0];
    for (const Kind& k : kKinds)
        if (device == k.device) kind = &k;
    m_device = kind->device, m_unit = kind->unit, m_noise = kind->noise * troubles.noise, m_least = kind->least,
    m_most = kind->most;
    begin();
}

/// Something is put on, lies there, and is taken off again.
void Simulated::begin() {
    m_from = m_to;
    // What is put on is never nearly what was there before.
    const bool off = m_from > 0 && m_unit != "C";
    m_to = off ? 0 : std::exp(uniform(std::log(m_least), std::log(m_most)));
    if (m_unit == "C")
        while (std::abs(m_to - m_from) < 15)
            m_to = uniform(m_least, m_most);
    m_move = static_cast<int>(uniform(4, 12)), m_moved = 0;
    m_rest = static_cast<int>(uniform(15, 40));
    m_whole = m_away <= 0;
}

/// A lever that stands straight for ten seconds while a sample is put in, then bends it to 40 degrees each side, four
/// seconds to and fro, until it has parted and once more. Angle and moment take turns, each end is held for a second.
std::string Simulated::nextBend() {
    constexpr int kPeriod = 20, kStanding = 50;
    constexpr double kAngle = 40;
    const auto deg = [&](double angle) {
        return send({m_device, 0, "deg", angle + std::normal_distribution<double>(0, m_noise)(m_random)});
    };
    if (m_life <= 0) {
        if (m_standing++ < kStanding) return m_standing % 2 ? deg(0) : send({m_device, 0, "Nmm", 0});
        // A handful of bends: nobody waits for an hour at a stand-in.
        m_life = std::exp(uniform(std::log(6), std::log(30))), m_strength = uniform(60, 400), m_bends = 0, m_ticks = 0;
        m_standing = 0;
    }
    const int at = m_ticks % kPeriod;
    // Out, held, back and beyond, held, home.
    const double place[] = {0, 0.5, 1, 1, 1, 1, 1, 0.5, 0, -0.5, -1, -1, -1, -1, -1, -1, -0.7, -0.4, -0.2, 0};
    const double angle = kAngle * place[at];
    const bool whole = m_bends < m_life;
    ++m_ticks;
    if (at == 2 || at == 10) {
        if (whole && (m_bends += 0.5) >= m_life) m_truths.push_back(m_bends);
    }
    const double moment = (m_bends < m_life ? m_strength : 0.01 * m_strength) * std::abs(place[at]);
    if (!whole && at == kPeriod - 1 && m_ticks >= static_cast<int>(m_bends * kPeriod) + kPeriod) m_life = 0;
    if (at % 2 == 0) return deg(angle);
    return send({m_device, 0, "Nmm", moment + std::normal_distribution<double>(0, 0.01 * m_strength)(m_random)});
}

std::string Simulated::next() {
    if (m_device == "bender") {
        if (m_away > 0) {
            --m_away;
            return {};
        }
        if (uniform(0, 1) < m_troubles.unplugs) m_away = static_cast<int>(uniform(5, 60));
        return nextBend();
    }
    if (m_moved < m_move)
        ++m_moved;
    else if (m_rest > 0) {
        if (--m_rest == 0) {
            if (m_whole && m_to > 0) m_truths.push_back(m_to);
            begin();
        }
    }
    if (m_away > 0) {
        --m_away, m_whole = false;
        return {};
    }
    if (uniform(0, 1) < m_troubles.unplugs) {
        m_away = static_cast<int>(uniform(5, 60)), m_whole = false;
        // The line breaks off where it is.
        const std::string line = writeLine({m_device, ++m_number, m_unit, m_to});
        return line.substr(0, line.size() / 2);
    }
    m_drift = std::clamp(m_drift + uniform(-1, 1) * m_noise * 0.02, -m_noise, m_noise);
    const double share = static_cast<double>(m_moved) / m_move,
                 sway = share < 1 ? (1 - share) * uniform(-0.1, 0.1) * std::max(m_from, m_to) : 0;
    const double value =
        m_from + (m_to - m_from) * share + sway + m_drift + std::normal_distribution<double>(0, m_noise)(m_random);
    return send({m_device, 0, m_unit, value});
}

/// On the wire, whole, spoilt or not at all.
std::string Simulated::send(const Reading& reading) {
    m_number = (m_number + 1) % 10000;
    if (uniform(0, 1) < m_troubles.drops) return {};
    std::string line = writeLine({reading.device, m_number, reading.unit, reading.value}, 2) + "\n";
    if (uniform(0, 1) < m_troubles.rubbish) {
        const auto at = static_cast<std::size_t>(uniform(0, static_cast<double>(line.size()) - 1.001));
        switch (static_cast<int>(uniform(0, 3))) {
        case 0:
            line[at] = static_cast<char>(static_cast<int>(uniform(1, 255)));
            break;
        case 1:
            line.erase(at, 1);
            break;
        default:
            line.insert(at, "\x07#");
        }
    }
    return line;
}

} // namespace enkinet::devices
