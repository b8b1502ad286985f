#pragma once
// The card right of the sheet: everything about what is selected at the present station. It scrolls; it opens no
// windows.
#include "stations/page.h"
#include <QScrollArea>
#include <QTimer>
#include <vector>

class QStackedWidget;

namespace enkinet::app {

class SidePanel : public QScrollArea {
    Q_OBJECT
public:
    explicit SidePanel(Document& document, QWidget* parent = nullptr);
    void setStation(results::Station station);
    /// The page of the present station, made when it is first asked for.
    Page* present() { return page(m_station); }

Q_SIGNALS:
    /// A station's page has been made: each is when it is looked at for the first time.
    void pageMade(enkinet::app::Page* page);
    void wantsDemo();
    void wantsFile();
    void wantsTutorial();
    void wantsKind(const QString& kind, double height_mm);

private:
    QWidget* makeStart();
    void refresh();
    void follow();

    Document& m_document;
    QStackedWidget* m_pages;
    QWidget* m_start;
    Page* page(results::Station station);
    QTimer m_soon;                 ///< numbers of before can wait until the figure is drawn
    std::vector<Page*> m_stations; ///< null until they are looked at
    results::Station m_station = results::Station::sheet;
};

} // namespace enkinet::app
