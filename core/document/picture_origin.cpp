#include "document/picture_origin.h"
#include <array>
#include <cstdint>
#include <optional>

namespace enkinet::document {

namespace {

unsigned byteAt(const std::string& s, std::size_t i) { return static_cast<unsigned char>(s[i]); }
unsigned wide(const std::string& s, std::size_t i) { return byteAt(s, i) << 8 | byteAt(s, i + 1); }

/// Which way up the picture is, 1 to 8, of an EXIF segment's body; nothing where it does not say.
std::optional<unsigned> findOrientation(const std::string& body) {
    constexpr std::size_t kMark = 6; // "Exif", two zeros
    if (body.size() < kMark + 8 || body.compare(0, 4, "Exif") != 0) return {};
    const std::string t = body.substr(kMark);
    const bool little = t[0] == 'I';
    const auto two = [&](std::size_t i) -> unsigned {
        if (i + 2 > t.size()) return 0;
        return little ? byteAt(t, i) | byteAt(t, i + 1) << 8 : wide(t, i);
    };
    const auto four = [&](std::size_t i) -> std::size_t {
        return little ? two(i) | static_cast<std::size_t>(two(i + 2)) << 16
                      : static_cast<std::size_t>(two(i)) << 16 | two(i + 2);
    };
    const std::size_t first = four(4);
    if (first + 2 > t.size()) return {};
    const unsigned entries = two(first);
    for (unsigned k = 0; k < entries; ++k) {
        const std::size_t at = first + 2 + 12 * static_cast<std::size_t>(k);
        if (at + 12 > t.size()) return {};
        if (two(at) != 0x0112) continue;
        const unsigned way = two(at + 8);
        return way >= 1 && way <= 8 ? std::optional(way) : std::nullopt;
    }
    return {};
}

/// A segment with nothing but that.
std::string orientationSegment(unsigned way) {
    const std::array<unsigned char, 36> bytes{0xFF, 0xE1, 0, 34, 'E', 'x', 'i', 'f', 0, 0,
                                              'M',  'M',  0, 42, 0,   0,   0,   8,   0, 1,
                                              0x01, 0x12, 0, 3,  0,   0,   0,   1,   0, static_cast<unsigned char>(way),
                                              0,    0,    0, 0,  0,   0};
    return {bytes.begin(), bytes.end()};
}

std::string ofJpeg(const std::string& bytes) {
    std::string out = bytes.substr(0, 2);
    std::optional<unsigned> way;
    std::size_t at = 2;
    std::string rest;
    while (at + 4 <= bytes.size()) {
        if (byteAt(bytes, at) != 0xFF) return bytes;
        const unsigned marker = byteAt(bytes, at + 1);
        if (marker == 0xFF) {
            ++at; // fill
            continue;
        }
        // The picture itself begins: nothing beyond is looked at.
        if (marker == 0xDA || marker == 0xD9) break;
        const std::size_t length = wide(bytes, at + 2);
        if (length < 2 || at + 2 + length > bytes.size()) return bytes;
        const std::string body = bytes.substr(at + 4, length - 2);
        const bool colours = (marker == 0xE2 && body.compare(0, 11, "ICC_PROFILE") == 0) || marker == 0xEE;
        const bool application = marker >= 0xE1 && marker <= 0xEF, comment = marker == 0xFE;
        if (marker == 0xE1)
            if (const auto found = findOrientation(body)) way = found;
        if (!(application && !colours) && !comment) rest += bytes.substr(at, 2 + length);
        at += 2 + length;
    }
    if (way && *way > 1) out += orientationSegment(*way);
    return out + rest + bytes.substr(at);
}

std::string ofPng(const std::string& bytes) {
    constexpr std::size_t kMark = 8;
    std::string out = bytes.substr(0, kMark);
    for (std::size_t at = kMark; at < bytes.size();) {
        if (at + 12 > bytes.size()) return bytes;
        const std::size_t length = static_cast<std::size_t>(wide(bytes, at)) << 16 | wide(bytes, at + 2);
        if (length > bytes.size() - at - 12) return bytes;
        const std::string kind = bytes.substr(at + 4, 4);
        const bool says = kind == "tEXt" || kind == "zTXt" || kind == "iTXt" || kind == "tIME" || kind == "eXIf";
        if (!says) out += bytes.substr(at, length + 12);
        at += length + 12;
        if (kind == "IEND") break; // what hangs behind it belongs to no picture
    }
    return out;
}

} // namespace

std::string withoutOrigin(const std::string& bytes) {
    if (bytes.size() > 4 && byteAt(bytes, 0) == 0xFF && byteAt(bytes, 1) == 0xD8) return ofJpeg(bytes);
    if (bytes.rfind("\x89PNG\r\n\x1a\n", 0) == 0) return ofPng(bytes);
    return bytes;
}

} // namespace enkinet::document
