// What a role means to the rest of Havlo: one table, so that no two rules disagree about what is alive or
// stands.
#pragma once

#include <array>

#include "core/plan/plan.h"

namespace havlo {

struct RoleFacts {
  Role role;
  std::string_view word;  ///< in plan files
  int alive;       ///< how much the eye takes it for a hero: 3 a figure, 2 an animal, 0 what does not live
  bool backdrop;   ///< part of the ground or sky that things stand before
  bool words;      ///< a greeting
  bool wantsLand;  ///< would hang in the air without ground under it
  bool sides;      ///< has sides that a light can reach: what is flat on the ground or in the sky has none
  bool coloured;   ///< usually coloured by hand, so that its own area must stay clean
  /// How much it draws looks for what it is, beyond what its colours do. That figures and text are looked at
  /// first is well known (Yarbus 1967; Cerf, Frady & Koch 2009; from memory); the numbers are common
  /// practice, no source.
  double draw;

  /// Stands somewhere in the scene: it has a foot, casts a shadow and can be too near or too far.
  constexpr bool stands() const { return !backdrop && !words; }
  constexpr bool lives() const { return alive > 0; }
};

inline constexpr std::array<RoleFacts, 11> kRoleFacts{{
    {Role::Figure, "figure", 3, false, false, true, true, true, 1.7},
    {Role::Animal, "animal", 2, false, false, false, true, true, 1.7},
    {Role::Tree, "tree", 0, false, false, true, true, false, 1},
    {Role::Plant, "plant", 0, false, false, false, true, false, 1},
    {Role::Building, "building", 0, false, false, true, true, true, 1},
    {Role::Landform, "landform", 0, true, false, false, true, false, 0.5},
    {Role::Prop, "prop", 0, false, false, false, true, false, 1},
    {Role::Sky, "sky", 0, true, false, false, false, false, 0.6},
    {Role::Water, "water", 0, true, false, false, false, false, 0.5},
    {Role::Texture, "texture", 0, true, false, false, false, false, 0.5},
    {Role::Greeting, "sentiment", 0, false, true, false, false, false, 1.1},
}};

constexpr const RoleFacts& factsOf(Role role) { return kRoleFacts[ix(role)]; }

static_assert(
    [] {
      for (size_t k = 0; k < kRoleFacts.size(); ++k)
        if (kRoleFacts[k].role != static_cast<Role>(k)) return false;
      return true;
    }(),
    "the table has the roles in their order");

}  // namespace havlo
