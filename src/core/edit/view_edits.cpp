#include "core/edit/view_edits.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edit/card_edits.h"
#include "core/edit/edits.h"

namespace havlo {
namespace {

constexpr double kLeastHorizon_mm = 1, kLeast_m = 0.01, kMost_m = 1e6, kFar_mm = 1e5;

Error noView() { return {ErrorCode::BadInput, "the plan has no view", {}}; }

template <typename List>
std::string freeId(const List& list, const std::string& stem) {
  std::set<std::string> taken;
  for (const auto& x : list) taken.insert(x.id);
  if (!taken.contains(stem)) return stem;
  for (int n = 2;; ++n)
    if (const std::string id = stem + std::to_string(n); !taken.contains(id)) return id;
}

std::string freeRow(const Plan& plan) {
  std::set<std::string> taken;
  for (const Impression& i : plan.impressions) taken.insert(i.row);
  for (int n = 1;; ++n)
    if (const std::string row = "row" + std::to_string(n); !taken.contains(row)) return row;
}

const char* stemOf(GroundKind kind) {
  constexpr const char* stems[] = {"path", "canal", "rails", "wall", "water", "ripples", "shadow"};
  return stems[ix(kind)];
}

}  // namespace

Result<Plan> withView(const Plan& plan, View view) {
  for (const double v : {view.horizon_mm, view.eyeHeight_m, view.nearDistance_m, view.vanishX_mm.value_or(0),
                         view.visibility_m.value_or(1)})
    if (!std::isfinite(v)) return Error{ErrorCode::BadInput, "that is not a number", {}};
  const double floor = plan.room ? std::max(0.0, plan.room->bottom_mm) : 0;
  const double least = std::min(floor + kLeastHorizon_mm, plan.card.panel.height_mm);
  view.horizon_mm = std::clamp(view.horizon_mm, least, plan.card.panel.height_mm);
  view.eyeHeight_m = std::clamp(view.eyeHeight_m, kLeast_m, kMost_m);
  view.nearDistance_m = std::clamp(view.nearDistance_m, kLeast_m, kMost_m);
  if (view.vanishX_mm) view.vanishX_mm = std::clamp(*view.vanishX_mm, -kFar_mm, kFar_mm);
  if (view.visibility_m) view.visibility_m = std::clamp(*view.visibility_m, kLeast_m, 1e9);
  Plan out = plan;
  out.view = view;
  return out;
}

Result<Plan> withEyes(const Plan& plan, Metres eyeHeight) {
  if (!plan.view) return noView();
  View view = *plan.view;
  if (!(eyeHeight.value > 0)) return Error{ErrorCode::BadInput, "eyes must be above the ground", {}};
  view.nearDistance_m *= eyeHeight.value / view.eyeHeight_m;
  view.eyeHeight_m = eyeHeight.value;
  return withView(plan, view);
}

Result<Plan> withGroundMark(const Plan& plan, GroundMark mark) {
  if (!plan.view) return noView();
  if (mark.along.size() < (mark.kind == GroundKind::Ripples ? 1u : 2u))
    return Error{ErrorCode::BadInput, "it needs a beginning and an end", {}};
  if (!std::all_of(mark.along.begin(), mark.along.end(), sane))
    return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
  for (const double m : {mark.width_m, mark.height_m, mark.spacing_m.value_or(1)})
    if (!(m > 0 && m <= 1e9)) return Error{ErrorCode::BadInput, "its measures must be more than 0", {}};
  Plan out = plan;
  const auto known = std::find_if(out.ground.begin(), out.ground.end(),
                                  [&](const GroundMark& g) { return g.id == mark.id; });
  if (mark.id.empty()) mark.id = freeId(plan.ground, stemOf(mark.kind));
  if (known != out.ground.end()) {
    *known = std::move(mark);
  } else {
    out.ground.push_back(std::move(mark));
  }
  return out;
}

Result<Plan> withoutGroundMark(const Plan& plan, const std::string& id) {
  Plan out = plan;
  if (std::erase_if(out.ground, [&](const GroundMark& g) { return g.id == id; }) == 0)
    return Error{ErrorCode::BadInput, "there is nothing \"" + id + "\" on the ground", {}};
  return out;
}

Result<Plan> withRoom(const Plan& plan, std::optional<Room> room) {
  if (room) {
    if (!plan.view) return noView();
    const Room& r = *room;
    if (!(r.width_mm > 0.5 && r.height_mm > 0.5 && r.width_mm < kFar_mm && r.height_mm < kFar_mm) ||
        !sane({r.left_mm, r.bottom_mm}))
      return Error{ErrorCode::BadInput, "the back wall has no size", {}};
    if (r.bottom_mm >= plan.view->horizon_mm - 0.5)
      return Error{
          ErrorCode::BadInput, "the back wall must begin below the horizon, or there is no floor", {}};
    if (!(r.unit_m > 0)) return Error{ErrorCode::BadInput, "tiles and boards must have a size", {}};
    for (const RoomBox& b : r.boxes)
      if (!(b.width_m > 0 && b.depth_m > 0 && b.height_m > 0 && b.up_m >= 0))
        return Error{ErrorCode::BadInput, "\"" + b.name + "\" has no size", {}};
    for (const RoomOpening& o : r.openings)
      if (!(o.width_m > 0 && o.height_m > 0 && o.sill_m >= 0))
        return Error{ErrorCode::BadInput, "\"" + o.name + "\" has no size", {}};
    for (RoomBox& b : room->boxes)
      if (b.id.empty()) b.id = freeId(room->boxes, "box");
    for (RoomOpening& o : room->openings)
      if (o.id.empty()) o.id = freeId(room->openings, "opening");
  }
  Plan out = plan;
  out.room = std::move(room);
  return out;
}

Result<Plan> withEyeAtWallMiddle(const Plan& plan) {
  if (!plan.room || !plan.view) return Error{ErrorCode::BadInput, "the plan has no room", {}};
  View view = *plan.view;
  const Point middle = plan.room->back().centre();
  view.horizon_mm = middle.y;
  view.vanishX_mm = middle.x;
  return withView(plan, view);
}

Result<Plan> withLight(const Plan& plan, std::optional<Light> light) {
  if (light && light->at && !sane(*light->at))
    return Error{ErrorCode::BadInput, "the light is too far from the panel", {}};
  if (light && !(std::isfinite(light->direction_deg) && std::isfinite(light->height_deg)))
    return Error{ErrorCode::BadInput, "that is not a number of degrees", {}};
  Plan out = plan;
  out.light = std::move(light);
  return out;
}

Result<Plan> withLit(const Plan& plan, const std::string& impression, LitFrom from) {
  const int i = plan.indexOf(impression);
  if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  Plan out = plan;
  out.impressions[ix(i)].lit = from;
  return out;
}

Result<Plan> withRow(const Plan& plan, const RowWish& wish, const RowPlan& row, bool falling) {
  constexpr double kSameFoot_mm = 1;
  if (plan.inks.empty()) return Error{ErrorCode::BadInput, "the plan has no ink to stamp with", {}};
  Plan out = plan;
  std::vector<std::string> stamps;
  for (const StampRef& size : wish.sizes) {
    PlanWithStamp held = withStamp(out, *size);
    out = std::move(held.plan);
    stamps.push_back(std::move(held.stamp));
  }
  const std::string name = freeRow(plan);
  const int most = static_cast<int>(plan.inks.front().generations.size());
  int number = 0;
  for (const RowPlace& place : row.places) {
    if (!place.seen) continue;
    // The thing it was begun from is one of the row.
    const auto there = std::find_if(out.impressions.begin(), out.impressions.end(), [&](const Impression& i) {
      return i.row.empty() && std::find(stamps.begin(), stamps.end(), i.stamp) != stamps.end() &&
             std::hypot(i.at.x - place.at.x, i.at.y - place.at.y) < kSameFoot_mm;
    });
    const auto at = there - out.impressions.begin();
    if (there == out.impressions.end()) {
      auto next = withNewImpression(out, stamps[ix(place.size)], place.at);
      if (!next) return next;
      out = std::move(next).value();
    }
    Impression& made = out.impressions[static_cast<size_t>(at)];
    made.stamp = stamps[ix(place.size)], made.at = place.at;
    made.depth = OnGround{};
    made.row = name;
    // The nearer half is pressed fresh; then it grows paler in even steps.
    if (falling)
      made.generation = std::clamp(1 + number * most / std::max<int>(1, static_cast<int>(row.places.size())),
                                   1, std::max(1, most));
    ++number;
  }
  if (number == 0) return Error{ErrorCode::BadInput, "none of the row would be seen on the panel", {}};
  // Sizes that were not used are not kept.
  for (const std::string& stamp : stamps) {
    const bool used = std::any_of(out.impressions.begin(), out.impressions.end(),
                                  [&](const Impression& i) { return i.stamp == stamp; });
    if (!used && !plan.stamp(stamp))
      std::erase_if(out.stamps, [&](const StampRef& s) { return s->id == stamp; });
  }
  return out;
}

Result<Plan> withRealHeight(const Plan& plan, const std::string& stamp, const RealHeight& height) {
  const bool order =
      height.least_m > 0 && height.least_m <= height.typical_m && height.typical_m <= height.most_m;
  if (!order || !(height.most_m < 1e9))
    return Error{
        ErrorCode::BadInput, "a real height must be more than 0, least before typical before most", {}};
  const StampRef before = plan.stamp(stamp);
  if (!before) return Error{ErrorCode::BadInput, "there is no stamp \"" + stamp + "\"", {}};
  Stamp changed = *before;
  changed.realHeight = height;
  return withStampReplaced(plan, stamp, changed);
}

Result<Plan> withContact(const Plan& plan, const std::string& stamp, Point at,
                         std::optional<ContactKind> kind) {
  constexpr double kSamePoint_mm = 2;
  const StampRef before = plan.stamp(stamp);
  if (!before) return Error{ErrorCode::BadInput, "there is no stamp \"" + stamp + "\"", {}};
  Stamp changed = *before;
  std::erase_if(changed.contacts,
                [&](const Contact& c) { return std::hypot(c.at.x - at.x, c.at.y - at.y) < kSamePoint_mm; });
  if (kind) changed.contacts.push_back({*kind, at, {}});
  return withStampReplaced(plan, stamp, changed);
}

}  // namespace havlo
