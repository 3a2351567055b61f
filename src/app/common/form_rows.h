// Rows of a name and something to fill in, all of one look.
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QHash>
#include <QLabel>
#include <QPushButton>

#include "app/common/sheet_frame.h"

namespace havlo {

class FormRows : public QWidget {
 public:
  explicit FormRows(QWidget* parent = nullptr) : QWidget(parent), m_grid(new QGridLayout(this)) {
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(8);
    m_grid->setVerticalSpacing(5);
    m_grid->setColumnStretch(1, 1);
  }
  /// A name with one or two widgets side by side; the name becomes the widget's own for screen readers.
  QLabel* add(const QString& name, QWidget* field, QWidget* second = nullptr) {
    auto* label = inkLabel(name, labelFont(), theme().soft);
    label->setBuddy(field);
    if (field->accessibleName().isEmpty()) field->setAccessibleName(name);
    // A long choice does not make the whole panel wide.
    if (auto* choice = qobject_cast<QComboBox*>(field)) {
      choice->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
      choice->setMinimumContentsLength(6);
    }
    m_grid->addWidget(label, m_row, 0);
    m_grid->addWidget(field, m_row, 1, 1, second ? 1 : 2);
    if (second) m_grid->addWidget(second, m_row, 2);
    ++m_row;
    m_labels.insert(field, label);
    return label;
  }
  /// Shows or hides a row by its first field.
  void setRowVisible(QWidget* field, bool visible) {
    field->setVisible(visible);
    if (QLabel* label = m_labels.value(field)) label->setVisible(visible);
  }
  /// Two buttons in one line.
  void addPair(QWidget* left, QWidget* right) {
    auto* both = new QWidget;
    auto* line = new QHBoxLayout(both);
    line->setContentsMargins(0, 0, 0, 0);
    line->addWidget(left);
    line->addWidget(right);
    addWide(both);
  }
  void addWide(QWidget* field) { m_grid->addWidget(field, m_row++, 0, 1, 3); }

 private:
  QGridLayout* m_grid;
  QHash<QWidget*, QLabel*> m_labels;
  int m_row = 0;
};

inline QPushButton* plainButton(const QString& text) {
  auto* b = new QPushButton(text);
  b->setProperty("plain", true);
  return b;
}

}  // namespace havlo
