// How the card face is drawn: the picture, what the view says of it, and what is chosen.
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/common/lay_down.h"
#include "app/face/face_note.h"
#include "app/face/face_view.h"
#include "app/theme/theme.h"
#include "io/art/shape_path.h"
#include "io/wording/eye_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

/// Bent over what it turns, with a head at both ends. @param up  from the foot of that to its head
QPainterPath bentArrow(QPointF at, QPointF up) {
  constexpr double kRadius = 9, kEnd_deg = 20, kBarb_px = 4.6, kBarb_deg = 38;
  QPainterPath out;
  const QRectF circle(-kRadius, -kRadius / 2, 2 * kRadius, 2 * kRadius);
  out.arcMoveTo(circle, kEnd_deg);
  const QPointF right = out.currentPosition();
  out.arcTo(circle, kEnd_deg, 180 - 2 * kEnd_deg);
  for (const double side : {1.0, -1.0})
    for (const double barb_deg : {-kBarb_deg, kBarb_deg}) {
      const double back = qDegreesToRadians(kEnd_deg + 90 + barb_deg);  // the way the arc came from
      out.moveTo(side * right.x(), right.y());
      out.lineTo(out.currentPosition() + kBarb_px * QPointF(side * std::cos(back), -std::sin(back)));
    }
  return QTransform()
      .translate(at.x(), at.y())
      .rotate(qRadiansToDegrees(std::atan2(up.x(), -up.y())))
      .map(out);
}

}  // namespace

void FaceView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const FaceGeometry g = geometryNow();
  const QRectF face = g.face();
  paintTable(p, face.toAlignedRect());
  paintPicture(p, face);
  p.setPen(QPen(theme().rule, 1));
  p.drawRect(face);
  const int selected = m_session.selectedIndex();
  p.save();
  p.setClipRect(face);
  m_overlay.paintBelow(p, g);
  paintViewpoint(p, g);
  if (selected >= 0 && !m_session.severalChosen()) paintBand(p, g, selected);
  p.restore();
  if (m_hover >= 0 && m_hover != selected && m_hover < static_cast<int>(m_session.plan().impressions.size()))
    paintOutline(p, g, m_hover, QPen(theme().green, 1, Qt::DotLine));
  if (m_pointPhase % 4 < 2 && m_pointTimer.isActive())
    for (int i : m_pointedOut)
      if (i < static_cast<int>(m_session.plan().impressions.size()))
        paintOutline(p, g, i, QPen(theme().ochre, 3));
  paintRulers(p, g);
  m_overlay.paintAbove(p, g);
  for (const int i : m_session.chosenIndices())
    if (i != selected) paintOutline(p, g, i, QPen(lightTheme().green, 1.6));
  for (const QString& id : m_kept)
    if (const int i = m_session.plan().indexOf(id.toStdString()); i >= 0)
      paintOutline(p, g, i, QPen(lightTheme().green, 2.6, Qt::DotLine));
  if (selected >= 0) paintSelected(p, g, selected);
  if (selected >= 0 && !m_session.severalChosen()) paintTags(p, g, selected);
  if (const auto handles = handlesOf(m_session, m_row, g);
      m_handle >= 0 && m_handle < static_cast<int>(handles.size())) {
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(lightTheme().card, 5));
    p.drawEllipse(handles[ix(m_handle)].at, 11, 11);
    p.setPen(QPen(lightTheme().green, 2.4));
    p.drawEllipse(handles[ix(m_handle)].at, 11, 11);
    drawNote(p, handles[ix(m_handle)].at + QPointF(-noteWidth(handles[ix(m_handle)].tip) - 14, -22),
             handles[ix(m_handle)].tip, height() - 2);
  }
  if (m_drag) m_drag->paint(p, g);
  if (m_session.plan().impressions.empty()) paintEmpty(p, g);
  if (hasFocus() && selected < 0) {
    p.setPen(QPen(theme().green, 1, Qt::DashLine));
    p.drawRect(face.adjusted(-4, -4, 4, 4));
  }
}

/// What the card does not lie on, and its shade there, in colours that hide what was: Qt hands translucent
/// areas of many lines to threads of its own, and the window waits for them.
void FaceView::paintTable(QPainter& p, const QRect& face) const {
  const QColor table = palette().color(QPalette::Window);
  for (const QRect& r : QRegion(rect()) - face.adjusted(2, 2, -2, -2)) p.fillRect(r, table);
  const QColor shade = mixed(table, Qt::black, theme().dark ? 0.35 : 0.11);
  p.fillRect(QRect(face.left() + face.width(), face.top() + 3, 2, face.height()), shade);
  p.fillRect(QRect(face.left() + 2, face.top() + face.height(), face.width() - 2, 3), shade);
}

void FaceView::paintPicture(QPainter& p, const QRectF& face) const {
  if (m_picture.isNull()) {
    const Colour c = m_session.plan().card.paper.colour;
    p.fillRect(face, colourOf(c));
  } else {
    layDown(p, face, m_picture);
  }
}

void FaceView::paintEmpty(QPainter& p, const FaceGeometry& g) const {
  p.setFont(bodyFont());
  p.setPen(QColor(0x56, 0x62, 0x6a));
  // In the sky, where no line crosses the words.
  QRectF sky = g.face();
  if (m_session.plan().view)
    sky.setBottom(std::max(sky.top() + 40, g.toPixels({0, m_session.plan().view->horizon_mm}).y() - 24));
  p.drawText(sky.adjusted(12, 8, -12, 0), Qt::AlignCenter | Qt::TextWordWrap,
             tr("The card is empty. Put a first stamp on it: it comes to where its size is right."));
}

void FaceView::paintOutline(QPainter& p, const FaceGeometry& g, int i, QPen pen) const {
  p.setPen(pen);
  p.setBrush(Qt::NoBrush);
  p.drawPath(g.transform().map(pathOf(m_session.scene()->meetings.placed[ix(i)]->silhouette)));
}

void FaceView::paintRulers(QPainter& p, const FaceGeometry& g) const {
  const bool inches = m_session.units() == MeasureStyle::Inches;
  const double step = inches ? kMmPerInch / 4 : 5;
  // As close as its numbers can be read.
  const QFontMetricsF font(labelFont());
  const double room =
      std::max(shapedText(QStringLiteral("000"), labelFont()).size().width() + 8, font.height());
  int longEvery = inches ? 4 : 2;
  for (const int by : {2, 5, 10}) {
    const double apart = longEvery * step * g.scale;
    if (apart >= room) break;
    longEvery = (inches ? 4 : 2) * by;
  }
  p.setFont(labelFont());
  p.setPen(QPen(theme().soft, 1));
  const QRectF face = g.face();
  const double gap = 5;
  for (int k = 0; k * step <= g.width_mm + 1e-6; ++k) {
    const double x = g.toPixels({k * step, 0}).x();
    const bool big = k % longEvery == 0;
    p.drawLine(QPointF(x, face.bottom() + gap), QPointF(x, face.bottom() + gap + (big ? 6 : 3)));
    if (big)
      drawShaped(p, QRectF(x - 30, face.bottom() + gap + 6, 60, font.height()),
                 QString::number(inches ? k / 4 : k * 5), labelFont());
  }
  for (int k = 0; k * step <= g.height_mm + 1e-6; ++k) {
    const double y = g.toPixels({0, k * step}).y();
    const bool big = k % longEvery == 0;
    p.drawLine(QPointF(face.left() - gap, y), QPointF(face.left() - gap - (big ? 6 : 3), y));
    if (!big) continue;
    const QString number = QString::number(inches ? k / 4 : k * 5);
    const double wide = shapedText(number, labelFont()).size().width();
    drawShaped(p, QRectF(face.left() - gap - 8 - wide, y - font.height() / 2, wide, font.height()), number,
               labelFont());
  }
}

void FaceView::paintViewpoint(QPainter& p, const FaceGeometry& g) const {
  if (!m_session.plan().view) return;
  const View& view = *m_session.plan().view;
  // Over the card's own paper the light theme's inks are used, also on the dark ground.
  const Theme onCard = lightTheme();
  const double y = g.toPixels({0, view.horizon_mm}).y();
  p.setPen(QPen(onCard.green, 1, Qt::DashLine));
  p.drawLine(QPointF(g.face().left(), y), QPointF(g.face().right(), y));
  const QPointF vanish = g.toPixels({vanishX(view, g.width_mm), view.horizon_mm});
  p.setBrush(onCard.card);
  p.setPen(QPen(onCard.green, 1.5));
  p.drawEllipse(vanish, 3.5, 3.5);
  const double above = QFontMetricsF(labelFont()).height() + 3;
  drawNote(p, {g.face().left() + 6, y - above}, tr("horizon, eyes at %1").arg(metresText(view.eyeHeight_m)),
           g.face().bottom() - 2);
}

void FaceView::paintBand(QPainter& p, const FaceGeometry& g, int selected) const {
  const auto scale = readScale(m_session.plan(), selected);
  if (!scale) return;
  const Theme onCard = lightTheme();
  const QRectF face = g.face();
  const double top = g.toPixels({0, scale->band.high_mm}).y(),
               bottom = g.toPixels({0, scale->band.low_mm}).y();
  const QRectF band(face.left(), top, face.width(), std::max(2.0, bottom - top));
  QColor fill = onCard.green;
  fill.setAlpha(34);
  p.fillRect(band, fill);
  p.setPen(QPen(onCard.green, 1, Qt::DotLine));
  p.drawLine(band.topLeft(), band.topRight());
  p.drawLine(band.bottomLeft(), band.bottomRight());
  // Beside the foot, where the line of its measure does not cross the words.
  const QString words = tr("%1 may stand in this band").arg(nameOf(m_session.plan(), selected));
  const QFontMetricsF font(labelFont());
  const double foot = g.toPixels(m_session.scene()->meetings.placed[ix(selected)]->at).x() + 24;
  const bool room = face.right() - foot > font.horizontalAdvance(words) + 12;
  drawNote(p, {room ? foot : face.left() + 6, room ? band.center().y() - font.height() / 2 : band.top() + 2},
           words, face.bottom() - 2);
}

void FaceView::paintSelected(QPainter& p, const FaceGeometry& g, int selected) const {
  const Theme onCard = lightTheme();
  paintOutline(p, g, selected, QPen(onCard.green, 1.8));
  const Placed& placed = *m_session.scene()->meetings.placed[ix(selected)];
  const QPointF foot = g.toPixels(placed.at);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(onCard.green, 2));
  p.drawEllipse(foot, 6, 6);
  p.drawPoint(foot);
  const QPointF handle = turnHandle(selected);
  const QPainterPath turn = bentArrow(handle, handle - foot);
  p.setPen(QPen(onCard.card, 4.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  p.drawPath(turn);
  p.setPen(QPen(onCard.green, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  p.drawPath(turn);
  // Held in place: a pin through the foot.
  if (m_session.aside().held.contains(
          QString::fromStdString(m_session.plan().impressions[ix(selected)].id))) {
    p.setBrush(onCard.green);
    p.drawEllipse(foot, 3, 3);
    p.drawLine(foot + QPointF(0, 3), foot + QPointF(0, 15));
  }
  if (m_session.severalChosen()) return;
  paintContacts(p, g, selected);
  paintEyeMark(p, g, selected);
}

/// An open wedge under a perch, a hook at a hand, a bar where it rests or grows.
void FaceView::paintContacts(QPainter& p, const FaceGeometry& g, int selected) const {
  const Theme onCard = lightTheme();
  const Placed& placed = *m_session.scene()->meetings.placed[ix(selected)];
  const Impression& chosen = m_session.plan().impressions[ix(selected)];
  const Stamp& stamp = *m_session.plan().stamp(chosen.stamp);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(onCard.ochre, 1.8));
  for (const Contact& c : stamp.contacts) {
    const QPointF at = g.toPixels(placed.placing.toPanel(c.at));
    switch (c.kind) {
      case ContactKind::Perch:
        p.drawPolyline(QPolygonF{{at + QPointF(-6, -5), at, at + QPointF(6, -5)}});
        break;
      case ContactKind::Hand:
        p.drawArc(QRectF(at - QPointF(4, 4), QSizeF(8, 8)), 180 * 16, 270 * 16);
        break;
      case ContactKind::Underside:
        p.drawLine(at - QPointF(6, 0), at + QPointF(6, 0));
        break;
      case ContactKind::Start:
        p.drawLine(at - QPointF(0, 6), at + QPointF(0, 6));
        break;
    }
  }
}

/// The horizon crosses every standing thing where the viewer's eyes would be on it.
void FaceView::paintEyeMark(QPainter& p, const FaceGeometry& g, int selected) const {
  const Theme onCard = lightTheme();
  const QPointF foot = g.toPixels(m_session.scene()->meetings.placed[ix(selected)]->at);
  const Impression& thing = m_session.plan().impressions[ix(selected)];
  if (m_session.plan().view && std::holds_alternative<OnGround>(thing.depth) &&
      thing.at.y < m_session.plan().view->horizon_mm) {
    const QPointF eye = g.toPixels({thing.at.x, m_session.plan().view->horizon_mm});
    p.setPen(QPen(onCard.green, 1.2, Qt::DotLine));
    p.drawLine(foot, eye);
    p.setPen(QPen(onCard.green, 1.5));
    p.setBrush(onCard.card);
    QPainterPath lid;
    lid.moveTo(eye - QPointF(9, 0));
    lid.quadTo(eye - QPointF(0, 9), eye + QPointF(9, 0));
    lid.quadTo(eye + QPointF(0, 9), eye - QPointF(9, 0));
    p.drawPath(lid);
    p.setBrush(onCard.green);
    p.drawEllipse(eye, 2.4, 2.4);
  }
}

void FaceView::paintTags(QPainter& p, const FaceGeometry& g, int selected) const {
  const Point at = m_session.plan().impressions[ix(selected)].at;
  const QPointF foot = g.toPixels(at);
  const QRectF left = tag(Qt::Vertical), below = tag(Qt::Horizontal);
  p.setPen(QPen(theme().green, 1));
  p.drawLine(QPointF(foot.x(), foot.y() + 6), QPointF(foot.x(), below.top()));
  p.drawLine(QPointF(left.right(), foot.y()), QPointF(foot.x() - 6, foot.y()));
  p.setFont(labelFont(QFont::DemiBold));
  for (const auto& [box, mm] : {std::pair{below, at.x}, std::pair{left, at.y}}) {
    p.setPen(Qt::NoPen);
    p.setBrush(theme().green);
    p.drawRoundedRect(box, 3, 3);
    p.setPen(theme().onGreen);
    p.drawText(box, Qt::AlignCenter, measureWords(mm));
  }
}

}  // namespace havlo
