// What the viewpoint, the ground and the light draw over the card's picture: guides, soft shadows, lit and
// shaded sides, the light, the handles, a row being laid.
#pragma once

#include <QImage>

#include "app/face/scene_handles.h"
#include "core/guides/guides.h"

class QPainter;

namespace havlo {

class CrowdDraft;

/// Guides and shadows of one plan, worked out once for each.
class SceneOverlay {
 public:
  SceneOverlay(const PlanSession& session, const RowDraft& row, const CrowdDraft& crowd)
      : m_session(session), m_row(row), m_crowd(crowd) {}

  /// Under everything else that is drawn over the picture, clipped to the face.
  void paintBelow(QPainter& p, const FaceGeometry& g);
  /// Handles and the light's own sign, not clipped.
  void paintAbove(QPainter& p, const FaceGeometry& g) const;
  /// The ground mark whose lines run near a pixel, or -1; -2 for the room.
  int markAt(QPointF pixel, const FaceGeometry& g);

  bool construction = false;  ///< shows the lines to rub out as well

 private:
  const PlanSession& m_session;
  const RowDraft& m_row;
  const CrowdDraft& m_crowd;
  AnalysisRef m_of;  // what the guides were made from
  bool m_withConstruction = false;
  std::vector<GuideChain> m_chains;
  std::vector<CastShadow> m_shadows;

  void bringUpToDate();
  void paintDrafts(QPainter& p, const FaceGeometry& g) const;
  void paintGhost(QPainter& p, const FaceGeometry& g, const Stamp& stamp, Point foot, bool fits) const;
};

}  // namespace havlo
