#include "stations/why.h"
#include "widgets/look.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

QString textOf(const Why& w) {
    QString text = QString("<p style='margin:0'><b>%1</b></p>").arg(w.title.toHtmlEscaped());
    for (const QString& link : w.chain)
        text += QString("<p style='margin:2px 0 0 0'>← %1</p>").arg(link.toHtmlEscaped());
    if (!w.movers.isEmpty())
        text += QString("<p style='margin:5px 0 0 0'>%1</p>")
                    .arg(Text::tr("What moves it most: %1.").arg(w.movers.join(Text::tr("; "))).toHtmlEscaped());
    QStringList last;
    for (const QString& s : {w.sureness, w.test})
        if (!s.isEmpty()) last << s;
    if (!last.isEmpty())
        text += QString("<p style='margin:5px 0 0 0; color:%2'>%1</p>")
                    .arg(last.join(" ").toHtmlEscaped(), look().graphite.name());
    return text;
}

QStringList sayMovers(const std::vector<std::pair<QString, double>>& percents) {
    constexpr int kMost = 3;
    constexpr double kFelt = 0.02;
    auto sorted = percents;
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const auto& a, const auto& b) { return std::abs(a.second) > std::abs(b.second); });
    QStringList said;
    for (const auto& [name, percent] : sorted) {
        if (said.size() == kMost || std::abs(percent) < kFelt) break;
        said << (percent > 0 ? Text::tr("%1: %2 % more").arg(name, Text::number(percent, 1))
                             : Text::tr("%1: %2 % less").arg(name, Text::number(-percent, 1)));
    }
    return said;
}

} // namespace enkinet::app
