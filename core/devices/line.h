#pragma once
// The line protocol of the bench's devices: one ASCII line a reading, 9600 baud.
//   scale 0042 g 12.34 ~03F1
// device, running number, unit, value, then the sum of the bytes before " ~" modulo 65536, in hexadecimal.
// docs/devices.md.
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace enkinet::devices {

struct Reading {
    std::string device; ///< scale, caliper, probe, bender, hanger, breaker
    int number = 0;     ///< counts up to 9999 and begins again
    std::string unit;   ///< g, mm, C, deg, N, Nmm
    double value = 0;
    friend bool operator==(const Reading&, const Reading&) = default;
};

inline constexpr std::size_t kLongestLine = 80;
std::uint16_t findSum(std::string_view text);
std::string writeLine(const Reading& reading, int decimals = 2);
/// Nothing for anything else than a whole, sound line (without its line end).
std::optional<Reading> parseLine(std::string_view line);

/// Bytes as they come, to readings; rubbish is counted and never taken.
class LineReader {
public:
    /// Readings that are complete now.
    std::vector<Reading> take(std::string_view bytes);
    long rubbish() const { return m_rubbish; } ///< lines that were none
    long missed() const { return m_missed; }   ///< running numbers that never came
    /// The device was unplugged: half a line is no line, and numbers begin anew.
    void unplug();

private:
    std::string m_line;
    bool m_tooLong = false;
    long m_rubbish = 0, m_missed = 0;
    int m_last = -1;
};

/// A reading is taken when it is steady and plausible, each time something is put on once: after it has been taken the
/// value must leave it before another is.
class Steady {
public:
    /// tolerance: so near together; count: so many in a row; low, high: what is plausible.
    Steady(double tolerance, int count, double low, double high);
    /// By the unit: grams, millimetres, degrees, newtons.
    static Steady of(const std::string& unit);
    /// The steady value, the moment it is steady; nothing otherwise. Below `low` is nothing put on.
    std::optional<double> take(double value);
    void forget(); ///< unplugged
    double tolerance() const { return m_tolerance; }
    /// What was taken lies there still.
    bool isTaken() const { return m_taken.has_value(); }

private:
    double m_tolerance;
    int m_count;
    double m_low, m_high;
    std::vector<double> m_last;
    std::optional<double> m_taken;
};

} // namespace enkinet::devices
