// havlo-cli check: what the plan says, as JSON or in words.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/wording/focus_words.h"

namespace havlo::cli {
namespace {

constexpr Option kCheckOptions[] = {{"--json", nullptr, "one JSON object"}};

std::string checkInWords(const Plan& plan, const Analysis& a) {
  QString out = verdict(plan, a) + u'\n';
  for (const Finding& f : a.findings) {
    const FindingWords w = havlo::wordsOf(plan, a, f, MeasureStyle::Millimetres);
    out += QStringLiteral("%1: %2 (%3). %4%5\n")
               .arg(f.known ? QStringLiteral("known") : QLatin1String(havlo::wordOf(f.level).data()), w.text,
                    w.value, w.why, w.fix.isEmpty() ? QString() : QStringLiteral(" ") + w.fix + u'.');
  }
  return out.toStdString();
}

int runCheck(const Call& call) {
  int exit = kDone;
  auto opened = open(call, exit);
  if (!opened) return exit;
  look(*opened);
  tryMends(*opened);
  if (!call.has("--json")) return print(checkInWords(opened->plan, *opened->analysis));
  return print(checkReport(opened->plan, *opened->analysis).dump(1) + "\n");
}

}  // namespace

const Verb kCheck{"check", "scale, overlaps, order, masks and findings", kCheckOptions, runCheck};

}  // namespace havlo::cli
