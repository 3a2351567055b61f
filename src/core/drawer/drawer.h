// What the maker owns: stamps, inks, papers and the masks kept from earlier cards.
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/plan/plan.h"
#include "core/stock/cut_list.h"

namespace havlo {

enum class Mounting { RedRubber, Clear, Wood };
std::string_view wordOf(Mounting mounting);
/// Red rubber for a word that is not known.
Mounting mountingOf(std::string_view word);

/// What the drawer knows of a stamp besides the stamp itself. Light enough to hold thousands.
struct DrawerCard {
  std::string key;  ///< of the stamp in the drawer; never changes
  std::string name;
  Role role = Role::Prop;
  Facing facing = Facing::None;
  double width_mm = 0, height_mm = 0;
  std::optional<RealHeight> realHeight;
  std::string setName;
  std::vector<std::string> tags;
  Mounting mounting = Mounting::RedRubber;
  bool matchingDie = false;  ///< a die that cuts its outline is at hand: no mask need be cut by hand
  std::string place, notes;
  bool operator==(const DrawerCard&) const = default;
};

/// A stamp with all of it. `card` repeats what the stamp says of name, role, facing, size and height.
struct DrawerStamp {
  DrawerCard card;
  Stamp stamp;
  bool operator==(const DrawerStamp&) const = default;
};
/// Brings the card's copies up to date with the stamp, and the stamp's drawer key with the card's.
DrawerStamp agreed(DrawerStamp stamp);
/// The same stamp changed in two windows: what was changed here since `base`, over what is there now. Where
/// both changed one thing, here wins.
DrawerStamp mergedStamp(const DrawerStamp& base, const DrawerStamp& here, const DrawerStamp& there);

struct DrawerPaper {
  std::string key, name;
  Colour colour{0xfd, 0xfc, 0xf7};
  double thickness_mm = 0.3;
  double width_mm = 0, height_mm = 0;  ///< of a sheet; 0: unknown
  std::optional<int> sheets;           ///< so many are there; absent: not counted, enough
  bool offcut = false;                 ///< left over from a card; a sheet like others, only smaller
  std::string notes;
  Grain grain = Grain::Unknown;  ///< of a sheet as its width and height are told
  bool operator==(const DrawerPaper&) const = default;
};

/// What is used up besides paper.
enum class GoodKind { Ink, Adhesive, Foam, Envelope, Masking, Other };
/// How much of something that nobody counts is left.
enum class Left { Enough, Low, Gone };
struct DrawerGood {
  std::string key, name;
  GoodKind kind = GoodKind::Other;
  std::string ink;                     ///< of ink: its id in the drawer
  double width_mm = 0, height_mm = 0;  ///< of an envelope, of a sheet of foam or masking paper; 0: unknown
  double thickness_mm = 0;             ///< of foam
  std::optional<int> count;            ///< pieces or sheets; absent: nobody counts, `left` tells
  Left left = Left::Enough;
  std::string notes;
  double worked = 0;  ///< since it was full: mm² inked, mm of strip, mm² cut from the masking sheet at hand
  double bears = 0;   ///< so much until it was last called low; 0: not known yet
  bool operator==(const DrawerGood&) const = default;
};
inline constexpr double kMostWorked = 1e12;
std::string_view wordOf(GoodKind kind);
std::string_view wordOf(Left left);
/// Other and Enough for words that are not known.
GoodKind goodKindOf(std::string_view word);
Left leftOf(std::string_view word);

/// A change of papers and goods, done as one. New ones have a fresh key already.
struct StockChange {
  std::vector<DrawerPaper> papers;
  std::vector<std::string> papersGone;
  std::vector<DrawerGood> goods;
  std::vector<std::string> goodsGone;
  bool empty() const { return papers.empty() && papersGone.empty() && goods.empty() && goodsGone.empty(); }
  bool operator==(const StockChange&) const = default;
};
/// What takes the change back, where that is in the drawer now.
StockChange undoing(const StockChange& change, std::span<const DrawerPaper> papers,
                    std::span<const DrawerGood> goods);

/// Sizes, mats and fold of a card that the maker keeps for next time.
struct CardSet {
  std::string key, name;
  Card card;
  bool operator==(const CardSet&) const = default;
};

/// A mask kept with its stamp for next time.
struct KeptMask {
  std::string key, stamp;  ///< its own key and its stamp's
  int usesLeft = 0;
  std::string place, notes;
  bool operator==(const KeptMask&) const = default;
};

/// What is asked of the drawer. Everything empty: all stamps.
struct StampWish {
  std::string text;  ///< words that must all occur, in any order, in name, role, set, tags, place or notes
  std::optional<Role> role;
  std::optional<Facing> facing;
  std::optional<double> leastHeight_mm, mostHeight_mm;
  /// Would stand right at this distance in this view: its height is within its range there, its foot on the
  /// ground.
  std::optional<double> fitsAt_m;
  std::optional<View> view;  ///< needed for `fitsAt_m`
};

/// Cards ready for searching: words folded to lower case once.
class DrawerIndex {
 public:
  DrawerIndex() = default;
  explicit DrawerIndex(std::vector<DrawerCard> cards);
  const std::vector<DrawerCard>& cards() const { return m_cards; }
  /// Indices of the cards that meet the wish; those that fit a distance best first, else by name, then by
  /// size.
  std::vector<int> find(const StampWish& wish) const;
  const DrawerCard* card(std::string_view key) const;

 private:
  std::vector<DrawerCard> m_cards;
  std::vector<std::string> m_words;  // what is searched, lower case
  std::vector<int> m_byName;         // indices in listing order
};

/// How tall things usually are, by a word that names them.
struct TypicalHeight {
  std::string_view thing;
  Role role;
  double typical_m, least_m, most_m;
};
/// Common practice, no source; figures from memory.
std::span<const TypicalHeight> typicalHeights();
/// The heights worth offering for a name and a role: those named in it first, then the others of its role.
std::vector<TypicalHeight> heightsFor(std::string_view name, Role role);

}  // namespace havlo
