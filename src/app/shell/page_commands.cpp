// What one does on the pages of places, as commands without a menu. Each says what is pressed there.
#include "app/shell/commands.h"
#include "app/shell/places.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

struct PageAct {
  QLatin1String place;
  QString part;  ///< as Place::turnTo() takes it
  QString text, also;
};

std::vector<PageAct> pageActs() {
  constexpr QLatin1String kCard("card"), kOrder("order"), kInk("ink"), kColour("colour");
  std::vector<PageAct> out{
      {kCard, QStringLiteral("cardTab-0"), tr("Sizes, fold, mats and base"),
       tr("panel rim strip border inside envelope orientation")},
      {kCard, QStringLiteral("cardTab-1"), tr("Pieces of paper on the card"),
       tr("strip oval window frame panel foam glue pop layer")},
      {kCard, QStringLiteral("cardTab-2"), tr("Cut the papers from sheets"),
       tr("stock offcut knife trim blade")},
      {kCard, QStringLiteral("cardTab-3"), tr("Many cards, a class, what to buy"),
       tr("copies batch shopping workshop")},
      {kOrder, QStringLiteral("orderTab-0"), tr("The steps in their order"),
       tr("sequence wish run sheet stamping")},
      {kOrder, QStringLiteral("orderTab-1"), tr("Masks: how they are cut"),
       tr("layout paper tape joint cover")},
      {kOrder, QStringLiteral("orderTab-2"), tr("Risky joins"), tr("gap overlap halo shift chance")},
      {kOrder, QStringLiteral("orderTab-3"), tr("Schools: mask, leave out, emboss, print over"),
       tr("technique resist powder wipe pop-up")},
      {kInk, QStringLiteral("inkTab-0"), tr("What is seen first"),
       tr("focus hero eye attention contrast looks")},
      {kInk, QStringLiteral("inkTab-1"), tr("The background"), tr("wash blend sky ground")},
      {kInk, QStringLiteral("inkTab-2"), tr("Inks and palettes"), tr("colour pad harmony")},
      {kInk, QStringLiteral("inkTab-3"), tr("The greeting"), tr("words sentiment text letters birthday")},
      {kColour, QStringLiteral("colourTab-0"), tr("Colour parts by hand"),
       tr("marker pencil brush shade fill")},
      {kColour, QStringLiteral("colourTab-1"), tr("Details by hand: lines, dots, highlights"),
       tr("pen gel glitter accent lift grass")},
      {kColour, QStringLiteral("colourTab-2"), tr("Steps of your own"), tr("note remember extra")},
      {kColour, QStringLiteral("colourTab-3"), tr("Colours that are suggested"), tr("idea scheme propose")},
  };
  const std::pair<WashKind, QString> washes[] = {{WashKind::Sky, tr("clouds blue")},
                                                 {WashKind::Ground, tr("meadow grass field earth")},
                                                 {WashKind::Water, tr("lake river sea canal")},
                                                 {WashKind::Mist, tr("fog haze")},
                                                 {WashKind::Glow, tr("light lamp sun moon")},
                                                 {WashKind::Halo, tr("moon sun disc")},
                                                 {WashKind::DarkEdges, tr("vignette corners")},
                                                 {WashKind::Rays, tr("sunbeams light")},
                                                 {WashKind::Plain, tr("colour tint")}};
  for (const auto& [kind, also] : washes)
    out.push_back({kInk, QStringLiteral("inkTab-1/wash-%1").arg(static_cast<int>(kind)),
                   tr("Background: %1").arg(kindName(kind)), also + u' ' + tr("add wash blend")});
  return out;
}

}  // namespace

std::vector<Command> pageCommands(const std::vector<PlaceKind>& places,
                                  const std::function<bool(const PlaceKind&)>& open, const WindowActs& acts) {
  std::vector<Command> out;
  for (const PageAct& act : pageActs())
    for (const PlaceKind& kind : places) {
      if (kind.id != act.place) continue;
      Command c;
      c.id = kind.id + u'/' + act.part;
      c.text = act.text, c.also = act.also;
      c.run = [visit = acts.visitPart, id = kind.id, part = act.part] { visit(id, part); };
      c.enabled = [open, &kind] { return open(kind); };
      out.push_back(std::move(c));
    }
  return out;
}

}  // namespace havlo
