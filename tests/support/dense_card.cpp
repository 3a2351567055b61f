#include "support/dense_card.h"

#include <cmath>
#include <random>

#include "support/random_plan.h"

namespace havlo::testing {

Plan denseCard(int impressions) {
  const double side = 178 * std::sqrt(impressions / 100.0);
  RandomOptions o;
  o.impressions = impressions, o.stamps = 20, o.points = 300, o.smooth = true;
  o.parts = false, o.schools = false, o.washes = false;
  o.least_mm = 8, o.most_mm = 40;
  o.panel = {0, 0, side, side};
  Plan plan = randomPlan(11, o);
  plan.card.panel = {side, side, {}};
  plan.impressions[0].hero = true;
  std::mt19937 random(7);
  std::uniform_real_distribution<double> at(0, side - 50);
  for (int w = 0; w < impressions * 30 / 400; ++w) {
    Wash wash;
    wash.id = "w" + std::to_string(w), wash.ink = w % 2 ? "blue" : "black";
    const double x = at(random), y = at(random);
    wash.area = rectangle({x, y, x + 40, y + 45});
    wash.from = w % 3 ? WashFrom::Top : WashFrom::Left;
    wash.reach = 0.8, wash.strength = 0.5;
    plan.washes.push_back(std::move(wash));
  }
  for (int c = 0; c < impressions * 3 / 4; ++c) {
    Colouring one;
    one.id = "c" + std::to_string(c), one.impression = plan.impressions[static_cast<size_t>(c)].id;
    one.ink = "blue";
    plan.colourings.push_back(std::move(one));
  }
  return plan;
}

}  // namespace havlo::testing
