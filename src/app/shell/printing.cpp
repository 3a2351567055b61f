// The run sheet needs a simulation for its pictures; that and the writing of files happen in the job.
#include "app/shell/printing.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QPrintDialog>
#include <QPrinter>
#include <QPrinterInfo>

#include "app/theme/theme.h"
#include "core/chain/chain.h"
#include "core/pieces/face_plan.h"
#include "io/art/svg_art.h"
#include "io/wording/piece_words.h"

namespace havlo {

QString nameOf(PrintoutKind kind) {
  switch (kind) {
    case PrintoutKind::Placement:
      return QCoreApplication::translate("Printing", "placement sheet");
    case PrintoutKind::Pencil:
      return QCoreApplication::translate("Printing", "pencil sheet");
    case PrintoutKind::Masks:
      return QCoreApplication::translate("Printing", "masks");
    case PrintoutKind::RunSheet:
      return QCoreApplication::translate("Printing", "run sheet");
    case PrintoutKind::Calibration:
      return QCoreApplication::translate("Printing", "calibration square");
    case PrintoutKind::TapedStamps:
      return QCoreApplication::translate("Printing", "stamps to tape");
    case PrintoutKind::CutList:
      return QCoreApplication::translate("Printing", "cut list");
  }
  return {};
}

Printing::Printing(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* window)
    : QObject(window),
      m_session(session),
      m_art(std::move(art)),
      m_window(window),
      m_job(new Job<Result<Printout>>(this)) {
  connect(m_job, &JobBase::progressed, this, &Printing::progressed);
}

std::function<Result<Printout>(const Progress&)> Printing::maker(PrintoutKind kind, const Sheet& sheet,
                                                                 const QString& file) const {
  return [plan = m_session.snapshot(), whole = m_session.wholeSnapshot(), quick = m_session.analysis(),
          art = m_art, style = m_session.units(), cuts = m_cuts, kind, sheet,
          file](const Progress& progress) -> Result<Printout> {
    const AnalysisRef analysis =
        quick->orderState.from == OrderState::From::Quick ? withBestOrder(*plan, quick, {}, progress) : quick;
    Printout out;
    switch (kind) {
      case PrintoutKind::Placement:
        out = placementSheet(*plan, *analysis, style, sheet);
        break;
      case PrintoutKind::Pencil:
        out = pencilSheet(*plan, *analysis, style, sheet);
        break;
      case PrintoutKind::Masks:
        out = maskSheet(*plan, *analysis, sheet);
        break;
      case PrintoutKind::Calibration:
        out = calibrationPage(sheet);
        break;
      case PrintoutKind::TapedStamps:
        out = tapedStamps(*plan, *analysis, sheet);
        break;
      case PrintoutKind::CutList:
        out = cutListPages(
            *whole, cuts.empty() ? cutFromDrawer(*whole, {}, {"", sheet.width_mm, sheet.height_mm, 1}) : cuts,
            style, sheet);
        break;
      case PrintoutKind::RunSheet: {
        std::vector<Chapter> chapters{{*plan, analysis, {}}};
        const QString title =
            plan->title.empty() ? QString() : QString::fromStdString(plan->title) + QStringLiteral(": ");
        // Of the front: the inside and the envelope come along.
        for (const int piece : printedFaces(*plan)) {
          Plan face = facePlan(*plan, piece);
          face.title = (title + pieceName(*plan, piece)).toStdString();
          chapters.push_back(
              {face, withBestOrder(face, analyse(face, nullptr, art.get()), {}, progress), {}});
        }
        for (Chapter& c : chapters) {
          auto pictures = stepPictures(c.plan, *c.analysis, *art, runSheetDpi(c.plan, *c.analysis),
                                       lightTheme().green, progress);
          if (!pictures) return pictures.error();
          c.pictures = std::move(pictures.value().steps);
        }
        out = runSheetOf(chapters, style, sheet);
        break;
      }
    }
    if (!file.isEmpty())
      if (const auto saved = writePdf(file, out); !saved) return saved.error();
    return out;
  };
}

void Printing::exportPdfTo(PrintoutKind kind, const QString& path) {
  Q_EMIT started(tr("Writing the %1").arg(nameOf(kind)));
  m_job->run(maker(kind, m_sheet, path), [this, kind, path](Result<Printout> result) {
    if (!result) {
      if (result.error().code != ErrorCode::Stopped)
        Q_EMIT trouble(QString::fromStdString(result.error().message));
      Q_EMIT done({});
      return;
    }
    Q_EMIT done(tr("The %1 is in %2, %3 pages at true size.")
                    .arg(nameOf(kind), QFileInfo(path).fileName())
                    .arg(result.value().pages));
  });
}

void Printing::exportPdf(PrintoutKind kind) {
  const QString folder = m_session.path().isEmpty() ? QDir::homePath() : QFileInfo(m_session.path()).path();
  QString base = m_session.title();
  base.replace(u'/', u'-');
  QFileDialog dialog(m_window, tr("Where to put the %1").arg(nameOf(kind)), folder, tr("PDF files (*.pdf)"));
  dialog.setOption(QFileDialog::DontUseNativeDialog);
  dialog.setAcceptMode(QFileDialog::AcceptSave);
  dialog.setDefaultSuffix(QStringLiteral("pdf"));
  dialog.selectFile(base + QStringLiteral(", ") + nameOf(kind) + QStringLiteral(".pdf"));
  if (dialog.exec() == QDialog::Accepted) exportPdfTo(kind, dialog.selectedFiles().constFirst());
}

void Printing::print(PrintoutKind kind) {
  Q_EMIT started(tr("Preparing the %1").arg(nameOf(kind)));
  if (QPrinterInfo::availablePrinterNames().isEmpty()) {
    Q_EMIT done({});
    return Q_EMIT noPrinter(kind);
  }
  m_job->run(maker(kind, m_sheet, {}), [this, kind](Result<Printout> result) {
    Q_EMIT done({});
    if (!result) {
      if (result.error().code != ErrorCode::Stopped)
        Q_EMIT trouble(QString::fromStdString(result.error().message));
      return;
    }
    const Printout printout = std::move(result).value();
    QPrinter printer(QPrinter::HighResolution);
    printer.setFullPage(true);
    printer.setPageSize(QPageSize(printout.sheet.id));
    printer.setPageOrientation(printout.sheet.width_mm > printout.sheet.height_mm ? QPageLayout::Landscape
                                                                                  : QPageLayout::Portrait);
    printer.setDocName(printout.title);
    QPrintDialog dialog(&printer, m_window);
    dialog.setWindowTitle(tr("Print the %1").arg(nameOf(kind)));
    if (dialog.exec() != QDialog::Accepted) return;
    QPainter painter;
    if (!painter.begin(&printer))
      return Q_EMIT trouble(tr("The printer did not take the %1.").arg(nameOf(kind)));
    for (int page = 0; page < printout.pages; ++page) {
      if (page > 0) printer.newPage();
      painter.resetTransform();
      painter.scale(printer.resolution() / kMmPerInch, printer.resolution() / kMmPerInch);
      printout.draw(painter, page);
    }
  });
}

}  // namespace havlo
