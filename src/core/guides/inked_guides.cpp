// Guides that are inked become lines of the plan, so that they are in the picture, the order and the proof.
#include <algorithm>

#include "core/guides/guides.h"

namespace havlo {

namespace {
const std::string kGuideStem = "guide";
}  // namespace

bool isGuide(const HandLine& line) { return line.id.starts_with(kGuideStem); }

Plan withGuidesInked(const Plan& plan, const DepthOrder& depth, std::span<const PlacedRef> placed,
                     const std::string& ink, double width_mm) {
  Plan out = plan;
  std::erase_if(out.lines, isGuide);
  GuideWish wish;
  wish.construction = wish.shadows = wish.reflections = false;
  int number = 0;
  for (const GuideChain& chain : chained(guidesOf(plan, depth, placed, wish))) {
    const bool lies = chain.of == GuideOf::Ground || chain.of == GuideOf::Room;
    if (chain.kind != GuideKind::Ink || !lies || chain.points.size() < 2) continue;
    HandLine line;
    line.id = kGuideStem + std::to_string(++number);
    line.ink = ink, line.width_mm = width_mm, line.along = chain.points;
    line.kind = chain.of == GuideOf::Room ? LineKind::Room : LineKind::Ground;
    if (chain.of == GuideOf::Ground && ix(chain.index) < plan.ground.size())
      line.name = plan.ground[ix(chain.index)].name;
    out.lines.push_back(std::move(line));
  }
  return out;
}

namespace {

std::vector<HandLine> guideLines(const Plan& plan) {
  std::vector<HandLine> out;
  for (const HandLine& line : plan.lines)
    if (isGuide(line)) out.push_back(line);
  return out;
}

/// Do they lie in the same places? Files keep hundredths of a millimetre.
bool lieAlike(const std::vector<HandLine>& a, const std::vector<HandLine>& b) {
  constexpr double kSame_mm = 0.02;
  return std::equal(a.begin(), a.end(), b.begin(), b.end(), [](const HandLine& p, const HandLine& q) {
    return std::equal(p.along.begin(), p.along.end(), q.along.begin(), q.along.end(),
                      [](Point u, Point v) { return distance(u, v) < kSame_mm; });
  });
}

}  // namespace

Plan withGuidesFollowing(const GuidedPlan& before, const GuidedPlan& now) {
  const std::vector<HandLine> lines = guideLines(before.plan);
  if (lines.empty() || lines != guideLines(now.plan)) return now.plan;
  const auto inked = [&](const GuidedPlan& of) {
    return withGuidesInked(of.plan, of.depth, of.placed, lines[0].ink, lines[0].width_mm);
  };
  return lieAlike(lines, guideLines(inked(before))) ? inked(now) : now.plan;
}

}  // namespace havlo
