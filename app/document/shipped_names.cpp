#include "document/shipped_names.h"
#include "schema/table.h"
#include <QCoreApplication>

namespace enkinet::app {

namespace {
void translate(const char* context, std::string& name) {
    if (!name.empty()) name = QCoreApplication::translate(context, name.c_str()).toStdString();
}
} // namespace

document::Cards inWindowLanguage(document::Cards all) {
    for (const schema::Field& list : schema::detail::tableOf<document::Cards>().fields)
        for (std::size_t i = 0; i < list.access->size(&all); ++i)
            for (const char* key : {"name", "note"})
                if (const schema::Field* field = list.table().find(key)) {
                    void* card = list.access->item(&all, i);
                    std::string text = field->access->text(card);
                    translate("cards", text);
                    field->access->setText(card, text);
                }
    return all;
}

void nameInWindowLanguage(body::Puppet& p) {
    translate("kinds", p.name);
    for (body::Limb& l : p.limbs) {
        translate("kinds", l.name);
        for (body::Joint& j : l.joints)
            translate("kinds", j.name);
        for (body::Segment& s : l.segments)
            translate("kinds", s.name);
    }
    for (body::Mass& m : p.masses)
        translate("kinds", m.name);
}

} // namespace enkinet::app
