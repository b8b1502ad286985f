#include "document/spool.h"
#include "base/rules.h"
#include "base/text.h"

namespace enkinet::document {

Result<Spool> makeSpool(Spool s) {
    if (!isId(s.id)) return badId(words("spool"), s.id);
    const Phrase place = words("spool %1", s.id);
    if (!(s.diameter_mm >= 0.1 && s.diameter_mm <= 10))
        return Fault{place, words("diameter %1 mm", s.diameter_mm), words("must lie between 0.1 and 10 mm")};
    if (!(s.length_m >= 0 && s.length_m <= 1e5))
        return Fault{place, words("length %1 m", s.length_m), words("must lie between 0 and 100000 m")};
    if (!(s.price_m >= 0 && s.price_m <= 1e5))
        return Fault{place, words("price %1", s.price_m), words("must lie between 0 and 100000 a metre")};
    return s;
}

} // namespace enkinet::document
