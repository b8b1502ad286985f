#include "jobs/terminate.h"
#include <QCoreApplication>
#include <QSocketNotifier>
#include <csignal>
#include <fcntl.h>
#include <unistd.h>
#include <utility>

namespace enkinet::app {

namespace {

int g_pipe[2] = {-1, -1};

/// Nothing but a byte: what else may be done in a signal is next to nothing.
void onSignal(int) {
    const char byte = 1;
    [[maybe_unused]] const auto n = ::write(g_pipe[1], &byte, 1);
}

} // namespace

void onTerminate(std::function<void()> first) {
    if (g_pipe[0] >= 0 || ::pipe2(g_pipe, O_CLOEXEC) != 0) return;
    auto* heard = new QSocketNotifier(g_pipe[0], QSocketNotifier::Read, QCoreApplication::instance());
    QObject::connect(heard, &QSocketNotifier::activated, heard, [heard, first = std::move(first)] {
        heard->setEnabled(false);
        first();
        QCoreApplication::exit(0);
    });
    struct sigaction action {};
    action.sa_handler = onSignal;
    action.sa_flags = SA_RESTART;
    for (int signal : {SIGTERM, SIGINT, SIGHUP})
        ::sigaction(signal, &action, nullptr);
}

} // namespace enkinet::app
