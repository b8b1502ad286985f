#pragma once
// A scheme on its relief as it is seen: the patch under a lamp, and its three tones as dabs with what tells them apart.
#include "paint/relief.h"
#include <QImage>
#include <QWidget>

namespace enkinet::app {

class TonePatch : public QWidget {
    Q_OBJECT
public:
    explicit TonePatch(QWidget* parent = nullptr);
    void show(const paint::ReliefPatch& patch);
    const paint::Tones& tones() const { return m_tones; }
    QSize sizeHint() const override { return {340, 176}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QImage m_image;
    paint::Tones m_tones;
    QString m_words;
};

} // namespace enkinet::app
