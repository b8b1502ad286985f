// The menus behind one word on the shelf, the keys of the desk and who may use them.
#include "files/container.h"
#include "jobs/device_ports.h"
#include "jobs/simulator_process.h"
#include "sheet/sheet_view.h"
#include "sheet/walk.h"
#include "shell/figure_rail.h"
#include "shell/guide_window.h"
#include "shell/puppet_bar.h"
#include "shell/station_bar.h"
#include "shell/tutorial.h"
#include "shell/window.h"
#include "stations/registry.h"
#include "stations/sheet/sheet_page.h"
#include "stations/wire/puppet_table.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/language.h"
#include "words/text.h"
#include <QAbstractSpinBox>
#include <QActionGroup>
#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QDialog>
#include <QFileDialog>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QStackedWidget>
#include <QTableWidget>
#include <QTimer>
#include <QVBoxLayout>

namespace enkinet::app {

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
    file->addAction(tr("Work left be&hind…"), this, &Window::askRecovery);
    file->addSeparator();
    file->addAction(tr("&Save"), QKeySequence::Save, this, [this] { saveBeside(); });
    file->addAction(tr("Save &as…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), this, [this] { saveAs(); });
    file->addSeparator();
    file->addAction(tr("&Print build sheets…"), QKeySequence::Print, this, [this] { printSheets(false); });
    file->addAction(tr("Build sheets as P&DF…"), this, [this] { printSheets(true); });
    file->addAction(tr("&Cut list as CSV…"), this, &Window::exportCutList);
    file->addAction(tr("Puppet &table as CSV…"), this, &Window::exportTable);
    file->addAction(tr("&Export body or elevations…"), this, &Window::chooseExport);
    file->addAction(tr("&Import puppets…"), this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Take puppets over from"), {}, productionFilter());
        if (!path.isEmpty()) importPuppets(path);
    });
    file->addSeparator();
    file->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);

    QMenu* edit = more->addMenu(tr("&Edit"));
    QAction* undo = m_document.undoStack().createUndoAction(more, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = m_document.undoStack().createRedoAction(more, tr("Redo"));
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
        view->addAction(Text::station(station), QKeySequence(Qt::ALT | (Qt::Key_1 + i)), this,
                        [this, station] { setStation(station); });
    }
    view->addSeparator();
    m_turn = view->addAction(tr("&Turntable"), QKeySequence(Qt::Key_T), this,
                             [this] { showTurntable(m_turn->isChecked()); });
    m_turn->setCheckable(true);
    m_wall =
        view->addAction(tr("&Puppet table"), QKeySequence(Qt::Key_W), this, [this] { showTable(m_wall->isChecked()); });
    m_wall->setCheckable(true);
    m_life = view->addAction(tr("&Life size"), QKeySequence(Qt::Key_L), this, [this] {
        showSheet();
        m_sheet->setLifeSize(m_life->isChecked());
    });
    m_life->setCheckable(true);
    view->addAction(tr("&Calibrate life size…"), this, &Window::calibrateScreen);
    view->addAction(tr("&Measure on the sheet"), QKeySequence(Qt::Key_M), this, [this] {
        takeHold({HoldWish::Kind::caliper, {}, false, -1, 0});
    });
    // First what lies over the desk, then what the pointer holds, then what is selected.
    view->addAction(tr("&Put it down"), QKeySequence(Qt::Key_Escape), this, [this] {
        if (m_wall->isChecked())
            showTable(false);
        else if (m_sheet->hold())
            takeHold({});
        else
            m_document.select({});
    });
    view->addAction(tr("Turn the &figure"), QKeySequence(Qt::Key_V), this, [this] {
        m_rail->isVisible() ? m_rail->flip() : say(tr("the sheet shows front and side already"));
    });
    view->addAction(tr("G&uide to this station"), QKeySequence(Qt::Key_F1), this, &Window::showGuide);
    view->addAction(tr("The first &hour"), this, &Window::showTutorial);
    view->addAction(tr("&Keys"), QKeySequence(Qt::SHIFT | Qt::Key_F1), this, &Window::showKeys);
    view->addAction(tr("&Fit the paper"), this, [this] {
        showSheet();
        m_sheet->fit();
    });
    // What is drawn or said otherwise is drawn anew; it is the same at the next start.
    const auto setting = [&](const QString& word, const char* key, bool on, const std::function<void(bool)>& turn) {
        QAction* a = view->addAction(word);
        a->setCheckable(true);
        a->setChecked(on);
        connect(a, &QAction::toggled, this, [this, key, turn](bool now) {
            turn(now);
            QSettings().setValue(key, now);
            Q_EMIT m_document.changed();
        });
    };
    const bool motion = QSettings().value("motion", true).toBool();
    m_stationBar->setMotion(motion);
    setting(tr("Night &bench"), "night", look().night, setNightLook);
    setting(tr("M&otion"), "motion", motion, [this](bool on) { m_stationBar->setMotion(on); });
    setting(tr("&Inches"), "inches", Text::inches(), [this](bool on) {
        Text::setInches(on);
        if (on) note(tr("lengths stand in inches now; paper stays in millimetres"));
    });
    setting(tr("Degrees &Fahrenheit"), "fahrenheit", Text::fahrenheit(), Text::setFahrenheit);
    makeLanguageMenu(view->addMenu(tr("&Language")));
    QAction* devices = view->addAction(tr("Simulated &devices"));
    devices->setObjectName("simulatedDevices");
    devices->setCheckable(true);
    devices->setChecked(m_simulator && m_simulator->isRunning());
    connect(devices, &QAction::toggled, this, [this, devices](bool on) {
        if (!m_simulator) m_simulator = std::make_unique<SimulatorProcess>();
        if (!on) return m_simulator->stop();
        if (const QString fault = m_simulator->start(); !fault.isEmpty()) {
            say(fault);
            devices->setChecked(false);
        } else {
            // Its links stand a moment later.
            QTimer::singleShot(600, this, [this] { m_document.devices().look(); });
        }
    });
    connectShelf(undo, redo, more);
}

void Window::makeLanguageMenu(QMenu* menu) {
    menu->setObjectName("language");
    auto* one = new QActionGroup(menu);
    for (const QString& code : QStringList{QString()} + languages()) {
        // Each by its name in itself: whoever cannot read this desk finds it all the same.
        QAction* a = menu->addAction(code.isEmpty() ? tr("As the &system") : languageName(code));
        a->setCheckable(true);
        a->setChecked(code == preferredLanguage());
        one->addAction(a);
        // Not while the menu that asks is still open: it goes with the desk.
        connect(
            a, &QAction::triggered, this, [this, code] { setLanguage(code); }, Qt::QueuedConnection);
    }
}

/// The words at the shelf's end, and every menu's keys at the window.
void Window::connectShelf(QAction* undo, QAction* redo, QMenu* more) {
    for (QAction* a : {undo, redo}) {
        QAbstractButton* word =
            m_puppetBar->addWord(a == undo ? tr("Undo") : tr("Redo"), a->text(), [a] { a->trigger(); });
        const auto follow = [word, a] {
            word->setEnabled(a->isEnabled());
            word->setToolTip(plainTip(a->text()));
            word->setAccessibleName(a->text());
        };
        word->setObjectName(a == undo ? "undo" : "redo");
        connect(a, &QAction::changed, word, follow);
        follow();
    }
    QAbstractButton* print =
        m_puppetBar->addWord(tr("Print"), tr("Print build sheets"), [this] { printSheets(false); });
    print->setObjectName("print");
    // Paper that says something else than the desk is said wherever one is.
    const auto followPaper = [this, print] {
        const QStringList older = m_document.outdatedSheets();
        print->setText(older.isEmpty() ? tr("Print") : tr("Print anew"));
        const QString why = older.isEmpty()
                                ? tr("Print build sheets")
                                : tr("The printed sheets of %1 are older than: %2")
                                      .arg(QString::fromStdString(m_document.puppet().name), older.join(", "));
        print->setToolTip(plainTip(why));
        print->setAccessibleName(why);
    };
    connect(&m_document, &Document::changed, print, followPaper);
    m_puppetBar->addMenu(tr("More"), more);
    const std::function<void(QMenu*)> gather = [&](QMenu* menu) {
        for (QAction* a : menu->actions())
            if (a->menu())
                gather(a->menu());
            else if (!a->shortcut().isEmpty())
                addAction(a);
    };
    gather(more);
}

/// A letter belongs to the field that has the focus: it types, or finds an entry of a list; it never acts meanwhile.
bool Window::eventFilter(QObject* target, QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool letter = !key->text().isEmpty() && key->text().front().isPrint() &&
                            !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
        const QWidget* in = QApplication::focusWidget();
        // An open list is shut by Escape, and nothing else is let go by it.
        if (key->key() == Qt::Key_Escape && QApplication::activePopupWidget()) {
            event->accept();
            return true;
        }
        // The table of wires has nothing to type into: its own key shuts it again.
        const bool table = m_table && in && m_table->isAncestorOf(in);
        if (letter && !table &&
            (qobject_cast<const QComboBox*>(in) || qobject_cast<const QAbstractSpinBox*>(in) ||
             qobject_cast<const QLineEdit*>(in) || qobject_cast<const QAbstractItemView*>(in))) {
            event->accept();
            return true;
        }
    }
    return QMainWindow::eventFilter(target, event);
}

void Window::showTutorial() {
    delete findChild<Tutorial*>();
    new Tutorial(*this);
}

void Window::showGuide() {
    auto* guide = findChild<GuideWindow*>();
    if (!guide) guide = new GuideWindow(GuideWindow::findFolder(QString::fromStdString(files::findDataDir())), this);
    guide->open(m_document.hasPuppet() ? stationKind(m_station).guide : "The first hour");
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
    add(tr("Alt with left, right"),
        tr("on the days of the plan: the step in hand earlier or later; Delete gives its place back"));
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

} // namespace enkinet::app
