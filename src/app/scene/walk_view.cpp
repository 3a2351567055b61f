// Distances on a logarithmic ground, heights in metres with the eye's height as the measure.
#include "app/scene/walk_view.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/plan/role_facts.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kEye_px = 44;  // the eye's place from the left
constexpr double kRight_px = 30;
constexpr double kHeading_px = 30;
constexpr double kApart_px = 6;

}  // namespace

WalkView::WalkView(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("The walk"));
  setAccessibleDescription(
      tr("The scene from the side. Left and right arrows move the chosen thing nearer and farther."));
  connect(&session, &PlanSession::planChanged, this, qOverload<>(&QWidget::update));
  connect(&session, &PlanSession::selectionChanged, this, qOverload<>(&QWidget::update));
}

QSize WalkView::minimumSizeHint() const { return {320, qRound(128 * textScale())}; }

double WalkView::groundY() const { return height() - 26 * textScale(); }

/// Nearest and farthest distance shown.
std::pair<double, double> WalkView::span() const {
  double near = 1, far = 10;
  if (m_session.plan().view) near = m_session.plan().view->nearDistance_m;
  const auto& depth = *m_session.analysis()->depth;
  for (size_t i = 0; i < m_session.plan().impressions.size(); ++i) {
    const double d = depth.distance_m(static_cast<int>(i));
    if (!std::isfinite(d)) continue;
    near = std::min(near, d);
    far = std::max(far, std::min(d, 5000.0));
  }
  if (m_start) far = std::max(far, 200.0);
  return {near * 0.85, far * 1.6};
}

double WalkView::xOf(double d) const {
  const auto [near, far] = span();
  const double left = kEye_px + 26, right = width() - kRight_px;
  if (!std::isfinite(d)) return right;
  return std::clamp(left + (right - left) * std::log(d / near) / std::log(far / near), left, right);
}

double WalkView::distanceAt(double x) const {
  const auto [near, far] = span();
  const double left = kEye_px + 26, right = width() - kRight_px;
  return near * std::pow(far / near, (x - left) / (right - left));
}

double WalkView::pixelsPerMetre() const {
  const double eye = m_session.plan().view ? m_session.plan().view->eyeHeight_m : 1.5;
  return (groundY() - kHeading_px * textScale()) * 0.30 / eye;
}

/// Pixels over the ground. Heights are drawn true up to the eye and flattened above, so that a hare and a
/// poplar both fit.
double WalkView::rise(double metres) const {
  const double most = groundY() - kHeading_px - 18 * textScale();
  const double eye_m = m_session.plan().view ? m_session.plan().view->eyeHeight_m : 1.5;
  const double eyePx = eye_m * pixelsPerMetre();
  const double px = metres <= eye_m ? metres * pixelsPerMetre()
                                    : eyePx + (most - eyePx) * (1 - std::exp(-(metres / eye_m - 1) / 9));
  return std::clamp(px, 0.0, most);
}

std::vector<WalkView::Flat> WalkView::flats() const {
  std::vector<Flat> out;
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  const double ground = groundY();
  const double eye_m = plan.view ? plan.view->eyeHeight_m : 1.5;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    const double d = a.depth->distance_m(static_cast<int>(i));
    Flat f;
    f.impression = static_cast<int>(i);
    f.x = xOf(d);
    double low = 0, high = eye_m;
    if (plan.view && std::isfinite(d)) {
      // What the drawing says: heights over the ground at that distance.
      const double ground_mm = groundHeight(*plan.view, Metres{d}).value;
      const double perMetre = (plan.view->horizon_mm - ground_mm) / eye_m;
      const Box box = boxOf(a.meetings.placed[i]->silhouette);
      low = std::max(0.0, (box.bottom - ground_mm) / perMetre);
      high = std::max(low + 0.02, (box.top - ground_mm) / perMetre);
    }
    if (std::holds_alternative<OnGround>(thing.depth)) low = 0;
    f.low_m = low, f.high_m = high, f.away_m = d;
    f.bottom = ground - rise(low);
    f.top = std::min(f.bottom - 5, ground - rise(high));
    out.push_back(f);
  }
  // Things at one distance stand a little apart, in the order of depth.
  std::vector<Flat*> line;
  for (int i : a.knots.frontToBack) line.push_back(&out[ix(i)]);
  std::stable_sort(line.begin(), line.end(), [](const Flat* l, const Flat* r) { return l->x < r->x; });
  for (size_t k = 1; k < line.size(); ++k) line[k]->x = std::max(line[k]->x, line[k - 1]->x + kApart_px);
  return out;
}

/// The sight line over a nearer thing's top meets a farther one at the height up to which that is hidden.
void WalkView::findHidden(std::vector<Flat>& all) const {
  const Analysis& a = *m_session.analysis();
  const double eye_m = m_session.plan().view ? m_session.plan().view->eyeHeight_m : 1.5;
  for (const Meeting& m : a.meetings.list) {
    // Where only a corner is covered, all of it is still seen.
    if (m.area_mm2 < 0.3 * a.meetings.placed[ix(m.back)]->areaOnPanel_mm2) continue;
    Flat& back = all[ix(m.back)];
    const Flat& front = all[ix(m.front)];
    if (!std::isfinite(back.away_m) || !(front.away_m > 0) || front.low_m > 0.3 * front.high_m) continue;
    back.hidden_m = std::max(back.hidden_m, eye_m + (front.high_m - eye_m) * back.away_m / front.away_m);
  }
}

/// How strongly each thing is printed against what the mist leaves at its distance.
void WalkView::paintTone(QPainter& p, const std::vector<Flat>& all) const {
  const Analysis& a = *m_session.analysis();
  if (a.tone.empty()) return;
  const Theme& t = theme();
  const double top = kHeading_px * textScale(), ground = groundY();
  const auto yOf = [&](double strength) { return ground - 3 - strength * (ground - 3 - top); };
  const double visibility = *m_session.plan().view->visibility_m;
  QPolygonF curve;
  for (double x = xOf(0); x <= width() - kRight_px; x += 4)
    curve << QPointF(x, yOf(contrastLeft(Metres{distanceAt(x)}, Metres{visibility})));
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(t.soft, 1.2));
  p.drawPolyline(curve);
  p.setFont(labelFont());
  p.drawText(QRectF(curve.last().x() - 200, ground - 18 * textScale(), 200, 16 * textScale()), Qt::AlignRight,
             tr("ink the mist leaves"));
  for (const ToneReading& r : a.tone) {
    const Role role = a.meetings.placed[ix(r.impression)]->outline->stamp->role;
    const Flat& f = all[ix(r.impression)];
    if (!std::isfinite(f.away_m) || !factsOf(role).stands()) continue;
    const bool off = r.seen - r.wanted > 0.3;
    p.setPen(QPen(off ? t.ochre : t.green, 1.4));
    p.setBrush(t.paper);
    const QPointF dot(f.x, yOf(r.seen));
    if (off) {
      p.drawPolygon(QPolygonF{{dot + QPointF(-4, 3), dot + QPointF(4, 3), dot + QPointF(0, -4.5)}});
    } else {
      p.drawEllipse(dot, 3, 3);
    }
  }
}

void WalkView::paintSight(QPainter& p, const Flat& f, QPointF eye) const {
  QColor line = theme().green;
  line.setAlpha(120);
  p.setPen(QPen(line, 1));
  p.drawLine(eye, QPointF(f.x, f.top));
  p.drawLine(eye, QPointF(f.x, f.bottom));
}

QPointF WalkView::flatOf(int impression) const {
  const Flat f = flats()[ix(impression)];
  return {f.x, (f.bottom + f.top) / 2};
}

int WalkView::flatAt(QPointF p) const {
  int best = -1;
  double nearest = 9;
  for (const Flat& f : flats()) {
    const double dy = std::max({0.0, f.top - p.y(), p.y() - f.bottom});
    const double away = std::hypot(p.x() - f.x, dy) - (f.impression == m_session.selectedIndex() ? 3 : 0);
    if (away < nearest) nearest = away, best = f.impression;
  }
  return best;
}

void WalkView::moveFrom(const Plan& start, int i, double distance_m, const QString& key) {
  const Impression& thing = start.impressions[ix(i)];
  const QString label =
      tr("Move %1 to %2").arg(nameOf(start, i), QString::fromStdString(writeDistance(Metres{distance_m})));
  if (std::holds_alternative<OnThing>(thing.depth)) {
    Q_EMIT m_session.notice(tr("%1 goes where the thing it is on goes; move that.").arg(labelOf(start, i)));
  } else if (std::holds_alternative<AtMetres>(thing.depth)) {
    m_session.edit(label, withDepth(start, thing.id, AtMetres{distance_m}), key);
  } else {
    const Point foot = slidAlongSight(*start.view, start.card.panel.width_mm, thing.at, Metres{distance_m});
    m_session.edit(label, withFoot(start, thing.id, foot), key);
  }
}

void WalkView::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  m_dragged = flatAt(e->position());
  const Plan& plan = m_session.plan();
  m_session.select(m_dragged < 0 ? QString() : QString::fromStdString(plan.impressions[ix(m_dragged)].id));
  if (m_dragged < 0) return;
  m_grabOffset = e->position().x() - flats()[ix(m_dragged)].x;
  ++m_dragSerial;
}

void WalkView::mouseMoveEvent(QMouseEvent* e) {
  if (m_dragged < 0 || !(e->buttons() & Qt::LeftButton)) {
    const int hover = flatAt(e->position());
    setCursor(hover >= 0 ? Qt::SizeHorCursor : Qt::ArrowCursor);
    if (hover != m_hover) m_hover = hover, update();
    return;
  }
  // The distance is read on the scale as it was at the press; the scale may grow only after the release.
  const double wanted = distanceAt(e->position().x() - m_grabOffset);
  if (!m_start) m_start = std::make_unique<Plan>(m_session.plan());
  moveFrom(*m_start, m_dragged, std::clamp(wanted, 0.1, 1e6), QStringLiteral("walk-%1").arg(m_dragSerial));
}

void WalkView::mouseReleaseEvent(QMouseEvent*) {
  m_start.reset();
  m_dragged = -1;
  update();
}

void WalkView::keyPressEvent(QKeyEvent* e) {
  const int i = m_session.selectedIndex();
  const double by = e->modifiers() & Qt::ShiftModifier ? 1.005 : 1.05;
  if (i >= 0 && (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right)) {
    const double d = m_session.analysis()->depth->distance_m(i);
    if (std::isfinite(d))
      moveFrom(m_session.plan(), i, e->key() == Qt::Key_Right ? d * by : d / by,
               QStringLiteral("walkKey-%1").arg(m_session.selected()));
    return;
  }
  QWidget::keyPressEvent(e);
}

bool WalkView::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(e);
    const int i = flatAt(help->pos());
    const QString text = i < 0 ? QString()
                               : tr("%1, %2 away")
                                     .arg(labelOf(m_session.plan(), i),
                                          QString::fromStdString(writeDistance(
                                              Metres{m_session.analysis()->depth->distance_m(i)})));
    QToolTip::showText(help->globalPos(), text, this);
    return true;
  }
  return QWidget::event(e);
}

void WalkView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const double ground = groundY();
  p.setFont(headingFont());
  p.setPen(t.ink);
  const QFontMetricsF heading(headingFont());
  p.drawText(QPointF(2, heading.ascent()), tr("The walk"));
  p.setFont(labelFont());
  p.setPen(t.soft);
  p.drawText(QPointF(12 + heading.horizontalAdvance(tr("The walk")), heading.ascent()),
             tr("the same scene from the side: drag a thing nearer or farther"));

  // Ground with its distances.
  p.setPen(QPen(t.ink, 1.4));
  p.drawLine(QPointF(kEye_px, ground), QPointF(width() - kRight_px, ground));
  p.setFont(labelFont());
  const auto [near, far] = span();
  double lastLabel = -100;
  for (double decade = 0.1; decade < far; decade *= 10)
    for (double m : {1.0, 2.0, 5.0}) {
      const double d = decade * m;
      if (d < near || d > far) continue;
      const double x = xOf(d);
      p.setPen(QPen(t.soft, 1));
      p.drawLine(QPointF(x, ground), QPointF(x, ground + 4));
      if (x - lastLabel < 46 * textScale()) continue;
      lastLabel = x;
      p.drawText(QRectF(x - 40, ground + 5, 80, 18 * textScale()), Qt::AlignHCenter | Qt::AlignTop,
                 d >= 1000 ? tr("%1 km").arg(d / 1000) : tr("%1 m").arg(d));
    }

  // The eye and its level.
  const double eye_m = m_session.plan().view ? m_session.plan().view->eyeHeight_m : 1.5;
  const double eyeY = ground - eye_m * pixelsPerMetre();
  p.setPen(QPen(t.green, 1, Qt::DashLine));
  p.drawLine(QPointF(kEye_px, eyeY), QPointF(width() - kRight_px, eyeY));
  p.setPen(QPen(t.soft, 1, Qt::DotLine));
  p.drawLine(QPointF(kEye_px - 14, eyeY), QPointF(kEye_px - 14, ground));
  QPainterPath lid;
  const QPointF eye(kEye_px - 14, eyeY);
  lid.moveTo(eye - QPointF(13, 0));
  lid.quadTo(eye - QPointF(0, 12), eye + QPointF(13, 0));
  lid.quadTo(eye + QPointF(0, 12), eye - QPointF(13, 0));
  p.setPen(QPen(t.ink, 1.5));
  p.setBrush(t.card);
  p.drawPath(lid);
  p.setBrush(t.ink);
  p.drawEllipse(eye, 3.4, 3.4);
  p.setPen(t.green);
  p.drawText(QRectF(width() - 260, eyeY - 18 * textScale(), 260 - kRight_px, 17 * textScale()),
             Qt::AlignRight | Qt::AlignBottom, tr("eye level %1 m").arg(eye_m));

  // Flats, farthest first, then labels that do not run into each other.
  std::vector<Flat> all = flats();
  findHidden(all);
  std::vector<Flat> byDistance = all;
  std::stable_sort(byDistance.begin(), byDistance.end(),
                   [](const Flat& a, const Flat& b) { return a.x > b.x; });
  const int selected = m_session.selectedIndex();
  const Analysis& analysis = *m_session.analysis();
  const auto colourOfFlat = [&](int i) {
    if (i == selected) return t.green;
    for (const ScaleReading& s : analysis.scale)
      if (s.impression == i && s.verdict != ScaleVerdict::Fits) return t.ochre;
    const double d = analysis.depth->distance_m(i);
    const double pale = std::isfinite(d) ? std::clamp(std::log10(std::max(d, 1.0)) / 4, 0.0, 0.7) : 0.7;
    const QColor from = t.ink, to = t.paper;
    return QColor::fromRgbF(static_cast<float>(from.redF() + (to.redF() - from.redF()) * pale),
                            static_cast<float>(from.greenF() + (to.greenF() - from.greenF()) * pale),
                            static_cast<float>(from.blueF() + (to.blueF() - from.blueF()) * pale));
  };
  if (selected >= 0) paintSight(p, all[ix(selected)], eye);
  for (const Flat& f : byDistance) {
    const double shownFrom =
        f.hidden_m > f.low_m ? std::max(f.top, ground - rise(f.hidden_m)) : f.bottom;  // above it one sees it
    if (shownFrom < f.bottom - 1) {
      p.setPen(QPen(colourOfFlat(f.impression), 1.2, Qt::DotLine));
      p.drawLine(QPointF(f.x, f.bottom), QPointF(f.x, shownFrom));
    }
    p.setPen(QPen(colourOfFlat(f.impression), f.impression == selected || f.impression == m_hover ? 5 : 3.5,
                  Qt::SolidLine, Qt::FlatCap));
    if (shownFrom > f.top + 0.5) p.drawLine(QPointF(f.x, shownFrom), QPointF(f.x, f.top));
  }
  paintTone(p, all);
  std::stable_sort(all.begin(), all.end(), [&](const Flat& a, const Flat& b) {
    return (a.impression == selected) > (b.impression == selected);
  });
  std::vector<QRectF> taken;
  const QFontMetricsF metrics(labelFont());
  for (const Flat& f : all) {
    const QString text =
        f.impression == selected || f.impression == m_hover
            ? tr("%1, %2%3")
                  .arg(labelOf(m_session.plan(), f.impression),
                       QString::fromStdString(writeDistance(Metres{f.away_m})),
                       std::isfinite(f.away_m) && m_session.plan().view
                           ? tr(", %1 tall")
                                 .arg(f.high_m - f.low_m < 1
                                          ? tr("%1 cm").arg(qRound(100 * (f.high_m - f.low_m)))
                                          : tr("%1 m").arg(f.high_m - f.low_m, 0, 'f', 1))
                           : QString())
            : labelOf(m_session.plan(), f.impression);
    const double w = metrics.horizontalAdvance(text) + 4;
    QRectF box(std::clamp(f.x - w / 2, 0.0, width() - w), f.top - metrics.height() - 1, w, metrics.height());
    bool free = false;
    for (int lift = 0; lift < 5 && !free; ++lift) {
      const QRectF candidate = box.translated(0, -lift * metrics.height());
      free =
          candidate.top() >= 20 * textScale() &&
          std::none_of(taken.begin(), taken.end(), [&](const QRectF& r) { return r.intersects(candidate); });
      if (free) box = candidate;
    }
    if (!free && f.impression != selected) continue;  // its name comes when the pointer is over it
    taken.push_back(box);
    if (box.bottom() < f.top - metrics.height()) {
      p.setPen(QPen(t.rule, 1));
      p.drawLine(QPointF(f.x, box.bottom()), QPointF(f.x, f.top - 1));
    }
    QColor veil = t.paper;
    veil.setAlpha(200);
    p.fillRect(box, veil);
    p.setFont(labelFont(f.impression == selected ? QFont::DemiBold : QFont::Normal));
    const QColor c = colourOfFlat(f.impression);
    p.setPen(c == t.green || c == t.ochre ? c : t.soft);
    p.drawText(box, Qt::AlignCenter, text);
  }
  if (hasFocus()) {
    p.setPen(QPen(t.green, 1, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
  }
}

}  // namespace havlo
