#include "print/film_pages.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {

constexpr double kShotIndent = 7;

class FilmDrawer : PageFlow {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
public:
    FilmDrawer(Pages& pages, const document::Production& production, const results::ShotWear& film, int puppet)
        : PageFlow(pages, tr("the film")), m_p(production), m_film(film), m_index(puppet),
          m_puppet(production.puppets[static_cast<std::size_t>(puppet)]),
          m_worn(results::findWorn(film.ledger, puppet, production.shots.size())) {}

    void draw() {
        if (m_worn.empty()) return;
        need(30);
        heading(tr("The film"));
        line(tr("No shot stops in %1 of 100 such films with these copies. Per cent are of what nine in ten such wires "
                "stand.")
                 .arg(Text::number(100 * m_film.chance, 0)),
             kGrey);
        shelf();
        m_y += 3;
        for (std::size_t i = 0; i < m_p.shots.size(); ++i)
            shot(i);
    }

private:
    QString limbName(int limb, bool right) const {
        const body::Limb& l = m_puppet.limbs[static_cast<std::size_t>(limb)];
        return Text::sided(l, QString::fromStdString(l.name), right);
    }
    QString jointName(int limb, int joint, bool right) const {
        const body::Limb& l = m_puppet.limbs[static_cast<std::size_t>(limb)];
        return Text::sided(l, QString::fromStdString(l.joints[static_cast<std::size_t>(joint)].name), right);
    }
    QString copyName(int copy) const {
        const QString name = QString::fromStdString(m_puppet.name);
        return m_puppet.things.copies > 1 ? tr("%1 %2", "puppet, copy").arg(name).arg(copy) : name;
    }

    void shelf() {
        for (const results::LimbDoubles& d : m_film.doubles) {
            if (d.puppet != m_index || d.copies == 1) continue;
            need(12);
            tickBox(left());
            line(d.copies > 0 ? tr("%1: have %n ready, used one after the other.", nullptr, d.copies)
                                    .arg(Text::capital(limbName(d.limb, d.right)))
                              : tr("%1: a dozen do not suffice. Another wire, or less of it.")
                                    .arg(Text::capital(limbName(d.limb, d.right))),
                 d.copies > 0 ? kInk : kWarn, kShotIndent);
        }
    }

    void shot(std::size_t i) {
        const document::Shot& s = m_p.shots[i];
        const auto cast = std::find_if(s.cast.begin(), s.cast.end(),
                                       [&](const document::Cast& c) { return c.puppet == m_puppet.id; });
        if (cast == s.cast.end()) return;
        need(20);
        for (const shoot::Ledger::Swap& w : m_film.ledger.swaps) {
            if (w.puppet != m_index || w.shot != static_cast<int>(i)) continue;
            need(12);
            tickBox(left());
            line(tr("Before it, swap the %1 of %2: its %3 is due.")
                     .arg(limbName(w.limb, w.right), copyName(w.copy), jointName(w.limb, w.joint, w.right)),
                 kWarn, kShotIndent);
        }
        need(12);
        tickBox(left(), s.done);
        m_pages.fitText(left() + kShotIndent, m_y + 3.2, width() * 0.45,
                        tr("%1. %2", "number, shot").arg(i + 1).arg(QString::fromStdString(s.name)), 3.4, true);
        QStringList facts{tr("%1 s, on %2").arg(Text::number(s.seconds(), 1)).arg(s.onEach), copyName(cast->copy)};
        if (s.day) facts.prepend(tr("%1 %2", "weekday, day").arg(Text::weekdayName(*s.day), Text::dayName(*s.day)));
        m_pages.fitText(left() + kShotIndent + width() * 0.48, m_y + 3.2, width() * 0.48, facts.join(tr(", ")), 3,
                        false, kGrey);
        m_y += 5.4;
        QStringList worn;
        for (const results::WornJoint& j : m_worn) {
            const double after = j.after[i];
            if (j.copy == cast->copy && !std::isnan(after) && worn.size() < 4)
                worn << tr("%1 %2 %").arg(jointName(j.limb, j.joint, j.right), Text::number(100 * after, 0));
        }
        line(tr("After it: %1").arg(worn.join(tr(", "))), kInk, kShotIndent);
        for (const document::Shot::Break& b : s.breaks)
            if (b.puppet == m_puppet.id)
                line(tr("Broke in frame %1: %2.").arg(b.frame).arg(brokeName(b)), kWarn, kShotIndent);
        m_y += 2;
    }

    QString brokeName(const document::Shot::Break& b) const {
        for (std::size_t l = 0; l < m_puppet.limbs.size(); ++l)
            for (std::size_t j = 0; m_puppet.limbs[l].id == b.limb && j < m_puppet.limbs[l].joints.size(); ++j)
                if (m_puppet.limbs[l].joints[j].id == b.joint)
                    return jointName(static_cast<int>(l), static_cast<int>(j), b.right);
        return tr("a joint that is no longer there");
    }

    const document::Production& m_p;
    const results::ShotWear& m_film;
    int m_index;
    const body::Puppet& m_puppet;
    std::vector<results::WornJoint> m_worn;
};

} // namespace

void drawFilmPages(Pages& pages, const document::Production& production, const results::ShotWear& film, int puppet) {
    FilmDrawer(pages, production, film, puppet).draw();
}

} // namespace enkinet::app
