// From linear light to 8-bit sRGB, and the hatching of masks.
#include "io/art/picture.h"

#include <QBuffer>
#include <QColor>
#include <QColorSpace>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <iterator>
#include <map>
#include <set>
#include <tuple>

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

/// The papers that lie at a step, hatched, on a transparent picture that goes from step to step: each paper
/// is drawn once and only what is laid or lifted changes the picture, so that a step costs what happens at
/// it, however many lie.
class PaperLayer {
 public:
  PaperLayer(const Plan& plan, const Analysis& analysis, QColor colour)
      : m_plan(plan),
        m_analysis(analysis),
        m_colour(colour),
        m_texture(7, 7, QImage::Format_ARGB32_Premultiplied) {
    // Veil and hatching are one texture, so that a paper is one fill.
    QColor veil = colour, line = colour;
    veil.setAlpha(38);
    line.setAlpha(230);
    m_texture.fill(veil);
    for (int k = 0; k < 7; ++k) m_texture.setPixelColor(k, 6 - k, line);
  }

  const QImage& at(QSize size, const Step& step, LyingLimit limit) {
    if (size != m_layer.size()) {
      m_layer = QImage(size, QImage::Format_ARGB32_Premultiplied);
      m_layer.fill(Qt::transparent);
      m_papers.clear(), m_lying.clear();
    }
    std::set<Paper> now;
    std::set<int> shared;
    for (int j : step.joints) {
      const JointPaper& joint = m_analysis.needs.joints[ix(j)];
      shared.insert(joint.over.begin(), joint.over.end());
      if (joint.shape) now.insert({Kind::Joint, j, LimitSide::Above});
    }
    for (int i : step.masksOn)
      if (!shared.contains(i)) now.insert({Kind::Mask, i, LimitSide::Above});
    if (limit.first >= 0) now.insert({Kind::Limit, limit.first, limit.second});
    std::vector<Paper> laid, lifted;
    std::set_difference(now.begin(), now.end(), m_lying.begin(), m_lying.end(), std::back_inserter(laid));
    std::set_difference(m_lying.begin(), m_lying.end(), now.begin(), now.end(), std::back_inserter(lifted));
    QPainter painter(&m_layer);
    for (const Paper& paper : lifted) {
      m_lying.erase(paper);
      const QRect gap = drawn(paper).at;
      painter.setClipRect(gap);
      painter.setCompositionMode(QPainter::CompositionMode_Clear);
      painter.fillRect(gap, Qt::transparent);
      painter.setCompositionMode(QPainter::CompositionMode_SourceOver);
      for (const Paper& other : m_lying)
        if (const Drawn& d = drawn(other); d.at.intersects(gap)) painter.drawImage(d.at.topLeft(), d.picture);
    }
    painter.setClipping(false);
    for (const Paper& paper : laid) {
      painter.drawImage(drawn(paper).at.topLeft(), drawn(paper).picture);
      m_lying.insert(paper);
    }
    return m_layer;
  }

 private:
  enum class Kind { Limit, Mask, Joint };
  using Paper = std::tuple<Kind, int, LimitSide>;
  struct Drawn {
    QRect at;
    QImage picture;
  };
  const Plan& m_plan;
  const Analysis& m_analysis;
  QColor m_colour;
  QImage m_texture, m_layer;
  std::map<Paper, Drawn> m_papers;
  std::set<Paper> m_lying;

  Rings shapeOf(const Paper& paper) const {
    const auto& [kind, index, side] = paper;
    switch (kind) {
      case Kind::Limit:
        return limitPiece(m_plan.limits[ix(index)], side, m_plan.card.panel.box());
      case Kind::Joint:
        return m_analysis.needs.joints[ix(index)].shape->mask;
      case Kind::Mask:
        break;
    }
    return coverOnPanel(m_plan, m_analysis.meetings.placed, m_analysis.needs, m_analysis.masks,
                        m_analysis.stampOf, index);
  }

  const Drawn& drawn(const Paper& paper) {
    const auto known = m_papers.find(paper);
    if (known != m_papers.end()) return known->second;
    const double sx = m_layer.width() / m_plan.card.panel.width_mm,
                 sy = m_layer.height() / m_plan.card.panel.height_mm;
    const QPainterPath path = QTransform(sx, 0, 0, -sy, 0, m_layer.height()).map(pathOf(shapeOf(paper)));
    Drawn out;
    out.at = path.boundingRect().toAlignedRect().adjusted(-2, -2, 2, 2).intersected(m_layer.rect());
    out.picture = QImage(out.at.size(), QImage::Format_ARGB32_Premultiplied);
    out.picture.fill(Qt::transparent);
    if (!out.at.isEmpty()) {
      QPainter painter(&out.picture);
      painter.setRenderHint(QPainter::Antialiasing);
      painter.translate(-out.at.topLeft());
      painter.fillPath(path, QBrush(m_texture));
      painter.setPen(QPen(m_colour, 1.4));
      painter.drawPath(path);
    }
    return m_papers.emplace(paper, std::move(out)).first->second;
  }
};

}  // namespace

Result<StepPictures> stepPictures(const Plan& plan, const Analysis& analysis, const ArtSource& art,
                                  double dpi, QColor maskColour, const Progress& progress,
                                  std::shared_ptr<TileStore> kept) {
  StepPictures out;
  const PressInput in = analysis.press(plan, &art);
  QImage last;
  PaperLayer papers(plan, analysis, maskColour);
  LyingLimit limit{-1, LimitSide::Above};
  auto simulated = simulate(
      in, analysis.sheet, dpi, progress,
      [&](size_t k, const Canvas& card) {
        const Step& step = analysis.sheet.steps[k];
        if (last.isNull() || leavesColour(step.what)) last = pictureOf(card);
        QImage image = last;
        if (step.limit >= 0 && step.what == Do::MaskOn) limit = {step.limit, step.side};
        if (step.limit >= 0 && step.what == Do::MaskOff) limit = {-1, LimitSide::Above};
        if (!step.masksOn.empty() || limit.first >= 0)
          QPainter(&image).drawImage(0, 0, papers.at(image.size(), step, limit));
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
