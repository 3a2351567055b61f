// A card made anew from one that is there: freshened, on another size, and sets that belong together.
#pragma once

#include "core/arrange/scene.h"

namespace havlo {

struct FreshWish {
  std::vector<DrawerStamp> drawer;
  std::vector<Ink> inks;  ///< the plan's and the drawer's
  uint64_t seed = 1;
  int cards = 3;
  double proof_dpi = 75;
};

/// The same scene with a stamp or two changed for others that fit their places, light from the other side and
/// other colours; hero, greeting and composition stay. What is offered is proven, has no fault or warning
/// more and a hero that is seen as early; best first, none if none is.
/// @error BadInput without a hero; Stopped
Result<std::vector<Proposal>> freshened(const Plan& plan, const FreshWish& wish, const ArtSource* art,
                                        const Progress& progress = {});

/// The card on a panel of another size. Stamps keep their size, so what stands on the ground keeps its way
/// down from the horizon; the sky takes what is left, and across everything keeps its share. Then what no
/// longer fits is moved. @return the card as good as it could be made, with `why` empty; it may have faults
/// the first had not: its findings say so
/// @error BadInput for a size that is not above 20 mm, or for a room, which cannot be fitted; Stopped
Result<Proposal> fitted(const Plan& plan, const PanelSize& size, uint64_t seed, const ArtSource* art,
                        const Progress& progress = {});

/// Where a point of the card goes on the other size.
Point fittedPoint(Point at, const View* from, const PanelSize& fromSize, const View* to,
                  const PanelSize& toSize);

/// Cards with a hero each from the drawer, the one that was asked for first, in one hour, theme, paper and
/// palette. Fewer than `cards` if the drawer has not so many that live and fit.
/// @error as scenesFor
Result<std::vector<SceneOffer>> setOfCards(const SceneWish& wish, int cards, const ArtSource* art,
                                           const Progress& progress = {});

}  // namespace havlo
