// What the viewpoint, the ground and the light draw over the card's picture: guides, soft shadows, lit and
// shaded sides, the light, the handles, a row being laid.
#pragma once

#include <QImage>
#include <functional>

#include "app/face/scene_handles.h"
#include "app/session/job.h"
#include "core/guides/guides.h"

class QPainter;

namespace havlo {

class CrowdDraft;

/// Guides of one plan, worked out once for each. What the light does is painted by a worker, so that no hand
/// waits for it: until it is there what it did a moment ago is shown.
class SceneOverlay {
 public:
  /// @param lit  what the light does is there
  SceneOverlay(const PlanSession& session, const RowDraft& row, const CrowdDraft& crowd, QObject* parent,
               std::function<void()> lit)
      : m_session(session),
        m_row(row),
        m_crowd(crowd),
        m_lighting(new Job<QImage>(parent)),
        m_lit(std::move(lit)) {}

  /// The plan or the card's size on the screen is another one. @param ratio  pixels of the screen over the
  /// window's
  void refresh(const FaceGeometry& g, double ratio);
  /// Another card is there: nothing of the one before is shown on it.
  void forget();
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
  std::shared_ptr<const Plan> m_of;  // what the guides were made from
  bool m_withConstruction = false;
  std::vector<GuideChain> m_chains;
  Job<QImage>* m_lighting;
  std::function<void()> m_lit;
  QImage m_light;
  std::shared_ptr<const Plan> m_lightOf;  // what it is, or is being, made from
  QSizeF m_lightSize;

  void bringUpToDate();
  void paintDrafts(QPainter& p, const FaceGeometry& g) const;
  void paintGhost(QPainter& p, const FaceGeometry& g, const Stamp& stamp, Point foot, bool fits) const;
};

}  // namespace havlo
