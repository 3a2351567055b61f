#include "app/common/thumbnail.h"

#include <QImage>
#include <QPainter>

#include "app/theme/theme.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"

namespace havlo {

QPixmap stampThumbnail(const Stamp& stamp, const SvgArt& art, QSize size, const QColor& ink) {
  const double fit = std::min((size.width() - 4) / stamp.width_mm, (size.height() - 4) / stamp.height_mm);
  const Grid grid(Box{0, 0, stamp.width_mm, stamp.height_mm}, fit * kMmPerInch);
  const Placing flat({0, 0}, {0, 0}, Degrees{0});
  std::optional<Tile> tile;
  if (!stamp.art.empty()) tile = art.draw(stamp, flat, grid);
  if (!tile) tile = softTile(grid, printedShape(stamp, {}));
  QImage image(size, QImage::Format_ARGB32);
  image.fill(Qt::transparent);
  const int left = (size.width() - grid.width) / 2, top = (size.height() - grid.height) / 2;
  for (int y = 0; y < size.height(); ++y)
    for (int x = 0; x < size.width(); ++x) {
      QColor c = ink;
      c.setAlpha(tile->at(x - left, y - top));
      image.setPixelColor(x, y, c);
    }
  return QPixmap::fromImage(image);
}

QIcon stampIcon(const Stamp& stamp, const SvgArt& art, QSize leaf, const QColor& ink) {
  const double scale = std::min(leaf.width() / stamp.width_mm, leaf.height() / stamp.height_mm);
  const QSize size(qRound(stamp.width_mm * scale), qRound(stamp.height_mm * scale));
  QPixmap picture(leaf);
  picture.fill(Qt::transparent);
  QPainter p(&picture);
  p.drawPixmap((leaf.width() - size.width()) / 2, (leaf.height() - size.height()) / 2,
               stampThumbnail(stamp, art, size, ink));
  return QIcon(picture);
}

}  // namespace havlo
