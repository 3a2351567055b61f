// The masks as real things: each one's shape and fiddly parts, their layout on masking sheets, cut files and
// a try on the stand-in cutter.
#pragma once

#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_job.h"
#include "core/cutting/cutter.h"
#include "io/cut/cut_file.h"

class QComboBox;
class QLabel;
class QPushButton;

namespace havlo {

class ChoiceList;
class MachineRows;
class MaskView;
class MeasureEdit;
class PictureBox;
class SvgArt;

class MasksPage : public QWidget {
  Q_OBJECT

 public:
  MasksPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  MaskView& view() { return *m_view; }
  ChoiceList& list() { return *m_list; }
  /// The newest layout there is.
  const MaskJob& job() const { return m_job; }
  void choose(const std::string& stamp);
  /// Runs what would be written in the chosen format through the stand-in cutter.
  void tryCutter();
  void writeTo(const QString& path, CutFormat format);
  const std::vector<CutReport>& reports() const { return m_reports; }
  /// Begins what waits until it is looked at.
  void beginWork();

 Q_SIGNALS:
  void printRequested();
  void done(const QString& message);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  MaskView* m_view;
  ChoiceList* m_list;
  QLabel *m_words, *m_layoutWords, *m_cutWords;
  QComboBox *m_sheet, *m_sticky, *m_foot, *m_format;
  MeasureEdit *m_width, *m_height, *m_band;
  MachineRows* m_machine;
  QWidget* m_sheetRows;
  QPushButton* m_machineFold;
  PictureBox* m_picture;
  QPushButton *m_next, *m_save, *m_try;
  /// What the stand-in cutter made of the file.
  struct Tried {
    std::vector<CutReport> reports;
    QImage picture;
    std::optional<double>
        beside_mm;  ///< a sheet laid in askew was found by its marks: cuts lie so far beside the print
  };
  PlanState m_of;  // of m_job
  MaskJob m_job;
  std::vector<CutReport> m_reports;
  QImage m_cutPicture;
  std::optional<double> m_beside_mm;
  int m_sheetShown = 0;
  bool m_stale = true, m_showing = false;
  PlanJob<MaskJob>* m_layingOut;
  PlanJob<Result<Tried>>* m_trying;

  QWidget* buildSheets();
  void planChanged();
  void layOutNow();
  void showStamp();
  void showLayout();
  void change(const QString& label, const std::function<void(Supplies&)>& change);
  /// As they are saved; what is to be printed keeps the outlines.
  std::vector<LabelledSheet> sheets(CutFormat format) const;
  CutFormat format() const;
  void machineChanged();
  QString title() const;
  void chooseFile();
  static Result<Tried> tried(CutFormat format, const QString& title, const std::vector<LabelledSheet>& sheets,
                             const CuttingMachine& machine);
};

}  // namespace havlo
