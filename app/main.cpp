// enkinet: the desk. Also --print and --pictures, which need no display.
#include "base/log.h"
#include "document/session.h"
#include "jobs/application.h"
#include "jobs/crash.h"
#include "jobs/log.h"
#include "jobs/memory.h"
#include "jobs/terminate.h"
#include "jobs/worker.h"
#include "pictures.h"
#include "print/build_sheets.h"
#include "shell/window.h"
#include "widgets/look.h"
#include "words/language.h"
#include "words/text.h"
#include <QApplication>
#include <QCommandLineParser>
#include <QFileInfo>
#include <QSettings>
#include <QTextStream>

namespace {
constexpr int kBadInput = 2, kNoDisplay = 1;

int fail(const QString& sentence) {
    QTextStream(stderr) << "enkinet: " << sentence << "\n";
    return kBadInput;
}
} // namespace

int main(int argc, char** argv) {
    using namespace enkinet::app;
    keepMemoryTogether();
    // Without a display the pages and pictures are drawn all the same.
    const bool display = !qEnvironmentVariableIsEmpty("DISPLAY") || !qEnvironmentVariableIsEmpty("WAYLAND_DISPLAY");
    const bool bare = !display && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM");
    if (bare) qputenv("QT_QPA_PLATFORM", "offscreen");
    Application app(argc, argv);
    QApplication::setApplicationName("enkinet");
    QApplication::setOrganizationName("enkinet");
    QApplication::setApplicationDisplayName("Enkinet");
    QApplication::setApplicationVersion(ENKINET_VERSION);
    QApplication::setDesktopFileName("org.enkinet.Enkinet");

    QCommandLineParser parser;
    parser.setApplicationDescription("Wire armatures for stop-motion puppets.");
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument("FILE", "an .enkinet container or a production.json", "[FILE]");
    const QCommandLineOption print("print", "write the build sheets of the first puppet, or of --puppet, as PDF",
                                   "OUT.pdf");
    const QCommandLineOption puppet("puppet", "which puppet, by its id", "ID");
    const QCommandLineOption paper("paper", "A4 or Letter", "SIZE");
    const QCommandLineOption pictures("pictures", "write one PNG of every station into a folder", "DIR");
    const QCommandLineOption sizeOption("size", "size of the window for --pictures", "WIDTHxHEIGHT", "1280x800");
    const QCommandLineOption demo("demo", "open a copy of the demo production");
    const QCommandLineOption language("language", "speak this language, such as en or de", "CODE");
    const QCommandLineOption verbose("verbose", "say on standard error what is done and how long it takes");
    parser.addOptions({print, puppet, paper, pictures, sizeOption, demo, language, verbose});
    parser.process(app);

    const bool quiet = parser.isSet(print) || parser.isSet(pictures);
    if (bare && !quiet) {
        QTextStream(stderr) << "enkinet: there is no display; --print and --pictures work without one\n";
        return kNoDisplay;
    }
    if (parser.isSet(language) && !languages().contains(parser.value(language)))
        return fail(QString("language \"%1\" must be one of %2").arg(parser.value(language), languages().join(", ")));
    Worker::onFault([&app](const char* what) { app.sayFault(QString::fromUtf8(what)); });
    if (!quiet || parser.isSet(verbose)) {
        startLog(Session::folder(), parser.isSet(verbose));
        enkinet::setLogSink([](const char* category, const std::string& line) {
            qCInfo(logFiles).noquote() << category << QString::fromStdString(line);
        });
        qCInfo(logDesk).noquote() << "enkinet" << QApplication::applicationVersion() << "began";
    }
    if (!quiet) watchCrashes(Session::folder(), QApplication::applicationVersion());
    const bool night = !quiet && QSettings().value("night").toBool();
    if (night) setNightLook(true);
    Text::setFahrenheit(!quiet && QSettings().value("fahrenheit").toBool());
    Text::setInches(!quiet && QSettings().value("inches").toBool());
    applyLanguage(pickLanguage(parser.isSet(language) ? parser.value(language)
                               : quiet                ? QString()
                                                      : preferredLanguage()));
    applyLook(app);
    // However main ends: first the window goes, then every worker's thread.
    struct Last {
        ~Last() { Worker::endAll(); }
    } last;
    const QStringList files = parser.positionalArguments();
    const QString path = !files.isEmpty() ? files.first() : parser.isSet(demo) || quiet ? demoPath() : QString();
    Window window(quiet ? Window::BuildStage::now : Window::BuildStage::later,
                  path == demoPath() || path.isEmpty() ? path : QFileInfo(path).absoluteFilePath());
    if (!quiet) {
        // Something to see at once; the desk is made when it is on the screen.
        window.showFirst();
        window.furnish();
    }
    // Pages and pictures wait for what they show.
    if (quiet) window.document().setPatience(600000);
    if (!window.document().cardsFault().isEmpty())
        return fail(QString("the cards cannot be read: %1; set ENKINET_DATA to the folder that holds cards/")
                        .arg(window.document().cardsFault()));

    if (!path.isEmpty()) {
        const bool copy = quiet || path == demoPath();
        const QString fault = copy ? window.document().openCopy(path) : window.document().open(path);
        if (!fault.isEmpty() && quiet) return fail(fault);
        if (!fault.isEmpty())
            QTextStream(stderr) << "enkinet: " << fault << "\n", Q_EMIT window.document().refused(fault);
    }
    if (parser.isSet(puppet)) {
        const int index =
            enkinet::document::findPuppetIndex(window.document().production(), parser.value(puppet).toStdString());
        if (index < 0) return fail(QString("there is no puppet \"%1\" in this production").arg(parser.value(puppet)));
        window.document().showPuppet(index);
    }
    if (quiet && !window.document().hasPuppet()) return fail("there is no puppet in this production");
    if (parser.isSet(print)) {
        const QString size = parser.value(paper);
        if (!size.isEmpty() && size != "A4" && size != "Letter")
            return fail(QString("paper \"%1\" must be A4 or Letter").arg(size));
        const auto id = size.isEmpty() ? BuildSheets::defaultSize() : size == "A4" ? QPageSize::A4 : QPageSize::Letter;
        PlanJob& plan = window.document().planJob();
        plan.follow(window.document());
        plan.wait(10000);
        const BuildSheets sheets(window.document().value(), window.document().puppetIndex(),
                                 window.document().sharedReport(), window.document().sharedResult(), plan.state());
        if (const QString fault = sheets.writePdf(parser.value(print), id, path); !fault.isEmpty()) return fail(fault);
    }
    const QStringList wide = parser.value(sizeOption).split('x');
    const QSize room = wide.size() == 2 ? QSize(wide[0].toInt(), wide[1].toInt()) : QSize();
    if (parser.isSet(pictures) &&
        (room.width() < 640 || room.height() < 440 || room.width() > 8000 || room.height() > 8000))
        return fail(QString("size \"%1\" must be two numbers such as 1280x800").arg(parser.value(sizeOption)));
    if (parser.isSet(pictures) && !writePictures(window, parser.value(pictures), room))
        return fail(QString("pictures could not be written to %1").arg(parser.value(pictures)));
    if (quiet) return 0;
    onTerminate([&window] { window.document().keepNow(); });
    app.onFault = [&window](const QString& what) { window.sayFault(what); };
    window.offerRecovery();
    window.offerCrashReport();
    return QApplication::exec();
}
