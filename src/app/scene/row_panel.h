// The row being laid: how many, which sizes, how the unavoidable errors are spread; and what comes of it.
#pragma once

#include <QWidget>

#include "app/face/row_draft.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace havlo {

class RowPanel : public QWidget {
  Q_OBJECT

 public:
  explicit RowPanel(RowDraft& row, QWidget* parent = nullptr);

 private:
  RowDraft& m_row;
  QComboBox* m_sizes;
  QSpinBox* m_count;
  QCheckBox *m_balanced, *m_falling;
  QLabel* m_says;
  QPushButton* m_stamp;
  size_t m_known = 0;
  void refresh();
};

}  // namespace havlo
