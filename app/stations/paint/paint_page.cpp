#include "stations/paint/paint_page.h"
#include "stations/layers/part_in_hand.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "widgets/paper.h"
#include "words/say.h"
#include <QFormLayout>
#include <QPainter>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
constexpr int kRow = 44;
}

CoatStack::CoatStack(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Coats in order"));
}

QSize CoatStack::sizeHint() const { return {330, kRow * (static_cast<int>(m_rows.size()) + 1)}; }

void CoatStack::show(const QColor& clay, const QString& clayName, const std::vector<paint::Laid>& laid) {
    m_clay = clay, m_clayName = clayName;
    m_rows.clear();
    QStringList said;
    for (const paint::Laid& l : laid) {
        Row r;
        r.colour = QColor(QString::fromStdString(l.card->colour));
        r.clear = l.role == paint::Role::varnish;
        r.text = tr("%1: %2").arg(Say::role(l.role), QString::fromStdString(l.card->name));
        r.more = tr("%1, %2 ml, dry in %3")
                     .arg(l.coats == 1 ? tr("1 coat") : tr("%1 coats").arg(l.coats), Say::number(l.ml, 1),
                          Say::minutes(l.dry_min));
        if (l.role == paint::Role::base || l.role == paint::Role::primer)
            r.more += tr(", ΔE %1 to below").arg(Say::number(l.contrast, 0));
        said << r.text + " " + r.more;
        m_rows.push_back(r);
    }
    setAccessibleDescription(said.join("; "));
    updateGeometry();
    update();
}

void CoatStack::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    // A patch as large as a hand; each coat leaves a step of what lies under it bare, as on a test chip.
    const int n = static_cast<int>(m_rows.size()) + 1;
    const double chip = std::min({width() * 0.46, static_cast<double>(height()), 320.0});
    const double step = chip / (n + 1);
    const auto row = [&](int i, const QColor& colour, bool clear, const QString& text, const QString& more) {
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
        p.setFont(deskType(15, QFont::DemiBold));
        p.drawText(QRectF(x, y - 20, width() - x, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   QFontMetricsF(p.font()).elidedText(text, Qt::ElideRight, width() - x));
        p.setFont(deskType(13));
        p.setPen(look().graphite);
        p.drawText(QRectF(x, y, width() - x, 18), Qt::AlignLeft | Qt::AlignVCenter,
                   QFontMetricsF(p.font()).elidedText(more, Qt::ElideRight, width() - x));
    };
    row(0, m_clay, false, m_clayName, tr("what the first coat goes on"));
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        row(static_cast<int>(i) + 1, m_rows[i].colour, m_rows[i].clear, m_rows[i].text, m_rows[i].more);
}

PaintPage::PaintPage(Document& d) : Page(d, results::Station::paint) {
    m_title = makeTitle();
    m_text = makeText();
    m_scheme = new ChoiceField(tr("Paint scheme of this part"));
    m_scheme->setObjectName("scheme");
    m_stack = new CoatStack;
    m_sum = makeText();
    m_caution = makeText(true);
    m_caution->setText(Say::caution(make::Caution::air_spray));
    column()->addWidget(m_title);
    auto* form = makeForm();
    form->addRow(tr("scheme"), m_scheme);
    column()->addLayout(form);
    column()->addWidget(m_text);
    auto* bench = new QWidget;
    bench->setObjectName("paintBench");
    auto* b = new QVBoxLayout(bench);
    b->setContentsMargins(24, 16, 24, 16);
    b->setSpacing(10);
    m_benchTitle = makeTitle();
    b->addWidget(m_benchTitle);
    auto* hint = makeText(true);
    hint->setText(tr("Coat by coat on what lies below: each leaves a step of it bare, as on a chip."));
    b->addWidget(hint);
    b->addWidget(m_stack, 1);
    setBench(bench);
    column()->addWidget(makeHeading(tr("Paint for the whole puppet")));
    column()->addWidget(m_sum);
    column()->addWidget(m_caution);
    addOpenPoints();
    column()->addStretch();
    connect(m_scheme, &ChoiceField::edited, this, [this](const QVariant& v) {
        const std::string id = v.toString().toStdString();
        changeLayers(document(), tr("Paint of %1").arg(m_title->text()), [&](body::Layers& l) { l.scheme = id; });
    });
}

void PaintPage::show(const results::Report& r) {
    const int part = selectedPart(document());
    if (part < 0) return;
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    m_title->setText(Say::capital(p.label));
    m_benchTitle->setText(tr("Paint of the %1").arg(QString::fromStdString(p.label)));
    QList<std::pair<QString, QVariant>> schemes{{tr("not painted"), ""}};
    for (const paint::Scheme& s : document().production().schemes)
        schemes << std::pair{QString::fromStdString(s.name), QVariant(QString::fromStdString(s.id))};
    m_scheme->show(schemes, QString::fromStdString(p.layers.scheme));
    const results::PaintedPart* painted = nullptr;
    for (const results::PaintedPart& x : r.painted)
        if (x.part == part) painted = &x;
    m_stack->setVisible(painted != nullptr);
    if (painted) {
        const auto clay = r.shelf.clays.find(p.layers.clay);
        const bool bare = clay == r.shelf.clays.end();
        m_stack->show(bare ? look().foil : QColor(QString::fromStdString(clay->second.colour)),
                      bare ? tr("the bare part") : QString::fromStdString(clay->second.name), painted->laid);
        int opaque = 0;
        for (const paint::Laid& l : painted->laid)
            opaque += l.role == paint::Role::base || l.role == paint::Role::primer ? l.coats : 0;
        m_text->setText(
            tr("%1 cm² with its folds. %2 until the clay no longer shows; a clay nearer the colour saves some.")
                .arg(Say::number(p.surface_mm2 * paint::kRelief / 100, 0),
                     opaque == 1 ? tr("One coat") : tr("%1 coats").arg(opaque)));
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
                         .arg(QString::fromStdString(n.name), Say::number(n.needed, 1), Say::number(n.held, 0),
                              n.packs > 0 ? tr("; pots to buy: %1").arg(n.packs) : QString());
    m_sum->setText(lines.isEmpty() ? tr("No paint in this production.") : lines.join("\n"));
}

} // namespace enkinet::app
