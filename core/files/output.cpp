#include "files/output.h"
#include "files/container.h"
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <sys/stat.h>
#include <unistd.h>

namespace enkinet::files {

namespace fs = std::filesystem;

namespace {

/// What stands at a file's beginning: enough to tell what it is.
std::string headOf(const std::string& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
    if (fd < 0) return {};
    std::string head(8192, '\0');
    const ssize_t n = ::read(fd, head.data(), head.size());
    ::close(fd);
    head.resize(n > 0 ? static_cast<std::size_t>(n) : 0);
    return head;
}

} // namespace

bool isProductionFile(const std::string& path) {
    struct stat is {};
    if (::stat(path.c_str(), &is) != 0 || !S_ISREG(is.st_mode)) return false;
    const std::string head = headOf(path), ending = fs::path(path).extension().string();
    if (ending == ".enkinet") return true;
    if (head.rfind("PK", 0) == 0) return head.find("production.json") != std::string::npos;
    return head.find("\"enkinet") != std::string::npos && head.find("\"format\"") != std::string::npos;
}

Result<bool> writeOutput(const std::string& path, const std::string& bytes, const std::string& input) {
    std::error_code ec;
    if (!input.empty() && fs::equivalent(path, input, ec))
        return Fault{path, {}, words("is the file that this is made from: give another name to write to")};
    if (isProductionFile(path) || fs::path(path).extension() == ".enkinet")
        return Fault{path, {}, words("is a production, which nothing else is written over: give another name")};
    struct stat is {};
    if (::stat(path.c_str(), &is) != 0 || S_ISREG(is.st_mode) || S_ISDIR(is.st_mode))
        return writeFileSafely(path, bytes);
    // A pipe, a terminal or a device is written into, never replaced by a file.
    const int fd = ::open(path.c_str(), O_WRONLY | O_CLOEXEC);
    const auto fault = [&] {
        return Fault{path, words("writing"), words("failed: %1", std::string(std::strerror(errno)))};
    };
    if (fd < 0) return fault();
    for (std::size_t done = 0; done < bytes.size();) {
        const ssize_t n = ::write(fd, bytes.data() + done, bytes.size() - done);
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) {
            const Fault why = fault();
            ::close(fd);
            return why;
        }
        done += static_cast<std::size_t>(n);
    }
    ::close(fd);
    return true;
}

} // namespace enkinet::files
