// What hardly differs from what lies around it sinks into it.
#include "core/ink/ink_facts.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/press/canvas.h"
#include "core/reading/about.h"

namespace havlo {

namespace {

/// No ink makes the hero stand out: then the ground around it is darkened, the hero kept clean by its mask.
std::optional<Fix> groundBehind(const Plan& plan, const Analysis& a, int hero, const LinearRgb& paper) {
  constexpr double kStrength = 0.6, kSeen = 12, kAround_mm = 18;
  const Ink* best = nullptr;
  double most = kSeen;
  for (const Ink& ink : plan.inks) {
    const double d = ciede2000(labOf(throughFilm(paper, linearOf(ink.colour), kStrength)), labOf(paper));
    if (ink.kind != InkKind::Embossing && d > most) most = d, best = &ink;
  }
  if (!best) return {};
  Wash wash;
  wash.id = "ground", wash.kind = WashKind::Glow, wash.ink = best->id;
  wash.area = rectangle(a.meetings.placed[ix(hero)]->box.grown(kAround_mm).common(plan.card.panel.box()));
  wash.from = WashFrom::Centre, wash.strength = kStrength;
  if (boxOf(wash.area).empty()) return {};
  Fix fix;
  fix.what = Fix::What::AddWashes, fix.impression = hero;
  fix.washes = {std::move(wash)};
  return fix;
}

}  // namespace

void readSunk(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks) return;
  constexpr double kHero = 18, kAlive = 9, kOther = 5;  // CIEDE2000
  const std::vector<int> leads = figureLeads(plan);
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const int i = static_cast<int>(k);
    const Standout& s = a.looks->standouts[k];
    const Role role = roleAt(a, i);
    if (leads[k] != i) continue;  // a face in a head is not sunk: what is looked at is the figure
    if (!s.shows || !factsOf(role).stands() || a.visible[k].share <= kHiddenShare) continue;
    const bool hero = plan.impressions[k].hero;
    const bool alive = factsOf(role).lives();
    double least = hero ? kHero : alive ? kAlive : kOther;
    // What mist takes away is meant to be pale.
    for (const ToneReading& t : a.tone)
      if (t.impression == i && !hero) least *= std::clamp(t.wanted, 0.2, 1.0);
    if (s.difference >= least) continue;
    Finding f{FindingKind::Sunk, hero ? Level::Warn : Level::Note, {i}, s.difference, {}};
    f.other = s.ratio;
    // The ink that stands out most here.
    const Impression& thing = plan.impressions[k];
    const LinearRgb paper = linearOf(plan.card.paper.colour);
    const Ink* best = nullptr;
    double most = std::max(1.3 * s.difference, least);
    for (const Ink& ink : plan.inks) {
      if (ink.id == thing.ink && thing.generation == 1) continue;
      const double d = ciede2000(labOf(pressedOn(paper, ink, 1)), s.around);
      if (ink.kind != InkKind::Embossing && d > most) most = d, best = &ink;
    }
    if (best) {
      Fix fix;
      fix.what = Fix::What::Press, fix.impression = i, fix.ink = best->id, fix.generation = 1;
      f.fix = std::move(fix);
    } else if (thing.school == School::Overprint) {
      Fix fix;
      fix.what = Fix::What::School, fix.impression = i, fix.school = School::Mask;
      f.fix = std::move(fix);
    } else if (hero) {
      f.fix = groundBehind(plan, a, i, paper);
    }
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
