// havlo-cli joins: which joins may show when masks are laid by hand.
#include "cli/report.h"
#include "cli/verb.h"
#include "io/wording/work_words.h"

namespace havlo::cli {
namespace {

constexpr Option kJoinsOptions[] = {{"--json", nullptr, "one JSON object"}};

int runJoins(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  const auto risk = joinRisk(plan, *analysis);
  if (!risk) return complain(risk.error());
  if (!call.has("--json")) {
    QString out;
    for (const Join& j : risk.value().joins)
      out += QStringLiteral("%1: shows in %2\n").arg(joinName(plan, j), chanceWords(j.shows));
    return print(out.toStdString());
  }
  Json joins = Json::array();
  for (const Join& j : risk.value().joins)
    joins.push_back({{"front", plan.impressions[ix(j.front)].id},
                     {"back", j.back < 0 ? Json(nullptr) : Json(plan.impressions[ix(j.back)].id)},
                     {"wash", j.wash < 0 ? Json(nullptr) : Json(plan.washes[ix(j.wash)].id)},
                     {"length", j.length_mm},
                     {"gap", j.gap},
                     {"runIn", j.runIn},
                     {"shows", j.shows},
                     {"bestInset", j.bestInset_mm},
                     {"bestShows", j.bestShows}});
  return print(
      Json{{"joins", std::move(joins)}, {"expected", risk.value().expected}, {"clean", risk.value().clean}}
          .dump(1) +
      "\n");
}

}  // namespace

const Verb kJoins{"joins", "which joins may show when masks are laid by hand", kJoinsOptions, runJoins};

}  // namespace havlo::cli
