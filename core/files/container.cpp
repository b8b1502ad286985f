#include "files/container.h"
#include "base/log.h"
#include "schema/table.h"
#include <cerrno>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <memory>
#include <sys/stat.h>
#include <unistd.h>
#include <zip.h>

namespace enkinet::files {

namespace fs = std::filesystem;

namespace {

constexpr std::size_t kMostFile = 512u << 20, kMostPicture = document::kMostPictureBytes,
                      kMostPictures = document::kMostPicturesBytes, kMostJson = 16u << 20;
constexpr zip_int64_t kMostEntries = 1000;
const char* const kJsonName = "production.json";

struct ArchiveClose {
    void operator()(zip_t* z) const { zip_discard(z); }
};
using Archive = std::unique_ptr<zip_t, ArchiveClose>;

Result<Archive> openArchive(const std::string& bytes) {
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source = zip_source_buffer_create(bytes.data(), bytes.size(), 0, &error);
    zip_t* z = source ? zip_open_from_source(source, ZIP_RDONLY | ZIP_CHECKCONS, &error) : nullptr;
    if (!z) {
        if (source) zip_source_free(source);
        const std::string why = zip_error_strerror(&error);
        zip_error_fini(&error);
        return Fault{words("file"), words("not a whole container"), "(" + why + ")"};
    }
    zip_error_fini(&error);
    return Archive(z);
}

/// A name that stays inside: relative, no way up, no backslash, no control characters.
bool staysInside(const std::string& name) {
    if (name.empty() || name.size() > 255 || name[0] == '/' || name.find('\\') != std::string::npos ||
        name.find(':') != std::string::npos)
        return false;
    for (const char c : name)
        if (static_cast<unsigned char>(c) < 32) return false;
    for (const auto& step : fs::path(name))
        if (step == "..") return false;
    return true;
}

Result<std::string> readEntry(zip_t* z, zip_uint64_t index, const std::string& name, std::size_t most) {
    zip_stat_t stat;
    zip_stat_init(&stat);
    if (zip_stat_index(z, index, 0, &stat) != 0 || !(stat.valid & ZIP_STAT_SIZE))
        return Fault{words("container, %1", name.substr(0, 80)), {}, words("has no size")};
    if (stat.size > most)
        return Fault{words("container, %1", name.substr(0, 80)), words("%1 MB", stat.size >> 20),
                     words("are more than %1 MB", most >> 20)};
    zip_file_t* f = zip_fopen_index(z, index, 0);
    if (!f) return Fault{words("container, %1", name.substr(0, 80)), {}, words("cannot be read")};
    std::string bytes(stat.size, '\0');
    const zip_int64_t got = bytes.empty() ? 0 : zip_fread(f, bytes.data(), bytes.size());
    // Reading on to the end makes libzip check the entry's checksum.
    char more;
    const bool whole = got == static_cast<zip_int64_t>(bytes.size()) && zip_fread(f, &more, 1) == 0;
    zip_fclose(f);
    if (!whole) return Fault{words("container, %1", name.substr(0, 80)), {}, words("is damaged")};
    return bytes;
}

Fault osFault(const std::string& path, const Phrase& what) {
    return {path, what, words("failed: %1", std::string(std::strerror(errno)))};
}

} // namespace

Result<std::string> readFile(const std::string& path) {
    // Opened without waiting, then looked at: a pipe that nobody writes to would wait for ever.
    const int fd = ::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
    if (fd < 0) return osFault(path, words("opening"));
    struct stat is {};
    if (::fstat(fd, &is) != 0 || !S_ISREG(is.st_mode)) {
        ::close(fd);
        return Fault{path, {}, S_ISDIR(is.st_mode) ? words("is a folder, not a file") : words("is no plain file")};
    }
    std::unique_ptr<std::FILE, int (*)(std::FILE*)> f(::fdopen(fd, "rb"), std::fclose);
    if (!f) return osFault(path, words("opening"));
    std::string bytes;
    char chunk[65536];
    while (const std::size_t n = std::fread(chunk, 1, sizeof chunk, f.get())) {
        bytes.append(chunk, n);
        if (bytes.size() > kMostFile) return Fault{path, words("more than 512 MB"), words("are too many")};
    }
    if (std::ferror(f.get())) return osFault(path, words("reading"));
    return bytes;
}

namespace {

/// A file beside another that was not there before, so that nothing of anybody's is written over; -1 with errno.
int openBeside(const std::string& path, std::string& beside) {
    constexpr int kTries = 20; // others may stand there from sessions that were killed
    for (int i = 0; i < kTries; ++i) {
        beside = path + ".new" + (i ? std::to_string(i) : "");
        const int fd = ::open(beside.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0644);
        if (fd >= 0 || errno != EEXIST) return fd;
    }
    return -1;
}

/// A link stays one: what it points to is written.
std::string followed(const std::string& path) {
    std::error_code ec;
    const fs::path to = fs::canonical(path, ec);
    return ec ? path : to.string();
}

} // namespace

Result<bool> writeFileSafely(const std::string& named, const std::string& bytes) {
    const std::string path = followed(named);
    std::string beside;
    const int fd = openBeside(path, beside);
    if (fd < 0) return osFault(path, words("saving"));
    std::size_t done = 0;
    bool ok = true;
    // Who may read it and whose it is stay as they were.
    if (struct stat was{}; ::stat(path.c_str(), &was) == 0) {
        ok = ::fchmod(fd, was.st_mode & 07777) == 0;
        struct stat now {};
        if (::fstat(fd, &now) == 0 && (now.st_uid != was.st_uid || now.st_gid != was.st_gid)) [[maybe_unused]]
            const int kept = ::fchown(fd, was.st_uid, was.st_gid); // where that is allowed
    }
    while (ok && done < bytes.size()) {
        const ssize_t n = ::write(fd, bytes.data() + done, bytes.size() - done);
        if (n < 0 && errno == EINTR) continue;
        ok = n > 0;
        if (ok) done += static_cast<std::size_t>(n);
    }
    ok = ok && ::fsync(fd) == 0;
    const Fault fault = osFault(path, words("saving"));
    ::close(fd);
    if (!ok || std::rename(beside.c_str(), path.c_str()) != 0) {
        const Fault why = ok ? osFault(path, words("saving")) : fault;
        ::unlink(beside.c_str());
        return why;
    }
    if (const int dir = ::open(fs::path(path).parent_path().empty() ? "." : fs::path(path).parent_path().c_str(),
                               O_RDONLY | O_DIRECTORY);
        dir >= 0) {
        ::fsync(dir);
        ::close(dir);
    }
    return true;
}

Result<Loaded> parseContainer(const std::string& bytes, const document::Cards& shipped) {
    auto archive = openArchive(bytes);
    if (!archive) return archive.fault();
    zip_t* z = archive->get();
    const zip_int64_t count = zip_get_num_entries(z, 0);
    if (count > kMostEntries) return Fault{words("container"), words("%1 entries", count), words("are more than 1000")};
    std::optional<Loaded> loaded;
    std::map<std::string, Bytes> pictures;
    std::size_t total = 0;
    for (zip_int64_t i = 0; i < count; ++i) {
        const auto index = static_cast<zip_uint64_t>(i);
        const char* raw = zip_get_name(z, index, 0);
        const std::string name = raw ? raw : "";
        if (!staysInside(name))
            return Fault{words("container"), words("name \"%1\"", name.substr(0, 80)), words("leaves the container")};
        if (name == kJsonName) {
            auto text = readEntry(z, index, name, kMostJson);
            if (!text) return text.fault();
            auto parsed = parseProduction(*text, shipped);
            if (!parsed) return parsed.fault();
            loaded = parsed.take();
        } else if (name.back() != '/') {
            auto picture = readEntry(z, index, name, kMostPicture);
            if (!picture) return picture.fault();
            total += picture->size();
            if (total > kMostPictures)
                return Fault{words("container"), words("pictures"), words("are more than 256 MB together")};
            pictures[name] = Bytes(picture.take());
        }
    }
    if (!loaded) return Fault{words("container"), words("production.json"), words("is missing")};
    loaded->production.pictures = std::move(pictures);
    return std::move(*loaded);
}

namespace {
/// The same limits as when it is read: what could not be opened again is not saved.
std::optional<Fault> checkLimits(const document::Production& p, const std::string& json) {
    if (json.size() > kMostJson)
        return Fault{words("production.json"), words("%1 MB", json.size() >> 20),
                     words("are more than a file may hold, 16 MB")};
    if (p.pictures.size() + 1 > static_cast<std::size_t>(kMostEntries))
        return Fault{words("container"), words("%1 pictures", p.pictures.size()),
                     words("are more than a file may hold")};
    std::size_t total = 0;
    for (const auto& [name, bytes] : p.pictures) {
        if (!staysInside(name))
            return Fault{words("container"), words("name \"%1\"", name.substr(0, 80)), words("leaves the container")};
        if (bytes.get().size() > kMostPicture)
            return Fault{words("container, %1", name), {}, words("is more than 64 MB")};
        total += bytes.get().size();
    }
    if (total > kMostPictures)
        return Fault{words("container"), words("pictures"), words("are more than 256 MB together")};
    return {};
}
} // namespace

Result<std::string> writeContainer(const document::Production& p) {
    const std::string json = writeProduction(p, false);
    if (auto fault = checkLimits(p, json)) return *fault;
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &error);
    zip_source_keep(target);
    zip_t* z = zip_open_from_source(target, ZIP_TRUNCATE, &error);
    const auto failed = [&](const Phrase& what) {
        Fault f{words("container"), what,
                words("failed: %1", std::string(z ? zip_strerror(z) : zip_error_strerror(&error)))};
        if (z) zip_discard(z);
        zip_source_free(target);
        zip_error_fini(&error);
        return f;
    };
    if (!z) return failed(words("opening"));
    const auto put = [&](const std::string& name, const std::string& bytes) {
        zip_source_t* s = zip_source_buffer(z, bytes.data(), bytes.size(), 0);
        const zip_int64_t i = s ? zip_file_add(z, name.c_str(), s, ZIP_FL_ENC_UTF_8) : -1;
        if (i < 0 && s) zip_source_free(s);
        // Pictures are packed already: they are stored as they are.
        if (i >= 0 && &bytes != &json) zip_set_file_compression(z, static_cast<zip_uint64_t>(i), ZIP_CM_STORE, 0);
        // One fixed date: the same production gives the same bytes.
        if (i >= 0) zip_file_set_dostime(z, static_cast<zip_uint64_t>(i), 0, (46 << 9) | (1 << 5) | 1, 0);
        return i >= 0;
    };
    if (!put(kJsonName, json)) return failed(words("adding production.json"));
    for (const auto& [name, bytes] : p.pictures)
        if (!put(name, bytes.get())) return failed(words("adding a picture"));
    if (zip_close(z) != 0) return failed(words("closing"));
    zip_stat_t stat;
    zip_stat_init(&stat);
    std::string bytes;
    if (zip_source_open(target) == 0) {
        zip_source_stat(target, &stat);
        bytes.resize(stat.size);
        zip_source_read(target, bytes.data(), bytes.size());
        zip_source_close(target);
    }
    zip_source_free(target);
    zip_error_fini(&error);
    return bytes;
}

Result<Loaded> loadProduction(const std::string& path, const document::Cards& shipped) {
    auto bytes = readFile(path);
    if (!bytes) return bytes.fault();
    logLine("files", "read " + std::to_string(bytes->size()) + " bytes");
    auto loaded = bytes->rfind("PK", 0) == 0 ? parseContainer(*bytes, shipped) : parseProduction(*bytes, shipped);
    if (loaded) return loaded;
    const Fault& f = loaded.fault();
    return Fault{f.place.empty() ? Phrase(fs::path(path).filename().string())
                                 : words("%1: %2", fs::path(path).filename().string(), f.place),
                 f.value, f.rule};
}

Result<bool> saveProduction(const std::string& path, const document::Production& p) {
    if (fs::path(path).extension() == ".json") {
        // Bare it is for reading; where the room for that is not there, close-set.
        std::string json = writeProduction(p);
        if (json.size() > kMostJson) json = writeProduction(p, false);
        if (auto fault = checkLimits(p, json)) return *fault;
        return writeFileSafely(path, json);
    }
    auto bytes = writeContainer(p);
    if (!bytes) return bytes.fault();
    logLine("files", "to write " + std::to_string(bytes->size()) + " bytes");
    return writeFileSafely(path, *bytes);
}

Result<document::Cards> loadShippedCards(const std::string& dataDir) {
    document::Cards all;
    for (const schema::Field& list : schema::detail::tableOf<document::Cards>().fields) {
        const std::string file = std::string(list.key) + ".json";
        std::string path = dataDir + "/cards/";
        path += file;
        auto text = readFile(path);
        if (!text) return text.fault();
        auto cards = parseCards(*text, file);
        if (!cards) return cards.fault();
        all = document::mergeCards(all, *cards);
    }
    return all;
}

std::string findDataDir() {
    if (const char* set = std::getenv("ENKINET_DATA")) return set;
    std::error_code ec;
    const fs::path self = fs::read_symlink("/proc/self/exe", ec);
    return (self.parent_path().parent_path() / "share" / "enkinet").string();
}

} // namespace enkinet::files
