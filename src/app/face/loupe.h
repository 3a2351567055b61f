// A loupe over the card's face: what is under the pointer, much larger and freshly drawn.
#pragma once

#include <QImage>
#include <QWidget>

#include "app/common/face_geometry.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "io/art/picture.h"

namespace havlo {

class SvgArt;

class Loupe : public QWidget {
  Q_OBJECT

 public:
  Loupe(const PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* face);
  /// Shows it there. @param at  pixel of the face
  void lookAt(QPointF at, const FaceGeometry& geometry);

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  const PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  std::shared_ptr<TileStore> m_tiles;
  Job<QImage>* m_job;
  QImage m_picture;
  std::shared_ptr<const Plan> m_of;
  Point m_at;
  double m_scale = 1;  // of the face, pixels a mm

  void draw();
};

}  // namespace havlo
