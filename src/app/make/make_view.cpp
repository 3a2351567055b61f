// One green: what is to be done. The measures are tags at the ends of lines to the left and lower edge.
#include "app/make/make_view.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/theme/theme.h"
#include "io/art/shape_path.h"
#include "io/wording/step_words.h"

namespace havlo {

MakeView::MakeView(QWidget* parent) : QWidget(parent) { setAccessibleName(tr("The card at this step")); }

void MakeView::showStep(const Bench* bench, int place, const QImage& picture, MeasureStyle style) {
  m_bench = bench, m_place = place, m_picture = picture, m_style = style;
  update();
}

void MakeView::paintEvent(QPaintEvent*) {
  if (!m_bench) return;
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const Theme& t = theme();
  const Plan& plan = m_bench->plan();
  const QFont tagFont = sizedFont(17, QFont::Bold);
  const QFontMetricsF metrics(tagFont);
  const double tagHeight = metrics.height() + 8,
               tagRoom = metrics.horizontalAdvance(QStringLiteral("10 15/16 in")) + 20;
  const double left = tagRoom * 0.62, below = tagHeight + 6;
  const double sx = (width() - left - 8) / plan.card.panel.width_mm,
               sy = (height() - below - 8) / plan.card.panel.height_mm;
  const double scale = std::min(sx, sy);
  const QRectF card(left + (width() - left - 8 - scale * plan.card.panel.width_mm) / 2, 4,
                    scale * plan.card.panel.width_mm, scale * plan.card.panel.height_mm);
  p.fillRect(card, lightTheme().card);
  if (!m_picture.isNull())
    p.drawImage(card, m_picture.scaled((card.size() * devicePixelRatioF()).toSize(), Qt::IgnoreAspectRatio,
                                       Qt::SmoothTransformation));
  p.setPen(QPen(t.rule, 1.2));
  p.drawRect(card);
  if (m_bench->finished()) return;

  const auto onCard = [&](Point q) {
    return QPointF(card.left() + q.x * scale, card.bottom() - q.y * scale);
  };
  QTransform toCard(scale, 0, 0, -scale, card.left(), card.bottom());
  const Step& step = m_bench->step(m_place);
  const QColor green = lightTheme().green;
  const auto drawOut = [&](const Rings& shape) {
    p.save();
    p.setClipRect(card);
    const QPainterPath path = toCard.map(pathOf(shape));
    QColor veil = green;
    veil.setAlpha(46);
    p.fillPath(path, veil);
    p.setPen(QPen(lightTheme().card, 4));
    p.drawPath(path);
    p.setPen(QPen(green, 2.2));
    p.drawPath(path);
    p.restore();
  };
  const Analysis& a = m_bench->analysis();
  const auto silhouette = [&](int i) -> const Rings& { return a.meetings.placed[ix(i)]->silhouette; };
  switch (step.what) {
    case Do::Stamp:
    case Do::Attach:
    case Do::Dry:
    case Do::Cut:
      if (step.impression >= 0) drawOut(silhouette(step.impression));
      break;
    case Do::Colour:
    case Do::Accent:
    case Do::Lift:
      if (step.impression >= 0) drawOut(silhouette(step.impression));
      break;
    case Do::Emboss:
    case Do::Draw:
      for (int i : step.things) drawOut(silhouette(i));
      break;
    case Do::MaskOn:
    case Do::MaskOff:
    case Do::Tape:
      for (const Cover& c : step.covers) drawOut(silhouette(c.impression));
      if (step.covers.empty() && step.impression >= 0) drawOut(silhouette(step.impression));
      break;
    case Do::Wash:
      drawOut(a.washes.reached[ix(step.wash)]);
      break;
    default:
      break;
  }
  const bool measured = (step.what == Do::Stamp && !step.piece) || step.what == Do::Attach;
  if (!measured) return;
  const Point at = plan.impressions[ix(step.impression)].at;
  const QPointF foot = onCard(at);
  p.setPen(QPen(green, 1.6, Qt::DashLine));
  const QPointF toLeft(card.left(), std::clamp(foot.y(), card.top(), card.bottom()));
  const QPointF toBottom(std::clamp(foot.x(), card.left(), card.right()), card.bottom());
  p.drawLine(foot, toLeft);
  p.drawLine(foot, toBottom);
  p.setPen(QPen(green, 2.6));
  p.setBrush(lightTheme().card);
  p.drawEllipse(foot, 7, 7);
  p.setFont(tagFont);
  const auto tag = [&](QRectF box, const QString& text) {
    p.setPen(Qt::NoPen);
    p.setBrush(t.green);
    p.drawRoundedRect(box, 4, 4);
    p.setPen(t.onGreen);
    p.drawText(box, Qt::AlignCenter, text);
  };
  const double more = step.what == Do::Attach ? 0 : plan.card.trim_mm;  // measured on the untrimmed sheet
  const Box panel = plan.card.panel.box().grown(more);
  const bool fine = holds(plan, step.impression);
  const auto ruler = [&](double mm) { return fine ? fineMeasure(mm, m_style) : tableMeasure(mm, m_style); };
  const bool upInside = at.y >= panel.bottom && at.y <= panel.top;
  const bool alongInside = at.x >= panel.left && at.x <= panel.right;
  const QString up = upInside ? ruler(at.y + more) : upWords(at.y + more, panel.height(), m_style, fine);
  const QString along =
      alongInside ? ruler(at.x + more) : alongWords(at.x + more, panel.width(), m_style, fine);
  const double upWidth = metrics.horizontalAdvance(up) + 18,
               alongWidth = metrics.horizontalAdvance(along) + 18;
  tag(QRectF(std::max(0.0, card.left() - upWidth * 0.75),
             std::clamp(toLeft.y() - tagHeight / 2, 0.0, height() - tagHeight), upWidth, tagHeight),
      up);
  tag(QRectF(std::clamp(toBottom.x() - alongWidth / 2, 0.0, std::max(0.0, width() - alongWidth)),
             card.bottom() - tagHeight * 0.25, alongWidth, tagHeight),
      along);
}

}  // namespace havlo
