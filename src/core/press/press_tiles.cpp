// Shapes of the plan on the press's grid, remembered by placed impression.
#include <algorithm>
#include <cmath>
#include <list>
#include <unordered_map>

#include "core/handwork/colouring.h"
#include "core/mask/joint_paper.h"
#include "core/outline/shape_ops.h"
#include "core/press/press.h"
#include "core/wash/limit_shape.h"

namespace havlo {

class TileStore {
 public:
  struct Entry {
    PlacedRef placed;  // kept alive, so that its address stays its own
    std::optional<Tile> ink, silhouette, cover, edgeLine, nearCover;
    MaskRef mask;  // what cover and edgeLine were made from; null for tape
    bool used = true;
  };

  /// Forgets what the last picture did not use; everything, if the grid is another.
  void begin(const Grid& grid) {
    if (!(grid == m_grid)) m_entries.clear(), m_fields.clear();
    m_grid = grid;
    std::erase_if(m_entries, [](const auto& e) { return !e.second.used; });
    for (auto& [key, entry] : m_entries) entry.used = false;
    std::erase_if(m_fields, [](const Field& f) { return !f.used; });
    for (Field& f : m_fields) f.used = false;
    if (!(grid == m_colouringsGrid)) m_colourings.clear();
    m_colouringsGrid = grid;
    std::erase_if(m_colourings, [](const Coloured& e) { return !e.used; });
    for (Coloured& e : m_colourings) e.used = false;
  }

  /// Where a wash is wanted, within its limits.
  const Tile& field(const Plan& plan, const Wash& wash) {
    std::vector<std::pair<WashLimit, LimitSide>> limits;
    for (const WashBound& bound : wash.limits) limits.emplace_back(*plan.limit(bound.id), bound.side);
    const Box panel = plan.card.panel.box();
    auto found = std::find_if(m_fields.begin(), m_fields.end(), [&](const Field& f) {
      return f.softness_mm == wash.softness_mm && f.limits == limits && f.panel == panel &&
             f.area == wash.area;
    });
    if (found == m_fields.end()) {
      Tile tile = fieldTile(m_grid, wash.area, wash.softness_mm);
      for (const auto& [limit, side] : limits)
        keepOnly(tile, hardTile(m_grid, allowedBy(limit, side, panel)));
      m_fields.push_back({wash.area, wash.softness_mm, std::move(limits), panel, std::move(tile)});
      found = std::prev(m_fields.end());
    }
    found->used = true;
    return found->tile;
  }

  /// What a colouring leaves; drawn anew only when it, its thing or the light has changed.
  const std::vector<HandFilm>& colouring(const HandScene& scene, const HandWork& work) {
    const Colouring& c = scene.plan.colourings[ix(work.act.index)];
    const PlacedRef& placed = scene.meetings.placed[ix(work.act.on)];
    const RegionsRef& regions = scene.regions[ix(scene.stampOf[ix(work.act.on)])];
    std::vector<int> parts = partsOf(scene.plan, c, *regions);
    const Ink& ink = scene.plan.inks[ix(work.ink)];
    const auto light = c.shade == Shade::AwayFromLight || c.shade == Shade::TowardLight
                           ? std::pair(scene.plan.light, scene.plan.view)
                           : std::pair<std::optional<Light>, std::optional<View>>();
    auto found = std::find_if(m_colourings.begin(), m_colourings.end(), [&](const Coloured& e) {
      return e.placed == placed && e.regions == regions && e.parts == parts && e.shade == c.shade &&
             e.light == light;
    });
    if (found == m_colourings.end()) {
      m_colourings.push_back({placed, regions, std::move(parts), c.shade, light,
                              kindOf(ByHand::Colour).films(scene, work, m_grid), true});
      found = std::prev(m_colourings.end());
    }
    found->used = true;
    for (HandFilm& film : found->films)
      film.colour = ink.colour, film.opacity = ink.opacity, film.strength = c.strength;
    return found->films;
  }

  Entry& of(const PlacedRef& placed) {
    Entry& e = m_entries[placed.get()];
    e.placed = placed;
    e.used = true;
    return e;
  }

  /// The mask with its edge line, by mask.
  const Rings& grown(const MaskRef& mask) {
    auto& [kept, rings] = m_grown[mask.get()];
    if (!kept) kept = mask, rings = offset(mask->mask, Millimetres{kEdgeLine_mm});
    return rings;
  }

 private:
  struct Field {
    Rings area;
    double softness_mm = 0;
    std::vector<std::pair<WashLimit, LimitSide>> limits;
    Box panel;
    Tile tile;
    bool used = true;
  };

  struct Coloured {
    PlacedRef placed;
    RegionsRef regions;
    std::vector<int> parts;
    Shade shade = Shade::Flat;
    std::pair<std::optional<Light>, std::optional<View>> light;
    std::vector<HandFilm> films;
    bool used = true;
  };

  Grid m_grid, m_colouringsGrid;
  std::list<Coloured> m_colourings;
  std::list<Field> m_fields;  // what is asked for stays where it is
  std::unordered_map<const Placed*, Entry> m_entries;
  std::unordered_map<const MaskShape*, std::pair<MaskRef, Rings>> m_grown;
};

std::shared_ptr<TileStore> newTileStore() { return std::make_shared<TileStore>(); }

PressTiles::PressTiles(const PressInput& in, const Grid& grid, std::shared_ptr<TileStore> kept)
    : m_in(in), m_grid(grid), m_store(kept ? std::move(kept) : newTileStore()) {
  m_store->begin(grid);
}
PressTiles::~PressTiles() = default;

namespace {

/// Takes away the half pixels of ink that lie just beyond the silhouette: they tell of the raster, not of the
/// rubber. A line that is really drawn beyond it stays.
void trimFringe(Tile& art, const Tile& silhouette) {
  constexpr uint8_t kHalf = 128;
  for (int y = art.y; y < art.y + art.height; ++y)
    for (int x = art.x; x < art.x + art.width; ++x) {
      uint8_t& a = art.row(y)[x - art.x];
      if (!a || a >= kHalf || silhouette.at(x, y)) continue;
      if (silhouette.at(x - 1, y) || silhouette.at(x + 1, y) || silhouette.at(x, y - 1) ||
          silhouette.at(x, y + 1))
        a = 0;
    }
}

Tile inkTile(const Placed& placed, const ArtSource* source, const Grid& grid) {
  const Stamp& stamp = *placed.outline->stamp;
  std::optional<Tile> art;
  if (!stamp.art.empty() && source) art = source->draw(stamp, placed.placing, grid);
  if (!art) {
    const Rings shape = stamp.art.empty() ? placed.outline->ink : printedShape(stamp, placed.outline->part);
    Tile tile = softTile(grid, placed.placing.toPanel(shape));
    keepOnly(tile, hardTile(grid, placed.silhouette));  // no half pixels of ink beyond what the stamp covers
    return tile;
  }
  if (!placed.outline->part.empty())
    keepOnly(*art, hardTile(grid, placed.placing.toPanel(placed.outline->part)));
  trimFringe(*art, hardTile(grid, placed.silhouette));
  return std::move(*art);
}

}  // namespace

const Tile& PressTiles::ink(int i) {
  const PlacedRef& placed = m_in.meetings.placed[ix(i)];
  auto& entry = m_store->of(placed);
  if (!entry.ink) entry.ink = inkTile(*placed, m_in.art, m_grid);
  return *entry.ink;
}

const std::vector<HandFilm>& PressTiles::byHand(int hand) {
  const auto known = m_byHand.find(hand);
  if (known != m_byHand.end()) return known->second;
  const HandWork& work = m_in.hand->all()[ix(hand)];
  const HandScene scene{m_in.plan, m_in.meetings, m_in.washes, m_in.stack, m_in.stampOf, *m_in.regions};
  return m_byHand[hand] = work.act.kind == ByHand::Colour ? m_store->colouring(scene, work)
                                                          : kindOf(work.act.kind).films(scene, work, m_grid);
}

const Tile& PressTiles::field(int wash) { return m_store->field(m_in.plan, m_in.plan.washes[ix(wash)]); }

const Tile& PressTiles::silhouette(int i) {
  const PlacedRef& placed = m_in.meetings.placed[ix(i)];
  auto& entry = m_store->of(placed);
  if (!entry.silhouette) entry.silhouette = hardTile(m_grid, placed->silhouette);
  return *entry.silhouette;
}

Tile PressTiles::nearTo(const Tile& covered) const {
  const double by = kHandOff_mm + m_in.plan.supplies.maskInset_mm;
  const int px = static_cast<int>(std::ceil(by * std::max(m_grid.pxPerMmX(), m_grid.pxPerMmY()))) + 1;
  Tile wide;
  wide.x = std::max(0, covered.x - px), wide.y = std::max(0, covered.y - px);
  wide.width = std::min(m_grid.width, covered.x + covered.width + px) - wide.x;
  wide.height = std::min(m_grid.height, covered.y + covered.height + px) - wide.y;
  if (covered.empty() || wide.empty()) return {};
  wide.cover.assign(ix(wide.width) * ix(wide.height), 0);
  for (int y = covered.y; y < covered.y + covered.height; ++y)
    std::copy(covered.row(y), covered.row(y) + covered.width, wide.row(y) + (covered.x - wide.x));
  return dilated(wide, m_grid, by);
}

const PressTiles::JointTiles& PressTiles::joint(int paper) {
  const auto known = m_joints.find(paper);
  if (known != m_joints.end()) return known->second;
  JointTiles& out = m_joints[paper];
  const JointPaper& of = m_in.needs.joints[ix(paper)];
  const MaskRef shape = of.shape ? of.shape : jointShape(m_in.plan, m_in.meetings.placed, of);
  std::vector<const Tile*> all;
  Tile& under = out.silhouettes;
  int right = 0, top = 0;
  under.x = m_grid.width, under.y = m_grid.height;
  for (int i : of.over) {
    const Tile& one = *all.emplace_back(&silhouette(i));
    under.x = std::min(under.x, one.x), under.y = std::min(under.y, one.y);
    right = std::max(right, one.x + one.width), top = std::max(top, one.y + one.height);
  }
  under.width = std::max(0, right - under.x), under.height = std::max(0, top - under.y);
  under.cover.assign(ix(under.width) * ix(under.height), 0);
  for (const Tile* one : all)
    for (int y = one->y; y < one->y + one->height; ++y)
      for (int x = one->x; x < one->x + one->width; ++x)
        if (one->row(y)[x - one->x]) under.row(y)[x - under.x] = 255;
  for (int i : of.without) block(out.silhouettes, silhouette(i));
  out.cover = hardTile(m_grid, shape->mask);
  out.edgeLine = hardTile(m_grid, offset(shape->mask, Millimetres{kEdgeLine_mm}));
  block(out.edgeLine, out.cover);
  out.nearCover = nearTo(out.cover);
  return out;
}

Rings PressTiles::coverShape(int i) const {
  Rings shape = coverOnPanel(m_in.plan, m_in.meetings.placed, m_in.needs, m_in.masks, m_in.stampOf, i);
  if (!m_in.coverSlips) return shape;
  const CoverSlip& slip = (*m_in.coverSlips)[ix(i)];
  if (slip.cut) return *slip.cut;
  const Point middle = m_in.meetings.placed[ix(i)]->box.centre();
  if (slip.grow_mm != 0) shape = offset(shape, Millimetres{slip.grow_mm});
  return Placing(middle, middle + slip.by, Degrees{slip.turn_deg}).toPanel(shape);
}

const Tile& PressTiles::cover(int i) {
  const auto at = ix(i);
  if (m_in.needs.taped[at]) return silhouette(i);
  const PlacedRef& placed = m_in.meetings.placed[at];
  const MaskRef& mask = m_in.masks[ix(m_in.stampOf[at])];
  auto& entry = m_store->of(placed);
  if (!entry.cover || entry.mask != mask) {
    entry.mask = mask;
    entry.edgeLine.reset(), entry.nearCover.reset();
    entry.cover = hardTile(m_grid, coverShape(i));
  }
  return *entry.cover;
}

const Tile& PressTiles::edgeLine(int i) {
  const auto at = ix(i);
  const PlacedRef& placed = m_in.meetings.placed[at];
  const bool taped = m_in.needs.taped[at];
  const Tile& covered = cover(i);
  auto& entry = m_store->of(placed);
  const MaskRef from = taped ? nullptr : m_in.masks[ix(m_in.stampOf[at])];
  const bool whole = placed->outline->part.empty();
  if (!entry.edgeLine || entry.mask != from) {
    entry.mask = from;
    if (taped) entry.cover.reset();
    entry.edgeLine = hardTile(m_grid, whole && !taped && !m_in.coverSlips
                                          ? placed->placing.toPanel(m_store->grown(from))
                                          : offset(coverShape(i), Millimetres{kEdgeLine_mm}));
    block(*entry.edgeLine, covered);
  }
  return *entry.edgeLine;
}

const Tile& PressTiles::nearCover(int i) {
  const Tile covered = cover(i);
  auto& entry = m_store->of(m_in.meetings.placed[ix(i)]);
  if (m_in.needs.taped[ix(i)]) entry.nearCover.reset();
  if (!entry.nearCover) entry.nearCover = nearTo(covered);
  return *entry.nearCover;
}

}  // namespace havlo
