// Colour taken out of a blend again, with water, a cloth, salt or a sand eraser.
#include "core/handwork/kinds.h"

namespace havlo {
namespace {

constexpr double kEach_min = 0.15;  // common practice, no source

class Lifting : public HandKind {
 public:
  std::string_view word() const override { return "lift"; }
  const std::string& id(const Plan& plan, int index) const override { return plan.lifts[ix(index)].id; }
  void list(const Plan& plan, std::vector<HandAct>& out) const override {
    for (size_t k = 0; k < plan.lifts.size(); ++k) out.push_back({ByHand::Lift, static_cast<int>(k), -1});
  }

  void judge(const HandScene& scene, HandWork& work) const override {
    const Plan& plan = scene.plan;
    const Lift& lift = plan.lifts[ix(work.act.index)];
    int wash = -1;
    for (size_t w = 0; w < plan.washes.size(); ++w)
      if (plan.washes[w].id == lift.wash) wash = static_cast<int>(w);
    if (wash < 0) work.gone = lift.wash;
    if (wash < 0) return;
    work.layer = HandLayer::InWash;
    work.turn = HandTurn::Lifting;
    work.soon = true;  // while nothing lies on it yet
    work.box = boxOf({lift.at}).grown(lift.size_mm / 2);
    work.count = static_cast<int>(lift.at.size());
    work.minutes = kEach_min * work.count;
    work.wet = lift.with != LiftWith::Sand;
    // Salt lies until the colour is dry and is brushed off then; water and a cloth leave the paper damp.
    work.dry_min = lift.with == LiftWith::Salt ? 15 : lift.with == LiftWith::Sand ? 0 : 3;
    const auto n = static_cast<int>(plan.impressions.size());
    work.after.push_back(n + wash);
    for (int i = 0; i < n; ++i)
      if (scene.meetings.placed[ix(i)]->box.meets(work.box)) work.bare.push_back(i);
    // What is done over an opaque blend would be lifted with it.
    for (size_t v = 0; v < plan.washes.size(); ++v)
      if (scene.stack.under(wash, static_cast<int>(v)) && boxOf(scene.washes.reached[v]).meets(work.box))
        work.before.push_back(n + static_cast<int>(v));
  }

  std::vector<HandFilm> films(const HandScene& scene, const HandWork& work, const Grid& grid) const override {
    const Lift& lift = scene.plan.lifts[ix(work.act.index)];
    Tile tile;
    if (lift.with == LiftWith::Cloth || lift.with == LiftWith::Sand) {
      tile = discsTile(grid, lift.at, lift.size_mm);
    } else {
      // A bloom: palest in the middle and fading out.
      tile = tileFor(grid, work.box);
      for (int y = tile.y; y < tile.y + tile.height; ++y)
        for (int x = tile.x; x < tile.x + tile.width; ++x)
          for (Point p : lift.at) {
            const double out = distance(p, grid.centre(x, y)) / (lift.size_mm / 2);
            if (out >= 1) continue;
            uint8_t& c = tile.row(y)[x - tile.x];
            c = std::max(c, static_cast<uint8_t>(255 * (1 - out * out)));
          }
    }
    return {{std::move(tile), {}, 0, lift.strength, true}};
  }
};

}  // namespace

const HandKind& lifting() {
  static const Lifting one;
  return one;
}

}  // namespace havlo
