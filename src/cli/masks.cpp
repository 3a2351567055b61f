// havlo-cli masks: how many masks of what, and their shapes at true size.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo::cli {
namespace {

constexpr Option kOptions[] = {{"--json", nullptr, "one JSON object"},
                               {"--svg", "F", "cut lines in mm, one path per cut"},
                               {"--pdf", "F", "pages to print and cut by hand"}};

std::string inWords(const Plan& plan, const Analysis& a) {
  QString out = QStringLiteral("Masks to cut: %1\n").arg(a.masksToCut());
  for (size_t s = 0; s < plan.stamps.size(); ++s)
    out += QStringLiteral("%1: %2 (%3)\n")
               .arg(stampName(*plan.stamps[s]))
               .arg(a.stampMasks[s].cut)
               .arg(reasonOf(a.stampMasks[s], plan.supplies));
  return out.toStdString();
}

int run(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  if (call.has("--svg"))
    if (const auto saved = writeMaskSvg(call.value("--svg"), plan, *analysis); !saved)
      return complain(saved.error());
  if (call.has("--pdf"))
    if (const auto saved = writePdf(call.value("--pdf"), maskSheet(plan, *analysis, Sheet::a4())); !saved)
      return complain(saved.error());
  if (call.has("--json")) return print(masksReport(plan, *analysis).dump(1) + "\n");
  return call.has("--svg") || call.has("--pdf") ? kDone : print(inWords(plan, *analysis));
}

}  // namespace

const Verb kMasks{"masks", "the masks to cut", kOptions, run};

}  // namespace havlo::cli
