// What is known of the hands that will make a card: how exactly they work and how long things take them. Not
// part of the plan's file: the same plan is made by other hands elsewhere.
#pragma once

#include <algorithm>
#include <array>
#include <cstddef>

namespace havlo {

/// Kinds of work that go quickly or slowly together.
enum class WorkKind {
  Stamping,  ///< ink, place, press; change stamp and ink; clean
  Blending,
  CuttingMasks,  ///< print and cut them out
  Covering,      ///< masks and tape on and off
  Embossing,
  ByHand,  ///< colouring, lines, small things
  Paper    ///< cutting, scoring, gluing
};
inline constexpr size_t kWorkKinds = 7;

/// Of a print, each direction. Common practice, no source.
inline constexpr double kUsualPlacing_mm = 0.5;

struct Habits {
  // Standard deviations. Common practice, no source, until the log knows better.
  double maskPlacing_mm = 0.2, maskTurn_deg = 0.3, maskCutting_mm = 0.1;
  double printPlacing_mm = kUsualPlacing_mm, printTurn_deg = 0.6;
  int maskLife = 12;                                         ///< layings
  std::array<double, kWorkKinds> pace{1, 1, 1, 1, 1, 1, 1};  ///< times what is usual
  int cards = 0;                                             ///< that all this rests on; 0: common practice
  bool operator==(const Habits&) const = default;
  /// How much more room prints need than with usual hands, 1 to 2.5: none does with less.
  double moreThanUsual() const { return std::clamp(printPlacing_mm / kUsualPlacing_mm, 1.0, 2.5); }
};

}  // namespace havlo
