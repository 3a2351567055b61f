// What Havlo has learnt of the hands at work, and how it knows; whose they are; what can be set.
#pragma once

#include "app/common/sheet_frame.h"
#include "app/session/log_session.h"
#include "core/units/measure.h"

class QComboBox;

namespace havlo {

class KeyedRows;

class LearntPage : public QWidget {
  Q_OBJECT

 public:
  LearntPage(LogSession& log, QWidget* parent = nullptr);
  void setUnits(MeasureStyle units);
  void refresh();

 Q_SIGNALS:
  /// What was learnt of an ink is to be written into its table.
  void inkLearnt(const havlo::LearntInk& ink);

 private:
  LogSession& m_log;
  MeasureStyle m_units = MeasureStyle::Millimetres;
  QComboBox* m_hands;
  QLabel* m_head;
  KeyedRows* m_rows;

  void setOwn(Trait trait);
  void sizeAndPositioner(const MakerLearnt& learnt, const LearnSettings& settings);
  void addPerson();
};

}  // namespace havlo
