// havlo-cli joins: which joins may show when masks are laid by hand.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/wording/work_words.h"

namespace havlo::cli {
namespace {

constexpr Option kJoinsOptions[] = {{"--json", nullptr, "one JSON object"},
                                    {"--log", "DIR", "reckons with the hands that this log knows"}};

int runJoins(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  const auto risk = joinRisk(plan, *analysis, {handErrors(plan.habits)});
  if (!risk) return complain(risk.error());
  if (!call.has("--json")) {
    QString out;
    for (const Join& j : risk.value().joins)
      out += QStringLiteral("%1: shows in %2\n").arg(joinName(plan, j), chanceWords(j.shows));
    const JoinRisk& all = risk.value();
    out += QStringLiteral(
               "Of %1 papers laid %2 are expected to show somewhere; %3 mm of lines to join by pen.\n")
               .arg(all.layings)
               .arg(all.expected, 0, 'f', 1)
               .arg(all.pen_mm, 0, 'f', 1);
    return print(out.toStdString());
  }
  Json joins = Json::array(), pen = Json::array();
  for (const Join& j : risk.value().joins)
    if (j.pen_mm >= 0.05)
      pen.push_back({{"front", plan.impressions[ix(j.front)].id},
                     {"back", j.back < 0 ? Json(nullptr) : Json(plan.impressions[ix(j.back)].id)},
                     {"mm", j.pen_mm}});
  for (const Join& j : risk.value().joins)
    joins.push_back({{"front", plan.impressions[ix(j.front)].id},
                     {"back", j.back < 0 ? Json(nullptr) : Json(plan.impressions[ix(j.back)].id)},
                     {"wash", j.wash < 0 ? Json(nullptr) : Json(plan.washes[ix(j.wash)].id)},
                     {"laying", j.laying},
                     {"length", j.length_mm},
                     {"gap", j.gap},
                     {"runIn", j.runIn},
                     {"shows", j.shows},
                     {"bestInset", j.bestInset_mm},
                     {"bestShows", j.bestShows}});
  const HandErrors hands = handErrors(plan.habits);
  return print(Json{{"joins", std::move(joins)},
                    {"pen", std::move(pen)},
                    {"layings", risk.value().layings},
                    {"expected", risk.value().expected},
                    {"clean", risk.value().clean},
                    {"assumes",
                     {{"placing", hands.placing_mm},
                      {"turn", hands.turn_deg},
                      {"cutting", hands.cutting_mm},
                      {"visible", hands.visible_mm},
                      {"cards", plan.habits.cards}}}}
                   .dump(1) +
               "\n");
}

}  // namespace

const Verb kJoins{"joins", "which joins may show when masks are laid by hand", kJoinsOptions, runJoins};

}  // namespace havlo::cli
