// Colourings proposed for a whole card, so that the hero stays what is seen first.
#pragma once

#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"
#include "core/focus/looks.h"

namespace havlo {

enum class ColouringScheme {
  Akin,        ///< hues beside each other, the hero in the strongest
  Opposite,    ///< the hero against the hue of what lies round it
  AmongGreys,  ///< the hero alone in colour
  NearWarm     ///< near things warmer and deeper, far ones cooler and paler
};

struct ColouringProposal {
  ColouringScheme scheme = ColouringScheme::Akin;
  Plan plan;             ///< coloured so
  double heroShare = 0;  ///< of the pull, 0 to 1
  int heroRank = 0;      ///< 1: seen first
  int coloured = 0;      ///< things
};

/// One for each scheme that these inks allow, those that keep the hero first before others, by its share.
/// What is left bare on purpose stays so; everything else is coloured anew. Nothing without inks of colour.
/// Trees and plants take greens, water and sky blues, buildings and things earthy colours, as far as the inks
/// have them; the hero's largest part takes the strongest. With distance the strength falls as tone does.
/// Common practice, no source.
/// @param inks  of the plan and of the drawer
/// @param regions  by stamp of the plan; null where they are not known
/// @error Stopped
Result<std::vector<ColouringProposal>> proposeColourings(const Plan& plan, const Analysis& analysis,
                                                         const std::vector<Ink>& inks,
                                                         const std::vector<RegionsRef>& regions,
                                                         const ArtSource* art, const Progress& progress = {});

}  // namespace havlo
