// What comes out of the printer, before it does: every page at a glance, the paper, the size of words,
// without colour.
#pragma once

#include <QDialog>

#include "app/shell/printing.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;

namespace havlo {

class PrintPreview : public QDialog {
  Q_OBJECT

 public:
  PrintPreview(Printing& printing, PrintWish wish, QWidget* parent = nullptr);
  const PrintWish& wish() const { return m_wish; }
  int pages() const { return m_printout ? m_printout->pages : 0; }
  int page() const { return m_page; }
  void turnTo(int page);
  bool atWork() const { return m_job->running(); }

 Q_SIGNALS:
  void printWanted(const havlo::PrintWish& wish);
  void pdfWanted(const havlo::PrintWish& wish);

 protected:
  void resizeEvent(QResizeEvent*) override { showPage(); }
  void keyPressEvent(QKeyEvent* e) override;

 private:
  Printing& m_printing;
  PrintWish m_wish;
  Job<Result<Printout>>* m_job;
  std::optional<Printout> m_printout;
  int m_page = 0;
  QLabel *m_paper, *m_says;
  QPushButton *m_before, *m_after, *m_print, *m_pdf;

  QLayout* buildChoices();
  void make();
  void showPage();
};

/// A page as it is printed, on white. @param fit  no larger than this
QImage pagePicture(const Printout& printout, int page, QSize fit, bool grey);

}  // namespace havlo
