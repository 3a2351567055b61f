// A card as hands make it: every print a little off, papers laid and cut a little off, now and then a mishap.
// The stand-in for a finished card on the table.
#pragma once

#include "core/analysis/analysis.h"
#include "core/risk/join_risk.h"

namespace havlo {

/// What one print and the paper over it came out as.
struct MadePrint {
  Point by;             ///< its foot, mm from where it was planned
  double turn_deg = 0;  ///< anticlockwise, about its foot
  PrintSlip slip;
  CoverSlip cover;  ///< of the paper on it, from where the print really lies
};

/// How a hand errs, to make cards with.
struct HandToTry {
  double placing_mm = 0.5;  ///< of a print, each direction, standard deviation. Common practice, no source
  double turn_deg = 0.6;    ///< of a print
  HandErrors masks;
  double missing = 0, doubled = 0, smeared = 0, pale = 0;  ///< chances of each, a print
};

/// Errors of one card, by impression. Deterministic for a seed.
std::vector<MadePrint> errorsOf(const Plan& plan, const HandToTry& hand, uint64_t seed);

struct HandMade {
  std::shared_ptr<const Plan> plan;  ///< things where they really lie
  Canvas card;
};

/// Makes the card in the order of the plan's steps.
/// @param made   by impression  @param steps  so many of them; all if it is more than there are
/// @error Stopped
Result<HandMade> handMade(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                          const std::vector<MadePrint>& made, double dpi, size_t steps = SIZE_MAX,
                          const Progress& progress = {});

}  // namespace havlo
