// What can be taken hold of on the card face besides impressions: the horizon, the vanishing point, the
// light, the points of ground marks, the corners of the back wall, the ends of a row being laid, and of the
// line across a stamp that is stamped in part.
#pragma once

#include <memory>
#include <vector>

#include "app/face/face_drag.h"

namespace havlo {

class RowDraft;

struct SceneHandle {
  enum class What { Horizon, Vanish, Light, LightGround, MarkPoint, WallCorner, RowEnd, PartEnd };
  What what = What::Horizon;
  QPointF at;     ///< pixel
  int index = 0;  ///< mark; corner 0 lower left, 1 upper right; row end 0 near, 1 far; part's line 0 and 1
  int point = 0;
  QString tip;
};

std::vector<SceneHandle> handlesOf(const PlanSession& session, const RowDraft& row, const FaceGeometry& g);

/// The handle within 9 pixels, or null. The horizon may be taken anywhere along its line near its ends.
const SceneHandle* handleAt(const std::vector<SceneHandle>& handles, QPointF pixel);

std::unique_ptr<FaceDrag> dragOf(const SceneHandle& handle, PlanSession& session, RowDraft& row,
                                 QString mergeKey);

}  // namespace havlo
