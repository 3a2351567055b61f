// What an eye sees first on the finished card, and why (engine section 9): measured on the intended card,
// rendered small.
#pragma once

#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/colour/colour.h"
#include "core/focus/plain_space.h"
#include "core/focus/saliency.h"
#include "core/press/press.h"

namespace havlo {

struct Analysis;

/// One of the first looks.
struct Look {
  Point at;
  int thing = -1;   ///< impression it falls on, or -1 for the background
  double pull = 0;  ///< its share, or the place's, against the first look's: 0 to 1
};

/// Why a thing pulls at the eye more than the hero or nearly as much.
enum class RivalWhy { Contrast, Colour, Size, Isolation, Edge };
struct Rival {
  int thing = 0;
  double share = 0;
  std::vector<RivalWhy> why;  ///< the strongest reason first; never empty
};

/// What leads the eye along: where a figure looks, a row that recedes, a path.
enum class EyeLineKind { Facing, Row, Path };
struct EyeLine {
  EyeLineKind kind = EyeLineKind::Facing;
  int thing = -1;        ///< impression, of a row its first
  int mark = -1;         ///< ground mark
  Point from, to;        ///< on the panel, `to` where it leaves the panel or ends
  double misses_mm = 0;  ///< distance from it to the hero's silhouette; 0 when it leads there
  bool leads = false;    ///< to the hero
};

/// A thing against what really lies around it on the simulated card.
struct Standout {
  bool shows = false;     ///< enough of it and of its surroundings is there to be compared
  Lab own, around;        ///< mean colours
  double difference = 0;  ///< CIEDE2000
  double ratio = 1;       ///< WCAG contrast ratio of the means
};

/// A greeting: whether it can be read where it is, and where it could go.
struct Greeting {
  int impression = 0;
  double ratio = 1;  ///< WCAG contrast of its ink on its ground, the worst tenth of the ground
  Lab ink, ground;
  double crowded_mm2 = 0;       ///< of things under or over it, and within the margin around it
  int crowding = -1;            ///< the thing that crowds it most
  std::optional<Point> better;  ///< a foot where it stands in plain space, centred in it
  double betterRatio = 1;
};

struct Looks {
  std::vector<std::string> ids;            ///< of the impressions it was made from
  std::vector<std::string> marks, papers;  ///< of what lies on the ground, and of the pieces
  Grid grid;
  Saliency saliency;
  std::vector<int> owner;       ///< per pixel: the impression in front there, or -1
  std::vector<double> shares;   ///< by impression, of the pull of the whole picture
  std::vector<double> byPiece;  ///< by piece of paper on the face, of the same pull, where no thing has it
  double elsewhere = 0;         ///< the background's share, that of pieces with it
  std::vector<int> ranking;     ///< impressions, greatest share first
  std::vector<Look> path;       ///< first look first
  int hero = -1;
  int heroRank = 0;           ///< 1 = first; 0 without a hero
  std::vector<Rival> rivals;  ///< greatest share first
  std::vector<EyeLine> lines;
  std::vector<Standout> standouts;  ///< by impression
  std::vector<Greeting> greetings;
  Point weight;           ///< where the dark weight of the picture lies
  double contrast = 0;    ///< standard deviation of L* over the picture
  double plainShare = 0;  ///< of the panel that nothing stands on
  Box plainest;           ///< the largest plain rectangle

  /// Is something seen first by so much that a thing moved a little does not change it?
  bool clearlyFirst() const;
  double heroShare() const { return hero < 0 ? 0 : shares[ix(hero)]; }
  /// Is it about the same things as the plan, so that its indices mean the same?
  bool fits(const Plan& plan) const;
  int ownerAt(Point p) const;
};
using LooksRef = std::shared_ptr<const Looks>;

/// What is seen first pulls so many times as much as the next, or nothing is clearly first. Common practice,
/// no source.
inline constexpr double kClearlyMore = 1.2;

/// Renders the intended card small and looks at it. @param kept  tiles of earlier looks; null for none
LooksRef lookAt(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                std::shared_ptr<TileStore> kept = {});

/// The same from a picture that is there: `card` on a grid of kLookPixels along its longer side.
LooksRef lookAt(const Plan& plan, const Analysis& analysis, const Canvas& card, PressTiles& tiles);

/// The grid on which the panel is looked at.
Grid lookGrid(const Box& panel);

/// A card in CIE Lab, pixel by pixel, to 0.05 of L* and 0.5 of a* and b*.
LabPicture labPictureOf(const Canvas& card);

/// The strongest places: the strongest wins, it is inhibited, the next strongest wins (winner takes all with
/// inhibition of return).
std::vector<Look> firstLooks(const Field& pull, const Grid& grid, int most);

/// The card as seen with eyes half closed. @param blur_mm  radius of the blur
Canvas squinted(const Canvas& card, double blur_mm);
/// The card in so many greys of equal steps of L*. @param greys  at least 2
Canvas inValues(const Canvas& card, int greys);

}  // namespace havlo
