// The press does the work; here things and papers are put where a hand would have put them.
#include "core/compare/hand_made.h"

#include <cmath>

#include "core/base/random.h"

namespace havlo {

std::vector<MadePrint> errorsOf(const Plan& plan, const HandToTry& hand, uint64_t seed) {
  std::vector<MadePrint> out(plan.impressions.size());
  Random random(seed);
  const auto spread = [&](double by) { return by * random.gaussian(); };
  for (MadePrint& m : out) {
    m.by = {spread(hand.placing_mm), spread(hand.placing_mm)};
    m.turn_deg = spread(hand.turn_deg);
    m.cover = {{spread(hand.masks.placing_mm), spread(hand.masks.placing_mm)},
               spread(hand.masks.turn_deg),
               spread(hand.masks.cutting_mm)};
    const double fate = random.unit(), far_mm = 0.7 + 1.1 * random.unit(),
                 way = 2 * 3.14159265358979 * random.unit();
    if (fate < hand.missing) {
      m.slip.share = 0;
    } else if (fate < hand.missing + hand.doubled) {
      m.slip.again = Point{far_mm * std::cos(way), far_mm * std::sin(way)};
    } else if (fate < hand.missing + hand.doubled + hand.smeared) {
      m.slip.smear_mm = far_mm;
    } else if (fate < hand.missing + hand.doubled + hand.smeared + hand.pale) {
      m.slip.share = 0.3 + 0.2 * random.unit();
    }
  }
  return out;
}

Result<HandMade> handMade(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                          const std::vector<MadePrint>& made, double dpi, size_t steps,
                          const Progress& progress) {
  auto moved = std::make_shared<Plan>(plan);
  Analysis there = analysis;
  std::vector<PrintSlip> prints;
  std::vector<CoverSlip> covers;
  for (size_t i = 0; i < made.size(); ++i) {
    Impression& one = moved->impressions[i];
    one.at = one.at + made[i].by;
    one.turn_deg += made[i].turn_deg;
    there.meetings.placed[i] = place(analysis.meetings.placed[i]->outline, one, plan.card.panel.box());
    prints.push_back(made[i].slip);
    covers.push_back(made[i].cover);
  }
  if (steps < there.sheet.steps.size()) there.sheet.steps.own().resize(steps);
  PressInput in = there.press(*moved, art);
  in.coverSlips = &covers;
  PressTiles tiles(in, Grid(plan.card.panel.box(), dpi));
  PressRun run;
  run.prints = &prints;
  run.explain = false;
  auto replayed = replay(in, there.sheet, tiles, progress, {}, run);
  if (!replayed) return replayed.error();
  return HandMade{moved, std::move(replayed.value().card)};
}

}  // namespace havlo
