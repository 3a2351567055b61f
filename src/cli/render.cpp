// havlo-cli render: the card as it is meant to look.
#include "cli/verb.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"

namespace havlo::cli {
namespace {

constexpr Option kOptions[] = {{"--png", "F", "where the picture goes"},
                               {"--dpi", "N", "resolution, 20 to 2400; 300 if not given"}};

int run(const Call& call) {
  if (!call.has("--png")) return complain(kUsage, QStringLiteral("render wants --png F"));
  const auto dpi = dpiOf(call, 300);
  if (!dpi) return kUsage;
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const SvgArt art;
  const auto saved =
      savePicture(call.value("--png"), intendedPicture(opened->plan, *opened->analysis, art, *dpi));
  return saved ? kDone : complain(saved.error());
}

}  // namespace

const Verb kRender{"render", "the intended finished card", kOptions, run};

}  // namespace havlo::cli
