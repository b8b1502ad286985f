#pragma once
// What a field of a plain struct is: its key in files, its name, what it measures, its limits, what it refers to, and
// how it is reached whatever its type. A table of fields (table.h) is all that files, limits, undo, removal and
// documentation know about a struct: a field that stands in its table is known to all of them.
#include "base/quantity.h"
#include "schema/enum.h"
#include "schema/ref.h"
#include <limits>
#include <optional>
#include <string>
#include <type_traits>
#include <utility>
#include <vector>

namespace enkinet::schema {

class Table;

enum class Kind {
    number,
    whole,
    flag,
    word, ///< of a kind with a list of words
    text,
    numbers,
    texts,
    object, ///< of a table; none or one
    list    ///< of objects
};

/// Reaches one member of a struct that is handed over as its address. What a kind has no use for aborts.
class Access {
public:
    /// Numbers, whole numbers, flags (0 or 1) and words (the value's number); none: an optional that is not set.
    virtual std::optional<double> number(const void* of) const;
    virtual void setNumber(void* of, std::optional<double> value) const;
    virtual std::string text(const void* of) const;
    /// False for what is no such text; the value stays what it was then.
    virtual bool setText(void* of, const std::string& text) const;
    virtual std::vector<double> numbers(const void* of) const;
    virtual void setNumbers(void* of, const std::vector<double>& values) const;
    virtual std::vector<std::string> texts(const void* of) const;
    virtual bool setTexts(void* of, const std::vector<std::string>& values) const;
    /// Of an object 0 or 1; of numbers and texts their count.
    virtual std::size_t size(const void* of) const;
    virtual const void* item(const void* of, std::size_t i) const;
    /// One more at the end; an object that is there is handed out as it is.
    virtual void* add(void* of) const;
    /// A copy of one item of another list of the kind, at the end.
    virtual void append(void* to, const void* from, std::size_t i) const;
    virtual void erase(void* of, std::size_t i) const;
    virtual bool same(const void* a, const void* b) const = 0;
    virtual void copy(void* to, const void* from) const = 0;
    /// True where there may be none: an optional.
    virtual bool isOptional() const { return false; }

    void* item(void* of, std::size_t i) const { return const_cast<void*>(item(static_cast<const void*>(of), i)); }

protected:
    ~Access() = default;
};

namespace detail {
template <class Test> struct TestOf : TestOf<decltype(&Test::operator())> {};
template <class T> struct TestOf<bool (*)(const T&)> { using type = T; };
template <class Test, class T> struct TestOf<bool (Test::*)(const T&) const> { using type = T; };
} // namespace detail

/// What becomes of whoever refers to something that is taken away.
enum class Loss {
    clear, ///< the reference alone goes
    drop   ///< the item of a list, or the object, that holds it
};

struct Field {
    const char* key = "";
    Phrase name{}; ///< "gap": in refusals and forms
    Kind kind = Kind::number;
    Dimension dimension = Dimension::none;
    const Access* access = nullptr;
    const Table& (*table)() = nullptr; ///< of an object or of a list's items
    const Words* words = nullptr;      ///< of a word
    const char* help = "";             ///< what it is, for docs/file-format.md
    Phrase form{};                     ///< the rule that a text of its own form follows
    double least = -std::numeric_limits<double>::infinity();
    double most = std::numeric_limits<double>::infinity();
    bool isAbove = false;      ///< must lie above least, not at it
    std::size_t longest = 200; ///< letters of a text, entries of a list
    std::size_t shortest = 0;
    bool isNeeded = false; ///< a file without it is refused
    bool isAlways = false; ///< written though it is as usual
    bool isId = false;
    const char* sort = nullptr;      ///< of a list that shares its key with another: the word in their "kind"
    bool isApart = false;            ///< a world of its own: limits and references within are its own affair
    bool isElseId = false;           ///< a name: the id where a file has none
    const char* impliedBy = nullptr; ///< not in files: true where this other key is there
    const char* each = nullptr;      ///< of numbers and texts: in files each stands in an object of its own
    const char* group = nullptr;     ///< fields of one group are changed by one hand and are one in undo
    double divisor = 1, shift = 0;   ///< file = core / divisor + shift
    bool isAngle = false;            ///< rad in the core, degrees in files
    RefKind refers = RefKind::none;
    const char* with = nullptr; ///< of a joint or segment: the field beside it that names the limb
    Loss loss = Loss::drop;
    bool (*when)(const void* of) = nullptr; ///< where it has a meaning; elsewhere it is as usual and not written

    Field between(double low, double high) const;
    /// Above 0 and at most so much.
    Field above(double high) const;
    /// Entries of a list, or letters of a text.
    Field upTo(std::size_t most) const;
    Field atLeast(std::size_t least) const;
    Field needed() const;
    Field apart() const;
    /// Shares its key with another list; each item says which it is of by "kind".
    Field sorted(const char* word) const;
    /// With a table other than its type's.
    Field of(const Table& (*other)()) const;
    Field always() const;
    /// In files so many of the core's make one: 1000 where the core has MPa and files GPa.
    Field per(double cores) const;
    Field fromOne() const;
    Field in(const char* group) const;
    Field eachAs(const char* key) const;
    Field implied(const char* by) const;
    Field to(RefKind kind, const char* withLimb = nullptr, Loss loss = Loss::drop) const;
    Field about(const char* help) const;
    /// What a text that cannot be taken breaks: "must be a day such as 2026-12-21".
    Field formed(Phrase rule) const;
    /// Where the struct says so: `.where<[](const Joint& j) { return j.posed; }>()`.
    template <auto Test> Field where() const {
        Field f = *this;
        f.when = [](const void* of) {
            return Test(*static_cast<const typename detail::TestOf<decltype(Test)>::type*>(of));
        };
        return f;
    }

    double toFile(double core) const;
    double toCore(double file) const;
    bool isLimited() const {
        return least > -std::numeric_limits<double>::infinity() || most < std::numeric_limits<double>::infinity();
    }
    bool hasMeaning(const void* of) const { return !when || when(of); }
};

namespace detail {

template <class> struct OwnerOf;
template <class Owner, class Member> struct OwnerOf<Member Owner::*> { using type = Owner; };

/// The member at the end of a path of members: <&Mass::at_mm, &Vec3::x>.
template <auto First, auto... Rest> struct Path {
    using Owner = typename OwnerOf<decltype(First)>::type;
    static auto& at(void* of) { return ((static_cast<Owner*>(of)->*First).*....*Rest); }
    static const auto& at(const void* of) { return ((static_cast<const Owner*>(of)->*First).*....*Rest); }
    using Value = std::remove_cvref_t<decltype(at(std::declval<const void*>()))>;
};

template <class> inline constexpr bool isOptional = false;
template <class T> inline constexpr bool isOptional<std::optional<T>> = true;
template <class T>
concept List = !std::is_same_v<T, std::string> && requires(T & t) {
    t.begin();
    t.emplace_back();
};
template <class T> struct BareOf { using type = T; };
template <class T> struct BareOf<std::optional<T>> { using type = T; };
/// What an optional may hold; anything else is itself.
template <class T> using Bare = typename BareOf<T>::type;
template <class T> inline constexpr bool isScalar = std::is_arithmetic_v<Bare<T>> || std::is_enum_v<Bare<T>>;

template <class P> class Reach : public Access {
    using Value = typename P::Value;

public:
    bool same(const void* a, const void* b) const final { return P::at(a) == P::at(b); }
    void copy(void* to, const void* from) const final { P::at(to) = P::at(from); }
    bool isOptional() const final { return detail::isOptional<Value>; }

protected:
    ~Reach() = default;
};

template <class P> class Scalar final : public Reach<P> {
    using Value = typename P::Value;

public:
    std::optional<double> number(const void* of) const final {
        if constexpr (isOptional<Value>)
            return P::at(of) ? std::optional<double>(static_cast<double>(*P::at(of))) : std::nullopt;
        else
            return static_cast<double>(P::at(of));
    }
    void setNumber(void* of, std::optional<double> v) const final {
        using T = Bare<Value>;
        if (v) {
            if constexpr (std::is_enum_v<T>)
                P::at(of) = static_cast<T>(static_cast<int>(*v));
            else
                P::at(of) = static_cast<T>(*v);
        } else if constexpr (isOptional<Value>) {
            P::at(of).reset();
        }
    }
};

template <class P> class Text final : public Reach<P> {
public:
    std::string text(const void* of) const final { return P::at(of); }
    bool setText(void* of, const std::string& text) const final {
        P::at(of) = text;
        return true;
    }
};

/// A value that stands in files as a text: a day, a time. Code has text(value) and parse(text), which may find nothing.
template <class P, class Code> class Coded final : public Reach<P> {
    using Value = typename P::Value;

public:
    std::string text(const void* of) const final {
        if constexpr (isOptional<Value>)
            return P::at(of) ? Code::text(*P::at(of)) : std::string();
        else
            return Code::text(P::at(of));
    }
    bool setText(void* of, const std::string& text) const final {
        if (isOptional<Value> && text.empty()) {
            P::at(of) = Value{};
            return true;
        }
        const auto value = Code::parse(text);
        if (value) P::at(of) = *value;
        return value.has_value();
    }
};

template <class P> class Numbers final : public Reach<P> {
public:
    std::vector<double> numbers(const void* of) const final { return P::at(of); }
    void setNumbers(void* of, const std::vector<double>& values) const final { P::at(of) = values; }
    std::size_t size(const void* of) const final { return P::at(of).size(); }
};

template <class P> class Texts final : public Reach<P> {
public:
    std::vector<std::string> texts(const void* of) const final { return P::at(of); }
    bool setTexts(void* of, const std::vector<std::string>& values) const final {
        P::at(of) = values;
        return true;
    }
    std::size_t size(const void* of) const final { return P::at(of).size(); }
};

template <class P> class Object final : public Reach<P> {
    using Value = typename P::Value;

public:
    std::size_t size(const void* of) const final {
        if constexpr (isOptional<Value>)
            return P::at(of) ? 1 : 0;
        else
            return 1;
    }
    const void* item(const void* of, std::size_t) const final {
        if constexpr (isOptional<Value>)
            return P::at(of) ? &*P::at(of) : nullptr;
        else
            return &P::at(of);
    }
    void* add(void* of) const final {
        if constexpr (isOptional<Value>) {
            if (!P::at(of)) P::at(of).emplace();
            return &*P::at(of);
        } else {
            return &P::at(of);
        }
    }
    void erase(void* of, std::size_t) const final { P::at(of) = Value{}; }
};

template <class P> class ListOf final : public Reach<P> {
public:
    std::size_t size(const void* of) const final { return P::at(of).size(); }
    const void* item(const void* of, std::size_t i) const final { return &P::at(of)[i]; }
    void* add(void* of) const final {
        P::at(of).emplace_back();
        return &P::at(of).back();
    }
    void append(void* to, const void* from, std::size_t i) const final { P::at(to).push_back(P::at(from)[i]); }
    void erase(void* of, std::size_t i) const final {
        auto& list = P::at(of);
        list.erase(list.begin() + static_cast<std::ptrdiff_t>(i));
    }
};

template <class T> constexpr Kind kindOf() {
    using B = Bare<T>;
    if constexpr (std::is_same_v<B, bool>)
        return Kind::flag;
    else if constexpr (std::is_enum_v<B>)
        return Kind::word;
    else if constexpr (std::is_same_v<B, int>)
        return Kind::whole;
    else if constexpr (std::is_same_v<B, double>)
        return Kind::number;
    else if constexpr (std::is_same_v<B, std::string>)
        return Kind::text;
    else if constexpr (std::is_same_v<B, std::vector<double>>)
        return Kind::numbers;
    else if constexpr (std::is_same_v<B, std::vector<std::string>>)
        return Kind::texts;
    else if constexpr (List<B>)
        return Kind::list;
    else
        return Kind::object;
}

template <class T> const Table& tableOf() { return described(static_cast<const T*>(nullptr)); }

template <class P> const Access* accessOf() {
    constexpr Kind kind = kindOf<typename P::Value>();
    if constexpr (isScalar<typename P::Value>) {
        static const Scalar<P> access;
        return &access;
    } else if constexpr (kind == Kind::text) {
        static const Text<P> access;
        return &access;
    } else if constexpr (kind == Kind::numbers) {
        static const Numbers<P> access;
        return &access;
    } else if constexpr (kind == Kind::texts) {
        static const Texts<P> access;
        return &access;
    } else if constexpr (kind == Kind::list) {
        static const ListOf<P> access;
        return &access;
    } else {
        static const Object<P> access;
        return &access;
    }
}

} // namespace detail

/// A field for the member at the end of a path, of the kind that its type says. What is named by words finds its list,
/// what has a table its table, by the type.
template <auto... Members> Field field(const char* key, Phrase name, Dimension dimension = Dimension::none) {
    using P = detail::Path<Members...>;
    using Value = detail::Bare<typename P::Value>;
    constexpr Kind kind = detail::kindOf<typename P::Value>();
    Field f;
    f.key = key, f.name = std::move(name), f.kind = kind, f.dimension = dimension, f.access = detail::accessOf<P>();
    if constexpr (kind == Kind::word) f.words = &wordsOf(Value{});
    if constexpr (kind == Kind::object) f.table = detail::tableOf<Value>;
    if constexpr (kind == Kind::list) f.table = detail::tableOf<typename Value::value_type>;
    return f;
}

/// The id of a struct, and its name where it has one.
template <auto Member> Field idField() {
    Field f = field<Member>("id", words("id")).needed();
    f.isId = true;
    return f;
}
template <auto Member> Field nameField() {
    Field f = field<Member>("name", words("name")).always();
    f.isElseId = true;
    return f;
}

template <auto Member> Field noteField() { return field<Member>("note", words("note")).upTo(20000); }
/// "#rrggbb", or nothing.
template <auto Member> Field colourField() {
    return field<Member>("colour", words("colour")).upTo(100).about("#rrggbb");
}

/// A value with a text of its own in files, by the code's text() and parse().
template <class Code, auto... Members> Field coded(const char* key, Phrase name) {
    using P = detail::Path<Members...>;
    static const detail::Coded<P, Code> access;
    Field f;
    f.key = key, f.name = std::move(name), f.kind = Kind::text, f.access = &access;
    return f;
}

namespace detail {
/// Fields of a struct that stand in an object of their own in files.
template <const Table& (*Inner)()> class Part final : public Access {
public:
    std::size_t size(const void*) const final { return 1; }
    const void* item(const void* of, std::size_t) const final { return of; }
    void* add(void* of) const final { return of; }
    void erase(void* of, std::size_t) const final;
    bool same(const void* a, const void* b) const final;
    void copy(void* to, const void* from) const final;
};
bool sameFields(const Table& table, const void* a, const void* b);
void copyFields(const Table& table, void* to, const void* from);
const void* usualOf(const Table& table);
template <const Table& (*Inner)()> void Part<Inner>::erase(void* of, std::size_t) const {
    copyFields(Inner(), of, usualOf(Inner()));
}
template <const Table& (*Inner)()> bool Part<Inner>::same(const void* a, const void* b) const {
    return sameFields(Inner(), a, b);
}
template <const Table& (*Inner)()> void Part<Inner>::copy(void* to, const void* from) const {
    copyFields(Inner(), to, from);
}
} // namespace detail

/// Some fields of the struct itself, which files have in an object of its own.
template <const Table& (*Inner)()> Field part(const char* key, Phrase name) {
    static const detail::Part<Inner> access;
    Field f;
    f.key = key, f.name = std::move(name), f.kind = Kind::object, f.access = &access, f.table = Inner;
    return f;
}

/// An angle: rad in the core, degrees in files, in limits and in what is said.
template <auto... Members> Field angle(const char* key, Phrase name) {
    Field f = field<Members...>(key, std::move(name), Dimension::angle);
    f.isAngle = true;
    return f;
}

} // namespace enkinet::schema
