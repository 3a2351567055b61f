// Small plans built in code, for tests. All data is invented.
#pragma once

#include <string>

#include "core/analysis/analysis.h"
#include "core/focus/looks.h"
#include "core/plan/plan_text.h"
#include "core/press/canvas.h"

namespace havlo::testing {

/// A 127 x 178 mm panel with a viewpoint (horizon 96, eyes 1.5 m, near 2 m), a black and a blue ink; no
/// stamps.
Plan emptyPlan();

/// A solid rectangular stamp, foot in the middle of its lower edge.
Stamp slab(const std::string& id, double width_mm, double height_mm);

void addStamp(Plan& plan, Stamp stamp);

/// Puts a stamp of the plan down, at a number of metres.
Impression& put(Plan& plan, const std::string& id, const std::string& stamp, Point at, double metres);

int indexOf(const Plan& plan, const std::string& id);

std::string readFile(const std::string& path);
Plan demo(const std::string& name);

/// The plan read with its looks.
AnalysisRef looked(const Plan& plan);

/// The first finding of its kind, or none.
const Finding* find(const Analysis& analysis, FindingKind kind);

/// The looks at a plan as it is.
LooksRef lookAtPlan(const Plan& plan);

/// What a card has at a point (mm from its panel's lower left corner).
LinearRgb colourAt(const Canvas& card, Point at);

/// The cross-ratio of four points on a line, which no central projection changes.
inline double crossRatio(double a, double b, double c, double d) {
  return ((c - a) * (d - b)) / ((c - b) * (d - a));
}

/// Ids of impressions, joined by blanks.
std::string ids(const Plan& plan, const std::vector<int>& impressions);

}  // namespace havlo::testing
