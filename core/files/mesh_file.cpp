#include "files/mesh_file.h"
#include "files/reader.h"
#include <algorithm>
#include <cstdint>
#include <cstring>
#include <fmt/format.h>
#include <iterator>

namespace enkinet::files {

namespace {

using body::Mesh;

std::string plainName(const std::string& name) {
    std::string s;
    for (const char c : name)
        s += static_cast<unsigned char>(c) <= ' ' ? '_' : c;
    return s.empty() ? "part" : s;
}

template <class T> void putBytes(std::string& bytes, T value) {
    char raw[sizeof(T)];
    std::memcpy(raw, &value, sizeof(T)); // little-endian machines only, as both formats are
    bytes.append(raw, sizeof(T));
}

std::string base64(const std::string& bytes) {
    static const char* const kDigits = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    std::string s;
    for (std::size_t i = 0; i < bytes.size(); i += 3) {
        std::uint32_t v = 0;
        for (std::size_t k = 0; k < 3; ++k)
            v = v << 8 | (i + k < bytes.size() ? static_cast<unsigned char>(bytes[i + k]) : 0u);
        for (std::size_t k = 0; k < 4; ++k)
            s += i + k > bytes.size() ? '=' : kDigits[v >> (18 - 6 * k) & 63];
    }
    return s;
}

} // namespace

std::string writeObj(const std::vector<NamedMesh>& parts) {
    std::string s = "# millimetres\n";
    auto out = std::back_inserter(s);
    int base = 1;
    for (const NamedMesh& part : parts) {
        fmt::format_to(out, "o {}\n", plainName(part.name));
        for (const Vec3& p : part.mesh.points)
            fmt::format_to(out, "v {:.6f} {:.6f} {:.6f}\n", p.x, p.y, p.z);
        for (const Vec3& n : part.mesh.normals)
            fmt::format_to(out, "vn {:.6f} {:.6f} {:.6f}\n", n.x, n.y, n.z);
        for (const auto& t : part.mesh.triangles)
            fmt::format_to(out, "f {0}//{0} {1}//{1} {2}//{2}\n", t[0] + base, t[1] + base, t[2] + base);
        base += static_cast<int>(part.mesh.points.size());
    }
    return s;
}

std::string writeStl(const std::vector<NamedMesh>& parts) {
    std::string s(80, ' ');
    std::memcpy(s.data(), "millimetres", 11);
    std::uint32_t count = 0;
    for (const NamedMesh& part : parts)
        count += static_cast<std::uint32_t>(part.mesh.triangles.size());
    putBytes(s, count);
    for (const NamedMesh& part : parts)
        for (const auto& t : part.mesh.triangles) {
            const Vec3 a = part.mesh.points[static_cast<std::size_t>(t[0])],
                       b = part.mesh.points[static_cast<std::size_t>(t[1])],
                       c = part.mesh.points[static_cast<std::size_t>(t[2])];
            for (const Vec3& v : {unit(cross(b - a, c - a)), a, b, c})
                putBytes(s, static_cast<float>(v.x)), putBytes(s, static_cast<float>(v.y)),
                    putBytes(s, static_cast<float>(v.z));
            putBytes(s, std::uint16_t{0});
        }
    return s;
}

std::string writeGltf(const std::vector<NamedMesh>& parts) {
    Json j{{"asset", {{"version", "2.0"}}}, {"scene", 0}, {"scenes", {{{"nodes", Json::array()}}}}};
    for (const char* list : {"nodes", "meshes", "accessors", "bufferViews"})
        j[list] = Json::array();
    std::string bytes;
    const auto view = [&](std::size_t from, int target) {
        j["bufferViews"].push_back(
            {{"buffer", 0}, {"byteOffset", from}, {"byteLength", bytes.size() - from}, {"target", target}});
        return j["bufferViews"].size() - 1;
    };
    constexpr int kArray = 34962, kElements = 34963, kFloat = 5126, kUint = 5125;
    for (const NamedMesh& part : parts) {
        if (part.mesh.triangles.empty()) continue;
        const auto vectors = [&](const std::vector<Vec3>& all, double scale, bool bounds) {
            const std::size_t from = bytes.size();
            float low[3] = {1e30f, 1e30f, 1e30f}, high[3] = {-1e30f, -1e30f, -1e30f};
            for (const Vec3& v : all) {
                const float f[3] = {static_cast<float>(v.x * scale), static_cast<float>(v.y * scale),
                                    static_cast<float>(v.z * scale)};
                for (int i = 0; i < 3; ++i) {
                    putBytes(bytes, f[i]);
                    low[i] = std::min(low[i], f[i]), high[i] = std::max(high[i], f[i]);
                }
            }
            Json a{
                {"bufferView", view(from, kArray)}, {"componentType", kFloat}, {"count", all.size()}, {"type", "VEC3"}};
            if (bounds) a["min"] = low, a["max"] = high;
            j["accessors"].push_back(a);
            return j["accessors"].size() - 1;
        };
        const std::size_t points = vectors(part.mesh.points, 1e-3, true),
                          normals = vectors(part.mesh.normals, 1, false);
        const std::size_t from = bytes.size();
        for (const auto& t : part.mesh.triangles)
            for (int i : t)
                putBytes(bytes, static_cast<std::uint32_t>(i));
        j["accessors"].push_back({{"bufferView", view(from, kElements)},
                                  {"componentType", kUint},
                                  {"count", part.mesh.triangles.size() * 3},
                                  {"type", "SCALAR"}});
        j["meshes"].push_back({{"name", part.name},
                               {"primitives",
                                {{{"attributes", {{"POSITION", points}, {"NORMAL", normals}}},
                                  {"indices", j["accessors"].size() - 1}}}}});
        j["nodes"].push_back({{"name", part.name}, {"mesh", j["meshes"].size() - 1}});
        j["scenes"][0]["nodes"].push_back(j["nodes"].size() - 1);
    }
    j["buffers"] = {{{"byteLength", bytes.size()}, {"uri", "data:application/octet-stream;base64," + base64(bytes)}}};
    return j.dump(1) + "\n";
}

std::string writeDxf(const std::vector<Outline>& outlines) {
    // R12 ASCII: drawing units are millimetres.
    std::string s =
        "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1009\n9\n$MEASUREMENT\n70\n1\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n";
    auto out = std::back_inserter(s);
    for (const Outline& o : outlines) {
        const std::string layer = plainName(o.layer);
        fmt::format_to(out, "0\nPOLYLINE\n8\n{}\n66\n1\n70\n{}\n10\n0.0\n20\n0.0\n30\n0.0\n", layer, o.closed ? 1 : 0);
        for (const auto& [x, y] : o.points_mm)
            fmt::format_to(out, "0\nVERTEX\n8\n{}\n10\n{:.4f}\n20\n{:.4f}\n30\n0.0\n", layer, x, y);
        fmt::format_to(out, "0\nSEQEND\n8\n{}\n", layer);
    }
    return s + "0\nENDSEC\n0\nEOF\n";
}

} // namespace enkinet::files
