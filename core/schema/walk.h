#pragma once
// What refers to what, found through the tables: whether it is there, what goes with it when it goes.
#include "schema/table.h"
#include <functional>

namespace enkinet::schema {

using IsThere = std::function<bool(const Ref& ref)>;
/// A field of one, to be looked at or changed.
using EachField = std::function<void(const Table& table, const Field& field, void* of)>;
/// Calls each for every field of one that has a meaning, and of all that is in it.
void forEachField(const Table& table, void* of, const EachField& each);

using EachRef = std::function<void(const Place& place, const Field& field, const Ref& ref)>;

/// Calls each for whatever one refers to, and all that is in it; what is empty refers to nothing. A joint or a segment
/// without a limb beside it is of the item that it stands in.
void forEachRef(const Phrase& place, const Table& table, const void* of, const EachRef& each);

/// The first thing that one refers to and that is not there.
void checkRefs(Rules& rules, const Phrase& place, const Table& table, const void* of, const IsThere& isThere);

/// Lets go what refers to something that is not there: the reference, or whatever holds it, as its field says. What is
/// let go may have been referred to itself: call it again until it says that nothing was. True where something was.
bool dropLost(const Table& table, void* of, const IsThere& isThere);

} // namespace enkinet::schema
