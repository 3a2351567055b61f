// Everything that is computed from a plan, together. A pure function of the plan; an earlier result only
// saves work.
#pragma once

#include <memory>
#include <vector>

#include "core/depth/knots.h"
#include "core/depth/visible.h"
#include "core/mask/mask_needs.h"
#include "core/press/press.h"
#include "core/reading/finding.h"
#include "core/runsheet/run_sheet.h"
#include "core/tone/tone.h"
#include "core/viewpoint/scale.h"

namespace havlo {

struct Analysis {
  std::vector<int> stampOf;      ///< impression -> stamp index of the plan
  std::vector<StampRef> stamps;  ///< of the plan it was made from
  Supplies supplies;
  std::vector<MaskRef> masks;  ///< by stamp
  std::shared_ptr<const DepthOrder> depth;
  Meetings meetings;
  WashMeetings washes;
  std::vector<Visible> visible;  ///< by impression
  Knots knots;
  std::vector<int> order;  ///< stamping order, first stamped first
  MaskNeeds needs;
  std::vector<StampMasks> stampMasks;  ///< by stamp
  RunSheet sheet;
  std::vector<ScaleReading> scale;
  std::vector<ToneReading> tone;
  std::vector<Finding> findings;

  int masksToCut() const;
  PressInput press(const Plan& plan, const ArtSource* art) const;
};
using AnalysisRef = std::shared_ptr<const Analysis>;

/// @param before  the analysis of an earlier state of the plan, or null
AnalysisRef analyse(const Plan& plan, const Analysis* before = nullptr);

/// The same plan stamped in an order of the maker's choosing.
/// @param order  every impression once; pop-ups may be left out, they go last in any case
/// @error  BadInput if an impression is missing, unknown or named twice
Result<AnalysisRef> reordered(const Plan& plan, const Analysis& analysis,
                              const std::vector<std::string>& order);

}  // namespace havlo
