// What each kind of ink bears: the facts that bite. Common practice, no source.
#pragma once

#include <vector>

#include "core/colour/colour.h"
#include "core/plan/plan.h"

namespace havlo {

struct InkFacts {
  InkKind kind;
  bool holdsUnderWater;   ///< once dry, a wet brush does not move it
  bool holdsUnderMarker;  ///< alcohol does not dissolve it
  bool wet;               ///< it is laid on wet, so it moves what does not hold
  bool alcohol;           ///< it dissolves what does not hold under markers
};
const InkFacts& factsOf(InkKind kind);

/// What an ink bears once it is dry: as it says itself, else as its kind does. Dry blending moves no ink that
/// does not say so.
bool holdsUnderMarker(const Ink& ink);
bool holdsUnderWater(const Ink& ink);
bool holdsUnderBlending(const Ink& ink);

/// Does the way of putting a blend on wet what lies there, or dissolve it as alcohol does?
bool isWet(WashWay way);
bool isAlcohol(const Ink& ink, WashWay way);

/// How long a blend dries, s: as its ink does, paste much longer, pressed paper not at all.
double drySeconds(const Wash& wash, const Ink& ink);
/// Paste through a stencil until it can be touched. Common practice, no source: several hours.
inline constexpr double kPasteDry_s = 4 * 3600;

/// An ink that takes this long to dry is slow: whoever covers it waits or smears.
inline constexpr double kSlowInk_s = 480;

/// What one pressing looks like on a ground.
LinearRgb pressedOn(const LinearRgb& ground, const Ink& ink, int generation);

/// The ink of the plan nearest in colour to `like`, of those that pass. Null if none is within `most`
/// (CIEDE2000).
template <typename Passes>
const Ink* nearestInk(const Plan& plan, const Ink& like, double most, Passes passes) {
  const Ink* best = nullptr;
  double least = most;
  for (const Ink& ink : plan.inks) {
    if (ink.id == like.id || !passes(ink)) continue;
    const double d = ciede2000(labOf(ink.colour), labOf(like.colour));
    if (d <= least) least = d, best = &ink;
  }
  return best;
}

/// Of those that pass, the ink of the plan nearest in colour to what is wanted. Null if none differs from the
/// card's paper by as much as `least` (CIEDE2000).
template <typename Passes>
const Ink* inkNear(const Plan& plan, const Lab& wanted, double least, Passes passes) {
  const Lab paper = labOf(plan.card.paper.colour);
  const Ink* best = nullptr;
  double away = 1e300;
  for (const Ink& ink : plan.inks) {
    const Lab lab = labOf(ink.colour);
    if (!passes(ink) || ciede2000(lab, paper) < least) continue;
    if (const double d = ciede2000(lab, wanted); d < away) away = d, best = &ink;
  }
  return best;
}

/// Inks for rubber that let what lies under them through: no powder, no marker, nothing that covers.
inline bool isForRubber(const Ink& ink) {
  return ink.kind != InkKind::Embossing && ink.kind != InkKind::Marker && ink.opacity <= 0.5;
}

}  // namespace havlo
