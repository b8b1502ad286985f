#pragma once
// Things on the body: what sits on it, what holds it, what it stands on; the picture of the one in hand and what it
// asks: a ball to roll, a seat to make, holes to drill.
#include "document/document.h"
#include <QWidget>
#include <functional>

class QFormLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace enkinet::app {

class ThingPicture;

enum class ThingKind { none, feature, bond, base, sheet, run, prop, variant };

class ThingsLeaf : public QWidget {
    Q_OBJECT
public:
    explicit ThingsLeaf(Document& document, QWidget* parent = nullptr);
    void show();
    ThingKind kind() const { return m_kind; }
    int index() const { return m_index; }

private:
    using Change = std::function<void(body::Things&)>;
    void change(const QString& name, const Change& mutate, const QString& key = {});
    void add(ThingKind kind);
    void remove();
    void choose(int row);
    void makeForm();
    void showAnswer();
    const body::Things& things() const { return m_document.puppet().things; }
    /// The place in hand, or the first there is.
    body::Spot spotInHand() const;
    QList<std::pair<QString, QVariant>> spots(bool base) const;
    QString freshId(const QString& from) const;

    void number(const QString& label, const char* key, int kind, double low, double high, double step, int decimals,
                const std::function<double&(body::Things&)>& of);
    void whole(const QString& label, const char* key, int low, int high, const std::function<int&(body::Things&)>& of);
    void place(const QString& label, const char* key, bool base, const std::function<body::Spot&(body::Things&)>& of);
    void word(const QString& label, const char* key, const QList<std::pair<QString, QVariant>>& entries,
              const std::function<QVariant(const body::Things&)>& get,
              const std::function<void(body::Things&, const QVariant&)>& set);
    void featureForm();
    void bondForm();
    void baseForm();
    void otherForms();

    Document& m_document;
    QListWidget* m_list;
    QPushButton *m_add, *m_remove;
    QLineEdit* m_name;
    ThingPicture* m_picture;
    QLabel* m_answer;
    QWidget* m_fields = nullptr;
    QFormLayout* m_form = nullptr;
    std::vector<std::function<void()>> m_shows; ///< each field shows what is there now
    ThingKind m_kind = ThingKind::none;
    int m_index = -1;
    QString m_formOf;
};

} // namespace enkinet::app
