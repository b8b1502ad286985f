#include "files/pattern_file.h"
#include <algorithm>
#include <fmt/format.h>
#include <functional>

namespace enkinet::files {

using fill::FlatPoint;
using fill::Pattern;

namespace {

std::string escaped(const std::string& text) {
    std::string r;
    for (char c : text)
        r += c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : c == '"' ? "&quot;" : std::string(1, c);
    return r;
}

std::string wordsOf(const Pattern& p) {
    return p.pieces > 1 ? fmt::format("{}, {} alike", p.label.english(), p.pieces) : p.label.english();
}

/// Visits each placed piece with its shift.
void each(const std::vector<Pattern>& patterns, const fill::Layout& layout,
          const std::function<void(const Pattern&, double, double)>& visit) {
    for (const auto& place : layout.places) {
        const Pattern& p = patterns[static_cast<std::size_t>(place.pattern)];
        double x0 = 1e9, y0 = 1e9;
        for (const FlatPoint& q : p.cut)
            x0 = std::min(x0, q.x), y0 = std::min(y0, q.y);
        visit(p, place.x - x0, place.y - y0);
    }
}

} // namespace

std::string writePatternsSvg(const std::vector<Pattern>& patterns, const fill::Layout& layout, double width) {
    const double height = layout.length_mm;
    std::string s = fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{0:.3f}mm\" height=\"{1:.3f}mm\" "
                                "viewBox=\"0 0 {0:.3f} {1:.3f}\">\n",
                                width, height);
    each(patterns, layout, [&](const Pattern& p, double dx, double dy) {
        const auto path = [&](const std::vector<FlatPoint>& line, const char* style) {
            s += "<path d=\"";
            for (std::size_t i = 0; i < line.size(); ++i)
                s += fmt::format("{}{:.3f} {:.3f}", i ? " L" : "M", line[i].x + dx, height - line[i].y - dy);
            s += fmt::format(" Z\" fill=\"none\" {}/>\n", style);
        };
        path(p.cut, "stroke=\"#000\" stroke-width=\"0.3\"");
        path(p.outline, "stroke=\"#000\" stroke-width=\"0.2\" stroke-dasharray=\"2 1.5\"");
        const double x = p.pileFrom.x + dx, y0 = height - p.pileFrom.y - dy, y1 = height - p.pileTo.y - dy;
        s += fmt::format("<path d=\"M{0:.3f} {1:.3f} L{0:.3f} {2:.3f} M{3:.3f} {4:.3f} L{0:.3f} {2:.3f} L{5:.3f} "
                         "{4:.3f}\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.3\"/>\n",
                         x, y0, y1, x - 1.5, y1 + 2.5, x + 1.5);
        s += fmt::format("<text x=\"{:.3f}\" y=\"{:.3f}\" font-size=\"3\" text-anchor=\"middle\">{}</text>\n", x,
                         y0 + 4, escaped(wordsOf(p)));
    });
    return s + "</svg>\n";
}

std::string writePatternsDxf(const std::vector<Pattern>& patterns, const fill::Layout& layout) {
    std::string s = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n";
    const auto line = [&](const char* layer, double x0, double y0, double x1, double y1) {
        s += fmt::format("0\nLINE\n8\n{}\n10\n{:.4f}\n20\n{:.4f}\n30\n0\n11\n{:.4f}\n21\n{:.4f}\n31\n0\n", layer, x0,
                         y0, x1, y1);
    };
    each(patterns, layout, [&](const Pattern& p, double dx, double dy) {
        for (const auto& [layer, outline] : {std::pair{"CUT", &p.cut}, {"SEW", &p.outline}})
            for (std::size_t i = 0; i < outline->size(); ++i) {
                const FlatPoint &a = (*outline)[i], &b = (*outline)[(i + 1) % outline->size()];
                line(layer, a.x + dx, a.y + dy, b.x + dx, b.y + dy);
            }
        line("PILE", p.pileFrom.x + dx, p.pileFrom.y + dy, p.pileTo.x + dx, p.pileTo.y + dy);
        line("PILE", p.pileTo.x + dx, p.pileTo.y + dy, p.pileTo.x + dx - 1.5, p.pileTo.y + dy - 2.5);
        line("PILE", p.pileTo.x + dx, p.pileTo.y + dy, p.pileTo.x + dx + 1.5, p.pileTo.y + dy - 2.5);
        s += fmt::format("0\nTEXT\n8\nTEXT\n10\n{:.4f}\n20\n{:.4f}\n30\n0\n40\n3\n1\n{}\n", p.pileFrom.x + dx,
                         p.pileFrom.y + dy - 4, wordsOf(p));
    });
    return s + "0\nENDSEC\n0\nEOF\n";
}

} // namespace enkinet::files
