#include "app/masks/mask_view.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include "app/common/marks.h"
#include "app/common/thumbnail.h"
#include "app/common/tip.h"
#include "app/theme/theme.h"
#include "core/outline/distance.h"
#include "core/outline/shared_area.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/mask_words.h"

namespace havlo {
namespace {

constexpr double kMargin = 24;

QBrush hatch(const QColor& colour, bool rising) {
  QImage texture(7, 7, QImage::Format_ARGB32_Premultiplied);
  QColor veil = colour;
  veil.setAlpha(46);
  texture.fill(veil);
  for (int k = 0; k < 7; ++k) texture.setPixelColor(k, rising ? 6 - k : k, colour);
  return QBrush(texture);
}

}  // namespace

MaskView::MaskView(std::shared_ptr<SvgArt> art, QWidget* parent) : QWidget(parent), m_art(std::move(art)) {
  setAccessibleName(tr("The stamp and its mask"));
  setAccessibleDescription(tr("Arrow keys go from part to part, Return cuts a part or leaves it off."));
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
}

void MaskView::showMask(StampRef stamp, MaskRef mask, std::vector<FiddlyPart> parts, const Supplies& supplies,
                        bool ownFoot) {
  m_ownFoot = ownFoot;
  if (stamp != m_stamp) m_pictureScale = 0;
  m_stamp = std::move(stamp), m_mask = std::move(mask), m_parts = std::move(parts), m_supplies = supplies;
  update();
}

void MaskView::clear() {
  m_stamp.reset(), m_mask.reset();
  m_parts.clear();
  update();
}

double MaskView::scale() const {
  return std::min((width() - 2 * kMargin) / m_stamp->width_mm, (height() - 2 * kMargin) / m_stamp->height_mm);
}

QPointF MaskView::toPixels(Point p) const {
  const double s = scale();
  return {width() / 2.0 + (p.x - m_stamp->width_mm / 2) * s,
          height() / 2.0 - (p.y - m_stamp->height_mm / 2) * s};
}

Point MaskView::toFrame(QPointF p) const {
  const double s = scale();
  return {(p.x() - width() / 2.0) / s + m_stamp->width_mm / 2,
          (height() / 2.0 - p.y()) / s + m_stamp->height_mm / 2};
}

const FiddlyPart* MaskView::partAt(QPointF pixel) const {
  if (!m_stamp) return nullptr;
  const Point p = toFrame(pixel);
  const double reach = 5 / scale();
  const FiddlyPart* best = nullptr;
  double least = reach;
  for (const FiddlyPart& part : m_parts) {
    const double d = nearestPoint(part.shape, p).distance_mm;
    // Of parts that lie on each other the smaller one is meant.
    if (d < least || (d == 0 && best && part.area_mm2 < best->area_mm2)) best = &part, least = d;
  }
  return best;
}

void MaskView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  const Theme& t = theme();
  if (!m_stamp) {
    p.setPen(t.soft);
    p.setFont(bodyFont());
    p.drawText(rect(), Qt::AlignCenter, tr("No mask is needed for this plan."));
    return;
  }
  const double s = scale();
  if (m_pictureScale != s) {
    m_picture =
        stampThumbnail(*m_stamp, *m_art,
                       QSize(qRound(m_stamp->width_mm * s) + 4, qRound(m_stamp->height_mm * s) + 4), t.ink)
            .toImage();
    m_pictureScale = s;
  }
  const QPointF origin = toPixels({0, m_stamp->height_mm});
  const QTransform frame(s, 0, 0, -s, toPixels({0, 0}).x(), toPixels({0, 0}).y());
  const QPainterPath silhouette = frame.map(pathOf(m_stamp->silhouette)),
                     mask = frame.map(pathOf(m_mask->mask));
  p.fillPath(silhouette.subtracted(mask), hatch(t.ochre, false));
  p.fillPath(mask.subtracted(silhouette), hatch(t.madder, false));
  QColor veil = t.green;
  veil.setAlpha(56);
  p.fillPath(mask, veil);
  p.drawImage(origin - QPointF(2, 2), m_picture);
  p.setPen(QPen(t.green, 2));
  p.drawPath(mask);
  for (const FiddlyPart& part : m_parts) {
    const bool other = part.cut != part.usual;
    p.setPen(QPen(other                                 ? t.green
                  : part.kind == FiddlyPart::Kind::Hole ? t.madder
                                                        : t.ochre,
                  other ? 2 : 1.2, Qt::DotLine));
    p.drawPath(frame.map(pathOf(part.shape)));
  }
  if (hasFocus() && m_at >= 0 && m_at < static_cast<int>(m_parts.size())) {
    p.setPen(QPen(t.paper, 6));
    p.drawPath(frame.map(pathOf(m_parts[ix(m_at)].shape)));
    p.setPen(QPen(t.green, 3));
    p.drawPath(frame.map(pathOf(m_parts[ix(m_at)].shape)));
  } else if (hasFocus()) {
    p.setPen(QPen(t.green, 1, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
  }
  if (!m_ownFoot) return;
  if (m_supplies.footMark == FootMark::Tick)
    for (const FootTick& tick : footTicks(*m_stamp, m_mask->mask, 3)) {
      p.setPen(QPen(t.ink, 2));
      p.drawLine(toPixels(tick.from), toPixels(tick.to));
    }
  drawMark(p, toPixels(m_stamp->foot), 6, Mark::Here, t.green);
}

void MaskView::mousePressEvent(QMouseEvent* e) {
  if (const FiddlyPart* part = partAt(e->position())) Q_EMIT partClicked(part->inside, !part->cut);
}

void MaskView::keyPressEvent(QKeyEvent* e) {
  const int n = static_cast<int>(m_parts.size());
  const bool on = e->key() == Qt::Key_Right || e->key() == Qt::Key_Down;
  const bool back = e->key() == Qt::Key_Left || e->key() == Qt::Key_Up;
  if (n > 0 && (on || back)) {
    m_at = m_at < 0 ? (on ? 0 : n - 1) : (m_at + (on ? 1 : n - 1)) % n;
    itemFocused(this, m_at);
    return update();
  }
  if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Space) && m_at >= 0 && m_at < n)
    return takeItem(m_at);
  QWidget::keyPressEvent(e);
}

std::vector<ViewItem> MaskView::items() const {
  std::vector<ViewItem> out;
  for (size_t k = 0; k < m_parts.size() && m_stamp; ++k) {
    const FiddlyPart& part = m_parts[k];
    const Box box = boxOf(part.shape);
    out.push_back({partName(*m_stamp, part, MeasureStyle::Millimetres),
                   part.cut ? tr("on the mask") : tr("not on the mask"),
                   QRectF(toPixels({box.left, box.top}), toPixels({box.right, box.bottom})).toAlignedRect(),
                   static_cast<int>(k) == m_at});
  }
  return out;
}

void MaskView::takeItem(int item) {
  if (item < 0 || item >= static_cast<int>(m_parts.size())) return;
  m_at = item;
  Q_EMIT partClicked(m_parts[ix(item)].inside, !m_parts[ix(item)].cut);
}

bool MaskView::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip && m_stamp) {
    const auto* help = static_cast<QHelpEvent*>(e);
    if (const FiddlyPart* part = partAt(help->pos()))
      showTip(help->globalPos(),
              (part->cut ? tr("%1: on the mask. Click to leave it off.")
                         : tr("%1: not on the mask. Click to cut it."))
                  .arg(partName(*m_stamp, *part, MeasureStyle::Millimetres)),
              this);
    return true;
  }
  return QWidget::event(e);
}

}  // namespace havlo
