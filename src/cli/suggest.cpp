// havlo-cli suggest: arrangements proposed, each proven by the press.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/arrange/variants.h"
#include "core/chain/foretell.h"
#include "io/drawer/drawer_file.h"
#include "io/files/plan_file.h"
#include "io/wording/arrange_words.h"
#include "io/wording/focus_words.h"

namespace havlo::cli {
namespace {

constexpr Option kSuggestOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--seed", "N", "another number, other proposals; 1 if not given"},
    {"--lock", "A,B", "impressions that stay where they are"},
    {"--add", "A,B", "stamps of the plan to put on the card besides"},
    {"--hero", "STAMP", "scenes for this stamp instead, on the plan's card"},
    {"--drawer", "ZIP", "a packed drawer to choose from; else the plan's stamps"},
    {"--set", "N", "with --hero: so many cards that belong together"},
    {"--freshen", nullptr, "the plan's card with other stamps, light, colours"},
    {"--fit", "WxH", "the plan's card on another size, as 148x105mm or 5x7in"},
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
  for (const Gained& g : p.why) out["why"].push_back(gainWords(g).toStdString());
  for (const Impression& i : p.plan.impressions) out["feet"][i.id] = {i.at.x, i.at.y};
  return out;
}

/// Inks of the drawer that the plan does not have yet.
void addInks(std::vector<Ink>& to, const std::vector<Ink>& more) {
  for (const Ink& ink : more)
    if (std::none_of(to.begin(), to.end(), [&](const Ink& i) { return i.id == ink.id; })) to.push_back(ink);
}

/// Scenes for a stamp, from a packed drawer or from the plan's own stamps.
int runScenes(const Call& call, const Plan& plan, uint64_t seed) {
  SceneWish wish;
  wish.seed = seed, wish.inks = plan.inks;
  wish.sheet.title = plan.title, wish.sheet.card = plan.card, wish.sheet.supplies = plan.supplies;
  if (call.has("--drawer")) {
    auto read = importDrawer(call.value("--drawer"));
    if (!read) return complain(read.error());
    wish.drawer = std::move(read.value().stamps);
    addInks(wish.inks, read.value().inks);
  } else {
    for (const StampRef& s : plan.stamps) wish.drawer.push_back(agreed({{}, *s}));
  }
  const std::string hero = call.value("--hero").toStdString();
  const auto found = std::find_if(wish.drawer.begin(), wish.drawer.end(), [&](const DrawerStamp& s) {
    return s.stamp.id == hero || s.card.key == hero;
  });
  if (found == wish.drawer.end())
    return complain(kBadInput,
                    QStringLiteral("there is no stamp \"%1\" to be the hero").arg(call.value("--hero")));
  wish.hero = found->stamp;
  if (wish.hero.drawer.empty()) wish.hero.drawer = found->card.key;
  bool number = true;
  const int cards = call.has("--set") ? call.value("--set").toInt(&number) : 0;
  if (!number || cards < 0 || cards > 12)
    return complain(kUsage, QStringLiteral("--set wants a number from 1 to 12"));
  const auto scenes = cards > 0 ? setOfCards(wish, cards, &art()) : scenesFor(wish, &art());
  if (!scenes) return complain(scenes.error());
  if (call.has("--plans"))
    for (size_t k = 0; k < scenes.value().size(); ++k)
      if (const auto saved =
              savePlan(QStringLiteral("%1/scene-%2.havlo").arg(call.value("--plans")).arg(k + 1),
                       scenes.value()[k].card.plan);
          !saved)
        return complain(saved.error());
  Json out = {{"scenes", Json::array()}};
  QString text;
  for (size_t k = 0; k < scenes.value().size(); ++k) {
    const SceneOffer& s = scenes.value()[k];
    Json one = proposalReport(s.card);
    one["text"] = sceneWords(s).toStdString();
    one["daylight"] = s.daylight == Daylight::Morning ? "morning"
                      : s.daylight == Daylight::Noon  ? "noon"
                                                      : "evening";
    one["theme"] = s.theme, one["eyeHeight"] = s.eyeHeight_m, one["stamps"] = s.stamps;
    out["scenes"].push_back(std::move(one));
    text += QStringLiteral("%1: %2 %3\n").arg(k + 1).arg(sceneWords(s), numbersOf(s.card));
  }
  if (call.has("--json")) return print(out.dump(1) + "\n");
  return print(text.isEmpty() ? "no scene came out that is worth making\n" : text.toStdString());
}

/// Cards made from the plan's own: each told like a proposal, and written if that is asked for.
int tell(const Call& call, const std::vector<Proposal>& cards, const QString& name) {
  Json out = {{"proposals", Json::array()}};
  QString text;
  for (size_t k = 0; k < cards.size(); ++k) {
    out["proposals"].push_back(proposalReport(cards[k]));
    text += QStringLiteral("%1: %2\n").arg(k + 1).arg(verdict(cards[k].plan, *cards[k].analysis));
    if (!call.has("--plans")) continue;
    const QString file = QStringLiteral("%1/%2-%3.havlo").arg(call.value("--plans"), name).arg(k + 1);
    if (const auto saved = savePlan(file, cards[k].plan); !saved) return complain(saved.error());
  }
  if (call.has("--json")) return print(out.dump(1) + "\n");
  return print(text.isEmpty() ? "nothing was found that is as good\n" : text.toStdString());
}

int runFreshen(const Call& call, const Plan& plan, uint64_t seed) {
  FreshWish wish;
  wish.seed = seed, wish.inks = plan.inks;
  if (call.has("--drawer")) {
    auto read = importDrawer(call.value("--drawer"));
    if (!read) return complain(read.error());
    wish.drawer = std::move(read.value().stamps);
    addInks(wish.inks, read.value().inks);
  }
  const auto found = freshened(plan, wish, &art());
  return found ? tell(call, found.value(), QStringLiteral("fresh")) : complain(found.error());
}

int runFit(const Call& call, const Plan& plan, uint64_t seed) {
  const auto size = sidesOf(call.value("--fit"));
  if (!size)
    return complain(kUsage,
                    QStringLiteral("--fit wants two sides from 20 to 2000 mm, as 148x105mm or 5x7in"));
  const auto found = fitted(plan, *size, seed, &art());
  return found ? tell(call, {found.value()}, QStringLiteral("fitted")) : complain(found.error());
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
  if (call.has("--hero")) return runScenes(call, opened->plan, wish.seed);
  if (call.has("--freshen")) return runFreshen(call, opened->plan, wish.seed);
  if (call.has("--fit")) return runFit(call, opened->plan, wish.seed);
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
                .arg(whyWords(proposals[k]), verdict(proposals[k].plan, *proposals[k].analysis));
  if (proposals.empty()) text += QStringLiteral("no arrangement was found that is better\n");
  return print(text.toStdString());
}

}  // namespace

const Verb kSuggest{"suggest", "arrangements in which the hero is seen first", kSuggestOptions, runSuggest};

}  // namespace havlo::cli
