#pragma once
// Cards to and from JSON; see docs/file-format.md.
#include "document/production.h"
#include "files/reader.h"

namespace enkinet::files {

/// The lists wires, clays, bulks, covers, ovens and paints of an object; a bad card sets the reader's fault.
document::Cards readCards(Reader& reader);
Json cardsJson(const document::Cards& cards);

/// Puts back the keys that were not understood when the object was read.
void addExtras(Json& object, const std::map<std::string, std::string>& extras);

} // namespace enkinet::files
