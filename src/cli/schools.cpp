// havlo-cli schools: the plan by every school, and what is advised for each impression.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/plan/plan_text.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/work_words.h"

namespace havlo::cli {
namespace {

constexpr Option kSchoolsOptions[] = {{"--json", nullptr, "one JSON object"}};

QString nameOfWay(const SchoolResult& r) {
  if (r.school) return schoolName(*r.school);
  return r.advised ? QStringLiteral("as advised") : QStringLiteral("as planned");
}

int runSchools(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  const auto compared = compareSchools(plan, *analysis, &art());
  if (!compared) return complain(compared.error());
  const std::vector<SchoolAdvice>& advice = compared.value().advice;
  const std::vector<MaskSaving> little = littleSaved(compared.value());
  if (!call.has("--json")) {
    QString out;
    for (const SchoolResult& r : compared.value().ways)
      out += QStringLiteral("%1: %2 masks, %3, %4 joins may show, %5 mm2 wrong, %6 things it does not suit\n")
                 .arg(nameOfWay(r))
                 .arg(r.masks)
                 .arg(minutesWords(r.minutes))
                 .arg(r.risk, 0, 'f', 1)
                 .arg(r.faults_mm2, 0, 'f', 1)
                 .arg(r.unsuited);
    for (const SchoolAdvice& a : advice)
      out += QStringLiteral("%1: %2, %3\n")
                 .arg(labelOf(plan, a.impression), schoolName(a.best), reasonWords(a.reason));
    if (!little.empty()) out += littleSavedWords(plan, little) + u'\n';
    return print(out.toStdString());
  }
  Json ways = Json::array(), things = Json::array(), savings = Json::array();
  for (const MaskSaving& s : compared.value().savings)
    savings.push_back({{"impression", plan.impressions[ix(s.impression)].id},
                       {"saves", s.saves_mm2},
                       {"minutes", s.minutes}});
  for (const SchoolResult& r : compared.value().ways)
    ways.push_back(
        {{"technique", r.school ? Json(wordOf(*r.school)) : Json(r.advised ? "advised" : "planned")},
         {"masks", r.masks},
         {"minutes", r.minutes},
         {"risk", r.risk},
         {"faults", r.faults_mm2},
         {"unsuited", r.unsuited},
         {"pen", r.pen_mm}});
  for (const SchoolAdvice& a : advice)
    things.push_back({{"impression", plan.impressions[ix(a.impression)].id},
                      {"technique", wordOf(a.best)},
                      {"why", reasonWords(a.reason).toStdString()}});
  return print(
      Json{{"schools", std::move(ways)}, {"advice", std::move(things)}, {"savings", std::move(savings)}}.dump(
          1) +
      "\n");
}

}  // namespace

const Verb kSchools{"schools", "the plan by every school of keeping things in front", kSchoolsOptions,
                    runSchools};

}  // namespace havlo::cli
