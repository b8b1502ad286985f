#pragma once
// What two values of one struct differ in, field by field, found through the tables.
#include "schema/table.h"
#include <set>

namespace enkinet::schema {

/// Adds the path of every field that differs: keys, and in lists ids or, where there are none, places. Objects of a
/// list are the same where their ids are, wherever they stand; what came, went or changed places is the list's own "#".
/// Fields that one hand changes together (Field::group) are one. What is not there is as usual.
void findDifferences(const Table& table, const void* a, const void* b, const std::string& path,
                     std::set<std::string>& found);

} // namespace enkinet::schema
