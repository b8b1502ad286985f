#include "stations/shoot/shot_motions.h"
#include "document/translated.h"
#include "files/exposure_sheet.h"
#include "files/motion_file.h"
#include "widgets/fields.h"
#include <QFile>
#include <QFileInfo>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using document::Cast;
using document::MotionLink;
using document::Shot;

const Cast* findCast(const Shot& shot, const body::Puppet& puppet) {
    for (const Cast& c : shot.cast)
        if (c.puppet == puppet.id) return &c;
    return nullptr;
}

ShotMotions::Key ShotMotions::keyOf(int shot) const {
    return {m_document.production().shots[static_cast<std::size_t>(shot)].id, m_document.puppet().id};
}

const shoot::Motion* ShotMotions::of(int shot) const {
    const auto at = m_read.find(keyOf(shot));
    return at == m_read.end() ? nullptr : &at->second;
}

void ShotMotions::put(int shot, const QString& name, const std::function<void(Shot&, Cast&)>& fill) {
    std::vector<Shot> all = m_document.production().shots;
    Shot& s = all[static_cast<std::size_t>(shot)];
    const std::string& puppet = m_document.puppet().id;
    auto at = std::find_if(s.cast.begin(), s.cast.end(), [&](const Cast& c) { return c.puppet == puppet; });
    if (at == s.cast.end()) at = s.cast.insert(s.cast.end(), {puppet});
    at->poses.clear(), at->links.clear();
    fill(s, *at);
    m_document.change(name, [&](const document::Edits& e) { return e.setShots(all); });
}

void ShotMotions::put(int shot, const QString& name, const shoot::Motion& motion, const std::vector<MotionLink>& links,
                      const QString& source) {
    const body::Puppet& puppet = m_document.puppet();
    const auto mapping = shoot::proposeMapping(motion, puppet, links);
    put(shot, name, [&](Shot& s, Cast& c) {
        if (!source.isEmpty()) s.source = source.toStdString();
        s.frames = std::max(1, static_cast<int>(std::lround(motion.frames() * motion.frameTime_s * s.fps)));
        c.histories = shoot::calcHistories(motion, mapping, puppet, s.fps, s.onEach);
        c.links = shoot::makeLinks(motion, mapping);
        for (const MotionLink& l : links)
            if (l.from.empty()) c.links.push_back(l);
    });
}

QString ShotMotions::take(const QString& path, int shot) {
    const body::Puppet& puppet = m_document.puppet();
    const auto& all = m_document.production().shots;
    const Shot& now = all[static_cast<std::size_t>(shot)];
    const QString name = QFileInfo(path).fileName(), said = tr("Motion from %1").arg(name);
    if (name.endsWith(".csv", Qt::CaseInsensitive)) {
        QFile file(path);
        if (!file.open(QIODevice::ReadOnly) || file.size() > (16 << 20))
            return tr("%1 cannot be read, or is too large").arg(name);
        const auto sheet = files::parseExposureSheet(file.readAll().toStdString(), puppet, now.frames, now.onEach);
        if (!sheet) return translated(sheet.fault());
        m_read.erase(keyOf(shot));
        put(shot, said, [&](Shot& s, Cast& c) { s.source = name.toStdString(), c.histories = *sheet; });
        return {};
    }
    auto motion = files::loadMotion(path.toStdString());
    if (!motion) return translated(motion.fault());
    // As it was linked before, in this shot or in the latest other one of this puppet.
    std::vector<MotionLink> links;
    if (const Cast* here = findCast(now, puppet)) links = here->links;
    for (std::size_t i = all.size(); links.empty() && i-- > 0;)
        if (const Cast* c = findCast(all[i], puppet)) links = c->links;
    if (shoot::proposeMapping(*motion, puppet, links).empty())
        return tr("no joint of %1 is called like one of %2: give the joints such names as knee or elbow, or take "
                  "an exposure sheet")
            .arg(name, QString::fromStdString(puppet.name));
    const shoot::Motion& kept = m_read[keyOf(shot)] = motion.take();
    put(shot, said, kept, links, name);
    if (kept.rowsLeftOut > 0)
        sayNotTaken(tr("%1 says that it has %n frame(s)", nullptr, kept.frames()).arg(name) +
                    tr(" and holds %n more: left out", nullptr, kept.rowsLeftOut));
    return {};
}

void ShotMotions::link(int shot, const MotionLink& link, const QString& name) {
    const Cast* cast = findCast(m_document.production().shots[static_cast<std::size_t>(shot)], m_document.puppet());
    const shoot::Motion* motion = of(shot);
    if (!motion || !cast) return;
    std::vector<MotionLink> links = cast->links;
    std::erase_if(links,
                  [&](const auto& l) { return l.limb == link.limb && l.joint == link.joint && l.right == link.right; });
    links.push_back(link);
    put(shot, name, *motion, links);
}

} // namespace enkinet::app
