// Paints put on the shelf from a photograph with a grey card.
#include "paint/reflectance.h"
#include "stations/paint/paint_page.h"
#include "stations/paint/photo_pick.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/picture_bytes.h"
#include <QFileDialog>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

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
    auto* row = new Flow;
    for (QPushButton* b : {m_photoCard, m_photoDone})
        row->addWidget(b);
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
        showPhoto();
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
    // More pixels say nothing more about a colour.
    QString why;
    const QImage image = readPictureFile(path, &why, 2400);
    if (image.isNull()) return why;
    m_photoFold->setOpen(true);
    m_photo->setPhoto(image);
    m_photo->show();
    m_pickedColour.reset();
    refresh();
    showPhoto();
    m_photo->setFocus();
    return {};
}

void PaintPage::showPhoto() {
    const bool open = !m_photo->isHidden();
    for (QWidget* w : std::initializer_list<QWidget*>{m_photoCard, m_photoDone, m_picked})
        w->setVisible(open);
    m_photoShelf->setEnabled(m_pickedColour.has_value());
    // The colour itself beside its number.
    m_picked->setStyleSheet(m_pickedColour ? QString("border-left: 26px solid %1; padding-left: 8px;")
                                                 .arg(QString::fromStdString(paint::toHex(*m_pickedColour)))
                                           : QString());
    if (m_pickedColour)
        m_picked->setText(tr("Picked: %1").arg(QString::fromStdString(paint::toHex(*m_pickedColour))));
    else
        m_picked->setText(m_photo->hasCard() ? tr("The card is known. Point at a paint.") : tr("Point at the card."));
}

void PaintPage::shelvePicked() {
    if (!m_pickedColour) return;
    const auto hides = typedNumber(m_photoHides->text(), 1, 99), ml = typedNumber(m_photoMl->text(), 0.1, 1e5);
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
