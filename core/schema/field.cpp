#include "schema/field.h"
#include "base/check.h"
#include "base/units.h"

namespace enkinet::schema {

std::optional<double> Access::number(const void*) const {
    ENKINET_ASSERT(!"a number");
    return {};
}
void Access::setNumber(void*, std::optional<double>) const { ENKINET_ASSERT(!"a number"); }
std::string Access::text(const void*) const {
    ENKINET_ASSERT(!"a text");
    return {};
}
bool Access::setText(void*, const std::string&) const {
    ENKINET_ASSERT(!"a text");
    return false;
}
std::vector<double> Access::numbers(const void*) const {
    ENKINET_ASSERT(!"numbers");
    return {};
}
void Access::setNumbers(void*, const std::vector<double>&) const { ENKINET_ASSERT(!"numbers"); }
std::vector<std::string> Access::texts(const void*) const {
    ENKINET_ASSERT(!"texts");
    return {};
}
bool Access::setTexts(void*, const std::vector<std::string>&) const {
    ENKINET_ASSERT(!"texts");
    return false;
}
std::size_t Access::size(const void*) const {
    ENKINET_ASSERT(!"a list");
    return 0;
}
const void* Access::item(const void*, std::size_t) const {
    ENKINET_ASSERT(!"a list");
    return nullptr;
}
void* Access::add(void*) const {
    ENKINET_ASSERT(!"a list");
    return nullptr;
}
void Access::append(void*, const void*, std::size_t) const { ENKINET_ASSERT(!"a list"); }
void Access::erase(void*, std::size_t) const { ENKINET_ASSERT(!"a list"); }

namespace {

template <class Change> Field changed(const Field& from, Change change) {
    Field f = from;
    change(f);
    return f;
}

} // namespace

Field Field::between(double low, double high) const {
    return changed(*this, [&](Field& f) { f.least = low, f.most = high; });
}
Field Field::above(double high) const {
    return changed(*this, [&](Field& f) { f.least = 0, f.most = high, f.isAbove = true; });
}
Field Field::upTo(std::size_t longest_) const {
    return changed(*this, [&](Field& f) { f.longest = longest_; });
}
Field Field::atLeast(std::size_t shortest_) const {
    return changed(*this, [&](Field& f) { f.shortest = shortest_; });
}
Field Field::needed() const {
    return changed(*this, [](Field& f) { f.isNeeded = f.isAlways = true; });
}
Field Field::apart() const {
    return changed(*this, [](Field& f) { f.isApart = true; });
}
Field Field::sorted(const char* word) const {
    return changed(*this, [&](Field& f) { f.sort = word; });
}
Field Field::of(const Table& (*other)()) const {
    return changed(*this, [&](Field& f) { f.table = other; });
}
Field Field::always() const {
    return changed(*this, [](Field& f) { f.isAlways = true; });
}
Field Field::per(double cores) const {
    return changed(*this, [&](Field& f) { f.divisor = cores; });
}
Field Field::fromOne() const {
    return changed(*this, [](Field& f) { f.shift = 1; });
}
Field Field::in(const char* group_) const {
    return changed(*this, [&](Field& f) { f.group = group_; });
}
Field Field::eachAs(const char* key_) const {
    return changed(*this, [&](Field& f) { f.each = key_; });
}
Field Field::implied(const char* by) const {
    return changed(*this, [&](Field& f) { f.impliedBy = by; });
}
Field Field::to(RefKind kind_, const char* withLimb, Loss loss_) const {
    return changed(*this, [&](Field& f) { f.refers = kind_, f.with = withLimb, f.loss = loss_; });
}
Field Field::about(const char* help_) const {
    return changed(*this, [&](Field& f) { f.help = help_; });
}
Field Field::formed(Phrase rule) const {
    return changed(*this, [&](Field& f) { f.form = std::move(rule); });
}

double Field::toFile(double core) const { return isAngle ? exactDegrees(core) : core / divisor + shift; }
double Field::toCore(double file) const { return isAngle ? degToRad(file) : (file - shift) * divisor; }

} // namespace enkinet::schema
