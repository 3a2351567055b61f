// Pictures come from a job; handles are small functions from plan to plan.
#include "app/ink/ink_view.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/ink/eye_pictures.h"
#include "app/theme/theme.h"
#include "core/edit/wash_edits.h"
#include "core/focus/field_ops.h"
#include "core/wash/limit_shape.h"
#include "core/wash/wash_area.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kGrab_px = 10;
constexpr double kSquint_mm = 2.6;
constexpr int kGreys = 4;

/// What does not pull fades into the paper.
QImage byPull(QImage image, const Looks& looks) {
  const Field& pull = looks.saliency.pull;
  float most = 0;
  for (float v : pull.v) most = std::max(most, v);
  if (most <= 0) return image;
  const Field wide = resized(pull, image.width(), image.height());
  for (int y = 0; y < image.height(); ++y) {
    auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
    for (int x = 0; x < image.width(); ++x) {
      const double keep = std::sqrt(std::clamp(static_cast<double>(wide.at(x, y) / most), 0.0, 1.0));
      const double fade = 0.92 * (1 - keep);
      const auto mixed = [&](int c, int to) { return qRound(c + fade * (to - c)); };
      line[x] = qRgb(mixed(qRed(line[x]), 0xEC), mixed(qGreen(line[x]), 0xED), mixed(qBlue(line[x]), 0xE8));
    }
  }
  return image;
}

Point middle(const Box& b) { return b.centre(); }

}  // namespace

InkView::InkView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_tiles(newTileStore()),
      m_job(new Job<QImage>(this)) {
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setAccessibleName(tr("The card and what is seen of it"));
  setAccessibleDescription(
      tr("Page up and down go from blend to blend, H through what can be pulled of it, arrow keys pull."));
  connect(&session, &PlanSession::planChanged, this, &InkView::refresh);
  connect(&session, &PlanSession::selectionChanged, this, qOverload<>(&QWidget::update));
  connect(&session, &PlanSession::looksChanged, this, [this] {
    if (m_mode == Pull) refresh();
    update();
  });
}

FaceGeometry InkView::geometryNow() const {
  const PanelSize& panel = m_session.plan().card.panel;
  constexpr double edge = 16;
  FaceGeometry g;
  g.scale =
      std::max(0.2, std::min((width() - 2 * edge) / panel.width_mm, (height() - 2 * edge) / panel.height_mm));
  g.width_mm = panel.width_mm, g.height_mm = panel.height_mm;
  g.origin = QPointF((width() - panel.width_mm * g.scale) / 2, (height() + panel.height_mm * g.scale) / 2);
  return g;
}

void InkView::refresh() {
  m_stale = true;
  if (!isVisible()) return;
  m_stale = false;
  const double dpi =
      dpiWithin(m_session.plan().card.panel.box(),
                std::clamp(geometryNow().scale * devicePixelRatioF() * kMmPerInch, 24.0, 400.0), 4e6);
  m_job->run(
      [plan = m_session.snapshot(), analysis = m_session.scene(), art = m_art, tiles = m_tiles, dpi,
       mode = m_mode](const Progress&) {
        const PressInput in = analysis->press(*plan, art.get());
        PressTiles pressed(in, Grid(plan->card.panel.box(), dpi), tiles);
        const Canvas card = intendedCard(in, pressed);
        if (mode == HalfClosed) return pictureOf(squinted(card, kSquint_mm));
        if (mode == Greys) return pictureOf(inValues(card, kGreys));
        if (mode == Pull && analysis->looks) return byPull(pictureOf(card), *analysis->looks);
        return withPatterns(pictureOf(card), *plan, *analysis);
      },
      [this](QImage image) {
        m_picture = std::move(image);
        update();
      },
      false);
  update();
}

void InkView::beginWork() {
  if (m_stale) refresh();
}

void InkView::setMode(Mode mode) {
  m_mode = mode;
  refresh();
}

void InkView::showLooks(bool shown) { m_looks = shown, update(); }
void InkView::showLines(bool shown) { m_lines = shown, update(); }
void InkView::setWash(const QString& wash) { m_wash = wash, update(); }
void InkView::setRoom(std::optional<Box> room) { m_room = room, update(); }
void InkView::resizeEvent(QResizeEvent*) { refresh(); }
void InkView::showEvent(QShowEvent*) {
  if (m_stale) refresh();
}

const Wash* InkView::chosen() const {
  const std::string id = m_wash.toStdString();
  for (const Wash& w : m_session.plan().washes)
    if (w.id == id) return &w;
  return nullptr;
}

/// What can be dragged of the chosen wash: its limit's own points, or its borders; and how far it reaches.
std::vector<InkView::Handle> InkView::handles(const FaceGeometry& g) const {
  std::vector<Handle> out;
  const Wash* wash = chosen();
  if (!wash) return out;
  const std::string id = wash->id;
  const Box panel = m_session.plan().card.panel.box(), b = boxOf(wash->area);
  const WashLimit* limit = wash->bound() ? m_session.plan().limit(wash->bound()->id) : nullptr;
  const auto limitHandle = [&](Point at, const QString& says, auto change) {
    out.push_back({g.toPixels(at), says,
                   [lid = wash->bound() ? wash->bound()->id : std::string(), change](
                       const Plan& plan, Point to) -> Result<Plan> {
                     WashLimit l = *plan.limit(lid);
                     change(l, to);
                     return withLimit(plan, l);
                   }});
  };
  if (limit && limit->isEdge()) {
    limitHandle({panel.left, limit->left_mm}, tr("Move the edge at the left"),
                [](WashLimit& l, Point to) { l.left_mm = to.y; });
    limitHandle({panel.right, limit->right_mm}, tr("Move the edge at the right"),
                [](WashLimit& l, Point to) { l.right_mm = to.y; });
    limitHandle({panel.centre().x, (limit->left_mm + limit->right_mm) / 2}, tr("Move the edge"),
                [](WashLimit& l, Point to) {
                  const double by = to.y - (l.left_mm + l.right_mm) / 2;
                  l.left_mm += by, l.right_mm += by;
                });
  } else if (limit && limit->kind == LimitKind::Rays) {
    limitHandle(limit->at, tr("Move where the rays come from"), [](WashLimit& l, Point to) { l.at = to; });
  } else if (limit) {
    const Box o = limit->opening;
    limitHandle(middle(o), tr("Move the opening"), [](WashLimit& l, Point to) {
      const Point c = l.opening.centre();
      l.opening = {l.opening.left + to.x - c.x, l.opening.bottom + to.y - c.y, l.opening.right + to.x - c.x,
                   l.opening.top + to.y - c.y};
    });
    if (limit->kind != LimitKind::Stencil)
      limitHandle({o.right, o.centre().y}, tr("Size the opening"), [](WashLimit& l, Point to) {
        const Point c = l.opening.centre();
        const double r = std::max(1.0, to.x - c.x);
        l.opening.left = c.x - r, l.opening.right = c.x + r;
        if (l.kind == LimitKind::Circle) l.opening.bottom = c.y - r, l.opening.top = c.y + r;
      });
    if (limit->kind != LimitKind::Circle && limit->kind != LimitKind::Stencil)
      limitHandle({o.centre().x, o.top}, tr("Size the opening"), [](WashLimit& l, Point to) {
        const Point c = l.opening.centre();
        const double r = std::max(1.0, to.y - c.y);
        l.opening.bottom = c.y - r, l.opening.top = c.y + r;
      });
  } else {
    const auto border = [&](Point at, WashBorder which) {
      const bool across = which == WashBorder::Left || which == WashBorder::Right;
      out.push_back({g.toPixels(at), tr("Drag the border of %1").arg(washName(*wash)),
                     [id, which, across](const Plan& plan, Point to) {
                       return withWashBorder(plan, id, which, across ? to.x : to.y);
                     },
                     false,
                     which == WashBorder::Left     ? QPointF(-1, 0)
                     : which == WashBorder::Right  ? QPointF(1, 0)
                     : which == WashBorder::Bottom ? QPointF(0, 1)
                                                   : QPointF(0, -1)});
    };
    border({b.left, b.centre().y}, WashBorder::Left);
    border({b.right, b.centre().y}, WashBorder::Right);
    border({b.centre().x, b.bottom}, WashBorder::Bottom);
    border({b.centre().x, b.top}, WashBorder::Top);
  }
  // How far it reaches, where that is a line.
  const auto reach = [&](Point at, auto shareOf) {
    out.push_back({g.toPixels(at), tr("How far %1 reaches").arg(washName(*wash)),
                   [id, shareOf](const Plan& plan, Point to) {
                     return withWashReach(plan, id,
                                          std::clamp(std::round(shareOf(to) * 100) / 100, 0.0, 1.0));
                   },
                   true});
  };
  const double x = b.left + 0.75 * b.width(), y = b.bottom + 0.75 * b.height();
  if (wash->from == WashFrom::Top)
    reach({x, b.top - wash->reach * b.height()}, [b](Point to) { return (b.top - to.y) / b.height(); });
  if (wash->from == WashFrom::Bottom)
    reach({x, b.bottom + wash->reach * b.height()}, [b](Point to) { return (to.y - b.bottom) / b.height(); });
  if (wash->from == WashFrom::Left)
    reach({b.left + wash->reach * b.width(), y}, [b](Point to) { return (to.x - b.left) / b.width(); });
  if (wash->from == WashFrom::Right)
    reach({b.right - wash->reach * b.width(), y}, [b](Point to) { return (b.right - to.x) / b.width(); });
  if (wash->from == WashFrom::Centre)
    reach({b.centre().x + wash->reach * b.width() / 2, b.centre().y},
          [b](Point to) { return 2 * std::fabs(to.x - b.centre().x) / b.width(); });
  if (wash->from == WashFrom::Edges)
    reach({b.left + wash->reach * b.width() / 2, y},
          [b](Point to) { return 2 * (to.x - b.left) / b.width(); });
  if (wash->from == WashFrom::Middle)
    reach({x, b.centre().y + wash->reach * b.height() / 2},
          [b](Point to) { return 2 * std::fabs(to.y - b.centre().y) / b.height(); });
  if (wash->from == WashFrom::Limit && limit && limit->isEdge()) {
    const double span = spanOf(*wash, *limit, panel.width()), edge = edgeHeight(*limit, panel.width(), x);
    const double way = wash->bound() && wash->bound()->side == LimitSide::Above ? 1 : -1;
    reach({x, edge + way * wash->reach * span},
          [span, edge, way](Point to) { return way * (to.y - edge) / span; });
  }
  return out;
}

void InkView::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  const FaceGeometry g = geometryNow();
  // The last drawn lies on top.
  const auto all = handles(g);
  for (auto it = all.rbegin(); it != all.rend(); ++it)
    if (std::hypot(it->at.x() - e->position().x(), it->at.y() - e->position().y()) <= kGrab_px) {
      m_drag = *it;
      m_dragStart = m_session.plan();
      ++m_dragSerial;
      return;
    }
  const Point at = g.toPanel(e->position());
  if (const auto& looks = m_session.scene()->looks; looks && looks->fits(m_session.plan()))
    if (const int thing = looks->ownerAt(at); thing >= 0) {
      m_session.select(QString::fromStdString(m_session.plan().impressions[ix(thing)].id));
      Q_EMIT thingClicked(thing);
      return;
    }
  // The last blended wash that lies there.
  const auto& reached = m_session.scene()->washes.reached;
  const auto order = washOrder(m_session.plan());
  for (auto it = order.rbegin(); it != order.rend(); ++it)
    if (covers(reached[ix(*it)], at)) {
      Q_EMIT washClicked(QString::fromStdString(m_session.plan().washes[ix(*it)].id));
      return;
    }
}

void InkView::mouseMoveEvent(QMouseEvent* e) {
  const FaceGeometry g = geometryNow();
  if (m_drag) {
    m_session.edit(m_drag->says, m_drag->drag(m_dragStart, g.toPanel(e->position())),
                   QStringLiteral("wash-%1").arg(m_dragSerial));
    return;
  }
  QString says;
  for (const Handle& h : handles(g))
    if (std::hypot(h.at.x() - e->position().x(), h.at.y() - e->position().y()) <= kGrab_px) says = h.says;
  setToolTip(says);
  setCursor(says.isEmpty() ? Qt::ArrowCursor : Qt::OpenHandCursor);
}

void InkView::mouseReleaseEvent(QMouseEvent*) { m_drag.reset(); }

/// A tab of paper that one pulls at, a drop for how far colour reaches, a ring for what lies free.
void InkView::paintHandle(QPainter& p, const Handle& h, bool strong) const {
  const Theme onCard = lightTheme();
  p.save();
  p.translate(h.at);
  p.setPen(QPen(onCard.green, strong ? 2.6 : 1.4));
  p.setBrush(strong ? onCard.green : onCard.card);
  if (h.round) {
    QPainterPath drop;
    drop.moveTo(0, -9);
    drop.cubicTo(3, -4, 7, -1, 7, 3);
    drop.arcTo(QRectF(-7, -4, 14, 14), 0, -180);
    drop.cubicTo(-7, -1, -3, -4, 0, -9);
    p.drawPath(drop);
  } else if (h.way.isNull()) {
    p.drawEllipse(QPointF(), 6.5, 6.5);
    p.drawPoint(QPointF());
  } else {
    p.rotate(std::atan2(h.way.y(), h.way.x()) * 180 / 3.14159265358979323846);
    QPainterPath tab;
    tab.moveTo(0, -11);
    tab.lineTo(5, -11);
    tab.quadTo(11, -11, 11, -5);
    tab.lineTo(11, 5);
    tab.quadTo(11, 11, 5, 11);
    tab.lineTo(0, 11);
    tab.closeSubpath();
    p.drawPath(tab);
    p.setPen(QPen(strong ? onCard.card : onCard.green, 1.2));
    for (const double y : {-4.0, 0.0, 4.0}) p.drawLine(QPointF(3, y), QPointF(8, y));
  }
  p.restore();
}

/// The tool's edge: a line where it may go, and dabs of it where the colour ends.
void InkView::paintWash(QPainter& p, const FaceGeometry& g) const {
  const Wash* wash = chosen();
  if (!wash) return;
  const Theme onCard = lightTheme();
  p.save();
  p.setClipRect(g.face().adjusted(-1, -1, 1, 1));
  p.setBrush(Qt::NoBrush);
  const QPainterPath area = g.transform().map(pathOf(wash->area));
  p.setPen(QPen(onCard.card, 3.4));
  p.drawPath(area);
  p.setPen(QPen(onCard.green, 1.6));
  p.drawPath(area);
  constexpr double kDab_px = 9;
  for (size_t w = 0; w < m_session.plan().washes.size(); ++w) {
    if (&m_session.plan().washes[w] != wash) continue;
    const QPainterPath reached = g.transform().map(pathOf(m_session.scene()->washes.reached[w]));
    QColor dab = onCard.green;
    dab.setAlpha(150);
    p.setPen(Qt::NoPen);
    p.setBrush(dab);
    for (const QPolygonF& ring : reached.toSubpathPolygons()) {
      double left = 0;
      for (qsizetype k = 1; k < ring.size(); ++k) {
        const QLineF side(ring[k - 1], ring[k]);
        for (; left < side.length(); left += kDab_px)
          p.drawEllipse(side.pointAt(left / side.length()), 1.7, 1.7);
        left -= side.length();
      }
    }
  }
  p.restore();
  const std::vector<Handle> all = handles(g);
  for (size_t k = 0; k < all.size(); ++k)
    paintHandle(p, all[k], hasFocus() && static_cast<int>(k) == m_handle);
}

std::vector<ViewItem> InkView::items() const {
  std::vector<ViewItem> out;
  const FaceGeometry g = geometryNow();
  const Plan& plan = m_session.plan();
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const Box box = boxOf(plan.washes[w].area);
    out.push_back(
        {capital(washName(plan, static_cast<int>(w))), tr("a blend"),
         QRectF(g.toPixels({box.left, box.top}), g.toPixels({box.right, box.bottom})).toAlignedRect(),
         QString::fromStdString(plan.washes[w].id) == m_wash});
  }
  const std::vector<Handle> all = handles(g);
  for (size_t k = 0; k < all.size(); ++k)
    out.push_back({all[k].says, tr("arrow keys move it"),
                   QRectF(all[k].at - QPointF(8, 8), QSizeF(16, 16)).toAlignedRect(),
                   static_cast<int>(k) == m_handle});
  return out;
}

void InkView::takeItem(int item) {
  const int washes = static_cast<int>(m_session.plan().washes.size());
  setFocus();
  if (item >= 0 && item < washes) {
    Q_EMIT washClicked(QString::fromStdString(m_session.plan().washes[ix(item)].id));
  } else {
    m_handle = item - washes;
    update();
  }
}

/// Page keys go from blend to blend, H through what can be pulled of it, arrow keys pull.
void InkView::keyPressEvent(QKeyEvent* e) {
  const Plan& plan = m_session.plan();
  const int washes = static_cast<int>(plan.washes.size());
  const FaceGeometry g = geometryNow();
  const std::vector<Handle> all = handles(g);
  const bool down = e->key() == Qt::Key_PageDown, up = e->key() == Qt::Key_PageUp;
  if ((down || up) && washes > 0) {
    int now = -1;
    for (int w = 0; w < washes; ++w)
      if (QString::fromStdString(plan.washes[ix(w)].id) == m_wash) now = w;
    const int next = now < 0 ? 0 : (now + (down ? 1 : washes - 1)) % washes;
    m_handle = -1;
    Q_EMIT washClicked(QString::fromStdString(plan.washes[ix(next)].id));
    return itemFocused(this, next);
  }
  if (e->key() == Qt::Key_H && !all.empty()) {
    m_handle = m_handle + 1 < static_cast<int>(all.size()) ? m_handle + 1 : 0;
    itemFocused(this, washes + m_handle);
    return update();
  }
  const double mm = m_session.units() == MeasureStyle::Inches
                        ? kMmPerInch / (e->modifiers() & Qt::ShiftModifier ? 64 : 16)
                    : e->modifiers() & Qt::ShiftModifier ? 0.1
                                                         : 1.0;
  const QPointF by = e->key() == Qt::Key_Left    ? QPointF(-mm, 0)
                     : e->key() == Qt::Key_Right ? QPointF(mm, 0)
                     : e->key() == Qt::Key_Up    ? QPointF(0, -mm)
                     : e->key() == Qt::Key_Down  ? QPointF(0, mm)
                                                 : QPointF();
  if (by.isNull() || m_handle < 0 || m_handle >= static_cast<int>(all.size()))
    return QWidget::keyPressEvent(e);
  const Handle& h = all[ix(m_handle)];
  m_session.edit(h.says, h.drag(plan, g.toPanel(h.at + by * g.scale)),
                 QStringLiteral("wash-keys-%1").arg(m_handle));
}

/// The card in the dark, and a lamp held where the eye rests: brightest where it rests first.
void InkView::paintLooks(QPainter& p, const FaceGeometry& g) const {
  const auto& looks = m_session.scene()->looks;
  if (!looks || looks->path.empty()) return;
  constexpr int kNight = 165,
                kFainter = 40;  // of 255: the dark, and how much less light every later look has
  const QRectF face = g.face();
  const double ratio = devicePixelRatioF(), reach = 0.11 * std::max(face.width(), face.height());
  QImage night((face.size() * ratio).toSize(), QImage::Format_ARGB32_Premultiplied);
  night.setDevicePixelRatio(ratio);
  QColor dark = lightTheme().ink;
  dark.setAlpha(kNight);
  night.fill(dark);
  QPainter lamp(&night);
  lamp.setCompositionMode(QPainter::CompositionMode_DestinationOut);
  lamp.setPen(Qt::NoPen);
  for (size_t k = 0; k < looks->path.size(); ++k) {
    const QPointF at = g.toPixels(looks->path[k].at) - face.topLeft();
    const double r = reach * (0.75 + 0.5 * looks->path[k].pull);
    QRadialGradient light(at, r);
    const int bright = 255 - kFainter * static_cast<int>(k);
    light.setColorAt(0, QColor(0, 0, 0, bright));
    light.setColorAt(0.55, QColor(0, 0, 0, bright));
    light.setColorAt(1, QColor(0, 0, 0, 0));
    lamp.setBrush(light);
    lamp.drawEllipse(at, r, r);
  }
  lamp.end();
  p.drawImage(face.topLeft(), night);
  // What comes first is said beside it, on a slip of paper.
  const QString words[] = {tr("first"), tr("then"), tr("third"), tr("fourth"), tr("last")};
  for (size_t k = looks->path.size(); k-- > 0;) {
    const Look& look = looks->path[k];
    const bool hero = look.thing >= 0 && look.thing == looks->hero;
    const QString& word = words[std::min<size_t>(k, 4)];
    p.setFont(sizedFont(k == 0 ? 14 : 12, QFont::DemiBold));
    QSizeF size = p.fontMetrics().size(0, word);
    size += QSizeF(12, 4);
    // Under its lamp, over it or beside it: where it stays clear of the others.
    const QPointF lampAt = g.toPixels(look.at);
    QRectF slip;
    double clearest = -1;
    for (const QPointF way : {QPointF(0, 1), QPointF(0, -1), QPointF(-1.3, 0), QPointF(1.3, 0)}) {
      const QPointF middle = lampAt + way * reach * 0.7;
      if (!face.adjusted(12, 10, -12, -10).contains(middle)) continue;
      double clear = 1e9;
      for (const Look& other : looks->path)
        if (&other != &look) {
          const QPointF away = g.toPixels(other.at) - middle;
          clear = std::min(clear, std::hypot(away.x(), away.y()));
        }
      clear = std::min(clear, 1.6 * reach);  // clear enough is clear: then the first way that is
      if (clear > clearest + 1)
        clearest = clear, slip = QRectF(middle - QPointF(size.width(), size.height()) / 2, size);
    }
    if (clearest < 0) slip = QRectF(lampAt, size);
    slip.moveLeft(std::clamp(slip.left(), face.left() + 2, face.right() - size.width() - 2));
    slip.moveBottom(std::min(slip.bottom(), face.bottom() - 2));
    p.setPen(Qt::NoPen);
    p.setBrush(hero ? lightTheme().green : lightTheme().card);
    p.drawRect(slip);
    p.setPen(hero ? lightTheme().card : lightTheme().ink);
    p.drawText(slip, Qt::AlignCenter, word);
  }
}

void InkView::paintLines(QPainter& p, const FaceGeometry& g) const {
  const auto& looks = m_session.scene()->looks;
  if (!looks) return;
  const Theme onCard = lightTheme();
  p.save();
  p.setClipRect(g.face());
  for (const EyeLine& line : looks->lines) {
    const QPointF from = g.toPixels(line.from), to = g.toPixels(line.to);
    p.setPen(QPen(onCard.card, 4));
    p.drawLine(from, to);
    p.setPen(QPen(line.leads ? onCard.green : onCard.ochre, 1.8, line.leads ? Qt::SolidLine : Qt::DashLine));
    p.drawLine(from, to);
    const double a = std::atan2(to.y() - from.y(), to.x() - from.x());
    for (double s : {-0.45, 0.45})
      p.drawLine(to, QPointF(to.x() - 11 * std::cos(a + s), to.y() - 11 * std::sin(a + s)));
  }
  // Thirds, and where the weight lies.
  p.setPen(QPen(QColor(onCard.soft.red(), onCard.soft.green(), onCard.soft.blue(), 150), 1, Qt::DotLine));
  for (double share : {1 / 3.0, 2 / 3.0}) {
    p.drawLine(g.toPixels({share * g.width_mm, 0}), g.toPixels({share * g.width_mm, g.height_mm}));
    p.drawLine(g.toPixels({0, share * g.height_mm}), g.toPixels({g.width_mm, share * g.height_mm}));
  }
  p.restore();
  const QPointF weight = g.toPixels({looks->weight.x, 0});
  QPolygonF wedge{weight + QPointF(0, 2), weight + QPointF(-7, 13), weight + QPointF(7, 13)};
  p.setPen(Qt::NoPen);
  p.setBrush(theme().ink);
  p.drawPolygon(wedge);
}

void InkView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const FaceGeometry g = geometryNow();
  const QRectF face = g.face();
  p.fillRect(face.translated(0, 2).adjusted(-1, -1, 1, 1), QColor(0, 0, 0, 22));
  if (m_picture.isNull()) {
    const Colour c = m_session.plan().card.paper.colour;
    p.fillRect(face, colourOf(c));
  } else {
    p.drawImage(face, m_picture);
  }
  p.setPen(QPen(theme().rule, 1));
  p.setBrush(Qt::NoBrush);
  p.drawRect(face);
  const bool fresh = m_session.scene()->meetings.placed.size() == m_session.plan().impressions.size();
  if (fresh && m_mode == Distances) paintDistances(p, g, m_session.plan(), *m_session.scene());
  if (fresh && m_mode == EyeLevel) paintEyeLevel(p, g, m_session.plan(), *m_session.scene());
  if (fresh && m_mode == Light) paintLight(p, g, m_session.plan(), *m_session.scene());
  if (m_lines) paintLines(p, g);
  paintWash(p, g);
  if (m_room) {
    const Theme onCard = lightTheme();
    const QRectF room(g.toPixels({m_room->left, m_room->top}), g.toPixels({m_room->right, m_room->bottom}));
    // A slip of paper laid there.
    QColor slip = onCard.card;
    slip.setAlpha(110);
    p.setBrush(slip);
    p.setPen(QPen(onCard.green, 1.6));
    p.drawRoundedRect(room, 3, 3);
  }
  if (m_looks && m_mode < Distances) paintLooks(p, g);  // one picture at a time
  if (hasFocus() && m_handle < 0) {
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme().green, 1, Qt::DashLine));
    p.drawRect(face.adjusted(-4, -4, 4, 4));
  }
}

}  // namespace havlo
