// The schools: this plan done wholly by each of them, and for every thing the one that suits it.
#pragma once

#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_job.h"
#include "core/schools/compare.h"

class QComboBox;
class QGridLayout;
class QLabel;
class QProgressBar;
class QPushButton;

namespace havlo {

class KeyedRows;

class SvgArt;

class SchoolsPage : public QWidget {
  Q_OBJECT

 public:
  SchoolsPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  const std::vector<SchoolResult>& results() const { return m_compared.ways; }
  /// Prints without a mask what masks save next to nothing on.
  void leaveOut();
  /// Begins what waits until it is looked at.
  void beginWork();
  /// Gives every thing the school that is advised for it.
  void takeAdvice();

 Q_SIGNALS:
  void printTapedRequested();

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  PlanJob<Result<SchoolComparison>>* m_job;
  SchoolComparison m_compared;  // of the plan as it is, once there is one
  bool m_known = false;
  bool m_stale = true;
  KeyedRows *m_table, *m_things;
  QProgressBar* m_progress;
  QComboBox* m_default;
  QPushButton *m_take, *m_print, *m_leave;
  QLabel* m_little;

  QWidget* buildWhole();
  QWidget* buildThings();
  void planChanged();
  void work();
  void showTable();
  void showThings();
  std::vector<SchoolAdvice> advice() const;
  std::vector<MaskSaving> little() const;
  void showThing(const SchoolAdvice& advice);
  void chooseSchool(const std::string& impression, School school);
  static bool better(const Plan& plan, const SchoolAdvice& advice);
};

}  // namespace havlo
