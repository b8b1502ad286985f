#pragma once
// A row of buttons of one owner: text, name for tests and assistive tools, and the member that each calls.
#include <QHBoxLayout>
#include <QPushButton>
#include <initializer_list>

namespace enkinet::app {

template <class Owner> struct RowButton {
    QString text;
    const char* id;
    void (Owner::*slot)();
};

template <class Owner> QHBoxLayout* makeButtonRow(Owner* owner, std::initializer_list<RowButton<Owner>> buttons) {
    auto* row = new QHBoxLayout;
    for (const RowButton<Owner>& b : buttons) {
        auto* button = new QPushButton(b.text);
        button->setObjectName(b.id);
        row->addWidget(button);
        QObject::connect(button, &QPushButton::clicked, owner, b.slot);
    }
    return row;
}

} // namespace enkinet::app
