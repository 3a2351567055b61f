// Inks for sky, ground and hero, so that the hero keeps the strongest contrast; how colours go together;
// papers tried beside each other.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/colour/colour.h"
#include "core/focus/looks.h"

namespace havlo {

/// How two colours go together. By hue where both have one: within 30 degrees akin, from 75 to 150 apart,
/// from 150 opposite; between akin and apart they jar, if both are strong and of one lightness. Common
/// practice, no source.
enum class Harmony { Grey, Akin, Jarring, Apart, Opposite };
Harmony harmonyOf(const Lab& one, const Lab& other);

struct PaletteChoice {
  int sky = 0, ground = 0, hero = 0;  ///< index of the ink
  double heroContrast = 0;            ///< CIEDE2000 of the hero's print to the nearer of the two grounds
  double groundContrast = 0;          ///< of sky and ground to each other
  Harmony skyGround = Harmony::Grey, heroSky = Harmony::Grey, heroGround = Harmony::Grey;
  double score = 0;
};

/// The best few choices, no two with the same hero ink unless there are no others; best first. Only such in
/// which the hero's contrast is the strongest. @param inks  any number
std::vector<PaletteChoice> proposePalettes(const std::vector<Ink>& inks, const Paper& paper, size_t most = 3);

/// The plan with a choice: sky and ground washes get theirs (washes of kind sky and ground, or that start at
/// the top or bottom), the hero its own. Inks that the plan lacks are added.
/// @error BadInput without a hero
Result<Plan> withPalette(const Plan& plan, const std::vector<Ink>& inks, const PaletteChoice& choice);

/// One colour among greys: the hero keeps its colour, or gets the plan's strongest; everything else is
/// stamped and blended in the grey nearest in lightness that is not much darker.
/// @error BadInput without a hero, without a grey ink, or without a colour
Result<Plan> oneColourAmongGreys(const Plan& plan);
/// Chroma below which an ink counts as grey.
inline constexpr double kGreyChroma = 10;

/// Papers to try: white, toned, dark; and the plan's own first if it is none of these.
std::vector<Paper> papersToTry(const Plan& plan);

/// How clearly the panel stands off from a mat or base: CIEDE2000 between that and the mean of the panel's
/// rim.
double standsOffBy(const Canvas& card, Colour base);

struct PaperTrial {
  Paper paper;
  LooksRef looks;
  Canvas card;
  int sunk = 0;  ///< things that hardly differ from their surroundings
  bool greetingLegible = true;
};
/// @error Stopped
Result<std::vector<PaperTrial>> tryPapers(const Plan& plan, const std::vector<Paper>& papers,
                                          const ArtSource* art, const Progress& progress = {});

}  // namespace havlo
