#pragma once
// The end of the session from outside: a log-out or a shut-down asks the program to go by a signal. What is said here
// is done first, on the window's thread.
#include <functional>

namespace enkinet::app {

/// Called once, when SIGTERM, SIGINT or SIGHUP has come; the program then ends by itself.
void onTerminate(std::function<void()> first);

} // namespace enkinet::app
