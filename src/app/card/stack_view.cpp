#include "app/card/stack_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "app/theme/theme.h"
#include "core/card/unfold.h"
#include "core/chain/chain.h"
#include "core/edit/piece_edits.h"
#include "core/pieces/face_plan.h"
#include "io/art/paper_picture.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"

namespace havlo {
namespace {

constexpr double kStepTurn_deg = 6, kStepTilt_deg = 4;

/// A sheet's upper side at a height, seen from an angle.
class Angle {
 public:
  Angle(double turn_deg, double tilt_deg, Point middle)
      : m_cos(std::cos(turn_deg * std::numbers::pi / 180)),
        m_sin(std::sin(turn_deg * std::numbers::pi / 180)),
        m_flat(std::sin(tilt_deg * std::numbers::pi / 180)),
        m_up(std::cos(tilt_deg * std::numbers::pi / 180)),
        m_middle(middle) {}
  /// In mm, y down.
  QPointF at(Point p, double z) const {
    const Point q = p - m_middle;
    return {m_cos * q.x - m_sin * q.y, -(m_sin * q.x + m_cos * q.y) * m_flat - z * m_up};
  }
  QTransform plane(double z, QPointF to, double scale) const {
    const QPointF o = at({0, 0}, z), x = at({1, 0}, z) - o, y = at({0, 1}, z) - o;
    return QTransform(x.x() * scale, x.y() * scale, y.x() * scale, y.y() * scale, to.x() + o.x() * scale,
                      to.y() + o.y() * scale);
  }

 private:
  double m_cos, m_sin, m_flat, m_up;
  Point m_middle;
};

/// The part of a box that lies in another.
Box clipOf(const Box& b, const Box& in) {
  return {std::max(b.left, in.left), std::max(b.bottom, in.bottom), std::min(b.right, in.right),
          std::min(b.top, in.top)};
}

}  // namespace

StackView::StackView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_job(new PlanJob<Pictures>(session, this)) {
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  m_rest.setSingleShot(true);
  m_rest.setInterval(150);
  connect(&m_rest, &QTimer::timeout, this, [this] {
    m_moving = false;
    update();
  });
  setAccessibleName(tr("The card from an angle"));
  connect(&session, &PlanSession::planChanged, this, &StackView::planChanged);
  connect(&session, &PlanSession::unitsChanged, this, [this] { update(); });
  planChanged();
}

void StackView::planChanged() {
  m_stack = stackOf(m_session.plan(), m_session.analysis()->meetings.placed);
  setAccessibleDescription(stackFacts(m_session.plan(), m_stack, m_session.units()).join(u' '));
  m_stale = true;
  if (isVisible()) beginWork();
  update();
}

void StackView::showEvent(QShowEvent*) { beginWork(); }

void StackView::beginWork() {
  if (!m_stale) return;
  m_stale = false;
  m_job->run(
      [art = m_art](const PlanState& state, const Progress&) {
        constexpr double kDpi = 110, kMost_px = 8e5;
        const double dpi = dpiWithin(state.plan->card.panel.box(), kDpi, kMost_px);
        Pictures out;
        out.whole = intendedPicture(*state.plan, *state.analysis, *art, dpi);
        for (size_t k = 0; k < state.plan->pieces.size(); ++k) {
          const auto piece = static_cast<int>(k);
          if (factsOf(state.plan->pieces[k].kind).onFace) continue;
          if (QImage pattern = patternOf(state.plan->pieces[k].paper); !pattern.isNull())
            out.patterns[state.plan->pieces[k].id] = std::move(pattern);
          if (!isPrinted(*state.plan, piece)) continue;
          const Plan face = facePlan(*state.plan, piece);
          const AnalysisRef own = analyse(face, nullptr, art.get());
          out.faces[state.plan->pieces[k].id] =
              intendedPicture(face, *own, *art, dpiWithin(face.card.panel.box(), kDpi, kMost_px));
        }
        // The panel as it is before anything is glued on.
        Plan bare = *state.plan;
        bare.pieces.clear();
        std::vector<std::string> off;
        for (const Impression& i : bare.impressions)
          if (i.school == School::PopUp) off.push_back(i.id);
        if (off.empty() && bare.pieces.size() == state.plan->pieces.size()) {
          out.panel = out.whole;
          return out;
        }
        std::erase_if(bare.impressions, [](const Impression& i) { return i.school == School::PopUp; });
        const auto gone = [&](const std::string& id) {
          return std::find(off.begin(), off.end(), id) != off.end();
        };
        std::erase_if(bare.colourings, [&](const Colouring& c) { return gone(c.impression); });
        std::erase_if(bare.lines, [&](const HandLine& l) { return gone(l.on); });
        std::erase_if(bare.accents, [&](const Accent& a) { return gone(a.on); });
        for (Impression& i : bare.impressions) {
          std::erase_if(i.inFrontOf, gone);
          if (const auto* on = std::get_if<OnThing>(&i.depth); on && gone(on->id)) i.depth = AtMetres{1};
        }
        for (Wash& w : bare.washes) std::erase_if(w.lets, gone);
        const AnalysisRef a = analyse(bare, nullptr, art.get());
        out.panel = intendedPicture(bare, *a, *art, dpi);
        return out;
      },
      [this](const PlanState&, Pictures pictures) {
        m_pictures = std::move(pictures);
        update();
      });
}

void StackView::lookFrom(From from) {
  m_from = from;
  setAccessibleName(from == From::Angle  ? tr("The card from an angle")
                    : from == From::Side ? tr("The card from the side")
                                         : tr("The card opened"));
  update();
}

void StackView::turnTo(double turn_deg, double tilt_deg) {
  m_turn = std::remainder(turn_deg, 360), m_tilt = std::clamp(tilt_deg, 8.0, 90.0);
  m_moving = true;
  m_rest.start();
  update();
}

void StackView::mousePressEvent(QMouseEvent* e) { m_dragged = e->position(); }

void StackView::mouseMoveEvent(QMouseEvent* e) {
  if (m_from != From::Angle || !(e->buttons() & Qt::LeftButton)) return;
  const QPointF by = e->position() - m_dragged;
  m_dragged = e->position();
  turnTo(m_turn - by.x() * 0.4, m_tilt + by.y() * 0.3);
}

void StackView::keyPressEvent(QKeyEvent* e) {
  switch (m_from == From::Angle ? e->key() : 0) {
    case Qt::Key_Left:
      return turnTo(m_turn + kStepTurn_deg, m_tilt);
    case Qt::Key_Right:
      return turnTo(m_turn - kStepTurn_deg, m_tilt);
    case Qt::Key_Up:
      return turnTo(m_turn, m_tilt - kStepTilt_deg);
    case Qt::Key_Down:
      return turnTo(m_turn, m_tilt + kStepTilt_deg);
    default:
      return QWidget::keyPressEvent(e);
  }
}

void StackView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing, !m_moving);
  p.setRenderHint(QPainter::SmoothPixmapTransform, !m_moving);
  m_from == From::Angle ? paintAngle(p) : m_from == From::Side ? paintSide(p) : paintOpen(p);
  if (hasFocus()) {
    p.setPen(QPen(theme().green, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
  }
}

/// From the table up: shadow on what lies below, foam, the cut edges that are seen, the upper side.
void StackView::paintAngle(QPainter& p) const {
  const Box all = boxOf(m_stack.sheets.front().outline);
  const Angle angle(m_turn, m_tilt, all.centre());
  QRectF extent;
  for (const StackedSheet& s : m_stack.sheets)
    for (const Ring& ring : s.outline)
      for (Point q : ring)
        for (double z : {s.low_mm, s.low_mm + s.thickness_mm}) {
          const QPointF at = angle.at(q, z);
          extent |= QRectF(at - QPointF(0.5, 0.5), QSizeF(1, 1));
        }
  constexpr double kRoom = 30;
  const double scale =
      std::min((width() - 2 * kRoom) / extent.width(), (height() - 2 * kRoom) / extent.height());
  const QPointF to = QPointF(rect().center()) - extent.center() * scale;
  const Box panel = m_session.plan().card.panel.box();
  const auto wall = [&](const StackedSheet& s, double low, double high, const QColor& colour) {
    p.setPen(Qt::NoPen);
    p.setBrush(colour);
    for (const Ring& ring : s.outline)
      for (size_t k = 0; k < ring.size(); ++k) {
        const Point a = ring[k], b = ring[(k + 1) % ring.size()];
        QPolygonF quad;
        for (const auto& [q, z] : {std::pair(a, low), {b, low}, {b, high}, {a, high}})
          quad << to + angle.at(q, z) * scale;
        p.drawPolygon(quad);
      }
  };
  double surface = 0;  // what the shadow falls on
  for (const StackedSheet& s : m_stack.sheets) {
    const QPainterPath shape = pathOf(s.outline);
    const double high = s.low_mm + s.thickness_mm;
    // Light from the upper left: the shadow falls to the lower right as far as the sheet stands off.
    const double off = std::max(0.6, s.low_mm - surface + s.thickness_mm);
    p.save();
    p.setTransform(angle.plane(s.foam_mm > 0 ? surface : s.low_mm, to, scale));
    p.setPen(Qt::NoPen);
    // What lies flat has a shadow as narrow as paper is thick: one step of softness is all that is seen of
    // it.
    const int softest = s.foam_mm > 0 && !m_moving ? 3 : 1;
    for (int soft = softest; soft >= 1; --soft) {
      p.setBrush(QColor(20, 26, 30, softest == 1 ? 60 : 26));
      p.save();
      p.translate(off * 0.7 * soft / 2, -off * 0.7 * soft / 2);
      p.drawPath(shape);
      p.restore();
    }
    p.restore();
    if (s.foam_mm > 0) wall(s, s.low_mm - s.foam_mm, s.low_mm, QColor(0xd8, 0xd6, 0xcf));
    QColor edge = colourOf(s.colour);
    wall(s, s.low_mm, high, edge.lightness() > 60 ? edge.darker(118) : edge.lighter(150));
    p.save();
    p.setTransform(angle.plane(high, to, scale));
    p.setPen(QPen(QColor(0, 0, 0, 40), 0));
    p.setBrush(colourOf(s.colour));
    p.drawPath(shape);
    const bool glued = s.what == StackedSheet::What::PopUp || s.what == StackedSheet::What::Piece;
    const QImage& picture = glued ? m_pictures.whole : m_pictures.panel;
    if (!picture.isNull() && (glued || s.what == StackedSheet::What::Panel)) {
      // Of the picture no more than lies on the sheet; a panel is all of it, with nothing to cut off.
      if (glued) p.setClipPath(shape);
      const Box part = clipOf(boxOf(s.outline), panel);
      const double px = picture.width() / panel.right, py = picture.height() / panel.top;
      p.translate(0, panel.top);
      p.scale(1, -1);  // the picture's rows run down
      p.drawImage(QRectF(part.left, panel.top - part.top, part.width(), part.height()), picture,
                  QRectF(part.left * px, (panel.top - part.top) * py, part.width() * px, part.height() * py));
    }
    p.restore();
    if (!glued) surface = high;
  }
}

/// Edge on, heights drawn many times larger than widths so that paper can be seen at all.
void StackView::paintSide(QPainter& p) const {
  constexpr double kLeft = 40, kRight = 270, kRow = 18;
  const Box all = boxOf(m_stack.sheets.front().outline);
  const double across = (width() - kLeft - kRight) / std::max(1.0, all.width());
  const double top = std::max(1.0, m_stack.thickness_mm);
  const double up = std::min(60.0, (height() - 120) / top);
  const double table = height() / 2.0 + top * up / 2;
  p.setFont(labelFont());
  p.setPen(QPen(theme().rule, 1));
  p.drawLine(QPointF(kLeft - 12, table), QPointF(width() - kRight + 12, table));
  double lastWord = 1e9;
  for (const StackedSheet& s : m_stack.sheets) {
    const Box b = boxOf(s.outline);
    const auto bar = [&](double low, double high) {
      return QRectF(kLeft + (b.left - all.left) * across, table - high * up, b.width() * across,
                    (high - low) * up);
    };
    if (s.foam_mm > 0) {
      QRectF foam = bar(s.low_mm - s.foam_mm, s.low_mm);
      foam.adjust(foam.width() * 0.1, 0, -foam.width() * 0.1, 0);
      p.fillRect(foam, QBrush(theme().soft, Qt::Dense6Pattern));
    }
    const QRectF paper = bar(s.low_mm, s.low_mm + s.thickness_mm);
    p.fillRect(paper, colourOf(s.colour));
    p.setPen(QPen(theme().ink, 0.8));
    p.drawRect(paper);
    const Plan& plan = m_session.plan();
    const QString name = s.what == StackedSheet::What::Base    ? tr("base")
                         : s.what == StackedSheet::What::Mat   ? tr("mat")
                         : s.what == StackedSheet::What::Panel ? tr("panel")
                         : s.what == StackedSheet::What::PopUp ? nameOf(plan, s.index)
                                                               : pieceName(plan, s.index);
    const double y = std::min(lastWord - kRow, paper.center().y());
    lastWord = y;
    const QPointF word(width() - kRight + 24, y + 4);
    p.setPen(QPen(theme().rule, 1));
    p.drawLine(QPointF(paper.right() + 2, paper.center().y()), QPointF(word.x() - 4, y));
    p.setPen(theme().ink);
    const QString words = s.foam_mm > 0 ? tr("%1, on %2 mm of foam").arg(name).arg(s.foam_mm) : name;
    p.drawText(word,
               p.fontMetrics().elidedText(words, Qt::ElideMiddle, static_cast<int>(width() - word.x() - 6)));
  }
  p.setPen(theme().soft);
  p.drawText(QPointF(kLeft, table + 26), tr("Edge on; heights %1 times as large as widths.")
                                             .arg(std::max(1.0, std::round(up / across)), 0, 'f', 0));
  QString facts = stackFacts(m_session.plan(), m_stack, m_session.units()).join(u' ');
  p.drawText(QRectF(kLeft, table + 34, width() - 2 * kLeft, 44), Qt::TextWordWrap, facts);
}

/// The inner side of the base lying flat, what is glued there, and the envelope below it.
void StackView::paintOpen(QPainter& p) const {
  const Plan& plan = m_session.plan();
  const Theme& t = theme();
  p.setFont(bodyFont());
  if (!plan.card.base) {
    p.setPen(t.soft);
    p.drawText(rect().adjusted(20, 20, -20, -20), Qt::AlignCenter | Qt::TextWordWrap,
               tr("A panel without a base has no inside. A base is given on the page Sizes."));
    return;
  }
  const CardFit fit = fitCard(plan);
  const LeafPlace inside = leafOf(*plan.card.base, Leaf::Inside);
  const Piece *envelope = nullptr, *flap = nullptr;
  for (const Piece& piece : plan.pieces) {
    if (piece.kind == PieceKind::Envelope) envelope = &piece;
    if (piece.kind == PieceKind::Flap) flap = &piece;
  }
  // Beside one another: the envelope from the front, and with a flap to be stamped from the back.
  Box env = envelope ? boxOf(shapeOf(*envelope)) : Box{0, 0, 0, 0};
  constexpr double kBetween_mm = 12;
  const Box one = env;
  if (envelope && flap) env.right += one.width() + kBetween_mm;
  const double w = fit.baseSheetWidth_mm, h = fit.baseSheetHeight_mm;
  constexpr double kRoom = 36, kGap = 30;
  const bool below = envelope && (flap || w * 1.2 > h + env.height());
  const double across = envelope && !below ? w + env.width() : std::max(w, env.width());
  const double high = envelope && below ? h + env.height() : std::max(h, env.height());
  const double scale = std::min((width() - 2 * kRoom - (envelope && !below ? kGap : 0)) / across,
                                (height() - 2 * kRoom - (below ? kGap : 0)) / high);
  const double left = (width() - across * scale - (envelope && !below ? kGap : 0)) / 2;
  const double top = (height() - high * scale - (below ? kGap : 0)) / 2;
  const QRectF sheet(left + (below ? (across - w) * scale / 2 : 0), top, w * scale, h * scale);
  const auto paperRect = [&](const QRectF& r, Colour colour) {
    for (int soft = 3; soft >= 1; --soft) p.fillRect(r.translated(soft, soft), QColor(20, 26, 30, 22));
    p.setPen(QPen(t.rule, 1));
    p.setBrush(colourOf(colour));
    p.drawRect(r);
  };
  paperRect(sheet, plan.card.paper.colour);
  p.setPen(QPen(QColor(0, 0, 0, 60), 1.4));
  if (fit.scoreAt_mm > 0) {
    if (fit.scoreUpright) {
      p.drawLine(QPointF(sheet.center().x(), sheet.top()), QPointF(sheet.center().x(), sheet.bottom()));
    } else {
      p.drawLine(QPointF(sheet.left(), sheet.center().y()), QPointF(sheet.right(), sheet.center().y()));
    }
  }
  const auto picture = [&](const Piece& piece, const QRectF& r) {
    const auto at = m_pictures.faces.find(piece.id);
    if (at != m_pictures.faces.end() && !at->second.isNull()) p.drawImage(r, at->second);
    if (const auto pattern = m_pictures.patterns.find(piece.id); pattern != m_pictures.patterns.end()) {
      p.save();
      p.setCompositionMode(QPainter::CompositionMode_Multiply);
      p.drawImage(r, pattern->second);
      p.restore();
    }
  };
  const QRectF leaf(sheet.left() + inside.box.left * scale, sheet.bottom() - inside.box.top * scale,
                    inside.box.width() * scale, inside.box.height() * scale);
  bool any = false;
  for (const PieceKind kind : {PieceKind::Liner, PieceKind::Inside})
    for (const Piece& piece : plan.pieces) {
      if (piece.kind != kind) continue;
      any = true;
      const Box b = boxOf(shapeOf(piece));
      // A liner is folded with the base and lies over both leaves.
      const bool whole = kind == PieceKind::Liner &&
                         (b.width() > inside.box.width() + 1 || b.height() > inside.box.height() + 1);
      const QPointF c = whole ? sheet.center() : leaf.center();
      const QRectF r(c.x() - b.width() * scale / 2, c.y() - b.height() * scale / 2, b.width() * scale,
                     b.height() * scale);
      paperRect(r, piece.paper.colour);
      picture(piece, r);
    }
  p.setFont(labelFont());
  p.setPen(t.soft);
  if (!any) {
    p.setPen(lightTheme().soft);
    p.drawText(leaf, Qt::AlignCenter | Qt::TextWordWrap, tr("written here"));
    p.setPen(t.soft);
  }
  p.drawText(QRectF(sheet.left(), sheet.bottom() + 6, sheet.width(), 18), Qt::AlignCenter,
             turnsUpward(*plan.card.base) ? tr("Opened, the sheet turned over upwards")
                                          : tr("Opened, the sheet turned over sideways"));
  if (!envelope) return;
  const QRectF r(below ? (width() - env.width() * scale) / 2 : sheet.right() + kGap,
                 below ? sheet.bottom() + kGap + 6 : top + (high - env.height()) * scale / 2,
                 one.width() * scale, one.height() * scale);
  paperRect(r, envelope->paper.colour);
  picture(*envelope, r);
  p.setPen(QPen(lightTheme().soft, 1, Qt::DotLine));
  p.setBrush(Qt::NoBrush);
  // Room for the postage, upper right, and for the address.
  p.drawRect(QRectF(r.right() - 28 * scale, r.top() + 6 * scale, 22 * scale, 26 * scale));
  if (!flap) return;
  const QRectF back = r.translated((one.width() + kBetween_mm) * scale, 0);
  paperRect(back, envelope->paper.colour);
  const Rings shape = shapeOf(*flap);
  const Box f = boxOf(shape);
  const QRectF lies(back.center().x() - f.width() * scale / 2, back.top(), f.width() * scale,
                    f.height() * scale);
  picture(*flap, lies);
  QPolygonF rim;
  for (Point q : shape.front())
    rim << QPointF(lies.left() + (q.x - f.left) * scale, lies.bottom() - (q.y - f.bottom) * scale);
  p.setPen(QPen(QColor(0, 0, 0, 90), 1.2));
  p.setBrush(Qt::NoBrush);
  p.drawPolygon(rim);
}

}  // namespace havlo
