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
  PathMissesVanishing
};
enum class Level { Note, Warn, Fault };

struct Finding {
  FindingKind kind = FindingKind::OutOfScale;
  Level level = Level::Warn;
  std::vector<int> impressions;
  double value = 0;  ///< the number behind it; its meaning and unit are the rule's
  std::optional<Fix> fix{};
  int mark = -1;  ///< the ground mark it is about, index in the plan
};

/// One rule of the reading.
struct Rule {
  FindingKind kind;
  std::string_view word;     ///< as in JSON
  std::string_view measure;  ///< what `value` is, with its unit
  void (*read)(const Plan&, const Analysis&, std::vector<Finding>&);
};

/// All rules, in the order in which findings of equal level are listed.
std::span<const Rule> rules();
const Rule& ruleOf(FindingKind kind);
std::string_view wordOf(Level level);

/// Every rule applied; faults first, then warnings, then notes.
std::vector<Finding> readScene(const Plan& plan, const Analysis& analysis);

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

}  // namespace havlo
