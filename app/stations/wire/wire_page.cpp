#include "stations/wire/wire_page.h"
#include "base/units.h"
#include "sheet/elevation.h"
#include "stations/wire/bend_picture.h"
#include "stations/wire/cutting_tab.h"
#include "stations/wire/laid_limb.h"
#include "stations/wire/lens_tab.h"
#include "stations/wire/remedies_list.h"
#include "stations/wire/spools_tab.h"
#include "stations/wire/wire_why.h"
#include "stations/wire/wires_window.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/tabs.h"
#include "words/text.h"
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
std::vector<body::StrandDrop> dropsOf(const body::Limb& limb, const choice::LimbChoice& l, const choice::Candidate& c) {
    std::vector<body::StrandDrop> drops;
    for (const choice::Ending& e : choice::findEndings(l, c))
        drops.push_back({limb.joints[static_cast<std::size_t>(e.joint)].id, e.strands});
    return drops;
}

} // namespace

WirePage::WirePage(Document& d) : Page(d, results::Station::wire) {
    makeBench();
    m_head = new AnswerHead;
    m_head->sentenceLabel()->setObjectName("verdict");
    m_quiet = makeText(true);
    m_body = new QWidget;
    auto* v = new QVBoxLayout(m_body);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(7);
    column()->addWidget(m_head);
    column()->addWidget(m_quiet);
    column()->addWidget(m_body);
    m_limits = new LimitTable;
    m_limits->setObjectName("limits");
    v->addWidget(m_limits);
    m_whyText = makeText();
    m_whyText->setObjectName("why");
    m_whyText->setTextFormat(Qt::RichText);
    m_whyText->hide();
    v->addWidget(m_whyText);
    connect(m_limits, &LimitTable::asked, this, [this](int row) {
        m_asked = m_asked == row ? -1 : row;
        showWhy();
    });
    m_remedies = new RemediesList(d);
    connect(m_remedies, &RemediesList::helping, this, [this] {
        m_helped = Helped{document().puppetIndex(), m_limb, m_demand};
    });
    m_stiffRow = new QWidget;
    auto* stiff = makeForm();
    stiff->setContentsMargins(0, 0, 0, 0);
    m_stiffRow->setLayout(stiff);
    m_stiff = new ChoiceField(tr("What stiffens the limb until its clay is cured"));
    m_stiff->setObjectName("stiffening");
    stiff->addRow(tr("stiffened by"), m_stiff);
    v->addWidget(m_stiffRow);
    connect(m_stiff, &ChoiceField::edited, this, [this](const QVariant& by) {
        const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(m_limb)];
        document().change(tr("%1: stiffened by %2").arg(QString::fromStdString(limb.name), m_stiff->currentText()),
                          [&](const document::Edits& e) {
                              return e.setStiffening(limb.id, -1, static_cast<body::Stiffening>(by.toInt()));
                          });
    });

    m_jointFold = new Fold(tr("The joint: gap, range, edge, wear"));
    m_jointFold->setObjectName("jointFold");
    m_gap = new NumberField(NumberField::Kind::length, 0.5, 200, 0.5, 1, tr("Free gap of wire"));
    m_gap->setObjectName("gap");
    m_low = new NumberField(NumberField::Kind::angle, degToRad(-170), 0, 5, 0,
                            tr("Bends to the end marked I in the picture"));
    m_high = new NumberField(NumberField::Kind::angle, 0, degToRad(170), 5, 0,
                             tr("Bends to the end marked II in the picture"));
    m_edge = new ChoiceField(tr("How the wire leaves the stiff end"));
    m_edge->setObjectName("jointEdge");
    m_need = new NumberField(NumberField::Kind::seconds, 0.1, 100000, 1, 1, tr("Seconds of film it must last"));
    m_moves = new NumberField(NumberField::Kind::plain, 0.01, 24, 0.1, 2, tr("Full moves a second of film"));
    m_bend = new BendPicture;
    auto* form = makeForm();
    form->addRow(tr("gap"), m_gap);
    form->addRow(tr("bends to end I"), m_low);
    form->addRow(tr("bends to end II"), m_high);
    form->addRow(tr("edge"), m_edge);
    form->addRow(tr("must last"), m_need);
    form->addRow(tr("moves a second"), m_moves);
    m_forming = new NumberField(NumberField::Kind::plain, 0, 1000, 1, 0, tr("Full bends spent while it is built"));
    m_forming->setObjectName("forming");
    form->addRow(tr("bends while building"), m_forming);
    m_windowText = makeText(true);
    m_jointFold->body()->addWidget(m_bend);
    m_jointFold->body()->addLayout(form);
    m_jointFold->body()->addWidget(m_windowText);
    m_wireFold = new Fold(tr("The wire, and why it is this one"));
    m_wireFold->setObjectName("wireFold");
    m_choiceText = makeText();
    m_why = makeText(true);
    m_wireFold->body()->addWidget(m_choiceText);
    m_wireFold->body()->addWidget(m_why);
    addOpenPoints();
    column()->addWidget(m_jointFold);
    column()->addWidget(m_wireFold);
    // They come while one works on: no field stands below them.
    m_waysOut = new QWidget;
    auto* ways = new QVBoxLayout(m_waysOut);
    ways->setContentsMargins(0, 0, 0, 0);
    ways->addWidget(m_remedies);
    column()->addWidget(m_waysOut);
    m_rests = makeText(true);
    m_wireFold->body()->addWidget(m_rests);
    column()->addStretch();

    connect(m_window, &WiresWindow::picked, this, &WirePage::pick);
    connect(m_list, &QListWidget::itemActivated, this,
            [this](QListWidgetItem* i) { pick(i->data(Qt::UserRole).toInt()); });
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) { m_use->setEnabled(row >= 0); });
    connect(m_use, &QPushButton::clicked, this, [this] {
        if (m_list->currentItem()) pick(m_list->currentItem()->data(Qt::UserRole).toInt());
    });
    connect(m_auto, &QPushButton::clicked, this, [this] {
        const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(m_limb)];
        document().change(tr("Let the tool choose the wire of %1").arg(QString::fromStdString(limb.name)),
                          [&](const document::Edits& e) { return e.setPick(limb.id, std::nullopt); });
    });
    connect(m_gap, &NumberField::edited, this, [this](double mm) {
        changeJoint(
            tr("Gap %1").arg(Text::length(mm)),
            [mm](const document::Edits& e, const auto& l, const auto& j) { return e.setGap(l, j, mm); },
            Document::Merge::yes);
    });
    const auto range = [this] {
        const double low = m_low->core(), high = m_high->core();
        changeJoint(
            tr("Range %1 to %2").arg(Text::degrees(low), Text::degrees(high)),
            [=](const document::Edits& e, const auto& l, const auto& j) { return e.setRange(l, j, low, high); },
            Document::Merge::yes);
    };
    connect(m_bend, &BendPicture::ended, this, [this, range](double low, double high) {
        m_low->show(low), m_high->show(high);
        range();
    });
    connect(m_low, &NumberField::edited, this, range);
    connect(m_high, &NumberField::edited, this, range);
    connect(m_edge, &ChoiceField::edited, this, [this](const QVariant& f) {
        changeJoint(
            tr("Edge: %1").arg(Text::edge(f.toDouble())),
            [f](const document::Edits& e, const auto& l, const auto& j) { return e.setEdge(l, j, f.toDouble()); });
    });
    connect(m_need, &NumberField::edited, this, [this](double s) {
        changeJoint(
            tr("Must last %1 s").arg(Text::figure(s)),
            [s](const document::Edits& e, const auto& l, const auto& j) { return e.setNeed(l, j, s); },
            Document::Merge::yes);
    });
    connect(m_forming, &NumberField::edited, this, [this](double n) {
        changeJoint(
            tr("%1 bends while building").arg(Text::number(n, 0)),
            [n](const document::Edits& e, const auto& l, const auto& j) { return e.setForming(l, j, n); },
            Document::Merge::yes);
    });
    connect(m_moves, &NumberField::edited, this, [this](double n) {
        changeJoint(
            tr("%1 moves a second").arg(Text::figure(n)),
            [n](const document::Edits& e, const auto& l, const auto& j) { return e.setMoves(l, j, n); },
            Document::Merge::yes);
    });
}

/// The bench: the limb laid out with its lens over the window of wires; the lists as tabs of their own.
void WirePage::makeBench() {
    Document& d = document();
    auto* bench = new QWidget;
    bench->setObjectName("wireBench");
    auto* all = new QVBoxLayout(bench);
    all->setContentsMargins(24, 16, 24, 10);
    all->setSpacing(8);
    m_jointTab = new QWidget;
    auto* joint = new QVBoxLayout(m_jointTab);
    joint->setContentsMargins(0, 0, 0, 0);
    joint->setSpacing(10);
    m_laid = new LaidLimb(d);
    m_windowHead = makeText();
    m_windowHead->setObjectName("windowHead");
    m_window = new WiresWindow;
    joint->addWidget(m_laid, 3);
    joint->addWidget(m_windowHead);
    joint->addWidget(m_window, 2);

    m_fieldTab = new QWidget;
    auto* fv = new QVBoxLayout(m_fieldTab);
    fv->setContentsMargins(0, 0, 0, 0);
    fv->setSpacing(7);
    m_fieldText = makeText(true);
    m_list = new QListWidget;
    m_list->setAccessibleName(tr("Wires for this limb, best first"));
    m_list->setObjectName("candidates");
    m_list->setIconSize({30, 30});
    m_list->setWordWrap(true);
    fv->addWidget(m_fieldText);
    fv->addWidget(m_list, 1);
    auto* buttons = new Flow;
    m_use = new QPushButton(tr("Use the marked wire"));
    m_use->setObjectName("useMarked");
    m_auto = new QPushButton(tr("Let Enkinet choose"));
    m_auto->setObjectName("letChoose");
    buttons->addWidget(m_use);
    buttons->addWidget(m_auto);
    m_noneWhy = new QLineEdit;
    m_noneWhy->setObjectName("noWireBecause");
    m_noneWhy->setAccessibleName(tr("Why this limb is to have no wire"));
    m_noneWhy->setPlaceholderText(tr("because …"));
    m_noneWhy->setMaxLength(200);
    m_none = new QPushButton(tr("No wire here"));
    m_none->setObjectName("noWire");
    // As it is read: no wire here, because ...
    buttons->addWidget(m_none);
    buttons->addWidget(m_noneWhy);
    connect(m_none, &QPushButton::clicked, this, &WirePage::takeNone);
    connect(m_noneWhy, &QLineEdit::returnPressed, this, &WirePage::takeNone);
    fv->addLayout(buttons);

    m_lens = new LensTab(d);
    m_spools = new SpoolsTab(d);
    m_cutting = new CuttingTab(d);
    m_tabs = new Tabs;
    m_tabs->setObjectName("wireTabs");
    const auto scrolled = [](QWidget* tab) {
        auto* area = new QScrollArea;
        area->setObjectName("tabScroll");
        area->setFrameShape(QFrame::NoFrame);
        area->setWidgetResizable(true);
        area->setWidget(tab);
        return area;
    };
    const std::tuple<QString, QString, QWidget*> tabs[] = {
        {tr("The limb"), tr("The limb laid out, and the window of wires"), m_jointTab},
        {tr("Try another"), tr("Lens: try another wire and gap"), scrolled(m_lens)},
        {tr("All wires"), tr("All wires that were tried for the limb"), m_fieldTab},
        {tr("Cut list"), tr("Which piece is cut from which length of wire"), scrolled(m_cutting)},
        {tr("Spools"), tr("Spools in stock"), scrolled(m_spools)}};
    for (const auto& [word, name, page] : tabs) {
        all->addWidget(page, 1);
        m_tabs->add(word, name, page);
    }
    all->addWidget(m_tabs);
    connect(m_tabs, &Tabs::changed, this, &WirePage::showTab);
    setBench(bench);
}

void WirePage::changeJoint(const QString& name,
                           const std::function<Result<document::Production>(const document::Edits&, const std::string&,
                                                                            const std::string&)>& edit,
                           Document::Merge merge) {
    if (m_limb < 0 || m_demand < 0) return;
    const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(m_limb)];
    const body::Joint& joint = limb.joints[static_cast<std::size_t>(document()
                                                                        .report()
                                                                        .choice.limbs[static_cast<std::size_t>(m_limb)]
                                                                        .demands[static_cast<std::size_t>(m_demand)]
                                                                        .joint)];
    // Every joint in hand at once; a left and a right one are the same joint.
    std::vector<std::pair<std::string, std::string>> joints{{limb.id, joint.id}};
    for (const Selection& one : document().selected()) {
        if (one.kind != Selection::Kind::joint) continue;
        const body::Limb& other = document().puppet().limbs[static_cast<std::size_t>(one.limb)];
        const std::pair<std::string, std::string> ids{other.id, other.joints[static_cast<std::size_t>(one.index)].id};
        if (std::find(joints.begin(), joints.end(), ids) == joints.end()) joints.push_back(ids);
    }
    std::vector<document::Edits::Step> steps;
    for (const auto& [l, j] : joints)
        steps.push_back([&edit, l = l, j = j](const document::Edits& e) { return edit(e, l, j); });
    QString full = tr("%1: %2").arg(QString::fromStdString(joint.name), name);
    if (joints.size() > 1) full = tr("%1, and %n more", nullptr, static_cast<int>(joints.size()) - 1).arg(full);
    document().change(
        full, [&](const document::Edits& e) { return e.chain(steps); }, merge);
}

void WirePage::takeNone() {
    if (m_limb < 0) return;
    const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(m_limb)];
    const QString why = m_noneWhy->text().trimmed();
    if (why.isEmpty()) {
        Q_EMIT document().refused(tr("Say in a few words why it is to have no wire"));
        m_noneWhy->setFocus();
        return;
    }
    m_noneWhy->clear();
    document().change(tr("No wire in %1").arg(QString::fromStdString(limb.name)),
                      [id = limb.id, why](const document::Edits& e) { return e.setNoWire(id, why.toStdString()); });
}

void WirePage::pick(int candidate) {
    const choice::LimbChoice& l = document().report().choice.limbs[static_cast<std::size_t>(m_limb)];
    if (candidate < 0 || candidate >= static_cast<int>(l.candidates().size())) return;
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(candidate)];
    const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(m_limb)];
    const body::WirePick pick{document().production().stock.spools[static_cast<std::size_t>(c.spool)].id,
                              c.bundle.strands, c.bundle.lay_mm, dropsOf(limb, l, c)};
    const QString name =
        tr("Wire of %1: %2")
            .arg(QString::fromStdString(limb.name),
                 Text::limbWire(limb, l, c, cardName(document().production(), document().report(), c.spool)));
    document().change(name, [&](const document::Edits& e) { return e.setPick(limb.id, pick); });
}

void WirePage::findWeakest(const results::Report& r) {
    m_limb = -1;
    for (const findings::Finding& f : r.open)
        if (f.state() && m_limb < 0) {
            const findings::Place at = findings::findPlace(document().puppet(), r.choice, f.ref);
            m_limb = at.limb, m_demand = at.demand;
        }
    if (m_limb < 0)
        for (const choice::LimbChoice& l : r.choice.limbs)
            if (l.worst >= 0 && m_limb < 0) m_limb = l.limb, m_demand = l.worst;
    // A figure that stands still: the limb whose bare wire has least to spare.
    double least = 1e300;
    if (m_limb < 0)
        for (const choice::LimbChoice& l : r.choice.limbs)
            if (l.worstStill >= 0 && l.stillVerdicts[static_cast<std::size_t>(l.worstStill)].least() < least) {
                least = l.stillVerdicts[static_cast<std::size_t>(l.worstStill)].least();
                m_limb = l.limb, m_demand = -1;
            }
}

void WirePage::show(const results::Report& r) {
    const Selection& s = document().selection();
    const auto limbs = static_cast<int>(r.choice.limbs.size());
    if (s.limb >= 0 && s.limb < limbs) {
        m_limb = s.limb, m_demand = document().selectedDemand();
        m_helped.reset();
    } else if (m_helped && m_helped->puppet == document().puppetIndex() && m_helped->limb < limbs) {
        m_limb = m_helped->limb, m_demand = m_helped->demand;
    } else {
        m_helped.reset();
        findWeakest(r);
    }
    const choice::LimbChoice* l = m_limb >= 0 ? &r.choice.limbs[static_cast<std::size_t>(m_limb)] : nullptr;
    const bool judged = l && m_demand >= 0 && m_demand < static_cast<int>(l->verdicts.size());
    m_body->setVisible(judged);
    m_waysOut->setVisible(judged);
    m_stiffRow->hide();
    m_rests->setVisible(judged);
    m_jointFold->setVisible(judged), m_wireFold->setVisible(judged);
    m_windowHead->setVisible(judged), m_window->setVisible(judged);
    m_quiet->setVisible(!judged);
    if (!l) {
        m_head->show(tr("No limbs"), {}, {});
        m_head->setStamp({});
        m_laid->show(-1, -1);
        m_lens->showNone();
        m_list->clear();
        return;
    }
    const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(m_limb)];
    if (!judged) {
        m_head->show(Text::capital(limb.name), {}, {});
        m_head->setStamp(l->chosen < 0 && (l->reason.needed() || l->reason.refused) ? tr("no wire") : tr("not checked"),
                         look().graphite);
        m_laid->show(m_limb, -1);
        m_auto->setEnabled(l->pinned || l->reason.refused);
        // A limb that stands still is given its wire in the same tabs.
        showTab();
        if (l->worstStill >= 0) return showStill(r, *l);
        m_quiet->setText(
            l->reason.refused
                ? tr("%1 You wrote: %2.").arg(Text::wireReason(l->reason), QString::fromStdString(limb.noWire))
            : l->chosen < 0 && !l->reason.needed() ? Text::wireReason(l->reason)
            : l->chosen < 0 ? tr("No spool in stock can be tried here: steel and drawn wire are static unless this "
                                 "puppet may pose them, and a spool must be long enough.")
                            : tr("Not checked: nothing is posed in this limb, and all of it is stiffened. %1")
                                  .arg(Text::wireReason(l->reason)));
        return;
    }
    const choice::Demand& d = l->demands[static_cast<std::size_t>(m_demand)];
    const choice::Verdict& v = l->verdicts[static_cast<std::size_t>(m_demand)];
    const choice::Candidate& c = l->candidates()[static_cast<std::size_t>(l->chosen)];
    const wire::Bundle& bundle = choice::findTrial(*l, c, static_cast<std::size_t>(m_demand)).bundle;
    const body::Joint& joint = limb.joints[static_cast<std::size_t>(d.joint)];
    QString side = limb.mirrored ? tr("left and right alike") : QString::fromStdString(limb.name);
    if (const auto more = document().selected().size(); more > 1)
        side = tr("and %n more in hand", nullptr, static_cast<int>(more) - 1);
    using choice::State;
    const State first = v.state();
    m_head->show(Text::capital(joint.name), side, Text::sentence(first, d, v, bundle));
    m_head->setStamp(Text::state(first), stateColour(static_cast<int>(first)));
    const auto margin = [&](State of) { return v.margin[static_cast<std::size_t>(of)].value; };
    const auto tone = [](State of) { return stateColour(static_cast<int>(of)); };
    const bool numbers = v.bend.status != wire::BendStatus::too_tight;
    std::vector<LimitTable::Row> rows;
    rows.push_back({tr("holds"), numbers ? tr("%1 N·mm").arg(Text::figure(v.bend.hold_Nmm)) : tr("no figure"),
                    tr("at least %1").arg(Text::figure(d.needed_Nmm)), margin(State::slack), true, tone(State::slack)});
    rows.push_back(
        d.nearDecides
            ? LimitTable::Row{tr("bends at"), numbers ? tr("%1 N·mm").arg(Text::figure(v.effort_Nmm)) : tr("no figure"),
                              tr("at most %1").arg(Text::figure(d.effortLimit_Nmm)), margin(State::stiff), false,
                              tone(State::stiff)}
            : LimitTable::Row{tr("bends at"), numbers ? tr("%1 N").arg(Text::figure(v.effort_N)) : tr("no figure"),
                              tr("at most %1").arg(Text::figure(d.effortLimit_N())), margin(State::stiff), false,
                              tone(State::stiff)});
    rows.push_back({tr("springs back"), numbers ? Text::degrees(v.springback_rad, 1) : tr("no figure"),
                    tr("at most %1").arg(Text::degrees(d.springLimit_rad, 1)), margin(State::springy), false,
                    tone(State::springy)});
    rows.push_back({tr("lasts"), tr("%1 s").arg(Text::figure(v.life_s)),
                    tr("at least %1").arg(Text::figure(d.needFilm_s)), margin(State::tired), true, tone(State::tired)});
    if (d.gapNeeded_mm > d.gap_mm || d.buried)
        rows.push_back({tr("has a gap of"), Text::length(d.buried ? d.free_mm : d.gap_mm),
                        tr("at least %1").arg(Text::length(d.buried ? d.gap_mm : d.gapNeeded_mm)),
                        margin(State::crowded), true, tone(State::crowded)});
    else
        rows.push_back(
            {tr("is across"), Text::length(wire::findBundleDiameter(bundle)),
             d.room_mm < 1e6 ? tr("at most %1").arg(Text::length(std::max(0.0, d.room_mm))) : tr("as it likes"),
             margin(State::crowded), false, tone(State::crowded)});
    m_limits->show(rows);
    showWhy();
    m_jointFold->setLine(tr("The joint: %1 gap, %2 to %3, %4")
                             .arg(Text::length(d.gap_mm), Text::degrees(joint.low_rad), Text::degrees(joint.high_rad),
                                  Text::edge(d.edge)));

    m_windowText->setText(tr("It carries %1. Grams are held where the fingers push, %2 away.")
                              .arg(Text::load(d, document().puppet()), Text::length(d.lever_mm)));
    m_laid->show(m_limb, m_demand);
    m_window->show(document(), m_limb, m_demand);
    m_windowHead->setText(l->fitting > 0
                              ? tr("The %1's window. %2 of %3 wires fit the whole limb.")
                                    .arg(QString::fromStdString(joint.name))
                                    .arg(l->fitting)
                                    .arg(l->candidates().size())
                              : tr("The %1's window. None of %2 wires fits the whole limb; nearest is yours.")
                                    .arg(QString::fromStdString(joint.name))
                                    .arg(l->candidates().size()));

    const QString reserve =
        l->thin ? tr(" It holds with %1 % to spare, less than the %2 % that are wanted: no wire has more.")
                      .arg(Text::number(100 * l->reserve, 1), Text::number(100 * document().puppet().wants.reserve, 0))
                : QString();
    m_choiceText->setText(tr("%1, %2. %3 of %4 wires tried fit every joint of the limb; chosen for %5.")
                              .arg(Text::limbWire(limb, *l, c, cardName(document().production(), r, c.spool)),
                                   l->pinned ? tr("picked by you") : tr("chosen by Enkinet"))
                              .arg(l->fitting)
                              .arg(l->candidates().size())
                              .arg(Text::aim(document().puppet().wants.aim)) +
                          reserve);
    m_auto->setEnabled(l->pinned);
    const wire::Calibration& known = r.stock.calibrationOf(c.spool);
    const QString rests = !known.hasLife() && known.hangTests == 0
                              ? tr("From table values: this wire has not been tested.")
                              : tr("Calibrated by your tests of this spool: %1.").arg(Text::tests(known));
    m_why->setText(Text::whyLay(bundle, v.bend.bent_mm));
    m_rests->setText(rests);
    m_why->setText(m_why->text() + " " +
                   tr("Nine of ten such joints last %1 s of film, half of them %2 s.")
                       .arg(Text::figure(v.life_s), Text::figure(v.lifeMedian_s)));
    m_wireFold->setLine(Text::limbWire(limb, *l, c, cardName(document().production(), r, c.spool)));

    m_gap->show(d.gap_mm);
    m_low->show(joint.low_rad);
    m_high->show(joint.high_rad);
    if (const auto shown = document().shown()) m_bend->show(*shown, d.hinge, joint.low_rad, joint.high_rad);
    m_edge->show({{tr("hard: bare putty or a crimp"), 1.6},
                  {tr("eased: taped, wrapped, feathered"), 1.3},
                  {tr("none: bends along its length"), 1.0}},
                 joint.edge);
    m_need->show(d.needFilm_s);
    m_remedies->show(m_limb);
    showTab();
    m_moves->show(joint.movesPerSecond);
    m_forming->show(joint.formingBends);
}

/// Where the number of the asked row comes from, in place under the table.
void WirePage::showWhy() {
    constexpr choice::State kRows[] = {choice::State::slack, choice::State::stiff, choice::State::springy,
                                       choice::State::tired, choice::State::crowded};
    m_limits->setOpen(m_demand < 0 ? -1 : m_asked);
    m_whyText->setVisible(m_asked >= 0 && m_demand >= 0);
    if (m_asked < 0 || m_demand < 0) return;
    const Why w = whyOf(document(), m_limb, m_demand, kRows[m_asked]);
    m_whyText->setText(textOf(w));
    m_whyText->setAccessibleName(w.title);
}

/// Only the tab that is open is brought up to date.
void WirePage::showTab() {
    if (m_limb < 0 || !document().hasPuppet()) return;
    const results::Report& r = document().report();
    switch (m_tabs->current()) {
    case 1:
        if (m_demand >= 0 && r.choice.limbs[static_cast<std::size_t>(m_limb)].chosen >= 0)
            m_lens->show(m_limb, m_demand);
        else
            m_lens->showNone();
        break;
    case 2:
        showCandidates(r, m_limb);
        break;
    case 3:
        m_cutting->show();
        break;
    case 4:
        m_spools->show();
        break;
    default:
        break;
    }
    updateGeometry();
}

} // namespace enkinet::app
