// havlo-cli diff: what one plan does otherwise than another, and what follows from it at the table.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/chain/chain.h"
#include "io/wording/change_words.h"

namespace havlo::cli {
namespace {

constexpr Option kDiffOptions[] = {{"--json", nullptr, "one JSON object"}};

constexpr std::string_view wordOf(ChangedPart part) {
  constexpr std::string_view kWords[] = {"words",    "card",   "view",       "light", "ground", "room",
                                         "ink",      "stamp",  "impression", "wash",  "limit",  "colouring",
                                         "line",     "accent", "lift",       "own",   "piece",  "picture",
                                         "supplies", "making", "styles",     "known", "other"};
  static_assert(std::size(kWords) == static_cast<size_t>(ChangedPart::Other) + 1);
  return kWords[static_cast<size_t>(part)];
}

constexpr std::string_view wordOf(ChangedHow how) {
  constexpr std::string_view kWords[] = {
      "added",    "removed", "moved", "turned", "inked",    "pressed",  "restamped", "schooled", "cut",
      "layered",  "raised",  "hero",  "noHero", "resized",  "reshaped", "bounded",   "strength", "reach",
      "softness", "horizon", "eyes",  "copies", "evenings", "named",    "reordered", "otherwise"};
  static_assert(std::size(kWords) == static_cast<size_t>(ChangedHow::Otherwise) + 1);
  return kWords[static_cast<size_t>(how)];
}

Json changeReport(const PlanChange& c, const QString& words) {
  Json out{{"of", wordOf(c.part)}, {"how", wordOf(c.how)}};
  if (!c.id.empty()) out["id"] = c.id;
  if (!(c.before == c.after)) {
    out["from"] = Json{c.before.x, c.before.y}, out["to"] = Json{c.after.x, c.after.y};
  } else if (c.was != c.now) {
    out["from"] = c.was, out["to"] = c.now;
  } else if (c.from != c.to) {
    out["from"] = c.from, out["to"] = c.to;
  }
  out["words"] = words.toStdString();
  return out;
}

Json findingsReport(const Plan& plan, const Analysis& a, const std::vector<int>& which) {
  Json out = Json::array();
  for (const int k : which) {
    const Finding& f = a.findings[ix(k)];
    Json ids = Json::array();
    for (const int i : f.impressions) ids.push_back(plan.impressions[ix(i)].id);
    out.push_back({{"kind", ruleOf(f.kind).word}, {"impressions", ids}});
  }
  return out;
}

int runDiff(const Call& call) {
  int exit = kDone;
  const auto was = open(call, exit, true);
  if (!was) return exit;
  Call second = call;
  second.file = call.value("other plan");
  const auto now = open(second, exit, true);
  if (!now) return exit;
  const auto changes = changesBetween(was->plan, now->plan);
  const TableChanges table = tableChanges(was->plan, *was->analysis, now->plan, *now->analysis);
  if (!call.has("--json")) {
    const QStringList words = toldChanges(was->plan, now->plan, changes, MeasureStyle::Millimetres);
    if (words.isEmpty()) return print("The two plans are the same.\n");
    const QStringList follows =
        tableWords(was->plan, *was->analysis, now->plan, *now->analysis, table, MeasureStyle::Millimetres);
    QString out = words.join(u'\n') + u'\n';
    if (!follows.isEmpty()) out += QStringLiteral("\nAt the table:\n") + follows.join(u'\n') + u'\n';
    return print(out.toStdString());
  }
  const QStringList words = changeWords(was->plan, now->plan, changes, MeasureStyle::Millimetres);
  Json report{{"changes", Json::array()}};
  for (size_t k = 0; k < changes.size(); ++k)
    report["changes"].push_back(changeReport(changes[k], words[static_cast<qsizetype>(k)]));
  Json masks{{"was", table.masksWas}, {"now", table.masksNow}, {"changed", Json::array()}};
  for (const MaskChange& m : table.masks) {
    Json one{{"was", m.was}, {"now", m.now}};
    m.stamp.empty() ? one["over"] = m.over : one["stamp"] = m.stamp;
    masks["changed"].push_back(one);
  }
  report["masks"] = masks;
  report["steps"] = {{"was", table.stepsWas}, {"now", table.stepsNow}};
  report["minutes"] = {{"was", table.minutesWas}, {"now", table.minutesNow}};
  report["findings"] = {{"new", findingsReport(now->plan, *now->analysis, table.findingsNew)},
                        {"gone", findingsReport(was->plan, *was->analysis, table.findingsGone)}};
  return print(report.dump(1) + "\n");
}

}  // namespace

const Verb kDiff{"diff", "what another plan does otherwise", kDiffOptions, runDiff, "other plan"};

}  // namespace havlo::cli
