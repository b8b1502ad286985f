#include "devices/line.h"
#include <algorithm>
#include <charconv>
#include <cmath>
#include <fmt/format.h>

namespace enkinet::devices {

std::uint16_t findSum(std::string_view text) {
    unsigned sum = 0;
    for (char c : text)
        sum += static_cast<unsigned char>(c);
    return static_cast<std::uint16_t>(sum & 0xFFFF);
}

std::string writeLine(const Reading& r, int decimals) {
    const std::string text = fmt::format("{} {:04} {} {:.{}f}", r.device, r.number % 10000, r.unit, r.value, decimals);
    return fmt::format("{} ~{:04X}", text, findSum(text));
}

std::optional<Reading> parseLine(std::string_view line) {
    if (line.size() > kLongestLine) return {};
    const auto tilde = line.rfind(" ~");
    if (tilde == std::string_view::npos || line.size() != tilde + 6) return {};
    unsigned sum = 0;
    const auto [sumEnd, sumError] = std::from_chars(line.data() + tilde + 2, line.data() + line.size(), sum, 16);
    if (sumError != std::errc{} || sumEnd != line.data() + line.size() || sum != findSum(line.substr(0, tilde)))
        return {};
    std::string_view words[4];
    std::string_view rest = line.substr(0, tilde);
    for (std::size_t k = 0; k < 4; ++k) {
        const auto space = rest.find(' ');
        if ((space == std::string_view::npos) != (k == 3)) return {};
        words[k] = rest.substr(0, space);
        if (words[k].empty()) return {};
        if (k < 3) rest.remove_prefix(space + 1);
    }
    const auto letters = [](std::string_view w) {
        return std::all_of(w.begin(), w.end(), [](char c) { return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z'); });
    };
    if (!letters(words[0]) || !letters(words[2]) || words[0].size() > 16 || words[2].size() > 8) return {};
    Reading r;
    r.device = std::string(words[0]), r.unit = std::string(words[2]);
    const auto whole = [](std::string_view w, auto& value) {
        const auto [end, error] = std::from_chars(w.data(), w.data() + w.size(), value);
        return error == std::errc{} && end == w.data() + w.size();
    };
    if (words[1].size() != 4 || words[1][0] == '-' || !whole(words[1], r.number)) return {};
    if (!whole(words[3], r.value) || !std::isfinite(r.value) || std::abs(r.value) > 1e9) return {};
    return r;
}

std::vector<Reading> LineReader::take(std::string_view bytes) {
    std::vector<Reading> all;
    for (char c : bytes) {
        if (c != '\n' && c != '\r') {
            if (m_line.size() >= kLongestLine)
                m_tooLong = true;
            else
                m_line += c;
            continue;
        }
        if (!m_line.empty() || m_tooLong) {
            const auto reading = m_tooLong ? std::nullopt : parseLine(m_line);
            if (reading) {
                if (m_last >= 0) m_missed += (reading->number - m_last - 1 + 10000) % 10000;
                m_last = reading->number;
                all.push_back(*reading);
            } else {
                ++m_rubbish;
            }
        }
        m_line.clear(), m_tooLong = false;
    }
    return all;
}

void LineReader::unplug() { m_line.clear(), m_tooLong = false, m_last = -1; }

Steady::Steady(double tolerance, int count, double low, double high)
    : m_tolerance(tolerance), m_count(std::max(2, count)), m_low(low), m_high(high) {}

Steady Steady::of(const std::string& unit) {
    if (unit == "g") return {0.06, 6, 0.15, 5000};
    if (unit == "mm") return {0.03, 6, 0.1, 300};
    if (unit == "C") return {1.5, 6, -20, 400};
    if (unit == "deg") return {0.6, 6, 0.5, 180};
    return {0.08, 6, 0.1, 500};
}

std::optional<double> Steady::take(double value) {
    // Taken off, or something else put on: the next steady value counts again.
    if (m_taken && std::abs(value - *m_taken) > 4 * m_tolerance) m_taken.reset();
    if (value < m_low || value > m_high) {
        m_last.clear();
        return {};
    }
    m_last.push_back(value);
    if (static_cast<int>(m_last.size()) > m_count) m_last.erase(m_last.begin());
    if (static_cast<int>(m_last.size()) < m_count || m_taken) return {};
    const auto [low, high] = std::minmax_element(m_last.begin(), m_last.end());
    if (*high - *low > m_tolerance) return {};
    double sum = 0;
    for (double v : m_last)
        sum += v;
    m_taken = sum / m_count;
    return m_taken;
}

void Steady::forget() { m_last.clear(), m_taken.reset(); }

} // namespace enkinet::devices
