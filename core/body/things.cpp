#include "body/things.h"
#include "body/puppet.h"

namespace enkinet::body {

namespace {

/// Where the things of a kind are kept; null for none.
const schema::Field* keptIn(ThingKind kind) {
    return schema::detail::tableOf<Things>().find(wordsOf(kind).literal(static_cast<int>(kind)));
}

bool isOf(const schema::Field* list, const Things& t, int index) {
    return list && index >= 0 && index < static_cast<int>(list->access->size(&t));
}

/// The field that is its name; null for the base, which has none, and where there is no such thing.
const schema::Field* nameOf(const Things& t, ThingKind kind, int index) {
    const schema::Field* list = keptIn(kind);
    return isOf(list, t, index) ? list->table().find("name") : nullptr;
}

} // namespace

int countThings(const Things& t, ThingKind kind) {
    const schema::Field* list = keptIn(kind);
    return list ? static_cast<int>(list->access->size(&t)) : 0;
}

std::optional<std::string> findThingName(const Things& t, ThingKind kind, int index) {
    const schema::Field* name = nameOf(t, kind, index);
    if (!name) return {};
    return name->access->text(keptIn(kind)->access->item(&t, static_cast<std::size_t>(index)));
}

void renameThing(Things& t, ThingKind kind, int index, const std::string& name) {
    if (const schema::Field* field = nameOf(t, kind, index))
        field->access->setText(keptIn(kind)->access->item(static_cast<void*>(&t), static_cast<std::size_t>(index)),
                               name);
}

void removeThing(Things& t, ThingKind kind, int index) {
    const schema::Field* list = keptIn(kind);
    if (isOf(list, t, index)) list->access->erase(&t, static_cast<std::size_t>(index));
}

bool isThingId(const Things& t, const std::string& id) {
    for (ThingKind kind : kThingKinds) {
        const schema::Field* list = keptIn(kind);
        const schema::Field* own = list->table().id();
        for (std::size_t i = 0; own && i < list->access->size(&t); ++i)
            if (own->access->text(list->access->item(&t, i)) == id) return true;
    }
    return false;
}

int findHostLimb(const Puppet& puppet, const Spot& spot) {
    Spot at = spot;
    // No chain of features is longer than there are features.
    for (std::size_t depth = 0; !at.feature.empty() && depth <= puppet.things.features.size(); ++depth)
        for (const Feature& f : puppet.things.features)
            if (f.id == at.feature) {
                at = f.on;
                break;
            }
    std::string id = at.limb;
    for (const Mass& m : puppet.masses)
        if (m.id == at.mass) id = m.limb;
    for (std::size_t i = 0; i < puppet.limbs.size(); ++i)
        if (!at.base && at.feature.empty() && puppet.limbs[i].id == id) return static_cast<int>(i);
    return -1;
}

} // namespace enkinet::body
