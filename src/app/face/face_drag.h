// Ways of handling with the mouse on the card face, one class each.
#pragma once

#include <QPointF>
#include <QRectF>
#include <QString>

#include "app/common/face_geometry.h"
#include "app/session/plan_session.h"
#include "core/depth/fitting.h"
#include "core/depth/snapping.h"

class QPainter;

namespace havlo {

/// One press-move-release; every move is an edit from the plan at the press, merged into one step.
class FaceDrag {
 public:
  /// @param impression  the one taken hold of, or -1
  FaceDrag(PlanSession& session, int impression, QString mergeKey);
  virtual ~FaceDrag() = default;
  virtual void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) = 0;
  /// What shows while it lasts.
  virtual void paint(QPainter&, const FaceGeometry&) const {}
  /// The button is let go.
  virtual void finish() {}

 protected:
  PlanSession& m_session;
  PlanSession::Hold m_hold;
  Plan m_start;
  int m_impression;
  QString m_mergeKey;
  const Impression& thing() const { return m_start.impressions[ix(m_impression)]; }
};

/// The foot follows the pointer and comes to rest on what is made for it, or where a line catches it; with
/// Shift held only along the longer way, with Alt never at rest and never caught. Others that are chosen go
/// along.
class MoveDrag : public FaceDrag {
 public:
  MoveDrag(PlanSession& session, int impression, Ids things, QString mergeKey, Point grabbed);
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override;
  void paint(QPainter& p, const FaceGeometry& g) const override;

 private:
  Ids m_things;
  std::vector<int> m_moving;
  Point m_grabbed;
  Snapped m_snapped;
  bool worthResting(const Rest& rest) const;
};

/// The stamp turns about its foot, several about the middle of their feet, by whole degrees; with Shift by
/// tenths.
class TurnDrag : public FaceDrag {
 public:
  TurnDrag(PlanSession& session, int impression, Ids things, QString mergeKey, Point grabbed);
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override;

 private:
  Ids m_things;
  Point m_about;
  double m_grabbed_deg;
};

/// A frame round what is to be chosen: all that is seen within it.
class FrameDrag : public FaceDrag {
 public:
  /// @param before  what stays chosen besides
  FrameDrag(PlanSession& session, Point from, QStringList before);
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override;
  void paint(QPainter& p, const FaceGeometry& g) const override;

 private:
  Point m_from, m_to;
  QStringList m_before;
};

}  // namespace havlo
