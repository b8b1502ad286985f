#include "stations/sheet/pictures_tab.h"
#include "base/units.h"
#include "body/silhouette.h"
#include "checks/views.h"
#include "document/translated.h"
#include "sheet/picture_shelf.h"
#include "sheet/walk.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/picture_bytes.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QBuffer>
#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QGuiApplication>
#include <QHeaderView>
#include <QListWidget>
#include <QMimeData>
#include <QPixmap>
#include <QPushButton>
#include <QSlider>
#include <QTableWidget>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

PicturesTab::PicturesTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    auto* intro = makeText(true);
    intro->setText(tr("Lay a front and a side picture on the sheet: by file, drop or paste. Front alone will do; then "
                      "every depth is a guess."));
    v->addWidget(intro);
    const auto row = [&](std::initializer_list<RowButton> buttons) { v->addLayout(makeButtonRow(this, buttons)); };
    row({{tr("Front…"), "addFront", [this] { choose(false); }},
         {tr("Side…"), "addSide", [this] { choose(true); }},
         {tr("Paste"), "pastePicture", [this] { paste(); }}});
    // What is about a picture that is there stands only beside one.
    auto* const all = v;
    const auto part = [all] {
        auto* w = new QWidget;
        auto* inside = new QVBoxLayout(w);
        inside->setContentsMargins(0, 0, 0, 0);
        inside->setSpacing(6);
        all->addWidget(w);
        return w;
    };
    m_placed = part();
    v = static_cast<QVBoxLayout*>(m_placed->layout());
    m_list = new RowList(3);
    m_list->setAccessibleName(tr("Pictures on the sheet"));
    m_list->setObjectName("pictureList");
    v->addWidget(m_list);
    row({{tr("Move"), "movePicture",
          [this] {
              Q_EMIT holdWanted({HoldWish::Kind::picture, {}, false, current(), 0});
          }},
         {tr("Fit the height"), "fitHeight", [this] { fitHeight(); }},
         {tr("Take away"), "removePicture", [this] {
              const int i = current();
              if (i >= 0)
                  m_document.change(tr("Take a picture away"), [i](const document::Edits& e) {
                      return e.removePicture(static_cast<std::size_t>(i));
                  });
          }}});
    auto* form = makeForm();
    m_distance = new NumberField(NumberField::Kind::length, 0.5, 3000, 1, 1, tr("True distance between two points"));
    m_distance->show(100);
    auto* scale = new QPushButton(tr("Scale by two points"));
    scale->setObjectName("scaleByTwo");
    auto* h = new Flow;
    h->addWidget(m_distance);
    h->addWidget(scale);
    form->addRow(tr("true distance"), h);
    m_angle = new NumberField(NumberField::Kind::angle, -kPi, kPi, degToRad(0.5), 1, tr("Turn of the picture"));
    form->addRow(tr("turned by"), m_angle);
    m_seen = new ChoiceField(tr("From where this picture was drawn or taken"));
    m_seen->setObjectName("seenFrom");
    form->addRow(tr("seen from"), m_seen);
    connect(m_seen, &ChoiceField::edited, this, [this](const QVariant& from) {
        change(tr("Seen from"), [&](body::Picture& p) { p.seen = static_cast<body::Seen>(from.toInt()); }, {});
    });
    m_strength = new QSlider(Qt::Horizontal);
    m_strength->setAccessibleName(tr("Strength of the picture"));
    m_strength->setRange(0, 100);
    form->addRow(tr("strength"), m_strength);
    const auto crop = [&](const QString& name) { return new NumberField(NumberField::Kind::plain, 0, 95, 1, 0, name); };
    m_cropLeft = crop(tr("Cut away on the left, per cent")), m_cropRight = crop(tr("Cut away on the right, per cent"));
    m_cropTop = crop(tr("Cut away above, per cent")), m_cropBottom = crop(tr("Cut away below, per cent"));
    auto* crops = new Flow;
    for (NumberField* f : {m_cropLeft, m_cropTop, m_cropRight, m_cropBottom})
        crops->addWidget(f);
    form->addRow(tr("cut away, %: left, top, right, bottom"), new QLabel);
    v->addLayout(form);
    v->addLayout(crops);
    v->addWidget(makeHeading(tr("Widths from the picture")));
    auto* form2 = makeForm();
    m_threshold = new QSlider(Qt::Horizontal);
    m_threshold->setAccessibleName(tr("Darker than this is figure"));
    m_threshold->setRange(2, 254);
    m_threshold->setValue(128);
    form2->addRow(tr("figure is darker than"), m_threshold);
    v->addLayout(form2);
    m_preview = new QLabel;
    m_preview->setFixedHeight(96);
    m_preview->setAlignment(Qt::AlignCenter);
    m_preview->setAccessibleName(tr("The figure as it is read"));
    v->addWidget(m_preview);
    row({{tr("Read widths of the selected part, or of all"), "readWidths", [this] { readWidths(); }}});
    v = all;
    row({{tr("Smooth the widths"), "smoothWidths", [this] { smoothWidths(); }}});
    m_said = makeText(true);
    m_said->setObjectName("widthsSaid");
    v->addWidget(m_said);
    m_doubtList = new RowList(4);
    m_doubtList->setObjectName("widthDoubts");
    m_doubtList->setAccessibleName(tr("Places whose width wants an eye"));
    m_doubtList->hide();
    v->addWidget(m_doubtList);
    m_shown = part();
    v = static_cast<QVBoxLayout*>(m_shown->layout());
    v->addWidget(makeHeading(tr("Which picture shows what")));
    m_views = new QTableWidget(0, static_cast<int>(body::kSides));
    m_views->setObjectName("views");
    m_views->setAccessibleName(tr("Parts by side, with the picture that shows each"));
    m_views->setHorizontalHeaderLabels({tr("front"), tr("behind"), tr("left"), tr("right"), tr("below")});
    m_views->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_views->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_views->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_views->setMinimumHeight(150);
    v->addWidget(m_views);
    connect(m_views, &QTableWidget::currentCellChanged, this, [this](int at) {
        const QTableWidgetItem* head = at < 0 ? nullptr : m_views->verticalHeaderItem(at);
        if (head) m_document.select(selectionOf(m_document.report(), head->data(Qt::UserRole).toInt()));
    });
    connect(m_doubtList, &QListWidget::currentRowChanged, this, [this](int at) {
        if (at < 0 || at >= static_cast<int>(m_doubts.size())) return;
        const body::WidthDoubt& d = m_doubts[static_cast<std::size_t>(at)];
        const auto& limbs = m_document.puppet().limbs;
        if (d.limb < static_cast<int>(limbs.size()) &&
            d.segment < static_cast<int>(limbs[static_cast<std::size_t>(d.limb)].segments.size()))
            m_document.select({Selection::Kind::segment, d.limb, d.segment, false});
    });

    connect(scale, &QPushButton::clicked, this, [this] {
        Q_EMIT holdWanted({HoldWish::Kind::picture, {}, false, current(), m_distance->core()});
    });
    connect(m_angle, &NumberField::edited, this, [this](double a) {
        change(
            tr("Turn the picture"), [a](body::Picture& p) { p.angle_rad = a; }, Document::Merge::yes);
    });
    connect(m_strength, &QSlider::valueChanged, this, [this](int s) {
        change(
            tr("Dim the picture"), [s](body::Picture& p) { p.strength = s / 100.0; }, Document::Merge::yes);
    });
    for (NumberField* f : {m_cropLeft, m_cropRight, m_cropTop, m_cropBottom})
        connect(f, &NumberField::edited, this, [this] {
            change(
                tr("Crop the picture"),
                [this](body::Picture& p) {
                    p.cropLeft = m_cropLeft->value() / 100, p.cropRight = m_cropRight->value() / 100,
                    p.cropTop = m_cropTop->value() / 100, p.cropBottom = m_cropBottom->value() / 100;
                },
                Document::Merge::yes);
        });
    connect(m_list, &QListWidget::currentRowChanged, this, [this] { show(); });
    connect(m_threshold, &QSlider::valueChanged, this, [this] { show(); });
}

/// A picture that the production names but does not hold is null.
QImage PicturesTab::imageOf(const body::Picture& p) const {
    const std::string* bytes = document::findPicture(m_document.production(), p.file);
    return bytes ? PictureShelf::shared().find(p.file, *bytes) : QImage();
}

int PicturesTab::current() const {
    const int n = static_cast<int>(m_document.puppet().pictures.size());
    return n == 0 ? -1 : std::clamp(m_list->currentRow(), 0, n - 1);
}

void PicturesTab::showViews() {
    const auto& pictures = m_document.puppet().pictures;
    const QSignalBlocker quiet(m_views);
    const auto views = checks::calcViews(m_document.puppet(), m_document.report().choice);
    m_views->setRowCount(static_cast<int>(views.size()));
    for (std::size_t i = 0; i < views.size(); ++i) {
        const int row = static_cast<int>(i);
        const fill::Part& part = m_document.report().choice.parts[static_cast<std::size_t>(views[i].part)];
        auto* head = new QTableWidgetItem(translated(part.label));
        head->setData(Qt::UserRole, views[i].part);
        m_views->setVerticalHeaderItem(row, head);
        for (std::size_t k = 0; k < body::kSides; ++k) {
            const int by = views[i].picture[k];
            auto* cell = new QTableWidgetItem(by < 0 ? tr("–") : QString::number(by + 1));
            cell->setTextAlignment(Qt::AlignCenter);
            // By its number in the list above; whole in the tip, and to who listens.
            const QString whole =
                by < 0 ? tr("never")
                       : QString::fromStdString(pictures[static_cast<std::size_t>(by)].file).section('/', -1);
            cell->setToolTip(whole), cell->setData(Qt::AccessibleTextRole, whole);
            if (by < 0) cell->setForeground(look().graphite);
            m_views->setItem(row, static_cast<int>(k), cell);
        }
    }
}

void PicturesTab::show() {
    const auto& pictures = m_document.puppet().pictures;
    {
        const QSignalBlocker quiet(m_list);
        const int kept = m_list->currentRow();
        m_list->clear();
        for (std::size_t k = 0; k < pictures.size(); ++k) {
            const body::Picture& p = pictures[k];
            m_list->addItem(tr("%1. %2: %3, %4 mm a pixel")
                                .arg(k + 1)
                                .arg(p.side ? tr("side") : tr("front"), QString::fromStdString(p.file).section('/', -1),
                                     Text::number(p.mm_px, 3)));
        }
        m_list->setCurrentRow(std::clamp(kept, pictures.empty() ? -1 : 0, static_cast<int>(pictures.size()) - 1));
    }
    const int i = current();
    m_placed->setVisible(i >= 0), m_shown->setVisible(i >= 0);
    if (i < 0) return;
    showViews();
    const body::Picture& p = pictures[static_cast<std::size_t>(i)];
    using body::Seen;
    QList<std::pair<QString, QVariant>> from;
    for (const Seen s :
         p.side ? std::array{Seen::left, Seen::right, Seen::below} : std::array{Seen::front, Seen::back, Seen::below})
        from << std::pair{Text::seen(s), QVariant(static_cast<int>(s))};
    m_seen->show(from, static_cast<int>(seenFrom(p)));
    m_angle->show(p.angle_rad);
    const QSignalBlocker quiet(m_strength);
    m_strength->setValue(static_cast<int>(std::lround(p.strength * 100)));
    m_cropLeft->show(p.cropLeft * 100), m_cropRight->show(p.cropRight * 100), m_cropTop->show(p.cropTop * 100),
        m_cropBottom->show(p.cropBottom * 100);
    const QImage image = imageOf(p);
    if (image.isNull()) return;
    body::Picture small = p;
    const body::GreyPicture g = greyOf(image.scaled(160, 96, Qt::KeepAspectRatio, Qt::SmoothTransformation), small);
    QImage figure(g.width, g.height, QImage::Format_RGB32);
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x)
            figure.setPixelColor(x, y,
                                 g.pixels[static_cast<std::size_t>(y * g.width + x)] < m_threshold->value()
                                     ? look().copper
                                     : look().sheet);
    m_preview->setPixmap(QPixmap::fromImage(figure));
}

void PicturesTab::change(const QString& name, const std::function<void(body::Picture&)>& mutate,
                         Document::Merge merge) {
    const int i = current();
    if (i < 0) return;
    body::Picture p = m_document.puppet().pictures[static_cast<std::size_t>(i)];
    mutate(p);
    m_document.change(
        name, [&](const document::Edits& e) { return e.setPicture(static_cast<std::size_t>(i), p); }, merge);
}

void PicturesTab::addPicture(const QString& name, const QByteArray& bytes, bool side) {
    QString why;
    const std::string raw = bytes.toStdString();
    const QImage image = readPicture(raw, &why);
    if (image.isNull()) {
        Q_EMIT m_document.refused(tr("%1: %2").arg(QFileInfo(name).fileName(), why));
        return;
    }
    body::Picture p;
    // Named by what it shows: what a file was called, and whose it was, stays outside.
    const QString ending = QFileInfo(name).suffix().toLower();
    const QString file = (side ? "side." : "front.") + (ending.isEmpty() ? QString("png") : ending);
    p.file = ("pictures/" + file).toStdString();
    p.side = side;
    // To begin with as high as the puppet, standing on the base line.
    p.width_px = image.width(), p.height_px = image.height();
    if (const auto fitted = fittedToHeight(image, p, m_document.puppet().height_mm)) p = *fitted;
    m_document.change(tr("Picture %1").arg(file), [&](const document::Edits& e) { return e.addPicture(p, raw); });
    m_list->setCurrentRow(static_cast<int>(m_document.puppet().pictures.size()) - 1);
    m_threshold->setValue(body::findThreshold(greyOf(image, p)));
}

void PicturesTab::choose(bool side) {
    const QString path = QFileDialog::getOpenFileName(this, side ? tr("Side picture") : tr("Front picture"), {},
                                                      tr("Pictures (*.png *.jpg *.jpeg *.svg)"));
    if (!path.isEmpty()) addPictureFile(path, side);
}

void PicturesTab::addPictureFile(const QString& path, bool side) {
    QString why;
    if (const auto bytes = readPictureBytes(path, &why))
        addPicture(path, *bytes, side);
    else
        Q_EMIT m_document.refused(why);
}

void PicturesTab::paste() {
    const QImage image = QGuiApplication::clipboard()->image();
    if (image.isNull()) {
        Q_EMIT m_document.refused(tr("there is no picture on the clipboard"));
        return;
    }
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    const bool side = std::any_of(m_document.puppet().pictures.begin(), m_document.puppet().pictures.end(),
                                  [](const auto& p) { return !p.side; });
    addPicture("pasted.png", bytes, side);
}

void PicturesTab::fitHeight() {
    const int i = current();
    if (i < 0) return;
    const body::Picture p = m_document.puppet().pictures[static_cast<std::size_t>(i)];
    const QImage image = imageOf(p);
    const auto fitted = image.isNull() ? std::nullopt : fittedToHeight(image, p, m_document.puppet().height_mm);
    if (!fitted) {
        Q_EMIT m_document.refused(tr("no figure can be told from its ground in this picture"));
        return;
    }
    m_document.change(tr("Fit the picture to %1").arg(Text::length(m_document.puppet().height_mm, 0)),
                      [&](const document::Edits& e) { return e.setPicture(static_cast<std::size_t>(i), *fitted); });
}

/// Each inner station becomes the mean of itself, twice, and its neighbours.
void PicturesTab::smoothWidths() {
    const Selection& s = m_document.selection();
    std::vector<document::Edits::Step> steps;
    const auto& puppet = m_document.puppet();
    for (std::size_t i = 0; i < puppet.limbs.size(); ++i)
        for (std::size_t k = 0; k < puppet.limbs[i].segments.size(); ++k) {
            if (s.kind == Selection::Kind::segment && (s.limb != static_cast<int>(i) || s.index != static_cast<int>(k)))
                continue;
            const auto& old = puppet.limbs[i].segments[k].sections;
            if (old.size() < 3) continue;
            auto smooth = old;
            for (std::size_t n = 1; n + 1 < old.size(); ++n) {
                smooth[n].a_mm = (old[n - 1].a_mm + 2 * old[n].a_mm + old[n + 1].a_mm) / 4;
                smooth[n].b_mm = (old[n - 1].b_mm + 2 * old[n].b_mm + old[n + 1].b_mm) / 4;
            }
            steps.push_back([id = puppet.limbs[i].id, k, smooth](const document::Edits& e) {
                return e.setSections(id, static_cast<int>(k), smooth);
            });
        }
    if (!steps.empty())
        m_document.change(tr("Smooth the widths"), [&](const document::Edits& e) { return e.chain(steps); });
}

/// Of the part or limb in hand, or of all.
void PicturesTab::readWidths() {
    const auto& puppet = m_document.puppet();
    std::map<bool, std::pair<body::GreyPicture, body::Picture>> views;
    for (const body::Picture& p : puppet.pictures) {
        const QImage image = imageOf(p);
        if (!image.isNull() && !views.contains(p.side)) views[p.side] = {greyOf(image, p), p};
    }
    if (views.empty()) {
        Q_EMIT m_document.refused(tr("there is no picture on the sheet to read widths from"));
        return;
    }
    const auto placed = [&](bool side) {
        return views.contains(side) ? body::PlacedPicture{&views[side].first, views[side].second}
                                    : body::PlacedPicture{};
    };
    const Selection& s = m_document.selection();
    const body::ReadBody read =
        body::readBody(puppet, placed(false), placed(true), m_threshold->value(), [&](int limb, int segment) {
            return s.kind == Selection::Kind::segment ? s.limb == limb && s.index == segment
                   : s.kind == Selection::Kind::joint ? s.limb == limb
                                                      : true;
        });
    if (read.parts.empty()) {
        Q_EMIT m_document.refused(tr("no part's bone lies on the figure of a picture"));
        return;
    }
    std::vector<document::Edits::Step> steps;
    for (const body::ReadPart& part : read.parts)
        steps.push_back([id = puppet.limbs[static_cast<std::size_t>(part.limb)].id, part](const document::Edits& e) {
            return e.setSections(id, part.segment, part.sections);
        });
    m_document.change(tr("Widths from the picture"), [&](const document::Edits& e) { return e.chain(steps); });
    m_doubts = read.doubts;
    showDoubts(static_cast<int>(read.parts.size()));
}

/// Each place by its name; a step through them goes to each on the sheet, where its edge can be dragged.
void PicturesTab::showDoubts(int parts) {
    const auto& limbs = m_document.puppet().limbs;
    const auto nameOf = [&](int limb, int segment) {
        return Text::capital(limbs[static_cast<std::size_t>(limb)].segments[static_cast<std::size_t>(segment)].name);
    };
    m_doubtList->clear();
    for (const body::WidthDoubt& d : m_doubts) {
        using Because = body::WidthDoubt::Why;
        const QString where =
            d.side ? tr("%1, %2 % along, from the side").arg(nameOf(d.limb, d.segment)).arg(qRound(100 * d.at))
                   : tr("%1, %2 % along, from the front").arg(nameOf(d.limb, d.segment)).arg(qRound(100 * d.at));
        QString why;
        switch (d.why) {
        case Because::off_figure:
            why = tr("its bone lies beside the figure");
            break;
        case Because::border:
            why = tr("no edge within a third of the height");
            break;
        case Because::hole:
            why = tr("something else lies close by");
            break;
        case Because::neighbour:
            why = tr("cut off where %1 begins").arg(nameOf(d.otherLimb, d.otherSegment));
            break;
        }
        m_doubtList->addItem(tr("%1: %2").arg(where, why));
    }
    m_doubtList->setVisible(!m_doubts.empty());
    m_said->setText(m_doubts.empty()
                        ? tr("Widths of %n part(s) read, none of them in doubt.", nullptr, parts)
                        : tr("Widths of %n part(s) read. Look at these places and drag their edges:", nullptr, parts));
}

} // namespace enkinet::app
