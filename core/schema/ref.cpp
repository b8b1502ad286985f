#include "schema/ref.h"

namespace enkinet::schema {

std::string toKey(const Ref& r) {
    if (r.kind == RefKind::none) return {};
    return std::string(wordOf(r.kind)) + "/" + r.id + (r.part.empty() ? "" : "/" + r.part) + (r.right ? "/right" : "");
}

std::optional<Ref> fromKey(const std::string& key) {
    if (key.empty()) return Ref{};
    std::vector<std::string> parts{""};
    for (char c : key)
        if (c == '/')
            parts.emplace_back();
        else
            parts.back() += c;
    Ref ref;
    for (std::size_t k = 1; k < std::size(kRefWords); ++k)
        if (parts[0] == kRefWords[k]) ref.kind = static_cast<RefKind>(k);
    if (ref.kind == RefKind::none || parts.size() < 2) return {};
    const bool inTwo = ref.kind == RefKind::joint || ref.kind == RefKind::segment,
               mayBeInTwo = inTwo || ref.kind == RefKind::picture || ref.kind == RefKind::measure;
    if (parts.size() > (inTwo ? 3u : 2u) && parts.back() == "right") {
        ref.right = true;
        parts.pop_back();
    }
    if (parts.size() < (inTwo ? 3u : 2u) || parts.size() > (mayBeInTwo ? 3u : 2u)) return {};
    ref.id = parts[1];
    if (parts.size() > 2) ref.part = parts[2];
    return ref;
}

} // namespace enkinet::schema
