#pragma once
// The mixing plate: the wanted colour and the mixture side by side, edge to edge, and the parts as dabs round them.
#include "paint/recipe.h"
#include "widgets/accessible_picture.h"
#include <QColor>
#include <QWidget>

namespace enkinet::app {

class MixPlate : public QWidget {
    Q_OBJECT
public:
    explicit MixPlate(QWidget* parent = nullptr);
    struct Dab {
        QColor colour;
        QString name;
        int parts = 1;
    };
    void show(const QColor& wanted, const QColor& mixture, const std::vector<Dab>& dabs, const QString& sentence);
    QSize sizeHint() const override { return {520, 190}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QColor m_wanted, m_mixture;
    std::vector<Dab> m_dabs;
    QString m_sentence;
};

/// How a difference looks, in words.
QString differenceWord(double deltaE);

} // namespace enkinet::app
