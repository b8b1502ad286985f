#include "base/rules.h"
#include "base/text.h"

namespace enkinet {

std::optional<Fault> findBeyond(const Phrase& place, std::initializer_list<Limit> limits) {
    for (const Limit& l : limits)
        if (!(l.value >= l.low && l.value <= l.high))
            return Fault{
                place, words("%1 %2", l.name, quantity(l.value, l.dimension)),
                words("must lie between %1 and %2", withoutUnit(l.low, l.dimension), quantity(l.high, l.dimension))};
    return {};
}

Fault badId(const Phrase& place, const std::string& id) {
    return {place, words("id \"%1\"", id.substr(0, 70)), words("must be letters, digits, dot or dash")};
}

void Rules::between(const Phrase& place, const Phrase& what, double v, double low, double high, Dimension dimension) {
    if (!fault && !(v >= low && v <= high)) fault = findBeyond(place, {{what, v, low, high, dimension}});
}

void Rules::above(const Phrase& place, const Phrase& what, double v, double high, Dimension dimension) {
    if (fault) return;
    if (!(v > 0))
        fault = Fault{place, words("%1 %2", what, quantity(v, dimension)), words("must be above 0")};
    else
        between(place, what, v, 0, high, dimension);
}

void Rules::id(const Phrase& place, const std::string& id) {
    if (!fault && !isId(id)) fault = badId(place, id);
}

void Rules::that(bool holds, const Phrase& place, const Phrase& value, const Phrase& rule) {
    if (!fault && !holds) fault = Fault{place, value, rule};
}

} // namespace enkinet
