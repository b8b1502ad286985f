#include "stations/paint/paint_page.h"
#include "document/translated.h"
#include "stations/layers/part_in_hand.h"
#include "stations/paint/mix_plate.h"
#include "stations/paint/photo_pick.h"
#include "stations/paint/tone_patch.h"
#include "stations/station_rows.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "widgets/paper.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFormLayout>
#include <QIcon>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

namespace {
constexpr int kCoatRow = 44;
}

CoatStack::CoatStack(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Coats in order"));
}

QSize CoatStack::sizeHint() const { return {330, kCoatRow * (static_cast<int>(m_rows.size()) + 1)}; }

void CoatStack::show(const QColor& clay, const QString& clayName, const std::vector<paint::Laid>& laid) {
    m_clay = clay, m_clayName = clayName;
    m_rows.clear();
    QStringList said;
    for (const paint::Laid& l : laid) {
        Row r;
        // What covers is shown as it will look over what lies below; what is thin, as it comes from the pot.
        const bool covers = l.role == paint::Role::base || l.role == paint::Role::primer;
        r.colour = QColor(QString::fromStdString(covers ? paint::toHex(l.seen) : l.card->colour));
        r.clear = l.role == paint::Role::varnish;
        const QString where = Text::zone(l.zone, l.from, l.to);
        r.text = where.isEmpty() ? tr("%1: %2").arg(Text::role(l.role), QString::fromStdString(l.card->name))
                                 : tr("%1 %2: %3").arg(Text::role(l.role), where, QString::fromStdString(l.card->name));
        r.more = tr("%1, %2 ml, dry in %3")
                     .arg(l.coats == 1 ? tr("1 coat") : tr("%1 coats").arg(l.coats), Text::number(l.ml, 1),
                          Text::minutes(l.dry_min));
        if (l.role == paint::Role::base || l.role == paint::Role::primer)
            r.contrast = tr(", ΔE %1 to below").arg(Text::number(l.contrast, 0));
        said << r.text + " " + r.more + r.contrast;
        m_rows.push_back(r);
    }
    setAccessibleDescription(said.join("; "));
    // No step so low that its words lie on the next one's.
    setMinimumHeight(26 * (static_cast<int>(m_rows.size()) + 1) + 8);
    updateGeometry();
    update();
}

void CoatStack::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    // A patch as large as a hand; each coat leaves a step of what lies under it bare, as on a test chip.
    const int n = static_cast<int>(m_rows.size()) + 1;
    const double chip = std::min({width() * 0.46, height() - 10.0, 320.0});
    const double step = chip / (n + 1);
    const auto row = [&](int i, const QColor& colour, bool clear, const QString& text, const QString& more,
                         const QString& contrast) {
        const QRectF box(i * step * 0.8, i * step + 2, chip - i * step * 0.8, chip - i * step);
        if (i == 0) drawShadow(p, box, 8);
        p.setPen(QPen(look().graphite, 0.8));
        p.setBrush(clear ? QBrush(QColor(255, 255, 255, 70)) : QBrush(colour));
        p.drawRect(box);
        if (i == 0) p.fillRect(box, QBrush(clayGrain()));
        if (clear) {
            QLinearGradient shine(box.topLeft(), box.bottomRight());
            shine.setColorAt(0.35, QColor(255, 255, 255, 0));
            shine.setColorAt(0.5, QColor(255, 255, 255, 90));
            shine.setColorAt(0.65, QColor(255, 255, 255, 0));
            p.fillRect(box, shine);
        }
        // Words beside the step, tied to it.
        const double y = box.top() + std::min(step, 44.0) / 2, x = chip + 28;
        p.setPen(QPen(look().faint, 1));
        p.drawLine(QPointF(chip + 2, y), QPointF(x - 8, y));
        p.setPen(look().ink);
        if (step < 40) {
            // No room for two lines: all on one, smaller, or on two that are smaller yet.
            const QString all = tr("%1; %2", "coat; coats, ml, drying").arg(text, more + contrast);
            p.setFont(deskType(13));
            if (fits(p.font(), width() - x, all)) {
                drawFitted(p, QRectF(x, y - 9, width() - x, 18), Qt::AlignLeft | Qt::AlignVCenter, all);
                return;
            }
            p.setFont(deskType(11));
            drawFitted(p, QRectF(x, y - 12, width() - x, 12), Qt::AlignLeft | Qt::AlignVCenter, text);
            p.setPen(look().graphite);
            drawFitted(p, QRectF(x, y, width() - x, 12), Qt::AlignLeft | Qt::AlignVCenter,
                       fits(p.font(), width() - x, more + contrast) ? more + contrast : more);
            return;
        }
        p.setFont(deskType(15, QFont::DemiBold));
        drawFitted(p, QRectF(x, y - 20, width() - x, 20), Qt::AlignLeft | Qt::AlignVCenter, text);
        p.setFont(deskType(13));
        p.setPen(look().graphite);
        drawFitted(p, QRectF(x, y, width() - x, 18), Qt::AlignLeft | Qt::AlignVCenter,
                   fits(p.font(), width() - x, more + contrast) ? more + contrast : more);
    };
    row(0, m_clay, false, m_clayName, tr("what the first coat goes on"), {});
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        row(static_cast<int>(i) + 1, m_rows[i].colour, m_rows[i].clear, m_rows[i].text, m_rows[i].more,
            m_rows[i].contrast);
}

PaintPage::PaintPage(Document& d) : Page(d, results::Station::paint) {
    m_title = makeTitle();
    m_text = makeText();
    m_text->setObjectName("paintText");
    m_scheme = new ChoiceField(tr("Paint scheme of this part"));
    m_scheme->setObjectName("scheme");
    m_stack = new CoatStack;
    m_sum = makeText();
    m_caution = makeText(true);
    m_caution->setText(Text::caution(make::Caution::air_spray));
    m_rules = makeText();
    m_rules->setObjectName("coatRules");
    column()->addWidget(m_title);
    auto* form = makeForm();
    form->addRow(tr("scheme"), m_scheme);
    column()->addLayout(form);
    column()->addWidget(m_text);
    m_rows = new StationTable(d, "paintTable");
    column()->addWidget(m_rows);
    addOpenPoints();
    makeSchemeRows();
    auto* bench = new QWidget;
    bench->setObjectName("paintBench");
    auto* b = new QVBoxLayout(bench);
    b->setContentsMargins(24, 16, 24, 16);
    b->setSpacing(10);
    m_benchTitle = makeTitle();
    b->addWidget(m_benchTitle);
    m_hint = makeText(true);
    m_hint->setText(tr("Coat by coat on what lies below: each leaves a step of it bare, as on a chip."));
    b->addWidget(m_hint);
    b->addWidget(m_stack, 1);
    m_plate = new MixPlate;
    m_photo = new PhotoPick;
    b->addWidget(m_photo, 1);
    m_photo->hide();
    m_tones = new TonePatch;
    b->addWidget(m_tones);
    b->addWidget(m_plate);
    m_plate->hide();
    setBench(bench);
    makeCoat();
    column()->addWidget(m_rules);
    makeRelief();
    makeMixing();
    makePhoto();
    column()->addWidget(makeHeading(tr("Paint for the whole puppet")));
    column()->addWidget(m_sum);
    column()->addWidget(m_caution);
    column()->addStretch();
    connect(m_scheme, &ChoiceField::edited, this, [this](const QVariant& v) {
        const std::string id = v.toString().toStdString();
        changeLayers(document(), tr("Paint of %1").arg(m_title->text()), [&](body::Layers& l) { l.scheme = id; });
    });
}

void PaintPage::makeSchemeRows() {
    m_coats = new RowList(6);
    m_coats->setObjectName("coatList");
    m_coats->setAccessibleName(tr("Coats of this scheme, the first at the top"));
    const auto button = [](const QString& text, const char* name) {
        auto* b = new QPushButton(text);
        b->setObjectName(name);
        return b;
    };
    m_up = button(tr("Earlier"), "coatUp"), m_down = button(tr("Later"), "coatDown"),
    m_remove = button(tr("Leave out"), "coatRemove");
    m_new = button(tr("New scheme"), "schemeNew"), m_drop = button(tr("Throw away"), "schemeDrop");
    m_name = new QLineEdit;
    m_name->setObjectName("schemeName");
    m_name->setAccessibleName(tr("Name of the scheme"));
    m_role = new ChoiceField(tr("What the coat is for"));
    m_role->setObjectName("coatRole");
    QList<std::pair<QString, QVariant>> roles;
    for (int k = 0; k <= static_cast<int>(paint::Role::varnish); ++k)
        roles << std::pair{Text::role(static_cast<paint::Role>(k)), QVariant(k)};
    m_role->show(roles, static_cast<int>(paint::Role::base));
    m_paint = new ChoiceField(tr("Paint of the coat"));
    m_paint->setObjectName("coatPaint");
    m_addCoat = button(tr("Add"), "coatAdd");
    // Names of paints may be long; the card is not.
    for (ChoiceField* box : {m_role, m_paint})
        box->setMinimumContentsLength(6);
    m_coats->setIconSize({18, 18});
    auto* head = new Flow;
    head->addWidget(m_new);
    m_school = new ChoiceField(tr("Coats after a school, in this part's colour"));
    m_school->setObjectName("paintSchool");
    m_school->setMinimumContentsLength(6);
    m_school->show({{tr("coats after …"), -1},
                    {tr("wash and dry brush"), 0},
                    {tr("out of the dark"), 1},
                    {tr("oil over acrylic"), 2},
                    {tr("sheen on coloured clay"), 3}},
                   -1);
    head->addWidget(m_drop);
    column()->addLayout(head);
    auto* named = new Flow;
    named->addWidget(m_name);
    named->addWidget(m_school);
    column()->addLayout(named);
    column()->addWidget(m_coats);
    auto* row = new Flow;
    for (QPushButton* b : {m_up, m_down, m_remove})
        row->addWidget(b);
    column()->addLayout(row);
    auto* add = new Flow;
    add->addWidget(m_role);
    add->addWidget(m_paint);
    add->addWidget(m_addCoat);
    column()->addLayout(add);
    connect(m_new, &QPushButton::clicked, this, [this] { addScheme(); });
    connect(m_drop, &QPushButton::clicked, this, [this] {
        const paint::Scheme* s = scheme();
        if (!s) return;
        const std::string id = s->id;
        // Off every part that carries it, and away: one step.
        document().change(tr("Throw away: %1").arg(QString::fromStdString(s->name)), [&](const document::Edits& e) {
            std::vector<document::Edits::Step> steps;
            const body::Puppet& p = document().puppet();
            for (const body::Limb& l : p.limbs)
                for (std::size_t i = 0; i < l.segments.size(); ++i)
                    if (l.segments[i].layers.scheme == id)
                        steps.push_back([ref = document::PartRef{l.id, static_cast<int>(i), {}},
                                         layers = l.segments[i].layers](const document::Edits& x) mutable {
                            body::Layers bare = layers;
                            bare.scheme.clear();
                            return x.setLayers(ref, bare);
                        });
            for (const body::Mass& m : p.masses)
                if (m.layers.scheme == id)
                    steps.push_back(
                        [ref = document::PartRef{{}, 0, m.id}, layers = m.layers](const document::Edits& x) {
                            body::Layers bare = layers;
                            bare.scheme.clear();
                            return x.setLayers(ref, bare);
                        });
            steps.push_back([id](const document::Edits& x) { return x.removeScheme(id); });
            return e.chain(steps);
        });
    });
    connect(m_school, &ChoiceField::edited, this, [this](const QVariant& picked) {
        m_school->setCurrentIndex(0);
        if (picked.toInt() >= 0) followSchool(static_cast<paint::School>(picked.toInt()));
    });
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (!m_name->isModified()) return;
        m_name->setModified(false);
        const std::string name = m_name->text().trimmed().toStdString();
        changeScheme(tr("Name of the scheme: %1").arg(m_name->text()), [&](paint::Scheme& s) { s.name = name; });
    });
    connect(m_up, &QPushButton::clicked, this, [this] { moveCoat(-1); });
    connect(m_down, &QPushButton::clicked, this, [this] { moveCoat(1); });
    connect(m_remove, &QPushButton::clicked, this, [this] {
        const int at = m_coats->currentRow();
        const paint::Scheme* s = scheme();
        if (!s || at < 0 || at >= static_cast<int>(s->coats.size())) return;
        changeScheme(tr("Leave out a coat"), [&](paint::Scheme& x) { x.coats.erase(x.coats.begin() + at); });
    });
    connect(m_addCoat, &QPushButton::clicked, this, [this] {
        const paint::Coat coat{static_cast<paint::Role>(m_role->currentData().toInt()),
                               m_paint->currentData().toString().toStdString()};
        const int at = m_coats->currentRow();
        changeScheme(tr("Add a coat"), [&](paint::Scheme& s) {
            // Behind the one in hand; a varnish stays last.
            auto place =
                at >= 0 && at + 1 < static_cast<int>(s.coats.size()) ? s.coats.begin() + at + 1 : s.coats.end();
            if (place == s.coats.end() && !s.coats.empty() && s.coats.back().role == paint::Role::varnish &&
                coat.role != paint::Role::varnish)
                --place;
            s.coats.insert(place, coat);
        });
    });
}

const paint::Scheme* PaintPage::scheme() {
    const auto& d = document();
    if (!d.hasPuppet()) return nullptr;
    const int part = selectedPart(d);
    if (part < 0) return nullptr;
    const std::string& id = layersOf(d, part).scheme;
    for (const paint::Scheme& s : d.production().schemes)
        if (s.id == id) return &s;
    return nullptr;
}

void PaintPage::changeScheme(const QString& name, const std::function<void(paint::Scheme&)>& mutate,
                             Document::Merge merge) {
    const paint::Scheme* s = scheme();
    if (!s) return;
    paint::Scheme next = *s;
    mutate(next);
    document().change(
        name, [&](const document::Edits& e) { return e.putScheme(next); }, merge);
}

void PaintPage::moveCoat(int by) {
    const paint::Scheme* s = scheme();
    const int at = m_coats->currentRow(), to = at + by;
    if (!s || at < 0 || to < 0 || to >= static_cast<int>(s->coats.size())) return;
    changeScheme(by < 0 ? tr("A coat earlier") : tr("A coat later"), [&](paint::Scheme& x) {
        std::swap(x.coats[static_cast<std::size_t>(at)], x.coats[static_cast<std::size_t>(to)]);
    });
    m_coats->setCurrentRow(to);
}

/// As the part's present scheme, to be changed; else with such coats, or nothing on it yet.
void PaintPage::addScheme(const std::vector<paint::Coat>& coats) {
    const int part = selectedPart(document());
    if (part < 0) return;
    const auto& all = document().production().schemes;
    paint::Scheme fresh;
    fresh.coats = coats;
    if (const paint::Scheme* s = scheme()) fresh = *s;
    for (int n = 1; fresh.id.empty() ||
                    std::any_of(all.begin(), all.end(), [&](const paint::Scheme& s) { return s.id == fresh.id; });
         ++n)
        fresh.id = "scheme-" + std::to_string(n);
    fresh.name = tr("paint of the %1")
                     .arg(translated(document().report().choice.parts[static_cast<std::size_t>(part)].label))
                     .toStdString();
    const document::PartRef ref = refOf(document(), part);
    body::Layers layers = layersOf(document(), part);
    layers.scheme = fresh.id;
    document().change(tr("New scheme: %1").arg(QString::fromStdString(fresh.name)), [&](const document::Edits& e) {
        return e.chain({[&](const document::Edits& x) { return x.putScheme(fresh); },
                        [&](const document::Edits& x) { return x.setLayers(ref, layers); }});
    });
}

/// In the colour that the part has now: its base, else its clay. On the part's scheme, or on a new one.
void PaintPage::followSchool(paint::School school) {
    const int part = selectedPart(document());
    if (part < 0) return;
    const results::Report& r = document().report();
    std::string colour;
    if (const paint::Scheme* s = scheme())
        for (const paint::Coat& c : s->coats)
            for (const paint::PaintCard& card : r.cards->paints)
                if (card.id == c.paint && c.role == paint::Role::base) colour = card.colour;
    const auto clay = r.shelf.clays.find(r.choice.parts[static_cast<std::size_t>(part)].layers.clay);
    if (colour.empty() && clay != r.shelf.clays.end()) colour = clay->second.colour;
    const auto wanted = paint::parseHex(colour.empty() ? "#b0a090" : colour);
    const auto made = paint::makeSchool(school, *wanted, r.cards->paints);
    if (!made) {
        Q_EMIT document().refused(translated(made.fault()));
        return;
    }
    if (!scheme()) return addScheme(made->coats);
    changeScheme(tr("Coats after a school"), [&](paint::Scheme& s) { s.coats = made->coats; });
}

void PaintPage::showScheme() {
    const paint::Scheme* s = scheme();
    const results::Report& r = document().report();
    const int kept = m_coats->currentRow();
    const QSignalBlocker quiet(m_coats); // its tones are shown once, at the end
    m_coats->clear();
    QList<std::pair<QString, QVariant>> paints;
    for (const paint::PaintCard& c : r.cards->paints)
        paints << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    m_paint->show(paints, m_paint->currentIndex() >= 0 ? m_paint->currentData()
                          : paints.isEmpty()           ? QVariant()
                                                       : paints.front().second);
    for (QWidget* w :
         std::initializer_list<QWidget*>{m_name, m_coats, m_up, m_down, m_remove, m_role, m_paint, m_addCoat})
        w->setVisible(s != nullptr);
    m_drop->setVisible(s != nullptr);
    m_new->setText(s ? tr("New scheme like it") : tr("New scheme"));
    QStringList rules;
    if (s) {
        if (!m_name->hasFocus()) m_name->setText(QString::fromStdString(s->name));
        for (const paint::Coat& c : s->coats) {
            QString name = QString::fromStdString(c.paint);
            QPixmap dab(28, 28); // drawn larger than it is shown
            dab.fill(Qt::transparent);
            for (const paint::PaintCard& card : r.cards->paints)
                if (card.id == c.paint) {
                    name = QString::fromStdString(card.name);
                    QPainter p(&dab);
                    p.setRenderHint(QPainter::Antialiasing);
                    p.setBrush(QColor(QString::fromStdString(card.colour)));
                    p.setPen(look().graphite);
                    p.drawEllipse(QRectF(4, 4, 20, 20));
                }
            const QString where = Text::zone(c.zone, c.from, c.to);
            m_coats->addItem(new QListWidgetItem(
                QIcon(dab), where.isEmpty() ? tr("%1: %2").arg(Text::role(c.role), name)
                                            : tr("%1 %2: %3").arg(Text::role(c.role), where, name)));
        }
        // What does not hold on what, said where it is put together.
        for (std::size_t i = 1; i < s->coats.size(); ++i) {
            const auto cardOf = [&](const std::string& id) {
                return std::find_if(r.cards->paints.begin(), r.cards->paints.end(),
                                    [&](const paint::PaintCard& c) { return c.id == id; });
            };
            for (std::size_t below : paint::findTouched(s->coats, i)) {
                const auto upper = cardOf(s->coats[i].paint), lower = cardOf(s->coats[below].paint);
                if (upper != r.cards->paints.end() && lower != r.cards->paints.end() &&
                    !paint::mayGoOn(upper->medium, lower->medium))
                    rules << tr("%1 does not hold on %2.")
                                 .arg(QString::fromStdString(upper->name), QString::fromStdString(lower->name));
            }
        }
        m_coats->setCurrentRow(std::clamp(kept, s->coats.empty() ? -1 : 0, static_cast<int>(s->coats.size()) - 1));
    }
    m_rules->setText(rules.join("\n"));
    m_rules->setVisible(!rules.isEmpty());
}

void PaintPage::show(const results::Report& r) {
    showScheme();
    const int part = selectedPart(document());
    if (part < 0) return;
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    m_title->setText(Text::capital(p.label));
    m_benchTitle->setText(m_photo->isHidden() ? tr("Paint of the %1").arg(translated(p.label))
                                              : tr("Paints for the shelf"));
    QList<std::pair<QString, QVariant>> schemes{{tr("not painted"), ""}};
    for (const paint::Scheme& s : document().production().schemes)
        schemes << std::pair{QString::fromStdString(s.name), QVariant(QString::fromStdString(s.id))};
    m_scheme->show(schemes, QString::fromStdString(p.layers.scheme));
    const checks::PaintedPart* painted = nullptr;
    for (const checks::PaintedPart& x : r.painted)
        if (x.part == part) painted = &x;
    m_stack->setVisible(painted != nullptr && m_photo->isHidden());
    m_hint->setVisible(!m_stack->isHidden());
    showTones();
    m_rows->show(rowsOfPaint(document(), part));
    if (painted) {
        const auto clay = r.shelf.clays.find(p.layers.clay);
        const bool bare = clay == r.shelf.clays.end();
        m_stack->show(bare ? look().foil : QColor(QString::fromStdString(clay->second.colour)),
                      bare ? tr("the bare part") : QString::fromStdString(clay->second.name), painted->laid);
        int opaque = 0;
        for (const paint::Laid& l : painted->laid)
            opaque += l.role == paint::Role::base || l.role == paint::Role::primer ? l.coats : 0;
        m_text->setText(tr("%1 cm² with its folds. %2 until the clay no longer shows. %3")
                            .arg(Text::number(p.bare_mm2() * paint::kRelief / 100, 0),
                                 opaque == 1 ? tr("One coat") : tr("%1 coats").arg(opaque), nearerClay(p)));
    } else {
        m_text->setText(
            p.layers.cover.empty()
                ? tr("No paint on this part.")
                : tr("Not painted: %1 covers it.").arg(QString::fromStdString(r.shelf.covers.at(p.layers.cover).name)));
    }
    QStringList lines;
    for (const results::Need& n : document().result().shopping.needs)
        if (n.ware == results::Ware::paint)
            lines << tr("%1: %2 of %3 ml there%4")
                         .arg(QString::fromStdString(n.name), Text::number(n.needed, 1), Text::number(n.held, 0),
                              n.packs > 0 ? tr("; pots to buy: %1").arg(n.packs) : QString());
    m_sum->setText(lines.isEmpty() ? tr("No paint in this production.") : lines.join("\n"));
}

} // namespace enkinet::app
