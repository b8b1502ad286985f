// The list of all wires that were tried for the limb in hand.
#include "stations/wire/wire_page.h"
#include "stations/wire/wires_window.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "words/text.h"
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QPushButton>
#include <algorithm>
#include <map>

namespace enkinet::app {

namespace {

constexpr int kShown = 60;

QIcon bundleIcon(const wire::Bundle& b, const Metal& metal, bool fits) {
    QPixmap px(60, 60);
    px.setDevicePixelRatio(2);
    px.fill(Qt::transparent);
    QPainter p(&px);
    p.setRenderHint(QPainter::Antialiasing);
    drawSection(p, {15, 15}, b, std::min(4.2, 26 / wire::findBundleDiameter(b)), metal, !fits);
    return QIcon(px);
}

/// How many wires each joint's limits rule out, most first.
QString ruledOut(const Document& document, const choice::LimbChoice& l) {
    std::map<std::pair<int, int>, int> counts; // (joint, state)
    int barred = 0;
    for (const choice::Candidate& c : l.candidates())
        if (c.bar != choice::Bar::none)
            ++barred;
        else if (!c.fits && c.worstJoint >= 0 && c.worstJoint < static_cast<int>(l.demands.size()))
            ++counts[{c.worstJoint, static_cast<int>(c.state)}];
    std::vector<std::pair<int, std::pair<int, int>>> order;
    for (const auto& [key, n] : counts)
        order.emplace_back(n, key);
    std::sort(order.rbegin(), order.rend());
    const body::Limb& limb = document.puppet().limbs[static_cast<std::size_t>(l.limb)];
    QStringList words;
    for (std::size_t i = 0; i < order.size() && i < 3; ++i)
        words << WirePage::tr("%1 %2 at the %3")
                     .arg(order[i].first)
                     .arg(Text::state(static_cast<choice::State>(order[i].second.second)),
                          QString::fromStdString(
                              limb.joints[static_cast<std::size_t>(
                                              l.demands[static_cast<std::size_t>(order[i].second.first)].joint)]
                                  .name));
    if (barred > 0) words << WirePage::tr("%1 static, spun too hard or too short on the spool").arg(barred);
    return words.isEmpty() ? QString() : WirePage::tr("Ruled out: %1.").arg(words.join(WirePage::tr(", ")));
}
} // namespace

void WirePage::showCandidates(const results::Report& r, int limb) {
    const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(limb)];
    std::vector<int> order;
    for (std::size_t i = 0; i < l.candidates().size(); ++i)
        if (l.candidates()[i].bar == choice::Bar::none) order.push_back(static_cast<int>(i));
    const auto at = [&](int i) -> const choice::Candidate& { return l.candidates()[static_cast<std::size_t>(i)]; };
    std::sort(order.begin(), order.end(), [&](int a, int b) {
        if ((a == l.chosen) != (b == l.chosen)) return a == l.chosen;
        if (at(a).fits != at(b).fits) return at(a).fits;
        return at(a).fits ? at(a).lifeMargin > at(b).lifeMargin : at(a).miss < at(b).miss;
    });
    m_fieldText->setText((l.demands.empty()
                              ? tr("%1 wires of the stock were tried, %2 carry what lies on them. %3")
                              : tr("%1 wires of the stock were tried, %2 fit every joint of the limb. %3"))
                             .arg(l.candidates().size())
                             .arg(l.fitting)
                             .arg(ruledOut(document(), l)));
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    for (std::size_t k = 0; k < order.size() && k < kShown; ++k) {
        const choice::Candidate& c = at(order[k]);
        const QString name = Text::limbWire(document().puppet().limbs[static_cast<std::size_t>(limb)], l, c,
                                            cardName(document().production(), r, c.spool));
        const QString why = candidateReason(document(), l, c);
        auto* item =
            new QListWidgetItem(bundleIcon(c.bundle, metalOf(r.stock.tableOf(c.spool).card()), c.fits),
                                (order[k] == l.chosen ? tr("now: %1\n%2") : tr("%1\n%2")).arg(name, why), m_list);
        item->setData(Qt::UserRole, order[k]);
        if (order[k] == l.chosen) {
            QFont f = item->font();
            f.setBold(true);
            item->setFont(f);
        }
    }
    m_use->setEnabled(false);
}

} // namespace enkinet::app
