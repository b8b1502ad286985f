#include "widgets/look.h"
#include "choice/choose.h"
#include "files/container.h"
#include <QApplication>
#include <QDir>
#include <QFontDatabase>
#include <QLibraryInfo>
#include <QPalette>

namespace enkinet::app {

namespace {

Look dayLook() {
    Look l;
    l.bench = "#c3bcaf", l.sheet = "#f7f1e3", l.card = "#fffaf0", l.ink = "#33312d", l.graphite = "#5f5c55",
    l.faint = "#b9b09c", l.line = "#d9cfb9";
    l.copper = "#b3622d", l.copperDark = "#7e3f17", l.foil = "#aeb6bb", l.holds = "#2d5570", l.slack = "#9c2f1c",
    l.tired = "#7f5600";
    l.steel = "#d5d8d8", l.steelInk = "#3a4043", l.lit = "#fdf0c4", l.shade = "#e6dfcf";
    return l;
}

Look nightLook() {
    Look l;
    l.bench = "#26241f", l.sheet = "#37332b", l.card = "#302d27", l.ink = "#efe7d6", l.graphite = "#bdb4a1",
    l.faint = "#7d7564", l.line = "#524c40";
    l.copper = "#d98a52", l.copperDark = "#f0b183", l.foil = "#8d969c", l.holds = "#9cc6e2", l.slack = "#ff9d88",
    l.tired = "#f0c050";
    l.steel = "#4a4f52", l.steelInk = "#e8ecee", l.lit = "#5a5030", l.shade = "#2b2822", l.night = true;
    return l;
}

Look& current() {
    static Look l = dayLook();
    return l;
}

QString styleSheet() {
    const Look& l = look();
    return QStringLiteral(
               "QMainWindow, QDialog, QMenuBar { background: %1; color: %4; }"
               "QMenuBar::item { padding: 4px 10px; background: transparent; }"
               "QMenuBar::item:selected { background: %3; }"
               "QMenu { background: %3; color: %4; border: 1px solid %6; } QMenu::item:selected { background: %8; "
               "color: %4; }"
               "QMenu::item:disabled { color: %5; }"
               "QToolTip { background: %3; color: %4; border: 1px solid %6; padding: 4px; }"
               "#cardBody, #cardScroll, #cardScroll > QWidget, #cardScroll > QWidget > QWidget { background: "
               "transparent; color: %4; }"
               "QScrollArea { border: none; } #tabScroll, #tabScroll > QWidget, #tabScroll > QWidget > QWidget { "
               "background: transparent; }"
               "QLabel { color: %4; } QLabel[role=\"title\"] { font-size: 22px; font-weight: 600; }"
               "#cardBody QLabel[role=\"title\"] { padding-left: 18px; }"
               "QLabel[role=\"heading\"] { font-size: 15px; font-weight: 600; }"
               "QLabel[role=\"verdict\"] { font-size: 15px; font-weight: 500; }"
               "QLabel[role=\"quiet\"] { color: %5; }"
               "QPushButton { background: %2; color: %4; border: 1px solid %7; border-radius: 3px; padding: 4px 10px; }"
               "QPushButton:hover, QPushButton:focus { border-color: %9; } QPushButton:pressed { background: %8; }"
               "QPushButton:disabled { color: %5; border: 1px dashed %5; background: transparent; }"
               "QPushButton[role=\"strong\"] { background: %10; color: %3; border-color: %10; font-weight: 600; }"
               "QPushButton[role=\"strong\"]:hover { background: %9; }"
               "QPushButton:focus, QComboBox:focus, QAbstractSpinBox:focus, QLineEdit:focus, QListWidget:focus, "
               "QTableView:focus, QCheckBox:focus { border: 2px solid %10; }"
               "QPushButton[role=\"tab\"] { background: transparent; border: none; border-bottom: 3px solid "
               "transparent; "
               "border-radius: 0; padding: 2px 1px; color: %5; }"
               "QPushButton[role=\"tab\"]:checked { border-bottom-color: %9; color: %4; font-weight: 600; }"
               "QPushButton[role=\"tab\"]:focus { background: %8; }"
               "QSlider::groove:horizontal { height: 4px; background: %7; border-radius: 2px; }"
               "QSlider::handle:horizontal { background: %9; width: 10px; margin: -6px 0; border-radius: 2px; }"
               "QSlider:focus { background: %8; } QSlider::handle:horizontal:disabled { background: %7; }"
               "QComboBox QAbstractItemView { background: %3; color: %4; selection-background-color: %8; "
               "selection-color: %4; }"
               "QCheckBox { color: %4; }"
               "QListWidget { background: %2; color: %4; border: 1px solid %7; border-radius: 3px; }"
               "QTableView { background: %2; alternate-background-color: %3; color: %4; border: 1px solid %7; "
               "selection-background-color: "
               "%8; selection-color: %4; } QHeaderView::section { background: %3; color: %4; border: none; "
               "border-bottom: 2px solid "
               "%9; padding: 4px 4px; font-weight: 600; } QTableView::item { padding: 2px 3px; }"
               "QListWidget::item { padding: 3px; } QListWidget::item:selected { background: %8; color: %4; }"
               "QScrollBar:vertical { background: %3; width: 11px; margin: 0; } QScrollBar::handle:vertical { "
               "background: %7; border-radius: 4px; min-height: 30px; margin: 1px 2px; }"
               "QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }"
               "QScrollBar:horizontal { background: %3; height: 11px; } QScrollBar::handle:horizontal { background: "
               "%7; border-radius: 4px; min-width: 30px; margin: 2px 1px; }")
        .arg(l.bench.name(), l.sheet.name(), l.card.name(), l.ink.name(), l.graphite.name(), l.line.name(),
             l.faint.name(), l.lit.name(), l.copper.name(), l.copperDark.name());
}

} // namespace

const Look& look() { return current(); }

void setNightLook(bool night) {
    current() = night ? nightLook() : dayLook();
    if (auto* app = qobject_cast<QApplication*>(QCoreApplication::instance())) applyLook(*app);
}

void applyLook(QApplication& app) {
    static bool loaded = false;
    if (!loaded) {
        const QDir fonts(QString::fromStdString(files::findDataDir()) + "/fonts");
        for (const QString& f : fonts.entryList({"*.otf"}))
            QFontDatabase::addApplicationFont(fonts.filePath(f));
        loaded = true;
    }
    app.setStyle("Fusion");
    app.setFont(deskFont(10));
    const Look& l = look();
    QPalette p;
    p.setColor(QPalette::Window, l.bench);
    p.setColor(QPalette::WindowText, l.ink);
    p.setColor(QPalette::Base, l.sheet);
    p.setColor(QPalette::AlternateBase, l.card);
    p.setColor(QPalette::Text, l.ink);
    p.setColor(QPalette::Button, l.card);
    p.setColor(QPalette::ButtonText, l.ink);
    p.setColor(QPalette::Highlight, l.lit);
    p.setColor(QPalette::HighlightedText, l.ink);
    p.setColor(QPalette::ToolTipBase, l.card);
    p.setColor(QPalette::ToolTipText, l.ink);
    p.setColor(QPalette::PlaceholderText, l.graphite);
    app.setPalette(p);
    app.setStyleSheet(styleSheet());
}

QFont deskFont(double points, int weight) {
    QFont f("Cabin");
    f.setPointSizeF(points);
    f.setWeight(static_cast<QFont::Weight>(weight));
    return f;
}

QColor stateColour(int state) {
    switch (static_cast<choice::State>(state)) {
    case choice::State::holds:
        return look().holds;
    case choice::State::tired:
    case choice::State::springy:
        return look().tired;
    default:
        return look().slack;
    }
}

} // namespace enkinet::app
