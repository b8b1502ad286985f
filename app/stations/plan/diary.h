#pragma once
// The diary: what was written down at the bench, day by day, filtered by a word; and a line to write more.
#include "document/document.h"
#include <QImage>
#include <QWidget>

class QLabel;
class QLineEdit;
class QTextBrowser;
class QTextDocument;

namespace enkinet::app {

class ChoiceField;

class Diary : public QWidget {
    Q_OBJECT
public:
    explicit Diary(Document& document, QWidget* parent = nullptr);
    void show();
    /// What the line that is written belongs to, in words; empty: the whole production.
    void setSubject(const QString& subject);
    QString text() const;
    /// A photograph with the line that stands in the field: made small, turned upright, with nothing else of the file
    /// kept.
    void addPicture(const QString& path);

Q_SIGNALS:
    void written(enkinet::document::LogKind kind, double number, const QString& unit, const QString& text);
    void pictured(enkinet::document::LogKind kind, const QString& text, const QByteArray& jpeg);
    void left(); ///< back to the days

private:
    void write();
    void savePdf();
    void saveCsv();
    QString lineOf(const document::LogEntry& entry) const;
    /// All lines that are shown, in the inks of the screen or of paper.
    /// A kept picture, small.
    QImage thumbOf(const std::string& name) const;
    QString html(QTextDocument& page, const QColor& ink, const QColor& quiet, const QColor& bad) const;

    Document& m_document;
    mutable std::map<std::string, QImage> m_thumbs;
    QTextBrowser* m_page;
    QLineEdit *m_filter, *m_words;
    ChoiceField* m_kind;
    QLabel* m_subject;
};

} // namespace enkinet::app
