#include "stations/layers/part_in_hand.h"
#include "sheet/walk.h"
#include <QCoreApplication>
#include <algorithm>

namespace enkinet::app {

int selectedPart(const Document& document) {
    const Selection& s = document.selection();
    const auto& parts = document.report().choice.parts;
    const auto& skeleton = document.report().choice.skeleton;
    const auto isSelected = [&](const fill::Part& p) {
        if (s.kind == Selection::Kind::mass) {
            if (p.mass < 0) return false;
            const body::MassCopy& c = skeleton.masses[static_cast<std::size_t>(p.mass)];
            return c.mass == s.index && c.right == s.right;
        }
        if (p.mass >= 0) return false;
        const body::Link& l = skeleton.links[static_cast<std::size_t>(p.link)];
        const body::LimbCopy& c = skeleton.copies[static_cast<std::size_t>(l.copy)];
        return c.limb == s.limb && c.right == s.right && l.segment == s.index;
    };
    int most = -1; // with nothing to go by: the part that carries most clay
    for (std::size_t i = 0; i < parts.size(); ++i) {
        if (s.kind != Selection::Kind::none && isSelected(parts[i])) return static_cast<int>(i);
        if (parts[i].volume_mm3 > 0 &&
            (most < 0 || parts[i].skin.mass_g > parts[static_cast<std::size_t>(most)].skin.mass_g))
            most = static_cast<int>(i);
    }
    return s.kind == Selection::Kind::none ? most : -1;
}

document::PartRef refOf(const Document& document, int part) {
    const auto& r = document.report();
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    const auto& s = r.choice.skeleton;
    if (p.mass >= 0)
        return {"", 0,
                document.puppet().masses[static_cast<std::size_t>(s.masses[static_cast<std::size_t>(p.mass)].mass)].id};
    const body::Link& l = s.links[static_cast<std::size_t>(p.link)];
    return {document.puppet().limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(l.copy)].limb)].id,
            l.segment, ""};
}

const body::Layers& layersOf(const Document& document, int part) {
    return document.report().choice.parts[static_cast<std::size_t>(part)].layers;
}

void changeLayers(Document& document, const QString& name, const std::function<void(body::Layers&)>& mutate,
                  Document::Merge merge) {
    const int part = selectedPart(document);
    if (part < 0) return;
    // Everything in hand at once; a left and a right one are the same part.
    std::vector<int> parts{part};
    for (const Selection& one : document.selected())
        for (std::size_t i = 0; i < document.report().choice.parts.size(); ++i)
            if (selectionOf(document.report(), static_cast<int>(i)) == one) parts.push_back(static_cast<int>(i));
    std::vector<document::PartRef> done;
    std::vector<document::Edits::Step> steps;
    for (int i : parts) {
        const document::PartRef ref = refOf(document, i);
        const bool known = std::any_of(done.begin(), done.end(), [&](const document::PartRef& d) {
            return d.limb == ref.limb && d.segment == ref.segment && d.mass == ref.mass;
        });
        if (known) continue;
        done.push_back(ref);
        body::Layers layers = layersOf(document, i);
        mutate(layers);
        steps.push_back([ref, layers](const document::Edits& e) { return e.setLayers(ref, layers); });
    }
    const QString all = done.size() > 1 ? QCoreApplication::translate("enkinet::app::Layers", "%1, and %n more",
                                                                      nullptr, static_cast<int>(done.size()) - 1)
                                              .arg(name)
                                        : name;
    document.change(
        all, [&](const document::Edits& e) { return e.chain(steps); }, merge);
}

} // namespace enkinet::app
