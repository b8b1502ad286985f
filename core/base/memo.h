#pragma once
// What a pure function gave for the values that it was asked with last, kept by whoever asks: equal keys give the same
// value, so an answer with a memory equals one without. A key holds everything that the function reads, and the
// function is given the key alone; a field added to what it reads is part of the key by itself. Not shared between
// threads.
#include <cstdint>
#include <map>
#include <memory>
#include <utility>
#include <vector>

namespace enkinet {

/// Key must have ==. Values are handed on as shared pointers: where a step upstream comes out equal, the pointer stays
/// the same, and what hangs on it needs no comparison in depth.
template <class Key, class Value> class Node {
public:
    using Kept = std::shared_ptr<const Value>;

    /// The value for a key; make(key) works it out when it is not among those kept. slot says where to look first (a
    /// limb's number, say): it changes what is found at once, never the answer.
    template <class Make> Kept find(std::uint64_t slot, Key key, Make make) {
        auto& entries = m_slots[slot];
        for (std::size_t i = 0; i < entries.size(); ++i)
            if (entries[i].key == key) {
                ++m_hits;
                // The one used last stands first.
                for (; i > 0; --i)
                    std::swap(entries[i], entries[i - 1]);
                return entries.front().value;
            }
        ++m_misses;
        Entry fresh{std::move(key), nullptr};
        auto value = std::make_shared<const Value>(make(static_cast<const Key&>(fresh.key)));
        fresh.value = value;
        if (entries.size() >= m_most) entries.pop_back(), --m_count;
        if (++m_count > m_limit) {
            m_slots.clear();
            m_count = 1;
            m_slots[slot].push_back(std::move(fresh));
            return value;
        }
        entries.insert(entries.begin(), std::move(fresh));
        return value;
    }
    /// Answers kept a slot; beyond the limit over all slots everything is let go.
    explicit Node(std::size_t most = 4, std::size_t limit = 20000) : m_most(most), m_limit(limit) {}
    std::size_t hits() const { return m_hits; }
    std::size_t misses() const { return m_misses; }

private:
    struct Entry {
        Key key;
        Kept value;
    };
    std::size_t m_most, m_limit, m_count = 0, m_hits = 0, m_misses = 0;
    std::map<std::uint64_t, std::vector<Entry>> m_slots;
};

/// A value from a step upstream as part of a key: the same pointer is equal at once, another is compared in depth.
template <class Value> struct Same {
    std::shared_ptr<const Value> value;
    const Value& operator*() const { return *value; }
    const Value* operator->() const { return value.get(); }
    friend bool operator==(const Same& a, const Same& b) {
        return a.value == b.value || (a.value && b.value && *a.value == *b.value);
    }
};

} // namespace enkinet
