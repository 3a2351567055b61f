// The schools of a plan weighed against each other by the press: wholly one way, and each thing its own way.
#pragma once

#include <optional>
#include <vector>

#include "core/schools/schools.h"

namespace havlo {

/// The plan done wholly one way.
struct SchoolResult {
  std::optional<School> school;  ///< absent: as planned, or as advised
  bool advised = false;
  int masks = 0;
  double minutes = 0;  ///< of the run sheet
  double risk = 0;     ///< joins expected to show
  int unsuited = 0;    ///< things it does not suit
  double faults_mm2 =
      0;  ///< where the pressed card visibly differs from things cleanly in front of each other
  double pen_mm = 0;
};

/// What covering one thing is good for.
struct MaskSaving {
  int impression = 0;
  double saves_mm2 = 0;  ///< what would visibly differ if nothing covered it: its ink over what lies behind
  double minutes = 0;    ///< that leaving it uncovered would save
};

struct SchoolComparison {
  std::vector<SchoolResult> ways;    ///< by every school, then as planned and as advised
  std::vector<SchoolAdvice> advice;  ///< of every impression, chosen together
  std::vector<MaskSaving> savings;   ///< of what is covered by a mask as planned, least first
};

/// Minutes of work that a fault of so many mm² is worth avoiding. Settled in the plan format.
inline constexpr double kFaultEach_min = 0.2;

/// This plan by every school, then as planned and as advised, each pressed. What is advised is chosen
/// together: minutes + kFaultEach_min · faults is never more than as planned.
/// @param dpi  of the pressing. @error Stopped
Result<SchoolComparison> compareSchools(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                                        double dpi = 75, const Progress& progress = {});

/// The choice alone, without the ways. @error Stopped
Result<SchoolComparison> adviseTogether(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                                        double dpi = 75, const Progress& progress = {});

}  // namespace havlo
