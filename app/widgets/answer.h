#pragma once
// What an answer is made of: the subject with its verdict stamped beside it, rows of what is against what is wanted,
// and settings folded to one line each.
#include "widgets/accessible_picture.h"
#include <QColor>
#include <QWidget>
#include <vector>

class QAbstractButton;
class QLabel;
class QVBoxLayout;

namespace enkinet::app {

/// The subject in large type, one quiet line, a stamp at the right, and the verdict as a sentence.
class AnswerHead : public QWidget {
    Q_OBJECT
public:
    /// lines: the sentence and the quiet line never take more, or less; what has no room is told by the pointer. 0: as
    /// many as they need.
    explicit AnswerHead(int lines = 0, QWidget* parent = nullptr);
    void show(const QString& subject, const QString& quiet, const QString& sentence);
    /// No word: no stamp.
    void setStamp(const QString& word, const QColor& colour = {});
    QString subject() const;
    QString sentence() const;
    /// The label of the sentence, for its name.
    QLabel* sentenceLabel() const { return m_sentence; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QLabel *m_subject, *m_quiet, *m_sentence;
    QString m_stamp;
    QColor m_colour;
};

/// What is against what is wanted, a bar each on a logarithmic scale with the limit in its middle and the forbidden
/// half hatched. Nothing here is said twice.
class LimitTable : public QWidget, public HasParts {
    Q_OBJECT
public:
    struct Row {
        QString name, is, wanted;
        double margin = 1;   ///< what is there over what is asked: below 1 it is missed; NaN: no figure
        bool atLeast = true; ///< the wanted is a least, so more lies to the right; else a most
        QColor colour;       ///< where it is missed
    };
    explicit LimitTable(QWidget* parent = nullptr);
    void show(const std::vector<Row>& rows);
    const std::vector<Row>& rows() const { return m_rows; }
    QSize sizeHint() const override;
    /// The row whose why is open; -1: none.
    void setOpen(int row);
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override { Q_EMIT asked(index); }

Q_SIGNALS:
    /// Why this number?
    void asked(int row);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRect rowBox(int row) const;
    std::vector<Row> m_rows;
    int m_at = 0, m_asked = -1;
};

/// One line that opens in place.
class Fold : public QWidget {
    Q_OBJECT
public:
    explicit Fold(const QString& name, QWidget* parent = nullptr);
    /// What stands on the line while it is folded.
    void setLine(const QString& line);
    void setOpen(bool open);
    bool isOpen() const { return m_open; }
    QVBoxLayout* body() { return m_body; }

private:
    QAbstractButton* m_button;
    QWidget* m_inside;
    QVBoxLayout* m_body;
    bool m_open = false;
};

} // namespace enkinet::app
