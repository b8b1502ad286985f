#pragma once
// Motion files and exposure sheets taken into shots: what was read in this session stays at hand, so that what follows
// what can be changed; a file itself is not kept in the production.
#include "document/document.h"
#include "shoot/mapping.h"
#include <QCoreApplication>
#include <map>

namespace enkinet::app {

class ShotMotions {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::ShotMotions)
public:
    explicit ShotMotions(Document& document) : m_document(document) {}
    /// Motion (.bvh) or an exposure sheet (.csv) for the present puppet in a shot. A sentence where it was not taken.
    QString take(const QString& path, int shot);
    /// What the present puppet moves by in a shot, where it was read in this session.
    const shoot::Motion* of(int shot) const;
    /// The same motion with one joint of the puppet following another of the file; from empty: it follows nothing.
    void link(int shot, const document::MotionLink& link, const QString& name);

private:
    using Key = std::pair<std::string, std::string>; ///< shot, puppet
    Key keyOf(int shot) const;
    /// Histories for the present puppet, as one edit.
    void put(int shot, const QString& name, const std::function<void(document::Shot&, document::Cast&)>& fill);
    void put(int shot, const QString& name, const shoot::Motion& motion, const std::vector<document::MotionLink>& links,
             const QString& source = {});

    Document& m_document;
    std::map<Key, shoot::Motion> m_read;
};

/// A cast member of a puppet in a shot; null: not in it.
const document::Cast* findCast(const document::Shot& shot, const body::Puppet& puppet);

} // namespace enkinet::app
