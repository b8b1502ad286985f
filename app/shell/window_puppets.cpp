// Puppets of the production as wholes: named, doubled, put in order, removed. Each is one undo.
#include "document/edits.h"
#include "document/shipped_names.h"
#include "document/translated.h"
#include "files/container.h"
#include "shell/window.h"
#include "words/text.h"
#include <QFileInfo>
#include <QInputDialog>

namespace enkinet::app {

void Window::renamePuppet() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to rename"));
    bool done = false;
    const QString name = QInputDialog::getText(this, tr("Rename"), tr("Name of the puppet"), QLineEdit::Normal,
                                               QString::fromStdString(m_document.puppet().name), &done)
                             .trimmed();
    if (!done || name.isEmpty()) return;
    m_document.change(tr("Rename to %1").arg(name),
                      [&](const document::Edits& e) { return e.setName(name.toStdString()); });
}

void Window::duplicatePuppet() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to duplicate"));
    const bool done = m_document.change(
        tr("Duplicate %1").arg(QString::fromStdString(m_document.puppet().name)), [this](const document::Edits&) {
            return document::adoptPuppet(m_document.production(), m_document.production(), m_document.puppetIndex(),
                                         m_document.shippedCards());
        });
    if (done) m_document.showPuppet(static_cast<int>(m_document.production().puppets.size()) - 1);
}

void Window::dropPuppet() {
    if (!m_document.hasPuppet()) return say(tr("there is no puppet to remove"));
    m_document.change(
        tr("Remove %1").arg(QString::fromStdString(m_document.puppet().name)), [this](const document::Edits&) {
            return document::removePuppet(m_document.production(), m_document.shippedCards(), m_document.puppet().id);
        });
}

void Window::movePuppet(int by) {
    if (!m_document.hasPuppet()) return;
    const int to = m_document.puppetIndex() + by;
    if (to < 0 || to >= static_cast<int>(m_document.production().puppets.size())) return;
    const bool done = m_document.change(
        tr("Move %1").arg(QString::fromStdString(m_document.puppet().name)), [this, by](const document::Edits&) {
            return document::movePuppet(m_document.production(), m_document.shippedCards(), m_document.puppet().id, by);
        });
    if (done) m_document.showPuppet(to);
}

void Window::startKind(const QString& kind, double size_mm) {
    if (const QString fault = m_document.openCopy(kindPath(kind)); !fault.isEmpty()) return say(fault);
    // Typed is what this kind is measured by; all of it grows with that.
    const body::Puppet& drawn = m_document.puppet();
    const double own = body::findSize(drawn, sizeKindOf(kind));
    const double height_mm = own > 0 ? drawn.height_mm * size_mm / own : size_mm;
    m_document.change(tr("Height %1").arg(Text::length(height_mm, 0)), [&](const document::Edits& e) {
        auto started = e.startAt(height_mm);
        if (!started) return started;
        document::Production p = started.take();
        nameInWindowLanguage(p.puppets.front());
        return Result<document::Production>(std::move(p));
    });
}

void Window::addKind(const QString& kind) {
    if (!m_document.hasPuppet()) return startKind(kind, 200);
    auto loaded = files::loadProduction(kindPath(kind).toStdString(), m_document.shippedCards());
    if (!loaded) return say(translated(loaded.fault()));
    const auto source = loaded.take().production;
    const auto adopt = [&](const document::Edits&) {
        document::Production named = source;
        nameInWindowLanguage(named.puppets.front());
        return document::adoptPuppet(m_document.production(), named, 0, m_document.shippedCards());
    };
    if (m_document.change(tr("Add a puppet"), adopt))
        m_document.showPuppet(static_cast<int>(m_document.production().puppets.size()) - 1);
}

void Window::importPuppets(const QString& path) {
    auto loaded = files::loadProduction(path.toStdString(), m_document.shippedCards());
    if (!loaded) return say(translated(loaded.fault()));
    const auto source = loaded.take().production;
    if (!m_document.hasPuppet()) {
        if (const QString fault = m_document.openCopy(path); !fault.isEmpty()) say(fault);
        return;
    }
    m_document.change(tr("Import puppets of %1").arg(QFileInfo(path).completeBaseName()),
                      [&](const document::Edits&) -> Result<document::Production> {
                          document::Production p = m_document.production();
                          for (std::size_t i = 0; i < source.puppets.size(); ++i) {
                              auto next =
                                  document::adoptPuppet(p, source, static_cast<int>(i), m_document.shippedCards());
                              if (!next) return next.fault();
                              p = next.take();
                          }
                          return p;
                      });
}

} // namespace enkinet::app
