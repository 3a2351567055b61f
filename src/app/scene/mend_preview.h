// Before and after of a mend, side by side, with what the eye does on each; it is taken or left from here.
#pragma once

#include <QDialog>
#include <memory>

#include "app/session/job.h"
#include "core/analysis/analysis.h"
#include "core/focus/looks.h"

class QLabel;
class QPushButton;

namespace havlo {

class PictureBox;
class SvgArt;

class MendPreview : public QDialog {
  Q_OBJECT

 public:
  /// @param fix  of the plan; nothing is changed unless taken() is said
  MendPreview(std::shared_ptr<const Plan> plan, const Fix& fix, const QString& what,
              std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

 Q_SIGNALS:
  void taken();

 private:
  struct Side {
    QImage picture;
    QString told;
    std::vector<QPointF> places;  ///< where the thing is that changes, as shares
  };
  struct Both {
    Side before, after;
    QString said;  ///< one sentence about the difference
  };
  Job<Result<Both>>* m_job;
  PictureBox* m_pictures[2];
  QLabel *m_told[2], *m_said;
  QPushButton* m_take;

  static Result<Both> looked(const Plan& plan, const Fix& fix, SvgArt& art, const Progress& progress);
  void display(const Both& both);
};

}  // namespace havlo
