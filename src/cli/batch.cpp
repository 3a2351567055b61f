// havlo-cli batch: many cards of one plan as a line of work.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/batch/line_of_work.h"
#include "io/wording/stock_words.h"

namespace havlo::cli {
namespace {

constexpr Option kBatchOptions[] = {{"--json", nullptr, "one JSON object"},
                                    {"--cards", "N", "so many cards; as the plan says if not given"},
                                    {"--rack", "N", "places to dry; as the plan says if not given"}};

constexpr std::string_view kKinds[] = {"masks", "stamp", "blend",    "hand",   "powder",
                                       "cover", "cut",   "assemble", "enclose"};

Json batchReport(const Plan& plan, const Batch& batch) {
  Json out = {{"cards", batch.cards},           {"minutes", batch.minutes},
              {"alone", batch.alone_min},       {"spared", batch.spared_min},
              {"rackWait", batch.rackWait_min}, {"mostDrying", batch.mostDrying},
              {"groups", Json::array()},        {"stations", Json::array()}};
  for (const BatchGroup& g : batch.groups)
    out["groups"].push_back({{"name", groupName(plan, g).toStdString()},
                             {"variation", g.variation < 0 ? Json(nullptr) : Json(g.variation)},
                             {"cards", g.cards}});
  for (const Station& s : batch.stations)
    out["stations"].push_back(
        {{"kind", kKinds[ix(static_cast<int>(s.kind))]},
         {"group", s.group < 0 ? Json(nullptr) : Json(s.group)},
         {"piece", s.face < 0 ? Json(nullptr) : Json(plan.pieces[ix(batch.faces[ix(s.face)].piece)].id)},
         {"title", stationTitle(plan, batch, s).toStdString()},
         {"cards", s.cards},
         {"ink", s.ink.empty() ? Json(nullptr) : Json(s.ink)},
         {"impressions", s.impressions},
         {"masks", s.masks},
         {"minutes", s.minutes},
         {"dry", s.dry_min},
         {"drying", s.drying},
         {"rackWait", s.rackWait_min},
         {"wait", s.wait_min}});
  return out;
}

int runBatch(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  Plan plan = opened->plan;
  for (const auto& [option, least, into] :
       {std::tuple("--cards", 1, &plan.making.copies), {"--rack", 0, &plan.making.rack}}) {
    if (!call.has(option)) continue;
    bool whole = false;
    *into = call.value(option).toInt(&whole);
    if (!whole || *into < least || *into > 9999)
      return complain(
          kUsage, QStringLiteral("%1 wants a number from %2 to 9999").arg(QLatin1String(option)).arg(least));
  }
  for (const Variation& v : plan.making.variations)
    if (const std::string gone = unknownIn(plan, v); !gone.empty())
      return complain(kUsage, QStringLiteral("the variation \"%1\" names \"%2\", which is not in the plan")
                                  .arg(QString::fromStdString(v.name), QString::fromStdString(gone)));
  const Batch batch = lineOfWork(plan, opened->analysis, &art());
  if (call.has("--json")) return print(batchReport(plan, batch).dump(1) + "\n");
  QString out;
  for (size_t k = 0; k < batch.stations.size(); ++k) {
    const Station& s = batch.stations[k];
    out += QStringLiteral("%1. %2: %3\n")
               .arg(k + 1)
               .arg(stationTitle(plan, batch, s), stationDetail(plan, batch, s));
    if (const QString setUp = stationSetUp(plan, s); !setUp.isEmpty())
      out += QStringLiteral("   %1\n").arg(setUp);
  }
  return print((out + batchFacts(plan, batch).join(u'\n') + u'\n').toStdString());
}

}  // namespace

const Verb kBatch{"batch", "many cards as a line of work", kBatchOptions, runBatch};

}  // namespace havlo::cli
