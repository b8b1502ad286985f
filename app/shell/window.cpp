#include "shell/window.h"
#include "files/container.h"
#include "files/cut_list_file.h"
#include "print/build_sheets.h"
#include "print/export.h"
#include "sheet/sheet_view.h"
#include "sheet/walk.h"
#include "shell/card.h"
#include "shell/desk_top.h"
#include "shell/figure_rail.h"
#include "shell/rule.h"
#include "shell/shelf.h"
#include "stations/registry.h"
#include "stations/sheet/pictures_leaf.h"
#include "stations/sheet/sheet_page.h"
#include "stations/wire/puppet_table.h"
#include "turntable/turntable.h"
#include "widgets/accessible_picture.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QAbstractSpinBox>
#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QComboBox>
#include <QDialog>
#include <QDragEnterEvent>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QMenu>
#include <QMimeData>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QPushButton>
#include <QScreen>
#include <QSettings>
#include <QSlider>
#include <QStackedWidget>
#include <QTableWidget>
#include <QTextDocumentFragment>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
const char* const kFilter = QT_TRANSLATE_NOOP("enkinet::app::Window", "Productions (*.enkinet *.json)");
constexpr int kRecent = 8;
} // namespace

QString demoPath() { return QString::fromStdString(files::findDataDir()) + "/demo/post-for-the-tide-house.json"; }
QString kindPath(const QString& kind) {
    return QString::fromStdString(files::findDataDir()) + "/kinds/" + kind + ".json";
}

Window::Window(QWidget* parent) : QMainWindow(parent) {
    setObjectName("desk");
    setAcceptDrops(true);
    setMinimumSize(640, 440);
    m_sheet = new SheetView(m_document);
    m_turntable = new Turntable(m_document);
    m_bench = new QStackedWidget;
    m_bench->setObjectName("bench");
    for (QWidget* w : {static_cast<QWidget*>(m_sheet), static_cast<QWidget*>(m_turntable)})
        m_bench->addWidget(w);
    m_card = new Card(m_document);
    m_rail = new FigureRail(m_document);
    m_rule = new Rule;
    m_shelf = new Shelf(m_document);
    m_message = &m_shelf->message();
    m_working = &m_shelf->working();
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
    setCentralWidget(m_top);
    makeMenus();
    m_top->setPlaces(m_shelf, m_rail, m_bench, m_card, m_rule);
    connect(m_top, &DeskTop::arranged, m_rail, &FigureRail::setBoth);
    placeWindow();
    qApp->installEventFilter(this);

    connect(&m_document, &Document::changed, this, &Window::refresh);
    connect(&m_document, &Document::titleChanged, this, &Window::showTitle);
    connect(&m_document, &Document::refused, this, &Window::say);
    connect(&m_document, &Document::selectionChanged, this, [this] { say({}); });
    connect(&m_document, &Document::applied, this, &Window::sayApplied);
    connect(&m_document, &Document::trialChanged, this, [this] { say({}); });
    connect(m_rule, &Rule::chosen, this, &Window::setStation);
    connect(m_card, &Card::pageMade, this, &Window::connectPage);
    connect(m_sheet, &SheetView::peelChanged, this, [this] {
        m_turntable->setPeel(m_sheet->peel());
        m_rail->setPeel(m_sheet->peel());
    });
    connect(m_turntable, &Turntable::peelAsked, this,
            [this] { m_sheet->setPeel(static_cast<Peel>((static_cast<int>(m_sheet->peel()) + 1) % (kPeels - 1))); });
    connect(m_card, &Card::wantsDemo, this, &Window::openDemo);
    connect(m_card, &Card::wantsFile, this, &Window::chooseFile);
    connect(m_card, &Card::wantsKind, this, &Window::startKind);
    refresh();
    showTitle();
    m_sheet->setFocus();
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
    connect(m_sheet, &SheetView::pointed, page, &Page::point);
    connect(m_rail, &FigureRail::pointed, page, &Page::point);
    showPaper();
}

void Window::makeMenus() {
    // One word on the shelf opens them all; their keys work anywhere.
    auto* more = new QMenu(tr("More: files, edits, puppets, the desk"), this);
    more->setObjectName("more");
    QMenu* file = more->addMenu(tr("&Production"));
    file->addAction(tr("&New"), QKeySequence::New, this, [this] {
        if (mayLeave()) m_document.startEmpty();
    });
    file->addAction(tr("&Open…"), QKeySequence::Open, this, &Window::chooseFile);
    m_recent = file->addMenu(tr("Open &recent"));
    connect(m_recent, &QMenu::aboutToShow, this, &Window::showRecent);
    file->addAction(tr("Open the &demo"), this, &Window::openDemo);
    file->addSeparator();
    file->addAction(tr("&Save"), QKeySequence::Save, this, [this] { save(); });
    file->addAction(tr("Save &as…"), QKeySequence::SaveAs, this, [this] { saveAs(); });
    file->addSeparator();
    file->addAction(tr("&Print build sheets…"), QKeySequence::Print, this, [this] { printSheets(false); });
    file->addAction(tr("Build sheets as P&DF…"), this, [this] { printSheets(true); });
    file->addAction(tr("&Cut list as CSV…"), this, &Window::exportCutList);
    file->addAction(tr("Puppet &table as CSV…"), this, &Window::exportTable);
    file->addAction(tr("&Export body or elevations…"), this, &Window::chooseExport);
    file->addAction(tr("&Import puppets…"), this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Take puppets over from"), {}, tr(kFilter));
        if (!path.isEmpty()) importPuppets(path);
    });
    file->addSeparator();
    file->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);

    QMenu* edit = more->addMenu(tr("&Edit"));
    QAction* undo = m_document.undoStack().createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = m_document.undoStack().createRedoAction(this, tr("Redo"));
    redo->setShortcut(QKeySequence::Redo);
    edit->addAction(undo);
    edit->addAction(redo);
    edit->addSeparator();
    edit->addAction(tr("&Copy the answer as text"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), this,
                    &Window::copyAnswer);
    edit->addAction(tr("Copy the &picture on the bench"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_P), this,
                    [this] { QApplication::clipboard()->setPixmap(m_bench->grab()); });

    QMenu* hand = more->addMenu(tr("&In hand"));
    const std::tuple<QString, Together, QKeySequence> groups[] = {
        {tr("The &whole limb"), Together::limb, QKeySequence(Qt::CTRL | Qt::Key_L)},
        {tr("The like on &all limbs of its kind"), Together::kind, QKeySequence(Qt::CTRL | Qt::Key_K)},
        {tr("&Both sides"), Together::sides, QKeySequence(Qt::CTRL | Qt::Key_B)},
        {tr("All parts of this &clay"), Together::clay, QKeySequence(Qt::CTRL | Qt::Key_J)}};
    for (const auto& [name, together, keys] : groups)
        hand->addAction(name, keys, this, [this, together = together] {
            const auto all = gather(m_document, together);
            if (all.size() < 2) return say(tr("nothing else belongs to it: take a joint or a part in hand first"));
            m_document.selectAll(all);
        });
    QMenu* puppet = more->addMenu(tr("P&uppet"));
    for (const auto& [kind, name] : {std::pair{"biped", tr("Add a &biped")},
                                     {"quadruped", tr("Add a &quadruped")},
                                     {"bird", tr("Add a b&ird")},
                                     {"serpent", tr("Add a &serpent")},
                                     {"winged", tr("Add a &winged beast")},
                                     {"own", tr("Add an &own shape")}})
        puppet->addAction(name, this, [this, k = QString(kind)] { addKind(k); });
    puppet->addSeparator();
    puppet->addAction(tr("&Rename…"), QKeySequence(Qt::Key_F2), this, [this] { renamePuppet(); });
    puppet->addAction(tr("&Duplicate"), this, &Window::duplicatePuppet);
    puppet->addAction(tr("Move to the &left"), this, [this] { movePuppet(-1); });
    puppet->addAction(tr("Move to the ri&ght"), this, [this] { movePuppet(1); });
    puppet->addAction(tr("Re&move"), this, &Window::dropPuppet);
    puppet->addSeparator();
    const auto turnTo = [this](int by) {
        const auto n = static_cast<int>(m_document.production().puppets.size());
        if (n > 0) m_document.showPuppet((m_document.puppetIndex() + by + n) % n);
    };
    puppet->addAction(tr("&Next puppet"), QKeySequence(Qt::CTRL | Qt::Key_PageDown), this, [turnTo] { turnTo(1); });
    puppet->addAction(tr("&Previous puppet"), QKeySequence(Qt::CTRL | Qt::Key_PageUp), this, [turnTo] { turnTo(-1); });

    QMenu* view = more->addMenu(tr("&Desk"));
    for (int i = 0; i < results::kStations; ++i) {
        const auto station = static_cast<results::Station>(i);
        view->addAction(Say::station(station), QKeySequence(Qt::ALT | (Qt::Key_1 + i)), this,
                        [this, station] { setStation(station); });
    }
    view->addSeparator();
    m_turn = view->addAction(tr("&Turntable"), QKeySequence(Qt::Key_T), this,
                             [this] { showTurntable(m_turn->isChecked()); });
    m_turn->setCheckable(true);
    m_wall =
        view->addAction(tr("&Puppet table"), QKeySequence(Qt::Key_W), this, [this] { showTable(m_wall->isChecked()); });
    m_wall->setCheckable(true);
    m_life = view->addAction(tr("&Life size"), QKeySequence(Qt::Key_L), this,
                             [this] { m_sheet->setLifeSize(m_life->isChecked()); });
    m_life->setCheckable(true);
    view->addAction(tr("&Calibrate life size…"), this, &Window::calibrateScreen);
    view->addAction(tr("&Measure on the sheet"), QKeySequence(Qt::Key_M), this, [this] {
        takeHold({HoldWish::Kind::caliper, {}, false, -1, 0});
    });
    // First what the pointer holds, then what is selected.
    view->addAction(tr("&Put it down"), QKeySequence(Qt::Key_Escape), this, [this] {
        if (m_sheet->hold())
            takeHold({});
        else
            m_document.select({});
    });
    view->addAction(tr("Turn the &figure"), QKeySequence(Qt::Key_V), this, [this] { m_rail->flip(); });
    view->addAction(tr("&Keys"), QKeySequence(Qt::Key_F1), this, &Window::showKeys);
    view->addAction(tr("&Fit the paper"), this, [this] { m_sheet->fit(); });
    QAction* night = view->addAction(tr("Night &bench"));
    night->setCheckable(true);
    night->setChecked(look().night);
    connect(night, &QAction::toggled, this, [this](bool on) {
        setNightLook(on);
        QSettings().setValue("night", on);
        Q_EMIT m_document.changed(); // everything is drawn anew in the other look
    });
    QAction* motion = view->addAction(tr("M&otion"));
    motion->setCheckable(true);
    motion->setChecked(QSettings().value("motion", true).toBool());
    m_rule->setMotion(motion->isChecked());
    connect(motion, &QAction::toggled, this, [this](bool on) {
        m_rule->setMotion(on);
        QSettings().setValue("motion", on);
    });
    QAction* inches = view->addAction(tr("&Inches"));
    inches->setCheckable(true);
    inches->setChecked(Say::inches());
    connect(inches, &QAction::toggled, this, [this](bool on) {
        Say::setInches(on);
        QSettings().setValue("inches", on);
        Q_EMIT m_document.changed();
    });
    connectShelf(undo, redo, more);
}

/// The words at the shelf's end, and every menu's keys at the window.
void Window::connectShelf(QAction* undo, QAction* redo, QMenu* more) {
    for (QAction* a : {undo, redo}) {
        QAbstractButton* word = m_shelf->addWord(a == undo ? tr("Undo") : tr("Redo"), a->text(), [a] { a->trigger(); });
        const auto follow = [word, a] {
            word->setEnabled(a->isEnabled());
            word->setToolTip(plainTip(a->text()));
            word->setAccessibleName(a->text());
        };
        connect(a, &QAction::changed, word, follow);
        follow();
    }
    m_shelf->addWord(tr("Print"), tr("Print build sheets"), [this] { printSheets(false); });
    m_shelf->addMenu(tr("More"), more);
    const std::function<void(QMenu*)> gather = [&](QMenu* menu) {
        for (QAction* a : menu->actions())
            if (a->menu())
                gather(a->menu());
            else if (!a->shortcut().isEmpty())
                addAction(a);
    };
    gather(more);
}

void Window::setStation(results::Station station) {
    m_station = station;
    const StationKind& kind = stationKind(station);
    m_rule->setStation(station);
    m_card->setStation(station);
    m_rail->setStation(station);
    m_rail->setWalksParts(kind.aboutParts);
    showPaper();
    if (station == results::Station::sheet)
        m_sheetPage ? m_sheetPage->askHold() : takeHold({});
    else
        takeHold({});
    // Each station begins with the layer that it is about.
    m_sheet->setPeel(kind.peel);
    m_rail->setPeel(kind.peel);
}

void Window::showPaper() {
    QWidget* shown = m_sheet;
    if (m_document.hasPuppet()) {
        if (m_wall->isChecked())
            shown = &table();
        else if (m_turn->isChecked())
            shown = m_turntable;
        else if (QWidget* own = m_card->present()->bench())
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

void Window::exportTable() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to make a table of"));
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Puppet table"), QString::fromStdString(m_document.puppet().name) + " table.csv", tr("CSV (*.csv)"));
    if (path.isEmpty() || !settled()) return;
    if (const auto done = files::writeFileSafely(path.toStdString(), table().model()->csv().toStdString()); !done)
        say(QString::fromStdString(done.fault().sentence()));
}

void Window::showTurntable(bool on) {
    m_turn->setChecked(on);
    if (on) m_wall->setChecked(false);
    if (on) m_turntable->make();
    m_turntable->setPeel(m_sheet->peel());
    showPaper();
    if (on && m_turntable->view())
        m_turntable->view()->setFocus();
    else
        m_sheet->setFocus();
}

void Window::takeHold(const HoldWish& wish) {
    if (!m_document.hasPuppet()) return;
    if (wish.kind != HoldWish::Kind::none && wish.kind != HoldWish::Kind::bend) {
        showTable(false);
        showTurntable(false);
    }
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

/// A bar on the screen is matched to a bank card's long side, 85.6 mm, by a slider.
void Window::calibrateScreen() {
    QDialog ask(this);
    ask.setWindowTitle(tr("Life size"));
    auto* v = new QVBoxLayout(&ask);
    auto* words =
        new QLabel(tr("Hold a bank card against the screen and make the bar as long as its long side (85.6 mm)."));
    words->setWordWrap(true);
    v->addWidget(words);
    auto* bar = new QFrame;
    bar->setFixedHeight(26);
    bar->setStyleSheet(QString("background: %1;").arg(look().copper.name()));
    auto* slider = new QSlider(Qt::Horizontal);
    slider->setAccessibleName(tr("Length of the bar"));
    slider->setRange(150, 1400);
    constexpr double kBankCard_mm = 85.6;
    connect(slider, &QSlider::valueChanged, bar, [bar](int px) { bar->setFixedWidth(px); });
    slider->setValue(static_cast<int>(SheetView::pixelsPerMm() * kBankCard_mm));
    v->addWidget(bar);
    v->addWidget(slider);
    auto* done = new QPushButton(tr("They are equal"));
    connect(done, &QPushButton::clicked, &ask, &QDialog::accept);
    v->addWidget(done);
    if (ask.exec() == QDialog::Accepted) {
        SheetView::setPixelsPerMm(slider->value() / kBankCard_mm);
        m_sheet->setLifeSize(m_life->isChecked());
    }
}

void Window::importPuppets(const QString& path) {
    auto loaded = files::loadProduction(path.toStdString(), m_document.shippedCards());
    if (!loaded) return say(QString::fromStdString(loaded.fault().sentence()));
    const auto source = loaded.take().production;
    if (!m_document.hasPuppet()) {
        if (const QString fault = m_document.openCopy(path); !fault.isEmpty()) say(fault);
        return;
    }
    m_document.change(tr("Import puppets of %1").arg(QFileInfo(path).completeBaseName()),
                      [&](const document::Edits&) -> Result<document::Production> {
                          document::Production p = m_document.production();
                          for (std::size_t i = 0; i < source.puppets.size(); ++i) {
                              auto next =
                                  document::adoptPuppet(p, source, static_cast<int>(i), m_document.shippedCards());
                              if (!next) return next.fault();
                              p = next.take();
                          }
                          return p;
                      });
}

void Window::chooseExport() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to export"));
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Export"), QString::fromStdString(m_document.puppet().name) + ".obj",
                                     tr("Body: OBJ (*.obj);;Body: STL (*.stl);;Body: glTF (*.gltf);;Elevations 1:1: "
                                        "SVG (*.svg);;Elevations 1:1: DXF (*.dxf)"));
    if (!path.isEmpty()) say(exportTo(path));
}

/// What is peeled off does not go out.
QString Window::exportTo(const QString& path) {
    const Peel peel = m_sheet->peel();
    return exportPuppet(m_document, path,
                        peel == Peel::clay   ? body::Surface::clay
                        : peel == Peel::bulk ? body::Surface::core
                                             : body::Surface::finished);
}

void Window::refresh() {
    std::vector<int> counts;
    std::vector<QString> sentences(results::kStations);
    if (m_document.hasPuppet()) {
        counts = results::countOpen(m_document.openPoints());
        for (const results::OpenPoint& p : m_document.openPoints()) {
            QString& s = sentences[static_cast<std::size_t>(p.station)];
            s += (s.isEmpty() ? "" : "\n") + Say::openPoint(p);
        }
    }
    m_rule->setOpen(counts, sentences);
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
    QStringList lines;
    if (!m_saveFault.isEmpty()) lines << tr("Not saved: %1").arg(m_saveFault);
    if (!sentence.isEmpty() && sentence != m_saveFault) lines << tr("Not done: %1").arg(sentence);
    if (m_document.isTrial() && lines.isEmpty()) lines << tr("Only tried: %1").arg(m_document.trialName());
    m_message->setText(lines.join("  "));
    announce(*m_message, m_message->text());
    m_message->setStyleSheet(QString("color: %1; font-weight: 600; padding-left: 12px;")
                                 .arg(look().night ? look().slack.name() : "#7a1f10"));
}

/// One line of what a change did, also to other joints.
void Window::sayApplied(const QString& name, const QStringList& nowFail, const QStringList& nowHold) {
    if (nowFail.isEmpty() && nowHold.isEmpty()) return;
    QStringList words{name};
    if (!nowHold.isEmpty()) words << tr("%n joint(s) hold now", nullptr, static_cast<int>(nowHold.size()));
    if (nowFail.size() == 1)
        words << tr("the %1 held before and fails now").arg(nowFail.front());
    else if (!nowFail.isEmpty())
        words << tr("%n joint(s) that held before fail now", nullptr, static_cast<int>(nowFail.size()));
    m_message->setText(words.join(tr("; ")));
    m_message->setToolTip(plainTip((nowFail + nowHold).join("\n")));
    announce(*m_message, m_message->text());
    m_message->setStyleSheet(
        QString("color: %1; padding-left: 12px;").arg(nowFail.isEmpty() ? look().ink.name() : look().slack.name()));
}

QString Window::message() const { return m_message->text(); }

bool Window::openFile(const QString& path) {
    if (!mayLeave()) return false;
    if (const QString fault = m_document.open(path); !fault.isEmpty()) {
        say(fault);
        return false;
    }
    m_saveFault.clear();
    say({});
    if (const QString notice = m_document.notice(); !notice.isEmpty()) m_message->setText(notice);
    remember(path);
    return true;
}

void Window::openDemo() {
    if (!mayLeave()) return;
    if (const QString fault = m_document.openCopy(demoPath()); !fault.isEmpty()) say(fault);
}

void Window::chooseFile() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a production"), {}, tr(kFilter));
    if (!path.isEmpty()) openFile(path);
}

void Window::startKind(const QString& kind, double height_mm) {
    if (const QString fault = m_document.openCopy(kindPath(kind)); !fault.isEmpty()) return say(fault);
    m_document.change(tr("Height %1").arg(Say::length(height_mm, 0)),
                      [&](const document::Edits& e) { return e.startAt(height_mm); });
}

void Window::addKind(const QString& kind) {
    if (!m_document.hasPuppet()) return startKind(kind, 200);
    auto loaded = files::loadProduction(kindPath(kind).toStdString(), m_document.shippedCards());
    if (!loaded) return say(QString::fromStdString(loaded.fault().sentence()));
    const auto source = loaded.take().production;
    const auto adopt = [&](const document::Edits&) {
        return document::adoptPuppet(m_document.production(), source, 0, m_document.shippedCards());
    };
    if (m_document.change(tr("Add a puppet"), adopt))
        m_document.showPuppet(static_cast<int>(m_document.production().puppets.size()) - 1);
}

/// A letter belongs to the field that has the focus: it types, or finds an entry of a list; it never acts meanwhile.
bool Window::eventFilter(QObject* target, QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool letter = !key->text().isEmpty() && key->text().front().isPrint() &&
                            !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
        const QWidget* in = QApplication::focusWidget();
        if (letter && (qobject_cast<const QComboBox*>(in) || qobject_cast<const QAbstractSpinBox*>(in) ||
                       qobject_cast<const QLineEdit*>(in) || qobject_cast<const QAbstractItemView*>(in))) {
            event->accept();
            return true;
        }
    }
    return QMainWindow::eventFilter(target, event);
}

/// What the answer says, line by line: its sentences, its table, its open points.
void Window::copyAnswer() {
    if (!m_document.hasPuppet()) return say(tr("there is nothing to copy yet"));
    QStringList lines{QString::fromStdString(m_document.puppet().name)};
    for (QWidget* w : m_card->present()->findChildren<QWidget*>()) {
        if (!w->isVisible()) continue;
        if (auto* label = qobject_cast<QLabel*>(w); label && !label->text().isEmpty())
            lines << QTextDocumentFragment::fromHtml(label->text()).toPlainText();
        else if (auto* table = qobject_cast<LimitTable*>(w))
            for (const LimitTable::Row& r : table->rows())
                lines << QStringList{r.name, r.is, r.wanted}.join('\t');
        else if (auto* list = qobject_cast<QListWidget*>(w))
            for (int i = 0; i < list->count(); ++i)
                lines << list->item(i)->text();
    }
    QApplication::clipboard()->setText(lines.join('\n'));
}

/// Every key that does something, by what it does.
void Window::showKeys() {
    QDialog box(this);
    box.setObjectName("keys");
    box.setWindowTitle(tr("Keys"));
    auto* v = new QVBoxLayout(&box);
    auto* list = new QTableWidget(0, 2);
    list->setObjectName("keyList");
    list->setAccessibleName(tr("Keys and what they do"));
    list->horizontalHeader()->hide();
    list->verticalHeader()->hide();
    list->setShowGrid(false);
    list->setEditTriggers(QAbstractItemView::NoEditTriggers);
    const auto add = [&](const QString& keys, const QString& what) {
        const int row = list->rowCount();
        list->insertRow(row);
        list->setItem(row, 0, new QTableWidgetItem(keys));
        list->setItem(row, 1, new QTableWidgetItem(what));
    };
    for (const QAction* a : actions())
        if (!a->shortcut().isEmpty())
            add(a->shortcut().toString(QKeySequence::NativeText), QString(a->text()).remove('&'));
    add(tr("arrows"), tr("on the figure: from joint to joint, or part to part; with Ctrl the other way round"));
    add(tr("arrows"), tr("on the rule: from station to station; Home and End"));
    add(tr("arrows"), tr("on the laid limb, the window of wires, the plan: from one to the next; Enter uses it"));
    add(tr("P, + − F"), tr("on the sheet: layers, nearer, farther, all of it"));
    list->resizeColumnsToContents();
    list->horizontalHeader()->setStretchLastSection(true);
    v->addWidget(list);
    auto* done = new QPushButton(tr("Close"));
    connect(done, &QPushButton::clicked, &box, &QDialog::accept);
    v->addWidget(done, 0, Qt::AlignRight);
    box.resize(640, 560);
    box.exec();
}

void Window::closeEvent(QCloseEvent* e) {
    if (!mayLeave()) return e->ignore();
    m_document.dropRecovery();
    QSettings().setValue("window", saveGeometry());
    e->accept();
}

void Window::dragEnterEvent(QDragEnterEvent* e) {
    if (e->mimeData()->hasUrls()) e->acceptProposedAction();
}

void Window::dropEvent(QDropEvent* e) {
    for (const QUrl& url : e->mimeData()->urls())
        if (url.isLocalFile()) {
            const QString suffix = QFileInfo(url.toLocalFile()).suffix().toLower();
            if (m_document.hasPuppet() && (suffix == "png" || suffix == "jpg" || suffix == "jpeg" || suffix == "svg")) {
                QFile f(url.toLocalFile());
                const bool side = m_sheet->viewAt(m_sheet->mapFrom(this, e->position().toPoint())) == View::side;
                if (f.open(QIODevice::ReadOnly) && m_sheetPage)
                    m_sheetPage->pictures().addPicture(f.fileName(), f.readAll(), side);
                return;
            }
            openFile(url.toLocalFile());
            return;
        }
}

void Window::remember(const QString& path) {
    QSettings settings;
    QStringList recent = settings.value("recent").toStringList();
    const QString full = QFileInfo(path).absoluteFilePath();
    recent.removeAll(full);
    recent.prepend(full);
    settings.setValue("recent", recent.mid(0, kRecent));
}

void Window::showRecent() {
    m_recent->clear();
    for (const QString& path : QSettings().value("recent").toStringList())
        if (QFileInfo::exists(path))
            m_recent->addAction(QFileInfo(path).fileName(), this, [this, path] { openFile(path); })->setToolTip(path);
    if (m_recent->isEmpty()) m_recent->addAction(tr("none yet"))->setEnabled(false);
}

/// Nothing goes out with numbers of before.
bool Window::settled() {
    // Nor with what is only tried.
    m_document.endTrial();
    if (m_document.waitForResults(3000)) return true;
    say(tr("the numbers are still being worked out; try again when the note at the top has gone"));
    return false;
}

void Window::printSheets(bool toFile) {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to print"));
    if (!settled()) return;
    const BuildSheets sheets(m_document.value(), m_document.puppetIndex(), m_document.sharedReport(),
                             m_document.sharedResult());
    if (toFile) {
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Build sheets"), QString::fromStdString(m_document.puppet().name) + ".pdf", tr("PDF (*.pdf)"));
        if (!path.isEmpty() && !sheets.writePdf(path)) say(tr("%1 could not be written").arg(path));
        return;
    }
    // Seen before it is printed; which pages, and on which printer, is chosen there.
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(QString::fromStdString(m_document.puppet().name));
    printer.setPageSize(QPageSize(BuildSheets::defaultSize()));
    printer.setFullPage(true);
    QPrintPreviewDialog preview(&printer, this);
    preview.setWindowTitle(tr("Build sheets of %1").arg(QString::fromStdString(m_document.puppet().name)));
    preview.resize(900, 700);
    connect(&preview, &QPrintPreviewDialog::paintRequested, this, [&](QPrinter* on) { sheets.draw(*on); });
    preview.exec();
}

void Window::exportCutList() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to cut wire for"));
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Cut list"), QString::fromStdString(m_document.puppet().name) + " cut list.csv", tr("CSV (*.csv)"));
    if (path.isEmpty() || !settled()) return;
    const auto done =
        files::writeFileSafely(path.toStdString(), files::writeCutListCsv(m_document.production(), m_document.puppet(),
                                                                          m_document.report().cuts, true));
    if (!done) say(QString::fromStdString(done.fault().sentence()));
}

} // namespace enkinet::app
