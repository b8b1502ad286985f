#include "document/changed_fields.h"
#include "schema/differ.h"

namespace enkinet::document {

std::set<std::string> findChangedFields(const Production& before, const Production& after) {
    std::set<std::string> found;
    for (const auto& [name, bytes] : after.pictures)
        if (const auto known = before.pictures.find(name); known == before.pictures.end() || !(known->second == bytes))
            found.insert("/pictures/" + name);
    for (const auto& [name, bytes] : before.pictures)
        if (!after.pictures.contains(name)) found.insert("/pictures/" + name);
    schema::findDifferences(schema::detail::tableOf<Production>(), &before, &after, {}, found);
    return found;
}

} // namespace enkinet::document
