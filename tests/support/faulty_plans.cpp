#include "support/faulty_plans.h"

#include "support/plans.h"

namespace havlo::testing {
namespace {

Plan withThing(Role role, double width, double height, Point foot) {
  Plan p = emptyPlan();
  p.view->vanishX_mm = 63.5;
  Stamp s = slab("thing", width, height);
  s.role = role;
  s.name = "Thing";
  addStamp(p, s);
  put(p, "thing", "thing", foot, 1).depth = OnGround{};
  return p;
}

}  // namespace

std::vector<FaultyPlan> faultyViews() {
  std::vector<FaultyPlan> out;
  {
    Plan p = withThing(Role::Figure, 8, 30, {60, 40});
    GroundMark water;
    water.id = "water", water.kind = GroundKind::Water, water.along = {{63, 20}, {63, 70}}, water.width_m = 5;
    p.ground = {water};
    out.push_back({"someone standing in the water", FindingKind::NoGround, p});
  }
  {
    Plan p = withThing(Role::Prop, 8, 20, {63, 80});
    Room room;
    room.left_mm = 30, room.bottom_mm = 60, room.width_mm = 70, room.height_mm = 80;
    p.room = room;
    out.push_back({"a chair on the back wall", FindingKind::NoGround, p});
  }
  {
    Plan p = withThing(Role::Plant, 40, 10, {60, 100});
    p.impressions[0].depth = AtMetres{2};
    Stamp branch = *p.stamps[0];
    branch.contacts = {{ContactKind::Start, {0, 5}, {}}};
    p.stamps[0] = std::make_shared<const Stamp>(branch);
    out.push_back({"a branch in mid-air", FindingKind::BranchFromNowhere, p});
  }
  {
    Plan p = withThing(Role::Prop, 30, 40, {60, 20});
    put(p, "far", "thing", {70, 45}, 1).depth = OnGround{};
    p.impressions[1].inFrontOf = {"thing"};
    out.push_back({"a nearer thing drawn behind", FindingKind::DrawnBehind, p});
  }
  {
    // Four posts at even gaps on the card.
    Plan p = withThing(Role::Prop, 3, 20, {20, 10});
    for (int k = 1; k < 4; ++k)
      put(p, "post" + std::to_string(k), "thing", {20.0 + 14 * k, 10.0 + 25 * k}, 1).depth = OnGround{};
    p.impressions[0].hero = true;
    out.push_back({"posts evenly spaced on the card", FindingKind::Spacing, p});
  }
  {
    Plan p = withThing(Role::Tree, 12, 20, {60, 88});
    p.view->visibility_m = 60;
    out.push_back({"a far tree pressed fresh in mist", FindingKind::Tone, p, false});
  }
  {
    Plan p = withThing(Role::Figure, 8, 30, {60, 40});
    p.light = Light{Point{20, 160}, {}, 0, 0, {}};
    p.impressions[0].lit = LitFrom::Front;
    out.push_back({"shaded against the light", FindingKind::CrossedLight, p});
  }
  {
    Plan p = withThing(Role::Prop, 8, 30, {60, 40});
    p.light = Light{Point{20, 160}, {}, 0, 0, {}};
    GroundMark shadow;
    shadow.id = "s", shadow.kind = GroundKind::Shadow, shadow.along = {{60, 40}, {40, 30}};
    p.ground = {shadow};
    out.push_back({"a shadow toward the light", FindingKind::ShadowWrongWay, p});
  }
  {
    Plan p = withThing(Role::Prop, 8, 30, {20, 40});
    GroundMark path;
    path.id = "p", path.along = {{63, 0}, {69, 80}}, path.width_m = 1;
    p.ground = {path};
    out.push_back({"a path that nearly meets the vanishing point", FindingKind::PathMissesVanishing, p});
  }
  return out;
}

}  // namespace havlo::testing
