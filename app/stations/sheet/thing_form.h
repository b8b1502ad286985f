#pragma once
// The fields of one thing on the body; each shows the document and asks it for changes.
#include "document/document.h"
#include <QWidget>
#include <functional>

class QFormLayout;

namespace enkinet::app {

class ThingForm : public QWidget {
    Q_OBJECT
public:
    ThingForm(Document& document, body::ThingKind kind, int index, QWidget* parent = nullptr);
    /// What is there now.
    void show();

private:
    using Change = std::function<void(body::Things&)>;
    using Entries = QList<std::pair<QString, QVariant>>;
    void change(const QString& name, const Change& mutate, Document::Merge merge = Document::Merge::no);
    const body::Things& things() const { return m_document.puppet().things; }
    Entries spots(bool base) const;
    QList<std::pair<QString, QVariant>> limbs() const;
    Entries clays(const QString& none) const;

    void number(const QString& label, const char* key, int kind, double low, double high, double step, int decimals,
                const std::function<double&(body::Things&)>& of);
    void whole(const QString& label, const char* key, int low, int high, const std::function<int&(body::Things&)>& of);
    /// nowhere: what an empty place is called; empty: there is always one.
    void glueShelf();
    void place(const QString& label, const char* key, bool base, const std::function<body::Spot&(body::Things&)>& of,
               const QString& nowhere = {});
    void word(const QString& label, const char* key, const Entries& entries,
              const std::function<QVariant(const body::Things&)>& get,
              const std::function<void(body::Things&, const QVariant&)>& set);
    void featureForm();
    /// Seconds that one took, and the sides from which it is signed off.
    void timedRows();
    void bondForm();
    void baseForm();
    void otherForms();

    Document& m_document;
    QFormLayout* m_form;
    std::vector<std::function<void()>> m_shows; ///< each field shows what is there now
    body::ThingKind m_kind;
    int m_index;
};

} // namespace enkinet::app
