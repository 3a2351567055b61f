// Small things put on last: slow ones after quick ones, away from the hand.
#include <algorithm>
#include <cmath>

#include "core/handwork/colouring.h"
#include "core/handwork/kinds.h"
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
    constexpr Colour kShine{255, 255, 255};
    if (work.ink >= 0) {
      const Ink& ink = plan.inks[ix(work.ink)];
      out.push_back({tile, ink.colour, facts.covers ? std::max(ink.opacity, 0.9) : ink.opacity, 1, false});
    }
    if (facts.shine > 0) {
      if (a.kind == AccentKind::Glitter) {
        for (int y = tile.y; y < tile.y + tile.height; ++y)
          for (int x = tile.x; x < tile.x + tile.width; ++x) {
            const Point p = grid.centre(x, y) * 3;  // grains of a third of a millimetre
            uint8_t& c = tile.row(y)[x - tile.x];
            if (sparkle(static_cast<int>(std::floor(p.x)), static_cast<int>(std::floor(p.y))) < 0.6) c = 0;
          }
      } else if (a.kind == AccentKind::Sequin) {
        std::vector<Point> glints;
        for (Point p : a.at) glints.push_back(p + Point{-a.size_mm, a.size_mm} * 0.18);
        tile = discsTile(grid, glints, a.size_mm * 0.35);
      }
      out.push_back({std::move(tile), kShine, facts.shine, 1, false});
    }
    return out;
  }

 private:
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
