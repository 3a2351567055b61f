// havlo-cli runsheet: the steps as JSON, CSV, PDF or in words.
#include <QColor>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/chain/chain.h"
#include "core/pieces/face_plan.h"
#include "io/files/plan_file.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/step_words.h"

namespace havlo::cli {
namespace {

constexpr Option kRunsheetOptions[] = {{"--json", nullptr, "one JSON object"},
                                       {"--log", "DIR", "reckons with the hands that this log knows"},
                                       {"--csv", "F", "a table, one step a row"},
                                       {"--pdf", "F", "pages with a picture of every step"},
                                       {"--sheet", "S", "a4 or letter; a4 if not given"},
                                       {"--units", "U", "mm or in, on the pages; mm if not given"}};

QString quoted(QString field) {
  if (!field.contains(u',') && !field.contains(u'"') && !field.contains(u'\n')) return field;
  return u'"' + field.replace(QStringLiteral("\""), QStringLiteral("\"\"")) + u'"';
}

QByteArray csv(const Plan& plan, const Analysis& a) {
  QString out = QStringLiteral(
      "n,do,impression,stamp,ink,generation,left_mm,bottom_mm,turn_deg,masks_on,minutes,wait,note,corner_"
      "left_mm,corner_bottom_mm,evening\r\n");
  const Json report = runSheetReport(plan, a);
  for (const Json& s : report["steps"]) {
    const auto text = [&](const Json& v) {
      return v.is_null() ? QString()
                         : QString::fromStdString(v.is_string() ? v.get<std::string>() : v.dump());
    };
    QStringList masks;
    for (const Json& m : s["masksOn"]) masks << text(m);
    const Json foot = s["foot"], corner = s["corner"];
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
                          text(s["note"]),
                          corner.is_null() ? QString() : text(corner["left"]),
                          corner.is_null() ? QString() : text(corner["bottom"]),
                          text(s["evening"])};
    QStringList fields;
    for (const QString& field : row) fields << quoted(field);
    out += fields.join(u',') + QStringLiteral("\r\n");
  }
  return out.toUtf8();
}

std::string runsheetInWords(const Plan& plan, const Analysis& a) {
  QString out;
  for (size_t k = 0; k < a.sheet.steps.size(); ++k)
    out += QStringLiteral("%1. %2\n")
               .arg(k + 1)
               .arg(sentenceOf(havlo::wordsOf(plan, a, a.sheet.steps[k], MeasureStyle::Millimetres)));
  return (out + QStringLiteral("About %1.\n").arg(minutesWords(a.sheet.minutes))).toStdString();
}

/// The panel, then whatever is stamped inside and on the envelope.
std::vector<Chapter> chaptersOf(const Plan& plan, const AnalysisRef& a) {
  std::vector<Chapter> out{{plan, a, {}}};
  for (const int piece : printedFaces(plan)) {
    Plan face = facePlan(plan, piece);
    face.faces.clear();
    face.title = pieceName(plan, piece).toStdString();
    AnalysisRef own = withBestOrder(face, analyse(face, nullptr, &art()));
    out.push_back({std::move(face), std::move(own), {}});
  }
  return out;
}

Result<Done> writePages(const QString& path, std::vector<Chapter> chapters, MeasureStyle style,
                        const Sheet& sheet) {
  for (Chapter& c : chapters) {
    auto pictures =
        stepPictures(c.plan, *c.analysis, art(), runSheetDpi(c.plan, *c.analysis), QColor(0x1f, 0x6b, 0x5e));
    if (!pictures) return pictures.error();
    c.pictures = std::move(pictures.value().steps);
  }
  return writePdf(path, runSheetOf(chapters, style, sheet));
}

int runRunsheet(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  const QString units = call.has("--units") ? call.value("--units") : QStringLiteral("mm");
  const QString paper = call.has("--sheet") ? call.value("--sheet").toLower() : QStringLiteral("a4");
  if (units != QLatin1String("mm") && units != QLatin1String("in"))
    return complain(kUsage, QStringLiteral("--units wants mm or in"));
  if (paper != QLatin1String("a4") && paper != QLatin1String("letter"))
    return complain(kUsage, QStringLiteral("--sheet wants a4 or letter"));
  const MeasureStyle style = units == QLatin1String("in") ? MeasureStyle::Inches : MeasureStyle::Millimetres;
  const Sheet sheet = paper == QLatin1String("letter") ? Sheet::letter() : Sheet::a4();
  if (call.has("--csv"))
    if (const auto saved = saveWhole(call.value("--csv"), csv(plan, *analysis)); !saved)
      return complain(saved.error());
  if (call.has("--pdf"))
    if (const auto saved = writePages(call.value("--pdf"), chaptersOf(plan, analysis), style, sheet); !saved)
      return complain(saved.error());
  if (call.has("--json")) return print(runSheetReport(plan, *analysis).dump(1) + "\n");
  if (call.has("--csv") || call.has("--pdf")) return kDone;
  std::string words;
  for (const Chapter& c : chaptersOf(plan, analysis)) {
    if (!words.empty()) words += "\n" + c.plan.title + "\n";
    words += runsheetInWords(c.plan, *c.analysis);
  }
  return print(words);
}

}  // namespace

const Verb kRunsheet{"runsheet", "the steps in order", kRunsheetOptions, runRunsheet};

}  // namespace havlo::cli
