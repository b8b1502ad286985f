// Puppets of the production as wholes: named, doubled, put in order, removed. Each is one undo.
#include "document/edits.h"
#include "shell/window.h"
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

} // namespace enkinet::app
