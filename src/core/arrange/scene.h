// A scene for a hero: background, middle and front chosen from what the maker owns, so that every size fits
// one viewpoint; arranged, coloured, lit and proven.
#pragma once

#include <string>
#include <vector>

#include "core/arrange/arrange.h"
#include "core/drawer/drawer.h"

namespace havlo {

/// The hour a scene is lit and coloured for.
enum class Daylight { Morning, Noon, Evening };

struct SceneWish {
  Stamp hero;
  std::vector<DrawerStamp> drawer;  ///< what the maker owns; the hero may be among it
  std::vector<Ink> inks;
  Plan sheet;  ///< card, paper and supplies are its; everything else is made anew
  uint64_t seed = 1;
  int scenes = 3;
  int tries = 1500;  ///< moves tried in each search: effort in steps, not in time
  int attempts = 3;  ///< scenes composed for each that is wanted, the best of which is taken
  bool coloured = true;
  double proof_dpi = 75;
  std::optional<Daylight> daylight;  ///< absent: each scene another
  std::string theme;                 ///< a tag or set all scenes keep to; empty: each scene another
};

struct SceneOffer {
  Proposal card;  ///< `why` is empty: there is nothing it began from
  Daylight daylight = Daylight::Noon;
  std::string theme;  ///< tag or set that its things share; empty: none
  bool heroLeft = true;
  double eyeHeight_m = 1.5;
  std::vector<std::string> stamps;  ///< drawer keys of what it uses, the hero's first if it is in the drawer
};

/// Scenes that truly differ: in where the hero stands, in hour and light, in what is used. Best first; fewer
/// than asked for, or none, if no more come out proven, without a fault, the hero seen first.
/// Sizes: a thing is used only where the viewpoint that suits the hero gives it its real size. Things that
/// share a theme (a tag of three stamps and more, or a set) go together; names of seasons and of day and
/// night among the tags never mix. Trees, buildings and hills stand behind the hero, plants and small things
/// before and beside; the hero looks into the picture. Common practice, no source.
/// @error BadInput if the hero has no size, or nothing in the drawer fits; Stopped
Result<std::vector<SceneOffer>> scenesFor(const SceneWish& wish, const ArtSource* art,
                                          const Progress& progress = {});

/// A viewpoint in which a thing stands at its real size in the front of the picture.
/// @param share  height of the horizon, of the panel's
View viewFor(const Stamp& hero, const PanelSize& panel, double share);

}  // namespace havlo
