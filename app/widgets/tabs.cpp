#include "widgets/tabs.h"
#include "widgets/flow.h"
#include <QPushButton>

namespace enkinet::app {

Tabs::Tabs(QWidget* parent) : QWidget(parent), m_row(new Flow(8)) { setLayout(m_row); }

void Tabs::add(const QString& word, const QString& name, QWidget* page) {
    auto* b = new QPushButton(word);
    b->setProperty("role", "tab");
    b->setCheckable(true);
    b->setAccessibleName(name);
    b->setObjectName("tab" + QString::number(m_words.size()));
    const int index = static_cast<int>(m_words.size());
    connect(b, &QPushButton::clicked, this, [this, index] { setCurrent(index); });
    m_row->addWidget(b);
    m_words.push_back(b);
    m_pages.push_back(page);
    b->setChecked(index == m_current);
    page->setVisible(index == m_current);
}

void Tabs::setCurrent(int index) {
    m_current = index;
    for (std::size_t i = 0; i < m_words.size(); ++i) {
        m_words[i]->setChecked(static_cast<int>(i) == index);
        m_pages[i]->setVisible(static_cast<int>(i) == index);
    }
    Q_EMIT changed(index);
}

} // namespace enkinet::app
