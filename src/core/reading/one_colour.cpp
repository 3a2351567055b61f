// Everything alike: nothing stands out from anything.
#include <set>

#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

namespace {

constexpr double kFlat = 12;  // CIEDE2000: nothing on the card differs more

/// The greatest difference between any two colours that are put on the card, whatever it is made of.
double mostApart(const Plan& plan) {
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  std::vector<Lab> inks;
  std::set<std::pair<std::string, int>> seen;  // hundreds of things, but few inks
  const auto put = [&](const std::string& id, int generation) {
    const Ink* ink = plan.ink(id);
    if (ink && seen.emplace(id, generation).second) inks.push_back(labOf(pressedOn(paper, *ink, generation)));
  };
  for (const Impression& i : plan.impressions) put(i.ink, i.generation);
  for (const Wash& w : plan.washes) put(w.ink, 1);
  for (const Colouring& c : plan.colourings)
    if (!c.bare) put(c.ink, 1);
  double most = 0;
  for (size_t i = 0; i < inks.size(); ++i)
    for (size_t k = i + 1; k < inks.size(); ++k) most = std::max(most, ciede2000(inks[i], inks[k]));
  return most;
}

}  // namespace

void readOneColour(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks || plan.impressions.empty()) return;
  double most = 0;
  int shown = 0, first = -1;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Standout& s = a.looks->standouts[k];
    if (!s.shows) continue;
    ++shown;
    most = std::max(most, s.difference);
    if (first < 0 || plan.impressions[k].hero) first = static_cast<int>(k);
  }
  if (shown == 0) return;
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const bool pale = most < kFlat;
  constexpr int kSeveral = 3;
  // Everything in one ink stands out from its paper well enough: but the hero has nothing of its own.
  const double apart = pale || shown < kSeveral ? 0 : mostApart(plan);
  if (!pale && (shown < kSeveral || apart >= kFlat)) return;
  Finding f{FindingKind::OneColour, pale ? Level::Warn : Level::Note, {first}, pale ? most : apart, {}};
  const Impression& hero = plan.impressions[ix(first)];
  const Lab now = labOf(pressedOn(paper, *plan.ink(hero.ink), hero.generation));
  const Ink* best = nullptr;
  double strongest = 2 * kFlat;
  for (const Ink& ink : plan.inks) {
    const Lab then = labOf(pressedOn(paper, ink, 1));
    const double d = pale ? ciede2000(then, labOf(paper)) : ciede2000(then, now);
    if (!pale && ciede2000(then, labOf(paper)) < kFlat) continue;
    if (d > strongest) strongest = d, best = &ink;
  }
  if (best) {
    Fix fix;
    fix.what = Fix::What::Press, fix.impression = first, fix.ink = best->id, fix.generation = 1;
    f.fix = std::move(fix);
  }
  f.other = pale ? 0 : 1;
  out.push_back(std::move(f));
}

}  // namespace havlo
