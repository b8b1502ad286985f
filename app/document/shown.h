#pragma once
// One puppet of one production and the report that was worked out of it, kept together. Whoever paints later, or waits
// for an answer, keeps one of these and reads everything from it: it never indexes the lists of another revision or of
// another puppet, and on an empty bench there is none to be had.
#include "document/production.h"
#include "results/report.h"
#include <memory>
#include <utility>

namespace enkinet::app {

class Document;

class Shown {
public:
    using Value = std::shared_ptr<const document::Production>;

    const Value& value() const { return m_value; }
    const document::Production& production() const { return *m_value; }
    int puppetIndex() const { return m_puppet; }
    const body::Puppet& puppet() const { return m_value->puppets[static_cast<std::size_t>(m_puppet)]; }
    const results::Report& report() const { return *m_report; }
    /// True while the document still shows this puppet of this very value; the report may have become a better one.
    bool isNow(const Document& document) const;
    /// The document shows this puppet, though perhaps another value of it: what is done by ids may go on, as a drag.
    bool isSamePuppet(const Document& document) const;
    /// Of the same value and puppet.
    friend bool operator==(const Shown& a, const Shown& b) {
        return a.m_value == b.m_value && a.m_puppet == b.m_puppet;
    }

private:
    friend class Document; // the only one that makes them, where it has a puppet
    Shown(Value value, int puppet, std::shared_ptr<const results::Report> report)
        : m_value(std::move(value)), m_puppet(puppet), m_report(std::move(report)) {}
    Value m_value;
    int m_puppet;
    std::shared_ptr<const results::Report> m_report;
};

/// What a job answers, with what it was asked of: to be had with that, or not at all.
template <class T> class Answer {
public:
    Answer(Shown of, T answer) : m_of(std::move(of)), m_answer(std::move(answer)) {}
    /// Null where the document has moved on.
    const T* of(const Document& now) const { return m_of.isNow(now) ? &m_answer : nullptr; }

private:
    Shown m_of;
    T m_answer;
};

} // namespace enkinet::app
