// Printing and exporting: printouts made off the interface thread, then painted to a printer or a PDF file.
#pragma once

#include <QObject>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "io/print/sheets.h"

namespace havlo {

class SvgArt;

enum class PrintoutKind { Placement, Pencil, Masks, RunSheet, Calibration, TapedStamps, CutList };

class Printing : public QObject {
  Q_OBJECT

 public:
  Printing(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* window);

  /// Asks for a printer, then prints at true size.
  void print(PrintoutKind kind);
  /// Asks for a file, then writes a PDF.
  void exportPdf(PrintoutKind kind);
  void exportPdfTo(PrintoutKind kind, const QString& path);
  void setSheet(Sheet sheet) { m_sheet = sheet; }
  const Sheet& sheet() const { return m_sheet; }
  void stop() { m_job->cancel(); }
  /// What the cut list is made of: the drawer's sheets as the maker sees them. Empty: the usual sheet alone.
  void setCuts(std::vector<DrawerCut> cuts) { m_cuts = std::move(cuts); }

 Q_SIGNALS:
  void started(const QString& what);
  void progressed(double share);
  void done(const QString& message);
  void trouble(const QString& message);
  void noPrinter(PrintoutKind kind);  ///< there is none to print on

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  QWidget* m_window;
  Sheet m_sheet = Sheet::a4();
  std::vector<DrawerCut> m_cuts;
  Job<Result<Printout>>* m_job;

  std::function<Result<Printout>(const Progress&)> maker(PrintoutKind kind, const Sheet& sheet,
                                                         const QString& alsoWriteTo) const;
};

QString nameOf(PrintoutKind kind);

}  // namespace havlo
