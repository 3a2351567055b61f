// A line that takes a measure as a maker types it, in any unit, and shows it in theirs.
#pragma once

#include <QLineEdit>

#include "core/units/measure.h"

namespace havlo {

class MeasureEdit : public QLineEdit {
  Q_OBJECT

 public:
  /// @param name  what is measured, for screen readers and messages
  explicit MeasureEdit(const QString& name, QWidget* parent = nullptr);
  void setUnits(MeasureStyle units);
  void setMeasure(double mm);
  void clearMeasure();
  double measure() const { return m_mm; }
  bool isEmpty() const { return m_empty; }
  QSize sizeHint() const override;

 Q_SIGNALS:
  void changed(double mm);
  void cleared();
  void trouble(const QString& message);

 protected:
  void focusOutEvent(QFocusEvent*) override;
  void keyPressEvent(QKeyEvent*) override;

 private:
  QString m_name;
  MeasureStyle m_units = MeasureStyle::Inches;
  double m_mm = 0;
  bool m_empty = true;
  void showMeasure();
  void keepRoom();
  void take();
};

}  // namespace havlo
