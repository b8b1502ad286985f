#pragma once
// The window holds files and menus and the three places: figure, bench, answer. It knows no mechanics and no station.
#include "document/document.h"
#include <QMainWindow>
#include <QTimer>

class QLabel;
class QMenu;
class QStackedWidget;

namespace enkinet::app {

class SidePanel;
class DeskTop;
class FigureRail;
class Page;
class PuppetTable;
class StationBar;
class SheetPage;
class SheetView;
class PuppetBar;
class SimulatorProcess;
class Turntable;
struct HoldWish;

class Window : public QMainWindow {
    Q_OBJECT
public:
    /// later: only the first sight, until furnish() makes the desk; nothing else may be asked of it before.
    enum class BuildStage { now, later };
    explicit Window(BuildStage when = BuildStage::now, const QString& file = {});
    ~Window() override;
    void furnish();
    /// Another language, chosen by its code or "" for the system's: the desk is furnished anew over the same document.
    void setLanguage(const QString& code);
    /// Shows the first sight and returns when it is on the screen, or after a second where nothing comes of it.
    void showFirst();

    Document& document() { return m_document; }
    SheetView& sheet() { return *m_sheet; }
    StationBar& rule() { return *m_stationBar; }
    FigureRail& rail() { return *m_rail; }
    PuppetBar& shelf() { return *m_puppetBar; }
    void setStation(results::Station station);
    Turntable& turntable() { return *m_turntable; }
    /// The turntable in place of the sheet's elevations, or back.
    void showTurntable(bool on);
    /// The table of all limbs in place of the sheet, or back.
    void showTable(bool on);
    void takeHold(const HoldWish& wish);
    /// Writes the posed body by the file's ending: obj, stl, gltf; or the elevations: svg, dxf.
    QString exportTo(const QString& path);
    /// Takes all puppets of another production over.
    void importPuppets(const QString& path);
    /// Opens by path; a fault is shown on the message line and nothing changes.
    bool openFile(const QString& path);
    void openDemo();
    /// Offers what a session that ended without closing has left.
    /// Over a file that was asked for it only says so.
    void offerRecovery();
    /// A fault of our own, caught: what was thrown. The work goes on.
    void sayFault(const QString& what);
    /// Where the program ended by a fault the last time, what is known of it is kept or thrown away.
    void offerCrashReport();
    void askRecovery();
    /// The walk through the first hour, from its beginning.
    void showTutorial();
    QString message() const;

protected:
    bool eventFilter(QObject* target, QEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void makeMenus();
    void makeLanguageMenu(QMenu* menu);
    void connectPage(Page* page);
    void say(const QString& sentence);
    /// What was done has something to it that is to be known.
    void note(const QString& sentence);
    void showMessage(const QString& line, bool standsOut);
    /// One slip of what newer rules say otherwise of the file that was opened.
    void sayJudgedAnew(const std::vector<results::Rejudged>& said);
    void sayApplied(const QString& name, const QStringList& nowFail, const QStringList& nowHold,
                    const QStringList& rewired);
    void refresh();
    void showTitle();
    bool finishSave(const QString& fault);
    void enterTyped();
    bool mayLeave();
    bool save();
    /// The same while the work goes on.
    void saveBeside();
    std::optional<bool> mayOverwrite();
    bool saveAs();
    void chooseFile();
    void startKind(const QString& kind, double size_mm);
    void addKind(const QString& kind);
    void renamePuppet();
    void duplicatePuppet();
    void dropPuppet();
    void movePuppet(int by);
    void remember(const QString& path);
    void showRecent();
    bool settled();
    void printSheets(bool toFile);
    void exportCutList();
    void chooseExport();
    void exportTable();
    void calibrateScreen();
    void showPaper();
    void showSheet();
    static QString productionFilter();
    void showKeys();
    void showGuide();
    void copyAnswer();
    PuppetTable& table();
    void placeWindow();
    void keepSight() const;
    void connectShelf(QAction* undo, QAction* redo, QMenu* more);

    QString m_saveFault; ///< of the last save, until one succeeds
    Document m_document;
    DeskTop* m_top = nullptr;
    PuppetBar* m_puppetBar = nullptr;
    FigureRail* m_rail = nullptr;
    QStackedWidget* m_bench = nullptr;
    SheetView* m_sheet = nullptr;
    Turntable* m_turntable = nullptr;
    SheetPage* m_sheetPage = nullptr;
    PuppetTable* m_table = nullptr;
    QAction* m_turn = nullptr;
    QAction* m_wall = nullptr;
    QAction* m_life = nullptr;
    SidePanel* m_sidePanel = nullptr;
    StationBar* m_stationBar;
    QLabel* m_message = nullptr;
    QLabel* m_working = nullptr; ///< says that numbers are stale
    QTimer m_workingSoon;
    QMenu* m_recent = nullptr;
    results::Station m_station = results::Station::sheet;
    std::unique_ptr<SimulatorProcess> m_simulator; ///< null until it is asked for
};

/// Shipped demo production.
QString demoPath();
QString kindPath(const QString& kind);
/// What a kind of puppet is measured by.
body::SizeKind sizeKindOf(const QString& kind);

} // namespace enkinet::app
