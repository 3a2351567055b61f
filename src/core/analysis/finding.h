// What the scene says to an eye that sees it the first time. A finding carries numbers; its wording is io's.
#pragma once

#include <optional>
#include <span>
#include <string_view>
#include <vector>

#include "core/edit/fix.h"
#include "core/plan/plan.h"

namespace havlo {

struct Analysis;

enum class FindingKind {
  OutOfScale,
  Floating,
  WhollyHidden,
  OffPanel,
  HorizonMeetsHead,
  Cycle,
  NoGround,
  BranchFromNowhere,
  DrawnBehind,
  Spacing,
  Tone,
  CrossedLight,
  ShadowWrongWay,
  PathMissesVanishing,
  NoHero,
  SeveralHeroes,
  HeroHidden,
  KissingEdges,
  Merging,
  LookingOut,
  Clones,
  GreetingOffLevel,
  GreetingOverBorder,
  MaskFiddly,
  WashWithoutArea,
  BorderNothingMakes,
  WishImpossible,
  OrderImpossible,
  WhiteUnder,
  UnevenGround,
  AcrossRim,
  PartUntold,
  TooLateToDry,
  MuddyBlend,
  DyeOnDark,
  WaterNearDye,
  MarkerOverBleeding,
  PowderOnDamp,
  SlowInkUnderMask,
  WetMask,
  LightOverDark,
  Rival,
  Sunk,
  GreetingIllegible,
  GreetingCrowded,
  Crowded,
  OneColour,
  LinesLeadAway,
  HandworkGone,
  RegionOpen,
  LetteringRoom,
  HeroUncoloured,
  ColourJumpsOut,
  ShadeOnLitSide,
  Unbalanced,
  AsksStyle
};
inline constexpr size_t kFindingKinds = ix(FindingKind::AsksStyle) + 1;

enum class Level { Note, Warn, Fault };

struct Finding {
  FindingKind kind = FindingKind::OutOfScale;
  Level level = Level::Warn;
  std::vector<int> impressions;
  double value = 0;  ///< the number behind it; its meaning and unit are the rule's
  std::optional<Fix> fix{};
  int mark = -1;                 ///< the ground mark it is about, index in the plan
  int wash = -1;                 ///< the wash it is about, index in the plan
  int piece = -1;                ///< the piece of paper it is about, index in the plan
  double other = 0;              ///< a second number for the words; its meaning is the rule's
  bool known = false;            ///< the maker has seen it and means it
  std::optional<Fix> instead{};  ///< another answer, offered beside the mend
  /// Waits for the answer to a question of style; with AsksStyle: the style that is asked about.
  std::optional<Style> style{};
};

/// One rule of the reading.
struct Rule {
  /// When it is read: at once, while something is dragged; with the work at the table, as it asks about
  /// order, masks or steps (see Analysis::workStands); or with the looks, in the background, because it takes
  /// longer or needs them. In between what it said last stands.
  enum class When { AtOnce, WithWork, WithLooks };
  FindingKind kind;
  std::string_view word;     ///< as in JSON
  std::string_view measure;  ///< what `value` is, with its unit
  void (*read)(const Plan&, const Analysis&, std::vector<Finding>&);
  When when = When::AtOnce;
};

/// All rules, in the order in which findings of equal level are listed.
std::span<const Rule> rules();
const Rule& ruleOf(FindingKind kind);
std::string_view wordOf(Level level);

/// Every rule applied: what the maker knows of last; before that faults, warnings, notes; of one level what
/// is about the hero first, then as the rules are listed.
/// @param taken  findings that are taken over instead of read, from analyses of the same things; without,
/// every rule is read, those that need `Analysis::looks` being silent where there are none
struct FindingsTaken {
  const Analysis* atOnce = nullptr;     ///< those of rules that are read at once
  const Analysis* withWork = nullptr;   ///< those of rules that wait for the work
  const Analysis* withLooks = nullptr;  ///< those of rules that wait for the looks
};
std::vector<Finding> readScene(const Plan& plan, const Analysis& analysis, const FindingsTaken& taken = {});

/// Looks how near to each other things come that should part, for those pairs nobody has looked at since
/// either moved. The rule about it looks itself where this was not done.
void findGaps(const Plan& plan, Analysis& analysis);

// The rules, one file each.
void readOutOfScale(const Plan&, const Analysis&, std::vector<Finding>&);
void readFloating(const Plan&, const Analysis&, std::vector<Finding>&);
void readWhollyHidden(const Plan&, const Analysis&, std::vector<Finding>&);
void readOffPanel(const Plan&, const Analysis&, std::vector<Finding>&);
void readHorizonMeetsHead(const Plan&, const Analysis&, std::vector<Finding>&);
void readCycle(const Plan&, const Analysis&, std::vector<Finding>&);
void readNoGround(const Plan&, const Analysis&, std::vector<Finding>&);
void readBranchFromNowhere(const Plan&, const Analysis&, std::vector<Finding>&);
void readDrawnBehind(const Plan&, const Analysis&, std::vector<Finding>&);
void readSpacing(const Plan&, const Analysis&, std::vector<Finding>&);
void readToneRecedes(const Plan&, const Analysis&, std::vector<Finding>&);
void readCrossedLight(const Plan&, const Analysis&, std::vector<Finding>&);
void readShadowWrongWay(const Plan&, const Analysis&, std::vector<Finding>&);
void readPathMissesVanishing(const Plan&, const Analysis&, std::vector<Finding>&);
void readNoHero(const Plan&, const Analysis&, std::vector<Finding>&);
void readSeveralHeroes(const Plan&, const Analysis&, std::vector<Finding>&);
void readHeroHidden(const Plan&, const Analysis&, std::vector<Finding>&);
void readKissingEdges(const Plan&, const Analysis&, std::vector<Finding>&);
void readMerging(const Plan&, const Analysis&, std::vector<Finding>&);
void readLookingOut(const Plan&, const Analysis&, std::vector<Finding>&);
void readClones(const Plan&, const Analysis&, std::vector<Finding>&);
void readGreetingOffLevel(const Plan&, const Analysis&, std::vector<Finding>&);
void readGreetingOverBorder(const Plan&, const Analysis&, std::vector<Finding>&);
void readMaskFiddly(const Plan&, const Analysis&, std::vector<Finding>&);
void readWashWithoutArea(const Plan&, const Analysis&, std::vector<Finding>&);
void readBorderNothingMakes(const Plan&, const Analysis&, std::vector<Finding>&);
void readWishImpossible(const Plan&, const Analysis&, std::vector<Finding>&);
void readOrderImpossible(const Plan&, const Analysis&, std::vector<Finding>&);
void readWhiteUnder(const Plan&, const Analysis&, std::vector<Finding>&);
void readUnevenGround(const Plan&, const Analysis&, std::vector<Finding>&);
void readAcrossRim(const Plan&, const Analysis&, std::vector<Finding>&);
void readPartUntold(const Plan&, const Analysis&, std::vector<Finding>&);
void readTooLateToDry(const Plan&, const Analysis&, std::vector<Finding>&);
void readMuddyBlend(const Plan&, const Analysis&, std::vector<Finding>&);
void readDyeOnDark(const Plan&, const Analysis&, std::vector<Finding>&);
void readWaterNearDye(const Plan&, const Analysis&, std::vector<Finding>&);
void readMarkerOverBleeding(const Plan&, const Analysis&, std::vector<Finding>&);
void readPowderOnDamp(const Plan&, const Analysis&, std::vector<Finding>&);
void readSlowInkUnderMask(const Plan&, const Analysis&, std::vector<Finding>&);
void readWetMask(const Plan&, const Analysis&, std::vector<Finding>&);
void readLightOverDark(const Plan&, const Analysis&, std::vector<Finding>&);
void readRival(const Plan&, const Analysis&, std::vector<Finding>&);
void readSunk(const Plan&, const Analysis&, std::vector<Finding>&);
void readGreetingIllegible(const Plan&, const Analysis&, std::vector<Finding>&);
void readGreetingCrowded(const Plan&, const Analysis&, std::vector<Finding>&);
void readCrowded(const Plan&, const Analysis&, std::vector<Finding>&);
void readOneColour(const Plan&, const Analysis&, std::vector<Finding>&);
void readLinesLeadAway(const Plan&, const Analysis&, std::vector<Finding>&);
void readHandworkGone(const Plan&, const Analysis&, std::vector<Finding>&);
void readRegionOpen(const Plan&, const Analysis&, std::vector<Finding>&);
void readLetteringRoom(const Plan&, const Analysis&, std::vector<Finding>&);
void readHeroUncoloured(const Plan&, const Analysis&, std::vector<Finding>&);
void readColourJumpsOut(const Plan&, const Analysis&, std::vector<Finding>&);
void readShadeOnLitSide(const Plan&, const Analysis&, std::vector<Finding>&);
void readUnbalanced(const Plan&, const Analysis&, std::vector<Finding>&);
void readAsksStyle(const Plan&, const Analysis&, std::vector<Finding>&);

}  // namespace havlo
