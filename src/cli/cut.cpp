// havlo-cli cut: a cut file run through the stand-in cutter.
#include <QImage>
#include <cmath>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/cutting/tool.h"
#include "core/units/measure.h"
#include "io/art/picture.h"
#include "io/cut/cut_file.h"
#include "io/devices/cutter_eye.h"
#include "io/devices/cutter_picture.h"

namespace havlo::cli {
namespace {

constexpr Option kCutOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--png", "F", "a picture of what was cut"},
    {"--trailing", "L", "the blade's tip is dragged so far behind, as 0.25mm"},
    {"--laid", "X,Y,TURN[,PERCENT]",
     "the printed sheet lies so many mm and degrees off, printed at so many percent"}};

/// How the sheet is laid in. Nothing, with a complaint, for what is none.
std::optional<LaidSheet> laidOf(const Call& call, int& exit) {
  const QStringList parts = call.value("--laid").split(u',');
  double v[4] = {0, 0, 0, 100};
  bool numbers = parts.size() == 3 || parts.size() == 4;
  for (qsizetype k = 0; numbers && k < parts.size(); ++k) v[k] = parts[k].toDouble(&numbers);
  if (numbers && std::fabs(v[0]) <= 100 && std::fabs(v[1]) <= 100 && std::fabs(v[2]) <= 360 && v[3] >= 90 &&
      v[3] <= 110)
    return LaidSheet{{v[0], v[1]}, Degrees{v[2]}, v[3] / 100};
  exit = complain(
      kUsage, QStringLiteral("--laid wants mm to the right and up, degrees, and perhaps a percentage from 90 "
                             "to 110: 1.2,-0.8,0.5,99.8"));
  return {};
}

std::string foundInWords(const std::vector<SheetFound>& found) {
  QString out;
  for (size_t s = 0; s < found.size(); ++s) {
    const SheetFound& f = found[s];
    out += f.marks == 0
               ? QStringLiteral("Sheet %1 has no marks: cuts lie up to %2 mm beside the print\n")
                     .arg(s + 1)
                     .arg(f.off_mm, 0, 'f', 2)
               : QStringLiteral("Sheet %1: %2 of %3 marks seen%4; cuts lie up to %5 mm beside the print\n")
                     .arg(s + 1)
                     .arg(f.seen)
                     .arg(f.marks)
                     .arg(f.fit.wrongWay ? QStringLiteral(", the sheet lies the wrong way round") : QString())
                     .arg(f.off_mm, 0, 'f', 2);
  }
  return out.toStdString();
}

std::string cutInWords(const std::vector<CutReport>& reports) {
  QString out;
  for (size_t s = 0; s < reports.size(); ++s) {
    const CutReport& r = reports[s];
    out += QStringLiteral(
               "Sheet %1: %2 pieces come free, %3 cuts free nothing; %4 mm cut, %5 mm of travel, %6 s\n")
               .arg(s + 1)
               .arg(r.pieces.size())
               .arg(r.open.size())
               .arg(r.cut_mm, 0, 'f', 0)
               .arg(r.travel_mm, 0, 'f', 0)
               .arg(r.seconds, 0, 'f', 0);
    for (const OpenCut& o : r.open)
      out += QStringLiteral("  not free: from %1, %2 to %3, %4 mm; its ends are %5 mm apart\n")
                 .arg(o.from.x, 0, 'f', 1)
                 .arg(o.from.y, 0, 'f', 1)
                 .arg(o.to.x, 0, 'f', 1)
                 .arg(o.to.y, 0, 'f', 1)
                 .arg(o.gap_mm, 0, 'f', 2);
  }
  return out.toStdString();
}

int runCut(const Call& call) {
  const auto sheets = readCutFile(call.file);
  if (!sheets) return complain(sheets.error());
  std::vector<CutReport> reports;
  std::vector<SheetFound> found;
  CutterSettings machine;
  if (call.has("--trailing")) {
    const auto read = readMeasure(call.value("--trailing").toStdString(), MeasureStyle::Millimetres);
    if (!read || read.value().value < 0 || read.value().value > kMostTrailing_mm)
      return complain(kUsage, QStringLiteral("--trailing wants a length up to 1.5 mm"));
    machine.trailing_mm = read.value().value;
  }
  std::optional<LaidSheet> laid;
  if (call.has("--laid")) {
    int exit = kDone;
    laid = laidOf(call, exit);
    if (!laid) return exit;
  }
  for (const CutSheet& sheet : sheets.value()) {
    if (laid) {
      const auto here = findSheet(sheet, *laid);
      if (!here) return complain(here.error());
      found.push_back(here.value());
    }
    auto report = runCutter(laid ? laidOn(sheet.cuts, found.back().fit) : sheet.cuts, machine);
    if (!report) return complain(report.error());
    reports.push_back(std::move(report).value());
  }
  if (call.has("--png"))
    if (const auto saved = savePicture(call.value("--png"), cutterPicture(sheets.value(), reports)); !saved)
      return complain(saved.error());
  if (call.has("--json")) {
    Json out = cutReport(sheets.value(), reports);
    for (const SheetFound& f : found)
      out["registration"].push_back({{"marks", f.marks},
                                     {"seen", f.seen},
                                     {"wrongWay", f.fit.wrongWay},
                                     {"markOff", f.fit.off_mm},
                                     {"cutOff", f.off_mm}});
    return print(out.dump(1) + "\n");
  }
  return call.has("--png") ? kDone : print(cutInWords(reports) + foundInWords(found));
}

}  // namespace

const Verb kCut{"cut", "a cut file through the stand-in cutter", kCutOptions, runCut};

}  // namespace havlo::cli
