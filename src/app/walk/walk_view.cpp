// Distances on a logarithmic ground, heights in metres with the eye's height as the measure.
#include "app/walk/walk_view.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

#include "app/common/tip.h"
#include "app/face/handled.h"
#include "app/theme/theme.h"
#include "core/edit/wash_edits.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {
constexpr double kApart_px = 6;
}

WalkView::WalkView(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setAccessibleName(tr("The walk"));
  setAccessibleDescription(
      tr("The scene from the side. Up and down arrows go from thing to thing, left and right ones move the "
         "chosen thing nearer and farther; V takes hold of mist and other blends."));
  connect(&session, &PlanSession::planChanged, this, qOverload<>(&QWidget::update));
  session.beside().add(this, 40, [this] { update(); });
  // What is dragged on the walk itself follows the hand.
  connect(&session, &PlanSession::sceneChanged, this, [this] {
    if (m_start) update();
  });
  connect(&session, &PlanSession::selectionChanged, this, qOverload<>(&QWidget::update));
  connect(&session, &PlanSession::asideChanged, this, qOverload<>(&QWidget::update));
}

QSize WalkView::minimumSizeHint() const { return {320, qRound(128 * textScale())}; }

double WalkView::groundY() const { return height() - 26 * textScale(); }

/// What is asked for every thing, found once for an analysis.
const WalkView::Known& WalkView::known() const {
  const AnalysisRef& scene = m_session.scene();
  if (m_known.of == scene && m_known.dragging == (m_start != nullptr)) return m_known;
  // Shaping and numbering names takes longest; they stay while the same stamps are only moved about.
  if (!m_known.of || m_known.of->stampOf != scene->stampOf || m_known.of->stamps != scene->stamps)
    m_known.names = labelsOf(m_session.plan());
  m_known.of = scene, m_known.dragging = m_start != nullptr;
  double near = 1, far = 10;
  if (m_session.plan().view) near = m_session.plan().view->nearDistance_m;
  for (size_t i = 0; i < m_session.plan().impressions.size(); ++i) {
    const double d = m_known.of->depth->distance_m(static_cast<int>(i));
    if (!std::isfinite(d)) continue;
    near = std::min(near, d);
    far = std::max(far, std::min(d, 5000.0));
  }
  if (m_start) far = std::max(far, 200.0);
  m_known.near_m = near * 0.85, m_known.far_m = far * 1.6;
  m_known.unfit.assign(m_session.plan().impressions.size(), 0);
  for (const ScaleReading& s : m_known.of->scale)
    if (s.verdict != ScaleVerdict::Fits) m_known.unfit[ix(s.impression)] = 1;
  return m_known;
}

std::pair<double, double> WalkView::span() const { return {known().near_m, known().far_m}; }

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
  const Analysis& a = *m_session.scene();
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
      const Box& box = a.meetings.placed[i]->box;
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
  const Analysis& a = *m_session.scene();
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

QPointF WalkView::flatOf(int impression) const {
  const Flat f = flats()[ix(impression)];
  return {f.x, (f.bottom + f.top) / 2};
}

std::vector<WalkView::Flat> WalkView::nearToFar() const {
  std::vector<Flat> all = flats();
  std::stable_sort(all.begin(), all.end(), [](const Flat& a, const Flat& b) { return a.x < b.x; });
  return all;
}

std::vector<ViewItem> WalkView::items() const {
  std::vector<ViewItem> out;
  const Plan& plan = m_session.plan();
  if (m_session.scene()->meetings.placed.size() != plan.impressions.size()) return out;
  const std::vector<char> chosen = chosenOnes();
  for (const Flat& f : nearToFar()) {
    QString words = tr("%1 away").arg(spoken(writeDistance(Metres{f.away_m})));
    for (const ScaleReading& s : m_session.scene()->scale)
      if (s.impression == f.impression)
        words += s.verdict == ScaleVerdict::Fits       ? tr(", its size is right")
                 : s.verdict == ScaleVerdict::TooTall  ? tr(", too tall there")
                 : s.verdict == ScaleVerdict::TooShort ? tr(", too small there")
                                                       : tr(", without ground");
    out.push_back({labelOf(plan, f.impression), words,
                   QRectF(f.x - 5, f.top, 10, f.bottom - f.top).toAlignedRect(),
                   chosen[ix(f.impression)] != 0});
  }
  return out;
}

void WalkView::takeItem(int item) {
  const std::vector<Flat> all = nearToFar();
  if (item < 0 || item >= static_cast<int>(all.size())) return;
  setFocus();
  m_session.select(QString::fromStdString(m_session.plan().impressions[ix(all[ix(item)].impression)].id));
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
  const Ids things = handled(m_session);
  if (things.empty()) return;
  if (things.size() > 1) {
    const double now = DepthOrder(start).distance_m(i);
    if (std::isfinite(now) && now > 0)
      m_session.edit(tr("Move %1 nearer or farther").arg(tr("%1 things").arg(things.size())),
                     withDistancesTimes(start, things, distance_m / now), key);
    return;
  }
  const QString label = tr("Move %1 to %2").arg(nameOf(start, i), spoken(writeDistance(Metres{distance_m})));
  if (std::holds_alternative<OnThing>(thing.depth)) {
    Q_EMIT m_session.notice(tr("%1 goes where the thing it is on goes; move that.").arg(labelOf(start, i)));
  } else if (std::holds_alternative<AtMetres>(thing.depth)) {
    m_session.edit(label, withDepth(start, thing.id, AtMetres{distance_m}), key);
  } else {
    const Point foot = slidAlongSight(*start.view, start.card.panel.width_mm, thing.at, Metres{distance_m});
    m_session.edit(label, withFoot(start, thing.id, foot), key);
  }
}

std::vector<WalkVeil> WalkView::veils(const std::vector<Flat>& things) const {
  return walkVeils(
      m_session.plan(), *m_session.scene(), [this](double d) { return xOf(d); },
      [&](int i) { return things[ix(i)].x; });
}

std::optional<QPointF> WalkView::veilOf(int wash) const {
  for (const WalkVeil& v : veils(flats()))
    if (v.wash == wash) return QPointF(v.x, groundY() - 6);
  return {};
}

const WalkVeil* WalkView::veilAt(const std::vector<WalkVeil>& all, QPointF p) const {
  const WalkVeil* best = nullptr;
  for (const WalkVeil& v : all)
    if (std::fabs(v.x - p.x()) < 10 && p.y() < groundY() + 4 && p.y() > kHeading_px * textScale() &&
        (!best || std::fabs(v.x - p.x()) < std::fabs(best->x - p.x())))
      best = &v;
  return best;
}

/// Lets a blend hang at a distance, over all that is farther and under all that is nearer.
void WalkView::hang(const Plan& start, int wash, double distance_m, const QString& key) {
  m_session.edit(tr("Move %1 to %2").arg(washName(start, wash), spoken(writeDistance(Metres{distance_m}))),
                 withWashDepth(start, start.washes[ix(wash)].id, AtMetres{distance_m}), key);
}

void WalkView::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  m_dragged = flatAt(e->position());
  m_veil = -1, m_veilDragged = false;
  const std::vector<WalkVeil> hanging = veils(flats());
  if (const WalkVeil* veil = m_dragged < 0 ? veilAt(hanging, e->position()) : nullptr) {
    m_veil = veil->wash, m_veilDragged = true;
    m_grabOffset = e->position().x() - veil->x;
    ++m_dragSerial;
  }
  const Plan& plan = m_session.plan();
  const QString id = m_dragged < 0 ? QString() : QString::fromStdString(plan.impressions[ix(m_dragged)].id);
  const bool more = e->modifiers() & (Qt::ShiftModifier | Qt::ControlModifier);
  if (more && !id.isEmpty()) {
    m_session.toggle(id);
  } else if (!m_session.chosen().holds(id) || id.isEmpty()) {
    m_session.select(id);
  }
  update();
  if (m_dragged < 0) return;
  m_grabOffset = e->position().x() - flats()[ix(m_dragged)].x;
  ++m_dragSerial;
}

void WalkView::mouseMoveEvent(QMouseEvent* e) {
  if ((m_dragged < 0 && !m_veilDragged) || !(e->buttons() & Qt::LeftButton)) {
    const int hover = flatAt(e->position());
    const std::vector<WalkVeil> hanging = veils(flats());
    setCursor(hover >= 0 || veilAt(hanging, e->position()) ? Qt::SizeHorCursor : Qt::ArrowCursor);
    if (hover != m_hover) m_hover = hover, update();
    return;
  }
  // The distance is read on the scale as it was at the press; the scale may grow only after the release.
  const double wanted = distanceAt(e->position().x() - m_grabOffset);
  if (!m_start) m_start = std::make_unique<Plan>(m_session.plan());
  if (!m_hold) m_hold = std::make_unique<PlanSession::Hold>(m_session);
  const double distance_m = std::clamp(wanted, 0.1, 1e6);
  const QString key = QStringLiteral("walk-%1").arg(m_dragSerial);
  if (m_veilDragged) {
    hang(*m_start, m_veil, distance_m, key);
  } else {
    moveFrom(*m_start, m_dragged, distance_m, key);
  }
}

void WalkView::mouseReleaseEvent(QMouseEvent*) {
  m_start.reset();
  m_hold.reset();
  m_dragged = -1, m_veilDragged = false;
  update();
}

void WalkView::keyPressEvent(QKeyEvent* e) {
  const int i = m_session.selectedIndex();
  const double by = e->modifiers() & Qt::ShiftModifier ? 1.005 : 1.05;
  if (i >= 0 && (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right)) {
    const double d = m_session.scene()->depth->distance_m(i);
    if (std::isfinite(d))
      moveFrom(m_session.plan(), i, e->key() == Qt::Key_Right ? d * by : d / by,
               QStringLiteral("walkKey-%1").arg(m_session.chosen().all().join(u' ')));
    return;
  }
  if (e->key() == Qt::Key_Up || e->key() == Qt::Key_Down) {
    const std::vector<Flat> all = nearToFar();
    const auto here = std::find_if(all.begin(), all.end(), [&](const Flat& f) { return f.impression == i; });
    const long next = here == all.end() ? 0 : here - all.begin() + (e->key() == Qt::Key_Up ? 1 : -1);
    if (next >= 0 && next < static_cast<long>(all.size())) {
      takeItem(static_cast<int>(next));
      itemFocused(this, static_cast<int>(next));
    }
    return;
  }
  const std::vector<WalkVeil> hanging = veils(flats());
  if (e->key() == Qt::Key_V && !hanging.empty()) {
    const auto now =
        std::find_if(hanging.begin(), hanging.end(), [&](const WalkVeil& v) { return v.wash == m_veil; });
    m_veil = (now == hanging.end() || now + 1 == hanging.end() ? hanging.front() : *(now + 1)).wash;
    m_session.select({});
    announce(this, capital(washName(m_session.plan(), m_veil)));
    return update();
  }
  const auto veil =
      std::find_if(hanging.begin(), hanging.end(), [&](const WalkVeil& v) { return v.wash == m_veil; });
  if (i < 0 && veil != hanging.end() && (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right)) {
    if (std::isfinite(veil->away_m))
      hang(m_session.plan(), m_veil, e->key() == Qt::Key_Right ? veil->away_m * by : veil->away_m / by,
           QStringLiteral("walkVeil-%1").arg(m_veil));
    return;
  }
  QWidget::keyPressEvent(e);
}

bool WalkView::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(e);
    const int i = flatAt(help->pos());
    const QString text =
        i < 0 ? QString()
              : tr("%1, %2 away")
                    .arg(labelOf(m_session.plan(), i),
                         spoken(writeDistance(Metres{m_session.scene()->depth->distance_m(i)})));
    showTip(help->globalPos(), text, this);
    return true;
  }
  return QWidget::event(e);
}

}  // namespace havlo
