// One green: what is to be done. The measures are tags at the ends of lines to the left and lower edge.
#include "app/make/make_view.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/theme/theme.h"
#include "core/card/card_fit.h"
#include "core/handwork/colouring.h"
#include "core/handwork/letters.h"
#include "io/art/shape_path.h"
#include "io/wording/step_words.h"

namespace havlo {

MakeView::MakeView(QWidget* parent) : QWidget(parent) { setAccessibleName(tr("The card at this step")); }

void MakeView::showStep(const Bench* bench, int place, const QImage& picture, MeasureStyle style) {
  m_bench = bench, m_place = place, m_picture = picture, m_style = style;
  m_near = {};
  update();
}

void MakeView::showNear(QImage picture) {
  m_near = std::move(picture);
  update();
}

void MakeView::showWhole(QImage picture) {
  m_whole = std::move(picture);
  update();
}

void MakeView::paintGlued(QPainter& p, const QRectF& card) const {
  if (m_whole.isNull()) return;
  const Plan& plan = m_bench->plan();
  const double scale = card.width() / plan.card.panel.width_mm;
  const QTransform toCard(scale, 0, 0, -scale, card.left(), card.bottom());
  const auto shapeOnCard = [&](const Step& step) {
    const bool on = (step.what == Do::Glue || step.what == Do::Attach) && step.paper >= 0 &&
                    factsOf(plan.pieces[ix(step.paper)].kind).onFace;
    return on ? toCard.map(pathOf(havlo::onCard(plan.pieces[ix(step.paper)]))) : QPainterPath();
  };
  const std::vector<Step>& steps = m_bench->analysis().sheet.steps;
  const auto before = ix(m_bench->sheetIndex(m_place));
  QPainterPath later;  // what is to come hides nothing yet
  for (size_t k = before; k < steps.size(); ++k) later += shapeOnCard(steps[k]);
  p.save();
  for (size_t k = 0; k < before; ++k) {
    const QPainterPath shape = shapeOnCard(steps[k]);
    if (shape.isEmpty()) continue;
    p.setClipRect(card);
    p.fillPath(shape, colourOf(plan.pieces[ix(steps[k].paper)].paper.colour));
    p.setClipPath(shape.subtracted(later), Qt::IntersectClip);
    p.drawImage(card, m_whole);
  }
  p.restore();
}

void MakeView::paintFinished(QPainter& p) const {
  const Plan& plan = m_bench->plan();
  const std::vector<Layer> layers = fitCard(plan).layers;
  Box all = plan.card.panel.box();
  for (const Layer& l : layers) {
    all.include({l.box.left, l.box.bottom});
    all.include({l.box.right, l.box.top});
  }
  constexpr double kMargin = 10;  // px
  const double scale =
      std::min((width() - 2 * kMargin) / all.width(), (height() - 2 * kMargin) / all.height());
  const QPointF centre = rect().toRectF().center();
  const auto px = [&](const Box& b) {
    return QRectF(centre.x() + (b.left - all.centre().x) * scale,
                  centre.y() - (b.top - all.centre().y) * scale, b.width() * scale, b.height() * scale);
  };
  p.setPen(QPen(theme().rule, 1.2));
  for (auto l = layers.rbegin(); l != layers.rend(); ++l) {
    p.setBrush(
        colourOf(l->what == Layer::What::Mat ? plan.card.mats[ix(l->mat)].colour : plan.card.paper.colour));
    p.drawRect(px(l->box));
  }
  const QRectF panel = px(plan.card.panel.box());
  const QImage& face = m_whole.isNull() ? m_picture : m_whole;
  if (!face.isNull())
    p.drawImage(panel, face.scaled((panel.size() * devicePixelRatioF()).toSize(), Qt::IgnoreAspectRatio,
                                   Qt::SmoothTransformation));
  p.setBrush(Qt::NoBrush);
  p.drawRect(panel);
}

Box MakeView::nearOf(const Step& step) const {
  Box box;
  const Analysis& a = m_bench->analysis();
  for (int h : step.hand) {
    const HandWork& work = a.hand->all()[ix(h)];
    if (work.box.empty()) continue;
    box.include({work.box.left, work.box.bottom}), box.include({work.box.right, work.box.top});
    if (work.act.on >= 0)
      for (const Ring& ring : a.meetings.placed[ix(work.act.on)]->silhouette)
        for (Point p : ring) box.include(p);
  }
  return box.common(m_bench->plan().card.panel.box());
}

void MakeView::paintByHand(QPainter& p, const Step& step, const Box& near) const {
  const Plan& plan = m_bench->plan();
  const Analysis& a = m_bench->analysis();
  const Theme onCard = lightTheme();
  const double margin = 14;
  const double whole = std::min((width() - 2 * margin) / plan.card.panel.width_mm,
                                (height() - 2 * margin) / plan.card.panel.height_mm);
  const double scale = std::clamp(0.8 * std::min((width() - 2 * margin) / std::max(1.0, near.width()),
                                                 (height() - 2 * margin) / std::max(1.0, near.height())),
                                  whole, 6 * whole);
  const Point middle = near.centre();
  const QTransform toView(scale, 0, 0, -scale, width() / 2.0 - middle.x * scale,
                          height() / 2.0 + middle.y * scale);
  const QRectF card = toView.mapRect(QRectF(0, 0, plan.card.panel.width_mm, plan.card.panel.height_mm));
  p.fillRect(card, onCard.card);
  if (const QImage& shown = m_near.isNull() ? m_picture : m_near; !shown.isNull()) p.drawImage(card, shown);
  p.setPen(QPen(theme().rule, 1.2));
  p.setBrush(Qt::NoBrush);
  p.drawRect(card);
  const auto& ticked = m_bench->made(m_place).ticked;
  const double r = 13 * textScale();
  std::vector<QPointF> taken;
  for (size_t k = 0; k < step.hand.size(); ++k) {
    const HandWork& work = a.hand->all()[ix(step.hand[k])];
    Point at = work.box.centre();
    if (work.act.kind == ByHand::Colour && work.act.on >= 0) {
      const StampRegions& regions = *a.regions[ix(a.stampOf[ix(work.act.on)])];
      const std::vector<int> parts = partsOf(plan, plan.colourings[ix(work.act.index)], regions);
      if (!parts.empty())
        at = a.meetings.placed[ix(work.act.on)]->placing.toPanel(regions.all()[ix(parts.front())].at);
    }
    if (work.act.kind == ByHand::Line) {
      const HandLine& line = plan.lines[ix(work.act.index)];
      QPainterPath path;
      const auto stroke = [&](const std::vector<Point>& along) {
        for (size_t n = 0; n < along.size(); ++n) {
          const QPointF q = toView.map(QPointF(along[n].x, along[n].y));
          n == 0 ? path.moveTo(q) : path.lineTo(q);
        }
      };
      stroke(line.along);
      p.setPen(QPen(onCard.card, 5));
      p.drawPath(path);
      p.setPen(QPen(onCard.green, line.text.empty() ? 2.4 : 1.2));
      p.drawPath(path);
      path.clear();
      for (const auto& letter : letteringStrokes(line)) stroke(letter);
      p.setPen(QPen(onCard.green, 2.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
      p.drawPath(path);
    }
    if (work.act.kind == ByHand::Accent || work.act.kind == ByHand::Lift) {
      const bool lift = work.act.kind == ByHand::Lift;
      const double size =
          lift ? plan.lifts[ix(work.act.index)].size_mm : plan.accents[ix(work.act.index)].size_mm;
      p.setPen(QPen(onCard.green, 2));
      p.setBrush(Qt::NoBrush);
      for (Point q : lift ? plan.lifts[ix(work.act.index)].at : plan.accents[ix(work.act.index)].at)
        p.drawEllipse(toView.map(QPointF(q.x, q.y)), std::max(3.0, size / 2 * scale),
                      std::max(3.0, size / 2 * scale));
      if (!lift && step.hand.size() == 1) continue;
    }
    // Numbers do not lie on one another.
    QPointF where = toView.map(QPointF(at.x, at.y));
    for (int tries = 0; tries < 12; ++tries) {
      const bool clash = std::any_of(taken.begin(), taken.end(),
                                     [&](QPointF q) { return QLineF(q, where).length() < 2 * r; });
      if (!clash) break;
      where += QPointF(0, r);
    }
    taken.push_back(where);
    const bool done = k < ticked.size() && ticked[k];
    const Colour ink = work.ink >= 0 ? plan.inks[ix(work.ink)].colour : Colour{0x60, 0x60, 0x60};
    p.setPen(QPen(onCard.card, 3));
    p.setBrush(done ? onCard.card : colourOf(ink));
    p.drawEllipse(where, r, r);
    p.setPen(QPen(done ? onCard.green : colourOf(ink), 2));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(where, r, r);
    const bool dark = 0.3 * ink.red + 0.59 * ink.green + 0.11 * ink.blue < 150;
    p.setPen(done ? onCard.green : dark ? onCard.card : onCard.ink);
    p.setFont(sizedFont(15, QFont::Bold));
    p.drawText(QRectF(where.x() - r, where.y() - r, 2 * r, 2 * r), Qt::AlignCenter,
               done ? QStringLiteral("✓") : QString::number(k + 1));
  }
}

void MakeView::paintEvent(QPaintEvent*) {
  if (!m_bench) return;
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  if (m_bench->finished()) return paintFinished(p);
  if (const Step& now = m_bench->step(m_place); !now.hand.empty())
    if (const Box near = nearOf(now); !near.empty()) return paintByHand(p, now, near);
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
  paintGlued(p, card);
  p.setPen(QPen(t.rule, 1.2));
  p.setBrush(Qt::NoBrush);
  p.drawRect(card);

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
    case Do::Glue:
      if (step.impression >= 0) drawOut(silhouette(step.impression));
      if (step.paper >= 0 && factsOf(plan.pieces[ix(step.paper)].kind).onFace)
        drawOut(havlo::onCard(plan.pieces[ix(step.paper)]));
      break;
    case Do::Emboss:
    case Do::Wipe:
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
  const bool measured =
      step.impression >= 0 && ((step.what == Do::Stamp && !step.piece) || step.what == Do::Attach);
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
