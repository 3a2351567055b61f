// havlo-cli render: the card as it is meant to look.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/art/picture.h"

namespace havlo::cli {
namespace {

constexpr Option kRenderOptions[] = {{"--json", nullptr, "one JSON object"},
                                     {"--png", "F", "where the picture goes"},
                                     {"--dpi", "N", "resolution, 20 to 2400; 300 if not given"}};

int runRender(const Call& call) {
  if (!call.has("--png")) return complain(kUsage, QStringLiteral("render wants --png F"));
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto dpi = dpiOf(call, opened->plan, 300);
  if (!dpi) return kUsage;
  const QImage image = intendedPicture(opened->plan, *opened->analysis, art(), *dpi);
  if (const auto saved = savePicture(call.value("--png"), image); !saved) return complain(saved.error());
  if (!call.has("--json")) return kDone;
  return print(Json{{"png", call.value("--png").toStdString()},
                    {"dpi", *dpi},
                    {"width", image.width()},
                    {"height", image.height()}}
                   .dump(1) +
               "\n");
}

}  // namespace

const Verb kRender{"render", "the intended finished card", kRenderOptions, runRender};

}  // namespace havlo::cli
