#pragma once
// The part that a station's card is about, and changes of its layers.
#include "document/document.h"

namespace enkinet::app {

/// The part of the report that is selected, or that carries the selected joint; with nothing selected the one with most
/// clay. -1 where there is none.
int selectedPart(const Document& document);
/// Where the document's edits find a part of the report.
document::PartRef refOf(const Document& document, int part);
const body::Layers& layersOf(const Document& document, int part);
/// Changes the layers of the selected part: mutate(Layers&).
void changeLayers(Document& document, const QString& name, const std::function<void(body::Layers&)>& mutate,
                  Document::Merge merge = Document::Merge::no);

} // namespace enkinet::app
