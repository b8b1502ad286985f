#pragma once
// What a photograph says beside its picture: where and when it was taken, by whom, with what, under which name. A
// production is passed on, and none of that goes with it.
#include <string>

namespace enkinet::document {

/// The same picture without any of it: of a JPEG all application segments but the frame's own (JFIF), its colours (ICC,
/// Adobe) and which way up it is; comments; of a PNG text, time and camera data. Everything else, also what cannot be
/// read, stays as it is. JPEG: ITU T.81 annex B; EXIF: CIPA DC-008, orientation is tag 0x0112; PNG: ISO/IEC 15948.
std::string withoutOrigin(const std::string& bytes);

} // namespace enkinet::document
