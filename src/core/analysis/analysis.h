// Everything that is computed from a plan, together, as a value. What computes it is in chain/.
#pragma once

#include <memory>
#include <vector>

#include "core/acts/act_rules.h"
#include "core/analysis/finding.h"
#include "core/depth/knots.h"
#include "core/depth/visible.h"
#include "core/mask/mask_needs.h"
#include "core/press/press.h"
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
  const ArtSource* drawnBy =
      nullptr;  ///< by which the stamps were drawn; null: silhouettes stand for the drawings
  Supplies supplies;
  std::vector<MaskRef> masks;  ///< by stamp
  std::shared_ptr<const DepthOrder> depth;
  Meetings meetings;
  WashMeetings washes;
  std::vector<Visible> visible;  ///< by impression
  Knots knots;
  std::vector<RegionsRef> regions;  ///< by stamp; null where nothing asks for them
  std::shared_ptr<const Handwork> hand;
  Stack stack;  ///< the marks over one another
  /// From here to the run sheet stands the work at the table. While a hand holds something it may be that of
  /// a moment ago, of the same things; see analyseScene().
  bool workStands = false;
  std::shared_ptr<const NeedTable> needTable;
  std::shared_ptr<const ActRules> actRules;
  std::vector<int> order;  ///< stamping order, first stamped first
  std::vector<int> acts;   ///< the same with the washes (their index after the impressions') and what is done
                           ///< by hand, first done first
  OrderState orderState;
  /// What one paper could cover together; null until that was looked for, with the best order.
  std::shared_ptr<const std::vector<std::pair<int, int>>> joinable;
  MaskNeeds needs;
  std::vector<StampMasks> stampMasks;  ///< by stamp
  RunSheet sheet;
  std::vector<ScaleReading> scale;
  std::vector<ToneReading> tone;
  /// What is seen first; null until that was looked at. After an edit the earlier one stands, if the things
  /// are the same ones, until the new one is there.
  std::shared_ptr<const Looks> looks;
  std::vector<Finding> findings;

  // Written once, as the plan's.
  Analysis();
  Analysis(const Analysis&);
  Analysis(Analysis&&) noexcept;
  Analysis& operator=(const Analysis&);
  Analysis& operator=(Analysis&&) noexcept;
  ~Analysis();

  int masksToCut() const;
  PressInput press(const Plan& plan, const ArtSource* art) const;
};
using AnalysisRef = std::shared_ptr<const Analysis>;

}  // namespace havlo
