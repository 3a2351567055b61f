// The line of work, station by station, and what all of it takes.
#pragma once

#include <QWidget>

#include "core/batch/line_of_work.h"
#include "core/batch/shopping.h"
#include "core/units/measure.h"

class QLabel;

namespace havlo {

class KeyedRows;

class BatchView : public QWidget {
  Q_OBJECT

 public:
  explicit BatchView(QWidget* parent = nullptr);
  /// @param batch  null: it is being worked out
  void show(const Plan& plan, const Batch* batch, const std::vector<StockNeed>& needs, MeasureStyle style);

 private:
  QLabel* m_facts;
  KeyedRows *m_stations, *m_needs;
};

}  // namespace havlo
