// From linear light to 8-bit sRGB, and the hatching of masks.
#include "io/art/picture.h"

#include <QBuffer>
#include <QColor>
#include <QColorSpace>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "core/mask/joint_paper.h"
#include "core/pieces/heights.h"
#include "core/wash/limit_shape.h"
#include "io/art/paper_picture.h"
#include "io/art/shape_path.h"
#include "io/files/plan_file.h"

namespace havlo {

QImage pictureOf(const Canvas& canvas) {
  const Grid& grid = canvas.grid();
  const std::vector<uint8_t> bytes = canvas.bytes();
  const Canvas::Pixels& part = canvas.within();
  QImage image(part.width(), part.height(), QImage::Format_RGB32);
  size_t k = 0;
  for (int y = 0; y < part.height(); ++y) {
    auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
    for (int x = 0; x < part.width(); ++x, k += 3) line[x] = qRgb(bytes[k], bytes[k + 1], bytes[k + 2]);
  }
  image.setDotsPerMeterX(qRound(grid.pxPerMmX() * 1000));
  image.setDotsPerMeterY(qRound(grid.pxPerMmY() * 1000));
  return image;
}

QImage intendedPicture(const Plan& plan, const Analysis& analysis, const ArtSource& art, double dpi,
                       std::shared_ptr<TileStore> kept) {
  const PressInput in = analysis.press(plan, &art);
  PressTiles tiles(in, Grid(plan.card.panel.box(), dpi), std::move(kept));
  return withPatterns(pictureOf(intendedCard(in, tiles)), plan, analysis);
}

namespace {

QRectF rectOf(const Box& b) { return {b.left, b.bottom, b.width(), b.height()}; }

/// What is drawn in the paper's mean colour becomes lighter and darker as the paper is there.
void layPattern(QImage& picture, const QPainterPath& shows, const QRectF& box, const QImage& paper,
                Colour mean) {
  const QRect lies = box.toAlignedRect();
  const QRect part = lies.intersected(picture.rect());
  if (part.isEmpty()) return;
  const QImage pattern = paper.scaled(lies.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
  QImage mask(part.size(), QImage::Format_Grayscale8);
  mask.fill(0);
  QPainter p(&mask);
  p.translate(-part.topLeft());
  p.fillPath(shows, Qt::white);
  p.end();
  const auto turned = [](int drawn, int there, unsigned char usual) {
    return std::min(255, drawn * there / std::max<int>(1, usual));
  };
  for (int y = 0; y < part.height(); ++y) {
    const uchar* in = mask.constScanLine(y);
    for (int x = 0; x < part.width(); ++x) {
      if (in[x] < 128) continue;
      const QPoint at = part.topLeft() + QPoint(x, y);
      const QRgb drawn = picture.pixel(at), there = pattern.pixel(at - lies.topLeft());
      picture.setPixel(at, qRgb(turned(qRed(drawn), qRed(there), mean.red),
                                turned(qGreen(drawn), qGreen(there), mean.green),
                                turned(qBlue(drawn), qBlue(there), mean.blue)));
    }
  }
}

}  // namespace

QImage withPatterns(QImage picture, const Plan& plan, const Analysis& analysis) {
  const bool any = std::any_of(plan.pieces.begin(), plan.pieces.end(), [](const Piece& p) {
    return factsOf(p.kind).onFace && !p.paper.picture.empty();
  });
  if (!any || picture.isNull()) return picture;
  const double sx = picture.width() / plan.card.panel.width_mm,
               sy = picture.height() / plan.card.panel.height_mm;
  const QTransform toPixels(sx, 0, 0, -sy, 0, picture.height());
  const std::vector<Glued> glued = gluedOn(plan);
  for (size_t k = 0; k < glued.size(); ++k) {
    if (glued[k].piece < 0) continue;
    const Piece& piece = plan.pieces[ix(glued[k].piece)];
    const QImage paper = paperPicture(piece.paper);
    if (paper.isNull()) continue;
    const Rings shape = onCard(piece);
    QPainterPath shows = pathOf(shape);
    for (size_t n = k + 1; n < glued.size(); ++n)  // what is glued on later lies over it
      shows -= pathOf(glued[n].piece >= 0 ? onCard(plan.pieces[ix(glued[n].piece)])
                                          : analysis.meetings.placed[ix(glued[n].impression)]->silhouette);
    layPattern(picture, toPixels.map(shows), toPixels.mapRect(rectOf(boxOf(shape))), paper,
               piece.paper.colour);
  }
  return picture;
}

namespace {

/// The edge or opening that lies on the panel: its index and the side that is open; none: -1.
using LyingLimit = std::pair<int, LimitSide>;

/// The masks of a step, and the edge or opening that lies there, hatched, on a transparent picture.
QImage maskLayer(QSize size, const Plan& plan, const Analysis& analysis, const Step& step, LyingLimit limit,
                 QColor colour) {
  QImage image(size, QImage::Format_ARGB32_Premultiplied);
  image.fill(Qt::transparent);
  QPainter painter(&image);
  painter.setRenderHint(QPainter::Antialiasing);
  const double sx = image.width() / plan.card.panel.width_mm, sy = image.height() / plan.card.panel.height_mm;
  painter.setTransform(QTransform(sx, 0, 0, -sy, 0, image.height()));
  // Veil and hatching are one texture, so that a mask is one fill.
  QImage texture(7, 7, QImage::Format_ARGB32_Premultiplied);
  QColor veil = colour, line = colour;
  veil.setAlpha(38);
  line.setAlpha(230);
  texture.fill(veil);
  for (int k = 0; k < 7; ++k) texture.setPixelColor(k, 6 - k, line);
  QBrush hatch(texture);
  hatch.setTransform(painter.transform().inverted());
  const auto hatched = [&](const Rings& shape) {
    const QPainterPath path = pathOf(shape);
    painter.fillPath(path, hatch);
    QPen edge(colour, 1.4);
    edge.setCosmetic(true);
    painter.setPen(edge);
    painter.drawPath(path);
  };
  if (limit.first >= 0)
    hatched(limitPiece(plan.limits[ix(limit.first)], limit.second, plan.card.panel.box()));
  for (int i : step.masksOn) {
    const bool shared = std::any_of(step.joints.begin(), step.joints.end(), [&](int j) {
      const std::vector<int>& over = analysis.needs.joints[ix(j)].over;
      return std::find(over.begin(), over.end(), i) != over.end();
    });
    if (shared) continue;
    hatched(
        coverOnPanel(plan, analysis.meetings.placed, analysis.needs, analysis.masks, analysis.stampOf, i));
  }
  for (int j : step.joints)
    if (const MaskRef& shape = analysis.needs.joints[ix(j)].shape) hatched(shape->mask);
  painter.end();
  return image;
}

}  // namespace

Result<StepPictures> stepPictures(const Plan& plan, const Analysis& analysis, const ArtSource& art,
                                  double dpi, QColor maskColour, const Progress& progress,
                                  std::shared_ptr<TileStore> kept) {
  StepPictures out;
  const PressInput in = analysis.press(plan, &art);
  QImage last, layer;
  std::vector<int> layered, layeredJoints;  // the masks of the layer
  LyingLimit limit{-1, LimitSide::Above}, layeredLimit = limit;
  auto simulated = simulate(
      in, analysis.sheet, dpi, progress,
      [&](size_t k, const Canvas& card) {
        const Step& step = analysis.sheet.steps[k];
        if (last.isNull() || leavesColour(step.what)) last = pictureOf(card);
        QImage image = last;
        if (step.limit >= 0 && step.what == Do::MaskOn) limit = {step.limit, step.side};
        if (step.limit >= 0 && step.what == Do::MaskOff) limit = {-1, LimitSide::Above};
        if (!step.masksOn.empty() || limit.first >= 0) {
          if (step.masksOn != layered || step.joints != layeredJoints || limit != layeredLimit) {
            layer = maskLayer(image.size(), plan, analysis, step, limit, maskColour);
            layered = step.masksOn, layeredJoints = step.joints, layeredLimit = limit;
          }
          QPainter(&image).drawImage(0, 0, layer);
        }
        out.steps.push_back(std::move(image));
      },
      std::move(kept));
  if (!simulated) return simulated.error();
  out.simulation = std::move(simulated).value();
  return out;
}

Result<Done> savePicture(const QString& path, const QImage& image, const char* format) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::ReadWrite);
  QImage told = image;
  told.setColorSpace(QColorSpace::SRgb);
  if (!told.save(&buffer, format))
    return Error{ErrorCode::CannotWrite, "cannot make a picture for " + path.toStdString(), {}};
  return saveWhole(path, bytes);
}

}  // namespace havlo
