#include "jobs/crash.h"
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <algorithm>
#include <array>
#include <atomic>
#include <csignal>
#include <cstring>
#include <exception>
#include <execinfo.h>
#include <fcntl.h>
#include <typeinfo>
#include <unistd.h>

#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
#define ENKINET_REPORTS_ITSELF
#elif defined(__has_feature)
#if __has_feature(address_sanitizer) || __has_feature(thread_sanitizer)
#define ENKINET_REPORTS_ITSELF
#endif
#endif

namespace enkinet::app {

namespace {

constexpr std::size_t kKeptSteps = 10, kKeptLetters = 120;

// All that the handler reads lies there already: what may be done in a signal is next to nothing.
std::array<char, 4096> g_path{};
std::array<char, 40> g_version{};
std::array<std::array<char, kKeptLetters>, kKeptSteps> g_steps{};
std::atomic<std::size_t> g_step{0};
std::array<char, 200> g_exception{};
std::array<char, 64 * 1024> g_stack{};

void put(int file, const char* text) { [[maybe_unused]] const auto n = ::write(file, text, std::strlen(text)); }

const char* nameOf(int signal) {
    switch (signal) {
    case SIGSEGV:
        return "SIGSEGV";
    case SIGBUS:
        return "SIGBUS";
    case SIGFPE:
        return "SIGFPE";
    case SIGILL:
        return "SIGILL";
    default:
        return "SIGABRT";
    }
}

void onFault(int signal) {
    if (const int file = ::open(g_path.data(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0600); file >= 0) {
        put(file, "enkinet "), put(file, g_version.data()), put(file, "\n");
        put(file, nameOf(signal));
        put(file, "\n");
        if (g_exception[0]) put(file, "exception: "), put(file, g_exception.data()), put(file, "\n");
        put(file, "last steps, the latest last:\n");
        const auto last = g_step.load();
        for (auto i = last > kKeptSteps ? last - kKeptSteps : 0; i < last; ++i)
            put(file, "  "), put(file, g_steps[i % kKeptSteps].data()), put(file, "\n");
        put(file, "where it was:\n");
        std::array<void*, 64> frames{};
        ::backtrace_symbols_fd(frames.data(), ::backtrace(frames.data(), static_cast<int>(frames.size())), file);
        ::close(file);
    }
    // The usual end: the handler was let go when it was called.
    ::raise(signal);
}

void onTerminateHere() {
    if (const std::exception_ptr thrown = std::current_exception()) {
        try {
            std::rethrow_exception(thrown);
        } catch (const std::exception& e) {
            std::strncpy(g_exception.data(), e.what(), g_exception.size() - 1);
        } catch (...) {
            std::strncpy(g_exception.data(), "of an unknown kind", g_exception.size() - 1);
        }
    }
    std::abort();
}

} // namespace

void watchCrashes(const QString& folder, const QString& version) {
    QDir().mkpath(folder);
    const QByteArray number = version.toUtf8().left(static_cast<qsizetype>(g_version.size()) - 1);
    std::copy(number.begin(), number.end(), g_version.begin());
    const QByteArray path = QFile::encodeName(folder + "/crash.txt");
    if (path.size() >= static_cast<qsizetype>(g_path.size())) return;
    std::copy(path.begin(), path.end(), g_path.begin());
#ifndef ENKINET_REPORTS_ITSELF
    // The first call loads what it needs, which no signal may.
    std::array<void*, 4> frames{};
    ::backtrace(frames.data(), static_cast<int>(frames.size()));
    stack_t own{};
    own.ss_sp = g_stack.data(), own.ss_size = g_stack.size();
    ::sigaltstack(&own, nullptr);
    struct sigaction action {};
    action.sa_handler = onFault;
    action.sa_flags = static_cast<int>(SA_RESETHAND | SA_ONSTACK | SA_NODEFER);
    for (int signal : {SIGSEGV, SIGBUS, SIGFPE, SIGILL, SIGABRT})
        ::sigaction(signal, &action, nullptr);
    std::set_terminate(onTerminateHere);
#endif
}

void noteCrashStep(const QString& words) {
    const std::size_t at = g_step.load();
    const QByteArray text = words.left(60).toUtf8().left(static_cast<qsizetype>(kKeptLetters) - 1);
    auto& slot = g_steps[at % kKeptSteps];
    slot.fill(0);
    std::copy(text.begin(), text.end(), slot.begin());
    g_step.store(at + 1);
}

std::optional<QString> takeCrashReport(const QString& folder) {
    const QString path = folder + "/crash.txt";
    if (!QFileInfo::exists(path)) return {};
    const QString kept = folder + "/crash-" + QFileInfo(path).lastModified().toString("yyyyMMdd-HHmmss-zzz") + ".txt";
    QFile::remove(kept);
    return QFile::rename(path, kept) ? std::optional(kept) : std::nullopt;
}

} // namespace enkinet::app
