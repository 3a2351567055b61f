// havlo-cli template: the placement sheet and the guides at true size.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/print/sheets.h"

namespace havlo::cli {
namespace {

constexpr Option kTemplateOptions[] = {{"--json", nullptr, "one JSON object"},
                                       {"--pdf", "F", "pages"},
                                       {"--svg", "F", "one drawing"},
                                       {"--guides", "F", "the pencil sheet alone, as SVG of panel size"},
                                       {"--page", "SIZE", "a4 or letter; a4 if not given"},
                                       {"--units", "U", "mm or in; mm if not given"}};

int runTemplate(const Call& call) {
  if (!call.has("--pdf") && !call.has("--svg") && !call.has("--guides"))
    return complain(kUsage, QStringLiteral("template wants --pdf F, --svg F or --guides F"));
  const QString page = call.has("--page") ? call.value("--page").toLower() : QStringLiteral("a4");
  const QString units = call.has("--units") ? call.value("--units") : QStringLiteral("mm");
  if (page != QLatin1String("a4") && page != QLatin1String("letter"))
    return complain(kUsage, QStringLiteral("--page wants a4 or letter"));
  if (units != QLatin1String("mm") && units != QLatin1String("in"))
    return complain(kUsage, QStringLiteral("--units wants mm or in"));
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  const MeasureStyle style = units == QLatin1String("in") ? MeasureStyle::Inches : MeasureStyle::Millimetres;
  const Sheet sheet = page == QLatin1String("letter") ? Sheet::letter() : Sheet::a4();
  Printout printout = placementSheet(plan, *analysis, style, sheet, std::make_shared<SvgArt>());
  if (hasGuides(plan))
    printout = joined(std::move(printout), pencilSheet(plan, *analysis, style, printout.sheet));
  if (call.has("--pdf"))
    if (const auto saved = writePdf(call.value("--pdf"), printout); !saved) return complain(saved.error());
  if (call.has("--svg"))
    if (const auto saved = writePlacementSvg(call.value("--svg"), plan, *analysis, style); !saved)
      return complain(saved.error());
  if (call.has("--guides"))
    if (const auto saved = writePencilSvg(call.value("--guides"), plan, *analysis); !saved)
      return complain(saved.error());
  return call.has("--json") ? print(Json{{"pages", printout.pages}}.dump(1) + "\n") : kDone;
}

}  // namespace

const Verb kTemplate{"template", "placement sheet and guides at true size", kTemplateOptions, runTemplate};

}  // namespace havlo::cli
