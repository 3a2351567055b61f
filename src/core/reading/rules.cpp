// The rule table, in the order of what helps most. A new rule is one file, one line here, one entry of
// FindingKind and its words in io/wording.
#include <algorithm>
#include <array>
#include <tuple>

#include "core/analysis/analysis.h"

namespace havlo {
namespace {

constexpr auto kLate = Rule::When::WithLooks;
constexpr auto kAtWork = Rule::When::WithWork;

constexpr std::array<Rule, kFindingKinds> kRules{{
    {FindingKind::SeveralHeroes, "severalHeroes", "heroes", readSeveralHeroes},
    {FindingKind::NoHero, "noHero", "things that could be one", readNoHero},
    {FindingKind::Cycle, "cycle", "impressions in the ring", readCycle, kAtWork},
    {FindingKind::OffPanel, "offPanel", "share of the silhouette on the panel, 0 to 1", readOffPanel},
    {FindingKind::WhollyHidden, "whollyHidden", "share of the silhouette that shows, 0 to 1",
     readWhollyHidden},
    {FindingKind::HeroHidden, "heroHidden", "share of the hero that shows, 0 to 1", readHeroHidden, kLate},
    {FindingKind::Sunk, "sunk", "CIEDE2000 difference from what lies around it", readSunk, kLate},
    {FindingKind::Rival, "rival", "share of the pull, 0 to 1", readRival, kLate},
    {FindingKind::OneColour, "oneColour", "greatest CIEDE2000 difference on the card", readOneColour, kLate},
    {FindingKind::GreetingIllegible, "sentimentIllegible", "WCAG contrast ratio, 1 to 21",
     readGreetingIllegible, kLate},
    {FindingKind::GreetingCrowded, "sentimentCrowded", "mm² of other things in its room", readGreetingCrowded,
     kLate},
    {FindingKind::GreetingOffLevel, "sentimentOffLevel", "degrees off level", readGreetingOffLevel},
    {FindingKind::GreetingOverBorder, "sentimentOverBorder", "mm from the panel's edge",
     readGreetingOverBorder},
    {FindingKind::OutOfScale, "outOfScale", "printed height over expected height", readOutOfScale},
    {FindingKind::Floating, "floating", "mm above what it should stand on", readFloating},
    {FindingKind::HorizonMeetsHead, "horizonMeetsHead", "mm from the top of the head down to the horizon",
     readHorizonMeetsHead},
    {FindingKind::Merging, "merging", "mm of width that rises behind the head", readMerging, kLate},
    {FindingKind::KissingEdges, "kissingEdges", "mm between the outlines", readKissingEdges, kLate},
    {FindingKind::LookingOut, "lookingOut", "share of the width before it, 0 to 1", readLookingOut},
    {FindingKind::Crowded, "crowded", "share of the panel of the largest plain rectangle, 0 to 1",
     readCrowded, kLate},
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
    {FindingKind::DyeOnDark, "dyeOnDark", "least CIEDE2000 difference from the paper", readDyeOnDark},
    {FindingKind::LightOverDark, "lightOverDark", "CIEDE2000 difference from what it is printed over",
     readLightOverDark, kLate},
    {FindingKind::WaterNearDye, "waterNearDye", "minutes its ink takes to dry", readWaterNearDye, kAtWork},
    {FindingKind::MarkerOverBleeding, "markerOverBleeding", "1", readMarkerOverBleeding, kAtWork},
    {FindingKind::PowderOnDamp, "powderOnDamp", "minutes for which ink near by is damp yet", readPowderOnDamp,
     kLate},
    {FindingKind::MaskFiddly, "maskFiddly", "share of the silhouette a mask leaves uncovered, 0 to 1",
     readMaskFiddly, kLate},
    {FindingKind::SlowInkUnderMask, "slowInkUnderMask", "minutes to dry before it can be covered",
     readSlowInkUnderMask, kLate},
    {FindingKind::WetMask, "wetMask", "minutes for which the mask is wet yet", readWetMask, kLate},
    {FindingKind::MuddyBlend, "muddyBlend", "chroma lost", readMuddyBlend, kLate},
    {FindingKind::BorderNothingMakes, "borderNothingMakes", "mm of crisp border that no paper makes",
     readBorderNothingMakes},
    {FindingKind::WishImpossible, "wishImpossible", "number of the wish in making.sequence, from 0",
     readWishImpossible, kAtWork},
    {FindingKind::OrderImpossible, "orderImpossible", "1", readOrderImpossible, kAtWork},
    {FindingKind::WhiteUnder, "whiteUnder", "CIEDE2000 difference from what lies around it", readWhiteUnder},
    {FindingKind::UnevenGround, "unevenGround", "mm² stamped on what is raised", readUnevenGround},
    {FindingKind::AcrossRim, "acrossRim", "mm² shared with what lies under it, or before it", readAcrossRim},
    {FindingKind::PartUntold, "partUntold", "corners of the part", readPartUntold},
    {FindingKind::TooLateToDry, "tooLateToDry", "minutes it is damp after the last step", readTooLateToDry,
     kLate},
    {FindingKind::WashWithoutArea, "washWithoutArea", "mm² that get any ink", readWashWithoutArea},
    {FindingKind::Clones, "clones", "mm between the two feet", readClones},
    {FindingKind::LinesLeadAway, "linesLeadAway", "mm by which the nearest line misses the hero",
     readLinesLeadAway, kLate},
    {FindingKind::HandworkGone, "handworkGone", "number among what is done by hand, from 0",
     readHandworkGone},
    {FindingKind::HeroUncoloured, "heroUncoloured", "other things that are coloured", readHeroUncoloured},
    {FindingKind::ColourJumpsOut, "colourJumpsOut", "CIELAB chroma more than the hero's", readColourJumpsOut},
    {FindingKind::ShadeOnLitSide, "shadeOnLitSide", "1", readShadeOnLitSide},
    {FindingKind::RegionOpen, "regionOpen", "mm of its border without a line", readRegionOpen},
    {FindingKind::LetteringRoom, "letteringRoom", "mm² of things in its room, or mm too long",
     readLetteringRoom},
    {FindingKind::Unbalanced, "unbalanced", "share of the width from the middle, -0.5 to 0.5", readUnbalanced,
     kLate},
    // Last, since it asks about what the others found.
    {FindingKind::AsksStyle, "asksStyle", "findings that wait for the answer", readAsksStyle},
}};

const Analysis* takenFor(const Rule& rule, const FindingsTaken& taken) {
  switch (rule.when) {
    case Rule::When::AtOnce:
      return taken.atOnce;
    case Rule::When::WithWork:
      return taken.withWork;
    case Rule::When::WithLooks:
      return taken.withLooks;
  }
  return nullptr;
}

bool isKnown(const Plan& plan, const Finding& f) {
  const std::string_view word = ruleOf(f.kind).word;
  return std::any_of(plan.known.begin(), plan.known.end(), [&](const KnownFinding& k) {
    if (k.kind != word) return false;
    if (k.impressions.empty()) return true;
    if (k.impressions.size() != f.impressions.size()) return false;
    for (size_t i = 0; i < k.impressions.size(); ++i)
      if (plan.impressions[ix(f.impressions[i])].id != k.impressions[i]) return false;
    return true;
  });
}

bool aboutHero(const Plan& plan, const Finding& f) {
  return f.kind == FindingKind::Rival || std::any_of(f.impressions.begin(), f.impressions.end(),
                                                     [&](int i) { return plan.impressions[ix(i)].hero; });
}
}  // namespace

std::span<const Rule> rules() { return kRules; }

const Rule& ruleOf(FindingKind kind) {
  return *std::find_if(kRules.begin(), kRules.end(), [&](const Rule& r) { return r.kind == kind; });
}

std::string_view wordOf(Level level) {
  constexpr std::string_view words[] = {"note", "warn", "fault"};
  return words[ix(level)];
}

std::vector<Finding> readScene(const Plan& plan, const Analysis& analysis, const FindingsTaken& taken) {
  std::vector<Finding> out;
  size_t room = 64;
  for (const Analysis* from : {taken.atOnce, taken.withWork, taken.withLooks})
    if (from) room = std::max(room, 2 * from->findings.size());
  out.reserve(room);
  for (const Rule& rule : kRules) {
    const Analysis* from = takenFor(rule, taken);
    if (!from) {
      rule.read(plan, analysis, out);
      continue;
    }
    for (const Finding& f : from->findings)
      if (f.kind == rule.kind && f.wash < static_cast<int>(plan.washes.size()) &&
          f.piece < static_cast<int>(plan.pieces.size()))
        out.push_back(f);
  }
  struct Ranked {
    bool known;
    int level;
    bool otherThanHero;
    size_t from;
    bool operator<(const Ranked& o) const {
      return std::tie(known, level, otherThanHero, from) <
             std::tie(o.known, o.level, o.otherThanHero, o.from);
    }
  };
  std::vector<Ranked> ranks;
  for (size_t k = 0; k < out.size(); ++k) {
    out[k].known = out[k].known || isKnown(plan, out[k]);
    ranks.push_back({out[k].known, -static_cast<int>(out[k].level), !aboutHero(plan, out[k]), k});
  }
  std::sort(ranks.begin(), ranks.end());
  std::vector<Finding> sorted;
  sorted.reserve(out.size());
  for (const Ranked& r : ranks) sorted.push_back(std::move(out[r.from]));
  return sorted;
}

}  // namespace havlo
