// Cut files: what a cutting machine or a pair of scissors follows, at true size, in open formats.
#pragma once

#include <QString>
#include <vector>

#include "core/base/result.h"
#include "core/cutting/cut_sheet.h"
#include "core/cutting/mask_job.h"
#include "core/cutting/tool.h"

namespace havlo {

enum class CutFormat { Svg, Dxf, Hpgl, Pdf };

/// The format a file's ending stands for (svg, dxf, plt or hpgl, pdf).
std::optional<CutFormat> cutFormatOf(const QString& path);
QString endingOf(CutFormat format);

/// A few words drawn on a sheet, never cut.
struct CutLabel {
  QString text;
  Point at;  ///< middle of the text, sheet coordinates
  double height_mm = 2.5;
  Degrees turn;
};

struct LabelledSheet {
  CutSheet sheet;
  std::vector<CutLabel> labels;
};

/// The machine that is to cut.
struct CuttingMachine {
  CuttingTool tool;
  bool marks = false;  ///< it has an eye and finds a printed sheet by its marks
  bool operator==(const CuttingMachine&) const = default;
};

/// The masks of a plan as sheets with labels: name, copy and which way is up. With the machine's marks, and
/// with its tool's way instead of the outlines. @param job  laid out on roomFor()
std::vector<LabelledSheet> labelledSheets(const Plan& plan, const MaskJob& job,
                                          const CuttingMachine& machine = {});
/// The masking sheet with room for the machine's marks.
MaskingSheet roomFor(MaskingSheet sheet, const CuttingMachine& machine);

/// SVG: mm, one path per cut, marks dashed, several sheets side by side. DXF: R12 polylines on the layers CUT
/// and MARK, mm. HPGL: pen 1 cuts, pen 2 draws, 40 units a millimetre. PDF: one page per sheet.
QByteArray svgCutFile(const QString& title, const std::vector<LabelledSheet>& sheets);
QByteArray dxfCutFile(const std::vector<LabelledSheet>& sheets);
QByteArray hpglCutFile(const std::vector<LabelledSheet>& sheets);
QByteArray pdfCutFile(const QString& title, const std::vector<LabelledSheet>& sheets);

/// With marks each sheet is a file of its own (-1, -2 after its name), as each is laid in and found by
/// itself; but for a PDF, which has pages.
std::vector<QString> cutFilePaths(const QString& path, CutFormat format,
                                  const std::vector<LabelledSheet>& sheets);

/// To the files of cutFilePaths(). @error  CannotWrite with the reason
Result<Done> writeCutFile(const QString& path, CutFormat format, const QString& title,
                          const std::vector<LabelledSheet>& sheets);

/// Reads a cut file of any of the formats; what it is, is told by its content. The lines in the order of the
/// file; a PDF gives a sheet for each page.
/// @error  CannotRead: no such file; BadInput: none of the formats, damaged, more than 64 MB, entities or
/// links,
///         coordinates beyond ±1e5 mm, nothing to cut
Result<std::vector<CutSheet>> readCutFile(const QString& path);
Result<std::vector<CutSheet>> readCutData(const QByteArray& data);

}  // namespace havlo
