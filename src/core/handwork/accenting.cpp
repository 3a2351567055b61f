// Small things put on last: slow ones after quick ones, away from the hand.
#include <algorithm>
#include <cmath>

#include "core/handwork/colouring.h"
#include "core/handwork/kinds.h"
#include "core/pieces/face_plan.h"
#include "core/plan/hand_facts.h"

namespace havlo {
namespace {

constexpr double kDab_mm2 = 150;  // of gloss or glitter spread in a minute; common practice, no source

/// 0 to 1, the same for the same place: glitter sparkles.
double sparkle(int x, int y) {
  uint64_t h = static_cast<uint64_t>(x + 5000) * 0x9E3779B97F4A7C15ull +
               static_cast<uint64_t>(y + 5000) * 0xC2B2AE3D27D4EB4Full;
  h ^= h >> 29, h *= 0xBF58476D1CE4E5B9ull, h ^= h >> 32;
  return static_cast<double>(h & 0xFFFF) / 0xFFFF;
}

class Accenting : public HandKind {
 public:
  std::string_view word() const override { return "accent"; }
  const std::string& id(const Plan& plan, int index) const override { return plan.accents[ix(index)].id; }
  void list(const Plan& plan, std::vector<HandAct>& out) const override {
    for (size_t k = 0; k < plan.accents.size(); ++k)
      out.push_back({ByHand::Accent, static_cast<int>(k), plan.indexOf(plan.accents[k].on)});
  }

  void judge(const HandScene& scene, HandWork& work) const override {
    const Plan& plan = scene.plan;
    const Accent& a = plan.accents[ix(work.act.index)];
    const AccentFacts& facts = factsOf(a.kind);
    work.turn = HandTurn::Accents;
    if (isElsewhere(plan, a.on)) return;
    work.ink = inkIndex(plan, a.ink);
    if (!a.on.empty() && work.act.on < 0) work.gone = a.on;
    if (work.ink < 0 && (facts.inked || !a.ink.empty())) work.gone = a.ink.empty() ? "ink" : a.ink;
    if (a.region && work.gone.empty() && partsHere(scene, work).empty()) work.gone = "region";
    if (!work.gone.empty()) return;
    work.layer = work.act.on >= 0 ? HandLayer::OverThing : HandLayer::OverAll;
    if (a.region) {
      const StampRegions& regions = *scene.regions[ix(scene.stampOf[ix(work.act.on)])];
      const std::vector<int> parts = partsHere(scene, work);
      work.box = boxOnCard(*scene.meetings.placed[ix(work.act.on)], regions, parts);
      for (int r : parts) work.area_mm2 += regions.all()[ix(r)].area_mm2;
      work.minutes = work.area_mm2 / kDab_mm2;
    } else {
      work.count = static_cast<int>(a.at.size());
      work.box = boxOf({a.at}).grown(a.size_mm / 2);
      work.minutes = facts.each_min * work.count;
    }
    work.dry_min = a.dry_s.value_or(facts.dry_s) / 60;
    work.within = {work.dry_min, (plan.making.leftHanded ? -1 : 1) * work.box.centre().x};
    // Put on last, it lies over what is there; what is opaque must not go under a later film.
    afterWhatIsThere(scene, work, false);
  }

  std::vector<HandFilm> films(const HandScene& scene, const HandWork& work, const Grid& grid) const override {
    const Plan& plan = scene.plan;
    const Accent& a = plan.accents[ix(work.act.index)];
    const AccentFacts& facts = factsOf(a.kind);
    Tile tile = a.region
                    ? partsTile(grid, *scene.meetings.placed[ix(work.act.on)],
                                *scene.regions[ix(scene.stampOf[ix(work.act.on)])], partsHere(scene, work))
                    : discsTile(grid, a.at, a.size_mm);
    std::vector<HandFilm> out;
    if (work.ink >= 0) {
      const Ink& ink = plan.inks[ix(work.ink)];
      Tile body = tile;
      if (a.kind == AccentKind::Glitter) keepGrains(body, grid, 0, kGrains);
      out.push_back(
          {std::move(body), ink.colour, facts.covers ? std::max(ink.opacity, 0.9) : ink.opacity, 1, false});
    }
    if (facts.shine > 0)
      out.push_back({glint(scene, work, grid, std::move(tile)), {255, 255, 255}, facts.shine, 1, false});
    return out;
  }

 private:
  static constexpr double kGrains = 0.45, kSparkling = 0.88;  // of a place; common practice, no source

  /// Leaves of a tile the grains of a third of a millimetre whose number lies in between.
  static void keepGrains(Tile& tile, const Grid& grid, double from, double to) {
    for (int y = tile.y; y < tile.y + tile.height; ++y)
      for (int x = tile.x; x < tile.x + tile.width; ++x) {
        const Point p = grid.centre(x, y) * 3;
        const double grain = sparkle(static_cast<int>(std::floor(p.x)), static_cast<int>(std::floor(p.y)));
        if (grain < from || grain >= to) tile.row(y)[x - tile.x] = 0;
      }
  }

  /// Where it shines: grains here and there, one spot towards the upper left, or of a glossy part a streak
  /// along the edge there. Pictures are lit from the upper left.
  static Tile glint(const HandScene& scene, const HandWork& work, const Grid& grid, Tile tile) {
    const Accent& a = scene.plan.accents[ix(work.act.index)];
    if (a.kind == AccentKind::Glitter) {
      keepGrains(tile, grid, kSparkling, 2);
      return tile;
    }
    if (!a.region) {
      Ring spots;
      for (Point p : a.at) spots.push_back(p + Point{-a.size_mm, a.size_mm} * 0.18);
      return discsTile(grid, spots, a.size_mm * 0.35);
    }
    constexpr double kFrom_mm = 0.4, kTo_mm = 0.9, kTowards_mm = 0.25;
    const Placed& placed = *scene.meetings.placed[ix(work.act.on)];
    const StampRegions& regions = *scene.regions[ix(scene.stampOf[ix(work.act.on)])];
    for (int y = tile.y; y < tile.y + tile.height; ++y)
      for (int x = tile.x; x < tile.x + tile.width; ++x) {
        uint8_t& c = tile.row(y)[x - tile.x];
        if (!c) continue;
        const Point p = grid.centre(x, y);
        const auto inside = [&](Point q) { return regions.inside_mm(placed.placing.toFrame(q)); };
        const double deep = inside(p);
        if (deep < kFrom_mm || deep > kTo_mm ||
            inside(p + Point{-kTowards_mm, kTowards_mm}) >= deep - kTowards_mm / 2)
          c = 0;
      }
    return tile;
  }

  static std::vector<int> partsHere(const HandScene& scene, const HandWork& work) {
    const Accent& a = scene.plan.accents[ix(work.act.index)];
    const StampRegions* regions =
        work.act.on < 0 ? nullptr : scene.regions[ix(scene.stampOf[ix(work.act.on)])].get();
    return regions && a.region ? regions->chosen(*a.region) : std::vector<int>{};
  }
};

}  // namespace

const HandKind& accenting() {
  static const Accenting one;
  return one;
}

}  // namespace havlo
