// QSvgRenderer draws; ink is what is opaque and dark.
#include "io/art/svg_art.h"

#include <QHash>
#include <QImage>
#include <QMutex>
#include <QPainter>
#include <QSvgRenderer>

#include "io/art/plain_svg.h"

namespace havlo {

struct SvgArt::Store {
  QMutex mutex;
  QHash<QByteArray, std::shared_ptr<QSvgRenderer>> drawings;  // null: not drawable

  QSvgRenderer* drawing(const std::string& art) {
    const QByteArray key = QByteArray::fromRawData(art.data(), static_cast<qsizetype>(art.size()));
    const auto it = drawings.constFind(key);
    if (it != drawings.constEnd()) return it->get();
    std::shared_ptr<QSvgRenderer> renderer;
    const QByteArray own(art.data(), static_cast<qsizetype>(art.size()));
    if (const auto plain = plainSvg(own)) {
      renderer = std::make_shared<QSvgRenderer>(plain.value().svg);
      if (!renderer->isValid()) renderer.reset();
    }
    drawings.insert(own, renderer);
    return renderer.get();
  }
};

SvgArt::SvgArt() : m_store(std::make_unique<Store>()) {}
SvgArt::~SvgArt() = default;

QTransform frameToPixels(const Stamp& stamp, const Placing& placing, double panelHeight_mm, double sx,
                         double sy) {
  const Point origin = placing.toPanel(Point{0, stamp.height_mm});
  const Point right = placing.toPanel(Point{1, stamp.height_mm});
  const Point down = placing.toPanel(Point{0, stamp.height_mm - 1});
  return QTransform((right.x - origin.x) * sx, -(right.y - origin.y) * sy, (down.x - origin.x) * sx,
                    -(down.y - origin.y) * sy, origin.x * sx, (panelHeight_mm - origin.y) * sy);
}

std::optional<Tile> SvgArt::draw(const Stamp& stamp, const Placing& placing, const Grid& grid) const {
  const Box frame{0, 0, stamp.width_mm, stamp.height_mm};
  Tile tile = tileFor(grid, boxOf(placing.toPanel(rectangle(frame.grown(0.5)))));
  const QMutexLocker lock(&m_store->mutex);
  QSvgRenderer* drawing = m_store->drawing(stamp.art);
  if (!drawing) return {};
  if (tile.empty()) return tile;
  QImage image(tile.width, tile.height, QImage::Format_ARGB32_Premultiplied);
  image.fill(Qt::transparent);
  QPainter painter(&image);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setTransform(frameToPixels(stamp, placing, grid.panelHeight_mm, grid.pxPerMmX(), grid.pxPerMmY()) *
                       QTransform::fromTranslate(-tile.x, -tile.y));
  const QRectF target(0, 0, stamp.width_mm, stamp.height_mm);
  painter.setClipRect(
      target.adjusted(-0.5, -0.5, 0.5, 0.5));  // a clip has hard edges: not on the frame itself
  drawing->render(&painter, target);
  painter.end();
  for (int y = 0; y < tile.height; ++y) {
    const auto* line = reinterpret_cast<const QRgb*>(image.constScanLine(y));
    uint8_t* out = tile.row(tile.y + y);
    for (int x = 0; x < tile.width; ++x)
      out[x] = static_cast<uint8_t>(qMax(0, qAlpha(line[x]) - qGray(line[x])));
  }
  return tile;
}

bool SvgArt::paint(QPainter& painter, const Stamp& stamp, const Placing& placing,
                   double panelHeight_mm) const {
  const QMutexLocker lock(&m_store->mutex);
  QSvgRenderer* drawing = m_store->drawing(stamp.art);
  if (!drawing) return false;
  painter.save();
  painter.setTransform(frameToPixels(stamp, placing, panelHeight_mm, 1, 1), true);
  drawing->render(&painter, QRectF(0, 0, stamp.width_mm, stamp.height_mm));
  painter.restore();
  return true;
}

}  // namespace havlo
