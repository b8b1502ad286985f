#pragma once
// What a pure function gave for the values that it was asked with last, kept by whoever asks: equal keys give the same
// value, so an answer with a memory equals one without. A key holds everything that the function reads, and the
// function is given the key alone; a field added to what it reads is part of the key by itself. Not shared between
// threads.
#include <algorithm>
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
        if (Entry* known = lookUp(m_slots, slot, key)) return ++m_hits, known->value;
        // What is asked for again is young again.
        if (Entry* known = lookUp(m_aged, slot, key)) {
            ++m_hits;
            Entry again = std::move(*known);
            auto& left = m_aged[slot];
            left.erase(left.begin());
            return keep(slot, std::move(again));
        }
        ++m_misses;
        Entry fresh{std::move(key), nullptr};
        fresh.value = std::make_shared<const Value>(make(static_cast<const Key&>(fresh.key)));
        return keep(slot, std::move(fresh));
    }
    /// A new round of questions begins: what this many answers were given before grows old, and what was old by then is
    /// let go. However many one round asks for, the next finds them.
    void turn(std::size_t few) {
        if (m_count >= few) ageAll();
    }
    /// Answers kept a slot, and over all slots: at half the limit a turn comes by itself.
    explicit Node(std::size_t most = 4, std::size_t limit = 20000) : m_most(most), m_limit(limit) {}
    std::size_t hits() const { return m_hits; }
    std::size_t misses() const { return m_misses; }

private:
    struct Entry {
        Key key;
        Kept value;
    };
    using Slots = std::map<std::uint64_t, std::vector<Entry>>;

    /// Stands first afterwards, as the one used last.
    static Entry* lookUp(Slots& among, std::uint64_t slot, const Key& key) {
        const auto at = among.find(slot);
        if (at == among.end()) return nullptr;
        auto& entries = at->second;
        const auto found = std::find_if(entries.begin(), entries.end(), [&](const Entry& e) { return e.key == key; });
        if (found == entries.end()) return nullptr;
        std::rotate(entries.begin(), found, found + 1);
        return &entries.front();
    }
    void ageAll() { m_aged = std::exchange(m_slots, {}), m_count = 0; }
    const Kept& keep(std::uint64_t slot, Entry entry) {
        if (m_count >= (m_limit + 1) / 2) ageAll();
        auto& entries = m_slots[slot];
        if (entries.size() >= m_most)
            entries.pop_back();
        else
            ++m_count;
        return entries.insert(entries.begin(), std::move(entry))->value;
    }

    std::size_t m_most, m_limit, m_count = 0, m_hits = 0, m_misses = 0;
    Slots m_slots, m_aged;
};

/// A value from a step upstream as part of a key: the same pointer is equal at once, another is compared in depth.
template <class Value> struct SharedValue {
    std::shared_ptr<const Value> value;
    const Value& operator*() const { return *value; }
    const Value* operator->() const { return value.get(); }
    friend bool operator==(const SharedValue& a, const SharedValue& b) {
        return a.value == b.value || (a.value && b.value && *a.value == *b.value);
    }
};

} // namespace enkinet
