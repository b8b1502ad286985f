#pragma once
// Where a function crosses nothing, where it is least, and what it adds up to: by Boost.Math, which is parsed in one
// place.
#include <functional>
#include <utility>

namespace enkinet {

using Function = std::function<double(double)>;

/// Root of f between lo and hi, to a share of it: Alefeld, Potra and Shi's algorithm 748 (1995). f is of different
/// signs at the two; where it is not, the end at which it is nearer to 0.
double findRoot(const Function& f, double lo, double hi, double share = 1e-13);

/// Where f is least between lo and hi, and how little it is there: Brent (1973). f has one valley there; the place is
/// good to half the digits that f has, what f is there to nearly all.
std::pair<double, double> findLeast(const Function& f, double lo, double hi);

/// Integral of f over [a, b] to a share of the integral of |f|, by the double exponential rule (Takahasi and Mori
/// 1974): powers that begin or end at an end are no harder than what is smooth. A kink between them: split there.
double integrate(const Function& f, double a, double b, double share);

} // namespace enkinet
