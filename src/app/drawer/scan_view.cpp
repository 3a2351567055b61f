#include "app/drawer/scan_view.h"

#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QUrl>
#include <cmath>

#include "app/common/marks.h"
#include "app/theme/theme.h"
#include "core/outline/shared_area.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr double kScanMargin = 14, kGrab_px = 12, kLeastDrag_px = 8;

QPainterPath pathThrough(const std::vector<QPointF>& points) {
  QPainterPath path;
  for (size_t i = 0; i < points.size(); ++i) i == 0 ? path.moveTo(points[i]) : path.lineTo(points[i]);
  return path;
}

}  // namespace

ScanView::ScanView(QWidget* parent) : QWidget(parent) {
  setAcceptDrops(true);
  setMouseTracking(true);
  setMinimumSize(320, 300);
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setAccessibleName(tr("The scanned sheet"));
  setAccessibleDescription(
      tr("Page up and down go from one found thing to the next, Return takes it. F moves the foot. With a "
         "tool in "
         "hand, or after C, arrow keys move a cross, Space marks, Return ends."));
}

QRectF ScanView::room() const {
  const QRectF all = QRectF(rect()).adjusted(kScanMargin, kScanMargin, -kScanMargin, -kScanMargin);
  if (m_area.empty()) return all;
  const double s = std::min(all.width() / m_area.width(), all.height() / m_area.height());
  const QSizeF size(m_area.width() * s, m_area.height() * s);
  return QRectF(QPointF(all.center().x() - size.width() / 2, all.center().y() - size.height() / 2), size);
}

QPointF ScanView::toPixels(Point p) const {
  const QRectF r = room();
  return {r.left() + (p.x - m_area.left) * r.width() / m_area.width(),
          r.top() + (p.y - m_area.bottom) * r.height() / m_area.height()};
}

Point ScanView::fromPixels(QPointF p) const {
  const QRectF r = room();
  return {m_area.left + (p.x() - r.left()) * m_area.width() / r.width(),
          m_area.bottom + (p.y() - r.top()) * m_area.height() / r.height()};
}

void ScanView::showSheet(const QImage& picture, const Box& area, std::vector<Box> impressions, int chosen,
                         std::vector<bool> done) {
  m_picture = picture, m_area = area;
  m_done = std::move(done);
  m_impressions = std::move(impressions);
  m_chosen = chosen;
  m_traced.reset();
  update();
}

void ScanView::showImpression(const QImage& picture, const Box& area,
                              std::shared_ptr<const TracedStamp> traced, Point foot) {
  m_picture = picture, m_area = area;
  m_impressions.clear();
  if (m_traced != traced) m_at = -1;
  m_traced = std::move(traced);
  m_foot = foot;
  update();
}

void ScanView::clear() {
  m_picture = {};
  m_area = {};
  m_impressions.clear();
  m_traced.reset();
  update();
}

void ScanView::setTool(Tool tool) {
  m_tool = tool;
  m_marks.clear();
  m_cross.reset();
  m_dragging = false;
  setCursor(tool == Tool::Look ? Qt::ArrowCursor : Qt::CrossCursor);
  update();
}

void ScanView::drawTraced(QPainter& p) const {
  const TracedStamp& s = *m_traced;
  // The stamp frame onto the sheet: y up from its lower left corner.
  const QPointF origin = toPixels(s.lowerLeft), right = toPixels({s.lowerLeft.x + 1, s.lowerLeft.y});
  const double scale = right.x() - origin.x();
  p.save();
  p.setTransform(QTransform(scale, 0, 0, -scale, origin.x(), origin.y()), true);
  QColor veil = lightTheme().green;
  veil.setAlpha(52);
  const QPainterPath outline = pathOf(s.stamp.silhouette);
  p.fillPath(outline, veil);
  QPen edge(lightTheme().green, 2);
  edge.setCosmetic(true);
  p.setPen(edge);
  p.drawPath(outline);
  for (const EnclosedRegion& r : s.regions) {
    QPen dots(r.hole ? lightTheme().madder : lightTheme().green, 1.2, Qt::DotLine);
    dots.setCosmetic(true);
    if (r.area_mm2 < 2.5 && !r.hole) continue;
    p.setPen(dots);
    p.drawPath(pathOf(r.shape));
  }
  p.restore();
  drawOpenings(p);
  const QPointF foot = toPixels(m_foot);
  p.setPen(QPen(lightTheme().green, 1, Qt::DashLine));
  p.drawLine(QPointF(room().left(), foot.y()), QPointF(room().right(), foot.y()));
  drawMark(p, foot, 8, Mark::Here, lightTheme().green);
  p.setFont(labelFont(QFont::Bold));
  p.setPen(lightTheme().green);
  p.drawText(QRectF(room().right() - 120, foot.y() - 30, 114, 26), Qt::AlignRight | Qt::AlignBottom,
             tr("foot"));
}

/// Where the outline is open: a stroke over the gap, ringed so that it is found.
void ScanView::drawOpenings(QPainter& p) const {
  const QColor colour = lightTheme().ochre;
  for (const Opening& o : m_traced->openings) {
    const QPointF a = toPixels(o.a), b = toPixels(o.b);
    p.setPen(QPen(colour, 3, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(a, b);
    p.setPen(QPen(colour, 1.5));
    p.setBrush(Qt::NoBrush);
    const double r = std::max(9.0, std::hypot(a.x() - b.x(), a.y() - b.y()) / 2 + 6);
    p.drawEllipse((a + b) / 2, r, r);
  }
}

int ScanView::openingAt(QPointF pixel) const {
  if (!m_traced) return -1;
  for (size_t k = 0; k < m_traced->openings.size(); ++k) {
    const Opening& o = m_traced->openings[k];
    const QPointF away = (toPixels(o.a) + toPixels(o.b)) / 2 - pixel;
    if (std::hypot(away.x(), away.y()) < 12) return static_cast<int>(k);
  }
  return -1;
}

void ScanView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  const Theme& t = theme();
  p.fillRect(rect(), t.paper);
  p.setPen(QPen(t.rule, 1));
  p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
  if (m_picture.isNull()) {
    p.setPen(t.soft);
    p.setFont(bodyFont());
    p.drawText(rect().adjusted(30, 0, -30, 0), Qt::AlignCenter | Qt::TextWordWrap,
               tr("Stamp on plain paper, scan or photograph it, and drop the picture here."));
    return;
  }
  p.drawImage(room(), m_picture);
  for (size_t k = 0; k < m_impressions.size(); ++k) {
    const Box& b = m_impressions[k];
    const QRectF r = QRectF(toPixels({b.left, b.bottom}), toPixels({b.right, b.top})).adjusted(-4, -4, 4, 4);
    const bool here = static_cast<int>(k) == m_chosen;
    p.setPen(QPen(lightTheme().green, here ? 2.5 : 1.2, here ? Qt::SolidLine : Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(r, 4, 4);
    p.setFont(labelFont(QFont::Bold));
    p.setPen(lightTheme().green);
    p.drawText(r.topLeft() + QPointF(3, -3),
               k < m_done.size() && m_done[k] ? tr("%1, in the drawer").arg(k + 1) : QString::number(k + 1));
    if (k < m_done.size() && m_done[k]) {
      QColor veil = lightTheme().card;
      veil.setAlpha(150);
      p.fillRect(r.adjusted(1, 1, -1, -1), veil);
      drawMark(p, r.center(), 11, Mark::Fine, lightTheme().green);
    }
  }
  if (m_traced) drawTraced(p);
  if (m_cross) {
    const QPointF at = toPixels(*m_cross);
    for (const auto& [colour, wide] :
         {std::pair{lightTheme().card, 4.0}, std::pair{lightTheme().green, 1.8}}) {
      p.setPen(QPen(colour, wide));
      p.drawLine(at - QPointF(12, 0), at + QPointF(12, 0));
      p.drawLine(at - QPointF(0, 12), at + QPointF(0, 12));
    }
  }
  if (const auto all = items(); hasFocus() && m_at >= 0 && m_at < static_cast<int>(all.size())) {
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(lightTheme().green, 3));
    p.drawRoundedRect(all[ix(m_at)].place.adjusted(-5, -5, 5, 5), 5, 5);
  }
  std::vector<QPointF> marks;
  for (Point m : m_marks) marks.push_back(toPixels(m));
  if (!marks.empty()) {
    const QColor colour = m_tool == Tool::Remove ? lightTheme().madder : lightTheme().ochre;
    p.setPen(QPen(colour, 2));
    if (m_tool == Tool::Look) {
      p.drawRect(QRectF(marks.front(), marks.back()).normalized());
    } else {
      p.drawPath(pathThrough(marks));
    }
    if (m_tool == Tool::Length || m_tool == Tool::Corners)
      for (QPointF m : marks) p.drawEllipse(m, 5, 5);
  }
}

void ScanView::mousePressEvent(QMouseEvent* e) {
  if (m_picture.isNull() || e->button() != Qt::LeftButton) return;
  const Point at = fromPixels(e->position());
  if (m_tool == Tool::Corners) {
    m_marks.push_back(at);
    if (m_marks.size() == 4) Q_EMIT cornersMarked(m_marks);
    return update();
  }
  m_dragging = true;
  m_movingFoot = m_traced && m_tool == Tool::Look &&
                 std::hypot(toPixels(m_foot).x() - e->position().x(),
                            toPixels(m_foot).y() - e->position().y()) < kGrab_px;
  m_marks = {at};
}

void ScanView::mouseMoveEvent(QMouseEvent* e) {
  if (!m_dragging) return;
  const Point at = fromPixels(e->position());
  if (m_movingFoot) {
    m_foot = at;
    m_marks.clear();
  } else if (m_tool == Tool::Add || m_tool == Tool::Remove) {
    m_marks.push_back(at);
  } else {
    m_marks.resize(1);
    m_marks.push_back(at);
  }
  update();
}

void ScanView::mouseReleaseEvent(QMouseEvent* e) {
  if (!m_dragging) return;
  m_dragging = false;
  const Point at = fromPixels(e->position());
  if (m_movingFoot) {
    m_movingFoot = false;
    m_marks.clear();
    Q_EMIT footMoved(at);
    return;
  }
  const std::vector<Point> marks = std::exchange(m_marks, {});
  const QPointF from = toPixels(marks.empty() ? at : marks.front());
  const bool dragged = std::hypot(from.x() - e->position().x(), from.y() - e->position().y()) > kLeastDrag_px;
  if (m_tool == Tool::Length) {
    if (!dragged) return update();
    m_marks = {marks.front(), at};  // stays to be seen while its length is typed
    Q_EMIT lengthMarked(marks.front(), at);
  } else if (m_tool == Tool::Add || m_tool == Tool::Remove) {
    if (marks.size() > 2) Q_EMIT regionDrawn({Ring(marks.begin(), marks.end())}, m_tool == Tool::Add);
  } else if (m_traced) {
    const int opening = dragged ? -1 : openingAt(e->position());
    if (opening >= 0) {
      Q_EMIT openingClicked(opening);
    } else if (!dragged) {
      Q_EMIT regionClicked(at);
    }
  } else if (dragged) {
    Box area;
    area.include(marks.front());
    area.include(at);
    Q_EMIT areaChosen(area);
  } else {
    for (size_t k = 0; k < m_impressions.size(); ++k)
      if (m_impressions[k].grown(1).contains(at)) {
        Q_EMIT impressionChosen(static_cast<int>(k));
        break;
      }
  }
  update();
}

std::vector<ViewItem> ScanView::items() const {
  std::vector<ViewItem> out;
  const auto place = [&](const Box& b) {
    return QRectF(toPixels({b.left, b.bottom}), toPixels({b.right, b.top})).toAlignedRect();
  };
  if (!m_traced) {
    for (size_t k = 0; k < m_impressions.size(); ++k) {
      const bool done = k < m_done.size() && m_done[k];
      out.push_back({tr("Impression %1").arg(k + 1), done ? tr("in the drawer") : tr("not in the drawer yet"),
                     place(m_impressions[k]), static_cast<int>(k) == (m_at < 0 ? m_chosen : m_at)});
    }
    return out;
  }
  for (const Opening& o : m_traced->openings) {
    Box b;
    b.include(o.a), b.include(o.b);
    out.push_back({tr("Opening of the outline"), tr("%1 mm wide").arg(o.width_mm, 0, 'f', 1),
                   place(b.grown(1)), static_cast<int>(out.size()) == m_at});
  }
  for (const EnclosedRegion& r : m_traced->regions) {
    Box b;
    b.include(r.inside);
    out.push_back({r.hole ? tr("Hole") : tr("Filled part"), tr("%1 mm²").arg(r.area_mm2, 0, 'f', 1),
                   place(b.grown(1)), static_cast<int>(out.size()) == m_at});
  }
  return out;
}

void ScanView::takeItem(int item) {
  if (item < 0 || item >= static_cast<int>(items().size())) return;
  setFocus();
  m_at = item;
  if (!m_traced) return Q_EMIT impressionChosen(item);
  const int openings = static_cast<int>(m_traced->openings.size());
  item < openings ? Q_EMIT openingClicked(item)
                  : Q_EMIT regionClicked(m_traced->regions[ix(item - openings)].inside);
}

/// The cross, and what is marked with it.
void ScanView::markByKey(int key) {
  const Point at = *m_cross;
  if (key == Qt::Key_Escape) {
    m_cross.reset(), m_marks.clear();
  } else if (key == Qt::Key_Space) {
    m_marks.push_back(at);
    const bool two = m_tool == Tool::Length || m_tool == Tool::Look;
    if (two && m_marks.size() == 2) finishMarks(m_marks);
    if (m_tool == Tool::Corners && m_marks.size() == 4) Q_EMIT cornersMarked(m_marks);
  } else {
    finishMarks(m_marks);
  }
  update();
}

void ScanView::finishMarks(const std::vector<Point>& given) {
  const std::vector<Point> marks = given;
  if (m_tool == Tool::Length && marks.size() == 2) {
    Q_EMIT lengthMarked(marks[0], marks[1]);
  } else if ((m_tool == Tool::Add || m_tool == Tool::Remove) && marks.size() > 2) {
    m_marks.clear(), m_cross.reset();
    Q_EMIT regionDrawn({Ring(marks.begin(), marks.end())}, m_tool == Tool::Add);
  } else if (m_tool == Tool::Look && !m_traced && marks.size() == 2) {
    m_marks.clear(), m_cross.reset();
    Box area;
    area.include(marks[0]), area.include(marks[1]);
    Q_EMIT areaChosen(area);
  }
}

void ScanView::keyPressEvent(QKeyEvent* e) {
  const double step = e->modifiers() & Qt::ShiftModifier ? 0.1 : 1;
  const Point by = e->key() == Qt::Key_Left    ? Point{-step, 0}
                   : e->key() == Qt::Key_Right ? Point{step, 0}
                   : e->key() == Qt::Key_Up    ? Point{0, -step}
                   : e->key() == Qt::Key_Down  ? Point{0, step}
                                               : Point{};
  const bool arrow = !(by == Point{});
  const int n = static_cast<int>(items().size());
  if (!m_picture.isNull() && (m_tool != Tool::Look || e->key() == Qt::Key_C || m_cross)) {
    if (!m_cross) m_cross = m_area.centre();
    if (arrow) m_cross = *m_cross + by;
    if (e->key() == Qt::Key_Space || e->key() == Qt::Key_Return || e->key() == Qt::Key_Escape)
      return markByKey(e->key());
    if (arrow || e->key() == Qt::Key_C) return update();
  }
  if (m_traced && e->key() == Qt::Key_F) {
    m_movingFoot = !m_movingFoot;
    if (m_movingFoot) announce(this, tr("The foot: arrow keys move it"));
    return update();
  }
  if (m_movingFoot && arrow) {
    m_foot = m_foot + by;
    return Q_EMIT footMoved(m_foot);
  }
  const bool down = e->key() == Qt::Key_PageDown, up = e->key() == Qt::Key_PageUp;
  if (n > 0 && (down || up)) {
    m_at = m_at < 0 ? (down ? 0 : n - 1) : (m_at + (down ? 1 : n - 1)) % n;
    itemFocused(this, m_at);
    return update();
  }
  if (e->key() == Qt::Key_Return && m_at >= 0) return takeItem(m_at);
  QWidget::keyPressEvent(e);
}

void ScanView::dragEnterEvent(QDragEnterEvent* e) {
  if (e->mimeData()->hasUrls()) e->acceptProposedAction();
}

void ScanView::dropEvent(QDropEvent* e) {
  for (const QUrl& url : e->mimeData()->urls())
    if (url.isLocalFile()) {
      e->acceptProposedAction();
      Q_EMIT dropped(url.toLocalFile());
      return;
    }
}

}  // namespace havlo
