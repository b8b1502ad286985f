#include "stations/plan/diary.h"
#include "document/translated.h"
#include "files/output.h"
#include "files/plan_file.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "widgets/picture_bytes.h"
#include "words/text.h"
#include <QBuffer>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPrinter>
#include <QRegularExpression>
#include <QTextBrowser>
#include <QTextDocument>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

using document::LogEntry;
using document::LogKind;

namespace {
/// What a line of the diary may be, and the unit of its number.
struct Kind {
    LogKind kind;
    const char* unit;
};
constexpr Kind kWritten[] = {{LogKind::note, ""},       {LogKind::trouble, ""}, {LogKind::trial, ""},
                             {LogKind::measured, "mm"}, {LogKind::oven, "C"},   {LogKind::regret, ""}};
} // namespace

Diary::Diary(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("diary");
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(24, 16, 24, 16);
    v->setSpacing(8);
    auto* top = new Flow;
    auto* title = makeTitle();
    title->setText(tr("The diary"));
    top->addWidget(title);
    m_filter = new QLineEdit;
    m_filter->setObjectName("diaryFilter");
    m_filter->setAccessibleName(tr("Show only lines with this word"));
    m_filter->setPlaceholderText(tr("a part, a step, a word"));
    m_filter->setClearButtonEnabled(true);
    top->addWidget(m_filter);
    v->addLayout(top);
    m_page = new QTextBrowser;
    m_page->setObjectName("diaryPage");
    m_page->setAccessibleName(tr("What was written down, the newest day first"));
    m_page->setFrameShape(QFrame::NoFrame);
    m_page->setOpenLinks(false);
    m_page->viewport()->setAutoFillBackground(false);
    v->addWidget(m_page, 1);
    m_subject = makeText(true);
    v->addWidget(m_subject);
    auto* line = new Flow;
    m_kind = new ChoiceField(tr("What kind of line"));
    m_kind->setObjectName("diaryKind");
    m_kind->show({{tr("note"), 0},
                  {tr("trouble"), 1},
                  {tr("trial"), 2},
                  {tr("measured, mm"), 3},
                  {tr("oven, %1", "degrees of heat").arg(Text::heatUnit()), 4},
                  {tr("for next time"), 5}},
                 0);
    m_words = new QLineEdit;
    m_words->setObjectName("diaryWords");
    m_words->setAccessibleName(tr("The line; a number first where something was measured"));
    line->addWidget(m_kind);
    line->addWidget(m_words);
    v->addLayout(line);
    v->addLayout(makeButtonRow(this, {{tr("Write it down"), "diaryWrite", [this] { write(); }},
                                      {tr("Picture…"), "diaryPicture",
                                       [this] {
                                           const QString path =
                                               QFileDialog::getOpenFileName(this, tr("Picture for the diary"), {},
                                                                            tr("Pictures (*.png *.jpg *.jpeg)"));
                                           if (!path.isEmpty()) addPicture(path);
                                       }},
                                      {tr("As PDF…"), "diaryPdf", [this] { savePdf(); }},
                                      {tr("As CSV…"), "diaryCsv", [this] { saveCsv(); }},
                                      {tr("Back to the days"), "diaryBack", [this] { Q_EMIT left(); }}}));
    connect(m_filter, &QLineEdit::textChanged, this, [this] { show(); });
    connect(m_words, &QLineEdit::returnPressed, this, &Diary::write);
}

void Diary::setSubject(const QString& subject) {
    m_subject->setText(subject.isEmpty() ? tr("A line about the whole production:")
                                         : tr("A line about %1:").arg(subject));
}

QString Diary::text() const { return m_page->toPlainText(); }

/// A line in words: whose, what, with what number and how it compares.
QString Diary::lineOf(const LogEntry& e) const {
    QString whose, what;
    const auto& all = m_document.production().puppets;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i].id == e.puppet) {
            whose = all[i].things.copies > 1
                        ? tr("%1 %2", "puppet, copy").arg(QString::fromStdString(all[i].name)).arg(e.copy)
                        : QString::fromStdString(all[i].name);
            if (i < m_document.result().puppets.size() && m_document.result().puppets[i])
                for (const make::Step& s : m_document.result().puppets[i]->plan.steps)
                    if (s.id == e.step) what = Text::step(s);
        }
    // Of a step that the design no longer has only the line itself tells.
    if (what.isEmpty()) what = QString::fromStdString(e.part);
    const QString text = QString::fromStdString(e.text);
    QString did;
    switch (e.kind) {
    case LogKind::started:
        did = tr("begun");
        break;
    case LogKind::paused:
        did = tr("laid aside");
        break;
    case LogKind::done:
        did = e.number <= 0   ? tr("done")
              : e.planned > 0 ? tr("done in %1, reckoned %2").arg(Text::minutes(e.number), Text::minutes(e.planned))
                              : tr("done in %1").arg(Text::minutes(e.number));
        break;
    case LogKind::undone:
        did = tr("not done after all");
        break;
    case LogKind::skipped:
        did = tr("skipped");
        break;
    case LogKind::weighed:
        did = e.planned > 0 ? tr("weighs %1, reckoned %2").arg(Text::grams(e.number), Text::grams(e.planned))
                            : tr("weighs %1").arg(Text::grams(e.number));
        break;
    case LogKind::measured:
        did = tr("measures %1").arg(Text::length(e.number, 2));
        break;
    case LogKind::oven:
        did = tr("oven at %1").arg(Text::temperature(e.number));
        break;
    case LogKind::trouble:
        did = tr("trouble");
        break;
    case LogKind::trial:
        did = tr("tried");
        break;
    case LogKind::ticked:
        // Older versions wrote the item's place only.
        did = text.isEmpty() ? tr("last look, item %1").arg(Text::number(e.number, 0)) : tr("last look");
        break;
    case LogKind::regret:
        did = tr("for next time");
        break;
    case LogKind::note:
        did = tr("note");
        break;
    }
    QStringList parts;
    for (const QString& x : {whose, what})
        if (!x.isEmpty()) parts << x;
    parts << did;
    return text.isEmpty() ? parts.join(tr(", ")) : tr("%1: %2").arg(parts.join(tr(", ")), text);
}

void Diary::show() {
    m_page->setHtml(
        html(*m_page->document(), look().ink, look().graphite, stateColour(static_cast<int>(choice::State::slack))));
}

QString Diary::html(QTextDocument& onto, const QColor& ink, const QColor& quiet, const QColor& bad) const {
    const auto& log = m_document.production().log;
    const QString word = m_filter->text().trimmed();
    // The newest day first, each day in its order.
    std::map<std::int64_t, QStringList, std::greater<>> days;
    int shown = 0;
    for (const LogEntry& e : log) {
        const QString line = lineOf(e);
        if (!word.isEmpty() && !line.contains(word, Qt::CaseInsensitive)) continue;
        days[dayOf(e.at())] << QString("<tr><td width=64 style='color:%1'>%2</td><td%3>%4</td></tr>")
                                   .arg(quiet.name(), Text::clock(e.at()).toHtmlEscaped(),
                                        e.kind == LogKind::trouble ? QString(" style='color:%1'").arg(bad.name())
                                                                   : QString(),
                                        line.toHtmlEscaped());
        if (const QImage small = e.picture.empty() ? QImage() : thumbOf(e.picture); !small.isNull()) {
            const QString name = "log:" + QString::fromStdString(e.picture);
            onto.addResource(QTextDocument::ImageResource, QUrl(name), small);
            days[dayOf(e.at())] << QString("<tr><td></td><td><img src='%1'></td></tr>").arg(name.toHtmlEscaped());
        }
        ++shown;
    }
    QString page = QString("<div style='color:%1; font-size:13px'>").arg(ink.name());
    for (const auto& [day, lines] : days)
        page += QString("<p style='font-size:15px; font-weight:600; margin-top:12px; margin-bottom:4px'>%1</p><table "
                        "cellspacing=0 cellpadding=3>%2</table>")
                    .arg(Text::dayName(day).toHtmlEscaped(), lines.join(QString()));
    if (shown == 0)
        page += QString("<p>%1</p>")
                    .arg((log.empty() ? tr("Nothing was written down yet: Start and Done at a step, or a line below.")
                                      : tr("No line has this word."))
                             .toHtmlEscaped());
    return page + "</div>";
}

QImage Diary::thumbOf(const std::string& name) const {
    if (const auto known = m_thumbs.find(name); known != m_thumbs.end()) return known->second;
    const auto held = m_document.production().pictures.find(name);
    QImage image;
    if (held != m_document.production().pictures.end()) image = readPicture(held->second.get(), nullptr, 1040);
    if (!image.isNull()) image = image.scaled(260, 180, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    return m_thumbs[name] = image;
}

void Diary::addPicture(const QString& path) {
    constexpr int kLargest = 1600;
    QString why;
    const QImage image = readPictureFile(path, &why, kLargest);
    if (image.isNull()) {
        Q_EMIT m_document.refused(why);
        return;
    }
    // Drawn anew: what a file says of who took it, where and with what does not come along.
    QImage bare(image.size(), QImage::Format_RGB32);
    bare.fill(Qt::white);
    QPainter(&bare).drawImage(0, 0, image);
    QByteArray jpeg;
    QBuffer out(&jpeg);
    if (!out.open(QIODevice::WriteOnly) || !bare.save(&out, "JPEG", 85)) {
        Q_EMIT m_document.refused(tr("%1 cannot be kept: this system writes no JPEG").arg(QFileInfo(path).fileName()));
        return;
    }
    const Kind& kind =
        kWritten[std::clamp(m_kind->currentData().toInt(), 0, static_cast<int>(std::size(kWritten)) - 1)];
    const QString text = m_words->text().trimmed();
    m_words->clear();
    // What wants a number has none in a picture.
    Q_EMIT pictured(*kind.unit ? LogKind::note : kind.kind, text.isEmpty() ? tr("picture") : text, jpeg);
}

void Diary::write() {
    const Kind& kind =
        kWritten[std::clamp(m_kind->currentData().toInt(), 0, static_cast<int>(std::size(kWritten)) - 1)];
    QString text = m_words->text().trimmed();
    double number = 0;
    if (*kind.unit) {
        static const QRegularExpression first("^\\s*(-?[0-9]+(?:[.,][0-9]+)?)");
        const auto found = first.match(text);
        const auto typed = typedNumber(found.captured(1), -1e5, 1e5);
        if (!typed) {
            Q_EMIT m_document.refused(tr("A measured line begins with its number, such as 12.5"));
            return;
        }
        number = kind.kind == LogKind::oven ? Text::heatInC(*typed) : *typed;
        text = text.mid(found.capturedLength(0)).trimmed();
    } else if (text.isEmpty()) {
        Q_EMIT m_document.refused(tr("Write what there is to say first"));
        return;
    }
    m_words->clear();
    Q_EMIT written(kind.kind, number, kind.unit, text);
}

void Diary::savePdf() {
    const QString path = QFileDialog::getSaveFileName(this, tr("The diary"), "diary.pdf", tr("PDF (*.pdf)"));
    if (path.isEmpty()) return;
    QPrinter printer(QPrinter::HighResolution);
    printer.setOutputFormat(QPrinter::PdfFormat);
    printer.setOutputFileName(path);
    QTextDocument paper;
    paper.setHtml(html(paper, "#222222", "#555555", "#9c2f1c"));
    paper.print(&printer);
    if (printer.printerState() == QPrinter::Error || QFileInfo(path).size() == 0)
        Q_EMIT m_document.refused(tr("%1 could not be written: choose another place").arg(QFileInfo(path).fileName()));
}

void Diary::saveCsv() {
    const QString path = QFileDialog::getSaveFileName(this, tr("The diary"), "diary.csv", tr("CSV (*.csv)"));
    if (path.isEmpty()) return;
    if (const auto done = files::writeOutput(path.toStdString(), files::writeLogCsv(m_document.production().log));
        !done)
        Q_EMIT m_document.refused(translated(done.fault()));
}

} // namespace enkinet::app
