#pragma once
// Things on the body in a file: one table of fields a struct serves reading and writing alike.
#include "body/things.h"
#include "files/reader.h"

namespace enkinet::files {

body::Things readThings(Reader& r);
/// Writes what is there; an old file's puppet without things gets no key.
void addThings(Json& puppet, const body::Things& things);

} // namespace enkinet::files
