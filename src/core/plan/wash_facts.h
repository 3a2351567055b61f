// What a kind of blend usually is: one table of it.
#pragma once

#include <array>

#include "core/plan/plan.h"

namespace havlo {

struct WashFacts {
  WashKind kind;
  std::string_view word;  ///< in plan files
  enum class Lies {
    AboveHorizon,
    BelowHorizon,
    AlongHorizon,
    AroundLight,
    Everywhere
  } lies;           ///< the part of the panel that it is usually for
  WashFrom from;    ///< where it is strongest, unless it has a limit
  bool fromLimit;   ///< with a limit it is strongest there
  double strength;  ///< usual
  enum class Stands {
    Far,
    Ground,
    AtItsFoot,
    BehindWhatItHolds,
    Near
  } stands;    ///< its depth, unless it is said
  bool round;  ///< lies round what it belongs to and may reach over the limit's outside
};

inline constexpr std::array<WashFacts, 9> kWashFacts{{
    {WashKind::Plain, "plain", WashFacts::Lies::Everywhere, WashFrom::Top, false, 0.6, WashFacts::Stands::Far,
     false},
    {WashKind::Sky, "sky", WashFacts::Lies::AboveHorizon, WashFrom::Top, false, 0.6, WashFacts::Stands::Far,
     false},
    {WashKind::Ground, "ground", WashFacts::Lies::BelowHorizon, WashFrom::Bottom, false, 0.6,
     WashFacts::Stands::Ground, false},
    {WashKind::Water, "water", WashFacts::Lies::BelowHorizon, WashFrom::Bottom, false, 0.6,
     WashFacts::Stands::Ground, false},
    {WashKind::Glow, "glow", WashFacts::Lies::AroundLight, WashFrom::Centre, true, 0.35,
     WashFacts::Stands::BehindWhatItHolds, true},
    {WashKind::Mist, "mist", WashFacts::Lies::AlongHorizon, WashFrom::Middle, true, 0.35,
     WashFacts::Stands::AtItsFoot, false},
    {WashKind::DarkEdges, "darkEdges", WashFacts::Lies::Everywhere, WashFrom::Edges, false, 0.5,
     WashFacts::Stands::Near, false},
    {WashKind::Rays, "rays", WashFacts::Lies::AroundLight, WashFrom::Centre, true, 0.6,
     WashFacts::Stands::Far, false},
    {WashKind::Halo, "halo", WashFacts::Lies::AroundLight, WashFrom::Centre, true, 0.35,
     WashFacts::Stands::BehindWhatItHolds, true},
}};

constexpr const WashFacts& factsOf(WashKind kind) { return kWashFacts[ix(kind)]; }

static_assert(
    [] {
      for (size_t k = 0; k < kWashFacts.size(); ++k)
        if (kWashFacts[k].kind != static_cast<WashKind>(k)) return false;
      return true;
    }(),
    "the table has the kinds in their order");

}  // namespace havlo
