// Which things must be covered at each stamping and each wash, with what, and how many masks that takes.
#pragma once

#include <memory>
#include <unordered_map>
#include <vector>

#include "core/depth/meetings.h"
#include "core/mask/mask_shape.h"

namespace havlo {

/// One pressing or blending and what must lie covered during it.
struct NeedStep {
  bool wash = false;
  int index = 0;             ///< of the impression or the wash
  std::vector<int> covered;  ///< impressions, by rising index
};

/// How a wash meets one impression.
struct WashMeeting {
  bool touches = false;
  NeededEdge edge;
};

/// What washes touch; kept between analyses because placing and wash rarely change together.
struct WashMeetings {
  std::vector<Rings> reached;  ///< per wash of the plan
  std::vector<Wash> washes;    ///< what `reached` was made from
  std::vector<PlacedRef> placed;
  std::vector<std::vector<WashMeeting>> meets;  ///< [wash][impression]
};
WashMeetings meetWashes(const Plan& plan, const std::vector<PlacedRef>& placed,
                        const WashMeetings* before = nullptr);

struct MaskNeeds {
  std::vector<NeedStep> steps;             ///< impressions in stamping order, then washes
  std::vector<char> taped;                 ///< impression -> a straight strip of tape covers it
  std::vector<char> uncuttable;            ///< impression -> would need a mask, but nothing of it can be cut
  std::vector<std::vector<int>> leaveOut;  ///< impression -> fronts left out of its own pressing
};

/// @param masks  by stamp index of the plan
MaskNeeds findMaskNeeds(const Plan& plan, const Meetings& meetings, const WashMeetings& washes,
                        const std::vector<int>& order, const std::vector<MaskRef>& masks,
                        const std::vector<int>& stampOf);

/// One mask laid on one impression at one step.
struct Laid {
  int mask = 0;  ///< number of the mask among its stamp's, from 0
  int impression = 0;
};

/// The masks of one stamp. Source of `cut`: McNaughton's wrap-around rule (1959), from memory.
struct StampMasks {
  int cut = 0;     ///< max(atOnce, uses / life rounded up)
  int atOnce = 0;  ///< most needed at one step
  int uses = 0;
  int taped = 0;                        ///< impressions covered by tape instead
  std::vector<std::vector<Laid>> rota;  ///< per need step
};

/// Exactly how many masks of each stamp are enough, and which one goes where; masks stay lying where they
/// can.
/// @return by stamp index of the plan
std::vector<StampMasks> countMasks(const Plan& plan, const MaskNeeds& needs, const std::vector<int>& stampOf);

}  // namespace havlo
