// Relief and tones of a scheme, and paints put on the shelf from a photograph.
#include "paint/reflectance.h"
#include "stations/layers/part_in_hand.h"
#include "stations/paint/paint_page.h"
#include "stations/paint/photo_pick.h"
#include "stations/paint/tone_patch.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "words/say.h"
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QImageReader>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

namespace {
/// The slider is even to the eye of who mixes: a step is a share, not a difference.
constexpr int kSlider = 100;
double amountAt(int slider) { return 0.1 * std::pow(40.0, static_cast<double>(slider) / kSlider); }
int sliderAt(double amount) { return static_cast<int>(std::lround(kSlider * std::log(amount / 0.1) / std::log(40.0))); }
constexpr qint64 kLargestPhoto = 64 << 20;

std::optional<double> numberOf(const QLineEdit* field, double low, double high) {
    bool ok = false;
    const double x = QLocale::c().toDouble(field->text().trimmed().replace(',', '.'), &ok);
    return ok && x >= low && x <= high ? std::optional(x) : std::nullopt;
}
} // namespace

void PaintPage::makeRelief() {
    m_amountText = makeText();
    m_amount = new QSlider(Qt::Horizontal);
    m_amount->setObjectName("coatAmount");
    m_amount->setRange(0, kSlider);
    m_amount->setAccessibleName(tr("How much of this wash or dry brush"));
    column()->addWidget(m_amountText);
    column()->addWidget(m_amount);
    m_reliefFold = new Fold(tr("What the surface is like"));
    m_texture = new ChoiceField(tr("Texture"));
    m_texture->setObjectName("reliefTexture");
    m_texture->show({{tr("smooth"), 0}, {tr("folds"), 1}, {tr("scales"), 2}, {tr("hair"), 3}, {tr("pores"), 4}}, 1);
    m_depth = new NumberField(NumberField::Kind::length, 0, 10, 0.1, 1, tr("How deep the texture is"));
    m_depth->setObjectName("reliefDepth");
    m_pitch = new NumberField(NumberField::Kind::length, 0.2, 100, 0.5, 1, tr("How far apart it repeats"));
    m_pitch->setObjectName("reliefPitch");
    auto* form = makeForm();
    form->addRow(tr("texture"), m_texture);
    form->addRow(tr("deep"), m_depth);
    form->addRow(tr("every"), m_pitch);
    m_reliefFold->body()->addLayout(form);
    column()->addWidget(m_reliefFold);
    connect(m_amount, &QSlider::valueChanged, this, [this](int at) {
        const int coat = m_coats->currentRow();
        const paint::Scheme* s = scheme();
        if (!s || coat < 0 || coat >= static_cast<int>(s->coats.size())) return;
        changeScheme(
            tr("How much: %1").arg(Say::role(s->coats[static_cast<std::size_t>(coat)].role)),
            [&](paint::Scheme& x) { x.coats[static_cast<std::size_t>(coat)].amount = amountAt(at); },
            "coatAmount" + QString::number(coat));
    });
    connect(m_coats, &QListWidget::currentRowChanged, this, [this] { showTones(); });
    connect(m_texture, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeScheme(tr("Texture of the surface"),
                     [&](paint::Scheme& s) { s.relief.texture = static_cast<paint::Texture>(v.toInt()); });
    });
    connect(m_depth, &NumberField::edited, this, [this](double x) {
        changeScheme(
            tr("Depth of the texture"), [&](paint::Scheme& s) { s.relief.depth_mm = x; }, "reliefDepth");
    });
    connect(m_pitch, &NumberField::edited, this, [this](double x) {
        changeScheme(
            tr("Pitch of the texture"), [&](paint::Scheme& s) { s.relief.pitch_mm = x; }, "reliefPitch");
    });
}

void PaintPage::showTones() {
    const paint::Scheme* s = scheme();
    const results::Report& r = document().report();
    const int part = selectedPart(document());
    m_reliefFold->setVisible(s != nullptr);
    const int coat = m_coats->currentRow();
    const bool thin = s && coat >= 0 && coat < static_cast<int>(s->coats.size()) &&
                      (s->coats[static_cast<std::size_t>(coat)].role == paint::Role::wash ||
                       s->coats[static_cast<std::size_t>(coat)].role == paint::Role::dry_brush);
    m_amount->setVisible(thin);
    m_amountText->setVisible(thin);
    if (thin) {
        const paint::Coat& c = s->coats[static_cast<std::size_t>(coat)];
        m_amountText->setText(tr("%1: %2 times the usual").arg(Say::role(c.role), Say::number(c.amount, 2)));
        const QSignalBlocker quiet(m_amount);
        m_amount->setValue(sliderAt(c.amount));
    }
    const bool shown =
        s && part >= 0 && m_photo->isHidden() && (m_plate->isHidden() || m_plate->parentWidget()->height() > 600);
    m_tones->setVisible(shown);
    if (!s || part < 0) return;
    m_texture->show({{tr("smooth"), 0}, {tr("folds"), 1}, {tr("scales"), 2}, {tr("hair"), 3}, {tr("pores"), 4}},
                    static_cast<int>(s->relief.texture));
    m_depth->show(s->relief.depth_mm), m_pitch->show(s->relief.pitch_mm);
    const auto clay = r.shelf.clays.find(r.choice.parts[static_cast<std::size_t>(part)].layers.clay);
    const std::string ground =
        clay != r.shelf.clays.end() && !clay->second.colour.empty() ? clay->second.colour : "#aeb6bb";
    // Several turns of the texture, whatever its pitch.
    if (const auto patch =
            paint::calcReliefPatch(*s, r.cards->paints, ground, 96, std::max(6.0, 5 * s->relief.pitch_mm)))
        m_tones->show(*patch);
}

void PaintPage::makePhoto() {
    m_photoFold = new Fold(tr("Paints from a photograph"));
    const auto button = [](const QString& text, const char* name) {
        auto* b = new QPushButton(text);
        b->setObjectName(name);
        return b;
    };
    m_photoOpen = button(tr("Open a photograph…"), "photoOpen"), m_photoCard = button(tr("Another card"), "photoCard");
    m_photoDone = button(tr("Put it away"), "photoDone"),
    m_photoShelf = button(tr("Put it on the shelf"), "photoShelf");
    m_picked = makeText();
    m_picked->setObjectName("photoPicked");
    const auto line = [](const QString& text, const char* name, const QString& accessible) {
        auto* f = new QLineEdit(text);
        f->setObjectName(name);
        f->setAccessibleName(accessible);
        return f;
    };
    m_photoName = line({}, "photoName", tr("Name of the paint"));
    m_photoName->setPlaceholderText(tr("as on its pot"));
    m_photoHides = line("80", "photoHides", tr("How much of what lies below one coat hides, per cent"));
    m_photoMl = line("20", "photoMl", tr("Millilitres that there are"));
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    for (QPushButton* b : {m_photoCard, m_photoDone})
        row->addWidget(b);
    row->addStretch();
    auto* text = makeText(true);
    text->setText(
        tr("Dabs of your paints, dried, beside an 18 % grey card in daylight without glare: the card tells what "
           "the light did. A colour from a photograph is an estimate until a chip is tried."));
    auto* form = makeForm();
    form->addRow(tr("name"), m_photoName);
    form->addRow(tr("hides, %"), m_photoHides);
    form->addRow(tr("ml"), m_photoMl);
    auto* body = m_photoFold->body();
    body->addWidget(text);
    body->addWidget(m_photoOpen, 0, Qt::AlignLeft);
    body->addLayout(row);
    body->addWidget(m_picked);
    body->addLayout(form);
    body->addWidget(m_photoShelf, 0, Qt::AlignLeft);
    column()->addWidget(m_photoFold);
    connect(m_photoOpen, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Photograph of paints with a grey card"), {},
                                                          tr("Pictures (*.png *.jpg *.jpeg)"));
        if (path.isEmpty()) return;
        if (const QString fault = takePhoto(path); !fault.isEmpty()) Q_EMIT document().refused(fault);
    });
    connect(m_photoCard, &QPushButton::clicked, this, [this] {
        m_photo->askCard();
        m_pickedColour.reset();
        showPhoto();
    });
    connect(m_photoDone, &QPushButton::clicked, this, [this] {
        m_photo->hide();
        m_pickedColour.reset();
        refresh();
    });
    connect(m_photo, &PhotoPick::carded, this, &PaintPage::showPhoto);
    connect(m_photo, &PhotoPick::refused, this, [this](const QString& s) { Q_EMIT document().refused(s); });
    connect(m_photo, &PhotoPick::picked, this, [this](const paint::Rgb& colour) {
        m_pickedColour = colour;
        showPhoto();
        m_photoName->setFocus();
    });
    connect(m_photoShelf, &QPushButton::clicked, this, &PaintPage::shelvePicked);
    connect(m_photoName, &QLineEdit::returnPressed, this, &PaintPage::shelvePicked);
    showPhoto();
}

QString PaintPage::takePhoto(const QString& path) {
    if (QFileInfo(path).size() > kLargestPhoto) return tr("%1 is larger than 64 MB.").arg(QFileInfo(path).fileName());
    QImageReader reader(path);
    reader.setAutoTransform(true);
    // More than this says nothing more about a colour.
    const QSize full = reader.size();
    if (full.isValid() && std::max(full.width(), full.height()) > 2400)
        reader.setScaledSize(full.scaled(2400, 2400, Qt::KeepAspectRatio));
    const QImage image = reader.read();
    if (image.isNull()) return tr("%1 is no picture that can be read.").arg(QFileInfo(path).fileName());
    m_photoFold->setOpen(true);
    m_photo->setPhoto(image);
    m_photo->show();
    m_pickedColour.reset();
    refresh();
    m_photo->setFocus();
    return {};
}

void PaintPage::showPhoto() {
    const bool open = !m_photo->isHidden();
    for (QWidget* w : std::initializer_list<QWidget*>{m_photoCard, m_photoDone, m_picked})
        w->setVisible(open);
    m_photoShelf->setEnabled(m_pickedColour.has_value());
    if (m_pickedColour)
        m_picked->setText(tr("Picked: %1").arg(QString::fromStdString(paint::toHex(*m_pickedColour))));
    else
        m_picked->setText(m_photo->hasCard() ? tr("The card is known. Point at a paint.") : tr("Point at the card."));
}

void PaintPage::shelvePicked() {
    if (!m_pickedColour) return;
    const auto hides = numberOf(m_photoHides, 1, 99), ml = numberOf(m_photoMl, 0.1, 1e5);
    if (m_photoName->text().trimmed().isEmpty() || !hides || !ml) {
        Q_EMIT document().refused(tr("A paint wants a name, how much it hides (1 to 99 %) and its millilitres"));
        return;
    }
    paint::PaintCard card;
    const auto& known = document().report().cards->paints;
    for (int n = 1;
         card.id.empty() || std::any_of(known.begin(), known.end(), [&](const auto& c) { return c.id == card.id; });
         ++n)
        card.id = "own-paint-" + std::to_string(n);
    card.name = m_photoName->text().trimmed().toStdString();
    card.note = tr("picked from a photograph").toStdString();
    card.colour = paint::toHex(*m_pickedColour);
    card.opacity = *hides / 100;
    if (document().change(tr("Paint from a photograph: %1").arg(m_photoName->text().trimmed()),
                          [&](const document::Edits& e) { return e.keepPaint(card, *ml); })) {
        m_pickedColour.reset();
        m_photoName->clear();
        showPhoto();
        m_photo->setFocus();
    }
}

} // namespace enkinet::app
