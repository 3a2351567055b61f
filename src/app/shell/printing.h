// Printing and exporting: printouts made off the interface thread, then painted to a printer or a PDF file.
#pragma once

#include <QObject>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "io/print/sheets.h"

class QPrinter;

namespace havlo {

class SvgArt;

enum class PrintoutKind { Placement, Pencil, Masks, RunSheet, Calibration, TapedStamps, CutList, Class };

inline constexpr double kLargeType = 1.6;  ///< how much larger words are on a sheet in large type

struct PrintWish {
  PrintoutKind kind = PrintoutKind::Placement;
  Sheet sheet;
  bool grey = false;  ///< without colour
};

class Printing : public QObject {
  Q_OBJECT

 public:
  Printing(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* window);

  /// Shows what would be printed; from there it is printed or saved.
  void print(PrintoutKind kind);
  /// Asks for a printer, then prints at true size.
  void toPrinter(const PrintWish& wish);
  /// Asks for a file, then writes a PDF.
  void exportPdf(const PrintWish& wish);
  void exportPdfTo(const PrintWish& wish, const QString& path);
  /// Onto a printer, or a file that is one. @return  false where it takes nothing
  static bool paint(const Printout& printout, QPrinter& printer);
  PrintWish wishFor(PrintoutKind kind) const { return {kind, m_sheet, m_grey}; }
  /// What makes a printout, on a worker. @param alsoWriteTo  a PDF file; empty: none
  std::function<Result<Printout>(const Progress&)> maker(const PrintWish& wish,
                                                         const QString& alsoWriteTo) const;
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
  void noPrinter(const havlo::PrintWish& wish);  ///< there is none to print on

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  QWidget* m_window;
  Sheet m_sheet = Sheet::a4();
  std::vector<DrawerCut> m_cuts;
  bool m_grey = false;  ///< as it was wanted last
  Job<Result<Printout>>* m_job;

  /// Why such a sheet of this card would be empty; nothing where it would not.
  QString nothingOf(PrintoutKind kind) const;
};

QString nameOf(PrintoutKind kind);

}  // namespace havlo
