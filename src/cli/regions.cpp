// havlo-cli regions: the parts of each stamp's drawing that can be coloured.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/region/stamp_regions.h"

namespace havlo::cli {
namespace {

constexpr Option kRegionsOptions[] = {{"--json", nullptr, "one JSON object"}};

int runRegions(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  Json stamps = Json::array();
  QString text;
  for (const StampRef& stamp : opened->plan.stamps) {
    const StampRegions regions(*stamp, &art());
    Json list = Json::array();
    text += QStringLiteral("%1: %2 parts\n").arg(QString::fromStdString(stamp->id)).arg(regions.all().size());
    for (const Region& r : regions.all()) {
      list.push_back({{"id", r.id.empty() ? Json(nullptr) : Json(r.id)},
                      {"name", r.name},
                      {"at", {r.at.x, r.at.y}},
                      {"area", r.area_mm2},
                      {"open", r.open_mm}});
      text += QStringLiteral("  %1, %2: %3 mm²%4\n")
                  .arg(r.at.x, 0, 'f', 1)
                  .arg(r.at.y, 0, 'f', 1)
                  .arg(r.area_mm2, 0, 'f', 1)
                  .arg(r.name.empty() ? QString() : QStringLiteral(", ") + QString::fromStdString(r.name));
    }
    stamps.push_back({{"stamp", stamp->id}, {"regions", std::move(list)}, {"leftOut", regions.leftOut()}});
  }
  if (call.has("--json")) return print(Json{{"stamps", std::move(stamps)}}.dump(1) + "\n");
  return print(text.toStdString());
}

}  // namespace

const Verb kRegions{"regions", "the parts of each drawing that can be coloured", kRegionsOptions, runRegions};

}  // namespace havlo::cli
