#pragma once
// The days of the whole production: a row a day with its real date, hands-on work standing on the line, what dries or
// bakes hanging from it, a flag where a puppet is promised, a pin where now is.
#include "document/plan_job.h"
#include "widgets/accessible_picture.h"
#include "widgets/kept_picture.h"
#include <QWidget>

namespace enkinet::app {

class PlanDays : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit PlanDays(QWidget* parent = nullptr);
    /// puppet: the one whose work stands out; now: on the shop's wall.
    void show(PlanJob::State state, int puppet, Minute now);
    /// By place in the plan; -1: none.
    void setStep(int step);
    int step() const { return m_step; }
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;
    QSize sizeHint() const override;
    /// Where a step stands first, in the view.
    QRect boxOf(int step) const;

Q_SIGNALS:
    void stepChosen(int step);
    /// A step was laid elsewhere: to begin at a time, or before another step (place in the plan; -1: by the time
    /// alone).
    void stepMoved(int step, enkinet::Minute at, int before);
    /// Its own place is given up again.
    void moveDropped(int step);
    /// Why it may not be laid there, in words.
    void moveRefused(const QString& why);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent*) override;
    bool event(QEvent* event) override;

private:
    struct Stretch {
        int step; ///< place in the plan
        QRectF box;
        Minute from, to;
    };
    struct Card {
        std::vector<int> steps;
        QRectF box;
        int group, puppet;
    };
    struct Wait {
        int step;
        QRectF box;
        bool goesOn, cameOver; ///< beyond the end of the row, or from before it
    };
    struct Day {
        std::int64_t day;
        double y = 0; ///< of its line
        std::vector<Card> cards;
        std::vector<Wait> waits;
        int hiddenWaits = 0;
        struct Flag {
            Minute at;
            QString name;
            bool late;
        };
        std::vector<Flag> flags; ///< who is promised, or wanted on set
    };
    void layOut();
    double xOf(std::int64_t day, Minute at) const;
    int stepAt(const QPointF& at) const;
    void drawDay(QPainter& p, const Day& day) const;
    void drawCard(QPainter& p, const Card& card) const;
    /// Where a step would lie if it were laid at a place of the picture.
    struct Landing {
        Minute at = 0;
        int before = -1;
        QString why; ///< it may not
        QRectF box;
    };
    std::optional<Landing> findLanding(int step, const QPointF& at) const;
    Landing makeLanding(int step, int before) const; ///< before another
    QString findWhyNot(int step, int before) const;
    bool mayMove(int step) const;
    void moveByKey(bool later);
    void drawLanding(QPainter& p) const;
    void drawWait(QPainter& p, const Wait& wait, double line) const;

    void drawAll(QPainter& painter, const QRect& seen) const;
    KeptPicture m_picture;
    int m_laidOut = 0; ///< how often
    PlanJob::State m_state;
    std::vector<Stretch> m_stretches;
    std::vector<Day> m_days;
    int m_puppet = 0, m_step = -1;
    int m_held = -1; ///< by the pointer
    QPointF m_heldAt;
    std::optional<Landing> m_landing;
    int m_openFrom = 600, m_openTo = 1080; ///< minutes of the day that a row shows
    Minute m_now = 0;
};

} // namespace enkinet::app
