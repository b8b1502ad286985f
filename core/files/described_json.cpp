#include "files/described_json.h"
#include <algorithm>

namespace enkinet::files {

using schema::Field;
using schema::Kind;
using schema::Table;

namespace {

void readNumber(Reader& r, const Field& f, void* of) {
    if (f.isNeeded && !r.has(f.key)) return r.fail(std::string(f.key), words("is missing"));
    if (const std::optional<double> v =
            f.kind == Kind::whole ? std::optional<double>(r.maybeWhole(f.key)) : r.maybeNumber(f.key))
        f.access->setNumber(of, f.toCore(*v));
}

void readText(Reader& r, const Field& f, void* of) {
    const std::string text = f.isNeeded ? r.neededText(f.key) : r.text(f.key, {});
    if (r.has(f.key) && !f.access->setText(of, text))
        r.fail(words("%1 \"%2\"", std::string(f.key), text.substr(0, 40)), f.form);
}

void readWord(Reader& r, const Field& f, void* of) {
    const std::string word = r.text(f.key, {});
    if (word.empty()) return;
    if (const auto value = f.words->find(word))
        f.access->setNumber(of, *value);
    else
        r.fail(words("%1 \"%2\"", std::string(f.key), word.substr(0, 40)), words("must be one of %1", f.words->all()));
}

void readNumbers(Reader& r, const Field& f, void* of) {
    std::vector<double> all;
    if (f.each)
        r.each(f.key, f.longest, f.name, [&](Reader& x) { all.push_back(x.neededNumber(f.each)); });
    else
        all = r.numbers(f.key, f.longest);
    for (double& v : all)
        v = f.toCore(v);
    f.access->setNumbers(of, std::move(all));
}

void readTexts(Reader& r, const Field& f, void* of) {
    std::vector<std::string> all;
    if (f.each)
        r.each(f.key, f.longest, f.name, [&](Reader& x) { all.push_back(x.neededText(f.each)); });
    else
        all = r.texts(f.key, f.longest);
    if (!f.access->setTexts(of, std::move(all))) r.fail(std::string(f.key), f.form);
}

/// Which list of several an item is of; empty where it does not say.
std::string sortOf(const Json& item) {
    const auto kind = item.is_object() ? item.find("kind") : item.end();
    return item.is_object() && kind != item.end() && kind->is_string() ? kind->get<std::string>() : std::string();
}
/// The words of the lists that share a key, "bend, hang".
std::string sortsOf(const Table& table, const Field& f) {
    std::string all;
    for (const Field& other : table.fields)
        if (other.sort && std::string(other.key) == f.key) all += (all.empty() ? "" : ", ") + std::string(other.sort);
    return all;
}
/// The first of the lists that share a key takes what does not say, and refuses what says something else.
bool isMine(const Table& table, const Field& f, const Json& item) {
    const std::string sort = sortOf(item);
    if (sort == f.sort) return true;
    return table.find(f.key) == &f && std::none_of(table.fields.begin(), table.fields.end(), [&](const Field& other) {
               return other.sort && std::string(other.key) == f.key && sort == other.sort;
           });
}

void readField(Reader& r, const Table& table, const Field& f, void* of) {
    switch (f.kind) {
    case Kind::number:
    case Kind::whole:
        return readNumber(r, f, of);
    case Kind::flag:
        if (f.impliedBy)
            f.access->setNumber(of, r.has(f.impliedBy));
        else
            f.access->setNumber(of, r.flag(f.key, f.access->number(of).value_or(0) != 0));
        return;
    case Kind::word:
        return readWord(r, f, of);
    case Kind::text:
        return readText(r, f, of);
    case Kind::numbers:
        return readNumbers(r, f, of);
    case Kind::texts:
        return readTexts(r, f, of);
    case Kind::object:
        if (f.key[0] == '\0') return readFields(r, f.table(), f.access->add(of));
        return r.object(f.key, [&](Reader& x) { readFields(x, f.table(), f.access->add(of)); });
    case Kind::list:
        return r.each(
            f.key, f.longest, f.table().one, [&](const Json& j) { return !f.sort || isMine(table, f, j); },
            [&](Reader& x) {
                if (const std::string sort = f.sort ? x.text("kind", f.sort) : ""; f.sort && sort != f.sort)
                    return x.fail(words("kind \"%1\"", sort.substr(0, 40)),
                                  words("must be one of %1", sortsOf(table, f)));
                readFields(x, f.table(), f.access->add(of));
            });
    }
}

void addField(Json& into, const Field& f, const void* of) {
    const auto put = [&](Json value) { into[f.key] = std::move(value); };
    switch (f.kind) {
    case Kind::number:
        if (const auto v = f.access->number(of)) put(f.toFile(*v));
        return;
    case Kind::whole:
        if (const auto v = f.access->number(of)) put(static_cast<int>(f.toFile(*v)));
        return;
    case Kind::flag:
        if (const auto v = f.access->number(of)) put(*v != 0);
        return;
    case Kind::word:
        if (const auto v = f.access->number(of)) put(f.words->word(static_cast<int>(*v)));
        return;
    case Kind::text:
        return put(f.access->text(of));
    case Kind::numbers:
        put(Json::array());
        for (double v : f.access->numbers(of))
            into[f.key].push_back(f.each ? Json{{f.each, f.toFile(v)}} : Json(f.toFile(v)));
        return;
    case Kind::texts:
        put(Json::array());
        for (const std::string& v : f.access->texts(of))
            into[f.key].push_back(f.each ? Json{{f.each, v}} : Json(v));
        return;
    case Kind::object:
        if (f.access->size(of) == 0) return;
        if (f.key[0] == '\0') return addFields(into, f.table(), f.access->item(of, 0));
        if (Json j = fieldsJson(f.table(), f.access->item(of, 0)); !j.empty() || f.access->isOptional())
            put(std::move(j));
        return;
    case Kind::list:
        listIn(into, f.key);
        for (std::size_t i = 0; i < f.access->size(of); ++i) {
            Json item = fieldsJson(f.table(), f.access->item(of, i));
            if (f.sort) item["kind"] = f.sort;
            into[f.key].push_back(std::move(item));
        }
        return;
    }
}

} // namespace

void readFields(Reader& r, const Table& table, void* of) {
    for (const Field& f : table.fields)
        readField(r, table, f, of);
    for (const Field& f : table.fields) {
        if (f.isElseId && f.access->text(of).empty()) f.access->setText(of, table.id()->access->text(of));
        if (!f.hasMeaning(of)) f.access->copy(of, table.usual);
    }
    if (table.settle) table.settle(of);
    if (table.extras) *table.extras(of) = r.extras();
}

void addFields(Json& into, const Table& table, const void* of) {
    for (const Field& f : table.fields)
        if (!f.impliedBy && f.hasMeaning(of) && (f.isAlways || !f.access->same(of, table.usual))) addField(into, f, of);
    // Written as they were read: a table hands out what may be changed.
    if (table.extras)
        for (const auto& [key, text] : *table.extras(const_cast<void*>(of)))
            into[key] = Json::parse(text);
}

Json fieldsJson(const Table& table, const void* of) {
    Json j = Json::object();
    addFields(j, table, of);
    return j;
}

} // namespace enkinet::files
