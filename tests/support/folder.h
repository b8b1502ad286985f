#pragma once
#include <filesystem>
#include <string>
#include <unistd.h>

namespace enkinet::test {

/// A folder of its own that goes with the test.
struct Folder {
    std::string path;
    Folder() {
        std::string name = (std::filesystem::temp_directory_path() / "enkinet-XXXXXX").string();
        path = ::mkdtemp(name.data());
    }
    ~Folder() { std::filesystem::remove_all(path); }
    std::string operator/(const char* name) const { return path + "/" + name; }
    std::size_t files() const {
        return static_cast<std::size_t>(
            std::distance(std::filesystem::directory_iterator(path), std::filesystem::directory_iterator{}));
    }
};

} // namespace enkinet::test
