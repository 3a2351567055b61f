// What the open plan does otherwise than the file it was saved in, and what follows from it at the table.
#pragma once

#include <QDialog>

#include "app/session/job.h"
#include "app/session/plan_session.h"

class QVBoxLayout;

namespace havlo {

class ChangesSheet : public QDialog {
  Q_OBJECT

 public:
  /// Begins to work it out at once; the sheet fills when that is done.
  ChangesSheet(const PlanSession& session, QWidget* parent);

 private:
  struct Told {
    QStringList plan, table;
    QString fault;
  };
  Job<Told>* m_job;
  QVBoxLayout* m_lines;

  void fill(const Told& told);
};

}  // namespace havlo
