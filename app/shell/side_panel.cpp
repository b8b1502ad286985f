#include "shell/side_panel.h"
#include "shell/window.h"
#include "stations/registry.h"
#include "widgets/fields.h"
#include <QFormLayout>
#include <QPushButton>
#include <QScrollBar>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
/// A stack as tall as the page that is shown, so that the card scrolls no further than it must.
class CardPages : public QStackedWidget {
public:
    QSize sizeHint() const override {
        return currentWidget() ? currentWidget()->sizeHint() : QStackedWidget::sizeHint();
    }
    QSize minimumSizeHint() const override { return currentWidget() ? currentWidget()->minimumSizeHint() : QSize(); }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int w) const override { return currentWidget() ? currentWidget()->heightForWidth(w) : 0; }
};
} // namespace

SidePanel::SidePanel(Document& document, QWidget* parent)
    : QScrollArea(parent), m_document(document), m_pages(new CardPages), m_start(makeStart()) {
    setObjectName("cardScroll");
    m_pages->setObjectName("cardBody");
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    setAccessibleName(tr("Card"));
    setWidget(m_pages);
    m_pages->addWidget(m_start);
    m_stations.assign(results::kStations, nullptr);
    m_soon.setSingleShot(true);
    m_soon.setInterval(40);
    connect(&m_soon, &QTimer::timeout, this, &SidePanel::refresh);
    connect(&document, &Document::changed, this, &SidePanel::follow);
    connect(&document, &Document::selectionChanged, this, &SidePanel::refresh);
    refresh();
}

void SidePanel::setStation(results::Station station) {
    if (station == m_station) return;
    m_station = station;
    refresh();
    verticalScrollBar()->setValue(0);
}

Page* SidePanel::page(results::Station station) {
    Page*& known = m_stations[static_cast<std::size_t>(station)];
    if (known) return known;
    known = stationKind(station).make(m_document);
    m_pages->addWidget(known);
    Q_EMIT pageMade(known);
    return known;
}

/// While results are worked out the figure comes first; fields and numbers follow with them, or within a blink.
void SidePanel::follow() {
    if (!m_document.isWorking() || m_pages->currentWidget() != m_stations[static_cast<std::size_t>(m_station)])
        return refresh();
    m_soon.start();
}

void SidePanel::refresh() {
    m_soon.stop();
    if (m_document.hasPuppet()) {
        Page* now = page(m_station);
        now->refresh();
        m_pages->setCurrentWidget(now);
    } else {
        m_pages->setCurrentWidget(m_start);
    }
    m_pages->updateGeometry();
}

QWidget* SidePanel::makeStart() {
    auto* w = new QWidget;
    auto* v = new QVBoxLayout(w);
    v->setContentsMargins(18, 14, 16, 16);
    v->setSpacing(10);
    auto* title = makeTitle();
    title->setText(tr("Where to begin"));
    auto* demo = new QPushButton(tr("Open the demo production"));
    demo->setObjectName("startDemo");
    auto* demoText = makeText(true);
    demoText->setText(tr(
        "Post for the Tide House: Tansy, Brindle and Old Reed. It opens as a copy, so nothing of it can be spoiled."));
    auto* walk = new QPushButton(tr("The first hour, step by step"));
    walk->setObjectName("startWalk");
    auto* open = new QPushButton(tr("Open a file"));
    auto* heading = makeHeading(tr("A new puppet"));
    auto* form = makeForm();
    auto* kind = new ChoiceField(tr("Kind of puppet"));
    kind->setObjectName("startWhich");
    kind->show({{tr("biped"), "biped"},
                {tr("quadruped"), "quadruped"},
                {tr("bird"), "bird"},
                {tr("serpent"), "serpent"},
                {tr("winged beast"), "winged"},
                {tr("own shape, from a drawing"), "own"}},
               "biped");
    auto* height = new NumberField(NumberField::Kind::length, 20, 3000, 10, 0, tr("Height"));
    height->setObjectName("startHeight");
    height->show(200);
    auto* make = new QPushButton(tr("Draw it"));
    make->setObjectName("startKind");
    form->addRow(tr("kind"), kind);
    auto* sizeWord = new QLabel;
    sizeWord->setBuddy(height);
    form->addRow(sizeWord, height);
    const auto nameSize = [kind, height, sizeWord] {
        const body::SizeKind by = sizeKindOf(kind->currentData().toString());
        const QString word = by == body::SizeKind::span       ? tr("span")
                             : by == body::SizeKind::length   ? tr("length")
                             : by == body::SizeKind::shoulder ? tr("height at the shoulder")
                                                              : tr("height");
        sizeWord->setText(word);
        height->setAccessibleName(word);
    };
    connect(kind, &ChoiceField::edited, w, nameSize);
    nameSize();
    auto* kindText = makeText(true);
    kindText->setText(tr("Sound proportions, ranges and layers to begin with; change any of them afterwards."));
    for (QWidget* x : {static_cast<QWidget*>(title), static_cast<QWidget*>(demo), static_cast<QWidget*>(demoText),
                       static_cast<QWidget*>(walk), static_cast<QWidget*>(open), static_cast<QWidget*>(heading)})
        v->addWidget(x);
    v->addLayout(form);
    v->addWidget(make);
    v->addWidget(kindText);
    v->addStretch();
    connect(demo, &QPushButton::clicked, this, &SidePanel::wantsDemo);
    connect(walk, &QPushButton::clicked, this, &SidePanel::wantsTutorial);
    connect(open, &QPushButton::clicked, this, &SidePanel::wantsFile);
    connect(make, &QPushButton::clicked, this,
            [this, kind, height] { Q_EMIT wantsKind(kind->currentData().toString(), height->core()); });
    return w;
}

} // namespace enkinet::app
