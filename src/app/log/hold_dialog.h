// In the middle of the work: a picture of the card held against its step, and what to do about what is seen.
#pragma once

#include <QDialog>
#include <memory>

#include "app/log/compare_work.h"
#include "app/session/job.h"
#include "core/units/measure.h"

class QLabel;
class QPushButton;

namespace havlo {

class KeyedRows;
class PictureBox;
class SvgArt;

class HoldDialog : public QDialog {
  Q_OBJECT

 public:
  /// @param ask  plan, analysis and the step; the picture is chosen here
  HoldDialog(CompareAsk ask, std::shared_ptr<SvgArt> art, MeasureStyle units, QWidget* parent = nullptr);
  /// Without a file the stand-in makes and takes a picture.
  void hold(const QString& file, int quarters = 0);
  JobBase* job() const { return m_job; }

 private:
  CompareAsk m_ask;
  std::shared_ptr<SvgArt> m_art;
  MeasureStyle m_units;
  Job<Result<Compared>>* m_job;
  QLabel* m_head;
  PictureBox* m_card;
  KeyedRows* m_rows;
  QPushButton *m_choose, *m_try, *m_turn;
  QString m_file;
  int m_quarters = 0;

  void show(const Compared& compared);
};

}  // namespace havlo
