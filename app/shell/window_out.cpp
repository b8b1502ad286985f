// What leaves the program: paper, tables, bodies, the clipboard. Nothing goes out that is stale or only tried.
#include "document/translated.h"
#include "files/cut_list_file.h"
#include "files/output.h"
#include "print/build_sheets.h"
#include "print/export.h"
#include "sheet/sheet_view.h"
#include "shell/side_panel.h"
#include "shell/window.h"
#include "stations/wire/puppet_table.h"
#include "widgets/answer.h"
#include <QApplication>
#include <QClipboard>
#include <QFileDialog>
#include <QLabel>
#include <QListWidget>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QTextDocumentFragment>

namespace enkinet::app {

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
    m_document.planJob().follow(m_document);
    m_document.planJob().wait(2500);
    const BuildSheets sheets(m_document.value(), m_document.puppetIndex(), m_document.sharedReport(),
                             m_document.sharedResult(), m_document.planJob().state());
    if (toFile) {
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Build sheets"), QString::fromStdString(m_document.puppet().name) + ".pdf", tr("PDF (*.pdf)"));
        if (path.isEmpty()) return;
        if (const QString fault = sheets.writePdf(path, BuildSheets::defaultSize(), m_document.path());
            !fault.isEmpty())
            return say(fault);
        return m_document.notePrinted();
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
    if (preview.exec() == QDialog::Accepted) m_document.notePrinted();
}

void Window::exportCutList() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to cut wire for"));
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Cut list"), QString::fromStdString(m_document.puppet().name) + " cut list.csv", tr("CSV (*.csv)"));
    if (path.isEmpty() || !settled()) return;
    const auto done =
        files::writeOutput(path.toStdString(), files::writeCutListCsv(m_document.production(), m_document.puppet(),
                                                                      m_document.report().cuts, true));
    if (!done) say(translated(done.fault()));
}

void Window::exportTable() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to make a table of"));
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Puppet table"), QString::fromStdString(m_document.puppet().name) + " table.csv", tr("CSV (*.csv)"));
    if (path.isEmpty() || !settled()) return;
    if (const auto done = files::writeOutput(path.toStdString(), table().model()->csv().toStdString()); !done)
        say(translated(done.fault()));
}

void Window::chooseExport() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to export"));
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Export"), QString::fromStdString(m_document.puppet().name) + ".obj",
                                     tr("Body: OBJ (*.obj);;Body: STL (*.stl);;Body: glTF (*.gltf);;Elevations 1:1: "
                                        "SVG (*.svg);;Elevations 1:1: DXF (*.dxf)"));
    if (!path.isEmpty() && settled()) say(exportTo(path));
}

/// What is peeled off does not go out.
QString Window::exportTo(const QString& path) {
    const LayerView layerView = m_sheet->layerView();
    return exportPuppet(m_document, path,
                        layerView == LayerView::clay   ? body::Surface::clay
                        : layerView == LayerView::bulk ? body::Surface::core
                                                       : body::Surface::finished);
}

/// What the answer says, line by line: its sentences, its table, its open points.
void Window::copyAnswer() {
    if (!m_document.hasPuppet()) return say(tr("there is nothing to copy yet"));
    QStringList lines{QString::fromStdString(m_document.puppet().name)};
    for (QWidget* w : m_sidePanel->present()->findChildren<QWidget*>()) {
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

} // namespace enkinet::app
