// A hero of which much is covered, by what is stamped before it or glued over it, or cut off by the panel's
// edge, is half a hero.
#include "core/outline/shape_ops.h"
#include "core/pieces/heights.h"
#include "core/plan/figures.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

/// The pieces that are glued over a thing. A thing that prints across rims is printed on what is flat.
std::vector<int> piecesOver(const Plan& plan, int thing) {
  const Impression& i = thingAt(plan, thing);
  std::vector<int> out;
  if (i.school == School::Across) return out;
  const int on = plan.pieceIndex(i.piece);
  const double own_mm = on >= 0 ? underside_mm(plan, on) + plan.pieces[ix(on)].paper.thickness_mm
                        : i.school == School::PopUp ? foamUnder(i) + plan.card.paper.thickness_mm
                                                    : 0;
  for (const Glued& g : gluedOn(plan))
    if (g.piece >= 0 && g.piece != on && g.low_mm >= own_mm) out.push_back(g.piece);
  return out;
}

}  // namespace

void readHeroHidden(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kMuch = 0.7, kGross = 0.4;  // of it that shows
  const int hero = heroOf(plan);
  if (hero < 0) return;
  const Placed& placed = *a.meetings.placed[ix(hero)];
  if (placed.area_mm2 <= 0 || placed.areaOnPanel_mm2 <= 0) return;  // off the panel: that rule speaks
  const std::vector<int>& fronts = a.visible[ix(hero)].behind;
  const std::vector<int> pieces = piecesOver(plan, hero);
  if (fronts.empty() && pieces.empty() && placed.areaOnPanel_mm2 >= kMuch * placed.area_mm2) return;
  Rings left = placed.onPanel.box().empty() ? Rings{} : clippedTo(placed.panel, placed.silhouette);
  int worst = -1;
  double most = 0;
  for (int f : fronts) {
    if (sameFigure(plan, hero, f)) continue;
    const Rings before = left;
    left = difference(left, a.meetings.placed[ix(f)]->silhouette);
    const double took = areaOf(before) - areaOf(left);
    if (took > most) most = took, worst = f;
  }
  int worstPiece = -1;
  for (int p : pieces) {
    const Rings before = left;
    left = difference(left, onCard(plan.pieces[ix(p)]));
    const double took = areaOf(before) - areaOf(left);
    if (took > most) most = took, worst = -1, worstPiece = p;
  }
  const double share = areaOf(left) / placed.area_mm2;
  if (share >= kMuch || share <= kHiddenShare) return;  // wholly hidden is a rule of its own
  Finding f{FindingKind::HeroHidden, share < kGross ? Level::Fault : Level::Warn, {hero}, share, {}};
  const double cut = 1 - placed.areaOnPanel_mm2 / placed.area_mm2;
  if (worstPiece >= 0 && most > cut * placed.area_mm2) {
    f.piece = worstPiece;  // what is glued there may be moved in many ways; which is the maker's to say
  } else if (worst >= 0 && most > cut * placed.area_mm2) {
    f.impressions.push_back(worst);
    // What stands nearer cannot honestly be behind: it goes aside, by as much as they share across.
    const Box h = placed.box, w = a.meetings.placed[ix(worst)]->box;
    const Point at = thingAt(plan, worst).at;
    const double toLeft = w.right - h.left + 1, toRight = h.right - w.left + 1;
    const bool goLeft = toLeft <= toRight;
    const Point to{at.x + (goLeft ? -toLeft : toRight), at.y};
    const bool nearer = a.depth->distance_m(worst) < a.depth->distance_m(hero) - 1e-9;
    if (!nearer) {
      Fix fix;
      fix.what = Fix::What::PutInFront, fix.impression = hero, fix.other = worst;
      f.fix = std::move(fix);
    } else {
      f.fix = moveTo(worst, to);
    }
  } else {
    const Box h = placed.box, panel = placed.panel;
    const auto inward = [](double low, double high, double room) {
      return low < 0 ? -low : high > room ? room - high : 0.0;
    };
    const Point at = thingAt(plan, hero).at;
    f.fix = moveTo(hero, {at.x + inward(h.left, h.right, panel.right), at.y});
  }
  out.push_back(std::move(f));
}

}  // namespace havlo
