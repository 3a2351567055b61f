// havlo-cli runsheet: the steps as JSON, CSV, PDF or in words.
#include <QColor>

#include "cli/report.h"
#include "cli/verb.h"
#include "io/art/svg_art.h"
#include "io/files/plan_file.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo::cli {
namespace {

constexpr Option kOptions[] = {{"--json", nullptr, "one JSON object"},
                               {"--csv", "F", "a table, one step a row"},
                               {"--pdf", "F", "pages with a picture of every step"}};

QString quoted(QString field) {
  if (!field.contains(u',') && !field.contains(u'"') && !field.contains(u'\n')) return field;
  return u'"' + field.replace(QStringLiteral("\""), QStringLiteral("\"\"")) + u'"';
}

QByteArray csv(const Plan& plan, const Analysis& a) {
  QString out = QStringLiteral(
      "n,do,impression,stamp,ink,generation,left_mm,bottom_mm,turn_deg,masks_on,minutes,wait,note\r\n");
  const Json report = runSheetReport(plan, a);
  for (const Json& s : report["steps"]) {
    const auto text = [&](const Json& v) {
      return v.is_null() ? QString()
                         : QString::fromStdString(v.is_string() ? v.get<std::string>() : v.dump());
    };
    QStringList masks;
    for (const Json& m : s["masksOn"]) masks << text(m);
    const Json foot = s["foot"];
    const QStringList row{text(s["n"]),
                          text(s["do"]),
                          text(s["impression"]),
                          text(s["stamp"]),
                          text(s["ink"]),
                          text(s["generation"]),
                          foot.is_null() ? QString() : text(foot["left"]),
                          foot.is_null() ? QString() : text(foot["bottom"]),
                          text(s["turn"]),
                          masks.join(u' '),
                          text(s["minutes"]),
                          text(s["wait"]),
                          text(s["note"])};
    QStringList fields;
    for (const QString& field : row) fields << quoted(field);
    out += fields.join(u',') + QStringLiteral("\r\n");
  }
  return out.toUtf8();
}

std::string inWords(const Plan& plan, const Analysis& a) {
  QString out;
  for (size_t k = 0; k < a.sheet.steps.size(); ++k)
    out += QStringLiteral("%1. %2\n")
               .arg(k + 1)
               .arg(sentenceOf(havlo::wordsOf(plan, a, a.sheet.steps[k], MeasureStyle::Millimetres)));
  return (out + QStringLiteral("About %1.\n").arg(minutesWords(a.sheet.minutes))).toStdString();
}

Result<Done> writePages(const QString& path, const Plan& plan, const Analysis& a) {
  const SvgArt art;
  auto pictures = stepPictures(plan, a, art, runSheetDpi(plan, a), QColor(0x1f, 0x6b, 0x5e));
  if (!pictures) return pictures.error();
  return writePdf(path,
                  runSheetPages(plan, a, pictures.value().steps, MeasureStyle::Millimetres, Sheet::a4()));
}

int run(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  if (call.has("--csv"))
    if (const auto saved = saveWhole(call.value("--csv"), csv(plan, *analysis)); !saved)
      return complain(saved.error());
  if (call.has("--pdf"))
    if (const auto saved = writePages(call.value("--pdf"), plan, *analysis); !saved)
      return complain(saved.error());
  if (call.has("--json")) return print(runSheetReport(plan, *analysis).dump(1) + "\n");
  return call.has("--csv") || call.has("--pdf") ? kDone : print(inWords(plan, *analysis));
}

}  // namespace

const Verb kRunsheet{"runsheet", "the steps in order", kOptions, run};

}  // namespace havlo::cli
