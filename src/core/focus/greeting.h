// The greeting: can it be read where it is, where would it stand in plain space, and what makes it legible.
#pragma once

#include <optional>
#include <vector>

#include "core/edit/fix.h"
#include "core/focus/looks.h"

namespace havlo {

/// Where nothing but an even backdrop lies. @param except  an impression that does not count, or -1
/// @param border_mm  kept free along the panel's edges, besides what is taped or bare
FreeMap plainMap(const Plan& plan, const Analysis& analysis, const Grid& grid, const std::vector<int>& owner,
                 const Field& lightness, int except, double border_mm);

/// WCAG 2: normal text. Greetings in large letters want kLargeText only.
inline constexpr double kPlainText = 4.5, kLargeText = 3.0;
/// Kept free along the panel's edges, so that trimming and mats do not touch the greeting. Common practice,
/// no source.
inline constexpr double kSafeBorder_mm = 4;
/// Kept free round a greeting. Common practice, no source.
inline constexpr double kGreetingMargin_mm = 2;
/// A greeting this tall counts as large text: 18 pt.
inline constexpr double kLargeLetter_mm = 6.35;

/// The ratio its letters want.
double ratioWanted(const Stamp& greeting);

/// Every impression of a stamp that is a greeting, in the plan's order.
std::vector<Greeting> readGreetings(const Plan& plan, const Analysis& analysis, const Looks& looks,
                                    const Canvas& card, PressTiles& tiles, const Field& lightness);

struct GreetingWish {
  enum class Second { None, Below, Above };
  Second secondWord = Second::None;  ///< keep as much room again there
  bool sameGround = false;           ///< its lower edge on the hero's ground line
};
struct GreetingPlace {
  Point foot;  ///< level, centred by its ink in the plain space there, a little above the middle
  Box room;    ///< the plain rectangle it stands in
  double margin_mm = 0;
};
/// Nothing if it fits nowhere. @param lightness  L* on the looks' grid
std::optional<GreetingPlace> placeGreeting(const Plan& plan, const Analysis& analysis, const Looks& looks,
                                           const Field& lightness, int impression,
                                           const GreetingWish& wish = {});
/// The same; renders the card for it.
std::optional<GreetingPlace> placeGreeting(const Plan& plan, const Analysis& analysis, const Looks& looks,
                                           const ArtSource* art, int impression,
                                           const GreetingWish& wish = {});

/// A way to make a greeting legible, with the contrast it will have. The best first.
enum class LegibleBy { Move, Ink, WhiteEmbossing, Strip };
struct LegibleWay {
  LegibleBy by = LegibleBy::Ink;
  double ratio = 1;
  Fix fix;
};
std::vector<LegibleWay> waysToLegible(const Plan& plan, const Greeting& greeting);

}  // namespace havlo
