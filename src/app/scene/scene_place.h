// The place Scene: thing, face and reading above, the walk below.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

namespace havlo {

class FaceView;
class SvgArt;
class WalkView;

class ScenePlace : public QWidget {
  Q_OBJECT

 public:
  ScenePlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  FaceView& face() { return *m_face; }
  WalkView& walk() { return *m_walk; }
  /// Offers the plan's stamps; the chosen one is put where it fits.
  void offerStamps();
  /// Puts a stamp on the card: where its size is right if it can stand, else in the middle of the sky.
  void addStamp(const QString& stamp);
  /// The same for a stamp that `plan` holds, the open plan with one stamp more: one act.
  void addStampOf(const Plan& plan, const std::string& stamp);

 Q_SIGNALS:
  void demoRequested();
  void openRequested();
  void drawerRequested();

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  FaceView* m_face;
  WalkView* m_walk;

  Point goodSpot(const Stamp& stamp) const;
};

/// A small picture of a stamp.
QPixmap stampThumbnail(const Stamp& stamp, const SvgArt& art, QSize size, const QColor& ink);

}  // namespace havlo
