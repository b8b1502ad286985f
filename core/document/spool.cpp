#include "document/spool.h"
#include "base/text.h"

namespace enkinet::document {

Result<Spool> makeSpool(Spool s) {
    if (!isId(s.id)) return Fault{"spool", "id \"" + s.id.substr(0, 70) + "\"", "must be letters, digits, dot or dash"};
    const std::string place = "spool " + s.id;
    if (!(s.diameter_mm >= 0.1 && s.diameter_mm <= 10))
        return Fault{place, "diameter " + plain(s.diameter_mm) + " mm", "must lie between 0.1 and 10 mm"};
    if (!(s.length_m >= 0 && s.length_m <= 1e5))
        return Fault{place, "length " + plain(s.length_m) + " m", "must lie between 0 and 100000 m"};
    if (!(s.price_m >= 0 && s.price_m <= 1e5))
        return Fault{place, "price " + plain(s.price_m), "must lie between 0 and 100000 a metre"};
    return s;
}

} // namespace enkinet::document
