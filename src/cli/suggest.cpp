// havlo-cli suggest: arrangements proposed, each proven by the press.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/arrange/arrange.h"
#include "core/chain/foretell.h"
#include "io/files/plan_file.h"
#include "io/wording/focus_words.h"

namespace havlo::cli {
namespace {

constexpr Option kSuggestOptions[] = {{"--json", nullptr, "one JSON object"},
                                      {"--seed", "N", "another number, other proposals; 1 if not given"},
                                      {"--lock", "A,B", "impressions that stay where they are"},
                                      {"--add", "A,B", "stamps of the plan to put on the card besides"},
                                      {"--plans", "DIR", "writes each proposal there as a plan"}};

std::vector<std::string> listOf(const QString& text) {
  std::vector<std::string> out;
  for (const QString& part : text.split(u',', Qt::SkipEmptyParts))
    out.push_back(part.trimmed().toStdString());
  return out;
}

Json proposalReport(const Proposal& p) {
  const Looks& l = *p.analysis->looks;
  Json out = {{"score", p.score},
              {"share", l.heroShare()},
              {"rank", l.heroRank},
              {"warnings", warningsOf(*p.analysis)},
              {"masks", p.analysis->masksToCut()},
              {"minutes", p.analysis->sheet.minutes},
              {"plain", l.plainShare},
              {"proven", p.proven},
              {"moved", p.moved},
              {"apart", p.apart}};
  for (const Impression& i : p.plan.impressions) out["feet"][i.id] = {i.at.x, i.at.y};
  return out;
}

int runSuggest(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  ArrangeWish wish;
  if (call.has("--seed")) {
    bool number = false;
    wish.seed = call.value("--seed").toULongLong(&number);
    if (!number) return complain(kUsage, QStringLiteral("--seed wants a whole number"));
  }
  if (call.has("--lock")) wish.locked = listOf(call.value("--lock"));
  if (call.has("--add")) wish.add = listOf(call.value("--add"));
  const auto found = suggestArrangements(opened->plan, &art(), wish);
  if (!found) return complain(found.error());
  const auto& proposals = found.value().proposals;
  if (call.has("--plans"))
    for (size_t k = 0; k < proposals.size(); ++k)
      if (const auto saved =
              savePlan(QStringLiteral("%1/proposal-%2.havlo").arg(call.value("--plans")).arg(k + 1),
                       proposals[k].plan);
          !saved)
        return complain(saved.error());
  if (call.has("--json")) {
    Json out = {{"now", proposalReport(found.value().now)}, {"proposals", Json::array()}};
    for (const Proposal& p : proposals) out["proposals"].push_back(proposalReport(p));
    return print(out.dump(1) + "\n");
  }
  QString text =
      QStringLiteral("now: %1\n").arg(verdict(found.value().now.plan, *found.value().now.analysis));
  for (size_t k = 0; k < proposals.size(); ++k)
    text += QStringLiteral("%1: %2 %3\n")
                .arg(k + 1)
                .arg(verdict(proposals[k].plan, *proposals[k].analysis),
                     proposals[k].proven ? QStringLiteral("Proven.") : QStringLiteral("Not proven."));
  return print(text.toStdString());
}

}  // namespace

const Verb kSuggest{"suggest", "arrangements in which the hero is seen first", kSuggestOptions, runSuggest};

}  // namespace havlo::cli
