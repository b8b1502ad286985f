#pragma once
// Reads and writes any struct that has a table of fields.
#include "files/reader.h"
#include "schema/table.h"

namespace enkinet::files {

/// Takes the fields of one from an object; what the object has no key for stays as it is in `of`, which is one as
/// usual. Limits are not asked here, only that each value is of its kind.
void readFields(Reader& r, const schema::Table& table, void* of);
/// One's fields as an object; what is as usual, and has no key that always stands there, is left out.
Json fieldsJson(const schema::Table& table, const void* of);
/// The same into an object that is there already.
void addFields(Json& into, const schema::Table& table, const void* of);

template <class T> void readFields(Reader& r, T& of) { readFields(r, schema::detail::tableOf<T>(), &of); }
template <class T> Json fieldsJson(const T& of) { return fieldsJson(schema::detail::tableOf<T>(), &of); }
template <class T> void addFields(Json& into, const T& of) { addFields(into, schema::detail::tableOf<T>(), &of); }

} // namespace enkinet::files
