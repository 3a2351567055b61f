#include "core/chain/put_new.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/base/parallel.h"
#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/edit/edits.h"
#include "core/edit/put_on.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr int kPlaces = 24;     // across the card
constexpr int kFewPlaces = 8;   // where the card is so full that each takes its time
constexpr size_t kFull = 150;   // things
constexpr double kShows = 0.5;  // of what is put on
constexpr double kHidden = 10;  // a thing nobody sees is as bad as a warning
constexpr double kFar = 2;      // as bad as most of a note: all the width of the card away

/// How much of a thing's silhouette on the card shows.
double shareShown(const Visible& thing) {
  std::vector<const SweepEdges*> covers;
  for (const PlacedRef& front : thing.fronts) covers.push_back(&front->onPanel);
  const double whole = thing.thing->areaOnPanel_mm2;
  return whole > 0 ? areaLeft(thing.thing->onPanel, covers) / whole : 0;
}

}  // namespace

Point clearSpot(const Plan& plan, const Stamp& stamp, const Analysis* known) {
  const Point first = goodSpot(plan, stamp);
  if (plan.impressions.empty()) return first;
  const AnalysisRef before = analyseUnseen(plan, known);
  const auto minded = keysOf(plan, *before, true);
  // What the reading makes of it there; less is better, nothing is minded below zero.
  struct Worth {
    double cost = 0;
    bool clear = false;
  };
  const auto at = [&](double x) -> std::optional<Worth> {
    const auto with = withNewImpression(plan, stamp.id, {x, first.y});
    if (!with) return {};
    const AnalysisRef a = analyseUnseen(with.value(), before.get());
    const auto now = keysOf(with.value(), *a, true);
    const double shows = shareShown(a->visible.back());
    const bool clear = shows >= kShows && std::includes(minded.begin(), minded.end(), now.begin(), now.end());
    const double away = std::fabs(x - first.x) / plan.card.panel.width_mm;
    return Worth{kHidden * (1 - shows) + kFar * away - readingScore(*a), clear};
  };
  const auto there = at(first.x);
  if (!there || there->clear) return first;
  const int places = plan.impressions.size() < kFull ? kPlaces : kFewPlaces;
  const double width = plan.card.panel.width_mm;
  std::vector<double> across;
  for (int k = 1; k < places; ++k)  // never off the card sideways
    across.push_back(goodSpot(plan, stamp, width * k / places).x);
  std::vector<std::optional<Worth>> worth(across.size());
  forEachIndex(across.size(), 0, [&](size_t k) { worth[k] = at(across[k]); });
  Point best = first;
  double least = there->cost;
  for (size_t k = 0; k < across.size(); ++k)
    if (worth[k] && worth[k]->cost < least) least = worth[k]->cost, best.x = across[k];
  return best;
}

Result<Plan> withStampPut(const Plan& plan, const std::string& stampId, std::optional<Point> foot,
                          const Analysis* known) {
  const StampRef stamp = plan.stamp(stampId);
  if (stamp && !foot) foot = clearSpot(plan, *stamp, known);
  auto put = withNewImpression(plan, stampId, foot.value_or(Point{}));
  if (!put) return put;
  const Impression* last = nullptr;
  for (const Impression& i : plan.impressions)
    if (i.stamp == stampId) last = &i;
  Plan with = std::move(put).value();
  Impression& newcomer = with.impressions.back();
  if (last) {
    newcomer.ink = last->ink;
    if (!isStampedApart(last->school)) newcomer.school = last->school;
    // How often what stands was pressed hangs on where it stands.
    if (!factsOf(stamp->role).stands()) newcomer.generation = last->generation;
  } else {
    with = pressedAsUsual(with, newcomer.id);
  }
  if (!with.view || !with.view->visibility_m) return with;  // clear air: distance pales nothing
  if (answerOf(plan.styles, Style::ByEye).value_or(false)) return with;
  const int added = static_cast<int>(with.impressions.size()) - 1;
  std::vector<Finding> found;
  readToneRecedes(with, *measured(with, known), found);
  for (const Finding& f : found)
    if (f.fix && f.fix->what == Fix::What::Press && f.fix->impression == added) return applied(with, *f.fix);
  return with;
}

}  // namespace havlo
