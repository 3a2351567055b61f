// havlo-cli export: the finished card as a picture, everything as a zip, the measures as a table.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/export/finished_card.h"
#include "io/export/layers.h"
#include "io/files/plan_file.h"

namespace havlo::cli {
namespace {

constexpr Option kExportOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--png", "F", "the finished card as a picture"},
    {"--svg", "F", "the same at true size in an SVG"},
    {"--pdf", "F", "the same at true size on a page of its own"},
    {"--layers", "F", "an SVG in layers, one group a thing, prints as true outlines"},
    {"--tiff", "F", "the finished card as a TIFF"},
    {"--zip", "F", "plan, pictures, steps and measures in one file"},
    {"--csv", "F", "all measures as a table"},
    {"--dpi", "N", "resolution, 20 to 2400; 300 if not given"}};

int runExport(const Call& call) {
  constexpr const char* kGiven[] = {"--png", "--svg", "--pdf", "--tiff", "--layers", "--zip", "--csv"};
  if (std::none_of(std::begin(kGiven), std::end(kGiven), [&](const char* o) { return call.has(o); }))
    return complain(
        kUsage, QStringLiteral("export wants one of --png, --tiff, --svg, --layers, --pdf, --zip and --csv"));
  int exit = kDone;
  auto opened = open(call, exit);
  if (!opened) return exit;
  look(*opened);
  const auto dpi = dpiOf(call, opened->plan, 300);
  if (!dpi) return kUsage;
  Json written = Json::object();
  for (const char* o : {"--png", "--svg", "--pdf", "--tiff"}) {
    if (!call.has(o)) continue;
    const QString path = call.value(o), ending = QString::fromLatin1(o).mid(2);
    const bool shortTiff =
        ending == QLatin1String("tiff") && path.endsWith(QLatin1String(".tif"), Qt::CaseInsensitive);
    if (!shortTiff && !path.endsWith(u'.' + ending, Qt::CaseInsensitive))
      return complain(kUsage,
                      QStringLiteral("%1 wants a name that ends in .%2").arg(QLatin1String(o), ending));
    if (const auto saved = saveFinishedCard(path, opened->plan, *opened->analysis, art(), *dpi); !saved)
      return complain(saved.error());
    written[ending.toStdString()] = path.toStdString();
  }
  if (call.has("--layers")) {
    if (const auto saved = saveLayers(call.value("--layers"), opened->plan, *opened->analysis, art()); !saved)
      return complain(saved.error());
    written["layers"] = call.value("--layers").toStdString();
  }
  if (call.has("--zip")) {
    const auto zip = planZip(opened->plan, *opened->analysis, art(), *dpi);
    if (!zip) return complain(zip.error());
    if (const auto saved = saveWhole(call.value("--zip"), zip.value()); !saved)
      return complain(saved.error());
    written["zip"] = call.value("--zip").toStdString();
  }
  if (call.has("--csv")) {
    if (const auto saved = saveWhole(call.value("--csv"), measuresCsv(opened->plan, *opened->analysis));
        !saved)
      return complain(saved.error());
    written["csv"] = call.value("--csv").toStdString();
  }
  return call.has("--json") ? print(written.dump(1) + "\n") : kDone;
}

}  // namespace

const Verb kExport{"export", "the finished card as PNG, SVG or PDF; all in a zip; measures as CSV",
                   kExportOptions, runExport};

}  // namespace havlo::cli
