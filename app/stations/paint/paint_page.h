#pragma once
// Paint: the coat stack of a part, coats until the clay no longer shows, millilitres and drying.
#include "stations/page.h"

namespace enkinet::app {

class ChoiceField;

/// The coats of a scheme drawn as a swatch each, in the order in which they go on.
class CoatStack : public QWidget {
    Q_OBJECT
public:
    explicit CoatStack(QWidget* parent = nullptr);
    void show(const QColor& clay, const QString& clayName, const std::vector<paint::Laid>& laid);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QColor m_clay;
    QString m_clayName;
    struct Row {
        QColor colour;
        QString text, more;
        bool clear = false;
    };
    std::vector<Row> m_rows;
};

class PaintPage : public Page {
    Q_OBJECT
public:
    explicit PaintPage(Document& document);

protected:
    void show(const results::Report& report) override;

private:
    QLabel *m_title, *m_benchTitle, *m_text, *m_sum, *m_caution;
    ChoiceField* m_scheme;
    CoatStack* m_stack;
};

} // namespace enkinet::app
