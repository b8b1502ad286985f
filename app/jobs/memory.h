#pragma once
// How the program's memory is kept over a month at one desk.

namespace enkinet::app {

/// Large pieces come from the system and go back to it at once, and threads share their stores: what a desk takes after
/// a hundred thousand edits is what it took after the first. Called once, before anything is made.
void keepMemoryTogether();

} // namespace enkinet::app
