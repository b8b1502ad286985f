#pragma once
// A number that is NaN until it has been worked out, and where there is none: so nothing uncomputed passes for zero.
// Unlike a bare double two of them that are not there compare equal, so results can be compared whole.
#include <limits>

namespace enkinet {

struct OptionalNumber {
    double value = std::numeric_limits<double>::quiet_NaN();
    constexpr OptionalNumber() = default;
    constexpr OptionalNumber(double v) : value(v) {}
    constexpr operator double() const { return value; }
    constexpr OptionalNumber& operator+=(double v) { return value += v, *this; }
    constexpr OptionalNumber& operator*=(double v) { return value *= v, *this; }
    friend constexpr bool operator==(OptionalNumber a, OptionalNumber b) {
        return a.value == b.value || (a.value != a.value && b.value != b.value);
    }
    friend constexpr bool operator==(OptionalNumber a, double b) { return a.value == b; }
    friend constexpr bool operator==(OptionalNumber a, int b) { return a.value == b; }
};

/// As a number, null where it is not there (nlohmann's hook, found by its argument).
template <class Json> void to_json(Json& json, const OptionalNumber& figure) {
    if (figure.value == figure.value)
        json = figure.value;
    else
        json = nullptr;
}

} // namespace enkinet
