#include "app/arrange/arrange_work.h"

#include <algorithm>

#include "core/chain/foretell.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/drawer/drawer_store.h"
#include "io/wording/arrange_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr double kPicture_dpi = 110;

ArrangeLeaf leafOf(Proposal card, const QString& title, const QString& said, SvgArt& art) {
  QImage picture = intendedPicture(card.plan, *card.analysis, art, kPicture_dpi);
  return {std::move(card), title, said, std::move(picture)};
}

Result<std::vector<DrawerStamp>> stampsOf(const QString& file, const Progress& progress) {
  auto store = DrawerStore::open(file);
  if (!store) return store.error();
  auto all = store.value()->everything({progress.stop, {}});
  if (!all) return all.error();
  return std::move(all.value().stamps);
}

Result<ArrangeFound> better(const Plan& plan, const ArrangeAsk& ask, SvgArt& art, const Progress& progress) {
  auto found = suggestArrangements(plan, &art, ask.better, progress);
  if (!found) return found.error();
  ArrangeFound out;
  out.now = leafOf(found.value().now, tr("As it is"), {}, art);
  for (const Proposal& p : found.value().proposals) {
    const QString title = p.moved == 1 ? tr("%1: one thing moves").arg(out.cards.size() + 1)
                                       : tr("%1: %2 things move").arg(out.cards.size() + 1).arg(p.moved);
    const QString why = whyWords(p);
    out.cards.push_back(leafOf(p, title, why, art));
  }
  out.says =
      out.cards.empty() ? tr("Nothing better was found: each other way costs the hero, or brings something "
                             "to mend. Let more things move.")
      : out.cards.size() == 1
          ? tr("One arrangement that is better. Let more things move for others.")
          : tr("%1 arrangements that are better, the clearest first. Each was pressed on simulated paper.")
                .arg(out.cards.size());
  return out;
}

SceneWish sceneWish(const Plan& plan, const ArrangeAsk& ask, std::vector<DrawerStamp> drawer) {
  SceneWish wish;
  wish.drawer = std::move(drawer);
  wish.inks = ask.inks, wish.seed = ask.seed;
  wish.sheet.title = plan.title, wish.sheet.notes = plan.notes, wish.sheet.card = plan.card;
  wish.sheet.supplies = plan.supplies;
  for (const DrawerStamp& s : wish.drawer)
    if (s.card.key == ask.hero) {
      wish.hero = s.stamp;
      if (wish.hero.drawer.empty()) wish.hero.drawer = s.card.key;
    }
  return wish;
}

Result<ArrangeFound> scenes(const Plan& plan, const ArrangeAsk& ask, SvgArt& art, const Progress& progress) {
  auto drawer = stampsOf(ask.drawer, progress);
  if (!drawer) return drawer.error();
  const SceneWish wish = sceneWish(plan, ask, std::move(drawer.value()));
  if (wish.hero.id.empty()) return Error{ErrorCode::BadInput, "choose a hero from your drawer", "hero"};
  auto found =
      ask.what == Asked::Four ? setOfCards(wish, 4, &art, progress) : scenesFor(wish, &art, progress);
  if (!found) return found.error();
  ArrangeFound out;
  for (const SceneOffer& s : found.value()) {
    const QString said = sceneWords(s);
    const int n = static_cast<int>(out.cards.size()) + 1;
    out.cards.push_back(
        leafOf(s.card, ask.what == Asked::Four ? tr("Card %1").arg(n) : tr("Scene %1").arg(n), said, art));
  }
  out.says =
      out.cards.empty() ? tr("No scene came out that is worth making. Ask again, or choose another hero.")
      : ask.what == Asked::Four
          ? tr("%1 cards that belong together: one hour, one paper, one set of inks.").arg(out.cards.size())
          : tr("Scenes from what you own; every size fits one viewpoint. Each was pressed on simulated "
               "paper.");
  return out;
}

Result<ArrangeFound> fresh(const Plan& plan, const ArrangeAsk& ask, SvgArt& art, const Progress& progress) {
  auto drawer = stampsOf(ask.drawer, progress);
  if (!drawer) return drawer.error();
  FreshWish wish;
  wish.drawer = std::move(drawer.value()), wish.inks = ask.inks, wish.seed = ask.seed;
  auto found = freshened(plan, wish, &art, progress);
  if (!found) return found.error();
  ArrangeFound out;
  out.now = leafOf(proposalAsItIs(plan, &art), tr("As it is"), {}, art);
  for (const Proposal& p : found.value()) {
    QStringList changed;
    for (const Impression& i : p.plan.impressions)
      if (const Impression* was = plan.impression(i.id); was && was->stamp != i.stamp)
        changed << tr("%1 for %2").arg(stampName(*p.plan.stamp(i.stamp)), stampName(*plan.stamp(was->stamp)));
    QString said =
        changed.isEmpty() ? tr("Other colours.") : tr("%1.").arg(changed.join(QStringLiteral(", ")));
    if (p.plan.light != plan.light) said += u' ' + tr("Light from the other side.");
    out.cards.push_back(leafOf(p, tr("Fresh %1").arg(out.cards.size() + 1), said, art));
  }
  out.says = out.cards.empty() ? tr("Nothing in the drawer freshens this card without making it worse.")
                               : tr("The same scene with other stamps, light or colours.");
  return out;
}

Result<ArrangeFound> onOtherSize(const Plan& plan, const ArrangeAsk& ask, SvgArt& art,
                                 const Progress& progress) {
  auto found = fitted(plan, ask.size, ask.seed, &art, progress);
  if (!found) return found.error();
  ArrangeFound out;
  out.now = leafOf(proposalAsItIs(plan, &art), tr("As it is"), {}, art);
  const int left = found.value().worth.faults + found.value().worth.warnings;
  out.says = left == 0   ? tr("It fits the other size; nothing is left to mend.")
             : left == 1 ? tr("It is carried over as well as it goes; one thing is left to mend.")
                         : tr("It is carried over as well as it goes; %1 things are left to mend.").arg(left);
  out.cards.push_back(leafOf(found.value(), tr("On the other size"), {}, art));
  return out;
}

}  // namespace

Result<ArrangeFound> arranged(const Plan& plan, const ArrangeAsk& ask, std::shared_ptr<SvgArt> art,
                              const Progress& progress) {
  switch (ask.what) {
    case Asked::Better:
      return better(plan, ask, *art, progress);
    case Asked::Scene:
    case Asked::Four:
      return scenes(plan, ask, *art, progress);
    case Asked::Fresh:
      return fresh(plan, ask, *art, progress);
    case Asked::Fitted:
      return onOtherSize(plan, ask, *art, progress);
  }
  return Error{ErrorCode::BadInput, "nothing was asked for", {}};
}

QString arrangeNumbers(const Proposal& p) {
  const Looks& l = *p.analysis->looks;
  const int warnings = warningsOf(*p.analysis);
  QStringList out;
  if (l.hero >= 0)
    out << (l.heroRank == 1 ? tr("Hero first, %1").arg(shareWords(l.heroShare()))
                            : tr("Hero in place %1, %2").arg(l.heroRank).arg(shareWords(l.heroShare())));
  out << (warnings == 0   ? tr("nothing to look at")
          : warnings == 1 ? tr("1 thing to look at")
                          : tr("%1 things to look at").arg(warnings));
  const int masks = p.analysis->masksToCut();
  out << (masks == 1 ? tr("1 mask") : tr("%1 masks").arg(masks));
  out << minutesWords(p.analysis->sheet.minutes);
  out << (p.proven ? tr("proven") : tr("not as planned when pressed"));
  return out.join(QStringLiteral(" · "));
}

}  // namespace havlo
