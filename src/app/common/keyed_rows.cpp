#include "app/common/keyed_rows.h"

#include "app/common/shaped_text.h"

namespace havlo {

KeyedRows::KeyedRows(QWidget* parent) : QWidget(parent), m_grid(new QGridLayout(this)) {
  m_grid->setContentsMargins(0, 0, 0, 0);
}

void KeyedRows::begin() {
  m_named.clear();
  m_row = -1;
}

void KeyedRows::next(const QString& key) {
  m_key = key;
  ++m_row;
  m_column = 0, m_span = 1;
}

void KeyedRows::put(const QString& name, QWidget* cell, Qt::Alignment alignment) {
  QPointer<QWidget>& slot = m_cells[name];
  if (slot && slot != cell) {
    m_grid->removeWidget(slot);
    slot->hide();
    slot->deleteLater();
  }
  slot = cell;
  m_named.insert(name);
  int row = -1, column = -1, rows = 0, columns = 0;
  if (const int at = m_grid->indexOf(cell); at >= 0)
    m_grid->getItemPosition(at, &row, &column, &rows, &columns);
  if (row != m_row || column != m_column || columns != m_span) {
    const bool fresh = row < 0;
    if (!fresh) m_grid->removeWidget(cell);
    m_grid->addWidget(cell, m_row, m_column, 1, m_span, alignment);
    if (fresh) cell->show();
  }
  m_column += m_span, m_span = 1;
}

QLabel* KeyedRows::label(const QString& text, const QFont& font, const QColor& ink, bool wrap,
                         Qt::Alignment alignment) {
  auto* label = cell<QLabel>([&] { return inkLabel({}, font, ink, wrap); }, alignment);
  showText(label, text);
  if (label->font() != font) label->setFont(font);
  if (label->palette().color(QPalette::WindowText) != ink) setInk(label, ink);
  return label;
}

void KeyedRows::end(bool fill) {
  for (auto it = m_cells.begin(); it != m_cells.end();) {
    if (m_named.contains(it.key())) {
      ++it;
      continue;
    }
    if (QWidget* gone = it.value()) {
      m_grid->removeWidget(gone);
      gone->hide();
      gone->deleteLater();  // it may be what is being clicked
    }
    it = m_cells.erase(it);
  }
  if (m_filled >= 0) m_grid->setRowStretch(m_filled, 0);
  m_filled = fill ? m_row + 1 : -1;
  if (fill) m_grid->setRowStretch(m_filled, 1);
}

void showText(QLabel* label, const QString& text) {
  if (const QString kept = keptTogether(text); label->text() != kept) label->setText(kept);
}

}  // namespace havlo
