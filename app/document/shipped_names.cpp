#include "document/shipped_names.h"
#include <QCoreApplication>

namespace enkinet::app {

namespace {
void translate(const char* context, std::string& name) {
    if (!name.empty()) name = QCoreApplication::translate(context, name.c_str()).toStdString();
}
} // namespace

document::Cards inWindowLanguage(document::Cards all) {
    const auto speak = [](auto& cards) {
        for (auto& c : cards) {
            translate("cards", c.name);
            if constexpr (requires { c.note; }) translate("cards", c.note);
        }
    };
    speak(all.wires), speak(all.clays), speak(all.bulks), speak(all.covers), speak(all.paints), speak(all.ovens);
    speak(all.adhesives);
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
