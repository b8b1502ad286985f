#pragma once
// The guide inside the program: a page a station, beside the desk, to be searched; nothing is fetched from anywhere.
#include <QWidget>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace enkinet::app {

class GuideWindow : public QWidget {
    Q_OBJECT
public:
    /// Reads guide.md and its pictures from a folder; without them it says so.
    explicit GuideWindow(const QString& folder, QWidget* parent = nullptr);
    /// Opens a page by its heading, as "Wire"; the first where there is none of that name.
    void open(const QString& page);
    QString page() const; ///< heading of the page that is shown
    int pages() const { return static_cast<int>(m_pages.size()); }

    /// Where the guide lies: beside the data as it is installed, or among the sources.
    static QString findFolder(const QString& data);

private:
    struct Leaf {
        QString heading, text;
    };
    void search(const QString& words);
    void showPage(int index);

    std::vector<Leaf> m_pages;
    QString m_folder;
    QLineEdit* m_words;
    QListWidget* m_list;
    QTextBrowser* m_text;
};

} // namespace enkinet::app
