// The card at the table, large: as it lies there now, what is added next drawn out, its measures at the
// edges.
#pragma once

#include <QImage>
#include <QWidget>

#include "core/making/making.h"
#include "core/units/measure.h"

namespace havlo {

class MakeView : public QWidget {
 public:
  explicit MakeView(QWidget* parent = nullptr);
  /// @param picture  the card with its masks as it lies before the step, or after the last; may be null
  void showStep(const Bench* bench, int place, const QImage& picture, MeasureStyle style);
  /// A finer picture of the same moment, for what is looked at from near by.
  void showNear(QImage picture);
  /// The panel as it is to be, with all that is glued on: pieces are shown from it once they are.
  void showWhole(QImage picture);
  QSize minimumSizeHint() const override { return {420, 320}; }

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  const Bench* m_bench = nullptr;
  int m_place = 0;
  QImage m_picture, m_near, m_whole;
  MeasureStyle m_style = MeasureStyle::Inches;

  /// The pieces that lie on the card before the step. @param card  where the panel is painted
  void paintGlued(QPainter& p, const QRectF& card) const;
  /// The card with its mats and its base, when all is done.
  void paintFinished(QPainter& p) const;
  /// From near by, for work by hand: the part of the card that is worked on fills the view.
  void paintByHand(QPainter& p, const Step& step, const Box& near) const;
  /// Where it is worked by hand; empty: nowhere in particular.
  Box nearOf(const Step& step) const;
};

}  // namespace havlo
