#include "body/ref.h"

namespace enkinet::body {

namespace {

const char* wordOf(RefKind kind) {
    switch (kind) {
    case RefKind::none:
        return "";
    case RefKind::limb:
        return "limb";
    case RefKind::joint:
        return "joint";
    case RefKind::segment:
        return "segment";
    case RefKind::mass:
        return "mass";
    case RefKind::feature:
        return "feature";
    case RefKind::bond:
        return "bond";
    case RefKind::base:
        return "base";
    case RefKind::sheet:
        return "sheet";
    case RefKind::run:
        return "run";
    case RefKind::prop:
        return "prop";
    case RefKind::variant:
        return "variant";
    case RefKind::spool:
        return "spool";
    case RefKind::scheme:
        return "scheme";
    case RefKind::picture:
        return "picture";
    case RefKind::measure:
        return "measure";
    case RefKind::step:
        return "step";
    }
    return "";
}

} // namespace

std::string toKey(const Ref& r) {
    if (r.kind == RefKind::none) return {};
    return std::string(wordOf(r.kind)) + "/" + r.id + (r.part.empty() ? "" : "/" + r.part) + (r.right ? "/right" : "");
}

} // namespace enkinet::body
