// What is to be known of the maker's cutting machine; kept for every plan.
#pragma once

#include "app/common/form_rows.h"
#include "core/units/measure.h"
#include "io/cut/cut_file.h"

class QComboBox;

namespace havlo {

class MeasureEdit;

class MachineRows : public FormRows {
  Q_OBJECT

 public:
  explicit MachineRows(QWidget* parent = nullptr);
  const CuttingMachine& machine() const { return m_machine; }
  void setUnits(MeasureStyle units);
  /// In a few words: "finds marks, blade trails 0.25 mm".
  QString summary(MeasureStyle units) const;

 Q_SIGNALS:
  void changed();
  void trouble(const QString& message);

 private:
  CuttingMachine m_machine;
  QComboBox* m_marks;
  MeasureEdit *m_trailing, *m_lost;

  void keep();
};

}  // namespace havlo
