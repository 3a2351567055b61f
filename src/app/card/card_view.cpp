#include "app/card/card_view.h"

#include <QCoreApplication>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/edit/card_edits.h"
#include "core/edit/piece_edits.h"
#include "core/outline/shared_area.h"
#include "core/pieces/heights.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/card_words.h"
#include "io/wording/piece_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kMargin = 44;  // px for measures around a drawing

/// A measure on a line between two ends, with short end strokes; the words stand clear of the line.
void drawMeasure(QPainter& p, QPointF a, QPointF b, const QString& text) {
  const Theme& t = theme();
  const bool upright = std::abs(a.x() - b.x()) < 0.5;
  p.setPen(QPen(t.soft, 1));
  p.drawLine(a, b);
  const QPointF end = upright ? QPointF(4, 0) : QPointF(0, 4);
  for (QPointF q : {a, b}) p.drawLine(q - end, q + end);
  p.setFont(labelFont());
  const QFontMetricsF m(labelFont());
  const double w = m.horizontalAdvance(text) + 8, h = m.height();
  const QPointF c = (a + b) / 2;
  p.save();
  p.translate(c);
  if (upright) p.rotate(-90);
  const QRectF box(-w / 2, -h / 2, w, h);
  p.fillRect(box, t.ground);
  p.setPen(t.ink);
  p.drawText(box, Qt::AlignCenter, text);
  p.restore();
}

}  // namespace

CardView::CardView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent), m_session(session), m_art(std::move(art)), m_job(new Job<QImage>(this)) {
  setAccessibleName(tr("The card drawn to scale"));
  setMouseTracking(true);
  setToolTip(
      tr("Drag a mat's or the base's rim to say how much of it shows; with Shift what lies on it goes "
         "off-centre."));
  connect(&session, &PlanSession::planChanged, this, &CardView::planChanged);
  connect(&session, &PlanSession::unitsChanged, this, [this] { update(); });
  planChanged();
}

void CardView::planChanged() {
  m_fit = fitCard(m_session.plan());
  m_stale = true;
  QStringList spoken;
  for (const Layer& l : m_fit.layers)
    spoken << layerName(m_session.plan(), l) + u' ' +
                  sizeWords(l.box.width(), l.box.height(), m_session.units());
  setAccessibleDescription(spoken.join(QStringLiteral("; ")));
  if (isVisible()) makePicture();
  update();
}

void CardView::showEvent(QShowEvent*) {
  if (m_stale) makePicture();
}

void CardView::makePicture() {
  m_stale = false;
  m_job->run(
      [plan = m_session.snapshot(), analysis = m_session.analysis(), art = m_art](const Progress&) {
        constexpr double kDpi = 90, kMost_px = 6e5;
        return intendedPicture(*plan, *analysis, *art, dpiWithin(plan->card.panel.box(), kDpi, kMost_px));
      },
      [this](QImage picture) {
        m_picture = std::move(picture);
        update();
      });
}

void CardView::beginWork() {
  if (m_stale) makePicture();
}

void CardView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  const Box outer = [&] {
    Box b = m_fit.work;
    for (const Layer& l : m_fit.layers)
      b.include({l.box.left, l.box.bottom}), b.include({l.box.right, l.box.top});
    return b;
  }();
  const bool opened = m_fit.baseSheetWidth_mm > 0;
  if (m_rim > 0) {
    drawFront(p, m_frontRoom, m_scale);
    if (opened) drawOpened(p, m_openedRoom, m_scale);
    return;
  }
  // Side by side when both are upright, below each other when the opened base is wide.
  const double w2 = m_fit.baseSheetWidth_mm, h2 = m_fit.baseSheetHeight_mm;
  const double across = (width() - 4 * kMargin) / (outer.width() + (opened ? w2 : 0)),
               high = (height() - 2 * kMargin) / std::max(outer.height(), opened ? h2 : 0);
  const double beside = std::min(across, high);
  const double stacked = opened ? std::min((height() - 4 * kMargin) / (outer.height() + h2),
                                           (width() - 2 * kMargin) / std::max(outer.width(), w2))
                                : 0;
  const bool below = stacked > beside;
  const double scale = std::max(0.05, below ? stacked : beside);
  if (!opened) {
    m_frontRoom = rect();
    m_scale = std::min((width() - 2 * kMargin) / outer.width(), (height() - 2 * kMargin) / outer.height());
    return drawFront(p, m_frontRoom, m_scale);
  }
  QRectF first = rect(), second = rect();
  if (below) {
    const double share =
        (outer.height() * scale + 2 * kMargin) / ((outer.height() + h2) * scale + 4 * kMargin);
    first.setHeight(height() * share);
    second.setTop(first.bottom());
  } else {
    const double share = (outer.width() * scale + 2 * kMargin) / ((outer.width() + w2) * scale + 4 * kMargin);
    first.setWidth(width() * share);
    second.setLeft(first.right());
  }
  m_frontRoom = first, m_openedRoom = second, m_scale = scale;
  drawFront(p, first, scale);
  drawOpened(p, second, scale);
}

QPointF CardView::toPixels(Point p) const {
  const double scale = m_face.width() / std::max(1.0, m_session.plan().card.panel.width_mm);
  return {m_face.left() + p.x * scale, m_face.bottom() - p.y * scale};
}

Point CardView::toPanel(QPointF p) const {
  const double scale = m_face.width() / std::max(1.0, m_session.plan().card.panel.width_mm);
  return {(p.x() - m_face.left()) / scale, (m_face.bottom() - p.y()) / scale};
}

/// The topmost piece there is taken; what is stamped on it comes along.
void CardView::mousePressEvent(QMouseEvent* e) {
  m_dragged = -1;
  if (e->button() != Qt::LeftButton || m_face.width() <= 0) return;
  const Plan& plan = m_session.plan();
  const std::vector<Glued> glued = gluedOn(plan);
  for (auto g = glued.rbegin(); g != glued.rend() && m_dragged < 0; ++g)
    if (g->piece >= 0 && covers(onCard(plan.pieces[ix(g->piece)]), toPanel(e->position())))
      m_dragged = g->piece;
  if (m_dragged < 0 && (m_rim = rimUnder(e->position(), &m_rimSide)) > 0) {
    ++m_drags;
    return;
  }
  if (m_dragged < 0) return;
  m_from = toPanel(e->position()), m_pieceFrom = plan.pieces[ix(m_dragged)].at;
  ++m_drags;
  Q_EMIT pieceTaken(QString::fromStdString(plan.pieces[ix(m_dragged)].id));
}

QPointF CardView::rimAt(int layer, Side side) const {
  const Box& b = m_fit.layers[ix(layer)].box;
  const Point c = b.centre();
  return toPixels(side == Side::Left     ? Point{b.left, c.y}
                  : side == Side::Right  ? Point{b.right, c.y}
                  : side == Side::Bottom ? Point{c.x, b.bottom}
                                         : Point{c.x, b.top});
}

int CardView::rimUnder(QPointF at, Side* side) const {
  constexpr double kNear = 6;  // px
  for (int k = static_cast<int>(m_fit.layers.size()) - 1; k >= 1; --k) {
    const Box& b = m_fit.layers[ix(k)].box;
    const QRectF r = QRectF(toPixels({b.left, b.top}), toPixels({b.right, b.bottom})).normalized();
    if (!r.adjusted(-kNear, -kNear, kNear, kNear).contains(at)) continue;
    const std::pair<double, Side> sides[] = {{std::fabs(at.x() - r.left()), Side::Left},
                                             {std::fabs(at.x() - r.right()), Side::Right},
                                             {std::fabs(at.y() - r.bottom()), Side::Bottom},
                                             {std::fabs(at.y() - r.top()), Side::Top}};
    const auto nearest = std::min_element(std::begin(sides), std::end(sides));
    if (nearest->first > kNear) continue;
    *side = nearest->second;
    return k;
  }
  return -1;
}

void CardView::dragRim(QPointF to, bool oneSide) {
  const Point at = toPanel(to);
  // The layer above stands still: what shows is how far the rim is from it.
  const Box& above = m_fit.layers[ix(m_rim - 1)].box;
  const double shows = m_rimSide == Side::Left     ? above.left - at.x
                       : m_rimSide == Side::Right  ? at.x - above.right
                       : m_rimSide == Side::Bottom ? above.bottom - at.y
                                                   : at.y - above.top;
  const double step = m_session.units() == MeasureStyle::Inches ? kMmPerInch / 32 : 0.5;
  const double reveal = std::max(0.0, std::round(shows / step) * step);
  const Card next = withReveal(m_session.plan().card, m_rim, m_rimSide, reveal, oneSide);
  m_session.edit(
      tr("%1 shows %2")
          .arg(layerName(m_session.plan(), m_fit.layers[ix(m_rim)]), lengthText(reveal, m_session.units())),
      withCard(m_session.plan(), next), QStringLiteral("rim-%1").arg(m_drags));
}

void CardView::mouseReleaseEvent(QMouseEvent*) {
  m_rim = m_dragged = -1;
  update();
}

void CardView::mouseMoveEvent(QMouseEvent* e) {
  if (!(e->buttons() & Qt::LeftButton)) {
    Side side = Side::Left;
    const bool rim = rimUnder(e->position(), &side) > 0;
    const bool across = side == Side::Left || side == Side::Right;
    setCursor(!rim ? Qt::ArrowCursor : across ? Qt::SizeHorCursor : Qt::SizeVerCursor);
    return;
  }
  if (m_rim > 0 && ix(m_rim) < m_fit.layers.size())
    return dragRim(e->position(), e->modifiers() & Qt::ShiftModifier);
  if (!(e->buttons() & Qt::LeftButton) || m_dragged < 0 || ix(m_dragged) >= m_session.plan().pieces.size())
    return;
  Piece piece = m_session.plan().pieces[ix(m_dragged)];
  const Point by = toPanel(e->position()) - m_from;
  const auto tenth = [](double v) { return std::round(v * 10) / 10; };
  piece.at = {tenth(m_pieceFrom.x + by.x), tenth(m_pieceFrom.y + by.y)};
  m_session.edit(tr("Move %1").arg(pieceName(m_session.plan(), m_dragged)),
                 withPiece(m_session.plan(), piece), QStringLiteral("piece-%1").arg(m_drags));
}

void CardView::drawFront(QPainter& p, const QRectF& room, double scale) {
  const Theme& t = theme();
  const Plan& plan = m_session.plan();
  const Box panel = plan.card.panel.box();
  const auto px = [&](const Box& b) {
    const Point c = panel.centre();
    return QRectF(room.center().x() + (b.left - c.x) * scale, room.center().y() - (b.top - c.y) * scale,
                  b.width() * scale, b.height() * scale);
  };
  for (auto l = m_fit.layers.rbegin(); l != m_fit.layers.rend(); ++l) {
    const QRectF r = px(l->box);
    if (l->what == Layer::What::Base) {
      p.setPen(QPen(t.rule, 1));
      p.setBrush(colourOf(plan.card.paper.colour));
      p.drawRect(r);
    } else if (l->what == Layer::What::Mat) {
      p.fillRect(r, colourOf(plan.card.mats[ix(l->mat)].colour));
    }
  }
  const QRectF face = m_face = px(panel);
  p.fillRect(face, colourOf(plan.card.paper.colour));
  if (!m_picture.isNull()) {
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.drawImage(face, m_picture);
  }
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(t.dark ? t.soft : t.rule, 1));
  p.drawRect(face);
  const double border = std::max(plan.card.tape_mm, plan.card.bare_mm);
  if (border > 0) {
    const QRectF inner = px(panel.grown(-border));
    if (plan.card.tape_mm > 0) {
      QPainterPath band;
      band.addRect(face);
      band.addRect(inner);
      QColor tape = t.ochre;
      tape.setAlpha(60);
      p.fillPath(band, tape);
    }
    p.setPen(QPen(t.ochre, 1, Qt::DashLine));
    p.drawRect(inner);
  }
  if (plan.card.trim_mm > 0) {
    p.setPen(QPen(t.green, 1, Qt::DashLine));
    p.drawRect(px(m_fit.work));
  }
  // A layer that sticks out is drawn over what it sticks out of.
  for (const Misfit& m : m_fit.misfits)
    if (m.kind == MisfitKind::LayerTooLarge || m.kind == MisfitKind::ShiftedOver) {
      p.setPen(QPen(t.madder, 2));
      p.drawRect(px(m_fit.layers[ix(m.layer)].box));
    }
  const Box widest = m_fit.layers.back().box;
  Box all = m_fit.work;
  for (const Layer& l : m_fit.layers)
    all.include({l.box.left, l.box.bottom}), all.include({l.box.right, l.box.top});
  const QRectF outer = px(all), base = px(widest);
  const auto words = [&](double mm) { return spoken(writeMeasure(Millimetres{mm}, m_session.units())); };
  drawMeasure(p, {face.left(), outer.bottom() + 15}, {face.right(), outer.bottom() + 15},
              words(panel.width()));
  drawMeasure(p, {outer.left() - 15, face.top()}, {outer.left() - 15, face.bottom()}, words(panel.height()));
  if (m_fit.layers.size() > 1) {
    drawMeasure(p, {base.left(), outer.top() - 15}, {base.right(), outer.top() - 15}, words(widest.width()));
    drawMeasure(p, {outer.right() + 15, base.top()}, {outer.right() + 15, base.bottom()},
                words(widest.height()));
  }
}

void CardView::drawOpened(QPainter& p, const QRectF& room, double scale) const {
  const Theme& t = theme();
  const double w = m_fit.baseSheetWidth_mm * scale, h = m_fit.baseSheetHeight_mm * scale;
  const QRectF sheet(room.center().x() - w / 2, room.center().y() - h / 2, w, h);
  p.setPen(QPen(t.ink, 1));
  p.setBrush(colourOf(m_session.plan().card.paper.colour));
  p.drawRect(sheet);
  const auto words = [&](double mm) { return spoken(writeMeasure(Millimetres{mm}, m_session.units())); };
  p.setFont(labelFont());
  const QColor onCard = lightTheme().soft;
  if (m_fit.scoreAt_mm > 0) {
    p.setPen(QPen(lightTheme().green, 1.5, Qt::DashDotLine));
    const double at = m_fit.scoreAt_mm * scale;
    if (m_fit.scoreUpright) {
      p.drawLine(QPointF(sheet.left() + at, sheet.top()), QPointF(sheet.left() + at, sheet.bottom()));
      drawMeasure(p, {sheet.left(), sheet.bottom() + 15}, {sheet.left() + at, sheet.bottom() + 15},
                  words(m_fit.scoreAt_mm));
    } else {
      p.drawLine(QPointF(sheet.left(), sheet.bottom() - at), QPointF(sheet.right(), sheet.bottom() - at));
      drawMeasure(p, {sheet.right() + 15, sheet.bottom() - at}, {sheet.right() + 15, sheet.bottom()},
                  words(m_fit.scoreAt_mm));
    }
  }
  p.setPen(onCard);
  p.drawText(sheet.adjusted(8, 6, -8, -6), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
             m_fit.scoreAt_mm > 0 ? tr("The base, opened: cut on the line, score on the dots")
                                  : tr("The base: cut on the line"));
  drawMeasure(p, {sheet.left(), sheet.top() - 15}, {sheet.right(), sheet.top() - 15},
              words(m_fit.baseSheetWidth_mm));
  drawMeasure(p, {sheet.left() - 15, sheet.top()}, {sheet.left() - 15, sheet.bottom()},
              words(m_fit.baseSheetHeight_mm));
}

}  // namespace havlo
