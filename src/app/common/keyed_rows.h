// A list of rows that is brought up to date in place: a row has a key and lives as long as the key does. What
// is being clicked or typed in keeps the focus, and is never deleted while it speaks.
#pragma once

#include <QGridLayout>
#include <QHash>
#include <QLabel>
#include <QPointer>
#include <QSet>
#include <QWidget>

#include "app/common/sheet_frame.h"

namespace havlo {

/// Use: begin(); for each row next(key) and its cells from left to right; end(). A cell is known by its row,
/// its column and its class; it is made when it is first asked for, and only changed afterwards.
class KeyedRows : public QWidget {
 public:
  explicit KeyedRows(QWidget* parent = nullptr);

  QGridLayout* grid() const { return m_grid; }

  void begin();
  void next(const QString& key);
  /// The next cell takes so many columns.
  void wide(int columns) { m_span = columns; }
  /// Leaves columns empty.
  void skip(int columns = 1) { m_column += columns; }

  /// @param make  returns a new W; called the first time only, so connect in it, by the row's key
  template <typename W, typename Make>
  W* cell(Make make, Qt::Alignment alignment = {}) {
    const QString name = cellName();
    auto* known = dynamic_cast<W*>(m_cells.value(name).data());
    if (!known) known = make();
    put(name, known, alignment);
    return known;
  }
  QLabel* label(const QString& text, const QFont& font, const QColor& ink, bool wrap = false,
                Qt::Alignment alignment = {});

  /// Takes away what was not named since begin(). @param fill  leaves the room below the last row free
  void end(bool fill = true);

 private:
  QGridLayout* m_grid;
  QHash<QString, QPointer<QWidget>> m_cells;
  QSet<QString> m_named;
  QString m_key;
  int m_row = -1, m_column = 0, m_span = 1, m_filled = -1;

  QString cellName() const { return m_key + QLatin1Char('\n') + QString::number(m_column); }
  void put(const QString& name, QWidget* cell, Qt::Alignment alignment);
};

/// Sets what differs only, so that nothing flickers and a reader of the screen is not told twice; a number
/// stays with its unit.
void showText(QLabel* label, const QString& text);

}  // namespace havlo
