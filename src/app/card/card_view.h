// The card drawn to scale: its layers on each other, and the base opened flat with its score.
#pragma once

#include <QImage>
#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/card/card_fit.h"

namespace havlo {

class SvgArt;

class CardView : public QWidget {
  Q_OBJECT

 public:
  CardView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  QSize minimumSizeHint() const override { return {360, 320}; }
  /// Begins what waits until it is looked at.
  void beginWork();

 protected:
  void paintEvent(QPaintEvent*) override;
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  CardFit m_fit;
  QImage m_picture;
  bool m_stale = true;
  Job<QImage>* m_job;

  void planChanged();
  void makePicture();
  void drawFront(QPainter& p, const QRectF& room, double scale) const;
  void drawOpened(QPainter& p, const QRectF& room, double scale) const;
};

}  // namespace havlo
