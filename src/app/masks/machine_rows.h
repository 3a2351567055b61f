// What is to be known of the maker's cutting machine; kept for every plan.
#pragma once

#include "app/common/form_rows.h"
#include "io/cut/cut_file.h"

class QComboBox;
class QDoubleSpinBox;

namespace havlo {

class MachineRows : public FormRows {
  Q_OBJECT

 public:
  explicit MachineRows(QWidget* parent = nullptr);
  const CuttingMachine& machine() const { return m_machine; }
  /// In a few words: "finds printed marks, its blade trails 0.25 mm".
  QString summary() const;

 Q_SIGNALS:
  void changed();

 private:
  CuttingMachine m_machine;
  QComboBox* m_marks;
  QDoubleSpinBox *m_trailing, *m_lost;

  void keep();
};

}  // namespace havlo
