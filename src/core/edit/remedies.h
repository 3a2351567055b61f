// Ways out for a stamp whose size does not suit where it stands: it cannot be scaled, so something else must
// give. Each with what it costs the rest of the scene.
#pragma once

#include <span>
#include <vector>

#include "core/depth/depth_order.h"
#include "core/depth/placed.h"
#include "core/plan/plan.h"

namespace havlo {

struct Remedy {
  enum class What {
    MoveFoot,     ///< to where its size is right
    RunOffEdge,   ///< the same, with its foot beyond the panel's edge
    AnotherSize,  ///< another stamp of the same thing
    HideFoot,     ///< behind a nearer thing, so that nobody sees where it stands
    MoveHorizon,  ///< for the whole scene
    MoveEyes,     ///< for the whole scene
    TellHeight    ///< it is simply that tall in this story
  };
  What what = What::MoveFoot;
  Plan after;
  double by_mm = 0;         ///< how far the foot moves, or the horizon, upward positive
  double now_m = 0;         ///< eye height or real height afterwards
  std::string stamp;        ///< name of the stamp taken instead
  int other = -1;           ///< the thing it hides behind
  int spoils = 0;           ///< things that fitted and no longer do
  int mends = 0;            ///< things that did not fit and now do, itself included
  double hidden_share = 0;  ///< of its height off the panel or behind something, 0 to 1
};

/// Best first: what mends most and spoils least, then what changes least. Nothing for a stamp that fits or
/// has no real height.
/// @param others  stamps that could be taken instead, such as those of the drawer
std::vector<Remedy> remediesFor(const Plan& plan, int impression, const DepthOrder& depth,
                                std::span<const PlacedRef> placed, std::span<const StampRef> others);

/// Printed sizes of one thing: the same role, heights that have something in common, and a word of the name.
bool sameThing(const Stamp& a, const Stamp& b);

}  // namespace havlo
