// Pictures come from a job; what the mouse does is an edit of the plan.
#include "app/colour/colour_view.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/guides/guides.h"
#include "core/handwork/colouring.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kClosest = 8;
constexpr double kSnap_px = 9;
constexpr double kLeastStroke_mm = 0.6;

}  // namespace

ColourView::ColourView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(art),
      m_tiles(newTileStore()),
      m_parts(new PartFinder(session, std::move(art), this)),
      m_job(new PlanJob<QImage>(session, this)) {
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setAccessibleName(tr("The card, to be coloured by hand"));
  setAccessibleDescription(
      tr("Left and right go from part to part, up and down from thing to thing, Return works on the part."));
  connect(&session, &PlanSession::planChanged, this, &ColourView::refresh);
  connect(&session, &PlanSession::selectionChanged, this, qOverload<>(&QWidget::update));
  connect(m_parts, &PartFinder::found, this, qOverload<>(&QWidget::update));
}

FaceGeometry ColourView::geometryNow() const {
  const PanelSize& panel = m_session.plan().card.panel;
  constexpr double edge = 14;
  FaceGeometry g;
  const double whole =
      std::max(0.2, std::min((width() - 2 * edge) / panel.width_mm, (height() - 2 * edge) / panel.height_mm));
  g.scale = whole * m_close;
  g.width_mm = panel.width_mm, g.height_mm = panel.height_mm;
  const Point middle = m_close > 1.001 ? m_middle : Point{panel.width_mm / 2, panel.height_mm / 2};
  g.origin = QPointF(width() / 2.0 - middle.x * g.scale, height() / 2.0 + middle.y * g.scale);
  return g;
}

void ColourView::setTool(HandTool tool) {
  m_tool = tool;
  m_drawn.clear();
  setCursor(tool == HandTool::Line ? Qt::CrossCursor : Qt::PointingHandCursor);
  update();
}

void ColourView::setColour(const ColourIn& with, const std::optional<Ink>& ink) {
  m_with = with, m_ink = ink;
}

void ColourView::lookFrom(double closeness, Point middle) {
  const PanelSize& panel = m_session.plan().card.panel;
  m_close = std::clamp(closeness, 1.0, kClosest);
  m_middle = {std::clamp(middle.x, 0.0, panel.width_mm), std::clamp(middle.y, 0.0, panel.height_mm)};
  refresh();
}

void ColourView::lookAt(int thing) {
  const PanelSize& panel = m_session.plan().card.panel;
  if (thing < 0) return lookFrom(1, panel.box().centre());
  const Box box = m_session.analysis()->meetings.placed[ix(thing)]->box.common(panel.box());
  if (box.empty()) return;
  const double close = 0.8 * std::min(panel.width_mm / std::max(1.0, box.width()),
                                      panel.height_mm / std::max(1.0, box.height()));
  lookFrom(close, box.centre());
}

void ColourView::refresh() {
  m_stale = true;
  if (!isVisible()) return;
  m_stale = false;
  m_parts->look();
  const Box panel = m_session.plan().card.panel.box();
  const double dpi =
      dpiWithin(panel, std::clamp(geometryNow().scale * devicePixelRatioF() * kMmPerInch, 24.0, 600.0), 4e6);
  m_job->run(
      [art = m_art, tiles = m_tiles, dpi, was = m_picture, before = m_of, sameSize = dpi == m_dpi](
          const PlanState& of, const Progress&) {
        const PressInput in = of.analysis->press(*of.plan, art.get());
        PressTiles pressed(in, Grid(of.plan->card.panel.box(), dpi), tiles);
        // Where only colours have changed the rest of the picture stays.
        std::optional<Box> changed;
        if (sameSize && !was.isNull() && before.plan)
          changed = recoloured(*before.plan, *before.analysis->hand, *of.plan, *of.analysis->hand);
        if (changed && changed->empty()) return was;
        const Canvas card = intendedCard(in, pressed, changed);
        if (!changed) return pictureOf(card);
        QImage picture = was;
        QPainter(&picture).drawImage(card.within().left, card.within().top, pictureOf(card));
        return picture;
      },
      [this, dpi](const PlanState& of, QImage image) {
        m_picture = std::move(image), m_of = of, m_dpi = dpi;
        update();
      });
  update();
}

void ColourView::beginWork() {
  if (m_stale) refresh();
  m_parts->look();
}

void ColourView::resizeEvent(QResizeEvent*) { refresh(); }
void ColourView::showEvent(QShowEvent*) { beginWork(); }
void ColourView::leaveEvent(QEvent*) { pointAt({}); }

void ColourView::pointAt(const PartAt& part) {
  if (part == m_over) return;
  m_over = part;
  update();
  Q_EMIT pointedAt(part);
}

/// The plan with the inks in hand, which may come from the drawer. @param lineInk  set to the id of the one
/// for lines and accents
Plan ColourView::withInks(std::string& lineInk) const {
  Plan plan = m_session.plan();
  if (m_lineInk) lineInk = addInk(plan, *m_lineInk);
  return plan;
}

void ColourView::work(const PartAt& part) {
  const RegionsRef regions = part ? m_parts->of(part.thing) : nullptr;
  if (!regions || std::find(m_swept.begin(), m_swept.end(), part) != m_swept.end()) return;
  m_swept.push_back(part);
  const std::string id = m_session.plan().impressions[ix(part.thing)].id;
  const QString name = nameOf(m_session.plan(), part.thing);
  const QString key = QStringLiteral("colour-%1").arg(m_serial);
  m_session.select(QString::fromStdString(id));
  switch (m_tool) {
    case HandTool::Colour: {
      Plan plan = m_session.plan();
      ColourIn with = m_with;
      if (m_ink) with.ink = addInk(plan, *m_ink);
      m_session.edit(tr("Colour %1").arg(name), withPartColoured(plan, id, *regions, part.part, with), key);
      break;
    }
    case HandTool::Bare:
      m_session.edit(tr("Leave a part of %1 bare").arg(name),
                     withPartBare(m_session.plan(), id, *regions, part.part), key);
      break;
    case HandTool::Uncolour:
      m_session.edit(tr("Take colour off %1").arg(name),
                     withPartUncoloured(m_session.plan(), id, *regions, part.part), key);
      break;
    case HandTool::TakeUp:
      if (const int c = colouringOf(m_session.plan(), id, *regions, part.part); c >= 0) Q_EMIT tookUp(c);
      break;
    default:
      break;
  }
}

void ColourView::mousePressEvent(QMouseEvent* e) {
  const FaceGeometry g = geometryNow();
  const Point at = g.toPanel(e->position());
  if (e->button() == Qt::MiddleButton ||
      (e->button() == Qt::LeftButton && (e->modifiers() & Qt::ShiftModifier))) {
    m_panning = true;
    m_from = e->position(),
    m_middleFrom = m_close > 1.001 ? m_middle : m_session.plan().card.panel.box().centre();
    return;
  }
  if (e->button() != Qt::LeftButton) return;
  ++m_serial;
  m_swept.clear();
  switch (m_tool) {
    case HandTool::Line:
      m_drawn = {snapped(at, g)};
      break;
    case HandTool::Accent: {
      std::string ink = m_accent.ink;
      const Plan plan = withInks(ink);
      Accent accent = m_accent;
      accent.ink = ink, accent.at = {at};
      if (const PartAt there = m_parts->at(at); there.thing >= 0)
        accent.on = plan.impressions[ix(there.thing)].id;
      m_session.edit(tr("Put on a dot"), withAccent(plan, accent));
      break;
    }
    case HandTool::Lift: {
      Lift lift = m_lift;
      lift.at = {at};
      m_session.edit(tr("Take colour out"), withLift(m_session.plan(), lift));
      break;
    }
    default:
      m_sweeping = true;
      work(m_parts->at(at));
  }
}

void ColourView::mouseMoveEvent(QMouseEvent* e) {
  const FaceGeometry g = geometryNow();
  const Point at = g.toPanel(e->position());
  if (m_panning) {
    const QPointF by = (e->position() - m_from) / g.scale;
    m_middle = {std::clamp(m_middleFrom.x - by.x(), 0.0, g.width_mm),
                std::clamp(m_middleFrom.y + by.y(), 0.0, g.height_mm)};
    update();
    return;
  }
  if (m_tool == HandTool::Line) {
    m_snap.reset();
    const Point p = snapped(at, g);
    if (!m_drawn.empty() && distance(m_drawn.back(), p) >= kLeastStroke_mm / 2) m_drawn.push_back(p);
    update();
    return;
  }
  const PartAt there = m_parts->at(at);
  pointAt(there);
  if (m_sweeping) work(there);
}

void ColourView::mouseReleaseEvent(QMouseEvent*) {
  m_sweeping = m_panning = false;
  m_swept.clear();
  if (m_tool == HandTool::Line) finishLine();
}

/// A line that hardly bends is a straight one; with the key held down a hand's own line stays as it is.
void ColourView::finishLine() {
  std::vector<Point> along = std::move(m_drawn);
  m_drawn.clear();
  update();
  if (along.size() < 2 || distance(along.front(), along.back()) < kLeastStroke_mm) return;
  constexpr double kStraight = 0.03;  // of its length
  const Point a = along.front(), b = along.back();
  double most = 0;
  for (Point p : along)
    most = std::max(most, std::fabs(cross(b - a, p - a)) / std::max(1e-6, distance(a, b)));
  if (most < kStraight * distance(a, b) + 0.3) {
    along = {a, b};
  } else {
    std::vector<Point> kept{a};  // as far apart as a hand knows what it does
    for (Point p : along)
      if (distance(kept.back(), p) >= kLeastStroke_mm) kept.push_back(p);
    kept.back() = b;
    along = std::move(kept);
  }
  std::string ink = m_line.ink;
  const Plan plan = withInks(ink);
  HandLine line = m_line;
  line.ink = ink, line.along = along;
  if (line.kind == LineKind::Outline || line.kind == LineKind::Join)
    if (const PartAt there = m_parts->at(a); there.thing >= 0) line.on = plan.impressions[ix(there.thing)].id;
  m_session.edit(tr("Draw a line"), withLine(plan, line));
}

/// A guide's end or its nearest point, if one is near.
Point ColourView::snapped(Point p, const FaceGeometry& g) {
  const double near = kSnap_px / g.scale;
  double best = near;
  Point out = p;
  const auto tryPoint = [&](Point q, double handicap) {
    if (const double d = distance(p, q) + handicap; d < best) best = d, out = q, m_snap = q;
  };
  for (const HandLine& line : m_session.plan().lines)
    for (Point q : {line.along.front(), line.along.back()}) tryPoint(q, 0);
  const Plan& plan = m_session.plan();
  if (plan.view) {
    const Point level{p.x, plan.view->horizon_mm};
    tryPoint(level, near / 4);
  }
  const Analysis& analysis = *m_session.analysis();
  for (const GuideChain& guide : chained(guidesOf(plan, *analysis.depth, analysis.meetings.placed)))
    for (size_t k = 1; k < guide.points.size(); ++k) {
      const Point a = guide.points[k - 1], step = guide.points[k] - a;
      const double square = dot(step, step);
      const double t = square > 0 ? std::clamp(dot(p - a, step) / square, 0.0, 1.0) : 0;
      tryPoint(a, 0), tryPoint(guide.points[k], 0), tryPoint(a + step * t, near / 4);
    }
  return out;
}

void ColourView::wheelEvent(QWheelEvent* e) {
  const FaceGeometry g = geometryNow();
  const Point under = g.toPanel(e->position());
  const double close = std::clamp(m_close * std::pow(1.0015, e->angleDelta().y()), 1.0, kClosest);
  // What is under the pointer stays there.
  const double scale = g.scale / m_close * close;
  lookFrom(close, {under.x - (e->position().x() - width() / 2.0) / scale,
                   under.y + (e->position().y() - height() / 2.0) / scale});
  e->accept();
}

void ColourView::stepPart(int by) {
  const int thing = m_over.thing >= 0 ? m_over.thing : m_session.selectedIndex();
  const RegionsRef regions = m_parts->of(thing);
  if (!regions || regions->all().empty()) return stepThing(by > 0 ? 1 : -1);
  const int n = static_cast<int>(regions->all().size());
  pointAt({thing, m_over.part < 0 ? 0 : (m_over.part + by + n) % n});
}

void ColourView::stepThing(int by) {
  const int n = static_cast<int>(m_session.plan().impressions.size());
  if (n == 0) return;
  int thing = m_over.thing >= 0 ? m_over.thing : m_session.selectedIndex();
  thing = thing < 0 ? 0 : (thing + by + n) % n;
  m_session.select(QString::fromStdString(m_session.plan().impressions[ix(thing)].id));
  const RegionsRef regions = m_parts->of(thing);
  pointAt({thing, regions && !regions->all().empty() ? 0 : -1});
}

void ColourView::keyPressEvent(QKeyEvent* e) {
  switch (e->key()) {
    case Qt::Key_Right:
      return stepPart(1);
    case Qt::Key_Left:
      return stepPart(-1);
    case Qt::Key_Down:
      return stepThing(1);
    case Qt::Key_Up:
      return stepThing(-1);
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_Space:
      ++m_serial;
      m_swept.clear();
      return work(m_over);
    case Qt::Key_Plus:
      return lookFrom(m_close * 1.3, m_close > 1.001 ? m_middle : geometryNow().toPanel(rect().center()));
    case Qt::Key_Minus:
      return lookFrom(m_close / 1.3, m_middle);
    case Qt::Key_0:
      return lookAt(-1);
    case Qt::Key_Escape:
      if (!m_drawn.empty()) {
        m_drawn.clear();
        return update();
      }
      if (m_close > 1.001) return lookAt(-1);
      break;
    default:
      break;
  }
  QWidget::keyPressEvent(e);
}

void ColourView::paintPart(QPainter& p, const FaceGeometry& g, const PartAt& part, bool strong) const {
  const RegionsRef regions = m_parts->of(part.thing);
  if (!regions || ix(part.part) >= regions->all().size()) return;
  // In pixels of the screen, where it is looked at.
  const Placed& placed = *m_session.analysis()->meetings.placed[ix(part.thing)];
  const Grid grid(m_session.plan().card.panel.box(), g.scale * kMmPerInch);
  const Tile tile = partsTile(grid, placed, *regions, {part.part});
  if (tile.empty()) return;
  QColor green = lightTheme().green;
  QImage veil(tile.width, tile.height, QImage::Format_ARGB32_Premultiplied);
  veil.fill(Qt::transparent);
  const auto inside = [&](int x, int y) { return tile.at(x, y) > 127; };
  for (int y = 0; y < tile.height; ++y)
    for (int x = 0; x < tile.width; ++x) {
      const int gx = x + tile.x, gy = y + tile.y;
      if (!inside(gx, gy)) continue;
      const bool rim = !inside(gx - 1, gy) || !inside(gx + 1, gy) || !inside(gx, gy - 1) ||
                       !inside(gx, gy + 1) || !inside(gx - 2, gy) || !inside(gx + 2, gy) ||
                       !inside(gx, gy - 2) || !inside(gx, gy + 2);
      green.setAlpha(rim ? 235 : strong ? 60 : 0);
      if (green.alpha()) veil.setPixelColor(x, y, green);
    }
  const QRectF face = g.face();
  p.drawImage(QRectF(face.left() + tile.x * face.width() / grid.width,
                     face.top() + tile.y * face.height() / grid.height,
                     tile.width * face.width() / grid.width, tile.height * face.height() / grid.height),
              veil);
}

void ColourView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const FaceGeometry g = geometryNow();
  const QRectF face = g.face();
  p.fillRect(face.translated(0, 2).adjusted(-1, -1, 1, 1), QColor(0, 0, 0, 22));
  if (m_picture.isNull()) {
    p.fillRect(face, colourOf(m_session.plan().card.paper.colour));
  } else {
    p.drawImage(face, m_picture);
  }
  p.setPen(QPen(theme().rule, 1));
  p.setBrush(Qt::NoBrush);
  p.drawRect(face);
  const Theme onCard = lightTheme();
  if (m_over && m_tool <= HandTool::TakeUp && ix(m_over.thing) < m_session.plan().impressions.size())
    paintPart(p, g, m_over, hasFocus());
  if (!m_drawn.empty()) {
    QPainterPath path(g.toPixels(m_drawn.front()));
    for (Point q : m_drawn) path.lineTo(g.toPixels(q));
    p.setPen(QPen(onCard.card, 4));
    p.drawPath(path);
    p.setPen(QPen(onCard.green, 2));
    p.drawPath(path);
    p.setFont(labelFont(QFont::DemiBold));
    p.setPen(onCard.ink);
    p.drawText(
        g.toPixels(m_drawn.back()) + QPointF(12, -8),
        spoken(writeMeasure(Millimetres{distance(m_drawn.front(), m_drawn.back())}, m_session.units())));
  }
  if (m_snap && m_tool == HandTool::Line) {
    p.setPen(QPen(onCard.green, 2));
    p.setBrush(onCard.card);
    p.drawEllipse(g.toPixels(*m_snap), 4, 4);
  }
  if (hasFocus()) {
    p.setPen(QPen(theme().green, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
  }
}

}  // namespace havlo
