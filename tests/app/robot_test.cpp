// A robot at the desk: it goes to every station, tab, button, field, menu and dialog, to puppets of no part, of one
// and of thirty, and into the middle of what is still being worked out. By its seed a walk is the same again.
#include "document/document.h"
#include "files/container.h"
#include "jobs/clock.h"
#include "print/build_sheets.h"
#include "shell/side_panel.h"
#include "support/clock.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/tabs.h"
#include "words/language.h"
#include "words/text.h"
#include <QElapsedTimer>
#include <QFileDialog>
#include <QLabel>
#include <QMenu>
#include <QProcess>
#include <QTemporaryDir>
#include <QUndoStack>
#include <nlohmann/json.hpp>
#include <random>

using namespace enkinet;
using results::Station;

namespace {

QStringList& heard() {
    static QStringList all;
    return all;
}
/// Nothing is to be said on standard error while the robot walks; Qt's own remarks on the bare display are not ours.
void hear(QtMsgType, const QMessageLogContext&, const QString& message) {
    for (const char* known : {"propagateSizeHints", "XDG_RUNTIME_DIR", "QStandardPaths", "libEGL", "QXcb", "QOpenGL"})
        if (message.contains(known)) return;
    heard() << message;
}

/// A puppet with so many limbs, on a spine where it is more than none.
document::Production crowd(int parts) {
    document::Production p = demo();
    p.log.clear(), p.shots.clear(), p.moves.clear();
    p.puppets.resize(1);
    body::Puppet& puppet = p.puppets[0];
    puppet.things = {}, puppet.poses.clear(), puppet.board = {}, puppet.measures.clear();
    const std::vector<body::Limb> all = puppet.limbs;
    puppet.limbs.clear();
    std::vector<body::Mass> masses;
    if (parts > 0) puppet.limbs.push_back(all[0]);
    for (int i = 1; i < parts; ++i) {
        body::Limb l = all[1];
        l.id = l.name = "limb" + std::to_string(i);
        l.mirrored = false;
        for (body::Joint& j : l.joints)
            if (&j != &l.joints.front()) j.at_mm = j.at_mm + Vec3{3.0 * i, 0, 2.0 * (i % 5)};
        puppet.limbs.push_back(l);
    }
    for (const body::Mass& m : puppet.masses)
        if (parts > 0 && m.limb == all[0].id) masses.push_back(m);
    puppet.masses = masses;
    return p;
}

class Robot {
public:
    explicit Robot(unsigned seed) : m_random(seed) {
        m_desk.document().setPatience(0);
        m_dialogs.setInterval(15);
        QObject::connect(&m_dialogs, &QTimer::timeout, [this] { closeWhatAsks(); });
        m_dialogs.start();
        for (int parts : {0, 1, 30}) {
            auto sound = must(document::makeProduction(crowd(parts), shippedCards()));
            const QString path = m_dir.filePath(QString("crowd%1.enkinet").arg(parts));
            REQUIRE(files::saveProduction(path.toStdString(), *sound));
            m_files << path;
        }
        m_files << QString::fromStdString(kDemo) << QString::fromStdString(kShippedDemo);
    }
    /// So many steps; after each, what must be so.
    void walk(int steps) {
        for (int i = 0; i < steps; ++i) {
            m_said = {};
            step();
            INFO("step " << i << ": " << m_said.toStdString());
            if (within(0, 3) == 0) test::Desk::settle();
            QApplication::processEvents();
            CHECK(heard().join("\n").toStdString() == "");
            heard().clear();
            if (i % 10 == 9) agree(i % 40 == 39);
        }
    }

private:
    std::size_t within(std::size_t a, std::size_t b) {
        return std::uniform_int_distribution<std::size_t>(a, b)(m_random);
    }
    template <class List> auto one(const List& list) { return list[static_cast<int>(within(0, nth(list.size()) - 1))]; }
    void say(const QString& what) { m_said = what; }

    /// Dialogs and menus are left again, now and then by yes.
    void closeWhatAsks() {
        if (QWidget* popup = QApplication::activePopupWidget()) popup->close();
        auto* box = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!box) return;
        const bool file =
            qobject_cast<QFileDialog*>(box) || box->inherits("QPrintDialog") || box->inherits("QAbstractPrintDialog");
        if (!file && m_yes++ % 3 == 0)
            box->accept();
        else
            box->reject();
        if (box->isVisible()) box->reject();
    }

    void press(QAbstractButton* b) {
        if (!b) return;
        say("button " + b->objectName() + " " + b->text());
        QTest::mouseClick(b, Qt::LeftButton);
    }
    /// One of those in sight, or null.
    template <class Widget> Widget* oneInSight() {
        const auto all = inSight<Widget>();
        return all.isEmpty() ? nullptr : one(all);
    }
    template <class Widget> QList<Widget*> inSight() {
        QList<Widget*> all;
        for (Widget* w : m_desk.window.findChildren<Widget*>())
            if (w->isVisible() && w->isEnabled() && w->window() == &m_desk.window) all << w;
        return all;
    }

    void step() {
        app::Document& d = m_desk.document();
        switch (within(0, 17)) {
        case 0:
        case 1: {
            const auto s = static_cast<Station>(within(0, results::kStations - 1));
            say(QString("station %1").arg(static_cast<int>(s)));
            QTest::mouseClick(m_desk.window.rule().division(s), Qt::LeftButton);
            break;
        }
        case 2: {
            auto* bar = oneInSight<app::Tabs>();
            if (bar) press(one(bar->findChildren<QAbstractButton*>()));
            break;
        }
        case 3:
        case 4:
            press(oneInSight<QAbstractButton>());
            break;
        case 5:
        case 6: {
            auto* f = oneInSight<QAbstractSpinBox>();
            if (!f) break;
            const char* typed[] = {"0", "1", "7.5", "-3", "12 mm", "1/2\"", "99999", "abc", "", "3,5", "45°", "1e9"};
            const QString text = typed[within(0, std::size(typed) - 1)];
            say("type " + text + " into " + f->objectName());
            f->setFocus();
            f->selectAll();
            QTest::keyClicks(f, text);
            QTest::keyClick(f, Qt::Key_Return);
            break;
        }
        case 7: {
            auto* box = oneInSight<QComboBox>();
            if (!box || box->count() == 0) break;
            const int i = static_cast<int>(within(0, nth(box->count()) - 1));
            say(QString("pick %1 of %2").arg(i).arg(box->objectName()));
            box->setCurrentIndex(i);
            Q_EMIT box->activated(i);
            break;
        }
        case 8: {
            QList<QAction*> actions;
            for (QAction* a : m_desk.window.findChildren<QAction*>())
                if (a->isEnabled() && !a->menu() && !a->isSeparator() && a->menuRole() != QAction::QuitRole &&
                    !a->text().contains("Quit") && !a->text().contains("Close"))
                    actions << a;
            if (actions.isEmpty()) break;
            auto* a = one(actions);
            say("menu " + a->text());
            a->trigger();
            break;
        }
        case 9:
            say("undo and redo");
            for (std::size_t i = within(1, 6); i-- > 0;)
                within(0, 2) ? d.undoStack().undo() : d.undoStack().redo();
            break;
        case 10:
            if (d.hasPuppet()) {
                const int i = static_cast<int>(within(0, d.production().puppets.size() - 1));
                say(QString("puppet %1").arg(i));
                d.showPuppet(i);
            }
            break;
        case 11: {
            const QString path = one(m_files);
            say("open " + path.section('/', -1));
            d.openCopy(path);
            break;
        }
        case 12:
            say("two edits at once, and another puppet before their answer");
            if (!d.hasPuppet()) break;
            for (int k = 0; k < 2; ++k)
                d.change("height", [&](const document::Edits& e) {
                    return e.setHeight(d.puppet().height_mm * (k ? 1.05 : 0.97));
                });
            d.showPuppet(static_cast<int>(within(0, d.production().puppets.size() - 1)));
            break;
        case 13: {
            QList<QWidget*> drawn{&m_desk.window.sheet(), &m_desk.window.rail()};
            QWidget* w = one(drawn);
            if (!w->isVisible()) break;
            const auto point = [&] {
                return QPoint(static_cast<int>(within(0, nth(std::max(1, w->width())))),
                              static_cast<int>(within(0, nth(std::max(1, w->height())))));
            };
            say("drag on the figure");
            const QPoint from = point(), to = point();
            QTest::mousePress(w, Qt::LeftButton, {}, from);
            QTest::mouseMove(w, to);
            QTest::mouseRelease(w, Qt::LeftButton, {}, to);
            break;
        }
        case 14: {
            const Qt::Key keys[] = {Qt::Key_Tab,    Qt::Key_Up,     Qt::Key_Down, Qt::Key_Left, Qt::Key_Right,
                                    Qt::Key_Space,  Qt::Key_Delete, Qt::Key_W,    Qt::Key_Plus, Qt::Key_Minus,
                                    Qt::Key_Return, Qt::Key_Escape, Qt::Key_P,    Qt::Key_N,    Qt::Key_B};
            const Qt::Key key = keys[within(0, std::size(keys) - 1)];
            say(QString("key %1").arg(static_cast<int>(key)));
            QWidget* focus = QApplication::focusWidget();
            QTest::keyClick(focus && focus->window() == &m_desk.window ? focus : &m_desk.window, key);
            break;
        }
        case 15: {
            const char* languages[] = {"de", "en"};
            const QString language = languages[within(0, 1)];
            say("language " + language);
            m_desk.window.setLanguage(language);
            break;
        }
        case 16: {
            // Two days back to forty ahead, in minutes.
            const auto jump = static_cast<std::int64_t>(within(0, 42 * 24 * 60)) - 2 * 24 * 60;
            say(QString("clock by %1 min").arg(jump));
            const std::int64_t then = app::wallSeconds() + 60 * jump;
            app::setWallClock({[then] { return then; }});
            break;
        }
        default: {
            auto* l = oneInSight<QListWidget>();
            if (!l || l->count() == 0) break;
            const int row = static_cast<int>(within(0, nth(l->count()) - 1));
            say(QString("row %1 of %2").arg(row).arg(l->objectName()));
            l->setCurrentRow(row);
            Q_EMIT l->itemClicked(l->item(row));
            break;
        }
        }
    }

    /// The desk's numbers are those that the core finds in the document that is shown; with the command line and the
    /// paper every now and then.
    void agree(bool outside) {
        test::Desk::settle();
        app::Document& d = m_desk.document();
        if (!d.hasPuppet()) return;
        const results::Report& shown = d.report();
        const int puppet = d.puppetIndex();
        REQUIRE(shown.puppet == d.puppet().id);
        const results::Report fresh = reportOf(d.production(), puppet);
        REQUIRE(shown.choice.limbs.size() == fresh.choice.limbs.size());
        for (int k = 0; k < 3 && !fresh.choice.limbs.empty(); ++k) {
            const std::size_t l = within(0, fresh.choice.limbs.size() - 1);
            const auto &a = shown.choice.limbs[l], &b = fresh.choice.limbs[l];
            CHECK(a.chosen == b.chosen);
            CHECK(a.state == b.state);
            REQUIRE(a.verdicts.size() == b.verdicts.size());
            for (std::size_t j = 0; j < a.verdicts.size(); ++j)
                CHECK(a.verdicts[j].bend.hold_Nmm == b.verdicts[j].bend.hold_Nmm);
        }
        // What the card says of the joint in hand is this design's.
        auto* said = m_desk.window.findChild<QLabel*>("verdict");
        const int demand = d.selectedDemand();
        if (said && said->isVisible() && demand >= 0 && d.selection().kind == app::Selection::Kind::joint) {
            const choice::LimbChoice& l = fresh.choice.limbs[nth(d.selection().limb)];
            const auto j = nth(demand);
            if (l.chosen >= 0) {
                const auto& c = l.candidates()[nth(l.chosen)];
                CHECK(said->text() == app::Text::sentence(l.verdicts[j].state(), l.demands[j], l.verdicts[j],
                                                          choice::findTrial(l, c, j).bundle));
            }
        }
        if (!outside || fresh.choice.limbs.empty()) return;
        const QString path = m_dir.filePath("asked.json");
        REQUIRE(files::saveProduction(path.toStdString(), d.production()));
        QProcess cli;
        cli.start(ENKINET_CLI, {"choose", path, "--json"});
        REQUIRE(cli.waitForFinished(kPatience_ms));
        const auto asked = nlohmann::json::parse(cli.readAllStandardOutput().toStdString());
        const auto& limbs = asked.at("puppets").at(nth(puppet)).at("limbs");
        REQUIRE(limbs.size() == fresh.choice.limbs.size());
        const QString paper = m_dir.filePath("asked.pdf");
        REQUIRE(app::BuildSheets(d.value(), puppet, d.sharedReport(), d.sharedResult())
                    .writePdf(paper, QPageSize::A4)
                    .isEmpty());
        QProcess reader;
        reader.start("pdftotext", {"-layout", paper, "-"});
        REQUIRE(reader.waitForFinished(kPatience_ms));
        const QString printed = QString::fromUtf8(reader.readAllStandardOutput());
        // Paper has each limb's joint that is nearest to giving way, with what it holds.
        for (const choice::LimbChoice& l : fresh.choice.limbs) {
            const choice::Verdict* tight = nullptr;
            for (const choice::Verdict& v : l.verdicts)
                if (!tight || v.margin[nth(choice::State::slack)] < tight->margin[nth(choice::State::slack)])
                    tight = &v;
            if (l.chosen >= 0 && tight && std::isfinite(tight->bend.hold_Nmm))
                CHECK(printed.contains(app::Text::figure(tight->bend.hold_Nmm)));
        }
        for (std::size_t l = 0; l < limbs.size(); ++l)
            for (std::size_t j = 0; j < fresh.choice.limbs[l].verdicts.size(); ++j) {
                const auto& hold = limbs[l].at("joints").at(j).at("hold_Nmm");
                if (hold.is_number())
                    CHECK(hold.get<double>() == Approx(shown.choice.limbs[l].verdicts[j].bend.hold_Nmm));
            }
    }

    test::Desk m_desk;
    std::mt19937 m_random;
    QTemporaryDir m_dir;
    QStringList m_files;
    QTimer m_dialogs;
    QString m_said;
    int m_yes = 0;
};

void walkOnce(unsigned seed, int steps) {
    INFO("walk " << seed << " of " << steps << " steps");
    auto* former = qInstallMessageHandler(hear);
    heard().clear();
    {
        Robot robot(seed);
        robot.walk(steps);
    }
    app::applyLanguage("en");
    test::setUsualClock();
    qInstallMessageHandler(former);
}

} // namespace

TEST_CASE("A robot that tries everything finds no crash, no stale number and nothing on standard error",
          "[robot][long]") {
    const int seconds =
        qEnvironmentVariableIsSet("ENKINET_ROBOT_SECONDS") ? qEnvironmentVariableIntValue("ENKINET_ROBOT_SECONDS") : 60;
    const int first =
        qEnvironmentVariableIsSet("ENKINET_ROBOT_SEED") ? qEnvironmentVariableIntValue("ENKINET_ROBOT_SEED") : 1;
    QElapsedTimer clock;
    clock.start();
    int walks = 0;
    while (clock.elapsed() < seconds * 1000LL) {
        std::fprintf(stdout, "walk %d\n", first + walks);
        std::fflush(stdout);
        walkOnce(static_cast<unsigned>(first + walks++), 60);
    }
    std::fprintf(stdout, "%d walks of 60 steps\n", walks);
    CHECK(walks > 0);
}
