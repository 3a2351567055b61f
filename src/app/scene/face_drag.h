// Ways of handling with the mouse on the card face, one class each.
#pragma once

#include <QPointF>
#include <QString>

#include "app/common/face_geometry.h"
#include "app/session/plan_session.h"
#include "core/depth/fitting.h"

namespace havlo {

/// One press-move-release; every move is an edit from the plan at the press, merged into one step.
class FaceDrag {
 public:
  FaceDrag(PlanSession& session, int impression, QString mergeKey);
  virtual ~FaceDrag() = default;
  virtual void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) = 0;

 protected:
  PlanSession& m_session;
  Plan m_start;
  int m_impression;
  QString m_mergeKey;
  const Impression& thing() const { return m_start.impressions[ix(m_impression)]; }
};

/// The foot follows the pointer and comes to rest on what is made for it; with Shift held only along the
/// longer way, with Alt never at rest.
class MoveDrag : public FaceDrag {
 public:
  MoveDrag(PlanSession& session, int impression, QString mergeKey, Point grabbed);
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override;

 private:
  Point m_grabbed;
  bool worthResting(const Rest& rest) const;
};

/// The stamp turns about its foot, by whole degrees; with Shift by tenths.
class TurnDrag : public FaceDrag {
 public:
  TurnDrag(PlanSession& session, int impression, QString mergeKey, Point grabbed);
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override;

 private:
  double m_grabbed_deg;
};

}  // namespace havlo
