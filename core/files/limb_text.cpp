#include "files/limb_text.h"
#include "files/described_json.h"

namespace enkinet::files {

std::string limbText(const body::Limb& limb) { return fieldsJson(limb).dump(); }

Result<body::Limb> parseLimb(const std::string& text) {
    const auto json = parseJson(text, "limb");
    if (!json) return json.fault();
    std::optional<Fault> fault;
    Reader r(*json, words("limb"), fault);
    body::Limb l;
    readFields(r, l);
    if (fault) return *fault;
    return l;
}

} // namespace enkinet::files
