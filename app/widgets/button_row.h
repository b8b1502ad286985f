#pragma once
// A row of buttons: text, name for tests and assistive tools, and what each does.
#include "widgets/flow.h"
#include <QPushButton>
#include <functional>
#include <initializer_list>

namespace enkinet::app {

struct RowButton {
    QString text;
    const char* id;
    std::function<void()> slot;
};

inline Flow* makeButtonRow(QObject* owner, std::initializer_list<RowButton> buttons) {
    auto* row = new Flow;
    for (const RowButton& b : buttons) {
        auto* button = new QPushButton(b.text);
        button->setObjectName(b.id);
        row->addWidget(button);
        QObject::connect(button, &QPushButton::clicked, owner, b.slot);
    }
    return row;
}

} // namespace enkinet::app
