// The intended card. Uses silhouettes, depth and inks; knows nothing of steps, masks or stamping order.
#include <algorithm>

#include "core/press/press.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

/// Everything but the taped border.
Box workable(const Card& card) { return card.panel.box().grown(-card.tape_mm); }

/// What shows of a thing: its silhouette without the things in front that knock it out.
void knockOut(Tile& tile, int thing, const PressInput& in, PressTiles& tiles) {
  for (int k : in.meetings.of[ix(thing)]) {
    const Meeting& m = in.meetings.list[ix(k)];
    const bool behind = m.back == thing || (m.contradictory && m.front == thing);
    const int other = m.back == thing ? m.front : m.back;
    if (behind && in.plan.impressions[ix(other)].school != School::Overprint)
      block(tile, tiles.silhouette(other));
  }
}

}  // namespace

Canvas intendedCard(const PressInput& in, PressTiles& tiles) {
  const Plan& plan = in.plan;
  Canvas card(tiles.grid(), plan.card.paper.colour);
  const bool taped = plan.card.tape_mm > 0;
  const Tile inside = taped ? hardTile(tiles.grid(), rectangle(workable(plan.card))) : Tile{};

  for (auto it = in.frontToBack.rbegin(); it != in.frontToBack.rend(); ++it) {
    const Impression& impression = plan.impressions[ix(*it)];
    Tile ink = tiles.ink(*it);
    knockOut(ink, *it, in, tiles);
    if (impression.school == School::PopUp)
      keepOnly(ink, tiles.silhouette(*it));  // what is not on the piece is cut off
    if (taped) keepOnly(ink, inside);
    const Ink& bottle = *plan.ink(impression.ink);
    card.apply(ink, {bottle.colour, bottle.opacity, strengthOf(bottle, impression.generation)});
  }
  for (int w : washOrder(plan)) {
    const Wash& wash = plan.washes[ix(w)];
    Tile area = hardTile(tiles.grid(), in.washes.reached[ix(w)]);
    for (size_t i = 0; i < plan.impressions.size(); ++i) {
      const auto& over = wash.overImpressions;
      const School how = plan.impressions[i].school;
      const bool popUp = how == School::PopUp;
      const bool alwaysClean = popUp || how == School::Resist;
      if (!alwaysClean && std::find(over.begin(), over.end(), plan.impressions[i].id) != over.end()) continue;
      if (!in.washes.meets[ix(w)][i].touches) continue;
      Tile clean = tiles.silhouette(static_cast<int>(i));
      if (alwaysClean) knockOut(clean, static_cast<int>(i), in, tiles);
      block(area, clean);
    }
    if (taped) keepOnly(area, inside);
    const WashFalloff falloff(plan, wash);
    card.applyWash(area, plan.ink(wash.ink)->colour, wash.strength, falloff);
  }
  return card;
}

}  // namespace havlo
