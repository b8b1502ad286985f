#pragma once
// Plain values with many members are made, copied, compared and thrown away in one file each: elsewhere the compiler
// would write that code out again in every unit that only hands one on. Use: ENKINET_VALUE in the struct,
// ENKINET_VALUE_BODY in its namespace of its .cpp; ENKINET_COMPARED and ENKINET_COMPARED_BODY where it has an ==.

#define ENKINET_VALUE(Type)                                                                                            \
    Type();                                                                                                            \
    Type(const Type&);                                                                                                 \
    Type(Type&&) noexcept;                                                                                             \
    Type& operator=(const Type&);                                                                                      \
    Type& operator=(Type&&) noexcept;                                                                                  \
    ~Type();
#define ENKINET_VALUE_BODY(Type)                                                                                       \
    Type::Type() = default;                                                                                            \
    Type::Type(const Type&) = default;                                                                                 \
    Type::Type(Type&&) noexcept = default;                                                                             \
    Type& Type::operator=(const Type&) = default;                                                                      \
    Type& Type::operator=(Type&&) noexcept = default;                                                                  \
    Type::~Type() = default;
#define ENKINET_COMPARED(Type)                                                                                         \
    ENKINET_VALUE(Type)                                                                                                \
    friend bool operator==(const Type&, const Type&);
#define ENKINET_COMPARED_BODY(Type)                                                                                    \
    ENKINET_VALUE_BODY(Type)                                                                                           \
    bool operator==(const Type&, const Type&) = default;
