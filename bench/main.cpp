// enkinet-bench: the devices of the bench as simulated stand-ins, each on a pseudo-terminal of its own that speaks the
// documented line protocol. It prints every terminal's path and links it under $XDG_RUNTIME_DIR/enkinet/.
#include "devices/simulated.h"
#include <CLI/CLI.hpp>
#include <chrono>
#include <csignal>
#include <cstdlib>
#include <fcntl.h>
#include <filesystem>
#include <iostream>
#include <memory>
#include <termios.h>
#include <thread>
#include <unistd.h>

namespace {

volatile std::sig_atomic_t stopped = 0;
void stop(int) { stopped = 1; }

struct Terminal {
    int fd = -1, keep = -1; ///< keep: the other end stays open, so that a reader may come and go
    std::string path;
    std::filesystem::path link;
    std::unique_ptr<enkinet::devices::Simulated> device;
    ~Terminal() {
        std::error_code ignored;
        if (!link.empty()) std::filesystem::remove(link, ignored);
        if (keep >= 0) close(keep);
        if (fd >= 0) close(fd);
    }
};

std::unique_ptr<Terminal> openTerminal() {
    auto t = std::make_unique<Terminal>();
    t->fd = posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
    if (t->fd < 0 || grantpt(t->fd) != 0 || unlockpt(t->fd) != 0) return nullptr;
    char name[256];
    if (ptsname_r(t->fd, name, sizeof name) != 0) return nullptr;
    t->path = name;
    t->keep = open(name, O_RDWR | O_NOCTTY | O_NONBLOCK);
    if (t->keep < 0) return nullptr;
    termios raw{};
    tcgetattr(t->keep, &raw);
    cfmakeraw(&raw);
    cfsetspeed(&raw, B9600);
    tcsetattr(t->keep, TCSANOW, &raw);
    return t;
}

} // namespace

int main(int argc, char** argv) {
    CLI::App program{"Simulated bench devices for Enkinet"};
    std::vector<std::string> devices{"scale"};
    unsigned seed = 1;
    double seconds = 0;
    bool still = false;
    program.add_option("--device", devices, "scale, caliper, probe, bender, hanger, breaker; several at once")
        ->check(CLI::IsMember({"scale", "caliper", "probe", "bender", "hanger", "breaker"}));
    program.add_option("--seed", seed, "the same seed gives the same readings");
    program.add_option("--seconds", seconds, "end after so long; 0: when it is stopped");
    program.add_flag("--no-trouble", still, "no drop-outs, no rubbish, no unplugging");
    program.set_version_flag("--version", "enkinet-bench " ENKINET_VERSION);
    CLI11_PARSE(program, argc, argv);
    std::signal(SIGINT, stop);
    std::signal(SIGTERM, stop);
    std::vector<std::unique_ptr<Terminal>> terminals;
    const char* runtime = std::getenv("XDG_RUNTIME_DIR");
    for (std::size_t i = 0; i < devices.size(); ++i) {
        auto t = openTerminal();
        if (!t) {
            std::cerr << "enkinet-bench: no pseudo-terminal can be opened\n";
            return 2;
        }
        enkinet::devices::Troubles troubles;
        if (still) troubles.drops = troubles.rubbish = troubles.unplugs = 0;
        t->device =
            std::make_unique<enkinet::devices::Simulated>(devices[i], seed + static_cast<unsigned>(i), troubles);
        if (runtime && *runtime) {
            std::error_code error;
            const auto folder = std::filesystem::path(runtime) / "enkinet";
            std::filesystem::create_directories(folder, error);
            t->link = folder / (devices[i] + (i ? "-" + std::to_string(i + 1) : ""));
            std::filesystem::remove(t->link, error);
            std::filesystem::create_symlink(t->path, t->link, error);
            if (error) t->link.clear();
        }
        std::cout << devices[i] << " " << t->path << std::endl;
        terminals.push_back(std::move(t));
    }
    const auto end = std::chrono::steady_clock::now() + std::chrono::duration<double>(seconds);
    while (!stopped && (seconds <= 0 || std::chrono::steady_clock::now() < end)) {
        for (const auto& t : terminals) {
            const std::string bytes = t->device->next();
            // Nobody reads: the terminal is full, and the line is lost as on a wire.
            if (!bytes.empty() && write(t->fd, bytes.data(), bytes.size()) < 0) continue;
        }
        std::this_thread::sleep_for(std::chrono::milliseconds(200));
    }
    return 0;
}
