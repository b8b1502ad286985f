#pragma once
// Pictures on the sheet: put them there, scale them by a true length or the puppet's height, dim, turn, and read widths
// off them.
#include "body/silhouette.h"
#include "stations/sheet/tab.h"
#include <QWidget>

class QImage;
class QLabel;
class QListWidget;
class QSlider;
class QTableWidget;

namespace enkinet::app {

class ChoiceField;
class NumberField;

class PicturesTab : public QWidget {
    Q_OBJECT
public:
    explicit PicturesTab(Document& document, QWidget* parent = nullptr);
    void show();
    /// From a file, the clipboard or a drop.
    void addPicture(const QString& name, const QByteArray& bytes, bool side);
    void addPictureFile(const QString& path, bool side);

Q_SIGNALS:
    void holdWanted(const enkinet::app::HoldWish& wish);

private:
    int current() const;
    void choose(bool side);
    void paste();
    void change(const QString& name, const std::function<void(body::Picture&)>& mutate, Document::Merge merge);
    void fitHeight();
    void readWidths();
    void showDoubts(int parts);
    void smoothWidths();
    QImage imageOf(const body::Picture& picture) const;

    Document& m_document;
    QWidget *m_placed, *m_shown;
    QListWidget *m_list, *m_doubtList;
    std::vector<body::WidthDoubt> m_doubts;
    NumberField *m_distance, *m_angle;
    ChoiceField* m_seen;
    QTableWidget* m_views;
    void showViews();
    NumberField *m_cropLeft, *m_cropRight, *m_cropTop, *m_cropBottom;
    QSlider *m_strength, *m_threshold;
    QLabel *m_said, *m_preview;
};

} // namespace enkinet::app
