// The printouts: placement sheet, masks and run sheet, all at true size.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"
#include "core/guides/guides.h"
#include "core/pieces/from_drawer.h"
#include "core/units/measure.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/paper/page.h"

namespace havlo {

struct ClassPlan;
struct StockNeed;

/// A printout ready to be drawn on any painter: a PDF, a printer or a preview.
struct Printout {
  QString title;
  Sheet sheet;
  int pages = 1;
  std::function<void(QPainter&, int page)> draw;  ///< in mm, y down
};

/// The panel with every outline, foot and measure, each foot's number at the end of a leader where feet lie
/// close, a table of feet beside or under it, and the check rules. Panels larger than the sheet are tiled
/// over several pages with crosses where they join.
/// @param art  draws the stamps pale under their outlines; null: outlines alone
Printout placementSheet(const Plan& plan, const Analysis& analysis, MeasureStyle style, Sheet sheet,
                        std::shared_ptr<const SvgArt> art = nullptr);

/// The guides at true size with hidden parts removed: construction dashed, to be rubbed out; lines to ink
/// full; shadows dotted.
Printout pencilSheet(const Plan& plan, const Analysis& analysis, MeasureStyle style, Sheet sheet);
/// Whether there is more to draw by hand than the horizon.
bool hasGuides(const Plan& plan);

/// Stamps that are pressed with part of their rubber taped or wiped, that part hatched, at true size.
Printout tapedStamps(const Plan& plan, const Analysis& analysis, Sheet sheet);
bool hasTapedStamps(const Analysis& analysis);

/// The guides as a drawing of panel size, construction and lines to ink in groups of their own.
Result<Done> writePencilSvg(const QString& path, const Plan& plan, const Analysis& analysis);

/// Chains of one kind, in mm with y down. @param height_mm  of the panel
void drawChains(QPainter& p, const std::vector<GuideChain>& chains, GuideKind kind, double height_mm);

/// One printout after the other, on the sheet of the first.
Printout joined(Printout first, Printout second);

/// All masks to cut, laid out on the plan's masking sheets or on the printer's paper, each with its name and
/// which way is up.
Printout maskSheet(const Plan& plan, const Analysis& analysis, Sheet sheet);

/// For one teacher and several makers: when each is where, as bars and as a table, and every station in words
/// with its cautions. Lies across the sheet. @param needs  of all makers together
Printout classSheet(const Plan& plan, const ClassPlan& made, const std::vector<StockNeed>& needs,
                    MeasureStyle style, Sheet sheet);

/// Resolution of the pictures on a run sheet: 100, less for very large panels or very many steps.
double runSheetDpi(const Plan& plan, const Analysis& analysis);

/// The steps with their pictures. @param pictures  one per step; may be empty
Printout runSheetPages(const Plan& plan, const Analysis& analysis, const std::vector<QImage>& pictures,
                       MeasureStyle style, Sheet sheet);

/// Every sheet that is cut, drawn to scale, with its cuts in their order.
Printout cutListPages(const Plan& plan, const std::vector<DrawerCut>& cuts, MeasureStyle style, Sheet sheet);

/// The run sheet of the panel, and those of the inside and the envelope as chapters after it.
/// @param pictures  of each, for the panel first; as many as there are chapters, each may be empty
struct Chapter {
  Plan plan;
  AnalysisRef analysis;
  std::vector<QImage> pictures;
};
Printout runSheetOf(const std::vector<Chapter>& chapters, MeasureStyle style, Sheet sheet);

Result<Done> writePdf(const QString& path, const Printout& printout);

/// The placement sheet as one drawing of panel size with a margin.
Result<Done> writePlacementSvg(const QString& path, const Plan& plan, const Analysis& analysis,
                               MeasureStyle style);

/// The calibration square that is laid beside stamps on a scanner or under a camera, with the check rules.
Printout calibrationPage(Sheet sheet);

/// What the plan's masks are cut from: its own masking sheet, or the printer's paper without head and rules.
MaskingSheet maskingSheetFor(const Plan& plan, const Sheet& sheet);

}  // namespace havlo
