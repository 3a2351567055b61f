// A picture of the card that keeps its proportions, with marks on places that matter.
#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

namespace havlo {

class PictureBox : public QWidget {
 public:
  explicit PictureBox(QWidget* parent = nullptr) : QWidget(parent) {}
  /// @param marks  places to ring, as shares of width and height from the upper left corner
  void setPicture(const QImage& image, std::vector<QPointF> marks = {});
  QSize minimumSizeHint() const override { return {150, 110}; }
  QSize sizeHint() const override { return {260, 190}; }

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  QImage m_image, m_scaled;  // as it came, and as it is shown
  std::vector<QPointF> m_marks;
};

}  // namespace havlo
