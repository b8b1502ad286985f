#pragma once
// Makes the n-th call of a kind fail, for whatever the program under test does meanwhile: calls of the system by
// standing before the library's own, allocations by standing before new. Included once in an executable.
#include <atomic>
#include <cerrno>
#include <cstdio>
#include <cstdlib>
#include <dlfcn.h>
#include <fcntl.h>
#include <new>
#include <sys/types.h>
#include <unistd.h>

namespace enkinet::test {

enum class Call { none, open, read, write, sync, rename, allocate };

/// While it lives, the n-th call of its kind on this thread fails, n from 1; counts how many there were.
class Failing {
public:
    Failing(Call kind, long n) { s_kind = kind, s_left = n, s_calls = 0; }
    ~Failing() { s_kind = Call::none; }
    Failing(const Failing&) = delete;
    Failing& operator=(const Failing&) = delete;
    long calls() const { return s_calls; }
    /// True when the n-th came.
    bool reached() const { return s_left <= 0; }
    static bool isDue(Call kind) {
        if (s_kind != kind) return false;
        ++s_calls;
        return --s_left == 0;
    }

private:
    static inline thread_local Call s_kind = Call::none;
    static inline thread_local long s_left = 0, s_calls = 0;
};

template <class Function> Function realOf(const char* name) {
    return reinterpret_cast<Function>(::dlsym(RTLD_NEXT, name));
}

} // namespace enkinet::test

extern "C" {
ssize_t write(int fd, const void* bytes, size_t n) {
    static const auto real = enkinet::test::realOf<ssize_t (*)(int, const void*, size_t)>("write");
    if (enkinet::test::Failing::isDue(enkinet::test::Call::write)) return errno = ENOSPC, -1;
    return real(fd, bytes, n);
}
int fsync(int fd) {
    static const auto real = enkinet::test::realOf<int (*)(int)>("fsync");
    if (enkinet::test::Failing::isDue(enkinet::test::Call::sync)) return errno = EIO, -1;
    return real(fd);
}
int rename(const char* from, const char* to) {
    static const auto real = enkinet::test::realOf<int (*)(const char*, const char*)>("rename");
    if (enkinet::test::Failing::isDue(enkinet::test::Call::rename)) return errno = EACCES, -1;
    return real(from, to);
}
size_t fread(void* into, size_t size, size_t n, FILE* file) {
    static const auto real = enkinet::test::realOf<size_t (*)(void*, size_t, size_t, FILE*)>("fread");
    if (enkinet::test::Failing::isDue(enkinet::test::Call::read)) {
        // As a disk does that has gone: the stream stands in error.
        const int fd = ::fileno(file);
        const int gone = ::open("/", O_RDONLY | O_DIRECTORY);
        if (gone >= 0) ::dup2(gone, fd), ::close(gone);
    }
    return real(into, size, n, file);
}
}
