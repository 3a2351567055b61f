#include "support/random_plan.h"

#include <cmath>
#include <random>

#include "support/plans.h"

namespace havlo::testing {
namespace {

class Maker {
 public:
  Maker(uint32_t seed, const RandomOptions& o) : m_random(seed), m_options(o) {}

  Plan plan() {
    Plan p = emptyPlan();
    p.card.panel = {m_options.panel.width(), m_options.panel.height(), {}};
    p.view->horizon_mm = m_options.panel.height() * 0.55;
    for (int s = 0; s < m_options.stamps; ++s) addStamp(p, stamp("s" + std::to_string(s)));
    for (int i = 0; i < m_options.impressions; ++i) impression(p, i);
    if (m_options.washes)
      for (int w = whole(0, 2); w > 0; --w) wash(p, w);
    p.supplies.maskLife = whole(1, 6);
    return p;
  }

 private:
  std::mt19937 m_random;
  RandomOptions m_options;

  double real(double a, double b) { return std::uniform_real_distribution<double>(a, b)(m_random); }
  int whole(int a, int b) { return std::uniform_int_distribution<int>(a, b)(m_random); }
  bool chance(double share) { return real(0, 1) < share; }

  Stamp stamp(const std::string& id) {
    const double w = real(m_options.least_mm, m_options.most_mm),
                 h = real(m_options.least_mm, m_options.most_mm);
    Stamp s = slab(id, w, h);
    s.solid = chance(0.5);
    const double kind = real(0, 1);
    if (kind < 0.6) {
      Ring ring;
      const int lobes = m_options.smooth ? whole(2, 9) : 0;
      for (int k = 0; k < m_options.points; ++k) {
        const double a = k * 6.283185307179586 / m_options.points;
        const double r = m_options.smooth ? 0.85 + 0.12 * std::sin(lobes * a) + real(0, 0.01) : real(0.65, 1);
        ring.push_back({w / 2 + w / 2 * r * std::cos(a), h / 2 + h / 2 * r * std::sin(a)});
      }
      s.silhouette = {ring};
    } else if (kind < 0.75) {
      s.silhouette.push_back(rectangle({w * 0.3, h * 0.3, w * 0.7, h * 0.7})[0]);
    }
    if (chance(0.6)) s.realHeight = RealHeight{1, 0.8, 1.3, {}};
    return s;
  }

  void impression(Plan& p, int i) {
    Impression t;
    t.id = "i" + std::to_string(i);
    const StampRef stamp = p.stamps[ix(whole(0, m_options.stamps - 1))];
    t.stamp = stamp->id;
    t.ink = chance(0.7) ? "black" : "blue";
    t.at = {real(-5, m_options.panel.width() + 5), real(-5, m_options.panel.height() * 0.85)};
    t.turn_deg = chance(0.5) ? 0 : real(-180, 180);
    t.generation = whole(1, 3);
    const double depth = real(0, 1);
    if (depth < 0.4) t.depth = AtMetres{static_cast<double>(whole(1, 6))};
    if (depth > 0.85 && i > 0) t.depth = OnThing{"i" + std::to_string(whole(0, i - 1)), chance(0.4)};
    if (m_options.schools) {
      const School kinds[] = {School::Mask,      School::Mask,     School::Mask,
                              School::Overprint, School::LeaveOut, School::WipeOff};
      t.school = kinds[whole(0, 5)];
    }
    if (m_options.sayings && i > 0 && chance(0.3))
      t.inFrontOf.push_back("i" + std::to_string(whole(0, i - 1)));
    if (m_options.parts && chance(0.15))
      t.part = rectangle({0, stamp->height_mm * 0.35, stamp->width_mm, stamp->height_mm});
    p.impressions.push_back(t);
  }

  void wash(Plan& p, int n) {
    Wash w;
    w.id = "w" + std::to_string(n);
    w.ink = chance(0.5) ? "blue" : "black";
    const double x = real(0, 70), y = real(0, 100);
    w.area = rectangle({x, y, x + 50, y + 60});
    const WashFrom froms[] = {WashFrom::Top,   WashFrom::Bottom, WashFrom::Left,
                              WashFrom::Right, WashFrom::Centre, WashFrom::Edges};
    w.from = froms[whole(0, 5)];
    w.reach = real(0.2, 1);
    w.strength = real(0.2, 0.8);
    for (const Impression& i : p.impressions)
      if (chance(0.4)) w.lets.push_back(i.id);
    if (m_options.depths) {
      const double where = real(0, 1);
      if (where < 0.25) w.depth = WashLayer::Near;
      if (where > 0.4 && where < 0.6) w.depth = AtMetres{static_cast<double>(whole(1, 6))};
      if (where >= 0.6)
        w.depth = BesideThing{p.impressions[ix(whole(0, m_options.impressions - 1))].id, where < 0.8};
      w.softness_mm = real(1, 12);
      if (chance(0.5)) {
        w.ink = "white";
        if (!p.ink("white")) {
          Ink white;
          white.id = "white", white.colour = {0xf4, 0xf4, 0xee}, white.opacity = 0.7;
          p.inks.push_back(white);
        }
      }
    }
    p.washes.push_back(w);
  }
};

}  // namespace

Plan randomPlan(uint32_t seed, const RandomOptions& options) { return Maker(seed, options).plan(); }

}  // namespace havlo::testing
