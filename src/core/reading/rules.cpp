// The rule table. A new rule is one file, one line here, one entry of FindingKind and its words in
// io/wording.
#include <algorithm>
#include <array>

#include "core/reading/finding.h"

namespace havlo {
namespace {

constexpr std::array<Rule, 14> kRules{{
    {FindingKind::Cycle, "cycle", "impressions in the ring", readCycle},
    {FindingKind::OffPanel, "offPanel", "share of the silhouette on the panel, 0 to 1", readOffPanel},
    {FindingKind::WhollyHidden, "whollyHidden", "share of the silhouette that shows, 0 to 1",
     readWhollyHidden},
    {FindingKind::OutOfScale, "outOfScale", "printed height over expected height", readOutOfScale},
    {FindingKind::Floating, "floating", "mm above what it should stand on", readFloating},
    {FindingKind::HorizonMeetsHead, "horizonMeetsHead", "mm from the top of the head down to the horizon",
     readHorizonMeetsHead},
    {FindingKind::NoGround, "noGround", "mm from the foot to the ground it could stand on", readNoGround},
    {FindingKind::BranchFromNowhere, "branchFromNowhere",
     "mm from its beginning to the nearest thing or edge", readBranchFromNowhere},
    {FindingKind::DrawnBehind, "drawnBehind", "mm by which its foot is below that of what covers it",
     readDrawnBehind},
    {FindingKind::Spacing, "spacingDoesNotRecede", "widest real gap of the row over the narrowest",
     readSpacing},
    {FindingKind::Tone, "toneDoesNotRecede", "strength more than wanted, -1 to 1", readToneRecedes},
    {FindingKind::CrossedLight, "crossedLight", "degrees between the shading and the light",
     readCrossedLight},
    {FindingKind::ShadowWrongWay, "shadowWrongWay", "degrees between the drawn shadow and the true one",
     readShadowWrongWay},
    {FindingKind::PathMissesVanishing, "pathMissesVanishing", "mm from where it runs to the vanishing point",
     readPathMissesVanishing},
}};

}  // namespace

std::span<const Rule> rules() { return kRules; }

const Rule& ruleOf(FindingKind kind) {
  return *std::find_if(kRules.begin(), kRules.end(), [&](const Rule& r) { return r.kind == kind; });
}

std::string_view wordOf(Level level) {
  constexpr std::string_view words[] = {"note", "warn", "fault"};
  return words[static_cast<size_t>(level)];
}

std::vector<Finding> readScene(const Plan& plan, const Analysis& analysis) {
  std::vector<Finding> out;
  for (const Rule& rule : kRules) rule.read(plan, analysis, out);
  std::stable_sort(out.begin(), out.end(),
                   [](const Finding& a, const Finding& b) { return a.level > b.level; });
  return out;
}

}  // namespace havlo
