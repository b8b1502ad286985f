#include "stations/shoot/shoot_page.h"
#include "base/units.h"
#include "sheet/tags.h"
#include "stations/shoot/poses_tab.h"
#include "stations/shoot/shot_table.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/tabs.h"
#include "words/text.h"
#include <QDate>
#include <QFileDialog>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using document::Shot;

namespace {

QPushButton* makeButton(const QString& text, const char* name) {
    auto* b = new QPushButton(text);
    b->setObjectName(name);
    return b;
}

Flow* makeRow(std::initializer_list<QWidget*> widgets) {
    auto* l = new Flow;
    for (QWidget* w : widgets)
        l->addWidget(w);
    return l;
}

} // namespace

ShootPage::ShootPage(Document& d) : Page(d, results::Station::shoot), m_motions(d) {
    m_table = new ShotTable;
    m_poses = new PosesTab(d, m_motions);
    m_stack = new QStackedWidget;
    m_stack->addWidget(m_table);
    m_stack->addWidget(&m_poses->bench());
    setBench(m_stack);
    m_head = new AnswerHead;
    m_head->sentenceLabel()->setObjectName("shootVerdict");
    m_limits = new StationTable(d, "shootTable");
    m_swaps = makeText();
    m_swaps->setObjectName("swapList");
    m_tabs = new Tabs;
    m_tabs->setObjectName("shootTabs");
    column()->addWidget(m_head);
    column()->addWidget(m_tabs);
    column()->addWidget(m_limits);
    column()->addWidget(m_swaps);
    addOpenPoints();
    m_tabs->add(tr("shots"), tr("The shots as cards, and what each wears"), makeFields());
    m_tabs->add(tr("poses"), tr("The shot in hand, pose by pose"), m_poses);
    column()->addWidget(m_shotTab);
    column()->addWidget(m_poses);
    column()->addStretch();
    connect(m_tabs, &Tabs::changed, m_stack, &QStackedWidget::setCurrentIndex);
    // Rows wrap by the width that the list has once it is seen.
    connect(m_tabs, &Tabs::changed, this, &ShootPage::showShot, Qt::QueuedConnection);
    connect(m_table, &ShotTable::shotChosen, this, &ShootPage::setShot);
    connect(&m_job, &ShotWearJob::changed, this, &ShootPage::arrived);
    connect(&d, &Document::replaced, &m_job, [this] { m_job.forget(); });
    connect(&d, &Document::changed, &m_job, [this] { m_job.leave(document()); });
}

QWidget* ShootPage::makeFields() {
    m_source = makeText(true);
    m_add = makeButton(tr("Add a shot"), "shotAdd"), m_remove = makeButton(tr("Remove"), "shotRemove");
    m_earlier = makeButton(tr("Earlier"), "shotEarlier"), m_later = makeButton(tr("Later"), "shotLater");
    m_motion = makeButton(tr("Motion or sheet…"), "shotMotion"), m_done = makeButton({}, "shotDone"),
    m_break = makeButton(tr("It broke"), "shotBreak");
    m_design = makeButton(tr("Design for these shots"), "shotDesign");
    m_design->setToolTip(tr("Each joint is asked to last what these shots ask of it, no more and no less"));
    m_name = new QLineEdit;
    m_name->setObjectName("shotName");
    m_name->setAccessibleName(tr("Name of the shot"));
    m_day = new QLineEdit;
    m_day->setObjectName("shotDay");
    m_day->setAccessibleName(tr("Day on which it is shot"));
    m_day->setPlaceholderText("2026-12-21");
    m_frames = new NumberField(NumberField::Kind::whole, 1, 200000, 1, 0, tr("Frames in the film"));
    m_frames->setObjectName("shotFrames");
    m_fps = new NumberField(NumberField::Kind::plain, 1, 240, 1, 0, tr("Frames a second"));
    m_fps->setObjectName("shotFps");
    m_on = new NumberField(NumberField::Kind::whole, 1, 24, 1, 0, tr("Frames that each pose is held for"));
    m_on->setObjectName("shotOn");
    m_retakes = new NumberField(NumberField::Kind::plain, 0, 2000, 5, 0, tr("Poses that are posed again, per cent"));
    m_retakes->setObjectName("shotRetakes");
    m_copy = new ChoiceField(tr("Which copy of this puppet acts in it"));
    m_copy->setObjectName("shotCopy");
    m_acting = new ChoiceField(tr("How widely it acts, where no motion says so"));
    m_acting->setObjectName("shotActing");
    m_broke = new ChoiceField(tr("Joint that broke"));
    m_broke->setObjectName("shotBroke");
    m_broke->setMinimumContentsLength(8);
    m_shotTab = new QWidget;
    auto* tab = new QVBoxLayout(m_shotTab);
    tab->setContentsMargins(0, 0, 0, 0);
    tab->setSpacing(6);
    tab->addLayout(makeRow({m_add, m_earlier, m_later, m_remove}));
    m_fields = new QWidget;
    auto* v = new QVBoxLayout(m_fields);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    auto* form = makeForm();
    form->addRow(tr("name"), m_name);
    // Two fields in a row, the second with its word before it.
    const auto pair = [&](const QString& word, QWidget* field, const QString& word2, QWidget* field2) {
        auto* h = new Flow;
        h->addWidget(field);
        auto* label = new QLabel(word2);
        label->setBuddy(field2);
        h->addWidget(label);
        h->addWidget(field2);
        form->addRow(word, h);
    };
    pair(tr("frames"), m_frames, tr("a second"), m_fps);
    pair(tr("each held"), m_on, tr("again, %"), m_retakes);
    form->addRow(tr("day"), m_day);
    form->addRow(tr("who"), m_copy);
    form->addRow(tr("acting"), m_acting);
    v->addLayout(form);
    v->addWidget(m_source);
    v->addLayout(makeRow({m_motion, m_done}));
    v->addLayout(makeRow({m_broke, m_break}));
    tab->addWidget(m_fields);
    tab->addLayout(makeRow({m_design}));
    connect(m_design, &QPushButton::clicked, this, &ShootPage::designForShots);
    connect(m_add, &QPushButton::clicked, this, &ShootPage::addShot);
    connect(m_remove, &QPushButton::clicked, this, [this] {
        if (const Shot* s = shot())
            change(tr("Remove shot: %1").arg(QString::fromStdString(s->name)),
                   [i = m_shot](std::vector<Shot>& all) { all.erase(all.begin() + i); });
    });
    const auto move = [this](int by) {
        const int to = m_shot + by;
        const auto& all = document().production().shots;
        if (!shot() || to < 0 || to >= static_cast<int>(all.size())) return;
        const int from = m_shot;
        m_shot = to;
        change(by < 0 ? tr("Shoot it earlier") : tr("Shoot it later"), [from, to](std::vector<Shot>& x) {
            std::swap(x[static_cast<std::size_t>(from)], x[static_cast<std::size_t>(to)]);
        });
    };
    connect(m_earlier, &QPushButton::clicked, this, [move] { move(-1); });
    connect(m_later, &QPushButton::clicked, this, [move] { move(1); });
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (!m_name->isModified()) return;
        m_name->setModified(false);
        changeShot(tr("Name of the shot: %1").arg(m_name->text()),
                   [name = m_name->text().trimmed().toStdString()](Shot& s) { s.name = name; });
    });
    connect(m_day, &QLineEdit::editingFinished, this, [this] {
        if (!m_day->isModified()) return;
        m_day->setModified(false);
        const std::string text = m_day->text().trimmed().toStdString();
        const auto day = parseIsoDate(text);
        if (!text.empty() && !day) {
            Q_EMIT document().refused(tr("“%1” is no day such as 2026-12-21").arg(m_day->text()));
            return showShot();
        }
        changeShot(tr("Day of the shot"), [day](Shot& s) { s.day = day; });
    });
    connect(m_frames, &NumberField::edited, this, [this](double x) {
        changeShot(
            tr("Frames of the shot"), [x](Shot& s) { s.frames = static_cast<int>(x); }, Document::Merge::yes);
    });
    connect(m_fps, &NumberField::edited, this, [this](double x) {
        changeShot(
            tr("Frames a second"), [x](Shot& s) { s.fps = x; }, Document::Merge::yes);
    });
    connect(m_on, &NumberField::edited, this, [this](double x) {
        changeShot(
            tr("Frames a pose"), [x](Shot& s) { s.onEach = static_cast<int>(x); }, Document::Merge::yes);
    });
    connect(m_retakes, &NumberField::edited, this, [this](double x) {
        changeShot(
            tr("Retakes"), [x](Shot& s) { s.retakes = x / 100; }, Document::Merge::yes);
    });
    const auto castOf = [this](Shot& s) -> document::Cast* {
        for (document::Cast& c : s.cast)
            if (c.puppet == document().puppet().id) return &c;
        return nullptr;
    };
    connect(m_copy, &ChoiceField::edited, this, [this, castOf](const QVariant& picked) {
        const int copy = picked.toInt();
        changeShot(copy ? tr("Who acts in it") : tr("Not in this shot"), [&](Shot& s) {
            if (copy == 0)
                std::erase_if(s.cast, [&](const document::Cast& c) { return c.puppet == document().puppet().id; });
            else if (document::Cast* c = castOf(s))
                c->copy = copy;
            else
                s.cast.push_back({document().puppet().id, copy});
        });
    });
    connect(m_acting, &ChoiceField::edited, this, [this, castOf](const QVariant& picked) {
        const int level = picked.toInt();
        changeShot(tr("Acting in the shot"), [&](Shot& s) {
            if (document::Cast* c = castOf(s)) {
                c->histories.clear(), c->poses.clear(), c->links.clear();
                if (level < 0)
                    for (const body::Pose& pose : document().puppet().poses)
                        c->poses.push_back(pose.name);
                else
                    c->acting = static_cast<body::Acting>(level);
            }
        });
    });
    connect(m_done, &QPushButton::clicked, this, [this] {
        if (const Shot* s = shot())
            markShot(s->done ? tr("Not shot after all") : tr("Shot: %1").arg(QString::fromStdString(s->name)),
                     [](Shot& x) { x.done = !x.done; });
    });
    connect(m_break, &QPushButton::clicked, this, &ShootPage::breakJoint);
    connect(m_motion, &QPushButton::clicked, this, [this] {
        const QString path =
            QFileDialog::getOpenFileName(this, tr("Motion of %1").arg(QString::fromStdString(document().puppet().name)),
                                         {}, tr("Motion and exposure sheets (*.bvh *.csv)"));
        if (path.isEmpty()) return;
        if (const QString fault = takeMotion(path); !fault.isEmpty()) Q_EMIT document().refused(fault);
    });
    return m_shotTab;
}

void ShootPage::designForShots() {
    const ShotWearJob::State k = m_job.state();
    if (!knowsFilm()) return;
    const auto needs = results::findShotNeeds(*k->of, k->from->puppets, k->film, document().puppetIndex());
    if (needs.empty())
        return Q_EMIT document().refused(tr("No shot moves %1: there is nothing to design for")
                                             .arg(QString::fromStdString(document().puppet().name)));
    document().change(tr("Design for these shots: %n joint(s) asked anew", nullptr, static_cast<int>(needs.size())),
                      [&](const document::Edits& e) { return e.setNeeds(needs); });
}

const Shot* ShootPage::shot() {
    const auto& all = document().production().shots;
    return m_shot >= 0 && m_shot < static_cast<int>(all.size()) ? &all[static_cast<std::size_t>(m_shot)] : nullptr;
}

void ShootPage::change(const QString& name, const std::function<void(std::vector<Shot>&)>& mutate) {
    std::vector<Shot> all = document().production().shots;
    mutate(all);
    document().change(name, [&](const document::Edits& e) { return e.setShots(all); });
}

void ShootPage::changeShot(const QString& name, const std::function<void(Shot&)>& mutate, Document::Merge merge) {
    if (!shot()) return;
    std::vector<Shot> all = document().production().shots;
    mutate(all[static_cast<std::size_t>(m_shot)]);
    document().change(
        name, [&](const document::Edits& e) { return e.setShots(all); }, merge);
}

/// What is in the can, and what broke, are lives of wires: they are written down with it. Its buttons wait for the
/// ledger of what is shown.
void ShootPage::markShot(const QString& name, const std::function<void(Shot&)>& mutate) {
    const ShotWearJob::State k = m_job.state();
    if (!shot() || !knowsFilm()) return;
    std::vector<Shot> all = document().production().shots;
    mutate(all[static_cast<std::size_t>(m_shot)]);
    const std::string id = all[static_cast<std::size_t>(m_shot)].id;
    const auto wears = results::findWearTests(*k->of, k->from->puppets, k->film, all, m_shot,
                                              QDate::currentDate().toString(Qt::ISODate).toStdString());
    document().change(name, [&](const document::Edits& e) { return e.setShots(all, id, wears); });
}

bool ShootPage::knowsFilm() {
    const ShotWearJob::State k = m_job.state();
    return k && k->of == document().value() && !document().isWorking();
}

void ShootPage::addShot() {
    const auto& all = document().production().shots;
    Shot s;
    for (int n = static_cast<int>(all.size()) + 1;
         s.id.empty() || std::any_of(all.begin(), all.end(), [&](const Shot& x) { return x.id == s.id; }); ++n)
        s.id = "shot-" + std::to_string(n);
    s.name = tr("shot %1").arg(all.size() + 1).toStdString();
    s.cast = {{document().puppet().id}};
    if (!all.empty())
        s.fps = all.back().fps, s.onEach = all.back().onEach, s.retakes = all.back().retakes, s.day = all.back().day;
    m_shot = static_cast<int>(all.size());
    change(tr("Add a shot"), [&](std::vector<Shot>& x) { x.push_back(s); });
}

QString ShootPage::takeMotion(const QString& path) {
    if (!shot()) addShot();
    return m_motions.take(path, m_shot);
}

const document::Cast* ShootPage::cast() { return shot() ? findCast(*shot(), document().puppet()) : nullptr; }

void ShootPage::breakJoint() {
    const QStringList at = m_broke->currentData().toString().split('/');
    if (at.size() != 3 || !shot()) return;
    const int copy = cast() ? cast()->copy : 1;
    markShot(tr("Broke: %1").arg(m_broke->currentText()), [&](Shot& s) {
        s.breaks.push_back(
            {document().puppet().id, at[0].toStdString(), at[1].toStdString(), copy, s.frames, at[2] == "r"});
    });
}

void ShootPage::show(const results::Report&) {
    m_job.follow(document());
    // Another puppet of the same film needs no new answer.
    showTable();
    showShot();
}

void ShootPage::showTable() {
    const ShotWearJob::State k = m_job.state();
    m_table->show(k, k ? document::findPuppetIndex(*k->of, document().puppet().id) : -1);
}

void ShootPage::setShot(int shot) {
    m_shot = shot;
    m_table->setShot(shot);
    showShot();
}

void ShootPage::arrived() {
    if (!document().hasPuppet()) return;
    showTable();
    showShot();
}

void ShootPage::showFields(const Shot& shot, const document::Cast* cast) {
    const Shot* s = &shot;
    if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(s->name));
    if (!m_day->hasFocus()) m_day->setText(s->day ? QString::fromStdString(isoDate(*s->day)) : QString());
    m_frames->show(s->frames), m_fps->show(s->fps), m_on->show(s->onEach), m_retakes->show(100 * s->retakes);
    QList<std::pair<QString, QVariant>> copies{{tr("not in it"), 0}};
    for (int c = 1; c <= document().puppet().things.copies; ++c)
        copies << std::pair{
            document().puppet().things.copies > 1
                ? tr("%1 %2", "puppet, copy").arg(QString::fromStdString(document().puppet().name)).arg(c)
                : QString::fromStdString(document().puppet().name),
            QVariant(c)};
    m_copy->show(copies, cast ? cast->copy : 0);
    QList<std::pair<QString, QVariant>> acting{{tr("quietly"), 0}, {tr("plainly"), 1}, {tr("broadly"), 2}};
    if (!document().puppet().poses.empty()) acting << std::pair{tr("through its kept poses"), QVariant(-1)};
    if (cast && !cast->histories.empty()) acting << std::pair{tr("as its motion says"), QVariant(-2)};
    m_acting->show(acting, !cast                      ? 1
                           : !cast->histories.empty() ? -2
                           : !cast->poses.empty()     ? -1
                                                      : static_cast<int>(cast->acting));
    m_acting->setEnabled(cast != nullptr);
    m_source->setText(s->source.empty() ? QString() : tr("motion from %1").arg(QString::fromStdString(s->source)));
    m_source->setVisible(!s->source.empty());
    m_done->setText(s->done ? tr("Not shot after all") : tr("It is shot"));
    const auto joints = posedJoints(document().puppet());
    m_broke->show(joints, keptEntry(*m_broke, joints));
    m_break->setEnabled(cast != nullptr && !joints.isEmpty() && knowsFilm());
}

/// What a joint has spent after the shot in hand, and why.
StationRow ShootPage::rowOf(const results::WornJoint& j, double after, const Shot& shot) {
    const body::Puppet& puppet = document().puppet();
    const body::Limb& limb = puppet.limbs[static_cast<std::size_t>(j.limb)];
    const QString name = jointName(puppet, j);
    const double before = j.before[static_cast<std::size_t>(m_shot)].value;
    Why w;
    w.title = tr("Why %1 % of what nine in ten such wires stand").arg(Text::number(100 * after, 0));
    if (!std::isnan(before))
        w.chain << tr("%1 % was spent in shots before this one").arg(Text::number(100 * before, 0));
    const document::Cast* c = cast();
    w.chain << (c && !c->histories.empty()
                    ? tr("its bends, counted to and fro in the motion of this shot")
                    : tr("its bends, from how widely it acts: %1 frames, each pose held for %n frame(s)", nullptr,
                         shot.onEach)
                          .arg(shot.frames))
            << tr("each bend is made a little farther, for the wire springs back");
    if (shot.retakes > 0)
        w.chain << tr("%1 % of the poses are posed again, typed").arg(Text::number(100 * shot.retakes, 0));
    for (const choice::LimbChoice& l : document().report().choice.limbs) {
        if (l.limb != j.limb || l.chosen < 0) continue;
        const choice::Candidate& made = l.candidates()[static_cast<std::size_t>(l.chosen)];
        w.chain << Text::limbWire(limb, l, made, cardName(document().production(), document().report(), made.spool));
        const wire::Calibration& tested = document().report().stock.calibrationOf(made.spool);
        w.sureness = tested.hasLife() ? tr("Calibrated by your tests of this spool: %1.").arg(Text::tests(tested))
                                      : tr("From table values: this wire has not been tested.");
        w.test = tr("What would narrow it most: bend a piece of this spool to and fro until it breaks, and count.");
    }
    return {{name, tr("%1 %").arg(Text::number(100 * after, 0)), tr("at most 100 %"), after > 0 ? 1 / after : 20, false,
             look().slack},
            w};
}

void ShootPage::showShot() {
    const auto& all = document().production().shots;
    m_shot = std::clamp(m_shot, 0, std::max(0, static_cast<int>(all.size()) - 1));
    const Shot* s = shot();
    m_fields->setVisible(s != nullptr);
    for (QWidget* w : std::initializer_list<QWidget*>{m_remove, m_earlier, m_later})
        w->setEnabled(s != nullptr);
    for (QWidget* w : std::initializer_list<QWidget*>{m_done, m_break, m_design})
        w->setEnabled(s != nullptr && knowsFilm());
    m_poses->show(m_job.state(), m_shot);
    const ShotWearJob::State k = m_job.state();
    if (!s) {
        m_head->show(
            tr("No shot yet"), {},
            tr("Add the first shot: its frames, who is in it and how widely they act; then what it wears is known."));
        m_head->setStamp({});
        m_limits->hide(), m_swaps->hide();
        return;
    }
    m_table->setShot(m_shot);
    const int puppet = document().puppetIndex();
    showFields(*s, cast());
    // What it wears.
    if (!k || k->of != document().value()) return;
    const auto worn = results::findWorn(k->film.ledger, puppet, all.size());
    std::vector<std::pair<double, const results::WornJoint*>> here; // after this shot, the most spent first
    for (const results::WornJoint& j : worn)
        if (const double after = j.after[static_cast<std::size_t>(m_shot)].value; !std::isnan(after))
            here.emplace_back(after, &j);
    std::stable_sort(here.begin(), here.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    const bool none = here.empty();
    const double most = none ? 0 : here.front().first;
    const QString worst = none ? QString() : jointName(document().puppet(), *here.front().second);
    constexpr std::size_t kRows = 4;
    std::vector<StationRow> rows;
    for (std::size_t i = 0; i < std::min(kRows, here.size()); ++i)
        rows.push_back(rowOf(*here[i].second, here[i].first, *s));
    m_limits->show(std::move(rows));
    QStringList sentence;
    if (!std::isnan(k->film.chance))
        sentence << tr("No shot stops in %1 of 100 such films.").arg(Text::number(100 * k->film.chance, 0));
    if (none && cast())
        sentence << tr("%1 acts here, and no wire of it bends: nothing wears.")
                        .arg(QString::fromStdString(document().puppet().name));
    else if (none)
        sentence << tr("%1 is not in this shot.").arg(QString::fromStdString(document().puppet().name));
    else if (most > 1)
        sentence << tr("After this one the %1 has spent more than nine in ten stand.").arg(worst);
    m_head->show(QString::fromStdString(s->name),
                 tr("shot %1 of %2, %3 s").arg(m_shot + 1).arg(all.size()).arg(Text::number(s->seconds(), 1)),
                 sentence.join(" "));
    if (most > 1)
        m_head->setStamp(tr("swap"), look().slack);
    else
        m_head->setStamp({});
    QStringList swaps;
    for (const shoot::Ledger::Swap& w : k->film.ledger.swaps) {
        const body::Puppet& p = document().production().puppets[static_cast<std::size_t>(w.puppet)];
        const body::Limb& l = p.limbs[static_cast<std::size_t>(w.limb)];
        const Shot& at = all[static_cast<std::size_t>(w.shot)];
        const auto& swapList = k->film.ledger.swaps;
        const bool both =
            l.mirrored && std::any_of(swapList.begin(), swapList.end(), [&](const shoot::Ledger::Swap& o) {
                return o.puppet == w.puppet && o.copy == w.copy && o.limb == w.limb && o.joint == w.joint &&
                       o.shot == w.shot && o.right != w.right;
            });
        if (both && w.right) continue; // said with the left one
        const QString limb = both ? tr("%1 on both sides").arg(QString::fromStdString(l.name))
                                  : Text::sided(l, QString::fromStdString(l.name), w.right);
        swaps << tr("Swap the %1 of %2 before “%3”: its %4 is due.")
                     .arg(limb, QString::fromStdString(p.name), QString::fromStdString(at.name),
                          QString::fromStdString(l.joints[static_cast<std::size_t>(w.joint)].name));
    }
    m_swaps->setText(swaps.mid(0, 4).join("\n"));
    m_swaps->setVisible(!swaps.isEmpty());
}

} // namespace enkinet::app
