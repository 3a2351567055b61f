// havlo-cli cut: a cut file run through the stand-in cutter.
#include <QImage>

#include "cli/report.h"
#include "cli/verb.h"
#include "io/art/picture.h"
#include "io/cut/cut_file.h"
#include "io/devices/cutter_picture.h"

namespace havlo::cli {
namespace {

constexpr Option kCutOptions[] = {{"--json", nullptr, "one JSON object"},
                                  {"--png", "F", "a picture of what was cut"}};

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
  for (const CutSheet& sheet : sheets.value()) {
    auto report = runCutter(sheet.cuts);
    if (!report) return complain(report.error());
    reports.push_back(std::move(report).value());
  }
  if (call.has("--png"))
    if (const auto saved = savePicture(call.value("--png"), cutterPicture(sheets.value(), reports)); !saved)
      return complain(saved.error());
  if (call.has("--json")) return print(cutReport(sheets.value(), reports).dump(1) + "\n");
  return call.has("--png") ? kDone : print(cutInWords(reports));
}

}  // namespace

const Verb kCut{"cut", "a cut file through the stand-in cutter", kCutOptions, runCut};

}  // namespace havlo::cli
