// havlo-cli simulate: replays the run sheet and compares the card with the intention.
#include <QColor>
#include <QDir>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"

namespace havlo::cli {
namespace {

constexpr Option kSimulateOptions[] = {{"--json", nullptr, "one JSON object"},
                                       {"--png", "F", "the simulated finished card"},
                                       {"--steps", "DIR", "a picture after every step"},
                                       {"--dpi", "N", "resolution, 20 to 2400; 300 if not given"},
                                       {"--order", "A,B,C", "stamp in this order instead"}};

Result<Done> writeSteps(const QString& folder, const std::vector<QImage>& steps) {
  if (!QDir().mkpath(folder))
    return Error{ErrorCode::CannotWrite, "cannot make the folder " + folder.toStdString(), {}};
  for (size_t k = 0; k < steps.size(); ++k) {
    const QString name = QStringLiteral("step-%1.png").arg(k + 1, 3, 10, QLatin1Char('0'));
    if (auto saved = savePicture(QDir(folder).filePath(name), steps[k]); !saved) return saved.error();
  }
  return Done{};
}

int runSimulate(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto dpi = dpiOf(call, opened->plan, 300);
  if (!dpi) return kUsage;
  const Plan& plan = opened->plan;
  AnalysisRef analysis = opened->analysis;
  if (call.has("--order")) {
    std::vector<std::string> order;
    for (const QString& id : call.value("--order").split(u',', Qt::SkipEmptyParts))
      order.push_back(id.trimmed().toStdString());
    auto other = reordered(plan, *analysis, order);
    if (!other) return complain(kUsage, QString::fromStdString(other.error().text()));
    analysis = other.value();
  }
  const SvgArt art;
  Simulation simulation;
  if (call.has("--steps")) {
    auto pictures = stepPictures(plan, *analysis, art, *dpi, QColor(0x1f, 0x6b, 0x5e));
    if (!pictures) return complain(pictures.error());
    if (const auto saved = writeSteps(call.value("--steps"), pictures.value().steps); !saved)
      return complain(saved.error());
    simulation = std::move(pictures).value().simulation;
  } else {
    auto simulated = simulate(analysis->press(plan, &art), analysis->sheet, *dpi);
    if (!simulated) return complain(simulated.error());
    simulation = std::move(simulated).value();
  }
  if (call.has("--png"))
    if (const auto saved = savePicture(call.value("--png"), pictureOf(simulation.card)); !saved)
      return complain(saved.error());
  if (call.has("--json")) return print(simulationReport(plan, *analysis, simulation).dump(1) + "\n");
  const QString words =
      simulation.proven
          ? QStringLiteral("Proven: the simulated card equals the plan but for %1 mm² at mask edges.\n")
                .arg(simulation.mismatch_mm2, 0, 'f', 1)
          : QStringLiteral("Not proven: %1 mm² differ from the plan without a reason.\n")
                .arg(simulation.unexplained_mm2, 0, 'f', 1);
  return print(words.toStdString());
}

}  // namespace

const Verb kSimulate{"simulate", "stamps the plan in raster and compares", kSimulateOptions, runSimulate};

}  // namespace havlo::cli
