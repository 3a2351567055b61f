// How cards are compared: what is worse in anything that counts is not proposed.
#include <algorithm>
#include <cmath>

#include "core/arrange/arrange.h"
#include "core/chain/foretell.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kOverlap_mm2 = 20;  // less is a kiss
constexpr double kFreshCosts = 0.85;

double triangleOf(const Plan& plan, const Analysis& a) {
  std::vector<std::pair<double, Point>> large;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Placed& p = *a.meetings.placed[i];
    if (!factsOf(p.outline->stamp->role).stands() || p.areaOnPanel_mm2 <= 0) continue;
    large.emplace_back(p.areaOnPanel_mm2, p.onPanel.box().centre());
  }
  if (large.size() < 3) return 0;
  std::partial_sort(large.begin(), large.begin() + 3, large.end(),
                    [](const auto& p, const auto& q) { return p.first > q.first; });
  const Point u = large[1].second - large[0].second, v = large[2].second - large[0].second;
  return std::fabs(u.x * v.y - u.y * v.x) / 2 / (plan.card.panel.width_mm * plan.card.panel.height_mm);
}

}  // namespace

Worth worthOf(const Plan& plan, const Analysis& a, bool proven) {
  Worth w;
  for (const Finding& f : a.findings) {
    if (f.known) continue;
    w.faults += f.level == Level::Fault, w.warnings += f.level == Level::Warn;
  }
  const Looks& l = *a.looks;
  const double width = plan.card.panel.width_mm;
  w.heroShare = l.heroShare(), w.heroRank = l.heroRank;
  w.clearlyFirst = l.heroRank == 1 && l.clearlyFirst();
  for (const Meeting& m : a.meetings.list) {
    const auto stands = [&](int i) {
      return factsOf(a.meetings.placed[ix(i)]->outline->stamp->role).stands();
    };
    if (m.area_mm2 >= kOverlap_mm2 && stands(m.front) && stands(m.back)) ++w.overlaps;
  }
  if (l.hero >= 0) {
    const Box hero = a.meetings.placed[ix(l.hero)]->onPanel.box();
    const double x = hero.empty() ? 0 : hero.centre().x / width;
    w.offThird = std::min(std::fabs(x - 1.0 / 3), std::fabs(x - 2.0 / 3));
  }
  w.triangle = triangleOf(plan, a);
  for (const Greeting& g : l.greetings) w.greetingRoom += g.crowded_mm2;
  w.balance = std::fabs(l.weight.x / width - 0.5);
  w.plain =
      l.plainest.empty() ? 0 : l.plainest.width() * l.plainest.height() / (width * plan.card.panel.height_mm);
  w.masks = a.masksToCut();
  w.proven = proven;
  return w;
}

std::vector<Gained> gainsOf(const Worth& p, const Worth& now) {
  std::vector<Gained> out;
  const auto gain = [&](Gain what, double before, double after) { out.push_back({what, before, after}); };
  if (p.heroRank == 1 && now.heroRank > 1) gain(Gain::HeroFirst, now.heroRank, 1);
  if (p.faults + p.warnings < now.faults + now.warnings)
    gain(Gain::FewerFindings, now.faults + now.warnings, p.faults + p.warnings);
  if (p.heroShare > now.heroShare + 0.015) gain(Gain::HeroShare, now.heroShare, p.heroShare);
  if (p.greetingRoom < now.greetingRoom - 5) gain(Gain::GreetingRoom, now.greetingRoom, p.greetingRoom);
  if (p.overlaps > now.overlaps) gain(Gain::TellsDepth, now.overlaps, p.overlaps);
  if (p.offThird < 0.05 && now.offThird > 0.08) gain(Gain::OnAThird, now.offThird, p.offThird);
  if (p.triangle > 1.3 * now.triangle && p.triangle > 0.03) gain(Gain::Triangle, now.triangle, p.triangle);
  if (p.balance < now.balance - 0.03) gain(Gain::Balance, now.balance, p.balance);
  if (p.plain > now.plain + 0.04) gain(Gain::PlainSpace, now.plain, p.plain);
  if (p.masks < now.masks) gain(Gain::FewerMasks, now.masks, p.masks);
  return out;
}

bool isWorthTaking(const Worth& p, const Worth& now, bool fresh) {
  if (p.faults > now.faults || p.faults + p.warnings > now.faults + now.warnings) return false;
  if (p.heroShare < (fresh ? kFreshCosts : 1.0) * now.heroShare || p.heroRank > now.heroRank) return false;
  if (now.proven && !p.proven) return false;
  if (now.clearlyFirst && !p.clearlyFirst) return false;
  return fresh || !gainsOf(p, now).empty();
}

}  // namespace havlo
