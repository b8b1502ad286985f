// The program of one target, by ENKINET_FUZZ.
#include <string>

namespace enkinet::fuzz {
void ENKINET_FUZZ(const std::string& bytes);
}

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    if (size <= 200000) enkinet::fuzz::ENKINET_FUZZ(std::string(reinterpret_cast<const char*>(data), size));
    return 0;
}
