// havlo-cli class: one card made by several makers who share stamps and pads.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/batch/class_plan.h"
#include "core/batch/shopping.h"
#include "core/card/card_sizes.h"
#include "core/pieces/from_drawer.h"
#include "io/print/sheets.h"
#include "io/wording/class_words.h"
#include "io/wording/stock_words.h"

namespace havlo::cli {
namespace {

constexpr Option kClassOptions[] = {{"--json", nullptr, "one JSON object"},
                                    {"--makers", "N", "so many, 1 to 60; 6 if not given"},
                                    {"--stamps", "N", "there are so many of each stamp; 1 if not given"},
                                    {"--pads", "N", "and so many pads of each ink; 1 if not given"},
                                    {"--heat", "N", "and so many heat tools; 1 if not given"},
                                    {"--masks-ready", nullptr, "the teacher has cut the masks beforehand"},
                                    {"--units", "mm|in", "measures; mm if not given"},
                                    {"--pdf", "F", "the sheet for the class"}};

constexpr std::string_view kTools[] = {"stamp", "ink", "heatTool"};

Json classReport(const Plan& plan, const ClassPlan& made) {
  Json out = {{"makers", made.wish.makers},  {"minutes", made.minutes},     {"alone", made.alone_min},
              {"bound", made.bound_min},     {"waiting", made.waiting_min}, {"stations", Json::array()},
              {"beforehand", Json::array()}, {"tools", Json::array()},      {"turns", Json::array()}};
  for (int s : made.done) {
    Json tools = Json::array();
    for (int t : made.toolsAt[ix(s)]) tools.push_back(t);
    out["stations"].push_back(
        {{"title", stationTitle(plan, made.card, made.card.stations[ix(s)]).toStdString()},
         {"minutes", made.card.stations[ix(s)].minutes},
         {"tools", std::move(tools)}});
  }
  for (int s : made.beforehand)
    out["beforehand"].push_back(stationTitle(plan, made.card, made.card.stations[ix(s)]).toStdString());
  for (const ClassTool& t : made.tools)
    out["tools"].push_back({{"what", kTools[ix(static_cast<int>(t.what))]},
                            {"id", t.id},
                            {"copies", t.copies},
                            {"busy", t.busy_min},
                            {"oneMoreSpares", t.sparing_min}});
  for (const ClassTurn& t : made.turns) {
    const auto at = std::find(made.done.begin(), made.done.end(), t.station) - made.done.begin();
    out["turns"].push_back({{"maker", t.maker + 1},
                            {"station", at},
                            {"from", t.from_min},
                            {"to", t.to_min},
                            {"waited", t.waited_min}});
  }
  return out;
}

int runClass(const Call& call) {
  ClassWish wish;
  for (const auto& [option, most, into] : {std::tuple("--makers", kMostMakers, &wish.makers),
                                           {"--stamps", kMostSets, &wish.stampSets},
                                           {"--pads", kMostSets, &wish.inkSets},
                                           {"--heat", kMostSets, &wish.heatTools}}) {
    if (!call.has(option)) continue;
    bool whole = false;
    *into = call.value(option).toInt(&whole);
    if (!whole || *into < 1 || *into > most)
      return complain(kUsage,
                      QStringLiteral("%1 wants a number from 1 to %2").arg(QLatin1String(option)).arg(most));
  }
  const MeasureStyle style =
      call.value("--units") == QLatin1String("in") ? MeasureStyle::Inches : MeasureStyle::Millimetres;
  wish.masksReady = call.has("--masks-ready");
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const ClassPlan made = classPlan(opened->plan, opened->analysis, wish, &art());
  if (call.has("--pdf")) {
    Plan all = opened->plan;
    all.making.copies = wish.makers;
    const UsualSize& a4 = usualCardSheets().front();
    const auto cuts = cutFromDrawer(all, {}, {std::string(a4.name), a4.width_mm, a4.height_mm, 1}, 0);
    const auto needs = needsOf(all, *opened->analysis, cuts, {}, {});
    if (const auto saved =
            writePdf(call.value("--pdf"), classSheet(opened->plan, made, needs, style, Sheet::a4()));
        !saved)
      return complain(saved.error());
  }
  if (call.has("--json")) return print(classReport(opened->plan, made).dump(1) + "\n");
  if (call.has("--pdf")) return kDone;
  QString out = classFacts(opened->plan, made).join(u'\n') + u'\n';
  for (size_t k = 0; k < made.done.size(); ++k) {
    out += QStringLiteral("%1. %2:").arg(k + 1).arg(
        stationTitle(opened->plan, made.card, made.card.stations[ix(made.done[k])]));
    for (int m = 0; m < made.wish.makers; ++m)
      for (const ClassTurn& t : made.turns)
        if (t.maker == m && t.station == made.done[k]) out += u' ' + clockWords(t.from_min);
    out += u'\n';
  }
  return print(out.toStdString());
}

}  // namespace

const Verb kClass{"class", "one card made by several makers", kClassOptions, runClass};

}  // namespace havlo::cli
