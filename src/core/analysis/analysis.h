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
#include "core/runsheet/order_search.h"
#include "core/runsheet/run_sheet.h"
#include "core/tone/tone.h"
#include "core/viewpoint/scale.h"

namespace havlo {

/// Where the stamping order comes from and what is wrong with it.
struct OrderState {
  enum class From {
    Quick,  ///< a valid order, found at once
    Best,   ///< the search has been through
    Maker   ///< the maker's own
  };
  From from = From::Quick;
  bool exact = false;             ///< Best: no valid order is better
  std::vector<OrderRule> broken;  ///< depth rules that the order breaks
  std::vector<UnmetPin> unmet;    ///< wishes it does not meet
};

struct Looks;

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
  std::shared_ptr<const NeedTable> needTable;
  std::vector<int> order;  ///< stamping order, first stamped first
  OrderState orderState;
  MaskNeeds needs;
  std::vector<StampMasks> stampMasks;  ///< by stamp
  RunSheet sheet;
  std::vector<ScaleReading> scale;
  std::vector<ToneReading> tone;
  /// What is seen first; null until that was looked at. After an edit the earlier one stands, if the things
  /// are the same ones, until the new one is there.
  std::shared_ptr<const Looks> looks;
  std::vector<Finding> findings;

  int masksToCut() const;
  PressInput press(const Plan& plan, const ArtSource* art) const;
};
using AnalysisRef = std::shared_ptr<const Analysis>;

/// @param before  the analysis of an earlier state of the plan, or null
AnalysisRef analyse(const Plan& plan, const Analysis* before = nullptr);

/// The same plan with what is seen first, and what the reading says of that. See focus/looks.h.
AnalysisRef withLooks(const Plan& plan, const AnalysisRef& analysis, std::shared_ptr<const Looks> looks);

/// The same with the best stamping order, unless the plan has the maker's own. May be slow.
AnalysisRef withBestOrder(const Plan& plan, const AnalysisRef& analysis, const OrderEffort& effort = {},
                          const Progress& progress = {});

/// What the search for an order works from. It refers to plan and analysis.
OrderWork orderWork(const Plan& plan, const Analysis& analysis);

/// The same plan stamped in this order, whatever it breaks.
/// @param order  every impression once
AnalysisRef inOrder(const Plan& plan, const Analysis& analysis, std::vector<int> order);

/// The same plan stamped in an order of the maker's choosing.
/// @param order  every impression once; pop-ups may be left out, they go last in any case
/// @error  BadInput if an impression is missing, unknown or named twice
Result<AnalysisRef> reordered(const Plan& plan, const Analysis& analysis,
                              const std::vector<std::string>& order);

}  // namespace havlo
