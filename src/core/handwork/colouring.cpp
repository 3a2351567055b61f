// A part is filled up to its lines and no farther than what shows of the thing.
#include "core/handwork/colouring.h"

#include <algorithm>
#include <cmath>
#include <string_view>
#include <unordered_map>

#include "core/depth/depth_order.h"
#include "core/handwork/kinds.h"
#include "core/handwork/shading.h"
#include "core/outline/shared_area.h"
#include "core/pieces/face_plan.h"
#include "core/plan/hand_facts.h"
#include "core/plan/role_facts.h"
#include "core/plan/thing_index.h"

namespace havlo {
namespace {

constexpr double kFind_min = 0.05;  // to find the place; common practice, no source

/// Calls f(x, y, coverage, stamp frame point) for every pixel that the parts reach.
template <typename F>
void eachPixel(const Grid& grid, const Placed& placed, const StampRegions& regions,
               const std::vector<int>& parts, F f) {
  std::vector<char> wanted(regions.all().size(), 0);
  for (int r : parts) wanted[ix(r)] = 1;
  const Tile tile = tileFor(grid, boxOnCard(placed, regions, parts).grown(0.4));
  const double dx = 0.25 / grid.pxPerMmX(), dy = 0.25 / grid.pxPerMmY();
  for (int y = tile.y; y < tile.y + tile.height; ++y)
    for (int x = tile.x; x < tile.x + tile.width; ++x) {
      const Point middle = grid.centre(x, y);
      int hits = 0;
      for (const Point& by : {Point{-dx, -dy}, Point{dx, -dy}, Point{-dx, dy}, Point{dx, dy}}) {
        const int r = regions.colouredAt(placed.placing.toFrame(middle + by));
        hits += r >= 0 && wanted[ix(r)];
      }
      if (hits) f(x, y, hits / 4.0, placed.placing.toFrame(middle));
    }
}

class ColouringIn : public HandKind {
 public:
  std::string_view word() const override { return "colour"; }
  const std::string& id(const Plan& plan, int index) const override { return plan.colourings[ix(index)].id; }

  void list(const Plan& plan, std::vector<HandAct>& out) const override {
    if (plan.colourings.empty()) return;
    const ThingIndex things(plan);
    std::unordered_map<std::string_view, std::vector<int>> alike;  // by the one they are like
    for (size_t i = 0; i < plan.impressions.size(); ++i)
      if (const std::string& like = plan.impressions[i].like; !like.empty())
        alike[like].push_back(static_cast<int>(i));
    for (size_t k = 0; k < plan.colourings.size(); ++k) {
      const Colouring& c = plan.colourings[k];
      const int on = things.of(c.impression);
      out.push_back({ByHand::Colour, static_cast<int>(k), on});
      const auto same = alike.find(c.impression);
      if (on < 0 || same == alike.end()) continue;
      for (const int i : same->second)
        if (i != on && plan.impressions[ix(i)].stamp == plan.impressions[ix(on)].stamp)
          out.push_back({ByHand::Colour, static_cast<int>(k), i, true});
    }
  }

  void judge(const HandScene& scene, HandWork& work) const override {
    const Plan& plan = scene.plan;
    const Colouring& c = plan.colourings[ix(work.act.index)];
    work.turn = HandTurn::Colouring;
    if (work.act.on < 0 && isElsewhere(plan, c.impression)) return;
    if (!c.bare) {
      work.ink = inkIndex(plan, c.ink);
      if (work.act.on < 0) work.gone = c.impression;
      if (work.ink < 0) work.gone = c.ink;
    }
    const StampRegions* regions =
        work.act.on < 0 ? nullptr : scene.regions[ix(scene.stampOf[ix(work.act.on)])].get();
    if (!regions || !work.gone.empty()) return;
    const std::vector<int> parts = partsOf(plan, c, *regions);
    const bool whole =
        std::holds_alternative<AllRegions>(c.region) || std::holds_alternative<RestOfRegions>(c.region);
    // Nothing is left for it, as every part is left bare or coloured by itself.
    if (parts.empty() && (c.bare || (whole && !regions->all().empty()))) return;
    if (parts.empty()) {
      const auto* named = std::get_if<NamedRegion>(&c.region);
      work.gone = named ? named->id : "region";
      return;
    }
    const Placed& placed = *scene.meetings.placed[ix(work.act.on)];
    if (const Rings& printed = placed.outline->part; !printed.empty()) {
      const bool any = std::any_of(parts.begin(), parts.end(),
                                   [&](int r) { return covers(printed, regions->all()[ix(r)].at); });
      if (!any && !c.bare) work.gone = "part";  // that part of the stamp is not printed
      if (!any) return;
    }
    work.box = boxOnCard(placed, *regions, parts).common(plan.card.panel.box());
    if (c.bare) return;
    for (int r : parts)
      work.area_mm2 += regions->all()[ix(r)].area_mm2,
          work.open_mm = std::max(work.open_mm, regions->all()[ix(r)].open_mm);
    const ColourWayFacts& facts = factsOf(c.way);
    const Ink& ink = plan.inks[ix(work.ink)];
    const double passes = c.shade == Shade::Flat ? 1 : 1.5;
    work.minutes = kFind_min + passes * work.area_mm2 / facts.each_mm2;
    work.dry_min = std::max(facts.dry_s, facts.wet && !facts.marker ? ink.dryOnCard_s : 0.0) / 60;
    work.wet = facts.wet, work.alcohol = facts.marker;
    // A point goes over lines that let colour through; what covers or is raised it is led along.
    const Ink& lines = *plan.ink(plan.impressions[ix(work.act.on)].ink);
    const bool covering = lines.opacity > kCovers || isEmbossed(plan, work.act.on);
    work.layer = covering ? HandLayer::UnderInk : HandLayer::OverThing;
    afterWhatIsThere(scene, work, ink.opacity <= kClearFilm);
    const Role role = plan.stamps[ix(scene.stampOf[ix(work.act.on)])]->role;
    const double light = labOf(ink.colour).L;
    const bool darkFirst = facts.darkToLight || ink.opacity > 0.5;
    work.within = {factsOf(role).backdrop ? 0.0 : 1.0, -placed.areaOnPanel_mm2,
                   static_cast<double>(work.act.on), darkFirst ? light : -light};
  }

  std::vector<HandFilm> films(const HandScene& scene, const HandWork& work, const Grid& grid) const override {
    const Plan& plan = scene.plan;
    const Colouring& c = plan.colourings[ix(work.act.index)];
    const StampRegions& regions = *scene.regions[ix(scene.stampOf[ix(work.act.on)])];
    const Placed& placed = *scene.meetings.placed[ix(work.act.on)];
    const std::vector<int> parts = partsOf(plan, c, regions);
    const Ink& ink = plan.inks[ix(work.ink)];
    HandFilm film{partsTile(grid, placed, regions, parts), ink.colour, ink.opacity, c.strength, true};
    if (c.shade == Shade::Flat) return {std::move(film)};
    const Point light = lightOnCard(plan, work.box.centre(), DepthOrder(plan).distance_m(work.act.on));
    const Box box = boxOnCard(placed, regions, parts);
    for (int y = film.tile.y; y < film.tile.y + film.tile.height; ++y)
      for (int x = film.tile.x; x < film.tile.x + film.tile.width; ++x) {
        uint8_t& share = film.tile.row(y)[x - film.tile.x];
        if (!share) continue;
        const Point p = grid.centre(x, y);
        const double inside = c.shade == Shade::Edge ? regions.inside_mm(placed.placing.toFrame(p)) : 0;
        share = static_cast<uint8_t>(std::lround(share * shadeAt(c.shade, p, box, light, inside)));
      }
    return {std::move(film)};
  }
};

}  // namespace

const HandKind& colouringIn() {
  static const ColouringIn one;
  return one;
}

std::vector<int> partsOf(const Plan& plan, const Colouring& colouring, const StampRegions& regions) {
  std::vector<RegionChoice> others;
  if (std::holds_alternative<RestOfRegions>(colouring.region))
    for (const Colouring& c : plan.colourings)
      if (c.impression == colouring.impression && c.id != colouring.id) others.push_back(c.region);
  std::vector<int> out = regions.chosen(colouring.region, others);
  if (std::holds_alternative<Point>(colouring.region) ||
      std::holds_alternative<NamedRegion>(colouring.region))
    return out;
  // What is left bare on purpose is not in all and not in the rest.
  for (const Colouring& c : plan.colourings) {
    if (!c.bare || c.impression != colouring.impression) continue;
    const std::vector<int> bare = regions.chosen(c.region);
    std::erase_if(out, [&](int r) { return std::binary_search(bare.begin(), bare.end(), r); });
  }
  return out;
}

Tile partsTile(const Grid& grid, const Placed& placed, const StampRegions& regions,
               const std::vector<int>& parts) {
  Tile out = tileFor(grid, boxOnCard(placed, regions, parts).grown(0.4));
  eachPixel(grid, placed, regions, parts, [&](int x, int y, double share, Point) {
    out.row(y)[x - out.x] = static_cast<uint8_t>(std::lround(255 * share));
  });
  if (!placed.outline->part.empty())
    keepOnly(out, hardTile(grid, placed.placing.toPanel(placed.outline->part)));
  return out;
}

std::optional<Box> recoloured(const Plan& before, const Handwork& then, const Plan& plan,
                              const Handwork& now) {
  const bool inksKept = before.inks.size() <= plan.inks.size() &&
                        std::equal(before.inks.begin(), before.inks.end(), plan.inks.begin());
  if (!inksKept || before.impressions.size() != plan.impressions.size()) return {};
  Plan same = before;
  same.colourings = plan.colourings, same.inks = plan.inks, same.making = plan.making;
  for (size_t i = 0; i < same.impressions.size(); ++i) same.impressions[i].like = plan.impressions[i].like;
  if (!(same == plan)) return {};
  // What each thing is coloured with, and where.
  struct Coloured {
    int on;
    Colouring how;
    Box box;
  };
  const auto list = [](const Plan& p, const Handwork& hand) {
    std::vector<Coloured> out;
    for (const HandWork& w : hand.all()) {
      // What is left bare takes its part from a colouring of all or of the rest.
      if (w.act.kind != ByHand::Colour || w.box.empty()) continue;
      Colouring how = p.colourings[ix(w.act.index)];
      how.id.clear(), how.impression.clear();
      out.push_back({w.act.on, std::move(how), w.box});
    }
    return out;
  };
  const std::vector<Coloured> old = list(before, then), fresh = list(plan, now);
  Box box;
  const auto addMissing = [&](const std::vector<Coloured>& from, const std::vector<Coloured>& in) {
    for (const Coloured& a : from) {
      const bool there = std::any_of(in.begin(), in.end(), [&](const Coloured& b) {
        return a.on == b.on && a.how == b.how && a.box == b.box;
      });
      if (there) continue;
      box.include({a.box.left - 0.5, a.box.bottom - 0.5}), box.include({a.box.right + 0.5, a.box.top + 0.5});
    }
  };
  addMissing(old, fresh), addMissing(fresh, old);
  return box;
}

Box boxOnCard(const Placed& placed, const StampRegions& regions, const std::vector<int>& parts) {
  Box box;
  for (int r : parts)
    for (const Ring& ring : placed.placing.toPanel(rectangle(regions.all()[ix(r)].box)))
      for (Point p : ring) box.include(p);
  return box;
}

}  // namespace havlo
