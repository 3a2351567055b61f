// One sentence for each picture that shows an eye what to look at.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"

namespace havlo {

/// The nearest and the farthest of what stands or rises somewhere; -1 without one. Not the sky, nor a ground
/// that reaches over all distances.
struct DepthSpan {
  int nearest = -1, farthest = -1;
  double near_m = 0, far_m = 0;
};
DepthSpan depthSpan(const Plan& plan, const Analysis& a);

QString metresText(double metres);
QString eyeLevelText(const Plan& plan);

QString depthSentence(const Plan& plan, const Analysis& a);
QString perspectiveSentence(const Plan& plan, const Analysis& a);
QString lightSentence(const Plan& plan, const Analysis& a);

}  // namespace havlo
