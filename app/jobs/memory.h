#pragma once
// How the program's memory is kept over a month at one desk.

namespace enkinet::app {

/// Large pieces come from the system and go back to it at once, and threads share their stores, so that small pieces
/// that stay do not come to lie between large ones that go. Called once, before anything is made.
void keepMemoryTogether();

} // namespace enkinet::app
