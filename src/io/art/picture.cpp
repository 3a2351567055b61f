// From linear light to 8-bit sRGB, and the hatching of masks.
#include "io/art/picture.h"

#include <QBuffer>
#include <QColor>
#include <QPainter>
#include <QPainterPath>

#include "io/art/shape_path.h"
#include "io/files/plan_file.h"

namespace havlo {

QImage pictureOf(const Canvas& canvas) {
  const Grid& grid = canvas.grid();
  const std::vector<uint8_t> bytes = canvas.bytes();
  QImage image(grid.width, grid.height, QImage::Format_RGB32);
  size_t k = 0;
  for (int y = 0; y < grid.height; ++y) {
    auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
    for (int x = 0; x < grid.width; ++x, k += 3) line[x] = qRgb(bytes[k], bytes[k + 1], bytes[k + 2]);
  }
  image.setDotsPerMeterX(qRound(grid.pxPerMmX() * 1000));
  image.setDotsPerMeterY(qRound(grid.pxPerMmY() * 1000));
  return image;
}

QImage intendedPicture(const Plan& plan, const Analysis& analysis, const ArtSource& art, double dpi,
                       std::shared_ptr<TileStore> kept) {
  const PressInput in = analysis.press(plan, &art);
  PressTiles tiles(in, Grid(plan.card.panel.box(), dpi), std::move(kept));
  return pictureOf(intendedCard(in, tiles));
}

namespace {

void hatchMasks(QImage& image, const Plan& plan, const Analysis& analysis, const Step& step, QColor colour) {
  if (step.masksOn.empty()) return;
  QPainter painter(&image);
  painter.setRenderHint(QPainter::Antialiasing);
  const double sx = image.width() / plan.card.panel.width_mm, sy = image.height() / plan.card.panel.height_mm;
  painter.setTransform(QTransform(sx, 0, 0, -sy, 0, image.height()));
  // Veil and hatching are one texture, so that a mask is one fill.
  QImage texture(6, 6, QImage::Format_ARGB32_Premultiplied);
  QColor veil = colour, line = colour;
  veil.setAlpha(38);
  line.setAlpha(150);
  texture.fill(veil);
  for (int k = 0; k < 6; ++k) texture.setPixelColor(k, 5 - k, line);
  QBrush hatch(texture);
  hatch.setTransform(painter.transform().inverted());
  for (int i : step.masksOn) {
    const auto at = static_cast<size_t>(i);
    const Placed& placed = *analysis.meetings.placed[at];
    const Rings shape = analysis.needs.taped[at]
                            ? placed.silhouette
                            : placed.placing.toPanel(analysis.masks[static_cast<size_t>(analysis.stampOf[at])]->mask);
    const QPainterPath path = pathOf(shape);
    painter.fillPath(path, hatch);
    QPen edge(colour, 1.4);
    edge.setCosmetic(true);
    painter.setPen(edge);
    painter.drawPath(path);
  }
}

}  // namespace

Result<StepPictures> stepPictures(const Plan& plan, const Analysis& analysis, const ArtSource& art, double dpi,
                                  QColor maskColour, const Progress& progress) {
  StepPictures out;
  const PressInput in = analysis.press(plan, &art);
  QImage last;
  const auto inks = [](Do what) {
    return what == Do::Stamp || what == Do::Wash || what == Do::Attach;
  };
  auto simulated = simulate(in, analysis.sheet, dpi, progress, [&](size_t k, const Canvas& card) {
    const Step& step = analysis.sheet.steps[k];
    if (last.isNull() || inks(step.what)) last = pictureOf(card);
    QImage image = last;
    hatchMasks(image, plan, analysis, step, maskColour);
    out.steps.push_back(std::move(image));
  });
  if (!simulated) return simulated.error();
  out.simulation = std::move(simulated).value();
  return out;
}

Result<Done> savePicture(const QString& path, const QImage& image) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  if (!image.save(&buffer, "PNG"))
    return Error{ErrorCode::CannotWrite, "cannot make a picture for " + path.toStdString(), {}};
  return saveWhole(path, bytes);
}

}  // namespace havlo
