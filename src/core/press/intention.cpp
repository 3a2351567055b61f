// The intended card. Uses silhouettes, depth and inks; knows nothing of steps, masks or stamping order.
#include <algorithm>

#include "core/pieces/heights.h"
#include "core/plan/role_facts.h"
#include "core/press/press.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

/// The card, and who hears what is laid on it.
class Sheet {
 public:
  Sheet(Canvas& card, LayerWatcher* watcher) : m_card(card), m_watcher(watcher) {}

  void layer(LayerWatcher::Of what, int index) {
    if (m_watcher) m_watcher->layer(what, index);
  }
  void apply(const Tile& tile, const InkFilm& film) {
    m_card.apply(tile, film);
    if (m_watcher) m_watcher->film(tile, film);
  }
  void applyShare(const Tile& tile, Colour colour, double opacity, double strength) {
    m_card.applyShare(tile, colour, opacity, strength);
    if (m_watcher) m_watcher->share(tile, colour, opacity, strength);
  }
  void applyWash(const Tile& tile, const Ink& ink, double strength, const WashFalloff& falloff) {
    m_card.applyWash(tile, ink, strength, falloff);
    if (m_watcher) m_watcher->wash(tile, ink, strength, falloff);
  }
  void layPaper(const Tile& shows, Colour colour) {
    const LinearRgb paper = linearOf(colour);
    for (int y = shows.y; y < shows.y + shows.height; ++y)
      for (int x = shows.x; x < shows.x + shows.width; ++x)
        if (shows.row(y)[x - shows.x]) m_card.set(x, y, paper);
    if (m_watcher) m_watcher->paper(shows, colour);
  }

 private:
  Canvas& m_card;
  LayerWatcher* m_watcher;
};

/// Everything but the taped border.
Box workable(const Card& card) { return card.panel.box().grown(-card.tape_mm); }

/// What shows of a thing: its silhouette without the things in front that knock it out.
void knockOut(Tile& tile, int thing, const PressInput& in, PressTiles& tiles) {
  for (int k : in.meetings.of[ix(thing)]) {
    const Meeting& m = in.meetings.list[ix(k)];
    const bool behind = m.back == thing || (m.contradictory && m.front == thing);
    const int other = m.back == thing ? m.front : m.back;
    const Impression& front = in.plan.impressions[ix(other)];
    if (behind && !printsOver(front.school) && front.piece.empty()) block(tile, tiles.silhouette(other));
  }
}

}  // namespace

namespace {

/// Less of a wash where colour is taken out of it again.
void lightenLifted(Tile& area, int w, const PressInput& in, PressTiles& tiles) {
  if (!in.hand) return;
  for (size_t h = 0; h < in.hand->all().size(); ++h) {
    const HandWork& work = in.hand->all()[h];
    if (work.layer != HandLayer::InWash || in.plan.lifts[ix(work.act.index)].wash != in.plan.washes[ix(w)].id)
      continue;
    for (const HandFilm& film : tiles.byHand(static_cast<int>(h)))
      for (int y = std::max(area.y, film.tile.y);
           y < std::min(area.y + area.height, film.tile.y + film.tile.height); ++y)
        for (int x = std::max(area.x, film.tile.x);
             x < std::min(area.x + area.width, film.tile.x + film.tile.width); ++x) {
          uint8_t& c = area.row(y)[x - area.x];
          c = static_cast<uint8_t>(std::lround(c * (1 - film.strength * film.tile.at(x, y) / 255)));
        }
  }
}

void layFilm(Sheet& card, const Tile& tile, const HandFilm& film) {
  if (film.byShare) {
    card.applyShare(tile, film.colour, film.opacity, film.strength);
  } else {
    card.apply(tile, {film.colour, film.opacity, film.strength});
  }
}

/// A mark by hand, where it is wanted.
void layByHand(Sheet& card, int h, const PressInput& in, PressTiles& tiles, const Tile* inside) {
  const HandWork& work = in.hand->all()[ix(h)];
  card.layer(LayerWatcher::Of::Hand, h);
  for (const HandFilm& film : tiles.byHand(h)) {
    Tile tile = film.tile;
    if (work.act.on >= 0) {
      knockOut(tile, work.act.on, in, tiles);
      if (in.plan.impressions[ix(work.act.on)].school == School::PopUp)
        keepOnly(tile, tiles.silhouette(work.act.on));
    }
    for (size_t i = 0; i < in.plan.impressions.size() && work.layer == HandLayer::Behind; ++i)
      if (factsOf(in.plan.stamps[ix(in.stampOf[i])]->role).stands() && in.plan.impressions[i].piece.empty() &&
          in.plan.impressions[i].school != School::Across)
        block(tile, tiles.silhouette(static_cast<int>(i)));
    if (inside) keepOnly(tile, *inside);
    layFilm(card, tile, film);
  }
}

/// Colours what the wash wants coloured: not what lies before it and is kept clean; nor what is embossed or
/// on a piece of its own, wherever it lies, for no blend takes on wax or gets at what is glued on later.
void layWash(Sheet& card, int w, const std::vector<StackMark>& nearer, const PressInput& in,
             PressTiles& tiles, const Tile* inside) {
  const Plan& plan = in.plan;
  const Wash& wash = plan.washes[ix(w)];
  Tile area = tiles.field(w);
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    if (!in.washes.of(w, static_cast<int>(i)).touches) continue;
    const Impression& thing = plan.impressions[i];
    // Hidden by its piece, which is glued on later; or stamped over the blend.
    if (!thing.piece.empty() || thing.school == School::Across) continue;
    if (thing.school == School::PopUp || thing.school == School::Resist) {
      Tile clean = tiles.silhouette(static_cast<int>(i));
      knockOut(clean, static_cast<int>(i), in, tiles);
      block(area, clean);
      continue;
    }
    const bool goesOver = thing.school == School::Overprint ||
                          std::find(wash.lets.begin(), wash.lets.end(), thing.id) != wash.lets.end();
    const bool before =
        std::find(nearer.begin(), nearer.end(), StackMark{false, static_cast<int>(i)}) != nearer.end();
    if (!before || goesOver) continue;
    // Clean where it shows: what hides it and takes the colour has it there as well.
    Tile clean = tiles.silhouette(static_cast<int>(i));
    for (int k : in.meetings.of[i]) {
      const Meeting& m = in.meetings.list[ix(k)];
      if (m.contradictory || m.back != static_cast<int>(i)) continue;
      const Impression& front = plan.impressions[ix(m.front)];
      const bool hides = !printsOver(front.school) && front.school != School::PopUp;
      if (hides && std::find(wash.lets.begin(), wash.lets.end(), front.id) != wash.lets.end())
        block(clean, tiles.silhouette(m.front));
    }
    block(area, clean);
  }
  if (inside) keepOnly(area, *inside);
  lightenLifted(area, w, in, tiles);
  card.layer(LayerWatcher::Of::Wash, w);
  card.applyWash(area, *plan.ink(wash.ink), wash.strength, WashFalloff(plan, wash));
}

/// How far a piece's face is above the panel's.
double faceOver_mm(const Plan& plan, int piece) {
  return underside_mm(plan, piece) + plan.pieces[ix(piece)].paper.thickness_mm;
}

/// What is stamped across the rims of flat pieces: over all that is there, but not on what pops up higher.
void layAcross(Sheet& card, const PressInput& in, PressTiles& tiles, const Tile* inside) {
  const Plan& plan = in.plan;
  for (auto i = in.frontToBack.rbegin(); i != in.frontToBack.rend(); ++i) {
    if (plan.impressions[ix(*i)].school != School::Across) continue;
    const auto keepOff = [&](Tile& tile) {
      for (size_t p = 0; p < plan.impressions.size(); ++p) {
        const Impression& thing = plan.impressions[p];
        if (thing.school != School::PopUp || !thing.piece.empty() ||
            foamUnder(thing) + plan.card.paper.thickness_mm <= kMostStep_mm)
          continue;
        Tile higher = tiles.silhouette(static_cast<int>(p));
        knockOut(higher, static_cast<int>(p), in, tiles);
        block(tile, higher);
      }
      if (inside) keepOnly(tile, *inside);
    };
    const auto byHand = [&](HandLayer layer) {
      for (int h : in.hand ? in.hand->lowestFirst() : std::vector<int>{}) {
        const HandWork& work = in.hand->all()[ix(h)];
        if (work.layer != layer || work.act.on != *i) continue;
        card.layer(LayerWatcher::Of::Hand, h);
        for (const HandFilm& film : tiles.byHand(h)) {
          Tile tile = film.tile;
          keepOff(tile);
          layFilm(card, tile, film);
        }
      }
    };
    byHand(HandLayer::UnderInk);
    Tile ink = tiles.ink(*i);
    keepOff(ink);
    const Ink& bottle = *plan.ink(plan.impressions[ix(*i)].ink);
    card.layer(LayerWatcher::Of::Impression, *i);
    card.apply(ink, {bottle.colour, bottle.opacity, strengthOf(bottle, plan.impressions[ix(*i)].generation)});
    byHand(HandLayer::OverThing);
  }
}

/// Pieces over the panel and over each other, higher ones over lower ones: each hides what is under it, its
/// paper is seen, and on that what is printed and done by hand there. What pops up higher than a piece stays
/// over it. What is stamped across rims comes over the flat ones.
void layPieces(Sheet& card, const PressInput& in, PressTiles& tiles, const Tile* inside) {
  const Plan& plan = in.plan;
  std::vector<int> all;
  for (size_t p = 0; p < plan.pieces.size(); ++p)
    if (factsOf(plan.pieces[p].kind).onFace) all.push_back(static_cast<int>(p));
  std::stable_sort(all.begin(), all.end(),
                   [&](int a, int b) { return underside_mm(plan, a) < underside_mm(plan, b); });
  std::stable_partition(all.begin(), all.end(), [&](int p) { return faceOver_mm(plan, p) <= kMostStep_mm; });
  bool across = false;
  for (int p : all) {
    if (!across && faceOver_mm(plan, p) > kMostStep_mm) layAcross(card, in, tiles, inside), across = true;
    const Piece& piece = plan.pieces[ix(p)];
    Tile shows = hardTile(tiles.grid(), onCard(piece));
    for (size_t i = 0; i < plan.impressions.size(); ++i) {
      const Impression& thing = plan.impressions[i];
      if (thing.school != School::PopUp || !thing.piece.empty() || foamUnder(thing) <= underside_mm(plan, p))
        continue;
      Tile higher = tiles.silhouette(static_cast<int>(i));
      knockOut(higher, static_cast<int>(i), in, tiles);
      block(shows, higher);
    }
    card.layer(LayerWatcher::Of::Piece, p);
    card.layPaper(shows, piece.paper.colour);
    for (auto i = in.frontToBack.rbegin(); i != in.frontToBack.rend(); ++i) {
      if (plan.impressions[ix(*i)].piece != piece.id) continue;
      const auto byHand = [&](HandLayer layer) {
        for (int h : in.hand ? in.hand->lowestFirst() : std::vector<int>{})
          if (const HandWork& work = in.hand->all()[ix(h)]; work.layer == layer && work.act.on == *i)
            layByHand(card, h, in, tiles, &shows);
      };
      byHand(HandLayer::UnderInk);
      Tile ink = tiles.ink(*i);
      keepOnly(ink, shows);
      const Ink& bottle = *plan.ink(plan.impressions[ix(*i)].ink);
      card.layer(LayerWatcher::Of::Impression, *i);
      card.apply(ink,
                 {bottle.colour, bottle.opacity, strengthOf(bottle, plan.impressions[ix(*i)].generation)});
      byHand(HandLayer::OverThing);
    }
  }
  if (!across) layAcross(card, in, tiles, inside);
}

}  // namespace

Canvas intendedCard(const PressInput& in, PressTiles& tiles, std::optional<Box> only, LayerWatcher* watcher) {
  const Plan& plan = in.plan;
  Canvas canvas(tiles.grid(), plan.card.paper.colour);
  if (only) canvas.onlyWithin(*only);
  Sheet card(canvas, watcher);
  const bool taped = plan.card.tape_mm > 0;
  const Tile inside = taped ? hardTile(tiles.grid(), rectangle(workable(plan.card))) : Tile{};
  const std::vector<StackMark>& stack = in.stack.backToFront();
  const auto byHand = [&](HandLayer layer, int on) {
    if (!in.hand) return;
    for (int h : in.hand->lowestFirst())
      if (const HandWork& work = in.hand->all()[ix(h)]; work.layer == layer && (on < 0 || work.act.on == on))
        layByHand(card, h, in, tiles, taped ? &inside : nullptr);
  };
  const auto layPrint = [&](int i) {
    byHand(HandLayer::UnderInk, i);
    const Impression& impression = plan.impressions[ix(i)];
    Tile ink = tiles.ink(i);
    knockOut(ink, i, in, tiles);
    if (impression.school == School::PopUp)
      keepOnly(ink, tiles.silhouette(i));  // what is not on the piece is cut off
    if (taped) keepOnly(ink, inside);
    const Ink& bottle = *plan.ink(impression.ink);
    card.layer(LayerWatcher::Of::Impression, i);
    card.apply(ink, {bottle.colour, bottle.opacity, strengthOf(bottle, impression.generation)});
    byHand(HandLayer::OverThing, i);
  };
  for (size_t k = 0; k < stack.size(); ++k)
    if (stack[k].wash)
      layWash(card, stack[k].index, {stack.begin() + static_cast<long>(k) + 1, stack.end()}, in, tiles,
              taped ? &inside : nullptr);
    else if (const Impression& thing = plan.impressions[ix(stack[k].index)];
             thing.piece.empty() && thing.school != School::Across)
      layPrint(stack[k].index);
  byHand(HandLayer::Behind, -1);
  byHand(HandLayer::OverAll, -1);
  layPieces(card, in, tiles, taped ? &inside : nullptr);
  return canvas;
}

}  // namespace havlo
