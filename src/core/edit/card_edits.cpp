#include "core/edit/card_edits.h"

#include <algorithm>

#include "core/mask/mask_shape.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kOnEdge_mm = 0.01;

Error tooNarrow() { return {ErrorCode::BadInput, "the border leaves nothing of the panel to stamp on", {}}; }

bool leavesRoom(const Card& c) {
  return 2 * std::fmax(c.tape_mm, c.bare_mm) < std::fmin(c.panel.width_mm, c.panel.height_mm);
}

/// A coordinate of a wash: what lay on or beyond an edge lies there again, the rest moves with the scene.
double carried(double v, double old_mm, double new_mm, double shift_mm) {
  if (v <= kOnEdge_mm) return v;
  if (v >= old_mm - kOnEdge_mm) return v - old_mm + new_mm;
  return std::clamp(v + shift_mm, 0.0, new_mm);
}

}  // namespace

Plan newPlan(const Card& card) {
  Plan plan;
  plan.card = card;
  View view;
  view.horizon_mm = std::round(card.panel.height_mm * 0.45);
  plan.view = view;
  Ink black;
  black.id = "black";
  black.name = "Black";
  black.kind = InkKind::Archival;
  black.colour = {0x20, 0x24, 0x2a};
  black.opacity = 0.15;
  plan.inks = {black};
  return plan;
}

Result<Plan> withPanel(const Plan& plan, Millimetres width, Millimetres height) {
  for (Millimetres side : {width, height})
    if (!(side.value >= 5 && side.value <= 2000))
      return Error{ErrorCode::BadInput, "a panel's sides are from 5 to 2000 mm", {}};
  Plan out = plan;
  PanelSize& panel = out.card.panel;
  const double oldWidth = panel.width_mm, oldHeight = panel.height_mm;
  panel.width_mm = width.value;
  panel.height_mm = height.value;
  if (!leavesRoom(out.card)) return tooNarrow();
  const double shift = (width.value - oldWidth) / 2;
  for (Impression& i : out.impressions) i.at.x += shift;
  for (Wash& w : out.washes) {
    Rings area;
    for (Ring ring : w.area) {
      for (Point& p : ring)
        p = {carried(p.x, oldWidth, width.value, shift), carried(p.y, oldHeight, height.value, 0)};
      if (sweptArea(SweepEdges({ring})) > 1e-6) area.push_back(std::move(ring));
    }
    w.area = std::move(area);
  }
  std::erase_if(out.washes, [](const Wash& w) { return w.area.empty(); });  // wholly above a lower panel
  if (out.view) {
    if (out.view->vanishX_mm) *out.view->vanishX_mm += shift;
    out.view->horizon_mm = std::fmin(out.view->horizon_mm, height.value);
  }
  if (out.light && out.light->at) out.light->at->x += shift;
  for (WashLimit& l : out.limits) l.at.x += shift, l.opening.left += shift, l.opening.right += shift;
  for (GroundMark& g : out.ground)
    for (Point& p : g.along) p.x += shift;
  if (out.room) {
    out.room->left_mm += shift;
    // A horizon that came down to a lower panel must still leave a floor.
    if (out.view) out.room->bottom_mm = std::fmin(out.room->bottom_mm, out.view->horizon_mm - 1);
  }
  return out;
}

Result<Plan> withCard(const Plan& plan, const Card& card) {
  Plan out = plan;
  out.card = card;
  out.card.panel = plan.card.panel;
  if (!leavesRoom(out.card)) return tooNarrow();
  return out;
}

Result<Plan> withWholeCard(const Plan& plan, const Card& card) {
  Plan bare = plan;  // the new border is judged on the new panel
  bare.card.tape_mm = bare.card.bare_mm = 0;
  auto sized = withPanel(bare, Millimetres{card.panel.width_mm}, Millimetres{card.panel.height_mm});
  if (!sized) return sized;
  return withCard(sized.value(), card);
}

PlanWithStamp withStamp(const Plan& plan, const Stamp& stamp) {
  for (const StampRef& s : plan.stamps)
    if (*s == stamp || (!stamp.drawer.empty() && s->drawer == stamp.drawer)) return {plan, s->id};
  auto held = std::make_shared<Stamp>(stamp);
  if (held->id.empty()) held->id = "stamp";
  for (int n = 2; plan.stamp(held->id); ++n)
    held->id = (stamp.id.empty() ? "stamp" : stamp.id) + "-" + std::to_string(n);
  PlanWithStamp out{plan, held->id};
  out.plan.stamps.push_back(std::move(held));
  return out;
}

Result<Plan> withStampReplaced(const Plan& plan, const std::string& id, const Stamp& stamp) {
  Plan out = plan;
  for (StampRef& s : out.stamps)
    if (s->id == id) {
      auto changed = std::make_shared<Stamp>(stamp);
      changed->id = id;
      if (*changed != *s) s = std::move(changed);
      return out;
    }
  return Error{ErrorCode::BadInput, "there is no stamp \"" + id + "\"", {}};
}

Result<Plan> withoutStamp(const Plan& plan, const std::string& id) {
  if (!plan.stamp(id)) return Error{ErrorCode::BadInput, "there is no stamp \"" + id + "\"", {}};
  for (const Impression& i : plan.impressions)
    if (i.stamp == id) return Error{ErrorCode::BadInput, "the stamp is on the card", {}};
  for (const Face& f : plan.faces)
    for (const Impression& i : f.scene.impressions)
      if (i.stamp == id)
        return Error{
            ErrorCode::BadInput, "the stamp is on \"" + (f.piece.empty() ? "the panel" : f.piece) + "\"", {}};
  Plan out = plan;
  std::erase_if(out.stamps, [&](const StampRef& s) { return s->id == id; });
  std::erase_if(out.supplies.masksAtHand, [&](const MaskAtHand& m) { return m.stamp == id; });
  return out;
}

Plan withInkAdded(const Plan& plan, const Ink& ink) {
  Plan out = plan;
  for (Ink& i : out.inks)
    if (i.id == ink.id) {
      i = ink;
      return out;
    }
  out.inks.push_back(ink);
  return out;
}

Plan withSupplies(const Plan& plan, const Supplies& supplies) {
  Plan out = plan;
  out.supplies = supplies;
  return out;
}

Result<Plan> withMaskPart(const Plan& plan, const std::string& stamp, Point inside, bool cut) {
  const StampRef held = plan.stamp(stamp);
  if (!held) return Error{ErrorCode::BadInput, "there is no stamp \"" + stamp + "\"", {}};
  return withStampReplaced(plan, stamp, withPartChosen(*held, plan.supplies, inside, cut));
}

}  // namespace havlo
