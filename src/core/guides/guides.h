// The pencil sheet: every line the maker draws or follows by hand, with hidden parts removed.
#pragma once

#include <span>
#include <vector>

#include "core/depth/depth_order.h"
#include "core/depth/placed.h"
#include "core/light/light.h"

namespace havlo {

enum class GuideKind {
  Construction,  ///< thin pencil, rubbed out afterwards
  Ink            ///< inked
};
enum class GuideOf { Horizon, Ground, Room, Row, Shadow, Reflection };

struct Guide {
  SeenLine line;  ///< on the panel
  GuideKind kind = GuideKind::Construction;
  GuideOf of = GuideOf::Horizon;
  int index = 0;  ///< of the ground mark or the impression
};

struct GuideWish {
  bool construction = true;
  bool shadows = true;      ///< outlines of cast shadows
  bool reflections = true;  ///< in water that mirrors
};

/// By what they belong to, in the order of drawing.
std::vector<Guide> guidesOf(const Plan& plan, const DepthOrder& depth, std::span<const PlacedRef> placed,
                            const GuideWish& wish = {});

/// Consecutive lines of one kind that meet, as one chain of points.
struct GuideChain {
  std::vector<Point> points;
  GuideKind kind = GuideKind::Construction;
  GuideOf of = GuideOf::Horizon;
  int index = 0;
};
std::vector<GuideChain> chained(const std::vector<Guide>& guides);

/// Was this line made by withGuidesInked()?
bool isGuide(const HandLine& line);
/// The plan with the visible lines of its room and ground inked by hand; such lines from an earlier time are
/// replaced. Without guides it has none.
/// @param ink  of the plan
Plan withGuidesInked(const Plan& plan, const DepthOrder& depth, std::span<const PlacedRef> placed,
                     const std::string& ink, double width_mm);
/// A plan's room, ground and things with what of them is needed to find its guides.
struct GuidedPlan {
  const Plan& plan;
  const DepthOrder& depth;
  std::span<const PlacedRef> placed;
};
/// Where an edit moved the guides, the lines that were inked along them move too. Lines that did not lie
/// along the guides before, or that the edit itself changed, stay as they are.
Plan withGuidesFollowing(const GuidedPlan& before, const GuidedPlan& now);

}  // namespace havlo
