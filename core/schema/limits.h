#pragma once
// Holds a struct to the limits that stand in its table, and all that is in it to theirs.
#include "schema/table.h"

namespace enkinet::schema {

/// The first limit that is broken, in the order of the fields; of what has no meaning where it stands nothing is asked.
/// Numbers are said as files have them.
void checkLimits(Rules& rules, const Place& place, const Table& table, const void* of);
template <class T> void checkLimits(Rules& rules, const Phrase& place, const T& of) {
    checkLimits(rules, place, detail::tableOf<T>(), &of);
}

/// The first rule that one breaks by itself, its id among them.
std::optional<Fault> findBroken(const Table& table, const void* of);
template <class T> std::optional<Fault> findBroken(const T& of) { return findBroken(detail::tableOf<T>(), &of); }
/// One that breaks none, or the first that it breaks.
template <class T> Result<T> makeSound(T of) {
    if (auto fault = findBroken(of)) return *fault;
    return of;
}

} // namespace enkinet::schema
