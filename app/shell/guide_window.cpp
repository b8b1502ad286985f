#include "shell/guide_window.h"
#include "widgets/look.h"
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextDocument>
#include <QVBoxLayout>

namespace enkinet::app {

GuideWindow::GuideWindow(const QString& folder, QWidget* parent) : QWidget(parent, Qt::Window), m_folder(folder) {
    setObjectName("guide");
    setWindowTitle(tr("Guide"));
    resize(860, 680);
    m_words = new QLineEdit;
    m_words->setObjectName("guideSearch");
    m_words->setAccessibleName(tr("Look for a word in the guide"));
    m_words->setPlaceholderText(tr("look for …"));
    m_words->setClearButtonEnabled(true);
    m_list = new QListWidget;
    m_list->setObjectName("guidePages");
    m_list->setAccessibleName(tr("Pages of the guide"));
    m_list->setWordWrap(true);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_text = new QTextBrowser;
    m_text->setObjectName("guideText");
    m_text->setOpenLinks(false);
    m_text->setFrameShape(QFrame::NoFrame);
    m_text->setSearchPaths({m_folder});
    auto* left = new QVBoxLayout;
    left->addWidget(m_words);
    left->addWidget(m_list, 1);
    auto* h = new QHBoxLayout(this);
    h->setContentsMargins(16, 16, 16, 16);
    h->setSpacing(16);
    h->addLayout(left, 1);
    h->addWidget(m_text, 3);
    QFile file(QDir(m_folder).filePath("guide.md"));
    if (file.open(QIODevice::ReadOnly)) {
        // A page from each second heading to the next; what stands before the first is the title.
        for (const QString& line : QString::fromUtf8(file.readAll()).split('\n'))
            if (line.startsWith("## "))
                m_pages.push_back({line.mid(3).trimmed(), line.mid(1) + '\n'});
            else if (!m_pages.empty())
                m_pages.back().text += line + '\n';
    }
    if (m_pages.empty())
        m_pages.push_back({tr("No guide"), tr("The guide is not there: %1 is missing.").arg("guide.md")});
    connect(m_words, &QLineEdit::textChanged, this, &GuideWindow::search);
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
        if (const QListWidgetItem* item = m_list->item(row)) showPage(item->data(Qt::UserRole).toInt());
    });
    search({});
}

QString GuideWindow::findFolder(const QString& data) {
    const QString real = QDir(data).canonicalPath();
    for (const QString& folder : {QDir(data).filePath("guide"), real + "/../docs"})
        if (QFile::exists(folder + "/guide.md")) return QDir::cleanPath(folder);
    return {};
}

/// Pages in which every word stands.
void GuideWindow::search(const QString& words) {
    const QString kept = page();
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    for (std::size_t i = 0; i < m_pages.size(); ++i) {
        bool all = true;
        for (const QString& word : words.split(' ', Qt::SkipEmptyParts))
            all = all && m_pages[i].text.contains(word, Qt::CaseInsensitive);
        if (!all) continue;
        auto* item = new QListWidgetItem(m_pages[i].heading, m_list);
        item->setData(Qt::UserRole, static_cast<int>(i));
        if (m_pages[i].heading == kept) m_list->setCurrentItem(item);
    }
    if (m_list->count() > 0 && !m_list->currentItem()) m_list->setCurrentRow(0);
    if (m_list->currentItem())
        showPage(m_list->currentItem()->data(Qt::UserRole).toInt());
    else
        m_text->setPlainText(tr("No page holds all of these words."));
}

void GuideWindow::showPage(int index) {
    m_text->setMarkdown(m_pages[static_cast<std::size_t>(index)].text);
    // Pictures as wide as the page at most.
    for (QTextBlock b = m_text->document()->begin(); b.isValid(); b = b.next())
        for (auto it = b.begin(); !it.atEnd(); ++it)
            if (it.fragment().charFormat().isImageFormat()) {
                QTextImageFormat f = it.fragment().charFormat().toImageFormat();
                f.setWidth(560);
                QTextCursor c(m_text->document());
                c.setPosition(it.fragment().position());
                c.setPosition(it.fragment().position() + it.fragment().length(), QTextCursor::KeepAnchor);
                c.setCharFormat(f);
                break;
            }
    // What was looked for stands out.
    QList<QTextEdit::ExtraSelection> found;
    for (const QString& word : m_words->text().split(' ', Qt::SkipEmptyParts)) {
        QTextCursor c(m_text->document());
        while (!(c = m_text->document()->find(word, c)).isNull() && found.size() < 200) {
            QTextEdit::ExtraSelection s;
            s.cursor = c;
            s.format.setBackground(look().lit);
            found << s;
        }
    }
    m_text->setExtraSelections(found);
    if (!found.isEmpty()) {
        QTextCursor first = found.front().cursor;
        first.clearSelection();
        m_text->setTextCursor(first);
    } else {
        m_text->moveCursor(QTextCursor::Start);
    }
}

void GuideWindow::open(const QString& page) {
    m_words->clear();
    int row = 0;
    for (int i = 0; i < m_list->count(); ++i)
        if (m_list->item(i)->text() == page) row = i;
    m_list->setCurrentRow(row);
    show();
    raise();
    activateWindow();
    m_text->setFocus();
}

QString GuideWindow::page() const { return m_list->currentItem() ? m_list->currentItem()->text() : QString(); }

} // namespace enkinet::app
