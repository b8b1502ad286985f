#pragma once
// Bytes that many copies of a document share: copying costs a pointer, comparing looks at the bytes only when it must.
#include <memory>
#include <string>

namespace enkinet {

class Bytes {
public:
    Bytes() = default;
    Bytes(std::string bytes) : m_bytes(std::make_shared<const std::string>(std::move(bytes))) {}
    const std::string& get() const {
        static const std::string kNone;
        return m_bytes ? *m_bytes : kNone;
    }
    friend bool operator==(const Bytes& a, const Bytes& b) { return a.m_bytes == b.m_bytes || a.get() == b.get(); }

private:
    std::shared_ptr<const std::string> m_bytes;
};

} // namespace enkinet
