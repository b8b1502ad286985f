#include "shell/window.h"
#include "document/cards_in.h"
#include "files/container.h"
#include "jobs/crash.h"
#include "jobs/simulator_process.h"
#include "sheet/sheet_view.h"
#include "shell/desk_top.h"
#include "shell/figure_rail.h"
#include "shell/guide_window.h"
#include "shell/puppet_bar.h"
#include "shell/side_panel.h"
#include "shell/startup_preview.h"
#include "shell/station_bar.h"
#include "shell/tutorial.h"
#include "stations/registry.h"
#include "stations/sheet/pictures_tab.h"
#include "stations/sheet/sheet_page.h"
#include "stations/wire/puppet_table.h"
#include "turntable/turntable.h"
#include "widgets/accessible_picture.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/language.h"
#include "words/text.h"
#include <QApplication>
#include <QCloseEvent>
#include <QDialog>
#include <QDragEnterEvent>
#include <QEventLoop>
#include <QFileInfo>
#include <QLabel>
#include <QListWidget>
#include <QLocale>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QScreen>
#include <QSettings>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace enkinet::app {

QString demoPath() { return QString::fromStdString(files::findDataDir()) + "/demo/post-for-the-tide-house.json"; }
QString kindPath(const QString& kind) {
    return QString::fromStdString(files::findDataDir()) + "/kinds/" + kind + ".json";
}

body::SizeKind sizeKindOf(const QString& kind) {
    using enum body::SizeKind;
    return kind == "winged"      ? span
           : kind == "serpent"   ? length
           : kind == "quadruped" ? shoulder
                                 : body::SizeKind::height;
}

Window::~Window() { setSayNotTaken({}); }

Window::Window(BuildStage when, const QString& file) : m_stationBar(new StationBar) {
    setObjectName("desk");
    setAcceptDrops(true);
    setMinimumSize(640, 440);
    placeWindow();
    if (when == BuildStage::now) {
        furnish();
        return;
    }
    setCentralWidget(new StartupPreview(file, *m_stationBar));
}

void Window::showFirst() {
    auto* sight = static_cast<StartupPreview*>(centralWidget());
    QEventLoop wait;
    sight->painted = [&wait] { wait.quit(); };
    QTimer::singleShot(1000, &wait, &QEventLoop::quit);
    show();
    wait.exec(QEventLoop::ExcludeUserInputEvents);
    sight->painted = {};
}

/// All that takes time, once something is to be seen.
void Window::furnish() {
    if (m_top) return;
    m_sheet = new SheetView(m_document);
    m_turntable = new Turntable(m_document);
    m_bench = new QStackedWidget;
    m_bench->setObjectName("bench");
    for (QWidget* w : {static_cast<QWidget*>(m_sheet), static_cast<QWidget*>(m_turntable)})
        m_bench->addWidget(w);
    m_sidePanel = new SidePanel(m_document);
    m_rail = new FigureRail(m_document);
    m_puppetBar = new PuppetBar(m_document);
    m_message = &m_puppetBar->message();
    m_working = &m_puppetBar->working();
    // What comes within a blink is not announced.
    m_workingSoon.setSingleShot(true);
    m_workingSoon.setInterval(120);
    connect(&m_workingSoon, &QTimer::timeout, m_working, &QWidget::show);
    connect(&m_document, &Document::workingChanged, this, [this](bool working) {
        if (working) return m_workingSoon.start();
        m_workingSoon.stop();
        m_working->hide();
    });
    m_top = new DeskTop;
    makeMenus();
    m_top->setPlaces(m_puppetBar, m_rail, m_bench, m_sidePanel, m_stationBar);
    // The rule has moved over; what it stood on goes.
    setCentralWidget(m_top);
    for (QWidget* w : {static_cast<QWidget*>(m_puppetBar), static_cast<QWidget*>(m_bench),
                       static_cast<QWidget*>(m_sidePanel), static_cast<QWidget*>(m_stationBar)})
        w->show();
    connect(m_top, &DeskTop::arranged, m_rail, &FigureRail::setBoth);
    qApp->installEventFilter(this);

    connect(&m_document, &Document::changed, this, &Window::refresh);
    connect(&m_document, &Document::titleChanged, this, &Window::showTitle);
    connect(&m_document, &Document::refused, this, &Window::say);
    connect(&m_document, &Document::noted, this, &Window::note);
    setSayNotTaken([this](const QString& sentence) { Q_EMIT m_document.refused(sentence); });
    connect(&m_document, &Document::selectionChanged, this, [this] { say({}); });
    connect(&m_document, &Document::stepping, this, [this] { say({}); });
    connect(&m_document.undoStack(), &QUndoStack::indexChanged, this,
            [this] { noteCrashStep(m_document.undoStack().undoText()); });
    connect(&m_document, &Document::applied, this, &Window::sayApplied);
    connect(&m_document, &Document::judgedAnew, this, &Window::sayJudgedAnew);
    connect(&m_document, &Document::trialChanged, this, [this] { say({}); });
    connect(m_stationBar, &StationBar::chosen, this, &Window::setStation);
    connect(m_sidePanel, &SidePanel::pageMade, this, &Window::connectPage);
    connect(m_sheet, &SheetView::layerViewChanged, this, [this] {
        m_turntable->setLayerView(m_sheet->layerView());
        m_rail->setLayerView(m_sheet->layerView());
    });
    // One layer more or less, wherever it is asked for; the turntable has no bare paper to show.
    connect(m_turntable, &Turntable::layerViewAsked, this, [this] {
        m_sheet->setLayerView(static_cast<LayerView>((static_cast<int>(m_sheet->layerView()) + 1) % (kLayerViews - 1)));
    });
    connect(m_rail, &FigureRail::layerViewAsked, this, [this](int by) {
        m_sheet->setLayerView(
            static_cast<LayerView>((static_cast<int>(m_sheet->layerView()) + by + kLayerViews) % kLayerViews));
    });
    connect(m_sidePanel, &SidePanel::wantsDemo, this, &Window::openDemo);
    connect(m_sidePanel, &SidePanel::wantsFile, this, &Window::chooseFile);
    connect(m_sidePanel, &SidePanel::wantsTutorial, this, &Window::showTutorial);
    connect(m_sidePanel, &SidePanel::wantsKind, this, &Window::startKind);
    refresh();
    showTitle();
    m_sheet->setFocus();
}

void Window::setLanguage(const QString& code) {
    preferLanguage(code);
    enterTyped();
    takeHold({});
    applyLanguage(pickLanguage(code));
    setLocale(QLocale());
    const results::Station station = m_station;
    qApp->removeEventFilter(this);
    m_document.disconnect(this);
    m_workingSoon.disconnect(this);
    m_document.nameCards();
    m_stationBar = new StationBar;
    // What stood on the desk, its menus with their keys, and the guide if it is open.
    delete takeCentralWidget();
    const auto* walk = findChild<Tutorial*>();
    const int step = walk ? walk->step() : -1;
    for (QObject* o : {static_cast<QObject*>(findChild<QMenu*>("more", Qt::FindDirectChildrenOnly)),
                       static_cast<QObject*>(findChild<GuideWindow*>()), static_cast<QObject*>(findChild<Tutorial*>())})
        delete o;
    m_top = nullptr;
    m_sheetPage = nullptr;
    m_table = nullptr;
    furnish();
    setStation(station);
    if (step >= 0) new Tutorial(*this, step);
}

/// What passes between a station's page and the paper.
void Window::connectPage(Page* page) {
    if (auto* sheet = qobject_cast<SheetPage*>(page)) {
        m_sheetPage = sheet;
        connect(sheet, &SheetPage::holdWanted, this, &Window::takeHold);
        connect(sheet, &SheetPage::besideWanted, this, [this](int i) {
            m_sheet->setBeside(i);
            m_sheet->update();
        });
    }
    if (QWidget* bench = page->bench()) m_bench->addWidget(bench);
    connect(m_rail, &FigureRail::pointed, page, &Page::point);
    showPaper();
}

void Window::setStation(results::Station station) {
    m_station = station;
    const StationKind& kind = stationKind(station);
    m_stationBar->setStation(station);
    m_sidePanel->setStation(station);
    m_rail->setStation(station);
    m_rail->setWalksParts(kind.aboutParts);
    showPaper();
    if (station == results::Station::sheet)
        m_sheetPage ? m_sheetPage->askHold() : takeHold({});
    else
        takeHold({});
    // Each station begins with the layer that it is about.
    m_sheet->setLayerView(kind.layerView);
    m_rail->setLayerView(kind.layerView);
}

void Window::showPaper() {
    QWidget* shown = m_sheet;
    if (m_document.hasPuppet()) {
        if (m_wall->isChecked())
            shown = &table();
        else if (m_turn->isChecked())
            shown = m_turntable;
        else if (QWidget* own = m_sidePanel->present()->bench())
            shown = own;
    }
    m_bench->setCurrentWidget(shown);
    // An empty desk has no figure, and the sheet shows both elevations itself.
    m_top->setAlone(!m_document.hasPuppet() || shown == m_sheet || shown == m_table);
}

/// Made when it is first wanted.
PuppetTable& Window::table() {
    if (!m_table) m_bench->addWidget(m_table = new PuppetTable(m_document));
    return *m_table;
}

void Window::showTable(bool on) {
    m_wall->setChecked(on);
    if (on) m_turn->setChecked(false);
    showPaper();
}

void Window::showTurntable(bool on) {
    m_turn->setChecked(on);
    if (on) m_wall->setChecked(false);
    if (on) m_turntable->make();
    m_turntable->setLayerView(m_sheet->layerView());
    showPaper();
    if (on && m_turntable->view())
        m_turntable->view()->setFocus();
    else
        m_sheet->setFocus();
}

/// The sheet on the bench, for what can be done nowhere else.
void Window::showSheet() {
    showTable(false);
    showTurntable(false);
    if (m_station != results::Station::sheet) setStation(results::Station::sheet);
}

void Window::takeHold(const HoldWish& wish) {
    if (!m_document.hasPuppet()) return;
    // What is held is held over the sheet: it comes first.
    if (wish.kind != HoldWish::Kind::none && wish.kind != HoldWish::Kind::bend) showSheet();
    std::unique_ptr<SheetHold> hold;
    switch (wish.kind) {
    case HoldWish::Kind::none:
        break;
    case HoldWish::Kind::shape:
        hold = std::make_unique<ShapeHold>(*m_sheet);
        break;
    case HoldWish::Kind::mark:
        hold = std::make_unique<MarkHold>(*m_sheet, wish.limb, wish.mirrored);
        break;
    case HoldWish::Kind::bend:
        hold = std::make_unique<BendHold>(*m_sheet);
        break;
    case HoldWish::Kind::caliper:
        hold = std::make_unique<CaliperHold>(*m_sheet);
        break;
    case HoldWish::Kind::picture:
        hold = std::make_unique<PictureHold>(*m_sheet, wish.picture, wish.distance_mm);
        break;
    }
    m_sheet->setHold(std::move(hold));
    if (wish.kind == HoldWish::Kind::mark) m_sheet->setFocus();
}

void Window::refresh() {
    std::vector<int> counts;
    std::vector<QString> sentences(results::kStations);
    if (m_document.hasPuppet()) {
        counts = findings::countOpen(m_document.openPoints());
        for (const findings::Finding& p : m_document.openPoints()) {
            QString& s = sentences[static_cast<std::size_t>(p.station())];
            s += (s.isEmpty() ? "" : "\n") + Text::openPoint(p);
        }
    }
    m_stationBar->setOpen(counts, sentences);
    showPaper();
    showTitle();
}

/// Where and as large as it was left; on a screen with less room than it wants it fits itself to it.
void Window::placeWindow() {
    resize(1280, 800);
    restoreGeometry(QSettings().value("window").toByteArray());
    if (const QScreen* on = screen()) {
        const QRect room = on->availableGeometry();
        resize(size().boundedTo(room.size()));
    }
}

void Window::showTitle() {
    setWindowTitle(tr("%1[*] · Enkinet").arg(m_document.title()));
    setWindowModified(m_document.isChanged());
}

void Window::say(const QString& sentence) {
    const bool refused = !sentence.isEmpty() && sentence != m_saveFault;
    showMessage(refused                ? tr("Not done: %1").arg(sentence)
                : m_document.isTrial() ? tr("Only tried: %1").arg(m_document.trialName())
                                       : QString(),
                true);
}

void Window::note(const QString& sentence) { showMessage(sentence, false); }

/// A save that failed stays said beside it.
void Window::showMessage(const QString& line, bool standsOut) {
    QStringList lines;
    if (!m_saveFault.isEmpty()) lines << tr("Not saved: %1").arg(m_saveFault);
    if (!line.isEmpty()) lines << line;
    m_message->setText(lines.join("  "));
    announce(*m_message, m_message->text());
    const QString colour =
        standsOut || !m_saveFault.isEmpty() ? look().night ? look().slack.name() : "#7a1f10" : look().ink.name();
    m_message->setStyleSheet(QString("color: %1; font-weight: 600; padding-left: 12px;").arg(colour));
}

void Window::sayJudgedAnew(const std::vector<results::Rejudged>& said) {
    QStringList lines;
    for (const results::Rejudged& x : said) {
        const auto* p = document::findPuppet(m_document.production(), x.puppet);
        QString who = QString::fromStdString(p ? p->name : x.puppet);
        if (p)
            for (const body::Limb& l : p->limbs)
                if (l.id == x.limb) {
                    who += ", " + QString::fromStdString(l.name);
                    for (const body::Joint& j : l.joints)
                        if (j.id == x.joint) who += ", " + QString::fromStdString(j.name);
                }
        using What = results::Rejudged::What;
        const auto word = [](const std::string& s) { return s.empty() ? tr("none") : QString::fromStdString(s); };
        switch (x.what) {
        case What::wire:
            lines << tr("%1: wire %2, was %3").arg(who, word(x.after), word(x.before));
            break;
        case What::joint:
            lines << tr("%1: %2, was %3").arg(who, word(x.after), word(x.before));
            break;
        case What::grams:
            lines << tr("%1: weighs %2, was %3").arg(who, Text::grams(x.to), Text::grams(x.from));
            break;
        case What::minutes:
            lines << tr("%1: work %2, was %3").arg(who, Text::minutes(x.to), Text::minutes(x.from));
            break;
        }
    }
    note(lines.isEmpty()
             ? tr("Judged anew by newer rules: nothing is said otherwise")
             : tr("Judged anew by newer rules: %n thing(s) said otherwise", nullptr, static_cast<int>(lines.size())));
    if (lines.isEmpty()) return;
    auto* slip = new QDialog(this);
    slip->setObjectName("rulesSlip");
    slip->setAttribute(Qt::WA_DeleteOnClose);
    slip->setWindowTitle(tr("What newer rules say"));
    auto* v = new QVBoxLayout(slip);
    auto* why = makeText();
    why->setText(tr("This file was last judged by older rules. Nothing in it was changed; what is said of it differs "
                    "here. Wire that is cut stays cut."));
    auto* list = new QListWidget;
    list->setObjectName("rulesSlipLines");
    list->setAccessibleName(tr("What is said otherwise"));
    list->setWordWrap(true);
    list->addItems(lines);
    auto* close = new QPushButton(tr("Close"));
    connect(close, &QPushButton::clicked, slip, &QDialog::close);
    v->addWidget(why);
    v->addWidget(list, 1);
    v->addWidget(close, 0, Qt::AlignRight);
    slip->resize(520, 320);
    slip->show();
}

/// One line of what a change did, also to other joints.
void Window::sayApplied(const QString& name, const QStringList& nowFail, const QStringList& nowHold,
                        const QStringList& rewired) {
    if (nowFail.isEmpty() && nowHold.isEmpty() && rewired.isEmpty()) return;
    QStringList words{name};
    if (!nowHold.isEmpty()) words << tr("%n joint(s) hold now", nullptr, static_cast<int>(nowHold.size()));
    if (nowFail.size() == 1)
        words << tr("the %1 held before and fails now").arg(nowFail.front());
    else if (!nowFail.isEmpty())
        words << tr("%n joint(s) that held before fail now", nullptr, static_cast<int>(nowFail.size()));
    // A wire that changed is said whatever it was that changed it: something may be cut already.
    if (rewired.size() == 1)
        words << tr("other wire in the %1").arg(rewired.front());
    else if (!rewired.isEmpty())
        words << tr("other wire in %n limb(s)", nullptr, static_cast<int>(rewired.size())) + ": " +
                     rewired.join(tr(", "));
    m_message->setText(words.join(tr("; ")));
    m_message->setToolTip(plainTip((nowFail + nowHold + rewired).join("\n")));
    announce(*m_message, m_message->text());
    m_message->setStyleSheet(
        QString("color: %1; padding-left: 12px;").arg(nowFail.isEmpty() ? look().ink.name() : look().slack.name()));
}

QString Window::message() const { return m_message->text(); }

/// What the next start shows first.
void Window::keepSight() const {
    if (!m_document.hasPuppet()) return;
    SavedPreview sight{
        m_document.path().isEmpty() ? m_document.source() : m_document.path(), centralWidget()->size(), {}};
    // Work without any file is not what a next start begins with.
    if (sight.file.isEmpty()) return;
    for (QWidget* w : {static_cast<QWidget*>(m_rail), static_cast<QWidget*>(m_sheet)})
        if (w->isVisible())
            sight.line.addPath(
                (w == m_rail ? m_rail->outline() : m_sheet->outline()).translated(w->mapTo(centralWidget(), QPoint())));
    writeLastSight(sight);
}

void Window::closeEvent(QCloseEvent* e) {
    if (!m_top) return e->accept();
    if (!mayLeave()) return e->ignore();
    keepSight();
    m_document.dropRecovery();
    QSettings().setValue("window", saveGeometry());
    e->accept();
}

void Window::dragEnterEvent(QDragEnterEvent* e) {
    if (m_top && e->mimeData()->hasUrls()) e->acceptProposedAction();
}

void Window::dropEvent(QDropEvent* e) {
    for (const QUrl& url : e->mimeData()->urls())
        if (url.isLocalFile()) {
            const QString suffix = QFileInfo(url.toLocalFile()).suffix().toLower();
            if (m_document.hasPuppet() && (suffix == "png" || suffix == "jpg" || suffix == "jpeg" || suffix == "svg")) {
                const bool side = m_sheet->viewAt(m_sheet->mapFrom(this, e->position().toPoint())) == View::side;
                if (m_sheetPage) m_sheetPage->pictures().addPictureFile(url.toLocalFile(), side);
                return;
            }
            if (m_document.hasPuppet() && suffix == "json" && holdsCards(url.toLocalFile()))
                takeCards(m_document, url.toLocalFile());
            else
                openFile(url.toLocalFile());
            return;
        }
}

} // namespace enkinet::app
