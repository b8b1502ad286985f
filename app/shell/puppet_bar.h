#pragma once
// The shelf along the top: the production's puppets stand on it, the one at work is lit; what was said last, and the
// few things that are always at hand.
#include "document/document.h"
#include <QAbstractButton>
#include <QPainterPath>
#include <QTimer>
#include <vector>

class QHBoxLayout;
class QLabel;
class QMenu;

namespace enkinet::app {

/// A puppet on the shelf as it is seen from its better side.
class ShelfPuppet : public QAbstractButton {
    Q_OBJECT
public:
    explicit ShelfPuppet(QWidget* parent);
    void setOutline(const QPainterPath& outline);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent* event) override;

private:
    QPainterPath m_outline;
};

class PuppetBar : public QWidget {
    Q_OBJECT
public:
    explicit PuppetBar(Document& document, QWidget* parent = nullptr);

    int count() const { return static_cast<int>(m_puppets.size()); }
    QAbstractButton* puppet(int index) const { return m_puppets[static_cast<std::size_t>(index)]; }
    QLabel& message() { return *m_message; }
    QLabel& working() { return *m_working; }
    /// A word at the right end that does something.
    QAbstractButton* addWord(const QString& word, const QString& name, const std::function<void()>& act);
    QAbstractButton* addMenu(const QString& word, QMenu* menu);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void refresh();
    void drawNext();

    Document& m_document;
    QHBoxLayout *m_row, *m_standing;
    QLabel *m_production, *m_message, *m_working;
    std::vector<ShelfPuppet*> m_puppets;
    std::vector<std::shared_ptr<const results::Report>> m_drawnOf;
    QTimer m_drawSoon; ///< outlines come when nothing else is to be done
};

} // namespace enkinet::app
