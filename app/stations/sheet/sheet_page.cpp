#include "stations/sheet/sheet_page.h"
#include "base/gauge.h"
#include "base/units.h"
#include "document/translated.h"
#include "stations/layers/part_in_hand.h"
#include "stations/sheet/limbs_tab.h"
#include "stations/sheet/pictures_tab.h"
#include "stations/sheet/pose_tab.h"
#include "stations/sheet/things_tab.h"
#include "stations/station_rows.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/tabs.h"
#include "words/text.h"
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>

namespace enkinet::app {

SheetPage::SheetPage(Document& d) : Page(d, results::Station::sheet) {
    m_title = makeTitle();
    m_facts = makeText();
    m_height = new NumberField(NumberField::Kind::length, 10, 3000, 1, 0, tr("Height of the puppet"));
    m_height->setObjectName("height");
    m_lean = new NumberField(NumberField::Kind::angle, 0, degToRad(90), 1, 0, tr("Lean allowance"));
    m_film = new NumberField(NumberField::Kind::seconds, 0.5, 100000, 1, 1, tr("Seconds of film it must last"));
    m_factor = new NumberField(NumberField::Kind::plain, 1, 10, 0.1, 2, tr("Hold factor"));
    m_aim = new ChoiceField(tr("What the wire is chosen for"));
    m_steel = new ChoiceField(tr("May steel be posed"));
    m_acting = new ChoiceField(tr("How widely it acts"));
    m_aim->setObjectName("aim");
    m_steel->setObjectName("steelMayPose");
    m_acting->setObjectName("acting");
    m_feet = new ChoiceField(tr("Feet on the ground at least"));
    m_feet->setObjectName("feetDown");
    m_need = new ChoiceField(tr("What the joints' need is counted from"));
    m_need->setObjectName("needFrom");
    m_poseEvery =
        new NumberField(NumberField::Kind::seconds, 0.01, 1000, 0.1, 2, tr("Seconds from one pose to the next"));
    m_retakes = new NumberField(NumberField::Kind::plain, 1, 20, 0.1, 2, tr("Bends for each one in the film"));
    m_retakes->setObjectName("retakes");
    m_reserve = new NumberField(NumberField::Kind::plain, 0, 100, 1, 0, tr("Reserve inside every limit, per cent"));
    m_reserve->setObjectName("reserve");
    m_strands = new ChoiceField(tr("Strands at most"));
    m_strands->setObjectName("mostStrands");
    m_drops = new ChoiceField(tr("May strands end on the way"));
    m_disliked = new QLineEdit;
    m_disliked->setAccessibleName(tr("Gauges that you do not want, in millimetres"));
    m_disliked->setObjectName("disliked");
    m_disliked->setPlaceholderText(tr("none; or 0.5 0.9"));
    m_held = new ChoiceField(tr("What joints must hold"));
    m_steadied = new ChoiceField(tr("What holds against a bend"));
    m_pinch = new NumberField(NumberField::Kind::plain, 1, 200, 1, 0, tr("Newtons your fingers give on thin parts"));
    m_pinch->setObjectName("pinch");
    m_grasp = new NumberField(NumberField::Kind::plain, 1, 200, 1, 0, tr("Newtons your hand gives on thick parts"));
    column()->addWidget(m_title);
    m_tabs = new Tabs;
    m_tabs->setObjectName("sheetTabs");
    column()->addWidget(m_tabs);
    m_overview = new QWidget;
    auto* overview = new QVBoxLayout(m_overview);
    overview->setContentsMargins(0, 0, 0, 0);
    overview->setSpacing(7);
    overview->addWidget(m_facts);
    m_rows = new StationTable(document(), "sheetTable");
    overview->addWidget(m_rows);
    addOpenPoints();
    m_puppetTab = new QWidget;
    m_pictures = new PicturesTab(d);
    m_limbs = new LimbsTab(d);
    m_pose = new PoseTab(d);
    m_eye = new ChecksTab(d);
    m_things = new ThingsTab(d);
    m_tabs->add(tr("puppet"), tr("The whole puppet and the selected part"), m_puppetTab);
    m_tabs->add(tr("pictures"), tr("Pictures on the sheet"), m_pictures);
    m_tabs->add(tr("limbs"), tr("Mark and shape limbs"), m_limbs);
    m_tabs->add(tr("pose"), tr("Bend the figure"), m_pose);
    m_tabs->add(tr("checks"), tr("What a builder checks by eye, and the caliper"), m_eye);
    m_tabs->add(tr("things"), tr("Eyes, teeth, base, props: what sits on the body"), m_things);
    for (QWidget* tab : {m_puppetTab, static_cast<QWidget*>(m_pictures), static_cast<QWidget*>(m_limbs),
                         static_cast<QWidget*>(m_pose), static_cast<QWidget*>(m_eye), static_cast<QWidget*>(m_things)})
        column()->addWidget(tab);
    // Words and tables grow and shrink: no field stands below them.
    column()->addWidget(m_overview);
    connect(m_tabs, &Tabs::changed, this, [this](int tab) {
        // The whole puppet's figures stand with its own tab.
        m_overview->setVisible(tab == 0);
        showTab();
        askHold();
    });
    connect(m_pictures, &PicturesTab::holdWanted, this, &SheetPage::holdWanted);
    connect(m_limbs, &LimbsTab::holdWanted, this, &SheetPage::holdWanted);
    connect(m_eye, &ChecksTab::holdWanted, this, &SheetPage::holdWanted);
    connect(m_eye, &ChecksTab::besideWanted, this, &SheetPage::besideWanted);
    auto* puppet = new QVBoxLayout(m_puppetTab);
    puppet->setContentsMargins(0, 0, 0, 0);
    puppet->setSpacing(7);
    auto* form = makeForm();
    form->addRow(tr("height"), m_height);
    form->addRow(tr("wire is chosen for"), m_aim);
    puppet->addLayout(form);
    const auto fold = [&](const QString& name, const char* key) {
        auto* f = new Fold(name);
        f->setObjectName(key);
        auto* rows = makeForm();
        f->body()->addLayout(rows);
        puppet->addWidget(f);
        return rows;
    };
    auto* judged = fold(tr("What it is judged by: lean, film, acting, feet"), "judgedFold");
    judged->addRow(tr("may lean by"), m_lean);
    judged->addRow(tr("lasts for"), m_film);
    judged->addRow(tr("safety over the load"), m_factor);
    judged->addRow(tr("joints hold"), m_held);
    judged->addRow(tr("feet down"), m_feet);
    judged->addRow(tr("acting"), m_acting);
    judged->addRow(tr("bends for one in film"), m_retakes);
    judged->addRow(tr("wear counted from"), m_need);
    judged->addRow(tr("a pose every"), m_poseEvery);
    auto* wires = fold(tr("Which wire may be used, and with what reserve"), "wiresFold");
    wires->addRow(tr("reserve, per cent"), m_reserve);
    wires->addRow(tr("strands at most"), m_strands);
    wires->addRow(tr("strands"), m_drops);
    wires->addRow(tr("gauges not wanted"), m_disliked);
    wires->addRow(tr("steel where joints move"), m_steel);
    auto* hands = fold(tr("What the hands give"), "handsFold");
    hands->addRow(tr("near side of a joint"), m_steadied);
    hands->addRow(tr("fingers give, N, thin"), m_pinch);
    hands->addRow(tr("hand gives, N, thick"), m_grasp);

    m_partTitle = makeHeading({});
    m_partText = makeText(true);
    m_measures = new QWidget;
    m_form = makeForm();
    m_measures->setLayout(m_form);
    m_form->setContentsMargins(0, 0, 0, 0);
    m_sectionPick = new ChoiceField(tr("Where along the part"));
    m_a = new NumberField(NumberField::Kind::length, 0.2, 1000, 0.5, 1, tr("Half-width in the front picture"));
    m_b = new NumberField(NumberField::Kind::length, 0.2, 1000, 0.5, 1, tr("Half-width in the side picture"));
    m_c = new NumberField(NumberField::Kind::length, 0.2, 1000, 0.5, 1, tr("Half height"));
    m_weight = new NumberField(NumberField::Kind::grams, 0.1, 10000, 1, 1, tr("Weight"));
    m_massName = new QLineEdit;
    m_massName->setObjectName("massName");
    m_massName->setAccessibleName(tr("Name of the piece"));
    m_form->addRow(tr("name"), m_massName);
    connect(m_massName, &QLineEdit::editingFinished, this, [this] {
        const Selection s = document().selection();
        if (!m_massName->isModified() || s.kind != Selection::Kind::mass) return;
        const std::string id = document().puppet().masses[static_cast<std::size_t>(s.index)].id,
                          name = m_massName->text().trimmed().toStdString();
        document().change(tr("Name: %1").arg(m_massName->text().trimmed()),
                          [&](const document::Edits& e) { return e.setMassName(id, name); });
    });
    m_giveBody = new QPushButton(tr("Give it a body"));
    m_giveBody->setObjectName("giveBody");
    connect(m_giveBody, &QPushButton::clicked, this, &SheetPage::giveBody);
    m_sectionPick->setObjectName("sectionPick");
    m_a->setObjectName("halfFront"), m_b->setObjectName("halfSide"), m_weight->setObjectName("pieceWeight");
    m_form->addRow(tr("at"), m_sectionPick);
    m_form->addRow(tr("half-width, front"), m_a);
    m_form->addRow(tr("half-width, side"), m_b);
    m_form->addRow(tr("half height"), m_c);
    m_form->addRow(tr("weighs"), m_weight);
    m_side = new ChoiceField(tr("On one side or both"));
    m_side->setObjectName("massSide");
    m_form->addRow(tr("it is there"), m_side);
    connect(m_side, &ChoiceField::edited, this, [this](const QVariant& v) {
        const std::string id = document().puppet().masses[static_cast<std::size_t>(document().selection().index)].id;
        document().change(tr("It is there %1").arg(m_side->currentText()), [&](const document::Edits& e) {
            return e.setMassSide(id, static_cast<body::Side>(v.toInt()));
        });
    });
    puppet->addWidget(m_partTitle);
    puppet->addWidget(m_partText);
    puppet->addWidget(m_giveBody, 0, Qt::AlignLeft);
    puppet->addWidget(m_measures);
    column()->addStretch();

    connect(m_height, &NumberField::edited, this, [this](double mm) {
        document().change(
            tr("Height %1").arg(Text::length(mm, 0)), [mm](const document::Edits& e) { return e.setHeight(mm); },
            Document::Merge::yes);
    });
    connect(m_lean, &NumberField::edited, this, [this](double v) {
        changeWants(
            tr("Lean %1").arg(Text::degrees(v)), [v](body::Wants& w) { w.lean_rad = v; }, Document::Merge::yes);
    });
    connect(m_film, &NumberField::edited, this, [this](double v) {
        changeWants(
            tr("Film %1 s").arg(v), [v](body::Wants& w) { w.film_s = v; }, Document::Merge::yes);
    });
    connect(m_factor, &NumberField::edited, this, [this](double v) {
        changeWants(
            tr("Hold factor %1").arg(v), [v](body::Wants& w) { w.holdFactor = v; }, Document::Merge::yes);
    });
    connect(m_aim, &ChoiceField::edited, this, [this](const QVariant& v) {
        const auto aim = static_cast<body::Aim>(v.toInt());
        changeWants(tr("Choose for %1").arg(Text::aim(aim)), [aim](body::Wants& w) { w.aim = aim; }, {});
    });
    connect(m_retakes, &NumberField::edited, this, [this](double v) {
        changeWants(
            tr("%1 bends for each in the film").arg(Text::number(v, 2)), [v](body::Wants& w) { w.retakes = v; },
            Document::Merge::yes);
    });
    connect(m_reserve, &NumberField::edited, this, [this](double v) {
        changeWants(
            tr("Reserve %1 %").arg(Text::number(v, 0)), [v](body::Wants& w) { w.reserve = v / 100; },
            Document::Merge::yes);
    });
    connect(m_strands, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(tr("Strands at most: %1").arg(m_strands->currentText()),
                    [v](body::Wants& w) { w.mostStrands = v.toInt(); }, {});
    });
    connect(m_drops, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(tr("Strands: %1").arg(m_drops->currentText()), [v](body::Wants& w) { w.mayDrop = v.toBool(); }, {});
    });
    connect(m_disliked, &QLineEdit::editingFinished, this, [this] {
        static const QRegularExpression gap("[ ;/]+");
        std::vector<double> gauges;
        for (const QString& word : m_disliked->text().split(gap, Qt::SkipEmptyParts)) {
            const auto gauge = parseDiameter(word.toStdString());
            if (!gauge) return Q_EMIT document().refused(translated(gauge.fault()));
            gauges.push_back(*gauge);
        }
        if (gauges == document().puppet().wants.disliked_mm) return;
        changeWants(tr("Gauges not wanted"), [&](body::Wants& w) { w.disliked_mm = gauges; }, {});
    });
    connect(m_held, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(tr("Joints hold %1").arg(m_held->currentText()),
                    [v](body::Wants& w) { w.thisPoseOnly = v.toBool(); }, {});
    });
    connect(m_steadied, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(tr("Near side: %1").arg(m_steadied->currentText()),
                    [v](body::Wants& w) { w.steadied = v.toBool(); }, {});
    });
    const auto giveHands = [this] {
        fill::Shop shop = document().production().stock.shop;
        shop.hands.pinch_N = m_pinch->core(), shop.hands.grasp_N = m_grasp->core();
        document().change(
            tr("Fingers give %1 to %2 N").arg(Text::number(shop.hands.pinch_N, 0), Text::number(shop.hands.grasp_N, 0)),
            [&](const document::Edits& e) { return e.setShop(shop); }, Document::Merge::yes);
    };
    connect(m_pinch, &NumberField::edited, this, giveHands);
    connect(m_grasp, &NumberField::edited, this, giveHands);
    connect(m_steel, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(v.toBool() ? tr("Steel may be posed") : tr("Steel stays static"),
                    [v](body::Wants& w) { w.steelMayPose = v.toBool(); }, {});
    });
    connect(m_acting, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(tr("Acting: %1").arg(m_acting->currentText()),
                    [v](body::Wants& w) { w.acting = static_cast<body::Acting>(v.toInt()); }, {});
    });
    connect(m_feet, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeWants(tr("Feet down: %1").arg(m_feet->currentText()), [v](body::Wants& w) { w.feetDown = v.toInt(); },
                    {});
    });
    connect(m_need, &ChoiceField::edited, this, [this](const QVariant& v) {
        std::vector<std::string> shot;
        if (v.toBool())
            for (const body::Pose& p : document().puppet().poses)
                shot.push_back(p.name);
        changeWants(v.toBool() ? tr("Need from the kept poses") : tr("Need from the acting level"),
                    [&](body::Wants& w) { w.shot = shot; }, {});
    });
    connect(m_poseEvery, &NumberField::edited, this, [this](double v) {
        changeWants(
            tr("A pose every %1 s").arg(v), [v](body::Wants& w) { w.poseEvery_s = v; }, Document::Merge::yes);
    });
    connect(m_sectionPick, &ChoiceField::edited, this, [this] { refresh(); });
    const auto measure = [this] {
        const Selection s = document().selection();
        const body::Puppet& p = document().puppet();
        if (s.kind == Selection::Kind::mass) {
            const std::string id = p.masses[static_cast<std::size_t>(s.index)].id;
            const Vec3 half{m_a->core(), m_c->core(), m_b->core()};
            document().change(
                tr("Size of %1").arg(QString::fromStdString(id)),
                [&](const document::Edits& e) { return e.setMassSize(id, half); }, Document::Merge::yes);
        } else if (const int part = selectedPart(document()); part >= 0) {
            const document::PartRef ref = refOf(document(), part);
            const int at = m_sectionPick->currentData().toInt();
            document().change(
                tr("Half-widths of %1").arg(m_partTitle->text()),
                [&](const document::Edits& e) {
                    // Of every part in hand that has such a place.
                    std::vector<document::Edits::Step> steps;
                    for (const auto& one : segmentsInHand(ref)) {
                        const body::Segment& body = body::findLimb(document().puppet(), one.first)
                                                        ->segments[static_cast<std::size_t>(one.second)];
                        if (!body.sections.empty() && at < static_cast<int>(body.sections.size()))
                            steps.push_back([=, this](const document::Edits& x) {
                                return x.setSection(one.first, one.second, at, m_a->core(), m_b->core());
                            });
                    }
                    return e.chain(steps);
                },
                Document::Merge::yes);
        }
    };
    for (NumberField* f : {m_a, m_b, m_c})
        connect(f, &NumberField::edited, this, measure);
    connect(m_weight, &NumberField::edited, this, [this](double g) {
        const std::string id = document().puppet().masses[static_cast<std::size_t>(document().selection().index)].id;
        document().change(
            tr("Weight of %1").arg(QString::fromStdString(id)),
            [&](const document::Edits& e) { return e.setWeighed(id, g); }, Document::Merge::yes);
    });
}

void SheetPage::changeWants(const QString& name, const std::function<void(body::Wants&)>& mutate,
                            Document::Merge merge) {
    body::Wants w = document().puppet().wants;
    mutate(w);
    document().change(
        name, [&](const document::Edits& e) { return e.setWants(w); }, merge);
}

void SheetPage::show(const results::Report& r) {
    const body::Puppet& p = document().puppet();
    m_title->setText(QString::fromStdString(p.name));
    const fill::Totals& t = r.choice.totals;
    QStringList facts;
    facts << Text::chance(p, r.choice);
    facts << tr("Its weight sits %1 above the base.").arg(Text::length(t.centre.y, 0));
    if (const QString feet = Text::footing(r.choice); !feet.isEmpty()) facts << feet;
    for (const body::Mass& m : p.masses)
        if (m.id == "head")
            facts << tr("%1 heads high, the head %2 of it.")
                         .arg(Text::number(p.height_mm / (2 * m.half_mm.y), 1), Text::length(2 * m.half_mm.y, 0));
    m_facts->setText(facts.join("\n"));
    m_rows->show(rowsOfSheet(document()));
    m_height->show(p.height_mm);
    m_lean->show(p.wants.lean_rad);
    m_film->show(p.wants.film_s);
    m_factor->show(p.wants.holdFactor);
    QList<std::pair<QString, QVariant>> aims;
    for (body::Aim a :
         {body::Aim::simple, body::Aim::life, body::Aim::light, body::Aim::easy, body::Aim::cheap, body::Aim::spools})
        aims << std::pair{Text::aim(a), QVariant(static_cast<int>(a))};
    m_aim->show(aims, static_cast<int>(p.wants.aim));
    m_steel->show({{tr("never"), false}, {tr("may be posed"), true}}, p.wants.steelMayPose);
    m_acting->show({{tr("quiet: half the range"), static_cast<int>(body::Acting::quiet)},
                    {tr("plain: the ranges as set"), static_cast<int>(body::Acting::plain)},
                    {tr("broad: half as far again"), static_cast<int>(body::Acting::broad)}},
                   static_cast<int>(p.wants.acting));
    const int supports = static_cast<int>(r.choice.skeleton.supportLinks.size());
    QList<std::pair<QString, QVariant>> feet{
        {supports > 2 ? tr("all but one (%1 of %2)").arg(supports - 1).arg(supports) : tr("one at a time"), 0}};
    for (int n = 1; n <= supports && supports > 1; ++n)
        feet << std::pair{tr("%1 of %2").arg(n).arg(supports), QVariant(n)};
    m_feet->show(feet, std::min(p.wants.feetDown, supports));
    m_feet->setEnabled(supports > 1);
    QList<std::pair<QString, QVariant>> needs{{tr("acting level and seconds of film"), false}};
    if (!p.poses.empty() || !p.wants.shot.empty())
        needs << std::pair{tr("the kept poses, over and again (%1)").arg(p.poses.size()), QVariant(true)};
    m_need->show(needs, !p.wants.shot.empty());
    m_retakes->show(p.wants.retakes);
    m_reserve->show(100 * p.wants.reserve);
    QList<std::pair<QString, QVariant>> counts;
    for (int n : wire::kStrandCounts)
        counts << std::pair{n == 7 ? tr("as many as it takes") : QString::number(n), QVariant(n)};
    m_strands->show(counts, p.wants.mostStrands);
    m_drops->show({{tr("may end on the way"), true}, {tr("all run to the tip"), false}}, p.wants.mayDrop);
    QStringList disliked;
    for (double d : p.wants.disliked_mm)
        disliked << Text::number(d, 2);
    if (!m_disliked->hasFocus()) m_disliked->setText(disliked.join(" "));
    m_held->show({{tr("the hardest pose in their ranges"), false}, {tr("the pose on the board only"), true}},
                 p.wants.thisPoseOnly);
    m_steadied->show({{tr("the other hand holds against"), false}, {tr("two hands or a stand hold it"), true}},
                     p.wants.steadied);
    const fill::Hands& hands = document().production().stock.shop.hands;
    m_pinch->show(hands.pinch_N), m_grasp->show(hands.grasp_N);
    m_poseEvery->show(p.wants.poseEvery_s);
    m_poseEvery->setEnabled(!p.wants.shot.empty());
    showMeasures(r);
    showTab();
}

void SheetPage::showTab() {
    switch (m_tabs->current()) {
    case 1:
        m_pictures->show();
        break;
    case 2:
        m_limbs->show();
        break;
    case 3:
        m_pose->show();
        break;
    case 4:
        m_eye->show();
        break;
    case 5:
        m_things->show();
        break;
    default:
        break;
    }
    updateGeometry();
}

void SheetPage::askHold() {
    using Kind = HoldWish::Kind;
    HoldWish wish;
    wish.kind = m_tabs->current() == 2 ? Kind::shape : m_tabs->current() == 3 ? Kind::bend : Kind::none;
    Q_EMIT holdWanted(wish);
}

/// The segments that are selected, the one that is shown first among them.
std::vector<std::pair<std::string, int>> SheetPage::segmentsInHand(const document::PartRef& shown) {
    std::vector<std::pair<std::string, int>> all{{shown.limb, shown.segment}};
    for (const Selection& s : document().selected()) {
        if (s.kind != Selection::Kind::segment) continue;
        const std::pair<std::string, int> one{document().puppet().limbs[static_cast<std::size_t>(s.limb)].id, s.index};
        if (std::find(all.begin(), all.end(), one) == all.end()) all.push_back(one);
    }
    return all;
}

/// A body to begin with, as wide as such a stretch often is; its half-widths are typed then.
void SheetPage::giveBody() {
    const int part = selectedPart(document());
    if (part < 0) return;
    const document::PartRef ref = refOf(document(), part);
    const body::Limb* l = body::findLimb(document().puppet(), ref.limb);
    if (!l || ref.segment < 0) return;
    const auto s = static_cast<std::size_t>(ref.segment);
    const double half = std::clamp(0.18 * norm(l->joints[s + 1].at_mm - l->joints[s].at_mm), 1.0, 40.0);
    document().change(tr("A body for %1").arg(m_partTitle->text()), [&](const document::Edits& e) {
        return e.setSections(ref.limb, ref.segment, {{0, half, half}, {0.5, half, half}, {1, half, half}});
    });
    m_a->setFocus();
    m_a->selectAll();
}

void SheetPage::showMeasures(const results::Report& r) {
    const Selection& s = document().selection();
    const body::Puppet& p = document().puppet();
    const int part = selectedPart(document());
    const bool any = s.kind != Selection::Kind::none && part >= 0;
    m_measures->setVisible(any);
    if (!any) {
        m_giveBody->hide();
        m_partTitle->setText(tr("Measures"));
        m_partText->setText(tr("Click a part of the drawing to see and change its half-widths."));
        return;
    }
    const fill::Part& at = r.choice.parts[static_cast<std::size_t>(part)];
    m_partTitle->setText(Text::capital(at.label));
    const bool mass = s.kind == Selection::Kind::mass;
    const bool weighed = mass && p.masses[static_cast<std::size_t>(s.index)].shape == body::MassShape::weighed;
    const std::string limb = mass ? std::string() : refOf(document(), part).limb;
    const bool mirrored = !mass && body::findLimb(p, limb)->mirrored;
    m_partText->setText(weighed ? tr("A piece that was weighed.")
                                : tr("%1 cm³, %2%3")
                                      .arg(Text::figure(at.volume_mm3 / 1000), Text::grams(at.mass_g()),
                                           mirrored ? tr("; the other side follows") : QString()));
    const auto row = [this](QWidget* field, bool shown) {
        field->setVisible(shown);
        m_form->labelForField(field)->setVisible(shown);
    };
    const std::size_t stationCount = mass ? 0
                                          : body::findLimb(p, limb)
                                                ->segments[static_cast<std::size_t>(refOf(document(), part).segment)]
                                                .sections.size();
    const bool bare = !mass && stationCount == 0;
    m_giveBody->setVisible(bare);
    row(m_massName, mass);
    if (mass && !m_massName->hasFocus())
        m_massName->setText(QString::fromStdString(p.masses[static_cast<std::size_t>(s.index)].name));
    if (bare) m_partText->setText(tr("Nothing but wire: it runs inside its parent."));
    const bool shaped = !weighed && !bare;
    row(m_sectionPick, !mass && !bare), row(m_a, shaped), row(m_b, shaped), row(m_c, mass && shaped),
        row(m_weight, weighed);
    const body::Limb* carrier = mass ? body::findLimb(p, p.masses[static_cast<std::size_t>(s.index)].limb) : nullptr;
    row(m_side, carrier && carrier->mirrored);
    if (carrier && carrier->mirrored)
        m_side->show({{tr("on both sides"), static_cast<int>(body::Side::both)},
                      {tr("on the left only"), static_cast<int>(body::Side::left)},
                      {tr("on the right only"), static_cast<int>(body::Side::right)}},
                     static_cast<int>(p.masses[static_cast<std::size_t>(s.index)].side));
    if (bare) return;
    if (weighed) {
        m_weight->show(p.masses[static_cast<std::size_t>(s.index)].weighed_g);
    } else if (mass) {
        const Vec3& h = p.masses[static_cast<std::size_t>(s.index)].half_mm;
        m_a->show(h.x), m_b->show(h.z), m_c->show(h.y);
    } else {
        const document::PartRef ref = refOf(document(), part);
        const auto& stations = body::findLimb(p, ref.limb)->segments[static_cast<std::size_t>(ref.segment)].sections;
        const double L = r.choice.skeleton.links[static_cast<std::size_t>(at.link)].length_mm;
        QList<std::pair<QString, QVariant>> entries;
        entries << std::pair{tr("all along"), QVariant(-1)};
        for (std::size_t i = 0; i < stations.size(); ++i)
            entries << std::pair{i == 0                     ? tr("its root")
                                 : i + 1 == stations.size() ? tr("its tip")
                                                            : tr("%1 along").arg(Text::length(stations[i].at * L, 0)),
                                 QVariant(static_cast<int>(i))};
        const int before = m_sectionPick->currentIndex() < 0 ? 0 : m_sectionPick->currentData().toInt();
        const int kept = before < static_cast<int>(stations.size()) ? before : 0;
        m_sectionPick->show(entries, kept);
        // Of all along the widest place stands for them, until one is typed.
        const auto widest = std::max_element(stations.begin(), stations.end(), [](const auto& x, const auto& y) {
            return x.a_mm + x.b_mm < y.a_mm + y.b_mm;
        });
        const body::Section& shown = kept < 0 ? *widest : stations[static_cast<std::size_t>(kept)];
        m_a->show(shown.a_mm), m_b->show(shown.b_mm);
    }
}

} // namespace enkinet::app
