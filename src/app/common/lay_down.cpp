#include "app/common/lay_down.h"

#include <QPainter>
#include <cmath>

namespace havlo {
namespace {

constexpr double kSame_px = 1.5;

}  // namespace

QImage fittedTo(const QRectF& place, double ratio, const QImage& picture) {
  const QSize size = (place.size() * ratio).toSize().expandedTo({1, 1});
  return picture.isNull() ? picture : picture.scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
}

void layDown(QPainter& p, const QRectF& place, const QImage& picture) {
  const double ratio = p.device()->devicePixelRatioF();
  const bool fits = std::fabs(picture.width() - place.width() * ratio) < kSame_px &&
                    std::fabs(picture.height() - place.height() * ratio) < kSame_px;
  if (!fits) return p.drawImage(place, picture);
  QImage exact = picture;
  exact.setDevicePixelRatio(ratio);
  p.drawImage(QPointF(std::round(place.left()), std::round(place.top())), exact);
}

}  // namespace havlo
