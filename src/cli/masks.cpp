// havlo-cli masks: how many masks of what, and their shapes at true size.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/cutting/registration.h"
#include "core/schools/compare.h"
#include "core/units/measure.h"
#include "io/cut/cut_file.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo::cli {
namespace {

constexpr Option kMasksOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--svg", "F", "cut lines in mm, one path per cut"},
    {"--dxf", "F", "the same as DXF (R12)"},
    {"--hpgl", "F", "the same as HPGL"},
    {"--pdf", "F", "pages to print and cut by hand"},
    {"--sheet", "WxH", "masking sheet in mm or inches, as 150x100mm or 6x6in"},
    {"--marks", nullptr, "marks for a machine with an eye; a file for each sheet"},
    {"--trailing", "L", "lead a blade whose tip trails so far behind, as 0.25mm"},
    {"--cut-width", "L", "so much paper is lost along a cut, as 0.1mm"}};

/// The machine that is to cut. Nothing, with a complaint, for what no machine is.
std::optional<CuttingMachine> machineOf(const Call& call, int& exit) {
  CuttingMachine out;
  out.marks = call.has("--marks");
  for (const auto& [option, most, into] : {std::tuple("--trailing", kMostTrailing_mm, &out.tool.trailing_mm),
                                           {"--cut-width", kMostCutWidth_mm, &out.tool.width_mm}}) {
    if (!call.has(option)) continue;
    const auto read = readMeasure(call.value(option).toStdString(), MeasureStyle::Millimetres);
    if (!read || read.value().value < 0 || read.value().value > most) {
      exit = complain(kUsage,
                      QStringLiteral("%1 wants a length up to %2 mm").arg(QLatin1String(option)).arg(most));
      return {};
    }
    *into = read.value().value;
  }
  return out;
}

constexpr size_t kMostPressed = 120;

std::optional<MaskingSheet> sheetOf(const QString& text) {
  const auto sides = sidesOf(text);
  if (!sides) return {};
  MaskingSheet sheet;
  sheet.width_mm = sides->width_mm, sheet.height_mm = sides->height_mm;
  return sheet;
}

std::string masksInWords(const Plan& plan, const Analysis& a) {
  QString out = QStringLiteral("Masks to cut: %1\n").arg(a.masksToCut());
  for (size_t s = 0; s < plan.stamps.size(); ++s)
    out += QStringLiteral("%1: %2 (%3)\n")
               .arg(stampName(*plan.stamps[s]))
               .arg(a.stampMasks[s].cut)
               .arg(reasonOf(a.stampMasks[s], plan.maskLife()));
  for (const JointPaper& paper : a.needs.joints)
    out += QStringLiteral("%1: %2\n").arg(capital(paperName(plan, paper.over))).arg(paper.cut);
  return out.toStdString();
}

int runMasks(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  auto [plan, analysis] = *opened;
  if (call.has("--sheet")) {
    plan.supplies.maskSheet = sheetOf(call.value("--sheet"));
    if (!plan.supplies.maskSheet)
      return complain(kUsage,
                      QStringLiteral("--sheet wants two sides from 20 to 2000 mm, as 150x100mm or 6x6in"));
  }
  const auto machine = machineOf(call, exit);
  if (!machine) return exit;
  const MaskingSheet sheet = maskingSheetFor(plan, Sheet::a4());
  if (machine->marks && registrationMarks(sheet.width_mm, sheet.height_mm).empty())
    return complain(kUsage, QStringLiteral("the masking sheet is too small for marks"));
  const MaskJob job = layMasksOut(plan, *analysis, roomFor(sheet, *machine));
  for (const SheetPiece& piece : job.tooLarge)
    complain(kDone, QStringLiteral("%1: mask %2 is larger than the sheet and left out")
                        .arg(QString::fromStdString(piece.limit >= 0 ? plan.limits[ix(piece.limit)].id
                                                                     : plan.stamps[ix(piece.stamp)]->id))
                        .arg(piece.number + 1));
  const std::pair<const char*, CutFormat> formats[] = {
      {"--svg", CutFormat::Svg}, {"--dxf", CutFormat::Dxf}, {"--hpgl", CutFormat::Hpgl}};
  bool wrote = false;
  for (const auto& [option, format] : formats) {
    if (!call.has(option)) continue;
    wrote = true;
    if (const auto saved = writeCutFile(call.value(option), format, QString::fromStdString(plan.title),
                                        labelledSheets(plan, job, *machine));
        !saved)
      return complain(saved.error());
  }
  if (call.has("--pdf")) {
    wrote = true;
    // To be cut by hand, or printed and cut by a machine that looks for the marks.
    const auto saved =
        machine->marks ? writeCutFile(call.value("--pdf"), CutFormat::Pdf, QString::fromStdString(plan.title),
                                      labelledSheets(plan, job, {{}, true}))
                       : writePdf(call.value("--pdf"), maskSheet(plan, *analysis, Sheet::a4()));
    if (!saved) return complain(saved.error());
  }
  if (call.has("--json")) {
    Json report = masksReport(plan, *analysis, job);
    // What each stamp's masks keep out. A card of very many things is not pressed for it.
    if (plan.impressions.size() <= kMostPressed) {
      const auto advice = adviseTogether(plan, *analysis, &art());
      if (!advice) return complain(advice.error());
      for (size_t s = 0; s < plan.stamps.size(); ++s) {
        double area = 0, minutes = 0;
        bool any = false;
        for (const MaskSaving& saving : advice.value().savings)
          if (analysis->stampOf[ix(saving.impression)] == static_cast<int>(s))
            any = true, area += saving.saves_mm2, minutes += saving.minutes;
        if (any) report["byStamp"][s]["saves"] = {{"area", area}, {"minutes", minutes}};
      }
    }
    return print(report.dump(1) + "\n");
  }
  return wrote ? kDone : print(masksInWords(plan, *analysis));
}

}  // namespace

const Verb kMasks{"masks", "the masks to cut", kMasksOptions, runMasks};

}  // namespace havlo::cli
