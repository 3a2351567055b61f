// The run sheet needs a simulation for its pictures; that and the writing of files happen in the job.
#include "app/shell/printing.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QPrintDialog>
#include <QPrinter>
#include <QPrinterInfo>
#include <QTemporaryDir>

#include "app/files/file_chooser.h"
#include "app/session/class_wish.h"
#include "app/shell/print_preview.h"
#include "app/theme/theme.h"
#include "core/batch/shopping.h"
#include "core/chain/chain.h"
#include "core/pieces/face_plan.h"
#include "io/art/svg_art.h"
#include "io/files/plan_file.h"
#include "io/wording/error_words.h"
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
    case PrintoutKind::Class:
      return QCoreApplication::translate("Printing", "sheet for a class");
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

namespace {

/// A PDF without colour: the printing side of Qt knows how, the writer of PDFs does not.
Result<Done> writeGreyPdf(const QString& path, const Printout& printout) {
  QTemporaryDir folder;
  if (!folder.isValid()) return Error{ErrorCode::CannotWrite, "there is no room for a file on the way", {}};
  const QString made = folder.filePath(QStringLiteral("grey.pdf"));
  {
    QPrinter printer(QPrinter::HighResolution);
    printer.setOutputFormat(QPrinter::PdfFormat);
    printer.setOutputFileName(made);
    printer.setColorMode(QPrinter::GrayScale);
    if (!Printing::paint(printout, printer))
      return Error{ErrorCode::CannotWrite, "the PDF could not be made", {}};
  }
  QFile file(made);
  if (!file.open(QIODevice::ReadOnly)) return Error{ErrorCode::CannotWrite, "the PDF could not be made", {}};
  return saveWhole(path, file.readAll());
}

}  // namespace

bool Printing::paint(const Printout& printout, QPrinter& printer) {
  printer.setFullPage(true);
  printer.setPageSize(QPageSize(printout.sheet.id));
  printer.setPageOrientation(printout.sheet.width_mm > printout.sheet.height_mm ? QPageLayout::Landscape
                                                                                : QPageLayout::Portrait);
  printer.setDocName(printout.title);
  QPainter painter;
  if (!painter.begin(&printer)) return false;
  painter.setRenderHint(QPainter::Antialiasing);
  for (int page = 0; page < printout.pages; ++page) {
    if (page > 0) printer.newPage();
    painter.resetTransform();
    painter.scale(printer.resolution() / kMmPerInch, printer.resolution() / kMmPerInch);
    printout.draw(painter, page);
  }
  return true;
}

std::function<Result<Printout>(const Progress&)> Printing::maker(const PrintWish& wish,
                                                                 const QString& file) const {
  return [plan = m_session.snapshot(), whole = m_session.wholeSnapshot(), quick = m_session.analysis(),
          art = m_art, style = m_session.units(), cuts = m_cuts, wanted = keptClassWish(), kind = wish.kind,
          sheet = wish.sheet, grey = wish.grey, file](const Progress& progress) -> Result<Printout> {
    const AnalysisRef analysis =
        quick->orderState.from == OrderState::From::Quick ? withBestOrder(*plan, quick, {}, progress) : quick;
    Printout out;
    switch (kind) {
      case PrintoutKind::Placement:
        out = placementSheet(*plan, *analysis, style, sheet, art);
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
      case PrintoutKind::Class: {
        Plan all = *whole;
        all.making.copies = wanted.makers;
        const auto papers =
            cuts.empty() ? cutFromDrawer(all, {}, {"", sheet.width_mm, sheet.height_mm, 1}, 0, progress)
                         : cuts;
        out = classSheet(*plan, classPlan(*plan, analysis, wanted, art.get(), progress),
                         needsOf(all, *analysis, papers, {}, {}), style, sheet);
        break;
      }
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
      if (const auto saved = grey ? writeGreyPdf(file, out) : writePdf(file, out); !saved)
        return saved.error();
    return out;
  };
}

void Printing::exportPdfTo(const PrintWish& wish, const QString& path) {
  Q_EMIT started(tr("Writing the %1").arg(nameOf(wish.kind)));
  m_job->run(maker(wish, path), [this, kind = wish.kind, path](Result<Printout> result) {
    if (!result) {
      if (result.error().code != ErrorCode::Stopped) Q_EMIT trouble(errorReason(result.error()));
      Q_EMIT done({});
      return;
    }
    const QString file = QFileInfo(path).fileName();
    Q_EMIT done(result.value().pages == 1
                    ? tr("The %1 is in %2, one page at true size.").arg(nameOf(kind), file)
                    : tr("The %1 is in %2, %3 pages at true size.")
                          .arg(nameOf(kind), file)
                          .arg(result.value().pages));
  });
}

void Printing::exportPdf(const PrintWish& wish) {
  if (const QString words = nothingOf(wish.kind); !words.isEmpty()) return Q_EMIT done(words);
  const QString folder = m_session.path().isEmpty() ? QString() : QFileInfo(m_session.path()).path();
  QString base = m_session.title();
  base.replace(u'/', u'-');
  FileChooser::choose({tr("Where to put the %1").arg(nameOf(wish.kind)),
                       {{tr("PDF files"), {QStringLiteral("pdf")}}},
                       true,
                       folder,
                       base + QStringLiteral(", ") + nameOf(wish.kind) + QStringLiteral(".pdf")},
                      m_window, [this, wish](const QString& path) { exportPdfTo(wish, path); });
}

QString Printing::nothingOf(PrintoutKind kind) const {
  switch (kind) {
    case PrintoutKind::Pencil:
      return hasGuides(m_session.plan()) ? QString()
                                         : tr("Nothing is drawn in pencil on this card: it has no ground, no "
                                              "room, no light and no row.");
    case PrintoutKind::Masks:
      return m_session.analysis()->masksToCut() == 0 ? tr("This card needs no mask.") : QString();
    case PrintoutKind::TapedStamps:
      return hasTapedStamps(*m_session.analysis())
                 ? QString()
                 : tr("No stamp of this card is taped before it is pressed.");
    default:
      return {};
  }
}

void Printing::print(PrintoutKind kind) {
  if (const QString words = nothingOf(kind); !words.isEmpty()) return Q_EMIT done(words);
  auto* preview = new PrintPreview(*this, wishFor(kind), m_window);
  preview->setAttribute(Qt::WA_DeleteOnClose);
  connect(preview, &PrintPreview::printWanted, this, [this](const PrintWish& wish) {
    m_grey = wish.grey;
    toPrinter(wish);
  });
  connect(preview, &PrintPreview::pdfWanted, this, [this](const PrintWish& wish) {
    m_grey = wish.grey;
    exportPdf(wish);
  });
  preview->open();
}

void Printing::toPrinter(const PrintWish& wish) {
  if (QPrinterInfo::availablePrinterNames().isEmpty()) return Q_EMIT noPrinter(wish);
  Q_EMIT started(tr("Preparing the %1").arg(nameOf(wish.kind)));
  m_job->run(maker(wish, {}), [this, wish](Result<Printout> result) {
    Q_EMIT done({});
    if (!result) {
      if (result.error().code != ErrorCode::Stopped) Q_EMIT trouble(errorReason(result.error()));
      return;
    }
    QPrinter printer(QPrinter::HighResolution);
    printer.setPageSize(QPageSize(result.value().sheet.id));
    if (wish.grey) printer.setColorMode(QPrinter::GrayScale);
    QPrintDialog dialog(&printer, m_window);
    dialog.setWindowTitle(tr("Print the %1").arg(nameOf(wish.kind)));
    if (dialog.exec() != QDialog::Accepted) return;
    if (!paint(result.value(), printer))
      return Q_EMIT trouble(tr("The printer did not take the %1.").arg(nameOf(wish.kind)));
  });
}

}  // namespace havlo
