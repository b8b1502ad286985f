#pragma once
// The open production: its value, its reports, its undo history, its file. Views ask it for a change through change();
// it applies the pure edit, keeps before and after, and tells everybody.
#include "document/edits.h"
#include "document/session.h"
#include "document/shown.h"
#include "jobs/worker.h"
#include "results/judged.h"
#include "results/result.h"
#include <QObject>
#include <QSet>
#include <QStringList>
#include <QTimer>
#include <QUndoStack>
#include <functional>
#include <memory>
#include <optional>

namespace enkinet::app {

/// What is selected on the sheet. Indices into the present puppet's limbs, joints, segments or masses.
struct Selection {
    enum class Kind { none, joint, segment, mass } kind = Kind::none;
    int limb = -1;  ///< for joint and segment
    int index = -1; ///< of the joint, segment or mass
    bool right = false;
    friend bool operator==(const Selection&, const Selection&) = default;
};

class DevicePorts;
class PlanJob;
class UndoShelf;

class Document : public QObject {
    Q_OBJECT
public:
    using Value = std::shared_ptr<const document::Production>;

    /// Reads the shipped cards; cardsFault() says which file is missing or broken.
    explicit Document(QObject* parent = nullptr);
    QString cardsFault() const { return m_cardsFault; }
    ~Document() override;

    const document::Production& production() const { return *m_value; }
    /// The present value, shared: what a computation in the background keeps.
    Value value() const { return m_value; }
    /// Kept alive by whoever goes on while results may come: dialogs, printing, workers.
    std::shared_ptr<const results::Report> sharedReport() const { return m_report; }
    std::shared_ptr<const results::ProductionResult> sharedResult() const { return m_result; }
    const document::Cards& shippedCards() const { return *m_shipped; }
    std::shared_ptr<const document::Cards> sharedCards() const { return m_shipped; }
    /// Names of the shipped cards anew, after another language was chosen.
    void nameCards();
    /// Of the present puppet and the present value. While results are worked out in the background it is a sketch
    /// (isWorking()): geometry of now, numbers of before.
    /// The reference lasts until the next change or the next round of events.
    const results::Report& report() const { return *m_report; }
    /// Results of the whole production, of now or, while working, of before; none before the first are there.
    const results::ProductionResult& result() const { return *m_result; }
    bool isWorking() const { return m_working; }
    /// The report of another puppet of the production; a sketch until its results are there.
    results::Report reportOf(int puppet) const;
    /// Of the design that the present puppet keeps aside; null without one, or until it is there.
    std::shared_ptr<const results::Report> reportOfAside() const;
    /// The production's plan; worked out when somebody asks for it.
    PlanJob& planJob() { return *m_planJob; }
    /// What is plugged in: one reader for the whole window, looked for when somebody asks.
    DevicePorts& devices();
    /// Everything open: the present puppet's points, and what the production's stock lacks.
    const std::vector<findings::Finding>& openPoints() const { return m_open; }
    /// How long an edit waits for its results before they come later, ms. Small edits are done by then, and nothing
    /// flickers.
    void setPatience(int ms) { m_patience_ms = ms; }
    /// Waits until the results are those of the present value; false when they are not by then.
    bool waitForResults(int ms);
    /// Tables shared by every document and worker of the program.
    static wire::TableShelf& tables();
    bool hasPuppet() const { return !m_value->puppets.empty(); }
    /// There is one only where hasPuppet(); whoever keeps it for later keeps shown() instead.
    const body::Puppet& puppet() const;
    int puppetIndex() const { return m_puppet; }
    /// The puppet that is shown, with its value and report; none on an empty bench.
    std::optional<Shown> shown() const;
    void showPuppet(int index);

    const Selection& selection() const { return m_selection; }
    void select(const Selection& selection);
    /// Everything in hand, the one that the answer is about first; empty where nothing is.
    const std::vector<Selection>& selected() const { return m_selected; }
    /// Takes one more in hand and makes it the first, or lets it go where it is there already.
    void selectMore(const Selection& selection);
    /// All of these, the first in front.
    void selectAll(const std::vector<Selection>& all);
    /// The selected joint's demand in the limb's choice, or the worst of a selected limb; -1 where there is none.
    int selectedDemand() const;

    using Edit = std::function<Result<document::Production>(const document::Edits&)>;
    /// Whether an edit may become one step of undo with the one before it, as a drag or a field that is typed into.
    /// They do where both changed the very same fields, one soon after the other: the document sees that by itself.
    enum class Merge { no, yes };
    /// Applies an edit of the present puppet; a broken rule is shown by refused() and nothing changes.
    bool change(const QString& name, const Edit& edit, Merge merge = Merge::no);
    /// Milliseconds of a clock that only goes forward, from any start; a test's own where it gives one.
    void setClock(std::function<qint64()> now_ms) { m_now_ms = std::move(now_ms); }

    /// Shows what a production would be without changing anything: views read it as if it were the work. Any change,
    /// undo, save or another puppet puts it back first.
    void tryOut(const QString& name, document::Production production);
    void endTrial();
    bool isTrial() const { return m_kept != nullptr; }
    QString trialName() const { return m_trialName; }

    QUndoStack& undoStack() { return m_undo; }

    QString path() const { return m_path; }
    /// The file that a copy was made from; empty where the work has a file of its own, or none.
    QString source() const { return m_path.isEmpty() ? m_source : QString(); }
    QString title() const;
    bool isChanged() const { return !m_undo.isClean(); }
    /// What undo and redo go from: without what is only being tried.
    const Value& steadyValue() const { return m_kept ? m_kept : m_value; }
    /// Until no step is being put on the shelf.
    void waitForShelf() { m_folder.waitIdle(60000); }
    bool readOnly() const { return m_readOnly; }
    /// Files. A fault is returned as a sentence; empty when all went well.
    QString open(const QString& path);
    QString openCopy(const QString& path); ///< without a name, so that the original stays as it is
    /// Nothing is written into the builder's file but by these. save() refuses a file that was changed from outside
    /// since it was opened or saved; overwrite says to write over it all the same. The version before this session's
    /// first save is kept beside it.
    QString save(bool overwrite = false);
    QString saveAs(const QString& path);
    /// The same beside the work, which goes on meanwhile: what is written is what stands now. done: on this thread,
    /// with the fault, or empty. One after the other; nothing where the first question is refused already, but done.
    void saveBeside(bool overwrite, std::function<void(const QString&)> done);
    bool isSaving() const { return m_saving; }
    /// Until what is being written is on the disk and has been said.
    void waitForSave();
    void startEmpty();
    /// The open file is not what was opened or saved last: another window or program has written it.
    bool isChangedOutside() const;
    /// The open file is no longer where it was: deleted, moved, or on a disk that is not there.
    bool isGone() const;
    /// What differs between the work and the file as it is now, one line each.
    QStringList compareWithFile() const;
    /// A free name beside the file, to keep both.
    QString besidePath() const;
    /// Where the version before this session's first save is kept.
    static QString formerPath(const QString& path);
    /// What is said of an open file at once: written by a later version, open in another window. Empty: nothing.
    QString notice() const;

    /// Work that was left behind: it knows its file again and is not saved yet. The old record goes when this session
    /// has written its own.
    QString openRecovery(const SessionInfo& left);
    void dropRecovery();
    void setRecovery(bool on);
    const Session& session() const { return m_session; }
    /// Writes the recovery now instead of soon: what was logged is never lost, not even its last second.
    void keepNow();

    /// The sheets of the puppet in hand were printed as they stand.
    void notePrinted();
    /// When the sheets of the puppet in hand were last printed; none: not from here.
    std::optional<Minute> printedAt() const;
    /// Its limbs, by name, of which they say something else than the desk.
    QStringList outdatedSheets() const;

    /// Put by undo and redo.
    void put(Value value);

Q_SIGNALS:
    /// Another production was opened, or none: nothing that was known is of it. changed() follows.
    void replaced();
    /// The file was judged by older rules: what they said otherwise, none where they said the same.
    void judgedAnew(const std::vector<enkinet::results::Rejudged>& said);
    /// A step is about to be done, undone or redone: what was said of the one before is over.
    void stepping();
    /// The value, its results or both.
    void changed();
    /// Results are being worked out, or have come.
    void workingChanged(bool working);
    void selectionChanged();
    void titleChanged();
    /// Something was not done, and why.
    void refused(const QString& sentence);
    /// What is to be known of something that was done, or that came about by itself.
    void noted(const QString& sentence);
    /// A change has come to its results: which joints of the present puppet fail now that held before, and the other
    /// way round; by name.
    /// rewired: every limb whose wire is another now, with what it was.
    void applied(const QString& name, const QStringList& nowFail, const QStringList& nowHold,
                 const QStringList& rewired);
    void trialChanged();

private:
    /// How each of the present puppet's joints stands; two may have one name, so they are known by their ids.
    struct Stands {
        QString name;
        choice::State state = choice::State::not_checked;
    };
    using States = std::map<std::pair<std::string, std::string>, Stands>;
    States statesNow() const;
    void noteApplied();
    QString load(const QString& path, bool keepName);
    void replace(document::Production production, const QString& path, bool readOnly);
    /// True where what is in hand has changed by it.
    bool setValue(Value value);
    void compute();
    void sketch();
    bool takeResult();
    void gatherOpen();
    void writeRecovery();

    std::shared_ptr<const document::Cards> m_shipped =
        std::make_shared<document::Cards>(); ///< in the window's language
    std::shared_ptr<const document::Cards> m_asShipped;
    QString m_cardsFault;
    Value m_value;
    Value m_kept; ///< the work, while something is tried out
    QString m_trialName;
    /// Before the last change, until its results are there.
    struct Before {
        QString name, puppet;
        States states;
        std::map<std::string, QString> wires; ///< by limb
    };
    std::map<std::string, QString> wiresNow() const;
    /// The present value with what is said of it, as it is written; where that is not known yet, as it was read.
    Value judgedValue() const;
    void sayRejudged();
    std::vector<document::PrintedSheets> m_printed; ///< of the production on the bench, whatever is undone
    bool m_rejudged = false;                        ///< said of the production on the bench
    std::optional<Before> m_before;
    std::shared_ptr<const results::Report> m_report;
    std::shared_ptr<const results::ProductionResult> m_result;
    Value m_resultOf; ///< the value that m_result was worked out from
    std::vector<findings::Finding> m_open;
    /// Results on their way back from the worker.
    struct Arrivals;
    std::shared_ptr<Arrivals> m_arrivals;
    std::shared_ptr<results::Memo> m_memo; ///< the worker's, nobody else looks into it
    Worker m_worker;
    std::unique_ptr<PlanJob> m_planJob;
    std::unique_ptr<DevicePorts> m_devices;
    quint64 m_revision = 0;
    int m_patience_ms = 2;
    bool m_working = false;
    int m_puppet = 0;
    Selection m_selection;
    std::vector<Selection> m_selected;
    std::function<qint64()> m_now_ms;
    /// Steps far back are put on the shelf, beside the desk.
    void foldOld();
    QUndoStack m_undo;
    std::shared_ptr<UndoShelf> m_shelf;
    Worker m_folder;
    QString m_path, m_source;
    bool m_readOnly = false;
    /// The open file as it was read or written last.
    struct Stamp {
        bool there = false;
        qint64 size = 0, modified_ms = 0;
        quint64 inode = 0;
        friend bool operator==(const Stamp&, const Stamp&) = default;
    };
    static Stamp stampOf(const QString& path);
    Stamp m_stamp;
    struct Written;
    struct Saving;
    /// What stands in the way of writing there, in words; else empty.
    QString mayWrite(const QString& path) const;
    /// Keeps what stood there once and writes; nothing of the document is touched, so it may run beside it.
    static Written writeFile(const QString& path, const Value& value, bool keepFormer);
    QString finishWrite(const QString& path, const Value& value, const Written& written);
    void takeSaved();
    bool m_saving = false;
    QString m_savingTo;
    Value m_savingValue;
    std::shared_ptr<Saving> m_saved; ///< comes from the thread
    std::function<void(const QString&)> m_savedThen;
    Worker m_saver;
    QSet<QString> m_formerKept; ///< files whose version before this session is kept
    Session m_session;
    SessionInfo m_taken;           ///< recovered from: thrown away once this session has kept the work itself
    bool m_recoveryFailed = false; ///< and said so
    QTimer m_recoverSoon;
};

} // namespace enkinet::app
